<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** A round tube, its properties by EN 10210-2:2006 and EN 10219-2:2006, Annex B. */
final readonly class CircularHollow extends Section
{
    public function __construct(string $name, string $family, float $d, public float $t, public Finish $finish)
    {
        $inner = $d - 2 * $t;
        $I = (M_PI / 64) * ($d ** 4 - $inner ** 4);
        $W = (2 * $I) / $d;
        $Wpl = ($d ** 3 - $inner ** 3) / 6;
        parent::__construct(
            $name,
            $family,
            $d,
            $d,
            $d - $t,
            new Properties(
                A: (M_PI / 4) * ($d ** 2 - $inner ** 2),
                Iy: $I,
                Iz: $I,
                Wply: $Wpl,
                Wplz: $Wpl,
                It: 2 * $I,
                Iw: 0.0,
                Wely: $W,
                Welz: $W,
            ),
        );
    }

    /** Of a thin tube half of its area. */
    public function shearArea(): float
    {
        return $this->A / 2;
    }

    /** Torque over the greatest stress, mm³. */
    public function torsionModulus(): float
    {
        return 2 * $this->Wely;
    }

    public function surface(): float
    {
        return M_PI * $this->h;
    }

    public function thickest(): float
    {
        return $this->t;
    }

    public function isClosed(): bool
    {
        return true;
    }

    public function isRolledHollow(): bool
    {
        return true;
    }

    public function bendsAlike(): bool
    {
        return true;
    }

    public function drawing(bool $isStemUp): array
    {
        return ['shape' => 'circle', 'tw' => $this->t, 'tf' => $this->t, 'r' => 0.0];
    }
}
