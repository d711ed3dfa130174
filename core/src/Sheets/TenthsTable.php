<?php

declare(strict_types=1);

namespace Waage\Sheets;

use Waage\Design\Design;
use Waage\Units\Kind;

/** Shear, moment and deflection at the tenths of each span and overhang, just inside its ends. */
final readonly class TenthsTable
{
    /** @param  array<string, array{max: list<list<float|int>>, min: list<list<float|int>>}>  $curves  as Result gives them */
    public function __construct(private Design $design, private array $curves)
    {
    }

    /** @return array<string, mixed> */
    public function toBlock(): array
    {
        $units = $this->design->member->basis->units;
        $rows = [];
        foreach ($this->design->beam->beam->fields() as $i => [$from, $to]) {
            $name = ucfirst($this->design->beam->fieldNames()[$i]);
            for ($tenth = 0; $tenth <= 10; $tenth++) {
                $x = $from + ($to - $from) * $tenth / 10;
                $row = [$tenth === 0 ? $name : '', $units->format($x, Kind::Length)];
                foreach (['V' => Kind::Force, 'M' => Kind::Moment, 'w' => Kind::Deflection] as $effect => $kind) {
                    foreach (['min', 'max'] as $side) {
                        $row[] = $units->format(self::valueAt($this->curves[$effect][$side], $x, $tenth === 10), $kind);
                    }
                }
                $rows[] = $row;
            }
        }

        return Block::table(['', '>x', '>V smallest', '>greatest', '>M smallest', '>greatest', '>w smallest', '>greatest'], $rows);
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
