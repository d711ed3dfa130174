<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, E3 (flexural buckling), E4 (torsional buckling) and E7 (slender elements): nominal strength of a doubly
 * symmetric section in compression. Forces in N, stresses in MPa, lengths in mm.
 */
final readonly class Compression
{
    /** φ_c, Ω_c (E1). */
    public const FACTORS = [0.90, 1.67];

    /** From here on a slenderness is unusual (E2, user note). */
    private const UNUSUAL = 200.0;

    public function __construct(private Profile $profile)
    {
    }

    /**
     * @param  float  $Pex  elastic critical force in the plane of bending; INF: far off
     * @param  float  $Ly  buckling length about the weak axis; 0: held all along
     * @param  float  $Lz  of twisting; 0: held all along
     */
    public function nominal(float $Pex, float $Ly, float $Lz, ?Derivation $d = null): float
    {
        $s = $this->profile->whole;
        $A = ['A_g' => [$s->A, Kind::Area]];
        $E = ['E' => [$this->profile->E, Kind::ModulusOfElasticity]];
        $stresses = [];
        if (is_finite($Pex)) {
            $stresses['F_ex'] = $Pex / $s->A;
            $d?->line('F_ex', 'P_ex / A_g', ['P_ex' => [$Pex, Kind::Force], ...$A], $stresses['F_ex'], Kind::Stress, 'E3-4', 'in the plane of bending');
        }
        if ($Ly > 0.0) {
            $stresses['F_ey'] = M_PI ** 2 * $this->profile->E / ($Ly / $s->iz) ** 2;
            $d?->line('s_y', 'L_cy / r_y', ['L_cy' => [$Ly, Kind::Length], 'r_y' => [$s->iz, Kind::Size]], $Ly / $s->iz, Kind::Number, 'E2', $Ly / $s->iz > self::UNUSUAL ? 'slenderness, more than the usual 200' : 'slenderness, not more than the usual 200');
            $d?->line('F_ey', 'pi^2 * E / (L_cy / r_y)^2', [...$E, 'L_cy' => [$Ly, Kind::Length], 'r_y' => [$s->iz, Kind::Size]], $stresses['F_ey'], Kind::Stress, 'E3-4', 'L_cy between places that hold both flanges sideways, or as given');
        }
        if ($Lz > 0.0 && ! $this->profile->isClosed()) {
            $G = $this->profile->grade->shearModulus();
            $stresses['F_ez'] = (M_PI ** 2 * $this->profile->E * $s->Iw / $Lz ** 2 + $G * $s->It) / ($s->Iy + $s->Iz);
            $d?->line('F_ez', '(pi^2 * E * C_w / L_cz^2 + G * J) / (I_x + I_y)', [
                ...$E, 'C_w' => [$s->Iw, Kind::Warping], 'L_cz' => [$Lz, Kind::Length], 'G' => [$G, Kind::ModulusOfElasticity], 'J' => [$s->It, Kind::SecondMoment], 'I_x' => [$s->Iy, Kind::SecondMoment], 'I_y' => [$s->Iz, Kind::SecondMoment],
            ], $stresses['F_ez'], Kind::Stress, 'E4-2', 'torsional buckling');
        }
        $Fcr = $this->criticalStress($stresses, $d);
        $Ae = $this->profile->effectiveArea($Fcr, $d);
        $d?->line('P_n', 'F_cr * A_e', ['F_cr' => [$Fcr, Kind::Stress], 'A_e' => [$Ae, Kind::Area]], $Fcr * $Ae, Kind::Force, 'E3-1, E7-1');

        return $Fcr * $Ae;
    }

    /** @param  array<string, float>  $stresses  elastic ones; none: it cannot buckle */
    private function criticalStress(array $stresses, ?Derivation $d): float
    {
        $Fy = $this->profile->Fy;
        if ($stresses === []) {
            $d?->line('F_cr', 'F_y', ['F_y' => [$Fy, Kind::Stress]], $Fy, Kind::Stress, 'E3', 'held all along');

            return $Fy;
        }
        $Fe = min($stresses);
        $d?->line('F_e', count($stresses) === 1 ? array_key_first($stresses) : 'min('.implode(', ', array_keys($stresses)).')', array_map(fn (float $F): array => [$F, Kind::Stress], $stresses), $Fe, Kind::Stress, 'E3, E4');
        $isInelastic = $Fy / $Fe <= 2.25;
        $Fcr = $isInelastic ? 0.658 ** ($Fy / $Fe) * $Fy : 0.877 * $Fe;
        $isInelastic
            ? $d?->line('F_cr', '0.658^(F_y / F_e) * F_y', ['F_y' => [$Fy, Kind::Stress], 'F_e' => [$Fe, Kind::Stress]], $Fcr, Kind::Stress, 'E3-2', 'F_y/F_e not above 2.25')
            : $d?->line('F_cr', '0.877 * F_e', ['F_e' => [$Fe, Kind::Stress]], $Fcr, Kind::Stress, 'E3-3', 'F_y/F_e above 2.25');

        return $Fcr;
    }
}
