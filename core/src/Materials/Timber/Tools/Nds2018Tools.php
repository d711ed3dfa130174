<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Checks\Working;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Nds2018\Bending;
use Waage\Materials\Timber\Nds2018\Method;
use Waage\Materials\Timber\Nds2018\Stability;
use Waage\Materials\Timber\Nds2018\Values as Adjusted;
use Waage\Materials\Timber\Suite;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of the NDS 2018, by allowable stresses with a C_D that is typed. */
final class Nds2018Tools
{
    private const STANDARD = 'NDS 2018, ASD';

    /** @return list<Tool> */
    public static function all(): array
    {
        $piece = fn (string $b, string $h): array => [
            ...Sample::inputs(Suite::Nds2018, $b, $h, 'Douglas Fir-Larch No.2'),
            Input::of('C_D', 'load duration factor', Kind::Number, '1.0'),
        ];

        return [
            new FormulaTool(
                'nds-values',
                'Adjusted design values',
                self::STANDARD,
                $piece('1.5 in', '9.25 in'),
                self::values(...),
            ),
            new FormulaTool(
                'nds-section',
                'Timber section under given effects, NDS',
                self::STANDARD,
                [
                    Input::of('P', 'axial force, compression positive', Kind::Force, '3 kip'),
                    Input::of('M', 'edgewise moment', Kind::Moment, '1 kip·ft'),
                    Input::of('M_2', 'flatwise moment', Kind::Moment, '0 kip·ft'),
                    Input::of('V', 'shear force', Kind::Force, '0.5 kip'),
                    ...$piece('3.5 in', '5.5 in'),
                    Input::of('l_e1', 'effective length in the plane', Kind::Length, '9 ft'),
                    Input::of('l_e2', 'effective length sideways, 0 restrained', Kind::Length, '9 ft'),
                    Input::of('l_e', 'effective length of the compressed edge, 0 restrained', Kind::Length, '0 ft'),
                ],
                self::section(...),
            ),
            new FormulaTool(
                'nds-span',
                'Longest simple span of a joist, NDS',
                self::STANDARD,
                [
                    Input::of('D', 'permanent load', Kind::AreaLoad, '10 psf'),
                    Input::of('L_L', 'variable load', Kind::AreaLoad, '40 psf'),
                    Input::of('s', 'spacing', Kind::Size, '16 in'),
                    ...$piece('1.5 in', '9.25 in'),
                    Input::of('n', 'limit under variable load: span over', Kind::Number, '360'),
                ],
                self::span(...),
            ),
            new FormulaTool(
                'nds-bearing',
                'Bearing across the grain, NDS',
                self::STANDARD,
                [
                    Input::of('R', 'force', Kind::Force, '1.2 kip'),
                    ...$piece('1.5 in', '9.25 in'),
                    Input::of('l_b', 'bearing length', Kind::Size, '3.5 in'),
                    Input::of('c_1', 'from the end of the member', Kind::Size, '0 in'),
                ],
                self::bearing(...),
            ),
            new FormulaTool(
                'nds-notch',
                'Notched end of a beam, NDS',
                self::STANDARD,
                [
                    Input::of('V', 'shear force', Kind::Force, '0.6 kip'),
                    ...$piece('1.5 in', '9.25 in'),
                    Input::of('d_cut', 'depth of the notch', Kind::Size, '2 in'),
                ],
                self::notch(...),
            ),
        ];
    }

    private static function group(Values $v): LoadGroup
    {
        $v->assert(
            'C_D',
            $v->number('C_D') >= 0.9 && $v->number('C_D') <= 2.0,
            'C_D lies between 0.9 and 2.0 (Table 2.3.2).',
        );

        return Sample::group($v->number('C_D'), 'typed', 'Table 2.3.2');
    }

    private static function values(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::Nds2018, $v);
        $group = self::group($v);
        $of = $timber->grade->values;
        $values = new Adjusted($timber, Method::Asd);
        Bending::sizes($w, $timber);
        $values->adjusted($w, $group, 'F_b_adj', 'F_b', $of->bending, 'b');
        $values->adjusted($w, $group, 'F_b2_adj', 'F_b2', $of->bendingFlat, 'b', true);
        $values->adjusted($w, $group, 'F_t_adj', 'F_t', $of->tension, 't');
        $values->adjusted($w, $group, 'F_v_adj', 'F_v', $of->shear, 'v');
        $values->adjusted($w, $group, 'F_c_perp_adj', 'F_c_perp', $of->across, 'cp');
        $values->adjusted($w, $group, 'F_c_adj', 'F_c', $of->compression, 'c');
        $values->adjusted($w, $group, 'E_adj', 'E', $of->E, 's');
        $values->adjusted($w, $group, 'E_min_adj', 'E_min', $of->E05, 's');
    }

    private static function section(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::Nds2018, $v);
        $group = self::group($v);
        $of = $timber->grade->values;
        $values = new Adjusted($timber, Method::Asd);
        $v->assert('P', $v->number('P') >= 0.0, 'Give compression; for tension use the adjusted design values.');
        $v->let($w, 'P', 'M', 'M_2', 'V');
        Bending::sizes($w, $timber);
        $w->line('f_v', '3 * V / (2 * b * d)', Kind::Stress, '3.4.2 (3.4-2)');
        $values->adjusted($w, $group, 'F_v_adj', 'F_v', $of->shear, 'v');
        $w->line('u_v', 'f_v / F_v_adj', Kind::Number, '3.4.1', 'shear');
        $w->line('f_b1', 'M / (b * d^2 / 6)', Kind::Stress);
        $values->adjusted($w, $group, 'F_b_star', 'F_b', $of->bending, 'b');
        if ($v->number('l_e') > 0.0) {
            $w->let('l_e', $v->number('l_e'), Kind::Length, '3.3.3.5');
            Stability::lateral($w, $timber, $group, Method::Asd);
        } else {
            $w->let('C_L', 1.0, Kind::Number, '3.3.3', 'restrained');
        }
        $w->line('F_b_adj', 'F_b_star * C_L', Kind::Stress, 'Table 4.3.1');
        $w->line('u_b', 'f_b1 / F_b_adj', Kind::Number, '3.3.1', 'edgewise bending');
        $w->line('f_b2', 'M_2 / (d * b^2 / 6)', Kind::Stress);
        $values->adjusted($w, $group, 'F_b2_adj', 'F_b2', $of->bendingFlat, 'b', true);
        $w->line('f_c_par', 'P / (b * d)', Kind::Stress);
        $values->adjusted($w, $group, 'F_c_star', 'F_c', $of->compression, 'c');
        $values->adjusted($w, $group, 'E_min_adj', 'E_min', $of->E05, 's');
        $w->let('c', $timber->grade->product->isSawn() ? 0.8 : 0.9, Kind::Number, '3.7.1.5');
        Stability::column($w, '1', 'd', $v->number('l_e1'), '', 'E_min_adj', 1.0);
        Stability::column($w, '2', 'b', $v->number('l_e2'), '', 'E_min_adj', 1.0);
        $v->assert(
            'l_e1',
            $v->number('l_e1') > 0.0 && $w->value('max(s_1, s_2)') <= 50.0,
            'The slenderness l_e/d lies above 0 and is at most 50 (3.7.1.4).',
        );
        $w->line('F_c_adj', 'F_c_star * min(C_P1, C_P2)', Kind::Stress, '3.7.1');
        $w->line('u_c', 'f_c_par / F_c_adj', Kind::Number, '3.6.3', 'compression');
        $w->line('u_c1', 'f_c_par / F_cE1', Kind::Number, '3.9.2');
        $w->has('F_cE2')
            ? $w->line('u_c2', 'f_c_par / F_cE2', Kind::Number, '3.9.2')
            : $w->let('u_c2', 0.0, Kind::Number, '3.9.2', 'restrained');
        $w->has('F_bE')
            ? $w->line('u_E', '(f_b1 / F_bE)^2', Kind::Number, '3.9.2')
            : $w->let('u_E', 0.0, Kind::Number, '3.9.2', 'restrained');
        $w->line('u_4', 'u_c2 + u_E', Kind::Number, '3.9.2 (3.9-4)', 'below 1');
        $v->assert('P', $w->value('max(u_c1, u_4)') < 0.999, 'It buckles: f_c is not below F_cE (3.9.2).');
        $w->line(
            'u_3',
            'u_c^2 + f_b1 / (F_b_adj * (1 - u_c1)) + f_b2 / (F_b2_adj * (1 - u_c2 - u_E))',
            Kind::Number,
            '3.9.2 (3.9-3)',
        );
    }

    private static function span(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::Nds2018, $v);
        $group = self::group($v);
        $of = $timber->grade->values;
        $values = new Adjusted($timber, Method::Asd);
        $v->assertPositive('s', 'n', 'L_L');
        $v->let($w, 'D', 'L_L', 's');
        Bending::sizes($w, $timber);
        $w->line('w_T', '(D + L_L) * s', Kind::LineLoad, '', 'all loads');
        $values->adjusted($w, $group, 'F_b_adj', 'F_b', $of->bending, 'b');
        $w->line('L_b', 'sqrt(8 * F_b_adj * b * d^2 / 6 / w_T)', Kind::Length, '3.3', 'by bending');
        $values->adjusted($w, $group, 'F_v_adj', 'F_v', $of->shear, 'v');
        $w->line(
            'L_v',
            '2 * (2 / 3 * F_v_adj * b * d / w_T + d)',
            Kind::Length,
            '3.4',
            'by shear at d from the support',
        );
        $values->adjusted($w, $group, 'E_adj', 'E', $of->E, 's');
        $v->let($w, 'n');
        $w->line(
            'L_w',
            '(384 * E_adj * b * d^3 / 12 / (5 * L_L * s * n))^(1/3)',
            Kind::Length,
            '3.5',
            'by deflection under variable load',
        );
        $w->line('L', 'min(L_b, L_v, L_w)', Kind::Length, '', 'the longest span; bearing apart');
    }

    private static function bearing(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::Nds2018, $v);
        $v->assertPositive('R', 'l_b');
        $v->let($w, 'R', 'l_b', 'b');
        $w->line('f_c_perp', 'R / (l_b * b)', Kind::Stress, '3.10.2');
        (new Adjusted($timber, Method::Asd))->adjusted(
            $w,
            self::group($v),
            'F_c_perp_adj',
            'F_c_perp',
            $timber->grade->values->across,
            'cp',
        );
        if ($v->number('l_b') < 152.4 && $v->number('c_1') >= 76.2) {
            $w->let('l_more', 9.525, Kind::Size, '3.10.4', '0.375 in.');
            $w->line('C_b', '(l_b + l_more) / l_b', Kind::Number, '3.10.4 (3.10-2)');
        } else {
            $w->let('C_b', 1.0, Kind::Number, '3.10.4', '6 in. or longer, or nearer than 3 in. to the end');
        }
        $w->line('u', 'f_c_perp / (C_b * F_c_perp_adj)', Kind::Number, '3.10.2');
    }

    private static function notch(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::Nds2018, $v);
        $v->assert(
            'd_cut',
            $v->number('d_cut') > 0.0 && $v->number('d_cut') <= $timber->h / 4,
            'A notch is a quarter of the depth at most (4.4.3.2).',
        );
        $v->let($w, 'V');
        Bending::sizes($w, $timber);
        $v->let($w, 'd_cut');
        $w->line('d_n', 'd - d_cut', Kind::Size);
        (new Adjusted($timber, Method::Asd))->adjusted(
            $w,
            self::group($v),
            'F_v_adj',
            'F_v',
            $timber->grade->values->shear,
            'v',
        );
        $w->line('V_r', '2 / 3 * F_v_adj * b * d_n * (d_n / d)^2', Kind::Force, '3.4.3.2(a) (3.4-3)');
        $w->line('u', 'V / V_r', Kind::Number, '3.4.1');
    }
}
