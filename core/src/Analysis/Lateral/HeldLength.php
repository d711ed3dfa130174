<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * A length of a member between two places that restrain it laterally and against twisting (or one of these and a free
 * end), with what holds it in between; places in mm.
 */
final readonly class HeldLength
{
    /**
     * @param  list<float>  $forks  where it is restrained laterally and against twisting, ascending, an end among them
     * @param  list<float>  $clamped  those ends of it that can neither turn in plan nor warp
     * @param  list<array{float, int}>  $flanges  places that hold one flange sideways: place, 1 for the top, −1 for
     *     the bottom flange
     * @param  int  $continuous  1: the top flange is continuously restrained, −1: the bottom flange, 0: neither
     */
    public function __construct(
        public float $from,
        public float $to,
        public array $forks,
        public array $clamped = [],
        public array $flanges = [],
        public int $continuous = 0,
    ) {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }

    /** Is it held at both ends, and nowhere else? */
    public function isPlain(): bool
    {
        return $this->forks === [$this->from, $this->to] &&
            $this->clamped === [] &&
            $this->flanges === [] &&
            $this->continuous === 0;
    }
}
