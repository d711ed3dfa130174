<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F4.2 and F5.2: lateral-torsional buckling of a girder with a noncompact or slender web. With a
 * slender web torsional stiffness does not count (J = 0), and the strength is R_pg times that of the flange.
 */
final readonly class GirderLateralStrength extends LateralStrength
{
    /** J / (S_x h_o); 0 with a slender web. */
    private float $q;

    public function __construct(private Girder $girder)
    {
        $s = $girder->shape->section;
        [$E, $FL] = [$girder->E, 0.7 * $girder->Fy];
        $this->q = $girder->isSlender() ? 0.0 : $s->It / ($s->Wely * $s->hs);
        $Lr = $girder->isSlender()
            ? M_PI * $girder->rt * sqrt($E / $FL)
            : ((1.95 * $girder->rt * $E) / $FL) * sqrt($this->q + sqrt($this->q ** 2 + 6.76 * ($FL / $E) ** 2));
        parent::__construct($girder, $girder->plateau, $girder->residual(), 1.1 * $girder->rt * $girder->rootEF, $Lr);
    }

    /** R_pg, where it reduces what the flange bears. */
    private function part(): float
    {
        return $this->girder->isSlender() ? $this->girder->factor : 1.0;
    }

    public function critical(float $L, float $Cb): float
    {
        $u = ($L / $this->girder->rt) ** 2;

        return (($this->part() * $this->girder->shape->section->Wely * $Cb * M_PI ** 2 * $this->girder->E) / $u) *
            sqrt(1 + 0.078 * $this->q * $u);
    }

    public function needsBraces(): bool
    {
        return $this->girder->isSlender();
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $g = $this->girder;
        $s = $g->shape->section;
        $F = $Mcr / ($Cb * $s->Wely * $this->part());
        $d?->with([
            'M_cr' => [$Mcr, Kind::Moment],
            'C_b' => [$Cb, Kind::Number],
            'S_x' => [$s->Wely, Kind::Modulus],
        ])->line('F_1', 'M_cr / (C_b * S_x)', Kind::Stress, 'F4.2', 'under uniform moment');
        $d?->with(['J' => [$s->It, Kind::SecondMoment], 'h_o' => [$s->hs, Kind::Size]])->line(
            'q',
            'J / (S_x * h_o)',
            Kind::Number,
            'F4-8',
        );

        return UnbracedLength::of('r_t', $g->rt, $this->q, $g->E, $F, 'F4-5', $d);
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $g = $this->girder;
        $s = $g->shape->section;
        $isSlender = $g->isSlender();
        $of = [
            'E' => [$g->E, Kind::ModulusOfElasticity],
            'F_y' => [$g->Fy, Kind::Stress],
            'r_t' => [$g->rt, Kind::Size],
        ];
        $d->with($of)->line('L_p', '1.1 * r_t * sqrt(E / F_y)', Kind::Length, 'F4-7');
        if ($isSlender) {
            $d->with($of)->line('L_r', 'pi * r_t * sqrt(E / (0.7 * F_y))', Kind::Length, 'F5-5');
        } else {
            $d->with([
                'J' => [$s->It, Kind::SecondMoment],
                'S_x' => [$s->Wely, Kind::Modulus],
                'h_o' => [$s->hs, Kind::Size],
            ])->line('q', 'J / (S_x * h_o)', Kind::Number, 'F4-8');
            $d->with([...$of])->line(
                'L_r',
                '1.95 * r_t * E / (0.7 * F_y) * sqrt(q + sqrt(q^2 + 6.76 * (0.7 * F_y / E)^2))',
                Kind::Length,
                'F4-8',
            );
        }
        $g->derivePlateau($d, false);
        $R = $isSlender ? 'R_pg * ' : '';
        $with = [
            'C_b' => [$Cb, Kind::Number],
            'M_1' => [$g->plateau, Kind::Moment],
            'L_b' => [$L, Kind::Length],
            'S_x' => [$s->Wely, Kind::Modulus],
            ...$isSlender ? ['R_pg' => [$g->factor, Kind::Number]] : [],
        ];
        match (true) {
            $L <= $this->Lp => $d
                ->with(['M_1' => [$g->plateau, Kind::Moment]])
                ->line(
                    'M_LTB',
                    'M_1',
                    Kind::Moment,
                    $isSlender ? 'F5.2(a)' : 'F4.2(a)',
                    'L_b up to L_p: no lateral-torsional buckling',
                ),
            $L <= $this->Lr => $d
                ->with([...$with, 'F_y' => [$g->Fy, Kind::Stress], 'L_r' => [$this->Lr, Kind::Length]])
                ->line(
                    'M_LTB',
                    "min(M_1, C_b * (M_1 - (M_1 - {$R}0.7 * F_y * S_x) * (L_b - L_p) / (L_r - L_p)))",
                    Kind::Moment,
                    $isSlender ? 'F5-2, F5-3' : 'F4-2',
                    'inelastic',
                ),
            $isSlender => $d
                ->with([...$with, 'E' => $of['E'], 'r_t' => $of['r_t']])
                ->line(
                    'M_LTB',
                    'min(M_1, R_pg * S_x * C_b * pi^2 * E / (L_b / r_t)^2)',
                    Kind::Moment,
                    'F5-2, F5-4',
                    'elastic',
                ),
            default => $d
                ->with([...$with, 'E' => $of['E'], 'r_t' => $of['r_t'], 'q' => [$this->q, Kind::Number]])
                ->line(
                    'M_LTB',
                    'min(M_1, S_x * C_b * pi^2 * E / (L_b / r_t)^2 * sqrt(1 + 0.078 * q * (L_b / r_t)^2))',
                    Kind::Moment,
                    'F4-3, F4-5',
                    'elastic',
                ),
        };
        $d->given(
            'M_local',
            $this->local,
            Kind::Moment,
            $isSlender ? 'F5.3' : 'F4.3',
            'with local buckling of the flange, as in the weighing of bending',
        );
        $d->with(['M_LTB' => [$Mn, Kind::Moment]])->line(
            'M_n',
            'min(M_LTB, M_local)',
            Kind::Moment,
            $isSlender ? 'F5' : 'F4',
        );
    }

    public function deriveRadius(Derivation $d): void
    {
        $s = $this->girder->shape->section;
        $d->with([
            'h' => [$this->girder->shape->h, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'b_f' => [$s->b, Kind::Size],
            't_f' => [$s->tf, Kind::Size],
        ])->line('a_w', 'h * t_w / (b_f * t_f)', Kind::Number, 'F4-12');
        $d->line('r_t', 'b_f / sqrt(12 * (1 + a_w / 6))', Kind::Size, 'F4-11');
    }
}
