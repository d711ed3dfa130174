<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;

/**
 * Nominal strength in lateral-torsional buckling, from the unbraced length, or from the moment at which it buckles
 * elastically. Moments in Nmm, lengths in mm.
 */
abstract readonly class LateralStrength
{
    /** M_n without lateral-torsional buckling. */
    public float $local;

    /**
     * @param  float  $plateau  strength of lengths up to L_p, without local buckling
     * @param  float  $residual  strength at L_r under uniform moment, from which on it is that of elastic buckling
     */
    protected function __construct(
        public Profile $profile,
        protected float $plateau,
        private float $residual,
        protected float $Lp,
        protected float $Lr,
    ) {
        $this->local = $profile->moment();
    }

    /** The moment at which an unbraced length buckles elastically. */
    abstract public function critical(float $L, float $Cb): float;

    /** Above this elastic critical moment lateral-torsional buckling takes nothing away. */
    public function harmless(): float
    {
        return $this->critical($this->Lp, 1.0);
    }

    /** The unbraced length that buckles elastically at a moment. */
    abstract public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float;

    /** M_n of an unbraced length, not more than local buckling allows. */
    public function nominal(float $L, float $Cb, ?Derivation $d = null): float
    {
        $Mn = match (true) {
            $L <= $this->Lp => $this->plateau,
            $L <= $this->Lr => min(
                $this->plateau,
                $Cb *
                    ($this->plateau -
                        (($this->plateau - $this->residual) * ($L - $this->Lp)) / ($this->Lr - $this->Lp)),
            ),
            default => min($this->plateau, $this->critical($L, $Cb)),
        };
        if ($d !== null) {
            $this->derive($d, $L, $Cb, $Mn);
        }

        return min($Mn, $this->local);
    }

    /** How an unbraced length comes to M_n, which without local buckling is $Mn. */
    abstract protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void;

    /** Is it by L_b and C_b only: the standard leaves out some of what the eigenvalue counts? */
    public function needsBraces(): bool
    {
        return false;
    }

    /** Does C_b count? */
    public function usesMomentFactor(): bool
    {
        return true;
    }

    /** What stands on the sheet before that which uses it. */
    public function deriveRadius(Derivation $d): void
    {
    }
}
