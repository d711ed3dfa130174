<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;

/** The weaker of two in lateral-torsional buckling, by L_b and C_b. Moments in Nmm, lengths in mm. */
final readonly class WeakerLateralStrength extends LateralStrength
{
    public function __construct(Profile $profile, private LateralStrength $a, private LateralStrength $b)
    {
        parent::__construct($profile, min($a->local, $b->local), 0.0, 0.0, 0.0);
    }

    public function critical(float $L, float $Cb): float
    {
        return min($this->a->critical($L, $Cb), $this->b->critical($L, $Cb));
    }

    public function harmless(): float
    {
        return max($this->a->harmless(), $this->b->harmless());
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        throw new \LogicException('Both are weighed by their unbraced lengths.');
    }

    public function nominal(float $L, float $Cb, ?Derivation $d = null): float
    {
        return ($this->a->nominal($L, $Cb) <= $this->b->nominal($L, $Cb) ? $this->a : $this->b)->nominal($L, $Cb, $d);
    }

    public function needsBraces(): bool
    {
        return true;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
    }
}
