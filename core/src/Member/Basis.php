<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\UnitSystem;

/** What a job has settled for all its members: rules, national parameters, units and deflection limits. */
final readonly class Basis
{
    /**
     * @param  string  $combinations  one of BasisReader::COMBINATIONS
     * @param  array<string, array{float, float, float}>  $psi  ψ0, ψ1, ψ2 by category
     * @param  int  $psiAccidental  which ψ the leading variable action takes in an accidental situation: 1 or 2
     * @param  int  $psiFire  the same in fire
     * @param  array<string, BuildUp>  $buildUps  by name
     * @param  float  $limitFrequency  lowest natural frequency that is accepted, Hz; 0: none is asked for
     * @param  float  $limitSway  the top of a cantilever post sways by its height over this at most
     * @param  array<string, array<string, float>>  $parameters  those of materials, by id and key
     * @param  float  $SDS  S_DS of ASCE 7: the vertical part of an earthquake is 0.2 S_DS times the permanent load
     */
    public function __construct(
        public UnitSystem $units,
        public string $combinations,
        public float $gammaGsup,
        public float $gammaGinf,
        public float $gammaQ,
        public float $gammaGset,
        public float $gammaGsupEqu,
        public float $gammaGinfEqu,
        public int $psiAccidental,
        public int $psiFire,
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
        public bool $kcByC1,
        public bool $closedForms,
        public bool $annexA,
        public float $limitTotal,
        public float $limitVariable,
        public array $buildUps = [],
        public float $limitFrequency = 0.0,
        public float $limitSway = 300.0,
        public float $SDS = 0.0,
        public array $parameters = [],
    ) {
    }
}
