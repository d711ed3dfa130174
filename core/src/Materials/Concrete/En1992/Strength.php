<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Grade;
use Waage\Units\Kind;

/** EN 1992-1-1, 2.4.2.4 and 3.1.6: design strengths. MPa. */
final class Strength
{
    /** f_cd and f_yd, with what they are made of. */
    public static function of(Working $w, ConcreteMake $concrete): void
    {
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('gamma_C', $concrete->parameter('gammaC'), Kind::Number, 'Table 2.1N');
        $w->let('alpha_cc', $concrete->parameter('alphaCc'), Kind::Number, '3.1.6(1)');
        $w->line('f_cd', 'alpha_cc * f_ck / gamma_C', Kind::Stress, '3.1.6(1) (3.15)');
        $w->let('f_yk', $concrete->fyk, Kind::Stress);
        $w->let('gamma_S', $concrete->parameter('gammaS'), Kind::Number, 'Table 2.1N');
        $w->line('f_yd', 'f_yk / gamma_S', Kind::Stress, '3.2.7(2)');
    }

    public static function fcd(ConcreteMake $concrete): float
    {
        return $concrete->parameter('alphaCc') * $concrete->grade->fck / $concrete->parameter('gammaC');
    }

    public static function fyd(ConcreteMake $concrete): float
    {
        return $concrete->fyk / $concrete->parameter('gammaS');
    }

    /** Design value of the concrete's tensile strength, for bond: as C60/75 at most (8.4.2(2)). */
    public static function fctd(ConcreteMake $concrete): float
    {
        $fctm = min($concrete->grade->fctm(), Grade::of('C60/75')?->fctm() ?? 0.0);

        return 0.7 * $fctm / $concrete->parameter('gammaC');
    }

    /** f_ctm of f_ck. */
    public static function tension(Working $w): void
    {
        $w->value('f_ck') <= 50.0
            ? $w->line('f_ctm', '0.3 * f_ck^(2/3)', Kind::Stress, 'Table 3.1')
            : $w->line('f_ctm', '2.12 * ln(1 + (f_ck + 8) / 10)', Kind::Stress, 'Table 3.1', 'above C50/60');
    }

    /** f_bd of η_1, f_ck and γ_C. */
    public static function bond(Working $w): void
    {
        self::tension($w);
        $w->value('f_ck') <= 60.0
            ? $w->line('f_ctd', '0.7 * f_ctm / gamma_C', Kind::Stress, '3.1.6(2)', 'f_ctk,0.05; α_ct = 1')
            : $w->line('f_ctd', '0.7 * 2.12 * ln(7.8) / gamma_C', Kind::Stress, '8.4.2(2)', 'as C60/75');
        $w->line('f_bd', '2.25 * eta_1 * f_ctd', Kind::Stress, '8.4.2(2) (8.2)', 'η_2 = 1');
    }
}
