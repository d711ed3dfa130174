<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Analysis\CaseSets;
use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Reactions;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Design\Verdict;
use Waage\Design\VerdictState;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Member\Arrangement;
use Waage\Member\InvalidMember;
use Waage\Member\Load;
use Waage\Member\LoadHeight;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;
use Waage\Member\RollerHolds;
use Waage\Member\Support;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** The calculation sheet of one member: brief for the file, full for the checker. */
final readonly class SheetBuilder
{
    /** @var array<string, mixed> as core/schema/result.schema.json */
    private array $result;

    /** @var array<string, mixed>|null as core/schema/collapse.schema.json */
    private ?array $collapse;

    /** @var list<array<string, mixed>> as core/schema/influence.schema.json; those that can be asked for */
    private array $influence;

    /** @var list<string> what is wrong with the others */
    private array $lost;

    public function __construct(private Design $design, private JobInfo $job, private bool $full)
    {
        $this->result = (new Result($design, Show::envelope()))->toArray();
        $influence = $lost = [];
        foreach ($design->member->influence as $ask) {
            try {
                $influence[] = Influence::of($design->member, $ask)->toArray();
            } catch (InvalidMember $e) {
                $lost[] = $e->errors[0]->message;
            }
        }
        $this->influence = $influence;
        $this->lost = $lost;
        $this->collapse = $design->member->collapse ? $design->collapse() : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $member = $this->design->member;
        $rules = RuleSet::of($member->basis->combinations);

        return [
            'mark' => $member->mark,
            'title' => $member->title,
            'units' => $member->basis->units->value,
            'full' => $this->full,
            'job' => $this->job->toArray(),
            'result' => $this->result,
            ...$this->collapse === null ? [] : ['collapse' => $this->collapse],
            ...$this->influence === [] ? [] : ['influence' => $this->influence],
            'blocks' => [
                ...$this->summary(),
                ...$this->input(),
                ...$this->full ? $this->combinations() : [],
                ...$this->forces(),
                ...$this->reactions(),
                ...SecondOrderBlocks::of($this->result['secondOrder'], $this->design->checks->secondOrder($this->result['secondOrder']['enough'] ?? true), $member->basis->units, $this->full),
                ...SelfCheckBlocks::of($this->design, $this->full),
                ...$this->full ? $this->weighings() : [],
                ...$this->influenceLines(),
                ...$this->collapse === null ? [] : CollapseBlocks::of($this->collapse, $member->basis->units),
                ...$this->full
                    ? [Block::heading('Assumptions and limits'), Block::list(Assumptions::of($this->design))]
                    : [Block::text("Weighed after {$this->design->checks->standard()}, actions by {$rules->title}. What is assumed, where it ends, and how each weighing comes about stand on the full sheet.")],
            ],
        ];
    }

    private function format(float $value, Kind $kind): string
    {
        return $this->design->member->basis->units->format($value, $kind);
    }

    private function number(float $value, Kind $kind): string
    {
        return explode(' ', $this->format($value, $kind))[0];
    }

    /** @return list<array<string, mixed>> */
    private function summary(): array
    {
        $verdict = $this->design->verdict();
        $rows = array_map(fn (Weighing $w): array => [
            $w->title,
            $w->demand === null ? '' : $this->format($w->demand, $w->kind),
            $w->capacity === null ? '' : $this->format($w->capacity, $w->kind),
            $w->ratio === null ? '' : Verdict::rounded($w->ratio, 3),
            match (true) {
                in_array($w, $this->design->notCounted, true) => 'left out',
                $w->state === State::NotCovered => 'not covered',
                $w->id === 'classification' => $this->design->checks->sectionClass(),
                $w->ratio === null => 'no check needed',
                $w->holds() => 'holds',
                default => 'does not hold',
            },
            $w->x === null ? '' : $this->format($w->x, Kind::Length),
            $w->combination,
            preg_replace('~^(EN \d{4}-\d-\d|ANSI/AISC 360-\d\d), ~', '', $w->clause) ?? '',
        ], array_values(array_filter($this->design->everyWeighing, fn (Weighing $w): bool => $this->full || $w->ratio !== null || $w->state === State::NotCovered || in_array($w, $this->design->notCounted, true))));

        $without = $verdict->leftOut() === '' ? '' : ", {$verdict->leftOut()}";
        $blocks = [
            Block::heading('Summary'),
            ['type' => 'verdict', 'state' => $verdict->state->value, 'ratio' => $verdict->state === VerdictState::Uncovered ? null : $verdict->ratio, 'text' => match ($verdict->state) {
                VerdictState::Unloaded => 'Nothing is weighed.',
                VerdictState::Holds => "The member holds{$without}. {$verdict->title} governs.",
                VerdictState::Fails => 'The member does not hold: '.rtrim($verdict->reason, '.').$without.'.',
                VerdictState::Uncovered => 'Not covered: '.rtrim($verdict->reason, '.').$without.'.',
            }],
            Block::table(['Weighing', '>Demand', '>Capacity', '>Ratio', 'Verdict', '>At x', 'Comb.', 'Clause'], $rows),
        ];
        foreach ($this->design->notCounted as $w) {
            $reason = $this->design->member->remarks[$w->id]->text;
            $blocks[] = Block::text("Left out by the engineer, so that the verdict is without: {$w->title}. ".($reason === '' ? 'No reason is given.' : $reason));
        }
        foreach ($this->full ? [] : $this->design->weighings as $w) {
            // The full sheet has them at their weighings.
            if (($this->design->member->remarks[$w->id]->text ?? '') !== '') {
                $blocks[] = Block::text("{$w->title}: {$this->design->member->remarks[$w->id]->text}");
            }
        }
        if ($this->design->leftOut !== []) {
            $out = array_map(fn (Combination $c): string => "{$c->id} ({$c->text})", $this->design->leftOut);
            $blocks[] = Block::text('Left out by the engineer, contrary to the rules: '.implode('; ', $out).'.');
        }
        if ($this->design->member->notes !== '') {
            $blocks[] = Block::text($this->design->member->notes);
        }

        return $blocks;
    }

    /** @return list<array<string, mixed>> */
    private function input(): array
    {
        $m = $this->design->member;
        $supports = array_map(fn (Support $s, int $i): array => [
            (string) ($i + 1), $this->format($s->x, Kind::Length), $this->supportText($s), $this->format($s->bearing, Kind::Size),
            $i === 0 ? '' : $this->format($s->x - $m->supports[$i - 1]->x, Kind::Length),
        ], $m->supports, array_keys($m->supports));

        $edge = $m->make->edge();

        return [
            Block::heading('Member'),
            Block::figure('member', 'Member with its loads (unfactored)'),
            $this->sectionBlock(),
            $this->full
                ? Block::table(['Support', '>x', 'Kind', '>Bearing', '>Span from the last'], $supports)
                : Block::text('Supports: '.implode('; ', array_map(fn (array $s): string => "{$s[0]} at {$s[1]}, {$s[2]}, bearing {$s[3]}", $supports)).'.'),
            ...$m->angle === 0.0 ? [] : [Block::text($this->slopeText())],
            ...$m->camber === 0.0 ? [] : [Block::text('Made with a camber of '.$this->format($m->camber, Kind::Size).' in the middle, a parabola. Diagrams and tables show deflections from the shape it is made in; the total deflection is weighed less the camber (EN 1990, A1.4.3).')],
            ...$this->design->make->blocks($m->basis->units),
            ...$m->hinges === [] ? [] : [Block::text('Hinges at x = '.implode(', ', array_map(fn (float $x): string => $this->format($x, Kind::Length), $m->hinges)).'.')],
            ...$m->loads === [] && ! $m->selfWeight && $m->endForces !== [] ? [] : (new LoadsTable($m))->toBlocks(),
            ...(new EndForcesTable($this->design, $this->full))->toBlocks(),
            $this->full
                ? Block::table(['Lateral restraint', 'Given as'], [["Top {$edge}", $this->restraintText($m->top)], ["Bottom {$edge}", $this->restraintText($m->bottom)], ...$this->effectiveLengths()])
                : Block::text("Top {$edge} held {$this->restraintText($m->top)}; bottom {$edge} {$this->restraintText($m->bottom)}.".implode('', array_map(fn (array $r): string => " {$r[0]}: {$r[1]}.", $this->effectiveLengths()))),
        ];
    }

    /** @return array<string, mixed> */
    private function sectionBlock(): array
    {
        $m = $this->design->member;
        $acts = match ($m->loadHeight) {
            LoadHeight::Top => "on the top {$m->make->edge()}", LoadHeight::Centre => 'at the shear centre', LoadHeight::Bottom => "on the bottom {$m->make->edge()}"
        };
        $make = $m->make;
        $row = [$make->title(), $make->grade(), $this->format($make->depth(), Kind::Size), $this->format($make->width(), Kind::Size), $this->format($make->weight(), Kind::Mass), $this->format($m->length, Kind::Length), $acts];

        return $this->full
            ? Block::table(['Section', 'Grade', '>Depth', '>Width', '>Mass', '>Length', 'Load acts'], [$row])
            : Block::text("{$row[0]} in {$row[1]}, {$row[2]} deep, {$row[3]} wide, {$row[4]}; length {$row[5]}; load acts {$acts}.");
    }

    private function slopeText(): string
    {
        $m = $this->design->member;

        return abs($m->angle) > M_PI_2 - 1e-9
            ? 'The member stands upright; lengths run along it from its foot.'
            : 'The member rises to the right by '.$this->format($m->angle, Kind::Angle).': '.$this->format($m->length * cos($m->angle), Kind::Length).' on plan, '.$this->format($m->length * sin($m->angle), Kind::Length).' in height. Lengths run along it.';
    }

    private function supportText(Support $s): string
    {
        $springs = [
            ...$s->vertical < INF ? [$this->format($s->vertical, Kind::Spring)] : [],
            ...$s->rotation > 0.0 ? ['turning '.$this->format($s->rotation, Kind::RotationSpring)] : [],
            ...$s->kind === SupportKind::Roller && $this->design->member->angle !== 0.0 ? [$s->holds === RollerHolds::Normal ? 'holds normal to the member' : "holds {$s->holds->value}ly"] : [],
            ...in_array($s->kind, [SupportKind::Fixed, SupportKind::Guided], true) && $this->design->beam->beam->axis->isStrained ? [$s->holdsAlong() ? 'held along the axis' : 'free along the axis'] : [],
            ...$s->bearsOnly ? ['bears only'] : [],
            ...$s->stiffened ? ['web stiffened or end plate'] : [],
            ...$s->momentCapacity < INF ? ['up to '.$this->format($s->momentCapacity, Kind::Moment)] : [],
        ];

        return implode(', ', [$s->kind->value, ...$springs]);
    }

    /** @return list<list<string>> */
    private function effectiveLengths(): array
    {
        $of = $this->design->member->effective;
        $rows = [];
        foreach (['y-y' => $of->y, 'z-z' => $of->z, 'twisting' => $of->twist] as $axis => $L) {
            if ($L !== null) {
                $rows[] = [$axis === 'twisting' ? 'Buckling length, twisting' : "Buckling length about {$axis}", $this->format($L, Kind::Length).', as given'];
            }
        }

        return $rows;
    }

    private function restraintText(Restraint $r): string
    {
        return match ($r->kind) {
            RestraintKind::Continuous => 'continuous',
            RestraintKind::Supports => 'at the supports only',
            RestraintKind::Spacing, RestraintKind::Positions => 'at the supports and at x = '.implode(', ', array_map(fn (float $x): string => $this->format($x, Kind::Length), $r->positions)),
        };
    }

    /** @return list<array<string, mixed>> */
    private function combinations(): array
    {
        $b = $this->design->member->basis;
        $rules = RuleSet::of($b->combinations);
        $rows = array_map(fn (Combination $c): array => [$c->id, $c->purpose->value, $c->text, str_replace("{$rules->standard}, ", '', $c->clause)], array_values(array_filter($this->design->combinations, fn (Combination $c): bool => ! $c->isRow())));
        if ($rows === []) {
            return [];
        }
        $factors = str_starts_with($b->combinations, '6.10') ? [
            'gamma_G_sup' => $b->gammaGsup, 'gamma_G_inf' => $b->gammaGinf, 'gamma_Q' => $b->gammaQ, ...$this->settles() ? ['gamma_G_set' => $b->gammaGset] : [], ...$b->combinations === '6.10a/b' ? ['xi' => $b->xi] : [],
            'K_FI' => $b->KFI, ...$this->design->supports->equilibrium === null ? [] : ['gamma_G_dst' => $b->gammaGsupEqu, 'gamma_G_stb' => $b->gammaGinfEqu],
        ] : [];

        return [
            Block::heading("Combinations of actions ({$rules->standard})"),
            Block::text("By {$rules->title}.".match ($this->design->member->arrangement) {
                Arrangement::Worst => ' Imposed load lies on those spans, and variable actions act at all, only where they make the effect looked at worse.',
                Arrangement::Alternate => ' Imposed load lies on all spans, on every other span or on two adjacent spans, whichever makes the effect looked at worse; variable actions act where they do.',
                Arrangement::Chosen => ' Imposed load lies as the engineer has chosen: '.implode('; ', array_map(fn (array $fields): string => CaseSets::listed(array_map(fn (int $f): string => $this->design->beam->beam->fieldNames()[$f], $fields)), $this->design->member->arrangements)).'. One of these acts at a time, or none; variable actions act where they make the effect looked at worse.',
                Arrangement::All => ' Imposed load lies on all spans or on none; variable actions act where they make the effect looked at worse.',
            }.($this->design->supports->equilibrium === null ? '' : ' For equilibrium the permanent load of each span has the first factor where it destabilises and the second where it holds.')
                .($this->design->member->permanentBySpan ? ' Permanent load has its greater factor on those spans where it makes the effect looked at worse, and its smaller one on the others (EN 1990, 6.4.3.1(4)).' : '')),
            Block::values([...$factors, ...$this->design->checks->factors()]),
            Block::table(['No.', 'Purpose', 'Actions', 'Clause'], $rows),
        ];
    }

    private function settles(): bool
    {
        return array_filter($this->design->member->loads, fn (Load $l): bool => $l->kind->isDisplacement()) !== [];
    }

    /** @return list<array<string, mixed>> */
    private function forces(): array
    {
        $deflects = $this->design->characteristic() !== [];
        /** @var list<array{effect: string, value: float, x: float, combination: string, arrangement: string}> $extremes */
        $extremes = $this->result['extremes'];
        $names = ['N' => ['Axial N', Kind::Force], 'V' => ['Shear V', Kind::Force], 'M' => ['Moment M', Kind::Moment], 'w' => ['Deflection w', Kind::Deflection], 'slope' => ['Slope, clockwise', Kind::Rotation], 'Vy' => ['Shear sideways', Kind::Force], 'Mz' => ['Moment about z-z', Kind::Moment], 'v' => ['Deflection sideways', Kind::Deflection], 'T' => ['Torque', Kind::Moment]];
        if (! $this->full) {
            return [Block::heading('Forces and deflection'), $this->extremesByEffect($extremes, $names)];
        }
        $rows = array_map(fn (array $e): array => [
            $names[$e['effect']][0], $this->format($e['value'], $names[$e['effect']][1]), $this->format($e['x'], Kind::Length), $e['combination'], $e['arrangement'],
        ], $extremes);

        return [
            Block::heading('Forces and deflection'),
            ...$this->design->envelopes->axial === null ? [] : [Block::figure('N', 'Axial force, envelope of the strength combinations, compression positive')],
            Block::figure('V', 'Shear force, envelope of the strength combinations'),
            Block::figure('M', 'Bending moment, envelope of the strength combinations, sagging positive'),
            ...$this->figures(),
            ...$deflects ? [Block::figure('w', 'Deflection, envelope of the characteristic combinations, down positive')] : [],
            ...$this->design->beam->sideways === null ? [] : SidewaysBlocks::figures($deflects),
            ...$this->design->beam->twisting === null ? [] : [Block::figure('T', 'Torque, envelope of the strength combinations')],
            Block::table(['Extreme', '>Value', '>At x', 'Comb.', 'Variable load'], $rows),
            ...$this->design->combinations !== [] ? (new TenthsTable($this->design, $this->result['envelope']))->toBlocks() : [],
        ];
    }

    /**
     * Greatest and smallest value of each effect in one row, without slopes.
     *
     * @param  list<array{effect: string, value: float, x: float, combination: string, arrangement: string}>  $extremes
     * @param  array<string, array{string, Kind}>  $names  of the effects
     * @return array<string, mixed>
     */
    private function extremesByEffect(array $extremes, array $names): array
    {
        $rows = [];
        foreach ($names as $effect => [$name, $kind]) {
            $of = array_values(array_filter($extremes, fn (array $e): bool => $e['effect'] === $effect && $effect !== 'slope'));
            $cells = array_map(fn (array $e): array => [$this->format($e['value'], $kind), $this->format($e['x'], Kind::Length), $e['combination']], array_slice($of, 0, 2));
            $none = ['', '', ''];
            if ($cells !== []) {
                $rows[] = [$name, ...count($cells) === 1 && $of[0]['value'] < 0.0 ? [...$none, ...$cells[0]] : [...$cells[0], ...$cells[1] ?? $none]];
            }
        }

        return Block::table(['Effect', '>Greatest', '>At x', 'Comb.', '>Smallest', '>At x', 'Comb.'], $rows);
    }

    /** @return list<array<string, mixed>> */
    private function reactions(): array
    {
        if (array_filter($this->design->combinations, fn (Combination $c): bool => ! $c->isRow()) === [] && $this->design->member->endForces !== []) {
            return [];
        }
        $reactions = new Reactions($this->design);
        /** @var list<array{name: string, forces: list<float>, moments: list<float>, horizontal: list<float>, load: float, reaction: float}> $cases */
        $cases = $reactions->toArray()['cases'];
        $m = $this->design->member;
        $columns = ['Load case'];
        foreach (array_keys($m->supports) as $i) {
            $columns[] = '>Support '.($i + 1);
        }
        $rows = array_map(fn (array $r): array => [$r['name'], ...array_map(fn (float $f): string => $this->format($f, Kind::Force), $r['forces']), $this->format($r['reaction'], Kind::Force), $this->format($r['load'], Kind::Force)], $cases);
        $range = $reactions->strengthRange();
        foreach ([0 => 'Strength, greatest', 1 => 'Strength, smallest'] as $i => $name) {
            if ($range !== []) {
                $rows[] = [$name, ...array_map(fn (array $r): string => $this->format($r[$i], Kind::Force), $range), '', ''];
            }
        }
        $blocks = [
            Block::heading('Reactions'),
            ...$this->full ? [Block::text('By load case unfactored and with every span loaded, up positive; the last columns are the check of equilibrium.')] : [],
            Block::table([...$columns, '>Sum of reactions', '>Sum of loads'], $rows),
        ];
        if ($this->full) {
            /** @var list<array{id: string, forces: list<array{float, float}>}> $combinations */
            $combinations = $reactions->toArray()['combinations'];
            $both = fn (array $r): string => $this->format($r[1], Kind::Force) === $this->format($r[0], Kind::Force)
                ? $this->format($r[0], Kind::Force)
                : $this->number($r[1], Kind::Force).' to '.$this->format($r[0], Kind::Force);
            $blocks[] = Block::table(['Combination', ...array_slice($columns, 1)], array_map(fn (array $c): array => [$c['id'], ...array_map($both, $c['forces'])], $combinations));
        }
        $sideways = $this->design->beam->sideways;
        if ($sideways !== null) {
            array_push($blocks, ...SidewaysBlocks::reactions(new Reactions($this->design, $sideways), $sideways->beam->supports, $m->basis->units));
        }
        /** @var list<array{support: int, lift: float, combination: string, arrangement: string}> $lifts */
        $lifts = $this->result['lifts'];
        if ($lifts !== []) {
            $blocks[] = Block::text('The member lifts off supports that bear only; greatest lift over the strength and over the characteristic combinations:');
            $blocks[] = Block::table(['Support', '>Lift', 'Comb.', 'Variable load'], array_map(fn (array $l): array => [
                (string) ($l['support'] + 1), $this->format($l['lift'], Kind::Deflection), $l['combination'], $l['arrangement'],
            ], $lifts));
        }
        if ($this->design->beam->beam->axis->isStrained) {
            $rows = array_map(fn (array $r): array => [$r['name'], ...array_map(fn (float $f): string => $this->format($f, Kind::Force), $r['horizontal'])], $cases);
            $blocks[] = Block::table(['Horizontal, to the right', ...array_slice($columns, 1)], $rows);
        }
        $fixed = array_filter($m->supports, fn (Support $s): bool => $s->holdsTurning());
        if ($fixed !== []) {
            $rows = array_map(fn (array $r): array => [$r['name'], ...array_map(fn (int $i): string => $this->format($r['moments'][$i], Kind::Moment), array_keys($fixed))], $cases);
            $blocks[] = Block::table(['Moment at the support', ...array_map(fn (int $i): string => '>Support '.($i + 1), array_keys($fixed))], $rows);
        }

        return $blocks;
    }

    /** @return list<array<string, mixed>> */
    private function weighings(): array
    {
        return [
            Block::heading('Section'),
            Block::figure('section', $this->design->make->title().$this->design->make->caption()),
            Block::heading("Weighings ({$this->design->checks->standard()})"),
            ...array_map(fn (Weighing $w): array => Block::weighing($w->id), $derived = $this->derived()),
            ...count($derived) === count($this->design->weighings) ? [] : [
                Block::text('Of weighings that are alike for several spans or supports the one that is used most is derived; the others stand in the summary.'),
            ],
        ];
    }

    /** @return list<Weighing> of those that are alike the first; all that are not covered, or that the engineer says something to */
    private function derived(): array
    {
        $seen = [];

        return array_values(array_filter($this->design->weighings, function (Weighing $w) use (&$seen): bool {
            $isFirst = $w->group === '' || ! isset($seen[$w->group]);
            $seen[$w->group] = true;

            return $isFirst || $w->state === State::NotCovered || isset($this->design->member->remarks[$w->id]);
        }));
    }

    /** @return list<array<string, mixed>> diagrams of the material beside those of the forces */
    private function figures(): array
    {
        $blocks = [];
        /** @var list<array{caption: string}> $figures */
        $figures = $this->result['figures'];
        foreach ($figures as $i => $figure) {
            if ($figure['caption'] !== '') {
                $blocks[] = Block::figure('figure', $figure['caption'], $i);
            }
        }

        return $blocks;
    }

    /** @return list<array<string, mixed>> */
    private function influenceLines(): array
    {
        if ($this->design->member->influence === []) {
            return [];
        }
        $blocks = [Block::heading('Influence lines')];
        foreach ($this->influence as $i => $line) {
            array_push($blocks, ...InfluenceBlocks::of($line, $i, $this->design->member->basis->units));
        }
        foreach ($this->lost as $message) {
            $blocks[] = Block::text("One influence line cannot be shown: {$message}");
        }

        return $blocks;
    }
}
