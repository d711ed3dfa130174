<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Span;
use Waage\Member\Support;
use Waage\Units\Kind;

/** ACI 318-19, 7.3.1.1 and 9.3.1.1: the thickness with which deflections need not be calculated, told beside them. */
final class Thickness
{
    /** Span over thickness of slabs and beams: a cantilever; by how many ends go on. */
    private const CANTILEVER = [10.0, 8.0];

    private const SPANS = [[20.0, 16.0], [24.0, 18.5], [28.0, 21.0]];

    /**
     * @param  list<Support>  $supports
     * @return list<Weighing> of the span that asks for most
     */
    public static function weigh(ConcreteMake $concrete, array $supports, Detail $detail): array
    {
        $column = $concrete->isSlab() ? 0 : 1;
        [$most, $divisor, $x] = [0.0, 1.0, 0.0];
        foreach (Span::all($concrete->length(), $supports) as $span) {
            $by = $span->isOverhang ? self::CANTILEVER[$column] : self::SPANS[$span->goesOn][$column];
            if ($span->length() / $by > $most / $divisor) {
                [$most, $divisor, $x] = [$span->length(), $by, ($span->from + $span->to) / 2];
            }
        }
        $clause = $concrete->isSlab() ? 'Table 7.3.1.1' : 'Table 9.3.1.1';
        $w = $detail->working();
        $w->let('l', $most, Kind::Length);
        $w->let('k', $divisor, Kind::Number, $clause);
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->let('f_0', 100e3 * 0.00689475729, Kind::Stress, $clause);
        $w->line('h_min', 'l / k * (0.4 + f_y / f_0)', Kind::Size, $clause, 'normalweight');
        $w->let('h', $concrete->h, Kind::Size);

        return [
            new Weighing(
                'thickness',
                'Least thickness',
                "ACI 318-19, {$clause}",
                null,
                against: new Against(
                    demand: $w->value('h_min'),
                    capacity: $w->value('h'),
                    kind: Kind::Size,
                    demandSymbol: 'h_min',
                    capacitySymbol: 'h',
                ),
                at: new Place(x: $x),
                lines: $w->lines,
                remark: $w->value('h') >= $w->value('h_min')
                    ? 'Beside the deflections that are calculated: they could be left out by this table.'
                    : 'Beside the deflections that are calculated, which this table would not spare.',
                told: true,
            ),
        ];
    }
}
