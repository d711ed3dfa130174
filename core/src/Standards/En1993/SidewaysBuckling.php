<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\SteelGrade;
use Waage\Sections\Section;
use Waage\Units\Kind;

/**
 * Elastic critical force of a section that buckles sideways or twists between places that hold it. A channel, whose shear
 * centre lies beside its centroid, twists as it bends about y-y (EN 1993-1-3:2006, 6.2.3(7) has the formula).
 */
final class SidewaysBuckling
{
    /** From here on a slenderness is unusual; a note, not a limit of the standard. */
    private const UNUSUAL = 200.0;

    /**
     * @param  float  $L  of buckling about z-z, mm; 0: held all along
     * @param  float  $LT  of twisting, mm; 0: held all along
     * @param  float  $y  elastic critical force of buckling about y-y, N
     * @return float N; INF where it is held all along
     */
    public static function criticalForce(Section $s, float $L, float $LT, ?Derivation $d, float $y = INF): float
    {
        if ($L <= 0.0 || $LT <= 0.0) {
            return INF;
        }
        $z = M_PI ** 2 * SteelGrade::E * $s->Iz / $L ** 2;
        $y0 = $s->shearCentre();
        $I0 = $s->Iy + $s->Iz + $s->A * $y0 ** 2;
        $T = (SteelGrade::G * $s->It + M_PI ** 2 * SteelGrade::E * $s->Iw / $LT ** 2) * $s->A / $I0;
        $d?->line('s_z', 'L / i_z', ['L' => [$L, Kind::Length], 'i_z' => [$s->iz, Kind::Size]], $L / $s->iz, Kind::Number, 'common practice', 'slenderness'.($L / $s->iz > self::UNUSUAL ? ', which is more than the usual 200' : ', not more than the usual 200'));
        $d?->line('N_z', 'pi^2 * E * I_z / L^2', ['E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_z' => [$s->Iz, Kind::SecondMoment], 'L' => [$L, Kind::Length]], $z, Kind::Force, 'Euler', 'L between places that hold both flanges sideways, or as given');
        if ($y0 > 0.0) {
            $d?->given('y_0', $y0, Kind::Size, '', 'from the centroid to the shear centre');
        }
        $d?->line('N_T', '(G * I_t + pi^2 * E * I_w / L_T^2) * A / '.($y0 > 0.0 ? '(I_y + I_z + A * y_0^2)' : '(I_y + I_z)'), [
            'G' => [SteelGrade::G, Kind::ModulusOfElasticity], 'I_t' => [$s->It, Kind::SecondMoment], 'E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_w' => [$s->Iw, Kind::Warping],
            'L_T' => [$LT, Kind::Length], 'A' => [$s->A, Kind::Area], 'I_y' => [$s->Iy, Kind::SecondMoment], 'I_z' => [$s->Iz, Kind::SecondMoment],
            ...$y0 > 0.0 ? ['y_0' => [$y0, Kind::Size]] : [],
        ], $T, Kind::Force, 'elastic theory', 'torsional buckling');
        if ($y0 > 0.0 && is_finite($y)) {
            $beta = 1 - $s->A * $y0 ** 2 / $I0;
            $TF = ($y + $T) / (2 * $beta) * (1 - sqrt(1 - 4 * $beta * $y * $T / ($y + $T) ** 2));
            $d?->line('beta', '1 - A * y_0^2 / (I_y + I_z + A * y_0^2)', ['A' => [$s->A, Kind::Area], 'y_0' => [$y0, Kind::Size], 'I_y' => [$s->Iy, Kind::SecondMoment], 'I_z' => [$s->Iz, Kind::SecondMoment]], $beta, Kind::Number, 'elastic theory');
            $d?->line('N_TF', '(N_cr_y + N_T) / (2 * beta) * (1 - sqrt(1 - 4 * beta * N_cr_y * N_T / (N_cr_y + N_T)^2))', ['N_cr_y' => [$y, Kind::Force], 'N_T' => [$T, Kind::Force], 'beta' => [$beta, Kind::Number]], $TF, Kind::Force, 'elastic theory', 'flexural-torsional buckling');
            $d?->line('N_cr_z', 'min(N_z, N_TF)', ['N_z' => [$z, Kind::Force], 'N_TF' => [$TF, Kind::Force]], min($z, $TF), Kind::Force, '6.3.1.2(1), 6.3.1.4');

            return min($z, $TF);
        }
        $d?->line('N_cr_z', 'min(N_z, N_T)', ['N_z' => [$z, Kind::Force], 'N_T' => [$T, Kind::Force]], min($z, $T), Kind::Force, '6.3.1.2(1), 6.3.1.4');

        return min($z, $T);
    }
}
