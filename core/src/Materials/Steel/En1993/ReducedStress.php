<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 10: of sections of class 4 that have no effective one here the whole section counts, at the
 * stress at which the first of its plates buckles: ρ f_y with the least ρ of 4.4. Nothing shifts; on the safe side.
 */
final class ReducedStress
{
    public static function covers(SteelSection $steel): bool
    {
        $s = $steel->section;

        return $s instanceof Tee ||
            $s instanceof Channel ||
            $s instanceof Angle ||
            $s instanceof StripSection ||
            $s instanceof SkewSection ||
            $s instanceof UnequalI ||
            ($s instanceof ISection && $s->plates !== null);
    }

    /** W_eff about an axis, mm³. */
    public static function modulus(SteelSection $steel, string $axis, ?Derivation $d = null): float
    {
        $rho = self::factor($steel, $axis === 'y' ? Strain::BendingY : Strain::BendingZ, $d);
        $W = $axis === 'y' ? $steel->section->Wely : $steel->section->Welz;
        $d?->with(['rho' => [$rho, Kind::Number], "W_el_{$axis}" => [$W, Kind::Modulus]])->line(
            "W_eff_{$axis}",
            "rho * W_el_{$axis}",
            Kind::Modulus,
            'EN 1993-1-5, 10(5)',
            'the whole section at a reduced stress',
        );

        return $rho * $W;
    }

    /** A_eff, mm². */
    public static function area(SteelSection $steel, ?Derivation $d = null): float
    {
        $rho = self::factor($steel, Strain::Compression, $d);
        $A = $steel->section->A;
        $d?->with(['rho' => [$rho, Kind::Number], 'A' => [$A, Kind::Area]])->line(
            'A_eff',
            'rho * A',
            Kind::Area,
            'EN 1993-1-5, 10(5)',
            'the whole section at a reduced stress',
        );

        return $rho * $A;
    }

    private static function factor(SteelSection $steel, Strain $by, ?Derivation $d): float
    {
        $factors = [];
        foreach (Classification::parts($steel, $by) as $part) {
            $class3 = $part->limits[2];
            if ($part->class($steel->epsilon) < 4) {
                continue;
            }
            $factors["rho_{$part->name}"] = match ($class3) {
                Classification::INTERNAL[2] => PlateBuckling::internal(
                    $part->name,
                    $part->c,
                    $part->t,
                    1.0,
                    $steel->epsilon,
                    $d,
                ),
                Classification::BENT[2] => PlateBuckling::internal(
                    $part->name,
                    $part->c,
                    $part->t,
                    -1.0,
                    $steel->epsilon,
                    $d,
                ),
                Classification::OUTSTAND[2] => PlateBuckling::outstand(
                    $part->name,
                    $part->c,
                    $part->t,
                    $steel->epsilon,
                    $d,
                ),
                // Of outstands that are bent Table 5.2 tells k_σ by its limit, 21 ε √k_σ.
                default => PlateBuckling::outstand(
                    $part->name,
                    $part->c,
                    $part->t,
                    $steel->epsilon,
                    $d,
                    ($class3 / 21) ** 2,
                ),
            };
        }
        if ($factors === []) {
            return 1.0;
        }
        $d?->with(array_map(fn (float $rho): array => [$rho, Kind::Number], $factors))->line(
            'rho',
            count($factors) === 1 ? array_key_first($factors) : 'min('.implode(', ', array_keys($factors)).')',
            Kind::Number,
            'EN 1993-1-5, 10(5)',
            'of those of class 4',
        );

        return min($factors);
    }
}
