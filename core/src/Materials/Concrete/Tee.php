<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * A section as moments of one sign see it: the compressed face is `b` wide over `hf`, the web `bw`, the face in
 * tension `bt` wide over `ht`; a rectangle has no flange. Widths are those that count. mm.
 */
final readonly class Tee
{
    public function __construct(
        public float $h,
        public float $b,
        public float $bw,
        public float $hf = 0.0,
        public float $bt = 0.0,
        public float $ht = 0.0,
    ) {
    }

    public static function rectangle(float $b, float $h): self
    {
        return new self($h, $b, $b, 0.0, $b);
    }

    /** Is the compressed face wider than the web? */
    public function isFlanged(): bool
    {
        return $this->hf > 0.0 && $this->b > $this->bw;
    }

    /** Area of its compressed part down to a depth. */
    public function area(float $depth): float
    {
        return $this->bw * $depth + ($this->b - $this->bw) * min($depth, $this->hf)
            + ($this->bt - $this->bw) * max(0.0, $depth - $this->h + $this->ht);
    }

    /** First moment of that part about the compressed face, mm³. */
    public function moment(float $depth): float
    {
        $flange = min($depth, $this->hf);
        $below = max(0.0, $depth - $this->h + $this->ht);

        return ($this->bw * $depth ** 2) / 2
            + (($this->b - $this->bw) * $flange ** 2) / 2
            + ($this->bt - $this->bw) * $below * ($depth - $below / 2);
    }

    /** Second moment of that part about a line at a depth, mm⁴. */
    public function second(float $depth, float $about): float
    {
        $of = fn (float $width, float $from, float $to): float => $to <= $from
            ? 0.0
            : ($width * (($to - $about) ** 3 - ($from - $about) ** 3)) / 3;

        return $of($this->bw, 0.0, $depth)
            + $of($this->b - $this->bw, 0.0, min($depth, $this->hf))
            + $of($this->bt - $this->bw, $this->h - $this->ht, $depth);
    }

    /** From the compressed face to the centroid of all. */
    public function centroid(): float
    {
        return $this->moment($this->h) / $this->area($this->h);
    }

    /** Of all about its centroid, mm⁴. */
    public function inertia(): float
    {
        return $this->second($this->h, $this->centroid());
    }

    /** Mean width of the part in tension before it cracks. */
    public function tensionWidth(): float
    {
        $x = $this->centroid();

        return ($this->area($this->h) - $this->area($x)) / ($this->h - $x);
    }

    /** The depth down to which its area is so much, mm². */
    public function depthOf(float $area): float
    {
        $flange = $this->b * $this->hf;

        return $this->isFlanged() && $area > $flange ? $this->hf + ($area - $flange) / $this->bw : $area / $this->b;
    }
}
