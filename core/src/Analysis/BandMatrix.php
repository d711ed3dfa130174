<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Algebra\Band;

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
            $K[$i] = $row = Band::eliminated($K[$i], $K, $i, $band);
            for ($j = max(0, $i - $band); $j < $i; $j++) {
                $square = $row[$band - $i + $j] ** 2;
                $size += $square * $K[$j][$band];
                $error += $square * $errors[$j];
            }
            $errors[$i] = $error + PHP_FLOAT_EPSILON * $size;
            if ($row[$band] <= self::ZERO * $errors[$i]) {
                $moved = [...array_fill(0, $i, 0.0), 1.0, ...array_fill(0, $this->size - 1 - $i, 0.0)];

                return array_values(Band::back($K, $moved, $band, $i));
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
            $K[$i] = Band::eliminated($K[$i], $K, $i, $band);
            // A pivot of nothing is a hair on the side of what has buckled.
            $pivot = $K[$i][$band] == 0.0 ? ($K[$i][$band] = -PHP_FLOAT_MIN) : $K[$i][$band];
            $negative += $pivot > 0.0 ? 0 : 1;
            $log += log(abs($pivot));
        }

        return [$negative, $log];
    }

    /**
     * The solution for a right-hand side, after factorise().
     *
     * @param  list<float>  $u
     * @return list<float>
     */
    public function solve(array $u): array
    {
        return array_values(Band::solve($this->rows, $u, $this->band));
    }
}
