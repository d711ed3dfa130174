<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Units\Kind;
use Waage\Units\UnitSystem;

/** Vertical links: diameter of the bar (mm), how many legs cross a section, and their yield strength (MPa). */
final readonly class Links
{
    public function __construct(public float $diameter, public int $legs, public float $yield)
    {
    }

    /** With as many legs, two or four or more, as a width (mm) asks for: 0.75 d and 600 mm apart at most, 9.2.2(8). */
    public function enough(float $b, float $h, float $cover): self
    {
        $across = $b - 2 * $cover - $this->diameter;
        $most = min(0.75 * 0.85 * $h, 600.0);
        $legs = 1 + (int) ceil($across / max(1.0, $most));

        return new self($this->diameter, min(12, max(2, $legs + $legs % 2)), $this->yield);
    }

    /** Of the legs in a section, mm². */
    public function area(): float
    {
        return $this->legs * $this->each();
    }

    /** Of a leg, mm². */
    public function each(): float
    {
        return $this->bar()->each();
    }

    /** One leg: an American bar where its diameter is one of these. */
    public function bar(): Bars
    {
        return Bars::ofDiameter($this->diameter);
    }

    /** @param  list<LinkZone>  $zones */
    public function text(array $zones, UnitSystem $units): string
    {
        $spacings = array_values(
            array_unique(array_map(fn (LinkZone $z): string => $units->format($z->spacing, Kind::Size), $zones)),
        );
        $at = implode(' and ', $spacings);

        return 'links '.$this->bar()->size()." at {$at}, {$this->legs} legs";
    }
}
