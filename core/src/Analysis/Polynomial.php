<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Polynomials as lists of coefficients, lowest power first: [a, b, c] is a + b t + c t².
 *
 * Static functions on plain arrays, since the statics handles tens of thousands of them per request.
 */
final class Polynomial
{
    /** @param  array<int, float>  $p */
    public static function value(array $p, float $t): float
    {
        $v = 0.0;
        for ($i = count($p) - 1; $i >= 0; $i--) {
            $v = $v * $t + $p[$i];
        }

        return $v;
    }

    /**
     * @param  array<int, float>  $p
     * @return list<float>
     */
    public static function derivative(array $p): array
    {
        $d = [];
        for ($i = 1, $n = count($p); $i < $n; $i++) {
            $d[] = $i * $p[$i];
        }

        return $d === [] ? [0.0] : $d;
    }

    /**
     * p(t + by) as a polynomial in t.
     *
     * @param  array<int, float>  $p
     * @return list<float>
     */
    public static function shift(array $p, float $by): array
    {
        if ($by == 0.0) {
            return array_values($p);
        }
        $n = count($p);
        for ($i = 0; $i < $n - 1; $i++) {
            for ($j = $n - 2; $j >= $i; $j--) {
                $p[$j] += $by * $p[$j + 1];
            }
        }

        return array_values($p);
    }

    /**
     * @param  array<int, float>  $p
     * @param  array<int, float>  $q
     * @return list<float>
     */
    public static function product(array $p, array $q): array
    {
        $r = array_fill(0, count($p) + count($q) - 1, 0.0);
        foreach ($p as $i => $a) {
            foreach ($q as $j => $b) {
                $r[$i + $j] += $a * $b;
            }
        }

        return array_values($r);
    }

    /**
     * @param  array<int, float>  $p
     * @param  array<int, float>  $q
     * @return list<float> p + factor · q
     */
    public static function sum(array $p, array $q, float $factor = 1.0): array
    {
        if (count($p) < count($q)) {
            $p += array_fill(0, count($q), 0.0);
        }
        foreach ($q as $i => $c) {
            $p[$i] += $factor * $c;
        }

        return array_values($p);
    }

    /**
     * What p, of degree 5 at most, does not fall below and does not exceed on [a, b]: the least and the greatest of its
     * control points as a Bézier curve.
     *
     * @param  array<int, float>  $p
     * @return array{float, float}
     */
    public static function bounds(array $p, float $a, float $b): array
    {
        $h = $b - $a;
        $n = count($p);
        if ($n === 1) {
            return [$p[0], $p[0]];
        }
        if ($n <= 4) {
            $p2 = $p[2] ?? 0.0;
            $p3 = $p[3] ?? 0.0;
            $first = $p[0] + $a * ($p[1] + $a * ($p2 + $a * $p3));
            $last = $p[0] + $b * ($p[1] + $b * ($p2 + $b * $p3));
            if ($n === 2) {
                return $first < $last ? [$first, $last] : [$last, $first];
            }
            $second = $first + $h / ($n - 1) * ($p[1] + $a * (2 * $p2 + 3 * $a * $p3));
            $before = $n === 3 ? $second : $last - $h / 3 * ($p[1] + $b * (2 * $p2 + 3 * $b * $p3));

            return [min($first, $second, $before, $last), max($first, $second, $before, $last)];
        }
        [$c0, $c1, $c2, $c3, $c4, $c5] = [...self::shift($p, $a), 0.0];
        $c1 *= $h / 5;
        $c2 *= $h * $h / 10;
        $c3 *= $h ** 3 / 10;
        $c4 *= $h ** 4 / 5;
        $first = $c0 + $c1;
        $second = $first + $c1 + $c2;
        $third = $c0 + 3 * ($c1 + $c2) + $c3;
        $fourth = $c0 + 4 * ($c1 + $c3) + 6 * $c2 + $c4;
        $last = $c0 + 5 * ($c1 + $c4) + 10 * ($c2 + $c3) + $c5 * $h ** 5;

        return [min($c0, $first, $second, $third, $fourth, $last), max($c0, $first, $second, $third, $fourth, $last)];
    }

    /**
     * The real roots strictly inside (a, b) at which the sign changes, ascending.
     *
     * Between two neighbouring roots of the derivative a polynomial is monotone, so each sign change there is found by
     * bisection with Newton steps; the derivative is treated in the same way. Nothing depends on a sample step.
     *
     * @param  array<int, float>  $p
     * @return list<float>
     */
    public static function roots(array $p, float $a, float $b): array
    {
        // Coefficients that cannot matter on this interval only upset the degree.
        $largest = $sum = 0.0;
        $power = 1.0;
        $reach = max(abs($a), abs($b));
        $sizes = [];
        foreach ($p as $c) {
            $size = abs($c) * $power;
            $sizes[] = $size;
            $sum += $size;
            $largest = $size > $largest ? $size : $largest;
            $power *= $reach;
        }
        // Where the first term outweighs all others together nothing is zero.
        if ($largest == 0.0 || 2 * $sizes[0] > $sum * (1 + 1e-12)) {
            return [];
        }
        $n = count($p);
        while ($n > 1 && $sizes[$n - 1] <= 1e-14 * $largest) {
            $n--;
        }
        if ($n === 1) {
            return [];
        }
        if ($n === 2) {
            $t = -$p[0] / $p[1];

            return $t > $a && $t < $b ? [$t] : [];
        }
        if ($n === 3) {
            return self::quadraticRoots($p[0], $p[1], $p[2], $a, $b);
        }
        $p = array_slice($p, 0, $n);
        $ends = self::roots(self::derivative($p), $a, $b);
        $ends[] = $b;
        $roots = [];
        $t0 = $a;
        $v0 = self::value($p, $a);
        $zero = 1e-14 * $largest;
        foreach ($ends as $t1) {
            $v1 = self::value($p, $t1);
            if (($v0 < -$zero && $v1 > $zero) || ($v0 > $zero && $v1 < -$zero)) {
                $roots[] = self::bracketed($p, $t0, $t1, $v0);
            } elseif (abs($v1) <= $zero && $t1 < $b && ($roots === [] || end($roots) < $t1)) {
                $roots[] = $t1; // a double root; splitting there does no harm
            }
            $t0 = $t1;
            $v0 = $v1;
        }

        return $roots;
    }

    /** @return list<float> */
    private static function quadraticRoots(float $c, float $b, float $a, float $from, float $to): array
    {
        $disc = $b * $b - 4 * $a * $c;
        if ($disc <= 0) {
            return [];
        }
        $q = -0.5 * ($b + ($b < 0 ? -sqrt($disc) : sqrt($disc)));
        $t1 = $q / $a;
        $t2 = $q != 0.0 ? $c / $q : $t1;
        if ($t1 > $t2) {
            [$t1, $t2] = [$t2, $t1];
        }
        $roots = [];
        if ($t1 > $from && $t1 < $to) {
            $roots[] = $t1;
        }
        if ($t2 > $from && $t2 < $to && $t2 != $t1) {
            $roots[] = $t2;
        }

        return $roots;
    }

    /** @param  array<int, float>  $p */
    private static function bracketed(array $p, float $a, float $b, float $atA): float
    {
        $d = self::derivative($p);
        $t = 0.5 * ($a + $b);
        for ($i = 0; $i < 100; $i++) {
            $v = self::value($p, $t);
            if ($v == 0.0) {
                return $t;
            }
            if (($v > 0) === ($atA > 0)) {
                $a = $t;
            } else {
                $b = $t;
            }
            $slope = self::value($d, $t);
            $next = $slope != 0.0 ? $t - $v / $slope : $a;
            if (! ($next > $a && $next < $b)) {
                $next = 0.5 * ($a + $b);
            }
            if (abs($next - $t) <= 1e-13 * (abs($t) + 1e-300) || $next === $t) {
                return $next;
            }
            $t = $next;
        }

        return $t;
    }
}
