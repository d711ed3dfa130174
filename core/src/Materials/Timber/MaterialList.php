<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Sheets\Block;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** The timber of a member, or of its row, on its sheet; a tapered beam is cut from its greatest depth. */
final class MaterialList
{
    private const CUBIC_METRE = 1e9;

    /** kg */
    private const POUND = 0.45359237;

    /** A board foot is a square foot an inch thick, mm³. */
    private const BOARD_FOOT = 304.8 * 304.8 * 25.4;

    /** @return list<array<string, mixed>> blocks of a sheet */
    public static function blocks(TimberMake $timber, UnitSystem $units): array
    {
        $members = $timber->row->pieces();
        $isMetric = $units === UnitSystem::Metric;
        $says =
            $members === 1
                ? []
                : [
                    Block::text(
                        "A row of {$members} members, one every ".
                            Size::of($timber->row->spacing, $units).
                            ' over '.
                            $units->format($timber->row->width, Kind::Length).
                            ', one at either end.',
                    ),
                ];
        $columns = [
            'Section',
            'Grade',
            '>Pieces',
            '>Length',
            '>Length in all',
            $isMetric ? '>Volume' : '>Board feet',
            '>Mass',
        ];
        $rows = array_map(
            fn (array $of): array => [
                $of['name'].($isMetric ? ' mm' : ' in'),
                $of['grade'],
                (string) $of['pieces'],
                $units->format($of['length'], Kind::Length),
                $units->format($of['pieces'] * $of['length'], Kind::Length),
                $isMetric
                    ? number_format($of['volume'], 3).' m³'
                    : number_format(($of['volume'] * self::CUBIC_METRE) / self::BOARD_FOOT, 1),
                self::mass($of['mass'], $isMetric),
            ],
            $timber->pieceList(),
        );

        return [...$says, Block::table($columns, $rows)];
    }

    private static function mass(float $kg, bool $isMetric): string
    {
        return $isMetric ? number_format($kg, $kg < 100.0 ? 1 : 0).' kg' : number_format($kg / self::POUND).' lb';
    }
}
