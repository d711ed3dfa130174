<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

use Waage\ThinWalled\Outline;
use Waage\ThinWalled\Strip;

/**
 * An angle with one leg upright and the other flat at its lower end, its properties about the axis along the flat
 * leg (y-y) and that along the upright one, for members that are held so that they bend about these; and about its
 * principal axes.
 */
final readonly class Angle extends Section
{
    /** From the outer faces of the upright and of the flat leg to the centroid, mm. */
    public float $ys;

    public float $zs;

    /** Product of inertia ∫ y z dA, mm⁴: less than 0. */
    public float $Iyz;

    /**
     * Second moments about the principal axes, the strong and the weak one, mm⁴, and how the strong one leans from y
     * towards z, rad.
     */
    public float $Iu;

    public float $Iv;

    public float $lean;

    /**
     * From the centroid to the shear centre, where the middles of the legs meet, along the strong and the weak
     * principal axis, mm.
     */
    public float $u0;

    public float $v0;

    private float $perimeter;

    /**
     * @param  float  $h  upright leg
     * @param  float  $b  flat leg
     * @param  float  $r  radius between the legs
     * @param  float  $toe  radius at their ends
     */
    public function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        public float $t,
        public float $r,
        public float $toe,
    ) {
        $o = Outline::of([
            [0.0, 0.0, 0.0],
            [$b, 0.0, 0.0],
            [$b, $t, $toe],
            [$t, $t, $r],
            [$t, $h, $toe],
            [0.0, $h, 0.0],
        ]);
        [$this->ys, $this->zs] = [$ys, $zs] = $o->centroid;
        $this->Iyz = $o->Iyz;
        $this->perimeter = $o->perimeter();
        $axes = new PrincipalAxes($o->Iy, $o->Iz, $o->Iyz);
        [$this->Iu, $this->Iv, $this->lean] = [$axes->Iu, $axes->Iv, $axes->lean];
        [$this->u0, $this->v0] = $axes->turned($this->t / 2 - $ys, $this->t / 2 - $zs);
        parent::__construct(
            $name,
            $family,
            $h,
            $b,
            $h - $t,
            new Properties(
                A: $o->area,
                Iy: $o->Iy,
                Iz: $o->Iz,
                Wply: $o->plasticAboutY(),
                Wplz: $o->plasticAboutZ(),
                It: (($h + $b - $t) * $t ** 3) / 3,
                Iw: 0.0,
                Wely: $o->Iy / max($zs, $h - $zs),
                Welz: $o->Iz / max($ys, $b - $ys),
            ),
        );
    }

    /** The middle lines of its legs, without radii. */
    public function strips(): StripSection
    {
        $m = $this->t / 2;

        return new StripSection([new Strip($this->b, $m, $m, $m, $this->t), new Strip($m, $m, $m, $this->h, $this->t)]);
    }

    /** @return list<array{float, float}> from the centroid */
    public function corners(): array
    {
        return array_map(fn (array $p): array => [$p[0] - $this->ys, $p[1] - $this->zs], [
            [0.0, 0.0],
            [$this->b, 0.0],
            [$this->b, $this->t],
            [0.0, $this->h],
            [$this->t, $this->h],
        ]);
    }

    /** The upright leg, mm². */
    public function shearArea(): float
    {
        return ($this->h - $this->t / 2) * $this->t;
    }

    public function surface(): float
    {
        return $this->perimeter;
    }

    public function thickest(): float
    {
        return $this->t;
    }

    public function bendsAskew(): bool
    {
        return true;
    }

    public function drawing(bool $isStemUp): array
    {
        return [
            'shape' => 'angle',
            'tw' => $this->t,
            'tf' => $this->t,
            'r' => $this->r,
            'toe' => $this->toe,
            'zs' => $this->zs,
            'Iu' => $this->Iu,
            'Iv' => $this->Iv,
        ];
    }

    public function needsEnds(): bool
    {
        return true;
    }

    public function askew(?\Closure $pressed = null): SkewSection
    {
        return new SkewSection($this, $pressed === null ? Stem::Both : Stem::of(1, $pressed()));
    }
}
