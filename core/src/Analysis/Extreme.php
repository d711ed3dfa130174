<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/** The greatest or smallest value of an effect: how much, where, under which combination. */
final readonly class Extreme
{
    /** @param  float  $t distance from the left end of the segment, mm */
    public function __construct(
        public float $value,
        public float $x,
        public int $segment,
        public float $t,
        public Combination $combination,
    ) {
    }
}
