<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\LinkZone;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Units\Kind;

/** ACI 318-19, 22.5 and 9.6.3, 9.7.6: one-way shear of beams with stirrups and of slabs without. */
final readonly class Shear
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Rules $rules, Detail $detail): array
    {
        $spans = new ShearSpans($this->envelopes, $concrete);
        if ($concrete->isSlab()) {
            return $this->ofSlab($concrete, $spans, $detail);
        }
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            $links = $spans->worstZone($from, $to, $rules->links(...));
            if ($links !== null) {
                [$zone, $at] = $links;
                $w = $this->stirrups($concrete, $spans, $zone, $at, $detail);
                $ranges = [[$zone->from, $zone->to, $w->value('phiV_n')]];
                $what = ['shear', 'Shear', 'phiV_n', 'ACI 318-19, 22.5'];
                $weighings[] = $spans->weighing($what, 'V_u', $field, $at, $w, $ranges);
            }
            $e = $spans->crushing($from, $to, $e);
            $w = $this->start($concrete, $spans, $e, $detail);
            $k = Strength::of($concrete, 8, 0.66);
            $w->line(
                'V_max',
                "phi * (V_c + {$k} * root_fc * b_w * d)",
                Kind::Force,
                '22.5.1.2',
                'so that no strut is crushed',
            );
            $w->line('u', 'V_u / V_max', Kind::Number, '22.5.1.2');
            $what = ['struts', 'Size for shear', 'V_max', 'ACI 318-19, 22.5.1.2'];
            $weighings[] = $spans->weighing($what, 'V_u', $field, $e, $w);
        }

        return [
            ...$weighings,
            $this->leastStirrups($concrete, $spans->widest(), $detail),
            ...$this->spacing($concrete, $spans, $detail),
        ];
    }

    /** V_u, the section, and V_c with the least stirrups. */
    private function start(ConcreteMake $concrete, ShearSpans $spans, Extreme $e, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V_u', abs($e->value), Kind::Force);
        Section::depth($concrete, $concrete->shallower($e->x), $w);
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        Strength::letRoot($w, $concrete);
        $w->let('phi', Strength::PHI_SHEAR, Kind::Number, 'Table 21.2.1');
        $w->let('lambda', 1.0, Kind::Number, '19.2.4', 'normalweight');
        $w->let('A_st', $spans->tension($e)->bars->area(), Kind::SteelArea, '', 'bars in tension here');
        $w->line('rho_w', 'A_st / (b_w * d)', Kind::Number);
        [$a, $b, $cap] = [
            Strength::of($concrete, 2, 0.17),
            Strength::of($concrete, 8, 0.66),
            Strength::of($concrete, 5, 0.42),
        ];
        $rule = "min(max({$a} * lambda, {$b} * lambda * rho_w^(1/3)), {$cap} * lambda) * root_fc * b_w * d";
        $w->line('V_c', $rule, Kind::Force, 'Table 22.5.5.1(a), (b)', 'with the least stirrups; no axial force');

        return $w;
    }

    private function stirrups(
        ConcreteMake $concrete,
        ShearSpans $spans,
        LinkZone $zone,
        Extreme $e,
        Detail $detail,
    ): Working {
        $w = $this->start($concrete, $spans, $e, $detail);
        $w->let('f_yt', $concrete->links->yield, Kind::Stress, '20.2.2.4', 'stirrups');
        $w->let('n_l', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('A_l', $concrete->links->each(), Kind::SteelArea, '', 'one leg');
        $w->line('A_v', 'n_l * A_l', Kind::SteelArea);
        $w->let('s', $zone->spacing, Kind::Size);
        $w->line('V_s', 'A_v * f_yt * d / s', Kind::Force, '22.5.8.5.3');
        $w->line('phiV_n', 'phi * (V_c + V_s)', Kind::Force, '22.5.1.1');
        $w->line('u', 'V_u / phiV_n', Kind::Number, '9.5.1.1(b)');

        return $w;
    }

    /** @return list<Weighing> of every span, without stirrups */
    private function ofSlab(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): array
    {
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            $w = $detail->working();
            $w->let('V_u', abs($e->value), Kind::Force);
            Section::depth($concrete, $spans->tension($e), $w);
            $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
            Strength::letRoot($w, $concrete);
            $w->let('phi', Strength::PHI_SHEAR, Kind::Number, 'Table 21.2.1');
            $w->let('lambda', 1.0, Kind::Number, '19.2.4', 'normalweight');
            $w->let('d_0', Strength::isMetric($concrete) ? 250.0 : 254.0, Kind::Size, '22.5.5.1.3');
            $w->line('lambda_s', 'min(1, sqrt(2 / (1 + d / d_0)))', Kind::Number, '22.5.5.1.3', 'size');
            $w->line('rho_w', 'A_s / (b * d)', Kind::Number);
            [$k, $cap] = [Strength::of($concrete, 8, 0.66), Strength::of($concrete, 5, 0.42)];
            $rule = "min({$k} * lambda_s * lambda * rho_w^(1/3), {$cap} * lambda) * root_fc * b * d";
            $w->line('V_c', $rule, Kind::Force, 'Table 22.5.5.1(c)', 'without stirrups');
            $w->line('phiV_c', 'phi * V_c', Kind::Force, '7.5.1.1');
            $w->line('u', 'V_u / phiV_c', Kind::Number, '7.6.3.1', 'no stirrups');
            $what = ['shear', 'Shear without stirrups', 'phiV_c', 'ACI 318-19, 22.5'];
            $weighings[] = $spans->weighing($what, 'V_u', $field, $e, $w, [[$from, $to, $w->value('phiV_c')]]);
        }

        return $weighings;
    }

    private function leastStirrups(ConcreteMake $concrete, LinkZone $zone, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        Strength::letRoot($w, $concrete);
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('f_yt', $concrete->links->yield, Kind::Stress, '20.2.2.4', 'stirrups');
        $w->let('p_v', Strength::isMetric($concrete) ? 0.35 : 50 * 0.00689475729, Kind::LowStress, '9.6.3.4');
        $k = Strength::of($concrete, 0.75, 0.062);
        $rule = "max({$k} * root_fc, p_v) * b_w / f_yt";
        $w->line('A_v_min', $rule, Kind::AreaByLength, 'Table 9.6.3.4', 'by length');
        $w->let('n_l', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('A_l', $concrete->links->each(), Kind::SteelArea, '', 'one leg');
        $w->let('s', $zone->spacing, Kind::Size, '', 'where it is widest');
        $w->line('a_v', 'n_l * A_l / s', Kind::AreaByLength);
        $w->line('u', 'A_v_min / a_v', Kind::Number, '9.6.3.4');

        return new Weighing(
            'least-links',
            'Least stirrups',
            'ACI 318-19, 9.6.3.4',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_v_min'),
                capacity: $w->value('a_v'),
                kind: Kind::AreaByLength,
                demandSymbol: 'A_v_min',
                capacitySymbol: 'a_v',
            ),
            lines: $w->lines,
        );
    }

    /** @return list<Weighing> 9.7.6.2.2, along the beam and across it: of the zone that uses its limit most */
    private function spacing(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): array
    {
        $worst = null;
        foreach ($concrete->steel()->links as $zone) {
            $e = $spans->greatest($zone->from, $zone->to);
            if ($e === null) {
                continue;
            }
            $w = $this->start($concrete, $spans, $e, $detail);
            $k = Strength::of($concrete, 4, 0.33);
            $rule = "phi * (V_c + {$k} * root_fc * b_w * d)";
            $w->line('V_2', $rule, Kind::Force, '9.7.6.2.2', 'above it stirrups lie twice as close');
            $isClose = $w->value('V_u') > $w->value('V_2');
            $inch = Strength::isMetric($concrete) ? 25.0 : 25.4;
            $w->let('s_cap', ($isClose ? 12 : 24) * $inch, Kind::Size, 'Table 9.7.6.2.2');
            $w->line('s_max', $isClose ? 'min(d / 4, s_cap)' : 'min(d / 2, s_cap)', Kind::Size, 'Table 9.7.6.2.2');
            $w->line('s_w_max', $isClose ? 'min(d / 2, s_cap)' : 'min(d, s_cap)', Kind::Size, '', 'across');
            $w->let('s', $zone->spacing, Kind::Size);
            $w->let('n_l', (float) $concrete->links->legs, Kind::Number, '', 'legs');
            $w->line('s_w', '(b_w - 2 * c_c - d_s) / (n_l - 1)', Kind::Size, '', 'between legs');
            $w->line('u', 'max(s / s_max, s_w / s_w_max)', Kind::Number, '9.7.6.2.2');
            $worst = $worst === null || $w->value('u') > $worst->value('u') ? $w : $worst;
        }

        return $worst === null
            ? []
            : [
                new Weighing(
                    'link-spacing',
                    'Spacing of stirrups',
                    'ACI 318-19, 9.7.6.2.2',
                    $worst->value('u'),
                    lines: $worst->lines,
                ),
            ];
    }
}
