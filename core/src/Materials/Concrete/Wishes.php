<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What the engineer says of bars and links. What is null or missing is chosen: bars at the bottom of every span, at
 * the top all along, those of single spans and supports (by number from 1) in their place, and one spacing of links
 * (mm).
 */
final readonly class Wishes
{
    /**
     * @param  array<int, Bars>  $spans
     * @param  array<int, Bars>  $supports
     * @param  int|null  $legs  of the links
     * @param  list<Bars>  $sizes  to choose from, one bar of each; none: the usual ones
     */
    public function __construct(
        public ?Bars $bottom,
        public ?Bars $top,
        public array $spans,
        public array $supports,
        public ?float $linkSpacing,
        public ?int $legs = null,
        public array $sizes = [],
    ) {
    }

    /** @return list<Bars> all that are said */
    public function bars(): array
    {
        return array_values(array_filter([$this->bottom, $this->top, ...$this->spans, ...$this->supports]));
    }
}
