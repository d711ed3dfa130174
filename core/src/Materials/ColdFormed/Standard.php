<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Loading\RuleSet;
use Waage\Member\Basis;

/** The standards for cold-formed sections, by the rules for combinations; with their moduli, MPa. */
enum Standard: string
{
    case Aisi = 'AISI S100-16';
    case AsNzs = 'AS/NZS 4600:2018';
    case En = 'EN 1993-1-3';
    case None = '';

    public static function of(Basis $basis): self
    {
        $rules = RuleSet::of($basis->combinations);

        return self::tryFrom($rules->others['coldFormed'] ?? '') ?? self::None;
    }

    public function elasticity(): float
    {
        return match ($this) {
            self::AsNzs => 200000.0,
            self::En => 210000.0,
            default => 203000.0,
        };
    }

    public function shearModulus(): float
    {
        return match ($this) {
            self::AsNzs => 80000.0,
            self::En => 81000.0,
            default => 78000.0,
        };
    }

    /** @return array{float, float} the least and the greatest yield strength that the rules are for, MPa */
    public function yields(): array
    {
        return match ($this) {
            self::En => [200.0, 700.0],
            default => [200.0, 690.0],
        };
    }
}
