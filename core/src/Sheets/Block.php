<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Checks\Formula;

/** The parts a sheet is made of, as arrays that the browser sets (core/schema/sheet.schema.json). */
final class Block
{
    /** @return array{type: 'heading', text: string} */
    public static function heading(string $text): array
    {
        return ['type' => 'heading', 'text' => $text];
    }

    /** @return array{type: 'text', text: string} */
    public static function text(string $text): array
    {
        return ['type' => 'text', 'text' => $text];
    }

    /**
     * Values in a row, e.g. \gamma_{\mathrm{Q}} = 1.5.
     *
     * @param  array<string, float>  $values  by symbol as in formulas
     * @return array{type: 'values', items: list<string>}
     */
    public static function values(array $values): array
    {
        return [
            'type' => 'values',
            'items' => array_map(
                fn (string $symbol, float $v): string => Formula::symbol($symbol).' = '.$v,
                array_keys($values),
                $values,
            ),
        ];
    }

    /**
     * @param  list<string>  $items
     * @return array{type: 'list', title: string, items: list<string>}
     */
    public static function list(array $items, string $title = ''): array
    {
        return ['type' => 'list', 'title' => $title, 'items' => $items];
    }

    /**
     * Columns that start with ">" are set to the right (numbers).
     *
     * @param  list<string>  $columns
     * @param  list<list<string>>  $rows
     * @return array{type: 'table', columns: list<string>, rows: list<list<string>>}
     */
    public static function table(array $columns, array $rows): array
    {
        return ['type' => 'table', 'columns' => $columns, 'rows' => $rows];
    }

    /**
     * @param  string  $name  one of those of the schema
     * @param  int|null  $index  which of several
     * @return array{type: 'figure', name: string, caption: string, index?: int}
     */
    public static function figure(string $name, string $caption, ?int $index = null): array
    {
        return [
            'type' => 'figure',
            'name' => $name,
            'caption' => $caption,
            ...$index === null ? [] : ['index' => $index],
        ];
    }

    /**
     * @param  list<array<string, string>>  $lines  as PrintedLine
     * @return array{type: 'derivation', lines: list<array<string, string>>}
     */
    public static function derivation(array $lines): array
    {
        return ['type' => 'derivation', 'lines' => $lines];
    }

    /** @return array{type: 'weighing', id: string} */
    public static function weighing(string $id): array
    {
        return ['type' => 'weighing', 'id' => $id];
    }
}
