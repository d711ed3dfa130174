<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Areas of bars by number and by spacing, and whether a number of bars fits (EN 1992-1-1, 8.2(2)). */
final class BarTables
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        return [
            new FormulaTool(
                'bar-table',
                'Area of bars',
                'geometry',
                [
                    Input::of('phi', 'diameter', Kind::Size, '16 mm'),
                    Input::of('n', 'number', Kind::Number, '4'),
                    Input::of('s', 'or spacing', Kind::Size, '150 mm'),
                ],
                function (Values $v, Working $w): void {
                    $v->assertPositive('phi', 'n', 's');
                    $v->let($w, 'phi', 'n', 's');
                    $w->line('A_1', 'pi * phi^2 / 4', Kind::SteelArea, '', 'of one bar');
                    $w->line('A_n', 'n * A_1', Kind::SteelArea, '', 'of so many');
                    $w->line('a_s', 'A_1 / s', Kind::AreaByLength, '', 'at this spacing');
                    $w->line('m_1', 'A_1 * 0.00785', Kind::Number, '', 'mass in kg/m, A in mm²');
                },
            ),
            new FormulaTool(
                'concrete-bars-fit',
                'Do bars fit',
                Inputs::STANDARD,
                [
                    Input::of('b', 'width', Kind::Size, '300 mm'),
                    Input::of('c', 'cover to the links', Kind::Size, '35 mm'),
                    Input::of('phi_w', 'diameter of the links', Kind::Size, '8 mm'),
                    Input::of('n', 'number of bars in a layer', Kind::Number, '4'),
                    Input::of('phi', 'their diameter', Kind::Size, '20 mm'),
                    Input::of('d_g', 'greatest size of aggregate', Kind::Size, '20 mm'),
                ],
                function (Values $v, Working $w): void {
                    $v->assertPositive('b', 'phi', 'd_g');
                    $v->assert('n', $v->number('n') >= 2.0, 'A layer has two bars at least.');
                    $v->let($w, 'b', 'c', 'phi_w', 'n', 'phi', 'd_g');
                    $w->line('a', '(b - 2 * c - 2 * phi_w - n * phi) / (n - 1)', Kind::Size, '', 'clear distance');
                    $w->line('a_min', 'max(phi, d_g + 5, 20)', Kind::Size, '8.2(2)', 'k_1 = 1, k_2 = 5 mm');
                    $w->line(
                        'n_max',
                        '(b - 2 * c - 2 * phi_w + a_min) / (phi + a_min)',
                        Kind::Number,
                        '',
                        'bars that fit, before rounding down',
                    );
                    $w->line(
                        'u',
                        'a_min / a',
                        Kind::Number,
                        '8.2(2)',
                        $w->value('a') >= $w->value('a_min') ? 'they fit' : 'they do not fit',
                    );
                },
            ),
        ];
    }
}
