<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Envelope;
use Waage\Loading\Combination;

/**
 * The moment diagrams that can govern the lateral-torsional buckling of each length between restraints.
 *
 * For each combination: the arrangements that make the moment of the flange's sign greatest at an end, a quarter point,
 * the middle or its own peak, and the one with all spans loaded. What another diagram of the same length makes at least
 * as bad in all that counts (moment, equivalent uniform moment, load on the twist) is left out; so is, before its moments
 * are worked out, what cannot be worse by the bounds of the envelope. They do not depend on the section, so that a
 * shortlist makes them once.
 */
final class BucklingCases
{
    /** @var list<BucklingCase> */
    private array $kept = [];

    /** @var list<list<float>> what counts of each of them */
    private array $reached = [];

    /**
     * @param  int  $loadSign  1: load on the top flange, 0: at the shear centre, −1: on the bottom flange
     * @param  non-empty-list<float>  $weights  self-weights for which nothing that may govern is left out, N/mm; peaks are looked for with the first
     */
    private function __construct(private readonly Arrangements $arrangements, private readonly Envelope $moment, private readonly int $loadSign, private readonly array $weights)
    {
    }

    /**
     * @param  Envelope  $moment  of the beam
     * @param  list<Arrangements>  $pieces  of each length between restraints
     * @param  list<Combination>  $combinations
     * @param  int  $loadSign  1: load on the top flange, 0: at the shear centre, −1: on the bottom flange
     * @param  non-empty-list<float>  $weights  self-weights for which nothing that may govern is left out, N/mm
     * @return list<BucklingCase>
     */
    public static function of(Envelope $moment, array $pieces, array $combinations, int $loadSign, array $weights): array
    {
        $cases = [];
        foreach ($pieces as $piece) {
            array_push($cases, ...(new self($piece, $moment, $loadSign, $weights))->governing($combinations));
        }

        return $cases;
    }

    /**
     * @param  list<Combination>  $combinations
     * @return list<BucklingCase>
     */
    private function governing(array $combinations): array
    {
        $piece = $this->arrangements->piece;
        // Those with the greatest moment first: what outdoes a diagram then stands before it.
        $bounds = [];
        foreach ($combinations as $c => $combination) {
            foreach ($this->weights as $weight) {
                $greatest = $this->moment->bound($combination, $piece->sign, $weight, $piece->from, $piece->to);
                $bounds[$c][] = [$greatest, max($greatest, $this->moment->bound($combination, -$piece->sign, $weight, $piece->from, $piece->to))];
            }
        }
        uasort($bounds, fn (array $a, array $b): int => $b[0][0] <=> $a[0][0]);
        foreach ($bounds as $c => $ofCombination) {
            if (max(array_column($ofCombination, 0)) > 0.0) {
                $this->arrange($combinations[$c], $ofCombination);
            }
        }

        return $this->kept;
    }

    /** @param  list<array{float, float}>  $bounds  for each weight the greatest moment of the sign, and of both */
    private function arrange(Combination $combination, array $bounds): void
    {
        $piece = $this->arrangements->piece;
        $seen = [];
        $places = $this->arrangements->places();
        // A peak is looked for in each arrangement, and its own worst arrangement is put behind the others.
        for ($i = 0; $i < count($places); $i++) {
            [$shares, $refine] = $places[$i];
            $sum = $this->arrangements->sum($combination, $shares);
            if (isset($seen[$sum->key])) {
                continue;
            }
            $seen[$sum->key] = true;
            $nearer = [];
            foreach ($this->weights as $w => $weight) {
                [$sagging, $hogging] = $sum->bounds($weight);
                $nearer[] = [min($bounds[$w][0], $piece->sign > 0 ? $sagging : $hogging), min($bounds[$w][1], max($sagging, $hogging))];
            }
            if ($this->isOutdone($this->measure($sum, $nearer))) {
                continue;
            }
            $case = $sum->case($piece, $combination);
            $exact = [];
            $bends = false;
            foreach ($this->weights as $weight) {
                [$M, , $absolute] = $case->diagram->moments($piece->sign, $weight);
                $M = $M > 1e-9 * $absolute ? $M : 0.0;
                $bends = $bends || $M > 0.0;
                $exact[] = [$M, $absolute];
            }
            $measure = $this->measure($sum, $exact);
            if ($bends && ! $this->isOutdone($measure)) {
                $this->kept[] = $case;
                $this->reached[] = $measure;
            }
            if ($refine) {
                [$M, $x] = $case->diagram->moments($piece->sign, $this->weights[0]);
                if ($M > 0) {
                    $places[] = [$this->arrangements->worstAt($x, false), false];
                }
            }
        }
    }

    /**
     * Moment, square of the equivalent uniform moment, load on the twist, and the shape where it counts; for each weight.
     *
     * @param  list<array{float, float}>  $moments  for each weight the greatest moment of the sign, and of both
     * @return list<float>
     */
    private function measure(ArrangementSum $sum, array $moments): array
    {
        $measure = [];
        // With the other flange held the shape counts as well, not only its norm.
        $piece = $this->arrangements->piece;
        $shape = $piece->otherGap <= $piece->length() / 2 ? $piece->sign : 0;
        foreach ($this->weights as $i => $weight) {
            [$M, $absolute] = $moments[$i];
            [$a, $b, $c, $twist] = $sum->measures($weight);
            $measure[] = $M;
            $measure[] = $absolute ** 2 + 9 * $a ** 2 + 16 * $b ** 2 + 9 * $c ** 2;
            $measure[] = $this->loadSign * $twist;
            if ($shape !== 0) {
                $measure[] = $shape * $a;
                $measure[] = $shape * $b;
                $measure[] = $shape * $c;
            }
        }

        return $measure;
    }

    /** @param  list<float>  $measure */
    private function isOutdone(array $measure): bool
    {
        foreach ($this->reached as $other) {
            foreach ($measure as $i => $value) {
                if ($value > $other[$i] + 1e-9 * abs($other[$i])) {
                    continue 2;
                }
            }

            return true;
        }

        return false;
    }
}
