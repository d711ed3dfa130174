<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Steel that a moment needs in a rectangle or a T, by the block of stress (EN 1992-1-1, 3.1.7(3) and 5.5(4)). */
final class RequiredSteel
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-bending',
            'Steel for a moment',
            Inputs::STANDARD,
            [
                Input::of('M_Ed', 'moment', Kind::Moment, '185 kNm'),
                Input::of('b', 'width in compression', Kind::Size, '300 mm'),
                Input::optional('b_w', 'width of the web of a T', Kind::Size),
                Input::optional('h_f', 'thickness of its flange', Kind::Size),
                Input::of('d', 'effective depth', Kind::Size, '450 mm'),
                Input::of('d_2', 'depth of the bars in compression', Kind::Size, '50 mm'),
                Inputs::strength(),
                Inputs::yield(),
                Input::of('delta', 'redistribution: moment after to before', Kind::Number, '1.0'),
                ...Inputs::factors(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b', 'd', 'b_w', 'h_f', 'f_yk', 'gamma_C', 'gamma_S', 'alpha_cc');
        $v->assert(
            'M_Ed',
            $v->number('M_Ed') >= 0.0,
            'Give the size of the moment; its sign says only which face is in tension.',
        );
        $v->assert(
            'd_2',
            $v->number('d_2') < $v->number('d') / 2,
            'The bars in compression lie in the upper half of d.',
        );
        $v->assert(
            'delta',
            $v->number('delta') >= 0.7 && $v->number('delta') <= 1.0,
            'Redistribution without proof goes to 0.7 (5.5(4)).',
        );
        $v->let($w, 'M_Ed', 'b', 'd', 'f_ck', 'gamma_C', 'alpha_cc', 'f_yk', 'gamma_S');
        self::block($w);
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->line('f_yd', 'f_yk / gamma_S', Kind::Stress, '3.2.7(2)');
        $v->let($w, 'delta');
        self::limit($w);
        $isT = $v->has('b_w') && $v->has('h_f') && $v->number('b_w') < $v->number('b');
        if ($isT) {
            $v->let($w, 'b_w', 'h_f');
            $w->line(
                'M_f',
                'b * h_f * eta * f_cd * (d - h_f / 2)',
                Kind::Moment,
                '',
                'block just as deep as the flange',
            );
            if ($w->value('M_Ed') > $w->value('M_f')) {
                self::web($v, $w);

                return;
            }
        }
        self::rectangle($v, $w, 'M_Ed', 'b');
    }

    /** λ and η of the block. */
    public static function block(Working $w): void
    {
        $isHigh = $w->value('f_ck') > 50.0;
        $isHigh
            ? $w->line('lambda', '0.8 - (f_ck - 50) / 400', Kind::Number, '3.1.7(3)')
            : $w->let('lambda', 0.8, Kind::Number, '3.1.7(3)');
        $isHigh
            ? $w->line('eta', '1 - (f_ck - 50) / 200', Kind::Number, '3.1.7(3)')
            : $w->let('eta', 1.0, Kind::Number, '3.1.7(3)');
        $isHigh
            ? $w->line('epsilon_cu', '2.6 + 35 * ((90 - f_ck) / 100)^4', Kind::Number, 'Table 3.1', 'ε_cu3 in ‰')
            : $w->let('epsilon_cu', 3.5, Kind::Number, 'Table 3.1', 'ε_cu3 in ‰');
    }

    private static function limit(Working $w): void
    {
        $w->line('k_2', '1.25 * (0.6 + 1.4 / epsilon_cu)', Kind::Number, '5.5(4)');
        $w->value('f_ck') <= 50.0
            ? $w->line('xi_max', '(delta - 0.44) / k_2', Kind::Number, '5.5(4) (5.10a)', 'greatest x/d')
            : $w->line('xi_max', '(delta - 0.54) / k_2', Kind::Number, '5.5(4) (5.10b)', 'greatest x/d');
        $w->line('x_max', 'xi_max * d', Kind::Size);
    }

    private static function rectangle(Values $v, Working $w, string $M, string $b): void
    {
        $w->line(
            'M_max',
            "lambda * x_max * {$b} * eta * f_cd * (d - lambda * x_max / 2)",
            Kind::Moment,
            '3.1.7(3)',
            'without bars in compression',
        );
        $w->line('K', "{$M} / ({$b} * d^2 * f_ck)", Kind::Number, '', 'M/(b d² f_ck)');
        if ($w->value($M) <= $w->value('M_max')) {
            $w->line('z', "d / 2 * (1 + sqrt(1 - 2 * {$M} / ({$b} * d^2 * eta * f_cd)))", Kind::Size, '3.1.7(3)');
            $w->line('x', '2 * (d - z) / lambda', Kind::Size);
            $w->let('A_s2', 0.0, Kind::SteelArea, '', 'none in compression needed');
            $w->line('A_s', "{$M} / (z * f_yd)", Kind::SteelArea, '6.1');

            return;
        }
        self::compression($v, $w);
        $w->line('A_s2', "({$M} - M_max) / ((d - d_2) * sigma_s2)", Kind::SteelArea, '6.1', 'in compression');
        $w->line(
            'A_s',
            "(lambda * x_max * {$b} * eta * f_cd + ({$M} - M_max) / (d - d_2)) / f_yd",
            Kind::SteelArea,
            '6.1',
            'in tension',
        );
    }

    private static function compression(Values $v, Working $w): void
    {
        $v->let($w, 'd_2');
        $v->assert(
            'M_Ed',
            $w->value('x_max') > $w->value('d_2'),
            'The section is too small for this moment: bars in compression would not be compressed.',
        );
        $w->line(
            'sigma_s2',
            'min(f_yd, 200 * epsilon_cu * (1 - d_2 / x_max)) - eta * f_cd',
            Kind::Stress,
            '3.2.7',
            'less displaced concrete',
        );
        $v->assert('M_Ed', $w->value('sigma_s2') > 0.0, 'The section is too small for this moment.');
    }

    /** The block reaches below the flange: the parts beside the web and the web each take a part of the moment. */
    private static function web(Values $v, Working $w): void
    {
        $w->line(
            'M_1',
            '(b - b_w) * h_f * eta * f_cd * (d - h_f / 2)',
            Kind::Moment,
            '',
            'of the flange beside the web',
        );
        $w->line('A_s_1', '(b - b_w) * h_f * eta * f_cd / f_yd', Kind::SteelArea);
        $w->line('M_2', 'M_Ed - M_1', Kind::Moment, '', 'of the web');
        $w->line(
            'M_max',
            'lambda * x_max * b_w * eta * f_cd * (d - lambda * x_max / 2)',
            Kind::Moment,
            '3.1.7(3)',
            'of the web',
        );
        if ($w->value('M_2') <= $w->value('M_max')) {
            $w->line(
                'z',
                'd / 2 * (1 + sqrt(1 - 2 * M_2 / (b_w * d^2 * eta * f_cd)))',
                Kind::Size,
                '3.1.7(3)',
                'of the web',
            );
            $w->line('x', '2 * (d - z) / lambda', Kind::Size);
            $w->let('A_s2', 0.0, Kind::SteelArea, '', 'none in compression needed');
            $w->line('A_s', 'A_s_1 + M_2 / (z * f_yd)', Kind::SteelArea, '6.1');

            return;
        }
        self::compression($v, $w);
        $w->line('A_s2', '(M_2 - M_max) / ((d - d_2) * sigma_s2)', Kind::SteelArea, '6.1', 'in compression');
        $w->line(
            'A_s',
            'A_s_1 + (lambda * x_max * b_w * eta * f_cd + (M_2 - M_max) / (d - d_2)) / f_yd',
            Kind::SteelArea,
            '6.1',
            'in tension',
        );
    }
}
