<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Bars and links of a beam from end to end. */
final readonly class Reinforcement
{
    /**
     * @param  non-empty-list<BarStretch>  $bottom
     * @param  non-empty-list<BarStretch>  $top
     * @param  list<LinkZone>  $links  none in a slab
     * @param  list<ListedBar>  $list  for the workshop, as BarList
     */
    public function __construct(
        public array $bottom,
        public array $top,
        public array $links,
        public array $list = [],
        public ?Bars $around = null,
    ) {
    }

    /**
     * With its list for the workshop.
     *
     * @param  list<ListedBar>  $list
     */
    public function listed(array $list): self
    {
        return new self($this->bottom, $this->top, $this->links, $list, $this->around);
    }

    /** With bars along the member for torsion, spread around its links. */
    public function around(Bars $bars): self
    {
        return new self($this->bottom, $this->top, $this->links, $this->list, $bars);
    }

    /** @return non-empty-list<BarStretch> those in tension under moments of a sign */
    public function inTension(int $sign): array
    {
        return $sign > 0 ? $this->bottom : $this->top;
    }

    /** @return list<list<float>> where these bars resist so much: a name may stand for several stretches */
    public function ranges(int $sign, BarStretch $stretch, float $capacity): array
    {
        $same = array_filter($this->inTension($sign), fn (BarStretch $s): bool => $s->id === $stretch->id);

        return array_values(array_map(fn (BarStretch $s): array => [$s->from, $s->to, $capacity], $same));
    }

    /** The bars in tension at a place. */
    public function at(int $sign, float $x): BarStretch
    {
        $stretches = $this->inTension($sign);
        foreach ($stretches as $stretch) {
            if ($x <= $stretch->to + 1e-6) {
                return $stretch;
            }
        }

        return $stretches[count($stretches) - 1];
    }

    /** The fewest bars, by area, that are in compression anywhere between two places. */
    public function leastInCompression(int $sign, float $from, float $to): BarGroup
    {
        $least = null;
        foreach ($this->inTension(-$sign) as $stretch) {
            $overlaps = $stretch->from < $to - 1e-6 && $stretch->to > $from + 1e-6;
            if ($overlaps && ($least === null || $stretch->group->bars->area() < $least->bars->area())) {
                $least = $stretch->group;
            }
        }

        return $least ?? $this->at(-$sign, $from)->group;
    }

    /** @return list<LinkZone> between two places */
    public function linksBetween(float $from, float $to): array
    {
        return array_values(
            array_filter($this->links, fn (LinkZone $z): bool => $z->from < $to - 1e-6 && $z->to > $from + 1e-6),
        );
    }

    /** Of the most bars at any place, mm². */
    public function mostArea(): float
    {
        return max(0.0, ...array_map(fn (BarGroup $g): float => $g->bars->area(), $this->groups()));
    }

    /** @return non-empty-list<BarGroup> every group there is */
    public function groups(): array
    {
        return array_map(fn (BarStretch $s): BarGroup => $s->group, [...$this->bottom, ...$this->top]);
    }
}
