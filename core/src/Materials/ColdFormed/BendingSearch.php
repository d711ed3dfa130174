<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/** Where bending is weighed, by any standard: spans, senses, lengths between restraints; mm, Nmm. */
final readonly class BendingSearch
{
    /** Less is rounding. */
    private const NOTHING = 1.0;

    public RestrainedLengths $lengths;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->lengths = new RestrainedLengths($envelopes->beam);
    }

    /** @return list<BendingPlace> */
    public function places(ColdFormedMake $make): array
    {
        $places = [];
        $beam = $this->envelopes->beam->beam;
        $names = $beam->fieldNames();
        foreach ($beam->fields() as $i => [$from, $to]) {
            foreach ([1, -1] as $sign) {
                $e = $this->greatest($make, $sign, $from, $to);
                array_push($places, ...$e === null ? [] : [new BendingPlace($names[$i], $sign, $from, $to, $e)]);
            }
        }

        return $places;
    }

    /** The greatest moment of a sign between two places; null: none. */
    private function greatest(ColdFormedMake $make, int $sign, float $from, float $to): ?Extreme
    {
        $e = $this->envelopes->moment->extreme($this->envelopes->strength, $sign, $make->weight(), $from, $to);

        return $e === null || $sign * $e->value < self::NOTHING ? null : $e;
    }

    /**
     * The length between restraints that is used most; its length is 0 where the compressed flange is restrained all
     * along.
     *
     * @param  \Closure(Extreme, float): float  $ratio  of the greatest moment of a length, and of that length
     * @return array{Extreme, float}
     */
    public function worst(ColdFormedMake $make, BendingPlace $place, \Closure $ratio): array
    {
        $lengths = $this->lengths->lateral($place->sign);
        $worst = null;
        foreach ($lengths === [] ? [[$place->from, $place->to, 0.0]] : $lengths as [$a, $b, $length]) {
            [$start, $end] = [max($a, $place->from), min($b, $place->to)];
            $e = $end - $start < 1.0 ? null : $this->greatest($make, $place->sign, $start, $end);
            $u = $e === null ? 0.0 : $ratio($e, $length);
            $worst = $e !== null && ($worst === null || $u > $worst[0]) ? [$u, $e, $length] : $worst;
        }

        return $worst === null ? [$place->greatest, 0.0] : [$worst[1], $worst[2]];
    }

    /** Supports, and points that restrain both flanges, hold against twisting: the length between them about a place. */
    public function twistLength(float $x): float
    {
        $places = $this->held();
        for ($i = 1; $i < count($places); $i++) {
            if ($x <= $places[$i] + 1e-6) {
                return max(1.0, $places[$i] - $places[$i - 1]) * $this->envelopes->beam->member->apart;
            }
        }

        return $this->envelopes->beam->member->length;
    }

    public function longestTwist(): float
    {
        return max(array_map($this->twistLength(...), $this->held()));
    }

    /** @return non-empty-list<float> places that are held against twisting, and the ends */
    private function held(): array
    {
        $member = $this->envelopes->beam->member;
        $forks = $this->envelopes->beam->beam->forks;
        $places = array_values(array_unique([0.0, ...$forks, ...$member->heldSideways(), $member->length]));
        sort($places);

        return $places;
    }

    /** @return array{float, float} the longest length of a flange in compression, 0: restrained; and its middle */
    public function longestLateral(): array
    {
        $longest = [0.0, 0.0];
        foreach ([1, -1] as $sign) {
            foreach ($this->lengths->lateral($sign) as [$from, $to, $length]) {
                $longest = $length > $longest[0] ? [$length, ($from + $to) / 2] : $longest;
            }
        }

        return $longest;
    }

    /**
     * Of what is worked out: u, and demand and capacity by their symbols.
     *
     * @param  array{string, string, string, string}  $what  id, title, clause, group
     * @param  array{string, string}  $symbols
     * @param  array{float, float}|null  $range  of the strip of reserve
     */
    public function report(array $what, array $symbols, Working $w, Extreme $e, ?array $range): Weighing
    {
        [$id, $title, $clause, $group] = $what;
        $beam = $this->envelopes->beam;
        $sign = $e->value >= 0.0 ? 1 : -1;
        $weight = $beam->member->make->weight();
        $factors = $beam->worst($e->combination, $weight, $this->envelopes->moment->effect, $sign, $e->segment, $e->t);
        $u = $w->value('u');

        return new Weighing(
            $id,
            $title,
            $clause,
            $u,
            demand: $w->value($symbols[0]),
            capacity: $w->value($symbols[1]),
            kind: Kind::Moment,
            demandSymbol: $symbols[0],
            capacitySymbol: $symbols[1],
            x: $e->x,
            combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors),
            lines: $w->lines,
            ranges: $range === null ? [] : [[$range[0], $range[1], abs($e->value) / $u, $u]],
            factors: $factors,
            group: $group,
        );
    }
}
