<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** Plastic collapse on the sheet: factor, hinges, moments and mechanism, and the work by hand. */
final class CollapseBlocks
{
    /**
     * @param  array<string, mixed>  $collapse  as core/schema/collapse.schema.json
     * @return list<array<string, mixed>>
     */
    public static function of(array $collapse, UnitSystem $units): array
    {
        /**
         * @var array{reason: string, combination: string, arrangement: string, factor: float|null,
         *     plasticMoment: float, hinges: list<array{x: float, sagging: bool, factor: float, formedAt: float,
         *     turns: bool, moment: float, held: bool}>,
         *     lines: list<array<string, string>>, notes: list<string>} $collapse
         */
        if ($collapse['factor'] === null) {
            return [Block::heading('Plastic collapse'), Block::text($collapse['reason'])];
        }
        $rows = array_map(
            fn (array $h, int $i): array => [
                (string) ($i + 1),
                $h['sagging'] ? 'sagging' : 'hogging',
                number_format($h['factor'], 3, '.', ''),
                $units->format($h['formedAt'], Kind::Length),
                $units->format($h['x'], Kind::Length),
                $units->format($h['moment'], Kind::Moment),
                $h['held'] ? 'yes' : 'no',
                $h['turns'] ? 'yes' : 'no',
            ],
            $collapse['hinges'],
            array_keys($collapse['hinges']),
        );

        return [
            Block::heading('Plastic collapse (EN 1993-1-1, 5.4.3)'),
            Block::text(
                'The loads of '.
                    $collapse['combination'].
                    ' ('.
                    $collapse['arrangement'].
                    ') times '.
                    number_format($collapse['factor'], 3, '.', '').
                    ' make the beam a mechanism. Loads grow together; all moments stay within the plastic moment.',
            ),
            Block::table(
                [
                    'Hinge',
                    'Moment',
                    '>Forms at factor',
                    '>At x',
                    '>At collapse at x',
                    '>Plastic moment',
                    'Flange restrained',
                    'In the mechanism',
                ],
                $rows,
            ),
            Block::figure('collapse', 'Bending moment at collapse, sagging positive'),
            Block::figure('mechanism', 'Mechanism; only its shape means something'),
            Block::derivation($collapse['lines']),
            Block::list($collapse['notes']),
        ];
    }
}
