<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * How a beam is held at x (mm): normal to its axis and against turning, each rigidly (INF), by a spring, or not at all
 * (0), and along its axis or not. Springs in N/mm and Nmm per radian.
 *
 * A support that slides in a direction oblique to the axis says which: along the axis and normal to it (down positive),
 * as a unit vector. It holds across that direction.
 */
final readonly class BeamSupport
{
    /** @param  array{float, float}|null  $slides */
    private function __construct(
        public float $x,
        public float $vertical,
        public float $rotation,
        public bool $along,
        public ?array $slides = null,
    ) {
    }

    public static function pinned(float $x): self
    {
        return new self($x, INF, 0.0, true);
    }

    /** Free to slide along the axis. */
    public static function roller(float $x): self
    {
        return new self($x, INF, 0.0, false);
    }

    /** @param  array{float, float}  $direction */
    public static function sliding(float $x, array $direction): self
    {
        return new self($x, INF, 0.0, false, $direction);
    }

    public static function fixed(float $x, bool $along = true): self
    {
        return new self($x, INF, INF, $along);
    }

    /** Free to move normal to the axis, held against turning: the middle of a symmetrical beam. */
    public static function guided(float $x, bool $along = true): self
    {
        return new self($x, 0.0, INF, $along);
    }

    public static function elastic(float $x, float $vertical, float $rotation): self
    {
        return new self($x, $vertical, $rotation, false);
    }

    /** Does it hold the member at its place, or against turning only? */
    public function holdsPlace(): bool
    {
        return $this->vertical > 0.0 || $this->slides !== null;
    }

    public function isFixed(): bool
    {
        return $this->vertical === INF && $this->rotation === INF;
    }

    public function isElastic(): bool
    {
        return ($this->vertical > 0.0 && $this->vertical < INF) || ($this->rotation > 0.0 && $this->rotation < INF);
    }
}
