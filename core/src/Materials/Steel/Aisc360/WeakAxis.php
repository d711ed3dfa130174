<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F6 and G6: nominal strength of an I shape, a channel or a tee bent and sheared about the weak axis.
 */
final class WeakAxis
{
    /** M_p of an I shape or a channel, Nmm. */
    public static function plastic(Profile $shape, ?Derivation $d = null): float
    {
        $s = $shape->whole;
        $d?->with([
            'F_y' => [$shape->Fy, Kind::Stress],
            'S_y' => [$s->Welz, Kind::Modulus],
            'Z_y' => [$s->Wplz, Kind::Modulus],
        ])->line('M_p', 'min(F_y * Z_y, 1.6 * F_y * S_y)', Kind::Moment, 'F6-1');

        return min($shape->Fy * $s->Wplz, 1.6 * $shape->Fy * $s->Welz);
    }

    /** What a tee has in place of it, Nmm. */
    public static function firstYield(Profile $shape, ?Derivation $d = null): float
    {
        $d?->with(['F_y' => [$shape->Fy, Kind::Stress], 'S_y' => [$shape->whole->Welz, Kind::Modulus]])->line(
            'M_p',
            'F_y * S_y',
            Kind::Moment,
            'F12-1',
            'F6 is for I shapes and channels: first yield',
        );

        return $shape->Fy * $shape->whole->Welz;
    }

    /**
     * M_n, Nmm.
     *
     * @param  float  $lambda  b/t of half of the flange, of the more slender one
     * @param  float  $Mp  plastic(), or firstYield()
     */
    public static function moment(Profile $shape, float $lambda, float $Mp, ?Derivation $d = null): float
    {
        $s = $shape->whole;
        [$Fy, $compact] = [$shape->Fy, 0.38 * $shape->rootEF];
        $of = ['F_y' => [$Fy, Kind::Stress], 'S_y' => [$s->Welz, Kind::Modulus]];
        if ($lambda <= $compact) {
            $d?->with(['M_p' => [$Mp, Kind::Moment]])->line('M_n', 'M_p', Kind::Moment, 'F6.1', 'flanges compact');

            return $Mp;
        }
        $d?->given('lambda_f', $lambda, Kind::Number, 'B4.1', 'flange');
        // The limits of flanges in bending about the weak axis (case 13): 0.38 and 1.0.
        $slender = $shape->rootEF;
        if ($lambda <= $slender) {
            $Mn = $Mp - (($Mp - 0.7 * $Fy * $s->Welz) * ($lambda - $compact)) / ($slender - $compact);
            $d?->given('lambda_pf', $compact, Kind::Number, 'Table B4.1b, 13');
            $d?->given('lambda_rf', $slender, Kind::Number, 'Table B4.1b, 13');
            $d?->with(['M_p' => [$Mp, Kind::Moment], ...$of])->line(
                'M_n',
                'M_p - (M_p - 0.7 * F_y * S_y) * (lambda_f - lambda_pf) / (lambda_rf - lambda_pf)',
                Kind::Moment,
                'F6-2',
                'flanges noncompact',
            );

            return $Mn;
        }
        $Mn = ((0.69 * $shape->E) / $lambda ** 2) * $s->Welz;
        $d?->with([
            'E' => [$shape->E, Kind::ModulusOfElasticity],
            'lambda_f' => [$lambda, Kind::Number],
            'S_y' => [$s->Welz, Kind::Modulus],
        ])->line('M_n', '0.69 * E / lambda_f^2 * S_y', Kind::Moment, 'F6-3, F6-4', 'flanges slender');

        return $Mn;
    }

    /**
     * V_c, N.
     *
     * @param  float  $lambda  b/t of half of the flange, of the more slender one
     * @param  Area  $of  what shears
     */
    public static function shear(Profile $shape, float $lambda, Area $of, Method $method, ?Derivation $d = null): float
    {
        [$A, $note] = [$of->A, $of->says];
        $Cv = Shear::ofPlate($lambda, $shape->rootEF);
        $Vn = 0.6 * $shape->Fy * $A * $Cv;
        $d?->given('C_v2', $Cv, Kind::Number, 'G2.2, G6', 'k_v = 1.2');
        $d?->given('A_f', $A, Kind::Area, 'G6', $note);
        $d?->with(['F_y' => [$shape->Fy, Kind::Stress]])->line('V_n', '0.6 * F_y * A_f * C_v2', Kind::Force, 'G6-1');

        return $method->available('V_n', $Vn, [0.9, 1.67], 'v', Kind::Force, 'G1', $d);
    }
}
