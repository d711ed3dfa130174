<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A cross-section of steel that is symmetric about its strong axis at least, and the properties that every member
 * needs.
 *
 * Axes as EN 1993-1-1: y-y strong, z-z weak. Lengths in mm and powers of mm. The weight counts steel with
 * 7850 kg/m³ and g = 9.80665 m/s².
 */
abstract readonly class Section
{
    private const STEEL_DENSITY = 7.85e-6; // kg/mm³

    private const GRAVITY = 9.80665;

    public float $A;

    public float $Iy;

    public float $Iz;

    public float $Wply;

    public float $Wplz;

    public float $It;

    public float $Iw;

    public float $Wely;

    public float $Welz;

    public float $iz;

    /**
     * @param  float  $h  depth over all
     * @param  float  $b  width over all
     * @param  float  $hs  distance between the centroids of the flanges
     */
    protected function __construct(
        public string $name,
        public string $family,
        public float $h,
        public float $b,
        public float $hs,
        Properties $of,
    ) {
        [$this->A, $this->Iy, $this->Iz] = [$of->A, $of->Iy, $of->Iz];
        [$this->Wply, $this->Wplz, $this->Wely, $this->Welz] = [$of->Wply, $of->Wplz, $of->Wely, $of->Welz];
        [$this->It, $this->Iw] = [$of->It, $of->Iw];
        $this->iz = sqrt($of->Iz / $of->A);
    }

    /** Area that shears under a force along the depth, mm². */
    abstract public function shearArea(): float;

    /** Surface per length, mm: for coating. */
    abstract public function surface(): float;

    /** Thickest element, mm: decides the strength. */
    abstract public function thickest(): float;

    /** From the centroid to the shear centre along y-y, mm; 0 with two axes of symmetry. */
    public function shearCentre(): float
    {
        return 0.0;
    }

    /** From the centroid to the shear centre, upwards, mm; 0 with two flanges alike. */
    public function shearCentreAbove(): float
    {
        return 0.0;
    }

    /** From the middle between the flanges to the shear centre, upwards, mm; 0 with two flanges alike. */
    public function shearLevel(): float
    {
        return 0.0;
    }

    /**
     * β = (1/I_y) ∫ z (y² + z²) dA − 2 z_s, z upwards, mm: what a moment adds to the stiffness against twisting; 0
     * with two flanges alike.
     */
    public function monosymmetry(): float
    {
        return 0.0;
    }

    /** Height of the upper (1) or lower face (−1) above the shear centre, mm. */
    public function faceAbove(int $side): float
    {
        return ($side * $this->h) / 2;
    }

    /**
     * Torque over the greatest shear stress of St Venant torsion, mm³: of an open section that of its thickest part.
     */
    public function torsionModulus(): float
    {
        return $this->It / $this->thickest();
    }

    /**
     * Bimoment over the greatest stress, I_w over the greatest sectorial coordinate, mm⁴; 0 where warping is of no
     * account.
     */
    public function warpingModulus(): float
    {
        return 0.0;
    }

    /** Does its shear centre lie in its centroid? */
    public function hasTwoAxes(): bool
    {
        return $this->shearCentre() === 0.0 && $this->shearCentreAbove() === 0.0;
    }

    /**
     * Elastic critical force of bending about z-z (L. Euler), N.
     *
     * @param  float  $E  MPa
     * @param  float  $L  buckling length, mm; 0: continuously restrained, and so INF
     */
    public function flexuralForce(float $E, float $L): float
    {
        return $L > 0.0 ? (M_PI ** 2 * $E * $this->Iz) / $L ** 2 : INF;
    }

    /**
     * Elastic critical force of twisting about the shear centre, N.
     *
     * @param  float  $E  MPa
     * @param  float  $G  MPa
     * @param  float  $L  between restraints against twisting, mm; 0: continuously restrained, and so INF
     */
    public function torsionalForce(float $E, float $G, float $L): float
    {
        $I0 = $this->Iy + $this->Iz + $this->A * ($this->shearCentre() ** 2 + $this->shearCentreAbove() ** 2);

        return $L > 0.0 ? (($G * $this->It + (M_PI ** 2 * $E * $this->Iw) / $L ** 2) * $this->A) / $I0 : INF;
    }

    /** Mass per length, kg/mm. */
    public function mass(): float
    {
        return $this->A * self::STEEL_DENSITY;
    }

    /** Self-weight as a line load, N/mm. */
    public function weight(): float
    {
        return $this->mass() * self::GRAVITY;
    }

    /** Does it bend alike about any axis, and so never buckles in lateral torsion? */
    public function bendsAlike(): bool
    {
        return false;
    }

    /** Is it hollow? */
    public function isClosed(): bool
    {
        return false;
    }

    /** Is it hollow, and not built of plates? */
    public function isRolledHollow(): bool
    {
        return false;
    }

    /** Has it a web between two flanges, each of which bends sideways for itself? */
    public function hasTwoFlanges(): bool
    {
        return false;
    }

    /** Do vertical forces bend it sideways as well, unless it is restrained all along? */
    public function bendsAskew(): bool
    {
        return false;
    }

    /** Is it asked for what connects its ends, where it is pressed or pulled? */
    public function needsEnds(): bool
    {
        return false;
    }

    /**
     * As it lies in a member, and as bending strains it.
     *
     * @param  \Closure(): ?int  $pressed  the side that is compressed: 1 the upper one, −1 the lower one; null: either
     */
    public function laid(bool $isStemUp, \Closure $pressed): self
    {
        return $this;
    }

    /**
     * As it bends where it is not restrained all along.
     *
     * @param  (\Closure(): ?int)|null  $pressed  as above; null: that does not matter
     */
    public function askew(?\Closure $pressed = null): self
    {
        return $this;
    }

    /** As it is without what bends it askew. */
    public function upright(): self
    {
        return $this;
    }

    /** What a flange is pressed on: the upper one (1) or the lower one (−1), where they differ. */
    public function seenFrom(int $side): self
    {
        return $this;
    }

    /** What a sheet says of it beside its name; nothing, where that tells all. */
    public function caption(): string
    {
        return '';
    }

    /** Its name with how it lies, where that has to be said. */
    public function title(bool $isStemUp): string
    {
        return $this->name;
    }

    /**
     * As it is drawn.
     *
     * @return array{shape: string, tw: float, tf: float, r: float} with what only its kind has
     */
    abstract public function drawing(bool $isStemUp): array;
}
