<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * Shape functions of a bending element on 0 … 1: the four of Hermite (value and slope at either end), and those of
 * higher degree that vanish with their slopes at both ends, whose second derivatives are Legendre's polynomials.
 */
final class Shapes
{
    /** @var list<list<float>> ∫ N_i″ N_j″ */
    public readonly array $bending;

    /** @var list<list<float>> ∫ N_i′ N_j′ */
    public readonly array $twist;

    /** @var list<list<list<float>>> N_i N_j″ at the points of integration */
    public readonly array $coupling;

    /** @var list<list<list<float>>> (N_i N_j)″ at the points of integration */
    public readonly array $square;

    /** @var list<list<float>> N_i at the points */
    public readonly array $values;

    /** @var list<list<float>> N_i′ at the points */
    public readonly array $slopes;

    /** @var list<list<float>> N_i″ at the points */
    public readonly array $curvatures;

    public readonly int $count;

    public readonly int $points;

    /** @var array<int, self> */
    private static array $made = [];

    private function __construct(public readonly int $degree)
    {
        // Exact for the products of two shape functions, differentiated twice, with a moment projected onto as many
        // points.
        $this->points = 2 * $degree - 3;
        [$places, $weights] = Gauss::rule($this->points);
        $values = $slopes = $curvatures = [];
        foreach ($places as $g => $x) {
            foreach (self::at($degree, $x) as $i => [$N, $slope, $curvature]) {
                $values[$i][$g] = $N;
                $slopes[$i][$g] = $slope;
                $curvatures[$i][$g] = $curvature;
            }
        }
        $this->values = array_map(array_values(...), array_values($values));
        $this->slopes = array_map(array_values(...), array_values($slopes));
        $this->curvatures = array_map(array_values(...), array_values($curvatures));
        $this->count = $degree + 1;
        $bending = $twist = $coupling = $square = [];
        for ($i = 0; $i < $this->count; $i++) {
            for ($j = 0; $j < $this->count; $j++) {
                $b = $t = 0.0;
                $c = $s = [];
                foreach ($weights as $g => $w) {
                    [$Ni, $Nj] = [$this->values[$i][$g], $this->values[$j][$g]];
                    [$si, $sj] = [$this->slopes[$i][$g], $this->slopes[$j][$g]];
                    [$ci, $cj] = [$this->curvatures[$i][$g], $this->curvatures[$j][$g]];
                    $b += $w * $ci * $cj;
                    $t += $w * $si * $sj;
                    $c[] = $Ni * $cj;
                    $s[] = $Ni * $cj + 2 * $si * $sj + $ci * $Nj;
                }
                $bending[$i][] = $b;
                $twist[$i][] = $t;
                $coupling[$i][] = $c;
                $square[$i][] = $s;
            }
        }
        $this->bending = array_values($bending);
        $this->twist = array_values($twist);
        $this->coupling = array_values($coupling);
        $this->square = array_values($square);
    }

    /** @param  int  $degree  3 or more */
    public static function ofDegree(int $degree): self
    {
        return self::$made[$degree] ??= new self($degree);
    }

    /**
     * Value, slope and curvature of each shape function at x.
     *
     * @return list<array{float, float, float}>
     */
    public static function at(int $degree, float $x): array
    {
        $shapes = [
            [1 + $x * $x * (2 * $x - 3), 6 * $x * ($x - 1), 12 * $x - 6],
            [$x * (1 - $x) ** 2, 1 + $x * (3 * $x - 4), 6 * $x - 4],
            [$x * $x * (3 - 2 * $x), 6 * $x * (1 - $x), 6 - 12 * $x],
            [$x * $x * ($x - 1), $x * (3 * $x - 2), 6 * $x - 2],
        ];
        $P = Gauss::legendre($degree, 2 * $x - 1);
        for ($j = 2; $j <= $degree - 2; $j++) {
            $shapes[] = [
                (($P[$j + 2] - $P[$j]) / (2 * (2 * $j + 3)) - ($P[$j] - $P[$j - 2]) / (2 * (2 * $j - 1))) /
                (2 * (2 * $j + 1)),
                ($P[$j + 1] - $P[$j - 1]) / (2 * (2 * $j + 1)),
                $P[$j],
            ];
        }

        return $shapes;
    }
}
