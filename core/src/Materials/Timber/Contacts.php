<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadKind;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/** The contacts of a member: supports, and point loads whose length of contact is given. */
final readonly class Contacts
{
    /** Steeper members do not lie on their supports; rad. */
    private const STANDS = M_PI / 4;

    /** Less presses nothing, N. */
    private const NOTHING = 1.0;

    /** @param  bool  $byDuration  does the strength across the grain go by the duration? */
    public function __construct(private Search $search, private bool $byDuration = true)
    {
    }

    public function stands(): bool
    {
        return abs($this->search->beam()->member->angle) > self::STANDS;
    }

    /** @return list<Contact> */
    public function across(TimberMake $timber): array
    {
        if ($this->stands()) {
            return [];
        }
        $member = $this->search->beam()->member;
        $places = $this->places();
        $contacts = [];
        foreach ($member->supports as $i => $support) {
            $isBearing = $support->kind !== SupportKind::Fixed && $support->kind !== SupportKind::Guided;
            $at = $isBearing ? $this->search->reaction($i, $timber, $this->byDuration) : null;
            if ($at !== null) {
                $l = min($support->bearing, $member->length);
                $contacts[] = new Contact(
                    'bearing-'.($i + 1),
                    'Bearing at support '.($i + 1),
                    $at,
                    $l,
                    ...[...$this->beyond($support->x, $l), $this->nearest($places, $support->x, $l), $i + 1],
                );
            }
        }
        $n = 0;
        foreach ($member->loads as $load) {
            if ($this->presses($load)) {
                $at = $this->under($load, $timber);
                $n++;
                if ($at !== null) {
                    $contacts[] = new Contact(
                        "bearing-load-{$n}",
                        'Bearing under '.($load->name === '' ? "point load {$n}" : $load->name),
                        $at,
                        $load->bearing,
                        ...[
                            ...$this->beyond($load->from, $load->bearing),
                            $this->nearest($places, $load->from, $load->bearing),
                            0,
                        ],
                    );
                }
            }
        }

        return $contacts;
    }

    /** @return list<Contact> the lower ends of posts and studs: what presses what lies under them */
    public function feet(TimberMake $timber): array
    {
        if (! $this->stands()) {
            return [];
        }
        $beam = $this->search->beam();
        $member = $beam->member;
        $feet = [];
        foreach ($member->supports as $i => $support) {
            $isFoot = $member->angle > 0.0 ? $support->x < 1.0 : $support->x > $member->length - 1.0;
            if (! $isFoot) {
                continue;
            }
            $values = array_map(fn (array $of): float => $of[$i][0], $beam->responses->reactions);
            $at = $this->search->greatest($values, $support->x, $timber, $this->byDuration);
            if ($at !== null && abs($at->value) > self::NOTHING) {
                $feet[] = new Contact('sill-'.($i + 1), 'Sill', $at, $timber->b, 0.0, 0.0, INF, $i + 1);
            }
        }

        return $feet;
    }

    /**
     * All contacts on the member, and on the sill that it bears on where that is of timber.
     *
     * @return list<Pressure>
     */
    public function pressures(TimberMake $timber, string $clause): array
    {
        $pressures = [];
        $sill = $timber->details->sill;
        $under = fn (Contact $c, float $across): array => $sill === null
            ? []
            : [
                new Pressure(
                    new Heading(
                        "sill-{$c->number}",
                        "Bearing of the sill at support {$c->number}",
                        $clause,
                        'Bearing of the sill',
                    ),
                    $c->at,
                    $timber->withGrade($sill),
                    // Along the grain of the sill the contact is as wide as the member.
                    $timber->b,
                    $across,
                    $timber->details->sillBeyond,
                ),
            ];
        foreach ($this->across($timber) as $c) {
            $heading = new Heading($c->id, $c->title, $clause, 'Bearing');
            $pressures[] = new Pressure($heading, $c->at, $timber, $c->length, $timber->b, $c->fromEnd());
            array_push($pressures, ...$c->isSupport() ? $under($c, $c->length) : []);
        }
        foreach ($this->feet($timber) as $foot) {
            array_push($pressures, ...$under($foot, $timber->h));
        }

        return $pressures;
    }

    private function presses(Load $load): bool
    {
        return $load->on &&
            $load->kind === LoadKind::Point &&
            $load->bearing > 0.0 &&
            $load->start() > 0.0 &&
            in_array($load->direction, [LoadDirection::Vertical, LoadDirection::Plan], true);
    }

    /** A load alone, with the greatest factor that its case has over the strength. */
    private function under(Load $load, TimberMake $timber): ?Governing
    {
        $isPermanent = $this->search->beam()->member->case($load->case)->category === Category::Permanent;
        $worst = null;
        foreach ($this->search->durations->groups($timber) as $group) {
            foreach ($group->combinations as $c) {
                $F = $load->start() * ($isPermanent ? $c->permanent : $c->variable[$load->case] ?? 0.0);
                $u = $F / ($this->byDuration ? $group->factor : 1.0);
                if ($F > self::NOTHING && ($worst === null || $u > $worst[0] * (1 + 1e-9))) {
                    $worst = [$u, new Governing($F, $load->from, $c, $group, [], '')];
                }
            }
        }

        return $worst[1] ?? null;
    }

    /** @return list<array{float, float}> middle and length of all contacts */
    private function places(): array
    {
        $member = $this->search->beam()->member;

        return [
            ...array_map(fn (Support $s): array => [$s->x, $s->bearing], $member->supports),
            ...array_map(
                fn (Load $l): array => [$l->from, $l->bearing],
                array_values(array_filter($member->loads, $this->presses(...))),
            ),
        ];
    }

    /**
     * How far the member goes on beyond a contact; one at an end lies within the member.
     *
     * @return array{float, float}
     */
    private function beyond(float $x, float $l): array
    {
        $length = $this->search->beam()->member->length;

        return match (true) {
            $x - $l / 2 < 0.0 => [0.0, $length - $l],
            $x + $l / 2 > $length => [$length - $l, 0.0],
            default => [$x - $l / 2, $length - $x - $l / 2],
        };
    }

    /** @param  list<array{float, float}>  $places */
    private function nearest(array $places, float $x, float $l): float
    {
        $least = INF;
        foreach ($places as [$other, $length]) {
            if (abs($other - $x) > 1e-6) {
                $least = min($least, abs($other - $x) - ($length + $l) / 2);
            }
        }

        return max(0.0, $least);
    }
}
