<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What a member stands in: exposure, structural class (1 to 6) and allowance for deviation (mm) that its cover is for;
 * minutes of fire; design strength of what it bears on (MPa). Null: not said.
 */
final readonly class Surroundings
{
    public function __construct(
        public ?string $exposure = null,
        public int $class = 4,
        public float $deviation = 10.0,
        public ?int $fire = null,
        public ?float $bearing = null,
    ) {
    }
}
