<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.8: resistance in bending where the shear force is more than half of its resistance. */
final class BendingWithShear
{
    /**
     * M_V,Rd in Nmm.
     *
     * @param  float  $V  shear force, N
     * @param  float  $Vpl  its resistance, N
     * @param  float  $Mc  bending resistance without shear, Nmm
     */
    public static function resistance(
        SteelSection $steel,
        float $V,
        float $Vpl,
        float $Mc,
        ?Derivation $d = null,
    ): float {
        $ratio = abs($V) / $Vpl;
        if ($ratio <= 0.5) {
            return $Mc;
        }
        // Beyond its own resistance the shear force takes all of the web, and fails where it is weighed by itself.
        $rho = min(1.0, (2 * $ratio - 1) ** 2);
        $d?->with(['V_Ed' => [abs($V), Kind::Force], 'V_pl_Rd' => [$Vpl, Kind::Force]])->line(
            'rho',
            $ratio > 1.0 ? 'min(1, (2 * V_Ed / V_pl_Rd - 1)^2)' : '(2 * V_Ed / V_pl_Rd - 1)^2',
            Kind::Number,
            '6.2.8(3)',
        );
        $loss = self::loss($steel);
        $s = self::byWeb($steel);
        if ($s !== null) {
            $M = min($Mc - $rho * $loss, $Mc);
            $d?->with(['h_w' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
                'A_w',
                'h_w * t_w',
                Kind::Area,
                '6.2.8(5)',
            );
            $d?->with([
                'W_pl_y' => [$s->Wply, Kind::Modulus],
                'f_y' => [$steel->fy, Kind::Stress],
                'gamma_M0' => [$steel->basis->steel->gammaM0, Kind::Number],
            ])->line('M_V_Rd', '(W_pl_y - rho * A_w^2 / (4 * t_w)) * f_y / gamma_M0', Kind::Moment, '6.2.8(5) (6.30)');
        } else {
            $M = $Mc - $rho * $loss;
            $d?->with(['M_c_Rd' => [$Mc, Kind::Moment]])->line(
                'M_V_Rd',
                '(1 - rho) * M_c_Rd',
                Kind::Moment,
                '6.2.8(3) (6.29)',
                $steel->section instanceof ISection
                    ? 'class 3 or 4: strength reduced over the whole section, on the safe side'
                    : 'strength reduced over the whole section, on the safe side',
            );
        }

        return $M;
    }

    /** What a fully used web (ρ = 1) takes away from the bending resistance, Nmm. */
    public static function loss(SteelSection $steel): float
    {
        $s = self::byWeb($steel);

        return $s !== null
            ? ((($s->hw * $s->tw) ** 2 / (4 * $s->tw)) * $steel->fy) / $steel->basis->steel->gammaM0
            : ($steel->modulus * $steel->fy) / $steel->basis->steel->gammaM0;
    }

    /** An I section of which the web alone loses strength (6.2.8(5)); null: all of it does. */
    private static function byWeb(SteelSection $steel): ?ISection
    {
        return $steel->class <= 2 && $steel->section instanceof ISection ? $steel->section : null;
    }
}
