<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Working;
use Waage\Units\Kind;

/** Depths and widths of a section, with what they are made of, in the symbols of EN 1992-1-1. */
final class Section
{
    /** b in compression; of a flange with what it is made of. */
    public static function width(ConcreteMake $concrete, int $sign, float $x, Working $w): void
    {
        if ($concrete->compressesFlange($sign)) {
            $concrete->widths?->derive($w, $x, $concrete->b, $sign);
        } elseif (! $w->has('b')) {
            $w->let('b', $concrete->b, Kind::Size);
        }
    }

    /** h and d, with what d is made of. */
    public static function depth(ConcreteMake $concrete, BarGroup $group, Working $w): void
    {
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('c', $concrete->cover, Kind::Size, '', $concrete->isSlab() ? '' : 'to the links');
        if ($group->bars->spacing !== null) {
            $w->let('phi', $group->bars->diameter, Kind::Size, '', $group->text());
            $w->let('s_b', $group->bars->spacing, Kind::Size);
            $w->let('b', $concrete->b, Kind::Size);
            $w->line('n', 'b / s_b', Kind::Number, '', 'bars in the strip');
            $w->line('d', 'h - c - phi / 2', Kind::Size);

            return;
        }
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('n', $group->bars->count, Kind::Number, '', $group->text());
        $w->let('phi', $group->bars->diameter, Kind::Size);
        if (count($group->layers) === 1) {
            $w->line('d', 'h - c - phi_w - phi / 2', Kind::Size);

            return;
        }
        $w->let('a_v', $group->gap, Kind::Size, $concrete->code()->ofGaps(), 'between layers');
        $w->let('n_2', (float) $group->layers[1], Kind::Number, '', 'bars in the second layer');
        $w->let('n_3', (float) ($group->layers[2] ?? 0), Kind::Number, '', 'and in the third');
        $w->line('d', 'h - c - phi_w - phi / 2 - (n_2 + 2 * n_3) * (phi + a_v) / n', Kind::Size);
    }
}
