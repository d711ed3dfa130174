<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Moment, deflection and axial force of a beam as polynomials between breaks, element by element from its left end.
 *
 * Signs as Beam; forces on the ends of elements as BeamElement.
 */
final readonly class BeamIntegration
{
    /**
     * @param  list<float>  $breaks
     * @param  list<float>  $nodes
     */
    public function __construct(
        private array $breaks,
        private array $nodes,
        private LoadSet $set,
        private float $EI,
    ) {
    }

    /**
     * @param  list<list<float>>  $displacements  of the ends of each element, times EI
     * @param  list<list<float>>  $forces  on the ends of each element
     * @param  list<float>  $flexibility  of each element, over that of the beam
     * @param  list<float>  $slip  by how much a unit shear force lets the axis slope more than the section turns,
     *     times EI of the beam
     * @return array{list<list<float>>, list<list<float>>} moment; deflection times EI
     */
    public function bending(array $displacements, array $forces, array $flexibility, array $slip): array
    {
        $breaks = $this->breaks;
        [$q0, $q1] = $this->onSegments($this->set->lines);
        $jumpV = $this->jumps($this->set->forces);
        $jumpM = $this->jumps($this->set->moments);
        $free = [];
        foreach ($this->set->curvatures as [$from, $to, $curvature]) {
            for ($k = $this->index($from); $breaks[$k] < $to; $k++) {
                $free[$k] = ($free[$k] ?? 0.0) + $curvature * $this->EI;
            }
        }
        $offsets = $this->jumps(
            array_map(fn (array $d): array => [$d[0], $d[1] * $this->EI], $this->set->dislocations),
        );
        $kinks = $this->jumps(array_map(fn (array $d): array => [$d[0], $d[2] * $this->EI], $this->set->dislocations));
        $M = $W = [];
        $k = 0;
        foreach ($forces as $e => $force) {
            // Forces on the ends act down and clockwise; at the left end an upward force is positive shear.
            $V = -$force[0];
            $m = $force[1];
            [$w, $turn] = $displacements[$e];
            $f = $flexibility[$e];
            $g = $slip[$e];
            for (; $breaks[$k] < $this->nodes[$e + 1]; $k++) {
                $V -= $jumpV[$k] ?? 0.0;
                $m += $jumpM[$k] ?? 0.0;
                $w += $offsets[$k] ?? 0.0;
                $turn += $kinks[$k] ?? 0.0;
                $t = $breaks[$k + 1] - $breaks[$k];
                $a = $q0[$k] ?? 0.0;
                $b = $q1[$k] ?? 0.0;
                $pm = [$m, $V, -$a / 2, -$b / 6];
                $bent = $f * $m + ($free[$k] ?? 0.0);
                $pw = [
                    $w,
                    $turn + $g * $V,
                    -$bent / 2 - ($g * $a) / 2,
                    (-$f * $V) / 6 - ($g * $b) / 6,
                    ($f * $a) / 24,
                    ($f * $b) / 120,
                ];
                $M[] = $pm;
                $W[] = $pw;
                $turn -= $t * ($bent + $t * (($f * $V) / 2 - $t * (($f * $a) / 6 + ($t * $f * $b) / 24)));
                $m = $pm[0] + $t * ($pm[1] + $t * ($pm[2] + $t * $pm[3]));
                $V = $pm[1] + $t * (2 * $pm[2] + $t * 3 * $pm[3]);
                $w = $pw[0] + $t * ($pw[1] + $t * ($pw[2] + $t * ($pw[3] + $t * ($pw[4] + $t * $pw[5]))));
            }
        }

        return [$M, $W];
    }

    /**
     * @param  list<list<float>>  $forces  on the ends of each element
     * @return list<list<float>> axial force, compression positive
     */
    public function axial(array $forces): array
    {
        [$p0, $p1] = $this->onSegments($this->set->alongLines);
        $jump = $this->jumps($this->set->alongForces);
        $N = [];
        $k = 0;
        foreach ($forces as $e => $force) {
            $n = $force[4];
            for (; $this->breaks[$k] < $this->nodes[$e + 1]; $k++) {
                $n += $jump[$k] ?? 0.0;
                $p = [$n, $p0[$k] ?? 0.0, ($p1[$k] ?? 0.0) / 2];
                $N[] = $p;
                $t = $this->breaks[$k + 1] - $this->breaks[$k];
                $n = $p[0] + $t * ($p[1] + $t * $p[2]);
            }
        }

        return $N;
    }

    /**
     * What acts at the left break of each segment. A load at a node belongs to the element on its right (the last one
     * at the right end), as in BeamElement::loads.
     *
     * @param  list<array{float, float}>  $at  place, value
     * @return array<int, float>
     */
    private function jumps(array $at): array
    {
        $jumps = [];
        foreach ($at as [$x, $value]) {
            $k = $this->index($x);
            $jumps[$k] = ($jumps[$k] ?? 0.0) + $value;
        }

        return $jumps;
    }

    /**
     * Line load a + b t on each segment.
     *
     * @param  list<array{float, float, float, float}>  $lines
     * @return array{array<int, float>, array<int, float>}
     */
    private function onSegments(array $lines): array
    {
        $q0 = $q1 = [];
        foreach ($lines as [$a, $b, $qa, $qb]) {
            $slope = ($qb - $qa) / ($b - $a);
            for ($k = $this->index($a); $this->breaks[$k] < $b; $k++) {
                $q0[$k] = ($q0[$k] ?? 0.0) + $qa + $slope * ($this->breaks[$k] - $a);
                $q1[$k] = ($q1[$k] ?? 0.0) + $slope;
            }
        }

        return [$q0, $q1];
    }

    private function index(float $x): int
    {
        $low = 0;
        $high = count($this->breaks) - 1;
        while ($low < $high) {
            $mid = ($low + $high) >> 1;
            if ($this->breaks[$mid] < $x) {
                $low = $mid + 1;
            } else {
                $high = $mid;
            }
        }

        return $low;
    }
}
