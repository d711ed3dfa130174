<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, Table 3.1 by its formulas, for any strength from 12 to 90 MPa. */
final class ConcreteProperties
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-properties',
            'Properties of concrete',
            Inputs::STANDARD,
            [
                Inputs::strength(),
                Input::of('gamma_C', 'partial factor', Kind::Number, '1.5'),
                Input::of('alpha_cc', 'long-term effects in compression', Kind::Number, '1.0'),
                Input::of('alpha_ct', 'in tension', Kind::Number, '1.0'),
            ],
            self::run(...),
        );
    }

    public static function assertStrength(Values $v): void
    {
        $f = $v->number('f_ck');
        $v->assert(
            'f_ck',
            $f >= 12.0 && $f <= 90.0,
            'The rules are for cylinder strengths of 12 to 90 MPa (3.1.2(2)).',
        );
    }

    /** Mean and characteristic tensile strength and modulus, of f_ck. */
    public static function mean(Working $w): void
    {
        $w->line('f_cm', 'f_ck + 8', Kind::Stress, 'Table 3.1', 'in MPa');
        $w->value('f_ck') <= 50.0
            ? $w->line('f_ctm', '0.3 * f_ck^(2/3)', Kind::Stress, 'Table 3.1', 'up to C50/60')
            : $w->line('f_ctm', '2.12 * ln(1 + f_cm / 10)', Kind::Stress, 'Table 3.1', 'above C50/60');
        $w->line('E_cm', '22000 * (f_cm / 10)^0.3', Kind::ModulusOfElasticity, 'Table 3.1', 'in MPa');
    }

    private static function run(Values $v, Working $w): void
    {
        self::assertStrength($v);
        $v->assertPositive('gamma_C', 'alpha_cc', 'alpha_ct');
        $v->let($w, 'f_ck');
        self::mean($w);
        $w->line('f_ctk_005', '0.7 * f_ctm', Kind::Stress, 'Table 3.1');
        $w->line('f_ctk_095', '1.3 * f_ctm', Kind::Stress, 'Table 3.1');
        $isHigh = $w->value('f_ck') > 50.0;
        $w->line('epsilon_c1', 'min(0.7 * f_cm^0.31, 2.8)', Kind::Number, 'Table 3.1', 'in ‰');
        self::branch($w, $isHigh, 'epsilon_cu1', '2.8 + 27 * ((98 - f_cm) / 100)^4', 3.5);
        self::branch($w, $isHigh, 'epsilon_c2', '2 + 0.085 * (f_ck - 50)^0.53', 2.0);
        self::branch($w, $isHigh, 'epsilon_cu2', '2.6 + 35 * ((90 - f_ck) / 100)^4', 3.5);
        self::branch($w, $isHigh, 'n', '1.4 + 23.4 * ((90 - f_ck) / 100)^4', 2.0);
        self::branch($w, $isHigh, 'epsilon_c3', '1.75 + 0.55 * (f_ck - 50) / 40', 1.75);
        self::branch($w, $isHigh, 'epsilon_cu3', '2.6 + 35 * ((90 - f_ck) / 100)^4', 3.5);
        self::branch($w, $isHigh, 'lambda', '0.8 - (f_ck - 50) / 400', 0.8, '3.1.7(3)');
        self::branch($w, $isHigh, 'eta', '1 - (f_ck - 50) / 200', 1.0, '3.1.7(3)');
        $v->let($w, 'gamma_C', 'alpha_cc', 'alpha_ct');
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->line('f_ctd', 'alpha_ct * f_ctk_005 / gamma_C', Kind::Stress, '3.1.6(2) (3.16)');
    }

    private static function branch(
        Working $w,
        bool $isHigh,
        string $symbol,
        string $rule,
        float $value,
        string $clause = 'Table 3.1',
    ): void {
        $unit = str_starts_with($symbol, 'epsilon') ? ', in ‰' : '';
        $isHigh
            ? $w->line($symbol, $rule, Kind::Number, $clause, "above C50/60{$unit}")
            : $w->let($symbol, $value, Kind::Number, $clause, "up to C50/60{$unit}");
    }
}
