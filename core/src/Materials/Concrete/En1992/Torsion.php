<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\ShearSpans;
use Waage\Materials\Concrete\TorsionBars;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 6.3 and 9.2.3: torsion of the web as a thin-walled tube, together with shear. The greatest torque and
 * the greatest shear of a zone count together: links and struts need more with either of them, so that it is on the
 * safe side.
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

            return [new Weighing('torsion', 'Torsion', 'EN 1992-1-1, 6.3', null, applies: false, remark: $why)];
        }
        $spans = new ShearSpans($this->envelopes, $concrete);
        $weighings = [];
        foreach ($this->envelopes->beam->beam->fields() as $field => [$from, $to]) {
            $links = $spans->worstZone($from, $to, $rules->links(...));
            if ($links === null || $spans->torque($from, $to) < TorsionBars::NOTHING) {
                continue;
            }
            [$zone, $e] = $links;
            [$start, $end] = [max($from, $zone->from), min($to, $zone->to)];
            $w = $this->start($concrete, [abs($e->value), $spans->torque($start, $end)], $e->x, $detail);
            $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
            $w->let('s', $zone->spacing, Kind::Size);
            $rule = 'V_Ed / (n_w * z * f_ywd * cot_theta) + T_Ed / (2 * A_k * f_ywd * cot_theta)';
            $w->line('a_leg', $rule, Kind::AreaByLength, '6.2.3(3), 6.3.2(3)', 'of an outer leg');
            $w->line('a_s', 'pi * phi_w^2 / 4 / s', Kind::AreaByLength);
            $w->line('u', 'a_leg / a_s', Kind::Number, '6.3.2(2)');
            $what = ['torsion-links', 'Torsion and shear, links', 'a_s', 'EN 1992-1-1, 6.3.2'];
            $weighings[] = $spans->weighing($what, 'a_leg', $field, $e, $w, kind: Kind::AreaByLength);
            $both = [abs($spans->greatest($from, $to)->value ?? 0.0), $spans->torque($from, $to)];
            $w = $this->start($concrete, $both, $e->x, $detail);
            $w->line('T_Rd_max', 'nu_1 * f_cd * A_k * t_ef', Kind::Moment, '6.3.2(4) (6.30)', 'with cot θ = 1');
            $w->line('V_Rd_max', 'b_w * z * nu_1 * f_cd / 2', Kind::Force, '6.2.3(3) (6.9)', 'with cot θ = 1');
            $w->line('u', 'T_Ed / T_Rd_max + V_Ed / V_Rd_max', Kind::Number, '6.3.2(4) (6.29)');
            $what = ['torsion-struts', 'Torsion and shear, struts', 'T_Rd_max', 'EN 1992-1-1, 6.3.2'];
            $weighings[] = $spans->weighing($what, 'T_Ed', $field, $e, $w, kind: Kind::Moment);
        }

        return $weighings === []
            ? []
            : [...$weighings, $this->bars($concrete, $spans, $detail), $this->spacing($concrete, $spans, $detail)];
    }

    /**
     * V_Ed, T_Ed, the tube, and the angle of the struts that bear both.
     *
     * @param  array{float, float}  $forces  shear, torque
     */
    private function start(ConcreteMake $concrete, array $forces, float $x, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('V_Ed', $forces[0], Kind::Force);
        $w->let('T_Ed', $forces[1], Kind::Moment, '', 'greatest of the zone');
        Section::depth($concrete, $concrete->shallower($x), $w);
        Strength::of($w, $concrete);
        self::tube($concrete, $w);
        $w->let('f_ywk', $concrete->links->yield, Kind::Stress, '', 'links');
        $w->line('f_ywd', 'f_ywk / gamma_S', Kind::Stress, '3.2.7(2)');
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)');
        $w->line('nu_1', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');
        $rule = '1 / (V_Ed / (b_w * z * nu_1 * f_cd) + T_Ed / (2 * A_k * t_ef * nu_1 * f_cd))';
        $w->line('k_theta', $rule, Kind::Number, '6.3.2(4)', 'cot θ + tan θ at which the struts are used up');
        Shear::angleOf($w);

        return $w;
    }

    /** 6.3.2(1): the walls are as thick as A/u, and reach twice to the axes of the corner bars. */
    private static function tube(ConcreteMake $concrete, Working $w): void
    {
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('a_c', self::corner($concrete), Kind::Size, '', 'to the axes of the corner bars');
        $w->line('t_ef', 'max(b_w * h / (2 * (b_w + h)), 2 * a_c)', Kind::Size, '6.3.2(1)', 'wall; the web alone');
        $w->line('A_k', '(b_w - t_ef) * (h - t_ef)', Kind::Area, '6.3.2(1)');
        $w->line('u_k', '2 * (b_w + h - 2 * t_ef)', Kind::Size, '6.3.2(1)');
    }

    private static function corner(ConcreteMake $concrete): float
    {
        $groups = $concrete->steel === null ? [] : $concrete->steel->groups();
        $phi = max([16.0, ...array_map(fn (BarGroup $g): float => $g->bars->diameter, $groups)]);

        return $concrete->cage()->toBars() + $phi / 2;
    }

    /** Of an outer leg by length, as a plain number; and the struts' cot θ. */
    public static function leg(ConcreteMake $concrete, float $V, float $d, float $T): float
    {
        $w = new Working(false);
        $w->bind('h', $concrete->h, Kind::Size);
        self::tube($concrete, $w);
        $fcd = 0.6 * (1 - $concrete->grade->fck / 250) * Strength::fcd($concrete);
        [$A, $t] = [$w->value('A_k'), $w->value('t_ef')];
        $k = 1 / ($V / ($concrete->b * 0.9 * $d * $fcd) + $T / (2 * $A * $t * $fcd));
        $cot = Shear::cot($k);
        $fywd = $concrete->links->yield / $concrete->parameter('gammaS');

        return $V / ($concrete->links->legs * 0.9 * $d * $fywd * $cot) + $T / (2 * $A * $fywd * $cot);
    }

    /** 9.2.3(3) */
    public static function widest(ConcreteMake $concrete): float
    {
        return min(($concrete->b + $concrete->h) / 4, $concrete->b, $concrete->h);
    }

    /** Bars along the member all around the links, beside those for bending. */
    private function bars(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $length = $concrete->length();
        $shear = abs($spans->greatest(0.0, $length)->value ?? 0.0);
        $w = $this->start($concrete, [$shear, $spans->torque(0.0, $length)], 0.0, $detail);
        $rule = 'T_Ed * u_k * cot_theta / (2 * A_k * f_yd)';
        $w->line('A_sl', $rule, Kind::SteelArea, '6.3.2(3) (6.28)', 'beside the bars for bending');
        $bars = $concrete->steel()->around ?? TorsionBars::choose($concrete, $w->value('A_sl'));
        $w->let('A_a', $bars->area(), Kind::SteelArea, '', "{$bars->text()}, spread around the links");
        $w->line('u', 'A_sl / A_a', Kind::Number, '6.3.2(3)');

        return new Weighing(
            'torsion-bars',
            'Bars along for torsion',
            'EN 1992-1-1, 6.3.2(3)',
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_sl'),
                capacity: $w->value('A_a'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_sl',
                capacitySymbol: 'A_a',
            ),
            lines: $w->lines,
            remark: 'One at each corner, the others at 350 mm at most; beside the bars for bending (9.2.3(4)).',
        );
    }

    /** The area of those bars, for choosing them. */
    public function along(ConcreteMake $concrete): float
    {
        $spans = new ShearSpans($this->envelopes, $concrete);
        $torque = $spans->torque(0.0, $concrete->length());
        if ($torque < TorsionBars::NOTHING) {
            return 0.0;
        }
        $shear = abs($spans->greatest(0.0, $concrete->length())->value ?? 0.0);
        $w = $this->start($concrete, [$shear, $torque], 0.0, Detail::Verdict);

        return $w->value('T_Ed * u_k * cot_theta / (2 * A_k * f_yd)');
    }

    private function spacing(ConcreteMake $concrete, ShearSpans $spans, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('b_w', $concrete->b, Kind::Size);
        $w->let('h', $concrete->h, Kind::Size);
        $w->let('s', $spans->widestTwisted(TorsionBars::NOTHING)->spacing, Kind::Size, '', 'where it is widest');
        $w->line('s_max', 'min(2 * (b_w + h) / 8, b_w, h)', Kind::Size, '9.2.3(3)');
        $w->line('u', 's / s_max', Kind::Number, '9.2.3(3)');

        return new Weighing(
            'torsion-spacing',
            'Spacing of links for torsion',
            'EN 1992-1-1, 9.2.3(3)',
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
