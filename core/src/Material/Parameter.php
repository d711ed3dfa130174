<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Checks\Formula;

/** A value that a standard leaves to nations, such as a partial factor: what is recommended, its limits, its clause. */
final readonly class Parameter
{
    /**
     * @param  string  $key  in the basis of a job, among the parameters of the material
     * @param  string  $symbol  as in formulas
     */
    public function __construct(
        public string $key,
        public string $symbol,
        public float $value,
        public float $least,
        public float $most,
        public string $clause,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [...get_object_vars($this), 'tex' => Formula::symbol($this->symbol)];
    }
}
