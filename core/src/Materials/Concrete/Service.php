<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What a member lives with: cracks that are accepted; creep (coefficient) and shrinkage (‰), both in the end, and the
 * climate that they are worked out of; what part of the span it may deflect after finishes (1 over it). Null: not said;
 * without a climate creep and shrinkage are the usual ones.
 */
final readonly class Service
{
    public function __construct(
        public CrackWidth $crack = CrackWidth::Usual,
        public ?float $creep = null,
        public ?float $shrinkage = null,
        public ?Climate $climate = null,
        public ?float $finishes = null,
        public Surroundings $around = new Surroundings,
    ) {
    }
}
