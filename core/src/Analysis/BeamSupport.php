<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * How a beam is held at x (mm): against moving down and against turning, each rigidly (INF), by a spring, or not at
 * all (0). Springs in N/mm and Nmm per radian.
 */
final readonly class BeamSupport
{
    private function __construct(public float $x, public float $vertical, public float $rotation)
    {
    }

    public static function pinned(float $x): self
    {
        return new self($x, INF, 0.0);
    }

    public static function fixed(float $x): self
    {
        return new self($x, INF, INF);
    }

    /** Free to move up and down, held against turning: the middle of a symmetrical beam. */
    public static function guided(float $x): self
    {
        return new self($x, 0.0, INF);
    }

    public static function elastic(float $x, float $vertical, float $rotation): self
    {
        return new self($x, $vertical, $rotation);
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
