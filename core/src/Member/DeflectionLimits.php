<?php

declare(strict_types=1);

namespace Waage\Member;

/** How far members of a job deflect at most. */
final readonly class DeflectionLimits
{
    /**
     * @param  float  $total  a span deflects by its length over this at most
     * @param  float  $variable  the same under variable actions alone
     * @param  float  $sway  the top of a cantilever post sways by its height over this at most
     * @param  float  $frequency  lowest natural frequency that is accepted, Hz; 0: none is asked for
     */
    public function __construct(
        public float $total,
        public float $variable,
        public float $sway = 300.0,
        public float $frequency = 0.0,
    ) {
    }
}
