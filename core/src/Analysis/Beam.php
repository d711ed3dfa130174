<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A straight beam with hinges and lengths of different stiffness, on supports that hold it rigidly, by springs or in
 * one way only; solved exactly by the displacement method. Where its axis is strained, forces along it are solved
 * together with bending: a support that slides obliquely to the axis ties the two.
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

    /** A reaction that is so many times the loads comes from supports or hinges that are as good as in one place. */
    private const AMPLIFIED = 1e4;

    /** Beyond this part of the loads what the nodes miss is spread again. */
    private const NEGLIGIBLE = 1e-12;

    /** @var list<float> places of the supports, mm */
    public array $supports;

    /**
     * @var list<float> of those that hold the member at its place, laterally and against twisting as well: not of
     *     guided ones
     */
    public array $forks;

    /** @var list<float> */
    private array $nodes;

    /**
     * @var list<array{int, int, int, int}> unknowns of each node: deflection, rotation left and right of it, along the
     *     axis; −1 where it is held
     */
    private array $unknowns;

    /**
     * @var list<array{list<int>, list<float>}> of each element: unknowns of its ends, and how far these move it per
     *     unit
     */
    private array $ends;

    /** @var list<array{float, float, float}> EI, EA and Φ of each element */
    private array $rigidity;

    /** @var list<list<list<float>>> stiffness of each element, over EI of the beam */
    private array $elements;

    private int $count;

    private BandMatrix $stiffness;

    private NodalBalance $balance;

    /**
     * @param  list<BeamSupport>  $holds  from left to right
     * @param  list<float>  $hinges  places, ascending, mm; not at an end, and not where turning is held
     * @param  float  $EI  Nmm²; matters with springs and imposed displacements only
     * @param  float  $EA  N; matters where the axis is strained only
     * @param  float  $GA  N; INF: the beam does not shear
     * @param  list<Step>  $steps  lengths with another stiffness, ascending
     *
     * @throws UnstableBeam
     */
    public function __construct(
        public float $length,
        public array $holds,
        public array $hinges = [],
        public float $EI = 1.0,
        public float $EA = 1.0,
        public array $steps = [],
        public Axis $axis = new Axis,
        public float $GA = INF,
    ) {
        if ($holds === []) {
            throw new UnstableBeam('The beam has no support: it can move down as a whole.');
        }
        $this->supports = array_map(fn (BeamSupport $s): float => $s->x, $holds);
        $this->forks = array_values(
            array_map(
                fn (BeamSupport $s): float => $s->x,
                array_filter($holds, fn (BeamSupport $s): bool => $s->holdsPlace()),
            ),
        );
        $nodes = [0.0, ...$this->supports, ...$hinges, $length];
        foreach ($steps as $step) {
            $nodes[] = $step->from;
            $nodes[] = $step->to;
        }
        $nodes = array_unique($nodes);
        sort($nodes);
        $this->nodes = $nodes;
        $unknowns = [];
        $count = 0;
        foreach ($nodes as $x) {
            $hold = $this->holdAt($x);
            $hinge = in_array($x, $hinges, true);
            // Between the two rotations of a hinge the deflection, which keeps the band narrow.
            $left = $hinge ? $count++ : null;
            $along = ! $axis->isStrained || ($hold->along ?? false) ? -1 : $count++;
            $w = match (true) {
                $axis->isStrained && $hold?->slides !== null => $along,
                $hold?->vertical === INF => -1,
                default => $count++,
            };
            $right = ! $hinge && $hold?->rotation === INF ? -1 : $count++;
            $unknowns[] = [$w, $left ?? $right, $right, $along];
        }
        $this->unknowns = $unknowns;
        $this->count = $count;
        $this->rigidity = array_map($this->rigidityAt(...), array_slice($nodes, 0, -1), array_slice($nodes, 1));
        $this->ends = array_map($this->endsOf(...), array_keys($this->rigidity));
        $this->elements = array_map($this->stiffnessOf(...), array_keys($this->rigidity));
        $this->stiffness = $this->assembled();
        $movement = $this->stiffness->factorise();
        if ($movement !== null) {
            throw $this->moving($movement);
        }
        $this->balance = new NodalBalance($this->stiffness, $this->elements, $this->ends, $this->springs(), $length);
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
        return new self(
            $length,
            array_values(
                array_map(
                    fn (float $x, bool $f): BeamSupport => $f ? BeamSupport::fixed($x) : BeamSupport::pinned($x),
                    $supports,
                    $fixed,
                ),
            ),
        );
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

    /** @return list<string> "span 1", "left overhang" … for each field */
    public function fieldNames(): array
    {
        $names = [];
        $span = 0;
        foreach ($this->fields() as [$from, $to]) {
            $names[] = match (true) {
                $this->holdAt($from) === null || $this->holdAt($to) === null => $from === 0.0
                    ? 'left overhang'
                    : 'right overhang',
                default => 'span '.++$span,
            };
        }

        return $names;
    }

    public function holdAt(float $x): ?BeamSupport
    {
        $i = array_search($x, $this->supports, true);

        return $i === false ? null : $this->holds[$i];
    }

    /** EI between two places within one stretch, Nmm². */
    public function stiffnessBetween(float $from, float $to): float
    {
        return $this->rigidityAt($from, $to)[0];
    }

    /** @return array{float, float, float} EI, EA and Φ = 12 EI / (GA l²) between two neighbouring nodes */
    private function rigidityAt(float $from, float $to): array
    {
        [$EI, $EA, $GA] = [$this->EI, $this->EA, $this->GA];
        foreach ($this->steps as $step) {
            if ($step->from <= $from && $step->to >= $to) {
                [$EI, $EA, $GA] = [$step->EI, $step->EA, $step->GA];
            }
        }

        return [$EI, $EA, (12 * $EI) / ($GA * ($to - $from) ** 2)];
    }

    /** @return list<list<float>> */
    private function stiffnessOf(int $e): array
    {
        [$EI, $EA, $shear] = $this->rigidity[$e];

        return BeamElement::stiffness(
            $this->nodes[$e + 1] - $this->nodes[$e],
            $EI / $this->EI,
            $this->axis->isStrained ? $EA / $this->EI : null,
            $shear,
        );
    }

    /** What a shear force of 1 adds to the slope of an element, times EI of the beam. */
    private function slipOf(int $e): float
    {
        [$EI, , $shear] = $this->rigidity[$e];

        return ((($shear * ($this->nodes[$e + 1] - $this->nodes[$e]) ** 2) / 12) * $this->EI) / $EI;
    }

    /**
     * @param  list<LoadSet>  $sets
     *
     * @throws UnstableBeam where the beam is almost a mechanism
     */
    public function solve(array $sets): Responses
    {
        $breaks = $this->breaks($sets);
        $EI = array_column($this->rigidity, 0);
        $EA = $this->axis->isStrained ? array_column($this->rigidity, 1) : [];
        $shear = array_column($this->rigidity, 2);
        $slip = array_map($this->slipOf(...), array_keys($this->rigidity));
        $flexibility = array_map(fn (float $of): float => $this->EI / $of, $EI);
        $M = $W = $N = $reactions = [];
        foreach ($sets as $set) {
            $loads = BeamElement::loads($this->nodes, $set, $EI, $EA, $shear);
            [$displacements, $u, $atNodes] = $this->displacements($set, $loads);
            [$displacements, $forces] = $this->balance->of(
                $displacements,
                $u,
                $loads,
                $atNodes,
                self::NEGLIGIBLE * $set->sizeWithMovements($this->length, $this->EI, $this->EA),
            );
            $ofSet = $this->reactions($forces);
            $size = $set->size($this->length);
            $isAmplified =
                $size > 0.0 &&
                $set->dislocations === [] &&
                max([0.0, ...array_map(fn (array $r): float => abs($r[0]), $ofSet)]) > self::AMPLIFIED * $size;
            if ($isAmplified || $this->residual($set, $ofSet) > self::EQUILIBRIUM) {
                throw new UnstableBeam(
                    'Supports or hinges lie so close together that the beam is almost a mechanism there. Put them in one place, or farther apart.',
                    $this->hinges === [] ? 'supports' : 'hinges',
                );
            }
            $integration = new BeamIntegration($breaks, $this->nodes, $set, $this->EI);
            [$M[], $W[]] = $integration->bending($displacements, $forces, $flexibility, $slip);
            if ($this->axis->isStrained) {
                $N[] = $integration->axial($forces);
            }
            $reactions[] = array_map(
                fn (array $r): array => [$this->axis->up($r[0], $r[2]), $r[1], $this->axis->right($r[0], $r[2])],
                $ofSet,
            );
        }

        return new Responses($breaks, $M, $W, $this->supports, $reactions, [], $N);
    }

    /**
     * What holds the beam at its supports: from the jumps of the forces there.
     *
     * @param  list<list<float>>  $forces  of each element on its ends
     * @return list<array{float, float, float}> normal to the axis (up positive), moment (clockwise), along the axis
     */
    private function reactions(array $forces): array
    {
        $reactions = [];
        foreach ($this->supports as $i => $x) {
            $node = (int) array_search($x, $this->nodes, true);
            $hold = $this->holds[$i];
            // Where nothing holds, what is left is rounding.
            $sum = fn (int $atEnd, int $atStart): float => ($forces[$node - 1][$atEnd] ?? 0.0) +
                ($forces[$node][$atStart] ?? 0.0);
            $reactions[] = [
                $hold->vertical > 0.0 ? -$sum(2, 0) : 0.0,
                $hold->rotation > 0.0 ? $sum(3, 1) : 0.0,
                $this->axis->isStrained && ($hold->along || $hold->slides !== null) ? $sum(5, 4) : 0.0,
            ];
        }

        return $reactions;
    }

    /**
     * What reactions miss of equilibrium with their loads, as a part of the loads.
     *
     * @param  list<array{float, float, float}>  $reactions  as reactions()
     */
    private function residual(LoadSet $set, array $reactions): float
    {
        $size = $set->sizeWithMovements($this->length, $this->EI, $this->EA);
        if ($size <= 0.0) {
            return 0.0;
        }
        $force = $set->total();
        $moment = $set->momentAboutLeftEnd();
        $along = $this->axis->isStrained ? $set->totalAlong() : 0.0;
        foreach ($reactions as $i => [$up, $clockwise, $onwards]) {
            $force -= $up;
            $moment -= $up * $this->supports[$i] - $clockwise;
            $along += $onwards;
        }

        return max(abs($force), abs($moment) / $this->length, abs($along)) / $size;
    }

    /**
     * @param  list<LoadSet>  $sets
     * @return list<float>
     */
    private function breaks(array $sets): array
    {
        $all = $this->nodes;
        foreach ($sets as $set) {
            foreach ([...$set->forces, ...$set->moments, ...$set->dislocations, ...$set->alongForces] as [$x]) {
                $all[] = $x;
            }
            foreach ([...$set->lines, ...$set->curvatures, ...$set->alongLines, ...$set->strains] as [$a, $b]) {
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

    /** @return array{list<int>, list<float>} unknowns of the ends of an element, and how far these move it per unit */
    private function endsOf(int $e): array
    {
        [$wa, , $turnsA, $alongA] = $this->unknowns[$e];
        [$wb, $turnsB, , $alongB] = $this->unknowns[$e + 1];
        if (! $this->axis->isStrained) {
            return [[$wa, $turnsA, $wb, $turnsB], [1.0, 1.0, 1.0, 1.0]];
        }
        [$ua, $da] = $this->holdAt($this->nodes[$e])->slides ?? [1.0, 1.0];
        [$ub, $db] = $this->holdAt($this->nodes[$e + 1])->slides ?? [1.0, 1.0];

        return [[$wa, $turnsA, $wb, $turnsB, $alongA, $alongB], [$da, 1.0, $db, 1.0, $ua, $ub]];
    }

    private function assembled(): BandMatrix
    {
        $matrix = new BandMatrix($this->count, $this->axis->isStrained ? 5 : 3);
        foreach ($this->ends as $e => [$of, $by]) {
            $k = $this->elements[$e];
            foreach ($of as $i => $unknown) {
                // Both triangles where one unknown stands for two displacements of an end.
                foreach ($of as $j => $other) {
                    if ($other >= 0 && $other <= $unknown) {
                        $matrix->add($unknown, $other, $by[$i] * $by[$j] * $k[$i][$j]);
                    }
                }
            }
        }
        foreach ($this->springs() as [$unknown, $stiffness]) {
            $matrix->add($unknown, $unknown, $stiffness);
        }

        return $matrix;
    }

    /** @return list<array{int, float}> unknown, stiffness of its spring over EI */
    private function springs(): array
    {
        $springs = [];
        foreach ($this->nodes as $node => $x) {
            $hold = $this->holdAt($x);
            foreach ([[0, $hold->vertical ?? 0.0], [2, $hold->rotation ?? 0.0]] as [$which, $spring]) {
                if ($spring > 0.0 && $spring < INF) {
                    $springs[] = [$this->unknowns[$node][$which], $spring / $this->EI];
                }
            }
        }

        return $springs;
    }

    /** @param  list<float>  $movement  a movement of the unknowns that strains nothing */
    private function moving(array $movement): UnstableBeam
    {
        $at = fn (int $unknown): float => $unknown < 0 ? 0.0 : $movement[$unknown];
        $along = array_map(fn (array $of): float => abs($at($of[3])), $this->unknowns);
        $w = array_map(fn (array $of): float => $at($of[0]), $this->unknowns);
        $last = count($w) - 1;
        $turns = array_map(
            fn (array $of): float => $this->length * max(abs($at($of[1])), abs($at($of[2]))),
            $this->unknowns,
        );
        $most = max(array_map(abs(...), [...$w, ...$turns]));
        if (max($along) > 1e-6 * $most) {
            return new UnstableBeam(
                'No support holds the member along its axis: it can slide. Make one of them pinned or fixed.',
            );
        }
        $moved = array_keys(array_filter($w, fn (float $v): bool => abs($v) > 1e-6 * $most));
        $from = max(0, ($moved[0] ?? 0) - 1);
        $to = min($last, ($moved[count($moved) - 1] ?? $last) + 1);
        $m = fn (int $node): string => rtrim(rtrim(number_format($this->nodes[$node] / 1000, 3, '.', ''), '0'), '.').
            ' m';
        if ($from > 0 || $to < $last || $this->hinges !== []) {
            return new UnstableBeam(
                "The beam can move between x = {$m($from)} and x = {$m(
                    $to,
                )}: with its hinges it is a mechanism there. Take out a hinge, or add or fix a support.",
                $this->hinges === [] ? 'supports' : 'hinges',
            );
        }
        if (max($turns) <= 1e-6 * $most) {
            return new UnstableBeam('No support holds the beam against moving up and down. Add a support that does.');
        }

        return new UnstableBeam(
            'The beam rests on one pinned support only: it can turn about it. Add a support or fix this one.',
        );
    }

    /**
     * Displacements of a load set, times EI: of each element at its ends, as BeamElement.
     *
     * @param  array<int, list<float>>  $loads
     * @return array{list<list<float>>, list<float>, array<int, float>} and of the unknowns; forces of the feet of
     *     springs
     */
    private function displacements(LoadSet $set, array $loads): array
    {
        $u = array_fill(0, $this->count, 0.0);
        $atNodes = [];
        /**
         * @var array<int, array{float, float, float}> $imposed deflection, rotation and displacement along the axis of
         *     nodes that are held rigidly
         */
        $imposed = [];
        foreach ($set->displacements as [$support, $settlement, $rotation]) {
            $node = (int) array_search($this->supports[$support], $this->nodes, true);
            $hold = $this->holds[$support];
            $imposed[$node] ??= [0.0, 0.0, 0.0];
            // A settlement is plumb; what slides takes up its part along the axis.
            $down = $settlement * $this->axis->cos;
            foreach ([[0, $hold->vertical, $down], [1, $hold->rotation, $rotation]] as [$which, $spring, $by]) {
                if ($spring === INF) {
                    $imposed[$node][$which] += $by * $this->EI;
                } elseif ($spring > 0.0) {
                    // The foot of the spring moves.
                    $u[$this->unknowns[$node][2 * $which]] += $spring * $by;
                    $atNodes[$this->unknowns[$node][2 * $which]] =
                        ($atNodes[$this->unknowns[$node][2 * $which]] ?? 0.0) + $spring * $by;
                }
            }
            if ($hold->along || $hold->slides !== null) {
                $imposed[$node][2] -= $settlement * $this->axis->sin * $this->EI;
            }
        }
        // Deflection and rotation of the left end, of the right end, along the axis.
        $held = fn (int $e, int $i): float => $i < 4
            ? $imposed[$e + intdiv($i, 2)][$i % 2] ?? 0.0
            : $imposed[$e + $i - 4][2] ?? 0.0;
        foreach ($loads as $e => $vector) {
            [$of, $by] = $this->ends[$e];
            foreach ($of as $i => $unknown) {
                if ($unknown >= 0) {
                    $u[$unknown] += $by[$i] * $vector[$i];
                }
            }
        }
        foreach ($imposed === [] ? [] : $this->ends as $e => [$of, $by]) {
            $k = $this->elements[$e];
            foreach ($of as $i => $unknown) {
                for ($j = 0, $n = count($of); $unknown >= 0 && $j < $n; $j++) {
                    $u[$unknown] -= $by[$i] * $k[$i][$j] * $held($e, $j);
                }
            }
        }
        $u = $this->stiffness->solve(array_values($u));
        $displacements = [];
        foreach ($this->ends as $e => [$of, $by]) {
            $ends = [];
            foreach ($of as $i => $unknown) {
                $ends[] = $held($e, $i) + ($unknown < 0 ? 0.0 : $by[$i] * $u[$unknown]);
            }
            $displacements[] = $ends;
        }

        return [$displacements, $u, $atNodes];
    }
}
