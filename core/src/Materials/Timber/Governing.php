<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Loading\Combination;

/** The value of an effect that governs, where it is, and what makes it. */
final readonly class Governing
{
    /** @param  array<int, float>  $factors  load sets that act */
    public function __construct(
        public float $value,
        public float $x,
        public Combination $combination,
        public LoadGroup $group,
        public array $factors,
        public string $arrangement,
    ) {
    }
}
