<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;

/** Plates alike of a section: so many of a width and a thickness, mm. */
final readonly class PlateGroup
{
    /** @param  bool  $isHeld  at both edges; false: outstands */
    public function __construct(
        public float $width,
        public float $t,
        public int $count = 1,
        public bool $isHeld = true,
    ) {
    }

    public function area(): float
    {
        return $this->count * $this->width * $this->t;
    }

    /**
     * ρ in even compression.
     *
     * @param  string  $of  subscript
     */
    public function pressed(string $of, float $epsilon, ?Derivation $d): float
    {
        [$c, $t] = [["c_{$of}", $this->width], ["t_{$of}", $this->t]];

        return $this->isHeld
            ? PlateBuckling::internal($of, $c, $t, 1.0, $epsilon, $d)
            : PlateBuckling::outstand($of, $c, $t, $epsilon, $d);
    }

    /** How a derivation begins what is true of all of them: "2 * ", or nothing. */
    public function times(): string
    {
        return $this->count === 2 ? '2 * ' : '';
    }
}
