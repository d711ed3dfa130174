<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Units\Kind;

/** Pressure under the ends of a lintel or a beam, on what it bears on: the strength of that is typed. */
final class BearingPressure
{
    /** @return list<Weighing> of the support that is used most; none where no strength is given */
    public static function weigh(MemberEnvelopes $envelopes, ConcreteMake $concrete, Detail $detail): array
    {
        $strength = $concrete->service->around->bearing;
        if ($strength === null) {
            return [];
        }
        $worst = null;
        foreach ($envelopes->beam->member->supports as $i => $support) {
            $at = fn (float $from, float $to): float => abs(
                $envelopes->shear->greatest($envelopes->strength, $concrete->weight(), $from, $to)->value ?? 0.0,
            );
            $w = $detail->working();
            $w->let('V_1', $at($support->x - 1.0, $support->x), Kind::Force, '', 'greatest at its left');
            $w->let('V_2', $at($support->x, $support->x + 1.0), Kind::Force, '', 'greatest at its right');
            $w->line('R', 'V_1 + V_2', Kind::Force, '', 'at most');
            $w->let('b', $concrete->b, Kind::Size);
            $w->let('t', $support->bearing, Kind::Size, '', 'bearing length');
            $w->line('sigma', 'R / (b * t)', Kind::LowStress);
            $w->let('f', $strength, Kind::LowStress, '', 'design strength of what is below, typed');
            $w->line('u', 'sigma / f', Kind::Number);
            if ($worst === null || $w->value('u') > $worst[0]->value('u')) {
                $worst = [$w, $i + 1, $support->x];
            }
        }
        [$w, $number, $x] = $worst;

        return [
            new Weighing(
                'bearing',
                "Pressure under support {$number}",
                'strength of what is below, typed',
                $w->value('u'),
                against: new Against(
                    demand: $w->value('sigma'),
                    capacity: $w->value('f'),
                    kind: Kind::LowStress,
                    demandSymbol: 'sigma',
                    capacitySymbol: 'f',
                ),
                at: new Place(x: $x),
                lines: $w->lines,
            ),
        ];
    }
}
