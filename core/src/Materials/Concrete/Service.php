<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** What a member is like in use: cracks that are accepted; creep (coefficient) and shrinkage (‰), both in the end. */
final readonly class Service
{
    public function __construct(
        public CrackWidth $crack = CrackWidth::Usual,
        public float $creep = 2.0,
        public float $shrinkage = 0.4,
    ) {
    }
}
