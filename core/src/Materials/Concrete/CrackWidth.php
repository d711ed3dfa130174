<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** The width of cracks that is accepted, mm; with what it allows (EN 1992-1-1, Tables 7.2N and 7.3N, from memory). */
enum CrackWidth: string
{
    case Fine = '0.2';
    case Usual = '0.3';
    case Wide = '0.4';

    /** @return array<int, float> greatest diameter of bars, mm, by their stress, MPa */
    private function diameters(): array
    {
        return match ($this) {
            self::Fine => [160 => 25.0, 200 => 16.0, 240 => 12.0, 280 => 8.0, 320 => 6.0, 360 => 5.0, 400 => 4.0],
            self::Usual => [
                160 => 32.0,
                200 => 25.0,
                240 => 16.0,
                280 => 12.0,
                320 => 10.0,
                360 => 8.0,
                400 => 6.0,
                450 => 5.0,
            ],
            self::Wide => [
                160 => 40.0,
                200 => 32.0,
                240 => 20.0,
                280 => 16.0,
                320 => 12.0,
                360 => 10.0,
                400 => 8.0,
                450 => 6.0,
            ],
        };
    }

    /** @return array<int, float> greatest spacing of bars, mm, by their stress, MPa */
    private function spacings(): array
    {
        return match ($this) {
            self::Fine => [160 => 200.0, 200 => 150.0, 240 => 100.0, 280 => 50.0],
            self::Usual => [160 => 300.0, 200 => 250.0, 240 => 200.0, 280 => 150.0, 320 => 100.0, 360 => 50.0],
            self::Wide => [160 => 300.0, 200 => 300.0, 240 => 250.0, 280 => 200.0, 320 => 150.0, 360 => 100.0],
        };
    }

    /** mm; null: at this stress (MPa) the table has none */
    public function greatestDiameter(float $stress): ?float
    {
        return self::at($this->diameters(), $stress);
    }

    /** mm; null: at this stress (MPa) the table has none */
    public function greatestSpacing(float $stress): ?float
    {
        return self::at($this->spacings(), $stress);
    }

    /** The stress (MPa) up to which bars of a diameter do, mm; thicker than the table: by proportion, which is safe. */
    public function stressOfDiameter(float $diameter): float
    {
        return self::stress($this->diameters(), $diameter);
    }

    /** The same of their spacing. */
    public function stressOfSpacing(float $spacing): float
    {
        return self::stress($this->spacings(), $spacing);
    }

    /** @param  array<int, float>  $table */
    private static function stress(array $table, float $value): float
    {
        $before = null;
        foreach ($table as $row => $most) {
            if ($value > $most) {
                return $before === null
                    ? $row * $most / $value
                    : $before[0] + ($row - $before[0]) * ($before[1] - $value) / ($before[1] - $most);
            }
            $before = [$row, $most];
        }

        return (float) array_key_last($table);
    }

    /** The stress at which both tables end, MPa. */
    public function greatestStress(): float
    {
        return (float) array_key_last($this->diameters());
    }

    /** @param  array<int, float>  $table */
    private static function at(array $table, float $stress): ?float
    {
        $before = null;
        foreach ($table as $row => $value) {
            if ($stress <= $row) {
                return $before === null
                    ? $value
                    : $before[1] + (($value - $before[1]) * ($stress - $before[0])) / ($row - $before[0]);
            }
            $before = [$row, $value];
        }

        return null;
    }
}
