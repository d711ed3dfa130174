<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;

/** Where a force is greatest, and by which loads. */
final readonly class Place
{
    /**
     * @param  float  $x  mm
     * @param  string  $combination  its id
     * @param  string  $arrangement  in words
     * @param  array<int, float>  $factors  of the load sets
     */
    public function __construct(
        public float $x,
        public string $combination,
        public string $arrangement = '',
        public array $factors = [],
    ) {
    }

    /**
     * Of an extreme of a beam.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public static function of(
        LoadedBeam $beam,
        Effect $effect,
        Extreme $e,
        float $weight,
        ?Combination $of = null,
    ): self {
        $combination = $of ?? $e->combination;
        $factors = $beam->worst($combination, $weight, $effect, $e->value >= 0 ? 1 : -1, $e->segment, $e->t);

        return new self($e->x, $combination->id, $beam->arrangementText($factors), $factors);
    }
}
