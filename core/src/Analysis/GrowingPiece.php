<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * How the deflection w₂ of a pressed piece grows when the axial force works on that of first order w₁:
 * EI w₂'''' + (N w₂')' = −(N w₁')', by power series.
 */
final readonly class GrowingPiece
{
    private const TERMS = 24;

    /** @var list<float> N w₁', which the first-order deflection carries already */
    private array $push;

    /** @var list<list<float>> deflections without load, of which one of the first four terms is 1 */
    private array $free;

    /** @var list<float> deflection under the load alone, from rest at the start */
    private array $loaded;

    public function __construct(private PressedPiece $piece)
    {
        $this->push = Polynomial::product($piece->N, Polynomial::derivative($piece->w));
        $this->free = [
            $this->series([1.0, 0.0, 0.0, 0.0], []),
            $this->series([0.0, 1.0, 0.0, 0.0], []),
            $this->series([0.0, 0.0, 1.0, 0.0], []),
            $this->series([0.0, 0.0, 0.0, 1.0], []),
        ];
        $load = array_map(fn (float $c): float => -$c, Polynomial::derivative($this->push));
        $this->loaded = $this->series([0.0, 0.0, 0.0, 0.0], $load);
    }

    /**
     * w₂ from the movement of the ends.
     *
     * @param  list<float>  $ends  deflection (mm) and slope at the start, then at the far end
     * @return list<float> mm
     */
    public function deflection(array $ends): array
    {
        $l = $this->piece->l;
        $at = fn (array $a): array => [Polynomial::value($a, $l), Polynomial::value(Polynomial::derivative($a), $l)];
        $known = Polynomial::sum(Polynomial::sum($this->loaded, $this->free[0], $ends[0]), $this->free[1], $ends[1]);
        [$w, $s] = $at($known);
        [$w2, $s2] = $at($this->free[2]);
        [$w3, $s3] = $at($this->free[3]);
        $det = $w2 * $s3 - $w3 * $s2;
        [$dw, $ds] = [$ends[2] - $w, $ends[3] - $s];

        return Polynomial::sum(
            Polynomial::sum($known, $this->free[2], ($dw * $s3 - $ds * $w3) / $det),
            $this->free[3],
            ($ds * $w2 - $dw * $s2) / $det,
        );
    }

    /** @return list<float> the forces on the ends when they are held: force (N), moment (Nmm), and at the far end */
    public function held(): array
    {
        $w = $this->deflection([0.0, 0.0, 0.0, 0.0]);
        [$T, $M] = $this->forces($w, 0.0);
        [$farT, $farM] = $this->forces($w, $this->piece->l);

        return [-$T, $M, $farT, -$farM];
    }

    /**
     * @param  list<float>  $w
     * @return array{float, float} transverse force −EI w₂''' − N (w₁ + w₂)' at t (N), moment (Nmm)
     */
    private function forces(array $w, float $t): array
    {
        $slope = Polynomial::derivative($w);
        $curvature = Polynomial::derivative($slope);
        $shear = -$this->piece->EI * Polynomial::value(Polynomial::derivative($curvature), $t);
        $pushed = Polynomial::value($this->piece->N, $t) * Polynomial::value($slope, $t);

        return [
            $shear - $pushed - Polynomial::value($this->push, $t),
            -$this->piece->EI * Polynomial::value($curvature, $t),
        ];
    }

    /**
     * Power series of the deflection from its first four terms.
     *
     * @param  list<float>  $a
     * @param  list<float>  $load
     * @return list<float>
     */
    private function series(array $a, array $load): array
    {
        for ($k = 0; $k + 4 < self::TERMS; $k++) {
            $sum = $load[$k] ?? 0.0;
            foreach ($this->piece->N as $j => $n) {
                if ($k + 2 - $j > 0) {
                    $sum -= ($k + 1) * $n * ($k + 2 - $j) * $a[$k + 2 - $j];
                }
            }
            $a[] = $sum / ($this->piece->EI * ($k + 4) * ($k + 3) * ($k + 2) * ($k + 1));
        }

        return $a;
    }
}
