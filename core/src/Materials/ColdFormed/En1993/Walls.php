<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Materials\ColdFormed\Sizes;

/**
 * The walls of a C or a Z by their midlines with sharp corners: web, flange in compression and the other one, lips; the
 * sharp lengths and, where corners are large, the notional flat widths that buckle (5.1(3)); mm, rad. `delta` of
 * 5.1(4).
 */
final readonly class Walls
{
    private const SMALL = 5.0;

    private const OF_WIDTH = 0.1;

    /** What corners take off a sharp section. */
    public float $delta;

    /** What the rounding of a right corner takes off the width of a wall. */
    private float $gr;

    public function __construct(
        public float $h,
        public float $b,
        public float $b2,
        public float $c,
        public float $t,
        public float $r = 0.0,
        public float $lean = M_PI_2,
    ) {
        $right = M_PI_2;
        $corners = 2 + ($c > 0.0 ? (2 * $lean) / $right : 0.0);
        $this->delta = (0.43 * $r * $corners) / ($h + $b + $b2 + 2 * $c);
        $isSmall = $r <= self::SMALL * $t && $r <= self::OF_WIDTH * min($b, $b2);
        $this->gr = $isSmall ? 0.0 : ($r + $t / 2) * (tan($right / 2) - sin($right / 2));
    }

    public static function of(Sizes $s): self
    {
        $hasLips = $s->shape->hasLips();
        $b = $s->b - ($hasLips ? $s->t : $s->t / 2);

        return new self($s->h - $s->t, $b, $b, $hasLips ? $s->c - $s->t / 2 : 0.0, $s->t, $s->r, $s->lean);
    }

    public function hasLips(): bool
    {
        return $this->c > 0.0;
    }

    /** Widths that buckle: of the web, of a flange, of a lip. */
    public function web(): float
    {
        return $this->h - 2 * $this->gr;
    }

    public function flange(): float
    {
        return $this->b - ($this->hasLips() ? 2 : 1) * $this->gr;
    }

    public function lip(): float
    {
        return $this->c - $this->gr;
    }
}
