<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Materials\Concrete\Bars;

/** Bars to choose from, and spacings of bars and links; mm. */
final readonly class BarSizes
{
    private const INCH = 25.4;

    /**
     * @param  list<Bars>  $ofBeams  one of each size
     * @param  list<Bars>  $ofSlabs
     * @param  list<float>  $spacings  of bars in slabs, the widest first
     * @param  list<float>  $links  spacings of links, the widest first
     * @param  float  $module  lengths of bars are whole multiples of it
     */
    private function __construct(
        public array $ofBeams,
        public array $ofSlabs,
        public array $spacings,
        public array $links,
        public float $module,
    ) {
    }

    public static function metric(): self
    {
        $of = fn (int $diameter): Bars => new Bars(1, (float) $diameter);

        return new self(
            array_map($of, [12, 16, 20, 25, 32]),
            array_map($of, [8, 10, 12, 16, 20]),
            [250.0, 225.0, 200.0, 175.0, 150.0, 125.0, 100.0, 75.0],
            [400.0, 350.0, 300.0, 275.0, 250.0, 225.0, 200.0, 175.0, 150.0, 125.0, 100.0, 75.0],
            50.0,
        );
    }

    /** By their numbers, in eighths of an inch. */
    public static function american(): self
    {
        $inches = fn (array $of): array => array_map(fn (float|int $inch): float => $inch * self::INCH, $of);

        return new self(
            array_map(fn (int $number): Bars => Bars::american(1, $number), [4, 5, 6, 7, 8, 9, 10, 11]),
            array_map(fn (int $number): Bars => Bars::american(1, $number), [4, 5, 6, 7]),
            array_values($inches([18, 16, 14, 12, 10, 9, 8, 7, 6, 5, 4, 3])),
            array_values($inches([24, 20, 18, 16, 14, 12, 11, 10, 9, 8, 7, 6, 5, 4, 3])),
            3 * self::INCH,
        );
    }
}
