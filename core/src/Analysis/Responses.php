<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The exact answer of a beam to several load sets, on common segments.
 *
 * Segment k runs from breaks[k] to breaks[k+1]; polynomials are in t = x − breaks[k]. Moments in Nmm, deflections
 * times EI in Nmm³, reactions in N (up positive), Nmm (clockwise on the beam positive) and N (to the right positive),
 * axial forces in N (compression positive).
 */
final readonly class Responses
{
    /**
     * @param  list<float>  $breaks
     * @param  list<list<list<float>>>  $M  set, segment, coefficients (4)
     * @param  list<list<list<float>>>  $W  set, segment, coefficients (6)
     * @param  list<float>  $supports
     * @param  list<list<array{float, float, float}>>  $reactions  set, support, force up, moment and force to the right
     * @param  list<list<list<float>>>  $sag  as W, but from the line between the supports; empty: they do not move
     * @param  list<list<list<float>>>  $N  set, segment, coefficients (3); empty: nothing acts along the axis
     */
    public function __construct(
        public array $breaks,
        public array $M,
        public array $W,
        public array $supports,
        public array $reactions,
        public array $sag = [],
        public array $N = [],
    ) {
    }

    /**
     * The same with sums of sets as further sets.
     *
     * @param  list<array<int, float>>  $sums  set => factor
     */
    public function with(array $sums): self
    {
        $of = fn (Effect $effect): array => array_map(
            fn (array $factors): array => array_map(
                fn (int $k): array => array_values($this->combined($effect, $factors, $k)),
                range(0, $this->segments() - 1),
            ),
            $sums,
        );
        $reactions = $this->reactions;
        foreach ($sums as $factors) {
            $at = fn (int $i, int $component): float => array_sum(
                array_map(
                    fn (float $f, int $set): float => $f * $this->reactions[$set][$i][$component],
                    $factors,
                    array_keys($factors),
                ),
            );
            $reactions[] = array_map(
                fn (int $i): array => [$at($i, 0), $at($i, 1), $at($i, 2)],
                array_keys($this->supports),
            );
        }

        return new self(
            $this->breaks,
            [...$this->M, ...$of(Effect::Moment)],
            [...$this->W, ...$of(Effect::Deflection)],
            $this->supports,
            $reactions,
            $this->sag === [] ? [] : [...$this->sag, ...$of(Effect::Sag)],
            $this->N === [] ? [] : [...$this->N, ...$of(Effect::Axial)],
        );
    }

    /**
     * The same with the moment over some supports less by a part of it, in equilibrium: straight lines between
     * supports are taken off, shear and reactions change with them; deflections stay.
     *
     * @param  list<array{float, float}>  $parts  place of a support, part
     * @param  list<float>  $places  of all supports, from the left
     */
    public function redistributed(array $parts, array $places): self
    {
        $M = $this->M;
        $reactions = $this->reactions;
        foreach ($parts as [$x, $part]) {
            $i = (int) array_search($x, $places, true);
            $before = $this->segmentAt($x, true);
            foreach ($this->M as $set => $segments) {
                $off = $part * Polynomial::value($segments[$before], $x - $this->breaks[$before]);
                foreach ([[$places[$i - 1] ?? $x, $x, 1], [$x, $places[$i + 1] ?? $x, -1]] as [$from, $to, $side]) {
                    $slope = $to > $from ? ($side * $off) / ($to - $from) : 0.0;
                    foreach ($to > $from ? $segments : [] as $k => $polynomial) {
                        [$a, $b] = [$this->breaks[$k], $this->breaks[$k + 1]];
                        if ($a >= $from - 1e-6 && $b <= $to + 1e-6) {
                            $M[$set][$k][0] -= $slope * ($side > 0 ? $a - $from : $a - $to);
                            $M[$set][$k][1] -= $slope;
                        }
                    }
                    $other = $side > 0 ? $i - 1 : $i + 1;
                    if (isset($reactions[$set][$other])) {
                        // The other end of the span takes what this one loses.
                        $reactions[$set][$other] = self::raised($reactions[$set][$other], -$side * $slope);
                        $reactions[$set][$i] = self::raised($reactions[$set][$i], $side * $slope);
                    }
                }
            }
        }

        return new self($this->breaks, $M, $this->W, $this->supports, $reactions, $this->sag, $this->N);
    }

    /**
     * @param  array{float, float, float}  $reaction
     * @return array{float, float, float}
     */
    private static function raised(array $reaction, float $by): array
    {
        return [$reaction[0] + $by, $reaction[1], $reaction[2]];
    }

    public function segments(): int
    {
        return count($this->breaks) - 1;
    }

    /** @return list<list<list<float>>> */
    private function deflections(Effect $effect): array
    {
        return $effect === Effect::Sag && $this->sag !== [] ? $this->sag : $this->W;
    }

    /** @return list<float> coefficients of the effect of one set on one segment */
    public function polynomial(Effect|Functional $effect, int $set, int $segment): array
    {
        if ($effect instanceof Functional) {
            return $effect->polynomial(fn (Effect $e): array => $this->polynomial($e, $set, $segment));
        }
        if ($effect === Effect::Deflection || $effect === Effect::Sag) {
            return $this->deflections($effect)[$set][$segment];
        }
        if ($effect === Effect::Slope) {
            return Polynomial::derivative($this->W[$set][$segment]);
        }
        if ($effect === Effect::Axial) {
            return $this->N[$set][$segment] ?? [0.0, 0.0, 0.0];
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
        if ($effect === Effect::Deflection || $effect === Effect::Sag) {
            return self::sum($this->deflections($effect), [0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $factors, $segment);
        }
        if ($effect === Effect::Axial) {
            return $this->N === [] ? [0.0, 0.0, 0.0] : self::sum($this->N, [0.0, 0.0, 0.0], $factors, $segment);
        }
        if ($effect === Effect::Slope) {
            return Polynomial::derivative($this->combined(Effect::Deflection, $factors, $segment));
        }
        $a = $b = $c = $d = 0.0;
        foreach ($factors as $set => $factor) {
            $m = $this->M[$set][$segment];
            $a += $factor * $m[0];
            $b += $factor * $m[1];
            $c += $factor * $m[2];
            $d += $factor * $m[3];
        }

        return $effect === Effect::Shear ? [$b, 2 * $c, 3 * $d] : [$a, $b, $c, $d];
    }

    /**
     * @param  list<list<list<float>>>  $of  set, segment, coefficients
     * @param  list<float>  $sum
     * @param  array<int, float>  $factors
     * @return list<float>
     */
    private static function sum(array $of, array $sum, array $factors, int $segment): array
    {
        foreach ($factors as $set => $factor) {
            foreach ($of[$set][$segment] as $i => $c) {
                $sum[$i] += $factor * $c;
            }
        }

        return array_values($sum);
    }

    /**
     * The effect of each set at t on a segment.
     *
     * @return list<float>
     */
    public function valuesAt(Effect|Functional $effect, int $segment, float $t): array
    {
        if ($effect !== Effect::Moment && $effect !== Effect::Shear) {
            return array_map(
                fn (int $set): float => Polynomial::value($this->polynomial($effect, $set, $segment), $t),
                array_keys($this->M),
            );
        }
        $values = [];
        foreach ($this->M as $set) {
            [$a, $b, $c, $d] = $set[$segment];
            $values[] =
                $effect === Effect::Moment ? $a + $t * ($b + $t * ($c + $t * $d)) : $b + $t * (2 * $c + $t * 3 * $d);
        }

        return $values;
    }

    /** The segment that holds x; at a break the one on its right unless $left. */
    public function segmentAt(float $x, bool $left = false): int
    {
        $low = 0;
        $high = $this->segments() - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($left ? $x > $this->breaks[$middle + 1] : $x >= $this->breaks[$middle + 1]) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
