<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\ServiceClass;

/**
 * EN 1995-1-1, 3.1.3(2): k_mod goes by the shortest action of a combination. So each combination is also weighed
 * without its
 * shorter actions, with the k_mod of what is left.
 */
final class Durations
{
    /**
     * @var array<string, list<Combination>> by duration: combinations with nothing shorter, and something that stays
     *     just so long
     */
    public readonly array $combinations;

    /** @param  list<Combination>  $strength */
    public function __construct(LoadedBeam $beam, array $strength)
    {
        $ranks = [];
        foreach ($beam->cases as $case) {
            $ranks[$case->case->id] = ($case->case->duration ?? LoadDuration::of($case->case->category))->rank();
        }
        $byDuration = $seen = [];
        foreach ($strength as $c) {
            $acting = array_filter(
                $c->variable,
                fn (float $factor, string $id): bool => $factor > 0.0 && isset($ranks[$id]),
                ARRAY_FILTER_USE_BOTH,
            );
            $levels = array_map(fn (string $id): int => $ranks[$id], array_keys($acting));
            foreach (array_unique([...$c->permanent > 0.0 ? [0] : [], ...$levels]) as $level) {
                $left = array_filter($acting, fn (string $id): bool => $ranks[$id] <= $level, ARRAY_FILTER_USE_KEY);
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

    /** @return list<array{LoadDuration, float, non-empty-list<Combination>}> with k_mod */
    public function groups(ServiceClass $serviceClass): array
    {
        $groups = [];
        foreach (LoadDuration::cases() as $duration) {
            $of = $this->combinations[$duration->value] ?? [];
            if ($of !== []) {
                $groups[] = [$duration, $serviceClass->kMod($duration), $of];
            }
        }

        return $groups;
    }
}
