<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** EN 1993-1-1:2005, 6.2.6: resistance to shear along the web, and the limit of shear buckling. */
final class Shear
{
    /** V_pl,Rd in N. */
    public static function resistance(SteelSection $steel, ?Derivation $d = null): float
    {
        $s = $steel->section;
        $b = $steel->basis;
        $Av = max($s->AvRolled, $b->eta * $s->hw * $s->tw);
        $V = $Av * $steel->fy / sqrt(3) / $b->gammaM0;
        $d?->line('A_v', 'max(A - 2 * b * t_f + (t_w + 2 * r) * t_f, eta * h_w * t_w)', [
            'A' => [$s->rolled, Kind::Area], 'b' => [$s->b, Kind::Size], 't_f' => [$s->tf, Kind::Size], 't_w' => [$s->tw, Kind::Size],
            'r' => [$s->r, Kind::Size], 'eta' => [$b->eta, Kind::Number], 'h_w' => [$s->hw, Kind::Size],
        ], $Av, Kind::Area, '6.2.6(3)a', $s->plates === null ? '' : 'of the rolled section, without its plates');
        $d?->line('V_pl_Rd', 'A_v * f_y / sqrt(3) / gamma_M0', [
            'A_v' => [$Av, Kind::Area], 'f_y' => [$steel->fy, Kind::Stress], 'gamma_M0' => [$b->gammaM0, Kind::Number],
        ], $V, Kind::Force, '6.2.6(2) (6.18)');

        return $V;
    }

    /** Greatest h_w/t_w without a check of shear buckling (6.2.6(6) (6.22)); webs without stiffeners. */
    public static function bucklingLimit(SteelSection $steel, ?Derivation $d = null): float
    {
        $s = $steel->section;
        $limit = 72 * $steel->epsilon / $steel->basis->eta;
        $d?->line('lambda_w', 'h_w / t_w', ['h_w' => [$s->hw, Kind::Size], 't_w' => [$s->tw, Kind::Size]], $s->hw / $s->tw, Kind::Number, '6.2.6(6)');
        $d?->line('lambda_w_max', '72 * epsilon / eta', [
            'epsilon' => [$steel->epsilon, Kind::Number], 'eta' => [$steel->basis->eta, Kind::Number],
        ], $limit, Kind::Number, '6.2.6(6) (6.22)', 'EN 1993-1-5, 5.1(2): below it the web does not buckle in shear');

        return $limit;
    }
}
