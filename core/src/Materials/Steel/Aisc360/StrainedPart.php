<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

/** The section of a held length that lateral-torsional buckling strains the most. */
final readonly class StrainedPart
{
    /**
     * @param  float  $ratio  its utilisation
     * @param  float  $M  its greatest moment, Nmm
     * @param  float  $x  place of it, mm
     * @param  int  $sign  of it
     */
    public function __construct(
        public LateralStrength $strength,
        public float $ratio,
        public float $M,
        public float $x,
        public int $sign,
    ) {
    }
}
