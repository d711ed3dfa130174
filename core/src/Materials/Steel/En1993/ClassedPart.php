<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** A part of a section with its slenderness c/t and the limits of classes 1, 2 and 3 on it (EN 1993-1-1, Table 5.2). */
final readonly class ClassedPart
{
    /**
     * @param  string  $name  "flange", "web" …
     * @param  array{string, float}  $c  symbol, mm
     * @param  array{string, float}  $t  symbol, mm
     * @param  list<float>  $limits  over ε, or over ε² for tubes
     * @param  int  $power  of ε
     */
    public function __construct(
        public string $name,
        public array $c,
        public array $t,
        public array $limits,
        public string $note,
        public int $power = 1,
    ) {
    }

    public function slenderness(): float
    {
        return $this->c[1] / $this->t[1];
    }

    public function class(float $epsilon): int
    {
        return Classification::classOf($this->slenderness(), $this->limits, $epsilon ** $this->power);
    }
}
