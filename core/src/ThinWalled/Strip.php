<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/**
 * A straight part of a thin-walled section: its middle line between two points, y to the right and z upwards, and its
 * thickness; mm.
 */
final readonly class Strip
{
    public float $length;

    public function __construct(
        public float $y1,
        public float $z1,
        public float $y2,
        public float $z2,
        public float $t,
    ) {
        $this->length = hypot($y2 - $y1, $z2 - $z1);
    }

    public function area(): float
    {
        return $this->length * $this->t;
    }

    /** @return array{array{float, float}, array{float, float}, array{float, float}, array{float, float}} */
    public function corners(): array
    {
        [$ny, $nz] = [
            ((-($this->z2 - $this->z1) / $this->length) * $this->t) / 2,
            ((($this->y2 - $this->y1) / $this->length) * $this->t) / 2,
        ];

        return [
            [$this->y1 - $ny, $this->z1 - $nz],
            [$this->y2 - $ny, $this->z2 - $nz],
            [$this->y2 + $ny, $this->z2 + $nz],
            [$this->y1 + $ny, $this->z1 + $nz],
        ];
    }

    /**
     * ∫ of the product of two functions that run straight between its ends.
     *
     * @param  array{float, float}  $f  at its ends
     * @param  array{float, float}  $g
     */
    public function integral(array $f, array $g): float
    {
        return ($this->area() * (2 * ($f[0] * $g[0] + $f[1] * $g[1]) + $f[0] * $g[1] + $f[1] * $g[0])) / 6;
    }
}
