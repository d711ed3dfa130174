<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** ACI 318-19: least thickness, least steel and spacing of one-way slabs and beams; effective width of a flange. */
final class SlabTools
{
    /** Span over thickness of slabs and beams, Tables 7.3.1.1 and 9.3.1.1. */
    private const THICKNESS = [
        'simple' => [20.0, 16.0],
        'one end continuous' => [24.0, 18.5],
        'both ends continuous' => [28.0, 21.0],
        'cantilever' => [10.0, 8.0],
    ];

    /** @return list<Tool> */
    public static function tools(): array
    {
        return [
            new FormulaTool(
                'aci-thickness',
                'Least thickness, least steel and spacing, ACI',
                Inputs::STANDARD,
                [
                    Input::choice('member', 'the member is a', ['slab', 'beam']),
                    Input::choice('ends', 'ends', array_keys(self::THICKNESS)),
                    Input::of('l', 'span', Kind::Length, '15 ft'),
                    Input::of('h', 'thickness that is chosen', Kind::Size, '7.5 in'),
                    Input::of('c_c', 'clear cover to the bars', Kind::Size, '0.75 in'),
                    Inputs::yield(),
                ],
                self::thickness(...),
            ),
            new FormulaTool(
                'aci-flange-width',
                'Effective width of a flange, ACI',
                Inputs::STANDARD,
                [
                    Input::of('b_w', 'width of the web', Kind::Size, '12 in'),
                    Input::of('h_f', 'thickness of the flange', Kind::Size, '5 in'),
                    Input::of('s_w', 'clear distance to the next web', Kind::Size, '90 in'),
                    Input::of('l_n', 'clear span', Kind::Length, '24 ft'),
                    Input::choice('sides', 'flange', ['on both sides', 'on one side', 'isolated T']),
                ],
                self::flange(...),
            ),
        ];
    }

    private static function thickness(Values $v, Working $w): void
    {
        $v->assertPositive('l', 'h', 'f_y');
        $v->let($w, 'l', 'f_y', 'h', 'c_c');
        $isSlab = $v->text('member') === 'slab';
        $w->let(
            'k',
            self::THICKNESS[$v->text('ends')][$isSlab ? 0 : 1],
            Kind::Number,
            $isSlab ? 'Table 7.3.1.1' : 'Table 9.3.1.1',
        );
        $w->let('f_0', 100e3 * Inputs::PSI, Kind::Stress, $isSlab ? '7.3.1.1.1' : '9.3.1.1.1');
        $w->line('h_min', 'l / k * (0.4 + f_y / f_0)', Kind::Size, $isSlab ? '7.3.1.1' : '9.3.1.1', 'normalweight');
        $w->line('f_s', '2 / 3 * f_y', Kind::Stress, '24.3.2.1');
        $w->let('f_1', 40e3 * Inputs::PSI, Kind::Stress, 'Table 24.3.2');
        $w->let('s_1', 381.0, Kind::Size, 'Table 24.3.2', '15 in');
        $w->let('s_2', 304.8, Kind::Size, 'Table 24.3.2', '12 in');
        $w->line(
            's_cr',
            'min(s_1 * f_1 / f_s - 2.5 * c_c, s_2 * f_1 / f_s)',
            Kind::Size,
            'Table 24.3.2',
            'against cracks',
        );
        if ($isSlab) {
            $w->line('a_s_min', '0.0018 * h', Kind::AreaByLength, '7.6.1.1, 24.4.3.2', 'main bars, and across');
            $w->let('s_18', 457.2, Kind::Size, '7.7.2.3', '18 in');
            $w->line('s_max', 'min(3 * h, s_18, s_cr)', Kind::Size, '7.7.2.3');
            $w->line('s_t', 'min(5 * h, s_18)', Kind::Size, '24.4.3.3', 'across');
        }
        $w->line('u', 'h_min / h', Kind::Number, '', 'above 1: deflections are calculated');
    }

    private static function flange(Values $v, Working $w): void
    {
        $v->assertPositive('b_w', 'h_f', 's_w', 'l_n');
        $v->let($w, 'b_w', 'h_f', 's_w', 'l_n');
        match ($v->text('sides')) {
            'on both sides' => $w->line(
                'b_o',
                'min(8 * h_f, s_w / 2, l_n / 8)',
                Kind::Size,
                'Table 6.3.2.1',
                'on each side',
            ),
            'on one side' => $w->line('b_o', 'min(6 * h_f, s_w / 2, l_n / 12)', Kind::Size, 'Table 6.3.2.1'),
            default => $w->line('b_o', '1.5 * b_w', Kind::Size, '6.3.2.2', 'b at most 4 b_w'),
        };
        if ($v->text('sides') === 'isolated T') {
            $v->assert(
                'h_f',
                $v->number('h_f') >= 0.5 * $v->number('b_w'),
                'The flange of an isolated T is half as thick as the web is wide, or more (6.3.2.2).',
            );
        }
        $w->line('b_f', $v->text('sides') === 'on one side' ? 'b_w + b_o' : 'b_w + 2 * b_o', Kind::Size, '6.3.2');
    }
}
