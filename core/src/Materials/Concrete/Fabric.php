<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * Welded fabric: wires along the span, and across it. By name of BS 4483 (A393, B503), or as the American standard
 * writes it, 6x6-W4xW4: spacings in inches, areas of wires in hundredths of a square inch (W plain, D deformed; plain
 * ones hold on by their welds). The first ones run along. From memory; mm.
 */
final readonly class Fabric
{
    private const INCH = 25.4;

    /** Diameter and spacing along, then across. */
    private const NAMED = [
        'A98' => [5, 200, 5, 200],
        'A142' => [6, 200, 6, 200],
        'A193' => [7, 200, 7, 200],
        'A252' => [8, 200, 8, 200],
        'A393' => [10, 200, 10, 200],
        'B196' => [5, 100, 7, 200],
        'B283' => [6, 100, 7, 200],
        'B385' => [7, 100, 7, 200],
        'B503' => [8, 100, 8, 200],
        'B785' => [10, 100, 8, 200],
        'B1131' => [12, 100, 8, 200],
    ];

    private const AMERICAN = '~^(\d+(?:\.\d+)?)\s*[xX×]\s*(\d+(?:\.\d+)?)\s*-?\s*([WD])(\d+(?:\.\d+)?)\s*[xX×]\s*[WD](\d+(?:\.\d+)?)$~u';

    public function __construct(public string $name, public float $across, public float $acrossSpacing)
    {
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::NAMED);
    }

    /** Its wires along a strip of a width, mm; null where the text is no fabric. */
    public static function parse(string $text, float $width): ?Bars
    {
        $text = trim($text);
        $of = self::NAMED[strtoupper($text)] ?? null;
        if ($of !== null) {
            [$along, $spacing, $across, $acrossSpacing] = array_map('floatval', $of);

            return new Bars(
                $width / $spacing,
                $along,
                $spacing,
                fabric: new self(strtoupper($text), $across, $acrossSpacing),
            );
        }
        if (preg_match(self::AMERICAN, $text, $found) !== 1) {
            return null;
        }
        $spacing = (float) $found[1] * self::INCH;
        $wire = fn (string $area): float => 2 * sqrt((float) $area / 100 / M_PI) * self::INCH;
        if ($spacing < 50.0 || $spacing > 500.0 || $wire($found[4]) < 3.0 || $wire($found[4]) > 20.0) {
            return null;
        }
        $name = "{$found[1]}×{$found[2]}-{$found[3]}{$found[4]}×{$found[3]}{$found[5]}";
        $fabric = new self($name, $wire($found[5]), (float) $found[2] * self::INCH);

        return new Bars($width / $spacing, $wire($found[4]), $spacing, fabric: $fabric);
    }

    /** Its wires across the span, in a strip as wide as the main one. */
    public function acrossIn(float $width): Bars
    {
        return Bars::spaced($this->across, $this->acrossSpacing, $width);
    }
}
