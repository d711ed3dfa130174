<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\Tools;

use Waage\Checks\Working;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\En1995\Bending;
use Waage\Materials\Timber\En1995\Charring;
use Waage\Materials\Timber\En1995\Notches;
use Waage\Materials\Timber\En1995\Shear;
use Waage\Materials\Timber\En1995\Stability;
use Waage\Materials\Timber\En1995\Strength;
use Waage\Materials\Timber\En1995\Vibration;
use Waage\Materials\Timber\FireExposure;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\LoadGroup;
use Waage\Materials\Timber\Product;
use Waage\Materials\Timber\Suite;
use Waage\Materials\Timber\TimberMake;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** Tools of EN 1995-1-1 and -1-2. */
final class En1995Tools
{
    private const STANDARD = 'EN 1995-1-1:2004+A1+A2';

    /** @return list<Tool> */
    public static function all(): array
    {
        $piece = fn (string $b, string $h, string $grade): array => Sample::inputs(Suite::En1995, $b, $h, $grade);

        return [
            new FormulaTool(
                'timber-section',
                'Timber section under given effects',
                self::STANDARD,
                [
                    Input::of('N_d', 'axial force, compression positive', Kind::Force, '20 kN'),
                    Input::of('M_y_d', 'moment about the major axis', Kind::Moment, '4 kNm'),
                    Input::of('M_z_d', 'moment about the minor axis', Kind::Moment, '0 kNm'),
                    Input::of('V_d', 'shear force', Kind::Force, '5 kN'),
                    ...$piece('100 mm', '200 mm', 'C24'),
                    Sample::duration(),
                    Input::of('l_y', 'buckling length in the plane', Kind::Length, '3 m'),
                    Input::of('l_z', 'buckling length sideways', Kind::Length, '3 m'),
                    Input::of('l_ef', 'effective length in lateral buckling', Kind::Length, '3 m'),
                ],
                self::section(...),
            ),
            new FormulaTool(
                'timber-strengths',
                'Design strengths of timber',
                self::STANDARD,
                [...$piece('63 mm', '200 mm', 'C24'), Sample::duration()],
                self::strengths(...),
            ),
            new FormulaTool(
                'timber-span',
                'Longest simple span of a joist',
                self::STANDARD,
                [
                    Input::of('g_k', 'permanent load', Kind::AreaLoad, '0.6 kN/m²'),
                    Input::of('q_k', 'variable load', Kind::AreaLoad, '2 kN/m²'),
                    Input::of('s', 'spacing', Kind::Size, '400 mm'),
                    Input::of('psi_2', 'ψ_2 of the variable load', Kind::Number, '0.3'),
                    ...$piece('50 mm', '200 mm', 'C24'),
                    Sample::duration(),
                    Input::of('n_inst', 'limit at once: span over', Kind::Number, '300'),
                    Input::of('n_fin', 'limit in the end: span over', Kind::Number, '250'),
                ],
                self::span(...),
            ),
            new FormulaTool(
                'timber-bearing',
                'Bearing across the grain',
                self::STANDARD,
                [
                    Input::of('F_c_90_d', 'force', Kind::Force, '12 kN'),
                    ...$piece('75 mm', '225 mm', 'C24'),
                    Sample::duration(),
                    Input::of('l', 'contact length', Kind::Size, '100 mm'),
                    Input::of('c_1', 'overhang beyond the contact on the left', Kind::Size, '0 mm'),
                    Input::of('c_2', 'and on the right', Kind::Size, '3000 mm'),
                    Input::of('l_1', 'clear distance to the next contact', Kind::Size, '3000 mm'),
                    Input::choice('support', 'it lies on', ['discrete supports', 'a continuous support']),
                ],
                self::bearing(...),
            ),
            new FormulaTool(
                'timber-notch',
                'Notched end of a timber beam',
                self::STANDARD,
                [
                    Input::of('V_d', 'shear force', Kind::Force, '5 kN'),
                    ...$piece('75 mm', '225 mm', 'C24'),
                    Sample::duration(),
                    Input::of('d_n', 'depth of the notch', Kind::Size, '45 mm'),
                    Input::of('x', 'from the reaction to its corner', Kind::Size, '60 mm'),
                    Input::of('i', 'slope i to 1, 0 square', Kind::Number, '0'),
                ],
                self::notch(...),
            ),
            new FormulaTool(
                'timber-charring',
                'Charred section of timber',
                'EN 1995-1-2:2004',
                [
                    ...$piece('140 mm', '400 mm', 'GL24h'),
                    Input::of('t', 'minutes of fire', Kind::Number, '30'),
                    Input::choice('sides', 'sides that burn', ['3', '4', '2', '1']),
                ],
                self::charring(...),
            ),
            new FormulaTool(
                'timber-vibration',
                'Vibration of a joist floor',
                self::STANDARD,
                [
                    Input::of('l', 'span', Kind::Length, '4 m'),
                    Input::of('B', 'width of the floor', Kind::Length, '5 m'),
                    Input::of('s', 'spacing of the joists', Kind::Size, '400 mm'),
                    Input::of('E_0_mean', 'modulus of elasticity', Kind::ModulusOfElasticity, '11000 MPa'),
                    Input::of('b', 'width of a joist', Kind::Size, '50 mm'),
                    Input::of('h', 'depth of a joist', Kind::Size, '220 mm'),
                    Input::of('EI_b', 'stiffness across, Nm²/m', Kind::Number, '5000'),
                    Input::of('m', 'mass, kg/m²', Kind::Number, '60'),
                    Input::of('zeta', 'modal damping ratio', Kind::Number, '0.01'),
                    Input::of('k_F', 'share of 1 kN of one joist', Kind::Number, '1'),
                    Input::of('a', 'accepted deflection under 1 kN', Kind::Deflection, '1.5 mm'),
                ],
                self::vibration(...),
            ),
            new FormulaTool(
                'timber-tapered',
                'Tapered glulam beam',
                self::STANDARD,
                [
                    Input::choice('shape', 'the beam is', ['single tapered', 'double tapered']),
                    Input::choice('edge', 'the tapered edge is in', ['compression', 'tension']),
                    Input::of('q_d', 'uniform load', Kind::LineLoad, '9 kN/m'),
                    Input::of('L', 'span', Kind::Length, '12 m'),
                    Input::of('b', 'width', Kind::Size, '160 mm'),
                    Input::of('h_s', 'depth at the low end', Kind::Size, '500 mm'),
                    Input::of('h_ap', 'depth at the high end, or at the apex', Kind::Size, '1000 mm'),
                    Input::choice('grade', 'grade', self::glulam()),
                    Input::choice('service', 'service class', ['1', '2', '3']),
                    Sample::duration(),
                ],
                TaperedBeam::calculate(...),
            ),
        ];
    }

    /** @return non-empty-list<string> */
    private static function glulam(): array
    {
        $names = array_filter(
            Grade::names(Suite::En1995),
            fn (string $n): bool => str_starts_with($n, 'GL') && $n !== 'GL24h',
        );

        return ['GL24h', ...array_values($names)];
    }

    private static function durationOf(Values $v, TimberMake $timber): LoadGroup
    {
        $duration = LoadDuration::from($v->text('duration'));

        return Sample::group(
            $timber->conditions->serviceClass->kMod($duration),
            "{$duration->value} duration",
            'Table 3.1',
        );
    }

    private static function section(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $group = self::durationOf($v, $timber);
        $v->assert('l_ef', $v->number('l_ef') >= 0.0, 'A length is not negative; 0: restrained.');
        $v->assert(
            'V_d',
            min($v->number('V_d'), $v->number('M_y_d'), $v->number('M_z_d')) >= 0.0,
            'Give moments and shear force without sign.',
        );
        $v->let($w, 'N_d', 'M_y_d', 'M_z_d', 'V_d');
        $of = $timber->grade->values;
        Bending::stress($w, $timber, $group);
        Bending::stressFlat($w, $timber, $group);
        $w->let('k_m', 0.7, Kind::Number, '6.1.6(2)', 'rectangle');
        $w->line('A', 'b * h', Kind::Area);
        Shear::stress($w, $timber, 'b', 'h');
        Strength::of($w, $timber, $group, 'f_v_d', $of->shear, Strength::system($w, $timber));
        $w->line('u_v', 'tau_d / f_v_d', Kind::Number, '6.1.7(1) (6.13)', 'shear');
        $w->line('u_m_y', 'sigma_m_y_d / f_m_y_d', Kind::Number, '', 'part of bending about y-y');
        $w->line('u_m_z', 'sigma_m_z_d / f_m_z_d', Kind::Number, '', 'part of bending about z-z');
        if ($v->number('l_ef') > 0.0) {
            $w->let('l_ef', $v->number('l_ef'), Kind::Length, '6.3.3(3)');
            Stability::lateral($w, $timber);
        } else {
            $w->let('k_crit', 1.0, Kind::Number, '6.3.3(5)', 'restrained');
        }
        $w->line('u_crit', 'u_m_y / k_crit', Kind::Number, '6.3.3(3) (6.33)', 'lateral buckling');
        if ($v->number('N_d') < 0.0) {
            $w->line('sigma_t_0_d', 'abs(N_d) / A', Kind::Stress);
            $times =
                $timber->grade->product === Product::Lvl
                    ? ''
                    : Strength::size($w, $timber, $group, 'k_h_t', 'h', max($timber->h, $timber->b));
            Strength::of($w, $timber, $group, 'f_t_0_d', $of->tension, $times.'k_sys * ');
            $w->line('u_t', 'sigma_t_0_d / f_t_0_d', Kind::Number, '6.1.2(1) (6.1)', 'part of tension');
            $w->line('u_y', 'u_t + u_m_y + k_m * u_m_z', Kind::Number, '6.2.3(1) (6.17)');
            $w->line('u_z', 'u_t + k_m * u_m_y + u_m_z', Kind::Number, '6.2.3(1) (6.18)');
        } else {
            $w->line('sigma_c_0_d', 'N_d / A', Kind::Stress);
            Strength::of($w, $timber, $group, 'f_c_0_d', $of->compression, 'k_sys * ');
            Stability::slenderness($w, $timber, 'y', 'h', $v->number('l_y'), '');
            Stability::slenderness($w, $timber, 'z', 'b', $v->number('l_z'), '');
            Stability::column($w, $timber, 'y');
            Stability::column($w, $timber, 'z');
            $w->line('u_c_y', 'sigma_c_0_d / (k_c_y * f_c_0_d)', Kind::Number, '6.3.2(3)', 'compression, in the plane');
            $w->line('u_c_z', 'sigma_c_0_d / (k_c_z * f_c_0_d)', Kind::Number, '6.3.2(3)', 'compression, sideways');
            $w->line('u_y', 'u_c_y + u_m_y + k_m * u_m_z', Kind::Number, '6.3.2(3) (6.23)');
            $w->line('u_z', 'u_c_z + k_m * u_m_y + u_m_z', Kind::Number, '6.3.2(3) (6.24)');
            $w->line('u_35', '(u_m_y / k_crit)^2 + u_c_z', Kind::Number, '6.3.3(6) (6.35)');
        }
    }

    private static function strengths(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $group = self::durationOf($v, $timber);
        $of = $timber->grade->values;
        Bending::sizes($w, $timber);
        $larger = $timber->h >= $timber->b ? 'h' : 'b';
        $isLvl = $timber->grade->product === Product::Lvl;
        $times = Strength::size($w, $timber, $group, 'k_h', 'h', $timber->h).Strength::system($w, $timber);
        Strength::of($w, $timber, $group, 'f_m_y_d', $of->bending, $times);
        $times = Strength::size($w, $timber, $group, 'k_h_z', 'b', $timber->b);
        Strength::of($w, $timber, $group, 'f_m_z_d', $of->bendingFlat, $times);
        $times = $isLvl ? '' : Strength::size($w, $timber, $group, 'k_h_t', $larger, max($timber->h, $timber->b));
        Strength::of($w, $timber, $group, 'f_t_0_d', $of->tension, $times.'k_sys * ');
        Strength::of($w, $timber, $group, 'f_c_0_d', $of->compression, 'k_sys * ');
        Strength::of($w, $timber, $group, 'f_c_90_d', $of->across);
        Strength::of($w, $timber, $group, 'f_v_d', $of->shear, 'k_sys * ');
    }

    private static function span(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $v->assertPositive('s', 'n_inst', 'n_fin');
        $v->assert(
            'g_k',
            $v->number('g_k') >= 0.0 && $v->number('q_k') >= 0.0 && $v->number('g_k') + $v->number('q_k') > 0.0,
            'Loads are not negative, and not both nothing.',
        );
        $v->let($w, 'g_k', 'q_k', 's', 'psi_2');
        Bending::sizes($w, $timber);
        $w->line('W_y', 'b * h^2 / 6', Kind::Modulus);
        $w->line('I_y', 'b * h^3 / 12', Kind::SecondMoment);
        $class = $timber->conditions->serviceClass;
        foreach (
            [
                ['a', '(1.35 * g_k + 1.5 * q_k) * s', LoadDuration::from($v->text('duration'))],
                ['b', '1.35 * g_k * s', LoadDuration::Permanent],
            ] as [$case, $load, $duration]
        ) {
            $group = Sample::group($class->kMod($duration), "{$duration->value} duration", 'Table 3.1');
            $w->line(
                'q_d',
                $load,
                Kind::LineLoad,
                'EN 1990, (6.10)',
                $case === 'a' ? 'all loads' : 'permanent load alone',
            );
            if ($w->value('q_d') <= 0.0) {
                continue;
            }
            $times = Strength::size($w, $timber, $group, 'k_h', 'h', $timber->h).Strength::system($w, $timber);
            Strength::of($w, $timber, $group, 'f_m_y_d', $timber->grade->values->bending, $times);
            $w->line("L_m_{$case}", 'sqrt(8 * f_m_y_d * W_y / q_d)', Kind::Length, '6.1.6', 'by bending');
            $w->let(
                'k_cr',
                $timber->grade->product === Product::Lvl ? 1.0 : $timber->parameter('kCr'),
                Kind::Number,
                '6.1.7(2)',
            );
            Strength::of($w, $timber, $group, 'f_v_d', $timber->grade->values->shear, 'k_sys * ');
            $w->line("L_v_{$case}", 'f_v_d * k_cr * b * h / 1.5 * 2 / q_d', Kind::Length, '6.1.7', 'by shear');
        }
        $w->let('E_0_mean', $timber->grade->values->E, Kind::ModulusOfElasticity, 'EN 338, EN 14080');
        $w->let('k_def', $class->kDef(), Kind::Number, 'Table 3.2');
        $v->let($w, 'n_inst', 'n_fin');
        $w->line('q_inst', '(g_k + q_k) * s', Kind::LineLoad, '2.2.3(2)');
        $w->line(
            'L_inst',
            '(384 * E_0_mean * I_y / (5 * q_inst * n_inst))^(1/3)',
            Kind::Length,
            '7.2',
            'by deflection at once',
        );
        $w->line('q_fin', '(g_k * (1 + k_def) + q_k * (1 + psi_2 * k_def)) * s', Kind::LineLoad, '2.2.3(5)');
        $w->line(
            'L_fin',
            '(384 * E_0_mean * I_y / (5 * q_fin * n_fin))^(1/3)',
            Kind::Length,
            '7.2',
            'by deflection in the end',
        );
        $permanent = $w->has('L_m_b') ? ', L_m_b, L_v_b' : '';
        $w->line(
            'L',
            "min(L_m_a, L_v_a, L_inst, L_fin{$permanent})",
            Kind::Length,
            '',
            'the longest span; bearing and vibration apart',
        );
    }

    private static function bearing(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $group = self::durationOf($v, $timber);
        $v->assertPositive('F_c_90_d', 'l', 'l_1');
        $v->let($w, 'F_c_90_d', 'b', 'l', 'c_1', 'c_2', 'l_1');
        $w->line('a_1', 'min(30, c_1, l, l_1 / 2)', Kind::Size, '6.1.5(1)', '30 mm at most');
        $w->line('a_2', 'min(30, c_2, l, l_1 / 2)', Kind::Size, '6.1.5(1)', '30 mm at most');
        $w->line('A_ef', 'b * (l + a_1 + a_2)', Kind::Area, '6.1.5(1)');
        $w->line('sigma_c_90_d', 'F_c_90_d / A_ef', Kind::Stress, '6.1.5(1) (6.4)');
        $isDiscrete = $v->text('support') === 'discrete supports';
        $isGlulam = $timber->grade->product === Product::Glulam;
        [$k, $why] = match (true) {
            ! $timber->grade->softwood => [1.0, 'hardwood'],
            $v->number('l_1') < 2 * $timber->h => [1.0, 'contacts nearer than 2 h'],
            $isGlulam => $isDiscrete
                ? [$v->number('l') <= 400.0 ? 1.75 : 1.0, 'glulam, l up to 400 mm']
                : [1.5, 'glulam'],
            default => [$isDiscrete ? 1.5 : 1.25, 'softwood'],
        };
        $w->let('k_c_90', $k, Kind::Number, $isDiscrete ? '6.1.5(4)' : '6.1.5(3)', $why);
        Strength::of($w, $timber, $group, 'f_c_90_d', $timber->grade->values->across);
        $w->line('u', 'sigma_c_90_d / (k_c_90 * f_c_90_d)', Kind::Number, '6.1.5(1) (6.3)');
    }

    private static function notch(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $group = self::durationOf($v, $timber);
        $v->assert(
            'd_n',
            $v->number('d_n') > 0.0 && $v->number('d_n') <= $timber->h / 2,
            'A notch is not deeper than half of the member.',
        );
        $v->assert('x', $v->number('x') >= 0.0 && $v->number('i') >= 0.0, 'Distances and slopes are not negative.');
        $v->let($w, 'V_d');
        Bending::sizes($w, $timber);
        $v->let($w, 'd_n', 'x', 'i');
        $w->line('h_ef', 'h - d_n', Kind::Size);
        Shear::stress($w, $timber, 'b', 'h_ef');
        $w->line('alpha', 'h_ef / h', Kind::Number);
        $w->let(
            'k_n',
            Notches::factor($timber->grade->product),
            Kind::Number,
            '6.5.2(2) (6.63)',
        );
        $w->line(
            'k_v',
            'min(1, k_n * (1 + 1.1 * i^1.5 / sqrt(h)) / (sqrt(h) * (sqrt(alpha * (1 - alpha)) + 0.8 * x / h * sqrt(1 / alpha - alpha^2))))',
            Kind::Number,
            '6.5.2(2) (6.62)',
            'h in mm',
        );
        Strength::of($w, $timber, $group, 'f_v_d', $timber->grade->values->shear, Strength::system($w, $timber));
        $w->line('u', 'tau_d / (k_v * f_v_d)', Kind::Number, '6.5.2(2) (6.60)');
    }

    private static function charring(Values $v, Working $w): void
    {
        $timber = Sample::make(Suite::En1995, $v);
        $v->assert('t', $v->number('t') >= 0.0 && $v->number('t') <= 240.0, 'Minutes lie between 0 and 240.');
        $fire = new FireExposure($v->number('t'), (int) $v->text('sides'));
        [$b, $h] = Charring::section($w, $timber->b, $timber->h, $timber->grade, $fire);
        $v->assert('t', min($b, $h) > 0.0, 'Nothing of the section is left after so long.');
        $w->line('A_fi', 'b_fi * h_fi', Kind::Area);
        $w->line('W_fi', 'b_fi * h_fi^2 / 6', Kind::Modulus);
        $w->line('I_fi', 'b_fi * h_fi^3 / 12', Kind::SecondMoment);
    }

    private static function vibration(Values $v, Working $w): void
    {
        $v->assertPositive('l', 'B', 's', 'E_0_mean', 'b', 'h', 'EI_b', 'm', 'zeta', 'k_F');
        $v->assert('a', $v->number('a') >= 0.5 && $v->number('a') <= 4.0, 'Figure 7.2 has 0.5 to 4 mm.');
        $v->let($w, 'l', 'B', 's', 'E_0_mean', 'b', 'h', 'EI_b', 'm', 'zeta', 'k_F', 'a');
        Vibration::calculate($w);
    }
}
