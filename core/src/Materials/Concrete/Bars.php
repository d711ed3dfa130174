<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** Bars of one diameter (mm) in one layer: "4ø16". */
final readonly class Bars
{
    public function __construct(public int $count, public float $diameter)
    {
    }

    /** Null where the text is none: "4ø16", "4 x 16", "4×16 mm". */
    public static function parse(string $text): ?self
    {
        if (preg_match('/^\s*(\d{1,2})\s*[xX×øØ]\s*(\d{1,2}(?:\.\d+)?)\s*(?:mm)?\s*$/u', $text, $found) !== 1) {
            return null;
        }
        [$count, $diameter] = [(int) $found[1], (float) $found[2]];

        return $count >= 2 && $count <= 40 && $diameter >= 6.0 && $diameter <= 40.0
            ? new self($count, $diameter)
            : null;
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
        return "{$this->count}ø".rtrim(rtrim(number_format($this->diameter, 1, '.', ''), '0'), '.');
    }
}
