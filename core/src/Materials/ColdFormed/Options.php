<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * What the engineer says beside the section: coating of both faces together (mm), depths and thicknesses that the
 * shortlist looks at (mm; none: all of the series), whether elastic buckling is by closed formulas, and how much
 * strength a flange has that is free under uplift: "table", a number, or null: by lateral buckling.
 */
final readonly class Options
{
    /**
     * @param  list<float>  $depths
     * @param  list<float>  $thicknesses
     */
    public function __construct(
        public float $coating = 0.0,
        public array $depths = [],
        public array $thicknesses = [],
        public bool $byFormulas = false,
        public ?string $uplift = null,
    ) {
    }

    public function looksAt(Sizes $sizes): bool
    {
        $has = fn (array $list, float $value): bool => $list === []
            || array_filter($list, fn (float $one): bool => abs($one - $value) < 0.02 * $value) !== [];

        return $has($this->depths, $sizes->h) && $has($this->thicknesses, $sizes->t);
    }
}
