<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Place;

/** A force that presses on a flange of a member without a stiffener under it. */
final readonly class ConcentratedForce
{
    /**
     * @param  string  $id  support or load
     * @param  int  $sign  of the moment that compresses the flange it presses on
     * @param  float  $force  N
     * @param  bool  $through  does it go through the web to the other flange
     * @param  Place  $at  with no x where it moves
     * @param  non-empty-list<SectionStep>  $stretches  sections that may be there
     */
    public function __construct(
        public string $id,
        public string $title,
        public int $sign,
        public float $force,
        public PressedLength $on,
        public bool $through,
        public Place $at,
        public array $stretches,
    ) {
    }

    /** @return array{float, float} the part of the member that it acts on, all of it where the force moves; mm */
    public function reach(): array
    {
        $x = $this->at->x;

        return $x === null ? [0.0, INF] : [$x - $this->on->half - 0.01, $x + $this->on->half + 0.01];
    }
}
