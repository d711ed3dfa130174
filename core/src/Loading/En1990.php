<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\Basis;
use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * Combinations of actions after EN 1990:2002+A1:2005 for persistent and transient situations (STR, set B) and for
 * serviceability.
 *
 * - Strength: 6.4.3.2(3), expression (6.10), or the less favourable of (6.10a) and (6.10b); each variable action leads
 *   once. Permanent load is one action (single source): all of it is favourable or unfavourable.
 * - Serviceability: 6.5.3(2), expressions (6.14b), (6.15b), (6.16b).
 * - Imposed loads of categories A to G are one action when they meet others (EN 1991-1-1, 3.3.1(2)).
 * - Category H does not act together with snow or wind (EN 1991-1-1, 3.3.2(1)).
 * - A settlement of supports is permanent, but left out where it is favourable: γ_G,set in all strength combinations, 1.0
 *   in those of serviceability (A2.3.1, Table A2.4(B)).
 * - Wind acts from one direction at a time: wind load cases exclude each other.
 * - Of load cases that the engineer has made alternatives one acts at a time.
 */
final class En1990
{
    /**
     * @param  list<LoadCase>  $cases  the load cases that carry load
     * @return list<Combination> without duplicates and without combinations of absent loads
     */
    public static function combinations(array $cases, Basis $basis): array
    {
        $permanent = array_filter($cases, fn (LoadCase $c): bool => $c->category === Category::Permanent) !== [];
        $settlement = array_fill_keys(array_column(array_filter($cases, fn (LoadCase $c): bool => $c->category === Category::Settlement), 'id'), 1.0);
        $moved = array_map(fn (): float => $basis->gammaGset * $basis->KFI, $settlement);
        $scenarios = array_merge(...array_map(self::scenarios(...), self::choices($cases)));
        $all = [];
        foreach ($scenarios as $actions) {
            foreach (self::strength($actions, $basis) as [$gSup, $gInf, $factors, $clause]) {
                foreach ($permanent ? array_unique([$gSup, $gInf]) : [0.0] as $g) {
                    $all[] = [Purpose::Strength, $clause, $g, $factors + $moved];
                }
            }
        }
        foreach ([[Purpose::Characteristic, '6.5.3(2)a (6.14b)', null, 0], [Purpose::Frequent, '6.5.3(2)b (6.15b)', 1, 2], [Purpose::QuasiPermanent, '6.5.3(2)c (6.16b)', 2, 2]] as [$purpose, $clause, $leading, $accompanying]) {
            foreach ($scenarios as $actions) {
                foreach (array_keys($actions) ?: [null] as $lead) {
                    $factors = [];
                    foreach ($actions as $i => $action) {
                        foreach ($action as $case) {
                            $psi = $i === $lead ? $leading : $accompanying;
                            $factors[$case->id] = $psi === null ? 1.0 : self::psi($case, $basis, $psi);
                        }
                    }
                    $all[] = [$purpose, $clause, $permanent ? 1.0 : 0.0, $factors + $settlement];
                }
            }
        }

        return self::named($all, $cases);
    }

    /**
     * Every choice of one load case from each set of alternatives, with all that are no alternatives.
     *
     * @param  list<LoadCase>  $cases
     * @return non-empty-list<list<LoadCase>>
     */
    private static function choices(array $cases): array
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

        return $choices;
    }

    /**
     * The sets of variable actions that can be there together; each action is a list of load cases.
     *
     * @param  list<LoadCase>  $cases
     * @return non-empty-list<list<non-empty-list<LoadCase>>>
     */
    private static function scenarios(array $cases): array
    {
        $of = fn (callable $test): array => array_values(array_filter($cases, fn (LoadCase $c): bool => $test($c->category)));
        $imposed = $of(fn (Category $c): bool => $c->isImposed() && $c !== Category::H);
        $roof = $of(fn (Category $c): bool => $c === Category::H);
        $snow = $of(fn (Category $c): bool => $c === Category::Snow);
        $thermal = $of(fn (Category $c): bool => $c === Category::Temperature);
        $winds = $of(fn (Category $c): bool => $c->isWind());
        $present = fn (array ...$actions): array => array_values(array_filter($actions, fn (array $a): bool => $a !== []));

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

    /**
     * @param  list<non-empty-list<LoadCase>>  $actions
     * @return list<array{float, float, array<string, float>, string}> γG,sup, γG,inf, factors, clause
     */
    private static function strength(array $actions, Basis $basis): array
    {
        $K = $basis->KFI;
        $gSup = $basis->gammaGsup * $K;
        $gInf = $basis->gammaGinf;
        $q = $basis->gammaQ * $K;
        $factors = function (?int $lead) use ($actions, $basis, $q): array {
            $f = [];
            foreach ($actions as $i => $action) {
                foreach ($action as $case) {
                    $f[$case->id] = $i === $lead ? $q : $q * self::psi($case, $basis, 0);
                }
            }

            return $f;
        };
        $leads = array_keys($actions) ?: [null];
        if (! $basis->useExpressions610ab) {
            return array_map(fn (?int $lead): array => [$gSup, $gInf, $factors($lead), '6.4.3.2(3) (6.10)'], $leads);
        }

        return [
            [$gSup, $gInf, $factors(null), '6.4.3.2(3) (6.10a)'],
            ...array_map(fn (?int $lead): array => [$basis->xi * $gSup, $gInf, $factors($lead), '6.4.3.2(3) (6.10b)'], $leads),
        ];
    }

    private static function psi(LoadCase $case, Basis $basis, int $index): float
    {
        return $basis->psi[$case->category->psiRow()][$index];
    }

    /**
     * @param  list<array{Purpose, string, float, array<string, float>}>  $all
     * @param  list<LoadCase>  $cases
     * @return list<Combination>
     */
    private static function named(array $all, array $cases): array
    {
        $names = array_column($cases, 'name', 'id');
        $combinations = $seen = $count = [];
        foreach ($all as [$purpose, $clause, $g, $factors]) {
            $factors = array_filter($factors, fn (float $f): bool => $f > 0);
            ksort($factors);
            $key = $purpose->value.json_encode([round($g, 6), array_map(fn (float $f): float => round($f, 6), $factors)]);
            if (isset($seen[$key]) || ($g == 0.0 && $factors === [])) {
                continue;
            }
            $seen[$key] = true;
            arsort($factors);
            $terms = $g > 0 ? [self::number($g).' × Permanent'] : [];
            foreach ($factors as $id => $f) {
                $terms[] = self::number($f).' × '.$names[$id];
            }
            $count[$purpose->value] = ($count[$purpose->value] ?? 0) + 1;
            $combinations[] = new Combination($purpose->abbreviation().' '.$count[$purpose->value], $purpose, $clause, $g, $factors, implode(' + ', $terms));
        }

        return $combinations;
    }

    private static function number(float $f): string
    {
        return rtrim(rtrim(number_format($f, 3, '.', ''), '0'), '.');
    }
}
