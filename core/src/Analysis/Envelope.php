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
 * @phpstan-type Part array{segment: int, from: float, to: float, permanent: list<float>, weight: list<float>, plus: array<string, list<float>>, minus: array<string, list<float>>}
 * @phpstan-type Bounds array{permanent: float, weight: float, variable: array<string, float>}
 * @phpstan-type CurvePiece array{segment: int, from: float, to: float, polynomial: list<float>, combination: Combination}
 */
final class Envelope
{
    /** @var list<Part> */
    private array $parts;

    /** @var array<int, list<int>> by segment */
    private array $partsOf;

    /** @var array<int, list<Bounds>> by sign, for each part: what each contribution, times the sign, does not exceed */
    private array $bounds;

    /** @var array<string, list<float>> upper bounds without self-weight, by combination and sign */
    private array $highest = [];

    public function __construct(private readonly LoadedBeam $beam, public readonly Effect $effect)
    {
        $this->parts = $this->cut();
        $partsOf = [];
        foreach ($this->parts as $i => $part) {
            $partsOf[$part['segment']][] = $i;
        }
        $this->partsOf = $partsOf;
        $this->bounds = [1 => array_map(fn (array $p): array => self::boundsOf($p, 1), $this->parts), -1 => array_map(fn (array $p): array => self::boundsOf($p, -1), $this->parts)];
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
        $breaks = $this->beam->responses->breaks;
        $inside = [];
        foreach ($this->parts as $i => $part) {
            $start = $breaks[$part['segment']];
            if ($start + $part['to'] > $from + 1e-6 && $start + $part['from'] < $to - 1e-6) {
                $inside[$i] = $this->bounds[$sign][$i]['weight'];
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
        [$best, $t] = $this->greatest($first[0], $first[1], $sign, $weight, $from, $to);
        $found = $at($first[1], $t, $first[0]);
        $threshold = $best - 1e-9 * abs($best); // a hair more elsewhere is rounding: the first place stays
        foreach ($combinations as $c => $combination) {
            foreach ($bounds[$c] as $i => $bound) {
                if ($bound <= $threshold) {
                    continue;
                }
                [$value, $t] = $this->greatest($combination, $i, $sign, $weight, $from, $to);
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
                    $bound = max($bound, $highest[$i] + $own * $this->bounds[$sign][$i]['weight']);
                }
            }
        }

        return $bound;
    }

    /**
     * Can the effect be more than a limit on a segment, either way?
     *
     * @param  float  $weight  self-weight, N/mm
     */
    public function mayExceed(float $limit, int $segment, Combination $combination, float $weight): bool
    {
        foreach ($this->partsOf[$segment] as $i) {
            foreach ([1, -1] as $sign) {
                if ($this->highest($combination, $sign)[$i] + $combination->permanent * $weight * $this->bounds[$sign][$i]['weight'] > $limit) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{float, float} the greatest value on what of a part lies between two places, times the sign, and its place from the start of the segment */
    private function greatest(Combination $combination, int $part, int $sign, float $weight, float $left, float $right): array
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
        $pieces = [];
        $open = null;
        foreach ($this->parts as $i => $part) {
            $polynomials = [];
            foreach ($this->rivals($combinations, $i, $sign, $weight) as $c) {
                $polynomials[$c] = $this->polynomial($combinations[$c], $i, $sign, $weight);
            }
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
     * @param  list<Combination>  $combinations
     * @return list<int>
     */
    private function rivals(array $combinations, int $part, int $sign, float $weight): array
    {
        $ofWeight = $this->bounds[$sign][$part]['weight'];
        $highest = [];
        $first = 0;
        foreach ($combinations as $c => $combination) {
            $highest[] = $this->highest($combination, $sign)[$part] + $combination->permanent * $weight * $ofWeight;
            if ($highest[$c] > $highest[$first]) {
                $first = $c;
            }
        }
        // The others have to reach at least what the likeliest one has everywhere on the part.
        $p = $this->polynomial($combinations[$first], $part, $sign, $weight);
        $least = -Polynomial::upperBound(array_map(fn (float $c): float => -$sign * $c, $p), $this->parts[$part]['from'], $this->parts[$part]['to']);
        $least -= 1e-9 * abs($least);
        $highest[$first] = INF;

        return array_keys(array_filter($highest, fn (float $h): bool => $h >= $least));
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

    /** @return list<float> for each part an upper bound of the effect times the sign, without self-weight */
    private function highest(Combination $combination, int $sign): array
    {
        $key = $combination->id.$combination->permanent.array_key_first($combination->variable).$sign;
        if (isset($this->highest[$key])) {
            return $this->highest[$key];
        }
        $highest = [];
        foreach ($this->bounds[$sign] as $of) {
            $high = $combination->permanent * $of['permanent'];
            foreach ($of['variable'] as $case => $bound) {
                $high += ($combination->variable[$case] ?? 0.0) * $bound;
            }
            $highest[] = $high;
        }

        return $this->highest[$key] = $highest;
    }

    /**
     * @param  Part  $part
     * @return Bounds
     */
    private static function boundsOf(array $part, int $sign): array
    {
        $bound = fn (array $p): float => Polynomial::upperBound($sign > 0 ? $p : array_map(fn (float $c): float => -$c, $p), $part['from'], $part['to']);

        return ['permanent' => $bound($part['permanent']), 'weight' => $bound($part['weight']), 'variable' => array_map($bound, $part[$sign > 0 ? 'plus' : 'minus'])];
    }

    /** @return list<Part> */
    private function cut(): array
    {
        $responses = $this->beam->responses;
        $degree = match ($this->effect) {
            Effect::Shear, Effect::Axial => 3,
            Effect::Moment => 4,
            Effect::Slope => 5,
            Effect::Deflection, Effect::Sag => 6,
        };
        $zero = array_fill(0, $degree, 0.0);
        $parts = [];
        for ($k = 0; $k < $responses->segments(); $k++) {
            $length = $responses->breaks[$k + 1] - $responses->breaks[$k];
            $weight = $this->beam->selfWeight === null ? $zero : $responses->polynomial($this->effect, $this->beam->selfWeight, $k);
            $permanent = $zero;
            /** @var array<string, list<list<list<float>>>> $variable by load case: options, polynomials */
            $variable = [];
            $always = $cuts = [];
            foreach ($this->beam->cases as $case) {
                $always[$case->case->id] = $case->always;
                foreach ($case->options as $o => $option) {
                    foreach ($option as $set) {
                        $p = $responses->polynomial($this->effect, $set, $k);
                        if ($case->isPermanent) {
                            $permanent = Polynomial::sum($permanent, $p);
                        } else {
                            $variable[$case->case->id][$o][] = $p;
                            if ($case->isReversible) {
                                $variable[$case->case->id][$o][] = array_map(fn (float $c): float => -$c, $p);
                            }
                            if (count($case->options) === 1 || count($option) > 1 || $case->isReversible) {
                                array_push($cuts, ...Polynomial::roots($p, 0.0, $length));
                            }
                        }
                    }
                }
            }
            array_push($cuts, ...Worst::crossings($variable, $always, $cuts, $length));
            sort($cuts);
            $from = 0.0;
            foreach ([...$cuts, $length] as $to) {
                if ($to - $from <= 1e-9 * $length) {
                    continue;
                }
                $middle = 0.5 * ($from + $to);
                $plus = $minus = [];
                foreach ($variable as $case => $options) {
                    [$most, $least] = [Worst::option($options, $always[$case], 1, $middle), Worst::option($options, $always[$case], -1, $middle)];
                    if ($most !== null) {
                        $plus[$case] = $most;
                    }
                    if ($least !== null) {
                        $minus[$case] = $least;
                    }
                }
                $parts[] = ['segment' => $k, 'from' => $from, 'to' => $to, 'permanent' => $permanent, 'weight' => $weight, 'plus' => $plus, 'minus' => $minus];
                $from = $to;
            }
        }

        return $parts;
    }
}
