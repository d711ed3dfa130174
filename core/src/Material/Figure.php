<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Units\Kind;

/**
 * A diagram of a material along the member, on the same x axis as the forces: what is needed, on both sides of its
 * axis, and what there is. One that has the name of a force ("M") adds what there is to the diagram of that.
 */
final readonly class Figure
{
    /**
     * @param  bool  $isDownward  positive values are drawn downwards
     * @param  list<CurvePart>  $max
     * @param  list<CurvePart>  $min
     * @param  list<CurvePart>  $most  what there is for the greatest values
     * @param  list<CurvePart>  $least  and for the smallest
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $caption,
        public Kind $kind,
        public bool $isDownward,
        public array $max,
        public array $min,
        public array $most,
        public array $least,
    ) {
    }
}
