<?php

declare(strict_types=1);

namespace Waage\Algebra;

/**
 * The least positive λ with (K + λ G) x = 0 of two symmetric band matrices, K positive definite and G of any sign: the
 * load factor at which a structure of stiffness K buckles under loads of geometric stiffness G.
 *
 * By inverse iteration about a shift below the answer. Where the pivots of K + λ G are all positive λ is below the
 * least answer: so the shift is, and so is a hair less than what was found, before it counts as the least.
 */
final readonly class Pencil
{
    /** λ is found when a step changes it by no more than this part of it: it settles ten times as fast. */
    private const ACCURACY = 1e-5;

    private const STEPS = 200;

    /** A load factor beyond it is that of nothing that buckles. */
    private const FAR = 1e100;

    /** A load factor below it is none. */
    private const NOTHING = 1e-200;

    /** That there is no lower answer is seen this far below it. */
    private const BELOW = 0.9995;

    /**
     * @param  list<array<int, float>>  $K  row i: columns i − band … i
     * @param  list<array<int, float>>  $G  likewise
     */
    public function __construct(private int $size, private int $band, private array $K, private array $G)
    {
    }

    /**
     * @param  array<int, float>|null  $start  what x may be like
     * @param  float  $most  an answer above it does not matter
     * @return array{float, array<int, float>} λ and x with xᵀ K x = 1; INF where λ is more than $most or there is none
     */
    public function least(?array $start, float $most): array
    {
        $x = $start ?? $this->anything(0);
        $loads = $this->loads($x);
        $lambda = 0.0;
        if ($start !== null) {
            $drives = self::dot($loads, $x);
            $lambda = $drives > 0.0 ? self::dot(self::times($this->K, $x, $this->band), $x) / $drives : 0.0;
        }
        $shift = min($most, $lambda > 0.0 ? 0.97 * $lambda : $this->roughly($x));
        if (is_infinite($shift)) {
            return [INF, $x];
        }
        // The answer lies between the two.
        $above = INF;
        while (($factor = $this->factor($shift)) === null) {
            $above = $shift;
            $shift *= 0.8;
            $shift > self::NOTHING || throw new \LogicException('What is restrained resists.');
        }
        if ($shift >= $most) {
            return [INF, $x];
        }
        for ($i = 1; $i <= self::STEPS; $i++) {
            $y = Band::solve($factor, $loads, $this->band);
            $next = $this->loads($y);
            // yᵀ K y from (K + σ G) y = −G x.
            $drives = self::dot($next, $y);
            $stiffness = self::dot($loads, $y) + $shift * $drives;
            $scale = 1 / sqrt($stiffness);
            foreach ($y as $k => $v) {
                $x[$k] = $scale * $v;
                $loads[$k] = $scale * $next[$k];
            }
            $before = $lambda;
            $lambda = $drives == 0.0 ? 0.0 : $stiffness / $drives;
            if ($lambda > 0.0 && abs($lambda - $before) <= self::ACCURACY * $lambda) {
                if ($this->isAbove(self::BELOW * $lambda)) {
                    return $lambda > $most ? [INF, $x] : [$lambda, $x];
                }
                // A higher one, whose shape the start was too much like.
                $above = min($above, self::BELOW * $lambda);
                $loads = $this->loads($this->anything($i));
                $lambda = 0.0;

                continue;
            }
            // Where it does not settle quickly, from nearer.
            if ($i % 3 === 0) {
                $next = $lambda > 0.0 ? $shift + 0.9 * ($lambda - $shift) : 4 * $shift;
                $next = min($most, $next < $above ? $next : ($shift + $above) / 2);
                $nearer = $this->factor($next);
                if ($nearer !== null && $next >= $most) {
                    return [INF, $x];
                }
                [$shift, $factor, $above] = $nearer === null ? [$shift, $factor, $next] : [$next, $nearer, $above];
            }
        }

        return [$this->between($shift, $above, $most), $x];
    }

    /** Where the iteration does not settle: halved by the signs of the pivots alone; on the safe side. */
    private function between(float $low, float $high, float $most): float
    {
        while (is_infinite($high)) {
            if ($low >= min($most, self::FAR)) {
                return INF;
            }
            [$low, $high] = $this->isAbove(2 * $low) ? [2 * $low, INF] : [$low, 2 * $low];
        }
        while ($high - $low > self::ACCURACY * $high) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $this->isAbove($middle) ? [$middle, $high] : [$low, $middle];
        }

        return $low > $most ? INF : $low;
    }

    /** Is λ less than the answer? */
    public function isAbove(float $lambda): bool
    {
        return $this->factor($lambda) !== null;
    }

    /** @return array<int, float> something that is like no shape */
    private function anything(int $seed): array
    {
        return array_map(fn (int $i): float => 0.3 + sin((2.3 + $seed) * ($i + 1)), range(0, $this->size - 1));
    }

    /**
     * Where the answer may be: K⁻¹G some times over, in which the greatest eigenvalue of either sign comes to the fore.
     *
     * @param  array<int, float>  $x
     */
    private function roughly(array $x): float
    {
        $K = $this->factor(0.0) ?? throw new \LogicException('What is restrained resists.');
        $loads = $this->loads($x);
        $size = 0.0;
        for ($i = 0; $i < 4; $i++) {
            $x = Band::solve($K, $loads, $this->band);
            $norm = sqrt(max(0.0, self::dot($loads, $x)));
            if ($norm == 0.0) {
                return INF;
            }
            // The first one has only been made of unit size.
            $size = $i === 0 ? 0.0 : max($size, $norm);
            foreach ($x as $k => $v) {
                $x[$k] = $v / $norm;
            }
            $loads = $this->loads($x);
        }

        return 0.85 / $size;
    }

    /**
     * @param  array<int, float>  $x
     * @param  array<int, float>  $y
     */
    private static function dot(array $x, array $y): float
    {
        $sum = 0.0;
        foreach ($x as $i => $v) {
            $sum += $v * $y[$i];
        }

        return $sum;
    }

    /**
     * −G x.
     *
     * @param  array<int, float>  $x
     * @return array<int, float>
     */
    private function loads(array $x): array
    {
        $y = self::times($this->G, $x, $this->band);
        foreach ($y as $i => $v) {
            $y[$i] = -$v;
        }

        return $y;
    }

    /**
     * @param  list<array<int, float>>  $A
     * @param  array<int, float>  $x
     * @return array<int, float>
     */
    private static function times(array $A, array $x, int $band): array
    {
        $y = $x;
        foreach ($A as $i => $row) {
            $xi = $x[$i];
            $sum = $row[$band] * $xi;
            for ($j = $i > $band ? $i - $band : 0, $k = $band - $i + $j; $j < $i; $j++, $k++) {
                $a = $row[$k];
                $sum += $a * $x[$j];
                $y[$j] += $a * $xi;
            }
            $y[$i] = $sum;
        }

        return $y;
    }

    /**
     * K + λ G as L D Lᵀ, D on the diagonal; null where it is not positive definite.
     *
     * @return list<array<int, float>>|null
     */
    private function factor(float $lambda): ?array
    {
        $band = $this->band;
        $L = [];
        foreach ($this->K as $i => $own) {
            $least = 1e-13 * $own[$band];
            foreach ($this->G[$i] as $k => $g) {
                $own[$k] += $lambda * $g;
            }
            $row = Band::eliminated($own, $L, $i, $band);
            if ($row[$band] <= $least) {
                return null;
            }
            $L[] = $row;
        }

        return $L;
    }
}
