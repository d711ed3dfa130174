<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * An element of a beam between two nodes: deflection and rotation of its left end, then of its right end; where forces
 * along the axis are part of the statics, then the displacement along it of its left and of its right end. All times EI
 * of the beam, so that stiffnesses are over it. Rotations are those of the section: where the beam shears, the slope of
 * its axis is more by V / GA. Shape functions are the exact ones with shear (J. S. Przemieniecki, "Theory of Matrix
 * Structural Analysis", 5.6; from memory), Φ = 12 EI / (GA l²).
 */
final class BeamElement
{
    /**
     * @param  float  $bending  EI of the element over that of the beam
     * @param  float  $shear  Φ
     * @param  float|null  $along  EA of the element over EI of the beam, 1/mm²; null: nothing acts along the axis
     * @return list<list<float>>
     */
    public static function stiffness(float $l, float $bending = 1.0, ?float $along = null, float $shear = 0.0): array
    {
        $bending /= 1 + $shear;
        $a = ($bending * 12) / $l ** 3;
        $b = ($bending * 6) / $l ** 2;
        $c = ($bending * (4 + $shear)) / $l;
        $d = ($bending * (2 - $shear)) / $l;
        if ($along !== null) {
            $n = $along / $l;

            return [
                [$a, $b, -$a, $b, 0.0, 0.0],
                [$b, $c, -$b, $d, 0.0, 0.0],
                [-$a, -$b, $a, -$b, 0.0, 0.0],
                [$b, $d, -$b, $c, 0.0, 0.0],
                [0.0, 0.0, 0.0, 0.0, $n, -$n],
                [0.0, 0.0, 0.0, 0.0, -$n, $n],
            ];
        }

        return [[$a, $b, -$a, $b], [$b, $c, -$b, $d], [-$a, -$b, $a, -$b], [$b, $d, -$b, $c]];
    }

    /**
     * Forces on the ends of an element; whatever rounding does to its moments, they balance each other.
     *
     * @param  list<list<float>>  $stiffness
     * @param  list<float>  $u  displacements of its ends
     * @param  list<float>  $load  as loads(); empty: none
     * @return list<float>
     */
    public static function endForces(array $stiffness, array $u, array $load): array
    {
        [$a, $b] = $stiffness[0];
        [, $c, , $d] = $stiffness[1];
        $sag = $b * ($u[0] - $u[2]);
        $first = $sag + $c * $u[1] + $d * $u[3];
        $second = $sag + $d * $u[1] + $c * $u[3];
        // The length is 2 b / a.
        $shear = (($first + $second) * $a) / (2 * $b);
        $forces = [$shear, $first, -$shear, $second];
        if (isset($stiffness[4])) {
            $forces[4] = $stiffness[4][4] * ($u[4] - $u[5]);
            $forces[5] = -$forces[4];
        }
        foreach ($load as $i => $part) {
            $forces[$i] -= $part;
        }

        return array_values($forces);
    }

    /**
     * Work-equivalent nodal loads of each element: integrals of its four shape functions times the load, exact.
     *
     * @param  list<float>  $nodes
     * @param  list<float>  $EI  of each element, Nmm²; matters for dislocations and curvatures
     * @param  list<float>  $EA  of each element, N; empty: nothing acts along the axis
     * @param  list<float>  $shear  Φ of each element
     * @return array<int, list<float>>
     */
    public static function loads(array $nodes, LoadSet $set, array $EI, array $EA, array $shear): array
    {
        $vectors = [];
        $none = array_fill(0, $EA === [] ? 4 : 6, 0.0);
        $last = count($nodes) - 2;
        $elementAt = function (float $x) use ($nodes, $last): int {
            $e = 0;
            while ($e < $last && $x >= $nodes[$e + 1]) {
                $e++;
            }

            return $e;
        };
        $add = function (int $e, array $shape, float $by, int $from = 0) use (&$vectors, $none): void {
            $vector = $vectors[$e] ?? $none;
            foreach ($shape as $i => $value) {
                $vector[$from + $i] += $value * $by;
            }
            $vectors[$e] = array_values($vector);
        };
        foreach ($set->forces as [$x, $force]) {
            $e = $elementAt($x);
            $add($e, self::shape($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e], $shear[$e]), $force);
        }
        foreach ($set->moments as [$x, $moment]) {
            $e = $elementAt($x);
            $add($e, self::rotation($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e], $shear[$e]), $moment);
        }
        foreach ($set->dislocations as [$x, $offset, $kink]) {
            // Initial curvature: the moments of the shapes for a kink, their shear forces for an offset.
            $e = $elementAt($x);
            $l = $nodes[$e + 1] - $nodes[$e];
            $s = ($x - $nodes[$e]) / $l;
            $p = $shear[$e];
            $add(
                $e,
                [(12 * $s - 6) / $l ** 2, (6 * $s - 4 - $p) / $l, (6 - 12 * $s) / $l ** 2, (6 * $s - 2 + $p) / $l],
                ($kink * $EI[$e]) / (1 + $p),
            );
            $add($e, [12 / $l ** 3, 6 / $l ** 2, -12 / $l ** 3, 6 / $l ** 2], (-$offset * $EI[$e]) / (1 + $p));
        }
        foreach ($set->curvatures as [$a, $b, $curvature]) {
            for ($e = $elementAt($a); $e <= $last && $nodes[$e] < $b; $e++) {
                // The curvature times the change of slope of each shape; sagging curves against the deflection.
                $l = $nodes[$e + 1] - $nodes[$e];
                $slopes = array_map(
                    fn (float $end, float $start): float => $end - $start,
                    self::rotation(min($b, $nodes[$e + 1]) - $nodes[$e], $l, $shear[$e]),
                    self::rotation(max($a, $nodes[$e]) - $nodes[$e], $l, $shear[$e]),
                );
                $add($e, $slopes, -$curvature * $EI[$e]);
            }
        }
        $integrate = function (array $line, \Closure $shape, int $at) use (
            $nodes,
            $last,
            $elementAt,
            $add,
            $shear,
        ): void {
            [$a, $b, $qa, $qb] = $line;
            $gauss = sqrt(0.6);
            for ($e = $elementAt($a); $e <= $last && $nodes[$e] < $b; $e++) {
                $from = max($a, $nodes[$e]);
                $half = (min($b, $nodes[$e + 1]) - $from) / 2;
                // Cubic shape times linear load: three Gauss points integrate it exactly.
                foreach ([[-$gauss, 5 / 9], [0.0, 8 / 9], [$gauss, 5 / 9]] as [$place, $weight]) {
                    $x = $from + $half * (1 + $place);
                    $q = $qa + (($qb - $qa) * ($x - $a)) / ($b - $a);
                    $add(
                        $e,
                        $shape($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e], $shear[$e]),
                        $q * $weight * $half,
                        $at,
                    );
                }
            }
        };
        foreach ($set->lines as $line) {
            $integrate($line, self::shape(...), 0);
        }
        if ($EA === []) {
            return $vectors;
        }
        $straight = fn (float $t, float $l): array => [1 - $t / $l, $t / $l];
        foreach ($set->alongForces as [$x, $force]) {
            $e = $elementAt($x);
            $add($e, $straight($x - $nodes[$e], $nodes[$e + 1] - $nodes[$e]), $force, 4);
        }
        foreach ($set->alongLines as $line) {
            $integrate($line, $straight, 4);
        }
        foreach ($set->strains as [$a, $b, $strain]) {
            for ($e = $elementAt($a); $e <= $last && $nodes[$e] < $b; $e++) {
                $part = (min($b, $nodes[$e + 1]) - max($a, $nodes[$e])) / ($nodes[$e + 1] - $nodes[$e]);
                $add($e, [-$part, $part], $strain * $EA[$e], 4);
            }
        }

        return $vectors;
    }

    /** @return array{float, float, float, float} deflection for a unit movement of each end */
    private static function shape(float $t, float $l, float $shear): array
    {
        $s = $t / $l;
        $k = 1 / (1 + $shear);

        return [
            $k * (1 + $shear * (1 - $s) - 3 * $s ** 2 + 2 * $s ** 3),
            $k * $t * ((1 - $s) ** 2 + ($shear / 2) * (1 - $s)),
            $k * ($shear * $s + 3 * $s ** 2 - 2 * $s ** 3),
            $k * $t * ($s ** 2 - $s - ($shear / 2) * (1 - $s)),
        ];
    }

    /** @return array{float, float, float, float} rotation of the section for a unit movement of each end */
    private static function rotation(float $t, float $l, float $shear): array
    {
        $s = $t / $l;
        $k = 1 / (1 + $shear);

        return [
            ($k * 6 * ($s ** 2 - $s)) / $l,
            $k * (1 + $shear * (1 - $s) - 4 * $s + 3 * $s ** 2),
            ($k * 6 * ($s - $s ** 2)) / $l,
            $k * ($shear * $s + 3 * $s ** 2 - 2 * $s),
        ];
    }
}
