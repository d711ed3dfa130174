<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Places of a train of axles (or of one force) that make its effects greatest: where influence lines have the moments
 * over the supports, the reactions, the shear beside them and the sagging moments in the spans at their greatest,
 * exactly; and, as long as these are not too many, each axle at equal parts of every span, and where half-way between
 * it and the resultant lies the middle of a span, which gives the greatest moment of a simple span. mm, N.
 */
final class Positions
{
    /** Above this the equal parts get coarser. */
    private const MOST = 120;

    private const PARTS = [24, 16, 12, 8, 6, 4, 2];

    /** Parts of a span where the influence line of its moment is looked at. */
    private const INSIDE = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];

    /** Into so many parts a span is cut to find where its moment is at a peak. */
    private const FINE = 20;

    /** How often the place of the greatest moment in a span is looked for between its neighbours. */
    private const HALVINGS = 3;

    /** Just beside a support, mm. */
    private const BESIDE = 0.01;

    /**
     * @param  float  $from  axles left of it or right of $to stand on other members
     * @param  list<non-empty-list<array{float, float}>>  $trains  that may come, one at a time: axles with their
     *     distance behind the first, force
     * @return list<list<array{float, float}>> place and force of each axle that is on
     */
    public static function of(Beam $beam, float $from, float $to, array $trains): array
    {
        // Loads may be multiplied with nothing, to see what a member bears without them.
        $trains = array_values(array_filter($trains, fn (array $t): bool => array_sum(array_column($t, 1)) > 0.0));
        $exact = [];
        foreach (self::lines($beam) as [$line, $signs]) {
            $line = $line->within($from, $to);
            foreach ($trains as $train) {
                foreach ($signs as $sign) {
                    $exact += self::standing($train, self::place($line->train($train, $sign)), $from, $to);
                }
            }
        }
        foreach ($beam->fields() as [$a, $b]) {
            foreach ($trains as $train) {
                $moment = fn (float $part): array => InfluenceLine::ofMoment($beam, $a + $part * ($b - $a))
                    ->within($from, $to)
                    ->train($train, 1);
                foreach (self::sagging($moment) as $worst) {
                    $exact += self::standing($train, self::place($worst), $from, $to);
                }
            }
        }
        $positions = $exact;
        foreach (self::PARTS as $parts) {
            $more = $exact;
            foreach ($trains as $train) {
                $more += self::standing($train, self::fronts($beam, $train, $parts), $from, $to);
            }
            if (count($more) <= self::MOST) {
                $positions = $more;
                break;
            }
        }
        usort($positions, fn (array $a, array $b): int => $a[0][0] <=> $b[0][0]);

        return $positions;
    }

    /**
     * @param  array{value: float, x: float}  $worst
     * @return list<float> none where the effect has not the sign
     */
    private static function place(array $worst): array
    {
        return $worst['value'] == 0.0 ? [] : [$worst['x']];
    }

    /**
     * The worst places for the moments inside a span, and for the greatest of them.
     *
     * @param  \Closure(float): array{value: float, x: float}  $moment  at a part of the span
     * @return list<array{value: float, x: float}>
     */
    private static function sagging(\Closure $moment): array
    {
        $found = array_map(fn (int $i): array => $moment($i / self::FINE), range(1, self::FINE - 1));
        $peaks = [];
        foreach ($found as $i => ['value' => $value]) {
            if ($value >= max($found[$i - 1]['value'] ?? 0.0, $found[$i + 1]['value'] ?? 0.0)) {
                $peaks[] = self::peak($moment, $i / self::FINE, ($i + 1) / self::FINE, ($i + 2) / self::FINE);
            }
        }

        return [...array_map($moment, self::INSIDE), ...$peaks];
    }

    /**
     * @param  \Closure(float): array{value: float, x: float}  $moment  at a part of the span
     * @return array{value: float, x: float} the greatest between two places, from one between them
     */
    private static function peak(\Closure $moment, float $left, float $best, float $right): array
    {
        $at = $moment($best);
        for ($i = 0; $i < self::HALVINGS; $i++) {
            foreach ([($left + $best) / 2, ($best + $right) / 2] as $part) {
                $worst = $moment($part);
                if ($worst['value'] > $at['value']) {
                    [$best, $at] = [$part, $worst];
                }
            }
            [$left, $right] = [($left + $best) / 2, ($best + $right) / 2];
        }

        return $at;
    }

    /** @return list<array{InfluenceLine, list<int>}> lines, and the signs of the effect that are looked for */
    private static function lines(Beam $beam): array
    {
        $lines = array_map(
            fn (int $i): array => [InfluenceLine::ofReaction($beam, $i), [1, -1]],
            array_keys($beam->supports),
        );
        foreach ($beam->supports as $x) {
            if ($x > 1.0 && $x < $beam->length - 1.0) {
                $lines[] = [InfluenceLine::ofMoment($beam, $x), [1, -1]];
            }
        }
        foreach ($beam->fields() as [$a, $b]) {
            $lines[] = [InfluenceLine::ofShear($beam, $a + self::BESIDE), [1]];
            $lines[] = [InfluenceLine::ofShear($beam, $b - self::BESIDE), [-1]];
        }

        return $lines;
    }

    /**
     * Places of the first axle that are tried whatever the effect.
     *
     * @param  non-empty-list<array{float, float}>  $train
     * @return list<float>
     */
    private static function fronts(Beam $beam, array $train, int $parts): array
    {
        $total = array_sum(array_column($train, 1));
        $resultant = array_sum(array_map(fn (array $a): float => $a[0] * $a[1], $train)) / $total;
        $fronts = [];
        foreach ($beam->fields() as [$a, $b]) {
            $places = array_map(fn (int $k): float => $a + ($k * ($b - $a)) / $parts, range(1, $parts - 1));
            foreach ($train as [$behind]) {
                $fronts[] = ($a + $b) / 2 + ($behind + $resultant) / 2;
                foreach ($places as $place) {
                    $fronts[] = $place + $behind;
                }
            }
        }

        return $fronts;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $train
     * @param  list<float>  $fronts  places of its first axle
     * @return array<string, non-empty-list<array{float, float}>> place and force of each axle that is on, by what
     *     tells them apart
     */
    private static function standing(array $train, array $fronts, float $from, float $to): array
    {
        $positions = [];
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

        return $positions;
    }
}
