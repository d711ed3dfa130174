<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A symmetric matrix with three diagonals beside the main one, factorised as L D Lᵀ: the stiffness of a chain of beam
 * elements. Row i holds the columns i − 3 … i.
 */
final class BandMatrix
{
    private const BAND = 3;

    /** A pivot that is not more than this many times its rounding error is what rounding has left of zero. */
    private const ZERO = 30.0;

    /** @var list<array<int, float>> */
    private array $rows;

    public function __construct(private readonly int $size)
    {
        $this->rows = array_fill(0, $size, [0.0, 0.0, 0.0, 0.0]);
    }

    public function add(int $i, int $j, float $value): void
    {
        [$i, $j] = $i < $j ? [$j, $i] : [$i, $j];
        $this->rows[$i][self::BAND - $i + $j] += $value;
    }

    /**
     * @return list<float>|null a movement that meets no resistance, or null when every movement does
     */
    public function factorise(): ?array
    {
        $K = $this->rows;
        $errors = [];
        for ($i = 0; $i < $this->size; $i++) {
            // Of a pivot: the rounding of the terms it is made of, and what the pivots before have passed on.
            $size = abs($K[$i][self::BAND]);
            $error = 0.0;
            for ($j = max(0, $i - self::BAND); $j <= $i; $j++) {
                $sum = $K[$i][self::BAND - $i + $j];
                for ($m = max(0, $i - self::BAND, $j - self::BAND); $m < $j; $m++) {
                    $sum -= $K[$i][self::BAND - $i + $m] * $K[$j][self::BAND - $j + $m] * $K[$m][self::BAND];
                }
                $K[$i][self::BAND - $i + $j] = $i === $j ? $sum : $sum / $K[$j][self::BAND];
                if ($j < $i) {
                    $square = $K[$i][self::BAND - $i + $j] ** 2;
                    $size += $square * $K[$j][self::BAND];
                    $error += $square * $errors[$j];
                }
            }
            $errors[$i] = $error + PHP_FLOAT_EPSILON * $size;
            if ($K[$i][self::BAND] <= self::ZERO * $errors[$i]) {
                $this->rows = $K;

                return $this->back([...array_fill(0, $i, 0.0), 1.0, ...array_fill(0, $this->size - 1 - $i, 0.0)], $i);
            }
        }
        $this->rows = $K;

        return null;
    }

    /**
     * The solution for a right-hand side, after factorise().
     *
     * @param  list<float>  $u
     * @return list<float>
     */
    public function solve(array $u): array
    {
        $K = $this->rows;
        for ($i = 0; $i < $this->size; $i++) {
            for ($j = max(0, $i - self::BAND); $j < $i; $j++) {
                $u[$i] -= $K[$i][self::BAND - $i + $j] * $u[$j];
            }
        }
        for ($i = 0; $i < $this->size; $i++) {
            $u[$i] /= $K[$i][self::BAND];
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
        for ($i = $from; $i >= 0; $i--) {
            for ($j = max(0, $i - self::BAND); $j < $i; $j++) {
                $u[$j] -= $this->rows[$i][self::BAND - $i + $j] * $u[$i];
            }
        }

        return array_values($u);
    }
}
