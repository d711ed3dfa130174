<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What a member lives with: cracks that are accepted; creep (coefficient) and shrinkage (‰), both in the end;
 * exposure, structural class (1 to 6) and allowance for deviation (mm) that its cover is for; minutes of fire; design
 * strength of what it bears on (MPa); what part of the span it may deflect after finishes (1 over it). Null: not said; creep and shrinkage are the usual ones then, or those of the
 * climate.
 */
final readonly class Service
{
    public function __construct(
        public CrackWidth $crack = CrackWidth::Usual,
        public ?float $creep = null,
        public ?float $shrinkage = null,
        public ?string $exposure = null,
        public int $class = 4,
        public float $deviation = 10.0,
        public ?int $fire = null,
        public ?float $bearing = null,
        public ?Climate $climate = null,
        public ?float $finishes = null,
    ) {
    }
}
