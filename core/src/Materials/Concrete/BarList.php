<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Member\Support;

/**
 * The bars of a beam or a strip of slab for the workshop: mark, diameter, number, length, shape, mass. Lengths along
 * the bar,
 * mm; bends at their outer dimensions, without what the bend saves.
 *
 * @phpstan-type Row array{where: string, diameter: float, number: int, length: float, shape: string, mass: float}
 * @phpstan-type MarkedRow array{mark: string, where: string, diameter: float, number: int, length: float,
 *     shape: string, mass: float}
 */
final class BarList
{
    /** kg/mm³ */
    private const STEEL = 7.85e-6;

    /** Hooks of links, as a multiple of the diameter (EN 1992-1-1, Figure 8.5, 135°). */
    private const HOOK = 10.0;

    /** Bars go on behind the face of an inner support by so many diameters (9.2.1.5(1)). */
    private const BEYOND = 10.0;

    /**
     * @param  list<Support>  $supports
     * @param  \Closure(Support): bool  $isBent  are bottom bars bent up behind an end support?
     * @return list<MarkedRow>
     */
    public static function of(ConcreteMake $concrete, array $supports, \Closure $isBent): array
    {
        $rows = [];
        foreach ($concrete->steel()->bottom as $stretch) {
            [$length, $shape] = self::bottom($concrete, $stretch, $supports, $isBent);
            $rows[] = self::row($concrete, $stretch->group->bars, "bottom, {$stretch->place}", $length, $shape);
        }
        $seen = [];
        foreach ($concrete->steel()->top as $stretch) {
            $isThrough = $stretch->ends[0] <= 0.0 && $stretch->ends[1] >= $concrete->length();
            if ($isThrough && $seen !== []) {
                continue;
            }
            $seen = $isThrough ? [true] : $seen;
            $ends = array_filter($stretch->ends, fn (float $x): bool => $x <= 0.0 || $x >= $concrete->length());
            $length = $stretch->ends[1] - $stretch->ends[0] - count($ends) * $concrete->cover;
            $where = $isThrough ? 'top, from end to end' : "top, {$stretch->place}";
            $rows[] = self::row($concrete, $stretch->group->bars, $where, $length, self::straight($length));
        }
        if ($concrete->isSlab()) {
            $bars = $concrete->distribution();
            $number = (int) ceil($concrete->length() / ($bars->spacing ?? 1.0));
            $rows[] = self::entry(
                $bars->diameter,
                $number,
                'across the strip',
                $concrete->b,
                self::straight($concrete->b),
            );
        } else {
            array_push($rows, ...self::links($concrete));
        }

        return array_map(
            fn (array $row, int $i): array => ['mark' => sprintf('%02d', $i + 1)] + $row,
            $rows,
            array_keys($rows),
        );
    }

    /**
     * @param  list<Support>  $supports
     * @param  \Closure(Support): bool  $isBent
     * @return array{float, string} length, shape
     */
    private static function bottom(
        ConcreteMake $concrete,
        BarStretch $stretch,
        array $supports,
        \Closure $isBent,
    ): array {
        $phi = $stretch->group->bars->diameter;
        $length = $stretch->to - $stretch->from;
        $up = $concrete->h - 2 * $concrete->cage()->toBars();
        $bent = 0;
        foreach ([$stretch->from, $stretch->to] as $x) {
            $support =
                array_values(array_filter($supports, fn (Support $s): bool => abs($s->x - $x) < 1.0))[0] ?? null;
            $isEnd = $x < 1.0 || $x > $concrete->length() - 1.0;
            if ($support === null) {
                $length -= $isEnd ? $concrete->cover : 0.0;
            } elseif ($isEnd) {
                $length += $support->bearing / 2 - $concrete->cover;
                $bent += $isBent($support) ? 1 : 0;
            } else {
                $length += max(0.0, self::BEYOND * $phi - $support->bearing / 2);
            }
        }
        $shape = match ($bent) {
            0 => self::straight($length),
            1 => sprintf('bent at one end: %d + %d', round($length), round($up)),
            default => sprintf('bent at both ends: %d + %d + %d', round($up), round($length), round($up)),
        };

        return [$length + $bent * $up, $shape];
    }

    private static function straight(float $length): string
    {
        return sprintf('straight: %d', round($length));
    }

    /** @return list<Row> by zone */
    private static function links(ConcreteMake $concrete): array
    {
        $rows = [];
        [$w, $h] = [$concrete->b - 2 * $concrete->cover, $concrete->h - 2 * $concrete->cover];
        $phi = $concrete->links->diameter;
        foreach ($concrete->steel()->links as $zone) {
            $number = (int) ceil(($zone->to - $zone->from) / $zone->spacing);
            $where = sprintf(
                'links at %d mm, x = %.2f to %.2f m',
                $zone->spacing,
                $zone->from / 1000,
                $zone->to / 1000,
            );
            $shape = sprintf('closed: %d × %d, outer', round($w), round($h));
            $rows[] = self::entry($phi, $number, $where, 2 * ($w + $h) + 2 * self::HOOK * $phi, $shape);
            if ($concrete->links->legs > 2) {
                $more = $concrete->links->legs - 2;
                $rows[] = self::entry(
                    $phi,
                    $number * $more,
                    "single legs, {$where}",
                    $h + 2 * self::HOOK * $phi,
                    sprintf('leg: %d', round($h)),
                );
            }
        }

        return $rows;
    }

    /** @return Row */
    private static function row(
        ConcreteMake $concrete,
        Bars $bars,
        string $where,
        float $length,
        string $shape,
    ): array {
        $number = $bars->spacing === null ? (int) $bars->count : (int) ceil($concrete->b / $bars->spacing);

        return self::entry($bars->diameter, $number, $where, $length, $shape);
    }

    /** @return Row */
    private static function entry(float $diameter, int $number, string $where, float $length, string $shape): array
    {
        $mass = (($number * $length * M_PI * $diameter ** 2) / 4) * self::STEEL;

        return [
            'where' => $where,
            'diameter' => $diameter,
            'number' => $number,
            'length' => $length,
            'shape' => $shape,
            'mass' => $mass,
        ];
    }
}
