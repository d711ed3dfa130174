<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Working;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.3: the factors of buckling, of columns (k_c) and of beams (k_crit). */
final class Stability
{
    /** 6.3.2(2): up to this slenderness a member does not buckle. */
    public const STOCKY = 0.3;

    /** k_crit for an effective length l_ef that is known, and W_y. */
    public static function lateral(Working $w, TimberMake $timber): void
    {
        $of = $timber->grade->values;
        $w->let('E_0_05', $of->E05, Kind::ModulusOfElasticity, $timber->grade->suite->tables());
        if ($timber->grade->softwood && $timber->grade->product !== Product::Lvl) {
            $w->line('sigma_m_crit', '0.78 * b^2 * E_0_05 / (h * l_ef)', Kind::Stress, '6.3.3(3) (6.32)');
        } else {
            $w->line('G_0_05', 'E_0_05 / 16', Kind::ModulusOfElasticity, '', 'the class gives none');
            $w->line('I_z', 'h * b^3 / 12', Kind::SecondMoment);
            $w->let('I_tor', $timber->rectangle()->torsionConstant(), Kind::SecondMoment, '', 'rectangle');
            $w->line(
                'sigma_m_crit',
                'pi * sqrt(E_0_05 * I_z * G_0_05 * I_tor) / (l_ef * W_y)',
                Kind::Stress,
                '6.3.3(2) (6.31)',
            );
        }
        $w->bind('f_m_k', $of->bending, Kind::Stress);
        self::factor($w, 'lambda_rel_m', 'sigma_m_crit', 'k_crit');
    }

    /** (6.30) and (6.34) of a critical stress. */
    public static function factor(Working $w, string $lambda, string $critical, string $k): void
    {
        $value = $w->line($lambda, "sqrt(f_m_k / {$critical})", Kind::Number, '6.3.3(2) (6.30)');
        match (true) {
            $value <= 0.75 => $w->let($k, 1.0, Kind::Number, '6.3.3(4) (6.34)', 'λ_rel,m is not above 0.75'),
            $value <= 1.4 => $w->line($k, "1.56 - 0.75 * {$lambda}", Kind::Number, '6.3.3(4) (6.34)'),
            default => $w->line($k, "1 / {$lambda}^2", Kind::Number, '6.3.3(4) (6.34)'),
        };
    }

    /** λ and λ_rel of a buckling length about an axis. */
    public static function slenderness(
        Working $w,
        TimberMake $timber,
        string $axis,
        string $depth,
        float $L,
        string $why,
    ): float {
        $w->let("l_{$axis}", $L, Kind::Length, '', $why);
        if (! $w->has('E_0_05')) {
            $w->let('E_0_05', $timber->grade->values->E05, Kind::ModulusOfElasticity, $timber->grade->suite->tables());
            $w->bind('f_c_0_k', $timber->grade->values->compression, Kind::Stress);
        }
        $w->line("lambda_{$axis}", "l_{$axis} * sqrt(12) / {$depth}", Kind::Number);

        return $w->line(
            "lambda_rel_{$axis}",
            "lambda_{$axis} / pi * sqrt(f_c_0_k / E_0_05)",
            Kind::Number,
            $axis === 'y' ? '6.3.2(1) (6.21)' : '6.3.2(1) (6.22)',
        );
    }

    /** k_c of an axis whose relative slenderness is known. */
    public static function column(Working $w, TimberMake $timber, string $axis): void
    {
        if ($w->value("lambda_rel_{$axis}") <= self::STOCKY) {
            $w->let("k_c_{$axis}", 1.0, Kind::Number, '6.3.2(2)', 'λ_rel is not above 0.3');

            return;
        }
        if (! $w->has('beta_c')) {
            $isSawn = $timber->grade->product->isSawn();
            $w->let('beta_c', $isSawn ? 0.2 : 0.1, Kind::Number, '6.3.2(3) (6.29)', $timber->grade->product->value);
        }
        $w->line(
            "k_{$axis}",
            "0.5 * (1 + beta_c * (lambda_rel_{$axis} - 0.3) + lambda_rel_{$axis}^2)",
            Kind::Number,
            '6.3.2(3) (6.27)',
        );
        $w->line(
            "k_c_{$axis}",
            "1 / (k_{$axis} + sqrt(k_{$axis}^2 - lambda_rel_{$axis}^2))",
            Kind::Number,
            '6.3.2(3) (6.25)',
        );
    }
}
