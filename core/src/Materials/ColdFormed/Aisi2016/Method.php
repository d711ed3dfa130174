<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Working;
use Waage\Loading\RuleSet;
use Waage\Member\Basis;
use Waage\Units\Kind;

/** AISI S100-16, B3.2: strengths over Ω (ASD) or times φ (LRFD); AS/NZS 4600, 1.6.2: times φ. */
enum Method: string
{
    case Asd = 'ASD';
    case Lrfd = 'LRFD';
    case LimitState = 'limit state';

    public static function of(Basis $basis): self
    {
        return self::tryFrom(RuleSet::of($basis->combinations)->method) ?? self::LimitState;
    }

    /** φ of shear. */
    public function shear(): float
    {
        return $this === self::LimitState ? 0.90 : 0.95;
    }

    /** Is an axial force so small a part of the strength that moments are not amplified (AS/NZS 4600, 3.5.1)? */
    public function isLinear(float $part): bool
    {
        return $this === self::LimitState && $part <= 0.15;
    }

    /** The line of an available strength of a nominal one. */
    public function available(
        Working $w,
        string $symbol,
        string $nominal,
        float $phi,
        float $Omega,
        Kind $kind,
        string $clause,
    ): float {
        if ($this !== self::Asd) {
            $w->let("phi_{$symbol}", $phi, Kind::Number, $clause);

            return $w->line($symbol, "phi_{$symbol} * {$nominal}", $kind, $clause, 'available');
        }
        $w->let("Omega_{$symbol}", $Omega, Kind::Number, $clause);

        return $w->line($symbol, "{$nominal} / Omega_{$symbol}", $kind, $clause, 'available');
    }
}
