<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** What bends a pressed member. */
final readonly class PressedBending
{
    /**
     * @param  float  $M  greatest moment about y-y, Nmm
     * @param  float  $uLT  utilisation in lateral-torsional buckling
     * @param  float  $uz  utilisation in bending about z-z; 0: nothing bends it so
     */
    public function __construct(
        public float $M,
        public float $uLT,
        public float $uz,
        public EquivalentMoments $shape,
    ) {
    }
}
