<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\UnitSystem;

/** What a job has settled for all its members: rules, national parameters, units and deflection limits. */
final readonly class Basis
{
    /**
     * @param  string  $combinations  one of BasisReader::COMBINATIONS
     * @param  array<string, BuildUp>  $buildUps  by name
     * @param  array<string, array<string, float>>  $parameters  those of materials, by id and key
     */
    public function __construct(
        public UnitSystem $units,
        public string $combinations,
        public ActionFactors $actions,
        public SteelFactors $steel,
        public DeflectionLimits $limits,
        public array $buildUps = [],
        public array $parameters = [],
    ) {
    }
}
