<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/** Integration after Gauss and Legendre on 0 … 1. */
final class Gauss
{
    /** @var array<int, array{list<float>, list<float>}> */
    private static array $rules = [];

    /**
     * @return array{list<float>, list<float>} places and weights of n points: exact for polynomials of degree 2n − 1
     */
    public static function rule(int $n): array
    {
        return self::$rules[$n] ??= self::make($n);
    }

    /**
     * Legendre's polynomials of degree 0 … $most at t (−1 … 1).
     *
     * @return list<float>
     */
    public static function legendre(int $most, float $t): array
    {
        $P = [1.0, $t];
        for ($k = 2; $k <= $most; $k++) {
            $P[] = ((2 * $k - 1) * $t * $P[$k - 1] - ($k - 1) * $P[$k - 2]) / $k;
        }

        return $P;
    }

    /** @return array{list<float>, list<float>} */
    private static function make(int $n): array
    {
        $places = $weights = [];
        for ($i = 1; $i <= $n; $i++) {
            $t = -cos((M_PI * ($i - 0.25)) / ($n + 0.5));
            do {
                $P = self::legendre($n, $t);
                $slope = ($n * ($t * $P[$n] - $P[$n - 1])) / ($t * $t - 1);
                $step = $P[$n] / $slope;
                $t -= $step;
            } while (abs($step) > 1e-15);
            $places[] = (1 + $t) / 2;
            $weights[] = 1 / ((1 - $t * $t) * $slope * $slope);
        }

        return [$places, $weights];
    }
}
