<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\ByDuration;
use Waage\Materials\Timber\Durations as DurationsOfCode;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\Category;

/**
 * CSA O86:19, 5.3.2: K_D of each combination from the specified loads in it: 1.15 with any short-term load, 1.0 with
 * standard-term ones, less where long-term load P_L is more than standard-term load P_S, 0.65 for long-term load alone.
 * Loads are compared by their sums on the member.
 */
final class Durations implements DurationsOfCode
{
    /** @var array<string, list<LoadGroup>> by self-weight */
    private array $groups = [];

    /** @param  list<Combination>  $strength */
    public function __construct(private readonly LoadedBeam $beam, private readonly array $strength)
    {
    }

    public function groups(TimberMake $timber): array
    {
        return $this->groups["w{$timber->weight()}"] ??= $this->by($timber->weight());
    }

    /** @return list<LoadGroup> */
    private function by(float $weight): array
    {
        $ranks = ByDuration::ranks($this->beam);
        $sums = $this->sums();
        $long = $this->beam->selfWeight === null ? 0.0 : $weight * $this->beam->member->length;
        foreach ($this->beam->cases as $case) {
            $long += $case->isPermanent ? $sums[$case->case->id] ?? 0.0 : 0.0;
        }
        $by = [];
        foreach ($this->strength as $c) {
            [$K, $why] = $this->factor($c, $ranks, $sums, $long);
            $key = sprintf('%.4f %s', $K, $why);
            $by[$key][0] = $K;
            $by[$key][1] = $why;
            $by[$key][2][] = $c;
        }

        return array_map(
            fn (array $of): LoadGroup => new LoadGroup($of[0], $of[1], '5.3.2', $of[2]),
            array_values($by),
        );
    }

    /** @return array<string, float> sum of the forces across the member by load case, N */
    private function sums(): array
    {
        $sums = [];
        foreach ($this->beam->cases as $case) {
            $sum = 0.0;
            foreach ($case->sets as $set) {
                $sum += abs(array_sum(array_column($this->beam->responses->reactions[$set] ?? [], 0)));
            }
            $sums[$case->case->id] = $sum;
        }

        return $sums;
    }

    /**
     * @param  array<string, int>  $ranks
     * @param  array<string, float>  $sums
     * @return array{float, string}
     */
    private function factor(Combination $c, array $ranks, array $sums, float $long): array
    {
        $standard = ['live' => 0.0, 'snow' => 0.0];
        if ($c->isRow()) {
            $rank = ByDuration::ofRow($c, $this->beam)->rank();

            return match (true) {
                $rank >= LoadDuration::Short->rank() => [1.15, 'end forces, short term'],
                $rank < LoadDuration::Medium->rank() => [0.65, 'end forces, long term'],
                default => [1.0, 'end forces, standard term'],
            };
        }
        foreach ($this->beam->cases as $case) {
            $id = $case->case->id;
            if ($case->isPermanent || ($c->variable[$id] ?? 0.0) <= 0.0) {
                continue;
            }
            $rank = $ranks[$id] ?? LoadDuration::Medium->rank();
            if ($rank >= LoadDuration::Short->rank()) {
                return [1.15, 'short term'];
            }
            if ($rank < LoadDuration::Medium->rank()) {
                $long += $sums[$id] ?? 0.0;
            } else {
                $standard[$case->case->category === Category::Snow ? 'snow' : 'live'] += $sums[$id] ?? 0.0;
            }
        }
        [$L, $S] = array_values($standard);
        // 5.3.2.3: P_S is the largest of S, L, S + 0.5 L and L + 0.5 S.
        $standard = max($S, $L, $S + 0.5 * $L, $L + 0.5 * $S);

        return match (true) {
            $standard <= 0.0 => [0.65, 'long term only'],
            $long <= $standard => [1.0, 'standard term'],
            default => [max(0.65, 1 - 0.5 * log10($long / $standard)), 'standard term, P_L above P_S'],
        };
    }
}
