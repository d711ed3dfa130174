<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of BS 8110-1:1997: steel for a moment, shear and links, anchorage, span to depth. */
final class Bs8110Tools
{
    private const STANDARD = 'BS 8110-1:1997';

    /** @return list<Tool> */
    public static function all(): array
    {
        [$cube, $yield] = [
            Input::of('f_cu', 'cube strength of the concrete', Kind::Stress, '30 MPa'),
            Input::of('f_y', 'yield strength of bars', Kind::Stress, '460 MPa'),
        ];
        $safety = Input::of('gamma_ms', 'partial factor of steel', Kind::Number, '1.05');

        return [
            new FormulaTool(
                'bs-bending',
                'Steel for a moment, BS 8110',
                self::STANDARD,
                [
                    Input::of('M', 'moment', Kind::Moment, '185 kNm'),
                    Input::of('b', 'width in compression', Kind::Size, '260 mm'),
                    Input::optional('b_w', 'width of the web of a T', Kind::Size),
                    Input::optional('h_f', 'thickness of its flange', Kind::Size),
                    Input::of('d', 'effective depth', Kind::Size, '440 mm'),
                    Input::of('d_c', 'depth of the bars in compression', Kind::Size, '50 mm'),
                    $cube,
                    $yield,
                    $safety,
                    Input::of('beta_b', 'redistribution: moment after to before', Kind::Number, '1.0'),
                ],
                self::bending(...),
            ),
            new FormulaTool(
                'bs-shear',
                'Shear and links, BS 8110',
                self::STANDARD,
                [
                    Input::of('V', 'shear force', Kind::Force, '150 kN'),
                    Input::of('b_v', 'width', Kind::Size, '300 mm'),
                    Input::of('d', 'effective depth', Kind::Size, '450 mm'),
                    Input::of('A_s', 'bars in tension', Kind::SteelArea, '1257 mm²'),
                    Input::choice('member', 'the member is a', ['beam', 'slab']),
                    $cube,
                    Input::of('f_yv', 'yield strength of links', Kind::Stress, '460 MPa'),
                    $safety,
                    Input::of('A_sv', 'legs of a link', Kind::SteelArea, '100.5 mm²'),
                ],
                self::shear(...),
            ),
            new FormulaTool(
                'bs-anchorage',
                'Anchorage and lap, BS 8110',
                self::STANDARD,
                [
                    Input::of('phi', 'diameter of the bar', Kind::Size, '20 mm'),
                    $cube,
                    $yield,
                    $safety,
                    Input::choice('bars', 'bars', ['deformed, type 2', 'deformed, type 1', 'plain']),
                    Input::choice('force', 'in', ['tension', 'compression']),
                ],
                self::anchorage(...),
            ),
            new FormulaTool(
                'bs-span-depth',
                'Span to depth, BS 8110',
                self::STANDARD,
                [
                    Input::of('l', 'span', Kind::Length, '6 m'),
                    Input::choice('system', 'the span is', ['simply supported', 'continuous', 'a cantilever']),
                    Input::of('M', 'moment at mid-span, or at the support of a cantilever', Kind::Moment, '120 kNm'),
                    Input::of('b', 'width in compression', Kind::Size, '260 mm'),
                    Input::of('b_w', 'width of the web', Kind::Size, '260 mm'),
                    Input::of('d', 'effective depth', Kind::Size, '440 mm'),
                    Input::of('A_s_req', 'bars that are needed', Kind::SteelArea, '700 mm²'),
                    Input::of('A_s_prov', 'bars that are there', Kind::SteelArea, '804 mm²'),
                    Input::of('A_2', 'bars in compression', Kind::SteelArea, '0 mm²'),
                    $yield,
                    Input::of('beta_b', 'redistribution: moment after to before', Kind::Number, '1.0'),
                ],
                self::spanDepth(...),
            ),
        ];
    }

    private static function assertCube(Values $v): void
    {
        $v->assert(
            'f_cu',
            $v->number('f_cu') >= 15.0 && $v->number('f_cu') <= 105.0,
            'The rules are for cube strengths of 15 to 105 MPa.',
        );
    }

    private static function bending(Values $v, Working $w): void
    {
        self::assertCube($v);
        $v->assertPositive('b', 'b_w', 'h_f', 'd', 'f_y', 'gamma_ms');
        $v->assert(
            'M',
            $v->number('M') >= 0.0,
            'Give the size of the moment; its sign says only which face is in tension.',
        );
        $v->assert(
            'beta_b',
            $v->number('beta_b') >= 0.7 && $v->number('beta_b') <= 1.0,
            'Moments are redistributed by up to 30 % (3.2.2.1).',
        );
        $v->let($w, 'M', 'b', 'd', 'f_cu', 'f_y', 'gamma_ms', 'beta_b');
        $w->value('beta_b') >= 0.9
            ? $w->let('K_lim', 0.156, Kind::Number, '3.4.4.4', 'K′')
            : $w->line('K_lim', '0.402 * (beta_b - 0.4) - 0.18 * (beta_b - 0.4)^2', Kind::Number, '3.4.4.4', 'K′');
        $isT = $v->has('b_w') && $v->has('h_f') && $v->number('b_w') < $v->number('b');
        [$M, $b, $more] = ['M', 'b', ''];
        if (
            $isT &&
            $v->number('M') >
                0.45 *
                    $v->number('f_cu') *
                    $v->number('b') *
                    $v->number('h_f') *
                    ($v->number('d') - $v->number('h_f') / 2)
        ) {
            $v->let($w, 'b_w', 'h_f');
            $w->line('F_f', '0.45 * f_cu * (b - b_w) * h_f', Kind::Force, 'Figure 3.3', 'flange beside the web');
            $w->line('M_f', 'F_f * (d - h_f / 2)', Kind::Moment);
            [$M, $b, $more] = ['(M - M_f)', 'b_w', ' + F_f / (f_y / gamma_ms)'];
        }
        $w->line('K', "{$M} / ({$b} * d^2 * f_cu)", Kind::Number, '3.4.4.4');
        if ($w->value('K') <= $w->value('K_lim')) {
            $w->line('z', 'min(d * (0.5 + sqrt(0.25 - K / 0.9)), 0.95 * d)', Kind::Size, '3.4.4.4');
            $w->line('x', '(d - z) / 0.45', Kind::Size, '3.4.4.4');
            $w->let('A_s_c', 0.0, Kind::SteelArea, '', 'none in compression needed');
            $w->line('A_s', "{$M} / (f_y / gamma_ms * z){$more}", Kind::SteelArea, '3.4.4.4');

            return;
        }
        $w->line('z', 'd * (0.5 + sqrt(0.25 - K_lim / 0.9))', Kind::Size, '3.4.4.4');
        $w->line('x', '(d - z) / 0.45', Kind::Size, '3.4.4.4');
        $v->let($w, 'd_c');
        $v->assert('d_c', $w->value('d_c') < $w->value('x'), 'Bars in compression lie above the neutral axis.');
        $w->line('f_sc', 'min(f_y / gamma_ms, 700 * (1 - d_c / x))', Kind::Stress, '3.4.4.1', 'at 3.5 ‰');
        $w->line(
            'A_s_c',
            "(K - K_lim) * f_cu * {$b} * d^2 / (f_sc * (d - d_c))",
            Kind::SteelArea,
            '3.4.4.4',
            'in compression',
        );
        $w->line(
            'A_s',
            "(K_lim * f_cu * {$b} * d^2 / z + A_s_c * f_sc) / (f_y / gamma_ms){$more}",
            Kind::SteelArea,
            '3.4.4.4',
        );
    }

    private static function shear(Values $v, Working $w): void
    {
        self::assertCube($v);
        $v->assertPositive('V', 'b_v', 'd', 'A_s', 'f_yv', 'gamma_ms', 'A_sv');
        $v->assert('f_yv', $v->number('f_yv') <= 460.0, 'Links count up to 460 MPa (3.4.5.1).');
        $v->let($w, 'V', 'b_v', 'd', 'A_s', 'f_cu');
        $w->line('v', 'V / (b_v * d)', Kind::LowStress, '3.4.5.2');
        $w->line(
            'v_max',
            'min(0.8 * sqrt(f_cu), 5)',
            Kind::LowStress,
            '3.4.5.2',
            $w->value('v') > $w->value('min(0.8 * sqrt(f_cu), 5)') ? 'the section is too small' : '',
        );
        $w->line('p_s', 'min(100 * A_s / (b_v * d), 3)', Kind::Number, 'Table 3.8');
        $least = $v->text('member') === 'slab' ? '0.67' : '1';
        $rule = "0.79 * p_s^(1/3) * max((400 / d)^(1/4), {$least}) / 1.25 * (min(f_cu, 40) / 25)^(1/3)";
        $w->line('v_c', $rule, Kind::LowStress, 'Table 3.8', 'in MPa');
        $v->let($w, 'f_yv', 'gamma_ms', 'A_sv');
        $w->let('v_0', 0.4, Kind::LowStress, 'Table 3.7', 'of the least links');
        $isLight = $w->value('v') <= $w->value('v_c + 0.4');
        $w->line(
            'a_sv',
            $isLight ? 'v_0 * b_v / (f_yv / gamma_ms)' : '(v - v_c) * b_v / (f_yv / gamma_ms)',
            Kind::AreaByLength,
            'Table 3.7',
            $isLight ? 'least links' : '',
        );
        $w->line('s_v', 'min(A_sv / a_sv, 0.75 * d)', Kind::Size, '3.4.5.5', 'spacing that does');
    }

    private static function anchorage(Values $v, Working $w): void
    {
        self::assertCube($v);
        $v->assertPositive('phi', 'f_y', 'gamma_ms');
        $v->let($w, 'phi', 'f_cu', 'f_y', 'gamma_ms');
        $beta = ['plain' => [0.28, 0.35], 'deformed, type 1' => [0.4, 0.5]][$v->text('bars')] ?? [0.5, 0.63];
        $w->let('beta', $beta[$v->text('force') === 'tension' ? 0 : 1], Kind::Number, 'Table 3.26', $v->text('bars'));
        $w->line('f_bu', 'beta * sqrt(f_cu)', Kind::LowStress, '3.12.8.4', 'in MPa');
        $w->line('l_a', 'f_y / gamma_ms * phi / (4 * f_bu)', Kind::Size, '3.12.8.4');
        $w->line('k_a', 'l_a / phi', Kind::Number, '', 'diameters');
        $lap = $v->text('force') === 'tension' ? 'max(l_a, 15 * phi, 300)' : 'max(1.25 * l_a, 15 * phi, 300)';
        $w->line(
            'l_lap',
            $lap,
            Kind::Size,
            '3.12.8.11, 3.12.8.13',
            'ends of bars neither at the top nor in a corner',
        );
    }

    private static function spanDepth(Values $v, Working $w): void
    {
        $v->assertPositive('l', 'b', 'b_w', 'd', 'A_s_req', 'A_s_prov', 'f_y', 'beta_b', 'M');
        $v->let($w, 'l', 'M', 'b', 'b_w', 'd', 'A_s_req', 'A_s_prov', 'A_2', 'f_y', 'beta_b');
        $basic = ['simply supported' => 20.0, 'continuous' => 26.0][$v->text('system')] ?? 7.0;
        $w->let('r_0', $basic, Kind::Number, 'Table 3.9', $v->text('system'));
        $w->line('k_w', 'min(1, 0.8 + 0.2 * max(0, b_w / b - 0.3) / 0.7)', Kind::Number, '3.4.6.3', 'flange');
        $w->line('f_s', '2 * f_y * A_s_req / (3 * A_s_prov * beta_b)', Kind::Stress, 'Table 3.10');
        $w->line(
            'k_t',
            'max(0, min(2, 0.55 + (477 - f_s) / (120 * (0.9 + M / (b * d^2)))))',
            Kind::Number,
            'Table 3.10',
            'in MPa',
        );
        $w->line('k_c', 'min(1.5, 1 + 100 * A_2 / (b * d) / (3 + 100 * A_2 / (b * d)))', Kind::Number, 'Table 3.11');
        $v->number('l') > 10000.0 && $basic > 7.0
            ? $w->line('k_l', '10000 / l', Kind::Number, '3.4.6.4', 'longer than 10 m')
            : $w->let('k_l', 1.0, Kind::Number, '3.4.6.4');
        $w->line('r', 'r_0 * k_w * k_t * k_c * k_l', Kind::Number, '3.4.6.1');
        $w->line('u', 'l / d / r', Kind::Number, '3.4.6.1');
    }
}
