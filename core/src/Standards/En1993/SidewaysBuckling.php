<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\SteelGrade;
use Waage\Sections\Section;
use Waage\Units\Kind;

/** Elastic critical force of a doubly symmetric section that buckles sideways or twists between places that hold it. */
final class SidewaysBuckling
{
    /** From here on a slenderness is unusual; a note, not a limit of the standard. */
    private const UNUSUAL = 200.0;

    /**
     * @param  float  $L  of buckling about z-z, mm; 0: held all along
     * @param  float  $LT  of twisting, mm; 0: held all along
     * @return float N; INF where it is held all along
     */
    public static function criticalForce(Section $s, float $L, float $LT, ?Derivation $d): float
    {
        if ($L <= 0.0 || $LT <= 0.0) {
            return INF;
        }
        $z = M_PI ** 2 * SteelGrade::E * $s->Iz / $L ** 2;
        $T = (SteelGrade::G * $s->It + M_PI ** 2 * SteelGrade::E * $s->Iw / $LT ** 2) * $s->A / ($s->Iy + $s->Iz);
        $d?->line('s_z', 'L / i_z', ['L' => [$L, Kind::Length], 'i_z' => [$s->iz, Kind::Size]], $L / $s->iz, Kind::Number, 'common practice', 'slenderness'.($L / $s->iz > self::UNUSUAL ? ', which is more than the usual 200' : ', not more than the usual 200'));
        $d?->line('N_z', 'pi^2 * E * I_z / L^2', ['E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_z' => [$s->Iz, Kind::SecondMoment], 'L' => [$L, Kind::Length]], $z, Kind::Force, 'Euler', 'L between places that hold both flanges sideways, or as given');
        $d?->line('N_T', '(G * I_t + pi^2 * E * I_w / L_T^2) * A / (I_y + I_z)', [
            'G' => [SteelGrade::G, Kind::ModulusOfElasticity], 'I_t' => [$s->It, Kind::SecondMoment], 'E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_w' => [$s->Iw, Kind::Warping],
            'L_T' => [$LT, Kind::Length], 'A' => [$s->A, Kind::Area], 'I_y' => [$s->Iy, Kind::SecondMoment], 'I_z' => [$s->Iz, Kind::SecondMoment],
        ], $T, Kind::Force, 'elastic theory', 'torsional buckling');
        $d?->line('N_cr_z', 'min(N_z, N_T)', ['N_z' => [$z, Kind::Force], 'N_T' => [$T, Kind::Force]], min($z, $T), Kind::Force, '6.3.1.2(1), 6.3.1.4');

        return min($z, $T);
    }
}
