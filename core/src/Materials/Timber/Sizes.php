<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * Sizes that are sold, mm: EN 1313-1, preferred sizes of sawn softwood; American dressed lumber (PS 20) and timbers;
 * Canadian sizes (CSA O86:19, Annex A); glulam in widths and laminations. From memory.
 */
final class Sizes
{
    private const INCH = 25.4;

    private const EN = [[38, 44, 47, 50, 63, 75, 100], [75, 100, 125, 150, 175, 200, 225, 250, 275, 300]];

    private const US = [
        [1.5, 2.5, 3.5],
        [3.5, 5.5, 7.25, 9.25, 11.25],
        [5.5, 7.5, 9.5, 11.5],
        [5.5, 7.5, 9.5, 11.5, 13.5, 15.5],
    ];

    private const CANADA = [
        [38, 64, 89],
        [89, 140, 184, 235, 286],
        [140, 191, 241, 292],
        [140, 191, 241, 292, 343, 394],
    ];

    /** Widths of glulam, its lamination, the greatest number of them. */
    private const GLULAM = [
        'en' => [[80, 100, 120, 140, 160, 180, 200], 40.0, 30],
        'nds' => [[3.125, 5.125, 6.75, 8.75], 1.5, 32],
        'csa' => [[80, 130, 175, 215], 38.0, 30],
    ];

    /** @return list<array{float, float}> width of a ply and depth, the lightest first, of which the open ones are */
    public static function of(TimberMake $timber): array
    {
        $suite = $timber->grade->suite;
        $sizes = match (true) {
            $timber->grade->product === Product::Glulam => self::glulam($suite, $timber->lamination),
            $suite === Suite::Nds2018 => self::two(self::US, self::INCH),
            $suite === Suite::CsaO86 => self::two(self::CANADA, 1.0),
            default => self::pairs(self::EN[0], self::EN[1], 1.0),
        };
        $open = $timber->open;
        $chosen = [];
        foreach ($sizes as [$b, $h]) {
            // One that is typed stands with every size of the other.
            $size = [
                $open->any() && ! $open->width ? $timber->ply : $b,
                $open->any() && ! $open->depth ? $timber->h : $h,
            ];
            if ($timber->comesIn(...$size)) {
                $chosen[implode('×', $size)] = $size;
            }
        }
        usort($chosen, fn (array $a, array $b): int => [$a[0] * $a[1], $a[1]] <=> [$b[0] * $b[1], $b[1]]);

        return $chosen;
    }

    /**
     * Lumber, and timbers.
     *
     * @param  array{list<float>, list<float>, list<float>, list<float>}  $of
     * @return list<array{float, float}>
     */
    private static function two(array $of, float $unit): array
    {
        return [...self::pairs($of[0], $of[1], $unit), ...self::pairs($of[2], $of[3], $unit)];
    }

    /**
     * @param  list<float>  $widths
     * @param  list<float>  $depths
     * @return list<array{float, float}>
     */
    private static function pairs(array $widths, array $depths, float $unit): array
    {
        $pairs = [];
        foreach ($widths as $b) {
            foreach ($depths as $h) {
                if ($h >= $b) {
                    $pairs[] = [$b * $unit, $h * $unit];
                }
            }
        }

        return $pairs;
    }

    /** @return list<array{float, float}> of depths up to ten times the width */
    private static function glulam(Suite $suite, ?float $lamination): array
    {
        [$widths, $usual, $most] = self::GLULAM[$suite->key()];
        $unit = $suite === Suite::Nds2018 ? self::INCH : 1.0;
        $t = $lamination ?? $usual * $unit;
        $pairs = [];
        foreach ($widths as $b) {
            for ($n = 3; $n <= $most && $n * $t <= 10 * $b * $unit; $n++) {
                $pairs[] = [$b * $unit, $n * $t];
            }
        }

        return $pairs;
    }
}
