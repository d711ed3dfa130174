<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Loading\Combination;

/** Combinations under which timber has one strength: the factor on it, why it is that, and where that stands. */
final readonly class LoadGroup
{
    /** @param  non-empty-list<Combination>  $combinations */
    public function __construct(
        public float $factor,
        public string $why,
        public string $clause,
        public array $combinations,
        public bool $isFire = false,
    ) {
    }
}
