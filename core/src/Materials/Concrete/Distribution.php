<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * Bars of a slab across its span: a fifth of the most main steel at 3 h or 400 mm at most (EN 1992-1-1, 9.3.1.1);
 * 0.0018 of the section at 5 h or 18 in (ACI 318-19, 24.4.3); 0.13 % of the section at 3 d (BS 8110-1, 3.12.5.3,
 * 3.12.11.2.7).
 */
final class Distribution
{
    private const METRIC = [400.0, 350.0, 300.0, 250.0, 200.0, 150.0, 100.0];

    private const INCHES = [18.0, 16.0, 14.0, 12.0, 10.0, 8.0, 6.0, 4.0];

    /** The least area of a strip as wide as the main one, mm². */
    public static function least(ConcreteMake $concrete): float
    {
        return match ($concrete->code()) {
            Code::Aci318 => 0.0018 * $concrete->b * $concrete->h,
            Code::Bs8110 => ($concrete->fyk >= 460.0 ? 0.0013 : 0.0024) * $concrete->b * $concrete->h,
            default => 0.2 * $concrete->steel()->mostArea(),
        };
    }

    /** The widest spacing. */
    public static function widest(ConcreteMake $concrete): float
    {
        return match ($concrete->code()) {
            Code::Aci318 => min(5 * $concrete->h, 457.2),
            Code::Bs8110 => 3 * 0.8 * $concrete->h,
            default => min(3 * $concrete->h, 400.0),
        };
    }

    /** Those of the fabric where the main bars are one; of the one with the most steel. */
    public static function of(ConcreteMake $concrete): Bars
    {
        $groups = $concrete->steel()->groups();
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $b->bars->area() <=> $a->bars->area());
        if ($groups[0]->bars->fabric !== null) {
            return $groups[0]->bars->fabric->acrossIn($concrete->b);
        }
        $isAmerican = $concrete->hasAmericanBars();
        $sizes = $isAmerican
            ? array_map(fn (int $number): Bars => Bars::american(1, $number), [3, 4, 5])
            : array_map(fn (float $diameter): Bars => new Bars(1, $diameter), [8.0, 10.0, 12.0, 16.0]);
        $spacings = $isAmerican ? array_map(fn (float $inch): float => $inch * 25.4, self::INCHES) : self::METRIC;
        [$least, $widest] = [self::least($concrete), self::widest($concrete)];
        foreach ($sizes as $size) {
            foreach ($spacings as $spacing) {
                $bars = $size->at($spacing, $concrete->b);
                if ($spacing <= $widest + 1e-6 && $bars->area() >= $least) {
                    return $bars;
                }
            }
        }

        return $sizes[count($sizes) - 1]->at($spacings[count($spacings) - 1], $concrete->b);
    }
}
