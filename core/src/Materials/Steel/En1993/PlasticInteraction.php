<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.9.1(5) and (6): what an axial force leaves of the plastic moments of a section of class 1 or
 * 2, and bending about both axes.
 */
final readonly class PlasticInteraction
{
    /** @param  float  $n  N_Ed over N_pl,Rd, less than 1 */
    public function __construct(private SteelSection $steel, private float $n)
    {
    }

    /** Is there a formula for a section: I, hollow, not a channel or a solid bar? */
    public static function covers(SteelSection $steel): bool
    {
        return $steel->section->hasTwoAxes() && ! ($steel->section instanceof SolidBar);
    }

    /**
     * Utilisation of the section.
     *
     * @param  float  $y  M_y,Ed over M_pl,y,Rd; 0: nothing bends it so
     * @param  float  $z  M_z,Ed over M_pl,z,Rd; 0: nothing bends it so
     */
    public function utilisation(float $y, float $z, ?Derivation $d = null): float
    {
        $my = $this->left('y', $d);
        if ($z <= 0.0) {
            $d?->with(['u_M' => [$y, Kind::Number], 'm_N_y' => [$my, Kind::Number]])->line(
                'u',
                'u_M / m_N_y',
                Kind::Number,
                '6.2.9.1(2) (6.31)',
            );

            return $y / $my;
        }
        $mz = $this->left('z', $d);
        if ($y <= 0.0) {
            $d?->with(['u_z' => [$z, Kind::Number], 'm_N_z' => [$mz, Kind::Number]])->line(
                'u',
                'u_z / m_N_z',
                Kind::Number,
                '6.2.9.1(2) (6.31)',
            );

            return $z / $mz;
        }
        [$alpha, $beta] = $this->steel->profile->exponents($this->n, $d);
        $u = ($y / $my) ** $alpha + ($z / $mz) ** $beta;
        $d?->with([
            'u_M' => [$y, Kind::Number],
            'm_N_y' => [$my, Kind::Number],
            'alpha' => [$alpha, Kind::Number],
            'u_z' => [$z, Kind::Number],
            'm_N_z' => [$mz, Kind::Number],
            'beta' => [$beta, Kind::Number],
        ])->line('u', '(u_M / m_N_y)^alpha + (u_z / m_N_z)^beta', Kind::Number, '6.2.9.1(6) (6.41)');

        return $u;
    }

    /** M_N,Rd over M_pl,Rd about an axis. */
    public function left(string $axis, ?Derivation $d = null): float
    {
        if ($this->n <= 0.0) {
            $d?->given("m_N_{$axis}", 1.0, Kind::Number, '6.2.9.1(5)', 'without an axial force');

            return 1.0;
        }

        return $this->steel->profile->plasticLeft($axis, $this->n, $d);
    }
}
