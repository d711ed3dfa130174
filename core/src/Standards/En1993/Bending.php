<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.5: resistance in bending about y-y without shear. */
final class Bending
{
    /** M_c,Rd in Nmm. */
    public static function resistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $W = $d !== null && $steel->class > 3 ? $steel->effectiveModulus('y', $d) : $steel->modulus;
        $gammaM0 = $steel->basis->gammaM0;
        $M = $W * $steel->fy / $gammaM0;
        $symbol = $steel->modulusSymbol();
        $d?->line('M_c_Rd', "{$symbol} * f_y / gamma_M0", [
            $symbol => [$W, Kind::Modulus], 'f_y' => [$steel->fy, Kind::Stress], 'gamma_M0' => [$gammaM0, Kind::Number],
        ], $M, Kind::Moment, ['6.2.5(2) (6.13)', '6.2.5(2) (6.13)', '6.2.5(2) (6.14)', '6.2.5(2) (6.15)'][$steel->class - 1], "class {$steel->class}");

        return $M;
    }
}
