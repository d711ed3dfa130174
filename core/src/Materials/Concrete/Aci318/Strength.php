<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\StressBlock;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/**
 * ACI 318-19: strengths, in pounds and inches, or in the units and with the coefficients of ACI 318M where the job is
 * metric. Normalweight concrete, λ = 1.
 */
final class Strength
{
    public const PHI_BENDING = 0.9;

    public const PHI_SHEAR = 0.75;

    /** MPa */
    public const ES = 29e6 * self::PSI;

    private const PSI = 0.00689475729;

    /** √f'_c counts up to this for shear and anchorage (22.5.3.1, 25.4.1.4). */
    private const GREATEST_ROOT = 100.0;

    public static function isMetric(ConcreteMake $concrete): bool
    {
        return $concrete->units() === UnitSystem::Metric;
    }

    /** A coefficient of √f'_c: that of ACI 318, or that of 318M. */
    public static function of(ConcreteMake $concrete, float $inPsi, float $inMPa): float
    {
        return self::isMetric($concrete) ? $inMPa : $inPsi;
    }

    /** √f'_c with its unit, MPa. */
    public static function root(ConcreteMake $concrete, bool $isCapped = true): float
    {
        if (self::isMetric($concrete)) {
            return $isCapped ? min(sqrt($concrete->grade->fck), 8.3) : sqrt($concrete->grade->fck);
        }
        $root = sqrt($concrete->grade->fck / self::PSI);

        return ($isCapped ? min($root, self::GREATEST_ROOT) : $root) * self::PSI;
    }

    /** f'_c, β_1 and f_y. */
    public static function let(Working $w, ConcreteMake $concrete): void
    {
        $w->let('f_c', $concrete->grade->fck, Kind::LowStress);
        $w->let('beta_1', self::beta($concrete), Kind::Number, 'Table 22.2.2.4.3');
        $w->let('f_y', $concrete->fyk, Kind::Stress);
    }

    public static function letRoot(Working $w, ConcreteMake $concrete, bool $isCapped = true): void
    {
        $unit = self::isMetric($concrete) ? 'f′c in MPa' : 'f′c in psi';
        $note = $isCapped ? $unit.(self::isMetric($concrete) ? ', at most 8.3 MPa' : ', at most 100 psi') : $unit;
        $w->let('root_fc', self::root($concrete, $isCapped), Kind::LowStress, $isCapped ? '22.5.3.1' : '', $note);
    }

    public static function beta(ConcreteMake $concrete): float
    {
        $fc = $concrete->grade->fck;
        $falls = self::isMetric($concrete) ? (0.05 * ($fc - 28)) / 7 : (0.05 * ($fc / self::PSI - 4000)) / 1000;

        return max(0.65, min(0.85, 0.85 - $falls));
    }

    /** Of the bars at yield. */
    public static function yieldStrain(ConcreteMake $concrete): float
    {
        return $concrete->fyk / self::ES;
    }

    /** ε_t of 9.3.3.1; where moments are redistributed 0.0075, and a thousandth for each per cent (6.6.5). */
    public static function leastStrain(ConcreteMake $concrete): float
    {
        $percent = 100 * (1 - $concrete->reductions->delta());

        return max(self::yieldStrain($concrete) + 0.003, ...$percent > 0.0 ? [0.0075, $percent / 1000] : [0.0]);
    }

    /** Nominal; the axis at most so deep that bars strain as 9.3.3.1 and 7.3.3.1 ask. */
    public static function block(ConcreteMake $concrete): StressBlock
    {
        $deepest = 0.003 / (0.003 + self::leastStrain($concrete));

        return new StressBlock(0.85 * $concrete->grade->fck, self::beta($concrete), $deepest, 3.0, $concrete->fyk);
    }
}
