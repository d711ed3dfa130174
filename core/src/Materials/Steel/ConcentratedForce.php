<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** A force that presses on a flange of a member without a stiffener under it. */
final readonly class ConcentratedForce
{
    /**
     * @param  string  $id  support or load
     * @param  int  $sign  of the moment that compresses the flange it presses on
     * @param  float  $force  N
     * @param  float  $bearing  length that it acts on, mm
     * @param  float  $toEnd  from its middle to the end of the member, mm
     * @param  bool  $through  does it go through the web to the other flange
     * @param  float|null  $x  null: it moves
     * @param  array<int, float>  $factors  load sets that act, with their factors
     * @param  non-empty-list<SectionStep>  $stretches  sections that may be there
     * @param  float  $half  of several forces: from their middle to the outermost ones, mm
     */
    public function __construct(
        public string $id,
        public string $title,
        public int $sign,
        public float $force,
        public float $bearing,
        public float $toEnd,
        public bool $through,
        public ?float $x,
        public string $combination,
        public string $arrangement,
        public array $factors,
        public array $stretches,
        public float $half = 0.0,
    ) {
    }

    /** @return array{float, float} the part of the member that it acts on, all of it where the force moves; mm */
    public function reach(): array
    {
        return $this->x === null ? [0.0, INF] : [$this->x - $this->half - 0.01, $this->x + $this->half + 0.01];
    }
}
