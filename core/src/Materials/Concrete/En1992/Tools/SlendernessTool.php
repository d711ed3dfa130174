<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.4.2: the ratio of span to depth that needs no calculated deflection. */
final class SlendernessTool
{
    private const SYSTEMS = [
        'simply supported' => 1.0,
        'end span' => 1.3,
        'interior span' => 1.5,
        'flat slab' => 1.2,
        'cantilever' => 0.4,
    ];

    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-span-depth',
            'Span to depth',
            Inputs::STANDARD,
            [
                Input::of('L', 'span', Kind::Length, '6 m'),
                Input::of('d', 'effective depth', Kind::Size, '452 mm'),
                Input::of('b', 'width in compression', Kind::Size, '300 mm'),
                Input::of('b_w', 'width of the web', Kind::Size, '300 mm'),
                Input::of('A_s_req', 'steel that the moment needs', Kind::SteelArea, '760 mm²'),
                Input::of('A_s2_req', 'and in compression', Kind::SteelArea, '0 mm²'),
                Input::of('A_s_prov', 'steel there is', Kind::SteelArea, '942 mm²'),
                Input::choice('system', 'system', array_keys(self::SYSTEMS)),
                Input::choice('partitions', 'partitions that may be damaged', ['yes', 'no']),
                Inputs::strength(),
                Inputs::yield(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('L', 'd', 'b', 'b_w', 'A_s_req', 'A_s_prov', 'f_yk');
        $v->let($w, 'L', 'd', 'b', 'b_w', 'A_s_req', 'A_s2_req', 'A_s_prov', 'f_ck', 'f_yk');
        $w->let('K', self::SYSTEMS[$v->text('system')], Kind::Number, 'Table 7.4N', $v->text('system'));
        $w->line('rho', 'A_s_req / (b * d)', Kind::Number);
        $w->line('rho_2', 'A_s2_req / (b * d)', Kind::Number);
        $w->line('rho_0', 'sqrt(f_ck) / 1000', Kind::Number, '7.4.2(2)', 'f_ck in MPa');
        $isLight = $w->value('rho') <= $w->value('rho_0');
        $rule = $isLight
            ? 'K * (11 + 1.5 * sqrt(f_ck) * rho_0 / rho + 3.2 * sqrt(f_ck) * (rho_0 / rho - 1)^1.5)'
            : 'K * (11 + 1.5 * sqrt(f_ck) * rho_0 / (rho - rho_2) + sqrt(f_ck) / 12 * sqrt(rho_2 / rho_0))';
        $w->line('lambda_0', $rule, Kind::Number, $isLight ? '7.4.2(2) (7.16a)' : '7.4.2(2) (7.16b)');
        $w->line(
            'F_s',
            'min(500 * A_s_prov / (f_yk * A_s_req), 1.5)',
            Kind::Number,
            '7.4.2(2) (7.17)',
            '310/σ_s; at most 1.5',
        );
        $w->let(
            'F_b',
            $v->number('b') > 3 * $v->number('b_w') ? 0.8 : 1.0,
            Kind::Number,
            '7.4.2(2)',
            'flange more than three times the web: 0.8',
        );
        $isFlat = $v->text('system') === 'flat slab';
        $most = $isFlat ? 8500.0 : 7000.0;
        $v->text('partitions') === 'yes' && $v->number('L') > $most
            ? $w->line('F_L', $isFlat ? '8500 / L' : '7000 / L', Kind::Number, '7.4.2(2)', 'L in mm')
            : $w->let('F_L', 1.0, Kind::Number, '7.4.2(2)');
        $w->line('lambda_lim', 'lambda_0 * F_s * F_b * F_L', Kind::Number, '7.4.2(2)');
        $w->line('lambda_is', 'L / d', Kind::Number);
        $w->line('u', 'lambda_is / lambda_lim', Kind::Number, '7.4.2(2)');
    }
}
