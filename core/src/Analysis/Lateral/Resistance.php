<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * What a standard makes of a moment diagram and its critical factor. Both grow with the moment and fall with the
 * factor.
 */
interface Resistance
{
    /** A utilisation that no diagram with moments up to M (Nmm) and at least this critical factor exceeds. */
    public function bound(float $M, float $alpha): float;

    /** The utilisation under a diagram. */
    public function utilisation(BucklingCase $case, float $alpha): float;

    /** Does it depend on the critical factor? */
    public function usesFactor(): bool;

    /** Is it the critical factor that decides, or something else about the diagram? */
    public function isOfFactor(): bool;

    /** The moment that is weighed under a diagram, Nmm. */
    public function demand(BucklingCase $case, float $alpha): float;

    /** A critical factor above which buckling takes nothing away under a diagram. */
    public function upTo(BucklingCase $case): float;

    /** A critical factor above which buckling takes nothing away from a moment of M. */
    public function mostFactor(float $M): float;
}
