<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Place;
use Waage\Loading\Combination;

/**
 * What presses and pulls a member under one combination, and how it may buckle. Forces in N, moments in Nmm, lengths
 * in mm.
 */
final readonly class Column
{
    /**
     * @param  float  $compression  greatest one; 0: none
     * @param  float  $tension  greatest one; 0: none
     * @param  float  $alphaCr  factor on the loads at which the member buckles in the plane of bending; INF: far
     *     off, or its length is given
     * @param  array{float|null, float, float}  $L  buckling lengths about the strong axis, where it is given, about
     *     the weak one and of twisting; 0: continuously restrained
     * @param  EndMoments  $moments  of the moment diagrams
     * @param  bool  $isExact  stands the buckling length about the weak axis for the force at which the member
     *     buckles laterally in truth
     * @param  Place  $at  of the greatest axial force
     */
    public function __construct(
        public Combination $combination,
        public float $compression,
        public float $tension,
        public float $alphaCr,
        public array $L,
        public EndMoments $moments,
        public Place $at,
        public bool $isExact = false,
    ) {
    }
}
