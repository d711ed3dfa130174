<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * Where something presses on a web: a support, or a force between supports; place, length of bearing, the clear
 * distance to the nearer end of the member, and to what presses the other flange (INF: nothing near); mm.
 */
final readonly class Bearing
{
    public function __construct(
        public float $x,
        public float $length,
        public float $toEnd,
        public float $toOther = INF,
    ) {
    }
}
