<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Against;
use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Strut;
use Waage\Member\Basis;
use Waage\Units\Kind;

/**
 * EN 1993-1-1:2005, 6.2.3, 6.2.4 and 6.3.1.4: a section built of strips that is pressed or pulled through its
 * centroid; of class 4 at a reduced stress (EN 1993-1-5, 10), under which nothing shifts.
 */
final readonly class StripStrut implements PressedStrut
{
    /** Curve c: any other section (Table 6.2). */
    private const CURVE = 'c';

    private SteelSection $steel;

    public function __construct(private Strut $strut, Basis $basis)
    {
        $this->steel = new SteelSection($strut->section, $strut->grade, $basis);
    }

    public function weigh(Detail $detail): array
    {
        return [
            ...$this->strut->compression > 0.0 ? [$this->class($detail)] : [],
            $this->section($detail),
            ...$this->strut->compression > 0.0 ? [$this->buckling($detail)] : [],
        ];
    }

    public function sectionClass(): int
    {
        return $this->steel->classIn(Strain::Compression);
    }

    private function class(Detail $detail): Weighing
    {
        $remark =
            $this->sectionClass() > 3
                ? 'The section is class 4 in compression: it counts at a reduced stress (EN 1993-1-5, 10).'
                : "The section is class {$this->sectionClass()} in compression.";

        return new Weighing(
            'classification',
            'Section class',
            'EN 1993-1-1, 5.5.2',
            null,
            remark: $remark,
            lines: Classification::weigh($this->steel, $detail)->lines,
        );
    }

    /** A f_y, or A_eff f_y, N. */
    private function strength(?Derivation $d, bool $isPulled): float
    {
        return ($isPulled ? $this->steel->section->A : $this->steel->compressedArea($d)) * $this->steel->fy;
    }

    private function symbol(bool $isPulled): string
    {
        return ! $isPulled && $this->sectionClass() > 3 ? 'A_eff' : 'A';
    }

    private function section(Detail $detail): Weighing
    {
        $pulls = $this->strut->tension > $this->strut->compression;
        $d = $detail->derivation();
        $N = max($this->strut->compression, $this->strut->tension);
        $d?->given('N_Ed', $N, Kind::Force, '', $pulls ? 'tension' : 'compression');
        $gammaM0 = $this->steel->basis->steel->gammaM0;
        $NRd = $this->strength($d, $pulls) / $gammaM0;
        $A = $this->symbol($pulls);
        $d?->with([
            $A => [($NRd * $gammaM0) / $this->steel->fy, Kind::Area],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'gamma_M0' => [$gammaM0, Kind::Number],
        ])->line(
            'N_c_Rd',
            "{$A} * f_y / gamma_M0",
            Kind::Force,
            $pulls ? '6.2.3(2) (6.6)' : ($A === 'A' ? '6.2.4(2) (6.10)' : '6.2.4(2) (6.11)'),
        );
        $d?->line('u', 'N_Ed / N_c_Rd', Kind::Number, $pulls ? '6.2.3(1) (6.5)' : '6.2.4(1) (6.9)');

        return $this->weighing(
            'axial',
            'Axial force',
            $pulls ? '6.2.3' : '6.2.4',
            $N,
            $NRd,
            'N_c_Rd',
            $pulls ? $this->strut->pulled : $this->strut->pressed,
            $d,
        );
    }

    private function buckling(Detail $detail): Weighing
    {
        $s = $this->strut->section;
        $d = $detail->derivation();
        [$N, $L] = [$this->strut->compression, $this->strut->L];
        [$E, $G] = [$this->strut->grade->elasticity(), $this->strut->grade->shearModulus()];
        $d?->given('N_Ed', $N, Kind::Force, '', 'greatest compression');
        $NRk = $this->strength($d, false);
        $A = $this->symbol(false);
        [$Ncr, $Nu, $Nv, $NT] = $this->strut->critical();
        $i0 = sqrt(($s->Iu + $s->Iv) / $s->A + $s->u0 ** 2 + $s->v0 ** 2);
        $d?->given('L', $L, Kind::Length, '', 'between the supports, or as given');
        foreach (['u' => [$s->Iu, $Nu], 'v' => [$s->Iv, $Nv]] as $axis => [$I, $critical]) {
            $d?->with(['E' => [$E, Kind::ModulusOfElasticity], "I_{$axis}" => [$I, Kind::SecondMoment]])->line(
                "N_{$axis}",
                "pi^2 * E * I_{$axis} / L^2",
                Kind::Force,
                'Euler',
                $axis === 'u' ? 'about the strong principal axis' : 'about the weak one',
            );
        }
        $d?->given(
            'u_0',
            abs($s->u0),
            Kind::Size,
            '',
            'from the centroid to the shear centre along the strong principal axis',
        );
        $d?->given('v_0', abs($s->v0), Kind::Size, '', 'and along the weak one');
        $d?->given('i_0', $i0, Kind::Size, '', '√((I_u + I_v)/A + u_0² + v_0²)');
        $d?->with([
            'G' => [$G, Kind::ModulusOfElasticity],
            'I_t' => [$s->It, Kind::SecondMoment],
            'E' => [$E, Kind::ModulusOfElasticity],
            'I_w' => [$s->Iw, Kind::Warping],
        ])->line(
            'N_T',
            '(G * I_t + pi^2 * E * I_w / L^2) / i_0^2',
            Kind::Force,
            'elastic theory',
            'torsional buckling',
        );
        $d?->given(
            'N_cr',
            $Ncr,
            Kind::Force,
            'elastic theory',
            'bending about both principal axes and twisting at once: least root of i_0² (N − N_u)(N − N_v)(N − N_T) = N² (u_0² (N − N_v) + v_0² (N − N_u))',
        );
        $lambda = sqrt($NRk / $Ncr);
        $curve = new BucklingCurve(self::CURVE);
        $chi = $curve->at($lambda);
        $d?->with([$A => [$NRk / $this->steel->fy, Kind::Area], 'f_y' => [$this->steel->fy, Kind::Stress]])->line(
            'lambda',
            "sqrt({$A} * f_y / N_cr)",
            Kind::Number,
            '6.3.1.4(2) (6.52)',
        );
        $curve->derive($d);
        $gammaM1 = $this->steel->basis->steel->gammaM1;
        $Nb = ($chi * $NRk) / $gammaM1;
        $d?->with([$A => [$NRk / $this->steel->fy, Kind::Area], 'gamma_M1' => [$gammaM1, Kind::Number]])->line(
            'N_b_Rd',
            "chi * {$A} * f_y / gamma_M1",
            Kind::Force,
            '6.3.1.1(3) (6.47)',
        );
        $d?->line('u', 'N_Ed / N_b_Rd', Kind::Number, '6.3.1.1(1) (6.46)');

        return $this->weighing('buckling-axial', 'Buckling', '6.3.1.4', $N, $Nb, 'N_b_Rd', $this->strut->pressed, $d);
    }

    private function weighing(
        string $id,
        string $title,
        string $clause,
        float $N,
        float $NRd,
        string $capacity,
        Place $at,
        ?Derivation $d,
    ): Weighing {
        return new Weighing(
            $id,
            $title,
            "EN 1993-1-1, {$clause}",
            $N / $NRd,
            against: new Against(
                demand: $N,
                capacity: $NRd,
                kind: Kind::Force,
                demandSymbol: 'N_Ed',
                capacitySymbol: $capacity,
            ),
            at: $at,
            lines: $d->lines ?? [],
        );
    }
}
