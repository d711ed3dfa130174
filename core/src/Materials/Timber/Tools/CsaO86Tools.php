<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Checks\Working;
use Waage\Materials\Timber\CsaO86\Bearing;
use Waage\Materials\Timber\CsaO86\Bending;
use Waage\Materials\Timber\CsaO86\Stability;
use Waage\Materials\Timber\CsaO86\Values as Specified;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Suite;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of CSA O86:19, with a K_D that is typed. */
final class CsaO86Tools
{
    private const STANDARD = 'CSA O86:19';

    /** @return list<Tool> */
    public static function all(): array
    {
        $piece = fn (string $b, string $h, string $grade = 'SPF No.1/No.2'): array => [
            ...Sample::inputs(Suite::CsaO86, $b, $h, $grade),
            Input::of('K_D', 'load duration factor', Kind::Number, '1.0'),
        ];

        return [
            new FormulaTool(
                'o86-resistances',
                'Resistances of a piece of timber, CSA O86',
                self::STANDARD,
                [
                    ...$piece('38 mm', '235 mm'),
                    Input::of('L_e', 'effective length of the compressed edge, 0 restrained', Kind::Length, '0 m'),
                    Input::of('L_ex', 'buckling length in the plane', Kind::Length, '3 m'),
                    Input::of('L_ey', 'buckling length sideways, 0 restrained', Kind::Length, '0 m'),
                    Input::of('L', 'span, of glulam', Kind::Length, '6 m'),
                ],
                self::resistances(...),
            ),
            new FormulaTool(
                'o86-bearing',
                'Bearing across the grain, CSA O86',
                self::STANDARD,
                [
                    Input::of('Q_f', 'force', Kind::Force, '8 kN'),
                    ...$piece('38 mm', '235 mm'),
                    Input::of('L_b', 'bearing length', Kind::Size, '89 mm'),
                    Input::of('c_1', 'from the end of the member', Kind::Size, '0 mm'),
                ],
                self::bearing(...),
            ),
            new FormulaTool(
                'o86-span',
                'Longest simple span of a joist, CSA O86',
                self::STANDARD,
                [
                    Input::of('D', 'permanent load', Kind::AreaLoad, '0.5 kN/m²'),
                    Input::of('L_L', 'variable load', Kind::AreaLoad, '1.9 kN/m²'),
                    Input::of('s', 'spacing', Kind::Size, '400 mm'),
                    ...$piece('38 mm', '235 mm'),
                    Input::of('n', 'limit under variable load: span over', Kind::Number, '360'),
                ],
                self::span(...),
            ),
        ];
    }

    private static function group(Values $v): LoadGroup
    {
        $v->assert(
            'K_D',
            $v->number('K_D') >= 0.65 && $v->number('K_D') <= 1.15,
            'K_D lies between 0.65 and 1.15 (5.3.2).',
        );

        return Sample::group($v->number('K_D'), 'typed', '5.3.2');
    }

    private static function resistances(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::CsaO86, $v);
        $group = self::group($v);
        $v->assertPositive('L_ex', 'L');
        $of = $timber->grade->values;
        $values = new Specified($timber);
        Bending::sizes($w, $timber);
        $w->line('S', 'b * d^2 / 6', Kind::Modulus);
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        $values->strength($w, $group, 'F_b', 'f_b', $of->bending, 'b');
        if ($v->number('L_e') > 0.0) {
            $w->let('L_e', $v->number('L_e'), Kind::Length, '7.5.6.4.3');
            Stability::lateral($w, $timber);
        } else {
            $w->let('K_L', 1.0, Kind::Number, '6.5.4.2', 'restrained');
        }
        $isGlulam = $timber->grade->product === Product::Glulam;
        if ($isGlulam) {
            $w->let('L', $v->number('L'), Kind::Length, '7.5.6.5.1');
            $w->line(
                'K_Zbg',
                'min(1.3, (130 / b)^0.1 * (610 / d)^0.1 * (9100 / L)^0.1)',
                Kind::Number,
                '7.5.6.5.1',
                'mm',
            );
            $w->line('M_r', 'phi * F_b * S * min(K_Zbg, K_L)', Kind::Moment, '7.5.6.5.1');
        } else {
            $w->let('K_Zb', $values->size('b'), Kind::Number, 'Table 6.4.5');
            $w->line('M_r', 'phi * F_b * S * K_Zb * K_L', Kind::Moment, '6.5.4.1');
        }
        $values->strength($w, $group, 'F_v', 'f_v', $of->shear, 'v');
        $w->let('K_Zv', $values->size('v'), Kind::Number, 'Table 6.4.5');
        $w->line('V_r', 'phi * F_v * 2 / 3 * b * d * K_Zv', Kind::Force, '6.5.5.2');
        $values->strength($w, $group, 'F_t', 'f_t', $of->tension, 't');
        $w->let('K_Zt', $values->size('t'), Kind::Number, 'Table 6.4.5');
        $w->line('T_r', 'phi * F_t * b * d * K_Zt', Kind::Force, '6.5.9');
        $w->line('A', 'b * d', Kind::Area);
        $values->strength($w, $group, 'F_c', 'f_c_par', $of->compression, 'c');
        $values->modulus($w, 'E_05_adj', 'E_05', $of->E05);
        $w->let('phi_c', 0.8, Kind::Number, '6.5.6.2.3');
        if ($isGlulam) {
            $w->line('Z', 'b * d * L / 10^9', Kind::Number, '7.5.8.4.2', 'volume, m³');
        }
        Stability::column($w, $timber, 'x', 'd', $v->number('L_ex'), '');
        Stability::column($w, $timber, 'y', 'b', $v->number('L_ey'), '');
        $v->assert(
            'L_ex',
            $w->value('max(C_Cx, C_Cy)') <= 50.0,
            'The slenderness ratio C_C is at most 50 (6.5.6.2.2).',
        );
        $w->line('P_r', 'min(P_rx, P_ry)', Kind::Force, '6.5.6.2.3');
    }

    private static function bearing(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::CsaO86, $v);
        $v->assertPositive('Q_f', 'L_b');
        $v->let($w, 'Q_f', 'b', 'L_b');
        (new Specified($timber))->strength($w, self::group($v), 'F_cp', 'f_cp', $timber->grade->values->across, 'cp');
        $isShort = $v->number('L_b') < 150.0 && $v->number('c_1') >= 75.0;
        $w->let('K_B', $isShort ? Bearing::ofLength($v->number('L_b')) : 1.0, Kind::Number, 'Table 6.5.7.6');
        $w->let('phi', 0.8, Kind::Number, '6.5.7.2');
        $w->line('Q_r', 'phi * F_cp * b * L_b * K_B', Kind::Force, '6.5.7.2', 'K_Zcp = 1');
        $w->line('u', 'Q_f / Q_r', Kind::Number);
    }

    private static function span(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::CsaO86, $v);
        $group = self::group($v);
        $v->assertPositive('s', 'n', 'L_L');
        $of = $timber->grade->values;
        $values = new Specified($timber);
        $v->let($w, 'D', 'L_L', 's');
        Bending::sizes($w, $timber);
        $w->line('w_f', '(1.25 * D + 1.5 * L_L) * s', Kind::LineLoad, 'NBC 2020, Table 4.1.3.2.-A');
        $w->let('phi', 0.9, Kind::Number, '6.5.4.1');
        $values->strength($w, $group, 'F_b', 'f_b', $of->bending, 'b');
        $w->let('K_Zb', $values->size('b'), Kind::Number, 'Table 6.4.5');
        $w->line(
            'L_b',
            'sqrt(8 * phi * F_b * b * d^2 / 6 * K_Zb / w_f)',
            Kind::Length,
            '6.5.4.1',
            'by bending, restrained',
        );
        $values->strength($w, $group, 'F_v', 'f_v', $of->shear, 'v');
        $w->let('K_Zv', $values->size('v'), Kind::Number, 'Table 6.4.5');
        $w->line(
            'L_v',
            '2 * (phi * F_v * 2 / 3 * b * d * K_Zv / w_f + d)',
            Kind::Length,
            '6.5.5.2',
            'by shear at d from the support',
        );
        $values->modulus($w, 'E_adj', 'E', $of->E);
        $v->let($w, 'n');
        $w->line(
            'L_w',
            '(384 * E_adj * b * d^3 / 12 / (5 * L_L * s * n))^(1/3)',
            Kind::Length,
            '5.4.2',
            'by deflection under variable load',
        );
        $w->line('L_max', 'min(L_b, L_v, L_w)', Kind::Length, '', 'the longest span; bearing and vibration apart');
    }
}
