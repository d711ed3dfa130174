<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/** Makes a weighing of a calculation whose last line is u. */
final class Report
{
    /**
     * @param  string  $capacity  formula of what there is
     * @param  list<list<float>>  $ranges
     */
    public static function of(
        string $id,
        string $title,
        string $clause,
        Working $w,
        Governing $at,
        string $demand,
        string $capacity,
        array $ranges = [],
        Kind $kind = Kind::LowStress,
        string $group = '',
        string $remark = '',
    ): Weighing {
        return new Weighing(
            ($at->group->isFire ? 'fire-' : '').$id,
            $at->group->isFire ? $title.' in fire' : $title,
            $clause,
            $w->value('u'),
            demand: $w->value($demand),
            capacity: $w->value($capacity),
            kind: $kind,
            demandSymbol: $demand,
            capacitySymbol: preg_match('/^\w+$/', $capacity) === 1 ? $capacity : '',
            x: $at->x,
            combination: $at->combination->id,
            arrangement: $at->arrangement,
            remark: $remark,
            lines: $w->lines,
            ranges: $ranges,
            factors: $at->factors,
            group: $group,
        );
    }

    /** One that is a number of its own: a ratio to a limit. */
    public static function ratio(
        string $id,
        string $title,
        string $clause,
        Working $w,
        Governing $at,
        string $remark = '',
    ): Weighing {
        return new Weighing(
            ($at->group->isFire ? 'fire-' : '').$id,
            $at->group->isFire ? $title.' in fire' : $title,
            $clause,
            $w->value('u'),
            x: $at->x,
            combination: $at->combination->id,
            arrangement: $at->arrangement,
            remark: $remark,
            lines: $w->lines,
            factors: $at->factors,
        );
    }
}
