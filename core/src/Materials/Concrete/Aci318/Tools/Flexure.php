<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** ACI 318-19, 22.2, 22.3 and 9.6.1: steel for a moment, and the strength of a section with its steel. */
final class Flexure
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        $section = [
            Input::of('b', 'width in compression', Kind::Size, '12 in'),
            Input::optional('b_w', 'width of the web of a T', Kind::Size),
            Input::optional('h_f', 'thickness of its flange', Kind::Size),
            Input::of('d', 'effective depth', Kind::Size, '17.5 in'),
            Input::optional('d_t', 'depth of the extreme layer; as d when empty', Kind::Size),
            Inputs::strength(),
            Inputs::yield(),
            Inputs::edition(),
        ];

        return [
            new FormulaTool(
                'aci-steel',
                'Steel for a moment, ACI',
                Inputs::STANDARD,
                [
                    Input::of('M_u', 'factored moment', Kind::Moment, '140 kip·ft'),
                    ...$section,
                    Input::of('d_c', 'depth of the bars in compression', Kind::Size, '2.5 in'),
                ],
                self::required(...),
            ),
            new FormulaTool(
                'aci-strength',
                'Flexural strength, ACI',
                Inputs::STANDARD,
                [Input::of('A_s', 'bars in tension', Kind::SteelArea, '2.37 in²'), ...$section],
                self::strength(...),
            ),
        ];
    }

    private static function start(Values $v, Working $w): void
    {
        Inputs::assertStrength($v);
        $v->assertPositive('b', 'b_w', 'h_f', 'd', 'd_t', 'f_y');
        $v->let($w, 'b', 'd');
        $v->has('d_t') ? $v->let($w, 'd_t') : $w->line('d_t', 'd', Kind::Size);
        $v->let($w, 'f_c', 'f_y');
        Inputs::beta($v, $w);
        $w->let('E_s', 29e6 * Inputs::PSI, Kind::ModulusOfElasticity, '20.2.2.2');
        $w->line('epsilon_ty', 'f_y / E_s', Kind::Number, '21.2.2.1');
    }

    private static function isT(Values $v): bool
    {
        return $v->has('b_w') && $v->has('h_f') && $v->number('b_w') < $v->number('b');
    }

    /** C_f and M_f of the flange beside the web. */
    private static function flange(Values $v, Working $w): void
    {
        $v->let($w, 'b_w', 'h_f');
        $w->line('C_f', '0.85 * f_c * (b - b_w) * h_f', Kind::Force, '22.2.2.4.1', 'flange beside the web');
        $w->line('M_f', 'C_f * (d - h_f / 2)', Kind::Moment);
    }

    private static function required(Values $v, Working $w): void
    {
        $v->assert(
            'M_u',
            $v->number('M_u') >= 0.0,
            'Give the size of the moment; its sign says only which face is in tension.',
        );
        $v->let($w, 'M_u');
        self::start($v, $w);
        $w->let('phi', 0.9, Kind::Number, 'Table 21.2.2', 'tension-controlled');
        $w->line('c_max', '0.003 / (epsilon_ty + 0.006) * d_t', Kind::Size, '9.3.3.1', 'ε_t = ε_ty + 0.003');
        $w->line('a_max', 'beta_1 * c_max', Kind::Size, '22.2.2.4.1');
        [$M, $b, $more] = ['M_u / phi', 'b', ''];
        if (
            self::isT($v) &&
            $w->value('M_u / phi') >
                0.85 *
                    $v->number('f_c') *
                    $v->number('b') *
                    $v->number('h_f') *
                    ($v->number('d') - $v->number('h_f') / 2)
        ) {
            self::flange($v, $w);
            [$M, $b, $more] = ['(M_u / phi - M_f)', 'b_w', 'C_f + '];
        }
        $w->line(
            'M_max',
            "0.85 * f_c * {$b} * a_max * (d - a_max / 2)",
            Kind::Moment,
            '22.3',
            $more === '' ? '' : 'of the web',
        );
        if ($w->value($M) <= $w->value('M_max')) {
            $w->line('a', "d - sqrt(d^2 - 2 * {$M} / (0.85 * f_c * {$b}))", Kind::Size, '22.2.2.4.1');
            $w->line('c', 'a / beta_1', Kind::Size, '22.2.2.4.1');
            $w->line('epsilon_t', '0.003 * (d_t - c) / c', Kind::Number, '22.2.1.2');
            $w->line('A_s', "({$more}0.85 * f_c * {$b} * a) / f_y", Kind::SteelArea, '22.3');
        } else {
            $v->let($w, 'd_c');
            $v->assert('M_u', $w->value('c_max') > $w->value('d_c'), 'The section is too small for this moment.');
            $w->line(
                'f_s_c',
                'min(f_y, 0.003 * E_s * (1 - d_c / c_max)) - 0.85 * f_c',
                Kind::Stress,
                '22.2.1',
                'less displaced concrete',
            );
            $v->assert('M_u', $w->value('f_s_c') > 0.0, 'The section is too small for this moment.');
            $w->line('A_s_c', "({$M} - M_max) / ((d - d_c) * f_s_c)", Kind::SteelArea, '22.3', 'in compression');
            $w->line(
                'A_s',
                "({$more}0.85 * f_c * {$b} * a_max + ({$M} - M_max) / (d - d_c)) / f_y",
                Kind::SteelArea,
                '22.3',
            );
        }
        self::least($v, $w);
    }

    /** 9.6.1.2, with the flange in compression. */
    private static function least(Values $v, Working $w): void
    {
        Inputs::root($v, $w, false);
        $k = Inputs::of($v, 3, 0.25);
        $w->let('p_min', Inputs::isMetric($v) ? 1.4 : 200 * Inputs::PSI, Kind::LowStress, '9.6.1.2(b)');
        $b = self::isT($v) ? 'b_w' : 'b';
        self::isT($v) && ! $w->has('b_w') ? $v->let($w, 'b_w') : null;
        $w->line(
            'A_s_min',
            "max({$k} * root_fc, p_min) * {$b} * d / f_y",
            Kind::SteelArea,
            '9.6.1.2',
            'or 4/3 A_s (9.6.1.3)',
        );
    }

    private static function strength(Values $v, Working $w): void
    {
        $v->assertPositive('A_s');
        $v->let($w, 'A_s');
        self::start($v, $w);
        $w->line('a', 'A_s * f_y / (0.85 * f_c * b)', Kind::Size, '22.2.2.4.1');
        if (self::isT($v) && $w->value('a') > $v->number('h_f')) {
            self::flange($v, $w);
            $w->line('a_w', '(A_s * f_y - C_f) / (0.85 * f_c * b_w)', Kind::Size, '22.2.2.4.1', 'in the web');
            $w->line('M_n', '0.85 * f_c * b_w * a_w * (d - a_w / 2) + M_f', Kind::Moment, '22.3');
            $w->line('c', 'a_w / beta_1', Kind::Size, '22.2.2.4.1');
        } else {
            $w->line('M_n', 'A_s * f_y * (d - a / 2)', Kind::Moment, '22.3');
            $w->line('c', 'a / beta_1', Kind::Size, '22.2.2.4.1');
        }
        $w->line('epsilon_t', '0.003 * (d_t - c) / c', Kind::Number, '22.2.1.2');
        $yields = $w->value('epsilon_t') >= $w->value('epsilon_ty');
        $v->assert(
            'A_s',
            $yields,
            'So much steel does not yield before the concrete fails: take less, or a larger section.',
        );
        $rule = 'min(0.9, 0.65 + 0.25 * (epsilon_t - epsilon_ty) / 0.003)';
        $w->line('phi', $rule, Kind::Number, 'Table 21.2.2');
        $w->line('phiM_n', 'phi * M_n', Kind::Moment, '9.5.1.1');
    }
}
