<?php

declare(strict_types=1);

namespace Waage\Material;

use Waage\Member\Basis;
use Waage\Member\Restraint;
use Waage\Member\Support;

/**
 * What a material has to know of a member when its block is read: length and places of supports and hinges (mm),
 * restraint of either flange or edge, the basis of the job, and the supports.
 */
final readonly class Shape
{
    /**
     * @param  list<float>  $places
     * @param  list<Support>  $supports  from the left
     */
    public function __construct(
        public float $length,
        public array $places,
        public Restraint $top,
        public Restraint $bottom,
        public Basis $basis,
        public array $supports = [],
    ) {
    }

    /** Is it restrained sideways all along, at top and bottom? */
    public function isRestrainedAllAlong(): bool
    {
        return $this->top->isContinuous() && $this->bottom->isContinuous();
    }
}
