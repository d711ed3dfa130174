<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Rectangle;

/**
 * Bars of one size: so many, "4ø16", or in a slab at a spacing (mm), "ø12/150", which are so many in its strip. A
 * size is a diameter (mm), or an American number in eighths of an inch, "4 #8" and "#5 at 12 in".
 */
final readonly class Bars
{
    private const LEAST = 6.0;

    private const MOST = 40.0;

    private const INCH = 25.4;

    /** Diameter (in) and area (in²) by number, ASTM A615. */
    private const AMERICAN = [
        3 => [0.375, 0.11],
        4 => [0.5, 0.2],
        5 => [0.625, 0.31],
        6 => [0.75, 0.44],
        7 => [0.875, 0.6],
        8 => [1.0, 0.79],
        9 => [1.128, 1.0],
        10 => [1.27, 1.27],
        11 => [1.41, 1.56],
    ];

    /**
     * @param  int|null  $number  the American one; its diameter and area are those of the table
     * @param  Fabric|null  $fabric  that they are welded into
     */
    public function __construct(
        public float $count,
        public float $diameter,
        public ?float $spacing = null,
        public ?int $number = null,
        public ?Fabric $fabric = null,
    ) {
    }

    /** @throws \OutOfBoundsException for a number that no bar has */
    public static function american(float $count, int $number, ?float $spacing = null): self
    {
        $size = self::AMERICAN[$number] ?? throw new \OutOfBoundsException("There is no bar #{$number}.");

        return new self($count, $size[0] * self::INCH, $spacing, $number);
    }

    /** Null where the text is none: "4ø16", "4 x 16", "4×16 mm", "4 #8". */
    public static function parse(string $text): ?self
    {
        if (preg_match('/^\s*(\d{1,2})\s*[xX×]?\s*#\s*(\d{1,2})\s*$/u', $text, $found) === 1) {
            [$count, $number] = [(float) $found[1], (int) $found[2]];

            return $count >= 2.0 && $count <= 40.0 && isset(self::AMERICAN[$number])
                ? self::american($count, $number)
                : null;
        }
        if (preg_match('/^\s*(\d{1,2})\s*[xX×øØ]\s*(\d{1,2}(?:\.\d+)?)\s*(?:mm)?\s*$/u', $text, $found) !== 1) {
            return null;
        }
        [$count, $diameter] = [(float) $found[1], (float) $found[2]];

        return $count >= 2.0 && $count <= 40.0 && self::isBar($diameter) ? new self($count, $diameter) : null;
    }

    /**
     * Null where the text is none: "ø12/150", "12 at 150", "12@150 mm", "#5 at 12 in", or a fabric; in a strip of this
     * width, mm.
     */
    public static function parseSpaced(string $text, float $width): ?self
    {
        $fabric = Fabric::parse($text, $width);
        if ($fabric !== null) {
            return $fabric;
        }
        if (
            preg_match('~^\s*#\s*(\d{1,2})\s*(?:/|at|@)\s*(\d{1,2}(?:\.\d+)?)\s*(?:in|")?\s*$~u', $text, $found) === 1
        ) {
            [$number, $spacing] = [(int) $found[1], (float) $found[2] * self::INCH];

            return isset(self::AMERICAN[$number]) && $spacing >= 50.0 && $spacing <= 500.0
                ? self::american($width / $spacing, $number, $spacing)
                : null;
        }
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

    /** One bar of a size, "16", "ø16" or "#5", or a fabric; null where the text is none. */
    public static function parseSize(string $text): ?self
    {
        $fabric = Fabric::parse($text, 1.0);
        if ($fabric !== null) {
            return $fabric;
        }
        if (preg_match('/^#(\d{1,2})$/', $text, $found) === 1) {
            return isset(self::AMERICAN[(int) $found[1]]) ? self::american(1, (int) $found[1]) : null;
        }

        return preg_match('/^[øØ]?(\d{1,2}(?:\.\d+)?)$/u', $text, $found) === 1 && self::isBar((float) $found[1])
            ? new self(1, (float) $found[1])
            : null;
    }

    public static function spaced(float $diameter, float $spacing, float $width): self
    {
        return new self($width / $spacing, $diameter, $spacing);
    }

    /** One bar; the American one that is exactly so thick, otherwise a metric one. */
    public static function ofDiameter(float $diameter): self
    {
        foreach (self::AMERICAN as $number => [$inches]) {
            if (abs($inches * self::INCH - $diameter) < 1e-3) {
                return self::american(1, $number);
            }
        }

        return new self(1, $diameter);
    }

    private static function isBar(float $diameter): bool
    {
        return $diameter >= self::LEAST && $diameter <= self::MOST;
    }

    /** With more of them. */
    public function with(int $more): self
    {
        return new self($this->count + $more, $this->diameter, $this->spacing, $this->number);
    }

    /** The same size at a spacing, in a strip of a width. */
    public function at(float $spacing, float $width): self
    {
        return new self($width / $spacing, $this->diameter, $spacing, $this->number, $this->fabric);
    }

    /** Of all, mm². */
    public function area(): float
    {
        return $this->count * $this->each();
    }

    /** Of one, mm². */
    public function each(): float
    {
        return $this->number === null
            ? (M_PI * $this->diameter ** 2) / 4
            : self::AMERICAN[$this->number][1] * self::INCH ** 2;
    }

    /** "ø16", "#8" */
    public function size(): string
    {
        return $this->number === null ? 'ø'.Rectangle::size($this->diameter) : "#{$this->number}";
    }

    public function text(): string
    {
        if ($this->fabric !== null) {
            return $this->fabric->name;
        }
        if ($this->spacing === null) {
            return $this->count.($this->number === null ? '' : ' ').$this->size();
        }

        return $this->number === null
            ? $this->size().'/'.Rectangle::size($this->spacing)
            : $this->size().' at '.Rectangle::size($this->spacing / self::INCH).' in';
    }
}
