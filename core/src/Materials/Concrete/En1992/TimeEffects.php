<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\Climate;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 3.1.4 and Annex B: creep and shrinkage. Of a member as they are typed, or after 50 years from its
 * climate, dried all around. Days, per cent, ‰.
 */
final class TimeEffects
{
    /** By class of cement: exponent α of (B.9), α_ds1 and α_ds2 of (B.11). */
    private const CEMENT = ['N' => [0.0, 4.0, 0.12], 'S' => [-1.0, 3.0, 0.13], 'R' => [1.0, 6.0, 0.11]];

    /** 3.1.4(6), Table 3.3: k_h by h_0. */
    private const SIZES = [[100.0, 1.0], [200.0, 0.85], [300.0, 0.75], [500.0, 0.7]];

    private const USUAL_CREEP = 2.0;

    private const USUAL_SHRINKAGE = 0.4;

    /** Days: 50 years. */
    private const IN_THE_END = 18250.0;

    /** Days. */
    private const CURING = 7.0;

    /** φ(∞, t_0) of a member. */
    public static function creepOf(ConcreteMake $concrete): float
    {
        $service = $concrete->service;

        return $service->creep ?? ($service->climate === null
            ? self::USUAL_CREEP
            : self::worked($concrete, $service->climate, Detail::Verdict)->value('phi'));
    }

    /** ε_cs of a member, ‰. */
    public static function shrinkageOf(ConcreteMake $concrete): float
    {
        $service = $concrete->service;

        return $service->shrinkage ?? ($service->climate === null
            ? self::USUAL_SHRINKAGE
            : self::worked($concrete, $service->climate, Detail::Verdict)->value('epsilon_cs'));
    }

    /** @return list<Weighing> what they are made of, where the engineer says in which climate */
    public static function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $climate = $concrete->service->climate;
        if ($climate === null) {
            return [];
        }
        $typed = array_filter([
            $concrete->service->creep === null ? null : 'creep is as typed',
            $concrete->service->shrinkage === null ? null : 'shrinkage is as typed',
        ]);

        return [
            new Weighing(
                'time',
                'Creep and shrinkage',
                'EN 1992-1-1, Annex B',
                null,
                lines: self::worked($concrete, $climate, $detail)->lines,
                remark: 'For cracks and deflection'.($typed === [] ? '' : '; '.implode(', ', $typed)).'.',
                told: true,
            ),
        ];
    }

    private static function worked(ConcreteMake $concrete, Climate $climate, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('RH', $climate->humidity, Kind::Number, '', 'relative humidity, %');
        $w->let('A_c', $concrete->area(), Kind::Area);
        $w->let('u_c', $concrete->isSlab() ? 2 * $concrete->b : $concrete->surface(), Kind::Size, '', 'dries here');
        $w->line('h_0', '2 * A_c / u_c', Kind::Size, '3.1.4(5)');
        self::mean($w);
        $w->let('t_0', $climate->age, Kind::Number, '', 'age when loaded, days');
        $w->let('t', self::IN_THE_END, Kind::Number, '', '50 years, days');
        self::creep($w, $climate->cement);
        $w->let('t_s', self::CURING, Kind::Number, '', 'age when curing ends, days');
        self::shrinkage($w, $climate->cement);

        return $w;
    }

    public static function mean(Working $w): void
    {
        $w->line('f_cm', 'f_ck + 8', Kind::Stress, 'Table 3.1', 'in MPa');
    }

    /** φ of f_cm, RH, h_0, t_0 and t. */
    public static function creep(Working $w, string $cement): void
    {
        $w->let(
            'alpha',
            self::CEMENT[$cement][0],
            Kind::Number,
            'B.1(2)',
            "cement of class {$cement}",
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

    /** ε_cs of f_ck, f_cm, RH, h_0, t_s and t. */
    public static function shrinkage(Working $w, string $cement): void
    {
        [, $ds1, $ds2] = self::CEMENT[$cement];
        $w->let('alpha_ds1', $ds1, Kind::Number, 'B.2(1)', "cement of class {$cement}");
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
