<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Off which of its supports that bear only a beam lifts under given loads, and by how much: where it lifts nothing
 * presses, where it presses it does not lift. Forces of supports that are lifted as well are a linear complementarity
 * problem; solved by the method of C. L. Lawson and R. J. Hanson (Solving Least Squares Problems, 1974, ch. 23), which
 * frees the support that is pulled most, one after the other.
 */
final readonly class Contact
{
    /** Of the loads; less is rounding. */
    private const ROUNDING = 1e-9;

    /**
     * @param  array<int, array<int, float>>  $stiffness  what support i presses more (N) when support j is lifted by 1
     *     mm; symmetric
     */
    public function __construct(private array $stiffness)
    {
    }

    /**
     * @param  array<int, float>  $reactions  of the supports that bear only when all hold down, N, up positive
     * @param  float  $size  of the loads, N
     * @return array<int, float>|null by how much supports are lifted, mm; null: nothing holds the beam, it tips over
     */
    public function lifts(array $reactions, float $size): ?array
    {
        $lifts = [];
        $limit = self::ROUNDING * $size;
        for ($round = 0; $round <= 4 * count($reactions); $round++) {
            $pulled = null;
            $least = -$limit;
            foreach ($reactions as $i => $reaction) {
                $pressed = $reaction;
                foreach ($lifts as $j => $lift) {
                    $pressed += $this->stiffness[$i][$j] * $lift;
                }
                if (! isset($lifts[$i]) && $pressed < $least) {
                    $least = $pressed;
                    $pulled = $i;
                }
            }
            if ($pulled === null) {
                return $lifts;
            }
            $lifts[$pulled] = 0.0;
            do {
                $freed = $this->freed(array_keys($lifts), $reactions);
                if ($freed === null) {
                    return null;
                }
                // As far as none of them would be pressed down again; those that would come back to bear.
                $part = 1.0;
                foreach ($freed as $i => $lift) {
                    if ($lift <= 0.0) {
                        $part = min($part, $lifts[$i] / ($lifts[$i] - $lift));
                    }
                }
                foreach ($freed as $i => $lift) {
                    $lifts[$i] += $part * ($lift - $lifts[$i]);
                    if ($part < 1.0 && $lift <= 0.0 && $lifts[$i] <= 1e-12 * max($freed)) {
                        unset($lifts[$i]);
                    }
                }
            } while ($part < 1.0 && $lifts !== []);
        }

        return null;
    }

    /**
     * Lifts of some supports for which none of them presses or pulls, by L. Cholesky's method.
     *
     * @param  list<int>  $supports
     * @param  array<int, float>  $reactions
     * @return array<int, float>|null null: without them the beam is a mechanism
     */
    private function freed(array $supports, array $reactions): ?array
    {
        $L = [];
        $y = [];
        foreach ($supports as $r => $i) {
            foreach (array_slice($supports, 0, $r + 1) as $c => $j) {
                $sum = $this->stiffness[$i][$j];
                for ($k = 0; $k < $c; $k++) {
                    $sum -= $L[$r][$k] * $L[$c][$k];
                }
                if ($r === $c && $sum <= 1e-9 * $this->stiffness[$i][$i]) {
                    return null;
                }
                $L[$r][$c] = $r === $c ? sqrt($sum) : $sum / $L[$c][$c];
            }
            $sum = -$reactions[$i];
            for ($k = 0; $k < $r; $k++) {
                $sum -= $L[$r][$k] * $y[$k];
            }
            $y[$r] = $sum / $L[$r][$r];
        }
        $freed = [];
        for ($r = count($supports) - 1; $r >= 0; $r--) {
            $sum = $y[$r];
            for ($k = $r + 1; $k < count($supports); $k++) {
                $sum -= $L[$k][$r] * $freed[$supports[$k]];
            }
            $freed[$supports[$r]] = $sum / $L[$r][$r];
        }

        return $freed;
    }
}
