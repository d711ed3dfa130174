<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Algebra\Pencil;

/**
 * Elastic lateral-torsional buckling of a held length: a one-dimensional thin-walled beam after Vlasov, with warping.
 *
 * Potential energy of a sideways displacement v of the shear centre and a twist φ (top flange towards +v), for a
 * section that is symmetric about its upright axis:
 *
 *     ½ ∫ (E I_z v″² + E I_w φ″² + G I_t φ′²) dx + α (∫ M φ v″ dx − ½ ∫ M β φ′² dx − ½ Σ q z φ²)
 *
 * with sagging moments M and downward loads q at the height z above the shear centre. Unknown is the displacement u =
 * v − s φ of
 * the middle between the flanges, which lies s below the shear centre: so the flanges, at half their distance a, are
 * held
 * alike. The load factor α at which the energy vanishes is the critical one. Source: V. Z. Vlasov, Thin-Walled Elastic
 * Beams (1961); N. S. Trahair, Flexural-Torsional Buckling of Structures (1993).
 *
 * Loads come as moments only: ∫ q f dx = −∫ M f″ dx for what f = φ² is at places that hold (zero, with no slope) and at
 * a free end (M and its slope are zero); couples, which have no height, are taken out of the second moments diagram.
 */
final readonly class ThinWalledBeam
{
    /** Places at which a shape is drawn, about. */
    private const DRAWN = 36;

    /** @var list<array<int, float>> */
    private array $K;

    /** @var list<array{int, int, int, float, list<float>}> what moments do where flanges differ: as Forms */
    private array $ofDifference;

    /**
     * @param  list<Stiffness>  $stiffness  of each element of the mesh
     * @param  float  $a  half the distance of the flanges, mm
     * @param  float  $z  height of the loads above the shear centre, mm
     */
    public function __construct(public Mesh $mesh, private array $stiffness, private float $a, private float $z)
    {
        $shapes = $mesh->shapes;
        $K = self::none($mesh);
        foreach ($mesh->forms->bending as [$row, $column, $e, $bends]) {
            $K[$row][$column] += $stiffness[$e]->bending * $a ** 2 * $bends;
        }
        foreach ($mesh->forms->twisting as [$row, $column, $e, $warps, $twists]) {
            $s = $stiffness[$e];
            $K[$row][$column] += ($s->warping + $s->bending * $s->level ** 2) * $warps + $s->twisting * $twists;
        }
        // v = u + s φ bends both at once.
        $band = $mesh->band;
        foreach ($mesh->elements as $e => [$u, $phi]) {
            $l = $mesh->nodes[$e + 1] - $mesh->nodes[$e];
            $both = ($stiffness[$e]->bending * $stiffness[$e]->level * $a) / $l ** 3;
            foreach ($both === 0.0 ? [] : $u as [$i, $p, $ci]) {
                foreach ($phi as [$j, $q, $cj]) {
                    $K[max($p, $q)][$band - abs($p - $q)] +=
                        ($p === $q ? 2 : 1) * $ci * $cj * $both * $shapes->bending[$i][$j];
                }
            }
        }
        $this->K = $K;
        $this->ofDifference = $this->ofDifference();
    }

    /**
     * The beam under a moment diagram: what its least factor, and the shape in which it buckles, are found from.
     *
     * @param  array<int, float>  $moments  of all elements: MomentSampling
     * @param  array<int, float>  $ofLoads  the same without couples
     */
    public function under(array $moments, array $ofLoads): Pencil
    {
        return new Pencil($this->mesh->size, $this->mesh->band, $this->K, $this->geometric($moments, $ofLoads));
    }

    /** Do flanges differ, somewhere? */
    public function isLopsided(): bool
    {
        return $this->ofDifference !== [];
    }

    /**
     * How far the flanges move sideways in a shape; the greatest is 1.
     *
     * @param  array<int, float>  $shape
     * @return non-empty-list<array{float, float, float}> place (mm), top flange, bottom flange
     */
    public function flanges(array $shape): array
    {
        $mesh = $this->mesh;
        $parts = (int) ceil(self::DRAWN / count($mesh->elements));
        $points = [];
        $most = 1e-300;
        foreach ($mesh->elements as $e => [$u, $phi]) {
            for ($k = $e === 0 ? 0 : 1; $k <= $parts; $k++) {
                $at = Shapes::at($mesh->shapes->degree, $k / $parts);
                $moves = array_sum(array_map(fn (array $f): float => $f[2] * $shape[$f[1]] * $at[$f[0]][0], $u));
                $twists = array_sum(array_map(fn (array $f): float => $f[2] * $shape[$f[1]] * $at[$f[0]][0], $phi));
                $points[] = [
                    $mesh->nodes[$e] + ($k / $parts) * ($mesh->nodes[$e + 1] - $mesh->nodes[$e]),
                    $moves + $twists,
                    $moves - $twists,
                ];
                $most = abs($moves + $twists) > abs($most) ? $moves + $twists : $most;
                $most = abs($moves - $twists) > abs($most) ? $moves - $twists : $most;
            }
        }

        return array_map(
            fn (array $p): array => [$p[0], $p[1] / $most, $p[2] / $most],
            $points === [] ? [[0.0, 0.0, 0.0]] : $points,
        );
    }

    /**
     * What moments, and moments without couples, do in a shape: at each point of integration the share in 1/α.
     *
     * @param  array<int, float>  $shape  with xᵀ K x = 1
     * @return array{list<float>, list<float>}
     */
    public function work(array $shape): array
    {
        $mesh = $this->mesh;
        $shapes = $mesh->shapes;
        $ofMoments = $ofLoads = [];
        foreach ($mesh->elements as $e => [$u, $phi]) {
            $l = $mesh->nodes[$e + 1] - $mesh->nodes[$e];
            [$level, $beta] = [$this->stiffness[$e]->level, $this->stiffness[$e]->beta];
            for ($g = 0; $g < $shapes->points; $g++) {
                $bends = $value = $slope = $curvature = 0.0;
                foreach ($u as [$i, $p, $c]) {
                    $bends += $c * $shape[$p] * $shapes->curvatures[$i][$g];
                }
                foreach ($phi as [$i, $p, $c]) {
                    $value += $c * $shape[$p] * $shapes->values[$i][$g];
                    $slope += $c * $shape[$p] * $shapes->slopes[$i][$g];
                    $curvature += $c * $shape[$p] * $shapes->curvatures[$i][$g];
                }
                $ofMoments[] = -(2 * $value * ($this->a * $bends + $level * $curvature) - $beta * $slope ** 2) / $l;
                $ofLoads[] = ((-2 * $this->z) / $l) * ($value * $curvature + $slope ** 2);
            }
        }

        return [$ofMoments, $ofLoads];
    }

    /** @return list<array{int, int, int, float, list<float>}> what moments do where flanges differ: as Forms */
    private function ofDifference(): array
    {
        $mesh = $this->mesh;
        $shapes = $mesh->shapes;
        $forms = [];
        foreach ($mesh->elements as $e => [, $phi]) {
            $l = $mesh->nodes[$e + 1] - $mesh->nodes[$e];
            [$level, $beta] = [$this->stiffness[$e]->level, $this->stiffness[$e]->beta];
            foreach ($level === 0.0 && $beta === 0.0 ? [] : $phi as [$i, $p, $ci]) {
                foreach ($phi as [$j, $q, $cj]) {
                    if ($q > $p) {
                        continue;
                    }
                    $factors = [];
                    foreach ($shapes->coupling[$i][$j] as $g => $v) {
                        $factors[] =
                            $level * ($v + $shapes->coupling[$j][$i][$g]) -
                            $beta * $shapes->slopes[$i][$g] * $shapes->slopes[$j][$g];
                    }
                    $forms[] = [$p, $mesh->band - $p + $q, $e * $shapes->points, ($ci * $cj) / $l, $factors];
                }
            }
        }

        return $forms;
    }

    /**
     * @param  array<int, float>  $moments
     * @param  array<int, float>  $ofLoads
     * @return list<array<int, float>>
     */
    private function geometric(array $moments, array $ofLoads): array
    {
        $G = self::none($this->mesh);
        $forms = $this->mesh->forms;
        foreach (
            [
                [$this->a, $forms->ofMoments, $moments],
                [1.0, $this->ofDifference, $moments],
                [$this->z, $this->z === 0.0 ? [] : $forms->ofLoads, $ofLoads],
            ] as [$scale, $of, $values]
        ) {
            foreach ($of as [$row, $column, $g, $factor, $shares]) {
                $sum = 0.0;
                foreach ($shares as $share) {
                    $sum += $share * $values[$g++];
                }
                $G[$row][$column] += $scale * $factor * $sum;
            }
        }

        return $G;
    }

    /** @return list<array<int, float>> */
    private static function none(Mesh $mesh): array
    {
        return array_fill(0, $mesh->size, array_fill(0, $mesh->band + 1, 0.0));
    }
}
