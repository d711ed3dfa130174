<?php

declare(strict_types=1);

namespace Waage\Member;

/**
 * Reduction of the imposed loads of several storeys on a column or wall: EN 1991-1-1, 6.3.1.2(11),
 * α_n = (2 + (n − 2) ψ_0) / n for n > 2 storeys of the same category A to D above. From memory.
 */
final readonly class StoreyReduction
{
    private function __construct(public float $factor, public int $storeys, public float $psi0)
    {
    }

    /** @return self|string the reduction, or why there is none */
    public static function of(int $storeys, Category $category, Basis $basis): self|string
    {
        if (! str_starts_with($basis->combinations, '6.10')) {
            return 'The reduction with the number of storeys is built in for EN 1991-1-1 only. Enter the reduced load.';
        }
        if (! in_array($category, [Category::A, Category::B, Category::C, Category::D], true)) {
            return 'EN 1991-1-1 reduces the categories A to D with the number of storeys, not this one.';
        }
        $psi0 = $basis->actions->psi[$category->value][0];

        return new self($storeys > 2 ? (2 + ($storeys - 2) * $psi0) / $storeys : 1.0, $storeys, $psi0);
    }
}
