<?php

declare(strict_types=1);

namespace Waage\Units;

enum UnitSystem: string
{
    case Metric = 'metric';
    case UsCustomary = 'us';

    /** The unit in which this system shows the kind, e.g. "kNm". Empty for a plain number. */
    public function unit(Kind $kind): string
    {
        return UnitTable::kind($kind)[$this->value][0];
    }

    /** Size of that unit in the core's units (N, mm, MPa). */
    public function factor(Kind $kind): float
    {
        $unit = $this->unit($kind);

        return $unit === '' ? 1.0 : UnitTable::unit($unit)['factor'];
    }

    /** Decimals for a table or a label. */
    public function decimals(Kind $kind): int
    {
        return UnitTable::kind($kind)[$this->value][1];
    }

    /** E.g. 123456.0, Kind::Force -> "123.5 kN". The value is in N, mm, MPa. */
    public function format(float $value, Kind $kind): string
    {
        return trim(
            self::trimNegativeZero(number_format($value / $this->factor($kind), $this->decimals($kind), '.', '')).
                ' '.
                $this->unit($kind),
        );
    }

    /**
     * As many decimals as four significant digits need, never fewer than whole numbers: what a printed formula shows.
     */
    public function significant(float $value, Kind $kind, int $digits = 4): string
    {
        $shown = $value / $this->factor($kind);
        if ($shown === 0.0) {
            return '0';
        }
        $decimals = max(0, $digits - 1 - (int) floor(log10(abs($shown))));
        $text = number_format($shown, min($decimals, 12), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    private static function trimNegativeZero(string $text): string
    {
        return preg_match('/^-0(\.0*)?$/', $text) === 1 ? substr($text, 1) : $text;
    }
}
