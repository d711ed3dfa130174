<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F10.2: nominal strength of an angle in lateral-torsional buckling, from its unbraced length. Moments
 * in Nmm, lengths in mm.
 */
final readonly class AngleLateralStrength extends LateralStrength
{
    private const MOST_CB = 1.5;

    /** M_y of F10.2 and the modulus it comes from: about the geometric axis, or about w-w. */
    private float $My;

    private bool $pressesToe;

    public function __construct(private SkewAngle $angle)
    {
        $this->My = $angle->Fy * ($angle->isEqual() ? SkewAngle::GEOMETRIC * $angle->angle->Wely : $angle->Sw);
        $this->pressesToe = ! ($angle->whole instanceof SkewSection) || $angle->whole->stem !== Stem::Tensioned;
        parent::__construct($angle, 1.5 * $this->My, $this->My, 0.0, 0.0);
    }

    /** As a vertical moment (F10-4, F10-5). */
    public function critical(float $L, float $Cb): float
    {
        return $this->elastic($L, $Cb) / ($this->angle->isEqual() ? 1.0 : $this->angle->ofW);
    }

    /** From here on (F10-2) is 1.5 M_y. */
    public function harmless(): float
    {
        return ((1.17 / 0.42) ** 2 * $this->My) / ($this->angle->isEqual() ? 1.0 : $this->angle->ofW);
    }

    public function nominal(float $L, float $Cb, ?Derivation $d = null): float
    {
        $Mcr = $this->elastic($L, $Cb, $d);
        $this->deriveYield($d);
        $LTB =
            $Mcr >= $this->My
                ? min((1.92 - 1.17 * sqrt($this->My / $Mcr)) * $this->My, 1.5 * $this->My)
                : (0.92 - (0.17 * $Mcr) / $this->My) * $Mcr;
        $of = ['M_y' => [$this->My, Kind::Moment], 'M_cr' => [$Mcr, Kind::Moment]];
        $Mcr >= $this->My
            ? $d
                ?->with($of)
                ->line(
                    'M_LTB',
                    'min((1.92 - 1.17 * sqrt(M_y / M_cr)) * M_y, 1.5 * M_y)',
                    Kind::Moment,
                    'F10-2',
                    'M_y not above M_cr',
                )
            : $d
                ?->with($of)
                ->line('M_LTB', '(0.92 - 0.17 * M_cr / M_y) * M_cr', Kind::Moment, 'F10-3', 'M_y above M_cr');
        if ($this->angle->isEqual()) {
            return $this->angle->least('M_n', '', $this->angle->angle->Wely, SkewAngle::GEOMETRIC, $LTB, $d);
        }

        return $this->angle->together('M_n', $this->angle->least('M_nw', 'w', $this->angle->Sw, 1.0, $LTB, $d), $d);
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        throw new \LogicException('Angles are weighed by their unbraced lengths.');
    }

    public function needsBraces(): bool
    {
        return true;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
    }

    private function deriveYield(?Derivation $d): void
    {
        $of = ['F_y' => [$this->angle->Fy, Kind::Stress]];
        $this->angle->isEqual()
            ? $d
                ?->with([...$of, 'S' => [$this->angle->angle->Wely, Kind::Modulus]])
                ->line(
                    'M_y',
                    SkewAngle::GEOMETRIC.' * F_y * S',
                    Kind::Moment,
                    'F10.2(b)(iii)',
                    'the angle is unrestrained',
                )
            : $d
                ?->with([...$of, 'S_w' => [$this->angle->Sw, Kind::Modulus]])
                ->line('M_y', 'F_y * S_w', Kind::Moment, 'F10.2');
    }

    /** M_cr about the geometric axis of equal legs (F10-5), or about w-w (F10-4). */
    private function elastic(float $L, float $Cb, ?Derivation $d = null): float
    {
        $a = $this->angle->angle;
        $E = $this->angle->E;
        $C = min($Cb, self::MOST_CB);
        $d?->with(['C_b' => [$Cb, Kind::Number]])->line(
            'C',
            'min(C_b, 1.5)',
            Kind::Number,
            'F10.2',
            'C_b is 1.5 at most',
        );
        $of = [
            'E' => [$E, Kind::ModulusOfElasticity],
            't' => [$a->t, Kind::Size],
            'C' => [$C, Kind::Number],
            'L_b' => [$L, Kind::Length],
        ];
        if ($this->angle->isEqual()) {
            $sign = $this->pressesToe ? '-' : '+';
            $q = ($L * $a->t) / $a->b ** 2;
            $M0 = (0.58 * $E * $a->b ** 4 * $a->t * $C) / $L ** 2;
            $Mcr = $M0 * (sqrt(1 + 0.88 * $q ** 2) + ($this->pressesToe ? -1 : 1));
            $d?->with(['L_b' => $of['L_b'], 't' => $of['t'], 'b' => [$a->b, Kind::Size]])->line(
                'q',
                'L_b * t / b^2',
                Kind::Number,
                'F10-5',
            );
            $d?->with([...$of])->line('M_0', '0.58 * E * b^4 * t * C / L_b^2', Kind::Moment, 'F10-5');
            $d?->line(
                'M_cr',
                "M_0 * (sqrt(1 + 0.88 * q^2) {$sign} 1)",
                Kind::Moment,
                $this->pressesToe ? 'F10-5a' : 'F10-5b',
                $this->pressesToe ? 'the toe is compressed the most' : 'greatest tension at the toe',
            );

            return $Mcr;
        }
        $rz = sqrt($a->Iv / $a->A);
        $k = (4.4 * $this->angle->beta * $rz) / ($L * $a->t);
        $M0 = (9 * $E * $a->A * $rz * $a->t * $C) / (8 * $L);
        $Mcr = $M0 * (sqrt(1 + $k ** 2) + $k);
        $d?->given(
            'beta_w',
            $this->angle->beta,
            Kind::Size,
            'F10.2',
            'of the section, by its middle lines; less than 0 where the long leg is compressed',
        );
        $d?->given('r_z', $rz, Kind::Size, '', 'about the weak principal axis');
        $d?->with(['L_b' => $of['L_b'], 't' => $of['t']])->line(
            'k',
            '4.4 * beta_w * r_z / (L_b * t)',
            Kind::Number,
            'F10-4',
        );
        $d?->with([...$of, 'A' => [$a->A, Kind::Area]])->line(
            'M_0',
            '9 * E * A * r_z * t * C / (8 * L_b)',
            Kind::Moment,
            'F10-4',
            'with legs alike',
        );
        $d?->line('M_cr', 'M_0 * (sqrt(1 + k^2) + k)', Kind::Moment, 'F10-4', 'about w-w');

        return $Mcr;
    }
}
