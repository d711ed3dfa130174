<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * Openings in the web, about its middle, in a row: depth and length (along the member), distance from middle to middle,
 * and from the end of the member to the edge of the first one; mm.
 */
final readonly class Holes
{
    public function __construct(
        public bool $isRound,
        public float $depth,
        public float $length,
        public float $spacing,
        public float $first,
    ) {
    }

    public function key(): string
    {
        return "{$this->isRound} {$this->depth} {$this->length}";
    }

    /** The part of the member that has a hole. */
    public function part(): float
    {
        return min(1.0, $this->length / $this->spacing);
    }

    /** The clear distance from a bearing to the nearest edge of a hole; negative where one lies over it. */
    public function beside(float $x, float $bearing, float $length): float
    {
        $nearest = INF;
        $middle = $this->first + $this->length / 2;
        while ($middle <= $length - $this->length / 2 + 1e-6) {
            $nearest = min($nearest, abs($middle - $x) - ($this->length + $bearing) / 2);
            $middle += $this->spacing;
        }

        return $nearest;
    }
}
