<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F11.2: nominal strength of a flat on edge in lateral-torsional buckling. Moments in Nmm, lengths in
 * mm.
 */
final readonly class BarLateralStrength extends LateralStrength
{
    public function __construct(private Bar $bar)
    {
        $s = $bar->section;
        $perLength = (($bar->E / $bar->Fy) * $s->b ** 2) / $s->h;
        parent::__construct(
            $bar,
            $bar->moment(),
            (1.52 - 0.274 * 1.9) * $bar->Fy * $s->Wely,
            0.08 * $perLength,
            1.9 * $perLength,
        );
    }

    public function critical(float $L, float $Cb): float
    {
        $s = $this->bar->section;

        return ((1.9 * $this->bar->E * $Cb * $s->b ** 2) / ($L * $s->h)) * $s->Wely;
    }

    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $s = $this->bar->section;
        $L = (1.9 * $this->bar->E * $Cb * $s->b ** 2 * $s->Wely) / ($Mcr * $s->h);
        $d?->with([
            'E' => [$this->bar->E, Kind::ModulusOfElasticity],
            'C_b' => [$Cb, Kind::Number],
            't' => [$s->b, Kind::Size],
            'S_x' => [$s->Wely, Kind::Modulus],
            'M_cr' => [$Mcr, Kind::Moment],
            'd' => [$s->h, Kind::Size],
        ])->line(
            'L_b',
            '1.9 * E * C_b * t^2 * S_x / (M_cr * d)',
            Kind::Length,
            'F11-4',
            'the unbraced length that buckles at this moment: (F11-4) solved for L_b',
        );

        return $L;
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
        $s = $this->bar->section;
        $q = ($L * $s->h) / $s->b ** 2;
        $of = [
            'C_b' => [$Cb, Kind::Number],
            'q' => [$q, Kind::Number],
            'E' => [$this->bar->E, Kind::ModulusOfElasticity],
            'F_y' => [$this->bar->Fy, Kind::Stress],
            'S_x' => [$s->Wely, Kind::Modulus],
            'M_p' => [$this->plateau, Kind::Moment],
        ];
        $only = fn (string $text): array => array_filter(
            $of,
            fn (string $symbol): bool => preg_match("/\\b{$symbol}\\b/", $text) === 1,
            ARRAY_FILTER_USE_KEY,
        );
        $d->with(['L_b' => [$L, Kind::Length], 'd' => [$s->h, Kind::Size], 't' => [$s->b, Kind::Size]])->line(
            'q',
            'L_b * d / t^2',
            Kind::Number,
            'F11.2',
        );
        $d->with($only('E F_y'))->line('q_p', '0.08 * E / F_y', Kind::Number, 'F11.2');
        $d->with($only('E F_y'))->line('q_r', '1.9 * E / F_y', Kind::Number, 'F11.2');
        $this->bar->moment($d);
        [$text, $clause] = match (true) {
            $L <= $this->Lp => ['M_p', 'F11.2(a)'],
            $L <= $this->Lr => [
                'min(M_p, C_b * (M_p - (M_p - 0.9994 * F_y * S_x) * (q - q_p) / (q_r - q_p)))',
                'F11-2',
            ],
            default => ['min(M_p, 1.9 * E * C_b / q * S_x)', 'F11-3, F11-4'],
        };
        $of += [
            'q_p' => [(0.08 * $this->bar->E) / $this->bar->Fy, Kind::Number],
            'q_r' => [(1.9 * $this->bar->E) / $this->bar->Fy, Kind::Number],
        ];
        $d->with(
            array_filter(
                $of,
                fn (string $symbol): bool => preg_match("/\\b{$symbol}\\b/", $text) === 1,
                ARRAY_FILTER_USE_KEY,
            ),
        )->line(
            'M_n',
            $text,
            Kind::Moment,
            $clause,
            $clause === 'F11-2' ? 'C_b (1.52 − 0.274 L_b d/t² F_y/E) M_y, the same line' : '',
        );
    }
}
