<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Analysis\Waves;
use Waage\Checks\Derivation;
use Waage\Materials\SteelGrade;
use Waage\Units\Kind;

/**
 * Lateral-torsional buckling of a length whose tension flange is held sideways: the section turns about that flange.
 *
 * Uniform moment: EN 1993-1-1:2005, BB.3.3.1. The real diagram by the energy method: the twist as a sum of half sine
 * waves a_i sin(iπx/L) has the stiffness K_i = i² (G I_t + i² π² E (I_w + I_z a²) / L²) and the load matrix
 * 2 a ∫ M cos(iπx/L) cos(jπx/L); tension in the flange looked at steadies it. For linear diagrams the result agrees
 * with C_m of BB.3.3.1, for both ends fixed under uniform load with C_b = 3.0 of the commentary to AISC 360, F1.
 */
final class HeldFlange
{
    /** C_1 is not taken greater than this: the length does not buckle then. */
    private const GREATEST = 100.0;

    /** Is the other flange held continuously, or at least at the stable length of BB.3.1.1 (BB.5) with C_1 = 1, N = 0? */
    public static function holds(SteelSection $steel, BucklingLength $piece): bool
    {
        return $piece->otherGap <= min(self::stableLength($steel), $piece->length() / 2);
    }

    /** L_m in mm. */
    public static function stableLength(SteelSection $steel): float
    {
        $s = $steel->section;

        return 38 * $s->iz / sqrt($s->Wply ** 2 / ($s->A * $s->It) * ($steel->fy / 235) ** 2 / 756);
    }

    /** M_cr,0 in Nmm: the critical moment when it is uniform; no other diagram with this greatest moment is worse. */
    public static function uniformMoment(SteelSection $steel, float $L): float
    {
        $s = $steel->section;
        $a = $s->hs / 2;

        return (M_PI ** 2 * SteelGrade::E * ($s->Iz * $a ** 2 + $s->Iw) / $L ** 2 + SteelGrade::G * $s->It) / (2 * $a);
    }

    /** @return array{float, float} C_1 and M_cr in Nmm, for the moment M > 0 that compresses the free flange most */
    public static function criticalMoment(SteelSection $steel, BucklingLength $piece, PieceDiagram $diagram, float $weight, float $M, ?Derivation $d = null): array
    {
        $s = $steel->section;
        $L = $piece->length();
        $a = $s->hs / 2;
        $twist = SteelGrade::G * $s->It;
        $warp = M_PI ** 2 * SteelGrade::E * ($s->Iw + $s->Iz * $a ** 2) / $L ** 2;
        $Mcr0 = self::uniformMoment($steel, $L);
        $greatest = Waves::greatestEigenvalue($diagram->waves($piece->sign, $weight), $twist, $warp);
        $C1 = $greatest > 0 ? min(self::GREATEST, $M / (2 * $a * $greatest * $Mcr0)) : self::GREATEST;
        $Mcr = $C1 * $Mcr0;
        $s->plates === null
            ? $d?->line('a', '(h - t_f) / 2', ['h' => [$s->h, Kind::Size], 't_f' => [$s->tf, Kind::Size]], $a, Kind::Size, 'BB.3.3.1', 'the other flange is held: the section turns about it')
            : $d?->given('a', $a, Kind::Size, 'BB.3.3.1', 'half the distance between the centroids of the flanges with their plates; the other flange is held: the section turns about it');
        $d?->line('M_cr_0', '(pi^2 * E * (I_z * a^2 + I_w) / L^2 + G * I_t) / (2 * a)', [
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_z' => [$s->Iz, Kind::SecondMoment], 'a' => [$a, Kind::Size], 'I_w' => [$s->Iw, Kind::Warping],
            'L' => [$L, Kind::Length], 'G' => [SteelGrade::G, Kind::ModulusOfElasticity], 'I_t' => [$s->It, Kind::SecondMoment],
        ], $Mcr0, Kind::Moment, 'BB.3.3.1', 'uniform moment');
        $d?->given('C_1', $C1, Kind::Number, 'energy method', 'real moment diagram, twist as '.Waves::COUNT.' half sine waves');
        $d?->line('M_cr', 'C_1 * M_cr_0', ['C_1' => [$C1, Kind::Number], 'M_cr_0' => [$Mcr0, Kind::Moment]], $Mcr, Kind::Moment, 'BB.3.3.1');

        return [$C1, $Mcr];
    }
}
