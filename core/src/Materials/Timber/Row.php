<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Members alike side by side: their distance, and how wide the floor, roof or wall is, mm; 0: not said. */
final readonly class Row
{
    public function __construct(public float $spacing = 0.0, public float $width = 0.0)
    {
    }

    /** One at either end and the others no further apart than the spacing; one where no width is said. */
    public function pieces(): int
    {
        return $this->spacing > 0.0 && $this->width > 0.0 ? (int) ceil($this->width / $this->spacing - 1e-6) + 1 : 1;
    }
}
