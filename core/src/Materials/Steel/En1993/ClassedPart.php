<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** A part of a section with its slenderness c/t and the limits of classes 1, 2 and 3 on it (EN 1993-1-1, Table 5.2). */
final readonly class ClassedPart
{
    /** Outstand in compression. */
    public const OUTSTAND = [9.0, 10.0, 14.0];

    /** Outstand of a section that is taken as elastic. */
    public const ELASTIC = [-1.0, -1.0, 14.0];

    /** Internal part in bending. */
    public const BENT = [72.0, 83.0, 124.0];

    /** Internal part in compression. */
    public const INTERNAL = [33.0, 38.0, 42.0];

    /** Tube, d/t over ε². */
    public const TUBE = [50.0, 70.0, 90.0];

    /** The limit of a part that is never compressed. */
    public const NEVER = 1e9;

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
        return self::of($this->slenderness(), $this->limits, $epsilon ** $this->power);
    }

    /** @param  list<float>  $limits  c/t of classes 1, 2, 3, divided by ε */
    public static function of(float $slenderness, array $limits, float $epsilon): int
    {
        foreach ($limits as $i => $limit) {
            if ($slenderness <= $limit * $epsilon) {
                return $i + 1;
            }
        }

        return 4;
    }
}
