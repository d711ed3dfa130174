<?php

declare(strict_types=1);

namespace Waage\Member;

/** What EN 1993 leaves to nations and engineers. */
final readonly class SteelFactors
{
    public function __construct(
        public float $gammaM0,
        public float $gammaM1,
        public float $eta,
        public bool $rolledCurves,
        public float $lambdaLT0,
        public float $beta,
        public bool $modifyChi,
        public bool $kcByC1,
        public bool $closedForms,
        public bool $annexA,
    ) {
    }
}
