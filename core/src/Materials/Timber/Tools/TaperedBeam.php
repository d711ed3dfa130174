<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Checks\Working;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\ServiceClass;
use Waage\Materials\Timber\Suite;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.4.2 and 6.4.3: single and double tapered glulam beams over one span under a uniform load. */
final class TaperedBeam
{
    public static function calculate(Values $v, Working $w): void
    {
        $v->assertPositive('q_d', 'L', 'b', 'h_s', 'h_ap');
        $v->assert(
            'h_ap',
            $v->number('h_ap') > $v->number('h_s'),
            'The high end or the apex is deeper than the low end.',
        );
        $grade = Grade::of(Suite::En1995, $v->text('grade'), $v->number('b'), $v->number('h_ap'));
        $v->assert('grade', $grade?->product === Product::Glulam, 'The grade is one of glulam, such as GL24h.');
        $of = $grade->values ?? throw new \LogicException('It was looked for before.');
        $isDouble = $v->text('shape') === 'double tapered';
        $inTension = $v->text('edge') === 'tension';
        $duration = LoadDuration::from($v->text('duration'));
        $v->let($w, 'q_d', 'L', 'b', 'h_s', 'h_ap');
        $w->let(
            'k_mod',
            ServiceClass::from($v->text('service'))->kMod($duration),
            Kind::Number,
            'Table 3.1',
            "{$duration->value} duration",
        );
        $w->let('gamma_M', 1.25, Kind::Number, 'Table 2.3', 'glulam');
        $w->line(
            'tan_alpha',
            $isDouble ? '(h_ap - h_s) / (L / 2)' : '(h_ap - h_s) / L',
            Kind::Number,
            '',
            'slope of the tapered edge',
        );
        // dσ/dx = 0 of M(x)/h(x)²: at x = L h_s/(2 h_ap) of a double tapered beam, L/(1 + h_ap/h_s) of a single one.
        $w->line(
            'x_m',
            $isDouble ? 'L / 2 * h_s / h_ap' : 'L / (1 + h_ap / h_s)',
            Kind::Length,
            '',
            'place of the greatest stress',
        );
        $w->line('h_x', 'h_s + tan_alpha * x_m', Kind::Size, '', 'depth there');
        $w->line('M_x', 'q_d * x_m * (L - x_m) / 2', Kind::Moment);
        $w->line(
            'sigma_m_d',
            '6 * M_x / (b * h_x^2)',
            Kind::Stress,
            '6.4.2(2) (6.37)',
            'along the straight edge and the tapered one',
        );
        $strengths = ['f_m_k' => $of->bending, 'f_v_k' => $of->shear, 'f_c_90_k' => $of->across, 'f_t_90_k' => 0.5];
        foreach ($strengths as $k => $value) {
            $w->let($k, $value, Kind::Stress, 'EN 14080', $v->text('grade'));
            $times = $k === 'f_m_k' ? 'k_h * ' : '';
            if ($k === 'f_m_k') {
                $w->value('h_x') < 600.0
                    ? $w->line('k_h', 'min((600 / h_x)^0.1, 1.1)', Kind::Number, '3.3(3) (3.2)', 'h_x in mm')
                    : $w->let('k_h', 1.0, Kind::Number, '3.3(3) (3.2)', 'not less than 600 mm deep');
            }
            $w->line(substr($k, 0, -1).'d', "{$times}k_mod * {$k} / gamma_M", Kind::Stress, '2.4.1 (2.14)');
        }
        $inTension
            ? $w->line(
                'k_m_alpha',
                '1 / sqrt(1 + (f_m_d / (0.75 * f_v_d) * tan_alpha)^2 + (f_m_d / f_t_90_d * tan_alpha^2)^2)',
                Kind::Number,
                '6.4.2(2) (6.39)',
                'tapered edge in tension',
            )
            : $w->line(
                'k_m_alpha',
                '1 / sqrt(1 + (f_m_d / (1.5 * f_v_d) * tan_alpha)^2 + (f_m_d / f_c_90_d * tan_alpha^2)^2)',
                Kind::Number,
                '6.4.2(2) (6.40)',
                'tapered edge in compression',
            );
        $w->line(
            'u_m',
            'sigma_m_d / (k_m_alpha * f_m_d)',
            Kind::Number,
            '6.4.2(2) (6.38)',
            'bending at the tapered edge',
        );
        $w->line('V_d', 'q_d * L / 2', Kind::Force);
        $w->let('k_cr', 0.67, Kind::Number, '6.1.7(2)');
        $w->line('u_v', '1.5 * V_d / (k_cr * b * h_s) / f_v_d', Kind::Number, '6.1.7', 'shear at the low end');
        $isDouble && self::apex($w);
        $w->line('u', $isDouble ? 'max(u_m, u_v, u_ap, u_90, u_v_90)' : 'max(u_m, u_v)', Kind::Number);
    }

    /** 6.4.3: bending and tension across the grain at the apex of a straight double tapered beam. */
    private static function apex(Working $w): void
    {
        $w->line('M_ap', 'q_d * L^2 / 8', Kind::Moment, '', 'at the apex');
        $w->line(
            'k_l',
            '1 + 1.4 * tan_alpha + 5.4 * tan_alpha^2',
            Kind::Number,
            '6.4.3(4) (6.43)',
            'no curvature: k_1 + 0',
        );
        $w->line('sigma_m_ap', 'k_l * 6 * M_ap / (b * h_ap^2)', Kind::Stress, '6.4.3(4) (6.42)');
        $w->value('h_ap') < 600.0
            ? $w->line('k_h_ap', 'min((600 / h_ap)^0.1, 1.1)', Kind::Number, '3.3(3) (3.2)')
            : $w->let('k_h_ap', 1.0, Kind::Number, '3.3(3) (3.2)', 'not less than 600 mm deep');
        $w->line('f_m_ap_d', 'k_h_ap * k_mod * f_m_k / gamma_M', Kind::Stress);
        $w->let('k_r', 1.0, Kind::Number, '6.4.3(5) (6.49)', 'double tapered beam');
        $w->line('u_ap', 'sigma_m_ap / (k_r * f_m_ap_d)', Kind::Number, '6.4.3(3) (6.41)', 'bending at the apex');
        $w->line('k_p', '0.2 * tan_alpha', Kind::Number, '6.4.3(8) (6.56)', 'no curvature: k_5 + 0');
        $w->line(
            'sigma_t_90_d',
            'k_p * 6 * M_ap / (b * h_ap^2)',
            Kind::Stress,
            '6.4.3(8) (6.54)',
            'without pressure term',
        );
        $w->let('k_dis', 1.4, Kind::Number, '6.4.3(7) (6.52)');
        $w->line('V_b', 'b * L * (h_s + h_ap) / 2', Kind::Number, '', 'volume of the beam, mm³');
        // Figure 6.9: the stressed volume of a double tapered beam is h_ap long on either half of the apex.
        $w->line(
            'V',
            'min(b * h_ap^2 * (1 - tan_alpha / 4), 2 / 3 * V_b)',
            Kind::Number,
            '6.4.3(6), Figure 6.9',
            'stressed volume, mm³, at most 2/3 of all',
        );
        $w->let('V_0', 1e7, Kind::Number, '6.4.3(6)', '0.01 m³');
        $w->line('k_vol', 'min(1, (V_0 / V)^0.2)', Kind::Number, '6.4.3(6) (6.51)');
        $w->line(
            'u_90',
            'sigma_t_90_d / (k_dis * k_vol * f_t_90_d)',
            Kind::Number,
            '6.4.3(6) (6.50)',
            'tension across the grain',
        );
        $w->let('V_ap', 0.0, Kind::Force, '', 'uniform load: none at the apex');
        $w->line(
            'u_v_90',
            '1.5 * V_ap / (k_cr * b * h_ap) / f_v_d + u_90',
            Kind::Number,
            '6.4.3(9) (6.53)',
            'with shear',
        );
    }
}
