<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 3.1.4 and Annex B: creep and shrinkage. Days, per cent, ‰. */
final class Time
{
    /** By class of cement: exponent α of (B.9), α_ds1 and α_ds2 of (B.11). */
    private const CEMENT = ['N' => [0.0, 4.0, 0.12], 'S' => [-1.0, 3.0, 0.13], 'R' => [1.0, 6.0, 0.11]];

    /** 3.1.4(6), Table 3.3: k_h by h_0. */
    /** @var list<array{float, float}> */
    private const SIZES = [[100.0, 1.0], [200.0, 0.85], [300.0, 0.75], [500.0, 0.7]];

    /** @return list<Tool> */
    public static function tools(): array
    {
        $shared = [
            En1992Tools::strength(),
            Input::of('RH', 'relative humidity, %', Kind::Number, '50'),
            Input::of('h_0', 'notional size 2 A_c/u', Kind::Size, '200 mm'),
            Input::choice('cement', 'class of cement', ['N', 'S', 'R']),
        ];

        return [
            new FormulaTool(
                'concrete-creep',
                'Creep coefficient',
                En1992Tools::STANDARD,
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
                En1992Tools::STANDARD,
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
        $w->line('f_cm', 'f_ck + 8', Kind::Stress, 'Table 3.1', 'in MPa');
    }

    private static function creep(Values $v, Working $w): void
    {
        self::start($v, $w);
        $v->assertPositive('t_0');
        $v->assert('t', $v->number('t') > $v->number('t_0'), 'This is later than the age when it is loaded.');
        $v->let($w, 't_0', 't');
        $w->let(
            'alpha',
            self::CEMENT[$v->text('cement')][0],
            Kind::Number,
            'B.1(2)',
            "cement of class {$v->text('cement')}",
        );
        $w->line('t_0_adj', 'max(t_0 * (9 / (2 + t_0^1.2) + 1)^alpha, 0.5)', Kind::Number, 'B.1(2) (B.9)');
        if ($w->value('f_cm') <= 35.0) {
            $w->line(
                'phi_RH',
                '1 + (1 - RH / 100) / (0.1 * h_0^(1/3))',
                Kind::Number,
                'B.1(1) (B.3a)',
                'f_cm up to 35 MPa',
            );
            $w->line('beta_H', 'min(1.5 * (1 + (0.012 * RH)^18) * h_0 + 250, 1500)', Kind::Number, 'B.1(1) (B.8a)');
        } else {
            $w->line('alpha_1', '(35 / f_cm)^0.7', Kind::Number, 'B.1(1) (B.8c)');
            $w->line('alpha_2', '(35 / f_cm)^0.2', Kind::Number, 'B.1(1) (B.8c)');
            $w->line('alpha_3', '(35 / f_cm)^0.5', Kind::Number, 'B.1(1) (B.8c)');
            $w->line(
                'phi_RH',
                '(1 + (1 - RH / 100) / (0.1 * h_0^(1/3)) * alpha_1) * alpha_2',
                Kind::Number,
                'B.1(1) (B.3b)',
                'f_cm above 35 MPa',
            );
            $w->line(
                'beta_H',
                'min(1.5 * (1 + (0.012 * RH)^18) * h_0 + 250 * alpha_3, 1500 * alpha_3)',
                Kind::Number,
                'B.1(1) (B.8b)',
            );
        }
        $w->line('beta_fcm', '16.8 / sqrt(f_cm)', Kind::Number, 'B.1(1) (B.4)');
        $w->line('beta_t0', '1 / (0.1 + t_0_adj^0.2)', Kind::Number, 'B.1(1) (B.5)');
        $w->line('phi_0', 'phi_RH * beta_fcm * beta_t0', Kind::Number, 'B.1(1) (B.2)', 'in the end');
        $w->line('beta_c', '((t - t_0) / (beta_H + t - t_0))^0.3', Kind::Number, 'B.1(1) (B.7)');
        $w->line('phi', 'phi_0 * beta_c', Kind::Number, 'B.1(1) (B.1)', 'at the age looked at');
    }

    private static function shrinkage(Values $v, Working $w): void
    {
        self::start($v, $w);
        $v->assert('t', $v->number('t') > $v->number('t_s'), 'This is later than the end of curing.');
        $v->let($w, 't_s', 't');
        [, $ds1, $ds2] = self::CEMENT[$v->text('cement')];
        $w->let('alpha_ds1', $ds1, Kind::Number, 'B.2(1)', "cement of class {$v->text('cement')}");
        $w->let('alpha_ds2', $ds2, Kind::Number, 'B.2(1)');
        $w->line('beta_RH', '1.55 * (1 - (RH / 100)^3)', Kind::Number, 'B.2(1) (B.12)');
        $w->line(
            'epsilon_cd_0',
            '0.85 * (220 + 110 * alpha_ds1) * exp(-alpha_ds2 * f_cm / 10) * beta_RH / 1000',
            Kind::Number,
            'B.2(1) (B.11)',
            'in ‰',
        );
        $w->let('k_h', self::sizeFactor($w->value('h_0')), Kind::Number, '3.1.4(6)', 'Table 3.3');
        $w->line('beta_ds', '(t - t_s) / (t - t_s + 0.04 * sqrt(h_0^3))', Kind::Number, '3.1.4(6) (3.10)');
        $w->line('epsilon_cd', 'beta_ds * k_h * epsilon_cd_0', Kind::Number, '3.1.4(6) (3.9)', 'drying, in ‰');
        $w->line('epsilon_ca_inf', '2.5 * (f_ck - 10) / 1000', Kind::Number, '3.1.4(6) (3.12)', 'in ‰');
        $w->line('beta_as', '1 - exp(-0.2 * sqrt(t))', Kind::Number, '3.1.4(6) (3.13)');
        $w->line('epsilon_ca', 'beta_as * epsilon_ca_inf', Kind::Number, '3.1.4(6) (3.11)', 'autogenous, in ‰');
        $w->line('epsilon_cs', 'epsilon_cd + epsilon_ca', Kind::Number, '3.1.4(6) (3.8)', 'in ‰');
    }

    private static function sizeFactor(float $h0): float
    {
        [$size, $factor] = self::SIZES[0];
        foreach (self::SIZES as [$next, $to]) {
            if ($h0 <= $next) {
                $part = ($h0 - $size) / max(1.0, $next - $size);

                return $factor + ($to - $factor) * max(0.0, $part);
            }
            [$size, $factor] = [$next, $to];
        }

        return $factor;
    }
}
