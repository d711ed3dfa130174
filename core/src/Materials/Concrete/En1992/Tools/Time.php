<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Materials\Concrete\Climate;
use Waage\Materials\Concrete\En1992\TimeEffects;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 3.1.4 and Annex B: creep and shrinkage. Days, per cent, ‰. */
final class Time
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        $shared = [
            Inputs::strength(),
            Input::of('RH', 'relative humidity, %', Kind::Number, '50'),
            Input::of('h_0', 'notional size 2 A_c/u', Kind::Size, '200 mm'),
            Input::choice('cement', 'class of cement', Climate::CEMENTS),
        ];

        return [
            new FormulaTool(
                'concrete-creep',
                'Creep coefficient',
                Inputs::STANDARD,
                [
                    ...$shared,
                    Input::of('t_0', 'age when loaded, days', Kind::Number, '28'),
                    Input::of('t', 'age looked at, days', Kind::Number, '18250'),
                ],
                self::creep(...),
            ),
            new FormulaTool(
                'concrete-shrinkage',
                'Shrinkage strain',
                Inputs::STANDARD,
                [
                    ...$shared,
                    Input::of('t_s', 'age when curing ends, days', Kind::Number, '7'),
                    Input::of('t', 'age looked at, days', Kind::Number, '18250'),
                ],
                self::shrinkage(...),
            ),
        ];
    }

    private static function start(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('h_0', 't');
        $v->assert(
            'RH',
            $v->number('RH') >= 40.0 && $v->number('RH') <= 100.0,
            'The rules are for 40 to 100 % (B.1(1)).',
        );
        $v->let($w, 'f_ck', 'RH', 'h_0');
        TimeEffects::mean($w);
    }

    private static function creep(Values $v, Working $w): void
    {
        self::start($v, $w);
        $v->assertPositive('t_0');
        $v->assert('t', $v->number('t') > $v->number('t_0'), 'This is later than the age when it is loaded.');
        $v->let($w, 't_0', 't');
        TimeEffects::creep($w, $v->text('cement'));
    }

    private static function shrinkage(Values $v, Working $w): void
    {
        self::start($v, $w);
        $v->assert('t', $v->number('t') > $v->number('t_s'), 'This is later than the end of curing.');
        $v->let($w, 't_s', 't');
        TimeEffects::shrinkage($w, $v->text('cement'));
    }
}
