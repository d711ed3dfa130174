<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\Envelope;
use Waage\Loading\Combination;
use Waage\Member\LoadHeight;

/**
 * Looks for the moment diagrams that govern the lateral-torsional buckling of a length between restraints.
 *
 * For each combination: the arrangements that make the moment of the flange's sign greatest at an end, a quarter point,
 * the middle or its own peak, and the one with all spans loaded. A sieve says which of them matter, mostly before their
 * moments are worked out.
 */
final readonly class BucklingCases
{
    /** @param  non-empty-list<float>  $weights  self-weights for which nothing that may govern is left out, N/mm; peaks are looked for with the first */
    private function __construct(private Arrangements $arrangements, private Envelope $moment, private array $weights, private DiagramSieve $sieve)
    {
    }

    /**
     * All diagrams that may govern for a section of any of these weights. They do not depend on the section, so that a
     * shortlist makes them once.
     *
     * @param  Envelope  $moment  of the beam
     * @param  Arrangements  $piece  of a length between restraints
     * @param  list<Combination>  $combinations
     * @param  int  $loadSign  1: load on the top flange, 0: at the shear centre, −1: on the bottom flange
     * @param  non-empty-list<float>  $weights  N/mm
     * @return list<BucklingCase>
     */
    public static function ofAny(Envelope $moment, Arrangements $piece, array $combinations, int $loadSign, array $weights): array
    {
        return (new self($piece, $moment, $weights, new DominantDiagrams($piece->piece, $loadSign, $weights)))->governing($combinations);
    }

    /**
     * The diagram that governs for one section; null: no combination gives a moment of the length's sign.
     *
     * @param  Envelope  $moment  of the beam
     * @param  list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     */
    public static function heaviest(Envelope $moment, Arrangements $piece, array $combinations, SteelSection $steel, LoadHeight $height, float $weight): ?BucklingCase
    {
        return (new self($piece, $moment, [$weight], new HeaviestDiagram($steel, $piece->piece, $height, $weight)))->governing($combinations)[0] ?? null;
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

        return $this->sieve->kept();
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
            if ($this->sieve->isOutdone($sum, $nearer)) {
                continue;
            }
            $case = $sum->case($piece, $combination);
            $this->sieve->take($sum, $case);
            if ($refine) {
                [$M, $x] = $case->diagram->moments($piece->sign, $this->weights[0]);
                if ($M > 0) {
                    $places[] = [$this->arrangements->worstAt($x, false), false];
                }
            }
        }
    }
}
