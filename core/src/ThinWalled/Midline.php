<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/**
 * The midline of an open section bent from one sheet, from end to end: points in mm, x to the right and z upwards.
 * Corners are arcs in short pieces; flat parts are in pieces as well, so that they can buckle.
 */
final readonly class Midline
{
    /** Pieces of a corner, and the longest piece of a flat part over the thickness. */
    private const CORNER = 4;

    private const LONGEST = 12.0;

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @param  array<int, float>  $parts  part of the thickness that pieces have, by number from 0; 1 where none is
     *     given
     */
    public function __construct(public array $points, public float $t, public array $parts = [])
    {
    }

    /** @return list<float> of the pieces between points */
    public function thicknesses(): array
    {
        return array_map(
            fn (int $i): float => $this->t * ($this->parts[$i] ?? 1.0),
            array_keys(array_slice($this->points, 1)),
        );
    }

    /** With an opening in the upright wall at x = 0, so deep about its middle. */
    public function withOpening(float $depth): self
    {
        $points = $parts = [];
        foreach ($this->points as $i => $point) {
            $before = $this->points[$i - 1] ?? null;
            if ($before !== null && abs($before[0]) < 1e-9 && abs($point[0]) < 1e-9) {
                $cuts = array_filter(
                    [$depth / 2, -$depth / 2],
                    fn (float $z): bool => ($before[1] - $z) * ($point[1] - $z) < -1e-9,
                );
                foreach ($cuts as $z) {
                    $points[] = [0.0, $z];
                }
            }
            // Nothing is left within it.
            if (abs($point[0]) > 1e-9 || abs($point[1]) >= $depth / 2 - 1e-9) {
                $points[] = $point;
            }
        }
        $points = $points === [] ? throw new \LogicException('An opening is smaller than the section.') : $points;
        foreach (array_slice($points, 1) as $i => [$x, $z]) {
            [$x1, $z1] = $points[$i];
            if (abs($x) < 1e-9 && abs($x1) < 1e-9 && abs($z + $z1) / 2 < $depth / 2) {
                $parts[$i] = 0.0;
            }
        }

        return new self($points, $this->t, $parts);
    }

    /** With the upright wall at x = 0 of another thickness. */
    public function withWall(float $t): self
    {
        $parts = [];
        foreach (array_slice($this->points, 1) as $i => [$x]) {
            if (abs($x) < 1e-9 && abs($this->points[$i][0]) < 1e-9) {
                $parts[$i] = $t / $this->t;
            }
        }

        return new self($this->points, $this->t, $parts);
    }

    /**
     * A C, or a Z where it is turned about: depth, width and lips out to out, inner radius, mm; lips are turned
     * from the line of the flange by an angle (rad; a right angle is square to it), or have no length.
     *
     * @param  array{float, float, float}  $sizes  depth, width, lip
     */
    public static function folded(bool $isZ, array $sizes, float $t, float $r, float $lean = M_PI_2): self
    {
        [$h, $b, $c] = $sizes;
        [$H, $B] = [$h - $t, $isZ ? $b - $t / 2 : $b - $t];
        $lip = max(0.0, $c - $t / 2);
        // The upper half, from the end of the lip to the middle of the web; the lower one mirrored, or turned about.
        $end = [$B + $lip * cos($lean), $H / 2 - $lip * sin($lean)];
        $upper = $lip > 0.0 ? [$end, [$B, $H / 2], [0.0, $H / 2]] : [[$B, $H / 2], [0.0, $H / 2]];
        $side = $isZ ? -1.0 : 1.0;
        $lower = array_map(fn (array $p): array => [$side * $p[0], -$p[1]], array_reverse($upper));

        return self::rounded([...$upper, ...$lower], $t, $r + $t / 2);
    }

    /**
     * A line with its corners rounded.
     *
     * @param  non-empty-list<array{float, float}>  $corners  ends and corners of the sharp line
     * @param  float  $radius  of the midline
     */
    public static function rounded(array $corners, float $t, float $radius): self
    {
        $points = [];
        $last = count($corners) - 1;
        $from = $corners[0];
        for ($i = 1; $i <= $last; $i++) {
            $arc = $i < $last ? self::arc($corners[$i - 1], $corners[$i], $corners[$i + 1], $radius) : [$corners[$i]];
            array_push($points, ...self::flat($from, $arc[0], $t), ...array_slice($arc, 0, -1));
            $from = $arc[array_key_last($arc)];
        }

        return new self([...$points, $corners[$last]], $t);
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @return non-empty-list<array{float, float}> from one flat part to the next
     */
    private static function arc(array $a, array $b, array $c, float $radius): array
    {
        [$d, $e] = [self::direction($b, $a), self::direction($b, $c)];
        $half = acos(max(-1.0, min(1.0, $d[0] * $e[0] + $d[1] * $e[1]))) / 2;
        if ($radius <= 0.0 || $half > M_PI_2 - 1e-6) {
            return [$b];
        }
        $along = $radius / tan($half);
        $middle = self::direction([0.0, 0.0], [$d[0] + $e[0], $d[1] + $e[1]]);
        $centre = [$b[0] + ($middle[0] * $radius) / sin($half), $b[1] + ($middle[1] * $radius) / sin($half)];
        $start = [$b[0] + $d[0] * $along, $b[1] + $d[1] * $along];
        $end = [$b[0] + $e[0] * $along, $b[1] + $e[1] * $along];
        $at = atan2($start[1] - $centre[1], $start[0] - $centre[0]);
        $turn = atan2($end[1] - $centre[1], $end[0] - $centre[0]) - $at;
        $turn -= 2 * M_PI * round($turn / (2 * M_PI));

        return array_map(
            fn (int $i): array => [
                $centre[0] + $radius * cos($at + ($turn * $i) / self::CORNER),
                $centre[1] + $radius * sin($at + ($turn * $i) / self::CORNER),
            ],
            range(0, self::CORNER),
        );
    }

    /**
     * Points of a flat part, its end apart; at least two pieces.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<array{float, float}>
     */
    private static function flat(array $from, array $to, float $t): array
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        if ($length < 1e-9) {
            return [];
        }
        $n = (int) max(2, min(16, ceil($length / (self::LONGEST * $t))));

        return array_map(
            fn (int $i): array => [
                $from[0] + (($to[0] - $from[0]) * $i) / $n,
                $from[1] + (($to[1] - $from[1]) * $i) / $n,
            ],
            range(0, $n - 1),
        );
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return array{float, float}
     */
    private static function direction(array $a, array $b): array
    {
        $length = hypot($b[0] - $a[0], $b[1] - $a[1]);

        return [($b[0] - $a[0]) / $length, ($b[1] - $a[1]) / $length];
    }
}
