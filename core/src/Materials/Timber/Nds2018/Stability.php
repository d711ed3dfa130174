<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Nds2018;

use Waage\Checks\Working;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** NDS 2018, 3.3.3 and 3.7.1: the factors of stability, of beams (C_L) and of columns (C_P). */
final class Stability
{
    /** R_B, F_bE and C_L of a length l_e that is known, and F_b*. */
    public static function lateral(Working $w, TimberMake $timber, LoadGroup $group, Method $method): void
    {
        $w->line('R_B', 'sqrt(l_e * d / b^2)', Kind::Number, '3.3.3.6 (3.3-5)');
        // Sideways it is the stiffness about the minor axis that counts: E_y,min of glulam.
        (new Values($timber, $method))->adjusted(
            $w,
            $group,
            'E_min_y_adj',
            'E_min_y',
            $timber->grade->values->E05Flat,
            's',
        );
        $w->line('F_bE', '1.2 * E_min_y_adj / R_B^2', Kind::Stress, '3.3.3.8');
        $w->line(
            'C_L',
            '(1 + F_bE / F_b_star) / 1.9 - sqrt(((1 + F_bE / F_b_star) / 1.9)^2 - F_bE / F_b_star / 0.95)',
            Kind::Number,
            '3.3.3.8 (3.3-6)',
        );
    }

    /** C_P of an axis with F_c* and c; K_f below 1: plies that are nailed, across them. */
    public static function column(
        Working $w,
        string $axis,
        string $depth,
        float $L,
        string $why,
        string $E,
        float $Kf,
    ): void {
        $w->let("l_e{$axis}", $L, Kind::Length, '3.7.1.2', $why);
        $w->line("s_{$axis}", "l_e{$axis} / {$depth}", Kind::Number, '3.7.1.4', 'slenderness, up to 50');
        if ($L <= 0.0) {
            $w->let("C_P{$axis}", 1.0, Kind::Number, '3.7.1.1', 'restrained');

            return;
        }
        $w->line("F_cE{$axis}", "0.822 * {$E} / s_{$axis}^2", Kind::Stress, '3.7.1.5');
        $factor = "(1 + F_cE{$axis} / F_c_star) / (2 * c) - sqrt(((1 + F_cE{$axis} / F_c_star) / (2 * c))^2 - F_cE{$axis} / F_c_star / c)";
        if ($Kf < 1.0) {
            $w->let('K_f', $Kf, Kind::Number, '15.3.2.4', 'plies nailed together');
            $w->line("C_P{$axis}", "K_f * ({$factor})", Kind::Number, '15.3.2 (15.3-1)');
        } else {
            $w->line("C_P{$axis}", $factor, Kind::Number, '3.7.1.5 (3.7-1)');
        }
    }
}
