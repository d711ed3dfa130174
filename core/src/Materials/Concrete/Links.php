<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Upright links all along: diameter of the bar, spacing along the member (mm), and how many legs cross a section. */
final readonly class Links
{
    public function __construct(public float $diameter, public float $spacing, public int $legs)
    {
    }

    public function text(): string
    {
        return sprintf('links ø%s at %s mm, %d legs', self::size($this->diameter), self::size($this->spacing), $this->legs);
    }

    private static function size(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 1, '.', ''), '0'), '.');
    }
}
