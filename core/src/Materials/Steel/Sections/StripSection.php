<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Outline;
use Waage\ThinWalled\Strip;
use Waage\ThinWalled\StripTree;

/**
 * An open section built of strips: its properties by the theory of thin walls (EN 1993-1-3:2006, Annex C; V. Z.
 * Vlasov, 1961), with the thickness of the strips counted about their own axes; plastic moduli of the strips as
 * rectangles.
 */
final readonly class StripSection extends Section
{
    public StripTree $tree;

    /** Centroid, from the origin of the points, mm. */
    public float $ys;

    public float $zs;

    /** Product of inertia ∫ y z dA, mm⁴. */
    public float $Iyz;

    /** Second moments about the principal axes, mm⁴, and how the strong one leans from y towards z, rad. */
    public float $Iu;

    public float $Iv;

    public float $lean;

    /**
     * From the centroid to the shear centre, to the right and upwards, and along the strong and the weak principal
     * axis, mm.
     */
    public float $yM;

    public float $zM;

    public float $u0;

    public float $v0;

    /** Greatest sectorial coordinate about the shear centre, mm². */
    public float $warps;

    /** Of the farther edge, upwards and downwards: least and greatest place from the centroid, mm. */
    public float $top;

    public float $bottom;

    /** S/t at the place where a vertical force shears the most, mm²: τ = V (S/t) / I_y where it bends about y only. */
    public float $shearing;

    /**
     * @param  non-empty-list<Strip>  $strips
     * @param  string  $written  as the engineer gives them
     *
     * @throws \DomainException in the engineer's words, when they are not one open section
     */
    public function __construct(array $strips, public string $written = '')
    {
        $this->tree = new StripTree($strips);
        $A = $Sy = $Sz = $It = $surface = 0.0;
        foreach ($this->tree->strips as $s) {
            $A += $s->area();
            $Sz += ($s->area() * ($s->y1 + $s->y2)) / 2;
            $Sy += ($s->area() * ($s->z1 + $s->z2)) / 2;
            $It += ($s->length * $s->t ** 3) / 3;
        }
        [$this->ys, $this->zs] = [$Sz / $A, $Sy / $A];
        $Iy = $Iz = $Iyz = 0.0;
        foreach ($this->tree->strips as $s) {
            [$y, $z] = $this->about($s);
            [$c, $n] = [($s->y2 - $s->y1) / $s->length, ($s->z2 - $s->z1) / $s->length];
            $own = ($s->area() * $s->t ** 2) / 12;
            $Iy += $s->integral($z, $z) + $own * $c ** 2;
            $Iz += $s->integral($y, $y) + $own * $n ** 2;
            $Iyz += $s->integral($y, $z) - $own * $c * $n;
        }
        $this->Iyz = $Iyz;
        $axes = new PrincipalAxes($Iy, $Iz, $Iyz);
        [$this->Iu, $this->Iv, $this->lean] = [$axes->Iu, $axes->Iv, $axes->lean];
        [$this->yM, $this->zM, $Iw, $this->warps] = $this->warping();
        [$this->u0, $this->v0] = $axes->turned($this->yM, $this->zM);
        [$left, $right, $low, $high] = [INF, -INF, INF, -INF];
        foreach ($this->tree->strips as $s) {
            foreach ($s->corners() as [$y, $z]) {
                [$left, $right, $low, $high] = [min($left, $y), max($right, $y), min($low, $z), max($high, $z)];
            }
        }
        [$this->top, $this->bottom] = [$high - $this->zs, $low - $this->zs];
        $this->shearing = $this->greatestShearing([0.0, 1.0]);
        $outlines = array_map(
            fn (Strip $s): Outline => Outline::of(
                array_map(fn (array $p): array => [$p[0], $p[1], 0.0], $s->corners()),
            ),
            $this->solid(),
        );
        parent::__construct(
            sprintf('strip section %s×%s', round($high - $low, 1), round($right - $left, 1)),
            'strips',
            $high - $low,
            $right - $left,
            $high - $low,
            new Properties(
                A: $A,
                Iy: $Iy,
                Iz: $Iz,
                Wply: Outline::plasticOfAll(array_map(fn (Outline $o): Outline => $o->turned(), $outlines)),
                Wplz: Outline::plasticOfAll($outlines),
                It: $It,
                Iw: $Iw,
                Wely: $Iy / max($this->top, -$this->bottom),
                Welz: $Iz / max($right - $this->ys, $this->ys - $left),
            ),
        );
    }

    /** Strips that stand on the average, mm². */
    public function shearArea(): float
    {
        return array_sum(array_map(fn (Strip $s): float => $s->t * abs($s->z2 - $s->z1), $this->tree->strips));
    }

    /** Where a bimoment fades over less than the depth, as in an angle, St Venant torsion is all there is. */
    public function warpingModulus(): float
    {
        return 2.6 * $this->Iw < $this->It * $this->h ** 2 ? 0.0 : $this->Iw / $this->warps;
    }

    public function surface(): float
    {
        return 2 * array_sum(array_map(fn (Strip $s): float => $s->length, $this->tree->strips));
    }

    public function thickest(): float
    {
        return max(array_map(fn (Strip $s): float => $s->t, $this->tree->strips));
    }

    /** @return non-empty-list<Strip> without the links */
    public function solid(): array
    {
        $solid = array_values(array_filter($this->tree->strips, fn (Strip $s): bool => $s->t > 0.0));

        return $solid === [] ? $this->tree->strips : $solid;
    }

    /** Is an end of a strip free? */
    public function isOutstand(int $strip): bool
    {
        [$a, $b] = $this->tree->ends[$strip];

        return min($this->tree->meeting($a), $this->tree->meeting($b)) === 1;
    }

    /** @return array{array{float, float}, array{float, float}} y and z at the ends of a strip, from the centroid */
    private function about(Strip $s): array
    {
        return [[$s->y1 - $this->ys, $s->y2 - $this->ys], [$s->z1 - $this->zs, $s->z2 - $this->zs]];
    }

    /**
     * @return array{float, float, float, float} shear centre from the centroid (mm), I_w (mm⁶), greatest sectorial
     * coordinate (mm²)
     */
    private function warping(): array
    {
        $omega = [0 => 0.0];
        $A = $mean = 0.0;
        foreach ($this->tree->strips as $i => $s) {
            [$y, $z] = $this->about($s);
            [$a, $b] = $this->tree->ends[$i];
            $omega[$b] = $omega[$a] + $y[0] * $z[1] - $y[1] * $z[0];
            $A += $s->area();
            $mean += ($s->area() * ($omega[$a] + $omega[$b])) / 2;
        }
        $mean /= $A;
        $Iy = $Iz = $Iyz = $Iyw = $Izw = $Iww = 0.0;
        foreach ($this->tree->strips as $i => $s) {
            [$y, $z] = $this->about($s);
            [$a, $b] = $this->tree->ends[$i];
            $w = [$omega[$a] - $mean, $omega[$b] - $mean];
            $Iy += $s->integral($z, $z);
            $Iz += $s->integral($y, $y);
            $Iyz += $s->integral($y, $z);
            $Iyw += $s->integral($y, $w);
            $Izw += $s->integral($z, $w);
            $Iww += $s->integral($w, $w);
        }
        $det = $Iy * $Iz - $Iyz ** 2;
        if ($det <= 1e-9 * $Iy * $Iz) {
            // A single line: its shear centre is its centroid.
            return [0.0, 0.0, 0.0, 0.0];
        }
        [$yM, $zM] = [($Izw * $Iz - $Iyw * $Iyz) / $det, ($Izw * $Iyz - $Iyw * $Iy) / $det];

        // About the shear centre, and so that it is zero on the average.
        $most = 0.0;
        foreach ($this->tree->strips as $i => $s) {
            [$y, $z] = $this->about($s);
            foreach ($this->tree->ends[$i] as $k => $end) {
                $most = max($most, abs($omega[$end] - $mean + $zM * $y[$k] - $yM * $z[$k]));
            }
        }

        return [$yM, $zM, max(0.0, $Iww + $zM * $Iyw - $yM * $Izw), $most];
    }

    /**
     * Greatest S/t, S the integral of a stress from the free ends inwards, with its peaks where a strip crosses the
     * line without stress.
     *
     * @param  array{float, float}  $f  the stress is f_0 y + f_1 z from the centroid
     */
    public function greatestShearing(array $f): float
    {
        $beyond = array_fill(0, count($this->tree->points), 0.0);
        $most = 0.0;
        for ($i = count($this->tree->strips) - 1; $i >= 0; $i--) {
            $s = $this->tree->strips[$i];
            [$f1, $f2] = $this->stresses($s, $f);
            [$a, $b] = $this->tree->ends[$i];
            $at = fn (float $part): float => $beyond[$b] + $s->area() * $part * ($f2 + ($part / 2) * ($f1 - $f2));
            $places = [0.0, 1.0, ...$f1 * $f2 < 0.0 ? [$f2 / ($f2 - $f1)] : []];
            foreach ($s->t > 0.0 ? $places : [] as $part) {
                $most = max($most, abs($at($part)) / $s->t);
            }
            $beyond[$a] += $at(1.0);
        }

        return $most;
    }

    /**
     * ∫ (f_0 y + f_1 z) (y² + z²) dA from the centroid: what a stress does to the stiffness against twisting, along
     * the middle lines.
     *
     * @param  array{float, float}  $f
     */
    public function wagner(array $f): float
    {
        $sum = 0.0;
        foreach ($this->tree->strips as $s) {
            [[$y1, $y2], [$z1, $z2]] = $this->about($s);
            [$f1, $f2] = $this->stresses($s, $f);
            // Simpson's rule is exact: all three run straight.
            [$y, $z] = [($y1 + $y2) / 2, ($z1 + $z2) / 2];
            $sum +=
                ($s->area() / 6) *
                ($f1 * ($y1 ** 2 + $z1 ** 2) + 2 * ($f1 + $f2) * ($y ** 2 + $z ** 2) + $f2 * ($y2 ** 2 + $z2 ** 2));
        }

        return $sum;
    }

    /** @return list<array{float, float}> corners of the strips from the centroid */
    public function corners(): array
    {
        return array_map(
            fn (array $p): array => [$p[0] - $this->ys, $p[1] - $this->zs],
            array_merge(...array_map(fn (Strip $s): array => $s->corners(), $this->solid())),
        );
    }

    /**
     * @param  array{float, float}  $f
     * @return array{float, float} at the ends of a strip
     */
    private function stresses(Strip $s, array $f): array
    {
        [$y, $z] = $this->about($s);

        return [$f[0] * $y[0] + $f[1] * $z[0], $f[0] * $y[1] + $f[1] * $z[1]];
    }

    public function bendsAskew(): bool
    {
        return true;
    }

    public function caption(): string
    {
        return ". Strips, thickness: points y,z of the middle line in mm. {$this->written}";
    }

    /** With its outline from its upper left corner. */
    public function drawing(bool $isStemUp): array
    {
        $strips = array_map(fn (Strip $strip): array => $strip->corners(), $this->solid());
        $left = min(array_map(fn (array $corners): float => min(array_column($corners, 0)), $strips));

        return [
            'shape' => 'strips',
            'tw' => 0.0,
            'tf' => 0.0,
            'r' => 0.0,
            'strips' => array_map(
                fn (array $corners): array => array_map(
                    fn (array $p): array => [$p[0] - $left, $this->top + $this->zs - $p[1]],
                    $corners,
                ),
                $strips,
            ),
            'ys' => $this->ys - $left,
            'zs' => -$this->bottom,
            'ym' => $this->yM,
            'zm' => $this->zM,
            'Iyz' => $this->Iyz,
            'Iu' => $this->Iu,
            'Iv' => $this->Iv,
            'lean' => $this->lean,
            'Wplz' => $this->Wplz,
            'Welz' => $this->Welz,
        ];
    }

    public function askew(?\Closure $pressed = null): SkewSection
    {
        return new SkewSection($this);
    }
}
