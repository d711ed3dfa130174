<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * A glulam beam that is not as deep all along: from its start to its end (single) or from both ends to its middle
 * (double), with one straight edge.
 */
final readonly class Taper
{
    /** Pieces of one depth that statics has in place of it; its deflection is within 0.2 % then. */
    public const PIECES = 24;

    /**
     * @param  float  $endDepth  at the low end, or at both, mm
     * @param  bool  $isAbove  is the upper edge the tapered one
     */
    public function __construct(public bool $isDouble, public float $endDepth, public bool $isAbove = true)
    {
    }

    /** @param  float  $most  greatest depth, mm */
    public function depthAt(float $x, float $length, float $most): float
    {
        $part = $this->isDouble ? 1 - abs((2 * $x) / $length - 1) : $x / $length;

        return $this->endDepth + ($most - $this->endDepth) * $part;
    }

    /** Slope of the tapered edge. */
    public function slope(float $length, float $most): float
    {
        return ($most - $this->endDepth) / ($this->isDouble ? $length / 2 : $length);
    }

    /** What is left of it where so much of the depth is burnt. */
    public function less(float $depth): self
    {
        return new self($this->isDouble, $this->endDepth - $depth, $this->isAbove);
    }
}
