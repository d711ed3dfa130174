<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, E3 (flexural buckling), E4 (torsional buckling, of channels, tees and unequal flanges with bending
 * about their axis of symmetry) and E7 (slender elements): nominal strength in compression. Forces in N, stresses in
 * MPa, lengths in mm.
 */
final readonly class Compression
{
    /** φ_c, Ω_c (E1). */
    public const FACTORS = [0.9, 1.67];

    private const EXACT = 'L_cy: as long a strut buckles at the same force as the member does in truth, restrained where both flanges are, with the forces and the stiffness along it';

    /** From here on a slenderness is unusual (E2, user note). */
    private const UNUSUAL = 200.0;

    /** @param  Section|null  $weakest  what the member is sideways where its section changes; null: this one */
    public function __construct(
        private Profile $profile,
        private ?Section $weakest = null,
        private bool $isExact = false,
    ) {
    }

    /**
     * @param  float  $Pex  elastic critical force in the plane of bending; INF: far off
     * @param  float  $Ly  buckling length about the weak axis; 0: continuously restrained
     * @param  float  $Lz  of twisting; 0: continuously restrained
     */
    public function nominal(float $Pex, float $Ly, float $Lz, ?Derivation $d = null): float
    {
        $s = $this->profile->whole;
        $A = ['A_g' => [$s->A, Kind::Area]];
        $E = ['E' => [$this->profile->E, Kind::ModulusOfElasticity]];
        $stresses = [];
        if (is_finite($Pex)) {
            $stresses['F_ex'] = $Pex / $s->A;
            $d?->with(['P_ex' => [$Pex, Kind::Force], ...$A])->line(
                'F_ex',
                'P_ex / A_g',
                Kind::Stress,
                'E3-4',
                'in the plane of bending',
            );
        }
        if ($this->weakest !== null) {
            $stresses += $this->asWeakest($this->weakest, $Ly, $Lz, $d);
            [$Ly, $Lz] = [0.0, 0.0];
        }
        if ($Ly > 0.0) {
            $stresses['F_ey'] = $s->flexuralForce($this->profile->E, $Ly) / $s->A;
            $d?->with(['L_cy' => [$Ly, Kind::Length], 'r_y' => [$s->iz, Kind::Size]])->line(
                's_y',
                'L_cy / r_y',
                Kind::Number,
                'E2',
                $Ly / $s->iz > self::UNUSUAL
                    ? 'slenderness, more than the usual 200'
                    : 'slenderness, not more than the usual 200',
            );
            $d?->with([...$E])->line(
                'F_ey',
                'pi^2 * E / (L_cy / r_y)^2',
                Kind::Stress,
                'E3-4',
                $this->isExact ? self::EXACT : 'L_cy between restraints of both flanges, or as given',
            );
        }
        if ($Lz > 0.0 && ! $this->profile->isClosed()) {
            $G = $this->profile->grade->shearModulus();
            $off = abs($s->shearCentre() + $s->shearCentreAbove());
            [$axis, $o] = $s->shearCentreAbove() === 0.0 ? ['x', 'x_o'] : ['y', 'y_o'];
            // Of tees warping is left out (E4, user note).
            $warps = ! ($s instanceof Tee);
            $Fez = $s->torsionalForce($warps ? $this->profile->E : 0.0, $G, $Lz) / $s->A;
            $polar = [
                'I_x' => [$s->Iy, Kind::SecondMoment],
                'I_y' => [$s->Iz, Kind::SecondMoment],
                ...$off > 0.0 ? [...$A, $o => [$off, Kind::Size]] : [],
            ];
            if ($off > 0.0) {
                $d?->given($o, $off, Kind::Size, 'E4', 'from the centroid to the shear centre');
            }
            $d?->with([
                ...$warps ? [...$E, 'C_w' => [$s->Iw, Kind::Warping], 'L_cz' => [$Lz, Kind::Length]] : [],
                'G' => [$G, Kind::ModulusOfElasticity],
                'J' => [$s->It, Kind::SecondMoment],
                ...$polar,
            ])->line(
                'F_ez',
                ($warps ? '(pi^2 * E * C_w / L_cz^2 + G * J) / ' : 'G * J / ').
                    ($off > 0.0 ? "(I_x + I_y + A_g * {$o}^2)" : '(I_x + I_y)'),
                Kind::Stress,
                $off > 0.0 ? 'E4-7' : 'E4-2',
                $warps ? 'torsional buckling' : 'torsional buckling, without C_w',
            );
            $with = $stresses["F_e{$axis}"] ?? null;
            $stresses +=
                $off > 0.0 && $with !== null
                    ? ["F_ez_{$axis}" => $this->withBending($axis, $with, $Fez, [$o, $off], $polar, $d)]
                    : ['F_ez' => $Fez];
        }
        $Fcr = $this->criticalStress($stresses, $d);
        $Ae = $this->profile->effectiveArea($Fcr, $d);
        $d?->with(['F_cr' => [$Fcr, Kind::Stress], 'A_e' => [$Ae, Kind::Area]])->line(
            'P_n',
            'F_cr * A_e',
            Kind::Force,
            'E3-1, E7-1',
        );

        return $Fcr * $Ae;
    }

    /**
     * Where the section changes the member buckles laterally, and twists, as if the weakest one were all along.
     *
     * @return array<string, float> elastic stresses over the area of this one
     */
    private function asWeakest(Section $weakest, float $Ly, float $Lz, ?Derivation $d): array
    {
        [$E, $G, $A] = [$this->profile->E, $this->profile->grade->shearModulus(), $this->profile->whole->A];
        $of = [
            'E' => [$E, Kind::ModulusOfElasticity],
            'I_y' => [$weakest->Iz, Kind::SecondMoment],
            'A_g' => [$A, Kind::Area],
        ];
        $stresses = [];
        if ($Ly > 0.0) {
            $stresses['F_ey'] = $weakest->flexuralForce($E, $Ly) / $A;
            $d?->with([...$of, 'L_cy' => [$Ly, Kind::Length]])->line(
                'F_ey',
                'pi^2 * E * I_y / L_cy^2 / A_g',
                Kind::Stress,
                'E3-4',
                $this->isExact
                    ? self::EXACT.", of {$weakest->name}"
                    : "as if {$weakest->name}, the laterally weakest, were all along",
            );
        }
        if ($Lz > 0.0 && ! $this->profile->isClosed()) {
            $stresses['F_ez'] = $weakest->torsionalForce($E, $G, $Lz) / $A;
            $d?->with([
                ...$of,
                'C_w' => [$weakest->Iw, Kind::Warping],
                'L_cz' => [$Lz, Kind::Length],
                'G' => [$G, Kind::ModulusOfElasticity],
                'J' => [$weakest->It, Kind::SecondMoment],
                'I_x' => [$weakest->Iy, Kind::SecondMoment],
                'A_w' => [$weakest->A, Kind::Area],
            ])->line(
                'F_ez',
                '(pi^2 * E * C_w / L_cz^2 + G * J) / (I_x + I_y) * A_w / A_g',
                Kind::Stress,
                'E4-2',
                'torsional buckling, likewise',
            );
        }

        return $stresses;
    }

    /**
     * Elastic stress at which a section that is symmetric about one axis only bends about it and twists (E4-3).
     *
     * @param  string  $axis  that of symmetry
     * @param  array{string, float}  $off  distance of the shear centre from the centroid, symbol and mm
     * @param  array<string, array{float, Kind}>  $polar  what the polar radius is made of
     */
    private function withBending(string $axis, float $Fe, float $Fez, array $off, array $polar, ?Derivation $d): float
    {
        $s = $this->profile->whole;
        [$o, $distance] = $off;
        $ofShift = $s->A * $distance ** 2;
        $H = 1 - $ofShift / ($s->Iy + $s->Iz + $ofShift);
        $F = (($Fe + $Fez) / (2 * $H)) * (1 - sqrt(1 - (4 * $Fe * $Fez * $H) / ($Fe + $Fez) ** 2));
        $d?->with($polar)->line('H', "1 - A_g * {$o}^2 / (I_x + I_y + A_g * {$o}^2)", Kind::Number, 'E4-8');
        $b = "F_e{$axis}";
        $d?->with([$b => [$Fe, Kind::Stress], 'F_ez' => [$Fez, Kind::Stress]])->line(
            "F_ez_{$axis}",
            "({$b} + F_ez) / (2 * H) * (1 - sqrt(1 - 4 * {$b} * F_ez * H / ({$b} + F_ez)^2))",
            Kind::Stress,
            'E4-3',
            $axis === 'x' ? 'with F_ex for F_ey: the strong axis is that of symmetry' : '',
        );

        return $F;
    }

    /** @param  array<string, float>  $stresses  elastic ones; none: it cannot buckle */
    private function criticalStress(array $stresses, ?Derivation $d): float
    {
        $Fy = $this->profile->Fy;
        if ($stresses === []) {
            $d?->with(['F_y' => [$Fy, Kind::Stress]])->line(
                'F_cr',
                'F_y',
                Kind::Stress,
                'E3',
                'continuously restrained',
            );

            return $Fy;
        }
        $Fe = min($stresses);
        $d?->with(array_map(fn (float $F): array => [$F, Kind::Stress], $stresses))->line(
            'F_e',
            count($stresses) === 1 ? array_key_first($stresses) : 'min('.implode(', ', array_keys($stresses)).')',
            Kind::Stress,
            'E3, E4',
        );

        return self::stress($Fy, $Fe, $d);
    }

    /** F_cr from the elastic stress at which the member buckles, MPa (E3). */
    public static function stress(float $Fy, float $Fe, ?Derivation $d): float
    {
        $isInelastic = $Fy / $Fe <= 2.25;
        $Fcr = $isInelastic ? 0.658 ** ($Fy / $Fe) * $Fy : 0.877 * $Fe;
        $isInelastic
            ? $d
                ?->with(['F_y' => [$Fy, Kind::Stress], 'F_e' => [$Fe, Kind::Stress]])
                ->line('F_cr', '0.658^(F_y / F_e) * F_y', Kind::Stress, 'E3-2', 'F_y/F_e not above 2.25')
            : $d
                ?->with(['F_e' => [$Fe, Kind::Stress]])
                ->line('F_cr', '0.877 * F_e', Kind::Stress, 'E3-3', 'F_y/F_e above 2.25');

        return $Fcr;
    }
}
