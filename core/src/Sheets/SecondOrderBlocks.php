<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** Second order in the plane of bending, on the sheet. */
final class SecondOrderBlocks
{
    /**
     * @param  array{factor: float|null, enough: bool, rows: list<array{combination: string, arrangement: string,
     *     N: float, factor: float|null, length: float|null, first: array{M: float, w: float}, second: array{M: float,
     *     w: float}|null}>}|null  $answer
     * @param  string  $treated  what the standard makes of it
     * @return list<array<string, mixed>>
     */
    public static function of(?array $answer, string $treated, UnitSystem $units, bool $full): array
    {
        if ($answer === null) {
            return [];
        }
        $rows = array_map(
            fn (array $r): array => [
                $r['combination'],
                $r['arrangement'],
                $units->format($r['N'], Kind::Force),
                $r['factor'] === null ? 'far off' : number_format($r['factor'], 2, '.', ''),
                $r['length'] === null ? '' : $units->format($r['length'], Kind::Length),
                $units->format($r['first']['M'], Kind::Moment),
                $r['second'] === null ? 'buckled' : $units->format($r['second']['M'], Kind::Moment),
                $units->format($r['first']['w'], Kind::Deflection),
                $r['second'] === null ? '' : $units->format($r['second']['w'], Kind::Deflection),
            ],
            $answer['rows'],
        );

        if (! $full) {
            return [
                Block::text(
                    'Second order in the plane of bending: the loads of '.
                        $rows[0][0].
                        ($rows[0][3] === 'far off'
                            ? ' are far from buckling the member. '
                            : " times {$rows[0][3]} buckle the member. ").
                        $treated,
                ),
            ];
        }

        return [
            Block::heading('Second order in the plane of bending'),
            Block::text(
                'The factor is that on all loads of the combination at which the member buckles in its plane; moments and deflections are the greatest of the arrangement with the greatest compression and, of what does not change it, the greatest moment; exact, of the straight member without imperfections. The length is that of a pinned bar that the greatest force buckles at this factor. '.
                    $treated,
            ),
            Block::table(
                [
                    'Comb.',
                    'Variable load',
                    '>N',
                    '>Factor',
                    '>Length',
                    '>M, 1st order',
                    '>2nd order',
                    '>w, 1st order',
                    '>2nd order',
                ],
                $rows,
            ),
        ];
    }
}
