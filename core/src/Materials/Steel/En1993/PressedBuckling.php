<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Materials\Steel\Sections\Section;

/** How a pressed member buckles: about either axis by itself, and sideways with a twist. */
final readonly class PressedBuckling
{
    /**
     * @param  Section  $weakest  what it is sideways
     * @param  float  $Lz  length of buckling about z-z, mm; 0: continuously restrained
     * @param  float  $LT  length of twisting, likewise
     * @param  bool  $twists  can the section buckle in lateral torsion?
     */
    public function __construct(
        public AxisBuckling $y,
        public AxisBuckling $z,
        public Section $weakest,
        public float $Lz,
        public float $LT,
        public bool $twists,
    ) {
    }
}
