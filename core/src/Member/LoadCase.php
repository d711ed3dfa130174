<?php

declare(strict_types=1);

namespace Waage\Member;

use Waage\Loading\LoadDuration;

/**
 * Loads that come and go together. Of the load cases with one name of alternatives only one acts at a time. One that
 * is `always` there acts even where it helps. Its duration is that of its category where it has none of its own, and so
 * is the part of it that stays (0 to 1).
 */
final readonly class LoadCase
{
    public function __construct(
        public string $id,
        public string $name,
        public Category $category,
        public string $alternatives = '',
        public bool $always = false,
        public ?LoadDuration $duration = null,
        public ?float $sustained = null,
    ) {
    }
}
