<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * An I section welded of plates with unequal flanges: its properties from its dimensions; shear centre, warping and the
 * monosymmetry parameter β by thin-walled theory (V. Z. Vlasov, 1961; N. S. Trahair, 1993).
 */
final readonly class UnequalI extends Section
{
    /** Clear web depth. */
    public float $hw;

    /** From the middle of the depth to the centroid, upwards. */
    public float $zs;

    /** From the middle between the flanges' middles to the shear centre, upwards. */
    private float $shear;

    /** (1/I_y) ∫ z (y² + z²) dA − 2 z_s, z upwards: negative where the top flange is the stronger one, mm. */
    private float $beta;

    /**
     * @param  float  $top  width of the top flange
     * @param  float  $bottom  width of the bottom flange
     * @param  float  $tt  thickness of the top flange
     * @param  float  $tb  thickness of the bottom flange
     * @param  int|null  $pressed  flange that bending compresses in a member: 1 the top one, −1 the bottom one;
     *     null: either, or not known
     */
    public function __construct(
        string $name,
        string $family,
        float $h,
        public float $top,
        public float $bottom,
        public float $tw,
        public float $tt,
        public float $tb,
        public ?int $pressed = null,
    ) {
        $hs = $h - ($tt + $tb) / 2;
        $this->hw = $h - $tt - $tb;
        $edges = [[-$h / 2, $tb - $h / 2, $bottom], [$tb - $h / 2, $h / 2 - $tt, $tw], [$h / 2 - $tt, $h / 2, $top]];
        $A = $S = 0.0;
        foreach ($edges as [$z0, $z1, $b]) {
            $A += $b * ($z1 - $z0);
            $S += ($b * ($z1 ** 2 - $z0 ** 2)) / 2;
        }
        $this->zs = $S / $A;
        $Iy = $wagner = 0.0;
        foreach ($edges as [$low, $high, $b]) {
            [$z0, $z1] = [$low - $this->zs, $high - $this->zs];
            $Iy += ($b * ($z1 ** 3 - $z0 ** 3)) / 3;
            $wagner += ($b * ($z1 ** 4 - $z0 ** 4)) / 4 + (($b ** 3 / 12) * ($z1 ** 2 - $z0 ** 2)) / 2;
        }
        [$I1, $I2] = [($tt * $top ** 3) / 12, ($tb * $bottom ** 3) / 12];
        $Iz = $I1 + $I2 + ($this->hw * $tw ** 3) / 12;
        $this->shear = $hs * ($I1 / ($I1 + $I2) - 0.5);
        $this->beta = $wagner / $Iy - 2 * $this->shearCentreAbove();
        [$above, $below] = [$h / 2 - $this->zs, $h / 2 + $this->zs];
        parent::__construct(
            $name,
            $family,
            $h,
            max($top, $bottom),
            $hs,
            new Properties(
                A: $A,
                Iy: $Iy,
                Iz: $Iz,
                Wply: self::plastic($edges, $A),
                Wplz: ($tt * $top ** 2) / 4 + ($tb * $bottom ** 2) / 4 + ($this->hw * $tw ** 2) / 4,
                It: ($top * $tt ** 3 + $bottom * $tb ** 3 + $this->hw * $tw ** 3) / 3,
                Iw: ($hs ** 2 * $I1 * $I2) / ($I1 + $I2),
                Wely: $Iy / max($above, $below),
                Welz: (2 * $Iz) / max($top, $bottom),
            ),
        );
    }

    /** The same section as it is in a member. */
    public function pressedAt(?int $side): self
    {
        return $side === $this->pressed
            ? $this
            : new self(
                $this->name,
                $this->family,
                $this->h,
                $this->top,
                $this->bottom,
                $this->tw,
                $this->tt,
                $this->tb,
                $side,
            );
    }

    public function shearCentreAbove(): float
    {
        // The middle between the flanges' middles lies (t_b − t_t)/4 above that of the depth.
        return ($this->tb - $this->tt) / 4 + $this->shear - $this->zs;
    }

    public function shearLevel(): float
    {
        return $this->shear;
    }

    public function monosymmetry(): float
    {
        return $this->beta;
    }

    /** Height of its upper or lower face above the shear centre, mm. */
    public function faceAbove(int $side): float
    {
        return ($side * $this->h) / 2 - ($this->tb - $this->tt) / 4 - $this->shear;
    }

    /**
     * A section with two flanges like the upper (1) or the lower one (−1) and the same web: what a force on that
     * flange meets.
     */
    public function seenFrom(int $side): ISection
    {
        [$b, $t] = $side > 0 ? [$this->top, $this->tt] : [$this->bottom, $this->tb];

        return new ISection(
            $this->name,
            $this->family,
            $this->hw + 2 * $t,
            $b,
            $this->tw,
            $t,
            0.0,
            finish: Finish::Welded,
        );
    }

    public function warpingModulus(): float
    {
        return $this->Iw /
            max(
                ($this->top / 2) * ($this->hs / 2 - $this->shear),
                ($this->bottom / 2) * ($this->hs / 2 + $this->shear),
            );
    }

    public function shearArea(): float
    {
        return $this->hs * $this->tw;
    }

    /**
     * Area that shears under a force along the width, mm²: a flange takes the part of the force that it has of I_z,
     * and the wider one the most for its area.
     */
    public function sidewaysShearArea(): float
    {
        $I = $this->top ** 3 * $this->tt + $this->bottom ** 3 * $this->tb;

        return min($I / $this->top ** 2, $I / $this->bottom ** 2);
    }

    public function surface(): float
    {
        return 2 * ($this->top + $this->bottom + $this->h - $this->tw);
    }

    public function thickest(): float
    {
        return max($this->tt, $this->tb, $this->tw);
    }

    /** @param  list<array{float, float, float}>  $edges  from, to, width, upwards */
    private static function plastic(array $edges, float $A): float
    {
        // The axis that halves the area, then |z| dA about it.
        $below = 0.0;
        $axis = 0.0;
        foreach ($edges as [$z0, $z1, $b]) {
            $part = $b * ($z1 - $z0);
            if ($below <= $A / 2) {
                $axis = $z0 + min(1.0, ($A / 2 - $below) / $part) * ($z1 - $z0);
            }
            $below += $part;
        }
        $W = 0.0;
        foreach ($edges as [$z0, $z1, $b]) {
            [$from, $to] = [$z0 - $axis, $z1 - $axis];
            $W += ($b / 2) * ($to * abs($to) - $from * abs($from));
        }

        return $W;
    }

    public function hasTwoFlanges(): bool
    {
        return true;
    }

    public function drawing(bool $isStemUp): array
    {
        return [
            'shape' => 'unequal',
            'tw' => $this->tw,
            'tf' => $this->tt,
            'r' => 0.0,
            'top' => $this->top,
            'bottom' => $this->bottom,
            'tf2' => $this->tb,
            'zs' => $this->h / 2 + $this->zs,
        ];
    }

    public function laid(bool $isStemUp, \Closure $pressed): self
    {
        return $this->pressedAt($pressed());
    }
}
