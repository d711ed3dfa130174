<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/**
 * A shear force along the depth of more than half of its resistance, the greatest of any combination (EN
 * 1993-1-1:2005, 6.2.8, 6.2.10).
 */
final readonly class HighShear
{
    /**
     * @param  float  $V  N
     * @param  float  $Vpl  its resistance, N
     * @param  float  $bending  greatest utilisation in bending with shear (6.2.8)
     */
    public function __construct(public float $V, public float $Vpl, public float $bending)
    {
    }

    /** What the shear area loses of its strength, 0 … 1. */
    public function rho(): float
    {
        return min(1.0, ((2 * $this->V) / $this->Vpl - 1) ** 2);
    }
}
