<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Analysis\LoadedBeam;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;
use Waage\Loading\Purpose;
use Waage\Materials\Timber\ByDuration;
use Waage\Materials\Timber\Durations as DurationsOfCode;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\Category;

/**
 * NDS 2018, 2.3.2 and N.3.3: C_D by the shortest load of a combination (ASD), or λ by the combination (LRFD).
 *
 * Durations of load cases stand for: permanent, ten years (long), two months (medium), seven days (short), ten minutes
 * (instantaneous).
 */
final class Durations implements DurationsOfCode
{
    private const C_D = [0.9, 1.0, 1.15, 1.25, 1.6];

    private const NAMES = ['permanent', 'ten years', 'two months', 'seven days', 'ten minutes'];

    /** @var list<LoadGroup> */
    private readonly array $groups;

    /** @param  list<Combination>  $strength */
    public function __construct(LoadedBeam $beam, array $strength, Method $method)
    {
        $this->groups =
            $method === Method::Asd ? self::allowable($beam, $strength) : self::resistances($beam, $strength);
    }

    public function groups(TimberMake $timber): array
    {
        return $this->groups;
    }

    /**
     * @param  list<Combination>  $strength
     * @return list<LoadGroup>
     */
    private static function allowable(LoadedBeam $beam, array $strength): array
    {
        $groups = [];
        foreach ((new ByDuration($beam, $strength))->combinations as $duration => $combinations) {
            $rank = LoadDuration::from($duration)->rank();
            $groups[] =
                $combinations === []
                    ? null
                    : new LoadGroup(self::C_D[$rank], self::NAMES[$rank], 'Table 2.3.2', $combinations);
        }

        return array_values(array_filter($groups));
    }

    /**
     * @param  list<Combination>  $strength
     * @return list<LoadGroup>
     */
    private static function resistances(LoadedBeam $beam, array $strength): array
    {
        $categories = [];
        foreach ($beam->cases as $case) {
            $categories[$case->case->id] = $case->case->category;
        }
        $by = [];
        foreach ($strength as $c) {
            [$lambda, $why] = $c->isRow() ? self::ofRow($c, $beam) : self::lambda($c, $categories);
            $by[(string) $lambda][0] = $why;
            $by[(string) $lambda][1][] = $c;
        }
        $groups = [];
        foreach ($by as $lambda => [$why, $combinations]) {
            $groups[] = new LoadGroup((float) $lambda, $why, 'Table N3', $combinations);
        }

        return $groups;
    }

    /** @return array{float, string} */
    private static function ofRow(Combination $c, LoadedBeam $beam): array
    {
        return match (ByDuration::ofRow($c, $beam)) {
            LoadDuration::Permanent => [0.6, 'end forces, permanent load only'],
            LoadDuration::Instantaneous => [1.0, 'end forces with wind or earthquake'],
            default => [0.8, 'end forces as given'],
        };
    }

    /**
     * Table N3. Wind counts where it leads, with its factor of 1.0 at least.
     *
     * @param  array<string, Category>  $categories
     * @return array{float, string}
     */
    private static function lambda(Combination $c, array $categories): array
    {
        $isStorage = $hasVariable = false;
        foreach ($c->variable as $id => $factor) {
            $category = $categories[$id] ?? null;
            if ($factor <= 0.0 || $category === null || $category === Category::Permanent) {
                continue;
            }
            if ($c->purpose === Purpose::Seismic || ($category->isWind() && $factor > 0.99)) {
                return [1.0, 'wind or earthquake'];
            }
            $hasVariable = true;
            $isStorage = $isStorage || $category === Category::E;
        }

        return match (true) {
            $isStorage => [0.7, 'storage'],
            $hasVariable => [0.8, 'occupancy, roof, snow or rain'],
            default => [0.6, 'permanent load only'],
        };
    }
}
