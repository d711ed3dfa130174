<?php

declare(strict_types=1);

namespace Waage\Member;

/** What the standard that makes combinations leaves to nations, and to the job. */
final readonly class ActionFactors
{
    /**
     * @param  array<string, array{float, float, float}>  $psi  ψ0, ψ1, ψ2 by category
     * @param  int  $psiAccidental  which ψ the leading variable action takes in an accidental situation: 1 or 2
     * @param  int  $psiFire  the same in fire
     * @param  float  $SDS  S_DS of ASCE 7: the vertical part of an earthquake is 0.2 S_DS times the permanent load
     */
    public function __construct(
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
        public float $SDS = 0.0,
    ) {
    }
}
