<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Weighing;
use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/**
 * The weighings of a member whose section changes: each is told of the length of one section where it is the
 * heaviest.
 */
final class Stretches
{
    /**
     * @param  non-empty-list<SectionStep>  $stretches
     * @param  non-empty-list<non-empty-list<Weighing>>  $weighings  of each of them, the same kinds in the same order
     * @param  list<int>  $ranks  of each of them: of what has no ratio that of the highest rank is told
     * @return non-empty-list<Weighing>
     */
    public static function heaviest(array $stretches, array $weighings, array $ranks, UnitSystem $units): array
    {
        $byKind = [];
        foreach ($weighings as $i => $of) {
            foreach ($of as $kind => $w) {
                $byKind[$kind][] = [$w, $i];
            }
        }
        $heaviest = [];
        foreach ($byKind as $of) {
            // Of two that are equal but for rounding the first one stands for both.
            $weight = fn (array $w): array => [
                $w[0]->isCovered() ? round($w[0]->ratio ?? -1.0, 12) : INF,
                $ranks[$w[1]],
            ];
            usort($of, fn (array $a, array $b): int => $weight($b) <=> $weight($a));
            $heaviest[] = self::named(
                $of[0][0],
                $stretches[$of[0][1]],
                count($stretches),
                $units,
                array_merge(...array_map(fn (array $w): array => $w[0]->ranges, $of)),
            );
        }

        return $heaviest;
    }

    /**
     * A weighing that says which of several sections it is of.
     *
     * @param  list<list<float>>  $ranges  of all stretches
     */
    public static function named(
        Weighing $w,
        SectionStep $stretch,
        int $of,
        UnitSystem $units,
        array $ranges = [],
    ): Weighing {
        if ($of === 1) {
            return $w;
        }
        usort($ranges, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$from, $to] = [$units->format($stretch->from, Kind::Length), $units->format($stretch->to, Kind::Length)];
        $remark = trim("{$stretch->section->name}, from x = {$from} to {$to}. {$w->remark}");

        return new Weighing(
            $w->id,
            $w->title,
            $w->clause,
            $w->ratio,
            $w->isCovered(),
            $w->against,
            $w->at,
            $remark,
            $w->lines,
            $ranges,
        );
    }
}
