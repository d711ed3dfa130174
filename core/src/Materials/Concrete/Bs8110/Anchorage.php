<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * BS 8110-1:1997, 3.12.8 and 3.12.9: anchorage of deformed bars (type 2), where top bars end, bottom bars at end
 * supports.
 */
final class Anchorage
{
    /** Of a bar that is stressed to its design strength, mm. */
    public static function length(ConcreteMake $concrete, float $phi): float
    {
        return (Strength::yield($concrete) * $phi) / (4 * 0.5 * sqrt($concrete->grade->cube));
    }

    /**
     * @param  list<Support>  $supports
     * @return list<Weighing>
     */
    public static function weigh(ConcreteMake $concrete, array $supports, Detail $detail): array
    {
        $weighings = StretchWeighings::cutOffs($concrete, $detail, function (BarStretch $stretch, Working $w) use (
            $concrete,
        ): string {
            Section::depth($concrete, $stretch->group, $w);
            Strength::let($w, $concrete);
            $w->line('f_bu', '0.5 * sqrt(f_cu)', Kind::LowStress, '3.12.8.4, Table 3.26', 'in MPa');
            $w->line('l_a', 'f_y / gamma_ms * phi / (4 * f_bu)', Kind::Size, '3.12.8.4');
            $w->line('l_req', 'x_c + max(l_a, d, 12 * phi)', Kind::Size, '3.12.9.1');

            return 'BS 8110-1, 3.12.9.1';
        });
        foreach ($supports as $i => $support) {
            $isEnd = $support->x < 1.0 || $support->x > $concrete->length() - 1.0;
            if ($isEnd && ! $support->holdsTurning()) {
                $weighings[] = self::atEnd($concrete, $support, $i + 1, $detail);
            }
        }

        return $weighings;
    }

    /** Straight bars are too short: they are bent up. */
    public static function isBent(ConcreteMake $concrete, Support $support): bool
    {
        $group = $concrete->steel()->at(1, $support->x < 1.0 ? 1.0 : $support->x - 1.0)->group;

        return 12 * $group->bars->diameter > $support->bearing / 2 - $concrete->cover;
    }

    /** 3.12.9.4(a): 12 ø beyond the middle of the support, or a bend or hook that is worth as much. */
    private static function atEnd(ConcreteMake $concrete, Support $support, int $number, Detail $detail): Weighing
    {
        $group = $concrete->steel()->at(1, $support->x < 1.0 ? 1.0 : $support->x - 1.0)->group;
        $isBent = self::isBent($concrete, $support);
        $w = $detail->working();
        $w->let('phi', $group->bars->diameter, Kind::Size, '', $group->text());
        $w->let('c', $concrete->cover, Kind::Size);
        $w->let('t', $support->bearing, Kind::Size, '', 'bearing length');
        $w->line('l_is', 'max(0, t / 2 - c)', Kind::Size, '', 'beyond the middle of the support');
        $w->line(
            'l_req',
            $isBent ? '4 * phi' : '12 * phi',
            Kind::Size,
            '3.12.9.4(a)',
            $isBent ? 'to the end of a bend' : '',
        );
        $hasRoom = $w->value('l_is') > 0.0;
        if ($hasRoom) {
            $w->line('u', 'l_req / l_is', Kind::Number, '3.12.9.4');
        }

        return new Weighing(
            "end-anchorage-{$number}",
            "Anchorage of bottom bars, support {$number}",
            'BS 8110-1, 3.12.9.4',
            $hasRoom ? $w->value('u') : null,
            applies: $hasRoom,
            against: new Against(
                demand: $w->value('l_req'),
                capacity: $w->value('l_is'),
                kind: Kind::Size,
                demandSymbol: 'l_req',
                capacitySymbol: 'l_is',
            ),
            at: new Place(x: $support->x),
            lines: $w->lines,
            group: 'end-anchorage',
            remark: match (true) {
                ! $hasRoom => 'Give the support a longer bearing, so that there is something to anchor the bars in.',
                $isBent => 'Bars are bent up behind the middle of the support; a bend is worth 12 ø.',
                default => '',
            },
        );
    }
}
