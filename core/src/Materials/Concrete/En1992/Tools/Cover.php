<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Materials\Concrete\Cover as Durability;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 4.4.1: nominal cover by exposure, structural class and bond, for reinforcing steel (Table 4.4N, from
 * memory).
 */
final class Cover
{
    private const CLASSES = ['XC1', 'X0', 'XC2', 'XC3', 'XC4', 'XD1', 'XD2', 'XD3', 'XS1', 'XS2', 'XS3'];

    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-cover',
            'Nominal cover',
            Inputs::STANDARD,
            [
                Input::choice('exposure', 'exposure class', self::CLASSES),
                Input::choice('class', 'structural class', ['S4', 'S1', 'S2', 'S3', 'S5', 'S6']),
                Input::of('phi', 'diameter of the bar', Kind::Size, '16 mm'),
                Input::of('d_g', 'greatest size of aggregate', Kind::Size, '20 mm'),
                Input::of('dc_dev', 'allowance for deviation', Kind::Size, '10 mm'),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        $v->assertPositive('phi', 'd_g');
        $v->let($w, 'phi', 'd_g', 'dc_dev');
        $v->number('d_g') > 32.0
            ? $w->line('c_min_b', 'phi + 5', Kind::Size, '4.4.1.2(3)', 'Table 4.2, aggregate above 32 mm')
            : $w->line('c_min_b', 'phi', Kind::Size, '4.4.1.2(3)', 'Table 4.2');
        $cover = Durability::durable($v->text('exposure'), (int) substr($v->text('class'), 1));
        $w->let(
            'c_min_dur',
            $cover,
            Kind::Size,
            '4.4.1.2(5)',
            "Table 4.4N, {$v->text('exposure')}, {$v->text('class')}",
        );
        $w->line('c_min', 'max(c_min_b, c_min_dur, 10)', Kind::Size, '4.4.1.2(2) (4.2)');
        $w->line('c_nom', 'c_min + dc_dev', Kind::Size, '4.4.1.1(2) (4.1)');
    }
}
