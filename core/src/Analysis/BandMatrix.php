<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A symmetric matrix with a few diagonals beside the main one, factorised as L D Lᵀ: the stiffness of a chain of beam
 * elements. Row i holds the columns i − band … i.
 */
final class BandMatrix
{
    /** A pivot that is not more than this many times its rounding error is what rounding has left of zero. */
    private const ZERO = 30.0;

    /** @var list<array<int, float>> */
    private array $rows;

    public function __construct(public readonly int $size, private readonly int $band = 3)
    {
        $this->rows = array_fill(0, $size, array_fill(0, $band + 1, 0.0));
    }

    public function add(int $i, int $j, float $value): void
    {
        $band = $this->band;
        [$i, $j] = $i < $j ? [$j, $i] : [$i, $j];
        $this->rows[$i][$band - $i + $j] += $value;
    }

    /**
     * @return list<float>|null a movement that meets no resistance, or null when every movement does
     */
    public function factorise(): ?array
    {
        $band = $this->band;
        $K = $this->rows;
        $errors = [];
        for ($i = 0; $i < $this->size; $i++) {
            // Of a pivot: the rounding of the terms it is made of, and what the pivots before have passed on.
            $size = abs($K[$i][$band]);
            $error = 0.0;
            $K[$i] = $row = $this->eliminated($K, $i);
            for ($j = max(0, $i - $band); $j < $i; $j++) {
                $square = $row[$band - $i + $j] ** 2;
                $size += $square * $K[$j][$band];
                $error += $square * $errors[$j];
            }
            $errors[$i] = $error + PHP_FLOAT_EPSILON * $size;
            if ($row[$band] <= self::ZERO * $errors[$i]) {
                $this->rows = $K;

                return $this->back([...array_fill(0, $i, 0.0), 1.0, ...array_fill(0, $this->size - 1 - $i, 0.0)], $i);
            }
        }
        $this->rows = $K;

        return null;
    }

    /** @return array{int, float} how many pivots are not positive, the logarithm of the determinant's size */
    public function determinant(): array
    {
        $band = $this->band;
        $K = $this->rows;
        $negative = 0;
        $log = 0.0;
        for ($i = 0; $i < $this->size; $i++) {
            $K[$i] = $this->eliminated($K, $i);
            // A pivot of nothing is a hair on the side of what has buckled.
            $pivot = $K[$i][$band] == 0.0 ? ($K[$i][$band] = -PHP_FLOAT_MIN) : $K[$i][$band];
            $negative += $pivot > 0.0 ? 0 : 1;
            $log += log(abs($pivot));
        }

        return [$negative, $log];
    }

    /**
     * Row i of L with its pivot of D, from the rows before, which are so already.
     *
     * @param  list<array<int, float>>  $K
     * @return array<int, float>
     */
    private function eliminated(array $K, int $i): array
    {
        $band = $this->band;
        $row = $K[$i];
        $first = $i > $band ? $i - $band : 0;
        for ($j = $first; $j <= $i; $j++) {
            $sum = $row[$band - $i + $j];
            for ($m = max($first, $j - $band); $m < $j; $m++) {
                $sum -= $row[$band - $i + $m] * ($j === $i ? $row : $K[$j])[$band - $j + $m] * $K[$m][$band];
            }
            $row[$band - $i + $j] = $j === $i ? $sum : $sum / $K[$j][$band];
        }

        return $row;
    }

    /**
     * The solution for a right-hand side, after factorise().
     *
     * @param  list<float>  $u
     * @return list<float>
     */
    public function solve(array $u): array
    {
        $band = $this->band;
        $K = $this->rows;
        for ($i = 0; $i < $this->size; $i++) {
            for ($j = max(0, $i - $band); $j < $i; $j++) {
                $u[$i] -= $K[$i][$band - $i + $j] * $u[$j];
            }
        }
        for ($i = 0; $i < $this->size; $i++) {
            $u[$i] /= $K[$i][$band];
        }

        return $this->back(array_values($u), $this->size - 1);
    }

    /**
     * Lᵀ u = u from row $from upward.
     *
     * @param  list<float>  $u
     * @return list<float>
     */
    private function back(array $u, int $from): array
    {
        $band = $this->band;
        for ($i = $from; $i >= 0; $i--) {
            for ($j = max(0, $i - $band); $j < $i; $j++) {
                $u[$j] -= $this->rows[$i][$band - $i + $j] * $u[$i];
            }
        }

        return array_values($u);
    }
}
