<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Loading\Purpose;

/**
 * What is asked of a material: for which purpose, for how long the loads stay, at which stage of construction (from
 * 0).
 */
final readonly class Situation
{
    public function __construct(
        public Purpose $purpose = Purpose::Characteristic,
        public bool $isLongTerm = false,
        public int $stage = 0,
    ) {
    }
}
