<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** An influence line on the sheet: the line, and what loads at their worst places make with it. */
final class InfluenceBlocks
{
    /**
     * @param  array<string, mixed>  $influence  as core/schema/influence.schema.json
     * @return list<array<string, mixed>>
     */
    public static function of(array $influence, int $index, UnitSystem $units): array
    {
        /**
         * @var array{effect: string, left: bool, x: float, support: int, load: float, max: array<string, mixed>,
         *     min: array<string, mixed>, all: float} $influence
         */
        $kind = $influence['effect'] === 'M' ? Kind::Moment : Kind::Force;
        $of = match ($influence['effect']) {
            'M' => 'the moment at x = '.$units->format($influence['x'], Kind::Length),
            'V' => 'the shear force '.
                ($influence['left'] ? 'just left of' : 'at').
                ' x = '.
                $units->format($influence['x'], Kind::Length),
            default => 'the reaction of support '.($influence['support'] + 1),
        };
        $length = fn (float $x): string => $units->format($x, Kind::Length);
        $rows = [];
        foreach (['Greatest' => 'max', 'Smallest' => 'min'] as $name => $key) {
            /**
             * @var array{value: float, parts: list<array{float, float}>, spans: float, on: list<string>,
             *     train: array{value: float, axles: list<array{float, float}>}|null} $worst
             */
            $worst = $influence[$key];
            $parts = implode(
                ', ',
                array_map(fn (array $p): string => $length($p[0]).' to '.$length($p[1]), $worst['parts']),
            );
            $rows[] = [
                "{$name}, uniform load",
                $units->format($worst['value'], $kind),
                $parts === '' ? 'nowhere' : $parts,
            ];
            $rows[] = [
                "{$name}, whole spans",
                $units->format($worst['spans'], $kind),
                $worst['on'] === [] ? 'none' : implode(', ', $worst['on']),
            ];
            if ($worst['train'] !== null) {
                $rows[] = [
                    "{$name}, train of axles",
                    $units->format($worst['train']['value'], $kind),
                    implode(
                        ', ',
                        array_map(
                            fn (array $a): string => $units->format($a[1], Kind::Force).' at '.$length($a[0]),
                            $worst['train']['axles'],
                        ),
                    ),
                ];
            }
        }
        $rows[] = ['Uniform load on the whole beam', $units->format($influence['all'], $kind), ''];

        return [
            Block::figure(
                'influence',
                "Influence line of {$of}, positive downward; uniform load of ".
                    $units->format($influence['load'], Kind::LineLoad).
                    ', unfactored',
                $index,
            ),
            Block::table(['Load', '>Effect', 'Stands at'], $rows),
        ];
    }
}
