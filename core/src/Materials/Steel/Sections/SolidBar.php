<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A flat on edge, or a round bar: solid, rolled. Torsion of a flat after S. P. Timoshenko, J. N. Goodier, Theory of
 * Elasticity: the usual approximation of the constant, the first term of the stress.
 */
final readonly class SolidBar extends Section
{
    private function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        public bool $isRound,
        Properties $of,
    ) {
        parent::__construct($name, $family, $h, $b, $h, $of);
    }

    /**
     * @param  float  $h  depth
     * @param  float  $b  thickness, not more than the depth
     */
    public static function flat(string $name, float $h, float $b): self
    {
        return new self(
            $name,
            'flat',
            $h,
            $b,
            false,
            new Properties(
                A: $h * $b,
                Iy: ($b * $h ** 3) / 12,
                Iz: ($h * $b ** 3) / 12,
                Wply: ($b * $h ** 2) / 4,
                Wplz: ($h * $b ** 2) / 4,
                It: $h * $b ** 3 * (1 / 3 - ((0.21 * $b) / $h) * (1 - $b ** 4 / (12 * $h ** 4))),
                Iw: ($h * $b) ** 3 / 144,
                Wely: ($b * $h ** 2) / 6,
                Welz: ($h * $b ** 2) / 6,
            ),
        );
    }

    public static function round(string $name, float $d): self
    {
        $I = (M_PI * $d ** 4) / 64;

        return new self(
            $name,
            'round',
            $d,
            $d,
            true,
            new Properties(
                A: (M_PI * $d ** 2) / 4,
                Iy: $I,
                Iz: $I,
                Wply: $d ** 3 / 6,
                Wplz: $d ** 3 / 6,
                It: 2 * $I,
                Iw: 0.0,
                Wely: (2 * $I) / $d,
                Welz: (2 * $I) / $d,
            ),
        );
    }

    /** What a parabola of stresses, or nearly one, makes of the area, mm². */
    public function shearArea(): float
    {
        return $this->A * ($this->isRound ? 0.9 : 5 / 6);
    }

    public function torsionModulus(): float
    {
        return $this->isRound
            ? 2 * $this->Wely
            : $this->It / ($this->b * (1 - 8 / (M_PI ** 2 * cosh((M_PI * $this->h) / (2 * $this->b)))));
    }

    public function surface(): float
    {
        return $this->isRound ? M_PI * $this->h : 2 * ($this->h + $this->b);
    }

    public function thickest(): float
    {
        return $this->b;
    }

    public function bendsAlike(): bool
    {
        return $this->isRound;
    }

    public function drawing(bool $isStemUp): array
    {
        return ['shape' => $this->isRound ? 'round' : 'flat', 'tw' => $this->b, 'tf' => $this->b, 'r' => 0.0];
    }
}
