<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * Where bars over a support end: how far from the support fewer bars suffice for the moment, and how far they reach;
 * mm.
 */
final readonly class CutOff
{
    public function __construct(
        public float $support,
        public int $side,
        public float $suffices,
        public float $reach,
    ) {
    }
}
