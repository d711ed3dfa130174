<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Units\Kind;

/** Reads how a load spreads over the width of a slab; what is wrong goes to its field. */
final readonly class SpreadReader
{
    /**
     * @param  float  $length  of the member, mm
     * @param  list<Support>  $supports
     * @param  float|null  $strip  width of the strip, mm; null: it is no slab
     */
    public function __construct(
        private Fields $f,
        private float $length,
        private array $supports,
        private ?float $strip,
    ) {
    }

    /**
     * Over the width of a slab; null after a fault.
     *
     * @param  array<array-key, mixed>  $row
     * @param  non-empty-list<array{float, float}>  $profile
     */
    public function read(array $row, string $path, LoadKind $kind, array $profile): ?Spread
    {
        $covers = $this->f->quantity($row, 'covers', "{$path}.covers", Kind::Size);
        $toEdge = ($row['toEdge'] ?? '') === ''
            ? null
            : $this->f->positive($row, 'toEdge', "{$path}.toEdge", Kind::Size, 'The distance to the edge');
        $x = ($profile[0][0] + $profile[count($profile) - 1][0]) / 2;
        $beside = [null, null];
        foreach ($this->supports as $support) {
            $beside = [
                $support->x <= $x + 1.0 ? $support : $beside[0],
                $beside[1] ?? ($support->x > $x + 1.0 ? $support : null),
            ];
        }
        [$left, $right] = $beside;
        $faults = [
            'No load spreads here: only forces and line loads on a strip of slab do.' => $this->strip === null ||
                ! in_array($kind, [LoadKind::Point, LoadKind::Line], true),
            'A load is reduced, or it spreads, not both.' => ($row['area'] ?? '').($row['storeys'] ?? '') !== '',
            'On an overhang how far a load spreads is not covered: give the part of it that the strip takes.' => $left === null ||
                ($right === null && $x > $left->x + 1.0),
            'The width that the load covers is not negative.' => $covers < 0.0,
        ];
        foreach (array_keys(array_filter($faults)) as $why) {
            $this->f->fail("{$path}.covers", $why);

            return null;
        }
        if ($left === null || $this->strip === null) {
            return null;
        }
        $span = $right === null ? 1.0 : $right->x - $left->x;
        $ends = array_filter([$left, $right]);
        $goesOn = array_filter(
            $ends,
            fn (Support $s): bool => $s->holdsTurning() || ($s->x > 1.0 && $s->x < $this->length - 1.0),
        );

        return new Spread($this->strip, $covers, min($x - $left->x, $span), $span, $goesOn !== [], $toEdge);
    }
}
