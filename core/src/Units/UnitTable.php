<?php

declare(strict_types=1);

namespace Waage\Units;

/** The table of units that the browser uses too (core/data/units.json). */
final class UnitTable
{
    /**
     * @var array{units: array<string, array{dimension: string, factor: float}>, kinds: array<string,
     *     array{dimension: string, metric: array{string, int}, us: array{string, int}}>}|null
     */
    private static ?array $table = null;

    /** @return array{dimension: string, factor: float}|null null when there is no such unit */
    public static function find(string $unit): ?array
    {
        return self::table()['units'][$unit] ?? null;
    }

    /** @return array{dimension: string, factor: float} */
    public static function unit(string $unit): array
    {
        return self::find($unit) ?? throw new \LogicException("There is no unit {$unit}.");
    }

    /** @return array{dimension: string, metric: array{string, int}, us: array{string, int}} */
    public static function kind(Kind $kind): array
    {
        return self::table()['kinds'][$kind->value];
    }

    /** @return list<string> the units of a dimension, in the order of the table */
    public static function ofDimension(Dimension $dimension): array
    {
        return array_keys(
            array_filter(self::table()['units'], fn (array $u): bool => $u['dimension'] === $dimension->value),
        );
    }

    /**
     * @return array{units: array<string, array{dimension: string, factor: float}>, kinds: array<string,
     *     array{dimension: string, metric: array{string, int}, us: array{string, int}}>}
     */
    private static function table(): array
    {
        if (self::$table === null) {
            $json = (string) file_get_contents(__DIR__.'/../../data/units.json');
            /**
             * @var array{units: array<string, array{dimension: string, factor: int|float}>, kinds: array<string,
             *     array{dimension: string, metric: array{string, int}, us: array{string, int}}>} $data
             */
            $data = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
            $units = array_map(
                fn (array $u): array => ['dimension' => $u['dimension'], 'factor' => (float) $u['factor']],
                $data['units'],
            );
            self::$table = ['units' => $units, 'kinds' => $data['kinds']];
        }

        return self::$table;
    }
}
