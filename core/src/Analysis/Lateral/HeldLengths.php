<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Analysis\Beam;
use Waage\Member\Restraint;

/**
 * Cuts a beam at the places that hold it laterally and against twisting: its supports, and where both flanges are held.
 * A cut lets the section warp and turn in plan freely, which is on the safe side. A free end stays together with the
 * length behind its support, which is what holds it; at a fixed support it is clamped.
 */
final class HeldLengths
{
    /** Places closer together than this are one, mm. */
    private const ONE = 1.0;

    /** @return list<HeldLength> none where both flanges are continuously restrained */
    public static function of(Beam $beam, Restraint $top, Restraint $bottom): array
    {
        if ($top->isContinuous() && $bottom->isContinuous()) {
            return [];
        }
        $isHeld = fn (Restraint $r, float $x): bool => $r->isContinuous() ||
            array_filter($r->positions, fn (float $p): bool => abs($p - $x) <= self::ONE) !== [];
        $forks = $flanges = [];
        foreach (self::distinct([...$beam->forks, ...$top->positions, ...$bottom->positions]) as $x) {
            $isSupport = array_filter($beam->forks, fn (float $s): bool => abs($s - $x) <= self::ONE) !== [];
            [$above, $below] = [$isHeld($top, $x), $isHeld($bottom, $x)];
            if ($isSupport || ($above && $below)) {
                $forks[] = $x;
            } elseif (! $top->isContinuous() && ! $bottom->isContinuous()) {
                $flanges[] = [$x, $above ? 1 : -1];
            }
        }
        $continuous = (int) $top->isContinuous() - (int) $bottom->isContinuous();
        $lengths = [];
        if ($forks === []) {
            throw new \LogicException('A beam has supports.');
        }
        foreach (self::cuts($beam, $forks) as [$from, $to, $inside, $clamped]) {
            $lengths[] = new HeldLength(
                $from,
                $to,
                $inside,
                $clamped,
                array_values(array_filter($flanges, fn (array $f): bool => $f[0] >= $from && $f[0] <= $to)),
                $continuous,
            );
        }

        return $lengths;
    }

    /**
     * @param  non-empty-list<float>  $forks
     * @return list<array{float, float, list<float>, list<float>}> from, to, forks, clamped ends
     */
    private static function cuts(Beam $beam, array $forks): array
    {
        $first = $forks[0];
        $last = $forks[count($forks) - 1];
        $isFixed = fn (float $x): bool => $beam->holdAt($x)?->isFixed() ?? false;
        $cuts = [];
        for ($i = 1, $n = count($forks); $i < $n; $i++) {
            $cuts[] = [$forks[$i - 1], $forks[$i], [$forks[$i - 1], $forks[$i]], []];
        }
        if ($first > self::ONE) {
            $free = [0.0, $first, [$first], [$first]];
            if ($isFixed($first) || $cuts === []) {
                array_unshift($cuts, $free);
            } else {
                $cuts[0] = [0.0, $cuts[0][1], $cuts[0][2], []];
            }
        }
        if ($beam->length - $last > self::ONE) {
            $behind = count($cuts) - 1;
            if ($isFixed($last) || $behind < 0 || $cuts[$behind][1] < $last) {
                $cuts[] = [$last, $beam->length, [$last], [$last]];
            } else {
                $cuts[$behind] = [$cuts[$behind][0], $beam->length, $cuts[$behind][2], []];
            }
        }

        return $cuts;
    }

    /**
     * @param  list<float>  $places
     * @return non-empty-list<float>
     */
    private static function distinct(array $places): array
    {
        sort($places);
        $distinct = [];
        foreach ($places as $x) {
            if ($distinct === [] || $x - end($distinct) > self::ONE) {
                $distinct[] = $x;
            }
        }

        return $distinct === [] ? throw new \LogicException('A beam has supports.') : $distinct;
    }
}
