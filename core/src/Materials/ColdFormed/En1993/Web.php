<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Checks\Working;
use Waage\Materials\ColdFormed\Bearing;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\WebRules;
use Waage\Units\Kind;

/**
 * EN 1993-1-3, 6.1.5, 6.1.7.2, 6.1.10 and 6.1.11: shear of a web without stiffeners, local forces at each support
 * with the web free to rotate, both with bending.
 */
final readonly class Web implements WebRules
{
    /** 6.1.7.2: a bearing nearer to a free end than so many times the web is one at the end. */
    private const NEAR = 1.5;

    public function __construct(private Bending $bending)
    {
    }

    public function clauses(): array
    {
        return [
            'shear' => 'EN 1993-1-3, 6.1.5',
            'bearing' => 'EN 1993-1-3, 6.1.7.2',
            'both' => 'EN 1993-1-3, 6.1.10',
            'pressed' => 'EN 1993-1-3, 6.1.11',
        ];
    }

    public function symbols(): array
    {
        return ['shear' => ['V_Ed', 'V_b_Rd'], 'bearing' => ['F_Ed', 'R_w_Rd']];
    }

    public function shear(Working $w, ColdFormedMake $make, float $V): void
    {
        $w->let('V_Ed', $V, Kind::Force);
        $this->shearOf($w, $make);
        $w->line('u', 'V_Ed / V_b_Rd', Kind::Number);
    }

    public function bearing(Working $w, ColdFormedMake $make, float $P, Bearing $at): string
    {
        $w->let('F_Ed', $P, Kind::Force);
        $fault = $this->bearingOf($w, $make, $at);
        $fault !== '' || $w->line('u', 'F_Ed / R_w_Rd', Kind::Number);

        return $fault;
    }

    public function bendingWithBearing(Working $w, ColdFormedMake $make, array $of, Bearing $at): ?Working
    {
        $w->let('M_Ed', abs($of[0]), Kind::Moment);
        $w->let('F_Ed', $of[1], Kind::Force);
        if ($this->bearingOf($w, $make, $at) !== '') {
            return null;
        }
        $this->bending->section($w, $make);
        $rule = 'max((M_Ed / M_c_Rd + F_Ed / R_w_Rd) / 1.25, M_Ed / M_c_Rd, F_Ed / R_w_Rd)';
        $w->line('u', $rule, Kind::Number, '6.1.11 (6.28)');

        return $w;
    }

    /** V_b,Rd of h_w, t, f_yb, E and γ_M0. */
    public static function shearResistance(Working $w): void
    {
        $slenderness = $w->line('lambda_w', '0.346 * h_w / t * sqrt(f_yb / E)', Kind::Number, '6.1.5(2) (6.10a)');
        match (true) {
            $slenderness <= 0.83 => $w->line('f_bv', '0.58 * f_yb', Kind::Stress, 'Table 6.1', 'λ_w up to 0.83'),
            $slenderness < 1.4 => $w->line(
                'f_bv',
                '0.48 * f_yb / lambda_w',
                Kind::Stress,
                'Table 6.1',
                'λ_w between 0.83 and 1.40',
            ),
            default => $w->line(
                'f_bv',
                '0.67 * f_yb / lambda_w^2',
                Kind::Stress,
                'Table 6.1',
                'λ_w from 1.40 on, without stiffening at the support',
            ),
        };
        $w->line('V_b_Rd', 'h_w * t * f_bv / gamma_M0', Kind::Force, '6.1.5(1) (6.8)');
    }

    private function shearOf(Working $w, ColdFormedMake $make): void
    {
        Bending::letStrength($w, $make);
        $w->let('h_w', $make->sizes->h - $make->sizes->t, Kind::Size, '6.1.5(1)', 'between the midlines of flanges');
        $w->has('t') || $w->let('t', $make->sizes->t, Kind::Size, '3.2.4(3)', 'core thickness');
        $w->has('E') || $w->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity, '3.2.1');
        self::shearResistance($w);
    }

    /** R_w,Rd of h_w, t, r, s_s, f_yb and γ_M1; near a free end, between two opposing forces. */
    public static function localResistance(Working $w, bool $hasLips, bool $isEnd, bool $hasTwo): void
    {
        $w->line('k', 'f_yb / 228', Kind::Number, '6.1.7.2(4)', 'f_yb in MPa');
        $w->let('k_3', 1.0, Kind::Number, '6.1.7.2(4)', 'upright web');
        $isLong = $w->value('s_s / t') > 60.0;
        if ($isEnd) {
            $w->line('k_1', '1.33 - 0.33 * k', Kind::Number, '6.1.7.2(4)');
            $w->line('k_2', 'max(0.5, min(1, 1.15 - 0.15 * r / t))', Kind::Number, '6.1.7.2(4)');
            [$rule, $clause] = match (true) {
                $hasTwo => ['(6.66 - h_w / t / 64) * (1 + 0.01 * s_s / t)', '6.1.7.2(3) (6.15f)'],
                $hasLips => ['(9.04 - h_w / t / 60) * (1 + 0.01 * s_s / t)', '6.1.7.2(2) (6.15a)'],
                ! $isLong => ['(5.92 - h_w / t / 132) * (1 + 0.01 * s_s / t)', '6.1.7.2(2) (6.15b)'],
                default => ['(5.92 - h_w / t / 132) * (0.71 + 0.015 * s_s / t)', '6.1.7.2(2) (6.15c)'],
            };
            $note = $hasLips ? 'near a free end, flanges with lips' : 'near a free end, plain flanges';
            $w->line('R_w_Rd', "k_1 * k_2 * k_3 * {$rule} * t^2 * f_yb / gamma_M1", Kind::Force, $clause, $note);

            return;
        }
        $w->line('k_4', '1.22 - 0.22 * k', Kind::Number, '6.1.7.2(4)');
        $w->line('k_5', 'min(1, 1.06 - 0.06 * r / t)', Kind::Number, '6.1.7.2(4)');
        [$rule, $clause] = match (true) {
            $hasTwo => ['(21 - h_w / t / 16.3) * (1 + 0.0013 * s_s / t)', '6.1.7.2(3) (6.15g)'],
            $isLong => ['(14.7 - h_w / t / 49.5) * (0.75 + 0.011 * s_s / t)', '6.1.7.2(2) (6.15e)'],
            default => ['(14.7 - h_w / t / 49.5) * (1 + 0.007 * s_s / t)', '6.1.7.2(2) (6.15d)'],
        };
        $note = $hasTwo ? 'away from free ends, two opposing forces' : 'away from free ends';
        $w->line('R_w_Rd', "k_3 * k_4 * k_5 * {$rule} * t^2 * f_yb / gamma_M1", Kind::Force, $clause, $note);
    }

    /** @return string why it is not covered; empty: it is */
    private function bearingOf(Working $w, ColdFormedMake $make, Bearing $at): string
    {
        $s = $make->sizes;
        [$hw, $bearing] = [$s->h - $s->t, $at->length];
        $limits = [
            $bearing <= 0.0 => 'There is no length of bearing: give one.',
            $hw / $s->t > 200.0 => 'The web is more than 200 times as deep as thick: 6.1.7.2 ends there.',
            $s->r / $s->t > 6.0 => 'The radius is more than 6 times the thickness: 6.1.7.2 ends there.',
        ];
        if (isset($limits[true])) {
            return $limits[true];
        }
        $isEnd = $at->toEnd <= self::NEAR * $hw;
        $hasTwo = $at->toOther < self::NEAR * $hw;
        Bending::letStrength($w, $make);
        $w->has('h_w') || $w->let('h_w', $hw, Kind::Size, '6.1.7.2(1)');
        $w->has('t') || $w->let('t', $s->t, Kind::Size, '3.2.4(3)', 'core thickness');
        $w->let('r', $s->r, Kind::Size, '', 'inner radius');
        $w->let('s_s', $bearing, Kind::Size, '6.1.7.1(3)', 'bearing');
        self::localResistance($w, $s->shape->hasLips(), $isEnd, $hasTwo);

        return '';
    }

    public function bendingWithShear(Working $w, ColdFormedMake $make, float $M, float $V): Working
    {
        $w->let('M_Ed', abs($M), Kind::Moment);
        $w->let('V_Ed', $V, Kind::Force);
        $this->shearOf($w, $make);
        $this->bending->section($w, $make);
        if ($w->value('V_Ed') <= $w->value('0.5 * V_b_Rd')) {
            $w->line(
                'u',
                'max(M_Ed / M_c_Rd, V_Ed / V_b_Rd)',
                Kind::Number,
                '6.1.10',
                'shear up to half: each by itself',
            );
        } else {
            $w->let('A_f', $this->bending->flange($make), Kind::Area, '6.1.10', 'effective flange with its fold');
            $w->line('M_f_Rd', 'A_f * h_w * f_yb / gamma_M0', Kind::Moment, '6.1.10', 'effective flanges');
            $w->let('W_pl', $make->profile()->of->plastic(1), Kind::Modulus, '', 'gross');
            $w->line('M_pl_Rd', 'W_pl * f_yb / gamma_M0', Kind::Moment, '6.1.10');
            $rule = 'M_Ed / M_c_Rd + max(0, 1 - M_f_Rd / M_pl_Rd) * (2 * V_Ed / V_b_Rd - 1)^2';
            $w->line('u', $rule, Kind::Number, '6.1.10 (6.27)');
        }

        return $w;
    }
}
