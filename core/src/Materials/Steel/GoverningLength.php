<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\Resistance;

/**
 * The length between restraints that lateral-torsional buckling strains the most.
 *
 * @template R of Resistance
 */
final readonly class GoverningLength
{
    /**
     * @param  R  $resistance
     * @param  float  $alpha  critical factor of the case; INF: more than makes a difference
     * @param  list<array{float, float, float, float}>  $ranges  of each length: from, to (mm), capacity (Nmm), ratio
     */
    public function __construct(
        public BucklingCase $case,
        public Resistance $resistance,
        public BucklingShapes $shapes,
        public float $alpha,
        public float $ratio,
        public array $ranges,
    ) {
    }

    /**
     * How the flanges move when it buckles.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return list<array{float, float, float}> as ThinWalledBeam::flanges()
     */
    public function flanges(float $weight): array
    {
        return $this->shapes->flanges($this->case, $weight, $this->resistance->upTo($this->case));
    }
}
