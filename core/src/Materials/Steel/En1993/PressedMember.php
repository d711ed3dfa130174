<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Materials\Steel\Sections\Section;

/**
 * A member of a doubly symmetric section that is pressed and bent: what Annexes A and B of EN 1993-1-1 need. Forces
 * in N, moments in Nmm.
 */
final readonly class PressedMember
{
    /**
     * @param  int  $class  with the compression
     * @param  float  $A  area that counts, mm²
     * @param  array{float, float}  $L  lengths of buckling about z-z and of twisting, mm; 0: continuously restrained
     * @param  float  $M  greatest moment about y-y
     * @param  float  $uLT  utilisation in lateral-torsional buckling
     * @param  float  $uz  utilisation in bending about z-z; 0: nothing bends it so
     * @param  Section  $weakest  what it is sideways
     * @param  bool  $twists  can the section buckle in lateral torsion?
     */
    public function __construct(
        public SteelSection $steel,
        public int $class,
        public float $A,
        public float $N,
        public AxisBuckling $y,
        public AxisBuckling $z,
        public array $L,
        public float $M,
        public float $uLT,
        public float $uz,
        public Section $weakest,
        public bool $twists,
        public EquivalentMoments $shape,
    ) {
    }

    public function isPlastic(): bool
    {
        return $this->class <= 2;
    }
}
