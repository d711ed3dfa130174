<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Working;
use Waage\Materials\Timber\FireExposure;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Product;
use Waage\Units\Kind;

/** EN 1995-1-2, 3.4.2 and 4.2.2: what fire leaves of an unprotected section. */
final class Charring
{
    /** @return array{float, float} width and depth that are left of b and h, mm */
    public static function section(Working $w, float $b, float $h, Grade $grade, FireExposure $fire): array
    {
        [, $ofWidth, $ofDepth] = FireExposure::SIDES[$fire->sides];
        $w->let('b', $b, Kind::Size);
        $w->let('h', $h, Kind::Size);
        $w->let('t', $fire->minutes, Kind::Number, '', 'minutes');
        [$beta, $why] = self::rate($grade);
        $w->let('beta_n', $beta, Kind::Number, 'EN 1995-1-2, Table 3.1', "{$why}, mm/min");
        $w->line('d_char_n', 'beta_n * t', Kind::Size, 'EN 1995-1-2, 3.4.2(2) (3.2)');
        $w->line('k_0', 'min(t / 20, 1)', Kind::Number, 'EN 1995-1-2, Table 4.1', 'unprotected');
        $w->line('d_ef', 'd_char_n + 7 * k_0', Kind::Size, 'EN 1995-1-2, 4.2.2(1) (4.1)', 'd_0 = 7 mm');
        $w->let('n_b', (float) $ofWidth, Kind::Number, '', 'sides of the width that char');
        $w->let('n_h', (float) $ofDepth, Kind::Number, '', 'sides of the depth that char');

        return [
            $w->line('b_fi', 'b - n_b * d_ef', Kind::Size, 'EN 1995-1-2, 4.2.2'),
            $w->line('h_fi', 'h - n_h * d_ef', Kind::Size, 'EN 1995-1-2, 4.2.2'),
        ];
    }

    /** @return array{float, string} notional charring, mm/min */
    private static function rate(Grade $grade): array
    {
        return match (true) {
            $grade->product === Product::Glulam => [0.7, 'glulam'],
            $grade->product === Product::Lvl => [0.7, 'LVL'],
            $grade->softwood => [0.8, 'sawn softwood'],
            $grade->values->densityK >= 450.0 => [0.55, 'hardwood of 450 kg/m³ or more'],
            default => [0.7, 'hardwood of less than 450 kg/m³'],
        };
    }
}
