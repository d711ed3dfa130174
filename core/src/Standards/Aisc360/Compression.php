<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, E3 (flexural buckling), E4 (torsional buckling) and E7 (slender elements): nominal strength of a doubly
 * symmetric I shape in compression. Forces in N, stresses in MPa, lengths in mm.
 */
final readonly class Compression
{
    /** φ_c, Ω_c (E1). */
    public const FACTORS = [0.90, 1.67];

    /** From here on a slenderness is unusual (E2, user note). */
    private const UNUSUAL = 200.0;

    public function __construct(private Shape $shape)
    {
    }

    /**
     * @param  float  $Pex  elastic critical force in the plane of bending; INF: far off
     * @param  float|null  $Lx  the length it comes from, where that is given
     * @param  float  $Ly  buckling length about the weak axis; 0: held all along
     * @param  float  $Lz  of twisting; 0: held all along
     */
    public function nominal(float $Pex, ?float $Lx, float $Ly, float $Lz, ?Derivation $d = null): float
    {
        $s = $this->shape->section;
        $A = ['A_g' => [$s->A, Kind::Area]];
        $E = ['E' => [$this->shape->E, Kind::ModulusOfElasticity]];
        $stresses = [];
        if (is_finite($Pex)) {
            $stresses['F_ex'] = $Pex / $s->A;
            $Lx === null ?: $d?->given('L_cx', $Lx, Kind::Length, 'E2', 'as given');
            $d?->line('F_ex', 'P_ex / A_g', ['P_ex' => [$Pex, Kind::Force], ...$A], $stresses['F_ex'], Kind::Stress, 'E3-4', 'in the plane of bending');
        }
        if ($Ly > 0.0) {
            $stresses['F_ey'] = M_PI ** 2 * $this->shape->E / ($Ly / $s->iz) ** 2;
            $d?->line('s_y', 'L_cy / r_y', ['L_cy' => [$Ly, Kind::Length], 'r_y' => [$s->iz, Kind::Size]], $Ly / $s->iz, Kind::Number, 'E2', $Ly / $s->iz > self::UNUSUAL ? 'slenderness, more than the usual 200' : 'slenderness, not more than the usual 200');
            $d?->line('F_ey', 'pi^2 * E / (L_cy / r_y)^2', [...$E, 'L_cy' => [$Ly, Kind::Length], 'r_y' => [$s->iz, Kind::Size]], $stresses['F_ey'], Kind::Stress, 'E3-4', 'L_cy between places that hold both flanges sideways, or as given');
        }
        if ($Lz > 0.0) {
            $G = $this->shape->grade->shearModulus();
            $stresses['F_ez'] = (M_PI ** 2 * $this->shape->E * $s->Iw / $Lz ** 2 + $G * $s->It) / ($s->Iy + $s->Iz);
            $d?->line('F_ez', '(pi^2 * E * C_w / L_cz^2 + G * J) / (I_x + I_y)', [
                ...$E, 'C_w' => [$s->Iw, Kind::Warping], 'L_cz' => [$Lz, Kind::Length], 'G' => [$G, Kind::ModulusOfElasticity], 'J' => [$s->It, Kind::SecondMoment], 'I_x' => [$s->Iy, Kind::SecondMoment], 'I_y' => [$s->Iz, Kind::SecondMoment],
            ], $stresses['F_ez'], Kind::Stress, 'E4-2', 'torsional buckling');
        }
        $Fcr = $this->criticalStress($stresses, $d);
        $Ae = $this->effectiveArea($Fcr, $d);
        $d?->line('P_n', 'F_cr * A_e', ['F_cr' => [$Fcr, Kind::Stress], 'A_e' => [$Ae, Kind::Area]], $Fcr * $Ae, Kind::Force, 'E3-1, E7-1');

        return $Fcr * $Ae;
    }

    /** @param  array<string, float>  $stresses  elastic ones; none: it cannot buckle */
    private function criticalStress(array $stresses, ?Derivation $d): float
    {
        $Fy = $this->shape->Fy;
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

    /** A_e (E7.1): without what slender flanges and webs lose. */
    private function effectiveArea(float $Fcr, ?Derivation $d): float
    {
        $s = $this->shape->section;
        $isRolled = $this->shape->isRolled;
        $root = sqrt($this->shape->Fy / $Fcr);
        $parts = [
            ['f', 'b', $s->b / 2, 't_f', $s->tf, 4, ($isRolled ? 0.56 : 0.64 * sqrt($this->shape->kc())) * $this->shape->rootEF, [0.22, 1.49], $isRolled ? 'Table B4.1a, 1' : 'Table B4.1a, 2'],
            ['w', 'h', $this->shape->h, 't_w', $s->tw, 1, 1.49 * $this->shape->rootEF, [0.18, 1.31], 'Table B4.1a, 5'],
        ];
        $lost = $terms = [];
        foreach ($parts as [$of, $b, $width, $t, $thickness, $count, $limit, [$c1, $c2], $case]) {
            $lambda = $width / $thickness;
            $isSlender = $lambda > $limit * $root;
            $d?->line("lambda_{$of}", "{$b} / {$t}", [$b => [$width, Kind::Size], $t => [$thickness, Kind::Size]], $lambda, Kind::Number, 'E7.1', $of === 'f' ? 'half of the flange' : 'web');
            $d?->given("lambda_r{$of}", $limit, Kind::Number, $case, $lambda <= $limit ? 'nonslender' : ($isSlender ? 'slender, and more than λ_r √(F_y/F_cr)' : 'slender, but not more than λ_r √(F_y/F_cr): fully effective'));
            if (! $isSlender) {
                continue;
            }
            $Fel = ($c2 * $limit / $lambda) ** 2 * $this->shape->Fy;
            $effective = $width * (1 - $c1 * sqrt($Fel / $Fcr)) * sqrt($Fel / $Fcr);
            $d?->line("F_el_{$of}", "({$c2} * lambda_r{$of} / lambda_{$of})^2 * F_y", ["lambda_r{$of}" => [$limit, Kind::Number], "lambda_{$of}" => [$lambda, Kind::Number], 'F_y' => [$this->shape->Fy, Kind::Stress]], $Fel, Kind::Stress, 'E7-5');
            $d?->line("{$b}_e", "{$b} * (1 - {$c1} * sqrt(F_el_{$of} / F_cr)) * sqrt(F_el_{$of} / F_cr)", [$b => [$width, Kind::Size], "F_el_{$of}" => [$Fel, Kind::Stress], 'F_cr' => [$Fcr, Kind::Stress]], $effective, Kind::Size, 'E7-3');
            $lost[] = $count * ($width - $effective) * $thickness;
            $terms[] = [($count === 1 ? '' : "{$count} * ")."({$b} - {$b}_e) * {$t}", [$b => [$width, Kind::Size], "{$b}_e" => [$effective, Kind::Size], $t => [$thickness, Kind::Size]]];
        }
        $Ae = $s->A - array_sum($lost);
        $d?->line('A_e', implode(' - ', ['A_g', ...array_column($terms, 0)]), array_merge(['A_g' => [$s->A, Kind::Area]], ...array_column($terms, 1)), $Ae, Kind::Area, 'E7', $lost === [] ? 'nothing is lost' : '');

        return $Ae;
    }
}
