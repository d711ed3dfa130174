<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** How many pieces a bar is in, and by how much they lap, mm. */
final readonly class Pieces
{
    public function __construct(public int $count = 1, public float $lap = 0.0)
    {
    }
}
