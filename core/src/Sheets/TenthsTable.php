<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Units\Kind;

/** Forces and deflection at the tenths of each span and overhang, just inside its ends. */
final readonly class TenthsTable
{
    /**
     * @param  array<string, array{max: list<list<float|int>>, min: list<list<float|int>>}>  $curves  as Result gives
     *     them
     */
    public function __construct(private Design $design, private array $curves)
    {
    }

    /** @return list<array<string, mixed>> one table, and one of bending about the minor axis where there is any */
    public function toBlocks(): array
    {
        $deflects = $this->design->characteristic() !== [];

        return [
            $this->table([
                ...isset($this->curves['N']) ? ['N' => Kind::Force] : [],
                'V' => Kind::Force,
                'M' => Kind::Moment,
                ...$deflects ? ['w' => Kind::Deflection] : [],
            ]),
            ...isset($this->curves['Mz'])
                ? [
                    $this->table([
                        'Vy' => Kind::Force,
                        'Mz' => Kind::Moment,
                        ...$deflects ? ['v' => Kind::Deflection] : [],
                    ]),
                ]
                : [],
        ];
    }

    /**
     * @param  array<string, Kind>  $effects
     * @return array<string, mixed>
     */
    private function table(array $effects): array
    {
        $units = $this->design->member->basis->units;
        $names =
            ['Vy' => 'Lateral V', 'Mz' => 'Lateral M', 'v' => 'Lateral w'] +
            array_combine(array_keys($effects), array_keys($effects));
        $rows = [];
        foreach ($this->design->beam->beam->fields() as $i => [$from, $to]) {
            $name = ucfirst($this->design->beam->beam->fieldNames()[$i]);
            for ($tenth = 0; $tenth <= 10; $tenth++) {
                $x = $from + (($to - $from) * $tenth) / 10;
                $row = [$tenth === 0 ? $name : '', $units->format($x, Kind::Length)];
                foreach ($effects as $effect => $kind) {
                    foreach (['min', 'max'] as $side) {
                        $row[] = $units->format(
                            self::valueAt($this->curves[$effect][$side], $x, $tenth === 10),
                            $kind,
                        );
                    }
                }
                $rows[] = $row;
            }
        }

        return Block::table(
            [
                '',
                '>x',
                ...array_merge(
                    ...array_map(
                        fn (string $effect): array => [">{$names[$effect]} smallest", '>greatest'],
                        array_keys($effects),
                    ),
                ),
            ],
            $rows,
        );
    }

    /** @param  list<list<float|int>>  $curve  on the piece to the right of x, or to the left */
    private static function valueAt(array $curve, float $x, bool $left): float
    {
        $found = $curve[0] ?? [0.0, 0.0, 0];
        foreach ($curve as $piece) {
            if ($left ? $piece[0] < $x - 1e-6 : $piece[0] <= $x + 1e-6) {
                $found = $piece;
            }
        }
        $value = 0.0;
        for ($i = count($found) - 1; $i >= 3; $i--) {
            $value = $value * ($x - $found[0]) + $found[$i];
        }

        return $value;
    }
}
