<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
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

    /** Design value of the concrete's tensile strength, for bond (8.4.2(2)). */
    public static function fctd(ConcreteMake $concrete): float
    {
        return 0.7 * $concrete->grade->fctm() / $concrete->parameter('gammaC');
    }
}
