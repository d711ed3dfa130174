<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** A length between two points where one flange is held sideways, mm. */
final readonly class BucklingLength
{
    /**
     * @param  int  $sign  1: sagging moments compress the flange looked at (top); −1: hogging (bottom)
     * @param  bool  $freeEnd  one end is the free end of an overhang and not held
     * @param  bool  $fixedRoot  the held end of such a length is a fixed support
     * @param  float  $apart  Member::$apart
     */
    public function __construct(
        public float $from,
        public float $to,
        public int $sign,
        public bool $freeEnd,
        public bool $fixedRoot,
        public float $apart = 1.0,
    ) {
    }

    /** How long it is, or is thought to be. */
    public function length(): float
    {
        return $this->apart * ($this->to - $this->from);
    }
}
