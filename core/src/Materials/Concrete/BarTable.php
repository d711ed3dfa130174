<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Sheets\Block;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** What a sheet says of the bars and links of a beam, and where they lie. */
final class BarTable
{
    /** @return list<array<string, mixed>> blocks */
    public static function of(ConcreteMake $concrete, Reinforcement $steel, UnitSystem $units): array
    {
        $rows = [];
        foreach (['Bottom' => $steel->bottom, 'Top' => $steel->top] as $face => $stretches) {
            foreach ($stretches as $stretch) {
                // Bars that run through have a row each time they count alone: one tells it all.
                $key =
                    "{$face} ".
                    ($stretch->ends[0] === 0.0 && $stretch->ends[1] === $concrete->length() ? 'all' : $stretch->id);
                $rows[$key] ??= [
                    $face,
                    $key === "{$face} all" ? 'all along' : $stretch->place,
                    $stretch->group->text(),
                    $units->format($stretch->group->bars->area(), Kind::SteelArea),
                    $units->format($stretch->ends[0], Kind::Length),
                    $units->format($stretch->ends[1], Kind::Length),
                ];
            }
        }
        $links = array_map(
            fn (LinkZone $zone): array => [
                $units->format($zone->from, Kind::Length),
                $units->format($zone->to, Kind::Length),
                $units->format($zone->spacing, Kind::Size),
                $units->format($concrete->links->area() / $zone->spacing, Kind::AreaByLength),
            ],
            $steel->links,
        );

        $tables = [
            Block::table(['Bars', 'Where', 'Number and diameter', '>Area', '>From x', '>To x'], array_values($rows)),
        ];
        $tables[] = Block::figure(
            'bars',
            'Bars in elevation, and pulled out with their marks; depths are exaggerated',
        );
        $tables[] = self::list($steel, $units);
        if ($concrete->isSlab()) {
            return [
                ...$tables,
                Block::text(
                    "Distribution bars {$concrete->distribution()->text()} across the span, inside the main bars.",
                ),
            ];
        }

        return [...$tables, Block::table(['Links from x', '>To x', '>Spacing', '>Area by length'], $links)];
    }

    private static function mass(float $kg, UnitSystem $units): string
    {
        return $units === UnitSystem::Metric
            ? number_format($kg, 1).' kg'
            : number_format($kg / 0.45359237, 1).' lb';
    }

    /** @return array<string, mixed> a block: marks, numbers, lengths, shapes, mass */
    private static function list(Reinforcement $steel, UnitSystem $units): array
    {
        $rows = array_map(
            fn (ListedBar $bar): array => [
                $bar->mark,
                $bar->where,
                $bar->bar->size(),
                (string) $bar->count(),
                $units->format($bar->length(), Kind::Length),
                $bar->shape($units),
                self::mass($bar->mass(), $units),
            ],
            $steel->list,
        );
        $mass = array_sum(array_map(fn (ListedBar $bar): float => $bar->mass(), $steel->list));

        return Block::table(
            [
                'Bar list',
                'Where',
                'Size',
                '>Number',
                '>Length',
                $units === UnitSystem::Metric ? 'Shape, mm' : 'Shape, in',
                '>Mass',
            ],
            [...$rows, ['', 'All bars', '', '', '', '', self::mass($mass, $units)]],
        );
    }
}
