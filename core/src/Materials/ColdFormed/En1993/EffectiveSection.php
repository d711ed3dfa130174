<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * EN 1993-1-3, 5.5, with EN 1993-1-5, 4.4: the effective section of a C or a Z, in bending about the horizontal axis
 * or in compression. The edge fold with its flange: χ_d is iterated, with b_e2 and c_eff; K and b_e1 are those of
 * the first step (5.5.3.2). The web has the stresses of the reduced flange. By midlines, less what corners take off
 * (5.1(4)).
 */
final readonly class EffectiveSection
{
    private const STEPS = 30;

    /** @param  float  $E  MPa */
    public function __construct(private Walls $walls, private float $E)
    {
    }

    /**
     * In bending at a greatest stress σ (MPa): A_eff, I_eff, W_com and W_ten.
     *
     * @param  string  $of  symbol of the stress, which is let before
     */
    public function bending(Working $w, string $of = 'f_yb'): void
    {
        $this->start($w, $of);
        $this->flange($w, 0.0);
        $this->webInBending($w);
        $this->properties($w);
    }

    /** In uniform compression: A_eff, and the shift e_N of its axis, away from the web. */
    public function compression(Working $w, string $of = 'f_yb'): void
    {
        $this->start($w, $of);
        $this->flange($w, 1.0);
        $w->let('h_p', $this->walls->web(), Kind::Size, '5.1(3)', 'web');
        $w->line('lambda_h', 'h_p / t / (28.4 * epsilon * sqrt(4))', Kind::Number, 'EN 1993-1-5, 4.4(2)', 'k_σ = 4');
        $this->interior($w, 'rho_h', 'lambda_h', '1');
        $w->line('h_eff', 'rho_h * h_p', Kind::Size, 'EN 1993-1-5, Table 4.1');
        $w->let('h_0', $this->walls->h, Kind::Size, '', 'of the sharp section');
        $w->line('h_t', 'min(h_0, h_eff + h_0 - h_p)', Kind::Size, '', 'of it, effective');
        $w->line(
            'A_f',
            $this->walls->hasLips() ? 'b_1t * t + (b_2t + c_eff) * t_red' : 'b_1t * t',
            Kind::Area,
            '',
            'a flange with its fold',
        );
        $w->line('A_eff', '(2 * A_f + h_t * t) * (1 - delta)', Kind::Area, '5.1(4)');
        if (! $this->walls->hasLips()) {
            $w->line('x_eff', '2 * b_1t^2 / 2 * t / (2 * A_f + h_t * t)', Kind::Size, '', 'axis from the web');
        } else {
            $w->let('cos_l', cos($this->walls->lean), Kind::Number);
            $rule =
                '2 * (b_1t^2 / 2 * t + b_2t * (b_0 - b_2t / 2) * t_red + c_eff * (b_0 + c_eff * cos_l / 2) * t_red)';
            $w->line('x_eff', "{$rule} / (2 * A_f + h_t * t)", Kind::Size, '', 'axis from the web');
        }
    }

    private function start(Working $w, string $of): void
    {
        $w->let('t', $this->walls->t, Kind::Size, '3.2.4(3)', 'core thickness');
        $w->let('E', $this->E, Kind::ModulusOfElasticity, '3.2.1');
        $w->line('epsilon', "sqrt(235 / {$of})", Kind::Number, 'EN 1993-1-5, 4.4(2)');
        $w->let('delta', $this->walls->delta, Kind::Number, '5.1(4)', 'what corners take off');
    }

    /** ρ of a wall held at both edges, with the ratio ψ of its stresses. */
    private function interior(Working $w, string $symbol, string $slenderness, string $psi): void
    {
        $limit = $w->value("0.5 + sqrt(max(0, 0.085 - 0.055 * {$psi}))");
        $w->value($slenderness) <= $limit
            ? $w->let($symbol, 1.0, Kind::Number, 'EN 1993-1-5, 4.4(2) (4.2)', 'not reduced')
            : $w->line(
                $symbol,
                "min(1, ({$slenderness} - 0.055 * (3 + {$psi})) / {$slenderness}^2)",
                Kind::Number,
                'EN 1993-1-5, 4.4(2) (4.2)',
            );
    }

    /** ρ of a wall that is free at one edge, in uniform compression. */
    private function outstand(Working $w, string $symbol, string $slenderness): void
    {
        $w->value($slenderness) <= 0.748
            ? $w->let($symbol, 1.0, Kind::Number, 'EN 1993-1-5, 4.4(2) (4.3)', 'not reduced')
            : $w->line(
                $symbol,
                "min(1, ({$slenderness} - 0.188) / {$slenderness}^2)",
                Kind::Number,
                'EN 1993-1-5, 4.4(2) (4.3)',
            );
    }

    /** @param  float  $kf  1 where both flanges are in compression */
    private function flange(Working $w, float $kf): void
    {
        $w->let('b_p', $this->walls->flange(), Kind::Size, '5.1(3)', 'flange');
        $w->let('b_0', $this->walls->b, Kind::Size, '', 'of the sharp section');
        if (! $this->walls->hasLips()) {
            $w->line(
                'lambda_b',
                'b_p / t / (28.4 * epsilon * sqrt(0.43))',
                Kind::Number,
                'EN 1993-1-5, Table 4.2',
                'k_σ = 0.43',
            );
            $this->outstand($w, 'rho_b', 'lambda_b');
            $w->line('b_1t', 'rho_b * b_p + b_0 - b_p', Kind::Size, 'EN 1993-1-5, Table 4.2');

            return;
        }
        $w->line('lambda_b', 'b_p / t / (28.4 * epsilon * sqrt(4))', Kind::Number, 'EN 1993-1-5, 4.4(2)', 'k_σ = 4');
        $this->interior($w, 'rho_b', 'lambda_b', '1');
        $w->line('b_e1', 'rho_b * b_p / 2', Kind::Size, 'EN 1993-1-5, Table 4.1', 'beside the web');
        $w->line('b_e2', 'b_e1', Kind::Size, '', 'beside the lip, first step');
        $w->let('c_p', $this->walls->lip(), Kind::Size, '5.1(3)', 'lip');
        $w->value('c_p / b_p') <= 0.35
            ? $w->let('k_c', 0.5, Kind::Number, '5.5.3.2(5) (5.13b)')
            : $w->line('k_c', '0.5 + 0.83 * (c_p / b_p - 0.35)^(2/3)', Kind::Number, '5.5.3.2(5) (5.13c)');
        $w->line('lambda_cp', 'c_p / t / (28.4 * epsilon * sqrt(k_c))', Kind::Number, 'EN 1993-1-5, 4.4(2)');
        $this->outstand($w, 'rho_c', 'lambda_cp');
        $w->line('c_eff', 'rho_c * c_p', Kind::Size, '5.5.3.2(5)');
        $this->spring($w, $kf);
        $this->fold($w);
        $this->iterate($w);
        $w->line('t_red', 'chi_d * t', Kind::Size, '5.5.3.2(12) (5.17)', 'of the fold');
        // What a large corner hides is effective.
        $w->line('b_1t', 'b_e1 + (b_0 - b_p) / 2', Kind::Size);
        $w->line('b_2t', 'b_e2 + (b_0 - b_p) / 2', Kind::Size);
    }

    /** K of the edge fold, by its first step. */
    private function spring(Working $w, float $kf): void
    {
        $w->let('sin_l', sin($this->walls->lean), Kind::Number, '', 'lip to flange');
        $cos = cos($this->walls->lean);
        abs($cos) < 1e-9
            ? $w->line('b_1', 'b_p - b_e2^2 / (2 * (b_e2 + c_eff))', Kind::Size, 'Figure 5.6', 'web to fold')
            : $w->let(
                'b_1',
                $w->value('b_p') -
                    ($w->value('b_e2^2 / 2') - $w->value('c_eff^2 / 2') * $cos) / $w->value('b_e2 + c_eff'),
                Kind::Size,
                'Figure 5.6',
                'web to fold',
            );
        $w->let('h_w', $this->walls->h, Kind::Size);
        $w->let(
            'k_f',
            $kf,
            Kind::Number,
            '5.5.3.1(5)',
            $kf > 0.0 ? 'both flanges in compression' : 'the other flange in tension',
        );
        $w->line(
            'K',
            'E * t^3 / (4 * (1 - 0.3^2)) / (b_1^2 * h_w + b_1^3 + 0.5 * b_1^2 * h_w * k_f)',
            Kind::Stress,
            '5.5.3.1(5) (5.10b)',
            'by length',
        );
    }

    /** χ_d of the fold with b_e2 and c_eff. */
    private function fold(Working $w): void
    {
        $w->line('A_s', 't * (b_e2 + c_eff)', Kind::Area, '5.5.3.2(6)');
        $w->line(
            'I_s',
            'b_e2 * t^3 / 12 + t * c_eff * (c_eff * sin_l)^2 / 12 + t * b_e2 * c_eff / (b_e2 + c_eff) * (c_eff * sin_l / 2)^2',
            Kind::SecondMoment,
            '5.5.3.2(7)',
            'about its own axis',
        );
        $w->line('sigma_cr_s', '2 * sqrt(K * E * I_s) / A_s', Kind::Stress, '5.5.3.2(7) (5.15)');
        $w->line('lambda_d', 'sqrt(f_yb / sigma_cr_s)', Kind::Number, '5.5.3.1(7)');
        $slenderness = $w->value('lambda_d');
        match (true) {
            $slenderness <= 0.65 => $w->let('chi_d', 1.0, Kind::Number, '5.5.3.1(7) (5.12a)'),
            $slenderness < 1.38 => $w->line('chi_d', '1.47 - 0.723 * lambda_d', Kind::Number, '5.5.3.1(7) (5.12b)'),
            default => $w->line('chi_d', '0.66 / lambda_d', Kind::Number, '5.5.3.1(7) (5.12c)'),
        };
    }

    /** 5.5.3.2(10): until χ_d stays; the last step is told. */
    private function iterate(Working $w): void
    {
        if ($w->value('chi_d') >= 1.0) {
            return;
        }
        $silent = clone $w;
        $before = $w->value('chi_d');
        for ($i = 1; $i < self::STEPS; $i++) {
            $this->step($silent, $before, $i + 1);
            $now = $silent->value('chi_d');
            if (abs($now - $before) < 1e-6) {
                break;
            }
            $before = $now;
        }
        $this->step($w, $before, $i + 1);
    }

    private function step(Working $w, float $before, int $number): void
    {
        $w->let('chi_n', $before, Kind::Number, '5.5.3.2(10)', "step {$number}: of the step before");
        $w->line('lambda_b_r', 'lambda_b * sqrt(chi_n)', Kind::Number, '5.5.3.2(10)');
        $this->interior($w, 'rho_b', 'lambda_b_r', '1');
        $w->line('b_e2', 'rho_b * b_p / 2', Kind::Size);
        $w->line('lambda_c_r', 'lambda_cp * sqrt(chi_n)', Kind::Number, '5.5.3.2(10)');
        $this->outstand($w, 'rho_c', 'lambda_c_r');
        $w->line('c_eff', 'rho_c * c_p', Kind::Size);
        $this->fold($w);
    }

    private function webInBending(Working $w): void
    {
        $w->let('h_p', $this->walls->web(), Kind::Size, '5.1(3)', 'web');
        $w->let('h_0', $this->walls->h, Kind::Size, '', 'of the sharp section');
        $w->let('b_t', $this->walls->b2, Kind::Size, '', 'flange in tension');
        $hasLips = $this->walls->hasLips();
        if ($hasLips) {
            $w->let('c_0', $this->walls->c, Kind::Size, '', 'lip in tension');
        }
        // With the reduced flange and all of the web.
        [$area, $moment] = $hasLips
            ? [
                'b_1t * t + (b_2t + c_eff) * t_red + h_0 * t + (b_t + c_0) * t',
                'c_eff * t_red * c_eff * sin_l / 2 + h_0 * t * h_0 / 2 + b_t * t * h_0 + c_0 * t * (h_0 - c_0 * sin_l / 2)',
            ]
            : ['b_1t * t + h_0 * t + b_t * t', 'h_0 * t * h_0 / 2 + b_t * t * h_0'];
        $w->line('h_c', "({$moment}) / ({$area})", Kind::Size, '5.5.2(2)', 'axis below the flange in compression');
        $w->line('psi', '-(h_0 - h_c) / h_c', Kind::Number, 'EN 1993-1-5, Table 4.1');
        $w->value('psi') > -1.0
            ? $w->line('k_h', '7.81 - 6.29 * psi + 9.78 * psi^2', Kind::Number, 'EN 1993-1-5, Table 4.1')
            : $w->line('k_h', '5.98 * (1 - psi)^2', Kind::Number, 'EN 1993-1-5, Table 4.1');
        $w->line('lambda_h', 'h_p / t / (28.4 * epsilon * sqrt(k_h))', Kind::Number, 'EN 1993-1-5, 4.4(2)');
        $this->interior($w, 'rho_h', 'lambda_h', 'psi');
        $w->line('h_eff', 'rho_h * h_c', Kind::Size, 'EN 1993-1-5, Table 4.1');
        $w->line('h_e1', '0.4 * h_eff', Kind::Size, 'EN 1993-1-5, Table 4.1', 'beside the flange');
        $w->line('h_e2', '0.6 * h_eff + h_0 - h_c', Kind::Size, '', 'up from the flange in tension');
        if ($w->value('h_e1 + h_e2') > $w->value('h_0')) {
            $w->line('h_e2', 'h_0 - h_e1', Kind::Size, '', 'all of the web');
        }
    }

    private function properties(Working $w): void
    {
        $hasLips = $this->walls->hasLips();
        $fold = $hasLips ? '(b_2t + c_eff) * t_red + ' : '';
        $tension = $hasLips ? '(b_t + c_0) * t' : 'b_t * t';
        $w->line('A_0', "{$fold}(b_1t + h_e1 + h_e2) * t + {$tension}", Kind::Area, '', 'effective, sharp');
        $lips = $hasLips ? 'c_eff^2 * t_red * sin_l / 2 + c_0 * t * (h_0 - c_0 * sin_l / 2) + ' : '';
        $w->line(
            'z_c',
            "({$lips}h_e1^2 * t / 2 + h_e2 * t * (h_0 - h_e2 / 2) + b_t * t * h_0) / A_0",
            Kind::Size,
            '',
            'axis below the flange in compression',
        );
        $w->line('z_t', 'h_0 - z_c', Kind::Size);
        $flanges = $hasLips ? '(b_1t * t + b_2t * t_red) * z_c^2' : 'b_1t * t * z_c^2';
        $w->line('I_f', "{$flanges} + b_t * t * z_t^2", Kind::SecondMoment, '', 'flanges');
        $w->line(
            'I_h',
            't * (h_e1^3 + h_e2^3) / 12 + h_e1 * t * (z_c - h_e1 / 2)^2 + h_e2 * t * (z_t - h_e2 / 2)^2',
            Kind::SecondMoment,
            '',
            'web',
        );
        if ($hasLips) {
            $w->line(
                'I_l',
                't_red * c_eff * ((c_eff * sin_l)^2 / 12 + (z_c - c_eff * sin_l / 2)^2) + t * c_0 * ((c_0 * sin_l)^2 / 12 + (z_t - c_0 * sin_l / 2)^2)',
                Kind::SecondMoment,
                '',
                'lips',
            );
        }
        $w->line(
            'I_eff',
            '(I_f + I_h'.($hasLips ? ' + I_l' : '').') * (1 - 2 * delta)',
            Kind::SecondMoment,
            '5.1(4)',
        );
        $w->line('W_com', 'I_eff / z_c', Kind::Modulus, '', 'in compression');
        $w->line('W_ten', 'I_eff / z_t', Kind::Modulus, '', 'in tension');
        $w->line('W_eff', 'min(W_com, W_ten)', Kind::Modulus);
    }
}
