<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Design\Verdict;
use Waage\Design\VerdictState;
use Waage\Loading\Combination;
use Waage\Loading\RuleSet;
use Waage\Member\Arrangement;
use Waage\Member\InvalidMember;
use Waage\Units\Kind;

/** The calculation sheet of one member: brief for the file, full for the checker. */
final readonly class SheetBuilder
{
    /** Weighings that hold, on a brief sheet. */
    private const BRIEF = 9;

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
                ...(new MemberBlocks($this->design, $this->full))->toBlocks(),
                ...$this->full ? (new CombinationBlocks($this->design))->toBlocks() : [],
                ...$this->forces(),
                ...(new ReactionBlocks($this->design, $this->result, $this->full))->toBlocks(),
                ...SecondOrderBlocks::of(
                    $this->result['secondOrder'],
                    $this->design->checks->secondOrder($this->result['secondOrder']['enough'] ?? true),
                    $member->basis->units,
                    $this->full,
                ),
                ...SelfCheckBlocks::of($this->design, $this->full),
                ...$this->full ? $this->weighings() : [],
                ...$this->influenceLines(),
                ...$this->collapse === null ? [] : CollapseBlocks::of($this->collapse, $member->basis->units),
                ...$this->full
                    ? self::assumptions(Assumptions::of($this->design))
                    : [
                        Block::text(
                            "Weighed after {$this->design->checks->standard()}, actions by {$rules->title}. What is assumed, where it ends, and how each weighing comes about stand on the full sheet.",
                        ),
                    ],
            ],
        ];
    }

    private function format(float $value, Kind $kind): string
    {
        return $this->design->member->basis->units->format($value, $kind);
    }

    /** @return list<Weighing> the heaviest first; of those that hold as many as a page has room for */
    private function brief(): array
    {
        $told = $groups = [];
        foreach ($this->design->everyWeighing as $w) {
            $isOpen = $w->state === State::NotCovered || in_array($w, $this->design->notCounted, true);
            if ($w->ratio === null && ! $isOpen) {
                continue;
            }
            $isAlike = $w->group !== '' && isset($groups[$w->group]);
            $groups[$w->group] = true;
            if ($isOpen || ! $w->holds() || (! $isAlike && count($told) < self::BRIEF)) {
                $told[] = $w;
            }
        }

        return $told;
    }

    /** @return list<array<string, mixed>> */
    private function summary(): array
    {
        $verdict = $this->design->verdict();
        $rows = array_map(
            fn (Weighing $w): array => [
                $w->title,
                $w->demand === null ? '' : $this->format($w->demand, $w->kind),
                $w->capacity === null ? '' : $this->format($w->capacity, $w->kind),
                $w->ratio === null ? '' : Verdict::rounded($w->ratio, 3),
                match (true) {
                    in_array($w, $this->design->notCounted, true) => 'left out',
                    $w->state === State::NotCovered => 'not covered',
                    $w->id === 'classification' => $this->design->checks->sectionClass(),
                    $w->state === State::Told => 'not weighed',
                    $w->ratio === null => 'no check needed',
                    $w->holds() => 'holds',
                    default => 'does not hold',
                },
                $w->x === null ? '' : $this->format($w->x, Kind::Length),
                $w->combination,
                preg_replace('~^(EN \d{4}-\d-\d|ANSI/AISC 360-\d\d), ~', '', $w->clause) ?? '',
            ],
            $this->full ? $this->design->everyWeighing : $this->brief(),
        );

        $without = $verdict->leftOut() === '' ? '' : ", {$verdict->leftOut()}";
        $blocks = [
            Block::heading('Summary'),
            [
                'type' => 'verdict',
                'state' => $verdict->state->value,
                'ratio' => $verdict->state === VerdictState::Uncovered ? null : $verdict->ratio,
                'text' => match ($verdict->state) {
                    VerdictState::Unloaded => 'Nothing is weighed.',
                    VerdictState::Holds => "The member holds{$without}. {$verdict->title} governs.",
                    VerdictState::Fails => 'The member does not hold: '.
                        rtrim($verdict->reason, '.').
                        $without.
                        '.',
                    VerdictState::Uncovered => 'Not covered: '.rtrim($verdict->reason, '.').$without.'.',
                },
            ],
            Block::table(
                ['Weighing', '>Demand', '>Capacity', '>Ratio', 'Verdict', '>At x', 'Comb.', 'Clause'],
                $rows,
            ),
        ];
        $holding = array_filter($this->design->weighings, fn (Weighing $w): bool => $w->ratio !== null && $w->holds());
        $shown = $this->full ? $holding : array_filter($this->brief(), fn (Weighing $w): bool => $w->holds());
        $more = count($holding) - count($shown);
        if ($more > 0) {
            $blocks[] = Block::text("{$more} more that are alike or used less hold as well.");
        }
        foreach ($this->design->notCounted as $w) {
            $reason = $this->design->member->remarks[$w->id]->text;
            $blocks[] = Block::text(
                "Left out by the engineer, so that the verdict is without: {$w->title}. ".
                    ($reason === '' ? 'No reason is given.' : $reason),
            );
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
    private function forces(): array
    {
        $deflects = $this->design->characteristic() !== [];
        /**
         * @var list<array{effect: string, value: float, x: float, combination: string, arrangement: string}> $extremes
         */
        $extremes = $this->result['extremes'];
        $names = [
            'N' => ['Axial N', Kind::Force],
            'V' => ['Shear V', Kind::Force],
            'M' => ['Moment M', Kind::Moment],
            'w' => ['Deflection w', Kind::Deflection],
            'slope' => ['Slope, clockwise', Kind::Rotation],
            'Vy' => ['Lateral shear', Kind::Force],
            'Mz' => ['Moment about z-z', Kind::Moment],
            'v' => ['Lateral deflection', Kind::Deflection],
            'T' => ['Torque', Kind::Moment],
        ];
        if (! $this->full) {
            return [Block::heading('Forces and deflection'), $this->extremesByEffect($extremes, $names)];
        }
        $rows = array_map(
            fn (array $e): array => [
                $names[$e['effect']][0],
                $this->format($e['value'], $names[$e['effect']][1]),
                $this->format($e['x'], Kind::Length),
                $e['combination'],
                $e['arrangement'],
            ],
            $extremes,
        );

        return [
            Block::heading('Forces and deflection'),
            ...$this->design->envelopes->axial === null
                ? []
                : [Block::figure('N', 'Axial force, envelope of the strength combinations, compression positive')],
            Block::figure('V', 'Shear force, envelope of the strength combinations'),
            Block::figure('M', 'Bending moment, envelope of the strength combinations, sagging positive'),
            ...$this->figures(),
            ...$deflects
                ? [Block::figure('w', 'Deflection, envelope of the characteristic combinations, down positive')]
                : [],
            ...$this->design->beam->sideways === null ? [] : SidewaysBlocks::figures($deflects),
            ...$this->design->beam->twisting === null
                ? []
                : [Block::figure('T', 'Torque, envelope of the strength combinations')],
            Block::table(['Extreme', '>Value', '>At x', 'Comb.', 'Variable load'], $rows),
            ...$this->design->combinations !== []
                ? [
                    ...(new TenthsTable($this->design, $this->result['envelope']))->toBlocks(),
                    ...(new FiguresTable($this->design))->toBlocks(),
                ]
                : [],
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
            $of = array_values(
                array_filter($extremes, fn (array $e): bool => $e['effect'] === $effect && $effect !== 'slope'),
            );
            $cells = array_map(
                fn (array $e): array => [
                    $this->format($e['value'], $kind),
                    $this->format($e['x'], Kind::Length),
                    $e['combination'],
                ],
                array_slice($of, 0, 2),
            );
            $none = ['', '', ''];
            if ($cells !== []) {
                $rows[] = [
                    $name,
                    ...count($cells) === 1 && $of[0]['value'] < 0.0
                        ? [...$none, ...$cells[0]]
                        : [...$cells[0], ...$cells[1] ?? $none],
                ];
            }
        }

        return Block::table(['Effect', '>Greatest', '>At x', 'Comb.', '>Smallest', '>At x', 'Comb.'], $rows);
    }

    /** @return list<array<string, mixed>> */
    private function weighings(): array
    {
        return [
            Block::heading('Section'),
            Block::figure('section', $this->design->make->title().$this->design->make->caption()),
            Block::heading("Weighings ({$this->design->checks->standard()})"),
            ...array_map(fn (Weighing $w): array => Block::weighing($w->id), $derived = $this->derived()),
            ...count($derived) === count($this->design->weighings)
                ? []
                : [
                    Block::text(
                        'Of weighings that are alike for several spans or supports the one that is used most is derived; the others stand in the summary.',
                    ),
                ],
        ];
    }

    /**
     * @return list<Weighing> of those that are alike the first; all that are not covered, or that the engineer says
     *     something to
     */
    private function derived(): array
    {
        $seen = [];

        return array_values(
            array_filter($this->design->weighings, function (Weighing $w) use (&$seen): bool {
                $isFirst = $w->group === '' || ! isset($seen[$w->group]);
                $seen[$w->group] = true;

                return $isFirst || $w->state === State::NotCovered || isset($this->design->member->remarks[$w->id]);
            }),
        );
    }

    /**
     * @param  array<string, list<string>>  $groups
     * @return list<array<string, mixed>>
     */
    private static function assumptions(array $groups): array
    {
        $lists = array_map(
            fn (string $title, array $sentences): array => Block::list($sentences, $title),
            array_keys($groups),
            $groups,
        );

        return [Block::heading('Assumptions and limits'), ...$lists];
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
