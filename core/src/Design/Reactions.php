<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;

/**
 * Reactions: unfactored by load case with every span loaded, and the greatest and smallest of each combination.
 *
 * Forces in N, up and to the right positive, the latter where the member is strained along its axis; moments of fixed
 * supports in Nmm, clockwise on the beam positive.
 */
final readonly class Reactions
{
    private LoadedBeam $beam;

    /**
     * @param  LoadedBeam|null  $sideways  LoadedBeam::$sideways: of this one, to the back positive, at all places that
     *     hold it
     */
    public function __construct(private Design $design, ?LoadedBeam $sideways = null)
    {
        $this->beam = $sideways ?? $design->beam;
    }

    /** @return array{cases: list<array<string, mixed>>, combinations: list<array<string, mixed>>} */
    public function toArray(): array
    {
        return ['cases' => $this->cases(), 'combinations' => $this->combinations()];
    }

    /** @return list<array<string, mixed>> with the sum of loads beside the sum of reactions */
    public function cases(): array
    {
        $beam = $this->beam;
        $rows = [];
        if ($beam->selfWeight !== null) {
            $rows[] = $this->row(
                'self-weight',
                'Self-weight',
                'permanent',
                [$beam->selfWeight],
                $this->design->member->make->weight(),
            );
        }
        foreach ($beam->given() as $case) {
            $rows[] = $this->row(
                $case->case->id,
                $case->case->name,
                $case->case->category->value,
                $case->whole(),
                1.0,
            );
        }

        return $rows;
    }

    /**
     * @param  list<int>  $sets
     * @return array<string, mixed>
     */
    private function row(string $id, string $name, string $category, array $sets, float $factor): array
    {
        $beam = $this->beam;
        $forces = $moments = $horizontal = array_fill(0, count($beam->beam->supports), 0.0);
        $axis = $beam->beam->axis;
        $load = $loadMoment = $reactionMoment = 0.0;
        foreach ($sets as $set) {
            $load -= $factor * $axis->up(-$beam->sets[$set]->total(), $beam->sets[$set]->totalAlong());
            $loadMoment += $factor * $beam->sets[$set]->momentAboutLeftEnd();
            foreach ($beam->responses->reactions[$set] as $i => [$force, $moment, $right]) {
                $forces[$i] += $factor * $force;
                $moments[$i] += $factor * $moment;
                $horizontal[$i] += $factor * $right;
                $reactionMoment += $factor * ($axis->normal($force, $right) * $beam->beam->supports[$i] - $moment);
            }
        }

        return [
            'id' => $id,
            'name' => $name,
            'category' => $category,
            'forces' => $forces,
            'moments' => $moments,
            'horizontal' => $axis->isStrained ? $horizontal : [],
            'load' => $load,
            'reaction' => array_sum($forces),
            'loadMoment' => $loadMoment,
            'reactionMoment' => $reactionMoment,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function combinations(): array
    {
        $forces = $this->shares(0);
        $moments = $this->shares(1);
        $horizontal = $this->beam->beam->axis->isStrained ? $this->shares(2) : null;

        // Of rows of end forces the reactions are not told: what acts along comes from the structure, not from
        // supports.
        // For equilibrium each span's permanent load is for itself: those combinations are weighed at the supports
        // that bear only.
        $others = array_values(
            array_filter(
                $this->design->combinations,
                fn (Combination $c): bool => $c->purpose !== Purpose::Equilibrium && ! $c->isRow(),
            ),
        );

        return array_map(
            fn (Combination $c): array => [
                'id' => $c->id,
                'forces' => $this->range($c, $forces),
                'moments' => $this->range($c, $moments),
                'horizontal' => $horizontal === null ? [] : $this->range($c, $horizontal),
            ],
            $others,
        );
    }

    /**
     * Greatest and smallest reaction of each support; variable load lies where it makes it so.
     *
     * @param  array<string, list<array{float, float}>>  $shares  as shares()
     * @return list<array{float, float}>
     */
    private function range(Combination $combination, array $shares): array
    {
        $range = [];
        foreach ($shares[''] as $i => [$permanent]) {
            $most = $least = $combination->permanent * $permanent;
            foreach ($combination->variable as $case => $factor) {
                [$up, $down] = $shares[$case][$i] ?? [0.0, 0.0];
                $most += $factor * $up;
                $least += $factor * $down;
            }
            $range[] = [$most, $least];
        }

        return $range;
    }

    /**
     * What each variable load case adds to the greatest and to the smallest reaction of each support; under '' all
     * permanent load.
     *
     * @return array<string, list<array{float, float}>>
     */
    private function shares(int $component): array
    {
        $beam = $this->beam;
        $weight = $this->design->member->make->weight();
        $shares = ['' => []];
        foreach (array_keys($beam->beam->supports) as $i) {
            $permanent =
                $beam->selfWeight === null
                    ? 0.0
                    : $weight * $beam->responses->reactions[$beam->selfWeight][$i][$component];
            foreach ($beam->cases as $case) {
                $values = [];
                foreach ($case->sets as $set) {
                    $values[$set] = $beam->responses->reactions[$set][$i][$component];
                }
                if ($case->isPermanent) {
                    $permanent += array_sum($values);

                    continue;
                }
                $of = fn (int $sign): float => array_sum(
                    array_map(
                        fn (float $way, int $set): float => $way * $values[$set],
                        $acting = $case->worst($sign, $values),
                        array_keys($acting),
                    ),
                );
                $shares[$case->case->id][] = [$of(1), $of(-1)];
            }
            $shares[''][] = [$permanent, $permanent];
        }

        return $shares;
    }

    /** @return list<array{float, float}> greatest and smallest force over all strength combinations, by support */
    public function strengthRange(): array
    {
        $all = [];
        $shares = $this->shares(0);
        foreach ($this->design->combinations as $c) {
            if ($c->purpose->isForStrength()) {
                foreach ($this->range($c, $shares) as $i => [$most, $least]) {
                    $all[$i] = [max($all[$i][0] ?? -INF, $most), min($all[$i][1] ?? INF, $least)];
                }
            }
        }

        return array_values($all);
    }
}
