<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** A member of a doubly symmetric section that is pressed and bent: what Annexes A and B of EN 1993-1-1 need. */
final readonly class PressedMember
{
    /**
     * @param  int  $class  with the compression
     * @param  float  $A  area that counts, mm²
     * @param  float  $N  N
     */
    public function __construct(
        public SteelSection $steel,
        public int $class,
        public float $A,
        public float $N,
        public PressedBuckling $buckling,
        public PressedBending $bending,
    ) {
    }

    public function isPlastic(): bool
    {
        return $this->class <= 2;
    }
}
