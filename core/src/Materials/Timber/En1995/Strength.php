<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Working;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** A design strength, (2.14): k_mod f_k / γ_M. */
final class Strength
{
    /**
     * @param  string  $k  symbol of the characteristic strength, which has been let
     * @param  string  $times  further factors, as text of a formula
     */
    public static function of(
        Working $w,
        TimberMake $timber,
        string $symbol,
        string $k,
        float $kMod,
        LoadDuration $duration,
        string $times,
        string $clause,
    ): float {
        $w->let('k_mod', $kMod, Kind::Number, 'Table 3.1', $duration->value.' duration');
        $w->let('gamma_M', $timber->parameter('gammaM'), Kind::Number, 'Table 2.3', 'solid timber');

        return $w->line($symbol, "{$times}k_mod * {$k} / gamma_M", Kind::Stress, $clause);
    }
}
