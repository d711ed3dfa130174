<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Loading\Combination;

/** A piece of a diagram between two places (mm): c_0 + c_1 (x − from) + …, and the combination that governs it. */
final readonly class CurvePart
{
    /** @param  non-empty-list<float>  $polynomial */
    public function __construct(
        public float $from,
        public float $to,
        public array $polynomial,
        public ?Combination $combination = null,
    ) {
    }
}
