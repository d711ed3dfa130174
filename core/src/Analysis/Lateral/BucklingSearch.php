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
     * The case that is the heaviest for one section; null: nothing bends the length.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function heaviest(BucklingShapes $shapes, Resistance $resistance, float $weight): ?BucklingCase
    {
        $diagrams = $this->diagrams;
        $most = $moment = $factor = 0.0;
        $heaviest = null;
        $weigh = function (BucklingCase $case, array $terms) use (
            &$most,
            &$moment,
            &$factor,
            &$heaviest,
            $shapes,
            $resistance,
            $weight,
        ): void {
            /** @var list<array{float, int}> $terms */
            [$M] = $case->greatest($weight);
            if ($M <= 0.0) {
                return;
            }
            if (! $resistance->usesFactor()) {
                $utilisation = $resistance->utilisation($case, INF);
                [$most, $heaviest] = $utilisation > $most ? [$utilisation, $case] : [$most, $heaviest];

                return;
            }
            // With no greater moment it takes a smaller factor to be heavier.
            $needed = $M <= $moment ? $factor : self::needed($resistance, $M, $most);
            if (
                is_finite($needed) &&
                $needed > 0.0 &&
                $shapes->isAbove($case, $weight, $shapes->tried($terms, $needed, $resistance->mostFactor($M)))
            ) {
                return;
            }
            $alpha = $shapes->factor($case, $weight, $resistance->mostFactor($M));
            $utilisation = $resistance->utilisation($case, $alpha);
            if ($utilisation > $most) {
                [$most, $moment, $factor, $heaviest] = [
                    $utilisation,
                    $M,
                    $resistance->isOfFactor() ? min($alpha, $resistance->mostFactor($M)) : INF,
                    $case,
                ];
            }
        };
        foreach ($diagrams->ordered($this->combinations, $this->moment, $weight) as [$combination, $bound]) {
            foreach (array_keys($diagrams->places) as $place) {
                $terms = $diagrams->terms($combination, $place, $weight);
                $M = min($bound, $diagrams->bound($terms));
                $alpha = $M > 0.0 && $resistance->usesFactor() ? $shapes->roughly($terms, $M) : INF;
                if (($M > $moment || $alpha < $factor) && $resistance->bound($M, $alpha) > $most) {
                    $weigh($diagrams->case($combination, $place), $terms);
                    $resistance->usesFactor() ? $shapes->knows($terms, $M) : null;
                }
            }
        }
        if ($heaviest !== null) {
            [, $x, $sign] = $heaviest->greatest($weight);
            $weigh($diagrams->caseAt($heaviest->combination, $x, $sign), []);
        }

        return $heaviest;
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

    /** The critical factor below which a moment is strained by more than $most; INF: it is whatever the factor is. */
    private static function needed(Resistance $resistance, float $M, float $most): float
    {
        $high = $resistance->mostFactor($M);
        $low = 1e-4 * $high;
        if ($resistance->bound($M, $high) > $most) {
            return INF;
        }
        for ($i = 0; $i < 12; $i++) {
            $middle = sqrt($low * $high);
            $resistance->bound($M, $middle) > $most ? ($low = $middle) : ($high = $middle);
        }

        return $high;
    }
}
