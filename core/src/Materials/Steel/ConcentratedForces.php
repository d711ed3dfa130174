<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\CaseSets;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Loading\Combination;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Member\Load;
use Waage\Member\LoadDirection;
use Waage\Member\LoadHeight;
use Waage\Member\LoadKind;
use Waage\Member\Support;
use Waage\Member\SupportKind;

/**
 * The forces that press on the web of a member: at supports that bear on the bottom flange, and point loads and
 * axles on the top flange. Not where the web has stiffeners or an end plate, not at fixed supports, which are
 * connections, nor in members that stand.
 */
final readonly class ConcentratedForces
{
    /** Steeper members do not lie on their supports; rad. */
    private const STANDS = M_PI / 4;

    /** Forces that are not farther apart stand at one place; mm. */
    private const SAME_PLACE = 1.0;

    /** @param  list<Combination>  $strength */
    public function __construct(private LoadedBeam $beam, private array $strength)
    {
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  float  $weight  self-weight, N/mm
     * @param  \Closure(SectionStep): float  $spread  how far a force spreads in the web beyond its bearing to either
     *     side, mm
     * @return list<ConcentratedForce>
     */
    public function on(array $stretches, float $weight, \Closure $spread): array
    {
        $member = $this->beam->member;
        if ($this->strength === [] || abs($member->angle) > self::STANDS) {
            return [];
        }
        $forces = array_map(
            fn (int $i): ?ConcentratedForce => $this->atSupport($i, $this->strength, $stretches, $weight),
            array_keys($member->supports),
        );
        $forces = array_values(
            array_filter([
                ...$forces,
                ...$member->loadHeight === LoadHeight::Top ? $this->underLoads($stretches, $spread) : [],
            ]),
        );

        // A solid bar has no web.
        return array_values(
            array_filter(
                $forces,
                fn (ConcentratedForce $f): bool => array_filter(
                    $f->stretches,
                    fn (SectionStep $s): bool => $s->section instanceof SolidBar,
                ) === [],
            ),
        );
    }

    /**
     * Of each kind of weighing the heaviest, and only that with its lines.
     *
     * @param  list<ConcentratedForce>  $forces
     * @param  \Closure(ConcentratedForce, Detail): list<Weighing>  $weigh
     * @return list<Weighing>
     */
    public static function heaviest(array $forces, \Closure $weigh, Detail $detail): array
    {
        $heaviest = [];
        foreach ($forces as $force) {
            foreach ($weigh($force, Detail::Verdict) as $which => $w) {
                // Of those that are strained alike the first.
                if ($w->ratio > (1 + 1e-9) * ($heaviest[$w->id][0]->ratio ?? -1.0)) {
                    $heaviest[$w->id] = [$w, $force, $which];
                }
            }
        }

        return array_values(
            array_map(
                fn (array $of): Weighing => $detail->hasLines() ? $weigh($of[1], Detail::Lines)[$of[2]] : $of[0],
                $heaviest,
            ),
        );
    }

    /** @return list<Weighing> that what hangs on the lower flange is not covered, where something does */
    public function hung(string $clause): array
    {
        $remark =
            'Forces that hang on the lower flange bend it across the member: that is not computed. Give these loads stiffeners or a hanger about the web, or weigh the flange separately and leave this out with the reason.';

        return $this->hang()
            ? [
                new Weighing(
                    'flange-bending',
                    'Lower flange under hung loads',
                    $clause,
                    null,
                    applies: false,
                    remark: $remark,
                ),
            ]
            : [];
    }

    /** Do forces hang on the lower flange, where nothing stiffens it? */
    private function hang(): bool
    {
        $member = $this->beam->member;

        return $this->strength !== [] &&
            $member->loadHeight === LoadHeight::Bottom &&
            ! (SteelMake::of($member)->section instanceof SolidBar) &&
            abs($member->angle) <= self::STANDS &&
            array_filter($member->loads, $this->presses(...)) !== [];
    }

    private function presses(Load $load): bool
    {
        $isPlumb =
            $load->kind === LoadKind::Point &&
            $load->start() > 0.0 &&
            in_array($load->direction, [LoadDirection::Vertical, LoadDirection::Normal], true);

        return $load->on && ! $load->stiffened && ($load->axles !== [] || $isPlumb);
    }

    /**
     * @param  non-empty-list<Combination>  $strength
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function atSupport(int $i, array $strength, array $stretches, float $weight): ?ConcentratedForce
    {
        $support = $this->beam->member->supports[$i];
        if ($support->stiffened || $support->kind === SupportKind::Fixed || $support->kind === SupportKind::Guided) {
            return null;
        }
        $axis = $this->beam->beam->axis;
        $presses = array_map(
            fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]),
            $this->beam->responses->reactions,
        );
        [$F, $combination, $factors] = $this->beam->greatest($strength, $weight, 1, $presses);
        if ($F <= 1.0) {
            return null;
        }
        $length = $this->beam->beam->length;

        return new ConcentratedForce(
            'support',
            'Web at support '.($i + 1),
            -1,
            $F,
            new PressedLength(min($support->bearing, $length), min($support->x, $length - $support->x)),
            false,
            new Place($support->x, $combination->id, $this->beam->arrangementText($factors), $factors),
            self::at($support->x, $stretches),
        );
    }

    /**
     * Forces at one place count together, and so do near ones whose lengths in the web overlap: then on the distance
     * between the outer ones (EN 1993-1-5, 6.3(3)), beside each by itself. A load that moves comes to each place of
     * its way.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  \Closure(SectionStep): float  $spread  how far a force spreads beyond its bearing to either side, mm
     * @return list<ConcentratedForce>
     */
    private function underLoads(array $stretches, \Closure $spread): array
    {
        $member = $this->beam->member;
        $presses = array_filter($member->loads, $this->presses(...));
        $moving = array_values(array_filter($presses, fn (Load $l): bool => $l->axles !== []));
        $fixed = array_values(array_filter($presses, fn (Load $l): bool => $l->axles === []));
        usort($fixed, fn (Load $a, Load $b): int => $a->from <=> $b->from);
        $reach = max(array_map($spread, $stretches));
        $forces = array_map(fn (Load $l): ?ConcentratedForce => $this->ofAxles($l, $stretches, $reach), $moving);
        foreach (array_keys($fixed) as $i) {
            $run = [];
            for (
                $j = $i;
                isset($fixed[$j]) && ($run === [] || self::overlap($fixed[$j - 1], $fixed[$j], $reach));
                $j++
            ) {
                $run[] = $fixed[$j];
                $next = $fixed[$j + 1] ?? null;
                // What stands at the same place belongs to it.
                if ($next === null || $next->from - $fixed[$j]->from > self::SAME_PLACE) {
                    $forces[] = $this->of(
                        $run,
                        array_values(
                            array_filter(
                                $moving,
                                fn (Load $m): bool => $m->from <= $run[0]->from + self::SAME_PLACE &&
                                    $m->to >= end($run)->from - self::SAME_PLACE,
                            ),
                        ),
                        $stretches,
                    );
                }
            }
        }

        return array_values(array_filter($forces));
    }

    private static function overlap(Load $a, Load $b, float $reach): bool
    {
        return $b->from - $a->from <= max(self::SAME_PLACE, ($a->bearing + $b->bearing) / 2 + 2 * $reach);
    }

    /**
     * @param  non-empty-list<Load>  $run  point loads from left to right
     * @param  list<Load>  $moving  loads whose heaviest axle comes to them
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function of(array $run, array $moving, array $stretches): ?ConcentratedForce
    {
        $cos = cos($this->beam->member->angle);
        $standing = $visiting = [];
        foreach ($run as $load) {
            $standing[$load->case] =
                ($standing[$load->case] ?? 0.0) +
                $load->start() * ($load->direction === LoadDirection::Normal ? 1.0 : $cos);
        }
        foreach ($moving as $load) {
            $visiting[$load->case] = max([0.0, ...array_column($load->axles, 1)]) * $cos;
        }
        // What moves acts in place of the other loads of its case.
        $byCase = $standing;
        foreach ($visiting as $case => $force) {
            $byCase[$case] = max($force, $standing[$case] ?? 0.0);
        }
        $visitors = array_filter($moving, fn (Load $l): bool => $byCase[$l->case] === $visiting[$l->case]);
        $names = array_values(array_unique(array_map(self::named(...), [...$run, ...$visitors])));
        $apart = $run[count($run) - 1]->from - $run[0]->from;
        $bearing = max($apart, min(array_map(fn (Load $l): float => $l->bearing, [...$run, ...$visitors])));
        $middle = $run[0]->from + $apart / 2;

        return $this->under($names, $byCase, $bearing, $middle, $apart / 2, self::at($middle, $stretches));
    }

    /**
     * The axles of a load that moves which are the worst together, or the heaviest by itself.
     *
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function ofAxles(Load $load, array $stretches, float $reach): ?ConcentratedForce
    {
        $worst = [0.0, 0.0];
        foreach ($load->axles as $i => [$first]) {
            $sum = 0.0;
            for (
                $j = $i;
                isset($load->axles[$j]) &&
                ($j === $i || $load->axles[$j][0] - $load->axles[$j - 1][0] <= $load->bearing + 2 * $reach);
                $j++
            ) {
                $sum += $load->axles[$j][1];
                $worst = $sum > $worst[0] ? [$sum, $load->axles[$j][0] - $first] : $worst;
            }
        }
        [$force, $apart] = $worst;
        $heaviest = max([0.0, ...array_column($load->axles, 1)]);
        $cos = cos($this->beam->member->angle);
        $of = fn (float $force, float $bearing): ?ConcentratedForce => $this->under(
            [self::named($load)],
            [$load->case => $force * $cos],
            $bearing,
            null,
            0.0,
            $stretches,
            $load,
        );

        return $of($force, max($load->bearing, $apart)) ?? $of($heaviest, $load->bearing);
    }

    private static function named(Load $load): string
    {
        return $load->name === '' ? ($load->axles === [] ? 'a point load' : 'an axle') : "“{$load->name}”";
    }

    /**
     * @param  non-empty-list<string>  $names
     * @param  array<string, float>  $byCase  what presses, N
     * @param  float|null  $x  null: it moves, between the ends of a load
     * @param  float  $half  to the outermost forces on either side, mm
     * @param  non-empty-list<SectionStep>  $stretches
     */
    private function under(
        array $names,
        array $byCase,
        float $bearing,
        ?float $x,
        float $half,
        array $stretches,
        ?Load $moves = null,
    ): ?ConcentratedForce {
        $member = $this->beam->member;
        [$from, $to] = [$x === null ? $moves->from ?? 0.0 : $x - $half, $x === null ? $moves->to ?? 0.0 : $x + $half];
        $F = 0.0;
        $governing = null;
        foreach ($this->strength as $combination) {
            $sum = 0.0;
            foreach ($byCase as $case => $force) {
                $sum += $combination->factorOf($member->case($case)) * $force;
            }
            if ($sum > $F) {
                [$F, $governing] = [$sum, $combination];
            }
        }
        if ($governing === null) {
            return null;
        }
        $toEnd = $x === null ? min($from, $this->beam->beam->length - $to) : min($x, $this->beam->beam->length - $x);
        // Over a support the force goes through the web to the other flange.
        $over = array_filter(
            $member->supports,
            fn (Support $s): bool => ! $s->stiffened &&
                $s->kind !== SupportKind::Guided &&
                ($x === null
                    ? $s->x >= $from && $s->x <= $to
                    : $s->x >= $from - ($s->bearing + $bearing) / 2 && $s->x <= $to + ($s->bearing + $bearing) / 2),
        );
        $ss = min([$bearing, ...array_map(fn (Support $s): float => $s->bearing, $over)]);

        return new ConcentratedForce(
            'load',
            'Web under '.CaseSets::listed($names),
            1,
            $F,
            new PressedLength($ss, $toEnd, $half),
            $over !== [],
            new Place($x, $governing->id),
            $stretches,
        );
    }

    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @return non-empty-list<SectionStep> those on both sides of a place
     */
    private static function at(float $x, array $stretches): array
    {
        $there = array_values(
            array_filter($stretches, fn (SectionStep $s): bool => $s->from <= $x + 1e-6 && $s->to >= $x - 1e-6),
        );

        return $there === [] ? $stretches : $there;
    }
}
