<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Member\Load;
use Waage\Member\LoadKind;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** Where a web is weighed, by any standard: shear of spans, bearing at supports, both with bending; mm, N. */
final readonly class WebSearch
{
    public const TOGETHER = 'Greatest moment, shear and reaction at the place are put together: on the safe side.';

    /** Both sides of a place. */
    private const BESIDE = 1.0;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> by the rules of a standard */
    public function weigh(ColdFormedMake $make, WebRules $rules, Detail $detail): array
    {
        $shear = function (Working $w, float $V) use ($make, $rules): void {
            $rules->shear($w, $make, $V);
        };
        $bearing = fn (Working $w, float $P, Bearing $at): string => $rules->bearing($w, $make, $P, $at);
        $both = fn (Extreme $M, float $V, string $where, string $id, Detail $as): Weighing => $this->together(
            ["bending-shear-{$id}", "Bending with shear, {$where}", $rules->clauses()['both'], 'Bending with shear'],
            $rules->bendingWithShear($as->working(), $make, $M->value, $V),
            $M,
        );
        $under = function (Extreme $M, float $P, Bearing $at, string $id, string $title) use (
            $make,
            $rules,
            $detail,
        ): ?Weighing {
            $w = $rules->bendingWithBearing($detail->working(), $make, [$M->value, $P], $at);
            $what = [$id, $title, $rules->clauses()['pressed'], 'Bending with bearing'];

            return $w === null ? null : $this->together($what, $w, $M);
        };
        $over = fn (Extreme $M, float $P, int $i): ?Weighing => $under(
            $M,
            $P,
            $this->support($i),
            'bending-bearing-'.($i + 1),
            'Bending with bearing at support '.($i + 1),
        );
        [$ofShear, $ofBearing] = [$rules->clauses()['shear'], $rules->clauses()['bearing']];

        return [
            ...$this->shear($make, [$ofShear, ...$rules->symbols()['shear']], $shear, $detail),
            ...$this->bearing($make, [$ofBearing, ...$rules->symbols()['bearing']], $bearing, $detail),
            ...$this->underLoads($make, [$ofBearing, ...$rules->symbols()['bearing']], $bearing, $under, $detail),
            ...$this->overSupports($make, $both, $over, $detail),
            ...$this->withinSpans($make, $both, $detail),
        ];
    }

    /**
     * Shear of every span.
     *
     * @param  array{string, string, string}  $what  clause, symbols of demand and capacity
     * @param  \Closure(Working, float): void  $calculate  u of a shear force
     * @return list<Weighing>
     */
    private function shear(ColdFormedMake $make, array $what, \Closure $calculate, Detail $detail): array
    {
        [$clause, $demand, $capacity] = $what;
        $beam = $this->envelopes->beam;
        $names = $beam->beam->fieldNames();
        $weighings = [];
        foreach ($beam->beam->fields() as $i => [$from, $to]) {
            $e = $this->envelopes->shear->greatest($this->envelopes->strength, $make->weight(), $from, $to);
            if ($e === null || abs($e->value) < 1.0) {
                continue;
            }
            $w = $detail->working();
            $calculate($w, abs($e->value) / $make->count());
            $u = $w->value('u');
            $where = lcfirst($names[$i]);
            $sign = $e->value >= 0.0 ? 1 : -1;
            $effect = $this->envelopes->shear->effect;
            $factors = $beam->worst($e->combination, $make->weight(), $effect, $sign, $e->segment, $e->t);
            $weighings[] = new Weighing(
                'shear-'.str_replace(' ', '-', $where),
                "Shear, {$where}",
                $clause,
                $u,
                against: new Against(
                    demand: $w->value($demand),
                    capacity: $w->value($capacity),
                    kind: Kind::Force,
                    demandSymbol: $demand,
                    capacitySymbol: $capacity,
                ),
                at: $beam->placed($e, $factors),
                lines: $w->lines,
                ranges: [[$from, $to, abs($e->value) / $u, $u]],
                group: 'shear',
            );
        }

        return $weighings;
    }

    /**
     * Bearing at every support that is pressed.
     *
     * @param  array{string, string, string}  $what  clause, symbols of demand and capacity
     * @param  \Closure(Working, float, Bearing): string  $calculate  u of a reaction; why it is not covered, or empty
     * @return list<Weighing>
     */
    private function bearing(ColdFormedMake $make, array $what, \Closure $calculate, Detail $detail): array
    {
        [$clause, $demand, $capacity] = $what;
        $weighings = [];
        foreach ($this->envelopes->beam->member->supports as $i => $support) {
            $at = $this->reaction($i, $support, $make);
            if ($at === null) {
                continue;
            }
            [$P, $combination, $factors] = $at;
            $P /= $make->count();
            $id = 'bearing-'.($i + 1);
            $title = 'Bearing at support '.($i + 1);
            if ($support->stiffened) {
                $remark = 'The web has stiffeners or a cleat here, which are not weighed.';
                $weighings[] = new Weighing($id, $title, $clause, null, remark: $remark, told: true);

                continue;
            }
            $w = $detail->working();
            $fault = $calculate($w, $P, $this->support($i));
            if ($fault !== '') {
                $weighings[] = new Weighing($id, $title, $clause, null, applies: false, remark: $fault);

                continue;
            }
            $weighings[] = new Weighing(
                $id,
                $title,
                $clause,
                $w->value('u'),
                against: new Against(
                    demand: $P,
                    capacity: $w->value($capacity),
                    kind: Kind::Force,
                    demandSymbol: $demand,
                    capacitySymbol: $capacity,
                ),
                at: new Place(
                    x: $support->x,
                    combination: $combination->id,
                    arrangement: $this->envelopes->beam->arrangementText($factors),
                    factors: $factors,
                ),
                lines: $w->lines,
                group: 'Bearing',
            );
        }

        return $weighings;
    }

    /** @return array{float, Combination, array<int, float>}|null what presses a support */
    private function reaction(int $i, Support $support, ColdFormedMake $make): ?array
    {
        $beam = $this->envelopes->beam;
        if (
            $support->kind === SupportKind::Fixed ||
            $support->kind === SupportKind::Guided ||
            $this->envelopes->strength === []
        ) {
            return null;
        }
        $axis = $beam->beam->axis;
        $presses = array_map(
            fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]),
            $beam->responses->reactions,
        );
        $worst = $beam->greatest($this->envelopes->strength, $make->weight(), 1, $presses);

        return $worst[0] > 1.0 ? $worst : null;
    }

    /** Of the member, mm. */
    public function length(): float
    {
        return $this->envelopes->beam->member->length;
    }

    private function support(int $i): Bearing
    {
        $support = $this->envelopes->beam->member->supports[$i];

        return $this->at($support->x, $support->bearing, $this->forces());
    }

    /** @param  list<Load>  $others  that may press the other flange */
    private function at(float $x, float $length, array $others): Bearing
    {
        $clear = fn (float $other, float $long): float => abs($other - $x) - ($length + $long) / 2;
        $toOther = min(INF, ...array_map(fn (Load $l): float => $clear($l->from, $l->bearing), $others), ...[INF]);

        return new Bearing($x, $length, min($x, $this->length() - $x) - $length / 2, $toOther);
    }

    /** @return list<Load> that press on the web from above */
    private function forces(): array
    {
        return array_values(
            array_filter(
                $this->envelopes->beam->member->loads,
                fn (Load $l): bool => $l->on
                    && $l->kind === LoadKind::Point
                    && ! $l->actsAlong()
                    && ! $l->actsSideways(),
            ),
        );
    }

    /**
     * Bearing under every force between supports, each with its greatest factor of strength, alone and with bending
     * there.
     *
     * @param  array{string, string, string}  $what  clause, symbols of demand and capacity
     * @param  \Closure(Working, float, Bearing): string  $calculate  as of supports
     * @param  \Closure(Extreme, float, Bearing, string, string): ?Weighing  $withBending  of moment, force, place,
     *     id and title
     * @return list<Weighing>
     */
    private function underLoads(
        ColdFormedMake $make,
        array $what,
        \Closure $calculate,
        \Closure $withBending,
        Detail $detail,
    ): array {
        [$clause, $demand, $capacity] = $what;
        $weighings = [];
        $supports = $this->envelopes->beam->member->supports;
        foreach ($this->forces() as $n => $load) {
            $P = ($load->start() * $this->envelopes->greatestFactor($load)) / $make->count();
            if ($P < 1.0) {
                continue;
            }
            $name = $load->name === '' ? 'force '.($n + 1) : $load->name;
            $id = 'bearing-load-'.($n + 1);
            $title = "Bearing under {$name}";
            if ($load->stiffened) {
                $remark = 'The web has stiffeners or a cleat here, which are not weighed.';
                $weighings[] = new Weighing(
                    $id,
                    $title,
                    $clause,
                    null,
                    at: new Place(x: $load->from),
                    remark: $remark,
                    told: true,
                );

                continue;
            }
            $clear = array_map(
                fn (Support $s): float => abs($s->x - $load->from) - ($s->bearing + $load->bearing) / 2,
                $supports,
            );
            $at = new Bearing(
                $load->from,
                $load->bearing,
                min($load->from, $this->length() - $load->from) - $load->bearing / 2,
                $clear === [] ? INF : min($clear),
            );
            $w = $detail->working();
            $fault = $calculate($w, $P, $at);
            $weighings[] =
                $fault !== ''
                    ? new Weighing(
                        $id,
                        $title,
                        $clause,
                        null,
                        applies: false,
                        at: new Place(x: $load->from),
                        remark: $fault,
                    )
                    : new Weighing(
                        $id,
                        $title,
                        $clause,
                        $w->value('u'),
                        against: new Against(
                            demand: $P,
                            capacity: $w->value($capacity),
                            kind: Kind::Force,
                            demandSymbol: $demand,
                            capacitySymbol: $capacity,
                        ),
                        at: new Place(x: $load->from),
                        remark: 'The force with its greatest factor.',
                        lines: $w->lines,
                        group: 'Bearing',
                    );
            $both = $fault === '' ? $this->both($make, $load->from) : null;
            if ($both !== null) {
                $with = $withBending($both[0], $P, $at, "bending-{$id}", "Bending with bearing under {$name}");
                array_push($weighings, ...array_filter([$with]));
            }
        }

        return $weighings;
    }

    /**
     * Moment with shear, and hogging with bearing, at supports where moments go on.
     *
     * @param  \Closure(Extreme, float, string, string, Detail): Weighing  $withShear  of moment, shear, place in words
     *     and id
     * @param  \Closure(Extreme, float, int): ?Weighing  $withBearing  of hogging, reaction and number of the support
     * @return list<Weighing>
     */
    private function overSupports(
        ColdFormedMake $make,
        \Closure $withShear,
        \Closure $withBearing,
        Detail $detail,
    ): array {
        $weighings = [];
        $member = $this->envelopes->beam->member;
        foreach ($member->supports as $i => $support) {
            $both = $this->both($make, $support->x);
            $isEnd = $support->x < 1.0 || $support->x > $member->length - 1.0;
            if ($both === null || ($isEnd && ! $support->holdsTurning())) {
                continue;
            }
            $weighings[] = $withShear(
                $both[0],
                abs($both[1]->value) / $make->count(),
                'at support '.($i + 1),
                (string) ($i + 1),
                $detail,
            );
            $presses = $this->reaction($i, $support, $make);
            $hogging = $this->envelopes->moment->extreme(
                $this->envelopes->strength,
                -1,
                $make->weight(),
                max(0.0, $support->x - self::BESIDE),
                min($member->length, $support->x + self::BESIDE),
            );
            if ($presses !== null && ! $support->stiffened && $hogging !== null && $hogging->value < -1.0) {
                array_push(
                    $weighings,
                    ...array_filter([$withBearing($this->share($make, $hogging), $presses[0] / $make->count(), $i)]),
                );
            }
        }

        return $weighings;
    }

    /**
     * Moment with shear where point loads act, or others begin: both may be great there. Of every span where it is
     * most.
     *
     * @param  \Closure(Extreme, float, string, string, Detail): Weighing  $withShear  as above
     * @return list<Weighing>
     */
    private function withinSpans(ColdFormedMake $make, \Closure $withShear, Detail $detail): array
    {
        $weighings = [];
        $beam = $this->envelopes->beam->beam;
        $names = $beam->fieldNames();
        foreach ($beam->fields() as $i => [$from, $to]) {
            $where = lcfirst($names[$i]);
            $id = str_replace(' ', '-', $where);
            $worst = null;
            foreach ($this->envelopes->moment->breaks() as $x) {
                $both = $x < $from + 2.0 || $x > $to - 2.0 ? null : $this->both($make, $x);
                $u =
                    $both === null
                        ? 0.0
                        : (float) $withShear(
                            $both[0],
                            abs($both[1]->value) / $make->count(),
                            $where,
                            $id,
                            Detail::Verdict,
                        )->ratio;
                $worst = $both !== null && ($worst === null || $u > $worst[0]) ? [$u, $both] : $worst;
            }
            if ($worst !== null) {
                [$M, $V] = $worst[1];
                $weighings[] = $withShear($M, abs($V->value) / $make->count(), $where, $id, $detail);
            }
        }

        return $weighings;
    }

    /** @return array{Extreme, Extreme}|null the greatest moment and the greatest shear at a place */
    private function both(ColdFormedMake $make, float $x): ?array
    {
        [$from, $to] = [max(0.0, $x - self::BESIDE), min($this->envelopes->beam->member->length, $x + self::BESIDE)];
        $M = $this->envelopes->moment->greatest($this->envelopes->strength, $make->weight(), $from, $to);
        $V = $this->envelopes->shear->greatest($this->envelopes->strength, $make->weight(), $from, $to);

        return $M === null || $V === null ? null : [$this->share($make, $M), $V];
    }

    /** What one of several pieces takes. */
    private function share(ColdFormedMake $make, Extreme $e): Extreme
    {
        return new Extreme($e->value / $make->count(), $e->x, $e->segment, $e->t, $e->combination);
    }

    /** @param  array{string, string, string, string}  $what  id, title, clause, group */
    private function together(array $what, Working $w, Extreme $M): Weighing
    {
        return new Weighing(
            $what[0],
            $what[1],
            $what[2],
            $w->value('u'),
            at: new Place(x: $M->x, combination: $M->combination->id),
            remark: self::TOGETHER,
            lines: $w->lines,
            group: $what[3],
        );
    }
}
