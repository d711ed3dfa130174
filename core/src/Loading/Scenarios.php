<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\Category;
use Waage\Member\LoadCase;

/** Which load cases can be there together. */
final class Scenarios
{
    /**
     * Every choice of one load case from each set of alternatives, of one wind and one seismic load case, with all
     * others.
     *
     * Wind acts from one direction at a time; so does an earthquake.
     *
     * @param  list<LoadCase>  $cases
     * @return non-empty-list<list<LoadCase>>
     */
    public static function choices(array $cases): array
    {
        $choices = [[]];
        $sets = [];
        foreach ($cases as $case) {
            if ($case->alternatives !== '') {
                $sets[$case->alternatives][] = $case;
            } else {
                $choices[0][] = $case;
            }
        }
        foreach ($sets as $set) {
            $more = [];
            foreach ($choices as $choice) {
                foreach ($set as $case) {
                    $more[] = [...$choice, $case];
                }
            }
            $choices = $more;
        }

        return self::oneAtATime(
            self::oneAtATime($choices, fn (Category $c): bool => $c->isWind()),
            fn (Category $c): bool => $c === Category::Seismic,
        );
    }

    /**
     * @param  non-empty-list<list<LoadCase>>  $choices
     * @param  callable(Category): bool  $excludes
     * @return non-empty-list<list<LoadCase>>
     */
    private static function oneAtATime(array $choices, callable $excludes): array
    {
        $all = [];
        foreach ($choices as $choice) {
            $set = array_filter($choice, fn (LoadCase $c): bool => $excludes($c->category));
            $rest = array_values(array_diff_key($choice, $set));
            foreach ($set === [] ? [[]] : array_map(fn (LoadCase $c): array => [$c], $set) as $one) {
                $all[] = [...$rest, ...$one];
            }
        }

        return $all;
    }

    /**
     * The sets of variable actions that EN 1990 lets act together; each action is a list of load cases.
     *
     * Imposed loads of categories A to G are one action when they meet others (EN 1991-1-1, 3.3.1(2)). Category H does
     * not act together with snow or wind (EN 1991-1-1, 3.3.2(1)).
     *
     * @param  list<LoadCase>  $cases  a choice
     * @return non-empty-list<list<non-empty-list<LoadCase>>>
     */
    public static function actions(array $cases): array
    {
        $of = fn (callable $test): array => array_values(
            array_filter($cases, fn (LoadCase $c): bool => $test($c->category)),
        );
        $imposed = $of(fn (Category $c): bool => $c->isImposed() && $c !== Category::H);
        $roof = $of(fn (Category $c): bool => $c === Category::H);
        $snow = $of(fn (Category $c): bool => $c === Category::Snow);
        $thermal = $of(fn (Category $c): bool => $c === Category::Temperature);
        $winds = $of(fn (Category $c): bool => $c->isWind());
        $present = fn (array ...$actions): array => array_values(
            array_filter($actions, fn (array $a): bool => $a !== []),
        );

        $scenarios = [];
        if ($roof !== []) {
            $scenarios[] = $present($imposed, $roof, $thermal);
        }
        foreach ($winds as $wind) {
            $scenarios[] = $present($imposed, $snow, $thermal, [$wind]);
        }
        if ($winds === [] && ($snow !== [] || $roof === [])) {
            $scenarios[] = $present($imposed, $snow, $thermal);
        }

        /** @var non-empty-list<list<non-empty-list<LoadCase>>> */
        return $scenarios;
    }
}
