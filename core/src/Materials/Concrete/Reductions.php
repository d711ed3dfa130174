<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What the width of supports takes off, moments at their faces and shear at d from the face; by how much moments over
 * supports are redistributed, in %, by number of the support from 1; and the part of the gross stiffness that counts
 * for forces.
 */
final readonly class Reductions
{
    /** @param  array<int, float>  $redistribution */
    public function __construct(
        public bool $momentsAtFace = false,
        public bool $shearAtD = false,
        public array $redistribution = [],
        public float $stiffness = 1.0,
    ) {
    }

    /** Moment after to moment before, where it is least; it counts for all sections, on the safe side. */
    public function delta(): float
    {
        return 1 - max([0.0, ...$this->redistribution]) / 100;
    }
}
