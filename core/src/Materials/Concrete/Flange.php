<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * The flange of a T, an L or an inverted T: as wide as it is, web included, and thick; mm. `effective`: the width
 * that counts all along, where the engineer says it. `weighs`: its weight counts here and does not come with a slab's
 * load.
 */
final readonly class Flange
{
    public function __construct(
        public Profile $profile,
        public float $width,
        public float $thickness,
        public ?float $effective = null,
        public bool $weighs = true,
    ) {
    }

    public function isBelow(): bool
    {
        return $this->profile === Profile::InvertedTee;
    }

    /** Beside the web, on one side that has it. */
    public function outstand(float $web): float
    {
        return ($this->width - $web) / $this->sides();
    }

    public function sides(): int
    {
        return $this->profile === Profile::Ell ? 1 : 2;
    }
}
