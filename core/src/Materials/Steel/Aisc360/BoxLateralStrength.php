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
        parent::__construct($box, $Mp, $Mr, 0.13 * $box->E * $this->stiffness / $Mp, 2 * $box->E * $this->stiffness / $Mr);
    }

    public function critical(float $L, float $Cb): float
    {
        return 2 * $this->box->E * $Cb * $this->stiffness / $L;
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $L = $this->critical(1.0, $Cb) / $Mcr;
        $d?->line('L_b', '2 * E * C_b * sqrt(J * A_g) * r_y / M_cr', [...$this->values(), 'C_b' => [$Cb, Kind::Number], 'M_cr' => [$Mcr, Kind::Moment]], $L, Kind::Length, 'F7-11', 'the unbraced length that buckles at this moment: (F7-11) solved for L_b');

        return $L;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $s = $this->box->section;
        $Fy = $this->box->Fy;
        $d->line('M_p', 'F_y * Z_x', ['F_y' => [$Fy, Kind::Stress], 'Z_x' => [$s->Wply, Kind::Modulus]], $this->plateau, Kind::Moment, 'F7-1');
        $d->line('L_p', '0.13 * E * r_y * sqrt(J * A_g) / M_p', [...$this->values(), 'M_p' => [$this->plateau, Kind::Moment]], $this->Lp, Kind::Length, 'F7-12');
        $d->line('L_r', '2 * E * r_y * sqrt(J * A_g) / (0.7 * F_y * S_x)', [...$this->values(), 'F_y' => [$Fy, Kind::Stress], 'S_x' => [$s->Wely, Kind::Modulus]], $this->Lr, Kind::Length, 'F7-13');
        $with = ['C_b' => [$Cb, Kind::Number], 'M_p' => [$this->plateau, Kind::Moment], 'L_b' => [$L, Kind::Length]];
        match (true) {
            $L <= $this->Lp => $d->line('M_LTB', 'M_p', ['M_p' => [$this->plateau, Kind::Moment]], $Mn, Kind::Moment, 'F7.4(a)', 'L_b up to L_p: no lateral-torsional buckling'),
            $L <= $this->Lr => $d->line('M_LTB', 'min(M_p, C_b * (M_p - (M_p - 0.7 * F_y * S_x) * (L_b - L_p) / (L_r - L_p)))', [...$with, 'F_y' => [$Fy, Kind::Stress], 'S_x' => [$s->Wely, Kind::Modulus], 'L_p' => [$this->Lp, Kind::Length], 'L_r' => [$this->Lr, Kind::Length]], $Mn, Kind::Moment, 'F7-10', 'inelastic'),
            default => $d->line('M_LTB', 'min(M_p, 2 * E * C_b * sqrt(J * A_g) * r_y / L_b)', [...$with, ...$this->values()], $Mn, Kind::Moment, 'F7-11', 'elastic'),
        };
        $this->local < $this->plateau ? $d->given('M_local', $this->local, Kind::Moment, 'F7.2, F7.3', 'with local buckling, as in the weighing of bending') : null;
        $this->local < $this->plateau
            ? $d->line('M_n', 'min(M_LTB, M_local)', ['M_LTB' => [$Mn, Kind::Moment], 'M_local' => [$this->local, Kind::Moment]], min($Mn, $this->local), Kind::Moment, 'F7')
            : $d->line('M_n', 'M_LTB', ['M_LTB' => [$Mn, Kind::Moment]], $Mn, Kind::Moment, 'F7');
    }

    /** @return array<string, array{float, Kind}> */
    private function values(): array
    {
        $s = $this->box->section;

        return ['E' => [$this->box->E, Kind::ModulusOfElasticity], 'J' => [$s->It, Kind::SecondMoment], 'A_g' => [$s->A, Kind::Area], 'r_y' => [$s->iz, Kind::Size]];
    }
}
