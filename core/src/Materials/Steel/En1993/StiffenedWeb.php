<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\WebStiffeners;
use Waage\Units\Kind;

/**
 * EN 1993-1-5:2006, 5 and 9.3: shear in a panel of a web with pairs of stiffeners, what its flanges add (5.4), end
 * posts (9.3.1), and the stiffeners themselves (9.3.3): stiffness, the force that the panels leave to them, no
 * twisting (9.2.1(8)). Stiffeners are of the steel of the web.
 */
final readonly class StiffenedWeb
{
    private ISection $section;

    private bool $isRigid;

    /**
     * @param  float  $a  length of the panel, mm
     */
    public function __construct(private SteelSection $steel, private WebStiffeners $stiffeners, private float $a)
    {
        $this->section = SlenderWeb::weaker($steel);
        // 9.3.1(3): e ≥ 0.1 h_w, and each pair at least 4 h_w t²/e.
        $e = $stiffeners->endPost;
        $this->isRigid =
            $e >= 0.1 * $this->section->hw &&
            2 * $stiffeners->width * $stiffeners->thickness >=
                (4 * $this->section->hw * $this->section->tw ** 2) / max($e, 1e-9);
    }

    /**
     * V_b,Rd in N.
     *
     * @param  float  $M  greatest moment in the panel, Nmm
     */
    public function resistance(float $M, ?Derivation $d = null): float
    {
        $Vbw = $this->ofWeb($d);
        $Vbf = $this->ofFlanges($M, $d);
        $s = $this->section;
        $most =
            ($this->steel->basis->steel->eta * $this->steel->fy * $s->hw * $s->tw) /
            sqrt(3) /
            $this->steel->basis->steel->gammaM1;
        $d?->given('V_b_max', $most, Kind::Force, '5.2(1) (5.1)', 'η f_y h_w t_w/(√3 γ_M1)');
        $d?->with(['V_bw_Rd' => [$Vbw, Kind::Force], 'V_bf_Rd' => [$Vbf, Kind::Force]])->line(
            'V_b_Rd',
            'min(V_bw_Rd + V_bf_Rd, V_b_max)',
            Kind::Force,
            '5.2(1) (5.1)',
        );

        return min($Vbw + $Vbf, $most);
    }

    /** λ_w: (5.6) with the stiffeners that stand around the panel. */
    public function slenderness(?Derivation $d = null): float
    {
        $s = $this->section;
        $ratio = $s->hw / $this->a;
        $k = $this->a >= $s->hw ? 5.34 + 4 * $ratio ** 2 : 4 + 5.34 * $ratio ** 2;
        $lambda = $s->hw / (37.4 * $s->tw * $this->steel->epsilon * sqrt($k));
        $of = ['h_w' => [$s->hw, Kind::Size], 'a' => [$this->a, Kind::Size]];
        $d?->given('a', $this->a, Kind::Size, '', 'length of the panel');
        $d?->with($of)->line(
            'k_tau',
            $this->a >= $s->hw ? '5.34 + 4 * (h_w / a)^2' : '4 + 5.34 * (h_w / a)^2',
            Kind::Number,
            'A.3(1) (A.5)',
        );
        $d?->with([
            'h_w' => [$s->hw, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'epsilon' => [$this->steel->epsilon, Kind::Number],
        ])->line('lambda_w', 'h_w / (37.4 * t_w * epsilon * sqrt(k_tau))', Kind::Number, '5.3(3) (5.6)');

        return $lambda;
    }

    /** V_bw,Rd, N. */
    public function ofWeb(?Derivation $d = null): float
    {
        $s = $this->section;
        $eta = $this->steel->basis->steel->eta;
        $lambda = $this->slenderness($d);
        [$chi, $text] = match (true) {
            $lambda < 0.83 / $eta => [$eta, ''],
            $this->isRigid && $lambda >= 1.08 => [1.37 / (0.7 + $lambda), '1.37 / (0.7 + lambda_w)'],
            default => [0.83 / $lambda, '0.83 / lambda_w'],
        };
        $post = $this->isRigid ? 'rigid end posts (9.3.1)' : 'end posts not rigid';
        $text === ''
            ? $d?->given('chi_w', $chi, Kind::Number, 'Table 5.1', 'η, for λ_w below 0.83/η')
            : $d
                ?->with(['lambda_w' => [$lambda, Kind::Number]])
                ->line('chi_w', $text, Kind::Number, 'Table 5.1', $post);
        $V = ($chi * $this->steel->fy * $s->hw * $s->tw) / sqrt(3) / $this->steel->basis->steel->gammaM1;
        $d?->with([
            'chi_w' => [$chi, Kind::Number],
            'f_y' => [$this->steel->fy, Kind::Stress],
            'h_w' => [$s->hw, Kind::Size],
            't_w' => [$s->tw, Kind::Size],
            'gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number],
        ])->line('V_bw_Rd', 'chi_w * f_y * h_w * t_w / sqrt(3) / gamma_M1', Kind::Force, '5.2(1) (5.2)');

        return $V;
    }

    /** V_bf,Rd, N: none where the moment takes the flanges. */
    private function ofFlanges(float $M, ?Derivation $d): float
    {
        $s = $this->section;
        $fy = $this->steel->fy;
        // Not more than 15 ε t_f to either side of the web.
        $b = min($s->b, 30 * $this->steel->epsilon * $s->tf + $s->tw);
        $Mf = ($b * $s->tf * ($s->h - $s->tf) * $fy) / $this->steel->basis->steel->gammaM0;
        $c = $this->a * (0.25 + (1.6 * $b * $s->tf ** 2) / ($s->tw * $s->hw ** 2));
        $V =
            $M >= $Mf
                ? 0.0
                : (($b * $s->tf ** 2 * $fy) / ($c * $this->steel->basis->steel->gammaM1)) * (1 - ($M / $Mf) ** 2);
        if ($d !== null) {
            $d->given('M_Ed', $M, Kind::Moment, '', 'greatest in the panel');
            $d->given('b_f', $b, Kind::Size, '5.4(1)', 'up to 15 ε t_f to either side');
            $d->with([
                't_f' => [$s->tf, Kind::Size],
                'h' => [$s->h, Kind::Size],
                'f_y' => [$fy, Kind::Stress],
                'gamma_M0' => [$this->steel->basis->steel->gammaM0, Kind::Number],
            ])->line('M_f_Rd', 'b_f * t_f * (h - t_f) * f_y / gamma_M0', Kind::Moment, '5.4(2)');
            if ($V <= 0.0) {
                $d->given('V_bf_Rd', 0.0, Kind::Force, '5.4(1)', 'the moment takes the flanges');

                return 0.0;
            }
            $d->with([
                'a' => [$this->a, Kind::Size],
                't_w' => [$s->tw, Kind::Size],
                'h_w' => [$s->hw, Kind::Size],
            ])->line('c', 'a * (0.25 + 1.6 * b_f * t_f^2 / (t_w * h_w^2))', Kind::Size, '5.4(1)');
            $d->with(['gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number]])->line(
                'V_bf_Rd',
                'b_f * t_f^2 * f_y / (c * gamma_M1) * (1 - (M_Ed / M_f_Rd)^2)',
                Kind::Force,
                '5.4(1) (5.8)',
            );
        }

        return $V;
    }

    /**
     * Utilisation of the stiffeners themselves, 9.3.3 and 9.2.1(8).
     *
     * @param  float  $V  greatest shear force, N
     */
    public function ofStiffeners(float $V, ?Derivation $d = null): float
    {
        $s = $this->section;
        [$b, $t] = [$this->stiffeners->width, $this->stiffeners->thickness];
        $fy = $this->steel->fy;
        $part = 15 * $this->steel->epsilon * $s->tw;
        $I = ($t * (2 * $b + $s->tw) ** 3) / 12 + (2 * $part * $s->tw ** 3) / 12;
        $A = 2 * $b * $t + (2 * $part + $t) * $s->tw;
        $isNear = $this->a / $s->hw < M_SQRT2;
        $least = $isNear ? (1.5 * $s->hw ** 3 * $s->tw ** 3) / $this->a ** 2 : 0.75 * $s->hw * $s->tw ** 3;
        $sizes = ['b_s' => [$b, Kind::Size], 't_s' => [$t, Kind::Size], 't_w' => [$s->tw, Kind::Size]];
        $d?->with(['epsilon' => [$this->steel->epsilon, Kind::Number], 't_w' => [$s->tw, Kind::Size]])->line(
            'w_e',
            '15 * epsilon * t_w',
            Kind::Size,
            '9.1(2)',
            'of the web to either side',
        );
        $d?->with([...$sizes])->line(
            'I_st',
            't_s * (2 * b_s + t_w)^3 / 12 + w_e * t_w^3 / 6',
            Kind::SecondMoment,
            '9.3.3(3)',
        );
        $d?->with(['h_w' => [$s->hw, Kind::Size], ...$isNear ? ['a' => [$this->a, Kind::Size]] : []])->line(
            'I_min',
            $isNear ? '1.5 * h_w^3 * t_w^3 / a^2' : '0.75 * h_w * t_w^3',
            Kind::SecondMoment,
            '9.3.3(3)',
        );
        $lambdaW = $this->slenderness();
        $left = ($s->hw * $s->tw * $fy) / (sqrt(3) * $this->steel->basis->steel->gammaM1 * $lambdaW ** 2);
        $N = max(0.0, $V - $left);
        $d?->given('V_Ed', $V, Kind::Force, '', 'greatest of the length');
        $d?->with([
            'f_y' => [$fy, Kind::Stress],
            'gamma_M1' => [$this->steel->basis->steel->gammaM1, Kind::Number],
            'lambda_w' => [$lambdaW, Kind::Number],
        ])->line('N_Ed', 'max(V_Ed - h_w * t_w * f_y / (sqrt(3) * gamma_M1 * lambda_w^2), 0)', Kind::Force, '9.3.3(3)');
        $d?->with([...$sizes])->line('A_s', '2 * b_s * t_s + (2 * w_e + t_s) * t_w', Kind::Area, '9.1(2)');
        $lambda = (0.75 * $s->hw) / sqrt($I / $A) / (93.9 * $this->steel->epsilon);
        $chi = (new BucklingCurve('c'))->at($lambda);
        $Nb = ($chi * $A * $fy) / $this->steel->basis->steel->gammaM1;
        $d?->line('lambda', '0.75 * h_w / sqrt(I_st / A_s) / (93.9 * epsilon)', Kind::Number, '9.4(2)');
        $d?->line(
            'Phi',
            '0.5 * (1 + 0.49 * (lambda - 0.2) + lambda^2)',
            Kind::Number,
            'EN 1993-1-1, 6.3.1.2',
            'curve c',
        );
        $d?->line('chi', 'min(1, 1 / (Phi + sqrt(Phi^2 - lambda^2)))', Kind::Number, 'EN 1993-1-1, 6.3.1.2');
        $d?->line('N_b_Rd', 'chi * A_s * f_y / gamma_M1', Kind::Force, '9.4(2)');
        $twist = ((5.3 * $fy) / SteelGrade::E) * ($b / $t) ** 2;
        $d?->with([
            'E' => [SteelGrade::E, Kind::ModulusOfElasticity],
            'b_s' => [$b, Kind::Size],
            't_s' => [$t, Kind::Size],
        ])->line('u_T', '5.3 * f_y / E * (b_s / t_s)^2', Kind::Number, '9.2.1(8) (9.3)', 'against twisting');
        $u = max($least / $I, $N / $Nb, $twist);
        $d?->line('u', 'max(I_min / I_st, N_Ed / N_b_Rd, u_T)', Kind::Number, '9.3.3');

        return $u;
    }
}
