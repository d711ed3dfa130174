<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F2.2: nominal strength of a doubly symmetric I shape or a channel in lateral-torsional buckling,
 * from its unbraced length, or from the moment at which it buckles elastically. Moments in Nmm, lengths in mm.
 */
final readonly class OpenLateralStrength extends LateralStrength
{
    /** r_ts (F2-7), mm. */
    private float $rts;

    /** c (F2-8). */
    private float $c;

    /** J c / (S_x h_o). */
    private float $q;

    public function __construct(private OpenProfile $shape)
    {
        $s = $shape->section;
        [$E, $FL] = [$shape->E, 0.7 * $shape->Fy];
        $this->rts = sqrt(sqrt($s->Iz * $s->Iw) / $s->Wely);
        $this->c = $shape->isChannel ? ($s->hs / 2) * sqrt($s->Iz / $s->Iw) : 1.0;
        $this->q = ($s->It * $this->c) / ($s->Wely * $s->hs);
        parent::__construct(
            $shape,
            Flexure::plastic($shape),
            $FL * $s->Wely,
            1.76 * $shape->ry() * $shape->rootEF,
            ((1.95 * $this->rts * $E) / $FL) * sqrt($this->q + sqrt($this->q ** 2 + 6.76 * ($FL / $E) ** 2)),
        );
    }

    /** The moment at which an unbraced length buckles elastically (F2-4). */
    public function critical(float $L, float $Cb): float
    {
        $u = ($L / $this->rts) ** 2;

        return (($this->shape->section->Wely * $Cb * M_PI ** 2 * $this->shape->E) / $u) *
            sqrt(1 + 0.078 * $this->q * $u);
    }

    /** The unbraced length that buckles elastically at a moment (F2-4 turned round). */
    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $F = $Mcr / ($Cb * $this->shape->section->Wely);
        $d?->with([
            'M_cr' => [$Mcr, Kind::Moment],
            'C_b' => [$Cb, Kind::Number],
            'S_x' => [$this->shape->section->Wely, Kind::Modulus],
        ])->line('F_1', 'M_cr / (C_b * S_x)', Kind::Stress, 'F2-3', 'under uniform moment');
        if ($d !== null) {
            $this->deriveTorsion($d);
        }

        return UnbracedLength::of('r_ts', $this->rts, $this->q, $this->shape->E, $F, 'F2-4', $d);
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $shape = $this->shape;
        $s = $shape->section;
        $d->with([
            'r_y' => [$shape->ry(), Kind::Size],
            'E' => [$shape->E, Kind::ModulusOfElasticity],
            'F_y' => [$shape->Fy, Kind::Stress],
        ])->line('L_p', '1.76 * r_y * sqrt(E / F_y)', Kind::Length, 'F2-5');
        $this->deriveTorsion($d);
        $d->with(['r_ts' => [$this->rts, Kind::Size], 'q' => [$this->q, Kind::Number]])->line(
            'L_r',
            '1.95 * r_ts * E / (0.7 * F_y) * sqrt(q + sqrt(q^2 + 6.76 * (0.7 * F_y / E)^2))',
            Kind::Length,
            'F2-6',
        );
        Flexure::plastic($shape, $d);
        $with = ['C_b' => [$Cb, Kind::Number], 'M_p' => [$this->plateau, Kind::Moment], 'L_b' => [$L, Kind::Length]];
        match (true) {
            $L <= $this->Lp => $d
                ->with(['M_p' => [$this->plateau, Kind::Moment]])
                ->line('M_LTB', 'M_p', Kind::Moment, 'F2.2(a)', 'L_b up to L_p: no lateral-torsional buckling'),
            $L <= $this->Lr => $d
                ->with([...$with, 'S_x' => [$s->Wely, Kind::Modulus]])
                ->line(
                    'M_LTB',
                    'min(M_p, C_b * (M_p - (M_p - 0.7 * F_y * S_x) * (L_b - L_p) / (L_r - L_p)))',
                    Kind::Moment,
                    'F2-2',
                    'inelastic',
                ),
            default => $d
                ->with([...$with, 'S_x' => [$s->Wely, Kind::Modulus]])
                ->line(
                    'M_LTB',
                    'min(M_p, S_x * C_b * pi^2 * E / (L_b / r_ts)^2 * sqrt(1 + 0.078 * q * (L_b / r_ts)^2))',
                    Kind::Moment,
                    'F2-3, F2-4',
                    'elastic',
                ),
        };
        $shape->flange > $shape->compactFlange() ? Flexure::local($shape, $d, 'M_FLB') : null;
        $shape->flange > $shape->compactFlange()
            ? $d
                ->with(['M_LTB' => [$Mn, Kind::Moment], 'M_FLB' => [$this->local, Kind::Moment]])
                ->line('M_n', 'min(M_LTB, M_FLB)', Kind::Moment, 'F3')
            : $d->with(['M_LTB' => [$Mn, Kind::Moment]])->line('M_n', 'M_LTB', Kind::Moment, 'F2');
    }

    private function deriveTorsion(Derivation $d): void
    {
        $s = $this->shape->section;
        $of = ['J' => [$s->It, Kind::SecondMoment], 'S_x' => [$s->Wely, Kind::Modulus], 'h_o' => [$s->hs, Kind::Size]];
        if (! $this->shape->isChannel) {
            $d->with($of)->line('q', 'J / (S_x * h_o)', Kind::Number, 'F2-6', 'c = 1');

            return;
        }
        $d->with([
            'h_o' => [$s->hs, Kind::Size],
            'I_y' => [$s->Iz, Kind::SecondMoment],
            'C_w' => [$s->Iw, Kind::Warping],
        ])->line('c', 'h_o / 2 * sqrt(I_y / C_w)', Kind::Number, 'F2-8b', 'channel');
        $d->with([...$of])->line('q', 'J * c / (S_x * h_o)', Kind::Number, 'F2-6');
    }

    /** r_ts on the sheet, before what uses it. */
    public function deriveRadius(Derivation $d): void
    {
        $s = $this->shape->section;
        $d->with([
            'I_y' => [$s->Iz, Kind::SecondMoment],
            'C_w' => [$s->Iw, Kind::Warping],
            'S_x' => [$s->Wely, Kind::Modulus],
        ])->line('r_ts', 'sqrt(sqrt(I_y * C_w) / S_x)', Kind::Size, 'F2-7');
    }
}
