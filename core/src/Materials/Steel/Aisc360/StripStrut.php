<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\Strut;
use Waage\Units\Kind;

/** ANSI/AISC 360, D2, E3, E4 and E7: a section built of strips that is pressed or pulled through its centroid. */
final readonly class StripStrut extends PressedStrut
{
    private StripSection $strips;

    private StripShape $profile;

    public function __construct(Strut $strut, Method $method, string $standard)
    {
        parent::__construct($strut, $method, $standard);
        $this->strips =
            $strut->section instanceof StripSection ? $strut->section : throw new \LogicException('Strips are needed.');
        $this->profile = new StripShape($this->strips, $strut->grade);
    }

    public function refusal(bool $isBent = false): string
    {
        return '';
    }

    protected function pressed(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $this->strips;
        [$E, $Fy, $L] = [$this->profile->E, $this->profile->Fy, $this->strut->L];
        [$Pe, $Pu, $Pv, $Pz] = $this->strut->critical();
        $r0 = sqrt(($s->Iu + $s->Iv) / $s->A + $s->u0 ** 2 + $s->v0 ** 2);
        $d?->given('P_r', $this->strut->compression, Kind::Force, '', 'compression');
        $d?->given('L_c', $L, Kind::Length, 'E2', 'between the supports, or as given');
        foreach (['u' => [$s->Iu, $Pu], 'v' => [$s->Iv, $Pv]] as $axis => [$I, $P]) {
            $d?->with([
                'E' => [$E, Kind::ModulusOfElasticity],
                "I_{$axis}" => [$I, Kind::SecondMoment],
                'A_g' => [$s->A, Kind::Area],
            ])->line(
                "F_e{$axis}",
                "pi^2 * E * I_{$axis} / (L_c^2 * A_g)",
                Kind::Stress,
                $axis === 'u' ? 'E4-5' : 'E4-6',
                $axis === 'u' ? 'about the strong principal axis' : 'about the weak one',
            );
        }
        $d?->given('r_0', $r0, Kind::Size, 'E4-9', '√((I_u + I_v)/A_g + u_0² + v_0²)');
        $d?->with([
            'E' => [$E, Kind::ModulusOfElasticity],
            'C_w' => [$s->Iw, Kind::Warping],
            'G' => [$this->strut->grade->shearModulus(), Kind::ModulusOfElasticity],
            'J' => [$s->It, Kind::SecondMoment],
            'A_g' => [$s->A, Kind::Area],
        ])->line('F_ez', '(pi^2 * E * C_w / L_c^2 + G * J) / (A_g * r_0^2)', Kind::Stress, 'E4-7');
        $d?->given(
            'u_0',
            abs($s->u0),
            Kind::Size,
            'E4',
            'from the centroid to the shear centre along the strong principal axis',
        );
        $d?->given('v_0', abs($s->v0), Kind::Size, 'E4', 'and along the weak one');
        $Fe = $Pe / $s->A;
        $d?->given(
            'F_e',
            $Fe,
            Kind::Stress,
            'E4-4',
            'least root of (F_e − F_eu)(F_e − F_ev)(F_e − F_ez) − F_e² (F_e − F_ev)(u_0/r_0)² − F_e² (F_e − F_eu)(v_0/r_0)² = 0',
        );
        $Fcr = Compression::stress($Fy, $Fe, $d);
        $Ae = SlenderElements::area($this->profile, $Fcr, $this->elements(), $d);
        $d?->with(['F_cr' => [$Fcr, Kind::Stress], 'A_e' => [$Ae, Kind::Area]])->line(
            'P_n',
            'F_cr * A_e',
            Kind::Force,
            'E3-1, E7-1',
        );
        $Pc = $this->method->available('P_n', $Fcr * $Ae, Compression::FACTORS, 'c', Kind::Force, 'E1', $d);

        return $this->weighing(
            'axial',
            'Compression',
            'E3, E4, E7',
            $this->strut->compression,
            $Pc,
            $this->strut->pressed,
            $d,
        );
    }

    /** @return list<SlenderElements> */
    private function elements(): array
    {
        $elements = [];
        foreach ($this->strips->tree->strips as $i => $strip) {
            if ($strip->t > 0.0) {
                $n = count($elements) + 1;
                $elements[] = $this->strips->isOutstand($i)
                    ? new SlenderElements(
                        (string) $n,
                        ["b_{$n}", $strip->length],
                        ["t_{$n}", $strip->t],
                        1,
                        0.45 * $this->profile->rootEF,
                        [0.22, 1.49],
                        'Table B4.1a, 3',
                        "strip {$n}, one end free",
                    )
                    : new SlenderElements(
                        (string) $n,
                        ["b_{$n}", $strip->length],
                        ["t_{$n}", $strip->t],
                        1,
                        1.49 * $this->profile->rootEF,
                        [0.18, 1.31],
                        'Table B4.1a, 8',
                        "strip {$n}, between others",
                    );
            }
        }

        return $elements;
    }
}
