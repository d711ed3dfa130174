<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/**
 * How the strips of an open section hang together: points that lie within 0.01 mm of each other are one; a strip that
 * ends within the thickness of another one divides it, and a link without thickness leads from its end to the middle
 * line of that one.
 */
final readonly class StripTree
{
    private const SAME = 0.01;

    /** @var non-empty-list<Strip> divided where others meet them, from the first one outwards */
    public array $strips;

    /** @var list<array{int, int}> numbers of the points at the ends of each, the nearer one to the first point first */
    public array $ends;

    /** @var list<array{float, float}> */
    public array $points;

    /**
     * @param  non-empty-list<Strip>  $strips
     *
     * @throws \DomainException in the engineer's words, when they are not one open section
     */
    public function __construct(array $strips)
    {
        $strips = self::divided(self::straightened($strips));
        $points = [];
        $number = function (float $y, float $z) use (&$points): int {
            foreach ($points as $i => [$py, $pz]) {
                if (hypot($y - $py, $z - $pz) <= self::SAME) {
                    return $i;
                }
            }
            $points[] = [$y, $z];

            return count($points) - 1;
        };
        $open = array_map(fn (Strip $s): array => [$s, $number($s->y1, $s->z1), $number($s->y2, $s->z2)], $strips);
        $reached = [0 => true];
        $ordered = $ends = [];
        while ($open !== []) {
            $before = count($open);
            foreach ($open as $i => [$strip, $a, $b]) {
                if (! isset($reached[$a]) && ! isset($reached[$b])) {
                    continue;
                }
                if (isset($reached[$a], $reached[$b])) {
                    throw new \DomainException(
                        'The strips close a ring: cells are not covered. Leave one open, or take a hollow section or a box.',
                    );
                }
                $isForward = isset($reached[$a]);
                $ordered[] = $isForward
                    ? $strip
                    : new Strip($strip->y2, $strip->z2, $strip->y1, $strip->z1, $strip->t);
                $ends[] = $isForward ? [$a, $b] : [$b, $a];
                $reached[$isForward ? $b : $a] = true;
                unset($open[$i]);
            }
            if (count($open) === $before) {
                throw new \DomainException(
                    'The strips do not all meet: each has to begin or end at a point of another one.',
                );
            }
        }
        $this->strips = $ordered === [] ? throw new \LogicException('There is a strip.') : $ordered;
        $this->ends = $ends;
        $this->points = $points;
    }

    /** How many strips meet at a point. */
    public function meeting(int $point): int
    {
        return count(array_filter($this->ends, fn (array $e): bool => in_array($point, $e, true)));
    }

    /**
     * A point between two that go on straight holds neither: they are one, as slender as both.
     *
     * @param  non-empty-list<Strip>  $strips
     * @return non-empty-list<Strip>
     */
    private static function straightened(array $strips): array
    {
        foreach ($strips as $i => $s) {
            foreach ([$s, new Strip($s->y2, $s->z2, $s->y1, $s->z1, $s->t)] as $one) {
                $next = [];
                foreach ($strips as $j => $other) {
                    foreach (
                        $j === $i
                            ? []
                            : [$other, new Strip($other->y2, $other->z2, $other->y1, $other->z1, $other->t)] as $on
                    ) {
                        if (hypot($on->y1 - $one->y2, $on->z1 - $one->z2) <= self::SAME) {
                            $next[] = [$j, $on];
                        }
                    }
                }
                if (count($next) !== 1) {
                    continue;
                }
                [$j, $on] = $next[0];
                $whole = new Strip($one->y1, $one->z1, $on->y2, $on->z2, $s->t);
                if ($on->t === $s->t && $one->length + $on->length - $whole->length < 1e-9 * $whole->length) {
                    unset($strips[$i], $strips[$j]);

                    return self::straightened([$whole, ...array_values($strips)]);
                }
            }
        }

        return $strips;
    }

    /**
     * @param  non-empty-list<Strip>  $strips
     * @return non-empty-list<Strip>
     */
    private static function divided(array $strips): array
    {
        $divided = [];
        foreach ($strips as $own => $s) {
            $places = [];
            foreach (array_diff_key($strips, [$own => true]) as $other) {
                $places[sprintf('%.2f %.2f', $other->y1, $other->z1)] = [$other->y1, $other->z1];
                $places[sprintf('%.2f %.2f', $other->y2, $other->z2)] = [$other->y2, $other->z2];
            }
            [$uy, $uz] = [($s->y2 - $s->y1) / $s->length, ($s->z2 - $s->z1) / $s->length];
            $at = [0.0, $s->length];
            foreach ($places as [$y, $z]) {
                $along = ($y - $s->y1) * $uy + ($z - $s->z1) * $uz;
                $off = ($z - $s->z1) * $uy - ($y - $s->y1) * $uz;
                if (abs($off) > $s->t / 2 + self::SAME || $along < -self::SAME || $along > $s->length + self::SAME) {
                    continue;
                }
                if ($along > self::SAME && $along < $s->length - self::SAME) {
                    $at[] = $along;
                }
                if (abs($off) > self::SAME) {
                    $divided[] = new Strip($y, $z, $s->y1 + $along * $uy, $s->z1 + $along * $uz, 0.0);
                }
            }
            sort($at);
            for ($i = 1, $n = count($at); $i < $n; $i++) {
                if ($at[$i] - $at[$i - 1] > self::SAME) {
                    $divided[] = new Strip(
                        $s->y1 + $at[$i - 1] * $uy,
                        $s->z1 + $at[$i - 1] * $uz,
                        $s->y1 + $at[$i] * $uy,
                        $s->z1 + $at[$i] * $uz,
                        $s->t,
                    );
                }
            }
        }

        return $divided === [] ? $strips : $divided;
    }
}
