<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** Pairs of stiffeners on the web between the supports, and end posts of two such pairs. mm. */
final readonly class WebStiffeners
{
    /**
     * @param  float  $spacing  between them at most
     * @param  float  $width  of each plate
     * @param  float  $thickness  of each plate
     * @param  float  $endPost  distance of the two pairs of an end post; 0: one pair only
     */
    public function __construct(
        public float $spacing,
        public float $width,
        public float $thickness,
        public float $endPost = 0.0,
    ) {
    }
}
