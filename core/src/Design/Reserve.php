<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Member\Category;
use Waage\Member\EndForces;
use Waage\Member\Load;
use Waage\Member\Member;
use Waage\Member\MemberReader;
use Waage\Units\Kind;

/**
 * How much more a member bears until its first weighing tips, and for one that does not hold the single changes that
 * would help (core/schema/reserve.schema.json). Everything is weighed anew with the changed member: no extrapolation.
 */
final readonly class Reserve
{
    /** A factor is not looked for beyond this. */
    private const MOST = 100.0;

    /** How exact a factor is, as a part of it; it is on the safe side. */
    private const ACCURACY = 1e-3;

    /** More restraints than these within a member are not tried. */
    private const MOST_RESTRAINTS = 12;

    private const MOST_STEPS = 40;

    /** Lengths are not thought to be shorter than this part of them. */
    private const LEAST = 0.02;

    private Design $design;

    /**
     * @param  array<array-key, mixed>  $document  the member document with its basis
     *
     * @throws \Waage\Member\InvalidMember
     */
    public function __construct(private array $document)
    {
        $this->design = new Design(MemberReader::member($document), Detail::Verdict);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $isLoad = fn (Load $l): bool => $l->on && ! $l->kind->isDisplacement() && ! $l->kind->isThermal();
        $isVariable = fn (Load $l): bool => $isLoad($l) &&
            $this->design->member->case($l->case)->category !== Category::Permanent;

        return [
            'variable' => $this->factor($isVariable),
            'all' => $this->factor($isLoad, true),
            'lengths' => $this->lengths(),
            'changes' => $this->design->verdict()->holds() ? [] : $this->changes(),
        ];
    }

    /**
     * The factor on some loads up to which the member holds.
     *
     * @param  callable(Load): bool  $grows
     * @param  bool  $rows  do rows of end forces, which have all loads in them, grow as well
     * @return array{state: string, factor: float|null} found; none: no such load acts; beyond: more than MOST; never:
     *     it does not hold even without them
     */
    private function factor(callable $grows, bool $rows = false): array
    {
        $member = $this->design->member;
        if (array_filter($member->loads, $grows) === [] && ! ($rows && $member->endForces !== [])) {
            return ['state' => 'none', 'factor' => null];
        }

        return $this->search(
            fn (float $factor): float => $this->ratio(
                (new Design(
                    $member->withLoads(
                        array_map(fn (Load $l): Load => $grows($l) ? $l->times($factor) : $l, $member->loads),
                        $rows
                            ? array_map(fn (EndForces $r): EndForces => $r->times($factor), $member->endForces)
                            : null,
                    ),
                    Detail::Verdict,
                ))->verdict(),
            ),
        );
    }

    /**
     * The factor on the lengths between what holds the member sideways up to which it holds.
     *
     * @return array{state: string, factor: float|null} none: it is continuously restrained
     */
    private function lengths(): array
    {
        $member = $this->design->member;
        if ($member->top->isContinuous() && $member->bottom->isContinuous()) {
            return ['state' => 'none', 'factor' => null];
        }

        return $this->search(
            fn (float $factor): float => $this->ratio(
                (new Design($member->heldApart(max($factor, self::LEAST)), Detail::Verdict))->verdict(),
            ),
        );
    }

    /**
     * @param  \Closure(float): float  $at  ratio with a factor
     * @return array{state: string, factor: float|null}
     */
    private function search(\Closure $at): array
    {
        $low = 0.0;
        $high = 1.0;
        $below = null;
        $above = $this->ratio($this->design->verdict());
        while ($above <= 1.0) {
            [$low, $below] = [$high, $above];
            if ($high >= self::MOST) {
                return ['state' => 'beyond', 'factor' => null];
            }
            $high = min(self::MOST, 2 * $high);
            $above = $at($high);
        }
        $below ??= $at($low);
        if ($below > 1.0) {
            return ['state' => 'never', 'factor' => null];
        }
        for ($step = 0; $high - $low > self::ACCURACY * $high && $step < self::MOST_STEPS; $step++) {
            // Ratios grow nearly in proportion: a straight line comes close, kept off the ends so that both move.
            $part = is_finite($above) ? (1.0 - $below) / ($above - $below) : 0.5;
            $middle = $low + min(0.95, max(0.05, $part + ($step % 2 === 0 ? 0.005 : -0.005))) * ($high - $low);
            $ratio = $at($middle);
            if ($ratio <= 1.0) {
                [$low, $below] = [$middle, $ratio];
            } else {
                [$high, $above] = [$middle, $ratio];
            }
        }

        return ['state' => 'found', 'factor' => floor($low * 1000) / 1000];
    }

    private function ratio(Verdict $verdict): float
    {
        // What is not covered has no ratio; it does not hold.
        return match ($verdict->state) {
            VerdictState::Holds, VerdictState::Unloaded => min(1.0, $verdict->ratio ?? 0.0),
            VerdictState::Fails => max($verdict->ratio ?? INF, 1.0 + 1e-9),
            VerdictState::Uncovered => INF,
        };
    }

    /** @return list<array<string, mixed>> */
    private function changes(): array
    {
        $failing = array_map(
            fn (Weighing $w): string => $w->id,
            array_filter($this->design->weighings, fn (Weighing $w): bool => ! $w->holds()),
        );
        $starts = fn (string $with): bool => array_filter(
            $failing,
            fn (string $id): bool => str_starts_with($id, $with),
        ) !== [];

        return [
            ...$this->section(),
            ...$this->stronger(),
            ...$starts('buckling') ? $this->restraints() : [],
            ...$starts('web-')
                ? [$this->change('Stiffened webs at the supports and under the point loads', $this->stiffened())]
                : [],
        ];
    }

    /** @return list<array<string, mixed>> the lightest section of the shortlist that holds */
    private function section(): array
    {
        $holding = array_filter($this->design->shortlist(), fn (ShortlistRow $r): bool => $r->verdict->holds());
        usort($holding, fn (ShortlistRow $a, ShortlistRow $b): int => $a->make->weight() <=> $b->make->weight());

        return $holding === []
            ? []
            : [
                $this->change(
                    $holding[0]->make->name().
                        ', '.
                        $this->design->member->basis->units->format($holding[0]->make->weight(), Kind::Mass),
                    $holding[0]->make->patch(),
                ),
            ];
    }

    /** @return list<array<string, mixed>> the first stronger make that holds, or the strongest one */
    private function stronger(): array
    {
        $change = null;
        foreach ($this->design->member->make->stronger() as [$name, $patch]) {
            $change = $this->change($name, $patch);
            if ($change['holds']) {
                break;
            }
        }

        return $change === null ? [] : [$change];
    }

    /**
     * @return list<array<string, mixed>> for each flange that can be held more often, and both: the fewest restraints
     *     with which the member holds
     */
    private function restraints(): array
    {
        $member = $this->design->member;
        $changes = [];
        foreach ([['top'], ['bottom'], ['top', 'bottom']] as $flanges) {
            $open = array_values(array_filter($flanges, fn (string $f): bool => ! $member->$f->isContinuous()));
            if ($open !== $flanges) {
                continue;
            }
            $best = null;
            for (
                $n = 1 + min(array_map(fn (string $f): int => count($member->$f->positions), $flanges));
                $n <= self::MOST_RESTRAINTS && ! ($best['holds'] ?? false);
                $n++
            ) {
                $spacing = $this->length($member->length / ($n + 1));
                $name = count($flanges) === 2 ? 'both flanges' : "the {$flanges[0]} flange";
                $change = $this->change("Restraints of {$name} every {$spacing}", [
                    'restraint' => array_fill_keys($flanges, ['kind' => 'spacing', 'spacing' => $spacing]),
                ]);
                $best =
                    $best === null || ($change['ratio'] ?? INF) < ($best['ratio'] ?? INF) - 1e-6 ? $change : $best;
            }
            // What does not help is not worth a line; both flanges are where one does not do.
            if (
                $best !== null &&
                ($best['ratio'] ?? INF) < ($this->design->verdict()->ratio ?? INF) - 1e-6 &&
                ! (count($flanges) === 2 && in_array(true, array_column($changes, 'holds'), true))
            ) {
                $changes[] = $best;
            }
        }
        $holding = array_values(array_filter($changes, fn (array $c): bool => $c['holds']));

        return $holding === [] ? $changes : $holding;
    }

    /** A length that is a hair longer than it is written would leave a restraint out at the end. */
    private function length(float $mm): string
    {
        return $this->design->member->basis->units->format(ceil($mm * 10) / 10, Kind::Length);
    }

    /** @return array<string, mixed> */
    private function stiffened(): array
    {
        $all = fn (string $key, callable $which): array => array_map(
            fn (mixed $row): mixed => is_array($row) && $which($row) ? [...$row, 'stiffened' => true] : $row,
            is_array($this->document[$key] ?? null) ? $this->document[$key] : [],
        );

        return [
            'supports' => $all('supports', fn (array $row): bool => true),
            'loads' => $all('loads', fn (array $row): bool => ($row['kind'] ?? '') === 'point'),
        ];
    }

    /**
     * @param  array<string, mixed>  $patch  JSON merge patch (RFC 7396) on the document
     * @return array{text: string, patch: array<string, mixed>, holds: bool, ratio: float|null, title: string}
     */
    private function change(string $text, array $patch): array
    {
        $changed = $this->document;
        foreach ($patch as $key => $value) {
            $isBlock = is_array($value) && ! array_is_list($value) && is_array($changed[$key] ?? null);
            $changed[$key] = $isBlock ? [...$changed[$key], ...$value] : $value;
        }
        $verdict = (new Design(MemberReader::member($changed), Detail::Verdict))->verdict();

        return [
            'text' => $text,
            'patch' => $patch,
            'holds' => $verdict->holds(),
            'ratio' => $verdict->ratio,
            'title' => $verdict->title,
        ];
    }
}
