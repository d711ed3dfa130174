<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Units\Kind;

/**
 * ANSI/AISC 360, F12.2: nominal strength of an unsymmetrical section in lateral-torsional buckling, at the elastic
 * critical stress, F_y at most. Of an unbraced length this is that of a simply supported one under uniform moment
 * times C_b, with β against it. Moments in Nmm, lengths in mm.
 */
final readonly class StripLateralStrength extends LateralStrength
{
    private float $beta;

    private float $GJ;

    public function __construct(private StripShape $shape, private SkewSection $section)
    {
        $this->beta = abs($section->monosymmetry());
        $this->GJ = $shape->grade->shearModulus() * $section->It;
        parent::__construct($shape, $shape->Fy * $section->Wely, $shape->Fy * $section->Wely, 0.0, 0.0);
    }

    public function critical(float $L, float $Cb): float
    {
        $N = (M_PI ** 2 * $this->shape->E * $this->section->Iz) / $L ** 2;

        return (($Cb * $N) / 2) *
            (sqrt($this->beta ** 2 + 4 * ($this->section->Iw / $this->section->Iz + $this->GJ / $N)) - $this->beta);
    }

    public function harmless(): float
    {
        return $this->plateau;
    }

    /** From the square of the formula of critical(), which is one of second degree in L². */
    public function lengthOf(float $Mcr, float $Cb, ?Derivation $d = null): float
    {
        $m = $Mcr / $Cb;
        $p = $this->GJ - $m * $this->beta;
        $q = ($p + sqrt($p ** 2 + (4 * $m ** 2 * $this->section->Iw) / $this->section->Iz)) / (2 * $m ** 2);
        $L = M_PI * sqrt($this->shape->E * $this->section->Iz * $q);
        $d?->given('L_b', $L, Kind::Length, '', 'the unbraced length that buckles at this moment');

        return $L;
    }

    public function nominal(float $L, float $Cb, ?Derivation $d = null): float
    {
        $Mcr = $this->critical($L, $Cb);
        $s = $this->section;
        if ($d !== null) {
            $N = (M_PI ** 2 * $this->shape->E * $s->Iz) / $L ** 2;
            $d->given('I_y', $s->Iz, Kind::SecondMoment, '', 'free to turn with the moment: (I_x I_y − I_xy²)/I_x');
            $d->given('beta', $this->beta, Kind::Size, 'elastic theory', 'of the section, against it');
            $d->with(['E' => [$this->shape->E, Kind::ModulusOfElasticity], 'L_b' => [$L, Kind::Length]])->line(
                'N_y',
                'pi^2 * E * I_y / L_b^2',
                Kind::Force,
                'Euler',
            );
            $a = $s->Iw / $s->Iz + $this->GJ / $N;
            $d->with([
                'C_w' => [$s->Iw, Kind::Warping],
                'G' => [$this->shape->grade->shearModulus(), Kind::ModulusOfElasticity],
                'J' => [$s->It, Kind::SecondMoment],
            ])->line('a', 'C_w / I_y + G * J / N_y', Kind::Area, 'elastic theory');
            $d->with(['C_b' => [$Cb, Kind::Number]])->line(
                'M_cr',
                'C_b * N_y / 2 * (sqrt(beta^2 + 4 * a) - beta)',
                Kind::Moment,
                'F12.2',
                'elastic theory',
            );
            $this->shape->deriveModulus($d);
            $d->with(['S_min' => [$s->Wely, Kind::Modulus]])->line('F_cr', 'M_cr / S_min', Kind::Stress, 'F12-3');
            $F = $this->shape->stress($d);
            $d->with(['F_n' => [$F, Kind::Stress]])->line('M_n', 'min(F_n, F_cr) * S_min', Kind::Moment, 'F12-1');
        }

        return min($this->local, $Mcr);
    }

    protected function derive(Derivation $d, float $L, float $Cb, float $Mn): void
    {
    }
}
