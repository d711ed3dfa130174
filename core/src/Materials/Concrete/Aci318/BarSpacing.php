<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Distribution;
use Waage\Units\Kind;

/**
 * ACI 318-19, 25.2, 24.3.2, 7.7.2.3 and 24.4: room between bars, bars close enough against cracks, bars across a
 * slab.
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
        $apart = fn (BarGroup $g): float => self::centres($concrete, $g);
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $apart($b) <=> $apart($a));
        $weighings = [self::cracks($concrete, $groups[0], $detail)];
        if ($concrete->isSlab()) {
            return [
                ...$weighings,
                self::widestInSlab($concrete, $groups[0], $detail),
                self::across($concrete, $detail),
            ];
        }
        $room = fn (BarGroup $g): float => $g->clear / $g->gap;
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $room($a) <=> $room($b));

        return [...$weighings, self::clear($concrete, $groups[0], $detail)];
    }

    /** From bar to bar of the layer next to the face, mm. */
    public static function centres(ConcreteMake $concrete, BarGroup $group): float
    {
        return $group->bars->spacing ?? $group->clear + $group->bars->diameter;
    }

    /** 24.3.2, with f_s = ⅔ f_y (24.3.2.1), mm. */
    public static function widest(ConcreteMake $concrete): float
    {
        $isMetric = Strength::isMetric($concrete);
        $ratio = ($isMetric ? 280.0 : 40e3 * 0.00689475729) / ((2 / 3) * $concrete->fyk);
        $cover = $concrete->cage()->toBars();

        return $isMetric
            ? min(380 * $ratio - 2.5 * $cover, 300 * $ratio)
            : min(381 * $ratio - 2.5 * $cover, 304.8 * $ratio);
    }

    private static function cracks(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $isMetric = Strength::isMetric($concrete);
        $w = $detail->working();
        $w->let('s', self::centres($concrete, $group), Kind::Size, '', "centres of {$group->text()}");
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->line('f_s', '2 / 3 * f_y', Kind::Stress, '24.3.2.1');
        $w->let('f_0', $isMetric ? 280.0 : 40e3 * 0.00689475729, Kind::Stress, 'Table 24.3.2');
        $w->let('c_c', $concrete->cage()->toBars(), Kind::Size, '', 'clear cover to the bars');
        $w->let('s_1', $isMetric ? 380.0 : 381.0, Kind::Size, 'Table 24.3.2');
        $w->let('s_2', $isMetric ? 300.0 : 304.8, Kind::Size, 'Table 24.3.2');
        $w->line('s_max', 'min(s_1 * f_0 / f_s - 2.5 * c_c, s_2 * f_0 / f_s)', Kind::Size, 'Table 24.3.2');
        $w->line('u', 's / s_max', Kind::Number, '24.3.2');

        return self::sized('bar-spacing', 'Spacing of bars against cracks', '24.3.2', $w, 's', 's_max');
    }

    private static function widestInSlab(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('s', self::centres($concrete, $group), Kind::Size, '', $group->text());
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('s_cap', Strength::isMetric($concrete) ? 450.0 : 457.2, Kind::Size, '7.7.2.3');
        $w->line('s_max', 'min(3 * h, s_cap)', Kind::Size, '7.7.2.3');
        $w->line('u', 's / s_max', Kind::Number, '7.7.2.3');

        return self::sized('widest-spacing', 'Widest spacing of bars', '7.7.2.3', $w, 's', 's_max');
    }

    private static function clear(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('c_c', $concrete->cover, Kind::Size, '', 'to the stirrups');
        $w->let('d_s', $concrete->links->diameter, Kind::Size, '', 'stirrups');
        $w->let('n_1', (float) $group->layers[0], Kind::Number, '', $group->text());
        $w->let('d_b', $group->bars->diameter, Kind::Size);
        $w->line('s_c', '(b_w - 2 * c_c - 2 * d_s - n_1 * d_b) / (n_1 - 1)', Kind::Size, '', 'clear between bars');
        $w->let('s_0', 25.4, Kind::Size, '25.2.1', '1 in');
        $w->let('d_agg', $concrete->aggregate, Kind::Size, '', 'greatest size of aggregate');
        $w->line('s_min', 'max(s_0, d_b, 4 / 3 * d_agg)', Kind::Size, '25.2.1');
        $w->line('u', 's_min / s_c', Kind::Number, '25.2.1');

        return self::sized('clear', 'Clear spacing of bars', '25.2.1', $w, 's_min', 's_c');
    }

    /** 7.6.4 and 24.4.3: shrinkage and temperature. */
    private static function across(ConcreteMake $concrete, Detail $detail): Weighing
    {
        $bars = $concrete->distribution();
        $w = $detail->working();
        $w->let('h', $concrete->h, Kind::Size);
        $w->line('A_s_t', '0.0018 * h', Kind::AreaByLength, '24.4.3.2', 'by length');
        $w->let('a_s', $bars->area() / $concrete->b, Kind::AreaByLength, '', "chosen {$bars->text()}");
        $w->let('s', $bars->spacing ?? 0.0, Kind::Size);
        $w->let('s_max', Distribution::widest($concrete), Kind::Size, '24.4.3.3', '5 h, 18 in');
        $w->line('u', 'max(A_s_t / a_s, s / s_max)', Kind::Number, '24.4.3');

        return new Weighing(
            'distribution',
            'Shrinkage and temperature bars',
            'ACI 318-19, 24.4.3',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s_t'),
                capacity: $w->value('a_s'),
                kind: Kind::AreaByLength,
                demandSymbol: 'A_s_t',
                capacitySymbol: 'a_s',
            ),
            lines: $w->lines,
        );
    }

    private static function sized(
        string $id,
        string $title,
        string $clause,
        Working $w,
        string $demand,
        string $capacity,
    ): Weighing {
        return new Weighing(
            $id,
            $title,
            "ACI 318-19, {$clause}",
            $w->value('u'),
            against: new Against(
                demand: $w->value($demand),
                capacity: $w->value($capacity),
                kind: Kind::Size,
                demandSymbol: $demand,
                capacitySymbol: $capacity,
            ),
            lines: $w->lines,
        );
    }
}
