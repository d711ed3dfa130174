<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Member\Arrangement;
use Waage\Member\Category;
use Waage\Member\Load;
use Waage\Member\LoadCase;
use Waage\Member\LoadKind;
use Waage\Member\Member;
use Waage\Units\Kind;

/**
 * The load sets of a member and which of them its load cases consist of: spans, places and directions that may act for
 * themselves.
 */
final class MemberCases
{
    /** @var list<LoadSet> */
    public array $sets = [];

    /** @var list<CaseSets> load cases that carry load; permanent ones first */
    public readonly array $cases;

    /** Index of the load set of self-weight of 1 N/mm, or null when the engineer has switched it off. */
    public readonly ?int $selfWeight;

    /** @var array<int, int> load sets that lift a support by 1 mm, by support; none where the member cannot lift off */
    public readonly array $lifts;

    /** @var list<array{float, float}> spans and overhangs */
    private readonly array $fields;

    /** @var list<string> */
    private readonly array $names;

    public function __construct(
        private readonly Member $member,
        private readonly Beam $beam,
        private readonly MemberLoads $loads,
    ) {
        $this->fields = $beam->fields();
        $this->names = $beam->fieldNames();
        $this->selfWeight = $member->selfWeight ? 0 : null;
        if ($member->selfWeight) {
            $this->sets[] = $loads->selfWeight(0.0, $member->length);
        }
        $cases = array_values(array_filter(array_map($this->read(...), $member->cases)));
        usort($cases, fn (CaseSets $a, CaseSets $b): int => $b->isPermanent <=> $a->isPermanent);
        $more = $member->permanentBySpan ? $this->morePermanent() : null;
        $this->cases = [...$cases, ...$more === null ? [] : [$more], ...$this->endForces()];
        $lifts = [];
        foreach ($member->liftsOff ? $member->supports : [] as $i => $support) {
            if ($support->bearsOnly) {
                $lifts[$i] = count($this->sets);
                $this->sets[] = (new LoadSet)->displacement($i, -1.0, 0.0);
            }
        }
        $this->lifts = $lifts;
    }

    private function read(LoadCase $case): ?CaseSets
    {
        $loads = array_filter($this->member->loads, fn (Load $l): bool => $l->on && $l->case === $case->id);
        $moving = array_filter($loads, fn (Load $l): bool => $l->kind->isMoving());
        $loads = array_diff_key($loads, $moving);
        [$parts, $labels] = match (true) {
            $case->category->isImposed() => [$this->loads->split($loads, $this->fields), $this->names],
            $case->category === Category::Settlement => $case->always
                ? [[self::all($this->loads->displacements($loads)[0])], []]
                : $this->loads->displacements($loads),
            default => [[$this->loads->together($loads)], []],
        };
        $options = $case->category->isImposed()
            ? $this->arranged($parts)
            : [array_map(fn (LoadSet $s, int $i): array => [$s, $labels[$i] ?? ''], $parts, array_keys($parts))];
        foreach ($moving as $load) {
            if ($load->kind === LoadKind::Lengths) {
                $options[] = array_map(
                    fn (LoadSet $s): array => [$s, CaseSets::LENGTHS],
                    $this->loads->pieces($load, $this->fields),
                );
            }
            foreach (
                $load->axles === [] ? [] : Positions::of($this->beam, $load->from, $load->to, $load->trains()) as $axles
            ) {
                $options[] = [
                    [
                        $this->loads->forces($axles),
                        'at x = '.$this->member->basis->units->format($axles[0][0], Kind::Length),
                    ],
                ];
            }
        }
        [$indices, $on] = $this->added($options);
        [$everywhere] =
            $case->category->isImposed() && $this->member->arrangement === Arrangement::Chosen
                ? $this->added([[[$this->loads->together($loads), '']]])
                : [[]];

        return $indices === []
            ? null
            : new CaseSets(
                $case,
                $indices,
                $labels === [] && $moving === [] ? [] : $on,
                $moving !== [] && $loads === [],
                always: $case->always,
                everywhere: $everywhere[0] ?? null,
            );
    }

    /** @param  list<LoadSet>  $sets  movements of supports */
    private static function all(array $sets): LoadSet
    {
        $all = new LoadSet;
        foreach ($sets as $set) {
            foreach ($set->displacements as $movement) {
                $all->displacement(...$movement);
            }
        }

        return $all;
    }

    /** Permanent load, span by span, for what its greater factor adds to the smaller one where it does harm. */
    private function morePermanent(): ?CaseSets
    {
        $permanent = array_column(
            array_filter($this->member->cases, fn (LoadCase $c): bool => $c->category === Category::Permanent),
            'id',
        );
        $parts = $this->loads->split(
            array_filter($this->member->loads, fn (Load $l): bool => $l->on && in_array($l->case, $permanent, true)),
            $this->fields,
        );
        foreach ($this->selfWeight === null ? [] : $this->fields as $i => $field) {
            $parts[$i]->with($this->loads->selfWeight(...$field), $this->member->make->weight());
        }
        [$indices, $on] = $this->added([
            array_map(fn (LoadSet $s, string $name): array => [$s, $name], $parts, $this->names),
        ]);

        return $indices === []
            ? null
            : new CaseSets(
                new LoadCase(Combination::MORE_PERMANENT, 'Greater permanent load', Category::Permanent),
                $indices,
                $on,
                isMade: true,
            );
    }

    /**
     * One of each force at the ends that rows have: a combination takes each of them as often as its row says.
     *
     * @return list<CaseSets>
     */
    private function endForces(): array
    {
        $length = $this->member->length;
        $unit = fn (string $part, float $one): LoadSet => match ($part) {
            'N' => (new LoadSet)->alongForce(0.0, $one)->alongForce($length, -$one),
            'My1' => (new LoadSet)->moment(0.0, $one),
            'My2' => (new LoadSet)->moment($length, -$one),
            default => $this->sideways(
                fn (LoadSet $s): LoadSet => $part === 'Mz1' ? $s->moment(0.0, $one) : $s->moment($length, -$one),
            ),
        };
        $parts = [];
        foreach ($this->member->endForces as $row) {
            $parts += $row->parts();
        }
        $cases = [];
        foreach (array_keys($parts) as $part) {
            [$indices, $on] = $this->added([
                [[$unit(substr($part, 0, -1), str_ends_with($part, '+') ? 1.0 : -1.0), '']],
            ]);
            if ($indices !== []) {
                $cases[] = new CaseSets(
                    new LoadCase(Combination::END_FORCE.$part, '', Category::Permanent),
                    $indices,
                    $on,
                    isMade: true,
                    always: true,
                );
            }
        }

        return $cases;
    }

    /** @param  \Closure(LoadSet): LoadSet  $add */
    private function sideways(\Closure $add): LoadSet
    {
        $set = new LoadSet;
        $add($set->across());

        return $set;
    }

    /**
     * @param  list<list<array{LoadSet, string}>>  $options
     * @return array{list<non-empty-list<int>>, array<int, string>} options with indices of sets, labels of sets
     */
    private function added(array $options): array
    {
        $indices = $on = [];
        foreach ($options as $option) {
            $together = [];
            foreach ($option as [$set, $label]) {
                if (! $set->isEmpty()) {
                    $on[count($this->sets)] = $label;
                    $together[] = count($this->sets);
                    $this->sets[] = $set;
                }
            }
            if ($together !== []) {
                $indices[] = $together;
            }
        }

        return [$indices, $on];
    }

    /**
     * The arrangements of an imposed load: sets that act as they like, or one arrangement at a time.
     *
     * @param  list<LoadSet>  $parts  of each span and overhang
     * @return non-empty-list<list<array{LoadSet, string}>> options, sets with their names
     */
    private function arranged(array $parts): array
    {
        $names = $this->names;
        $loaded = array_filter($parts, fn (LoadSet $s): bool => ! $s->isEmpty());
        if (
            $this->member->arrangement === Arrangement::Worst ||
            (count($loaded) < 2 && $this->member->arrangement !== Arrangement::Chosen)
        ) {
            return [array_map(fn (LoadSet $s, int $i): array => [$s, $names[$i]], $parts, array_keys($parts))];
        }
        $together = function (array $fields) use ($loaded, $names): array {
            $set = new LoadSet;
            $fields = array_intersect($fields, array_keys($loaded));
            foreach ($fields as $i) {
                $set->with($loaded[$i], 1.0);
            }

            return [
                [
                    $set,
                    count($fields) === count($loaded)
                        ? ''
                        : CaseSets::listed(array_values(array_map(fn (int $i): string => $names[$i], $fields))),
                ],
            ];
        };
        $all = array_keys($parts);
        if ($this->member->arrangements !== []) {
            return array_map($together, $this->member->arrangements);
        }
        $options = [$together($all)];
        if ($this->member->arrangement === Arrangement::Alternate) {
            foreach ([0, 1] as $parity) {
                $options[] = $together(array_filter($all, fn (int $i): bool => $i % 2 === $parity));
            }
            for ($i = 1; $i < count($parts) && count($parts) > 2; $i++) {
                $options[] = $together([$i - 1, $i]);
            }
        }

        return [
            $options[0],
            ...array_values(array_filter(array_slice($options, 1), fn (array $o): bool => ! $o[0][0]->isEmpty())),
        ];
    }
}
