<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** What is asked of a member beside strength and the deflections of the job. */
final readonly class Asked
{
    /**
     * @param  float  $mostDeflection  limit of the final deflection beside the one by the span, mm; 0: none
     * @param  bool  $byDepthToBreadth  lateral buckling is left to the rules of the depth to the breadth (NDS 4.4.1)
     * @param  bool  $criticalOfMember  the eigenvalue of the member stands in place of the formulas (EN, 6.3.3)
     */
    public function __construct(
        public ?FireExposure $fire = null,
        public ?Floor $floor = null,
        public float $mostDeflection = 0.0,
        public bool $byDepthToBreadth = false,
        public bool $criticalOfMember = false,
    ) {
    }
}
