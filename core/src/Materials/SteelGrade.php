<?php

declare(strict_types=1);

namespace Waage\Materials;

/**
 * Structural steel as EN 1993-1-1:2005, Table 3.1 (EN 10025-2; S460 as EN 10025-3 N/NL) and 3.2.6 give it.
 * Stresses in MPa. Values from memory of the published table.
 */
enum SteelGrade: string
{
    case S235 = 'S235';
    case S275 = 'S275';
    case S355 = 'S355';
    case S460 = 'S460';

    /** Modulus of elasticity, MPa (3.2.6). */
    public const E = 210000.0;

    /** Shear modulus, MPa (3.2.6, rounded as printed there). */
    public const G = 81000.0;

    /** α, 1/K; 3.2.6(1). */
    public const THERMAL_EXPANSION = 12e-6;

    /** Thickest element Table 3.1 covers, mm. */
    public const THICKEST = 80.0;

    public function isS460(): bool
    {
        return $this === self::S460;
    }

    /**
     * Yield strength in MPa for the thickest element of the section, thickness in mm.
     *
     * @throws \DomainException above 80 mm, where Table 3.1 ends
     */
    public function yieldStrength(float $thickness): float
    {
        if ($thickness > self::THICKEST) {
            throw new \DomainException('EN 1993-1-1, Table 3.1 gives strengths up to 80 mm thickness only.');
        }
        $thin = $thickness <= 40.0;

        return match ($this) {
            self::S235 => $thin ? 235.0 : 215.0,
            self::S275 => $thin ? 275.0 : 255.0,
            self::S355 => $thin ? 355.0 : 335.0,
            self::S460 => $thin ? 460.0 : 430.0,
        };
    }
}
