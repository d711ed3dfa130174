<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The buckling of a length whose twist is a sum of half sine waves, each steadied by its stiffness
 * K_i = i² (twist + i² warp) and driven by the moments through G_ij = i j (c_|i−j| + c_i+j) / L, where
 * c_n = ∫ M cos(nπx/L) dx.
 */
final class Waves
{
    /** Half waves that are summed. */
    public const COUNT = 6;

    /**
     * The greatest eigenvalue of K^−½ G K^−½, by Jacobi rotations; not positive when the moments do not buckle it.
     *
     * @param  list<float>  $c  c_0 … c_2·COUNT over L, Nmm
     * @param  float  $twist  G I_t, Nmm²
     * @param  float  $warp  π² E I / L², Nmm²
     * @return float in 1/mm
     */
    public static function greatestEigenvalue(array $c, float $twist, float $warp): float
    {
        $n = self::COUNT;
        $A = $root = [];
        for ($i = 0; $i < $n; $i++) {
            $root[$i] = sqrt($twist + ($i + 1) ** 2 * $warp);
            for ($j = 0; $j <= $i; $j++) {
                $A[$i][$j] = $A[$j][$i] = ($c[$i - $j] + $c[$i + $j + 2]) / ($root[$i] * $root[$j]);
            }
        }
        for ($sweep = 0; $sweep < 12; $sweep++) {
            $off = $diagonal = 0.0;
            for ($p = 0; $p < $n; $p++) {
                $diagonal += $A[$p][$p] ** 2;
                for ($q = $p + 1; $q < $n; $q++) {
                    $off += $A[$p][$q] ** 2;
                }
            }
            if ($off <= 1e-12 * $diagonal) {
                break;
            }
            for ($p = 0; $p < $n - 1; $p++) {
                for ($q = $p + 1; $q < $n; $q++) {
                    if ($A[$p][$q] == 0.0) {
                        continue;
                    }
                    $theta = ($A[$q][$q] - $A[$p][$p]) / (2 * $A[$p][$q]);
                    $t = ($theta >= 0 ? 1 : -1) / (abs($theta) + sqrt($theta * $theta + 1));
                    $cos = 1 / sqrt($t * $t + 1);
                    $sin = $t * $cos;
                    for ($k = 0; $k < $n; $k++) {
                        $kp = $A[$k][$p];
                        $kq = $A[$k][$q];
                        $A[$k][$p] = $cos * $kp - $sin * $kq;
                        $A[$k][$q] = $sin * $kp + $cos * $kq;
                    }
                    for ($k = 0; $k < $n; $k++) {
                        $pk = $A[$p][$k];
                        $qk = $A[$q][$k];
                        $A[$p][$k] = $cos * $pk - $sin * $qk;
                        $A[$q][$k] = $sin * $pk + $cos * $qk;
                    }
                }
            }
        }
        $greatest = -INF;
        for ($i = 0; $i < $n; $i++) {
            $greatest = max($greatest, $A[$i][$i]);
        }

        return $greatest;
    }
}
