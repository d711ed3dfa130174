<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * Turns a moment diagram, a cubic on each segment, into what the elements of a mesh need of it: at each point of
 * integration the weight with which a polynomial is taken there, so that Σ w_g f(x_g) = ∫ M f dξ over the element.
 */
final readonly class MomentSampling
{
    /**
     * @var list<list<array{int, array<int, array<int, float>>}>> of each element: segment, and for each power of t
     *     what it gives at each point
     */
    private array $parts;

    private int $points;

    /**
     * @param  list<array{int, float, float, float}>  $segments  number, its x, and the part of it on the length: from,
     *     to
     */
    public function __construct(Mesh $mesh, array $segments)
    {
        $this->points = $mesh->shapes->points;
        [$places] = Gauss::rule($this->points);
        $barycentric = self::barycentric($places);
        // Of a cubic times a polynomial of Lagrange.
        [$at, $weights] = Gauss::rule(intdiv($this->points + 3, 2) + 1);
        $parts = [];
        for ($e = 1, $n = count($mesh->nodes); $e < $n; $e++) {
            [$from, $to] = [$mesh->nodes[$e - 1], $mesh->nodes[$e]];
            $l = $to - $from;
            $own = [];
            foreach ($segments as $k => [, $x, $t0, $t1]) {
                $t0 = max($t0, $from - $x);
                $t1 = min($t1, $to - $x);
                if ($t1 - $t0 <= 1e-9) {
                    continue;
                }
                /** @var array<int, array<int, float>> $powers */
                $powers = array_fill(0, 4, array_fill(0, $this->points, 0.0));
                foreach ($at as $i => $part) {
                    $t = $t0 + $part * ($t1 - $t0);
                    $w = ($weights[$i] * ($t1 - $t0)) / $l;
                    foreach (self::lagrange($places, $barycentric, ($x + $t - $from) / $l) as $g => $value) {
                        $powers[0][$g] += $w * $value;
                        $powers[1][$g] += $w * $t * $value;
                        $powers[2][$g] += $w * $t ** 2 * $value;
                        $powers[3][$g] += $w * $t ** 3 * $value;
                    }
                }
                $own[] = [$k, $powers];
            }
            $parts[] = $own;
        }
        $this->parts = $parts;
    }

    /**
     * @param  list<list<float>>  $moments  coefficients on each segment
     * @return list<float> of all elements one after the other
     */
    public function of(array $moments): array
    {
        $all = [];
        foreach ($this->parts as $own) {
            $values = array_fill(0, $this->points, 0.0);
            foreach ($own as [$k, $powers]) {
                foreach ($moments[$k] as $n => $c) {
                    if ($c != 0.0) {
                        foreach ($powers[$n] as $g => $value) {
                            $values[$g] += $c * $value;
                        }
                    }
                }
            }
            array_push($all, ...$values);
        }

        return $all;
    }

    /**
     * The weights with which the polynomials of Lagrange through some places are found at any other one (barycentric
     * form).
     *
     * @param  list<float>  $places
     * @return list<float>
     */
    private static function barycentric(array $places): array
    {
        return array_map(
            fn (float $own): float => 1 /
                array_product(array_map(fn (float $other): float => $other === $own ? 1.0 : $own - $other, $places)),
            $places,
        );
    }

    /**
     * The polynomials of Lagrange at x.
     *
     * @param  list<float>  $places
     * @param  list<float>  $weights  of barycentric()
     * @return list<float>
     */
    private static function lagrange(array $places, array $weights, float $x): array
    {
        $product = 1.0;
        $values = [];
        foreach ($places as $g => $place) {
            $distance = $x - $place;
            if ($distance == 0.0) {
                $values = array_fill(0, count($places), 0.0);
                $values[$g] = 1.0;

                return array_values($values);
            }
            $product *= $distance;
            $values[] = $weights[$g] / $distance;
        }
        foreach ($values as $g => $value) {
            $values[$g] = $product * $value;
        }

        return $values;
    }
}
