<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.6: resistance to shear along the depth or the width, and the limit of shear buckling. */
final class Shear
{
    /** V_pl,Rd in N for a force along the depth. */
    public static function resistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $Av = $steel->profile->shearArea($steel->basis->steel->eta, $d);

        return self::plastic($steel, $Av, 'V_pl_Rd', $d);
    }

    /** V_pl,Rd in N for a force along the width. */
    public static function sidewaysResistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $Av = $steel->profile->sidewaysShearArea($d);

        return self::plastic($steel, $Av, 'V_y_Rd', $d);
    }

    private static function plastic(SteelSection $steel, float $Av, string $symbol, ?Derivation $d): float
    {
        $V = ($Av * $steel->fy) / sqrt(3) / $steel->basis->steel->gammaM0;
        $d?->with([
            'A_v' => [$Av, Kind::Area],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M0' => [$steel->basis->steel->gammaM0, Kind::Number],
        ])->line($symbol, 'A_v * f_y / sqrt(3) / gamma_M0', Kind::Force, '6.2.6(2) (6.18)');

        return $V;
    }

    /** h_w/t_w of the web, or of both; null: a tube has none. */
    public static function webSlenderness(SteelSection $steel): ?float
    {
        $web = $steel->profile->web();

        return $web === null ? null : $web[0] / $web[1];
    }

    /** Greatest h_w/t_w without a check of shear buckling (6.2.6(6) (6.22)); webs without stiffeners. */
    public static function bucklingLimit(SteelSection $steel, ?Derivation $d = null): float
    {
        $limit = (72 * $steel->epsilon) / $steel->basis->steel->eta;
        $web = $steel->profile->web();
        if ($web !== null) {
            $d?->with(['h_w' => [$web[0], Kind::Size], 't_w' => [$web[1], Kind::Size]])->line(
                'lambda_w',
                'h_w / t_w',
                Kind::Number,
                '6.2.6(6)',
            );
            $d?->with([
                'epsilon' => [$steel->epsilon, Kind::Number],
                'eta' => [$steel->basis->steel->eta, Kind::Number],
            ])->line(
                'lambda_w_max',
                '72 * epsilon / eta',
                Kind::Number,
                '6.2.6(6) (6.22)',
                'EN 1993-1-5, 5.1(2): below it the web does not buckle in shear',
            );
        }

        return $limit;
    }
}
