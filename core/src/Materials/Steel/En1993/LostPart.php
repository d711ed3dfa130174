<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** What buckling takes from a section: its area (mm²), how far from the centroid its middle is, its height (mm). */
final readonly class LostPart
{
    public function __construct(public float $area, public float $z, public float $height = 0.0)
    {
    }

    public function secondMoment(): float
    {
        return $this->area * ($this->z ** 2 + $this->height ** 2 / 12);
    }
}
