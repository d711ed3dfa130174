<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Materials\Concrete\CrackWidth;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.3: crack width calculated, by tables, and least steel. */
final class CrackTools
{
    public static function width(): Tool
    {
        return new FormulaTool(
            'concrete-crack-width',
            'Crack width, calculated',
            Inputs::STANDARD,
            [
                Input::of('M', 'moment in service', Kind::Moment, '80 kNm'),
                Input::of('b', 'width', Kind::Size, '300 mm'),
                Input::of('h', 'depth', Kind::Size, '500 mm'),
                Input::of('d', 'effective depth', Kind::Size, '452 mm'),
                Input::of('A_s', 'bars in tension', Kind::SteelArea, '942 mm²'),
                Input::of('phi', 'their diameter', Kind::Size, '20 mm'),
                Input::of('c_b', 'cover to them', Kind::Size, '38 mm'),
                Input::of('s_b', 'their spacing', Kind::Size, '100 mm'),
                Inputs::strength(),
                Input::of('phi_c', 'creep coefficient', Kind::Number, '2.0'),
                Input::of('k_t', 'duration: 0.4 long, 0.6 short', Kind::Number, '0.4'),
            ],
            function (Values $v, Working $w): void {
                ConcreteProperties::assertStrength($v);
                $v->assertPositive('M', 'b', 'h', 'd', 'A_s', 'phi', 's_b');
                $v->assert('d', $v->number('d') < $v->number('h'), 'This is less than the depth.');
                $v->let($w, 'M', 'b', 'h', 'd', 'A_s', 'phi', 'c_b', 's_b', 'f_ck');
                ConcreteProperties::mean($w);
                $v->let($w, 'phi_c', 'k_t');
                self::stress($w);
                $w->bind('b_ct', $w->value('b'), Kind::Size);
                self::calculated($w);
            },
        );
    }

    /** σ_s of M in the cracked section with creep; needs b, d, A_s, E_cm, φ_c. */
    public static function stress(Working $w): void
    {
        $w->line('E_c_eff', 'E_cm / (1 + phi_c)', Kind::ModulusOfElasticity, '7.4.3(5) (7.20)');
        $w->let('E_s', 200000.0, Kind::ModulusOfElasticity, '3.2.7(4)');
        $w->line('alpha_e', 'E_s / E_c_eff', Kind::Number, '', 'unless typed');
        $rule = 'alpha_e * A_s / b * (sqrt(1 + 2 * b * d / (alpha_e * A_s)) - 1)';
        if ($w->has('h_f') && $w->value($rule) > $w->value('h_f')) {
            self::belowFlange($w);

            return;
        }
        $w->line('x', $rule, Kind::Size, '', 'cracked, elastic');
        $w->line('sigma_s', 'M / (A_s * (d - x / 3))', Kind::Stress);
    }

    /** The axis lies in the web of a T. */
    private static function belowFlange(Working $w): void
    {
        $w->line('B', '((b - b_w) * h_f + alpha_e * A_s) / b_w', Kind::Size);
        $w->line('C', '((b - b_w) * h_f^2 + 2 * alpha_e * A_s * d) / b_w', Kind::Area);
        $w->line('x', 'sqrt(B^2 + C) - B', Kind::Size, '', 'cracked, elastic; in the web');
        $rule = 'b * x^3 / 3 - (b - b_w) * (x - h_f)^3 / 3 + alpha_e * A_s * (d - x)^2';
        $w->line('I_II', $rule, Kind::SecondMoment, '', 'cracked');
        $w->line('sigma_s', 'alpha_e * M * (d - x) / I_II', Kind::Stress);
    }

    /** w_k of σ_s; needs b_ct (width in tension), h, d, x, A_s, φ, c_b, s_b, f_ctm, E_cm, k_t. */
    public static function calculated(Working $w): float
    {
        $w->line('h_c_ef', 'min(2.5 * (h - d), (h - x) / 3, h / 2)', Kind::Size, '7.3.2(3)');
        $w->line('rho_p_eff', 'A_s / (b_ct * h_c_ef)', Kind::Number, '7.3.4(2) (7.10)');
        $w->line('alpha_s', 'E_s / E_cm', Kind::Number, '7.3.4(2)');
        $w->line(
            'd_eps',
            'max((sigma_s - k_t * f_ctm / rho_p_eff * (1 + alpha_s * rho_p_eff)) / E_s, 0.6 * sigma_s / E_s) * 1000',
            Kind::Number,
            '7.3.4(2) (7.9)',
            'ε_sm − ε_cm in ‰',
        );
        $w->value('s_b') <= $w->value('5 * (c_b + phi / 2)')
            ? $w->line(
                's_r_max',
                '3.4 * c_b + 0.8 * 0.5 * 0.425 * phi / rho_p_eff',
                Kind::Size,
                '7.3.4(3) (7.11)',
                'ribbed bars, bending',
            )
            : $w->line('s_r_max', '1.3 * (h - x)', Kind::Size, '7.3.4(3) (7.14)', 'bars far apart');

        return $w->line('w_k', 's_r_max * d_eps / 1000', Kind::Crack, '7.3.4(1) (7.8)');
    }

    public static function tables(): Tool
    {
        return new FormulaTool(
            'concrete-crack-table',
            'Cracks by diameter or spacing',
            Inputs::STANDARD,
            [
                Input::of('sigma_s', 'stress of the bars in service', Kind::Stress, '240 MPa'),
                Input::choice('w_k', 'width that is accepted, mm', ['0.3', '0.2', '0.4']),
                Input::of('h', 'depth', Kind::Size, '500 mm'),
                Input::of('h_cr', 'depth in tension just before cracking', Kind::Size, '250 mm'),
                Input::of('d', 'effective depth', Kind::Size, '452 mm'),
                Input::of('k_c', 'distribution of stress: 0.4 bending, 1 tension', Kind::Number, '0.4'),
                Inputs::strength(),
            ],
            function (Values $v, Working $w): void {
                ConcreteProperties::assertStrength($v);
                $v->assertPositive('sigma_s', 'h', 'd', 'h_cr');
                $crack = CrackWidth::from($v->text('w_k'));
                $diameter = $crack->greatestDiameter($v->number('sigma_s'));
                $v->assert(
                    'sigma_s',
                    $diameter !== null,
                    'The tables end below this stress. Take more bars, or calculate the width.',
                );
                $v->let($w, 'sigma_s', 'h', 'h_cr', 'd', 'k_c', 'f_ck');
                ConcreteProperties::mean($w);
                $w->let('phi_tab', $diameter ?? 0.0, Kind::Size, 'Table 7.2N', "w_k = {$crack->value} mm");
                $v->number('k_c') >= 1.0
                    ? $w->line(
                        'phi_max',
                        'phi_tab * f_ctm / 2.9 * h_cr / (8 * (h - d))',
                        Kind::Size,
                        '7.3.3(2) (7.7N)',
                        'tension all over',
                    )
                    : $w->line(
                        'phi_max',
                        'phi_tab * f_ctm / 2.9 * k_c * h_cr / (2 * (h - d))',
                        Kind::Size,
                        '7.3.3(2) (7.6N)',
                        'bending',
                    );
                $spacing = $crack->greatestSpacing($v->number('sigma_s'));
                if ($spacing !== null) {
                    $w->let('s_max', $spacing, Kind::Size, 'Table 7.3N', 'or this spacing');
                }
            },
        );
    }

    public static function least(): Tool
    {
        return new FormulaTool(
            'concrete-crack-least',
            'Least steel against cracks',
            Inputs::STANDARD,
            [
                Input::of('b', 'width', Kind::Size, '300 mm'),
                Input::of('h', 'depth', Kind::Size, '500 mm'),
                Input::of('sigma_s', 'stress of the bars just after cracking', Kind::Stress, '240 MPa'),
                Input::choice('loading', 'the section is in', ['bending', 'tension']),
                Inputs::strength(),
            ],
            function (Values $v, Working $w): void {
                ConcreteProperties::assertStrength($v);
                $v->assertPositive('b', 'h', 'sigma_s');
                $v->let($w, 'b', 'h', 'sigma_s', 'f_ck');
                ConcreteProperties::mean($w);
                $isBending = $v->text('loading') === 'bending';
                $w->let('k_c', $isBending ? 0.4 : 1.0, Kind::Number, '7.3.2(2)', $v->text('loading'));
                $w->line(
                    'k',
                    'max(0.65, min(1, 1 - 0.35 * (h - 300) / 500))',
                    Kind::Number,
                    '7.3.2(2)',
                    'of the depth of the web',
                );
                $w->line('A_ct', $isBending ? 'b * h / 2' : 'b * h', Kind::Area, '7.3.2(2)');
                $w->line(
                    'A_s_min',
                    'k_c * k * f_ctm * A_ct / sigma_s',
                    Kind::SteelArea,
                    '7.3.2(2) (7.1)',
                    'f_ct,eff = f_ctm',
                );
            },
        );
    }
}
