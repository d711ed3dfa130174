<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 4: what is left of a section of class 4 where its plates buckle, of I sections without plates on
 * their flanges, rectangular hollow sections and boxes.
 *
 * Of compression alone nothing shifts: both axes stay those of symmetry. Shear lag (3) and the lower stress of
 * 4.4(4) are left out.
 */
final readonly class EffectiveSection implements LocalBuckling
{
    public const SAYS = 'Its effective section counts (EN 1993-1-5, 4).';

    /**
     * @param  float  $A  of the whole section, mm²
     * @param  PlateGroup  $flange  plates of one flange
     */
    public function __construct(
        private float $A,
        private PlateGroup $flange,
        private PlateGroup $web,
        private BentPlates $y,
        private BentPlates $z,
        private float $epsilon,
    ) {
    }

    public function modulus(string $axis, ?Derivation $d = null): float
    {
        return ($axis === 'y' ? $this->y : $this->z)->modulus($this->epsilon, $d);
    }

    public function area(?Derivation $d = null): float
    {
        [$f, $w] = [$this->flange, $this->web];
        $rhoF = $f->pressed('f', $this->epsilon, $d);
        $rhoW = $w->pressed('w', $this->epsilon, $d);
        $d?->with([
            'A' => [$this->A, Kind::Area],
            'rho_f' => [$rhoF, Kind::Number],
            'c_f' => [$f->width, Kind::Size],
            't_f' => [$f->t, Kind::Size],
            'rho_w' => [$rhoW, Kind::Number],
            'c_w' => [$w->width, Kind::Size],
            't_w' => [$w->t, Kind::Size],
        ])->line(
            'A_eff',
            sprintf('A - (1 - rho_f) * %d * c_f * t_f - (1 - rho_w) * %sc_w * t_w', 2 * $f->count, $w->times()),
            Kind::Area,
            'EN 1993-1-5, 4.3(3)',
        );

        return $this->A - (1 - $rhoF) * 2 * $f->area() - (1 - $rhoW) * $w->area();
    }

    public function says(): string
    {
        return self::SAYS;
    }

    public function foreign(): string
    {
        return '';
    }
}
