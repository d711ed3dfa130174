<?php

declare(strict_types=1);

namespace Waage\Checks;

use Waage\Units\Kind;

/**
 * One check: demand against capacity at a place under a combination.
 *
 * Without a ratio it is a statement ("no reduction": nothing is to be weighed), or told and not weighed (a number
 * beside the one that decides), or not covered, with its reason: the standard's rules as they are here end at this
 * member, and no number is given.
 */
final readonly class Weighing
{
    public State $state;

    public ?float $demand;

    public ?float $capacity;

    public Kind $kind;

    public string $demandSymbol;

    public string $capacitySymbol;

    public ?float $x;

    public string $combination;

    public string $arrangement;

    /** @var array<int, float> load sets that act, with their factors: the arrangement */
    public array $factors;

    /**
     * @param  list<Line>  $lines
     * @param  list<list<float>>  $ranges  capacity along the member: from, to, capacity, and the ratio where a length
     *     is weighed as a whole
     * @param  list<array{float, float, float}>  $shape  how it buckles: place (mm), how far top and bottom flange move
     *     sideways, the greatest is 1
     * @param  float|null  $critical  of lateral-torsional buckling: factor on the loads at which the member buckles
     *     elastically, or more where that makes no difference
     * @param  string  $group  what it is called without its place, where there is one for every span or support
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $clause,
        public ?float $ratio,
        bool $applies = true,
        public Against $against = new Against(),
        public Place $at = new Place(null),
        public string $remark = '',
        public array $lines = [],
        public array $ranges = [],
        public array $shape = [],
        public ?float $critical = null,
        public string $group = '',
        bool $told = false,
    ) {
        [$this->demand, $this->capacity, $this->kind] = [$against->demand, $against->capacity, $against->kind];
        [$this->demandSymbol, $this->capacitySymbol] = [$against->demandSymbol, $against->capacitySymbol];
        [$this->x, $this->combination] = [$at->x, $at->combination];
        [$this->arrangement, $this->factors] = [$at->arrangement, $at->factors];
        $this->state = match (true) {
            ! $applies => State::NotCovered,
            $told => State::Told,
            $ratio === null => State::NotNeeded,
            default => State::Weighed,
        };
    }

    public function isCovered(): bool
    {
        return $this->state !== State::NotCovered;
    }

    public function holds(): bool
    {
        return $this->isCovered() && ($this->ratio === null || $this->ratio <= 1.0 + 1e-9);
    }
}
