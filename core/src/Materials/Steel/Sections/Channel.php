<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Outline;

/**
 * A rolled channel with parallel or sloping flanges, or one welded of plates: its properties from its dimensions, by
 * its outline; shear centre and warping by the middle lines of its parts (V. Z. Vlasov, Thin-Walled Elastic Beams,
 * 1961); torsion constant of parallel flanges with the junctions (K. A. El Darwish and B. G. Johnston, J. Struct.
 * Div. ASCE, 1965).
 */
final readonly class Channel extends Flanged
{
    /** What the free end of a flange takes from the torsion constant, over the fourth power of its thickness. */
    private const END = 0.21;

    /** From the outer face of the web to the centroid, mm. */
    public float $ys;

    /** From the centroid to the shear centre, which lies behind the web, mm. */
    public float $ym;

    /** From the tips of the flanges to where their thickness is measured, mm. */
    public float $at;

    private float $perimeter;

    /**
     * @param  float  $toe  radius at the tips of the flanges
     * @param  float  $slope  of the inner faces of the flanges
     * @param  float|null  $at  from the tips of the flanges, where $tf is measured; null: in the middle of the outstand
     * @param  float|null  $It  as published, for sloping flanges, which the closed formula does not cover; mm⁴
     * @param  bool  $isAverage  shear centre and warping with the average thickness of the flanges
     */
    public function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        float $tw,
        float $tf,
        float $r,
        public float $toe = 0.0,
        public float $slope = 0.0,
        ?float $at = null,
        ?float $It = null,
        bool $isAverage = false,
        Finish $finish = Finish::Hot,
    ) {
        $out = $b - $tw;
        $this->at = $at ?? $out / 2;
        [$tip, $root] = [$tf - $slope * $this->at, $tf + $slope * ($out - $this->at)];
        $o = Outline::of([
            [0.0, 0.0, 0.0],
            [$b, 0.0, 0.0],
            [$b, $tip, $toe],
            [$tw, $root, $r],
            [$tw, $h - $root, $r],
            [$b, $h - $tip, $toe],
            [$b, $h, 0.0],
            [0.0, $h, 0.0],
        ]);
        $this->ys = $o->centroid[0];
        $this->perimeter = $o->perimeter();
        // Along the middle line of a flange, s from that of the web: t = t_0 − k s, its height ±(a_0 + k s) / 2.
        // American tables take the average thickness all along.
        $k = $isAverage ? 0.0 : $slope;
        [$s, $t0] = [$b - $tw / 2, $k === 0.0 ? $tf : $root + ($k * $tw) / 2];
        $a0 = $h - $t0;
        $m = array_map(fn (int $n): float => ($t0 * $s ** ($n + 1)) / ($n + 1) - ($k * $s ** ($n + 2)) / ($n + 2), [
            0,
            1,
            2,
        ]);
        $e = ($a0 / (2 * $o->Iy)) * ($a0 * $m[1] + $k * $m[2]);
        $this->ym = $this->ys + $e - $tw / 2;
        // Sectorial coordinate about the shear centre: (a_0 − e k) s / 2 − e a_0 / 2 on a flange, linear on the web.
        [$u, $v] = [($a0 - $e * $k) / 2, ($e * $a0) / 2];
        $Iw = 2 * ($u ** 2 * $m[2] - 2 * $u * $v * $m[1] + $v ** 2 * $m[0]) + ($tw * $a0 ** 3 * $e ** 2) / 12;
        $D = 2 * (3 * $r + $tw + $tf - sqrt(2 * (2 * $r + $tw) * (2 * $r + $tf)));
        $junction =
            -0.0908 +
            (0.2621 * $tw) / $tf +
            (0.1231 * $r) / $tf -
            (0.0752 * $tw * $r) / $tf ** 2 -
            0.0945 * ($tw / $tf) ** 2;
        parent::__construct(
            $name,
            $family,
            $h,
            $b,
            $h - $tf,
            new Properties(
                A: $o->area,
                Iy: $o->Iy,
                Iz: $o->Iz,
                Wply: $o->plasticAboutY(),
                Wplz: $o->plasticAboutZ(),
                It: $finish === Finish::Welded
                    ? (2 * $b * $tf ** 3 + ($h - 2 * $tf) * $tw ** 3) / 3
                    : $It ??
                        (2 / 3) * $b * $tf ** 3 +
                            (($h - 2 * $tf) * $tw ** 3) / 3 +
                            2 * $junction * $D ** 4 -
                            2 * self::END * $tf ** 4,
                Iw: $Iw,
                Wely: (2 * $o->Iy) / $h,
                Welz: $o->Iz / ($b - $o->centroid[0]),
            ),
            new FlangedSizes(
                tw: $tw,
                tf: $tf,
                r: $r,
                hw: $h - 2 * $tf,
                d: $h - 2 * ($root + $r),
                c: $out - $r,
            ),
            $finish,
        );
    }

    public function shearCentre(): float
    {
        return $this->ym;
    }

    /** Of the tips of the flanges, or of their roots, by the middle lines. */
    public function warpingModulus(): float
    {
        $e = $this->ym - $this->ys + $this->tw / 2;

        return (2 * $this->Iw) / ($this->hs * max($e, $this->b - $this->tw / 2 - $e));
    }

    /** The web between the middles of the flanges, mm². */
    public function shearArea(): float
    {
        return ($this->hw + $this->tf) * $this->tw;
    }

    public function surface(): float
    {
        return $this->perimeter;
    }

    public function thickest(): float
    {
        return max($this->tf, $this->tw);
    }

    public function drawing(bool $isStemUp): array
    {
        return [
            'shape' => 'channel',
            'tw' => $this->tw,
            'tf' => $this->tf,
            'r' => $this->r,
            'toe' => $this->toe,
            'slope' => $this->slope,
            'at' => $this->at,
            'ys' => $this->ys,
            'ym' => $this->ym,
        ];
    }
}
