<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Beam;
use Waage\Member\Member;
use Waage\Member\Restraint;

/** Cuts a beam into the lengths between the points that hold one flange. */
final class BucklingLengths
{
    /** @return list<BucklingLength> of both flanges */
    public static function ofBoth(Beam $beam, Member $member): array
    {
        return array_map(
            fn (BucklingLength $l): BucklingLength => new BucklingLength(
                $l->from,
                $l->to,
                $l->sign,
                $l->freeEnd,
                $l->fixedRoot,
                $member->apart,
            ),
            [...self::of($beam, $member->top, 1), ...self::of($beam, $member->bottom, -1)],
        );
    }

    /**
     * @param  Restraint  $restraint  of the flange looked at
     * @param  int  $sign  1: top flange, compressed by sagging moments; −1: bottom flange
     * @return list<BucklingLength> none for a flange that is held continuously
     */
    public static function of(Beam $beam, Restraint $restraint, int $sign): array
    {
        if ($restraint->isContinuous()) {
            return [];
        }
        $held = [...$beam->forks, ...$restraint->positions];
        sort($held);
        // Restraints closer together than a millimetre are one.
        $points = [];
        foreach ($held as $x) {
            if ($points === [] || $x - end($points) > 1.0) {
                $points[] = $x;
            }
        }
        $lengths = [];
        $first = $points[0];
        if ($first > 1.0) {
            $lengths[] = new BucklingLength(0.0, $first, $sign, true, self::isFixed($beam, $first));
        }
        for ($i = 1, $n = count($points); $i < $n; $i++) {
            $lengths[] = new BucklingLength($points[$i - 1], $points[$i], $sign, false, false);
        }
        $last = $points[count($points) - 1];
        if ($beam->length - $last > 1.0) {
            $lengths[] = new BucklingLength($last, $beam->length, $sign, true, self::isFixed($beam, $last));
        }

        return $lengths;
    }

    private static function isFixed(Beam $beam, float $x): bool
    {
        return $beam->holdAt($x)?->isFixed() ?? false;
    }
}
