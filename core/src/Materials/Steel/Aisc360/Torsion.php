<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\SecondOrderOfTorsion;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\TorsionEnvelopes;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, H3: hollow sections (HollowTorsion); I shapes, channels and strips with all of the torsion by
 * bending of their flanges up to first yield (H3.3(a)), St Venant torsion left out, on the safe side; tees, angles
 * and solid bars by St Venant (H3.3(b)), with what the moment bends about the weak axis of the twisted section. The
 * greatest of all forces count at one place, on the safe side.
 */
final readonly class Torsion
{
    /** φ_T, Ω_T (H3.1). */
    private const FACTORS = [0.9, 1.67];

    public function __construct(
        private TorsionEnvelopes $envelopes,
        private Method $method,
        private string $standard,
    ) {
    }

    /**
     * @param  list<Weighing>  $bending  weighings of bending, shear and lateral-torsional buckling
     * @param  list<Weighing>  $together  of axial force and bending together; none where they are not
     * @param  array{float, float}|null  $parts  utilisations in axial force and in bending of the combination where
     *     their sum is the greatest
     * @return list<Weighing>
     */
    public function weigh(
        Section $s,
        SteelGrade $grade,
        array $bending,
        array $together,
        ?array $parts,
        Detail $detail,
    ): array {
        return match (true) {
            $s->isClosed() => (new HollowTorsion($this->envelopes, $this->method, $this->standard))->weigh(
                $s,
                $grade,
                $parts ?? [0.0, max(self::inPlane($bending, []), self::ratio('buckling', $bending))],
                self::ratio('shear', $bending),
                $detail,
            ),
            $s->warpingModulus() > 0.0 => [$this->weighFlanges($s, $grade, $bending, $together, $detail)],
            default => $this->weighStVenant($s, $grade, $bending, $together, $detail),
        };
    }

    /**
     * @param  list<Weighing>  $bending
     * @param  list<Weighing>  $together
     * @return list<Weighing>
     */
    private function weighStVenant(
        Section $s,
        SteelGrade $grade,
        array $bending,
        array $together,
        Detail $detail,
    ): array {
        $e = $this->envelopes->torque();
        $at = $this->envelopes->at($e);
        [$T, $Fy, $G] = [abs($e->value), $grade->yieldStrength($s->thickest()), $grade->shearModulus()];
        $required = $this->method->required('T');
        $d = $detail->derivation();
        $d?->given($required, $T, Kind::Moment, '', 'St Venant torsion');
        $C = $s->torsionModulus();
        $Tn = 0.6 * $Fy * $C;
        $d?->given(
            'C',
            $C,
            Kind::Modulus,
            '',
            match (true) {
                ! ($s instanceof SolidBar) => 'J over the thickness',
                $s->isRound => 'π d³/16',
                default => 'J/(t (1 − 8/(π² cosh(π d/2 t))))',
            },
        );
        $d?->with(['F_y' => [$Fy, Kind::Stress]])->line(
            'T_n',
            '0.6 * F_y * C',
            Kind::Moment,
            'H3-8',
            'yielding in shear',
        );
        $Tc = $this->method->available('T_n', $Tn, self::FACTORS, 'T', Kind::Moment, 'H3.3', $d);
        $v = self::ratio('shear', $bending);
        $u = $v + $T / $Tc;
        $d?->given('v', $v, Kind::Number, 'G', 'greatest utilisation in shear');
        $d?->with(['T_c' => [$Tc, Kind::Moment]])->line(
            'u',
            "v + {$required} / T_c",
            Kind::Number,
            'H3.3',
            'shear stresses add up',
        );
        $alone = new Weighing(
            'torsion',
            'Torsion with shear',
            "{$this->standard}, H3.3",
            $u,
            at: $at,
            lines: $d->lines ?? [],
            remark: $detail->hasLines() ? $this->envelopes->twist($s, $grade) : '',
        );
        if ($s->bendsAlike()) {
            return [$alone];
        }
        $L = $this->envelopes->length();
        $phi = ($T * $L) / (2 * $G * $s->It);
        $M = max([
            0.0,
            ...array_map(fn (Weighing $w): float => $w->id === 'bending' ? (float) $w->demand : 0.0, $bending),
        ]);
        [$Mz, $Mn] = [$M * $phi, $Fy * $s->Welz];
        $d = $detail->derivation();
        $d?->given($required, $T, Kind::Moment, '', 'greatest torque');
        $d?->given('L', $L, Kind::Length, '', 'between restraints against twisting, at most; of an overhang twice');
        $d?->with([
            $required => [$T, Kind::Moment],
            'G' => [$G, Kind::ModulusOfElasticity],
            'J' => [$s->It, Kind::SecondMoment],
        ])->line('phi', "{$required} * L / (2 * G * J)", Kind::Number, 'St Venant', 'twist in radians, at most');
        $d?->given($this->method->required('M'), $M, Kind::Moment, '', 'greatest moment');
        $d?->line(
            'M_t',
            $this->method->required('M').' * phi',
            Kind::Moment,
            '',
            'about the weak axis of the twisted section',
        );
        $d?->with(['F_y' => [$Fy, Kind::Stress], 'S_y' => [$s->Welz, Kind::Modulus]])->line(
            'M_n',
            'F_y * S_y',
            Kind::Moment,
            'H3-7',
            'first yield',
        );
        $Mc = $this->method->available('M_n', $Mn, self::FACTORS, 'T', Kind::Moment, 'H3.3', $d);
        $total = self::withBending(
            $s,
            $d,
            $bending,
            $together,
            'M_t / M_c',
            ['M_t' => [$Mz, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]],
            $Mz / $Mc,
        );

        return [
            $alone,
            new Weighing(
                'torsion-bending',
                'Bending of the twisted member',
                "{$this->standard}, H3.3",
                $total,
                at: $at,
                lines: $d->lines ?? [],
            ),
        ];
    }

    /**
     * @param  list<Weighing>  $bending
     * @param  list<Weighing>  $together
     */
    private function weighFlanges(
        Section $s,
        SteelGrade $grade,
        array $bending,
        array $together,
        Detail $detail,
    ): Weighing {
        $e = $this->envelopes->flange();
        $at = $this->envelopes->at($e, true);
        $B = abs($e->value);
        $Fy = $grade->yieldStrength($s->thickest());
        $d = $detail->derivation();
        $d?->given(
            'B_r',
            $B,
            Kind::Stiffness,
            '',
            'greatest bimoment: the torques as forces on a flange, their moment times the distance of the flanges',
        );
        [$text, $values, $ofTorsion] =
            $s instanceof ISection && $s->plates === null
                ? $this->ofFlange($s, $Fy, $B, $d)
                : $this->ofModulus($s, $Fy, $B, $d);
        $u = self::withBending($s, $d, $bending, $together, $text, $values, $ofTorsion);

        return new Weighing(
            'torsion',
            'Bending with torsion',
            "{$this->standard}, H3.3",
            $u,
            at: $at,
            lines: $d->lines ?? [],
            remark: trim(
                'All of the torsion by bending of the flanges (warping): St Venant torsion, which helps, is left out. '.
                    ($detail->hasLines() ? $this->envelopes->twist($s, $grade) : ''),
            ),
        );
    }

    /**
     * @return array{string, array<string, array{float, Kind}>, float} what a bimoment makes of an open section:
     * formula, values, utilisation
     */
    private function ofModulus(Section $s, float $Fy, float $B, ?Derivation $d): array
    {
        $W = $s->warpingModulus();
        $d?->given(
            'W_B',
            $W,
            Kind::SecondMoment,
            'V. Z. Vlasov',
            'C_w over the greatest sectorial coordinate, by the middle lines',
        );
        $d?->with(['F_y' => [$Fy, Kind::Stress]])->line(
            'B_n',
            'F_y * W_B',
            Kind::Stiffness,
            'H3-7',
            'first yield; all of the torsion by warping, St Venant torsion is left out, on the safe side',
        );
        $Bc = $this->method->available('B_n', $Fy * $W, self::FACTORS, 'T', Kind::Stiffness, 'H3.3', $d);

        return ['B_r / B_c', ['B_r' => [$B, Kind::Stiffness], 'B_c' => [$Bc, Kind::Stiffness]], $B / $Bc];
    }

    /** @return array{string, array<string, array{float, Kind}>, float} */
    private function ofFlange(ISection $s, float $Fy, float $B, ?Derivation $d): array
    {
        $Mf = $B / $s->hs;
        $Mn = ($Fy * $s->tf * $s->b ** 2) / 6;
        $d?->given('h_o', $s->hs, Kind::Size, '', 'distance of the flanges');
        $d?->with(['B_r' => [$B, Kind::Stiffness]])->line(
            'M_f',
            'B_r / h_o',
            Kind::Moment,
            '',
            'all of the torsion bends the flanges; St Venant torsion is left out, on the safe side',
        );
        $d?->with(['F_y' => [$Fy, Kind::Stress], 't_f' => [$s->tf, Kind::Size], 'b_f' => [$s->b, Kind::Size]])->line(
            'M_n',
            'F_y * t_f * b_f^2 / 6',
            Kind::Moment,
            'H3-8',
            'of one flange, first yield',
        );
        $Mc = $this->method->available('M_n', $Mn, self::FACTORS, 'T', Kind::Moment, 'H3.3', $d);

        return ['M_f / M_c', ['M_f' => [$Mf, Kind::Moment], 'M_c' => [$Mc, Kind::Moment]], $Mf / $Mc];
    }

    /**
     * Bending up to first yield, and what torsion adds with its second order (H3.3(a)).
     *
     * @param  list<Weighing>  $bending
     * @param  list<Weighing>  $together
     * @param  string  $text  formula of the utilisation in torsion
     * @param  array<string, array{float, Kind}>  $values  of it
     */
    private static function withBending(
        Section $s,
        ?Derivation $d,
        array $bending,
        array $together,
        string $text,
        array $values,
        float $ofTorsion,
    ): float {
        // H3.3(a) adds stresses up to first yield, so what the plastic moment gives counts with Z/S.
        $inPlane = self::inPlane($bending, $together);
        $buckling = self::ratio('buckling', $bending);
        // M_n of an angle is 1.5 M_y at most.
        $isAngle = $s->upright() !== $s;
        $m = max($inPlane * ($isAngle ? 1.5 : $s->Wply / $s->Wely), $buckling);
        $d?->given(
            'm_b',
            $inPlane,
            Kind::Number,
            'H1, F',
            'greatest utilisation in bending, with axial force where it acts',
        );
        $d?->given('m_LT', $buckling, Kind::Number, 'F', 'in lateral-torsional buckling');
        $d?->with([...$isAngle ? [] : ['Z_x' => [$s->Wply, Kind::Modulus], 'S_x' => [$s->Wely, Kind::Modulus]]])->line(
            'm',
            $isAngle ? 'max(1.5 * m_b, m_LT)' : 'max(m_b * Z_x / S_x, m_LT)',
            Kind::Number,
            'H3.3',
            'bending up to first yield',
        );
        $lateral = array_values(array_filter($bending, fn (Weighing $w): bool => $w->id === 'buckling'));
        $order = new SecondOrderOfTorsion($lateral[0] ?? null);
        if ($d !== null) {
            $order->derive(
                $d,
                'F2.2',
                'factor on the loads at which the member buckles laterally in its elastic range',
                '',
            );
        }
        $u = $m + $order->factor * $ofTorsion;
        $d?->with($values)->line('u', "m + k * {$text}", Kind::Number, 'H3.3');

        return $u;
    }

    /**
     * Greatest utilisation of the section in bending, with axial force where it acts.
     *
     * @param  list<Weighing>  $bending
     * @param  list<Weighing>  $together
     */
    private static function inPlane(array $bending, array $together): float
    {
        return max(self::ratio('bending-axial', $together), self::ratio('bending', $bending));
    }

    /** @param  list<Weighing>  $of */
    private static function ratio(string $id, array $of): float
    {
        return max([
            0.0,
            ...array_map(
                fn (Weighing $w): float => $w->ratio ?? 0.0,
                array_filter($of, fn (Weighing $w): bool => $w->id === $id),
            ),
        ]);
    }
}
