<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;

/**
 * Combinations by the shortest of their actions. Each is taken without its shorter actions as well, with the strength
 * that goes with what is left: permanent load alone may govern.
 */
final class ByDuration
{
    /** @var array<string, list<Combination>> by duration */
    public readonly array $combinations;

    /** @param  list<Combination>  $strength */
    public function __construct(LoadedBeam $beam, array $strength)
    {
        $ranks = self::ranks($beam);
        $byDuration = $seen = [];
        foreach ($strength as $c) {
            $acting = array_filter($c->variable, fn (float $factor): bool => $factor > 0.0);
            // A row of end forces has all that acts in it.
            $ofRow = $c->isRow() ? self::ofRow($c, $beam)->rank() : null;
            $rank = fn (string $id): int => $ofRow ?? ($ranks[$id] ?? LoadDuration::Medium->rank());
            $levels = array_map($rank, array_keys($acting));
            foreach (array_unique([...$c->permanent > 0.0 ? [0] : [], ...$levels]) as $level) {
                $left = array_filter($acting, fn (string $id): bool => $rank($id) <= $level, ARRAY_FILTER_USE_KEY);
                $key = json_encode([$level, $c->permanent, $left]);
                if (! isset($seen[$key])) {
                    $seen[$key] = true;
                    $byDuration[LoadDuration::cases()[$level]->value][] =
                        count($left) === count($acting) ? $c : self::without($c, $left);
                }
            }
        }
        $this->combinations = $byDuration;
    }

    /** How long the shortest load of a row of end forces stays: as it says, otherwise medium. */
    public static function ofRow(Combination $row, LoadedBeam $beam): LoadDuration
    {
        $number = (int) preg_replace('/\D/', '', $row->id);

        return $beam->member->endForces[$number - 1]->duration ?? LoadDuration::Medium;
    }

    /** @return array<string, int> how long each load case stays: 0 the longest */
    public static function ranks(LoadedBeam $beam): array
    {
        $suite = Suite::of($beam->member->basis);
        $ranks = [];
        foreach ($beam->cases as $case) {
            $ranks[$case->case->id] = ($case->case->duration ?? $suite->duration($case->case->category))->rank();
        }

        return $ranks;
    }

    /** @param  array<string, float>  $left */
    private static function without(Combination $c, array $left): Combination
    {
        return new Combination(
            $c->id,
            $c->purpose,
            $c->clause,
            $c->permanent,
            $left,
            "{$c->text}, without what stays for a shorter time",
            $c->own,
        );
    }

    /**
     * @param  callable(LoadDuration): float  $factor
     * @return list<LoadGroup>
     */
    public function groups(callable $factor, string $clause, string $kind = 'duration'): array
    {
        $groups = [];
        foreach (LoadDuration::cases() as $duration) {
            $of = $this->combinations[$duration->value] ?? [];
            if ($of !== []) {
                $groups[] = new LoadGroup($factor($duration), "{$duration->value} {$kind}", $clause, $of);
            }
        }

        return $groups;
    }
}
