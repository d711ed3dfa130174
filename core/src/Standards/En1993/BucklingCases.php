<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Closure;
use Waage\Analysis\Effect;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\PieceDiagram;
use Waage\Analysis\PieceResponses;
use Waage\Loading\Combination;

/**
 * The moment diagrams that can govern the lateral-torsional buckling of each length between restraints.
 *
 * For each combination: the arrangements that make the moment of the flange's sign greatest at an end, a quarter point,
 * the middle or its own peak, and the one with all spans loaded. What another diagram of the same length makes at least
 * as bad in all that counts (moment, equivalent uniform moment, load on the twist) is left out. They do not depend on
 * the section, so that a shortlist makes them once.
 */
final class BucklingCases
{
    /**
     * @param  list<BucklingLength>  $pieces
     * @param  list<Combination>  $combinations
     * @param  int  $loadSign  1: load on the top flange, 0: at the shear centre, −1: on the bottom flange
     * @param  non-empty-list<float>  $weights  self-weights for which nothing that may govern is left out, N/mm; peaks are looked for with the first
     * @return list<BucklingCase>
     */
    public static function of(LoadedBeam $beam, array $pieces, array $combinations, int $loadSign, array $weights): array
    {
        $cases = [];
        foreach ($pieces as $piece) {
            $responses = new PieceResponses($beam, $piece->from, $piece->to);
            /** @var array<string, list<float>> $moments of each load set, by place */
            $moments = [];
            $momentsAt = function (float $x, bool $left) use ($beam, &$moments): array {
                $k = $beam->responses->segmentAt($x, $left);

                return $moments[$x.':'.$k] ??= $beam->responses->valuesAt(Effect::Moment, $k, $x - $beam->responses->breaks[$k]);
            };
            $ofPiece = [];
            foreach ($combinations as $combination) {
                array_push($ofPiece, ...self::arranged($beam, $piece, $responses, $combination, $weights[0], $momentsAt));
            }
            array_push($cases, ...self::governing($ofPiece, $weights, $loadSign));
        }

        return $cases;
    }

    /**
     * @param  Closure(float, bool): list<float>  $momentsAt  moment of each load set at x, on the segment to its left or right
     * @return list<BucklingCase>
     */
    private static function arranged(LoadedBeam $beam, BucklingLength $piece, PieceResponses $responses, Combination $combination, float $weight, Closure $momentsAt): array
    {
        $cases = [];
        $add = function (array $factors) use (&$cases, $responses, $piece, $combination): ?BucklingCase {
            /** @var array<int, float> $factors */
            $key = implode(',', array_keys($factors));
            if (isset($cases[$key])) {
                return null;
            }

            return $cases[$key] = new BucklingCase($piece, $combination, new PieceDiagram($responses, $factors, $combination->permanent), $factors);
        };
        $worstAt = fn (float $x, bool $left): array => $beam->loadedWhere($combination, $weight, $piece->sign, $momentsAt($x, $left));
        $add($beam->allLoaded($combination, $weight));
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $part) {
            $added = $add($worstAt($piece->from + $part * $piece->length(), $part === 1.0));
            if ($added !== null) {
                [$M, $x] = $added->diagram->moments($piece->sign, $weight);
                $M > 0 && $add($worstAt($x, false));
            }
        }

        return array_values($cases);
    }

    /**
     * @param  list<BucklingCase>  $cases  of one length
     * @param  list<float>  $weights
     * @return list<BucklingCase>
     */
    private static function governing(array $cases, array $weights, int $loadSign): array
    {
        $measures = [];
        foreach ($cases as $i => $case) {
            $measure = [];
            $compressed = false;
            foreach ($weights as $weight) {
                $of = self::measure($case, $weight, $loadSign);
                $compressed = $compressed || $of[0] > 0.0;
                array_push($measure, ...$of);
            }
            if ($compressed) {
                $measures[$i] = $measure;
            }
        }
        // Those with the greatest moment first: what outdoes a case then stands before it, and most of the others need not
        // be worked out later.
        uasort($measures, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $kept = $reached = [];
        foreach ($measures as $i => $measure) {
            foreach ($reached as $other) {
                if (self::isNowhereMore($measure, $other)) {
                    continue 2;
                }
            }
            $kept[] = $cases[$i];
            $reached[] = $measure;
        }

        return $kept;
    }

    /** @return list<float> moment, square of the equivalent uniform moment, load on the twist, and the shape where it counts */
    private static function measure(BucklingCase $case, float $weight, int $loadSign): array
    {
        [$M, , $absolute] = $case->diagram->moments($case->piece->sign, $weight);
        [$a, $b, $c] = $case->diagram->quarterPoints($weight);
        // With the other flange held the shape counts as well, not only its norm.
        $shape = $case->piece->otherGap <= $case->piece->length() / 2 ? $case->piece->sign : 0;

        return [
            $M > 1e-9 * $absolute ? $M : 0.0, $absolute ** 2 + 9 * $a ** 2 + 16 * $b ** 2 + 9 * $c ** 2,
            $loadSign * $case->diagram->twistingLoad($weight), $shape * $a, $shape * $b, $shape * $c,
        ];
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function isNowhereMore(array $a, array $b): bool
    {
        foreach ($a as $i => $value) {
            if ($value > $b[$i] + 1e-9 * abs($b[$i])) {
                return false;
            }
        }

        return true;
    }
}
