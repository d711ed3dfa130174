<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Places of a train of axles (or of one force) that make its effects greatest: each axle just beside every support, at
 * equal parts of every span, and where half-way between it and the resultant lies the middle of a span, which gives the
 * greatest moment of a simple span. Driving either way. mm, N.
 */
final class Positions
{
    /** Above this the equal parts get coarser. */
    private const MOST = 120;

    private const PARTS = [24, 16, 12, 8, 6, 4, 2];

    /** Just beside a support. */
    private const BESIDE = 0.01;

    /**
     * @param  list<array{float, float}>  $fields  spans and overhangs
     * @param  float  $from  axles left of it or right of $to stand on other members
     * @param  list<array{float, float}>  $axles  distance behind the first, force
     * @return list<list<array{float, float}>> place and force of each axle that is on
     */
    public static function of(array $fields, float $from, float $to, array $axles): array
    {
        foreach (self::PARTS as $parts) {
            $positions = self::with($parts, $fields, $from, $to, $axles);
            if (count($positions) <= self::MOST) {
                break;
            }
        }

        return $positions;
    }

    /**
     * @param  list<array{float, float}>  $fields
     * @param  list<array{float, float}>  $axles
     * @return list<list<array{float, float}>>
     */
    private static function with(int $parts, array $fields, float $from, float $to, array $axles): array
    {
        $last = $axles[count($axles) - 1][0];
        $turned = array_reverse(array_map(fn (array $a): array => [$last - $a[0], $a[1]], $axles));
        $positions = [];
        foreach ([$axles, $turned] as $train) {
            $total = array_sum(array_column($train, 1));
            $resultant = array_sum(array_map(fn (array $a): float => $a[0] * $a[1], $train)) / $total;
            $fronts = [];
            foreach ($fields as [$a, $b]) {
                foreach ($train as [$behind]) {
                    $fronts[] = ($a + $b) / 2 + ($behind + $resultant) / 2;
                    foreach ([$a + self::BESIDE, $b - self::BESIDE, ...array_map(fn (int $k): float => $a + $k * ($b - $a) / $parts, range(1, $parts - 1))] as $place) {
                        $fronts[] = $place + $behind;
                    }
                }
            }
            foreach ($fronts as $front) {
                $on = [];
                foreach ($train as [$behind, $force]) {
                    $x = round($front - $behind, 3);
                    if ($x >= $from && $x <= $to) {
                        $on[] = [$x, $force];
                    }
                }
                if ($on !== []) {
                    sort($on);
                    $positions[json_encode($on, JSON_THROW_ON_ERROR)] = $on;
                }
            }
        }
        usort($positions, fn (array $a, array $b): int => $a[0][0] <=> $b[0][0]);

        return $positions;
    }
}
