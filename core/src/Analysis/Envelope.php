<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/**
 * The worst values of one effect along a beam, with variable load lying just where it makes them worse.
 *
 * The contribution of each load set is a polynomial on each segment. Cut at all its changes of sign, the sum of the
 * positive contributions of a load case is a polynomial on each part; so the envelope of any combination is exact.
 * Deflections are times EI.
 *
 * With many combinations most parts are settled by bounds: what no sum of upper bounds can reach is not worked out.
 *
 * @phpstan-import-type Part from EnvelopeParts
 *
 * @phpstan-type CurvePiece array{segment: int, from: float, to: float, polynomial: list<float>,
 *     combination: Combination}
 */
final class Envelope
{
    /** @var list<Part> */
    private array $parts;

    private EnvelopeBounds $bounds;

    /** @var array<string, Extreme|null> answers of extreme() */
    private array $extremes = [];

    /** @var list<list<Combination>> lists of combinations that were asked for */
    private array $lists = [];

    /** @var array<string, list<int>> parts between two places */
    private array $between = [];

    /** @var array<string, EnvelopeReach> by list, sign and places */
    private array $reaches = [];

    public function __construct(private readonly LoadedBeam $beam, public readonly Effect|Functional $effect)
    {
        $this->parts = EnvelopeParts::of($beam, $effect);
        $this->bounds = new EnvelopeBounds(
            $this->parts,
            array_values(
                array_map(
                    fn (CaseSets $c): string => $c->case->id,
                    array_filter($beam->cases, fn (CaseSets $c): bool => ! $c->isPermanent),
                ),
            ),
        );
    }

    /** @return list<float> where its segments begin and end, mm */
    public function breaks(): array
    {
        return $this->beam->responses->breaks;
    }

    /**
     * The greatest ($sign = 1) or smallest ($sign = −1) value between two places, over all combinations.
     *
     * @param  list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     */
    public function extreme(
        array $combinations,
        int $sign,
        float $weight,
        float $from = 0.0,
        float $to = INF,
    ): ?Extreme {
        $to = min($to, $this->beam->member->length);
        if (count($combinations) < 2) {
            return $combinations === [] ? null : $this->extremeOf($combinations[0], $sign, $weight, $from, $to);
        }
        $of = $this->list($combinations)." {$sign} {$from} {$to}";
        $key = "{$of} {$weight}";
        if (! array_key_exists($key, $this->extremes)) {
            $reach = $this->reaches[$of] ??= $this->reach($combinations, $sign, $from, $to);
            $this->extremes[$key] = $this->greatestOf($combinations, $reach, $sign, $weight, $from, $to);
        }

        return $this->extremes[$key];
    }

    /**
     * The value of the greatest size between two places; of two that are as great the positive one.
     *
     * @param  list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     */
    public function greatest(array $combinations, float $weight, float $from = 0.0, float $to = INF): ?Extreme
    {
        $most = $this->extreme($combinations, 1, $weight, $from, $to);
        $least = $this->extreme($combinations, -1, $weight, $from, $to);

        return $most !== null && $least !== null && abs($least->value) > abs($most->value) * (1 + 1e-9)
            ? $least
            : $most;
    }

    /** Of one combination. */
    private function extremeOf(Combination $combination, int $sign, float $weight, float $from, float $to): ?Extreme
    {
        $highest = $this->bounds->highest($combination, $sign);
        $ofWeight = $this->bounds->weights[$sign];
        $own = $combination->permanent * $weight;
        $bounds = [];
        $most = -INF;
        foreach ($this->between["{$from} {$to}"] ??= $this->between($from, $to) as $i) {
            $bounds[$i] = $bound = $highest[$i] + $own * $ofWeight[$i];
            [$likeliest, $most] = $bound > $most ? [$i, $bound] : [$likeliest ?? $i, $most];
        }
        if (! isset($likeliest)) {
            return null;
        }
        [$best, $t] = $this->greatestOn($combination, $likeliest, $sign, $weight, $from, $to);
        $part = $likeliest;
        $threshold = $best - 1e-9 * abs($best); // a hair more elsewhere is rounding: the first place stays
        foreach ($bounds as $i => $bound) {
            if ($threshold < $bound) {
                [$value, $at] = $this->greatestOn($combination, $i, $sign, $weight, $from, $to);
                if ($value > $threshold) {
                    [$best, $t, $part] = [$value, $at, $i];
                    $threshold = $best + 1e-9 * abs($best);
                }
            }
        }
        $segment = $this->parts[$part]['segment'];

        return new Extreme($sign * $best, $this->beam->responses->breaks[$segment] + $t, $segment, $t, $combination);
    }

    /** @param  non-empty-list<Combination>  $combinations */
    private function greatestOf(
        array $combinations,
        EnvelopeReach $reach,
        int $sign,
        float $weight,
        float $from,
        float $to,
    ): ?Extreme {
        if ($reach->parts === []) {
            return null;
        }
        $breaks = $this->beam->responses->breaks;
        $at = fn (int $part, float $t, Combination $combination): array => [
            $breaks[$this->parts[$part]['segment']] + $t,
            $this->parts[$part]['segment'],
            $t,
            $combination,
        ];
        // What is likely to be the greatest sets the mark for all others.
        [$c, $i] = $reach->likeliest($combinations, $weight);
        [$best, $t] = $this->greatestOn($combinations[$c], $i, $sign, $weight, $from, $to);
        $found = $at($i, $t, $combinations[$c]);
        $ofWeight = $this->bounds->weights[$sign];
        $threshold = $best - 1e-9 * abs($best); // a hair more elsewhere is rounding: the first place stays
        foreach ($combinations as $c => $combination) {
            $own = $combination->permanent * $weight;
            if ($threshold >= $reach->highest[$c] + $own * $reach->weight) {
                continue;
            }
            $highest = $this->bounds->highest($combination, $sign);
            foreach ($reach->parts as $i) {
                if ($threshold >= $highest[$i] + $own * $ofWeight[$i]) {
                    continue;
                }
                [$value, $t] = $this->greatestOn($combination, $i, $sign, $weight, $from, $to);
                if ($value > $threshold) {
                    $best = $value;
                    $threshold = $best + 1e-9 * abs($best);
                    $found = $at($i, $t, $combination);
                    $reach->last = [$c, $i];
                }
            }
        }

        return new Extreme($sign * $best, ...$found);
    }

    /** @param  non-empty-list<Combination>  $combinations */
    private function reach(array $combinations, int $sign, float $from, float $to): EnvelopeReach
    {
        $parts = $this->between($from, $to);
        $weight = -INF;
        foreach ($parts as $i) {
            $weight = max($weight, $this->bounds->weights[$sign][$i]);
        }

        return new EnvelopeReach(
            $parts,
            array_map(fn (Combination $c): array => $this->bounds->highest($c, $sign), $combinations),
            $this->bounds->weights[$sign],
            $weight,
        );
    }

    /**
     * A number for some combinations.
     *
     * @param  non-empty-list<Combination>  $combinations
     */
    private function list(array $combinations): string
    {
        $number = array_search($combinations, $this->lists, true);
        if ($number === false) {
            $number = count($this->lists);
            $this->lists[] = $combinations;
        }

        return (string) $number;
    }

    /**
     * A value that the effect times the sign does not exceed between two places.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function bound(Combination $combination, int $sign, float $weight, float $from, float $to): float
    {
        $highest = $this->bounds->highest($combination, $sign);
        $ofWeight = $this->bounds->weights[$sign];
        $own = $combination->permanent * $weight;
        $bound = -INF;
        foreach ($this->between["{$from} {$to}"] ??= $this->between($from, $to) as $i) {
            $on = $highest[$i] + $own * $ofWeight[$i];
            $bound = $on > $bound ? $on : $bound;
        }

        return $bound;
    }

    /** @return list<int> parts between two places */
    private function between(float $from, float $to): array
    {
        $breaks = $this->beam->responses->breaks;
        $parts = [];
        foreach ($this->parts as $i => $part) {
            $start = $breaks[$part['segment']];
            if ($start + $part['to'] > $from + 1e-6 && $start + $part['from'] < $to - 1e-6) {
                $parts[] = $i;
            }
        }

        return $parts;
    }

    /**
     * Values that the effect does not exceed on the segments, either way.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return list<float>
     */
    public function absoluteBounds(Combination $combination, float $weight): array
    {
        return array_map(
            fn (float $sagging, float $hogging): float => max(0.0, $sagging, $hogging),
            $this->bounds->onSegments($combination, 1, $weight),
            $this->bounds->onSegments($combination, -1, $weight),
        );
    }

    /**
     * @return array{float, float} the greatest value on what of a part lies between two places, times the sign, and
     *     its place from the start of the segment
     */
    private function greatestOn(
        Combination $combination,
        int $part,
        int $sign,
        float $weight,
        float $left,
        float $right,
    ): array {
        ['from' => $from, 'to' => $to, 'segment' => $segment] = $this->parts[$part];
        $start = $this->beam->responses->breaks[$segment];
        $from = max($from, $left - $start);
        $to = min($to, $right - $start);
        $p = $this->polynomial($combination, $this->bounds->factors($combination), $part, $sign, $weight);
        $best = -INF;
        $place = $from;
        $isStraight = ($p[2] ?? 0.0) === 0.0 && ($p[3] ?? 0.0) === 0.0 && count($p) < 5;
        $inside = $isStraight ? [] : Polynomial::roots(Polynomial::derivative($p), $from, $to);
        foreach ([$from, ...$inside, $to] as $t) {
            $value = $sign * Polynomial::value($p, $t);
            if ($value > $best + 1e-9 * abs($best) || $best === -INF) {
                $best = $value;
                $place = $t;
            }
        }

        return [$best, $place];
    }

    /**
     * The curve of the worst values with the combination that governs each piece.
     *
     * @param  list<Combination>  $combinations
     * @return list<CurvePiece> polynomials in t from the left end of the segment
     */
    public function curve(array $combinations, int $sign, float $weight): array
    {
        if ($combinations === []) {
            return [];
        }
        $pieces = [];
        $open = null;
        $highest = array_map(fn (Combination $c): array => $this->bounds->highest($c, $sign), $combinations);
        $factors = array_map($this->bounds->factors(...), $combinations);
        foreach ($this->parts as $i => $part) {
            $polynomials = $this->rivals($combinations, $highest, $factors, $i, $sign, $weight);
            foreach (Worst::onParts($polynomials, $sign, $part['from'], $part['to']) as [$from, $to, $c]) {
                if (
                    $open !== null &&
                    $open['segment'] === $part['segment'] &&
                    $open['combination'] === $combinations[$c] &&
                    self::same($open['polynomial'], $polynomials[$c])
                ) {
                    $open['to'] = $to;
                } else {
                    if ($open !== null) {
                        $pieces[] = $open;
                    }
                    $open = [
                        'segment' => $part['segment'],
                        'from' => $from,
                        'to' => $to,
                        'polynomial' => $polynomials[$c],
                        'combination' => $combinations[$c],
                    ];
                }
            }
        }

        return $open === null ? $pieces : [...$pieces, $open];
    }

    /**
     * @param  list<float>  $p
     * @param  list<float>  $q
     */
    private static function same(array $p, array $q): bool
    {
        foreach ($p as $i => $c) {
            if (abs($c - $q[$i]) > 1e-9 * (abs($c) + abs($q[$i]))) {
                return false;
            }
        }

        return true;
    }

    /**
     * The combinations that can be the worst somewhere on a part.
     *
     * @param  non-empty-list<Combination>  $combinations
     * @param  list<array<int, float>>  $highest  of each combination
     * @param  list<list<float>>  $factors  of each combination
     * @return non-empty-array<int, list<float>> the worst values of each, by number
     */
    private function rivals(
        array $combinations,
        array $highest,
        array $factors,
        int $part,
        int $sign,
        float $weight,
    ): array {
        $of = $this->bounds;
        $ofWeight = $weight * $of->weights[$sign][$part];
        $first = 0;
        $mark = -INF;
        $bounds = [];
        foreach ($combinations as $c => $combination) {
            $bounds[] = $bound = $highest[$c][$part] + $combination->permanent * $ofWeight;
            if ($bound > $mark) {
                $mark = $bound + 1e-12 * abs($bound);
                $first = $c;
            }
        }
        $likeliest = $factors[$first];
        $permanent = $combinations[$first]->permanent;
        $upper = $of->permanents[$sign][$part] + $ofWeight;
        $lower = -$of->permanents[-$sign][$part] - $weight * $of->weights[-$sign][$part];
        $most = $of->most[$sign][$part];
        $least = $of->least[$sign][$part];
        // The others have to reach at least what the likeliest one makes everywhere, and to make more than it
        // somewhere.
        $everywhere = $permanent * $lower;
        foreach ($likeliest as $i => $factor) {
            $everywhere += $factor * $least[$i];
        }
        $rivals = [];
        foreach ($combinations as $c => $combination) {
            if ($c !== $first && $bounds[$c] < $everywhere) {
                continue;
            }
            $more = $combination->permanent - $permanent;
            $more *= $more > 0.0 ? $upper : $lower;
            foreach ($factors[$c] as $i => $factor) {
                $difference = $factor - $likeliest[$i];
                $more += $difference > 0.0 ? $difference * $most[$i] : $difference * $least[$i];
            }
            if ($more > 0.0 || $c === $first) {
                $rivals[$c] = $this->polynomial($combination, $factors[$c], $part, $sign, $weight);
            }
        }

        return $rivals === [] ? throw new \LogicException('The likeliest one is among them.') : $rivals;
    }

    /**
     * @param  list<float>  $factors  of the variable load cases in the combination
     * @return list<float> the worst values of it on a part
     */
    private function polynomial(Combination $combination, array $factors, int $part, int $sign, float $weight): array
    {
        $of = $this->parts[$part];
        $p = [];
        $permanent = $combination->permanent;
        $own = $permanent * $weight;
        foreach ($of['permanent'] as $i => $c) {
            $p[] = $permanent * $c + $own * $of['weight'][$i];
        }
        foreach ($of[$sign > 0 ? 'plus' : 'minus'] as $case => $q) {
            $factor = $factors[$case];
            if ($factor > 0.0) {
                foreach ($q as $i => $c) {
                    $p[$i] += $factor * $c;
                }
            }
        }

        return array_values($p);
    }
}
