<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 4.4(2): the part ρ of a compressed plate without stiffeners that is effective at the yield
 * stress.
 */
final class PlateBuckling
{
    /** k_σ of an outstand in even compression (Table 4.2). */
    public const OUTSTAND = 0.43;

    /**
     * Of a plate held at both edges (4.2).
     *
     * @param  string  $of  subscript
     * @param  array{string, float}  $width  symbol, mm
     * @param  array{string, float}  $t  symbol, mm
     * @param  float  $psi  stress at the less compressed edge over that at the other; 1: even compression
     */
    public static function internal(
        string $of,
        array $width,
        array $t,
        float $psi,
        float $epsilon,
        ?Derivation $d = null,
    ): float {
        $k = self::coefficient($psi);
        $psi === 1.0
            ? $d?->given("k_{$of}", $k, Kind::Number, 'Table 4.1', 'even compression')
            : $d?->with(['psi' => [$psi, Kind::Number]])->line(
                "k_{$of}",
                match (true) {
                    $psi >= 0.0 => '8.2 / (1.05 + psi)',
                    $psi > -1.0 => '7.81 - 6.29 * psi + 9.78 * psi^2',
                    default => '5.98 * (1 - psi)^2',
                },
                Kind::Number,
                'Table 4.1',
            );
        $lambda = self::slenderness($of, $width, $t, $k, $epsilon, $d);
        $limit = 0.5 + sqrt(0.085 - 0.055 * $psi);
        $rho = $lambda <= $limit ? 1.0 : min(1.0, ($lambda - 0.055 * (3 + $psi)) / $lambda ** 2);
        if ($lambda <= $limit) {
            $d?->given("rho_{$of}", 1.0, Kind::Number, '4.4(2)', 'stocky enough: effective in whole');
        } else {
            $d?->with([
                "lambda_{$of}" => [$lambda, Kind::Number],
                ...$psi === 1.0 ? [] : ['psi' => [$psi, Kind::Number]],
            ])->line(
                "rho_{$of}",
                $psi === 1.0
                    ? "min(1, (lambda_{$of} - 0.22) / lambda_{$of}^2)"
                    : "min(1, (lambda_{$of} - 0.055 * (3 + psi)) / lambda_{$of}^2)",
                Kind::Number,
                '4.4(2) (4.2)',
            );
        }

        return $rho;
    }

    /**
     * Of a plate held at one edge (4.3).
     *
     * @param  array{string, float}  $width
     * @param  array{string, float}  $t
     * @param  float  $k  k_σ
     */
    public static function outstand(
        string $of,
        array $width,
        array $t,
        float $epsilon,
        ?Derivation $d = null,
        float $k = self::OUTSTAND,
    ): float {
        $d?->given("k_{$of}", $k, Kind::Number, 'Table 4.2', $k === self::OUTSTAND ? 'even compression' : '');
        $lambda = self::slenderness($of, $width, $t, $k, $epsilon, $d);
        $rho = $lambda <= 0.748 ? 1.0 : min(1.0, ($lambda - 0.188) / $lambda ** 2);
        $lambda <= 0.748
            ? $d?->given("rho_{$of}", 1.0, Kind::Number, '4.4(2)', 'stocky enough: effective in whole')
            : $d
                ?->with(["lambda_{$of}" => [$lambda, Kind::Number]])
                ->line("rho_{$of}", "min(1, (lambda_{$of} - 0.188) / lambda_{$of}^2)", Kind::Number, '4.4(2) (4.3)');

        return $rho;
    }

    /** k_σ of a plate held at both edges (Table 4.1), −3 ≤ ψ ≤ 1. */
    public static function coefficient(float $psi): float
    {
        return match (true) {
            $psi === 1.0 => 4.0,
            $psi >= 0.0 => 8.2 / (1.05 + $psi),
            $psi > -1.0 => 7.81 - 6.29 * $psi + 9.78 * $psi ** 2,
            default => 5.98 * (1 - $psi) ** 2,
        };
    }

    /**
     * @param  array{string, float}  $width
     * @param  array{string, float}  $t
     */
    private static function slenderness(
        string $of,
        array $width,
        array $t,
        float $k,
        float $epsilon,
        ?Derivation $d,
    ): float {
        $lambda = $width[1] / $t[1] / (28.4 * $epsilon * sqrt($k));
        $d?->with([
            $width[0] => [$width[1], Kind::Size],
            $t[0] => [$t[1], Kind::Size],
            'epsilon' => [$epsilon, Kind::Number],
            "k_{$of}" => [$k, Kind::Number],
        ])->line("lambda_{$of}", "{$width[0]} / {$t[0]} / (28.4 * epsilon * sqrt(k_{$of}))", Kind::Number, '4.4(2)');

        return $lambda;
    }
}
