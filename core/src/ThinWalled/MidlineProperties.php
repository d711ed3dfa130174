<?php

declare(strict_types=1);

namespace Waage\ThinWalled;

/**
 * Gross properties of an open section by its midline: area, centroid, second moments about x and z through it, the
 * constants of torsion and warping, the shear centre (from the centroid); mm.
 */
final readonly class MidlineProperties
{
    /** Parts of a piece, for plastic moduli. */
    private const PARTS = 16;

    public float $A;

    /** @var array{float, float} x and z of the points' origin to the centroid */
    public array $centroid;

    /** About the horizontal axis (∫z²), about the vertical one (∫x²), and of both. */
    public float $Ix;

    public float $Iz;

    public float $Ixz;

    public float $J;

    public float $Cw;

    /** @var array{float, float} from the centroid */
    public array $shearCentre;

    /** @var list<array{float, float}> points from the centroid */
    public array $points;

    public function __construct(public Midline $midline)
    {
        $t = $midline->t;
        $raw = $midline->points;
        $ones = array_fill(0, count($raw), 1.0);
        [$x, $z] = [array_column($raw, 0), array_column($raw, 1)];
        $this->A = $this->integral($ones, $ones);
        $this->centroid = [$this->integral($ones, $x) / $this->A, $this->integral($ones, $z) / $this->A];
        $x = array_map(fn (float $v): float => $v - $this->centroid[0], $x);
        $z = array_map(fn (float $v): float => $v - $this->centroid[1], $z);
        $this->points = array_map(fn (float $a, float $b): array => [$a, $b], $x, $z);
        $this->Ix = $this->integral($z, $z);
        $this->Iz = $this->integral($x, $x);
        $this->Ixz = $this->integral($x, $z);
        $this->J = ($this->A * $t ** 2) / 3;
        $omega = [0.0];
        for ($i = 1; $i < count($x); $i++) {
            $omega[] = $omega[$i - 1] + $x[$i - 1] * $z[$i] - $x[$i] * $z[$i - 1];
        }
        // About the pole (a, b): ω − a z + b x, without moments of first order about x and z.
        [$ox, $oz] = [$this->integral($omega, $x), $this->integral($omega, $z)];
        $det = $this->Ixz ** 2 - $this->Ix * $this->Iz;
        $a = ($ox * $this->Ixz - $oz * $this->Iz) / $det;
        $b = ($ox * $this->Ix - $oz * $this->Ixz) / $det;
        $this->shearCentre = [$a, $b];
        $about = array_map(fn (float $o, float $p, float $q): float => $o - $a * $q + $b * $p, $omega, $x, $z);
        $mean = $this->integral($ones, $about) / $this->A;
        $about = array_map(fn (float $o): float => $o - $mean, $about);
        $this->Cw = $this->integral($about, $about);
    }

    /**
     * ∫ f g dA of two values that run straight between points.
     *
     * @param  list<float>  $f
     * @param  list<float>  $g
     */
    private function integral(array $f, array $g): float
    {
        $sum = 0.0;
        $points = $this->midline->points;
        for ($i = 1; $i < count($points); $i++) {
            $l = hypot($points[$i][0] - $points[$i - 1][0], $points[$i][1] - $points[$i - 1][1]);
            $mixed = $f[$i - 1] * $g[$i] + $f[$i] * $g[$i - 1];
            $part = $this->midline->parts[$i - 1] ?? 1.0;
            $sum += (($part * $l) / 6) * (2 * $f[$i - 1] * $g[$i - 1] + $mixed + 2 * $f[$i] * $g[$i]);
        }

        return $sum * $this->midline->t;
    }

    /** Plastic modulus about the horizontal (1) or the vertical axis (0), by the axis that halves the area. */
    public function plastic(int $axis): float
    {
        $parts = [];
        for ($i = 1; $i < count($this->points); $i++) {
            [$a, $b] = [$this->points[$i - 1], $this->points[$i]];
            $t = $this->midline->t * ($this->midline->parts[$i - 1] ?? 1.0);
            $area = (hypot($b[0] - $a[0], $b[1] - $a[1]) * $t) / self::PARTS;
            for ($k = 0; $k < self::PARTS; $k++) {
                $parts[] = [$a[$axis] + (($b[$axis] - $a[$axis]) * ($k + 0.5)) / self::PARTS, $area];
            }
        }
        usort($parts, fn (array $p, array $q): int => $p[0] <=> $q[0]);
        $sum = $half = 0.0;
        foreach ($parts as [$at, $area]) {
            $sum += $area;
            if ($sum >= $this->A / 2) {
                $half = $at;
                break;
            }
        }

        return array_sum(array_map(fn (array $p): float => abs($p[0] - $half) * $p[1], $parts));
    }

    /**
     * j = (∫ x (x² + z²) dA)/(2 I_z) − x_0, and likewise upright: Wagner's parameter over two, of bending about the
     * vertical and about the horizontal axis.
     *
     * @return array{float, float} mm
     */
    public function monosymmetry(): array
    {
        $sums = [0.0, 0.0];
        $t = $this->midline->t;
        for ($i = 1; $i < count($this->points); $i++) {
            [$a, $b] = [$this->points[$i - 1], $this->points[$i]];
            $area = (hypot($b[0] - $a[0], $b[1] - $a[1]) * $t * ($this->midline->parts[$i - 1] ?? 1.0)) / self::PARTS;
            for ($k = 0; $k < self::PARTS; $k++) {
                $p = ($k + 0.5) / self::PARTS;
                [$x, $z] = [$a[0] + ($b[0] - $a[0]) * $p, $a[1] + ($b[1] - $a[1]) * $p];
                $sums[0] += $x * ($x ** 2 + $z ** 2) * $area;
                $sums[1] += $z * ($x ** 2 + $z ** 2) * $area;
            }
        }

        return [$sums[0] / (2 * $this->Iz) - $this->shearCentre[0], $sums[1] / (2 * $this->Ix) - $this->shearCentre[1]];
    }

    /** @return array{float, float} second moments about the strong and the weak principal axis */
    public function principal(): array
    {
        $middle = ($this->Ix + $this->Iz) / 2;
        $radius = hypot(($this->Ix - $this->Iz) / 2, $this->Ixz);

        return [$middle + $radius, $middle - $radius];
    }

    /** Distance of the outermost fibre from the horizontal axis. */
    public function outermost(): float
    {
        return max(array_map(fn (array $p): float => abs($p[1]), $this->points)) + $this->midline->t / 2;
    }

    /** @return array{float, float} distances of the outermost fibres from the vertical axis, left and right */
    public function sides(): array
    {
        $x = array_column($this->points, 0);

        return [-min($x) + $this->midline->t / 2, max($x) + $this->midline->t / 2];
    }
}
