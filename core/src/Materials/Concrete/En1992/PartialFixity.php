<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\DesignForces;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\Span;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 9.2.1.2(1) and 9.3.1.2(2): top bars at end supports that are taken as free to turn, for 0.15 of the
 * greatest moment of the span beside them.
 */
final class PartialFixity
{
    /**
     * @param  list<Support>  $supports
     * @return list<Weighing> of the end that is used more
     */
    public static function weigh(ConcreteMake $concrete, array $supports, DesignForces $forces, Detail $detail): array
    {
        $worst = null;
        foreach ($supports as $i => $support) {
            $isEnd = $support->x < 1.0 || $support->x > $concrete->length() - 1.0;
            if (! $isEnd || $support->holdsTurning()) {
                continue;
            }
            $spans = Span::all($concrete->length(), $supports);
            $span = $support->x < 1.0 ? $spans[0] : $spans[count($spans) - 1];
            $e = $forces->moment(1, $span->from, $span->to);
            if ($e === null || $e->value <= 0.0) {
                continue;
            }
            $w = self::at($concrete, $support->x, $e->value, $detail);
            if ($worst === null || $w->value('u') > $worst[0]->value('u')) {
                $worst = [$w, $i + 1, $support->x];
            }
        }
        if ($worst === null) {
            return [];
        }
        [$w, $number, $x] = $worst;

        return [
            new Weighing(
                'end-top',
                "Top bars at the end, support {$number}",
                'EN 1992-1-1, 9.2.1.2(1)',
                $w->value('u'),
                against: new Against(
                    demand: $w->value('M_Ed'),
                    capacity: $w->value('M_Rd'),
                    kind: Kind::Moment,
                    demandSymbol: 'M_Ed',
                    capacitySymbol: 'M_Rd',
                ),
                at: new Place(x: $x),
                lines: $w->lines,
            ),
        ];
    }

    private static function at(ConcreteMake $concrete, float $x, float $moment, Detail $detail): Working
    {
        $group = $concrete->steel()->at(-1, $x < 1.0 ? 1.0 : $x - 1.0)->group;
        $w = $detail->working();
        $w->let('M_span', $moment, Kind::Moment, '', 'greatest of the span');
        $w->line('M_Ed', '0.15 * M_span', Kind::Moment, '9.2.1.2(1)', 'cast in one with a wall or column');
        Section::depth($concrete, $group, $w);
        Strength::of($w, $concrete);
        Section::width($concrete, -1, $x, $w);
        $block = Block::of($concrete);
        $block->let($w);
        $w->line('x_max', $block->deepest(), Kind::Size, '5.5(4)');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());
        [$k, $half, $f] = [$block->depth(), $block->half(), $block->strength()];
        $w->line('x', "min(A_s * f_yd / ({$k} * b * {$f}), x_max)", Kind::Size, '3.1.7(3)');
        $w->line('M_Rd', "{$k} * x * b * {$f} * (d - {$half} * x)", Kind::Moment, '6.1(2)');
        $w->line('u', 'M_Ed / M_Rd', Kind::Number, '9.2.1.2(1)');

        return $w;
    }
}
