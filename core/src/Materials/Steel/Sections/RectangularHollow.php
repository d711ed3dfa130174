<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A square or rectangular hollow section, its properties by EN 10210-2:2006 (hot-finished) and EN 10219-2:2006
 * (cold-formed), Annex B, with the corner radii that these take for calculation; or a box welded of plates;
 * American tubing with an outer radius of 2 t, as its tables have it.
 */
final readonly class RectangularHollow extends Section
{
    /** Outer radius of the corners, mm. */
    public float $r;

    /** I_t over the torsion modulus, mm. */
    private float $perTorque;

    public function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        public float $t,
        public Finish $finish,
    ) {
        [$outer, $inner] = match (true) {
            $finish === Finish::Welded => [0.0, 0.0],
            $finish === Finish::Hot => [1.5 * $t, 1.0 * $t],
            $finish === Finish::Tubing => [2.0 * $t, 1.0 * $t],
            $t <= 6.0 => [2.0 * $t, 1.0 * $t],
            $t <= 10.0 => [2.5 * $t, 1.5 * $t],
            default => [3.0 * $t, 2.0 * $t],
        };
        $this->r = $outer;
        $Iy = self::secondMoment($h, $b, $t, $outer, $inner);
        $Iz = self::secondMoment($b, $h, $t, $outer, $inner);
        $mean = ($outer + $inner) / 2;
        $enclosed = ($h - $t) * ($b - $t) - $mean ** 2 * (4 - M_PI);
        $round = 2 * ($h + $b - 2 * $t) - 2 * $mean * (4 - M_PI);
        $this->perTorque = $t + (2 * $enclosed) / $round;
        parent::__construct(
            $name,
            $family,
            $h,
            $b,
            $h - $t,
            new Properties(
                A: 2 * $t * ($h + $b - 2 * $t) - (4 - M_PI) * ($outer ** 2 - $inner ** 2),
                Iy: $Iy,
                Iz: $Iz,
                Wply: self::plasticModulus($h, $b, $t, $outer, $inner),
                Wplz: self::plasticModulus($b, $h, $t, $outer, $inner),
                It: ($t ** 3 * $round) / 3 + (4 * $enclosed ** 2 * $t) / $round,
                Iw: 0.0,
                Wely: (2 * $Iy) / $h,
                Welz: (2 * $Iz) / $b,
            ),
        );
    }

    /** The same on its wide side. */
    public function flat(): self
    {
        return new self("{$this->name} flat", $this->family, $this->b, $this->h, $this->t, $this->finish);
    }

    public function isSquare(): bool
    {
        return $this->h === $this->b;
    }

    /**
     * One of its sides as a web between flanges: what a force on it meets half of. Rolled ones are as if sharp
     * outside, flat from 1.5 t on.
     *
     * @param  float  $flange  width that counts, mm
     */
    public function side(float $flange): ISection
    {
        $isWelded = $this->finish === Finish::Welded;

        return new ISection(
            $this->name,
            $this->family,
            $this->h,
            $flange,
            $this->t,
            $this->t,
            $isWelded ? 0.0 : 0.5 * $this->t,
            finish: $isWelded ? Finish::Welded : Finish::Hot,
        );
    }

    /** The two webs. */
    public function shearArea(): float
    {
        return 2 * ($this->h - $this->t) * $this->t;
    }

    /** Torque over the greatest stress, mm³ (C_t of Annex B). */
    public function torsionModulus(): float
    {
        return $this->It / $this->perTorque;
    }

    public function surface(): float
    {
        return 2 * ($this->h + $this->b) - (8 - 2 * M_PI) * $this->r;
    }

    public function thickest(): float
    {
        return $this->t;
    }

    private static function secondMoment(float $h, float $b, float $t, float $outer, float $inner): float
    {
        return ($b * $h ** 3 - ($b - 2 * $t) * ($h - 2 * $t) ** 3) / 12 -
            self::cornersAbout($h / 2, $outer) +
            self::cornersAbout($h / 2 - $t, $inner);
    }

    /** Second moment of the four corners that a radius takes off a rectangle, about its axis; mm⁴. */
    private static function cornersAbout(float $half, float $r): float
    {
        return 4 *
            ((1 / 3 - M_PI / 16 - 1 / (3 * (12 - 3 * M_PI))) * $r ** 4 +
                (1 - M_PI / 4) * $r ** 2 * ($half - self::centroid() * $r) ** 2);
    }

    private static function plasticModulus(float $h, float $b, float $t, float $outer, float $inner): float
    {
        $corners = fn (float $half, float $r): float => 4 * (1 - M_PI / 4) * $r ** 2 * ($half - self::centroid() * $r);

        return ($b * $h ** 2 - ($b - 2 * $t) * ($h - 2 * $t) ** 2) / 4 -
            $corners($h / 2, $outer) +
            $corners($h / 2 - $t, $inner);
    }

    /** How far the centroid of what a radius takes off a corner lies from its sides, over the radius. */
    private static function centroid(): float
    {
        return (10 - 3 * M_PI) / (12 - 3 * M_PI);
    }

    public function isClosed(): bool
    {
        return true;
    }

    public function isRolledHollow(): bool
    {
        return $this->finish !== Finish::Welded;
    }

    public function bendsAlike(): bool
    {
        return $this->isSquare();
    }

    public function drawing(bool $isStemUp): array
    {
        return ['shape' => 'rectangle', 'tw' => $this->t, 'tf' => $this->t, 'r' => $this->r];
    }
}
