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
 * @phpstan-type CurvePiece array{segment: int, from: float, to: float, polynomial: list<float>, combination: Combination}
 */
final class Envelope
{
    /** @var list<Part> */
    private array $parts;

    /** @var array<int, list<int>> by segment */
    private array $partsOf;

    /** @var array<int, list<float>> by sign, for each part: what the effect of self-weight, times the sign, does not exceed */
    private array $weightBounds;

    /** @var array<int, list<float>> the same of permanent load */
    private array $permanentBounds;

    /** @var list<string> variable load cases */
    private array $cases = [];

    /** @var array<int, list<array<int, float>>> by sign and part: what each of them makes there at most */
    private array $most;

    /** @var array<int, list<array<int, float>>> and what it makes at least */
    private array $least;

    /** @var array<string, Extreme|null> answers of extreme() */
    private array $extremes = [];

    /** @var array<string, array<int, float>> upper bounds without self-weight, by combination and sign */
    private array $highest = [];

    public function __construct(private readonly LoadedBeam $beam, public readonly Effect $effect)
    {
        $this->parts = EnvelopeParts::of($beam, $effect);
        $partsOf = [];
        foreach ($this->parts as $i => $part) {
            $partsOf[$part['segment']][] = $i;
        }
        $this->partsOf = $partsOf;
        foreach ($beam->cases as $case) {
            if (! $case->isPermanent) {
                $this->cases[] = $case->case->id;
            }
        }
        $none = array_fill(0, count($this->cases), 0.0);
        $number = array_flip($this->cases);
        $weights = $permanents = $mosts = $leasts = [1 => [], -1 => []];
        foreach ($this->parts as ['weight' => $weight, 'permanent' => $permanent, 'plus' => $plus, 'minus' => $minus, 'from' => $from, 'to' => $to]) {
            [$low, $high] = Polynomial::bounds($weight, $from, $to);
            $weights[1][] = $high;
            $weights[-1][] = -$low;
            [$low, $high] = Polynomial::bounds($permanent, $from, $to);
            $permanents[1][] = $high;
            $permanents[-1][] = -$low;
            $least = $most = $none;
            foreach ($plus as $case => $p) {
                $c = $number[$case];
                [$least[$c], $most[$c]] = Polynomial::bounds($p, $from, $to);
            }
            $leasts[1][] = $least;
            $mosts[1][] = $most;
            $least = $most = $none;
            foreach ($minus as $case => $p) {
                $c = $number[$case];
                [$low, $high] = Polynomial::bounds($p, $from, $to);
                $least[$c] = -$high;
                $most[$c] = -$low;
            }
            $leasts[-1][] = $least;
            $mosts[-1][] = $most;
        }
        $this->weightBounds = $weights;
        $this->permanentBounds = $permanents;
        $this->most = $mosts;
        $this->least = $leasts;
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
    public function extreme(array $combinations, int $sign, float $weight, float $from = 0.0, float $to = INF): ?Extreme
    {
        $key = "{$sign} {$weight} {$from} ".min($to, $this->beam->member->length);
        foreach ($combinations as $combination) {
            $key .= ' '.self::key($combination);
        }

        return array_key_exists($key, $this->extremes) ? $this->extremes[$key] : $this->extremes[$key] = $this->greatestOf($combinations, $sign, $weight, $from, $to);
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

        return $most !== null && $least !== null && abs($least->value) > abs($most->value) * (1 + 1e-9) ? $least : $most;
    }

    /** @param  list<Combination>  $combinations */
    private function greatestOf(array $combinations, int $sign, float $weight, float $from, float $to): ?Extreme
    {
        $breaks = $this->beam->responses->breaks;
        $inside = [];
        foreach ($this->parts as $i => $part) {
            $start = $breaks[$part['segment']];
            if ($start + $part['to'] > $from + 1e-6 && $start + $part['from'] < $to - 1e-6) {
                $inside[$i] = $this->weightBounds[$sign][$i];
            }
        }
        $bounds = [];
        $most = -INF;
        $first = null;
        foreach ($combinations as $c => $combination) {
            $highest = $this->highest($combination, $sign);
            $own = $combination->permanent * $weight;
            foreach ($inside as $i => $ofWeight) {
                $bounds[$c][$i] = $bound = $highest[$i] + $own * $ofWeight;
                if ($bound > $most) {
                    $most = $bound;
                    $first = [$combination, $i];
                }
            }
        }
        if ($first === null) {
            return null;
        }
        // What comes near the greatest bound sets the mark for all others.
        $at = fn (int $part, float $t, Combination $combination): array => [$breaks[$this->parts[$part]['segment']] + $t, $this->parts[$part]['segment'], $t, $combination];
        [$best, $t] = $this->greatestOn($first[0], $first[1], $sign, $weight, $from, $to);
        $found = $at($first[1], $t, $first[0]);
        $threshold = $best - 1e-9 * abs($best); // a hair more elsewhere is rounding: the first place stays
        foreach ($combinations as $c => $combination) {
            foreach ($bounds[$c] as $i => $bound) {
                if ($bound <= $threshold) {
                    continue;
                }
                [$value, $t] = $this->greatestOn($combination, $i, $sign, $weight, $from, $to);
                if ($value > $threshold) {
                    $best = $value;
                    $threshold = $best + 1e-9 * abs($best);
                    $found = $at($i, $t, $combination);
                }
            }
        }

        return new Extreme($sign * $best, ...$found);
    }

    /**
     * A value that the effect times the sign does not exceed between two places.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function bound(Combination $combination, int $sign, float $weight, float $from, float $to): float
    {
        $highest = $this->highest($combination, $sign);
        $own = $combination->permanent * $weight;
        $responses = $this->beam->responses;
        $bound = -INF;
        for ($k = $responses->segmentAt($from), $n = $responses->segments(); $k < $n && $responses->breaks[$k] < $to - 1e-9; $k++) {
            $start = $responses->breaks[$k];
            foreach ($this->partsOf[$k] as $i) {
                if ($start + $this->parts[$i]['to'] > $from && $start + $this->parts[$i]['from'] < $to) {
                    $bound = max($bound, $highest[$i] + $own * $this->weightBounds[$sign][$i]);
                }
            }
        }

        return $bound;
    }

    /**
     * A value that the effect does not exceed on a segment, either way.
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function absoluteBound(Combination $combination, float $weight, int $segment): float
    {
        $bound = 0.0;
        $own = $combination->permanent * $weight;
        foreach ([1, -1] as $sign) {
            $highest = $this->highest($combination, $sign);
            foreach ($this->partsOf[$segment] as $i) {
                $bound = max($bound, $highest[$i] + $own * $this->weightBounds[$sign][$i]);
            }
        }

        return $bound;
    }

    /** @return array{float, float} the greatest value on what of a part lies between two places, times the sign, and its place from the start of the segment */
    private function greatestOn(Combination $combination, int $part, int $sign, float $weight, float $left, float $right): array
    {
        ['from' => $from, 'to' => $to, 'segment' => $segment] = $this->parts[$part];
        $start = $this->beam->responses->breaks[$segment];
        $from = max($from, $left - $start);
        $to = min($to, $right - $start);
        $p = $this->polynomial($combination, $part, $sign, $weight);
        $best = -INF;
        $place = $from;
        foreach ([$from, ...Polynomial::roots(Polynomial::derivative($p), $from, $to), $to] as $t) {
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
        $highest = array_map(fn (Combination $c): array => $this->highest($c, $sign), $combinations);
        $factors = array_map($this->factors(...), $combinations);
        foreach ($this->parts as $i => $part) {
            $polynomials = $this->rivals($combinations, $highest, $factors, $i, $sign, $weight);
            foreach (Worst::onParts($polynomials, $sign, $part['from'], $part['to']) as [$from, $to, $c]) {
                if ($open !== null && $open['segment'] === $part['segment'] && $open['combination'] === $combinations[$c] && self::same($open['polynomial'], $polynomials[$c])) {
                    $open['to'] = $to;
                } else {
                    if ($open !== null) {
                        $pieces[] = $open;
                    }
                    $open = ['segment' => $part['segment'], 'from' => $from, 'to' => $to, 'polynomial' => $polynomials[$c], 'combination' => $combinations[$c]];
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
    private function rivals(array $combinations, array $highest, array $factors, int $part, int $sign, float $weight): array
    {
        $ofWeight = $weight * $this->weightBounds[$sign][$part];
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
        $upper = $this->permanentBounds[$sign][$part] + $ofWeight;
        $lower = -$this->permanentBounds[-$sign][$part] - $weight * $this->weightBounds[-$sign][$part];
        $most = $this->most[$sign][$part];
        $least = $this->least[$sign][$part];
        // The others have to reach at least what the likeliest one makes everywhere, and to make more than it somewhere.
        $everywhere = $permanent * $lower;
        foreach ($likeliest as $i => $factor) {
            $everywhere += $factor * $least[$i];
        }
        $rivals = [];
        foreach ($combinations as $c => $combination) {
            if ($bounds[$c] < $everywhere) {
                continue;
            }
            $more = $combination->permanent - $permanent;
            $more *= $more > 0.0 ? $upper : $lower;
            foreach ($factors[$c] as $i => $factor) {
                $difference = $factor - $likeliest[$i];
                $more += $difference > 0.0 ? $difference * $most[$i] : $difference * $least[$i];
            }
            if ($more > 0.0 || $c === $first) {
                $rivals[$c] = $this->polynomial($combination, $part, $sign, $weight);
            }
        }

        return $rivals === [] ? throw new \LogicException('The likeliest one is among them.') : $rivals;
    }

    /** @return list<float> the worst values of a combination on a part */
    private function polynomial(Combination $combination, int $part, int $sign, float $weight): array
    {
        $of = $this->parts[$part];
        $p = [];
        $own = $combination->permanent * $weight;
        foreach ($of['permanent'] as $i => $c) {
            $p[] = $combination->permanent * $c + $own * $of['weight'][$i];
        }
        foreach ($of[$sign > 0 ? 'plus' : 'minus'] as $case => $q) {
            $factor = $combination->variable[$case] ?? 0.0;
            if ($factor > 0) {
                foreach ($q as $i => $c) {
                    $p[$i] += $factor * $c;
                }
            }
        }

        return array_values($p);
    }

    /** @return list<float> factors of the variable load cases */
    private function factors(Combination $combination): array
    {
        return array_map(fn (string $case): float => $combination->variable[$case] ?? 0.0, $this->cases);
    }

    private static function key(Combination $combination): string
    {
        return $combination->id.$combination->permanent.array_key_first($combination->variable);
    }

    /** @return array<int, float> for each part an upper bound of the effect times the sign, without self-weight */
    private function highest(Combination $combination, int $sign): array
    {
        $key = self::key($combination).$sign;
        if (isset($this->highest[$key])) {
            return $this->highest[$key];
        }
        $factors = array_filter($this->factors($combination));
        $most = $this->most[$sign];
        $highest = [];
        foreach ($this->permanentBounds[$sign] as $i => $bound) {
            $sum = $combination->permanent * $bound;
            foreach ($factors as $case => $factor) {
                $sum += $factor * $most[$i][$case];
            }
            $highest[] = $sum;
        }

        return $this->highest[$key] = $highest;
    }
}
