<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Reactions;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** What the sheet shows of a member that loads bend sideways. */
final class SidewaysBlocks
{
    public const ASSUMPTION = 'Laterally the member spans between its supports and the points of restraint of both flanges; fixed supports are fixed this way as well, elastic ones rigid. Lateral loads act through the shear centre. Sections of class 1 and 2 by 6.2.9.1(6), of class 3 by the sum of the utilisations (6.2.1(7)), buckling by 6.3.3, the greatest forces and moments of a combination together.';

    /** @return list<array<string, mixed>> */
    public static function figures(bool $deflects): array
    {
        return [
            Block::figure(
                'Mz',
                'Bending moment about z-z, envelope of the strength combinations, tension in front positive',
            ),
            ...$deflects
                ? [
                    Block::figure(
                        'v',
                        'Lateral deflection, envelope of the characteristic combinations, to the front positive',
                    ),
                ]
                : [],
        ];
    }

    /**
     * @param  list<float>  $places  that hold the member sideways, mm
     * @return list<array<string, mixed>>
     */
    public static function reactions(Reactions $reactions, array $places, UnitSystem $units): array
    {
        $force = fn (float $f): string => $units->format($f, Kind::Force);
        $rows = [];
        /** @var array{name: string, forces: list<float>} $case */
        foreach ($reactions->toArray()['cases'] as $case) {
            if (max([0.0, ...array_map(abs(...), $case['forces'])]) > 0.5) {
                $rows[] = [$case['name'], ...array_map($force, $case['forces'])];
            }
        }
        foreach ([0 => 'Strength, greatest', 1 => 'Strength, smallest'] as $i => $name) {
            $rows[] = [$name, ...array_map(fn (array $r): string => $force($r[$i]), $reactions->strengthRange())];
        }

        return [
            Block::text('Lateral restraint forces, to the back positive; by load case unfactored.'),
            Block::table(
                ['Held at x', ...array_map(fn (float $x): string => '>'.$units->format($x, Kind::Length), $places)],
                $rows,
            ),
        ];
    }
}
