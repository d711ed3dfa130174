<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Checks\Derivation;

/**
 * Nominal strength in lateral-torsional buckling, from the unbraced length, or from the moment at which it buckles
 * elastically. Moments in Nmm, lengths in mm.
 */
abstract readonly class LateralStrength
{
    /** M_n without lateral-torsional buckling. */
    public float $local;

    protected function __construct(public Profile $profile)
    {
        $this->local = $profile->moment();
    }

    /** The moment at which an unbraced length buckles elastically. */
    abstract public function critical(float $L, float $Cb): float;

    /** Above this elastic critical moment lateral-torsional buckling takes nothing away. */
    abstract public function harmless(): float;

    /** The unbraced length that buckles elastically at a moment. */
    abstract public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float;

    /** M_n of an unbraced length, not more than local buckling allows. */
    abstract public function nominal(float $L, float $Cb, ?Derivation $d = null): float;

    /** Is it by L_b and C_b only: the standard leaves out some of what the eigenvalue counts? */
    public function needsBraces(): bool
    {
        return false;
    }

    /** What stands on the sheet before that which uses it. */
    public function deriveRadius(Derivation $d): void
    {
    }
}
