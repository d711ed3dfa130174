<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Against;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/** Where bending is weighed, by any standard: spans, senses, lengths between restraints; mm, Nmm. */
final readonly class BendingSearch
{
    /** Less is rounding. */
    private const NOTHING = 1.0;

    public RestrainedLengths $lengths;

    public MomentDiagrams $diagrams;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->lengths = new RestrainedLengths($envelopes->beam);
        $this->diagrams = new MomentDiagrams($envelopes);
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
     * The length between restraints that is used most, under the diagram that uses it most.
     *
     * @param  \Closure(Strained): float  $capacity  moment that a length takes, Nmm
     */
    public function worst(ColdFormedMake $make, BendingPlace $place, \Closure $capacity): Strained
    {
        $lengths = $this->lengths->lateral($place->sign);
        $worst = null;
        $most = 0.0;
        foreach ($lengths as $length) {
            $part = [max($length[0], $place->from), min($length[1], $place->to)];
            $found =
                $part[1] - $part[0] < 1.0
                    ? null
                    : $this->diagrams->worst(
                        $make,
                        $place->sign,
                        [...$length, $this->twistLength($length[0], $length[1])],
                        $part,
                        $capacity,
                    );
            if ($found !== null && $found[1] > $most) {
                [$worst, $most] = $found;
            }
        }

        return $worst ?? $this->restrained($place->greatest, $make);
    }

    /** With its flange restrained all along. */
    private function restrained(Extreme $e, ColdFormedMake $make): Strained
    {
        $sign = $e->value >= 0.0 ? 1 : -1;
        $effect = $this->envelopes->moment->effect;
        $factors = $this->envelopes->beam->worst($e->combination, $make->weight(), $effect, $sign, $e->segment, $e->t);

        return new Strained(abs($e->value) / $make->count(), $sign, $e->x, $e->combination, $factors);
    }

    /** Supports, and points that restrain both flanges, hold against twisting: the longest length that overlaps one. */
    private function twistLength(float $from, float $to): float
    {
        $places = $this->held();
        $longest = 1.0;
        for ($i = 1; $i < count($places); $i++) {
            if ($places[$i] > $from + 1.0 && $places[$i - 1] < $to - 1.0) {
                $longest = max($longest, $places[$i] - $places[$i - 1]);
            }
        }

        return $longest * $this->envelopes->beam->member->apart;
    }

    public function longestTwist(): float
    {
        return $this->twistLength(0.0, $this->envelopes->beam->member->length);
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

    /** The longest length of a flange in compression, with a moment and C_b = 1, for what acts with an axial force. */
    public function longestLateral(float $M): Strained
    {
        $longest = [0.0, 0.0, 0.0];
        foreach ([1, -1] as $sign) {
            foreach ($this->lengths->lateral($sign) as [$from, $to, $length]) {
                $longest =
                    $length > $longest[0] ? [$length, ($from + $to) / 2, $this->twistLength($from, $to)] : $longest;
            }
        }

        return new Strained($M, 1, $longest[1], $this->envelopes->strength[0], [], $longest[0], $longest[2]);
    }

    /**
     * Of what is worked out: u, and demand and capacity by their symbols.
     *
     * @param  array{string, string, string, string}  $what  id, title, clause, group
     * @param  array{string, string}  $symbols
     * @param  array{float, float}|null  $range  of the strip of reserve
     */
    public function report(array $what, array $symbols, Working $w, Strained $at, ?array $range): Weighing
    {
        [$id, $title, $clause, $group] = $what;
        $u = $w->value('u');

        return new Weighing(
            $id,
            $title,
            $clause,
            $u,
            against: new Against(
                demand: $w->value($symbols[0]),
                capacity: $w->value($symbols[1]),
                kind: Kind::Moment,
                demandSymbol: $symbols[0],
                capacitySymbol: $symbols[1],
            ),
            at: new Place(
                x: $at->x,
                combination: $at->combination->id,
                arrangement: $this->envelopes->beam->arrangementText($at->factors),
                factors: $at->factors,
            ),
            lines: $w->lines,
            ranges: $range === null ? [] : [[$range[0], $range[1], ($this->pieces() * $at->M) / $u, $u]],
            group: $group,
        );
    }

    /** Of the member's section: how many share what acts. */
    private function pieces(): int
    {
        return ColdFormedMake::from($this->envelopes->beam->member->make)->count();
    }

    /** The greatest moment of a place, whatever restrains its flanges. */
    public function greatestOf(ColdFormedMake $make, BendingPlace $place): Strained
    {
        return $this->restrained($place->greatest, $make);
    }
}
