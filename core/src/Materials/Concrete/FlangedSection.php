<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Material\Rectangle;
use Waage\Material\Rigidity;

/** A web with a flange as a solid section, for stiffness and drawing; `width`: of the flange that counts. mm. */
final readonly class FlangedSection
{
    public function __construct(
        private float $web,
        private float $h,
        private Flange $flange,
        private float $width,
    ) {
    }

    private function tee(float $width): Tee
    {
        return new Tee($this->h, $width, $this->web, $this->flange->thickness, $this->web);
    }

    public function rigidity(float $E, float $G): Rigidity
    {
        $tee = $this->tee($this->width);

        return new Rigidity(
            $E * $tee->inertia(),
            $E * $tee->area($this->h),
            ($G * $this->web * $this->h * 5) / 6,
            $E * $this->sideways($this->width),
            $G * $this->torsionConstant($this->width),
        );
    }

    /** About the upright axis, mm⁴. */
    private function sideways(float $width): float
    {
        [$hf, $hw] = [$this->flange->thickness, $this->h - $this->flange->thickness];
        $parts = ($hf * $width ** 3 + $hw * $this->web ** 3) / 12;
        $lies = $this->flange->sides() === 2 ? 0.0 : ($width - $this->web) / 2;
        [$Af, $Aw] = [$hf * $width, $hw * $this->web];

        return $parts + (($Af * $Aw) / ($Af + $Aw)) * $lies ** 2;
    }

    private function torsionConstant(float $width): float
    {
        $below = $this->h - $this->flange->thickness;

        return (new Rectangle($width, $this->flange->thickness))->torsionConstant()
            + (new Rectangle($this->web, $below))->torsionConstant();
    }

    /** @return array<string, mixed> as Rectangle::describe(), with the flange as wide as it is; z_s from its face */
    public function describe(): array
    {
        $tee = $this->tee($this->flange->width);
        [$z, $I] = [$tee->centroid(), $tee->inertia()];

        return [
            'shape' => 'flanged',
            'h' => $this->h,
            'b' => $this->flange->width,
            'tw' => $this->web,
            'tf' => $this->flange->thickness,
            'r' => 0.0,
            'A' => $tee->area($this->h),
            'Iy' => $I,
            'Iz' => $this->sideways($this->flange->width),
            'Wely' => $I / max($z, $this->h - $z),
            'Wply' => 0.0,
            'It' => $this->torsionConstant($this->flange->width),
            'Iw' => 0.0,
            'zs' => $z,
            'stemUp' => $this->flange->isBelow(),
            'sides' => $this->flange->sides(),
        ];
    }
}
