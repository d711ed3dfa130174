<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\SecondOrderOfTorsion;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\TorsionEnvelopes;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.7: torsion between the places that hold a member against twisting. Hollow sections, tees,
 * angles and solid bars by St Venant. I sections, channels and strips carry it in truth by St Venant and by bending
 * of their flanges (warping); here by the latter alone, as beams between these places, on the safe side; with
 * lateral-torsional buckling after EN 1993-6:2007, Annex A, its factors 1 but for that of second order. What twists
 * by St Venant and is open bends about both principal axes as well.
 *
 * The greatest of all forces count at one place, on the safe side.
 */
final readonly class Torsion
{
    public function __construct(private TorsionEnvelopes $envelopes)
    {
    }

    /**
     * @param  list<Weighing>  $others  weighings of shear, bending, lateral-torsional buckling, and of axial force
     *     and bending both ways
     * @return list<Weighing>
     */
    public function weigh(SteelSection $steel, array $others, bool $presses, Detail $detail): array
    {
        $byId = array_column($others, null, 'id');

        if ($steel->section->warpingModulus() > 0.0) {
            return [$this->ofFlanges($steel, $byId, $detail)];
        }
        $weighings = $this->ofStVenant($steel, $byId, $presses, $detail);

        return self::isOpen($steel->section) ? [...$weighings, $this->ofTwist($steel, $byId, $detail)] : $weighings;
    }

    /** Round bars and hollow sections twist little, and bend about any axis alike. */
    private static function isOpen(Section $s): bool
    {
        return ! $s->isClosed() && ! $s->bendsAlike();
    }

    private static function modulusNote(Section $s): string
    {
        if ($s instanceof SolidBar) {
            return $s->isRound ? 'W_t: π d³/16' : 'W_t: I_t/(b (1 − 8/(π² cosh(π h/2 b))))';
        }

        return $s->isClosed() ? 'W_t: EN 10210-2, Annex B' : 'W_t: I_t over the thickness';
    }

    /**
     * @param  array<string, Weighing>  $byId
     * @return list<Weighing>
     */
    private function ofStVenant(SteelSection $steel, array $byId, bool $presses, Detail $detail): array
    {
        $s = $steel->section;
        $e = $this->envelopes->torque();
        $at = $this->envelopes->at($e);
        [$T, $fy, $gammaM0] = [abs($e->value), $steel->fy, $steel->basis->steel->gammaM0];
        $TRd = ($s->torsionModulus() * $fy) / sqrt(3) / $gammaM0;
        $u = $T / $TRd;
        $d = $detail->derivation();
        $d?->given('T_Ed', $T, Kind::Moment, '', 'St Venant torsion');
        $d?->with([
            'W_t' => [$s->torsionModulus(), Kind::Modulus],
            'f_y' => [$fy, Kind::Stress],
            'gamma_M0' => [$gammaM0, Kind::Number],
        ])->line('T_Rd', 'W_t * f_y / sqrt(3) / gamma_M0', Kind::Moment, '6.2.7(1)', self::modulusNote($s));
        $d?->line('u', 'T_Ed / T_Rd', Kind::Number, '6.2.7(1) (6.23)');
        $torsion = new Weighing(
            'torsion',
            'Torsion',
            'EN 1993-1-1, 6.2.7',
            $u,
            against: new Against(
                demand: $T,
                capacity: $TRd,
                kind: Kind::Moment,
                demandSymbol: 'T_Ed',
                capacitySymbol: 'T_Rd',
            ),
            at: $at,
            lines: $d->lines ?? [],
            remark: $detail->hasLines() ? $this->envelopes->twist($s, $steel->grade) : '',
        );
        [$V, $Vpl] = [(float) $byId['shear']->demand, (float) $byId['shear']->capacity];
        $VT = max(0.0, 1 - $u) * $Vpl;
        $d = $detail->derivation();
        $d?->given('V_Ed', $V, Kind::Force);
        $d?->given('u_T', $u, Kind::Number, '', 'utilisation in torsion');
        $d?->with(['V_pl_Rd' => [$Vpl, Kind::Force]])->line(
            'V_pl_T_Rd',
            'max(0, 1 - u_T) * V_pl_Rd',
            Kind::Force,
            '6.2.7(9) (6.28)',
            self::isOpen($s) ? 'as of a hollow section, on the safe side' : '',
        );
        // Torsion alone is too much already where nothing is left.
        $ratio = $V / max($VT, 1e-3 * $Vpl);
        $d?->line('u', 'V_Ed / max(V_pl_T_Rd, 0.001 * V_pl_Rd)', Kind::Number, '6.2.7(9) (6.25)');
        $isLow = $ratio <= 0.5;
        $shear = new Weighing(
            'torsion-shear',
            'Shear with torsion',
            'EN 1993-1-1, 6.2.7',
            $ratio,
            against: new Against(
                demand: $V,
                capacity: $VT,
                kind: Kind::Force,
                demandSymbol: 'V_Ed',
                capacitySymbol: 'V_pl_T_Rd',
            ),
            at: $byId['shear']->at,
            lines: $d->lines ?? [],
            remark: match (true) {
                $VT <= 0.0 => 'Torsion alone takes the whole strength: nothing is left for shear. The utilisation is counted with a thousandth of it.',
                $isLow => 'Not more than half: bending is not reduced.',
                default => '',
            },
        );
        if ($isLow) {
            return [$torsion, $shear];
        }
        if ($presses) {
            return [
                $torsion,
                $shear,
                new Weighing(
                    'torsion-bending',
                    'Bending with torsion and axial force',
                    'EN 1993-1-1, 6.2.10',
                    null,
                    applies: false,
                    remark: 'Shear with torsion uses more than half of its resistance, and a force acts along the member: that is not computed here. Take thicker sides.',
                ),
            ];
        }
        $rho = min(1.0, (2 * $ratio - 1) ** 2);
        $uM = (float) $byId['bending']->ratio;
        $total = $uM / max(0.01, 1 - $rho);
        $d = $detail->derivation();
        $d?->given('u_V', $ratio, Kind::Number, '', 'shear with torsion');
        $d?->line('rho', 'min(1, (2 * u_V - 1)^2)', Kind::Number, '6.2.8(3), (4)');
        $d?->given('u_M', $uM, Kind::Number, '', 'greatest utilisation in bending');
        $d?->line(
            'u',
            'u_M / max(0.01, 1 - rho)',
            Kind::Number,
            '6.2.8(3) (6.29)',
            'strength reduced over the whole section, on the safe side',
        );

        return [
            $torsion,
            $shear,
            new Weighing(
                'torsion-bending',
                'Bending with shear and torsion',
                'EN 1993-1-1, 6.2.8',
                $total,
                at: new Place(x: $byId['bending']->x, combination: $byId['bending']->combination),
                lines: $d->lines ?? [],
            ),
        ];
    }

    /**
     * An open section that twists by St Venant: the moment goes with it, and bends it about the weak axis as well.
     *
     * @param  array<string, Weighing>  $byId
     */
    private function ofTwist(SteelSection $steel, array $byId, Detail $detail): Weighing
    {
        $s = $steel->section;
        $e = $this->envelopes->torque();
        $at = $this->envelopes->at($e);
        [$T, $L, $G, $M] = [
            abs($e->value),
            $this->envelopes->length(),
            $steel->grade->shearModulus(),
            (float) $byId['bending']->demand,
        ];
        $phi = ($T * $L) / (2 * $G * $s->It);
        [$Mz, $MRd] = [$M * $phi, ($s->Welz * $steel->fy) / $steel->basis->steel->gammaM1];
        $d = $detail->derivation();
        $d?->given('T_Ed', $T, Kind::Moment, '', 'greatest torque');
        $d?->given('L', $L, Kind::Length, '', 'between restraints against twisting, at most; of an overhang twice');
        $d?->with(['G' => [$G, Kind::ModulusOfElasticity], 'I_t' => [$s->It, Kind::SecondMoment]])->line(
            'phi',
            'T_Ed * L / (2 * G * I_t)',
            Kind::Number,
            'St Venant',
            'twist in radians, at most',
        );
        $d?->given('M_Ed', $M, Kind::Moment, '', 'greatest moment');
        $d?->line('M_z', 'M_Ed * phi', Kind::Moment, '', 'about the weak axis of the twisted section');
        $d?->with([
            'W_el_z' => [$s->Welz, Kind::Modulus],
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M1' => [$steel->basis->steel->gammaM1, Kind::Number],
        ])->line('M_z_Rd', 'W_el_z * f_y / gamma_M1', Kind::Moment, '6.2.5(2) (6.14)');
        $total = self::together(
            $d,
            $byId,
            'M_z / M_z_Rd',
            ['M_z' => [$Mz, Kind::Moment], 'M_z_Rd' => [$MRd, Kind::Moment]],
            $Mz / $MRd,
        );

        return new Weighing(
            'torsion-twist',
            'Bending of the twisted member',
            'EN 1993-1-1, 5.2, EN 1993-6, A.1',
            $total,
            at: $at,
            lines: $d->lines ?? [],
        );
    }

    /** @param  array<string, Weighing>  $byId */
    private function ofFlanges(SteelSection $steel, array $byId, Detail $detail): Weighing
    {
        $s = $steel->section;
        $e = $this->envelopes->flange();
        $at = $this->envelopes->at($e, true);
        $B = abs($e->value);
        $d = $detail->derivation();
        $d?->given(
            'B_Ed',
            $B,
            Kind::Stiffness,
            '',
            'greatest bimoment: the torques as forces on a flange, their moment times the distance of the flanges',
        );
        [$text, $values, $u] =
            $s instanceof ISection && $s->plates === null
                ? $this->ofFlange($steel, $s, $B, $d)
                : $this->ofModulus($steel, $B, $d);
        $total = self::together($d, $byId, $text, $values, $u);

        return new Weighing(
            'torsion',
            'Bending with torsion',
            'EN 1993-1-1, 6.2.7, EN 1993-6, A.1',
            $total,
            at: $at,
            lines: $d->lines ?? [],
            remark: trim(
                'All of the torsion by bending of the flanges (warping): St Venant torsion, which helps, is left out. '.
                    ($detail->hasLines() ? $this->envelopes->twist($s, $steel->grade) : ''),
            ),
        );
    }

    /**
     * @return array{string, array<string, array{float, Kind}>, float} what a bimoment makes of an open section:
     * formula, values, utilisation
     */
    private function ofModulus(SteelSection $steel, float $B, ?Derivation $d): array
    {
        $W = $steel->section->warpingModulus();
        $BRd = ($W * $steel->fy) / $steel->basis->steel->gammaM1;
        $d?->given(
            'W_B',
            $W,
            Kind::SecondMoment,
            'V. Z. Vlasov',
            'I_w over the greatest sectorial coordinate, by the middle lines',
        );
        $d?->with([
            'f_y' => [$steel->fy, Kind::Stress],
            'gamma_M1' => [$steel->basis->steel->gammaM1, Kind::Number],
        ])->line(
            'B_Rd',
            'W_B * f_y / gamma_M1',
            Kind::Stiffness,
            '6.2.7(4)',
            'elastic; all of the torsion by warping, St Venant torsion is left out, on the safe side',
        );

        return ['B_Ed / B_Rd', ['B_Ed' => [$B, Kind::Stiffness], 'B_Rd' => [$BRd, Kind::Stiffness]], $B / $BRd];
    }

    /** @return array{string, array<string, array{float, Kind}>, float} */
    private function ofFlange(SteelSection $steel, ISection $s, float $B, ?Derivation $d): array
    {
        [$fy, $gammaM1] = [$steel->fy, $steel->basis->steel->gammaM1];
        $isPlastic = $steel->class <= 2;
        $W = ($s->tf * $s->b ** 2) / ($isPlastic ? 4 : 6);
        $Mf = $B / $s->hs;
        $MRd = ($W * $fy) / $gammaM1;
        $d?->given('h_s', $s->hs, Kind::Size, '', 'distance of the flanges');
        $d?->with(['B_Ed' => [$B, Kind::Stiffness]])->line(
            'M_f',
            'B_Ed / h_s',
            Kind::Moment,
            '',
            'all of the torsion bends the flanges; St Venant torsion is left out, on the safe side',
        );
        $d?->with([
            't_f' => [$s->tf, Kind::Size],
            'b' => [$s->b, Kind::Size],
            'f_y' => [$fy, Kind::Stress],
            'gamma_M1' => [$gammaM1, Kind::Number],
        ])->line(
            'M_f_Rd',
            ($isPlastic ? 't_f * b^2 / 4' : 't_f * b^2 / 6').' * f_y / gamma_M1',
            Kind::Moment,
            '6.2.5',
            'of one flange',
        );

        return ['M_f / M_f_Rd', ['M_f' => [$Mf, Kind::Moment], 'M_f_Rd' => [$MRd, Kind::Moment]], $Mf / $MRd];
    }

    /**
     * Lateral-torsional buckling, and what torsion adds with its second order (EN 1993-6, A.1).
     *
     * @param  array<string, Weighing>  $byId
     * @param  string  $text  formula of the utilisation in torsion
     * @param  array<string, array{float, Kind}>  $values  of it
     */
    private static function together(?Derivation $d, array $byId, string $text, array $values, float $ofTorsion): float
    {
        $bent = max($byId['bending']->ratio ?? 0.0, $byId['buckling']->ratio ?? 0.0);
        $u = max($bent, $byId['bending-axial']->ratio ?? 0.0, $byId['buckling-axial']->ratio ?? 0.0);
        $order = new SecondOrderOfTorsion($byId['buckling'] ?? null);
        $d?->given(
            'u_LT',
            $u,
            Kind::Number,
            '',
            $u > $bent
                ? 'greatest utilisation by axial force and bending both ways, buckling among it'
                : 'greatest utilisation in lateral-torsional buckling; at least that in bending',
        );
        if ($d !== null) {
            $order->derive(
                $d,
                '6.3.2.2',
                'M_cr over M_Ed, as in the weighing of lateral-torsional buckling',
                'EN 1993-6, A.1',
            );
        }
        $total = $u + $order->factor * $ofTorsion;
        $d?->with($values)->line('u', "u_LT + k * {$text}", Kind::Number, 'EN 1993-6, A.1 (A.1)');

        return $total;
    }
}
