<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Design\SelfCheck;
use Waage\Units\Kind;

/** What the program has checked of itself, on the sheet: a table, or sentences on the brief one. */
final class SelfCheckBlocks
{
    /** @return list<array<string, mixed>> */
    public static function of(Design $design, bool $full): array
    {
        ['equilibrium' => $equilibrium, 'deflection' => $deflection, 'hand' => $hand] = (new SelfCheck(
            $design,
        ))->toArray();
        $format = $design->member->basis->units->format(...);
        $rows = [
            [
                'Sum of all loads, unfactored',
                $format($equilibrium['load'], Kind::Force),
                'sum of all reactions',
                $format($equilibrium['reaction'], Kind::Force),
                self::agrees($equilibrium['force']),
            ],
            ['Moments of loads and reactions', '', '', '', self::agrees($equilibrium['moment'])],
        ];
        if ($deflection['part'] !== null) {
            $rows[] = [
                'Greatest deflection',
                'L / '.number_format($deflection['part'], 0, '.', ''),
                '',
                '',
                $deflection['small']
                    ? 'small, as the theory takes it'
                    : 'not small: the theory of small displacements does not hold',
            ];
        }
        if ($hand !== null) {
            $rows[] = [
                'Greatest moment, all loads unfactored',
                $format($hand['computed'], Kind::Moment),
                "{$hand['formula']} with w = ".
                $format($hand['load'], Kind::LineLoad).
                ', '.
                $format($hand['length'], Kind::Length),
                $format($hand['value'], Kind::Moment),
                self::percent($hand['computed'] / $hand['value'] - 1).($hand['fits'] ? '' : ', an estimate'),
            ];
        }

        if (! $full) {
            return [
                Block::heading('Self-check'),
                Block::text(
                    "Loads {$rows[0][1]}, reactions {$rows[0][3]}: {$rows[0][4]}. Their moments: {$rows[1][4]}.".
                        ($deflection['part'] === null
                            ? ''
                            : ' Greatest deflection L / '.
                                number_format($deflection['part'], 0, '.', '').
                                ($deflection['small'] ? '.' : ': not small, the theory does not hold.')).
                        ($hand === null
                            ? ''
                            : ' Greatest moment of all loads, unfactored, '.
                                $format($hand['computed'], Kind::Moment).
                                ", by hand {$rows[count($rows) - 1][2]} ".
                                $format($hand['value'], Kind::Moment).
                                ': '.
                                self::percent($hand['computed'] / $hand['value'] - 1).
                                ($hand['fits'] ? '.' : ', an estimate.')),
                ),
            ];
        }

        return [
            Block::heading('Self-check'),
            Block::table(['What', '>Computed', 'Against', '>By hand', 'Difference'], $rows),
        ];
    }

    /** With its sign; a difference that rounds to nothing has none. */
    private static function percent(float $part): string
    {
        $rounded = round(100 * $part, 1);

        return sprintf($rounded == 0.0 ? '%.1f %%' : '%+.1f %%', abs($rounded) > 0 ? $rounded : 0.0);
    }

    private static function agrees(float $missing): string
    {
        return $missing < 1e-6 ? 'agree' : sprintf('differ by %.2g of the loads', $missing);
    }
}
