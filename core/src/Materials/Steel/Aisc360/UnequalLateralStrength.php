<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F4.2 and F5.2: lateral-torsional buckling of an I shape with unequal flanges; with a slender web by
 * L_b and C_b. Moments in Nmm, lengths in mm.
 */
final readonly class UnequalLateralStrength extends LateralStrength
{
    /** J / (S_xc h_o); 0 where the compression flange is a small part of the weak axis, and with a slender web. */
    private float $q;

    public function __construct(private UnequalShape $shape)
    {
        $this->q =
            $shape->isSlender() || $shape->share <= 0.23
                ? 0.0
                : $shape->section->It / ($shape->Sc * $shape->section->hs);
        parent::__construct(
            $shape,
            $shape->plateau(),
            $shape->residual(),
            1.1 * $shape->rt * $shape->rootEF,
            ((1.95 * $shape->rt * $shape->E) / $shape->FL) *
                sqrt($this->q + sqrt($this->q ** 2 + 6.76 * ($shape->FL / $shape->E) ** 2)),
        );
    }

    public function critical(float $L, float $Cb): float
    {
        $u = ($L / $this->shape->rt) ** 2;

        return (($this->shape->part() * $this->shape->Sc * $Cb * M_PI ** 2 * $this->shape->E) / $u) *
            sqrt(1 + 0.078 * $this->q * $u);
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $p = $this->shape;
        $F = $Mcr / ($Cb * $p->Sc * $p->part());
        $d?->with([
            'M_cr' => [$Mcr, Kind::Moment],
            'C_b' => [$Cb, Kind::Number],
            'S_xc' => [$p->Sc, Kind::Modulus],
        ])->line('F_1', 'M_cr / (C_b * S_xc)', Kind::Stress, 'F4.2', 'under uniform moment');
        $d === null ? null : $this->deriveTorsion($d);

        return UnbracedLength::of('r_t', $p->rt, $this->q, $p->E, $F, 'F4-5', $d);
    }

    public function needsBraces(): bool
    {
        return $this->shape->isSlender();
    }

    public function deriveRadius(Derivation $d): void
    {
        $d->given(
            'r_t',
            $this->shape->rt,
            Kind::Size,
            'F4-11',
            'b_fc / √(12 (1 + a_w/6)), a_w = h_c t_w / (b_fc t_fc)',
        );
    }

    private function deriveTorsion(Derivation $d): void
    {
        $p = $this->shape;
        $this->q > 0.0
            ? $d
                ->with([
                    'J' => [$p->section->It, Kind::SecondMoment],
                    'S_xc' => [$p->Sc, Kind::Modulus],
                    'h_o' => [$p->section->hs, Kind::Size],
                ])
                ->line('q', 'J / (S_xc * h_o)', Kind::Number, 'F4-8')
            : $d->given(
                'q',
                0.0,
                Kind::Number,
                $p->isSlender() ? 'F5.2' : 'F4.2',
                $p->isSlender() ? 'slender web: J = 0' : 'I_yc/I_y up to 0.23: J = 0',
            );
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $p = $this->shape;
        $d->given('F_L', $p->FL, Kind::Stress, 'F4-6');
        $of = ['E' => [$p->E, Kind::ModulusOfElasticity], 'r_t' => [$p->rt, Kind::Size]];
        $d->with([...$of, 'F_y' => [$p->Fy, Kind::Stress]])->line(
            'L_p',
            '1.1 * r_t * sqrt(E / F_y)',
            Kind::Length,
            'F4-7',
        );
        $this->deriveTorsion($d);
        $d->with([...$of, 'q' => [$this->q, Kind::Number]])->line(
            'L_r',
            '1.95 * r_t * E / F_L * sqrt(q + sqrt(q^2 + 6.76 * (F_L / E)^2))',
            Kind::Length,
            'F4-8',
        );
        $p->plateau($d);
        $with = [
            'C_b' => [$Cb, Kind::Number],
            'M_1' => [$this->plateau, Kind::Moment],
            'L_b' => [$L, Kind::Length],
            'S_xc' => [$p->Sc, Kind::Modulus],
        ];
        $R = $p->isSlender() ? 'R_pg * ' : '';
        $with += $p->isSlender() ? ['R_pg' => [$p->factor, Kind::Number]] : [];
        match (true) {
            $L <= $this->Lp => $d
                ->with(['M_1' => [$this->plateau, Kind::Moment]])
                ->line(
                    'M_LTB',
                    'M_1',
                    Kind::Moment,
                    $p->isSlender() ? 'F5.2(a)' : 'F4.2(a)',
                    'L_b up to L_p: no lateral-torsional buckling',
                ),
            $L <= $this->Lr => $d
                ->with([...$with])
                ->line(
                    'M_LTB',
                    "min(M_1, C_b * (M_1 - (M_1 - {$R}F_L * S_xc) * (L_b - L_p) / (L_r - L_p)))",
                    Kind::Moment,
                    $p->isSlender() ? 'F5-2, F5-3' : 'F4-2',
                    'inelastic',
                ),
            default => $d
                ->with([...$with, ...$of])
                ->line(
                    'M_LTB',
                    "min(M_1, {$R}S_xc * C_b * pi^2 * E / (L_b / r_t)^2 * sqrt(1 + 0.078 * q * (L_b / r_t)^2))",
                    Kind::Moment,
                    $p->isSlender() ? 'F5-2, F5-4' : 'F4-3, F4-5',
                    'elastic',
                ),
        };
        $d->given(
            'M_local',
            $this->local,
            Kind::Moment,
            $p->isSlender() ? 'F5.3, F5.4' : 'F4.3, F4.4',
            'with local buckling of the flange and yielding of the tension flange, as in the weighing of bending',
        );
        $d->with(['M_LTB' => [$Mn, Kind::Moment]])->line(
            'M_n',
            'min(M_LTB, M_local)',
            Kind::Moment,
            $p->bendingClause(),
        );
    }
}
