<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Analysis\PieceDiagram;
use Waage\Checks\Derivation;
use Waage\Materials\Steel\BucklingLength;
use Waage\Materials\Steel\SteelGrade;
use Waage\Member\LoadHeight;
use Waage\Units\Kind;

/**
 * The elastic critical moment by closed formulas: by hand, for one length between places that hold the flange in
 * compression, each by itself.
 *
 * - M_cr of a length held at both ends against moving sideways and twisting, free to warp and to turn in plan
 *   (k = k_w = 1), with the loads z_g above the shear centre.
 * - C_1 from the real moment diagram by its quarter points: M. A. Serna, A. López, I. Puente, D. J. Yong, "Equivalent
 *   uniform moment factors for lateral-torsional buckling of steel members", J. Constr. Steel Research 62 (2006).
 * - C_2 from the real load: the work of the load on a half sine wave of twist. It gives the published 0.459 for a
 *   uniform load and 0.553 for a force at midspan (ENV 1993-1-1:1992, Table F.1.2), with their C_1.
 * - C_3, of sections with unequal flanges or that bend about both principal axes, from what the real moments do on
 * the same wave. It gives the published
 *   0.525 for a uniform load (ENV 1993-1-1:1992, Table F.1.2), and 1 for a uniform moment.
 * - A length with a free end: C_1 = 1 and effective lengths 1.0 L, with load on the top flange 2.5 L; from a fixed
 *   support 0.8 L and 1.4 L (BS 5950-1:2000, Table 14, tip free, root held laterally and torsionally).
 *
 * A flange in tension that is held counts for nothing here.
 */
final class ClosedForms
{
    /**
     * The length that a diagram is the nearest to buckling, and the factor at which it does; null: none is compressed.
     *
     * @param  list<BucklingLength>  $lengths
     * @return array{float, BucklingLength, float}|null factor, length, its greatest moment (Nmm)
     */
    public static function least(
        SteelSection $steel,
        array $lengths,
        PieceDiagram $diagram,
        LoadHeight $height,
        float $weight,
    ): ?array {
        $rounding = 1e-9 * max($diagram->greatest(1, $weight)[0], $diagram->greatest(-1, $weight)[0]);
        $least = null;
        foreach ($lengths as $length) {
            [$M] = $diagram->greatest($length->sign, $weight, $length->from, $length->to);
            if ($M <= $rounding) {
                continue;
            }
            $alpha = self::criticalMoment($steel, $length, $diagram, $height, $weight, $M) / $M;
            if ($least === null || $alpha < $least[0]) {
                $least = [$alpha, $length, $M];
            }
        }

        return $least;
    }

    /**
     * M_cr of a length in Nmm.
     *
     * @param  float  $M  its greatest moment that compresses the flange, Nmm, more than 0
     */
    public static function criticalMoment(
        SteelSection $steel,
        BucklingLength $length,
        PieceDiagram $diagram,
        LoadHeight $height,
        float $weight,
        float $M,
        ?Derivation $d = null,
    ): float {
        if ($length->freeEnd) {
            return self::ofCantilever($steel, $length, $height, $d);
        }
        $C1 = self::equivalentMoment($diagram, $length->from, $length->to, $length->sign, $weight, $d);
        $L = $length->length();
        $side = (int) $height->sign();
        $zg = $side === 0 ? 0.0 : $steel->section->faceAbove($side);
        $C2 = 0.0;
        if ($zg != 0.0) {
            $F = $diagram->twistingLoad($length->from, $length->to, $weight) / $length->apart;
            $C2 = ($C1 * $F * $L) / (M_PI ** 2 * $M);
            $d?->given(
                'F_s',
                $F,
                Kind::Force,
                '',
                'integral of q sin²(πx/L): the part of the load that works on the twist',
            );
            $d?->given('z_g', $zg, Kind::Size, '', $side > 0 ? 'load on the top flange' : 'load on the bottom flange');
            $d?->with(['C_1' => [$C1, Kind::Number], 'L' => [$L, Kind::Length], 'M' => [$M, Kind::Moment]])->line(
                'C_2',
                'C_1 * F_s * L / (pi^2 * M)',
                Kind::Number,
                'energy method, half sine wave',
            );
        }

        $beta = $length->sign * $steel->section->monosymmetry();
        $C3 = 0.0;
        if ($beta != 0.0) {
            $Mc = $length->sign * $diagram->twistingMoment($length->from, $length->to, $weight);
            $C3 = ($C1 * $Mc) / $M;
            $d?->given('M_c', $Mc, Kind::Moment, '', '2/L times the integral of M cos²(πx/L)');
            $d?->with(['C_1' => [$C1, Kind::Number], 'M' => [$M, Kind::Moment]])->line(
                'C_3',
                'C_1 * M_c / M',
                Kind::Number,
                'energy method, half sine wave',
            );
            $d?->given('beta', $beta, Kind::Size, 'elastic theory', 'Wagner’s term; less than 0 where it helps');
        }

        return self::moment($steel, $L, $C1, $C2, $zg, $d, $C3, $beta);
    }

    /** C_1 of a length, for its greatest moment of a sign. */
    public static function equivalentMoment(
        PieceDiagram $diagram,
        float $from,
        float $to,
        int $sign,
        float $weight,
        ?Derivation $d = null,
    ): float {
        [$M] = $diagram->greatest($sign, $weight, $from, $to);
        $absolute = max($M, $diagram->greatest(-$sign, $weight, $from, $to)[0]);
        [$M2, $M3, $M4] = array_map(fn (float $part): float => $diagram->at($from + $part * ($to - $from), $weight), [
            0.25,
            0.5,
            0.75,
        ]);
        $C1 = sqrt((35 * $M ** 2) / ($absolute ** 2 + 9 * $M2 ** 2 + 16 * $M3 ** 2 + 9 * $M4 ** 2));
        $d?->with([
            'M' => [$M, Kind::Moment],
            'M_max' => [$absolute, Kind::Moment],
            'M_2' => [$M2, Kind::Moment],
            'M_3' => [$M3, Kind::Moment],
            'M_4' => [$M4, Kind::Moment],
        ])->line(
            'C_1',
            'sqrt(35 * M^2 / (M_max^2 + 9 * M_2^2 + 16 * M_3^2 + 9 * M_4^2))',
            Kind::Number,
            'Serna et al. 2006',
            'M_2, M_3, M_4 at the quarter points, M_max the greatest of either sign',
        );

        return $C1;
    }

    private static function ofCantilever(
        SteelSection $steel,
        BucklingLength $length,
        LoadHeight $height,
        ?Derivation $d,
    ): float {
        $k = match (true) {
            $length->fixedRoot => $height === LoadHeight::Top ? 1.4 : 0.8,
            default => $height === LoadHeight::Top ? 2.5 : 1.0,
        };
        $L = $length->length();
        $d?->with(['k' => [$k, Kind::Number], 'L' => [$L, Kind::Length]])->line(
            'L_E',
            'k * L',
            Kind::Length,
            'BS 5950-1, Table 14',
            'free tip; '.($height === LoadHeight::Top ? 'destabilising load' : 'normal load').'; C_1 = 1',
        );

        return self::moment($steel, $k * $L, 1.0, 0.0, 0.0, $d);
    }

    /** M_cr in Nmm; lengths in mm. */
    public static function moment(
        SteelSection $steel,
        float $L,
        float $C1,
        float $C2,
        float $zg,
        ?Derivation $d = null,
        float $C3 = 0.0,
        float $beta = 0.0,
    ): float {
        $s = $steel->section;
        $E = SteelGrade::E;
        $G = SteelGrade::G;
        $Nz = $s->flexuralForce($E, $L);
        $e = $C2 * $zg + ($C3 * $beta) / 2;
        $Mcr = $C1 * $Nz * (sqrt($s->Iw / $s->Iz + ($G * $s->It) / $Nz + $e ** 2) - $e);
        if ($d !== null) {
            $d->with([
                'E' => [$E, Kind::ModulusOfElasticity],
                'I_z' => [$s->Iz, Kind::SecondMoment],
                'L' => [$L, Kind::Length],
            ])->line('N_z', 'pi^2 * E * I_z / L^2', Kind::Force, 'Euler', 'length used: L or L_E');
            $values = [
                'C_1' => [$C1, Kind::Number],
                'N_z' => [$Nz, Kind::Force],
                'I_w' => [$s->Iw, Kind::Warping],
                'I_z' => [$s->Iz, Kind::SecondMoment],
                'G' => [$G, Kind::ModulusOfElasticity],
                'I_t' => [$s->It, Kind::SecondMoment],
            ];
            if ($beta != 0.0) {
                $d->with([
                    'C_2' => [$C2, Kind::Number],
                    'z_g' => [$zg, Kind::Size],
                    'C_3' => [$C3, Kind::Number],
                    'beta' => [$beta, Kind::Size],
                ])->line('e', 'C_2 * z_g + C_3 * beta / 2', Kind::Size, 'energy method');
                $d->with($values + ['e' => [$e, Kind::Size]])->line(
                    'M_cr_C',
                    'C_1 * N_z * (sqrt(I_w / I_z + G * I_t / N_z + e^2) - e)',
                    Kind::Moment,
                    'elastic theory',
                );
            } elseif ($C2 == 0.0 || $zg == 0.0) {
                $d->with($values)->line(
                    'M_cr_C',
                    'C_1 * N_z * sqrt(I_w / I_z + G * I_t / N_z)',
                    Kind::Moment,
                    'elastic theory',
                );
            } else {
                $d->with($values + ['C_2' => [$C2, Kind::Number], 'z_g' => [$zg, Kind::Size]])->line(
                    'M_cr_C',
                    'C_1 * N_z * (sqrt(I_w / I_z + G * I_t / N_z + (C_2 * z_g)^2) - C_2 * z_g)',
                    Kind::Moment,
                    'elastic theory',
                );
            }
        }

        return $Mcr;
    }
}
