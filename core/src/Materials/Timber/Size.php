<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Material\Rectangle;
use Waage\Units\UnitSystem;

/** Widths and depths of timber in words: millimetres, or inches with the fractions of lumber. */
final class Size
{
    private const INCH = 25.4;

    /** "63 mm", "1.5 in" */
    public static function of(float $mm, UnitSystem $units): string
    {
        return self::number($mm, $units).($units === UnitSystem::Metric ? ' mm' : ' in');
    }

    /** "63×225" or "1.5×9.25" */
    public static function name(float $b, float $h, UnitSystem $units): string
    {
        return self::number($b, $units).'×'.self::number($h, $units);
    }

    /** As a document has it: so exact that it is the same size. */
    public static function written(float $mm, UnitSystem $units): string
    {
        return $units === UnitSystem::Metric ? self::trimmed($mm, 3).' mm' : self::number($mm, $units).' in';
    }

    /** Without its unit. */
    public static function bare(float $mm, UnitSystem $units): string
    {
        return self::number($mm, $units);
    }

    private static function number(float $mm, UnitSystem $units): string
    {
        return $units === UnitSystem::Metric ? Rectangle::size($mm) : self::trimmed($mm / self::INCH, 3);
    }

    private static function trimmed(float $number, int $decimals): string
    {
        return rtrim(rtrim(number_format($number, $decimals, '.', ''), '0'), '.');
    }
}
