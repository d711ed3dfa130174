<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** A rectangle with bars at both faces under a moment, elastic: uncracked and cracked, with a modular ratio. */
final class ElasticSection
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-elastic',
            'Elastic section, uncracked and cracked',
            Inputs::STANDARD,
            [
                Input::of('M', 'moment', Kind::Moment, '80 kNm'),
                Input::of('b', 'width', Kind::Size, '300 mm'),
                Input::of('h', 'depth', Kind::Size, '500 mm'),
                Input::of('d', 'effective depth', Kind::Size, '452 mm'),
                Input::of('A_s', 'bars in tension', Kind::SteelArea, '942 mm²'),
                Input::of('d_2', 'depth of the bars in compression', Kind::Size, '46 mm'),
                Input::of('A_s2', 'bars in compression', Kind::SteelArea, '0 mm²'),
                Input::of('alpha_e', 'modular ratio', Kind::Number, '15'),
                Inputs::strength(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b', 'h', 'd', 'A_s', 'alpha_e');
        $v->assert('d', $v->number('d') < $v->number('h'), 'This is less than the depth.');
        $v->let($w, 'M', 'b', 'h', 'd', 'A_s', 'd_2', 'A_s2', 'alpha_e', 'f_ck');
        ConcreteProperties::mean($w);
        $w->line('A_i', 'b * h + (alpha_e - 1) * (A_s + A_s2)', Kind::Area, '', 'transformed, uncracked');
        $w->line(
            'x_I',
            '(b * h^2 / 2 + (alpha_e - 1) * (A_s * d + A_s2 * d_2)) / A_i',
            Kind::Size,
            '',
            'neutral axis, uncracked',
        );
        $w->line(
            'I_I',
            'b * h^3 / 12 + b * h * (h / 2 - x_I)^2 + (alpha_e - 1) * (A_s * (d - x_I)^2 + A_s2 * (x_I - d_2)^2)',
            Kind::SecondMoment,
        );
        $w->line('M_cr_g', 'f_ctm * b * h^2 / 6', Kind::Moment, '', 'cracking moment, gross section');
        $w->line('M_cr', 'f_ctm * I_I / (h - x_I)', Kind::Moment, '7.4.3', 'cracking moment, transformed section');
        $w->line('B', '(alpha_e * A_s + (alpha_e - 1) * A_s2) / b', Kind::Size);
        $w->line('C', '2 * (alpha_e * A_s * d + (alpha_e - 1) * A_s2 * d_2) / b', Kind::Area);
        $w->line('x_II', 'sqrt(B^2 + C) - B', Kind::Size, '', 'neutral axis, cracked');
        $w->line(
            'I_II',
            'b * x_II^3 / 3 + alpha_e * A_s * (d - x_II)^2 + (alpha_e - 1) * A_s2 * (x_II - d_2)^2',
            Kind::SecondMoment,
        );
        $w->line('sigma_c', 'M * x_II / I_II', Kind::Stress, '', 'concrete, cracked');
        $w->line('sigma_s', 'alpha_e * M * (d - x_II) / I_II', Kind::Stress, '', 'bars in tension, cracked');
        $w->line('sigma_s2', 'alpha_e * M * (x_II - d_2) / I_II', Kind::Stress, '', 'bars in compression, cracked');
    }
}
