<?php

declare(strict_types=1);

namespace Waage\Sections;

/**
 * A doubly symmetric rolled I or H section with root fillets: its properties from its dimensions.
 *
 * Axes as EN 1993-1-1: y-y strong, z-z weak. Lengths in mm and powers of mm. The weight counts steel with
 * 7850 kg/m³ and g = 9.80665 m/s².
 */
final readonly class ISection
{
    private const STEEL_DENSITY = 7.85e-6; // kg/mm³

    private const GRAVITY = 9.80665;

    public float $A;

    public float $Iy;

    public float $Iz;

    public float $Wely;

    public float $Welz;

    public float $Wply;

    public float $Wplz;

    public float $It;

    public float $Iw;

    public float $iz;

    /** Shear area parallel to the web before the lower bound of 6.2.6(3) (which needs η). */
    public float $AvRolled;

    /** Clear web depth between the fillets. */
    public float $d;

    /** Clear web depth between the flanges. */
    public float $hw;

    /** Outstand of the flange from the fillet. */
    public float $c;

    public function __construct(
        public string $name,
        public string $family,
        public float $h,
        public float $b,
        public float $tw,
        public float $tf,
        public float $r,
    ) {
        $this->hw = $h - 2 * $tf;
        $this->d = $this->hw - 2 * $r;
        $this->c = ($b - $tw - 2 * $r) / 2;

        // One fillet: a square of side r less a quarter circle. Its centroid lies e from the corner sides.
        $fillet = (1 - M_PI / 4) * $r * $r;
        $e = $r * (10 - 3 * M_PI) / (12 - 3 * M_PI);
        $filletOwn = $r ** 4 * (1 / 3 - M_PI / 16 - 1 / (9 * (4 - M_PI)));
        $fy = $this->hw / 2 - $e;
        $fz = $tw / 2 + $e;

        $this->A = 2 * $b * $tf + $this->hw * $tw + 4 * $fillet;
        $this->Iy = ($b * $h ** 3 - ($b - $tw) * $this->hw ** 3) / 12 + 4 * ($filletOwn + $fillet * $fy ** 2);
        $this->Iz = (2 * $tf * $b ** 3 + $this->hw * $tw ** 3) / 12 + 4 * ($filletOwn + $fillet * $fz ** 2);
        $this->Wely = 2 * $this->Iy / $h;
        $this->Welz = 2 * $this->Iz / $b;
        $this->Wply = $b * $tf * ($h - $tf) + $tw * $this->hw ** 2 / 4 + 4 * $fillet * $fy;
        $this->Wplz = $b ** 2 * $tf / 2 + $this->hw * $tw ** 2 / 4 + 4 * $fillet * $fz;
        $this->iz = sqrt($this->Iz / $this->A);

        // Torsion constant with the junctions of web and flange: the usual published approximation for rolled sections.
        $D = (($r + $tw / 2) ** 2 + ($r + $tf) ** 2 - $r ** 2) / (2 * $r + $tf);
        $this->It = 2 / 3 * ($b - 0.63 * $tf) * $tf ** 3 + $this->hw * $tw ** 3 / 3 + 2 * ($tw / $tf) * (0.145 + 0.1 * $r / $tf) * $D ** 4;
        $this->Iw = $tf * $b ** 3 * ($h - $tf) ** 2 / 24;
        $this->AvRolled = $this->A - 2 * $b * $tf + ($tw + 2 * $r) * $tf;
    }

    /** Area that shears under a force along the web, mm²: the web between the middles of the flanges (common practice, on the safe side for deflection). */
    public function shearArea(): float
    {
        return ($this->h - $this->tf) * $this->tw;
    }

    /** Thickest element, mm: decides the strength. */
    public function thickest(): float
    {
        return max($this->tf, $this->tw);
    }

    /** Self-weight as a line load, N/mm. */
    public function weight(): float
    {
        return $this->A * self::STEEL_DENSITY * self::GRAVITY;
    }
}
