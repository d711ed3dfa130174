<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\CsaO86;

use Waage\Checks\Working;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** CSA O86:19, 7.5.6.4 and 6.5.6: the factors of stability, of beams (K_L) and of columns (K_C). */
final class Stability
{
    /** C_B, C_K and K_L of a length L_e that is known, and F_b. */
    public static function lateral(Working $w, TimberMake $timber): void
    {
        $CB = $w->line('C_B', 'sqrt(L_e * d / b^2)', Kind::Number, '7.5.6.4.3');
        if ($CB <= 10.0) {
            $w->let('K_L', 1.0, Kind::Number, '7.5.6.4.4(a)', 'C_B is not above 10');

            return;
        }
        (new Values($timber))->modulus($w, 'E_adj', 'E', $timber->grade->values->E);
        $CK = $w->line('C_K', 'sqrt(0.97 * E_adj / F_b)', Kind::Number, '7.5.6.4.4(b)');
        $CB <= $CK
            ? $w->line('K_L', '1 - 1 / 3 * (C_B / C_K)^4', Kind::Number, '7.5.6.4.4(b)', 'C_B up to C_K')
            : $w->line('K_L', '0.65 * E_adj / (C_B^2 * F_b)', Kind::Number, '7.5.6.4.4(c)', 'C_B above C_K');
    }

    /** P_r of buckling about an axis. */
    public static function column(
        Working $w,
        TimberMake $timber,
        string $axis,
        string $depth,
        float $L,
        string $why,
    ): void {
        $w->let("L_e{$axis}", $L, Kind::Length, '6.5.6.1', $why);
        $w->line("C_C{$axis}", "L_e{$axis} / {$depth}", Kind::Number, '6.5.6.2.2', 'slenderness, up to 50');
        match (true) {
            $timber->grade->product === Product::Glulam => $w->line(
                "K_Zc{$axis}",
                'min(1, 0.68 * Z^-0.13)',
                Kind::Number,
                '7.5.8.4.2',
            ),
            $L <= 0.0 => $w->let("K_Zc{$axis}", 1.3, Kind::Number, '6.5.6.2.3', 'restrained'),
            default => $w->line(
                "K_Zc{$axis}",
                "min(1.3, 6.3 * ({$depth} * L_e{$axis})^-0.13)",
                Kind::Number,
                '6.5.6.2.3',
                'mm',
            ),
        };
        $w->line(
            "K_C{$axis}",
            "1 / (1 + F_c * K_Zc{$axis} * C_C{$axis}^3 / (35 * E_05_adj))",
            Kind::Number,
            '6.5.6.2.4',
        );
        if ($timber->plies > 1 && $axis === 'y') {
            // 6.5.6.4: plies that are nailed, across them.
            $w->let('k_ply', 0.6, Kind::Number, '6.5.6.4', 'plies nailed together');
            $w->line("P_r{$axis}", "k_ply * phi_c * F_c * A * K_Zc{$axis} * K_C{$axis}", Kind::Force, '6.5.6.4');
        } else {
            $w->line("P_r{$axis}", "phi_c * F_c * A * K_Zc{$axis} * K_C{$axis}", Kind::Force, '6.5.6.2.3');
        }
    }
}
