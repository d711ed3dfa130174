<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;
use Waage\Member\Category;

/**
 * The worst values of one effect along a beam, with variable load lying just where it makes them worse.
 *
 * The contribution of each load set is a polynomial on each segment. Cut at all its changes of sign, the sum of the
 * positive contributions of a load case is a polynomial on each part; so the envelope of any combination is exact.
 * Deflections are times EI.
 *
 * @phpstan-type Part array{segment: int, from: float, to: float, permanent: list<float>, weight: list<float>, plus: array<string, list<float>>, minus: array<string, list<float>>}
 * @phpstan-type CurvePiece array{segment: int, from: float, to: float, polynomial: list<float>, combination: Combination}
 */
final class Envelope
{
    /** @var list<Part> */
    private array $parts;

    /** @var array<string, list<array<int, float>>> polynomials without self-weight, by combination and sign */
    private array $prepared = [];

    public function __construct(private readonly LoadedBeam $beam, public readonly Effect $effect)
    {
        $this->parts = $this->cut();
    }

    /**
     * The greatest ($sign = 1) or smallest ($sign = −1) value between two places, over all combinations.
     *
     * @param  list<Combination>  $combinations
     * @param  float  $weight  self-weight, N/mm
     */
    public function extreme(array $combinations, int $sign, float $weight, float $from = 0.0, float $to = INF): ?Extreme
    {
        $best = $threshold = -INF; // a hair more elsewhere is rounding: the first place stays
        $found = null;
        $breaks = $this->beam->responses->breaks;
        foreach ($combinations as $combination) {
            $sums = $this->prepare($combination, $sign);
            $own = $combination->permanent * $weight;
            foreach ($this->parts as $i => $part) {
                $start = $breaks[$part['segment']];
                if ($start + $part['from'] < $from - 1e-6 || $start + $part['to'] > $to + 1e-6) {
                    continue;
                }
                $p = $sums[$i];
                $s = $part['weight'];
                foreach ($s as $j => $c) {
                    $p[$j] = $sign * ($p[$j] + $own * $c);
                }
                if (Polynomial::upperBound($p, $part['from'], $part['to']) <= $threshold) {
                    continue;
                }
                foreach ([$part['from'], ...Polynomial::roots(Polynomial::derivative($p), $part['from'], $part['to']), $part['to']] as $t) {
                    $value = Polynomial::value($p, $t);
                    if ($value > $threshold) {
                        $best = $value;
                        $threshold = $best + 1e-9 * abs($best);
                        $found = [$start + $t, $part['segment'], $t, $combination];
                    }
                }
            }
        }

        return $found === null ? null : new Extreme($sign * $best, ...$found);
    }

    /**
     * The curve of the worst values with the combination that governs each piece.
     *
     * @param  list<Combination>  $combinations
     * @return list<CurvePiece> polynomials in t from the left end of the segment
     */
    public function curve(array $combinations, int $sign, float $weight): array
    {
        $sums = array_map(fn (Combination $c): array => $this->prepare($c, $sign), $combinations);
        $pieces = [];
        $open = null;
        foreach ($this->parts as $i => $part) {
            $polynomials = [];
            foreach ($combinations as $c => $combination) {
                $polynomials[$c] = Polynomial::sum($sums[$c][$i], $part['weight'], $combination->permanent * $weight);
            }
            foreach ($this->governing($polynomials, $sign, $part['from'], $part['to']) as [$from, $to, $c]) {
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
     * Which polynomial is the worst on which part of [a, b]: the worst one of the middle as far as no other crosses it,
     * and the same again on what is left on either side, among those that can be worse there.
     *
     * @param  array<int, list<float>>  $polynomials
     * @param  float|null  $shortest  a piece that is shorter is rounding
     * @return non-empty-list<array{float, float, int}>
     */
    private function governing(array $polynomials, int $sign, float $a, float $b, ?float $shortest = null): array
    {
        $shortest ??= 1e-9 * ($b - $a);
        $middle = 0.5 * ($a + $b);
        $best = $this->worstAt($polynomials, $sign, $middle);
        $rivals = [];
        [$left, $right] = [$a, $b];
        foreach ($polynomials as $c => $p) {
            if ($c === $best) {
                $rivals[$c] = $p;

                continue;
            }
            $difference = [];
            foreach ($polynomials[$best] as $i => $coefficient) {
                $difference[] = $sign * ($p[$i] - $coefficient);
            }
            if (Polynomial::upperBound($difference, $a, $b) <= 0.0) {
                continue;
            }
            foreach (Polynomial::roots($difference, $a, $b) as $root) {
                $rivals[$c] = $p;
                if ($root < $middle) {
                    $left = max($left, $root);
                } else {
                    $right = min($right, $root);
                }
            }
        }
        $left = $left - $a > $shortest ? $left : $a;
        $right = $b - $right > $shortest ? $right : $b;
        $pieces = [
            ...$left > $a ? $this->governing($rivals, $sign, $a, $left, $shortest) : [],
            [$left, $right, $best],
            ...$right < $b ? $this->governing($rivals, $sign, $right, $b, $shortest) : [],
        ];
        $merged = [$pieces[0]];
        foreach (array_slice($pieces, 1) as $piece) {
            $last = count($merged) - 1;
            if ($merged[$last][2] === $piece[2]) {
                $merged[$last][1] = $piece[1];
            } else {
                $merged[] = $piece;
            }
        }

        return $merged;
    }

    /** @param  array<int, list<float>>  $polynomials */
    private function worstAt(array $polynomials, int $sign, float $t): int
    {
        $best = (int) array_key_first($polynomials);
        $value = $sign * Polynomial::value($polynomials[$best], $t);
        foreach ($polynomials as $c => $p) {
            $v = $sign * Polynomial::value($p, $t);
            if ($v > $value + 1e-12 * abs($value)) {
                $best = $c;
                $value = $v;
            }
        }

        return $best;
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

    /** @return list<array<int, float>> for each part, without self-weight */
    private function prepare(Combination $combination, int $sign): array
    {
        $key = $combination->id.$combination->permanent.$sign;
        if (isset($this->prepared[$key])) {
            return $this->prepared[$key];
        }
        $sums = [];
        foreach ($this->parts as $part) {
            $p = [];
            foreach ($part['permanent'] as $c) {
                $p[] = $combination->permanent * $c;
            }
            foreach ($part[$sign > 0 ? 'plus' : 'minus'] as $case => $q) {
                $factor = $combination->variable[$case] ?? 0.0;
                if ($factor > 0) {
                    foreach ($q as $i => $c) {
                        $p[$i] += $factor * $c;
                    }
                }
            }
            $sums[] = $p;
        }

        return $this->prepared[$key] = $sums;
    }

    /** @return list<Part> */
    private function cut(): array
    {
        $responses = $this->beam->responses;
        $degree = match ($this->effect) {
            Effect::Shear => 3,
            Effect::Moment => 4,
            Effect::Deflection, Effect::Sag => 6,
        };
        $zero = array_fill(0, $degree, 0.0);
        $parts = [];
        for ($k = 0; $k < $responses->segments(); $k++) {
            $length = $responses->breaks[$k + 1] - $responses->breaks[$k];
            $weight = $this->beam->selfWeight === null ? $zero : $responses->polynomial($this->effect, $this->beam->selfWeight, $k);
            $permanent = $zero;
            $variable = [];
            $cuts = [];
            foreach ($this->beam->cases as $case) {
                foreach ($case->sets as $set) {
                    $p = $responses->polynomial($this->effect, $set, $k);
                    if ($case->case->category === Category::Permanent) {
                        $permanent = Polynomial::sum($permanent, $p);
                    } else {
                        $variable[] = [$case->case->id, $p];
                        array_push($cuts, ...Polynomial::roots($p, 0.0, $length));
                    }
                }
            }
            sort($cuts);
            $from = 0.0;
            foreach ([...$cuts, $length] as $to) {
                if ($to - $from <= 1e-9 * $length) {
                    continue;
                }
                $plus = $minus = [];
                $middle = 0.5 * ($from + $to);
                foreach ($variable as [$case, $p]) {
                    $value = Polynomial::value($p, $middle);
                    if ($value > 0) {
                        $plus[$case] = isset($plus[$case]) ? Polynomial::sum($plus[$case], $p) : $p;
                    } elseif ($value < 0) {
                        $minus[$case] = isset($minus[$case]) ? Polynomial::sum($minus[$case], $p) : $p;
                    }
                }
                $parts[] = ['segment' => $k, 'from' => $from, 'to' => $to, 'permanent' => $permanent, 'weight' => $weight, 'plus' => $plus, 'minus' => $minus];
                $from = $to;
            }
        }

        return $parts;
    }
}
