<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * Bars along a member for torsion, spread around its links: one at each corner, the others at 350 mm at most (12 in).
 */
final class TorsionBars
{
    /** A torque that is smaller is none, Nmm. */
    public const NOTHING = 1000.0;

    private const APART = 300.0;

    public static function choose(ConcreteMake $concrete, float $area): Bars
    {
        $across = max(1, (int) ceil(($concrete->b - 2 * $concrete->cage()->toBars()) / self::APART));
        $up = max(1, (int) ceil(($concrete->h - 2 * $concrete->cage()->toBars()) / self::APART));
        $count = 2 * ($across + $up);
        $sizes = $concrete->hasAmericanBars()
            ? array_map(fn (int $number): Bars => Bars::american(1, $number), [4, 5, 6, 7, 8])
            : array_map(fn (float $diameter): Bars => new Bars(1, $diameter), [10.0, 12.0, 16.0, 20.0, 25.0]);
        foreach ($sizes as $one) {
            if ($count * $one->each() >= $area) {
                return $one->with($count - 1);
            }
        }
        $last = $sizes[count($sizes) - 1];

        return $last->with(max($count, (int) ceil($area / $last->each())) - 1);
    }
}
