<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** A line of a derivation as it is printed: LaTeX with values and units of a unit system. */
final readonly class PrintedLine
{
    /** Digits of a value that is put into a formula; the result is shown with as many. */
    public const DIGITS = 5;

    public function __construct(private Line $line, private UnitSystem $units)
    {
    }

    /**
     * @return array{symbol: string, formula: string, values: string, result: string, clause: string, note: string}
     *     LaTeX, and plain text for clause and note
     */
    public function toArray(): array
    {
        $line = $this->line;
        $given = $line->formula === $line->symbol;

        return [
            'symbol' => Formula::symbol($line->symbol),
            'formula' => $given ? '' : Formula::tex($line->formula),
            'values' => $given
                ? ''
                : Formula::texWith(
                    $line->formula,
                    array_map(fn (array $v): string => $this->quantity($v[0], $v[1], true), $line->values),
                ),
            'result' => $this->quantity($line->result, $line->kind, false),
            'clause' => $line->clause,
            'note' => $line->note,
        ];
    }

    /** A number with its unit in LaTeX, e.g. 1307\,\mathrm{cm^{3}}. */
    private function quantity(float $value, Kind $kind, bool $inFormula): string
    {
        $unit = $this->units->unit($kind);
        $number = $this->units->significant($value, $kind, self::DIGITS);
        $unit = (string) preg_replace('/[²³⁴⁶]/u', '^{$0}', strtr($unit, ['·' => '\\,']));
        $unit = strtr($unit, ['²' => '2', '³' => '3', '⁴' => '4', '⁶' => '6']);
        $tex = $unit === '' ? $number : "{$number}\\,\\mathrm{{$unit}}";

        return $inFormula && $number[0] === '-' ? "\\left({$tex}\\right)" : $tex;
    }
}
