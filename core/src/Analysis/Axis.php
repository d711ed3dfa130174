<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * How the axis of a member lies: it rises from its start by an angle (rad, −π/2 to π/2), and it is held and strained
 * along itself or not. Turns forces between the axis and plumb lines.
 *
 * Along the axis: away from the start positive, compression positive. Normal to it: the reaction of what carries the
 * member positive, as upward is in a level one.
 */
final readonly class Axis
{
    public float $cos;

    public float $sin;

    /** @param  bool  $isStrained  are forces along the axis part of the statics */
    public function __construct(public float $angle = 0.0, public bool $isStrained = false)
    {
        // Upright is upright: no load has a part of 1e-17 across it.
        $this->cos = abs(abs($angle) - M_PI_2) < 1e-9 ? 0.0 : cos($angle);
        $this->sin = sin($angle);
    }

    /** The upward force of two parts. */
    public function up(float $normal, float $along): float
    {
        return $normal * $this->cos + $along * $this->sin;
    }

    /** The force to the right of two parts. */
    public function right(float $normal, float $along): float
    {
        return $along * $this->cos - $normal * $this->sin;
    }

    /** The part normal to the axis of a force given by its upward and its rightward part. */
    public function normal(float $up, float $right): float
    {
        return $up * $this->cos - $right * $this->sin;
    }
}
