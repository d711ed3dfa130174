<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** EN 1992-1-1, 8.2(2) and 9.2.1.1(3): room between bars for concrete, and not more steel than that leaves. */
final class BarSpacing
{
    /** @return list<Weighing> */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $groups = $concrete->steel()->groups();
        if ($concrete->isSlab()) {
            return self::ofSlab($concrete, $groups, $detail);
        }
        $room = fn (BarGroup $g): float => $g->clear / $g->gap;
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $room($a) <=> $room($b));
        $clear = self::clear($concrete, $groups[0], $detail);
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $b->bars->area() <=> $a->bars->area());

        return [$clear, self::most($concrete, $groups[0], $detail)];
    }

    private static function clear(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('b', $concrete->b, Kind::Size);
        $w->let('c', $concrete->cover, Kind::Size, '', 'to the links');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('n_1', (float) $group->layers[0], Kind::Number, '', $group->text());
        $w->let('phi', $group->bars->diameter, Kind::Size);
        $w->line('a', '(b - 2 * c - 2 * phi_w - n_1 * phi) / (n_1 - 1)', Kind::Size, '', 'clear distance of bars');
        $w->let('d_g', $concrete->cage()->aggregate, Kind::Size, '', 'greatest size of aggregate');
        $w->line('a_min', 'max(phi, d_g + 5, 20)', Kind::Size, '8.2(2)');
        $w->line('u', 'a_min / a', Kind::Number, '8.2(2)');

        return new Weighing(
            'clear',
            'Clear distance of bars',
            'EN 1992-1-1, 8.2(2)',
            $w->value('u'),
            against: new Against(
                demand: $w->value('a_min'),
                capacity: $w->value('a'),
                kind: Kind::Size,
                demandSymbol: 'a_min',
                capacitySymbol: 'a',
            ),
            lines: $w->lines,
        );
    }

    /**
     * @param  list<BarGroup>  $groups
     * @return list<Weighing> 9.3.1.1(3), as where moments are greatest
     */
    private static function ofSlab(ConcreteMake $concrete, array $groups, Detail $detail): array
    {
        usort($groups, fn (BarGroup $a, BarGroup $b): int => $b->bars->spacing <=> $a->bars->spacing);
        $w = $detail->working();
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('s_b', $groups[0]->bars->spacing ?? 0.0, Kind::Size, '', $groups[0]->text());
        $w->line('s_max', 'min(2 * h, 250)', Kind::Size, '9.3.1.1(3)', 'where moments are greatest');
        $w->line('u', 's_b / s_max', Kind::Number, '9.3.1.1(3)');
        $spacing = new Weighing(
            'bar-spacing',
            'Spacing of bars',
            'EN 1992-1-1, 9.3.1.1(3)',
            $w->value('u'),
            against: new Against(
                demand: $w->value('s_b'),
                capacity: $w->value('s_max'),
                kind: Kind::Size,
                demandSymbol: 's_b',
                capacitySymbol: 's_max',
            ),
            lines: $w->lines,
        );

        return [$spacing, self::distribution($concrete, $detail)];
    }

    /** 9.3.1.1(2): across the span a fifth of the main steel, here of the most of it. */
    private static function distribution(ConcreteMake $concrete, Detail $detail): Weighing
    {
        $w = $detail->working();
        $most = $concrete->steel()->mostArea();
        $bars = $concrete->distribution();
        $w->let('b', $concrete->b, Kind::Size);
        $w->let('A_s', $most, Kind::SteelArea, '', 'the most main steel');
        $w->line('A_s_dist', '0.2 * A_s / b', Kind::AreaByLength, '9.3.1.1(2)');
        $w->let('a_s', $bars->area() / $concrete->b, Kind::AreaByLength, '', "chosen {$bars->text()}");
        $w->line('u', 'A_s_dist / a_s', Kind::Number, '9.3.1.1(2)');

        return new Weighing(
            'distribution',
            'Distribution steel',
            'EN 1992-1-1, 9.3.1.1(2)',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s_dist'),
                capacity: $w->value('a_s'),
                kind: Kind::AreaByLength,
                demandSymbol: 'A_s_dist',
                capacitySymbol: 'a_s',
            ),
            lines: $w->lines,
        );
    }

    private static function most(ConcreteMake $concrete, BarGroup $group, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('A_s', $group->bars->area(), Kind::SteelArea, '', $group->text());
        $w->let('A_c', $concrete->area(), Kind::Area, '', 'of the section');
        $w->line('A_s_max', '0.04 * A_c', Kind::SteelArea, '9.2.1.1(3)');
        $w->line('u', 'A_s / A_s_max', Kind::Number, '9.2.1.1(3)');

        return new Weighing(
            'most-bars',
            'Most bars',
            'EN 1992-1-1, 9.2.1.1(3)',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s'),
                capacity: $w->value('A_s_max'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_s',
                capacitySymbol: 'A_s_max',
            ),
            lines: $w->lines,
        );
    }
}
