<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318\Tools;

use Waage\Checks\Working;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** ACI 318-19, 25.4.2, 25.4.3 and 25.5: development lengths of straight bars and of standard hooks; laps in tension. */
final class DevelopmentTool
{
    public static function tool(): Tool
    {
        return new FormulaTool(
            'aci-development',
            'Development and lap, ACI',
            Inputs::STANDARD,
            [
                Input::of('d_b', 'diameter of the bar', Kind::Size, '1 in'),
                Inputs::strength(),
                Inputs::yield(),
                Input::of('c_b', 'least of cover to the bar\'s middle and half the spacing', Kind::Size, '2 in'),
                Input::of('K_tr', 'transverse steel, 40 A_tr/(s n); 0 is safe', Kind::Size, '0 in'),
                Input::choice('place', 'place', ['bottom', 'top, over 12 in of fresh concrete']),
                Input::choice('coating', 'coating', ['none', 'epoxy, thin cover or close bars', 'epoxy, otherwise']),
                Input::of('lambda', 'factor of lightweight concrete', Kind::Number, '1.0'),
                Inputs::edition(),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        Inputs::assertStrength($v);
        $v->assertPositive('d_b', 'f_y', 'c_b', 'lambda');
        $v->let($w, 'd_b', 'f_c', 'f_y', 'c_b', 'K_tr', 'lambda');
        Inputs::root($v, $w, true);
        $isTop = $v->text('place') !== 'bottom';
        $coat =
            ['none' => 1.0, 'epoxy, thin cover or close bars' => 1.5, 'epoxy, otherwise' => 1.2][
                $v->text('coating')
            ] ?? 1.0;
        $ksi = $v->number('f_y') / (1000 * Inputs::PSI);
        $w->let('psi_t', $isTop ? 1.3 : 1.0, Kind::Number, 'Table 25.4.2.5', $v->text('place'));
        $w->let('psi_e', $coat, Kind::Number, 'Table 25.4.2.5');
        $w->let('psi_s', $v->number('d_b') <= 19.2 ? 0.8 : 1.0, Kind::Number, 'Table 25.4.2.5', 'size');
        $w->let('psi_g', $ksi <= 60.5 ? 1.0 : ($ksi <= 80.5 ? 1.15 : 1.3), Kind::Number, 'Table 25.4.2.5', 'grade');
        $w->line('k_b', 'min((c_b + K_tr) / d_b, 2.5)', Kind::Number, '25.4.2.4');
        $w->let('l_min', Inputs::isMetric($v) ? 300.0 : 304.8, Kind::Size, '25.4.2.1(b)');
        $factor = Inputs::isMetric($v) ? '1 / 1.1' : '3 / 40';
        $rule = "max({$factor} * f_y / (lambda * root_fc) * min(psi_t * psi_e, 1.7) * psi_s * psi_g / k_b * d_b, l_min)";
        $w->line('l_d', $rule, Kind::Size, '25.4.2.4');
        $w->line('l_st', 'max(1.3 * l_d, l_min)', Kind::Size, 'Table 25.5.2.1', 'lap of class B');
        $k = match (true) {
            $v->number('d_b') <= 19.2 => Inputs::of($v, 25, 2.1),
            default => Inputs::of($v, 20, 1.7),
        };
        $rule = "max(f_y * min(psi_t * psi_e, 1.7) * psi_g / ({$k} * lambda * root_fc) * d_b, l_min)";
        $w->line('l_d_1', $rule, Kind::Size, 'Table 25.4.2.3', 'with usual cover and spacing');
        self::hook($v, $w);
    }

    /** 25.4.3, without transverse steel about the hook, cover at its side below 6 d_b. */
    private static function hook(Values $v, Working $w): void
    {
        $w->let('psi_r', 1.6, Kind::Number, 'Table 25.4.3.2', 'not confined');
        $w->let('psi_o', 1.25, Kind::Number, 'Table 25.4.3.2', 'not within a core');
        $fc = $v->number('f_c') / Inputs::PSI;
        $w->let('psi_c', $fc < 6000 ? $fc / 15000 + 0.6 : 1.0, Kind::Number, 'Table 25.4.3.2', 'strength');
        $w->let('d_1', 25.4, Kind::Size, '', '1 in');
        $k = Inputs::isMetric($v) ? (23 * sqrt(25.4)) / 25.4 : 55.0;
        $w->let('k_h', $k, Kind::Number, '25.4.3.1(a)');
        $least = Inputs::isMetric($v) ? 150.0 : 152.4;
        $w->let('l_h_min', $least, Kind::Size, '25.4.3.1(c)');
        $rule =
            'max(f_y * psi_e * psi_r * psi_o * psi_c / (k_h * lambda * root_fc) * (d_b / d_1)^1.5 * d_1, 8 * d_b, l_h_min)';
        $w->line('l_dh', $rule, Kind::Size, '25.4.3.1', 'standard hook');
    }
}
