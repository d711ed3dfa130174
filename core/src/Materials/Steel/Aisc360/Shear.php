<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** ANSI/AISC 360, G2.1: shear strength of the web of an I shape or a channel without stiffeners and without tension field. Forces in N. */
final class Shear
{
    public static function available(Shape $shape, Method $method, ?Derivation $d = null): float
    {
        $s = $shape->section;
        // G2.1(a) is for I shapes.
        $isStocky = $shape->isRolled && ! $shape->isChannel && $shape->web <= 2.24 * $shape->rootEF;
        $limit = $isStocky ? 2.24 * $shape->rootEF : 1.10 * sqrt(5.34) * $shape->rootEF;
        $Cv = $isStocky ? 1.0 : min(1.0, $limit / $shape->web);
        $Aw = $shape->depth * $s->tw;
        $Vn = 0.6 * $shape->Fy * $Aw * $Cv;
        $of = ['E' => [$shape->E, Kind::ModulusOfElasticity], 'F_y' => [$shape->Fy, Kind::Stress]];
        $d?->line('lambda_w', 'h / t_w', ['h' => [$shape->h, Kind::Size], 't_w' => [$s->tw, Kind::Size]], $shape->web, Kind::Number, 'G2.1');
        if ($isStocky) {
            $d?->line('lambda_v', '2.24 * sqrt(E / F_y)', $of, $limit, Kind::Number, 'G2.1(a)', 'rolled shape, the web is not more slender');
            $d?->given('C_v1', 1.0, Kind::Number, 'G2-2');
        } else {
            $d?->given('k_v', 5.34, Kind::Number, 'G2.1(b)', 'no stiffeners');
            $d?->line('lambda_v', '1.10 * sqrt(k_v * E / F_y)', ['k_v' => [5.34, Kind::Number], ...$of], $limit, Kind::Number, 'G2.1(b)');
            $d?->line('C_v1', 'min(1, lambda_v / lambda_w)', ['lambda_v' => [$limit, Kind::Number], 'lambda_w' => [$shape->web, Kind::Number]], $Cv, Kind::Number, 'G2-3, G2-4');
        }
        $d?->line('A_w', 'd * t_w', ['d' => [$shape->depth, Kind::Size], 't_w' => [$s->tw, Kind::Size]], $Aw, Kind::Area, 'G2.1');
        $d?->line('V_n', '0.6 * F_y * A_w * C_v1', ['F_y' => [$shape->Fy, Kind::Stress], 'A_w' => [$Aw, Kind::Area], 'C_v1' => [$Cv, Kind::Number]], $Vn, Kind::Force, 'G2-1');

        return $method->available('V_n', $Vn, $isStocky ? [1.00, 1.50] : [0.90, 1.67], 'v', Kind::Force, $isStocky ? 'G2.1(a)' : 'G1', $d);
    }

    /** C_v2 of a plate (G2.2); k_v = 1.2 with a free edge. */
    public static function ofPlate(float $lambda, float $rootEF, float $kv = 1.2): float
    {
        $root = sqrt($kv) * $rootEF;

        return match (true) {
            $lambda <= 1.10 * $root => 1.0,
            $lambda <= 1.37 * $root => 1.10 * $root / $lambda,
            default => 1.51 * $root ** 2 / $lambda ** 2,
        };
    }
}
