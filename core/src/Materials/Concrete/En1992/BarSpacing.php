<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** EN 1992-1-1, 8.2(2) and 9.2.1.1(3): room between bars for concrete, and not more steel than that leaves. */
final class BarSpacing
{
    /** Greatest size of aggregate, mm. */
    private const AGGREGATE = 20.0;

    /** @return list<Weighing> */
    public static function weigh(ConcreteMake $concrete, bool $derive): array
    {
        $sign = $concrete->clear($concrete->bottom) <= $concrete->clear($concrete->top) ? 1 : -1;
        $w = new Working($derive);
        Bending::depth($concrete, $sign, $w);
        $w->line('a', '(b - 2 * c - 2 * phi_w - n * phi) / (n - 1)', Kind::Size, '', 'clear distance of bars');
        $w->let('d_g', self::AGGREGATE, Kind::Size, '', 'greatest size of aggregate');
        $w->line('a_min', 'max(phi, d_g + 5, 20)', Kind::Size, '8.2(2)');
        $w->line('u', 'a_min / a', Kind::Number, '8.2(2)');
        $clear = new Weighing('clear', 'Clear distance of bars', 'EN 1992-1-1, 8.2(2)', $w->value('u'), demand: $w->value('a_min'), capacity: $w->value('a'), kind: Kind::Size, demandSymbol: 'a_min', capacitySymbol: 'a', lines: $w->lines);

        $bars = $concrete->bottom->area() >= $concrete->top->area() ? $concrete->bottom : $concrete->top;
        $w = new Working($derive);
        $w->let('A_s', $bars->area(), Kind::Area, '', $bars->text());
        $w->let('b', $concrete->b, Kind::Size);
        $w->let('h', $concrete->h, Kind::Size);
        $w->line('A_s_max', '0.04 * b * h', Kind::Area, '9.2.1.1(3)');
        $w->line('u', 'A_s / A_s_max', Kind::Number, '9.2.1.1(3)');

        return [$clear, new Weighing('most-bars', 'Most bars', 'EN 1992-1-1, 9.2.1.1(3)', $w->value('u'), demand: $w->value('A_s'), capacity: $w->value('A_s_max'), kind: Kind::Area, demandSymbol: 'A_s', capacitySymbol: 'A_s_max', lines: $w->lines)];
    }
}
