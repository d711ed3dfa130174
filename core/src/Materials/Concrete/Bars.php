<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Rectangle;

/**
 * Bars of one diameter (mm): so many, "4ø16", or in a slab at a spacing (mm), "ø12/150", which are so many in its
 * strip.
 */
final readonly class Bars
{
    private const LEAST = 6.0;

    private const MOST = 40.0;

    public function __construct(public float $count, public float $diameter, public ?float $spacing = null)
    {
    }

    /** Null where the text is none: "4ø16", "4 x 16", "4×16 mm". */
    public static function parse(string $text): ?self
    {
        if (preg_match('/^\s*(\d{1,2})\s*[xX×øØ]\s*(\d{1,2}(?:\.\d+)?)\s*(?:mm)?\s*$/u', $text, $found) !== 1) {
            return null;
        }
        [$count, $diameter] = [(float) $found[1], (float) $found[2]];

        return $count >= 2.0 && $count <= 40.0 && self::isBar($diameter) ? new self($count, $diameter) : null;
    }

    /** Null where the text is none: "ø12/150", "12 at 150", "12@150 mm"; in a strip of this width, mm. */
    public static function parseSpaced(string $text, float $width): ?self
    {
        if (
            preg_match(
                '~^\s*[øØ]?\s*(\d{1,2}(?:\.\d+)?)\s*(?:/|at|@|-)\s*(\d{2,3})\s*(?:mm)?\s*$~u',
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        [$diameter, $spacing] = [(float) $found[1], (float) $found[2]];

        return self::isBar($diameter) && $spacing >= 50.0 && $spacing <= 500.0
            ? self::spaced($diameter, $spacing, $width)
            : null;
    }

    public static function spaced(float $diameter, float $spacing, float $width): self
    {
        return new self($width / $spacing, $diameter, $spacing);
    }

    private static function isBar(float $diameter): bool
    {
        return $diameter >= self::LEAST && $diameter <= self::MOST;
    }

    /** With more of them. */
    public function with(int $more): self
    {
        return new self($this->count + $more, $this->diameter);
    }

    /** mm² */
    public function area(): float
    {
        return ($this->count * M_PI * $this->diameter ** 2) / 4;
    }

    public function text(): string
    {
        return $this->spacing === null
            ? "{$this->count}ø".Rectangle::size($this->diameter)
            : 'ø'.Rectangle::size($this->diameter).'/'.Rectangle::size($this->spacing);
    }
}
