<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Against;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;

/** Makes a weighing of a calculation whose last line is u. */
final class Report
{
    /**
     * @param  string  $capacity  formula of what there is
     * @param  list<list<float>>  $ranges
     */
    public static function of(
        Heading $heading,
        Working $w,
        Governing $at,
        string $demand,
        string $capacity,
        array $ranges = [],
    ): Weighing {
        $inFire = $at->group->isFire;

        return new Weighing(
            ($inFire ? 'fire-' : '').$heading->id,
            $heading->title.($inFire ? ' in fire' : ''),
            $heading->clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value($demand),
                capacity: $w->value($capacity),
                kind: $heading->kind,
                demandSymbol: $demand,
                capacitySymbol: preg_match('/^\w+$/', $capacity) === 1 ? $capacity : '',
            ),
            at: new Place(
                x: $at->x,
                combination: $at->combination->id,
                arrangement: $at->arrangement,
                factors: $at->factors,
            ),
            lines: $w->lines,
            ranges: $ranges,
            group: $heading->group === '' || ! $inFire ? $heading->group : "{$heading->group} in fire",
        );
    }

    /** One that is a number of its own: a ratio to a limit. */
    public static function ratio(Heading $heading, Working $w, Governing $at, string $remark = ''): Weighing
    {
        $inFire = $at->group->isFire;

        return new Weighing(
            ($inFire ? 'fire-' : '').$heading->id,
            $heading->title.($inFire ? ' in fire' : ''),
            $heading->clause,
            $w->value('u'),
            at: new Place(
                x: $at->x,
                combination: $at->combination->id,
                arrangement: $at->arrangement,
                factors: $at->factors,
            ),
            remark: $remark,
            lines: $w->lines,
        );
    }
}
