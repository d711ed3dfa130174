<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 9.2.1.1 and 9.3.1.1: least and most steel of beams, and what a slab needs. */
final class LeastSteel
{
    /** @return list<Tool> */
    public static function tools(): array
    {
        return [
            new FormulaTool(
                'concrete-least-steel',
                'Least and most steel of a beam',
                Inputs::STANDARD,
                [
                    Input::of('b_t', 'mean width of the part in tension', Kind::Size, '300 mm'),
                    Input::of('d', 'effective depth', Kind::Size, '450 mm'),
                    Input::of('A_c', 'area of the section', Kind::Area, '1500 cm²'),
                    Inputs::strength(),
                    Inputs::yield(),
                ],
                self::beam(...),
            ),
            new FormulaTool(
                'concrete-slab',
                'Slab strip: least steel and spacing',
                Inputs::STANDARD,
                [
                    Input::of('b', 'width of the strip', Kind::Size, '1000 mm'),
                    Input::of('h', 'thickness', Kind::Size, '200 mm'),
                    Input::of('d', 'effective depth', Kind::Size, '165 mm'),
                    Input::of('A_s_req', 'main steel that the moment needs', Kind::SteelArea, '450 mm²'),
                    Input::choice('place', 'where', ['greatest moment', 'elsewhere']),
                    Inputs::strength(),
                    Inputs::yield(),
                ],
                self::slab(...),
            ),
        ];
    }

    private static function beam(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b_t', 'd', 'A_c', 'f_yk');
        $v->let($w, 'b_t', 'd', 'A_c', 'f_ck', 'f_yk');
        ConcreteProperties::mean($w);
        $w->line('A_s_min', 'max(0.26 * f_ctm / f_yk, 0.0013) * b_t * d', Kind::SteelArea, '9.2.1.1(1) (9.1N)');
        $w->line('A_s_max', '0.04 * A_c', Kind::SteelArea, '9.2.1.1(3)', 'outside laps');
    }

    private static function slab(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('b', 'h', 'd', 'f_yk');
        $v->let($w, 'b', 'h', 'd', 'A_s_req', 'f_ck', 'f_yk');
        ConcreteProperties::mean($w);
        $w->line('A_s_min', 'max(0.26 * f_ctm / f_yk, 0.0013) * b * d', Kind::SteelArea, '9.3.1.1(1) (9.1N)');
        $w->line(
            'A_s',
            'max(A_s_req, A_s_min)',
            Kind::SteelArea,
            '',
            $w->value('A_s_req') < $w->value('A_s_min') ? 'the least steel governs' : 'the moment governs',
        );
        $w->line('A_s_dist', '0.2 * A_s', Kind::SteelArea, '9.3.1.1(2)', 'distribution steel');
        $isGreatest = $v->text('place') === 'greatest moment';
        $w->line('s_max', $isGreatest ? 'min(2 * h, 250)' : 'min(3 * h, 400)', Kind::Size, '9.3.1.1(3)', 'main bars');
        $w->line(
            's_max_dist',
            $isGreatest ? 'min(3 * h, 400)' : 'min(3.5 * h, 450)',
            Kind::Size,
            '9.3.1.1(3)',
            'distribution bars',
        );
    }
}
