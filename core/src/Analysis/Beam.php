<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A straight beam of one bending stiffness on rigid supports, solved exactly by the displacement method.
 *
 * Lengths in mm. Signs: x to the right, load and deflection down positive, sagging moment positive, shear positive
 * when the left part is pushed up (V = dM/dx), moments acting on the beam clockwise positive, reactions up positive.
 * The stiffness is taken as EI = 1 Nmm²; divide deflections by the real EI. Within a segment between two breaks the
 * moment is a cubic and the deflection a quintic in t = x − break: no mesh, nothing is sampled.
 */
final readonly class Beam
{
    /**
     * @param  list<float>  $supports  places, ascending, mm
     * @param  list<bool>  $fixed  for each support: is rotation held too
     *
     * @throws UnstableBeam
     */
    public function __construct(public float $length, public array $supports, public array $fixed)
    {
        if ($supports === []) {
            throw new UnstableBeam('The beam has no support: it can move down as a whole.');
        }
        if (count($supports) === 1 && ! $fixed[0]) {
            throw new UnstableBeam('The beam rests on one pinned support only: it can turn about it. Add a support or fix this one.');
        }
    }

    /**
     * The lengths that are loaded or not as one when variable load is arranged: spans and overhangs.
     *
     * @return list<array{float, float}>
     */
    public function fields(): array
    {
        $ends = array_values(array_unique([0.0, ...$this->supports, $this->length]));
        $fields = [];
        for ($i = 1, $n = count($ends); $i < $n; $i++) {
            $fields[] = [$ends[$i - 1], $ends[$i]];
        }

        return $fields;
    }

    /** @param  list<LoadSet>  $sets */
    public function solve(array $sets): Responses
    {
        $nodes = array_values(array_unique([0.0, ...$this->supports, $this->length]));
        $breaks = $this->breaks($nodes, $sets);
        [$dofOf, $count] = $this->numberDegreesOfFreedom($nodes);
        $stiffness = $this->factorised($nodes, $dofOf, $count);

        $M = $W = $reactions = [];
        foreach ($sets as $set) {
            $loadVectors = $this->elementLoads($nodes, $set);
            $displacement = $this->displacements($stiffness, $dofOf, $count, $loadVectors);
            [$M[], $W[], $reactions[]] = $this->integrate($nodes, $breaks, $set, $displacement, $loadVectors);
        }

        return new Responses($breaks, $M, $W, $this->supports, $reactions);
    }

    /**
     * @param  list<float>  $nodes
     * @param  list<LoadSet>  $sets
     * @return list<float>
     */
    private function breaks(array $nodes, array $sets): array
    {
        $all = $nodes;
        foreach ($sets as $set) {
            foreach ([...$set->forces, ...$set->moments] as [$x]) {
                $all[] = $x;
            }
            foreach ($set->lines as [$a, $b]) {
                $all[] = $a;
                $all[] = $b;
            }
        }
        sort($all);
        $breaks = [];
        foreach ($all as $x) {
            if ($breaks === [] || $x > end($breaks)) {
                $breaks[] = $x;
            }
        }

        return $breaks;
    }

    /**
     * Deflection and rotation of each node; −1 where a support holds it.
     *
     * @param  list<float>  $nodes
     * @return array{list<int>, int}
     */
    private function numberDegreesOfFreedom(array $nodes): array
    {
        $dofOf = [];
        $count = 0;
        foreach ($nodes as $x) {
            $support = array_search($x, $this->supports, true);
            $dofOf[] = $support === false ? $count++ : -1;
            $dofOf[] = $support !== false && $this->fixed[$support] ? -1 : $count++;
        }

        return [$dofOf, $count];
    }

    /**
     * The banded stiffness matrix as L D Lᵀ; row i holds the columns i−3 … i.
     *
     * @param  list<float>  $nodes
     * @param  list<int>  $dofOf
     * @return list<array<int, float>>
     */
    private function factorised(array $nodes, array $dofOf, int $count): array
    {
        $K = array_fill(0, $count, [0.0, 0.0, 0.0, 0.0]);
        for ($e = 0, $n = count($nodes) - 1; $e < $n; $e++) {
            $k = self::elementStiffness($nodes[$e + 1] - $nodes[$e]);
            for ($i = 0; $i < 4; $i++) {
                $row = $dofOf[2 * $e + $i];
                for ($j = 0; $j <= $i && $row >= 0; $j++) {
                    $column = $dofOf[2 * $e + $j];
                    if ($column >= 0) {
                        $K[$row][3 - ($row - $column)] += $k[$i][$j];
                    }
                }
            }
        }
        for ($i = 0; $i < $count; $i++) {
            for ($j = max(0, $i - 3); $j <= $i; $j++) {
                $sum = $K[$i][3 - ($i - $j)];
                for ($m = max(0, $i - 3, $j - 3); $m < $j; $m++) {
                    $sum -= $K[$i][3 - ($i - $m)] * $K[$j][3 - ($j - $m)] * $K[$m][3];
                }
                $K[$i][3 - ($i - $j)] = $i === $j ? $sum : $sum / $K[$j][3];
            }
        }

        return $K;
    }

    /** @return list<list<float>> */
    private static function elementStiffness(float $l): array
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
    private function elementLoads(array $nodes, LoadSet $set): array
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

    /**
     * @param  list<array<int, float>>  $factorised
     * @param  list<int>  $dofOf
     * @param  array<int, array{float, float, float, float}>  $loadVectors
     * @return list<float> deflection and rotation of every node, times EI
     */
    private function displacements(array $factorised, array $dofOf, int $count, array $loadVectors): array
    {
        $u = array_fill(0, $count, 0.0);
        foreach ($loadVectors as $e => $vector) {
            for ($i = 0; $i < 4; $i++) {
                if (($dof = $dofOf[2 * $e + $i]) >= 0) {
                    $u[$dof] += $vector[$i];
                }
            }
        }
        for ($i = 0; $i < $count; $i++) {
            for ($j = max(0, $i - 3); $j < $i; $j++) {
                $u[$i] -= $factorised[$i][3 - ($i - $j)] * $u[$j];
            }
        }
        for ($i = 0; $i < $count; $i++) {
            $u[$i] /= $factorised[$i][3];
        }
        for ($i = $count - 1; $i >= 0; $i--) {
            for ($j = max(0, $i - 3); $j < $i; $j++) {
                $u[$j] -= $factorised[$i][3 - ($i - $j)] * $u[$i];
            }
        }

        return array_map(fn (int $dof): float => $dof < 0 ? 0.0 : $u[$dof], $dofOf);
    }

    /**
     * Moment and deflection as polynomials, element by element from its left end; reactions from the jumps.
     *
     * @param  list<float>  $nodes
     * @param  list<float>  $breaks
     * @param  list<float>  $u
     * @param  array<int, array{float, float, float, float}>  $loadVectors
     * @return array{list<list<float>>, list<list<float>>, list<array{float, float}>}
     */
    private function integrate(array $nodes, array $breaks, LoadSet $set, array $u, array $loadVectors): array
    {
        [$q0, $q1, $jumpV, $jumpM] = self::onSegments($breaks, $set);
        $M = $W = [];
        $endForces = []; // per node: shear and moment left of it, right of it
        $k = 0;
        for ($e = 0, $n = count($nodes) - 1; $e < $n; $e++) {
            $stiffness = self::elementStiffness($nodes[$e + 1] - $nodes[$e]);
            $load = $loadVectors[$e] ?? [0.0, 0.0, 0.0, 0.0];
            $force = [];
            for ($i = 0; $i < 4; $i++) {
                $force[$i] = -$load[$i];
                for ($j = 0; $j < 4; $j++) {
                    $force[$i] += $stiffness[$i][$j] * $u[2 * $e + $j];
                }
            }
            // Nodal forces act down and clockwise; at the left end an upward force is positive shear.
            $V = -$force[0];
            $m = $force[1];
            $w = $u[2 * $e];
            $slope = $u[2 * $e + 1];
            $endForces[$e]['right'] = [$V, $m];
            $endForces[$e + 1]['left'] = [$force[2], -$force[3]];
            for (; $breaks[$k] < $nodes[$e + 1]; $k++) {
                if (isset($jumpV[$k])) {
                    $V -= $jumpV[$k];
                }
                if (isset($jumpM[$k])) {
                    $m += $jumpM[$k];
                }
                $t = $breaks[$k + 1] - $breaks[$k];
                $a = $q0[$k] ?? 0.0;
                $b = $q1[$k] ?? 0.0;
                $pm = [$m, $V, -$a / 2, -$b / 6];
                $pw = [$w, $slope, -$m / 2, -$V / 6, $a / 24, $b / 120];
                $M[] = $pm;
                $W[] = $pw;
                $m = $pm[0] + $t * ($pm[1] + $t * ($pm[2] + $t * $pm[3]));
                $V = $pm[1] + $t * (2 * $pm[2] + $t * 3 * $pm[3]);
                $w = $pw[0] + $t * ($pw[1] + $t * ($pw[2] + $t * ($pw[3] + $t * ($pw[4] + $t * $pw[5]))));
                $slope = $pw[1] + $t * (2 * $pw[2] + $t * (3 * $pw[3] + $t * (4 * $pw[4] + $t * 5 * $pw[5])));
            }
        }
        $reactions = [];
        foreach ($this->supports as $i => $x) {
            $node = (int) array_search($x, $nodes, true);
            [$vl, $ml] = $endForces[$node]['left'] ?? [0.0, 0.0];
            [$vr, $mr] = $endForces[$node]['right'] ?? [0.0, 0.0];
            $reactions[] = [$vr - $vl, $this->fixed[$i] ? $mr - $ml : 0.0];
        }

        return [$M, $W, $reactions];
    }

    /**
     * Line load a + b t on each segment, and the force and moment that act at its left break.
     *
     * A load at a node belongs to the element on its right (the last one at the right end), as in elementLoads.
     *
     * @param  list<float>  $breaks
     * @return array{array<int, float>, array<int, float>, array<int, float>, array<int, float>}
     */
    private static function onSegments(array $breaks, LoadSet $set): array
    {
        $q0 = $q1 = $jumpV = $jumpM = [];
        $index = static function (float $x) use ($breaks): int {
            $low = 0;
            $high = count($breaks) - 1;
            while ($low < $high) {
                $mid = ($low + $high) >> 1;
                if ($breaks[$mid] < $x) {
                    $low = $mid + 1;
                } else {
                    $high = $mid;
                }
            }

            return $low;
        };
        foreach ($set->forces as [$x, $force]) {
            $k = $index($x);
            $jumpV[$k] = ($jumpV[$k] ?? 0.0) + $force;
        }
        foreach ($set->moments as [$x, $moment]) {
            $k = $index($x);
            $jumpM[$k] = ($jumpM[$k] ?? 0.0) + $moment;
        }
        foreach ($set->lines as [$a, $b, $qa, $qb]) {
            $slope = ($qb - $qa) / ($b - $a);
            for ($k = $index($a); $breaks[$k] < $b; $k++) {
                $q0[$k] = ($q0[$k] ?? 0.0) + $qa + $slope * ($breaks[$k] - $a);
                $q1[$k] = ($q1[$k] ?? 0.0) + $slope;
            }
        }

        return [$q0, $q1, $jumpV, $jumpM];
    }
}
