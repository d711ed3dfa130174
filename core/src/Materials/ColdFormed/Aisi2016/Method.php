<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Working;
use Waage\Loading\RuleSet;
use Waage\Member\Basis;
use Waage\Units\Kind;

/** AISI S100-16, B3.2: strengths over Ω (ASD) or times φ (LRFD). */
enum Method: string
{
    case Asd = 'ASD';
    case Lrfd = 'LRFD';

    public static function of(Basis $basis): self
    {
        return self::from(RuleSet::of($basis->combinations)->method);
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
        if ($this === self::Lrfd) {
            $w->let("phi_{$symbol}", $phi, Kind::Number, $clause);

            return $w->line($symbol, "phi_{$symbol} * {$nominal}", $kind, $clause, 'available');
        }
        $w->let("Omega_{$symbol}", $Omega, Kind::Number, $clause);

        return $w->line($symbol, "{$nominal} / Omega_{$symbol}", $kind, $clause, 'available');
    }
}
