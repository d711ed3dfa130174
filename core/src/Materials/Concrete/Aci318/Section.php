<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** Depths, widths and bars of a section, with what they are made of. */
final class Section
{
    /** h, d, d_t to the extreme layer, and A_s. */
    public static function depth(ConcreteMake $concrete, BarGroup $group, Working $w): void
    {
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('c_c', $concrete->cover, Kind::Size, '', $concrete->isSlab() ? 'clear cover' : 'to the stirrups');
        $w->let('d_b', $group->bars->diameter, Kind::Size, '', $group->text());
        $w->let('A_b', $group->bars->each(), Kind::SteelArea, '', 'one bar');
        if ($group->bars->spacing !== null) {
            $w->let('b', $concrete->b, Kind::Size);
            $w->let('s', $group->bars->spacing, Kind::Size);
            $w->line('n', 'b / s', Kind::Number, '', 'bars in the strip');
            $w->line('d_t', 'h - c_c - d_b / 2', Kind::Size);
        } else {
            $w->let('d_s', $concrete->links->diameter, Kind::Size, '', 'stirrups');
            $w->let('n', $group->bars->count, Kind::Number);
            $w->line('d_t', 'h - c_c - d_s - d_b / 2', Kind::Size, '', 'to the extreme layer');
        }
        if (count($group->layers) === 1) {
            $w->line('d', 'd_t', Kind::Size);
        } else {
            $w->let('s_v', $group->gap, Kind::Size, '25.2.2', 'between layers');
            $w->let('n_2', (float) $group->layers[1], Kind::Number, '', 'bars in the second layer');
            $w->let('n_3', (float) ($group->layers[2] ?? 0), Kind::Number, '', 'and in the third');
            $w->line('d', 'd_t - (n_2 + 2 * n_3) * (d_b + s_v) / n', Kind::Size);
        }
        $w->line('A_s', 'n * A_b', Kind::SteelArea);
    }

    /** b in compression; of a flange with what it is made of. */
    public static function width(ConcreteMake $concrete, int $sign, float $x, Working $w): void
    {
        if ($concrete->compressesFlange($sign)) {
            $concrete->widths?->derive($w, $x, $concrete->b, $sign);
        } elseif (! $w->has('b')) {
            $w->let('b', $concrete->b, Kind::Size);
        }
    }
}
