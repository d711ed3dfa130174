<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992\Tools;

use Waage\Checks\Working;
use Waage\Materials\Concrete\CrackedSection;
use Waage\Materials\Concrete\Tee;
use Waage\Tools\FormulaTool;
use Waage\Tools\Input;
use Waage\Tools\Tool;
use Waage\Tools\Values;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.4.3: deflection of one span with end moments, or of a cantilever, by integrating curvature. */
final class DeflectionTool
{
    private const ES = 200000.0;

    /** Stations along the span, an even number. */
    private const STATIONS = 200;

    public static function tool(): Tool
    {
        return new FormulaTool(
            'concrete-deflection',
            'Deflection by curvature',
            Inputs::STANDARD,
            [
                Input::of('q', 'load by length', Kind::LineLoad, '15 kN/m'),
                Input::of('L', 'span', Kind::Length, '6 m'),
                Input::choice('system', 'the span is', ['simple', 'cantilever']),
                Input::of('M_1', 'moment at its left end, hogging negative', Kind::Moment, '0 kNm'),
                Input::of('M_2', 'moment at its right end', Kind::Moment, '0 kNm'),
                Input::of('b', 'width', Kind::Size, '300 mm'),
                Input::of('h', 'depth', Kind::Size, '500 mm'),
                Input::of('A_s1', 'bars at the bottom', Kind::SteelArea, '1257 mm²'),
                Input::of('a_1', 'their axis from the bottom', Kind::Size, '48 mm'),
                Input::of('A_s2', 'bars at the top', Kind::SteelArea, '402 mm²'),
                Input::of('a_2', 'their axis from the top', Kind::Size, '46 mm'),
                Inputs::strength(),
                Input::of('phi_c', 'creep coefficient', Kind::Number, '2.0'),
                Input::of('epsilon_cs', 'shrinkage, ‰', Kind::Number, '0.4'),
                Input::of('beta', 'duration: 0.5 long, 1.0 short', Kind::Number, '0.5'),
            ],
            self::run(...),
        );
    }

    private static function run(Values $v, Working $w): void
    {
        ConcreteProperties::assertStrength($v);
        $v->assertPositive('L', 'b', 'h');
        $v->assert('A_s1', $v->number('A_s1') >= 0.0 && $v->number('A_s2') >= 0.0, 'Areas of bars are not negative.');
        $v->assert('a_1', $v->number('a_1') + $v->number('a_2') < $v->number('h'), 'The bars lie within the depth.');
        $v->assert('phi_c', $v->number('phi_c') >= 0.0, 'Creep is not negative.');
        $v->let(
            $w,
            'q',
            'L',
            'M_1',
            'M_2',
            'b',
            'h',
            'A_s1',
            'a_1',
            'A_s2',
            'a_2',
            'f_ck',
            'phi_c',
            'epsilon_cs',
            'beta',
        );
        ConcreteProperties::mean($w);
        $w->line('E_c_eff', 'E_cm / (1 + phi_c)', Kind::ModulusOfElasticity, '7.4.3(5) (7.20)');
        $w->let('E_s', self::ES, Kind::ModulusOfElasticity, '3.2.7(4)');
        $w->line('alpha_e', 'E_s / E_c_eff', Kind::Number);
        foreach (['sag' => 1, 'hog' => -1] as $name => $sign) {
            $section = self::section($v, $w, $sign);
            $note = $sign > 0 ? 'bottom in tension' : 'top in tension';
            $w->let("x_I_{$name}", $section->x1, Kind::Size, '', $note);
            $w->let("I_I_{$name}", $section->I1, Kind::SecondMoment, '', 'uncracked, transformed');
            $w->line("M_cr_{$name}", "f_ctm * I_I_{$name} / (h - x_I_{$name})", Kind::Moment, '7.4.3');
            $w->let("x_II_{$name}", $section->x2, Kind::Size);
            $w->let("I_II_{$name}", $section->I2, Kind::SecondMoment, '', 'cracked, transformed');
        }
        $isSimple = $v->text('system') === 'simple';
        [$most, $x] = self::integrated($v, $w, $isSimple);
        $M = self::moment($v, $x, $isSimple);
        $w->let('M_x', $M, Kind::Moment, '', 'where it deflects most; of a cantilever at the support');
        $w->let('kappa_x', self::curvature($v, $w, $M) * 1e6, Kind::Number, '7.4.3(3) (7.18)', '1/km, there');
        $w->let('w', $most, Kind::Deflection, '7.4.3(7)', 'curvature integrated twice');
        $w->line('n_w', 'L / max(w, L / 1000000)', Kind::Number, '', 'span over it');
    }

    private static function section(Values $v, Working $w, int $sign): CrackedSection
    {
        [$h, $bottom, $top] = [
            $v->number('h'),
            [$v->number('A_s1'), $v->number('a_1')],
            [$v->number('A_s2'), $v->number('a_2')],
        ];
        [$tension, $compression] = $sign > 0 ? [$bottom, $top] : [$top, $bottom];
        $tee = Tee::rectangle($v->number('b'), $h);

        return new CrackedSection($tee, $w->value('alpha_e'), [$tension[0], $h - $tension[1]], $compression);
    }

    /** Sagging positive, 1/mm. */
    private static function curvature(Values $v, Working $w, float $M): float
    {
        $sign = $M >= 0.0 ? 1 : -1;
        $section = self::section($v, $w, $sign);
        [$bottom, $top] = [[$v->number('A_s1'), $v->number('a_1')], [$v->number('A_s2'), $v->number('a_2')]];
        [$tension, $compression] = $sign > 0 ? [$bottom, $top] : [$top, $bottom];
        $d = $v->number('h') - $tension[1];
        $E = $w->value('E_c_eff');
        $shrinkage = ($v->number('epsilon_cs') / 1000) * $w->value('alpha_e');
        $cracking = $w->value($sign > 0 ? 'M_cr_sag' : 'M_cr_hog');
        $zeta = abs($M) <= $cracking ? 0.0 : 1 - $v->number('beta') * ($cracking / abs($M)) ** 2;
        $of = fn (float $x, float $I): float => abs($M) / ($E * $I) +
            ($shrinkage * ($tension[0] * ($d - $x) - $compression[0] * ($x - $compression[1]))) / $I;

        $uncracked = (1 - $zeta) * $of($section->x1, $section->I1);

        return $sign * ($uncracked + ($zeta === 0.0 ? 0.0 : $zeta * $of($section->x2, $section->I2)));
    }

    private static function moment(Values $v, float $x, bool $isSimple): float
    {
        [$q, $L] = [$v->number('q'), $v->number('L')];

        return $isSimple
            ? ($q * $x * ($L - $x)) / 2 + $v->number('M_1') + (($v->number('M_2') - $v->number('M_1')) * $x) / $L
            : (-$q * ($L - $x) ** 2) / 2 + $v->number('M_2');
    }

    /**
     * @return array{float, float} the greatest deflection, down positive (mm), and its place; of a cantilever its end,
     *     and 0
     */
    private static function integrated(Values $v, Working $w, bool $isSimple): array
    {
        $L = $v->number('L');
        $step = $L / self::STATIONS;
        $slope = $bent = 0.0;
        $all = [0.0];
        $before = self::curvature($v, $w, self::moment($v, 0.0, $isSimple));
        for ($i = 1; $i <= self::STATIONS; $i++) {
            $now = self::curvature($v, $w, self::moment($v, $i * $step, $isSimple));
            $bent += $slope * $step + ((2 * $before + $now) * $step ** 2) / 6;
            $slope += (($before + $now) / 2) * $step;
            $before = $now;
            $all[] = $bent;
        }
        if (! $isSimple) {
            return [-$bent, 0.0];
        }
        $most = [0.0, $L / 2];
        foreach ($all as $i => $value) {
            $sag = ($bent * $i) / self::STATIONS - $value;
            $most = abs($sag) > abs($most[0]) ? [$sag, $i * $step] : $most;
        }

        return $most;
    }
}
