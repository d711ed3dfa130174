<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\LinkZone;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Units\Kind;

/** BS 8110-1:1997, 3.4.5 and 3.5.5: shear of beams with links, of slabs without. */
final readonly class Shear
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Rules $rules, Detail $detail): array
    {
        $spans = new ShearSpans($this->envelopes, $concrete);
        $weighings = [];
        foreach ($spans->all() as [$field, $from, $to, $e]) {
            if ($concrete->isSlab()) {
                $w = $this->start($concrete, $spans, $e, $detail);
                $w->line('V_c', 'v_c * b_v * d', Kind::Force, 'Table 3.16');
                $w->line('u', 'V / V_c', Kind::Number, '3.5.5.2', 'no links');
                $what = ['shear', 'Shear without links', 'V_c', 'BS 8110-1, 3.5.5'];
                $weighings[] = $spans->weighing($what, 'V', $field, $e, $w, [[$from, $to, $w->value('V_c')]]);
            }
            $links = $concrete->isSlab() ? null : $spans->worstZone($from, $to, $rules->links(...));
            if ($links !== null) {
                [$zone, $at] = $links;
                $w = $this->links($concrete, $spans, $zone, $at, $detail);
                $what = ['shear', 'Shear, links', 'V_R', 'BS 8110-1, 3.4.5'];
                $ranges = [[$zone->from, $zone->to, $w->value('V_R')]];
                $weighings[] = $spans->weighing($what, 'V', $field, $at, $w, $ranges);
            }
            $e = $spans->crushing($from, $to, $e);
            $w = $this->start($concrete, $spans, $e, $detail);
            $w->line('v_max', 'min(0.8 * sqrt(f_cu), 5)', Kind::LowStress, '3.4.5.2', 'in MPa');
            $w->line('V_max', 'v_max * b_v * d', Kind::Force, '3.4.5.2', 'so that no strut is crushed');
            $w->line('u', 'V / V_max', Kind::Number, '3.4.5.2');
            $what = ['struts', 'Size for shear', 'V_max', 'BS 8110-1, 3.4.5.2'];
            $weighings[] = $spans->weighing($what, 'V', $field, $e, $w);
        }

        return $concrete->isSlab()
            ? $weighings
            : [
                ...$weighings,
                $this->leastLinks($concrete, $spans->widest(), $detail),
                $this->spacing($concrete, $spans->widest(), $detail),
            ];
    }

    /** V, v and v_c. */
    private function start(ConcreteMake $concrete, ShearSpans $spans, Extreme $e, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V', abs($e->value), Kind::Force);
        $group = $concrete->isSlab() ? $spans->tension($e) : $concrete->shallower($e->x);
        Section::depth($concrete, $group, $w);
        $w->let('b_v', $concrete->b, Kind::Size);
        $w->let('A_st', $spans->tension($e)->bars->area(), Kind::SteelArea, 'Table 3.8', 'in tension here');
        $w->let('f_cu', $concrete->grade->cube, Kind::Stress, '', $concrete->grade->name);
        $w->line('v', 'V / (b_v * d)', Kind::LowStress, '3.4.5.2');
        $w->line('p_s', 'min(100 * A_st / (b_v * d), 3)', Kind::Number, 'Table 3.8');
        $least = $concrete->isSlab() ? '0.67' : '1';
        $rule = "0.79 * p_s^(1/3) * max((400 / d)^(1/4), {$least}) / 1.25 * (min(f_cu, 40) / 25)^(1/3)";
        $w->line('v_c', $rule, Kind::LowStress, 'Table 3.8', 'in MPa');

        return $w;
    }

    private function links(
        ConcreteMake $concrete,
        ShearSpans $spans,
        LinkZone $zone,
        Extreme $e,
        Detail $detail,
    ): Working {
        $w = $this->start($concrete, $spans, $e, $detail);
        $w->let('f_yv', $concrete->links->yield, Kind::Stress, '3.4.5.3', 'links');
        $w->let('gamma_ms', $concrete->parameter('gammaMs'), Kind::Number, 'Table 2.2');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->line('A_sv', 'n_w * pi * phi_w^2 / 4', Kind::SteelArea);
        $w->let('s_v', $zone->spacing, Kind::Size);
        $w->line('v_R', 'v_c + A_sv * f_yv / gamma_ms / (b_v * s_v)', Kind::LowStress, 'Table 3.7');
        $w->line('V_R', 'v_R * b_v * d', Kind::Force, 'Table 3.7');
        $w->line('u', 'V / V_R', Kind::Number, '3.4.5.3');

        return $w;
    }

    private function leastLinks(ConcreteMake $concrete, LinkZone $zone, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('f_yv', $concrete->links->yield, Kind::Stress, '3.4.5.3', 'links');
        $w->let('gamma_ms', $concrete->parameter('gammaMs'), Kind::Number, 'Table 2.2');
        $w->let('b_v', $concrete->b, Kind::Size);
        $w->let('v_0', 0.4, Kind::LowStress, 'Table 3.7');
        $w->line('a_min', 'v_0 * b_v / (f_yv / gamma_ms)', Kind::AreaByLength, 'Table 3.7');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('s_v', $zone->spacing, Kind::Size, '', 'where it is widest');
        $w->line('a_sv', 'n_w * pi * phi_w^2 / 4 / s_v', Kind::AreaByLength);
        $w->line('u', 'a_min / a_sv', Kind::Number, 'Table 3.7');

        return new Weighing(
            'least-links',
            'Least links',
            'BS 8110-1, Table 3.7',
            $w->value('u'),
            against: new Against(
                demand: $w->value('a_min'),
                capacity: $w->value('a_sv'),
                kind: Kind::AreaByLength,
                demandSymbol: 'a_min',
                capacitySymbol: 'a_sv',
            ),
            lines: $w->lines,
        );
    }

    /** 3.4.5.5, along the member and of the legs across it. */
    private function spacing(ConcreteMake $concrete, LinkZone $zone, Detail $detail): Weighing
    {
        $w = $detail->working();
        Section::depth($concrete, $concrete->shallower(($zone->from + $zone->to) / 2), $w);
        $w->let('s_v', $zone->spacing, Kind::Size, '', 'where it is widest');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('b_v', $concrete->b, Kind::Size);
        $w->line('s_t', '(b_v - 2 * c - phi_w) / (n_w - 1)', Kind::Size, '', 'between legs');
        $w->line('u', 'max(s_v / (0.75 * d), s_t / d)', Kind::Number, '3.4.5.5');

        return new Weighing('link-spacing', 'Spacing of links', 'BS 8110-1, 3.4.5.5', $w->value('u'), lines: $w->lines);
    }
}
