<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * What a strip of slab takes of a load that covers a part of its width: BS 8110-1:1997, 3.5.2.2, a width of
 * t + 2.4 x (1 − x/l) about it; t + 1.5 x (1 − x/l) where moments go on over a support (usual practice for fixed
 * ends). At most to a free edge. EN 1992-1-1 and ACI 318 have no rule of their own. All from memory; mm.
 */
final readonly class Spread
{
    public float $factor;

    public float $k;

    /**
     * @param  float  $covers  t: of the width, without the screed
     * @param  float  $x  from a support
     * @param  float|null  $toEdge  from the middle of the load to a free edge of the slab
     */
    public function __construct(
        public float $strip,
        public float $covers,
        public float $x,
        public float $span,
        public bool $goesOn,
        public ?float $toEdge = null,
    ) {
        $this->k = $goesOn ? 1.5 : 2.4;
        $this->factor = min(1.0, $strip / max(1.0, $this->width()));
    }

    private function width(): float
    {
        $all = $this->covers + $this->k * $this->x * (1 - $this->x / $this->span);

        return $this->toEdge === null ? $all : min($all, $all / 2 + $this->toEdge);
    }
}
