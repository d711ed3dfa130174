<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Loading\RuleSet;
use Waage\Member\Basis;

/** The standard that concrete is weighed by; it goes with the rules for combinations. */
enum Code: string
{
    case En1992 = 'EN 1992-1-1';
    case Aci318 = 'ACI 318-19';
    case Bs8110 = 'BS 8110-1:1997';
    case None = '';

    public static function of(Basis $basis): self
    {
        return self::from(RuleSet::of($basis->combinations)->others['concrete']);
    }

    /** Of reinforced concrete, N/mm³: EN 1991-1-1, Table A.1; 150 pcf; 24 kN/m³. */
    public function weight(): float
    {
        return match ($this) {
            self::Aci318 => 23.563e-6,
            self::Bs8110 => 24e-6,
            default => 25e-6,
        };
    }

    /** The clause for the clear distance of bars. */
    public function ofGaps(): string
    {
        return $this === self::Bs8110 ? '3.12.11.1' : '8.2(2)';
    }

    /** Bars of a slab lie so close where moments are greatest, mm. */
    public function widestBars(float $h): float
    {
        return match ($this) {
            self::Aci318 => min(3 * $h, 457.2),
            self::Bs8110 => 250.0,
            default => min(2 * $h, 250.0),
        };
    }

    /**
     * Yield strengths of bars or of links that the rules are for, MPa.
     *
     * @return array{float, float, float, string} where none is given, the least, the most, what to say outside
     */
    public function yields(bool $ofLinks): array
    {
        $psi = 0.00689475729;

        return match ($this) {
            self::Aci318 => $ofLinks
                ? [60e3 * $psi, 40e3 * $psi, 60e3 * $psi, 'Links count up to 60 ksi (ACI 318-19, Table 20.2.2.4(a)).']
                : [60e3 * $psi, 40e3 * $psi, 100e3 * $psi, 'Bars have 40 to 100 ksi (ACI 318-19, Table 20.2.2.4(a)).'],
            self::Bs8110 => [460.0, 250.0, 500.0, 'The rules are for bars of 250 to 500 MPa (BS 8110-1, 3.1.7.4).'],
            default => [500.0, 400.0, 600.0, 'The rules are for bars of 400 to 600 MPa (EN 1992-1-1, 3.2.2(3)).'],
        };
    }
}
