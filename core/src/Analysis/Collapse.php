<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Plastic collapse of a beam of constant plastic moment under loads that grow together.
 *
 * The loads are raised from hinge to hinge. A hinge is a kink, which sets up moments of its own. Hinges under a
 * distributed load stay at the peak of the moment, which moves; so no moment is ever more than the plastic one, and
 * when the last hinge makes a mechanism the load factor is exact: safe by equilibrium, and reached by a mechanism (both
 * bounds of plastic theory). Nothing is sampled, there is no mesh.
 *
 * Moments in Nmm, sagging positive, lengths in mm.
 */
final class Collapse
{
    private const MOST_STEPS = 60;

    /** Part of the plastic moment (or of a length) that counts as nothing. */
    private const SMALL = 1e-9;

    /** @var list<array{float, float}> */
    private readonly array $fields;

    private readonly KinkMoments $kinkMoments;

    /** @var array<int, int> field of each segment */
    private readonly array $fieldOf;

    /** @var list<bool> of each segment: is the moment at its start the one at the end of the segment before? */
    private readonly array $goesOn;

    /** @var list<array{PlasticHinge, float}> hinges that have closed, and how far they had turned */
    private array $locked = [];

    /** @var list<list<float>> moment of the loads on each segment */
    private readonly array $load;

    private readonly Responses $responses;

    /**
     * @param  LoadSet  $loads  forces, moments and line loads; movements of supports and free curvatures do not matter
     * @param  float  $Mp  plastic moment
     * @param  array<int, float>  $capacities  moment that a support can pass on, where it is less; by support
     * @param  KinkMoments|null  $kinkMoments  of the beam, when they are known
     */
    public function __construct(
        private readonly Beam $beam,
        private readonly LoadSet $loads,
        private readonly float $Mp,
        private readonly array $capacities = [],
        ?KinkMoments $kinkMoments = null,
    ) {
        $this->fields = $beam->fields();
        $this->responses = $responses = $beam->solve([$loads]);
        $load = $responses->M[0];
        $this->load = $load;
        $this->kinkMoments = $kinkMoments ?? new KinkMoments($beam);
        $fieldOf = [];
        foreach ($this->fields as $f => [$from, $to]) {
            for (
                $k = $responses->segmentAt($from);
                $k < $responses->segments() && $responses->breaks[$k] < $to;
                $k++
            ) {
                $fieldOf[$k] = $f;
            }
        }
        $this->fieldOf = $fieldOf;
        $most = max([0.0, ...array_map(fn (array $p): float => max([0.0, ...array_map(abs(...), $p)]), $load)]);
        $goesOn = [false];
        for ($k = 1; $k < $responses->segments(); $k++) {
            $jump =
                $load[$k][0] - Polynomial::value($load[$k - 1], $responses->breaks[$k] - $responses->breaks[$k - 1]);
            $goesOn[] =
                ($beam->holdAt($responses->breaks[$k])->rotation ?? 0.0) === 0.0 && abs($jump) <= 1e-9 * $most;
        }
        $this->goesOn = $goesOn;
    }

    /** The factor at which the first hinge forms; no mechanism forms before it. INF when the loads bend nothing. */
    public function firstYield(): float
    {
        $first = INF;
        foreach ($this->peaks([], 0.0, []) as [$x, $k, , $sign, $M]) {
            if ($sign * $M > 1e-12 * $this->Mp) {
                $first = min($first, $this->capacityAt($this->fieldOf[$k], $x) / ($sign * $M));
            }
        }

        return $first;
    }

    /**
     * The state in which a mechanism forms; null when the loads bend nothing, or when none is found of which both
     * bounds of plastic theory are the same.
     */
    public function find(): ?CollapseState
    {
        $this->locked = [];
        $state = $this->raised();

        return $state !== null && $state->isProved($this->loads, $this->Mp) ? $state : null;
    }

    private function raised(): ?CollapseState
    {
        /** @var list<PlasticHinge> $hinges */
        $hinges = [];
        $lambda = 0.0;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $hinges = $this->withoutClosing($hinges, $lambda);
            $next = $this->next($hinges, $lambda);
            if ($next === null || ! is_finite($next[0])) {
                return null;
            }
            [$lambda, $hinges, $hinge] = $next;
            // A hinge that has moved up to a break is the one that is found there.
            $same = array_keys(
                array_filter(
                    $hinges,
                    fn (PlasticHinge $h): bool => $h->sign === $hinge->sign &&
                        $this->isOneWith($h, $hinge->x, $hinge->segment, 1e-4),
                ),
            );
            if ($same !== []) {
                $this->lock($hinges, $same, $lambda);
                $hinges = array_values(array_diff_key($hinges, array_flip($same)));
            }
            $rotations = $this->mechanism($hinges, $hinge);
            $hinges[] = $hinge;
            if ($rotations === null) {
                continue;
            }
            $wrong = array_filter(
                $rotations,
                fn (float $r, int $i): bool => $r * $hinges[$i]->sign > self::SMALL,
                ARRAY_FILTER_USE_BOTH,
            );
            if ($wrong === []) {
                return $this->state($lambda, $hinges, $rotations);
            }
            // A hinge that would have to turn back has closed; the last one has only just formed and has not turned.
            $this->lock($hinges, array_keys($wrong), $lambda, array_slice($hinges, 0, -1));
            $hinges = array_values(array_diff_key($hinges, $wrong));
        }

        return null;
    }

    /**
     * @param  list<PlasticHinge>  $hinges
     * @param  list<float>  $rotations
     */
    private function state(float $lambda, array $hinges, array $rotations): CollapseState
    {
        // The last hinge makes no moment of its own: it has just formed.
        $kinks = $this->kinks(array_slice($hinges, 0, -1), $lambda);
        $moments = [];
        foreach ($this->lines(array_slice($hinges, 0, -1), $kinks) as $k => $line) {
            $moments[] = Polynomial::sum($line, $this->load[$k], $lambda);
        }
        $turns = new LoadSet;
        foreach ($hinges as $i => $hinge) {
            // At a support that holds against turning the kink is in the span, not beyond.
            $inside =
                $hinge->x >= $this->fields[$hinge->field][1] && $hinge->x < $this->beam->length
                    ? 1e-9 * $this->beam->length
                    : 0.0;
            $turns->dislocation($hinge->x - $inside, 0.0, $rotations[$i]);
        }
        $solved = $this->beam->solve([$turns]);
        $shape = array_map(
            fn (array $w): array => array_map(fn (float $c): float => $c / $this->beam->EI, $w),
            $solved->W[0],
        );
        $start = 0.0;
        if (($this->beam->holdAt(0.0)->rotation ?? 0.0) === 0.0) {
            $start = $shape[0][1];
            foreach ($hinges as $i => $hinge) {
                $start -= $hinge->x === 0.0 ? $rotations[$i] : 0.0;
            }
        }

        return new CollapseState(
            $lambda,
            $hinges,
            $rotations,
            $this->responses->breaks,
            $moments,
            $solved->breaks,
            $shape,
            $start,
        );
    }

    /**
     * The next place where the plastic moment is reached.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return array{float, list<PlasticHinge>, PlasticHinge}|null factor, the hinges where they then are, the new one
     */
    private function next(array $hinges, float $from): ?array
    {
        $lambda = $from;
        $best = null;
        for ($i = 0; $i < 2 * self::MOST_STEPS; $i++) {
            $hinges = $this->followed($hinges, $lambda);
            $kinks = $this->kinks($hinges, $lambda);
            $lines = $this->lines($hinges, $kinks);
            $rates = $this->lines($hinges, $this->rates($hinges), false);
            $least = INF;
            foreach ($this->peaks($lines, $lambda, $hinges) as [$x, $k, $t, $sign, $M]) {
                $rate = $sign * (Polynomial::value($this->load[$k], $t) + Polynomial::value($rates[$k], $t));
                if ($rate > ($from > 0.0 ? (1e-12 * $this->Mp) / $from : 0.0)) {
                    $capacity = $this->capacityAt($this->fieldOf[$k], $x);
                    $at = $lambda > 0.0 ? $lambda + ($capacity - $sign * $M) / $rate : $capacity / $rate;
                    if ($at < $least - self::SMALL * abs($least) || $least === INF) {
                        $least = $at;
                        $best = new PlasticHinge($x, $this->fieldOf[$k], $k, $sign, $capacity, $at, $x);
                    }
                }
            }
            if ($best === null) {
                return null;
            }
            $least = max($least, $from);
            if (abs($least - $lambda) <= 1e-13 * $least) {
                return [
                    $least,
                    $hinges,
                    new PlasticHinge(
                        $best->x,
                        $best->field,
                        $best->segment,
                        $best->sign,
                        $best->capacity,
                        $least,
                        $best->x,
                    ),
                ];
            }
            $lambda = $least;
        }

        return [$lambda, $hinges, $best];
    }

    /**
     * Rotations of the mechanism that the new hinge makes with the others (its own is one), or null when the beam
     * still stands.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return list<float>|null jumps of the slope, sagging ones negative
     */
    private function mechanism(array $hinges, PlasticHinge $new): ?array
    {
        $column = array_map(
            fn (PlasticHinge $h): float => $this->kinkMoments->of($h->field, $h->x, $new->field, $new->x),
            $hinges,
        );
        $others = $this->kinkMoments->kinksFor($hinges, $column);
        $own = $this->kinkMoments->of($new->field, $new->x, $new->field, $new->x);
        $left = $own;
        foreach ($others as $i => $rotation) {
            $left -= $column[$i] * $rotation;
        }
        // What a beam that is held has is of the order of EI / L; a statically determinate part has nothing but
        // rounding.
        if ($left > (1e-12 * $this->beam->EI) / $this->beam->length) {
            return null;
        }
        $turn = (float) -$new->sign;

        return [...array_map(fn (float $r): float => -$r * $turn, $others), $turn];
    }

    /**
     * Takes out hinges that would turn back if the loads grew.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return list<PlasticHinge>
     */
    private function withoutClosing(array $hinges, float $lambda): array
    {
        while ($hinges !== []) {
            $worst = null;
            $most = 0.0;
            foreach ($this->rates($hinges) as $i => $rate) {
                if ($rate * $hinges[$i]->sign > $most) {
                    $most = $rate * $hinges[$i]->sign;
                    $worst = $i;
                }
            }
            if ($worst === null) {
                break;
            }
            $this->lock($hinges, [$worst], $lambda);
            unset($hinges[$worst]);
            $hinges = array_values($hinges);
        }

        return $hinges;
    }

    /**
     * A hinge that closes keeps what it has turned.
     *
     * @param  list<PlasticHinge>  $hinges
     * @param  list<int>  $which
     * @param  list<PlasticHinge>|null  $turned  those that have turned; null: all
     */
    private function lock(array $hinges, array $which, float $lambda, ?array $turned = null): void
    {
        $kinks = $this->kinks($turned ?? $hinges, $lambda);
        foreach ($which as $i) {
            if (isset($kinks[$i])) {
                $this->locked[] = [$hinges[$i], $kinks[$i]];
            }
        }
    }

    /**
     * The hinges at the peaks of the moment, which move as the loads grow.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return list<PlasticHinge>
     */
    private function followed(array $hinges, float $lambda): array
    {
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            $lines = $this->lines($hinges, $this->kinks($hinges, $lambda));
            $moved = 0.0;
            foreach ($hinges as $j => $hinge) {
                [$x, $k] = $this->peakNear($hinge, $lines, $lambda);
                $moved = max($moved, abs($x - $hinge->x));
                $hinges[$j] = $hinge->at($x, $this->fieldOf[$k], $k);
            }
            if ($moved <= 1e-12 * $this->beam->length) {
                break;
            }
        }

        return $hinges;
    }

    /**
     * The peak of the moment that a hinge belongs to: uphill from where it is, to the next place where the slope is
     * zero or a break.
     *
     * @param  list<list<float>>  $lines
     * @return array{float, int} place and segment
     */
    private function peakNear(PlasticHinge $hinge, array $lines, float $lambda): array
    {
        $k = $hinge->segment;
        if ($hinge->capacity < $this->Mp) {
            return [$hinge->x, $k];
        }
        $near = 1e-9 * $this->beam->length;
        $sides = [$k];
        if ($hinge->x - $this->responses->breaks[$k] < $near && $this->goesOn[$k]) {
            $sides[] = $k - 1;
        } elseif ($near > $this->responses->breaks[$k + 1] - $hinge->x && ($this->goesOn[$k + 1] ?? false)) {
            $sides[] = $k + 1;
        }
        foreach ($sides as $k) {
            $start = $this->responses->breaks[$k];
            $end = $this->responses->breaks[$k + 1] - $start;
            $t = min($end, max(0.0, $hinge->x - $start));
            $v = Polynomial::derivative(Polynomial::sum($lines[$k], $this->load[$k], $lambda));
            $uphill = $hinge->sign * Polynomial::value($v, $t);
            if (abs($uphill) <= (1e-9 * $this->Mp) / $end) {
                continue;
            }
            if ($uphill > 0.0 && $t < $end) {
                return [$start + [...Polynomial::roots($v, $t, $end), $end][0], $k];
            }
            if ($uphill < 0.0 && $t > 0.0) {
                $before = [0.0, ...Polynomial::roots($v, 0.0, $t)];

                return [$start + $before[count($before) - 1], $k];
            }
        }

        return [$hinge->x, $hinge->segment];
    }

    /**
     * Where the plastic moment may be reached next: breaks and the peaks of the moment, but for the hinges themselves.
     *
     * @param  list<list<float>>  $lines
     * @param  list<PlasticHinge>  $hinges
     * @return list<array{float, int, float, int, float}> place, segment, place on it, sign, moment
     */
    private function peaks(array $lines, float $lambda, array $hinges): array
    {
        $peaks = [];
        foreach ($this->load as $k => $load) {
            $start = $this->responses->breaks[$k];
            $end = $this->responses->breaks[$k + 1] - $start;
            // Without load yet the peaks are those that will come.
            $p = $lambda > 0.0 ? Polynomial::sum($lines[$k], $load, $lambda) : $load;
            $v = Polynomial::derivative($p);
            $places = [[0.0, 1], [0.0, -1], [$end, 1], [$end, -1]];
            foreach (Polynomial::roots($v, 0.0, $end) as $t) {
                $places[] = [$t, Polynomial::value(Polynomial::derivative($v), $t) <= 0.0 ? 1 : -1];
            }
            foreach ($places as [$t, $sign]) {
                $peaks[] = [$start + $t, $k, $t, $sign, Polynomial::value($p, $t)];
            }
        }

        return array_values(
            array_filter(
                $peaks,
                fn (array $peak): bool => array_filter(
                    $hinges,
                    fn (PlasticHinge $h): bool => $h->sign === $peak[3] && $this->isOneWith($h, $peak[0], $peak[1]),
                ) === [],
            ),
        );
    }

    /** Is a place that of a hinge, on the same side of couples and of supports that take moments? */
    private function isOneWith(PlasticHinge $hinge, float $x, int $segment, float $near = 1e-7): bool
    {
        return abs($hinge->x - $x) < $near * $this->beam->length &&
            ($hinge->segment === $segment ||
                (abs($hinge->segment - $segment) === 1 && $this->goesOn[max($hinge->segment, $segment)]));
    }

    private function capacityAt(int $field, float $x): float
    {
        [$from, $to] = $this->fields[$field];
        foreach ($this->capacities as $support => $capacity) {
            $at = $this->beam->supports[$support];
            if (($x <= $from && $at === $from) || ($x >= $to && $at === $to)) {
                return min($capacity, $this->Mp);
            }
        }

        return $this->Mp;
    }

    /**
     * Kinks that hold the plastic moment at each hinge.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return list<float>
     */
    private function kinks(array $hinges, float $lambda): array
    {
        return $this->kinkMoments->kinksFor(
            $hinges,
            array_map(
                fn (PlasticHinge $h): float => $h->sign * $h->capacity -
                    $lambda * $this->loadMoment($h) -
                    $this->lockedMoment($h->field, $h->x),
                $hinges,
            ),
        );
    }

    /**
     * What the kinks grow by with the load factor.
     *
     * @param  list<PlasticHinge>  $hinges
     * @return list<float>
     */
    private function rates(array $hinges): array
    {
        return $this->kinkMoments->kinksFor(
            $hinges,
            array_map(fn (PlasticHinge $h): float => -$this->loadMoment($h), $hinges),
        );
    }

    private function lockedMoment(int $field, float $x): float
    {
        return array_sum(
            array_map(
                fn (array $l): float => $l[1] * $this->kinkMoments->of($field, $x, $l[0]->field, $l[0]->x),
                $this->locked,
            ),
        );
    }

    private function loadMoment(PlasticHinge $hinge): float
    {
        return Polynomial::value($this->load[$hinge->segment], $hinge->x - $this->responses->breaks[$hinge->segment]);
    }

    /**
     * The moments of the kinks on each segment, as straight lines.
     *
     * @param  list<PlasticHinge>  $hinges
     * @param  list<float>  $kinks
     * @param  bool  $locked  with those of hinges that have closed
     * @return list<list<float>>
     */
    private function lines(array $hinges, array $kinks, bool $locked = true): array
    {
        $lines = [];
        foreach ($this->fields as $f => [$from, $to]) {
            $a = $locked ? $this->lockedMoment($f, $from) : 0.0;
            $b = $locked ? $this->lockedMoment($f, $to) : 0.0;
            foreach ($hinges as $i => $hinge) {
                $a += $kinks[$i] * $this->kinkMoments->of($f, $from, $hinge->field, $hinge->x);
                $b += $kinks[$i] * $this->kinkMoments->of($f, $to, $hinge->field, $hinge->x);
            }
            $slope = ($b - $a) / ($to - $from);
            for (
                $k = $this->responses->segmentAt($from);
                $k < $this->responses->segments() && $this->responses->breaks[$k] < $to;
                $k++
            ) {
                $lines[$k] = [$a + $slope * ($this->responses->breaks[$k] - $from), $slope];
            }
        }

        return array_values($lines);
    }
}
