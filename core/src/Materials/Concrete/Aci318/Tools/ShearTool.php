<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** ACI 318-19, 22.5, 9.6.3 and 9.7.6: stirrups for a shear force, and what concrete takes without any. */
final class ShearTool
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'aci-shear',
            'Shear and stirrups, ACI',
            Inputs::STANDARD,
            [
                Input::of('V_u', 'factored shear', Kind::Force, '40 kip'),
                Input::of('b_w', 'width of the web', Kind::Size, '12 in'),
                Input::of('d', 'effective depth', Kind::Size, '17.5 in'),
                Input::of('A_s', 'bars in tension', Kind::SteelArea, '2.37 in²'),
                Input::optional('N_u', 'axial force, compression positive', Kind::Force, '0 kip'),
                Input::of('A_g', 'area of the section', Kind::Area, '240 in²'),
                Input::of('lambda', 'factor of lightweight concrete', Kind::Number, '1.0'),
                Inputs::strength(),
                Input::of('f_yt', 'yield strength of stirrups, up to 60 ksi', Kind::Stress, '60 ksi'),
                Input::of('A_v', 'legs of a stirrup', Kind::SteelArea, '0.22 in²'),
                Inputs::edition(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        Inputs::assertStrength($v);
        $v->assertPositive('V_u', 'b_w', 'd', 'A_s', 'A_g', 'f_yt', 'A_v', 'lambda');
        $v->assert(
            'f_yt',
            $v->number('f_yt') <= 60001 * Inputs::PSI,
            'Stirrups count up to 60 ksi (Table 20.2.2.4(a)).',
        );
        $v->let($w, 'V_u', 'b_w', 'd', 'A_s', 'f_c', 'lambda');
        $w->let('N_u', $v->has('N_u') ? $v->number('N_u') : 0.0, Kind::Force);
        $v->let($w, 'A_g');
        Inputs::root($v, $w, true);
        $w->let('phi', 0.75, Kind::Number, 'Table 21.2.1');
        $w->line('rho_w', 'A_s / (b_w * d)', Kind::Number);
        $w->line('p_N', 'min(N_u / (6 * A_g), 0.05 * f_c)', Kind::LowStress, '22.5.5.1.1', 'of the axial force');
        [$two, $eight, $five] = [
            Inputs::of($v, 2, 0.17),
            Inputs::of($v, 8, 0.66),
            Inputs::of($v, 5, 0.42),
        ];
        $w->line('V_c_a', "({$two} * lambda * root_fc + p_N) * b_w * d", Kind::Force, 'Table 22.5.5.1(a)');
        $w->line(
            'V_c_b',
            "({$eight} * lambda * rho_w^(1/3) * root_fc + p_N) * b_w * d",
            Kind::Force,
            'Table 22.5.5.1(b)',
        );
        $w->let('d_0', Inputs::isMetric($v) ? 250.0 : 254.0, Kind::Size, '22.5.5.1.3');
        $w->line('lambda_s', 'min(1, sqrt(2 / (1 + d / d_0)))', Kind::Number, '22.5.5.1.3', 'size');
        $rule = "({$eight} * lambda_s * lambda * rho_w^(1/3) * root_fc + p_N) * b_w * d";
        $w->line('V_c_c', $rule, Kind::Force, 'Table 22.5.5.1(c)');
        $w->line('V_c_max', "{$five} * lambda * root_fc * b_w * d", Kind::Force, '22.5.5.1.1');
        $w->line('V_c_0', 'max(0, min(V_c_c, V_c_max))', Kind::Force, 'Table 22.5.5.1', 'without the least stirrups');
        $w->line(
            'V_c',
            'max(0, min(max(V_c_a, V_c_b), V_c_max))',
            Kind::Force,
            'Table 22.5.5.1',
            'with the least stirrups',
        );
        $limit = Inputs::of($v, 1, 0.083);
        $w->line(
            'V_0',
            "phi * {$limit} * lambda * root_fc * b_w * d",
            Kind::Force,
            '9.6.3.1',
            'above it beams need stirrups',
        );
        $w->line(
            'V_max',
            "phi * (V_c + {$eight} * root_fc * b_w * d)",
            Kind::Force,
            '22.5.1.2',
            'so that no strut is crushed',
        );
        $w->line('V_s', 'max(0, V_u / phi - V_c)', Kind::Force, '22.5.8.1');
        self::stirrups($v, $w);
        $w->line(
            'u',
            'V_u / V_max',
            Kind::Number,
            '22.5.1.2',
            $w->value('V_u') > $w->value('V_max') ? 'the section is too small' : '',
        );
    }

    private static function stirrups(Values $v, Working $w): void
    {
        $v->let($w, 'f_yt', 'A_v');
        $w->line('a_v', 'V_s / (f_yt * d)', Kind::AreaByLength, '22.5.8.5.3', 'by length');
        $k = Inputs::of($v, 0.75, 0.062);
        $w->let('p_v', Inputs::isMetric($v) ? 0.35 : 50 * Inputs::PSI, Kind::LowStress, 'Table 9.6.3.4');
        $w->line('a_v_min', "max({$k} * root_fc, p_v) * b_w / f_yt", Kind::AreaByLength, 'Table 9.6.3.4');
        $k = Inputs::of($v, 4, 0.33);
        $isClose = $w->value('V_s') > $w->value("{$k} * root_fc * b_w * d");
        $inch = Inputs::isMetric($v) ? 25.0 : 25.4;
        $w->let('s_cap', ($isClose ? 12 : 24) * $inch, Kind::Size, 'Table 9.7.6.2.2');
        $w->line('s_max', $isClose ? 'min(d / 4, s_cap)' : 'min(d / 2, s_cap)', Kind::Size, 'Table 9.7.6.2.2');
        $w->line('s', 'min(A_v / max(a_v, a_v_min), s_max)', Kind::Size, '', 'spacing that does');
        $w->line('phiV_n', 'phi * (V_c + A_v * f_yt * d / s)', Kind::Force, '22.5.1.1', 'at that spacing');
    }
}
