<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Checks\Working;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** Design strengths, k_mod f_k / γ_M (2.14), and what sizes and neighbours add to them. */
final class Strength
{
    /**
     * @param  string  $symbol  of the design strength: f_m_d; its characteristic value is f_m_k
     * @param  string  $times  further factors, as text of a formula
     */
    public static function of(
        Working $w,
        TimberMake $timber,
        LoadGroup $group,
        string $symbol,
        float $value,
        string $times = '',
    ): float {
        $k = substr($symbol, 0, -1).'k';
        $w->let($k, $value, Kind::Stress, $timber->grade->suite->tables(), $timber->grade->name);
        if ($group->isFire) {
            // 2.3: k_mod,fi and γ_M,fi are 1; the 20 % fractile stands for the 5 % one.
            $w->let('k_fi', self::kFi($timber), Kind::Number, 'EN 1995-1-2, Table 2.1', $timber->grade->product->value);

            return $w->line($symbol, "k_fi * {$times}{$k}", Kind::Stress, 'EN 1995-1-2, 2.3 (2.1)');
        }
        $w->let('k_mod', $group->factor, Kind::Number, $group->clause, $group->why);
        $w->let('gamma_M', self::gammaM($timber), Kind::Number, 'Table 2.3', $timber->grade->product->value);

        return $w->line($symbol, "{$times}k_mod * {$k} / gamma_M", Kind::Stress, '2.4.1 (2.14)');
    }

    public static function gammaM(TimberMake $timber): float
    {
        return $timber->parameter(
            match ($timber->grade->product) {
                Product::Glulam => 'gammaMGlulam',
                Product::Lvl => 'gammaMLvl',
                default => 'gammaM',
            },
        );
    }

    private static function kFi(TimberMake $timber): float
    {
        return match ($timber->grade->product) {
            Product::Glulam => 1.15,
            Product::Lvl => 1.1,
            default => 1.25,
        };
    }

    /**
     * k_h of 3.2(3), 3.3(3) and 3.4(3): of bending with the depth in that bending, of tension with the larger side.
     *
     * @param  string  $symbol  "k_h", or of the other axis "k_h_z"
     * @return string as a factor of a formula: "k_h * "
     */
    public static function size(
        Working $w,
        TimberMake $timber,
        LoadGroup $group,
        string $symbol,
        string $depth,
        float $h,
    ): string {
        $product = $timber->grade->product;
        $isDense = $product->isSawn() && $timber->grade->values->densityK > 700.0;
        $clause = match ($product) {
            Product::Glulam => '3.3(3) (3.2)',
            Product::Lvl => '3.4(3) (3.3)',
            default => '3.2(3) (3.1)',
        };
        match (true) {
            $group->isFire => $w->let($symbol, 1.0, Kind::Number, '', 'not counted in fire'),
            $isDense => $w->let($symbol, 1.0, Kind::Number, $clause, 'density above 700 kg/m³'),
            $product === Product::Lvl => self::ofLvl($w, $timber, $symbol, $depth),
            $product === Product::Glulam && $h < 600.0 => $w->line(
                $symbol,
                "min((600 / {$depth})^0.1, 1.1)",
                Kind::Number,
                $clause,
                "{$depth} in mm",
            ),
            $product !== Product::Glulam && $h < 150.0 => $w->line(
                $symbol,
                "min((150 / {$depth})^0.2, 1.3)",
                Kind::Number,
                $clause,
                "{$depth} in mm",
            ),
            default => $w->let(
                $symbol,
                1.0,
                Kind::Number,
                $clause,
                $product === Product::Glulam ? 'not less than 600 mm deep' : 'not less than 150 mm deep',
            ),
        };

        return "{$symbol} * ";
    }

    private static function ofLvl(Working $w, TimberMake $timber, string $symbol, string $depth): void
    {
        $w->let('s', $timber->grade->values->sizeExponent, Kind::Number, '3.4', 'size exponent');
        $w->line($symbol, "min((300 / {$depth})^s, 1.2)", Kind::Number, '3.4(3) (3.3)', "{$depth} in mm");
    }

    /** k_sys of 6.6: on bending, shear, tension and compression along the grain. */
    public static function system(Working $w, TimberMake $timber): string
    {
        $shares = $timber->conditions->sharesLoad;
        $w->let('k_sys', $shares ? 1.1 : 1.0, Kind::Number, '6.6', $shares ? 'shares its load' : 'stands alone');

        return 'k_sys * ';
    }
}
