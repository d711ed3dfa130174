<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/** ANSI/AISC 360, F7.4: lateral-torsional buckling of rectangular hollow sections bent about the strong axis. */
final readonly class BoxLateralStrength extends LateralStrength
{
    /** √(J A_g) r_y, mm⁴. */
    private float $stiffness;

    public function __construct(private Box $box)
    {
        $s = $box->section;
        $this->stiffness = $s->iz * sqrt($s->It * $s->A);
        [$Mp, $Mr] = [$box->Fy * $s->Wply, 0.7 * $box->Fy * $s->Wely];
        parent::__construct(
            $box,
            $Mp,
            $Mr,
            (0.13 * $box->E * $this->stiffness) / $Mp,
            (2 * $box->E * $this->stiffness) / $Mr,
        );
    }

    public function critical(float $L, float $Cb): float
    {
        return (2 * $this->box->E * $Cb * $this->stiffness) / $L;
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $L = $this->critical(1.0, $Cb) / $Mcr;
        $d?->with([...$this->values(), 'C_b' => [$Cb, Kind::Number], 'M_cr' => [$Mcr, Kind::Moment]])->line(
            'L_b',
            '2 * E * C_b * sqrt(J * A_g) * r_y / M_cr',
            Kind::Length,
            'F7-11',
            'the unbraced length that buckles at this moment: (F7-11) solved for L_b',
        );

        return $L;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $s = $this->box->section;
        $Fy = $this->box->Fy;
        $d->with(['F_y' => [$Fy, Kind::Stress], 'Z_x' => [$s->Wply, Kind::Modulus]])->line(
            'M_p',
            'F_y * Z_x',
            Kind::Moment,
            'F7-1',
        );
        $d->with([...$this->values()])->line('L_p', '0.13 * E * r_y * sqrt(J * A_g) / M_p', Kind::Length, 'F7-12');
        $d->with([...$this->values(), 'S_x' => [$s->Wely, Kind::Modulus]])->line(
            'L_r',
            '2 * E * r_y * sqrt(J * A_g) / (0.7 * F_y * S_x)',
            Kind::Length,
            'F7-13',
        );
        $with = ['C_b' => [$Cb, Kind::Number], 'M_p' => [$this->plateau, Kind::Moment], 'L_b' => [$L, Kind::Length]];
        match (true) {
            $L <= $this->Lp => $d->line(
                'M_LTB',
                'M_p',
                Kind::Moment,
                'F7.4(a)',
                'L_b up to L_p: no lateral-torsional buckling',
            ),
            $L <= $this->Lr => $d
                ->with([...$with])
                ->line(
                    'M_LTB',
                    'min(M_p, C_b * (M_p - (M_p - 0.7 * F_y * S_x) * (L_b - L_p) / (L_r - L_p)))',
                    Kind::Moment,
                    'F7-10',
                    'inelastic',
                ),
            default => $d
                ->with([...$with, ...$this->values()])
                ->line('M_LTB', 'min(M_p, 2 * E * C_b * sqrt(J * A_g) * r_y / L_b)', Kind::Moment, 'F7-11', 'elastic'),
        };
        $this->local < $this->plateau
            ? $d->given(
                'M_local',
                $this->local,
                Kind::Moment,
                'F7.2, F7.3',
                'with local buckling, as in the weighing of bending',
            )
            : null;
        $this->local < $this->plateau
            ? $d
                ->with(['M_LTB' => [$Mn, Kind::Moment], 'M_local' => [$this->local, Kind::Moment]])
                ->line('M_n', 'min(M_LTB, M_local)', Kind::Moment, 'F7')
            : $d->with(['M_LTB' => [$Mn, Kind::Moment]])->line('M_n', 'M_LTB', Kind::Moment, 'F7');
    }

    /** @return array<string, array{float, Kind}> */
    private function values(): array
    {
        $s = $this->box->section;

        return [
            'E' => [$this->box->E, Kind::ModulusOfElasticity],
            'J' => [$s->It, Kind::SecondMoment],
            'A_g' => [$s->A, Kind::Area],
            'r_y' => [$s->iz, Kind::Size],
        ];
    }
}
