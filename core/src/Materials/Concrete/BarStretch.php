<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** The bars that count at one face between two places, mm. They are longer than that by what anchors them. */
final readonly class BarStretch
{
    /**
     * @param  string  $id  within the names of weighings: "2", or "" where there is one only
     * @param  string  $place  "span 2", "support 1"
     * @param  array{float, float}  $ends  where the bars begin and end
     * @param  list<CutOff>  $cutOffs  where they end because fewer suffice
     */
    public function __construct(
        public float $from,
        public float $to,
        public BarGroup $group,
        public string $id,
        public string $place,
        public array $ends,
        public array $cutOffs = [],
    ) {
    }

    /** The id of a weighing of these bars. */
    public function named(string $what): string
    {
        return $this->id === '' ? $what : "{$what}-{$this->id}";
    }
}
