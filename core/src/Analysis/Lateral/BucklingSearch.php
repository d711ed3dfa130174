<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Analysis\Envelope;
use Waage\Loading\Combination;

/** Looks for the moment diagrams that govern the lateral-torsional buckling of a held length. */
final readonly class BucklingSearch
{
    /** No section's critical moment matters above this, Nmm. */
    private const STRONG = 1e13;

    /**
     * @param  list<Combination>  $combinations
     * @param  Envelope  $moment  of the beam
     */
    public function __construct(
        public HeldDiagrams $diagrams,
        private array $combinations,
        private Envelope $moment,
    ) {
    }

    /**
     * The case that is the heaviest for one section; null: nothing bends the length, or none is heavier than asked for.
     *
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $than  utilisation that it has to exceed
     */
    public function heaviest(
        BucklingShapes $shapes,
        Resistance $resistance,
        float $weight,
        float $than = 0.0,
    ): ?BucklingCase {
        $diagrams = $this->diagrams;
        $heaviest = new HeaviestCase($shapes, $resistance, $weight, $than);
        foreach ($diagrams->ordered($this->combinations, $this->moment, $weight) as [$combination, $bound]) {
            foreach (array_keys($diagrams->places) as $place) {
                $terms = $diagrams->terms($combination, $place, $weight);
                $M = min($bound, $diagrams->bound($terms));
                $alpha = $M > 0.0 && $resistance->usesFactor() ? $shapes->roughly($terms, $M) : INF;
                if ($heaviest->mayBe($M, $alpha)) {
                    $heaviest->weigh($diagrams->case($combination, $place), $terms);
                    $resistance->usesFactor() ? $shapes->knows($terms, $M) : null;
                }
            }
        }
        if ($heaviest->case !== null) {
            [, $x, $sign] = $heaviest->case->greatest($weight);
            $heaviest->weigh($diagrams->caseAt($heaviest->case->combination, $x, $sign));
        }

        return $heaviest->case;
    }

    /**
     * Cases of which one is the heaviest for any section that lies between some: those that no other one outdoes in
     * moment and in critical factor for each of these.
     *
     * @param  non-empty-list<array{BucklingShapes, float}>  $between  with the self-weight of each, N/mm
     * @return list<BucklingCase>
     */
    public function candidates(array $between): array
    {
        $diagrams = $this->diagrams;
        /** @var list<array{list<array{float, float}>, BucklingCase}> $front */
        $front = [];
        /** @param  list<array{float, float}>  $measures */
        $isOutdone = function (array $measures) use (&$front): bool {
            foreach ($front as [$others]) {
                foreach ($measures as $i => [$M, $alpha]) {
                    if ($others[$i][0] < $M * (1 - 1e-9) || $others[$i][1] > $alpha * (1 + 1e-6)) {
                        continue 2;
                    }
                }

                return true;
            }

            return false;
        };
        $weight = max(array_column($between, 1));
        foreach ($diagrams->ordered($this->combinations, $this->moment, $weight) as [$combination]) {
            foreach (array_keys($diagrams->places) as $place) {
                $roughly = [];
                foreach ($between as [$shapes, $weight]) {
                    $terms = $diagrams->terms($combination, $place, $weight);
                    $M = $diagrams->bound($terms);
                    $roughly[] = [$M, $M > 0.0 ? $shapes->roughly($terms, $M) : INF];
                }
                if ($isOutdone($roughly)) {
                    continue;
                }
                $case = $diagrams->case($combination, $place);
                $exactly = [];
                foreach ($between as [$shapes, $weight]) {
                    [$M] = $case->greatest($weight);
                    $exactly[] = [$M, $M > 0.0 ? $shapes->factor($case, $weight, self::STRONG / $M) : INF];
                    $terms = $diagrams->terms($combination, $place, $weight);
                    $M > 0.0 ? $shapes->knows($terms, $diagrams->bound($terms)) : null;
                }
                if (max(array_column($exactly, 0)) > 0.0 && ! $isOutdone($exactly)) {
                    $front[] = [$exactly, $case];
                }
            }
        }

        return array_column($front, 1);
    }
}
