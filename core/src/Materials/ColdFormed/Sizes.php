<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Member\FieldError;

/** A C or a Z by its dimensions out to out, inner radius, thickness without coating, mm; the angle in rad by
 * which lips are turned from the flange. */
final readonly class Sizes
{
    public function __construct(
        public SectionShape $shape,
        public float $h,
        public float $b,
        public float $c,
        public float $t,
        public float $r,
        public float $lean = M_PI_2,
    ) {
    }

    public function key(): string
    {
        return implode(
            ' ',
            array_map(strval(...), [
                $this->shape->value,
                $this->h,
                $this->b,
                $this->c,
                $this->t,
                $this->r,
                $this->lean,
            ]),
        );
    }

    /** Flat depth of the web. */
    public function web(): float
    {
        return $this->h - 2 * ($this->r + $this->t);
    }

    /** What cannot be, by the name of its field; the first fault of them. */
    public function fault(): ?FieldError
    {
        $corner = ($this->r + $this->t) * max(1.0, tan($this->lean / 2));
        $hasLips = $this->shape->hasLips();
        $most = $this->h - 2 * $this->t;

        return match (true) {
            $this->t < 0.3 || $this->t > 10.0 => new FieldError('t', 'The thickness lies between 0.3 and 10 mm.'),
            $this->r < 0.0 || $this->r > 10 * $this->t => new FieldError(
                'r',
                'The inner radius lies between 0 and ten times the thickness.',
            ),
            $this->b <= 2 * ($this->r + $this->t) => new FieldError('b', 'The radius is too large for this flange.'),
            $this->web() <= 0.0 || $this->h > 500 * $this->t => new FieldError(
                'h',
                'The depth is more than both corners, and up to 500 times the thickness.',
            ),
            $this->lean < M_PI / 6 || $this->lean > (5 * M_PI) / 6 => new FieldError(
                'lean',
                'Lips are turned by 30° to 150°.',
            ),
            $hasLips && $this->c <= $corner => new FieldError('c', 'A lip is longer than its corner.'),
            $hasLips && 2 * $this->c * sin($this->lean) >= $most => new FieldError(
                'c',
                'The lips meet. Make them shorter.',
            ),
            default => null,
        };
    }
}
