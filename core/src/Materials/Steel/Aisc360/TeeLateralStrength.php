<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F9.2: nominal strength of a tee in lateral-torsional buckling, from its unbraced length. The clause
 * has no C_b, so that every length counts as under uniform moment. Moments in Nmm, lengths in mm.
 */
final readonly class TeeLateralStrength extends LateralStrength
{
    public function __construct(private TeeShape $tee)
    {
        $s = $tee->section;
        parent::__construct(
            $tee,
            $tee->plastic(),
            $tee->firstYield(),
            1.76 * $s->iz * $tee->rootEF,
            ((((1.95 * $tee->E) / $tee->Fy) * sqrt($s->Iz * $s->It)) / $s->Wely) *
                sqrt((((2.36 * $tee->Fy) / $tee->E) * $s->h * $s->Wely) / $s->It + 1),
        );
    }

    /** The moment at which an unbraced length buckles elastically (F9-10). */
    public function critical(float $L, float $Cb): float
    {
        $s = $this->tee->section;
        $B = $this->coefficient($L);

        return ((1.95 * $this->tee->E) / $L) * sqrt($s->Iz * $s->It) * ($B + sqrt(1 + $B ** 2));
    }

    public function harmless(): float
    {
        return $this->tee->pressesStem ? $this->plateau : parent::harmless();
    }

    public function nominal(float $L, float $Cb, ?Derivation $d = null): float
    {
        if (! $this->tee->pressesStem) {
            return parent::nominal($L, 1.0, $d);
        }
        $Mn = min($this->critical($L, 1.0), $this->plateau);
        if ($d !== null) {
            $this->derive($d, $L, 1.0, $Mn);
        }

        return min($Mn, $this->local);
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        throw new \LogicException('Tees are weighed by their unbraced lengths.');
    }

    public function needsBraces(): bool
    {
        return true;
    }

    public function usesMomentFactor(): bool
    {
        return false;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $tee = $this->tee;
        $s = $tee->section;
        $tee->plastic($d);
        $of = [
            'E' => [$tee->E, Kind::ModulusOfElasticity],
            'L_b' => [$L, Kind::Length],
            'I_y' => [$s->Iz, Kind::SecondMoment],
            'J' => [$s->It, Kind::SecondMoment],
        ];
        $isElastic = $tee->pressesStem || $L > $this->Lr;
        if (! $tee->pressesStem) {
            $d->with(['r_y' => [$s->iz, Kind::Size], 'E' => $of['E'], 'F_y' => [$tee->Fy, Kind::Stress]])->line(
                'L_p',
                '1.76 * r_y * sqrt(E / F_y)',
                Kind::Length,
                'F9-8',
            );
            $d->with([
                'I_y' => $of['I_y'],
                'J' => $of['J'],
                'S_x' => [$s->Wely, Kind::Modulus],
                'd' => [$s->h, Kind::Size],
            ])->line(
                'L_r',
                '1.95 * E / F_y * sqrt(I_y * J) / S_x * sqrt(2.36 * F_y / E * d * S_x / J + 1)',
                Kind::Length,
                'F9-9',
            );
        }
        if ($isElastic) {
            $B = $this->coefficient($L);
            $d->with(['d' => [$s->h, Kind::Size], 'L_b' => $of['L_b'], 'I_y' => $of['I_y'], 'J' => $of['J']])->line(
                'B',
                ($tee->pressesStem ? '-' : '').'2.3 * d / L_b * sqrt(I_y / J)',
                Kind::Number,
                $tee->pressesStem ? 'F9-12' : 'F9-11',
                $tee->pressesStem ? 'stem in compression' : 'stem in tension',
            );
            $d->with([...$of])->line(
                'M_cr',
                '1.95 * E / L_b * sqrt(I_y * J) * (B + sqrt(1 + B^2))',
                Kind::Moment,
                'F9-10',
                'as under uniform moment',
            );
        }
        match (true) {
            $tee->pressesStem => $d
                ->with([
                    'M_cr' => [$this->critical($L, 1.0), Kind::Moment],
                    'M_y' => [$tee->firstYield(), Kind::Moment],
                ])
                ->line('M_LTB', 'min(M_cr, M_y)', Kind::Moment, 'F9-13'),
            $L <= $this->Lp => $d
                ->with(['M_p' => [$this->plateau, Kind::Moment]])
                ->line('M_LTB', 'M_p', Kind::Moment, 'F9.2(a)', 'L_b up to L_p: no lateral-torsional buckling'),
            $L <= $this->Lr => $d
                ->with([
                    'M_p' => [$this->plateau, Kind::Moment],
                    'M_y' => [$tee->firstYield(), Kind::Moment],
                    'L_b' => $of['L_b'],
                    'L_p' => [$this->Lp, Kind::Length],
                    'L_r' => [$this->Lr, Kind::Length],
                ])
                ->line('M_LTB', 'M_p - (M_p - M_y) * (L_b - L_p) / (L_r - L_p)', Kind::Moment, 'F9-6', 'inelastic'),
            default => $d
                ->with(['M_cr' => [$this->critical($L, 1.0), Kind::Moment], 'M_p' => [$this->plateau, Kind::Moment]])
                ->line('M_LTB', 'min(M_cr, M_p)', Kind::Moment, 'F9-7', 'elastic'),
        };
        $tee->moment($d, 'M_L');
        $d->with(['M_LTB' => [$Mn, Kind::Moment], 'M_L' => [$this->local, Kind::Moment]])->line(
            'M_n',
            'min(M_LTB, M_L)',
            Kind::Moment,
            'F9',
        );
    }

    /** B (F9-11, F9-12). */
    private function coefficient(float $L): float
    {
        $s = $this->tee->section;

        return ((($this->tee->pressesStem ? -2.3 : 2.3) * $s->h) / $L) * sqrt($s->Iz / $s->It);
    }
}
