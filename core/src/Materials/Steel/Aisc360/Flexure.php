<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2 and F3: nominal strength in bending about the strong axis of doubly symmetric I shapes with compact
 * webs. Moments in Nmm.
 */
final class Flexure
{
    /** φ_b, Ω_b (F1(a)). */
    public const FACTORS = [0.9, 1.67];

    /** M_p (F2-1). */
    public static function plastic(OpenProfile $shape, ?Derivation $d = null): float
    {
        $Mp = $shape->Fy * $shape->section->Wply;
        $d?->with(['F_y' => [$shape->Fy, Kind::Stress], 'Z_x' => [$shape->section->Wply, Kind::Modulus]])->line(
            'M_p',
            'F_y * Z_x',
            Kind::Moment,
            'F2-1',
        );

        return $Mp;
    }

    /** M_n without lateral-torsional buckling: yielding, or local buckling of the flange. */
    public static function local(OpenProfile $shape, ?Derivation $d = null, string $symbol = 'M_n'): float
    {
        $Mp = self::plastic($shape, $d);
        [$lambda, $compact] = [$shape->flange, $shape->compactFlange()];
        if ($lambda <= $compact) {
            $d?->with(['M_p' => [$Mp, Kind::Moment]])->line($symbol, 'M_p', Kind::Moment, 'F2.1', 'flange compact');

            return $Mp;
        }
        $Sx = $shape->section->Wely;
        $d?->given('lambda_f', $lambda, Kind::Number, 'B4.1', 'flange');
        if ($lambda <= $shape->slenderFlange()) {
            $slender = Compactness::slenderFlange($shape, $d);
            $d?->given('lambda_pf', $compact, Kind::Number, 'Table B4.1b');
            $Mn = $Mp - (($Mp - 0.7 * $shape->Fy * $Sx) * ($lambda - $compact)) / ($slender - $compact);
            $d?->with([
                'M_p' => [$Mp, Kind::Moment],
                'F_y' => [$shape->Fy, Kind::Stress],
                'S_x' => [$Sx, Kind::Modulus],
                'lambda_rf' => [$slender, Kind::Number],
            ])->line(
                $symbol,
                'M_p - (M_p - 0.7 * F_y * S_x) * (lambda_f - lambda_pf) / (lambda_rf - lambda_pf)',
                Kind::Moment,
                'F3-1',
                'flange noncompact',
            );

            return $Mn;
        }
        $kc = $shape->kc();
        $Mn = (0.9 * $shape->E * $kc * $Sx) / $lambda ** 2;
        $d?->with(['lambda_w' => [$shape->web, Kind::Number]])->line(
            'k_c',
            'min(0.76, max(0.35, 4 / sqrt(lambda_w)))',
            Kind::Number,
            'F3.2',
        );
        $d?->with(['E' => [$shape->E, Kind::ModulusOfElasticity], 'S_x' => [$Sx, Kind::Modulus]])->line(
            $symbol,
            '0.9 * E * k_c * S_x / lambda_f^2',
            Kind::Moment,
            'F3-2',
            'flange slender',
        );

        return $Mn;
    }
}
