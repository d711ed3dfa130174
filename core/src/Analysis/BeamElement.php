<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * An element of a beam between two nodes with EI = 1: deflection and rotation of its left end, then of its right end.
 */
final class BeamElement
{
    /** @return list<list<float>> */
    public static function stiffness(float $l): array
    {
        $a = 12 / $l ** 3;
        $b = 6 / $l ** 2;
        $c = 4 / $l;
        $d = 2 / $l;

        return [[$a, $b, -$a, $b], [$b, $c, -$b, $d], [-$a, -$b, $a, -$b], [$b, $d, -$b, $c]];
    }

    /**
     * Work-equivalent nodal loads of each element: integrals of its four shape functions times the load, exact.
     *
     * @param  list<float>  $nodes
     * @return array<int, array{float, float, float, float}>
     */
    public static function loads(array $nodes, LoadSet $set, float $EI = 1.0): array
    {
        $vectors = [];
        $last = count($nodes) - 2;
        $elementAt = function (float $x) use ($nodes, $last): int {
            $e = 0;
            while ($e < $last && $x >= $nodes[$e + 1]) {
                $e++;
            }

            return $e;
        };
        $add = function (int $e, array $shape, float $by) use (&$vectors): void {
            $vectors[$e] ??= [0.0, 0.0, 0.0, 0.0];
            for ($i = 0; $i < 4; $i++) {
                $vectors[$e][$i] += $shape[$i] * $by;
            }
        };
        foreach ($set->forces as [$x, $force]) {
            $e = $elementAt($x);
            $add($e, self::shape($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e]), $force);
        }
        foreach ($set->moments as [$x, $moment]) {
            $e = $elementAt($x);
            $add($e, self::shapeSlope($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e]), $moment);
        }
        foreach ($set->dislocations as [$x, $offset, $kink]) {
            // Initial curvature: the second derivative of the shapes for a kink, minus the third for an offset.
            $e = $elementAt($x);
            $l = $nodes[$e + 1] - $nodes[$e];
            $s = ($x - $nodes[$e]) / $l;
            $add($e, [(12 * $s - 6) / $l ** 2, (6 * $s - 4) / $l, (6 - 12 * $s) / $l ** 2, (6 * $s - 2) / $l], $kink * $EI);
            $add($e, [12 / $l ** 3, 6 / $l ** 2, -12 / $l ** 3, 6 / $l ** 2], -$offset * $EI);
        }
        foreach ($set->curvatures as [$a, $b, $curvature]) {
            for ($e = $elementAt($a); $e <= $last && $nodes[$e] < $b; $e++) {
                // The curvature times the change of slope of each shape; sagging curves against the deflection.
                $l = $nodes[$e + 1] - $nodes[$e];
                $slopes = array_map(
                    fn (float $end, float $start): float => $end - $start,
                    self::shapeSlope(min($b, $nodes[$e + 1]) - $nodes[$e], $l), self::shapeSlope(max($a, $nodes[$e]) - $nodes[$e], $l),
                );
                $add($e, $slopes, -$curvature * $EI);
            }
        }
        $gauss = sqrt(0.6);
        foreach ($set->lines as [$a, $b, $qa, $qb]) {
            for ($e = $elementAt($a); $e <= $last && $nodes[$e] < $b; $e++) {
                $from = max($a, $nodes[$e]);
                $half = (min($b, $nodes[$e + 1]) - $from) / 2;
                // Cubic shape times linear load: three Gauss points integrate it exactly.
                foreach ([[-$gauss, 5 / 9], [0.0, 8 / 9], [$gauss, 5 / 9]] as [$place, $weight]) {
                    $x = $from + $half * (1 + $place);
                    $q = $qa + ($qb - $qa) * ($x - $a) / ($b - $a);
                    $add($e, self::shape($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e]), $q * $weight * $half);
                }
            }
        }

        return $vectors;
    }

    /** @return array{float, float, float, float} */
    private static function shape(float $t, float $l): array
    {
        $s = $t / $l;

        return [1 - 3 * $s ** 2 + 2 * $s ** 3, $t * (1 - $s) ** 2, 3 * $s ** 2 - 2 * $s ** 3, $t * ($s ** 2 - $s)];
    }

    /** @return array{float, float, float, float} */
    private static function shapeSlope(float $t, float $l): array
    {
        $s = $t / $l;

        return [6 * ($s ** 2 - $s) / $l, 1 - 4 * $s + 3 * $s ** 2, 6 * ($s - $s ** 2) / $l, 3 * $s ** 2 - 2 * $s];
    }
}
