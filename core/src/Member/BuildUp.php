<?php

declare(strict_types=1);

namespace Waage\Member;

/** Layers of a floor, roof or wall that make an area load together. */
final readonly class BuildUp
{
    /**
     * @param  non-empty-list<array{string, float|null, float, float}>  $layers  name, thickness (mm) or null, unit
     *     weight (N/mm³) or load (N/mm²) where there is no thickness, load (N/mm²)
     */
    public function __construct(public string $name, public array $layers)
    {
    }

    /** N/mm² */
    public function load(): float
    {
        return array_sum(array_column($this->layers, 3));
    }
}
