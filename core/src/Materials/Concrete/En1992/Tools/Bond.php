<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 8.4 and 8.7: anchorage and laps of ribbed bars. */
final class Bond
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-anchorage',
            'Anchorage and lap',
            Inputs::STANDARD,
            [
                Input::of('phi', 'diameter of the bar', Kind::Size, '16 mm'),
                Input::of('sigma_sd', 'its design stress', Kind::Stress, '435 MPa'),
                Input::choice('bond', 'bond', ['good', 'poor']),
                Input::choice('force', 'the bar is in', ['tension', 'compression']),
                Input::choice('shape', 'shape', ['straight', 'bent or hooked']),
                Input::optional('c_d', 'least of cover, side cover and half the clear distance', Kind::Size),
                Input::of('rho_1', 'bars lapped within 0.65 l_0, %', Kind::Number, '50'),
                Inputs::strength(),
                Input::of('gamma_C', 'partial factor of concrete', Kind::Number, '1.5'),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('phi', 'sigma_sd', 'gamma_C', 'c_d', 'rho_1');
        $v->let($w, 'phi', 'sigma_sd', 'f_ck', 'gamma_C');
        $w->line('f_ck_b', 'min(f_ck, 60)', Kind::Stress, '8.4.2(2)', 'at most that of C60/75');
        $w->value('f_ck_b') <= 50.0
            ? $w->line('f_ctm', '0.3 * f_ck_b^(2/3)', Kind::Stress, 'Table 3.1')
            : $w->line('f_ctm', '2.12 * ln(1 + (f_ck_b + 8) / 10)', Kind::Stress, 'Table 3.1');
        $w->line('f_ctd', '0.7 * f_ctm / gamma_C', Kind::Stress, '3.1.6(2) (3.16)');
        $w->let(
            'eta_1',
            $v->text('bond') === 'good' ? 1.0 : 0.7,
            Kind::Number,
            '8.4.2(2)',
            $v->text('bond').' bond',
        );
        $v->number('phi') > 32.0
            ? $w->line('eta_2', '(132 - phi) / 100', Kind::Number, '8.4.2(2)', 'φ in mm')
            : $w->let('eta_2', 1.0, Kind::Number, '8.4.2(2)');
        $w->line('f_bd', '2.25 * eta_1 * eta_2 * f_ctd', Kind::Stress, '8.4.2(2) (8.2)');
        $w->line('l_b_rqd', 'phi / 4 * sigma_sd / f_bd', Kind::Size, '8.4.3(2) (8.3)');
        self::factors($v, $w);
        $isTension = $v->text('force') === 'tension';
        $w->line(
            'l_b_min',
            $isTension ? 'max(0.3 * l_b_rqd, 10 * phi, 100)' : 'max(0.6 * l_b_rqd, 10 * phi, 100)',
            Kind::Size,
            '8.4.4(1) (8.6), (8.7)',
        );
        $w->line(
            'l_bd',
            'max(alpha_1 * alpha_2 * l_b_rqd, l_b_min)',
            Kind::Size,
            '8.4.4(1) (8.4)',
            'α_3 = α_4 = α_5 = 1',
        );
        $v->let($w, 'rho_1');
        $w->line('alpha_6', 'max(1, min(sqrt(rho_1 / 25), 1.5))', Kind::Number, '8.7.3(1)');
        $w->line('l_0_min', 'max(0.3 * alpha_6 * l_b_rqd, 15 * phi, 200)', Kind::Size, '8.7.3(1) (8.11)');
        $w->line('l_0', 'max(alpha_1 * alpha_2 * alpha_6 * l_b_rqd, l_0_min)', Kind::Size, '8.7.3(1) (8.10)');
    }

    /** α_1 and α_2 of Table 8.2; 1 until c_d is known. */
    private static function factors(Values $v, Working $w): void
    {
        $isTension = $v->text('force') === 'tension';
        $isBent = $v->text('shape') !== 'straight';
        if (! $isTension || ! $v->has('c_d')) {
            $w->let('alpha_1', 1.0, Kind::Number, 'Table 8.2');
            $w->let('alpha_2', 1.0, Kind::Number, 'Table 8.2');

            return;
        }
        $v->let($w, 'c_d');
        $w->let(
            'alpha_1',
            $isBent && $v->number('c_d') > 3 * $v->number('phi') ? 0.7 : 1.0,
            Kind::Number,
            'Table 8.2',
        );
        $w->line(
            'alpha_2',
            $isBent
                ? 'max(0.7, min(1, 1 - 0.15 * (c_d - 3 * phi) / phi))'
                : 'max(0.7, min(1, 1 - 0.15 * (c_d - phi) / phi))',
            Kind::Number,
            'Table 8.2',
        );
    }
}
