<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A piece of a beam so short that a few terms of a power series are exact: EI w'''' + (N w')' = 0. An axial force
 * lessens its stiffness.
 */
final readonly class PressedPiece
{
    /** Of the series, for a piece that is short (SecondOrder). */
    private const TERMS = 24;

    /** A term that is a smaller part than this adds nothing. */
    private const NOTHING = 1e-17;

    /**
     * @param  float  $x  where it starts, mm
     * @param  float  $l  mm
     * @param  float  $EI  Nmm²
     * @param  list<float>  $N  axial force along it, compression positive, N
     * @param  list<float>  $w  deflection of first order along it, mm
     */
    public function __construct(
        public float $x,
        public float $l,
        public float $EI,
        public array $N,
        public array $w,
    ) {
    }

    /**
     * Forces on its ends for unit movements of them: deflection and slope at the start, then at the far end.
     *
     * @param  float  $part  of the axial force
     * @param  float  $scale  what the stiffness is divided by, Nmm²
     * @return list<list<float>>
     */
    public function stiffness(float $part, float $scale): array
    {
        [$l, $EI] = [$this->l, $this->EI];
        $n = [];
        $power = ($part * $l * $l) / $EI;
        foreach ($this->N as $j => $c) {
            if ($c != 0.0) {
                $n[$j] = $c * $power;
            }
            $power *= $l;
        }
        $far = [
            // Pushed aside as a whole it takes no force.
            [1.0, 0.0, 0.0, 0.0],
            self::end([0.0, 1.0, 0.0, 0.0], $n),
            self::end([0.0, 0.0, 1.0, 0.0], $n),
            self::end([0.0, 0.0, 0.0, 1.0], $n),
        ];
        $end = array_sum($n);
        // Deflection, slope, moment and transverse force −EI w''' − N w' at the far end.
        $unit = 1.0;
        foreach ($far as $i => [$w, $s, $c, $d]) {
            $bent = (-$EI * $unit) / ($l * $l);
            $far[$i] = [$unit * $w, ($unit * $s) / $l, $bent * $c, ($bent * ($d + $end * $s)) / $l];
            $unit *= $l;
        }
        [$a, $b, $c, $d] = $far;
        $det = $c[0] * $d[1] - $d[0] * $c[1];
        $first = (($n[0] ?? 0.0) * $EI) / $l ** 2;
        $columns = [];
        foreach ([[1.0, 0.0, 0.0, 0.0], [0.0, 1.0, 0.0, 0.0], [0.0, 0.0, 1.0, 0.0], [0.0, 0.0, 0.0, 1.0]] as $ends) {
            [$w0, $s0, $w1, $s1] = $ends;
            $dw = $w1 - $w0 * $a[0] - $s0 * $b[0];
            $ds = $s1 - $w0 * $a[1] - $s0 * $b[1];
            $a2 = ($dw * $d[1] - $ds * $d[0]) / $det;
            $a3 = ($ds * $c[0] - $dw * $c[1]) / $det;
            $columns[] = [
                (6 * $EI * $a3 + $first * $s0) / $scale,
                (-2 * $EI * $a2) / $scale,
                ($w0 * $a[3] + $s0 * $b[3] + $a2 * $c[3] + $a3 * $d[3]) / $scale,
                -($w0 * $a[2] + $s0 * $b[2] + $a2 * $c[2] + $a3 * $d[2]) / $scale,
            ];
        }

        return $columns;
    }

    /**
     * Deflection at the far end and its derivatives times l, l², l³, from the first four terms times 1, l, l², l³, of
     * which one is 1.
     *
     * @param  list<float>  $b
     * @param  array<int, float>  $n  axial force over EI, likewise
     * @return array{float, float, float, float}
     */
    private static function end(array $b, array $n): array
    {
        [$b0, $b1, $b2, $b3] = $b;
        $w = $b0 + $b1 + $b2 + $b3;
        $s = $b1 + 2 * $b2 + 3 * $b3;
        $c = 2 * $b2 + 6 * $b3;
        $d = 6 * $b3;
        // Terms may be nothing by turns, as the force begins with a power of its own.
        $small = 0;
        $enough = $n === [] ? 0 : 3 + array_key_last($n);
        for ($k = 4; $k < self::TERMS && $small < $enough; $k++) {
            $sum = 0.0;
            foreach ($n as $j => $value) {
                $i = $k - 2 - $j;
                if ($i > 0) {
                    $sum -= $value * $i * $b[$i];
                }
            }
            // Its third derivative is the greatest.
            $third = $sum;
            $term = $third / ($k * ($k - 1) * ($k - 2));
            $b[$k] = $term;
            $w += $term;
            $s += $k * $term;
            $c += $k * ($k - 1) * $term;
            $d += $third;
            $small = $third > self::NOTHING || $third < -self::NOTHING ? 0 : $small + 1;
        }

        return [$w, $s, $c, $d];
    }
}
