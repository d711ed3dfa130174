<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Units\Kind;

/**
 * A tube of class 4, for which EN 1993-1-1, 6.2.2.5(5) names EN 1993-1-6 and gives no effective section: that of BS
 * 5950-1:2000, 3.6.6, in terms of EN 1993-1-1, as British practice has it (A_eff from the limit of class 3 on, W_eff
 * from 140 ε² on), up to d/t = 240 ε².
 */
final class EffectiveTube
{
    private const MOST = 240.0;

    private const IN_COMPRESSION = 90.0;

    private const IN_BENDING = 140.0;

    private const CLAUSE = 'BS 5950-1, 3.6.6';

    public static function covers(SteelSection $steel): bool
    {
        $s = $steel->section;

        return $s instanceof CircularHollow && $s->h / $s->t <= self::MOST * $steel->epsilon ** 2;
    }

    /** W_eff about any axis, mm³. */
    public static function modulus(SteelSection $steel, string $axis, ?Derivation $d = null): float
    {
        $W = $steel->section->Wely;
        $part = self::part($steel, self::IN_BENDING, 0.25, $d);
        $d?->with(['rho' => [$part, Kind::Number], "W_el_{$axis}" => [$W, Kind::Modulus]])->line(
            "W_eff_{$axis}",
            "rho * W_el_{$axis}",
            Kind::Modulus,
            self::CLAUSE,
        );

        return $part * $W;
    }

    /** A_eff, mm². */
    public static function area(SteelSection $steel, ?Derivation $d = null): float
    {
        $A = $steel->section->A;
        $part = self::part($steel, self::IN_COMPRESSION, 0.5, $d);
        $d?->with(['rho' => [$part, Kind::Number], 'A' => [$A, Kind::Area]])->line(
            'A_eff',
            'rho * A',
            Kind::Area,
            self::CLAUSE,
        );

        return $part * $A;
    }

    private static function part(SteelSection $steel, float $limit, float $power, ?Derivation $d): float
    {
        $s = $steel->section;
        $t = $s->thickest();
        $part = min(1.0, (($limit * $steel->epsilon ** 2) / ($s->h / $t)) ** $power);
        $d?->with([
            'epsilon' => [$steel->epsilon, Kind::Number],
            'd' => [$s->h, Kind::Size],
            't' => [$t, Kind::Size],
        ])->line(
            'rho',
            "min(1, ({$limit} * epsilon^2 / (d / t))^{$power})",
            Kind::Number,
            self::CLAUSE,
            'EN 1993-1-1, 6.2.2.5(5) names EN 1993-1-6 and gives no effective section',
        );

        return $part;
    }
}
