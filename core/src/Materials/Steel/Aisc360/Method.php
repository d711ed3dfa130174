<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, B3: design strength φ R_n under LRFD combinations, allowable strength R_n/Ω under ASD combinations.
 */
enum Method: string
{
    case LRFD = 'LRFD';
    case ASD = 'ASD';

    /** Subscript of what a strength has to carry: M_u or M_a. */
    public function required(string $symbol): string
    {
        return $symbol.($this === self::LRFD ? '_u' : '_a');
    }

    /**
     * The available strength.
     *
     * @param  string  $symbol  of the nominal strength, e.g. M_n; the available one is M_c
     * @param  array{float, float}  $factors  φ and Ω
     * @param  string  $of  subscript of these
     */
    public function available(
        string $symbol,
        float $nominal,
        array $factors,
        string $of,
        Kind $kind,
        string $clause,
        ?Derivation $d = null,
    ): float {
        [$phi, $omega] = $factors;
        $c = explode('_', $symbol)[0].'_c';
        if ($this === self::LRFD) {
            $available = $phi * $nominal;
            $d?->with(["phi_{$of}" => [$phi, Kind::Number], $symbol => [$nominal, $kind]])->line(
                $c,
                "phi_{$of} * {$symbol}",
                $kind,
                $clause,
                'design strength (LRFD)',
            );
        } else {
            $available = $nominal / $omega;
            $d?->with([$symbol => [$nominal, $kind], "Omega_{$of}" => [$omega, Kind::Number]])->line(
                $c,
                "{$symbol} / Omega_{$of}",
                $kind,
                $clause,
                'allowable strength (ASD)',
            );
        }

        return $available;
    }
}
