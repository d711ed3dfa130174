<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Outline;

/**
 * A tee cut from the middle of a rolled I section, or welded of two plates: its properties from its dimensions, by
 * its outline; the shear centre where the middles of flange and stem meet, I_w of both after F. Bleich (Buckling
 * Strength of Metal Structures, 1952), I_t half of that of the I section or that of the plates, β by thin-walled
 * theory, without fillets.
 */
final readonly class Tee extends Section
{
    /** From the outer face of the flange to the centroid, mm. */
    public float $zs;

    /** Modulus of the outer face of the flange, mm³; that of the tip of the stem is W_el,y. */
    public float $ofFlange;

    /** From the outer face of the flange to the axis that halves the area, mm. */
    public float $plasticAxis;

    /** Clear length of the stem from the fillet, mm. */
    public float $c;

    /** Outstand of the flange from the fillet, mm. */
    public float $cf;

    private float $perimeter;

    /** (1/I_y) ∫ z (y² + z²) dA − 2 z_s, z from the flange to the tip, mm. */
    private float $beta;

    /**
     * @param  float  $h  depth of the tee
     * @param  bool  $isStemUp  the flange below
     */
    public function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        public float $tw,
        public float $tf,
        public float $r,
        public bool $isStemUp = false,
        public Stem $stem = Stem::Both,
        public Finish $finish = Finish::Hot,
    ) {
        $o = Outline::of([
            [-$b / 2, 0.0, 0.0],
            [$b / 2, 0.0, 0.0],
            [$b / 2, $tf, 0.0],
            [$tw / 2, $tf, $r],
            [$tw / 2, $h, 0.0],
            [-$tw / 2, $h, 0.0],
            [-$tw / 2, $tf, $r],
            [-$b / 2, $tf, 0.0],
        ]);
        $this->zs = $o->centroid[1];
        $this->perimeter = $o->perimeter();
        $this->plasticAxis = $o->halfAlongZ();
        $this->ofFlange = $o->Iy / $this->zs;
        $this->c = $h - $tf - $r;
        $this->cf = ($b - $tw) / 2 - $r;
        $this->beta = self::wagner($h, $b, $tw, $tf);
        $hs = $h - $tf / 2;
        $whole = $family === 'WT' ? 'W' : str_replace('½ ', '', $family);
        parent::__construct(
            $name,
            $family,
            $h,
            $b,
            $hs,
            new Properties(
                A: $o->area,
                Iy: $o->Iy,
                Iz: $o->Iz,
                Wply: $o->plasticAboutY(),
                Wplz: $o->plasticAboutZ(),
                It: $finish === Finish::Welded
                    ? ($b * $tf ** 3 + ($h - $tf) * $tw ** 3) / 3
                    : (new ISection($name, $whole, 2 * $h, $b, $tw, $tf, $r))->It / 2,
                Iw: (($b ** 3 * $tf ** 3) / 4 + $hs ** 3 * $tw ** 3) / 36,
                Wely: $o->Iy / ($h - $this->zs),
                Welz: (2 * $o->Iz) / $b,
            ),
        );
    }

    /** The same section as it is in a member. */
    public function in(bool $isStemUp, Stem $stem): self
    {
        return $isStemUp === $this->isStemUp && $stem === $this->stem
            ? $this
            : new self(
                $this->name,
                $this->family,
                $this->h,
                $this->b,
                $this->tw,
                $this->tf,
                $this->r,
                $isStemUp,
                $stem,
                $this->finish,
            );
    }

    public function shearCentreAbove(): float
    {
        return ($this->isStemUp ? -1 : 1) * ($this->zs - $this->tf / 2);
    }

    /** The middle of the flange, from the middle between it and the tip. */
    public function shearLevel(): float
    {
        return (($this->isStemUp ? -1 : 1) * $this->hs) / 2;
    }

    public function monosymmetry(): float
    {
        return $this->isStemUp ? $this->beta : -$this->beta;
    }

    public function faceAbove(int $side): float
    {
        $isFlange = $side > 0 !== $this->isStemUp;

        return $side * ($isFlange ? $this->tf / 2 : $this->hs);
    }

    /** The stem from the middle of the flange, mm². */
    public function shearArea(): float
    {
        return $this->hs * $this->tw;
    }

    public function surface(): float
    {
        return $this->perimeter;
    }

    public function thickest(): float
    {
        return max($this->tf, $this->tw);
    }

    private static function wagner(float $h, float $b, float $tw, float $tf): float
    {
        $edges = [[0.0, $tf, $b], [$tf, $h, $tw]];
        $A = $S = $Iy = $sum = 0.0;
        foreach ($edges as [$z0, $z1, $w]) {
            $A += $w * ($z1 - $z0);
            $S += ($w * ($z1 ** 2 - $z0 ** 2)) / 2;
        }
        $zs = $S / $A;
        foreach ($edges as [$low, $high, $w]) {
            [$z0, $z1] = [$low - $zs, $high - $zs];
            $Iy += ($w * ($z1 ** 3 - $z0 ** 3)) / 3;
            $sum += ($w * ($z1 ** 4 - $z0 ** 4)) / 4 + (($w ** 3 / 12) * ($z1 ** 2 - $z0 ** 2)) / 2;
        }

        return $sum / $Iy - 2 * ($tf / 2 - $zs);
    }

    public function title(bool $isStemUp): string
    {
        return "{$this->name}, stem ".($isStemUp ? 'upwards' : 'downwards');
    }

    public function drawing(bool $isStemUp): array
    {
        return [
            'shape' => 'tee',
            'tw' => $this->tw,
            'tf' => $this->tf,
            'r' => $this->r,
            'zs' => $this->zs,
            'stemUp' => $isStemUp,
        ];
    }

    public function laid(bool $isStemUp, \Closure $pressed): self
    {
        return $this->in($isStemUp, Stem::of($isStemUp ? 1 : -1, $pressed()));
    }
}
