<?php

declare(strict_types=1);

namespace Waage\Algebra;

/**
 * L D Lᵀ of symmetric matrices with a few diagonals beside the main one: row i holds the columns i − band … i, D stands
 * on the diagonal.
 *
 * Static functions on plain arrays, since a search for what buckles makes some thousand of them.
 */
final class Band
{
    /**
     * Row i of L with its pivot of D, from the rows before, which are so already.
     *
     * @param  array<int, float>  $row  of the matrix
     * @param  array<int, array<int, float>>  $L
     * @return array<int, float>
     */
    public static function eliminated(array $row, array $L, int $i, int $band): array
    {
        // Column j of row i stands at band − i + j; times the pivot at first.
        for ($k = $i > $band ? 0 : $band - $i, $first = $k; $k < $band; $k++) {
            $other = $L[$i - $band + $k];
            $sum = $row[$k];
            for ($m = $first, $n = $first + $band - $k; $m < $k; $m++, $n++) {
                $sum -= $row[$m] * $other[$n];
            }
            $row[$k] = $sum;
        }
        $pivot = $row[$band];
        for ($k = $first; $k < $band; $k++) {
            $l = $row[$k] / $L[$i - $band + $k][$band];
            $pivot -= $l * $row[$k];
            $row[$k] = $l;
        }
        $row[$band] = $pivot;

        return $row;
    }

    /**
     * What L D Lᵀ makes a right-hand side.
     *
     * @param  array<int, array<int, float>>  $L
     * @param  array<int, float>  $x
     * @return array<int, float>
     */
    public static function solve(array $L, array $x, int $band): array
    {
        foreach ($L as $i => $row) {
            $sum = $x[$i];
            for ($j = $i > $band ? $i - $band : 0, $k = $band - $i + $j; $k < $band; $j++, $k++) {
                $sum -= $row[$k] * $x[$j];
            }
            $x[$i] = $sum;
        }
        foreach ($L as $i => $row) {
            $x[$i] /= $row[$band];
        }

        return self::back($L, $x, $band, count($L) - 1);
    }

    /**
     * Lᵀ x = x from row $from upward.
     *
     * @param  array<int, array<int, float>>  $L
     * @param  array<int, float>  $x
     * @return array<int, float>
     */
    public static function back(array $L, array $x, int $band, int $from): array
    {
        for ($i = $from; $i > 0; $i--) {
            $row = $L[$i];
            $value = $x[$i];
            for ($j = $i > $band ? $i - $band : 0, $k = $band - $i + $j; $k < $band; $j++, $k++) {
                $x[$j] -= $row[$k] * $value;
            }
        }

        return $x;
    }
}
