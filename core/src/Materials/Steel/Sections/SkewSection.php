<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * An angle, or a section built of strips, under vertical forces where it is laterally unrestrained: it bends about
 * both principal axes, so that the moment about the upright axis is zero. Its properties are those that a vertical
 * moment meets then:
 *
 *     w″ = −M I_z/(E D), v″ = M I_yz/(E D), σ = M (I_z z − I_yz y)/D, D = I_y I_z − I_yz²
 *
 * so that I_y stands for D/I_z, W_el,y for the least D/(I_z z − I_yz y) of its corners, and in lateral-torsional
 * buckling, where the moment turns with the section, I_z for D/I_y and β for ∫ σ/M (y² + z²) dA − 2 z_s: exact by
 * the theory of thin walls. W_el,z is that of a horizontal moment. Of its plastic moduli there are none. Source: V.
 * Z. Vlasov, Thin-Walled Elastic Beams (1961); for angles ANSI/AISC 360, C-F10.
 */
final readonly class SkewSection extends Section
{
    /** The corner with the greatest stress, from the centroid, mm. */
    public float $yc;

    public float $zc;

    /** S/t at the place where a vertical force shears the most, over D: τ = V q, mm⁻². */
    public float $shearing;

    private float $beta;

    private float $top;

    private float $bottom;

    /** From the centroid to the shear centre, upwards, mm. */
    private float $zM;

    /** @param  Stem  $stem  of an angle: what bending does to the toe of its upright leg */
    public function __construct(public Angle|StripSection $whole, public Stem $stem = Stem::Both)
    {
        [$Iy, $Iz, $Iyz] = [$whole->Iy, $whole->Iz, $whole->Iyz];
        $D = $Iy * $Iz - $Iyz ** 2;
        $f = [-$Iyz / $D, $Iz / $D];
        $strips = $whole instanceof Angle ? $whole->strips() : $whole;
        $most = $across = $zc = $yc = $top = $bottom = 0.0;
        foreach ($whole->corners() as [$y, $z]) {
            [$top, $bottom] = [max($top, $z), min($bottom, $z)];
            $across = max($across, abs($Iy * $y - $Iyz * $z) / $D);
            $stress = abs($f[0] * $y + $f[1] * $z);
            if ($stress > $most) {
                [$most, $yc, $zc] = [$stress, $y, $z];
            }
        }
        [$this->yc, $this->zc, $this->top, $this->bottom] = [$yc, $zc, $top, $bottom];
        $this->zM = $strips->zs + $strips->zM - ($whole instanceof Angle ? $whole->zs : $strips->zs);
        // Radii are left out.
        $thin = $strips->Iy * $strips->Iz - $strips->Iyz ** 2;
        $of = [-$strips->Iyz / $thin, $strips->Iz / $thin];
        $this->shearing = $strips->greatestShearing($of);
        $this->beta = $strips->wagner($of) - 2 * $strips->zM;
        parent::__construct(
            $whole->name,
            $whole->family,
            $whole->h,
            $whole->b,
            $whole->hs,
            new Properties(
                A: $whole->A,
                Iy: $D / $Iz,
                Iz: $D / $Iy,
                Wply: 1 / $most,
                Wplz: 0.0,
                It: $whole->It,
                Iw: $whole->Iw,
                Wely: 1 / $most,
                Welz: 1 / $across,
            ),
        );
    }

    public function shearCentreAbove(): float
    {
        return $this->zM;
    }

    public function shearLevel(): float
    {
        return $this->zM - ($this->top + $this->bottom) / 2;
    }

    public function monosymmetry(): float
    {
        return $this->beta;
    }

    public function faceAbove(int $side): float
    {
        return ($side > 0 ? $this->top : $this->bottom) - $this->zM;
    }

    public function torsionModulus(): float
    {
        return $this->whole->torsionModulus();
    }

    public function warpingModulus(): float
    {
        return $this->whole->warpingModulus();
    }

    public function shearArea(): float
    {
        return $this->whole->shearArea();
    }

    public function surface(): float
    {
        return $this->whole->surface();
    }

    public function thickest(): float
    {
        return $this->whole->thickest();
    }

    public function upright(): Angle|StripSection
    {
        return $this->whole;
    }

    public function drawing(bool $isStemUp): array
    {
        return $this->whole->drawing($isStemUp);
    }
}
