<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 6.2.4: shear between a compressed flange and its web. The force in the flange grows at most as fast as
 * the greatest shear of the span says: on the safe side of its mean over half the way to the greatest moment,
 * 6.2.4(3).
 */
final readonly class FlangeShear
{
    /** Less is rounding, N. */
    private const NOTHING = 1.0;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> of the span or support that is used most */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $worst = null;
        foreach ($concrete->widths === null ? [] : $this->envelopes->beam->beam->fields() as [$from, $to]) {
            $e = $this->envelopes->shear->greatest($this->envelopes->strength, $concrete->weight(), $from, $to);
            $middle = ($from + $to) / 2;
            $x = $concrete->compressesFlange(1) ? $middle : $e->x ?? $middle;
            $sign = $concrete->compressesFlange(1) ? 1 : -1;
            $M = $this->envelopes->moment->extreme($this->envelopes->strength, $sign, $concrete->weight(), $from, $to);
            if ($e === null || abs($e->value) < self::NOTHING || $sign * ($M->value ?? 0.0) < self::NOTHING) {
                continue;
            }
            $w = $detail->working();
            $w->let('V_Ed', abs($e->value), Kind::Force, '', 'greatest of the span');
            $this->ratio($concrete, $x, $w);
            if ($worst === null || $w->value('u') > $worst[0]->value('u')) {
                $worst = [$w, $e->x];
            }
        }

        return $worst === null ? [] : [$this->told($worst[0], $worst[1])];
    }

    private function ratio(ConcreteMake $concrete, float $x, Working $w): void
    {
        $sign = $concrete->compressesFlange(1) ? 1 : -1;
        Section::depth($concrete, $concrete->steel()->at($sign, $x)->group, $w);
        $concrete->widths?->derive($w, $x, $concrete->b, $sign);
        Strength::of($w, $concrete);
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)');
        $sides = $concrete->widths?->flange->sides() ?? 2;
        $w->line('b_side', "(b - b_w) / {$sides}", Kind::Size, '', 'flange on one side');
        $w->line(
            'v_Ed',
            'V_Ed / z * b_side / b / h_f',
            Kind::Stress,
            '6.2.4(3) (6.20)',
            'all compression in the flange',
        );
        $w->line('nu', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');
        Strength::tension($w);
        $w->line('f_ctd', '0.7 * f_ctm / gamma_C', Kind::Stress, '3.1.6(2)');
        if ($w->value('v_Ed') <= $w->value('0.4 * f_ctd')) {
            $w->line('v_Rd', 'min(0.4 * f_ctd, nu * f_cd / 2)', Kind::Stress, '6.2.4(6)', 'no steel needed for it');
        } else {
            $w->let('cot_theta_f', 1.0, Kind::Number, '6.2.4(4)', 'struts at 45°');
            $w->line('v_Rd', 'nu * f_cd / 2', Kind::Stress, '6.2.4(4) (6.22)', 'struts, sin θ cos θ = 1/2');
            $w->line('a_sf', 'v_Ed * h_f / (f_yd * cot_theta_f)', Kind::AreaByLength, '6.2.4(4) (6.21)', 'across');
        }
        $w->line('u', 'v_Ed / v_Rd', Kind::Number, '6.2.4');
    }

    private function told(Working $w, float $x): Weighing
    {
        $steel = $w->has('a_sf') ? round($w->value('a_sf') * 1000.0) : 0.0;

        return new Weighing(
            'flange-shear',
            'Shear between flange and web',
            'EN 1992-1-1, 6.2.4',
            $w->value('u'),
            against: new Against(
                demand: $w->value('v_Ed'),
                capacity: $w->value('v_Rd'),
                kind: Kind::Stress,
                demandSymbol: 'v_Ed',
                capacitySymbol: 'v_Rd',
            ),
            at: new Place(x: $x),
            lines: $w->lines,
            remark: $steel > 0.0
                ? "Lay {$steel} mm²/m across the web in the slab, with half of the slab's own (6.2.4(5))."
                : '',
        );
    }
}
