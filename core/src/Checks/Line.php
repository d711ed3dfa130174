<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/**
 * One line of a derivation: symbol = formula = formula with values = result.
 *
 * Values and result are in N, mm, MPa. A given value has its own name as formula.
 */
final readonly class Line
{
    /** @param  array<string, array{float, Kind}>  $values */
    public function __construct(
        public string $symbol,
        public string $formula,
        public array $values,
        public float $result,
        public Kind $kind,
        public string $clause,
        public string $note,
    ) {
    }
}
