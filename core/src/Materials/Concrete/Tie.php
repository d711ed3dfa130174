<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What the engineer says of ties for robustness: along an edge of the building or inside it; the width of floor that
 * the tie serves (mm), storeys of the building, and dead with imposed load of its floors (N/mm²).
 */
final readonly class Tie
{
    public const PLACES = ['edge', 'inside'];

    public function __construct(
        public string $place,
        public float $width,
        public int $storeys,
        public float $load,
    ) {
    }

    public function isAtEdge(): bool
    {
        return $this->place === 'edge';
    }
}
