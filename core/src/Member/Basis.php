<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\UnitSystem;

/** What a job has settled for all its members: rules, national parameters, units and deflection limits. */
final readonly class Basis
{
    /**
     * @param  array<string, array{float, float, float}>  $psi  ψ0, ψ1, ψ2 by category
     */
    public function __construct(
        public UnitSystem $units,
        public bool $useExpressions610ab,
        public float $gammaGsup,
        public float $gammaGinf,
        public float $gammaQ,
        public float $gammaGset,
        public float $xi,
        public float $KFI,
        public array $psi,
        public float $gammaM0,
        public float $gammaM1,
        public float $eta,
        public bool $rolledCurves,
        public float $lambdaLT0,
        public float $beta,
        public bool $modifyChi,
        public float $limitTotal,
        public float $limitVariable,
    ) {
    }

    /** The recommended values of EN 1990, EN 1993-1-1 and EN 1993-1-5; deflection limits after common practice. */
    public static function recommended(): self
    {
        return BasisReader::read([]);
    }
}
