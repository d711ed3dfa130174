<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Rectangle;

/** Vertical links: diameter of the bar (mm), and how many legs cross a section. */
final readonly class Links
{
    public function __construct(public float $diameter, public int $legs)
    {
    }

    /** Of the legs in a section, mm². */
    public function area(): float
    {
        return ($this->legs * M_PI * $this->diameter ** 2) / 4;
    }

    /** @param  list<LinkZone>  $zones */
    public function text(array $zones): string
    {
        $spacings = array_values(
            array_unique(array_map(fn (LinkZone $z): string => Rectangle::size($z->spacing), $zones)),
        );
        $at = implode(' and ', $spacings);

        return 'links ø'.Rectangle::size($this->diameter)." at {$at} mm, {$this->legs} legs";
    }
}
