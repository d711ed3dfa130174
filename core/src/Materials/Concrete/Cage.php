<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * What bars have to stay within: width of the section, cover to the links, their diameter, greatest size of
 * aggregate; mm.
 */
final readonly class Cage
{
    public function __construct(
        public float $width,
        public float $cover,
        public float $link,
        private Code $code,
        public float $aggregate,
    ) {
    }

    /** 20 mm, or 3/4 in: the greatest size of aggregate where the engineer says none. */
    public static function usual(Code $code): float
    {
        return $code === Code::Aci318 ? 19.05 : 20.0;
    }

    /** From a face to the bars. */
    public function toBars(): float
    {
        return $this->cover + $this->link;
    }

    /** Between the legs of the links. */
    public function room(): float
    {
        return $this->width - 2 * $this->toBars();
    }

    /**
     * Clear distance that bars need: EN 1992-1-1, 8.2(2), k_1 = 1 and k_2 = 5 mm; BS 8110-1, 3.12.11.1; ACI 318-19,
     * 25.2.1.
     */
    public function leastClear(float $diameter): float
    {
        return $this->code === Code::Aci318
            ? max($diameter, 25.4, 4 / 3 * $this->aggregate)
            : max($diameter, $this->aggregate + 5.0, 20.0);
    }
}
