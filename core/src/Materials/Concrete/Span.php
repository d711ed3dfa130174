<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Member\Support;
use Waage\Member\SupportKind;

/**
 * A span or an overhang as flanges see it: between the axes of its supports, clear between their faces, and at how
 * many of its ends moments go on; mm.
 */
final readonly class Span
{
    public function __construct(
        public float $from,
        public float $to,
        public float $clear,
        public int $goesOn,
        public bool $isOverhang,
    ) {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }

    /**
     * @param  list<Support>  $supports  from the left
     * @return non-empty-list<self>
     */
    public static function all(float $length, array $supports): array
    {
        $places = array_values(array_unique([0.0, ...array_map(fn (Support $s): float => $s->x, $supports), $length]));
        sort($places);
        $spans = [];
        foreach (array_slice($places, 1) as $i => $to) {
            $ends = array_map(fn (float $x): ?Support => self::at($x, $supports), [$places[$i], $to]);
            $isOverhang = in_array(null, $ends, true);
            $goesOn = array_filter(
                $ends,
                fn (?Support $s): bool => $s !== null &&
                    ($s->kind === SupportKind::Fixed || ($s->x > 1.0 && $s->x < $length - 1.0)),
            );
            $faces = array_map(fn (?Support $s): float => ($s->bearing ?? 0.0) / 2, $ends);
            $clear = $to - $places[$i] - array_sum($faces);
            $spans[] = new self($places[$i], $to, $clear, count($goesOn), $isOverhang);
        }

        return $spans === [] ? throw new \LogicException('A member has a length.') : $spans;
    }

    /** @param  list<Support>  $supports */
    private static function at(float $x, array $supports): ?Support
    {
        return array_values(array_filter($supports, fn (Support $s): bool => abs($s->x - $x) < 1.0))[0] ?? null;
    }
}
