<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** Which of several polynomials is the worst where, and which option of a load case. */
final class Worst
{
    /** Places of a part where the worst is looked for: the middle, and others for where polynomials tie there. */
    private const PLACES = [0.5, 0.381966, 0.690983, 0.27639, 0.854102, 0.145898];

    /** What a difference is at least, of its greatest size on a part, so that it is no tie. */
    private const TIE = 1e-6;

    /**
     * Which polynomial is the worst on which part of [a, b]: the worst one of a place where none ties with it, as far
     * as no other crosses it, and the same again on what is left on either side, among those that can be worse there.
     *
     * @param  array<int, list<float>>  $polynomials
     * @param  float|null  $shortest  a piece that is shorter is rounding
     * @return non-empty-list<array{float, float, int}>
     */
    public static function onParts(array $polynomials, int $sign, float $a, float $b, ?float $shortest = null): array
    {
        if (count($polynomials) === 1) {
            return [[$a, $b, array_key_first($polynomials)]];
        }
        $shortest ??= 1e-9 * ($b - $a);
        [$place, $best, $differences] = self::clearest($polynomials, $sign, $a, $b);
        $rivals = [$best => $polynomials[$best]];
        [$left, $right] = [$a, $b];
        foreach ($differences as $c => $difference) {
            foreach (Polynomial::roots($difference, $a, $b) as $root) {
                $rivals[$c] = $polynomials[$c];
                if ($root < $place) {
                    $left = max($left, $root);
                } else {
                    $right = min($right, $root);
                }
            }
        }
        ksort($rivals);
        $left = $left - $a > $shortest ? $left : $a;
        $right = $b - $right > $shortest ? $right : $b;
        $pieces = [
            ...$left > $a ? self::onParts($rivals, $sign, $a, $left, $shortest) : [],
            [$left, $right, $best],
            ...$right < $b ? self::onParts($rivals, $sign, $right, $b, $shortest) : [],
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

    /**
     * A place of [a, b] where the worst polynomial stands clear of those that cross or touch it: in the middle of a
     * symmetric member many tie, and which one is the worst beside it does not show there.
     *
     * @param  array<int, list<float>>  $polynomials
     * @return array{float, int, array<int, list<float>>} place, the worst one, what others that can be worse make more
     */
    private static function clearest(array $polynomials, int $sign, float $a, float $b): array
    {
        foreach (self::PLACES as $part) {
            $place = $a + $part * ($b - $a);
            $best = self::worstAt($polynomials, $sign, $place);
            [$low, $high] = Polynomial::bounds($polynomials[$best], $a, $b);
            $rounding = 1e-13 * max(-$low, $high);
            $differences = [];
            $tied = false;
            foreach ($polynomials as $c => $p) {
                $difference = [];
                foreach ($polynomials[$best] as $i => $coefficient) {
                    $difference[] = $sign * ($p[$i] - $coefficient);
                }
                $most = Polynomial::bounds($difference, $a, $b)[1];
                if ($most > $rounding) {
                    $differences[$c] = $difference;
                    $tied = $tied || Polynomial::value($difference, $place) > -self::TIE * $most;
                }
            }
            if (! $tied) {
                break;
            }
        }

        return [$place, $best, $differences];
    }

    /** @param  array<int, list<float>>  $polynomials */
    private static function worstAt(array $polynomials, int $sign, float $t): int
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
     * Where another option of a load case becomes the worst one, or none does harm any more.
     *
     * @param  list<list<list<float>>>  $options
     * @param  bool  $always  does one option, of one set then, act even where none does harm
     * @param  list<float>  $cuts  changes of sign of sets that act together, ascending
     * @return list<float>
     */
    public static function crossings(array $options, bool $always, array $cuts, float $length): array
    {
        $crossings = [];
        $from = 0.0;
        foreach ([...$cuts, $length] as $to) {
            if ($to - $from <= 1e-9 * $length) {
                continue;
            }
            foreach ([1, -1] as $i => $sign) {
                // An option of one set is compared with none instead of being cut where it changes its sign.
                $sums = array_filter(
                    array_map(
                        fn (array $option): ?array => count($option) === 1
                            ? $option[0]
                            : self::acting($option, $from, $to)[$i],
                        $options,
                    ),
                );
                if (! $always) {
                    $sums[] = array_fill(0, count(reset($sums) ?: [0.0]), 0.0);
                }
                foreach (array_slice(self::onParts($sums, $sign, $from, $to), 1) as [$start]) {
                    $crossings[] = $start;
                }
            }
            $from = $to;
        }

        return $crossings;
    }

    /**
     * The sums of what acts where it makes most and where it makes least of an effect on a part, each of one option.
     *
     * @param  list<list<list<float>>>  $options
     * @return array{list<float>|null, list<float>|null} null: nothing acts
     */
    public static function options(array $options, bool $always, float $from, float $to): array
    {
        $most = $least = null;
        [$greatest, $smallest] = $always ? [-INF, INF] : [0.0, 0.0];
        foreach ($options as $option) {
            [$plus, $minus] = $always ? [$option[0], $option[0]] : self::acting($option, $from, $to);
            $value = $plus === null ? 0.0 : self::size($plus, $from, $to);
            if ($value > $greatest) {
                $greatest = $value;
                $most = $plus;
            }
            $value = $minus === null ? 0.0 : self::size($minus, $from, $to);
            if ($value < $smallest) {
                $smallest = $value;
                $least = $minus;
            }
        }

        return [$most, $least];
    }

    /**
     * @param  list<list<float>>  $polynomials  without a change of sign on the part
     * @return array{list<float>|null, list<float>|null} the sums of those that are positive and of those that are
     *     negative
     */
    private static function acting(array $polynomials, float $from, float $to): array
    {
        $plus = $minus = null;
        foreach ($polynomials as $p) {
            $value = self::size($p, $from, $to);
            if ($value > 0.0) {
                $plus = $plus === null ? $p : Polynomial::sum($plus, $p);
            } elseif ($value < 0.0) {
                $minus = $minus === null ? $p : Polynomial::sum($minus, $p);
            }
        }

        return [$plus, $minus];
    }

    /**
     * What tells the order of polynomials that do not cross on a part: the sum of two values, since at one place they
     * may touch.
     *
     * @param  array<int, float>  $p
     */
    private static function size(array $p, float $from, float $to): float
    {
        $t = 0.5 * ($from + $to);
        $u = $from + self::PLACES[1] * ($to - $from);
        $v = $w = 0.0;
        for ($i = count($p) - 1; $i >= 0; $i--) {
            $v = $v * $t + $p[$i];
            $w = $w * $u + $p[$i];
        }

        return $v + $w;
    }
}
