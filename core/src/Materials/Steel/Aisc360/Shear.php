<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, G2.1: shear strength of the web of an I shape or a channel without stiffeners and without tension
 * field. Forces in N.
 */
final class Shear
{
    public static function available(OpenProfile $shape, Method $method, ?Derivation $d = null): float
    {
        $s = $shape->section;
        // G2.1(a) is for I shapes.
        $isStocky = $shape->isRolled && ! $shape->isChannel && $shape->web <= 2.24 * $shape->rootEF;
        $limit = $isStocky ? 2.24 * $shape->rootEF : 1.1 * sqrt(5.34) * $shape->rootEF;
        $Cv = $isStocky ? 1.0 : min(1.0, $limit / $shape->web);
        $Aw = $shape->depth * $s->tw;
        $Vn = 0.6 * $shape->Fy * $Aw * $Cv;
        $of = ['E' => [$shape->E, Kind::ModulusOfElasticity], 'F_y' => [$shape->Fy, Kind::Stress]];
        $d?->with(['h' => [$shape->h, Kind::Size], 't_w' => [$s->tw, Kind::Size]])->line(
            'lambda_w',
            'h / t_w',
            Kind::Number,
            'G2.1',
        );
        if ($isStocky) {
            $d?->with($of)->line(
                'lambda_v',
                '2.24 * sqrt(E / F_y)',
                Kind::Number,
                'G2.1(a)',
                'rolled shape, the web is not more slender',
            );
            $d?->given('C_v1', 1.0, Kind::Number, 'G2-2');
        } else {
            $d?->given('k_v', 5.34, Kind::Number, 'G2.1(b)', 'no stiffeners');
            $d?->with([...$of])->line('lambda_v', '1.10 * sqrt(k_v * E / F_y)', Kind::Number, 'G2.1(b)');
            $d?->line('C_v1', 'min(1, lambda_v / lambda_w)', Kind::Number, 'G2-3, G2-4');
        }
        $d?->with(['d' => [$shape->depth, Kind::Size]])->line('A_w', 'd * t_w', Kind::Area, 'G2.1');
        $d?->with(['F_y' => [$shape->Fy, Kind::Stress], 'C_v1' => [$Cv, Kind::Number]])->line(
            'V_n',
            '0.6 * F_y * A_w * C_v1',
            Kind::Force,
            'G2-1',
        );

        return $method->available(
            'V_n',
            $Vn,
            $isStocky ? [1.0, 1.5] : [0.9, 1.67],
            'v',
            Kind::Force,
            $isStocky ? 'G2.1(a)' : 'G1',
            $d,
        );
    }

    /** C_v2 of a plate (G2.2); k_v = 1.2 with a free edge. */
    public static function ofPlate(float $lambda, float $rootEF, float $kv = 1.2): float
    {
        $root = sqrt($kv) * $rootEF;

        return match (true) {
            $lambda <= 1.1 * $root => 1.0,
            $lambda <= 1.37 * $root => (1.1 * $root) / $lambda,
            default => (1.51 * $root ** 2) / $lambda ** 2,
        };
    }
}
