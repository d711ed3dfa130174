<?php

declare(strict_types=1);

namespace Waage\Loading;

use Waage\Member\Basis;
use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * Makes the combinations of a rule set for the load cases that carry load, without duplicates and without combinations
 * of absent loads.
 *
 * Permanent load is one action (single source): all of it is favourable or unfavourable; for equilibrium, and where the
 * engineer wants it (EN 1990, 6.4.3.1(4)), each part of it is for itself. A settlement of supports takes part in every
 * combination, but only where it is unfavourable.
 *
 * @phpstan-import-type Rule from RuleSet
 */
final readonly class Generator
{
    /** Kinds of action by the names that the rules use. */
    private const GROUPS = [
        'imposed' => [Category::A, Category::B, Category::C, Category::D, Category::E, Category::F, Category::G],
        'live' => [
            Category::A,
            Category::B,
            Category::C,
            Category::D,
            Category::E,
            Category::F,
            Category::G,
            Category::H,
        ],
        'live and snow' => [
            Category::A,
            Category::B,
            Category::C,
            Category::D,
            Category::E,
            Category::F,
            Category::G,
            Category::H,
            Category::Snow,
            Category::Rain,
        ],
        'H' => [Category::H],
        'snow' => [Category::Snow],
        'rain' => [Category::Rain],
        'wind' => [Category::WindDown, Category::WindUp],
        'temperature' => [Category::Temperature],
        'accidental' => [Category::Accidental],
        'seismic' => [Category::Seismic],
    ];

    /** @param  list<LoadCase>  $cases */
    private function __construct(
        private RuleSet $rules,
        private array $cases,
        private Basis $basis,
        private bool $bySpan,
    ) {
    }

    /**
     * @param  list<LoadCase>  $cases  the load cases that carry load
     * @param  bool  $equilibrium  with those for equilibrium
     * @param  bool  $bySpan  has permanent load the greater or the smaller factor span by span
     * @return list<Combination>
     */
    public static function combinations(
        array $cases,
        Basis $basis,
        bool $equilibrium = false,
        bool $bySpan = false,
    ): array {
        return (new self(RuleSet::of($basis->combinations), $cases, $basis, $bySpan))->all($equilibrium);
    }

    /** @return list<Combination> */
    private function all(bool $equilibrium): array
    {
        $all = [];
        $choices = Scenarios::choices($this->cases);
        $hasPermanent = $this->has($this->cases, Category::Permanent);
        foreach ($this->rules->rules as $rule) {
            $purpose = Purpose::from($rule['purpose']);
            if ($purpose === Purpose::Equilibrium && ! $equilibrium) {
                continue;
            }
            $permanent = array_map(
                fn (string $f): float => $hasPermanent ? $this->factor($f, null) : 0.0,
                $rule['permanent'],
            );
            $settlement = [];
            foreach ($this->of($this->cases, [Category::Settlement]) as $case) {
                $settlement[$case->id] = $this->factor($rule['settlement'], $case);
            }
            foreach ($choices as $choice) {
                foreach ($this->variable($rule, $choice) as $factors) {
                    if ($purpose === Purpose::Equilibrium) {
                        $all[] = [
                            $purpose,
                            $rule['clause'],
                            $permanent[0],
                            $factors + $settlement,
                            $permanent[1] ?? $permanent[0],
                        ];
                    } elseif ($this->bySpan && count(array_unique($permanent)) === 2) {
                        $all[] = [
                            $purpose,
                            $rule['clause'],
                            min($permanent),
                            $factors +
                                $settlement + [Combination::MORE_PERMANENT => max($permanent) - min($permanent)],
                            null,
                        ];
                    } else {
                        foreach (array_unique($permanent) as $g) {
                            $all[] = [$purpose, $rule['clause'], $g, $factors + $settlement, null];
                        }
                    }
                }
            }
        }

        return $this->named($all);
    }

    /**
     * @param  Rule  $rule
     * @param  list<LoadCase>  $choice
     * @return list<array<string, float>> factors of the load cases, for each combination that the rule makes
     */
    private function variable(array $rule, array $choice): array
    {
        $with = [];
        foreach ($rule['with'] ?? [] as $group => $factor) {
            $cases = $this->of($choice, self::GROUPS[$group]);
            if ($cases === []) {
                return [];
            }
            $with += $this->factors($cases, $factor);
        }
        $combined = isset($rule['leading'])
            ? $this->leading($rule['leading'], $rule['accompanying'] ?? '0', $choice)
            : $this->chosen($rule['terms'] ?? [], $choice);
        foreach ($rule['also'] ?? [] as $group => $factor) {
            $with += $this->factors($this->of($choice, self::GROUPS[$group]), $factor);
        }

        return array_map(fn (array $factors): array => $this->sustained($rule, $factors + $with, $choice), $combined);
    }

    /**
     * Quasi-permanent: the part of a load case that stays, where the engineer says so, in place of the factor. A rule
     * of terms does not name all kinds of load that may stay.
     *
     * @param  Rule  $rule
     * @param  array<string, float>  $factors
     * @param  list<LoadCase>  $choice
     * @return array<string, float>
     */
    private function sustained(array $rule, array $factors, array $choice): array
    {
        if ($rule['purpose'] !== Purpose::QuasiPermanent->value) {
            return $factors;
        }
        foreach ($choice as $case) {
            if ($case->sustained !== null && (isset($factors[$case->id]) || ! isset($rule['leading']))) {
                $factors[$case->id] = $case->sustained;
            }
        }

        return $factors;
    }

    /**
     * @param  list<LoadCase>  $choice
     * @return list<array<string, float>>
     */
    private function leading(string $leading, string $accompanying, array $choice): array
    {
        $all = [];
        foreach (Scenarios::actions($choice) as $actions) {
            foreach (array_keys($actions) ?: [null] as $lead) {
                $factors = [];
                foreach ($actions as $i => $action) {
                    $factors += $this->factors($action, $i === $lead ? $leading : $accompanying);
                }
                $all[] = $factors;
            }
        }

        return $all;
    }

    /**
     * @param  list<array<string, string>>  $terms
     * @param  list<LoadCase>  $choice
     * @return list<array<string, float>>
     */
    private function chosen(array $terms, array $choice): array
    {
        $all = [[]];
        foreach ($terms as $i => $term) {
            $options = [];
            foreach ($term as $group => $factor) {
                $cases = $this->of($choice, self::GROUPS[$group]);
                if ($cases !== []) {
                    $options[] = $this->factors($cases, $factor);
                }
            }
            if ($options === []) {
                if ($i === 0) {
                    return [];
                }

                continue;
            }
            $more = [];
            foreach ($all as $factors) {
                foreach ($options as $option) {
                    $more[] = $factors + $option;
                }
            }
            $all = $more;
        }

        return $all;
    }

    /**
     * @param  list<LoadCase>  $cases
     * @param  list<Category>  $categories
     * @return list<LoadCase>
     */
    private function of(array $cases, array $categories): array
    {
        return array_values(array_filter($cases, fn (LoadCase $c): bool => in_array($c->category, $categories, true)));
    }

    /** @param  list<LoadCase>  $cases */
    private function has(array $cases, Category $category): bool
    {
        return $this->of($cases, [$category]) !== [];
    }

    /**
     * @param  list<LoadCase>  $cases
     * @return array<string, float>
     */
    private function factors(array $cases, string $factor): array
    {
        $factors = [];
        foreach ($cases as $case) {
            $factors[$case->id] = $this->factor($factor, $case);
        }

        return $factors;
    }

    /**
     * A sum of products of numbers, parameters of the basis and factors of the category, as "gammaQ * KFI * psi0"; not
     * less than 0.
     */
    private function factor(string $text, ?LoadCase $case): float
    {
        $sum = 0.0;
        foreach (explode(' + ', str_replace(' - ', ' + -1 * ', $text)) as $term) {
            $sum += $this->product($term, $case);
        }

        return max(0.0, $sum);
    }

    private function product(string $text, ?LoadCase $case): float
    {
        $product = 1.0;
        foreach (explode(' * ', $text) as $name) {
            $product *= is_numeric($name) ? (float) $name : $this->parameter($name, $case);
        }

        return $product;
    }

    private function parameter(string $name, ?LoadCase $case): float
    {
        $category = $case->category ?? Category::Permanent;
        $psi = $this->basis->actions->psi[$category->psiRow()] ?? [0.0, 0.0, 0.0];

        return match ($name) {
            'gammaGsup' => $this->basis->actions->gammaGsup,
            'gammaGinf' => $this->basis->actions->gammaGinf,
            'gammaGsupEqu' => $this->basis->actions->gammaGsupEqu,
            'gammaGinfEqu' => $this->basis->actions->gammaGinfEqu,
            'gammaGset' => $this->basis->actions->gammaGset,
            'gammaQ' => $this->basis->actions->gammaQ,
            'xi' => $this->basis->actions->xi,
            'KFI' => $this->basis->actions->KFI,
            'SDS' => $this->basis->actions->SDS,
            'psi0' => $psi[0],
            'psi1' => $psi[1],
            'psi2' => $psi[2],
            'psiAccidental' => $psi[$this->basis->actions->psiAccidental],
            'psiFire' => $psi[$this->basis->actions->psiFire],
            default => $this->rules->factors[$category->value][$name] ??
                throw new \LogicException("No factor {$name} of {$category->value}."),
        };
    }

    /**
     * @param  list<array{Purpose, string, float, array<string, float>, float|null}>  $all
     * @return list<Combination>
     */
    private function named(array $all): array
    {
        $names = array_column($this->cases, 'name', 'id');
        $combinations = $seen = $count = [];
        foreach ($all as [$purpose, $clause, $g, $factors, $stabilising]) {
            $factors = array_filter($factors, fn (float $f): bool => $f > 0);
            ksort($factors);
            $key =
                $purpose->value.
                json_encode([round($g, 6), $stabilising, array_map(fn (float $f): float => round($f, 6), $factors)]);
            if (isset($seen[$key]) || ($g == 0.0 && $factors === [])) {
                continue;
            }
            $seen[$key] = true;
            arsort($factors);
            $more = $factors[Combination::MORE_PERMANENT] ?? 0.0;
            $or = match (true) {
                $more > 0.0 => ' or '.Combination::number($g),
                $stabilising === null || $stabilising === $g => '',
                default => ' or '.Combination::number($stabilising),
            };
            $terms = $g > 0 ? [Combination::number($g + $more)."{$or} × Permanent"] : [];
            foreach (array_diff_key($factors, [Combination::MORE_PERMANENT => true]) as $id => $f) {
                $terms[] = Combination::number($f).' × '.$names[$id];
            }
            $count[$purpose->value] = ($count[$purpose->value] ?? 0) + 1;
            $combinations[] = new Combination(
                $purpose->abbreviation().' '.$count[$purpose->value],
                $purpose,
                "{$this->rules->standard}, {$clause}",
                $g,
                $factors,
                implode(' + ', $terms),
                false,
                $stabilising,
            );
        }

        return $combinations;
    }
}
