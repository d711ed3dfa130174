<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/**
 * ACI 318-19, 24.2: effective second moment and deflection of one span under uniform load, with creep and shrinkage.
 */
final class DeflectionTool
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'aci-deflection',
            'Deflection, ACI',
            Inputs::STANDARD,
            [
                Input::of('M_D', 'moment of permanent load, at mid-span', Kind::Moment, '50 kip·ft'),
                Input::of('M_L', 'moment of live load', Kind::Moment, '50 kip·ft'),
                Input::of('p_S', 'part of the live load that stays', Kind::Number, '0.2'),
                Input::of('l', 'span', Kind::Length, '20 ft'),
                Input::choice('system', 'the span is', ['simple', 'cantilever']),
                Input::of('b', 'width', Kind::Size, '12 in'),
                Input::of('h', 'depth', Kind::Size, '20 in'),
                Input::of('d', 'effective depth', Kind::Size, '17.5 in'),
                Input::of('A_s', 'bars in tension', Kind::SteelArea, '2.37 in²'),
                Input::of('A_s_c', 'bars in compression', Kind::SteelArea, '0 in²'),
                Input::of('xi', 'time: 2.0 five years, 1.4 one, 1.2 half, 1.0 a quarter', Kind::Number, '2.0'),
                Inputs::strength(),
                Inputs::edition(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        Inputs::assertStrength($v);
        $v->assertPositive('M_D', 'l', 'b', 'h', 'd', 'A_s');
        $v->assert('M_L', $v->number('M_L') >= 0.0, 'Give the size of the moment.');
        $v->assert('d', $v->number('d') < $v->number('h'), 'This is less than the depth.');
        $v->assert('p_S', $v->number('p_S') >= 0.0 && $v->number('p_S') <= 1.0, 'A part lies between 0 and 1.');
        $v->let($w, 'M_D', 'M_L', 'p_S', 'l', 'b', 'h', 'd', 'A_s', 'A_s_c', 'f_c');
        Inputs::root($v, $w, false);
        $k = Inputs::isMetric($v) ? 4700 : 57000;
        $w->line('E_c', "{$k} * root_fc", Kind::ModulusOfElasticity, '19.2.2.1(b)');
        $w->let('E_s', 29e6 * Inputs::PSI, Kind::ModulusOfElasticity, '20.2.2.2');
        $w->line('n', 'E_s / E_c', Kind::Number);
        $w->line('I_g', 'b * h^3 / 12', Kind::SecondMoment);
        $k = Inputs::of($v, 7.5, 0.62);
        $w->line('f_r', "{$k} * root_fc", Kind::LowStress, '19.2.3.1');
        $w->line('M_cr', 'f_r * I_g / (h / 2)', Kind::Moment, '24.2.3.5');
        $w->line(
            'kd',
            '(sqrt(2 * d * b / (n * A_s) + 1) - 1) * n * A_s / b',
            Kind::Size,
            '',
            'bars in compression left out',
        );
        $w->line('I_cr', 'b * kd^3 / 3 + n * A_s * (d - kd)^2', Kind::SecondMoment);
        $w->line('M_S', 'M_D + p_S * M_L', Kind::Moment, '', 'that stays');
        $w->line('M_T', 'M_D + M_L', Kind::Moment);
        $w->let('k_l', $v->text('system') === 'simple' ? 5 / 48 : 1 / 4, Kind::Number, '', 'uniform load');
        foreach (['D', 'S', 'T'] as $level) {
            $w->value("M_{$level}") <= $w->value('2 / 3 * M_cr')
                ? $w->line("I_e_{$level}", 'I_g', Kind::SecondMoment, '24.2.3.5(a)', 'uncracked')
                : $w->line(
                    "I_e_{$level}",
                    "I_cr / (1 - (2 / 3 * M_cr / M_{$level})^2 * (1 - I_cr / I_g))",
                    Kind::SecondMoment,
                    '24.2.3.5(b)',
                );
            $w->line("Delta_{$level}", "k_l * M_{$level} * l^2 / (E_c * I_e_{$level})", Kind::Deflection, '24.2.3.4');
        }
        $w->line('Delta_L', 'Delta_T - Delta_D', Kind::Deflection, '24.2.3', 'live load at once');
        $v->let($w, 'xi');
        $w->line('lambda_D', 'xi / (1 + 50 * A_s_c / (b * d))', Kind::Number, '24.2.4.1.1', 'creep and shrinkage');
        $w->line('Delta_LT', 'lambda_D * Delta_S + Delta_L', Kind::Deflection, '24.2.4', 'in time, and live load');
        $w->line('n_L', 'l / Delta_L', Kind::Number, 'Table 24.2.2', 'span over it');
        $w->line('n_LT', 'l / Delta_LT', Kind::Number, 'Table 24.2.2', 'span over it');
    }
}
