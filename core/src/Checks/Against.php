<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/** What is asked for, against what there is; with their symbols. */
final readonly class Against
{
    public function __construct(
        public ?float $demand = null,
        public ?float $capacity = null,
        public Kind $kind = Kind::Number,
        public string $demandSymbol = '',
        public string $capacitySymbol = '',
    ) {
    }
}
