<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Materials\Concrete\TorsionBars;
use Waage\Units\Kind;

/**
 * ACI 318-19, 22.7, 9.6.4 and 9.7.6.3: torsion of the web together with shear, struts at 45°. The greatest torque and
 * the greatest shear of a zone count together: more of either needs more, so that it is on the safe side.
 */
final readonly class Torsion
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Rules $rules, Detail $detail): array
    {
        if ($this->envelopes->torque === null) {
            return [];
        }
        if ($concrete->isSlab()) {
            $why = 'Torsion of a strip of slab is not computed.';

            return [new Weighing('torsion', 'Torsion', 'ACI 318-19, 22.7', null, applies: false, remark: $why)];
        }
        $spans = new ShearSpans($this->envelopes, $concrete);
        $torque = $spans->torque(0.0, $concrete->length());
        if ($torque < self::threshold($concrete)) {
            return [$this->isSmall($concrete, $torque, $detail)];
        }
        $weighings = [];
        foreach ($this->envelopes->beam->beam->fields() as $field => [$from, $to]) {
            $links = $spans->worstZone($from, $to, $rules->links(...));
            if ($links === null) {
                continue;
            }
            [$zone, $e] = $links;
            $torque = $spans->torque(max($from, $zone->from), min($to, $zone->to));
            $w = $this->start($concrete, [abs($e->value), $torque], $e->x, $detail);
            $w->let('n_l', (float) $concrete->links->legs, Kind::Number, '', 'legs');
            $w->let('s', $zone->spacing, Kind::Size);
            $rule = 'max(0, V_u / phi - V_c) / (n_l * d * f_yt) + T_u / (2 * phi * A_o * f_yt)';
            $w->line('a_leg', $rule, Kind::AreaByLength, '22.5.8.5.3, 22.7.6.1(a)', 'of an outer leg');
            $w->let('A_l', $concrete->links->each(), Kind::SteelArea, '', 'one leg');
            $w->line('a_s', 'A_l / s', Kind::AreaByLength);
            $w->line('u', 'a_leg / a_s', Kind::Number, '9.5.4.3');
            $what = ['torsion-links', 'Torsion and shear, stirrups', 'a_s', 'ACI 318-19, 22.7'];
            $weighings[] = $spans->weighing($what, 'a_leg', $field, $e, $w, kind: Kind::AreaByLength);
            $both = [abs($spans->greatest($from, $to)->value ?? 0.0), $spans->torque($from, $to)];
            $w = $this->start($concrete, $both, $e->x, $detail);
            $rule = 'sqrt((V_u / (b_w * d))^2 + (T_u * p_h / (1.7 * A_oh^2))^2)';
            $w->line('v_u', $rule, Kind::LowStress, '22.7.7.1(a)');
            $k = Strength::of($concrete, 8, 0.66);
            $w->line('v_max', "phi * (V_c / (b_w * d) + {$k} * root_fc)", Kind::LowStress, '22.7.7.1(a)');
            $w->line('u', 'v_u / v_max', Kind::Number, '22.7.7.1');
            $what = ['torsion-struts', 'Torsion and shear, size', 'v_max', 'ACI 318-19, 22.7.7'];
            $weighings[] = $spans->weighing($what, 'v_u', $field, $e, $w, kind: Kind::LowStress);
        }

        return [...$weighings, $this->bars($concrete, $spans, $detail), $this->spacing($concrete, $spans, $detail)];
    }

    /** φ T_th of 22.7.4.1, Nmm; below it torsion is left out. */
    private static function threshold(ConcreteMake $concrete): float
    {
        $w = new Working(false);
        self::tube($concrete, $w);
        Strength::letRoot($w, $concrete);
        $k = Strength::of($concrete, 1, 0.083);

        return $w->value("0.75 * {$k} * root_fc * A_cp^2 / p_cp");
    }

    private function isSmall(ConcreteMake $concrete, float $torque, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('T_u', $torque, Kind::Moment);
        self::tube($concrete, $w);
        Strength::letRoot($w, $concrete);
        $w->let('phi', Strength::PHI_SHEAR, Kind::Number, 'Table 21.2.1');
        $k = Strength::of($concrete, 1, 0.083);
        $w->line('phiT_th', "phi * {$k} * root_fc * A_cp^2 / p_cp", Kind::Moment, 'Table 22.7.4.1(a)', 'λ = 1');

        return new Weighing(
            'torsion',
            'Torsion',
            'ACI 318-19, 22.7.1.1',
            null,
            against: new Against(
                demand: $w->value('T_u'),
                capacity: $w->value('phiT_th'),
                kind: Kind::Moment,
                demandSymbol: 'T_u',
                capacitySymbol: 'phiT_th',
            ),
            lines: $w->lines,
            remark: 'Below the threshold, so that it is left out.',
        );
    }

    /** The web: A_cp, p_cp, A_oh, p_h, A_o. */
    private static function tube(ConcreteMake $concrete, Working $w): void
    {
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->has('h') ?: $w->let('h', $concrete->h, Kind::Size);
        $w->let(
            'a_s',
            $concrete->cover + $concrete->links->diameter / 2,
            Kind::Size,
            '',
            'to the axes of the stirrups',
        );
        $w->line('A_cp', 'b_w * h', Kind::Area, '22.7', 'the web alone');
        $w->line('p_cp', '2 * (b_w + h)', Kind::Size);
        $w->line('A_oh', '(b_w - 2 * a_s) * (h - 2 * a_s)', Kind::Area, '22.7.6.1');
        $w->line('p_h', '2 * (b_w + h - 4 * a_s)', Kind::Size, '22.7.6.1');
        $w->line('A_o', '0.85 * A_oh', Kind::Area, '22.7.6.1.1');
    }

    /** @param  array{float, float}  $forces  shear, torque */
    private function start(ConcreteMake $concrete, array $forces, float $x, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V_u', $forces[0], Kind::Force);
        $w->let('T_u', $forces[1], Kind::Moment, '', 'greatest of the zone');
        Section::depth($concrete, $concrete->shallower($x), $w);
        self::tube($concrete, $w);
        $w->let('f_y', $concrete->fyk, Kind::Stress);
        $w->let('f_yt', $concrete->links->yield, Kind::Stress, '20.2.2.4', 'stirrups');
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        Strength::letRoot($w, $concrete);
        $w->let('phi', Strength::PHI_SHEAR, Kind::Number, 'Table 21.2.1');
        $k = Strength::of($concrete, 2, 0.17);
        $w->line('V_c', "{$k} * root_fc * b_w * d", Kind::Force, 'Table 22.5.5.1(a)', 'λ = 1');

        return $w;
    }

    /** Of an outer leg by length, as a plain number; 0 below the threshold. */
    public static function leg(ConcreteMake $concrete, float $V, float $d, float $T): float
    {
        if ($T < self::threshold($concrete)) {
            return 0.0;
        }
        $w = new Working(false);
        self::tube($concrete, $w);
        $fyt = $concrete->links->yield;
        $Vc = Strength::of($concrete, 2, 0.17) * Strength::root($concrete) * $concrete->b * $d;

        return max(0.0, $V / 0.75 - $Vc) / ($concrete->links->legs * $d * $fyt) + $T / (1.5 * $w->value('A_o') * $fyt);
    }

    /** 9.7.6.3.3; INF below the threshold. */
    public static function widest(ConcreteMake $concrete, float $T): float
    {
        $w = new Working(false);
        self::tube($concrete, $w);

        return $T < self::threshold($concrete) ? INF : min($w->value('p_h / 8'), 304.8);
    }

    /** A_l of 22.7.6.1(b) and 9.6.4.3. */
    private function along(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Working
    {
        $w = $this->start($concrete, [0.0, $spans->torque(0.0, $concrete->length())], 0.0, $detail);
        $w->line('A_l_T', 'T_u * p_h / (2 * phi * A_o * f_y)', Kind::SteelArea, '22.7.6.1(b)');
        $w->line('a_t', 'T_u / (2 * phi * A_o * f_yt)', Kind::AreaByLength, '22.7.6.1(a)');
        $k = Strength::of($concrete, 5, 0.42);
        $rule = "max(0, {$k} * root_fc * A_cp / f_y - a_t * p_h * f_yt / f_y)";
        $w->line('A_l_min', $rule, Kind::SteelArea, '9.6.4.3(a)');
        $w->line('A_l_req', 'max(A_l_T, A_l_min)', Kind::SteelArea, '9.6.4.3', 'beside the bars for bending');

        return $w;
    }

    /** Area of bars along for torsion, mm². */
    public function area(ConcreteMake $concrete): float
    {
        $spans = new ShearSpans($this->envelopes, $concrete);
        $torque = $spans->torque(0.0, $concrete->length());

        return $torque < self::threshold($concrete)
            ? 0.0
            : $this->along($concrete, $spans, Detail::Verdict)->value('A_l_req');
    }

    private function bars(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $w = $this->along($concrete, $spans, $detail);
        $bars = $concrete->steel()->around ?? TorsionBars::choose($concrete, $w->value('A_l_req'));
        $w->let('A_a', $bars->area(), Kind::SteelArea, '', "{$bars->text()}, spread around the stirrups");
        $w->line('u', 'A_l_req / A_a', Kind::Number, '9.5.4.3');

        return new Weighing(
            'torsion-bars',
            'Bars along for torsion',
            'ACI 318-19, 22.7.6',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_l_req'),
                capacity: $w->value('A_a'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_l_req',
                capacitySymbol: 'A_a',
            ),
            lines: $w->lines,
            remark: 'One at each corner, the others at 12 in at most; beside the bars for bending (9.7.5).',
        );
    }

    private function spacing(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $w = $detail->working();
        self::tube($concrete, $w);
        $w->let('s', $spans->widestTwisted(self::threshold($concrete))->spacing, Kind::Size, '', 'where it is widest');
        $w->let('s_12', 304.8, Kind::Size, '9.7.6.3.3', '12 in');
        $w->line('s_max', 'min(p_h / 8, s_12)', Kind::Size, '9.7.6.3.3');
        $w->line('u', 's / s_max', Kind::Number, '9.7.6.3.3');

        return new Weighing(
            'torsion-spacing',
            'Spacing of stirrups for torsion',
            'ACI 318-19, 9.7.6.3.3',
            $w->value('u'),
            against: new Against(
                demand: $w->value('s'),
                capacity: $w->value('s_max'),
                kind: Kind::Size,
                demandSymbol: 's',
                capacitySymbol: 's_max',
            ),
            lines: $w->lines,
        );
    }
}
