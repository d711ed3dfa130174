<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\SteelGrade;
use Waage\Units\Kind;

/**
 * Elastic critical force of a section that buckles laterally or twists between places that hold it. A channel, whose
 * shear centre lies beside its centroid, twists as it bends about y-y (EN 1993-1-3:2006, 6.2.3(7) has the formula);
 * a tee, whose shear centre lies above it, as it bends about z-z.
 */
final class SidewaysBuckling
{
    /** From here on a slenderness is unusual; a note, not a limit of the standard. */
    private const UNUSUAL = 200.0;

    /**
     * @param  float  $L  of buckling about z-z, mm; 0: continuously restrained
     * @param  float  $LT  of twisting, mm; 0: continuously restrained
     * @param  float  $y  elastic critical force of buckling about y-y, N
     * @param  bool  $isExact  is L that of the member as it buckles in truth
     * @return float N; INF where it is continuously restrained
     */
    public static function criticalForce(
        Section $s,
        float $L,
        float $LT,
        ?Derivation $d,
        float $y = INF,
        bool $isExact = false,
    ): float {
        $forces = [];
        if ($L > 0.0) {
            $forces['N_z'] = $s->flexuralForce(SteelGrade::E, $L);
            $d?->with(['L' => [$L, Kind::Length], 'i_z' => [$s->iz, Kind::Size]])->line(
                's_z',
                'L / i_z',
                Kind::Number,
                'common practice',
                'slenderness'.
                    ($L / $s->iz > self::UNUSUAL
                        ? ', which is more than the usual 200'
                        : ', not more than the usual 200'),
            );
            $d?->with(['E' => [SteelGrade::E, Kind::ModulusOfElasticity], 'I_z' => [$s->Iz, Kind::SecondMoment]])->line(
                'N_z',
                'pi^2 * E * I_z / L^2',
                Kind::Force,
                'Euler',
                $isExact
                    ? 'L: as long a strut buckles at the same force as the member does in truth, restrained where both flanges are, with the forces and the stiffness along it'
                    : 'L between restraints of both flanges, or as given',
            );
        }
        if ($LT > 0.0) {
            $forces +=
                $s->shearCentreAbove() === 0.0
                    ? self::twisting($s, $LT, $y, 'N_cr_y', $d)
                    : self::twisting($s, $LT, $forces['N_z'] ?? INF, 'N_z', $d);
        }
        if ($forces === []) {
            return INF;
        }
        $d?->with(array_map(fn (float $N): array => [$N, Kind::Force], $forces))->line(
            'N_cr_z',
            count($forces) === 1 ? array_key_first($forces) : 'min('.implode(', ', array_keys($forces)).')',
            Kind::Force,
            '6.3.1.2(1), 6.3.1.4',
        );

        return min($forces);
    }

    /**
     * @param  float  $y  elastic critical force of bending about the axis of symmetry, N
     * @return array{N_T: float}|array{N_TF: float} alone, or with that bending where the shear centre lies off the
     *     centroid
     */
    private static function twisting(Section $s, float $LT, float $y, string $bends, ?Derivation $d): array
    {
        $y0 = abs($s->shearCentre() + $s->shearCentreAbove());
        $off = $s->shearCentreAbove() === 0.0 ? 'y_0' : 'z_0';
        $T = $s->torsionalForce(SteelGrade::E, SteelGrade::G, $LT);
        $polar = $y0 > 0.0 ? "I_y + I_z + A * {$off}^2" : 'I_y + I_z';
        $of = [
            'A' => [$s->A, Kind::Area],
            'I_y' => [$s->Iy, Kind::SecondMoment],
            'I_z' => [$s->Iz, Kind::SecondMoment],
        ];
        if ($y0 > 0.0) {
            $d?->given($off, $y0, Kind::Size, '', 'from the centroid to the shear centre');
            $of[$off] = [$y0, Kind::Size];
        }
        $d?->with([
            'G' => [SteelGrade::G, Kind::ModulusOfElasticity],
            'I_t' => [$s->It, Kind::SecondMoment],
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
            'I_w' => [$s->Iw, Kind::Warping],
            'L_T' => [$LT, Kind::Length],
            ...$of,
        ])->line(
            'N_T',
            "(G * I_t + pi^2 * E * I_w / L_T^2) * A / ({$polar})",
            Kind::Force,
            'elastic theory',
            'torsional buckling',
        );
        if ($y0 === 0.0 || is_infinite($y)) {
            return ['N_T' => $T];
        }
        $beta = ($s->Iy + $s->Iz) / ($s->Iy + $s->Iz + $s->A * $y0 ** 2);
        $TF = (($y + $T) / (2 * $beta)) * (1 - sqrt(1 - (4 * $beta * $y * $T) / ($y + $T) ** 2));
        $d?->with($of)->line('beta', "(I_y + I_z) / ({$polar})", Kind::Number, 'elastic theory');
        $d?->with([$bends => [$y, Kind::Force]])->line(
            'N_TF',
            "({$bends} + N_T) / (2 * beta) * (1 - sqrt(1 - 4 * beta * {$bends} * N_T / ({$bends} + N_T)^2))",
            Kind::Force,
            'elastic theory',
            'flexural-torsional buckling',
        );

        return ['N_TF' => $TF];
    }
}
