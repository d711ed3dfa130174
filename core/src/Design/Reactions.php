<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Loading\Combination;
use Waage\Member\Category;

/**
 * Reactions: unfactored by load case with every span loaded, and the greatest and smallest of each combination.
 *
 * Forces in N, up positive; moments of fixed supports in Nmm, clockwise on the beam positive.
 */
final readonly class Reactions
{
    public function __construct(private Design $design)
    {
    }

    /** @return array{cases: list<array<string, mixed>>, combinations: list<array<string, mixed>>} */
    public function toArray(): array
    {
        return ['cases' => $this->cases(), 'combinations' => $this->combinations()];
    }

    /** @return list<array<string, mixed>> with the sum of loads beside the sum of reactions */
    private function cases(): array
    {
        $beam = $this->design->beam;
        $rows = [];
        if ($beam->selfWeight !== null) {
            $rows[] = $this->row('self-weight', 'Self-weight', 'permanent', [$beam->selfWeight], $this->design->member->section->weight());
        }
        foreach ($beam->cases as $case) {
            $rows[] = $this->row($case->case->id, $case->case->name, $case->case->category->value, $case->sets, 1.0);
        }

        return $rows;
    }

    /**
     * @param  list<int>  $sets
     * @return array<string, mixed>
     */
    private function row(string $id, string $name, string $category, array $sets, float $factor): array
    {
        $beam = $this->design->beam;
        $forces = $moments = array_fill(0, count($beam->beam->supports), 0.0);
        $load = $loadMoment = $reactionMoment = 0.0;
        foreach ($sets as $set) {
            $load += $factor * $beam->sets[$set]->total();
            $loadMoment += $factor * $beam->sets[$set]->momentAboutLeftEnd();
            foreach ($beam->responses->reactions[$set] as $i => [$force, $moment]) {
                $forces[$i] += $factor * $force;
                $moments[$i] += $factor * $moment;
                $reactionMoment += $factor * ($force * $beam->beam->supports[$i] - $moment);
            }
        }

        return [
            'id' => $id, 'name' => $name, 'category' => $category, 'forces' => $forces, 'moments' => $moments,
            'load' => $load, 'reaction' => array_sum($forces), 'loadMoment' => $loadMoment, 'reactionMoment' => $reactionMoment,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function combinations(): array
    {
        $rows = array_map(fn (Combination $c): array => ['id' => $c->id, 'forces' => $this->range($c, 0), 'moments' => $this->range($c, 1)], $this->design->combinations);

        return array_values($rows);
    }

    /**
     * Greatest and smallest reaction of each support; variable load lies where it makes it so.
     *
     * @return list<array{float, float}>
     */
    private function range(Combination $combination, int $component): array
    {
        $beam = $this->design->beam;
        $weight = $this->design->member->section->weight();
        $range = [];
        foreach (array_keys($beam->beam->supports) as $i) {
            $most = $least = $beam->selfWeight === null ? 0.0 : $combination->permanent * $weight * $beam->responses->reactions[$beam->selfWeight][$i][$component];
            foreach ($beam->cases as $case) {
                $permanent = $case->case->category === Category::Permanent;
                $factor = $permanent ? $combination->permanent : ($combination->variable[$case->case->id] ?? 0.0);
                foreach ($case->sets as $set) {
                    $r = $factor * $beam->responses->reactions[$set][$i][$component];
                    [$up, $down] = $case->case->category->isReversible() ? [abs($r), -abs($r)] : [max(0.0, $r), min(0.0, $r)];
                    $most += $permanent ? $r : $up;
                    $least += $permanent ? $r : $down;
                }
            }
            $range[] = [$most, $least];
        }

        return $range;
    }

    /** @return list<array{float, float}> greatest and smallest force over all strength combinations, by support */
    public function strengthRange(): array
    {
        $all = [];
        foreach ($this->design->combinations as $c) {
            if ($c->purpose->isForStrength()) {
                foreach ($this->range($c, 0) as $i => [$most, $least]) {
                    $all[$i] = [max($all[$i][0] ?? -INF, $most), min($all[$i][1] ?? INF, $least)];
                }
            }
        }

        return array_values($all);
    }
}
