<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * The heaviest of the cases that were weighed for one section: the others are weighed no further than to see that they
 * are not heavier.
 */
final class HeaviestCase
{
    public ?BucklingCase $case = null;

    /**
     * Moment (Nmm) and critical factor of it: no case with neither more of the one nor less of the other is heavier.
     */
    private float $M = 0.0;

    private float $alpha = 0.0;

    /**
     * @param  float  $weight  self-weight, N/mm
     * @param  float  $utilisation  what it has to exceed
     */
    public function __construct(
        private readonly BucklingShapes $shapes,
        private readonly Resistance $resistance,
        private readonly float $weight,
        private float $utilisation = 0.0,
    ) {
    }

    /** May a case be heavier whose moments do not exceed M (Nmm) and whose critical factor is not below $alpha? */
    public function mayBe(float $M, float $alpha): bool
    {
        return ($M > $this->M || $alpha < $this->alpha) && $this->resistance->bound($M, $alpha) > $this->utilisation;
    }

    /** @param  list<array{float, int}>  $terms  HeldDiagrams::terms() of the case; none: there is no estimate for it */
    public function weigh(BucklingCase $case, array $terms = []): void
    {
        [$M] = $case->greatest($this->weight);
        if ($M <= 0.0) {
            return;
        }
        if (! $this->resistance->usesFactor()) {
            $this->isHeaviest($case, INF);

            return;
        }
        $most = $this->resistance->mostFactor($M);
        $needed = $this->needed($M, $most);
        if ($needed > 0.0 && is_finite($needed)) {
            $tried = $terms === [] ? min($needed, $most) : $this->shapes->tried($terms, $needed, $most);
            if ($this->shapes->isAbove($case, $this->weight, $tried)) {
                return;
            }
        }
        $alpha = $this->shapes->factor($case, $this->weight, $most);
        if ($this->isHeaviest($case, $alpha)) {
            $this->M = $M;
            $this->alpha = $this->resistance->isOfFactor() ? min($alpha, $most) : INF;
        }
    }

    private function isHeaviest(BucklingCase $case, float $alpha): bool
    {
        $utilisation = $this->resistance->utilisation($case, $alpha);
        if ($utilisation <= $this->utilisation) {
            return false;
        }
        $this->utilisation = $utilisation;
        $this->case = $case;

        return true;
    }

    /**
     * The critical factor below which a moment is strained by more than the heaviest; INF: it is whatever the factor
     * is.
     */
    private function needed(float $M, float $most): float
    {
        // With no greater moment it takes a smaller factor to be heavier.
        if ($M <= $this->M) {
            return $this->alpha;
        }
        $high = $most;
        $low = 1e-4 * $high;
        if ($this->resistance->bound($M, $high) > $this->utilisation) {
            return INF;
        }
        for ($i = 0; $i < 12; $i++) {
            $middle = sqrt($low * $high);
            $this->resistance->bound($M, $middle) > $this->utilisation ? ($low = $middle) : ($high = $middle);
        }

        return $high;
    }
}
