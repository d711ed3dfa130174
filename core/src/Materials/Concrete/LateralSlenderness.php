<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/**
 * Narrow deep beams whose compressed edge may move sideways: EN 1992-1-1, 5.9(3); ACI 318-19, 9.2.3.1; BS
 * 8110-1:1997, 3.4.1.6. Where the top edge is held all along nothing has to be weighed.
 */
final class LateralSlenderness
{
    /** @return list<Weighing> */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        if ($concrete->isSlab() || $concrete->isHeldSideways()) {
            return [];
        }
        $w = $detail->working();
        $w->let('l_0t', $concrete->betweenRestraints(), Kind::Length, '', 'between restraints of the top edge');
        $w->let(
            'b',
            $concrete->compressesFlange(1) ? $concrete->width() : $concrete->b,
            Kind::Size,
            '',
            'compressed edge',
        );
        $w->let('h', $concrete->h, Kind::Size);
        $clause = match ($concrete->code()) {
            Code::Aci318 => '9.2.3.1',
            Code::Bs8110 => '3.4.1.6',
            default => '5.9(3)',
        };
        match ($concrete->code()) {
            Code::Aci318 => $w->line('u', 'l_0t / (50 * b)', Kind::Number, '9.2.3.1'),
            Code::Bs8110 => $w->line(
                'u',
                'l_0t / min(60 * b, 250 * b^2 / h)',
                Kind::Number,
                '3.4.1.6',
                'h in place of d',
            ),
            default => $w->line(
                'u',
                'max(l_0t / b / (50 / (h / b)^(1/3)), h / b / 2.5)',
                Kind::Number,
                '5.9(3) (5.40a)',
            ),
        };
        $isSlender = $w->value('u') > 1.0 && $concrete->code() === Code::En1992;

        return [
            new Weighing(
                'lateral',
                'Sideways slenderness',
                $concrete->code()->value.", {$clause}",
                $isSlender ? null : $w->value('u'),
                applies: ! $isSlender,
                lines: $w->lines,
                remark: $isSlender
                    ? 'The beam is too slender for leaving second order sideways out, which is not computed: hold its top edge, or make it wider.'
                    : '',
            ),
        ];
    }
}
