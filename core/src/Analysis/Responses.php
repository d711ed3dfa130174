<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The exact answer of a beam to several load sets, on common segments.
 *
 * Segment k runs from breaks[k] to breaks[k+1]; polynomials are in t = x − breaks[k]. Moments in Nmm, deflections
 * times EI in Nmm³, reactions in N (up positive) and Nmm (clockwise on the beam positive).
 */
final readonly class Responses
{
    /**
     * @param  list<float>  $breaks
     * @param  list<list<list<float>>>  $M  set, segment, coefficients (4)
     * @param  list<list<list<float>>>  $W  set, segment, coefficients (6)
     * @param  list<float>  $supports
     * @param  list<list<array{float, float}>>  $reactions  set, support, force and moment
     */
    public function __construct(
        public array $breaks,
        public array $M,
        public array $W,
        public array $supports,
        public array $reactions,
    ) {
    }

    public function segments(): int
    {
        return count($this->breaks) - 1;
    }

    /** @return list<float> coefficients of the effect of one set on one segment */
    public function polynomial(Effect $effect, int $set, int $segment): array
    {
        if ($effect === Effect::Deflection) {
            return $this->W[$set][$segment];
        }
        $m = $this->M[$set][$segment];

        return $effect === Effect::Moment ? $m : [$m[1], 2 * $m[2], 3 * $m[3]];
    }

    /**
     * The sum of the sets times their factors on one segment.
     *
     * @param  array<int, float>  $factors  set => factor
     * @return array<int, float> coefficients
     */
    public function combined(Effect $effect, array $factors, int $segment): array
    {
        $source = $effect === Effect::Deflection ? $this->W : $this->M;
        $sum = $effect === Effect::Deflection ? [0.0, 0.0, 0.0, 0.0, 0.0, 0.0] : [0.0, 0.0, 0.0, 0.0];
        foreach ($factors as $set => $factor) {
            foreach ($source[$set][$segment] as $i => $c) {
                $sum[$i] += $factor * $c;
            }
        }

        return $effect === Effect::Shear ? [$sum[1], 2 * $sum[2], 3 * $sum[3]] : $sum;
    }

    /** The segment that holds x; at a break the one on its right unless $left. */
    public function segmentAt(float $x, bool $left = false): int
    {
        $k = 0;
        $last = $this->segments() - 1;
        while ($k < $last && ($left ? $x > $this->breaks[$k + 1] : $x >= $this->breaks[$k + 1])) {
            $k++;
        }

        return $k;
    }
}
