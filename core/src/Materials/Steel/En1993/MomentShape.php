<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\PieceDiagram;

/**
 * EN 1993-1-1:2005, Table 6.6: k_c of the moment diagrams that it has, told by their values at some places; 1 for all
 * others, on the safe side.
 */
final readonly class MomentShape
{
    /** A diagram is one of the table where it departs from it by no more than this part of its greatest moment. */
    private const NEAR = 0.03;

    /** Places along the length; the ends are looked at first. */
    private const PLACES = [0.0, 1.0, 0.5, 0.25, 0.75, 0.375, 0.625, 0.125, 0.875];

    private function __construct(public float $kc, public string $what)
    {
    }

    /** @param  float  $weight  self-weight, N/mm */
    public static function of(PieceDiagram $diagram, float $from, float $to, float $weight): self
    {
        $most = max($diagram->greatest(1, $weight, $from, $to)[0], $diagram->greatest(-1, $weight, $from, $to)[0]);
        if ($most <= 0.0) {
            return new self(1.0, 'no moment');
        }
        $m = [];
        foreach (self::PLACES as $t) {
            $m[] = [$t, $diagram->at($from + $t * ($to - $from), $weight) / $most];
        }
        [$a, $b] = [$m[0][1], $m[1][1]];
        if (self::isLike($m, fn (float $t): float => $a + ($b - $a) * $t)) {
            $psi = abs($a) > abs($b) ? $b / $a : $a / $b;

            return new self(1 / (1.33 - 0.33 * $psi), sprintf('moment that runs straight, ψ = %.2f', $psi));
        }
        $sign = $m[2][1] < 0.0 ? -1.0 : 1.0;
        // Of the diagrams that fit the one with the greatest k_c counts: they stand in this order.
        foreach (self::table() as [$kc, $what, $shape]) {
            if (
                self::isLike($m, fn (float $t): float => $sign * $shape($t)) ||
                self::isLike($m, fn (float $t): float => $sign * $shape(1 - $t))
            ) {
                return new self($kc, $what);
            }
        }

        return new self(1.0, 'no diagram of Table 6.6');
    }

    /**
     * @param  list<array{float, float}>  $m  place, moment over the greatest one
     * @param  \Closure(float): float  $shape
     */
    private static function isLike(array $m, \Closure $shape): bool
    {
        foreach ($m as [$t, $value]) {
            if (abs($value - $shape($t)) > self::NEAR) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return list<array{float, string, \Closure(float): float}> k_c, what it is, moment over the greatest one by
     * place
     */
    private static function table(): array
    {
        $middle = fn (float $t): float => min($t, 1 - $t);

        return [
            [0.94, 'uniform load, no moments at the ends', fn (float $t): float => 4 * $t * (1 - $t)],
            [0.91, 'uniform load, one end fixed', fn (float $t): float => 4 * $t * (1 - $t) - $t],
            [0.9, 'uniform load, both ends fixed', fn (float $t): float => 6 * $t * (1 - $t) - 1],
            [0.86, 'force in the middle, no moments at the ends', fn (float $t): float => 2 * $middle($t)],
            [0.82, 'force in the middle, one end fixed', fn (float $t): float => (8 * $middle($t) - 3 * $t) / 3],
            [0.77, 'force in the middle, both ends fixed', fn (float $t): float => 4 * $middle($t) - 1],
        ];
    }
}
