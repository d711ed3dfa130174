<?php

declare(strict_types=1);

namespace Waage\Checks;

/** Where something is greatest, and by which loads. */
final readonly class Place
{
    /**
     * @param  float|null  $x  mm; null: not at one place
     * @param  string  $combination  its id
     * @param  string  $arrangement  in words
     * @param  array<int, float>  $factors  of the load sets that act
     */
    public function __construct(
        public ?float $x,
        public string $combination = '',
        public string $arrangement = '',
        public array $factors = [],
    ) {
    }
}
