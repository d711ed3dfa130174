<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * Reduction of an imposed load with the floor area that it comes from; mm².
 *
 * - EN 1991-1-1, 6.3.1.2(10): α_A = 5/7 ψ_0 + A_0 / A ≤ 1 with A_0 = 10 m², categories A to E; C and D not below 0.6.
 * - ASCE 7, 4.7.2: 0.25 + 15 / √A_I (ft), not below 0.5 (one floor), from A_I = K_LL A_T = 400 ft² on; not for
 * assembly,
 *   storage and garages (4.7.3 to 4.7.5).
 *
 * Both from memory.
 */
final readonly class AreaReduction
{
    public const A0 = 10e6;

    public const LEAST_CD = 0.6;

    public const LEAST_ASCE = 0.5;

    /** 400 ft² and (15 ft)², mm². */
    public const FROM_ASCE = 400 * 304.8 ** 2;

    public const SCALE_ASCE = 225 * 304.8 ** 2;

    private function __construct(
        public float $factor,
        public float $area,
        public bool $isAsce,
        public float $psi0,
        public bool $hasLeast,
    ) {
    }

    /** @return self|string the reduction, or why there is none */
    public static function of(float $area, Category $category, Basis $basis): self|string
    {
        if (str_starts_with($basis->combinations, 'asce')) {
            if (! in_array($category, [Category::A, Category::B, Category::D], true)) {
                return 'ASCE 7 does not reduce this category with the area.';
            }
            $factor =
                $area < self::FROM_ASCE
                    ? 1.0
                    : max(self::LEAST_ASCE, min(1.0, 0.25 + sqrt(self::SCALE_ASCE / $area)));

            return new self($factor, $area, true, 0.0, true);
        }
        if (! str_starts_with($basis->combinations, '6.10')) {
            return 'The reduction with the area is built in for EN 1991-1-1 and ASCE 7 only. Enter the reduced load.';
        }
        if (! in_array($category, [Category::A, Category::B, Category::C, Category::D, Category::E], true)) {
            return 'EN 1991-1-1 reduces the categories A to E with the area, not this one.';
        }
        $hasLeast = $category === Category::C || $category === Category::D;
        $psi0 = $basis->actions->psi[$category->value][0];

        return new self(
            max($hasLeast ? self::LEAST_CD : 0.0, min(1.0, (5 / 7) * $psi0 + self::A0 / $area)),
            $area,
            false,
            $psi0,
            $hasLeast,
        );
    }
}
