<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\BendingSearch;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\Strained;
use Waage\Units\Kind;

/**
 * EN 1993-1-3, 6.1.4 and 6.2.4: bending about the horizontal axis, constrained to it, with the effective section;
 * lateral- torsional buckling by EN 1993-1-1, 6.3.2.2, curve b, for each length between restraints.
 */
final class Bending
{
    /** @var array<string, Working> effective sections by sizes and strength */
    private static array $known = [];

    public function __construct(private readonly BendingSearch $search)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->search->places($make) as $place) {
            $capacity = fn (Strained $at): float => $this->strength($make, $at, Detail::Verdict)->value('M_b_Rd');
            $at = $this->search->worst($make, $place, $capacity);
            $what = [
                "bending-{$place->id}",
                "Bending, {$place->words}",
                $at->length > 0.0 ? 'EN 1993-1-3, 6.2.4' : 'EN 1993-1-3, 6.1.4',
                $place->sign > 0 ? 'sagging' : 'hogging',
            ];
            $w = $this->strength($make, $at, $detail);
            $weighings[] = $this->search->report($what, ['M_Ed', 'M_b_Rd'], $w, $at, [$place->from, $place->to]);
        }

        return $weighings;
    }

    private function strength(ColdFormedMake $make, Strained $at, Detail $detail): Working
    {
        $w = $detail->working();
        $w->let('M_Ed', $at->M, Kind::Moment);
        $this->resistance($w, $make, $at);
        $eigenvalue = $detail->hasLines() && $at->length > 0.0 ? $this->search->diagrams->eigenvalue($make, $at) : null;
        if ($eigenvalue !== null) {
            $w->let('alpha_ev', $eigenvalue, Kind::Number, '', 'beside it: eigenvalue of the member');
            $w->line('M_cr_ev', 'alpha_ev * M_Ed', Kind::Moment, '', 'beside M_cr; loads where they act');
        }
        $w->line('u', 'M_Ed / M_b_Rd', Kind::Number);

        return $w;
    }

    /** M_c,Rd, and M_b,Rd of a length between restraints of the compressed flange. */
    public function resistance(Working $w, ColdFormedMake $make, Strained $at): void
    {
        $this->section($w, $make);
        if ($at->length <= 0.0) {
            $w->line('M_b_Rd', 'M_c_Rd', Kind::Moment, '6.2.4(1)', 'the compressed flange is restrained');

            return;
        }
        $of = $make->profile()->of;
        $isZ = $make->sizes->shape->isZ();
        $w->let('L_z', $at->length, Kind::Length, '', 'between restraints of the compressed flange');
        $w->let('L_T', $at->twist, Kind::Length, '', 'between places held against twisting');
        $w->let(
            'I_z',
            $isZ ? $of->principal()[1] : $of->Iz,
            Kind::SecondMoment,
            '',
            $isZ ? 'gross, weak principal axis' : 'gross',
        );
        $w->let('I_t', $of->J, Kind::SecondMoment);
        $w->let('I_w', $of->Cw, Kind::Warping);
        $w->let('G', $make->standard()->shearModulus(), Kind::ModulusOfElasticity);
        $at->letGradient($w, 'C_1', 'EN 1993-1-1, 6.3.2.2(2)');
        $w->line(
            'M_cr',
            'C_1 * sqrt(pi^2 * E * I_z / L_z^2 * (G * I_t + pi^2 * E * I_w / L_T^2))',
            Kind::Moment,
            'EN 1993-1-1, 6.3.2.2(2)',
            'loads at the shear centre',
        );
        $w->line('lambda_LT', 'sqrt(W_eff * f_yb / M_cr)', Kind::Number, 'EN 1993-1-1, 6.3.2.2(1)');
        self::reduction($w, 'LT', 'EN 1993-1-1, 6.3.2.2(1) (6.56)');
        $w->line('M_b_Rd', 'chi_LT * W_eff * f_yb / gamma_M1', Kind::Moment, 'EN 1993-1-1, 6.3.2.1(3) (6.55)');
    }

    /** χ of a slenderness by curve b. */
    public static function reduction(Working $w, string $of, string $clause): void
    {
        $slenderness = "lambda_{$of}";
        if ($w->value($slenderness) <= 0.2) {
            $w->let("chi_{$of}", 1.0, Kind::Number, $clause, 'slenderness up to 0.2');

            return;
        }
        $w->line(
            "Phi_{$of}",
            "0.5 * (1 + 0.34 * ({$slenderness} - 0.2) + {$slenderness}^2)",
            Kind::Number,
            $clause,
            'curve b',
        );
        $rule = "min(1, 1 / (Phi_{$of} + sqrt(Phi_{$of}^2 - {$slenderness}^2)))";
        $w->line("chi_{$of}", $rule, Kind::Number, $clause);
    }

    /** M_c,Rd of the effective section. */
    public function section(Working $w, ColdFormedMake $make): void
    {
        self::letStrength($w, $make);
        self::letEffective($w, $make, true);
        $w->line('M_c_Rd', 'W_eff * f_yb / gamma_M0', Kind::Moment, '6.1.4.1(1) (6.4)');
    }

    /** What is taken of the effective section at f_yb, in bending or in compression; it is derived once, by itself. */
    public static function letEffective(Working $w, ColdFormedMake $make, bool $bends): void
    {
        $of = self::effective($make, $bends, Detail::Verdict);
        if (! $w->keepsLines) {
            $w->borrow($of);

            return;
        }
        $w->has('E') || $w->let('E', $make->standard()->elasticity(), Kind::ModulusOfElasticity, '3.2.1');
        $note = 'effective section, derived by itself';
        if ($bends) {
            $w->let('W_eff', $of->value('W_eff'), Kind::Modulus, '5.5', $note);
            $w->bind('I_eff', $of->value('I_eff'), Kind::SecondMoment);

            return;
        }
        $w->let('A_eff', $of->value('A_eff'), Kind::Area, '5.5', $note);
        foreach (['x_eff', 'b_0', 'h_t', 't', 'b_1t', 'b_2t', 'c_eff', 't_red', 'delta'] as $symbol) {
            $of->has($symbol) && $w->bind($symbol, $of->value($symbol), Kind::Size);
        }
    }

    /** Of the flange in compression with its fold, effective, mm². */
    public function flange(ColdFormedMake $make): float
    {
        $of = self::effective($make, true, Detail::Verdict);

        return $of->value($of->has('t_red') ? 'b_1t * t + (b_2t + c_eff) * t_red' : 'b_1t * t');
    }

    private static function effective(ColdFormedMake $make, bool $bends, Detail $detail): Working
    {
        $key = "{$make->sizes->key()} {$make->Fy} {$bends}";
        if (! $detail->hasLines() && isset(self::$known[$key])) {
            return self::$known[$key];
        }
        $section = new EffectiveSection(Walls::of($make->sizes), $make->standard()->elasticity());
        $own = $detail->working();
        $own->let('f_yb', $make->Fy, Kind::Stress, '3.2.1', 'basic yield strength');
        $bends ? $section->bending($own) : $section->compression($own);

        return $detail->hasLines() ? $own : (self::$known[$key] = $own);
    }

    /** The effective section line by line: what other weighings take from it. */
    public static function told(ColdFormedMake $make, bool $bends, Detail $detail): Weighing
    {
        return new Weighing(
            $bends ? 'effective-bending' : 'effective-compression',
            $bends ? 'Effective section in bending' : 'Effective section in compression',
            'EN 1993-1-3, 5.5',
            null,
            lines: self::effective($make, $bends, $detail)->lines,
            remark: $bends ? 'For bending, with shear, with bearing, and deflection.' : 'For compression.',
            told: true,
        );
    }

    public static function letStrength(Working $w, ColdFormedMake $make): void
    {
        if ($w->has('f_yb')) {
            return;
        }
        $w->let('f_yb', $make->Fy, Kind::Stress, '3.2.1', 'basic yield strength');
        $w->let('gamma_M0', $make->parameter('gammaM0'), Kind::Number, '2(3)');
        $w->let('gamma_M1', $make->parameter('gammaM1'), Kind::Number, '2(3)');
    }
}
