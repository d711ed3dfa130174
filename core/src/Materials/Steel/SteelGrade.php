<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/**
 * Structural steel: European grades as EN 1993-1-1:2005, Table 3.1 (EN 10025-2; S460 as EN 10025-3 N/NL) and 3.2.6 give
 * them; American ones (ASTM A36, A572, A992, A913 for shapes, A500 for tubing, A53 for pipe) with E and G of
 * ANSI/AISC 360. Stresses in MPa. Values from memory of the published tables.
 */
enum SteelGrade: string
{
    case S235 = 'S235';
    case S275 = 'S275';
    case S355 = 'S355';
    case S460 = 'S460';
    case A36 = 'A36';
    case A572 = 'A572 50';
    case A992 = 'A992';
    case A913 = 'A913 65';
    /** F_y of 46 ksi: grade B of square and rectangular tubing, grade C of round tubing in the older editions. */
    case A500Older = 'A500 46';
    case A500 = 'A500 C';
    case A53 = 'A53 B';

    /** Modulus of elasticity, MPa (3.2.6). */
    public const E = 210000.0;

    /** Shear modulus, MPa (3.2.6, rounded as printed there). */
    public const G = 81000.0;

    /** Thickest element Table 3.1 covers, mm. */
    public const THICKEST = 80.0;

    /** One ksi in MPa. */
    private const KSI = 6.894757293168;

    public function isAmerican(): bool
    {
        return match ($this) {
            self::A36, self::A572, self::A992, self::A913, self::A500Older, self::A500, self::A53 => true,
            default => false,
        };
    }

    /** Is it one of hollow sections: tubing (A500), pipe (A53)? */
    public function isOfHollows(): bool
    {
        return $this === self::A500Older || $this === self::A500 || $this === self::A53;
    }

    /** @return list<self> European or American ones, the weakest first */
    public static function like(self $grade): array
    {
        return array_values(
            array_filter(
                self::cases(),
                fn (self $g): bool => $g->isAmerican() === $grade->isAmerican() &&
                    $g->isOfHollows() === $grade->isOfHollows(),
            ),
        );
    }

    /** Modulus of elasticity, MPa: 210 000 MPa (3.2.6), or 29 000 ksi (ANSI/AISC 360, symbols). */
    public function elasticity(): float
    {
        return $this->isAmerican() ? 29000 * self::KSI : self::E;
    }

    /** Shear modulus, MPa: 81 000 MPa (3.2.6), or 11 200 ksi. */
    public function shearModulus(): float
    {
        return $this->isAmerican() ? 11200 * self::KSI : self::G;
    }

    /** Coefficient of thermal expansion, 1/K: 3.2.6(1), or 6.5e-6 per °F. */
    public function thermalExpansion(): float
    {
        return $this->isAmerican() ? 11.7e-6 : 12e-6;
    }

    public function isS460(): bool
    {
        return $this === self::S460;
    }

    /**
     * Yield strength in MPa for the thickest element of the section, thickness in mm; that of American grades does
     * not depend on it.
     *
     * @throws \DomainException for European grades above 80 mm, where Table 3.1 ends
     */
    public function yieldStrength(float $thickness): float
    {
        if ($this->isAmerican()) {
            return self::KSI *
                match ($this) {
                    self::A36 => 36.0,
                    self::A53 => 35.0,
                    self::A500Older => 46.0,
                    self::A913 => 65.0,
                    default => 50.0,
                };
        }
        if ($thickness > self::THICKEST) {
            throw new \DomainException('EN 1993-1-1, Table 3.1 gives strengths up to 80 mm thickness only.');
        }
        $thin = $thickness <= 40.0;

        return match ($this) {
            self::S235 => $thin ? 235.0 : 215.0,
            self::S275 => $thin ? 275.0 : 255.0,
            self::S355 => $thin ? 355.0 : 335.0,
            default => $thin ? 460.0 : 430.0,
        };
    }
}
