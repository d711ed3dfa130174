<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/**
 * What some combinations do not exceed on the parts of an envelope between two places: it does not depend on the
 * section.
 */
final class EnvelopeReach
{
    /** @var list<float> of each combination the greatest upper bound, without self-weight */
    public readonly array $highest;

    /** @var array{int, int}|null combination and part that were the greatest for the section before */
    public ?array $last = null;

    /**
     * @param  list<int>  $parts  between the places
     * @param  list<list<float>>  $bounds  of each combination on all parts
     * @param  list<float>  $weights  what self-weight does not exceed on all parts
     * @param  float  $weight  the greatest of these between the places
     */
    public function __construct(
        public readonly array $parts,
        private readonly array $bounds,
        private readonly array $weights,
        public readonly float $weight,
    ) {
        $highest = [];
        foreach ($bounds as $of) {
            $most = -INF;
            foreach ($parts as $i) {
                $most = $of[$i] > $most ? $of[$i] : $most;
            }
            $highest[] = $most;
        }
        $this->highest = $highest;
    }

    /**
     * The combination and the part that are likely to be the greatest.
     *
     * @param  non-empty-list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     * @return array{int, int}
     */
    public function likeliest(array $combinations, float $weight): array
    {
        if ($this->last !== null) {
            return $this->last;
        }
        $most = -INF;
        $found = [0, $this->parts[0]];
        foreach ($combinations as $c => $combination) {
            $own = $combination->permanent * $weight;
            if ($most < $this->highest[$c] + $own * $this->weight) {
                foreach ($this->parts as $i) {
                    if ($this->bounds[$c][$i] + $own * $this->weights[$i] > $most) {
                        $most = $this->bounds[$c][$i] + $own * $this->weights[$i];
                        $found = [$c, $i];
                    }
                }
            }
        }

        return $found;
    }
}
