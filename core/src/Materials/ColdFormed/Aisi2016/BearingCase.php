<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Materials\ColdFormed\SectionShape;

/**
 * AISI S100-16, Tables G5-1 (two C back to back), G5-2 (C) and G5-3 (Z): coefficients of bearing, by flanges with or
 * without lips, fastened or not, one or two flanges loaded, at the end or within. From memory.
 */
final readonly class BearingCase
{
    /**
     * C, C_R, C_N, C_h, φ, Ω, most R/t; by fastening, lips, flanges that are loaded, and place.
     */
    private const CHANNELS = [
        'fastened lips one end' => [4.0, 0.14, 0.35, 0.02, 0.85, 1.75, 9.0],
        'fastened lips one within' => [13.0, 0.23, 0.14, 0.01, 0.90, 1.65, 5.0],
        'fastened lips two end' => [7.5, 0.08, 0.12, 0.048, 0.85, 1.75, 12.0],
        'fastened lips two within' => [20.0, 0.10, 0.08, 0.031, 0.85, 1.75, 12.0],
        'loose lips one end' => [4.0, 0.14, 0.35, 0.02, 0.80, 1.85, 5.0],
        'loose lips one within' => [13.0, 0.23, 0.14, 0.01, 0.90, 1.65, 5.0],
        'loose lips two end' => [13.0, 0.32, 0.05, 0.04, 0.90, 1.65, 3.0],
        'loose lips two within' => [24.0, 0.52, 0.15, 0.001, 0.80, 1.90, 3.0],
    ];

    /**
     * Of flanges without lips, fastened or not; of C and Z.
     */
    private const PLAIN = [
        'one end' => [4.0, 0.40, 0.60, 0.03, 0.85, 1.80, 2.0],
        'one within' => [13.0, 0.32, 0.10, 0.01, 0.85, 1.80, 1.0],
        'two end' => [2.0, 0.11, 0.37, 0.01, 0.75, 2.00, 1.0],
        'two within' => [13.0, 0.47, 0.25, 0.04, 0.80, 1.90, 1.0],
    ];

    /**
     * Of a Z, where it differs from a C.
     */
    private const ZEDS = [
        'fastened lips two end' => [9.0, 0.05, 0.16, 0.052, 0.85, 1.75, 12.0],
        'fastened lips two within' => [24.0, 0.07, 0.07, 0.04, 0.85, 1.80, 12.0],
        'loose lips one end' => [5.0, 0.09, 0.02, 0.001, 0.85, 1.80, 5.0],
    ];

    /**
     * Of each web of two back to back.
     */
    private const BUILT_UP = [
        'one end' => [10.0, 0.14, 0.28, 0.001, 0.75, 2.00, 5.0],
        'one within' => [20.5, 0.17, 0.11, 0.001, 0.85, 1.75, 3.0],
        'two end' => [15.5, 0.09, 0.08, 0.04, 0.75, 2.00, 3.0],
        'two within' => [36.0, 0.14, 0.08, 0.04, 0.75, 2.00, 3.0],
    ];

    /** @param  array{float, float, float, float, float, float, float}  $of  C, C_R, C_N, C_h, φ, Ω, most R/t */
    private function __construct(public string $table, public string $words, public array $of)
    {
    }

    public static function of(SectionShape $shape, bool $isFastened, bool $isEnd, bool $hasTwo): self
    {
        $load = ($hasTwo ? 'two' : 'one').' '.($isEnd ? 'end' : 'within');
        $key = ($isFastened ? 'fastened' : 'loose').($shape->hasLips() ? ' lips ' : ' plain ').$load;
        $words = ($isEnd ? 'end, ' : 'interior, ').($hasTwo ? 'two flanges' : 'one flange');
        if ($shape->count() === 2) {
            return new self('Table G5-1', $words, self::BUILT_UP[$load]);
        }
        $table = $shape->isZ() ? 'Table G5-3' : 'Table G5-2';
        $of = match (true) {
            ! $shape->hasLips() => self::PLAIN[$load],
            $shape->isZ() && isset(self::ZEDS[$key]) => self::ZEDS[$key],
            default => self::CHANNELS[$key] ?? throw new \LogicException("No case {$key}."),
        };

        return new self($table, $words, $of);
    }
}
