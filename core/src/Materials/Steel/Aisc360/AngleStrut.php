<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Strut;
use Waage\Materials\Steel\StrutEnds;
use Waage\Units\Kind;

/** ANSI/AISC 360, D2, E3, E4, E5 and E7: a single angle that is pressed or pulled, connected by one leg, or centred. */
final readonly class AngleStrut extends PressedStrut
{
    /** Up to here legs do not twist before they buckle otherwise (E4). */
    private const TWISTS = 0.71;

    private Angle $angle;

    private SingleAngle $profile;

    public function __construct(Strut $strut, Method $method, string $standard)
    {
        parent::__construct($strut, $method, $standard);
        $this->angle =
            $strut->section instanceof Angle ? $strut->section : throw new \LogicException('An angle is needed.');
        $this->profile = new SingleAngle($this->angle, $strut->grade);
    }

    /** Why E5 does not cover it; empty: it does. */
    public function refusal(bool $isBent = false): string
    {
        if ($this->strut->ends === StrutEnds::Centroid || $this->strut->compression <= 0.0) {
            return '';
        }
        $s = $this->angle;

        return match (true) {
            $isBent => 'E5 is for angles that nothing loads between their ends. Connect it about its centroid, or take off what loads it there: self-weight, loads beside its axis.',
            max($s->h, $s->b) >= 1.7 * min($s->h, $s->b) => 'E5 is for angles whose legs are less than 1.7 to 1. Take legs that differ less.',
            $this->slenderness(null) > 200.0 => 'E5 is for an effective slenderness of 200 at most. Take a greater angle, or restrain it between its ends.',
            default => '',
        };
    }

    protected function pressed(Detail $detail): Weighing
    {
        $d = $detail->derivation();
        $s = $this->angle;
        [$E, $Fy] = [$this->profile->E, $this->profile->Fy];
        $d?->given('P_r', $this->strut->compression, Kind::Force, '', 'compression');
        $d?->given(
            'L',
            $this->strut->L,
            Kind::Length,
            'E2',
            'between the ends, or as given; ends connected '.$this->strut->ends->words(),
        );
        $slenderness = $this->slenderness($d);
        $stresses = ['F_e1' => (M_PI ** 2 * $E) / $slenderness ** 2];
        $d?->with(['E' => [$E, Kind::ModulusOfElasticity], 's' => [$slenderness, Kind::Number]])->line(
            'F_e1',
            'pi^2 * E / s^2',
            Kind::Stress,
            'E3-4',
        );
        $ratio = max($s->h, $s->b) / $s->t;
        if ($ratio > self::TWISTS * $this->profile->rootEF) {
            $stresses['F_e2'] = $this->strut->critical()[0] / $s->A;
            $d?->given(
                'F_e2',
                $stresses['F_e2'],
                Kind::Stress,
                'E4-4',
                'legs more slender than 0.71 √(E/F_y): bending about both principal axes and twisting at once, over A_g',
            );
        }
        $Fe = min($stresses);
        $d?->with(array_map(fn (float $F): array => [$F, Kind::Stress], $stresses))->line(
            'F_e',
            count($stresses) === 1 ? 'F_e1' : 'min(F_e1, F_e2)',
            Kind::Stress,
            'E3, E4',
        );
        $Fcr = Compression::stress($Fy, $Fe, $d);
        $legs = array_map(
            fn (string $leg, float $width): SlenderElements => new SlenderElements(
                $leg,
                [$leg, $width],
                ['t', $s->t],
                1,
                0.45 * $this->profile->rootEF,
                [0.22, 1.49],
                'Table B4.1a, 3',
                'leg',
            ),
            ['h', 'b'],
            [$s->h, $s->b],
        );
        $Ae = SlenderElements::area($this->profile, $Fcr, $legs, $d);
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
            $this->strut->ends === StrutEnds::Centroid ? 'E3, E4, E7' : 'E5, E7',
            $this->strut->compression,
            $Pc,
            $this->strut->pressed,
            $d,
        );
    }

    /** L_c / r (E5, of individual members and web members of planar trusses; E3 where it is centred). */
    private function slenderness(?Derivation $d): float
    {
        $s = $this->angle;
        $L = $this->strut->L;
        $rz = sqrt($s->Iv / $s->A);
        if ($this->strut->ends === StrutEnds::Centroid) {
            $d?->with(['L' => [$L, Kind::Length], 'r_z' => [$rz, Kind::Size]])->line(
                's',
                'L / r_z',
                Kind::Number,
                'E2',
                'about the weak principal axis',
            );

            return $L / $rz;
        }
        $isUpright = $this->strut->ends === StrutEnds::Upright;
        $ra = sqrt(($isUpright ? $s->Iz : $s->Iy) / $s->A);
        [$connected, $other] = $isUpright ? [$s->h, $s->b] : [$s->b, $s->h];
        $a = $L / $ra;
        $short = $a <= 80.0;
        $effective = $short ? 72 + 0.75 * $a : 32 + 1.25 * $a;
        $d?->with(['L' => [$L, Kind::Length], 'r_a' => [$ra, Kind::Size]])->line(
            'a',
            'L / r_a',
            Kind::Number,
            'E5',
            'r_a about the axis parallel to the connected leg',
        );
        if ($connected >= $other) {
            $d?->line(
                's',
                $short ? '72 + 0.75 * a' : '32 + 1.25 * a',
                Kind::Number,
                $short ? 'E5-1' : 'E5-2',
                'the longer leg is connected, or both are alike',
            );

            return $effective;
        }
        $effective += 4 * (($other / $connected) ** 2 - 1);
        $d?->with(['b_l' => [$other, Kind::Size], 'b_s' => [$connected, Kind::Size], 'r_z' => [$rz, Kind::Size]])->line(
            's',
            'max('.($short ? '72 + 0.75 * a' : '32 + 1.25 * a').' + 4 * ((b_l / b_s)^2 - 1), 0.95 * L / r_z)',
            Kind::Number,
            $short ? 'E5-1' : 'E5-2',
            'the shorter leg is connected',
        );

        return max($effective, (0.95 * $L) / $rz);
    }
}
