<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * A member that may lift off supports that bear only. What it does then is no sum of what its loads do one by one, so
 * each combination that can lift it is worked out arrangement by arrangement: a support that lifts off is one that
 * moves up until nothing presses on it. The arrangements of such a combination become one load case, of which one acts.
 *
 * Combinations that lift nothing, and those for equilibrium, stay as they are.
 */
final readonly class LiftOff
{
    /**
     * With more arrangements in a combination than this only those that are the worst somewhere when nothing lifts
     * off.
     */
    public const MOST = 128;

    /**
     * @param  list<Combination>  $combinations
     * @param  list<array{support: int, lift: float, combination: string, arrangement: string}>  $lifts  greatest one
     *     of each support and combination, mm
     * @param  list<string>  $tips  combinations that leave nothing to hold it; they are taken as if all supports held
     *     it down
     */
    private function __construct(
        public LoadedBeam $beam,
        public array $combinations,
        public array $lifts,
        public array $tips = [],
    ) {
    }

    /**
     * @param  list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     */
    public static function of(LoadedBeam $beam, array $combinations, float $weight): self
    {
        if ($beam->lifts === []) {
            return new self($beam, $combinations, []);
        }
        $reactions = $beam->responses->reactions;
        $stiffness = [];
        foreach ($beam->lifts as $j => $set) {
            foreach (array_keys($beam->lifts) as $i) {
                $stiffness[$i][$j] = $reactions[$set][$i][0];
            }
        }
        $contact = new Contact($stiffness);
        $envelopes = [new Envelope($beam, Effect::Moment), new Envelope($beam, Effect::Deflection)];
        $sums = $cases = $acting = $lifts = $tips = [];
        $first = count($beam->sets);
        foreach ($combinations as $combination) {
            $arrangements =
                $combination->purpose === Purpose::Equilibrium
                    ? []
                    : self::arrangements($beam, $combination, $weight, $envelopes);
            $states = array_map(fn (array $factors): ?array => self::lifted($beam, $contact, $factors), $arrangements);
            if (in_array(null, $states, true)) {
                $tips[] = $combination->id;
            }
            if (array_filter($states) === []) {
                $acting[] = $combination;

                continue;
            }
            $variable = $labels = [];
            $without = self::state($beam, $arrangements[0], $states[0]);
            foreach ($arrangements as $a => $factors) {
                $factors = self::state($beam, $factors, $states[$a]);
                $label = self::label($beam, $arrangements[$a], $states[$a]);
                $labels[$first + count($sums)] = $label;
                $variable[] = self::difference($factors, $without);
                $sums[] = $factors;
                foreach ($states[$a] ?? [] as $support => $lift) {
                    $key = $combination->id.' '.$support;
                    if ($lift > ($lifts[$key]['lift'] ?? 0.0)) {
                        $lifts[$key] = [
                            'support' => $support,
                            'lift' => $lift,
                            'combination' => $combination->id,
                            'arrangement' => $label,
                        ];
                    }
                }
            }
            $id = '+'.$combination->id;
            $cases[] = self::made($id, $labels);
            $acting[] = $combination->as($id);
            if ($combination->purpose === Purpose::Characteristic) {
                $ofVariable = array_combine(
                    range($first + count($sums), $first + count($sums) + count($variable) - 1),
                    array_values($labels),
                );
                $cases[] = self::made($id.Combination::VARIABLE, $ofVariable);
                array_push($sums, ...$variable);
            }
        }
        $sets = array_map(fn (array $factors): LoadSet => self::loads($beam, $factors), $sums);

        return new self(
            $beam->with($sets, $cases, $beam->responses->with($sums)),
            $acting,
            array_values($lifts),
            $tips,
        );
    }

    /** @param  array<int, string>  $labels  by load set */
    private static function made(string $id, array $labels): CaseSets
    {
        $options = array_map(fn (int $set): array => [$set], array_keys($labels));

        return new CaseSets(
            new LoadCase($id, '', Category::Permanent),
            $options === [] ? throw new \LogicException('A combination has an arrangement.') : $options,
            $labels,
            isMade: true,
            always: true,
        );
    }

    /**
     * Factors of the load sets in each arrangement; the first one is of permanent load alone.
     *
     * @param  list<Envelope>  $envelopes  of moment and deflection
     * @return non-empty-list<array<int, float>>
     */
    private static function arrangements(
        LoadedBeam $beam,
        Combination $combination,
        float $weight,
        array $envelopes,
    ): array {
        $all = [$beam->factors($combination, $weight, [])];
        foreach ($beam->cases as $case) {
            $factor = $combination->variable[$case->case->id] ?? 0.0;
            if ($case->isPermanent || $factor <= 0.0) {
                continue;
            }
            $ways = self::ways($case, $factor);
            if (count($all) * count($ways) > self::MOST) {
                return self::worst($beam, $combination, $weight, $envelopes);
            }
            $more = [];
            foreach ($ways as $way) {
                foreach ($all as $factors) {
                    $more[] = $factors + $way;
                }
            }
            $all = $more;
        }

        return $all;
    }

    /**
     * Every way in which a load case can act; the first one is not at all.
     *
     * @return non-empty-list<array<int, float>>
     */
    private static function ways(CaseSets $case, float $factor): array
    {
        $ways = [[]];
        foreach ($case->options as $option) {
            if (2 ** count($option) > self::MOST) {
                return array_fill(0, self::MOST + 1, []);
            }
            $of = [[]];
            foreach ($option as $set) {
                foreach ($of as $way) {
                    $of[] = $way + [$set => $factor];
                    if ($case->isReversible) {
                        $of[] = $way + [$set => -$factor];
                    }
                }
            }
            array_push($ways, ...array_slice($of, 1));
        }

        return $ways;
    }

    /**
     * Arrangements that are the worst when nothing lifts off: for shear at the supports, for the moment there, at the
     * quarter points and where it is greatest in each span, for the greatest deflection of each span and for the
     * reactions.
     *
     * @param  list<Envelope>  $envelopes  of moment and deflection
     * @return non-empty-list<array<int, float>>
     */
    private static function worst(LoadedBeam $beam, Combination $combination, float $weight, array $envelopes): array
    {
        $responses = $beam->responses;
        $all = [$beam->factors($combination, $weight, []), $beam->allLoaded($combination, $weight)];
        $wanted = [];
        foreach ($beam->beam->fields() as [$from, $to]) {
            foreach (
                [
                    [0.0, Effect::Shear],
                    [0.0, Effect::Moment],
                    [0.25, Effect::Moment],
                    [0.5, Effect::Moment],
                    [0.75, Effect::Moment],
                    [1.0, Effect::Moment],
                    [1.0, Effect::Shear],
                ] as [$part, $effect]
            ) {
                $x = $from + $part * ($to - $from);
                $k = $responses->segmentAt($x, $part === 1.0);
                $wanted[] = [1, ($values = $responses->valuesAt($effect, $k, $x - $responses->breaks[$k]))];
                $wanted[] = [-1, $values];
            }
            foreach ($envelopes as $envelope) {
                foreach ([1, -1] as $sign) {
                    $e = $envelope->extreme([$combination], $sign, $weight, $from, $to);
                    if ($e !== null) {
                        $wanted[] = [$sign, $responses->valuesAt($envelope->effect, $e->segment, $e->t)];
                    }
                }
            }
        }
        foreach (array_keys($responses->supports) as $i) {
            $wanted[] = [1, ($values = array_map(fn (array $r): float => $r[$i][0], $responses->reactions))];
            $wanted[] = [-1, $values];
        }
        foreach ($wanted as [$sign, $values]) {
            $all[] = $beam->loadedWhere($combination, $weight, $sign, $values);
        }
        $different = [];
        foreach ($all as $factors) {
            ksort($factors);
            $different[(string) json_encode($factors)] ??= $factors;
        }

        return array_values($different);
    }

    /**
     * @param  array<int, float>  $factors
     * @return array<int, float>|null by support, mm; null: it tips over, and is taken as restrained down
     */
    private static function lifted(LoadedBeam $beam, Contact $contact, array $factors): ?array
    {
        $sum = [];
        $size = 0.0;
        foreach ($factors as $set => $factor) {
            $size += abs($factor) * $beam->sets[$set]->size($beam->beam->length);
            foreach (array_keys($beam->lifts) as $i) {
                $sum[$i] = ($sum[$i] ?? 0.0) + $factor * $beam->responses->reactions[$set][$i][0];
            }
        }

        return $contact->lifts($sum, $size + max([0.0, ...array_map(abs(...), $sum)]));
    }

    /**
     * @param  array<int, float>  $factors
     * @param  array<int, float>|null  $lifts
     * @return array<int, float> factors with those of the lifts
     */
    private static function state(LoadedBeam $beam, array $factors, ?array $lifts): array
    {
        foreach ($lifts ?? [] as $support => $lift) {
            $factors[$beam->lifts[$support]] = $lift;
        }

        return $factors;
    }

    /**
     * @param  array<int, float>  $factors
     * @param  array<int, float>|null  $lifts
     */
    private static function label(LoadedBeam $beam, array $factors, ?array $lifts): string
    {
        $supports = array_map(fn (int $i): string => (string) ($i + 1), array_keys($lifts ?? []));
        sort($supports);

        return $beam->arrangementText($factors).
            match (count($supports)) {
                0 => '',
                1 => ", off support {$supports[0]}",
                default => ', off supports '.CaseSets::listed($supports),
            };
    }

    /**
     * @param  array<int, float>  $factors
     * @param  array<int, float>  $less
     * @return array<int, float>
     */
    private static function difference(array $factors, array $less): array
    {
        foreach ($less as $set => $factor) {
            $factors[$set] = ($factors[$set] ?? 0.0) - $factor;
        }

        return $factors;
    }

    /** @param  array<int, float>  $factors */
    private static function loads(LoadedBeam $beam, array $factors): LoadSet
    {
        $loads = new LoadSet;
        foreach ($factors as $set => $factor) {
            $loads->with($beam->sets[$set], $factor);
        }

        return $loads;
    }
}
