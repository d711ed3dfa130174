<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

use Waage\Algebra\Pencil;

/**
 * Elastic buckling of an open thin-walled section by finite strips (Cheung; Schafer and Ádány): between simple supports
 * it buckles in half-waves along its length, each strip with a plane-stress membrane and a thin plate.
 *
 * Points of the midline in mm, one after the other; of each the longitudinal stress, compression positive, straight
 * between two. At a point it may be held by springs along the section: per mm of its length in the directions of the
 * two coordinates (N/mm²) and against turning (N).
 */
final class FiniteStrip
{
    /** Unknowns of a point: across, along, out of the axes, turning. */
    private const EACH = 4;

    /** Sampling points and weights of Gauss on 0 … 1: exact for the products of cubic shapes. */
    private const GAUSS = [
        [0.069431844202974, 0.173927422568727],
        [0.330009478207572, 0.326072577431273],
        [0.669990521792428, 0.326072577431273],
        [0.930568155797026, 0.173927422568727],
    ];

    /** @var array<int, list<array<int, float>>>|null what stands before each power of π/L in the stiffness */
    private ?array $powers = null;

    /** @var list<float>|null the stresses that were asked for last, and what they do */
    private ?array $stressed = null;

    /** @var list<array<int, float>> */
    private array $ofStresses = [];

    /** @var array<int, float>|null the shape that was found last: the next one is like it */
    private ?array $last = null;

    /**
     * @param  non-empty-list<array{float, float}>  $points  mm
     * @param  list<float>  $thicknesses  of the strips between them, mm
     * @param  float  $E  MPa
     * @param  array<int, array{float, float, float}>  $springs  by point
     */
    public function __construct(
        private readonly array $points,
        private readonly array $thicknesses,
        private readonly float $E,
        private readonly float $nu = 0.3,
        private readonly array $springs = [],
    ) {
    }

    /**
     * The factor on the stresses at which it buckles in half-waves of a length.
     *
     * @param  list<float>  $stresses  of the points, MPa
     * @return array{float, list<array{float, float}>} factor (INF: none), and how the points move, the greatest by 1
     */
    public function buckling(float $length, array $stresses): array
    {
        $size = self::EACH * count($this->points);
        $pencil = new Pencil(
            $size,
            2 * self::EACH - 1,
            $this->stiffness($length),
            $this->geometric($length, $stresses),
        );
        [$factor, $x] = $pencil->least($this->last, 1e9);
        $this->last = $x;
        $moves = array_map(
            fn (int $i): array => [$x[self::EACH * $i], $x[self::EACH * $i + 2]],
            array_keys($this->points),
        );
        $most = max(1e-30, ...array_map(fn (array $m): float => hypot(...$m), $moves));

        return [$factor, array_map(fn (array $m): array => [$m[0] / $most, $m[1] / $most], $moves)];
    }

    /** @param  list<float>  $stresses */
    public function factor(float $length, array $stresses): float
    {
        return $this->buckling($length, $stresses)[0];
    }

    /** @return list<array<int, float>> rows of the lower band, integrated over a half-wave */
    private function stiffness(float $length): array
    {
        $this->powers ??= $this->powers();
        $k = M_PI / $length;
        $K = $this->none();
        foreach ($this->powers as $power => $rows) {
            $times = $length / 2 * $k ** $power;
            foreach ($rows as $i => $row) {
                foreach ($row as $j => $value) {
                    $K[$i][$j] += $times * $value;
                }
            }
        }
        foreach ($this->springs as $point => [$first, $second, $turning]) {
            foreach ([0 => $first, 2 => $second, 3 => $turning] as $unknown => $k) {
                $K[self::EACH * $point + $unknown][2 * self::EACH - 1] += $k * $length / 2;
            }
        }

        return $K;
    }

    /** @return array<int, list<array<int, float>>> */
    private function powers(): array
    {
        $powers = [];
        foreach ($this->thicknesses as $e => $t) {
            foreach ($this->ofStrip($e, $t) as $power => $matrix) {
                $powers[$power] ??= $this->none();
                $this->add($powers[$power], $e, $matrix);
            }
        }

        return $powers;
    }

    /** @return list<array<int, float>> */
    private function none(): array
    {
        return array_fill(0, self::EACH * count($this->points), array_fill(0, 2 * self::EACH, 0.0));
    }

    /**
     * A strip's matrix in its own directions, turned into those of the section.
     *
     * @param  list<array<int, float>>  $into
     * @param  array<int, array<int, float>>  $k  8 × 8: across, along, out of the plane, turning of either edge
     */
    private function add(array &$into, int $e, array $k): void
    {
        [$b, $cos, $sin] = $this->strip($e);
        $turned = self::turned($k, $cos, $sin);
        $first = self::EACH * $e;
        for ($i = 0; $i < 2 * self::EACH; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $into[$first + $i][2 * self::EACH - 1 - $i + $j] += $turned[$i][$j];
            }
        }
    }

    /** @return array{float, float, float} width (mm) and direction of a strip */
    private function strip(int $e): array
    {
        [$x, $z] = $this->points[$e];
        [$x2, $z2] = $this->points[$e + 1];
        $b = hypot($x2 - $x, $z2 - $z);

        return [$b, ($x2 - $x) / $b, ($z2 - $z) / $b];
    }

    /**
     * @param  array<int, array<int, float>>  $k
     * @return array<int, array<int, float>> Tᵀ k T
     */
    private static function turned(array $k, float $cos, float $sin): array
    {
        // Across = cos X + sin Z, out of the plane = −sin X + cos Z.
        foreach ([0, self::EACH] as $at) {
            for ($i = 0; $i < 2 * self::EACH; $i++) {
                [$u, $w] = [$k[$i][$at], $k[$i][$at + 2]];
                $k[$i][$at] = $cos * $u - $sin * $w;
                $k[$i][$at + 2] = $sin * $u + $cos * $w;
            }
            for ($j = 0; $j < 2 * self::EACH; $j++) {
                [$u, $w] = [$k[$at][$j], $k[$at + 2][$j]];
                $k[$at][$j] = $cos * $u - $sin * $w;
                $k[$at + 2][$j] = $sin * $u + $cos * $w;
            }
        }

        return $k;
    }

    /** @return array<int, array<int, array<int, float>>> membrane and plate of a strip, by powers of π/L */
    private function ofStrip(int $e, float $t): array
    {
        [$b] = $this->strip($e);
        $plane = $this->E / (1 - $this->nu ** 2);
        $G = $this->E / (2 * (1 + $this->nu));
        $bends = $plane * $t ** 3 / 12;
        $twists = $G * $t ** 3 / 12;
        $matrices = [];
        foreach (self::GAUSS as [$s, $weight]) {
            [$N, $dN] = [[1 - $s, $s], [-1 / $b, 1 / $b]];
            $H = self::hermite($s, $b);
            // Strains across, along and in shear, and curvatures likewise: unknown, factor, power of π/L.
            $membrane = [
                [[0, $dN[0], 0], [4, $dN[1], 0]],
                [[1, -$N[0], 1], [5, -$N[1], 1]],
                [[0, $N[0], 1], [1, $dN[0], 0], [4, $N[1], 1], [5, $dN[1], 0]],
            ];
            $plate = [[], [], []];
            foreach ([2, 3, 6, 7] as $n => $unknown) {
                $plate[0][] = [$unknown, -$H[2][$n], 0];
                $plate[1][] = [$unknown, $H[0][$n], 2];
                $plate[2][] = [$unknown, -2 * $H[1][$n], 1];
            }
            $area = $weight * $b;
            self::energy($matrices, $membrane, [$plane * $t, $this->nu * $plane * $t, $G * $t], $area);
            self::energy($matrices, $plate, [$bends, $this->nu * $bends, $twists], $area);
        }

        return $matrices;
    }

    /**
     * Bᵀ D B of an isotropic plate.
     *
     * @param  array<int, array<int, array<int, float>>>  $matrices  by power
     * @param  array{list<array{int, float, int}>, list<array{int, float, int}>, list<array{int, float, int}>}  $B
     * @param  array{float, float, float}  $D  direct, coupled, in shear
     */
    private static function energy(array &$matrices, array $B, array $D, float $area): void
    {
        foreach ([[0, 0, $D[0]], [1, 1, $D[0]], [0, 1, $D[1]], [1, 0, $D[1]], [2, 2, $D[2]]] as [$p, $q, $d]) {
            foreach ($B[$p] as [$i, $x, $first]) {
                foreach ($B[$q] as [$j, $y, $second]) {
                    $matrices[$first + $second] ??= array_fill(0, 8, array_fill(0, 8, 0.0));
                    $matrices[$first + $second][$i][$j] += $area * $d * $x * $y;
                }
            }
        }
    }

    /** @return array{list<float>, list<float>, list<float>} cubic shapes, their slopes and curvatures */
    private static function hermite(float $s, float $b): array
    {
        return [
            [
                1 - 3 * $s ** 2 + 2 * $s ** 3,
                $b * ($s - 2 * $s ** 2 + $s ** 3),
                3 * $s ** 2 - 2 * $s ** 3,
                $b * ($s ** 3 - $s ** 2),
            ],
            [(6 * $s ** 2 - 6 * $s) / $b, 1 - 4 * $s + 3 * $s ** 2, (6 * $s - 6 * $s ** 2) / $b, 3 * $s ** 2 - 2 * $s],
            [(12 * $s - 6) / $b ** 2, (6 * $s - 4) / $b, (6 - 12 * $s) / $b ** 2, (6 * $s - 2) / $b],
        ];
    }

    /**
     * What the stresses do, with the sign of Pencil.
     *
     * @param  list<float>  $stresses
     * @return list<array<int, float>>
     */
    private function geometric(float $length, array $stresses): array
    {
        if ($this->stressed !== $stresses) {
            $this->stressed = $stresses;
            $this->ofStresses = $this->ofStresses($stresses);
        }
        $times = $length / 2 * (M_PI / $length) ** 2;

        return array_map(
            fn (array $row): array => array_map(fn (float $value): float => $times * $value, $row),
            $this->ofStresses,
        );
    }

    /**
     * @param  list<float>  $stresses
     * @return list<array<int, float>>
     */
    private function ofStresses(array $stresses): array
    {
        $into = $this->none();
        foreach ($this->thicknesses as $e => $t) {
            [$b] = $this->strip($e);
            $matrix = array_fill(0, 8, array_fill(0, 8, 0.0));
            foreach (self::GAUSS as [$s, $weight]) {
                $size = -$weight * $b * $t * ($stresses[$e] + ($stresses[$e + 1] - $stresses[$e]) * $s);
                $H = self::hermite($s, $b)[0];
                $outOfPlane = [2 => $H[0], 3 => $H[1], 6 => $H[2], 7 => $H[3]];
                foreach ([[0 => 1 - $s, 4 => $s], [1 => 1 - $s, 5 => $s], $outOfPlane] as $shape) {
                    foreach ($shape as $i => $x) {
                        foreach ($shape as $j => $y) {
                            $matrix[$i][$j] += $size * $x * $y;
                        }
                    }
                }
            }
            $this->add($into, $e, $matrix);
        }

        return $into;
    }
}
