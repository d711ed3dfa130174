<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.5: resistance in bending about y-y without shear. */
final class Bending
{
    /** M_c,Rd in Nmm. */
    public static function resistance(SteelSection $steel, ?Derivation $d = null): float
    {
        if ($steel->section instanceof SkewSection) {
            self::deriveSkew($steel->section, $d);
        }
        $W = $d !== null && $steel->class > 3 ? $steel->effectiveModulus('y', $d) : $steel->modulus;
        $gammaM0 = $steel->basis->steel->gammaM0;
        $M = ($W * $steel->fy) / $gammaM0;
        $symbol = $steel->modulusSymbol();
        $d?->with([
            $symbol => [$W, Kind::Modulus],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M0' => [$gammaM0, Kind::Number],
        ])->line(
            'M_c_Rd',
            "{$symbol} * f_y / gamma_M0",
            Kind::Moment,
            ['6.2.5(2) (6.13)', '6.2.5(2) (6.13)', '6.2.5(2) (6.14)', '6.2.5(2) (6.15)'][$steel->class - 1],
            "class {$steel->class}",
        );

        return $M;
    }

    /** W_el of the corner with the greatest stress where nothing bends the section about its upright axis. */
    public static function deriveSkew(SkewSection $s, ?Derivation $d): void
    {
        $whole = $s->whole;
        $sign = $s->zc * $whole->Iyz * $s->yc > 0.0 ? '-' : '+';
        $d?->with([
            'I_y' => [$whole->Iy, Kind::SecondMoment],
            'I_z' => [$whole->Iz, Kind::SecondMoment],
            'I_yz' => [abs($whole->Iyz), Kind::SecondMoment],
            'z_c' => [abs($s->zc), Kind::Size],
            'y_c' => [abs($s->yc), Kind::Size],
        ])->line(
            'W_el_y',
            "(I_y * I_z - I_yz^2) / (I_z * z_c {$sign} I_yz * y_c)",
            Kind::Modulus,
            'elastic theory',
            'laterally unrestrained: bends about both principal axes; greatest stress at the corner y_c, z_c from the centroid',
        );
    }
}
