<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Checks\Derivation;
use Waage\Materials\SteelGrade;
use Waage\Member\LoadHeight;
use Waage\Sections\ISection;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.3.2: lateral-torsional buckling of a length between restraints, doubly symmetric I sections.
 *
 * - M_cr: the elastic critical moment of a length held at both ends against moving sideways and twisting, free to
 *   warp and to turn in plan (k = k_w = 1), with the loads z_g above the shear centre.
 * - C_1 from the real moment diagram by its quarter points: M. A. Serna, A. López, I. Puente, D. J. Yong, "Equivalent
 *   uniform moment factors for lateral-torsional buckling of steel members", J. Constr. Steel Research 62 (2006).
 * - C_2 from the real load: the work of the load on a half sine wave of twist. It gives the published 0.459 for a
 *   uniform load and 0.553 for a force at midspan (ENV 1993-1-1:1992, Table F.1.2), with their C_1.
 * - Where the other flange is held sideways all along, or more closely than the stable length of BB.3.1.1, the section
 *   can only turn about that flange: M_cr as EN 1993-1-1, BB.3.3.1 (see HeldFlange), provided that the load does not
 *   drive the turning.
 * - A length with a free end: C_1 = 1 and effective lengths 1.0 L, with load on the top flange 2.5 L; from a fixed
 *   support 0.8 L and 1.4 L (BS 5950-1:2000, Table 14, tip free, root held laterally and torsionally).
 * - Reduction by 6.3.2.3 (rolled sections) or 6.3.2.2 (general case), as the basis says; k_c = 1/√C_1.
 */
final class LateralTorsionalBuckling
{
    /**
     * @param  float  $known  a ratio that another diagram of the length has already: one that cannot exceed it is not worked out
     * @return array{float, float, float} demand M_Ed, resistance M_b,Rd or less of it (Nmm), place (mm)
     */
    public static function check(SteelSection $steel, BucklingLength $piece, PieceDiagram $diagram, LoadHeight $height, float $weight, ?Derivation $d = null, float $known = 0.0): array
    {
        [$M, $x, $absolute] = $diagram->moments($piece->sign, $weight);
        if ($M <= 1e-9 * $absolute) {
            return [0.0, INF, $x];
        }
        $held = HeldFlange::holds($steel, $piece);
        $d?->given('M_Ed', $M, Kind::Moment, '', $piece->sign > 0 ? 'greatest sagging moment of the length' : 'greatest hogging moment of the length');
        // The load works on the turning with its height above the axis: the held flange, or else the shear centre.
        $aboveHeldFlange = $height->sign() + $piece->sign;
        $turns = ! $piece->freeEnd && $held && $diagram->twistingLoad($weight) * $aboveHeldFlange <= 0.0;
        if ($turns && $known > 0.0) {
            $least = self::resistance($steel, HeldFlange::uniformMoment($steel, $piece->length()), 1.0);
            if ($M <= $known * $least) {
                return [$M, $least, $x];
            }
        }
        [$C1, $Mcr] = self::ofDiagram($steel, $piece, $diagram, $height, $weight, $M, $absolute, $held, $turns, $d);

        return [$M, self::resistance($steel, $Mcr, $C1, $d), $x];
    }

    /**
     * What the utilisation under a diagram does not exceed, when its moments are not worked out yet: with C_1 = 1 in the
     * reduction, and the critical moment for the greatest moments that there may be.
     *
     * @param  float  $M  what the moment of the length's sign does not exceed, Nmm, more than 0
     * @param  float  $absolute  what no moment exceeds, Nmm
     * @param  array{float, float, float, float}  $measures  moments at the quarter points (Nmm) and ∫ q sin² (N)
     */
    public static function bound(SteelSection $steel, BucklingLength $piece, LoadHeight $height, float $M, float $absolute, array $measures): float
    {
        [$a, $b, $c, $F] = $measures;
        $held = HeldFlange::holds($steel, $piece);
        if ($piece->freeEnd) {
            $Mcr = self::criticalMomentOfCantilever($steel, $piece, $held && $height->sign() + $piece->sign === 0 ? LoadHeight::Centre : $height, null)[1];
        } elseif ($held && $F * ($height->sign() + $piece->sign) <= 0.0) {
            $Mcr = HeldFlange::uniformMoment($steel, $piece->length());
        } else {
            $C1 = sqrt(35 * $M ** 2 / ($absolute ** 2 + 9 * $a ** 2 + 16 * $b ** 2 + 9 * $c ** 2));
            $zg = $height->sign() * $steel->section->h / 2;
            $Mcr = self::elasticCriticalMoment($steel, $piece->length(), $C1, $zg == 0.0 ? 0.0 : $C1 * $F * $piece->length() / (M_PI ** 2 * $M), $zg);
        }

        return $M / self::resistance($steel, $Mcr, 1.0);
    }

    /**
     * The greatest moment of the length and the elastic critical one, Nmm.
     *
     * @return array{float, float}
     */
    public static function critical(SteelSection $steel, BucklingLength $piece, PieceDiagram $diagram, LoadHeight $height, float $weight, ?Derivation $d = null): array
    {
        [$M, , $absolute] = $diagram->moments($piece->sign, $weight);
        if ($M <= 1e-9 * $absolute) {
            return [0.0, INF];
        }
        $d?->given('M_Ed', $M, Kind::Moment, '', $piece->sign > 0 ? 'greatest sagging moment of the length' : 'greatest hogging moment of the length');

        return [$M, self::ofDiagram($steel, $piece, $diagram, $height, $weight, $M, $absolute, false, false, $d)[1]];
    }

    /** @return array{float, float} C_1 and M_cr in Nmm */
    private static function ofDiagram(SteelSection $steel, BucklingLength $piece, PieceDiagram $diagram, LoadHeight $height, float $weight, float $M, float $absolute, bool $held, bool $turns, ?Derivation $d): array
    {
        // The load works on the turning with its height above the axis: the held flange, or else the shear centre.
        $aboveHeldFlange = $height->sign() + $piece->sign;

        return match (true) {
            $piece->freeEnd => self::criticalMomentOfCantilever($steel, $piece, $held && $aboveHeldFlange === 0 ? LoadHeight::Centre : $height, $d),
            $turns => HeldFlange::criticalMoment($steel, $piece, $diagram, $weight, $M, $d),
            default => self::criticalMoment($steel, $piece->length(), $diagram, $height, $weight, $M, $absolute, $d),
        };
    }

    /** @return array{float, float} C_1 and M_cr in Nmm */
    private static function criticalMoment(SteelSection $steel, float $L, PieceDiagram $diagram, LoadHeight $height, float $weight, float $M, float $absolute, ?Derivation $d): array
    {
        [$M2, $M3, $M4] = $diagram->quarterPoints($weight);
        $C1 = sqrt(35 * $M ** 2 / ($absolute ** 2 + 9 * $M2 ** 2 + 16 * $M3 ** 2 + 9 * $M4 ** 2));
        $d?->line('C_1', 'sqrt(35 * M_Ed^2 / (M_max^2 + 9 * M_2^2 + 16 * M_3^2 + 9 * M_4^2))', [
            'M_Ed' => [$M, Kind::Moment], 'M_max' => [$absolute, Kind::Moment], 'M_2' => [$M2, Kind::Moment], 'M_3' => [$M3, Kind::Moment], 'M_4' => [$M4, Kind::Moment],
        ], $C1, Kind::Number, 'Serna et al. 2006', 'M_2, M_3, M_4 at the quarter points, M_max the greatest of either sign');

        $zg = $height->sign() * $steel->section->h / 2;
        $F = $diagram->twistingLoad($weight);
        $C2 = 0.0;
        if ($zg != 0.0) {
            $C2 = $C1 * $F * $L / (M_PI ** 2 * $M);
            $d?->given('F_s', $F, Kind::Force, '', 'integral of q sin²(πx/L): the part of the load that works on the twist');
            $d?->given('z_g', $zg, Kind::Size, '', $zg > 0 ? 'load on the top flange' : 'load on the bottom flange');
            $d?->line('C_2', 'C_1 * F_s * L / (pi^2 * M_Ed)', ['C_1' => [$C1, Kind::Number], 'F_s' => [$F, Kind::Force], 'L' => [$L, Kind::Length], 'M_Ed' => [$M, Kind::Moment]], $C2, Kind::Number, 'energy method, half sine wave');
        }

        return [$C1, self::elasticCriticalMoment($steel, $L, $C1, $C2, $zg, $d)];
    }

    /** @return array{float, float} C_1 and M_cr in Nmm */
    private static function criticalMomentOfCantilever(SteelSection $steel, BucklingLength $piece, LoadHeight $height, ?Derivation $d): array
    {
        $k = match (true) {
            $piece->fixedRoot => $height === LoadHeight::Top ? 1.4 : 0.8,
            default => $height === LoadHeight::Top ? 2.5 : 1.0,
        };
        $L = $piece->length();
        $d?->line('L_E', 'k * L', ['k' => [$k, Kind::Number], 'L' => [$L, Kind::Length]], $k * $L, Kind::Length, 'BS 5950-1, Table 14', 'free tip; '.($height === LoadHeight::Top ? 'destabilising load' : 'normal load').'; C_1 = 1');

        return [1.0, self::elasticCriticalMoment($steel, $k * $L, 1.0, 0.0, 0.0, $d)];
    }

    /** M_cr in Nmm; lengths in mm. */
    public static function elasticCriticalMoment(SteelSection $steel, float $L, float $C1, float $C2, float $zg, ?Derivation $d = null): float
    {
        $s = $steel->section;
        $E = SteelGrade::E;
        $G = SteelGrade::G;
        $Nz = M_PI ** 2 * $E * $s->Iz / $L ** 2;
        $Mcr = $C1 * $Nz * (sqrt($s->Iw / $s->Iz + $G * $s->It / $Nz + ($C2 * $zg) ** 2) - $C2 * $zg);
        if ($d !== null) {
            $d->line('N_z', 'pi^2 * E * I_z / L^2', ['E' => [$E, Kind::ModulusOfElasticity], 'I_z' => [$s->Iz, Kind::SecondMoment], 'L' => [$L, Kind::Length]], $Nz, Kind::Force, 'Euler', 'length used: L or L_E');
            $values = [
                'C_1' => [$C1, Kind::Number], 'N_z' => [$Nz, Kind::Force], 'I_w' => [$s->Iw, Kind::Warping], 'I_z' => [$s->Iz, Kind::SecondMoment],
                'G' => [$G, Kind::ModulusOfElasticity], 'I_t' => [$s->It, Kind::SecondMoment],
            ];
            if ($C2 == 0.0 || $zg == 0.0) {
                $d->line('M_cr', 'C_1 * N_z * sqrt(I_w / I_z + G * I_t / N_z)', $values, $Mcr, Kind::Moment, 'elastic theory');
            } else {
                $d->line('M_cr', 'C_1 * N_z * (sqrt(I_w / I_z + G * I_t / N_z + (C_2 * z_g)^2) - C_2 * z_g)', $values + ['C_2' => [$C2, Kind::Number], 'z_g' => [$zg, Kind::Size]], $Mcr, Kind::Moment, 'elastic theory');
            }
        }

        return $Mcr;
    }

    /** M_b,Rd in Nmm. */
    public static function resistance(SteelSection $steel, float $Mcr, float $C1, ?Derivation $d = null): float
    {
        $s = $steel->section;
        $b = $steel->basis;
        $W = $steel->modulus();
        $lambda = sqrt($W * $steel->fy / $Mcr);
        $symbol = $steel->modulusSymbol();
        $d?->line('lambda_LT', "sqrt({$symbol} * f_y / M_cr)", [$symbol => [$W, Kind::Modulus], 'f_y' => [$steel->fy, Kind::Stress], 'M_cr' => [$Mcr, Kind::Moment]], $lambda, Kind::Number, '6.3.2.2(1)');

        if (! $b->rolledCurves) {
            [$alpha, $curve] = self::imperfection($s, false);
            $Phi = 0.5 * (1 + $alpha * ($lambda - 0.2) + $lambda ** 2);
            $chi = min(1 / ($Phi + sqrt($Phi ** 2 - $lambda ** 2)), 1.0);
            $d?->given('alpha_LT', $alpha, Kind::Number, 'Tables 6.3, 6.4', $curve);
            $d?->line('Phi_LT', '0.5 * (1 + alpha_LT * (lambda_LT - 0.2) + lambda_LT^2)', ['alpha_LT' => [$alpha, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number]], $Phi, Kind::Number, '6.3.2.2(1)');
            $d?->line('chi_LT', 'min(1 / (Phi_LT + sqrt(Phi_LT^2 - lambda_LT^2)), 1)', ['Phi_LT' => [$Phi, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number]], $chi, Kind::Number, '6.3.2.2(1) (6.56)');
        } else {
            $chi = self::rolledReduction($steel, $lambda, $C1, $d);
        }
        $M = $chi * $W * $steel->fy / $b->gammaM1;
        $d?->line('M_b_Rd', "chi_LT * {$symbol} * f_y / gamma_M1", [
            'chi_LT' => [$chi, Kind::Number], $symbol => [$W, Kind::Modulus], 'f_y' => [$steel->fy, Kind::Stress], 'gamma_M1' => [$b->gammaM1, Kind::Number],
        ], $M, Kind::Moment, '6.3.2.1(3) (6.55)');

        return $M;
    }

    /**
     * α_LT by Tables 6.3, 6.4 (general case) and 6.5; with plates a section counts as welded.
     *
     * @return array{float, string} and which curve it is
     */
    public static function imperfection(ISection $section, bool $rolledCurves): array
    {
        $slender = $section->h / $section->b > 2;
        $row = (int) $slender + ($section->plates === null ? (int) $rolledCurves : 2);
        $curve = [['a', 0.21], ['b', 0.34], ['c', 0.49], ['d', 0.76]][$row];

        return [$curve[1], ($section->plates === null ? '' : 'as welded, ').'h/b '.($slender ? '> 2' : '≤ 2').": curve {$curve[0]}"];
    }

    private static function rolledReduction(SteelSection $steel, float $lambda, float $C1, ?Derivation $d): float
    {
        $b = $steel->basis;
        [$alpha, $curve] = self::imperfection($steel->section, true);
        $Phi = 0.5 * (1 + $alpha * ($lambda - $b->lambdaLT0) + $b->beta * $lambda ** 2);
        $chi = min(1 / ($Phi + sqrt($Phi ** 2 - $b->beta * $lambda ** 2)), 1.0, 1 / $lambda ** 2);
        $d?->given('alpha_LT', $alpha, Kind::Number, 'Tables 6.3, 6.5', $curve);
        $d?->line('Phi_LT', '0.5 * (1 + alpha_LT * (lambda_LT - lambda_LT_0) + beta * lambda_LT^2)', [
            'alpha_LT' => [$alpha, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number], 'lambda_LT_0' => [$b->lambdaLT0, Kind::Number], 'beta' => [$b->beta, Kind::Number],
        ], $Phi, Kind::Number, '6.3.2.3(1)');
        $name = $b->modifyChi ? 'chi_LT_1' : 'chi_LT';
        $d?->line($name, 'min(1 / (Phi_LT + sqrt(Phi_LT^2 - beta * lambda_LT^2)), 1, 1 / lambda_LT^2)', [
            'Phi_LT' => [$Phi, Kind::Number], 'beta' => [$b->beta, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number],
        ], $chi, Kind::Number, '6.3.2.3(1) (6.57)');
        if (! $b->modifyChi) {
            return $chi;
        }
        $kc = min(1.0, 1 / sqrt($C1));
        $f = min(1.0, 1 - 0.5 * (1 - $kc) * (1 - 2 * ($lambda - 0.8) ** 2));
        $modified = min($chi / $f, 1.0, 1 / $lambda ** 2);
        $d?->line('k_c', 'min(1, 1 / sqrt(C_1))', ['C_1' => [$C1, Kind::Number]], $kc, Kind::Number, '6.3.2.3(2)', 'in place of Table 6.6, which has typical diagrams only');
        $d?->line('f', 'min(1, 1 - 0.5 * (1 - k_c) * (1 - 2 * (lambda_LT - 0.8)^2))', ['k_c' => [$kc, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number]], $f, Kind::Number, '6.3.2.3(2)');
        $d?->line('chi_LT', 'min(chi_LT_1 / f, 1, 1 / lambda_LT^2)', ['chi_LT_1' => [$chi, Kind::Number], 'f' => [$f, Kind::Number], 'lambda_LT' => [$lambda, Kind::Number]], $modified, Kind::Number, '6.3.2.3(2) (6.58)');

        return $modified;
    }
}
