<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\Input;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** What several tools of this standard ask for and work out alike. */
final class Inputs
{
    public const STANDARD = 'ACI 318-19';

    public const PSI = 0.00689475729;

    public static function strength(): Input
    {
        return Input::of('f_c', 'strength of the concrete', Kind::LowStress, '4000 psi');
    }

    public static function yield(): Input
    {
        return Input::of('f_y', 'yield strength of bars', Kind::Stress, '60 ksi');
    }

    /** Which coefficients of √f'_c. */
    public static function edition(): Input
    {
        return Input::choice('edition', 'coefficients of', ['ACI 318 (psi)', 'ACI 318M (MPa)']);
    }

    public static function isMetric(Values $v): bool
    {
        return $v->text('edition') === 'ACI 318M (MPa)';
    }

    public static function of(Values $v, float $inPsi, float $inMPa): float
    {
        return self::isMetric($v) ? $inMPa : $inPsi;
    }

    public static function assertStrength(Values $v): void
    {
        $isWithin = $v->number('f_c') >= 2499 * self::PSI && $v->number('f_c') <= 15001 * self::PSI;
        $v->assert('f_c', $isWithin, "The rules are for f'_c of 2500 psi and more, here up to 15000 psi (19.2.1).");
    }

    /** √f'_c with its unit; `isCapped`: as shear and anchorage count it. */
    public static function root(Values $v, Working $w, bool $isCapped): void
    {
        $fc = $v->number('f_c');
        $root = self::isMetric($v) ? sqrt($fc) : sqrt($fc / self::PSI) * self::PSI;
        $most = self::isMetric($v) ? 8.3 : 100 * self::PSI;
        $note = self::isMetric($v) ? 'f′c in MPa' : 'f′c in psi';
        $w->let('root_fc', $isCapped ? min($root, $most) : $root, Kind::LowStress, $isCapped ? '22.5.3.1' : '', $note);
    }

    public static function beta(Values $v, Working $w): void
    {
        $fc = $v->number('f_c');
        $falls = self::isMetric($v) ? (0.05 * ($fc - 28)) / 7 : (0.05 * ($fc / self::PSI - 4000)) / 1000;
        $w->let('beta_1', max(0.65, min(0.85, 0.85 - $falls)), Kind::Number, 'Table 22.2.2.4.3');
    }
}
