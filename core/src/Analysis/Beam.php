<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A straight beam of one bending stiffness with hinges, on supports that hold it rigidly, by springs or in one way only;
 * solved exactly by the displacement method.
 *
 * Lengths in mm. Signs: x to the right, load and deflection down positive, sagging moment positive, shear positive
 * when the left part is pushed up (V = dM/dx), moments acting on the beam and rotations clockwise positive, reactions
 * up positive. Within a segment between two breaks the moment is a cubic and the deflection a quintic in t = x − break:
 * no mesh, nothing is sampled. Deflections are times EI, so that without springs and imposed displacements one solution
 * serves every stiffness.
 */
final readonly class Beam
{
    /** Greatest part of the loads that equilibrium may miss. */
    private const EQUILIBRIUM = 1e-9;

    /** @var list<float> places of the supports, mm */
    public array $supports;

    /** @var list<float> */
    private array $nodes;

    /** @var list<array{int, int, int}> unknowns of each node: deflection, rotation left and right of it; −1 where it is held */
    private array $unknowns;

    private int $count;

    private BandMatrix $stiffness;

    /**
     * @param  list<BeamSupport>  $holds  from left to right
     * @param  list<float>  $hinges  places, ascending, mm; not at an end, and not where turning is held
     * @param  float  $EI  Nmm²; matters with springs and imposed displacements only
     *
     * @throws UnstableBeam
     */
    public function __construct(public float $length, public array $holds, public array $hinges = [], public float $EI = 1.0)
    {
        if ($holds === []) {
            throw new UnstableBeam('The beam has no support: it can move down as a whole.');
        }
        $this->supports = array_map(fn (BeamSupport $s): float => $s->x, $holds);
        $nodes = array_unique([0.0, ...$this->supports, ...$hinges, $length]);
        sort($nodes);
        $this->nodes = $nodes;
        $unknowns = [];
        $count = 0;
        foreach ($nodes as $x) {
            $hold = $this->holdAt($x);
            $hinge = in_array($x, $hinges, true);
            // Between the two rotations of a hinge the deflection, which keeps the band narrow.
            $left = $hinge ? $count++ : null;
            $w = $hold?->vertical === INF ? -1 : $count++;
            $right = ! $hinge && $hold?->rotation === INF ? -1 : $count++;
            $unknowns[] = [$w, $left ?? $right, $right];
        }
        $this->unknowns = $unknowns;
        $this->count = $count;
        $this->stiffness = $this->assembled();
        $movement = $this->stiffness->factorise();
        if ($movement !== null) {
            throw new UnstableBeam($this->saying($movement));
        }
    }

    /**
     * A beam without hinges on rigid supports.
     *
     * @param  list<float>  $supports
     * @param  list<bool>  $fixed  for each support: is turning held too
     *
     * @throws UnstableBeam
     */
    public static function onRigidSupports(float $length, array $supports, array $fixed): self
    {
        return new self($length, array_values(array_map(fn (float $x, bool $f): BeamSupport => $f ? BeamSupport::fixed($x) : BeamSupport::pinned($x), $supports, $fixed)));
    }

    /** Do forces depend on the stiffness of the section? */
    public function isOnSprings(): bool
    {
        return array_filter($this->holds, fn (BeamSupport $s): bool => $s->isElastic()) !== [];
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

    public function holdAt(float $x): ?BeamSupport
    {
        $i = array_search($x, $this->supports, true);

        return $i === false ? null : $this->holds[$i];
    }

    /**
     * @param  list<LoadSet>  $sets
     *
     * @throws UnstableBeam when rounding would decide about the forces
     */
    public function solve(array $sets): Responses
    {
        $breaks = $this->breaks($sets);
        $M = $W = $reactions = [];
        foreach ($sets as $set) {
            $loads = BeamElement::loads($this->nodes, $set, $this->EI);
            $displacements = $this->displacements($set, $loads);
            [$M[], $W[], $ofSet] = $this->integrate($breaks, $set, $displacements, $loads);
            if ($this->residual($set, $ofSet) > self::EQUILIBRIUM) {
                throw new UnstableBeam('Supports or hinges lie so close together that the beam is almost a mechanism there: rounding would decide about its forces. Put them in one place, or farther apart.');
            }
            $reactions[] = $ofSet;
        }

        return new Responses($breaks, $M, $W, $this->supports, $reactions);
    }

    /**
     * What reactions miss of equilibrium with their loads, as a part of the loads.
     *
     * @param  list<array{float, float}>  $reactions
     */
    private function residual(LoadSet $set, array $reactions): float
    {
        $size = $set->size($this->length);
        if ($size <= 0.0) {
            return 0.0;
        }
        $force = $set->total();
        $moment = $set->momentAboutLeftEnd();
        foreach ($reactions as $i => [$up, $clockwise]) {
            $force -= $up;
            $moment -= $up * $this->supports[$i] - $clockwise;
        }

        return max(abs($force), abs($moment) / $this->length) / $size;
    }

    /**
     * @param  list<LoadSet>  $sets
     * @return list<float>
     */
    private function breaks(array $sets): array
    {
        $all = $this->nodes;
        foreach ($sets as $set) {
            foreach ([...$set->forces, ...$set->moments, ...$set->dislocations] as [$x]) {
                $all[] = $x;
            }
            foreach ([...$set->lines, ...$set->curvatures] as [$a, $b]) {
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

    /** @return array{int, int, int, int} unknowns of an element: deflection and rotation at its left and right end */
    private function unknownsOf(int $e): array
    {
        return [$this->unknowns[$e][0], $this->unknowns[$e][2], $this->unknowns[$e + 1][0], $this->unknowns[$e + 1][1]];
    }

    private function assembled(): BandMatrix
    {
        $matrix = new BandMatrix($this->count);
        for ($e = 0, $n = count($this->nodes) - 1; $e < $n; $e++) {
            $k = BeamElement::stiffness($this->nodes[$e + 1] - $this->nodes[$e]);
            $of = $this->unknownsOf($e);
            for ($i = 0; $i < 4; $i++) {
                for ($j = 0; $j <= $i; $j++) {
                    if ($of[$i] >= 0 && $of[$j] >= 0) {
                        $matrix->add($of[$i], $of[$j], $k[$i][$j]);
                    }
                }
            }
        }
        foreach ($this->nodes as $node => $x) {
            $hold = $this->holdAt($x);
            foreach ([[0, $hold->vertical ?? 0.0], [2, $hold->rotation ?? 0.0]] as [$which, $spring]) {
                if ($spring > 0.0 && $spring < INF) {
                    $matrix->add($this->unknowns[$node][$which], $this->unknowns[$node][$which], $spring / $this->EI);
                }
            }
        }

        return $matrix;
    }

    /** @param  list<float>  $movement  a movement of the unknowns that strains nothing */
    private function saying(array $movement): string
    {
        $at = fn (int $unknown): float => $unknown < 0 ? 0.0 : $movement[$unknown];
        $w = array_map(fn (array $of): float => $at($of[0]), $this->unknowns);
        $last = count($w) - 1;
        $turns = array_map(fn (array $of): float => $this->length * max(abs($at($of[1])), abs($at($of[2]))), $this->unknowns);
        $most = max(array_map(abs(...), [...$w, ...$turns]));
        $moved = array_keys(array_filter($w, fn (float $v): bool => abs($v) > 1e-6 * $most));
        $from = max(0, ($moved[0] ?? 0) - 1);
        $to = min($last, ($moved[count($moved) - 1] ?? $last) + 1);
        $m = fn (int $node): string => rtrim(rtrim(number_format($this->nodes[$node] / 1000, 3, '.', ''), '0'), '.').' m';
        if ($from > 0 || $to < $last || $this->hinges !== []) {
            return "The beam can move between x = {$m($from)} and x = {$m($to)}: with its hinges it is a mechanism there. Take out a hinge, or add or fix a support.";
        }
        if (max($turns) <= 1e-6 * $most) {
            return 'No support holds the beam against moving up and down. Add a support that does.';
        }

        return 'The beam rests on one pinned support only: it can turn about it. Add a support or fix this one.';
    }

    /**
     * Displacements of a load set, times EI: of each element at its left and right end.
     *
     * @param  array<int, array{float, float, float, float}>  $loads
     * @return list<array{float, float, float, float}>
     */
    private function displacements(LoadSet $set, array $loads): array
    {
        $u = array_fill(0, $this->count, 0.0);
        /** @var array<int, array{float, float}> $imposed deflection and rotation of nodes that are held rigidly */
        $imposed = [];
        foreach ($set->displacements as [$support, $settlement, $rotation]) {
            $node = (int) array_search($this->supports[$support], $this->nodes, true);
            $hold = $this->holds[$support];
            $imposed[$node] ??= [0.0, 0.0];
            foreach ([[0, $hold->vertical, $settlement], [1, $hold->rotation, $rotation]] as [$which, $spring, $by]) {
                if ($spring === INF) {
                    $imposed[$node][$which] += $by * $this->EI;
                } elseif ($spring > 0.0) {
                    // The foot of the spring moves.
                    $u[$this->unknowns[$node][2 * $which]] += $spring * $by;
                }
            }
        }
        $held = fn (int $e, int $i): float => $imposed[$e + intdiv($i, 2)][$i % 2] ?? 0.0;
        foreach ($loads as $e => $vector) {
            foreach ($this->unknownsOf($e) as $i => $unknown) {
                if ($unknown >= 0) {
                    $u[$unknown] += $vector[$i];
                }
            }
        }
        $elements = count($this->nodes) - 1;
        for ($e = 0; $imposed !== [] && $e < $elements; $e++) {
            $k = BeamElement::stiffness($this->nodes[$e + 1] - $this->nodes[$e]);
            $of = $this->unknownsOf($e);
            foreach ($of as $i => $unknown) {
                foreach ($of as $j => $other) {
                    if ($unknown >= 0 && $other < 0) {
                        $u[$unknown] -= $k[$i][$j] * $held($e, $j);
                    }
                }
            }
        }
        $u = $this->stiffness->solve(array_values($u));
        $displacements = [];
        for ($e = 0; $e < $elements; $e++) {
            $of = $this->unknownsOf($e);
            $value = fn (int $i): float => $of[$i] < 0 ? $held($e, $i) : $u[$of[$i]];
            $displacements[] = [$value(0), $value(1), $value(2), $value(3)];
        }

        return $displacements;
    }

    /**
     * Moment and deflection as polynomials, element by element from its left end; reactions from the jumps.
     *
     * @param  list<float>  $breaks
     * @param  list<array{float, float, float, float}>  $displacements
     * @param  array<int, array{float, float, float, float}>  $loadVectors
     * @return array{list<list<float>>, list<list<float>>, list<array{float, float}>}
     */
    private function integrate(array $breaks, LoadSet $set, array $displacements, array $loadVectors): array
    {
        $nodes = $this->nodes;
        [$q0, $q1, $jumpV, $jumpM] = self::onSegments($breaks, $set);
        $free = [];
        foreach ($set->curvatures as [$from, $to, $curvature]) {
            for ($k = (int) array_search($from, $breaks, true); $breaks[$k] < $to; $k++) {
                $free[$k] = ($free[$k] ?? 0.0) + $curvature * $this->EI;
            }
        }
        $dislocations = [];
        foreach ($set->dislocations as [$x, $offset, $kink]) {
            $k = (int) array_search($x, $breaks, true);
            [$before, $turned] = $dislocations[$k] ?? [0.0, 0.0];
            $dislocations[$k] = [$before + $offset * $this->EI, $turned + $kink * $this->EI];
        }
        $M = $W = [];
        $endForces = []; // per node: shear and moment left of it, right of it
        $k = 0;
        for ($e = 0, $n = count($nodes) - 1; $e < $n; $e++) {
            $stiffness = BeamElement::stiffness($nodes[$e + 1] - $nodes[$e]);
            $load = $loadVectors[$e] ?? [0.0, 0.0, 0.0, 0.0];
            $u = $displacements[$e];
            $force = [];
            for ($i = 0; $i < 4; $i++) {
                $force[$i] = -$load[$i];
                for ($j = 0; $j < 4; $j++) {
                    $force[$i] += $stiffness[$i][$j] * $u[$j];
                }
            }
            // Nodal forces act down and clockwise; at the left end an upward force is positive shear.
            $V = -$force[0];
            $m = $force[1];
            [$w, $slope] = $u;
            $endForces[$e]['right'] = [$V, $m];
            $endForces[$e + 1]['left'] = [$force[2], -$force[3]];
            for (; $breaks[$k] < $nodes[$e + 1]; $k++) {
                if (isset($jumpV[$k])) {
                    $V -= $jumpV[$k];
                }
                if (isset($jumpM[$k])) {
                    $m += $jumpM[$k];
                }
                if (isset($dislocations[$k])) {
                    $w += $dislocations[$k][0];
                    $slope += $dislocations[$k][1];
                }
                $t = $breaks[$k + 1] - $breaks[$k];
                $a = $q0[$k] ?? 0.0;
                $b = $q1[$k] ?? 0.0;
                $pm = [$m, $V, -$a / 2, -$b / 6];
                $pw = [$w, $slope, -($m + ($free[$k] ?? 0.0)) / 2, -$V / 6, $a / 24, $b / 120];
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
            $reactions[] = [$this->holds[$i]->vertical > 0.0 ? $vr - $vl : 0.0, $this->holds[$i]->rotation > 0.0 ? $mr - $ml : 0.0];
        }

        return [$M, $W, $reactions];
    }

    /**
     * Line load a + b t on each segment, and the force and moment that act at its left break.
     *
     * A load at a node belongs to the element on its right (the last one at the right end), as in BeamElement::loads.
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
