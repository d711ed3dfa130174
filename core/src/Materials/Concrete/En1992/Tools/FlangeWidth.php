<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 5.3.2.1: effective width of the flange of a T or an L. */
final class FlangeWidth
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-flange-width',
            'Effective width of a flange',
            Inputs::STANDARD,
            [
                Input::of('l', 'span, or length of an overhang', Kind::Length, '6 m'),
                Input::choice('place', 'where', ['interior span', 'end span', 'simple span', 'support', 'overhang']),
                Input::optional('l_next', 'span beside it, at a support', Kind::Length),
                Input::of('b_w', 'width of the web', Kind::Size, '300 mm'),
                Input::of('b_1', 'half the clear distance to the next web, left', Kind::Size, '1500 mm'),
                Input::of('b_2', 'half the clear distance, right; 0 for an L', Kind::Size, '1500 mm'),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        $v->assertPositive('l', 'b_w');
        $v->let($w, 'l', 'b_w', 'b_1', 'b_2');
        if ($v->text('place') === 'support') {
            $v->assert('l_next', $v->has('l_next'), 'At a support both spans are needed.');
            $v->let($w, 'l_next');
        }
        $w->line(
            'l_0',
            match ($v->text('place')) {
                'interior span' => '0.7 * l',
                'end span' => '0.85 * l',
                'support' => '0.15 * (l + l_next)',
                'overhang' => '0.15 * l_next + l',
                default => 'l',
            },
            Kind::Length,
            '5.3.2.1(2), Figure 5.2',
            'between zero moments',
        );
        $w->line('b_eff_1', 'min(0.2 * b_1 + 0.1 * l_0, 0.2 * l_0, b_1)', Kind::Size, '5.3.2.1(3) (5.7a), (5.7b)');
        $w->line('b_eff_2', 'min(0.2 * b_2 + 0.1 * l_0, 0.2 * l_0, b_2)', Kind::Size, '5.3.2.1(3) (5.7a), (5.7b)');
        $w->line('b_eff', 'b_eff_1 + b_eff_2 + b_w', Kind::Size, '5.3.2.1(3) (5.7)', 'at most b');
    }
}
