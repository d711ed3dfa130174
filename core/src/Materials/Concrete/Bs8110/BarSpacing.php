<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Distribution;
use Waage\Materials\Concrete\Section;
use Waage\Units\Kind;

/**
 * BS 8110-1:1997, 3.12.11 and 3.12.6: bars far enough apart for concrete, close enough against cracks, and not too
 * many.
 */
final class BarSpacing
{
    /**
     * @param  list<BarGroup>  $stressed  those that a moment puts in tension
     * @return list<Weighing>
     */
    public static function weigh(ConcreteMake $concrete, array $stressed, Detail $detail): array
    {
        $groups = $stressed === [] ? $concrete->steel()->groups() : $stressed;
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $b->clear <=> $a->clear);
        $weighings = [self::cracks($concrete, $groups[0], $detail)];
        if ($concrete->isSlab()) {
            return [...$weighings, self::across($concrete, $detail)];
        }
        $room = fn (BarGroup $g): float => $g->clear / $g->gap;
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $room($a) <=> $room($b));
        $weighings[] = self::clear($concrete, $groups[0], $detail);
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $b->bars->area() <=> $a->bars->area());

        return [...$weighings, self::most($concrete, $groups[0], $detail)];
    }

    /**
     * Clear distance against cracks, mm: 47000/f_s and 300 in beams (3.12.11.2.4); 3 d and 750 in slabs
     * (3.12.11.2.7).
     */
    public static function widest(ConcreteMake $concrete, BarGroup $group): float
    {
        return $concrete->isSlab()
            ? min(3 * ($concrete->h - $group->centroid()), 750.0)
            : min(47000.0 / ((2 / 3) * $concrete->fyk), 300.0);
    }

    private static function cracks(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        Section::depth($concrete, $group, $w);
        $w->let('a', $group->clear, Kind::Size, '', "clear distance of {$group->text()}");
        if ($concrete->isSlab()) {
            $w->line('a_max', 'min(3 * d, 750)', Kind::Size, '3.12.11.2.7');
        } else {
            $w->let('f_y', $concrete->fyk, Kind::Stress);
            $w->line('f_s', '2 / 3 * f_y', Kind::Stress, '3.12.11.2.4', 'no more bars than needed');
            $w->line('a_max', 'min(47000 / f_s, 300)', Kind::Size, '3.12.11.2.4', 'f_s in MPa');
        }
        $w->line('u', 'a / a_max', Kind::Number, '3.12.11.2');

        return self::told('bar-spacing', 'Spacing of bars against cracks', '3.12.11.2', $w, ['a', 'a_max', Kind::Size]);
    }

    private static function clear(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('c', $concrete->cover, Kind::Size, '', 'to the links');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('n_1', (float) $group->layers[0], Kind::Number, '', $group->text());
        $w->let('phi', $group->bars->diameter, Kind::Size);
        $w->line('a', '(b_w - 2 * c - 2 * phi_w - n_1 * phi) / (n_1 - 1)', Kind::Size, '', 'clear distance of bars');
        $w->let('h_agg', $concrete->cage()->aggregate, Kind::Size, '', 'greatest size of aggregate');
        $w->line('a_min', 'max(phi, h_agg + 5)', Kind::Size, '3.12.11.1');
        $w->line('u', 'a_min / a', Kind::Number, '3.12.11.1');

        return self::told('clear', 'Clear distance of bars', '3.12.11.1', $w, ['a_min', 'a', Kind::Size]);
    }

    private static function most(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('A_s', $group->bars->area(), Kind::SteelArea, '', $group->text());
        $w->let('A_c', $concrete->area(), Kind::Area, '', 'of the section');
        $w->line('A_s_max', '0.04 * A_c', Kind::SteelArea, '3.12.6.1');
        $w->line('u', 'A_s / A_s_max', Kind::Number, '3.12.6.1');

        return self::told('most-bars', 'Most bars', '3.12.6.1', $w, ['A_s', 'A_s_max', Kind::SteelArea]);
    }

    private static function across(ConcreteMake $concrete, Detail $detail): Weighing
    {
        $w = $detail->working();
        $bars = $concrete->distribution();
        $w->let('a_min', Distribution::least($concrete) / $concrete->b, Kind::AreaByLength, 'Table 3.25');
        $w->let('a_s', $bars->area() / $concrete->b, Kind::AreaByLength, '', "chosen {$bars->text()}");
        $w->line('u', 'a_min / a_s', Kind::Number, '3.12.5.3');

        return self::told('distribution', 'Distribution bars', '3.12.5.3', $w, ['a_min', 'a_s', Kind::AreaByLength]);
    }

    /** @param  array{string, string, Kind}  $of  symbols of demand and capacity, their kind */
    private static function told(string $id, string $title, string $clause, Working $w, array $of): Weighing
    {
        [$demand, $capacity, $kind] = $of;

        return new Weighing(
            $id,
            $title,
            "BS 8110-1, {$clause}",
            $w->value('u'),
            against: new Against(
                demand: $w->value($demand),
                capacity: $w->value($capacity),
                kind: $kind,
                demandSymbol: $demand,
                capacitySymbol: $capacity,
            ),
            lines: $w->lines,
        );
    }
}
