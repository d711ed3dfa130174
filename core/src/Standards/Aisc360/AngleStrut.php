<?php

declare(strict_types=1);

namespace Waage\Standards\Aisc360;

use Waage\Checks\Derivation;
use Waage\Checks\Weighing;
use Waage\Member\StrutEnds;
use Waage\Standards\Strut;
use Waage\Units\Kind;

/** ANSI/AISC 360, D2, E3, E4, E5 and E7: a single angle that is pressed or pulled, connected by one leg, or centred. */
final readonly class AngleStrut
{
    /** Up to here legs do not twist before they buckle otherwise (E4). */
    private const TWISTS = 0.71;

    /** Smallest denominator of B_1: nearer to buckling the angle fails by compression anyway. */
    private const LEAST = 0.05;

    private SingleAngle $profile;

    public function __construct(private Strut $strut, private Method $method, private string $standard)
    {
        $this->profile = new SingleAngle($strut->angle, $strut->grade);
    }

    /** Why E5 does not cover it; empty: it does. */
    public function refusal(bool $isBent = false): string
    {
        if ($this->strut->ends === StrutEnds::Centroid || $this->strut->compression <= 0.0) {
            return '';
        }
        $s = $this->strut->angle;

        return match (true) {
            $isBent => 'E5 is for angles that nothing loads between their ends. Connect it about its centroid, or take off what loads it there: self-weight, loads beside its axis.',
            max($s->h, $s->b) >= 1.7 * min($s->h, $s->b) => 'E5 is for angles whose legs are less than 1.7 to 1. Take legs that differ less.',
            $this->slenderness(null) > 200.0 => 'E5 is for an effective slenderness of 200 at most. Take a greater angle, or hold it between its ends.',
            default => '',
        };
    }

    /** @return non-empty-list<Weighing> */
    public function weigh(bool $derive): array
    {
        return [
            ...$this->strut->compression > 0.0 ? [$this->pressed($derive)] : [],
            ...$this->strut->tension > 0.0 ? [$this->pulled($derive)] : [],
        ] ?: throw new \LogicException('A strut is pressed or pulled.');
    }

    /**
     * With bending (H2): the sum of all, moments amplified (App. 8); the greatest of all combinations.
     *
     * @param  list<Weighing>  $bending  weighings of bending and lateral-torsional buckling
     * @return non-empty-list<Weighing> axial force, all together
     */
    public function weighWithBending(array $bending, bool $derive): array
    {
        $alone = $this->weigh($derive);
        $p = max(array_map(fn (Weighing $w): float => (float) $w->ratio, $alone));
        $m = max([0.0, ...array_map(fn (Weighing $w): float => in_array($w->id, ['bending', 'buckling'], true) ? $w->ratio ?? 0.0 : 0.0, $bending)]);
        [$P, $Pe, $alpha] = [$this->strut->compression, $this->strut->least(), $this->method === Method::ASD ? 1.6 : 1.0];
        $B = 1 / max(1 - $alpha * $P / $Pe, self::LEAST);
        $d = $derive ? new Derivation : null;
        $d?->given('p', $p, Kind::Number, 'D2, E', 'utilisation by axial force');
        $d?->given('m', $m, Kind::Number, 'F10', 'greatest utilisation in bending, lateral-torsional buckling among it');
        $d?->given('P_r', $P, Kind::Force, '', 'compression');
        $d?->given('P_e1', $Pe, Kind::Force, 'A-8-5', 'the least, of bending about the weak principal axis or twisting');
        $d?->given('alpha', $alpha, Kind::Number, 'App. 8.1.2', $this->method->value);
        $d?->line('B_1', '1 / max(1 - alpha * P_r / P_e1, 0.05)', ['alpha' => [$alpha, Kind::Number], 'P_r' => [$P, Kind::Force], 'P_e1' => [$Pe, Kind::Force]], $B, Kind::Number, 'A-8-3', 'C_m = 1');
        $d?->line('u', 'p + B_1 * m', ['p' => [$p, Kind::Number], 'B_1' => [$B, Kind::Number], 'm' => [$m, Kind::Number]], $p + $B * $m, Kind::Number, 'H2-1', 'the sum of the greatest stresses, wherever they are');
        [$x, $combination, $arrangement, $factors] = $this->strut->tension > $P ? $this->strut->pulled : $this->strut->pressed;

        return [...$alone, new Weighing(
            'bending-axial', 'Bending with axial force', "{$this->standard}, H2", $p + $B * $m, x: $x, combination: $combination, arrangement: $arrangement, factors: $factors, lines: $d->lines ?? [],
            remark: 'The greatest axial force with the greatest moment, of whatever combinations: on the safe side.',
        )];
    }

    private function pulled(bool $derive): Weighing
    {
        $d = $derive ? new Derivation : null;
        $s = $this->strut->angle;
        $d?->given('P_r', $this->strut->tension, Kind::Force, '', 'tension');
        $Pn = $this->profile->Fy * $s->A;
        $d?->line('P_n', 'F_y * A_g', ['F_y' => [$this->profile->Fy, Kind::Stress], 'A_g' => [$s->A, Kind::Area]], $Pn, Kind::Force, 'D2-1', 'yielding; rupture, with shear lag of a leg that is connected alone (D3), belongs to the connection');
        $Pc = $this->method->available('P_n', $Pn, [0.90, 1.67], 't', Kind::Force, 'D2(a)', $d);

        return $this->weighing('tension', 'Tension', 'D2', $this->strut->tension, $Pc, $this->strut->pulled, $d);
    }

    private function pressed(bool $derive): Weighing
    {
        $d = $derive ? new Derivation : null;
        $s = $this->strut->angle;
        [$E, $Fy] = [$this->profile->E, $this->profile->Fy];
        $d?->given('P_r', $this->strut->compression, Kind::Force, '', 'compression');
        $d?->given('L', $this->strut->L, Kind::Length, 'E2', 'between the ends, or as given; ends connected '.$this->strut->ends->words());
        $slenderness = $this->slenderness($d);
        $stresses = ['F_e1' => M_PI ** 2 * $E / $slenderness ** 2];
        $d?->line('F_e1', 'pi^2 * E / s^2', ['E' => [$E, Kind::ModulusOfElasticity], 's' => [$slenderness, Kind::Number]], $stresses['F_e1'], Kind::Stress, 'E3-4');
        $ratio = max($s->h, $s->b) / $s->t;
        if ($ratio > self::TWISTS * $this->profile->rootEF) {
            $stresses['F_e2'] = $this->strut->critical()[0] / $s->A;
            $d?->given('F_e2', $stresses['F_e2'], Kind::Stress, 'E4-4', 'legs more slender than 0.71 √(E/F_y): bending about both principal axes and twisting at once, over A_g');
        }
        $Fe = min($stresses);
        $d?->line('F_e', count($stresses) === 1 ? 'F_e1' : 'min(F_e1, F_e2)', array_map(fn (float $F): array => [$F, Kind::Stress], $stresses), $Fe, Kind::Stress, 'E3, E4');
        $isInelastic = $Fy / $Fe <= 2.25;
        $Fcr = $isInelastic ? 0.658 ** ($Fy / $Fe) * $Fy : 0.877 * $Fe;
        $isInelastic
            ? $d?->line('F_cr', '0.658^(F_y / F_e) * F_y', ['F_y' => [$Fy, Kind::Stress], 'F_e' => [$Fe, Kind::Stress]], $Fcr, Kind::Stress, 'E3-2', 'F_y/F_e not above 2.25')
            : $d?->line('F_cr', '0.877 * F_e', ['F_e' => [$Fe, Kind::Stress]], $Fcr, Kind::Stress, 'E3-3', 'F_y/F_e above 2.25');
        $legs = array_map(fn (string $leg, float $width): SlenderElements => new SlenderElements($leg, [$leg, $width], ['t', $s->t], 1, 0.45 * $this->profile->rootEF, [0.22, 1.49], 'Table B4.1a, 3', 'leg'), ['h', 'b'], [$s->h, $s->b]);
        $Ae = SlenderElements::area($this->profile, $Fcr, $legs, $d);
        $d?->line('P_n', 'F_cr * A_e', ['F_cr' => [$Fcr, Kind::Stress], 'A_e' => [$Ae, Kind::Area]], $Fcr * $Ae, Kind::Force, 'E3-1, E7-1');
        $Pc = $this->method->available('P_n', $Fcr * $Ae, Compression::FACTORS, 'c', Kind::Force, 'E1', $d);

        return $this->weighing('axial', 'Compression', $this->strut->ends === StrutEnds::Centroid ? 'E3, E4, E7' : 'E5, E7', $this->strut->compression, $Pc, $this->strut->pressed, $d);
    }

    /** L_c / r (E5, of individual members and web members of planar trusses; E3 where it is centred). */
    private function slenderness(?Derivation $d): float
    {
        $s = $this->strut->angle;
        $L = $this->strut->L;
        $rz = sqrt($s->Iv / $s->A);
        if ($this->strut->ends === StrutEnds::Centroid) {
            $d?->line('s', 'L / r_z', ['L' => [$L, Kind::Length], 'r_z' => [$rz, Kind::Size]], $L / $rz, Kind::Number, 'E2', 'about the weak principal axis');

            return $L / $rz;
        }
        $isUpright = $this->strut->ends === StrutEnds::Upright;
        $ra = sqrt(($isUpright ? $s->Iz : $s->Iy) / $s->A);
        [$connected, $other] = $isUpright ? [$s->h, $s->b] : [$s->b, $s->h];
        $a = $L / $ra;
        $short = $a <= 80.0;
        $effective = $short ? 72 + 0.75 * $a : 32 + 1.25 * $a;
        $d?->line('a', 'L / r_a', ['L' => [$L, Kind::Length], 'r_a' => [$ra, Kind::Size]], $a, Kind::Number, 'E5', 'r_a about the axis parallel to the connected leg');
        if ($connected >= $other) {
            $d?->line('s', $short ? '72 + 0.75 * a' : '32 + 1.25 * a', ['a' => [$a, Kind::Number]], $effective, Kind::Number, $short ? 'E5-1' : 'E5-2', 'the longer leg is connected, or both are alike');

            return $effective;
        }
        $effective += 4 * (($other / $connected) ** 2 - 1);
        $d?->line('s', 'max('.($short ? '72 + 0.75 * a' : '32 + 1.25 * a').' + 4 * ((b_l / b_s)^2 - 1), 0.95 * L / r_z)', ['a' => [$a, Kind::Number], 'b_l' => [$other, Kind::Size], 'b_s' => [$connected, Kind::Size], 'L' => [$L, Kind::Length], 'r_z' => [$rz, Kind::Size]], max($effective, 0.95 * $L / $rz), Kind::Number, $short ? 'E5-1' : 'E5-2', 'the shorter leg is connected');

        return max($effective, 0.95 * $L / $rz);
    }

    /** @param  array{float, string, string, array<int, float>}  $at */
    private function weighing(string $id, string $title, string $clause, float $P, float $Pc, array $at, ?Derivation $d): Weighing
    {
        $d?->line('u', 'P_r / P_c', ['P_r' => [$P, Kind::Force], 'P_c' => [$Pc, Kind::Force]], $P / $Pc, Kind::Number, 'B3');
        [$x, $combination, $arrangement, $factors] = $at;

        return new Weighing($id, $title, "{$this->standard}, {$clause}", $P / $Pc, demand: $P, capacity: $Pc, kind: Kind::Force, demandSymbol: 'P_r', capacitySymbol: 'P_c', x: $x, combination: $combination, arrangement: $arrangement, factors: $factors, lines: $d->lines ?? []);
    }
}
