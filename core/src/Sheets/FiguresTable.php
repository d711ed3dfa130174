<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Material\CurvePart;
use Waage\Material\Figure;
use Waage\Units\Kind;

/** Diagrams of the material at the tenths of each span and overhang: what is needed, and what there is. */
final readonly class FiguresTable
{
    public function __construct(private Design $design)
    {
    }

    /** @return list<array<string, mixed>> a table, or nothing where the material has no diagrams of its own */
    public function toBlocks(): array
    {
        $figures = array_values(array_filter(
            $this->design->checks->figures($this->design->make),
            fn (Figure $f): bool => $f->max !== [] || $f->min !== [],
        ));
        if ($figures === []) {
            return [];
        }
        $rows = [];
        $fields = $this->design->beam->beam->fields();
        foreach ($fields as $i => [$from, $to]) {
            for ($tenth = 0; $tenth <= 10; $tenth++) {
                $x = $from + (($to - $from) * $tenth) / 10;
                $at = max($from + 1.0, min($to - 1.0, $x));
                $name = $tenth === 0 ? ucfirst($this->design->beam->beam->fieldNames()[$i]) : '';
                $rows[] = [$name, $this->length($x), $tenth / 10, ...$this->values($figures, $at)];
            }
        }
        $units = $this->design->member->basis->units;
        $head = ['', '>x', '>x/L'];
        foreach ($figures as $figure) {
            foreach ($this->sides($figure) as [$name]) {
                $head[] = ">{$name}, {$units->unit($figure->kind)}";
                $head[] = '>there';
            }
        }

        return [Block::table($head, array_map(fn (array $row): array => array_map(strval(...), $row), $rows))];
    }

    /** @return list<array{string, list<CurvePart>, list<CurvePart>}> name, what is needed, what there is */
    private function sides(Figure $figure): array
    {
        $isOne = $figure->min === [];

        return [
            [$isOne ? $figure->title : "{$figure->title} bottom", $figure->max, $figure->most],
            ...$isOne ? [] : [["{$figure->title} top", $figure->min, $figure->least]],
        ];
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<string>
     */
    private function values(array $figures, float $x): array
    {
        $units = $this->design->member->basis->units;
        $values = [];
        foreach ($figures as $figure) {
            foreach ($this->sides($figure) as [, $needed, $there]) {
                foreach ([$needed, $there] as $parts) {
                    $value = abs(self::at($parts, $x)) / $units->factor($figure->kind);
                    $values[] = number_format($value, $units->decimals($figure->kind), '.', '');
                }
            }
        }

        return $values;
    }

    /** @param  list<CurvePart>  $parts */
    private static function at(array $parts, float $x): float
    {
        foreach ($parts as $part) {
            if ($x >= $part->from - 1e-6 && $x <= $part->to + 1e-6) {
                $value = 0.0;
                foreach (array_reverse($part->polynomial) as $c) {
                    $value = $value * ($x - $part->from) + $c;
                }

                return $value;
            }
        }

        return 0.0;
    }

    private function length(float $x): string
    {
        return $this->design->member->basis->units->format($x, Kind::Length);
    }
}
