<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\Floor;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 7.3: vibration of a floor of joists on two sides, by its frequency, its stiffness and an impulse. */
final readonly class Vibration
{
    /** 7.3.3(1), Hz */
    private const LOWEST = 8.0;

    public function __construct(private LoadedBeam $beam)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $floor = $timber->asked->floor;
        if ($floor === null) {
            return [];
        }
        $fields = $this->beam->beam->fields();
        if (count($fields) !== 1 || $this->beam->isOverhang(...$fields[0]) || $this->beam->member->angle !== 0.0) {
            return [$this->open('Vibration is weighed for joists over one level span only (7.3.3).')];
        }
        $w = $detail->working();
        $l = $fields[0][1] - $fields[0][0];
        $w->let('l', $l, Kind::Length, '', 'span');
        $w->let('s', $timber->row->spacing, Kind::Size, '', 'spacing of the joists');
        $w->let('E_0_mean', $timber->grade->values->E, Kind::ModulusOfElasticity, $timber->grade->suite->tables());
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h', $timber->h, Kind::Size);
        $w->line('I_y', 'b * h^3 / 12', Kind::SecondMoment);
        $w->line('EI_l', 'E_0_mean * I_y / s * 0.001', Kind::Number, '7.3.3(4)', 'of joists only, Nm²/m');
        $floor->mass === null
            ? $w->let('m', $this->mass($timber), Kind::Number, '7.3.3(4)', 'of permanent load, kg/m²')
            : $w->let('m', $floor->mass, Kind::Number, '7.3.3(4)', 'given, kg/m²');
        $f1 = $w->line('f_1', 'pi / (2 * (l / 1000)^2) * sqrt(EI_l / m)', Kind::Frequency, '7.3.3(4) (7.5)');
        $w->line('u', '8 / f_1', Kind::Number, '7.3.3(1)', 'not below 8 Hz');

        return [
            $this->report('vibration-frequency', 'Vibration: frequency', $w, '7.3.3(1)'),
            $this->stiffness($timber, $floor, $l, $detail),
            $f1 <= self::LOWEST
                ? $this->open(
                    'Below 8 Hz a floor needs an investigation of its own (7.3.3(1)), which is not built in.',
                    'vibration-impulse',
                    'Vibration: impulse',
                )
                : $this->impulse($w, $floor, $detail),
        ];
    }

    private function stiffness(TimberMake $timber, Floor $floor, float $l, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('l', $l, Kind::Length, '', 'span');
        $w->let('F', 1000.0 * $floor->share, Kind::Force, '7.3.3(2)', 'share of 1 kN that one joist takes');
        $w->let('E_0_mean', $timber->grade->values->E, Kind::ModulusOfElasticity, $timber->grade->suite->tables());
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h', $timber->h, Kind::Size);
        $w->line('I_y', 'b * h^3 / 12', Kind::SecondMoment);
        $w->line('w', 'F * l^3 / (48 * E_0_mean * I_y)', Kind::Deflection, '7.3.3(2)', 'under 1 kN at mid-span');
        $w->let('a', $floor->a, Kind::Deflection, '7.3.3(2), Figure 7.2', 'accepted');
        $w->line('u', 'w / a', Kind::Number, '7.3.3(2) (7.3)');

        return $this->report('vibration-stiffness', 'Vibration: deflection under 1 kN', $w, '7.3.3(2)');
    }

    private function impulse(Working $of, Floor $floor, Detail $detail): Weighing
    {
        $w = $detail->working();
        $w->let('f_1', $of->value('f_1'), Kind::Frequency, '7.3.3(4)');
        $w->let('l', $of->value('l'), Kind::Length);
        $w->let('B', $floor->width, Kind::Length, '', 'width of the floor');
        $w->let('EI_l', $of->value('EI_l'), Kind::Number, '', 'Nm²/m');
        $w->let('EI_b', $floor->transverse, Kind::Number, '', 'across, Nm²/m');
        $w->let('m', $of->value('m'), Kind::Number, '', 'kg/m²');
        if ($floor->transverse >= $of->value('EI_l')) {
            return $this->open(
                'The formula is for floors that are stiffer along the joists than across (7.3.3(5)).',
                'vibration-impulse',
                'Vibration: impulse',
            );
        }
        $w->let('zeta', $floor->damping, Kind::Number, '7.3.1(3)', 'modal damping ratio');
        $w->let('a', $floor->a, Kind::Deflection, '7.3.3(2)', 'accepted under 1 kN');
        self::ofImpulse($w);
        $w->line('u', 'v / v_lim', Kind::Number, '7.3.3(2)');

        return $this->report('vibration-impulse', 'Vibration: impulse', $w, '7.3.3(2)');
    }

    /** Figure 7.2: through a (mm/kN) and b of 0.5 and 150, 1 and 120, 2 and 80, 4 and 50. */
    public static function b(float $a): float
    {
        return match (true) {
            $a <= 1.0 => 150.0 - 60.0 * (max(0.5, $a) - 0.5),
            $a <= 2.0 => 120.0 - 40.0 * ($a - 1.0),
            default => 80.0 - 15.0 * (min(4.0, $a) - 2.0),
        };
    }

    /** kg/m² of the permanent load on the member, over its spacing. */
    private function mass(TimberMake $timber): float
    {
        $sets = $this->beam->permanentSets();
        $total = 0.0;
        foreach ($this->beam->responses->reactions as $set => $reactions) {
            $factor = $set === $this->beam->selfWeight ? $timber->weight() : (in_array($set, $sets, true) ? 1.0 : 0.0);
            $total += $factor * array_sum(array_column($reactions, 0));
        }
        $area = $this->beam->member->length * $timber->row->spacing * 1e-6;

        return max(1.0, $total / 9.80665 / $area);
    }

    /** All of 7.3.3 of values that have been let: l, B, s, E_0_mean, b, h, EI_b, m, zeta, k_F, a. */
    public static function calculate(Working $w): void
    {
        $w->line('I_y', 'b * h^3 / 12', Kind::SecondMoment);
        $w->line('EI_l', 'E_0_mean * I_y / s * 0.001', Kind::Number, '7.3.3(4)', 'of joists only, Nm²/m');
        $w->line('f_1', 'pi / (2 * (l / 1000)^2) * sqrt(EI_l / m)', Kind::Frequency, '7.3.3(4) (7.5)');
        $w->line('u_f', '8 / f_1', Kind::Number, '7.3.3(1)', 'not below 8 Hz');
        $w->line(
            'w',
            'k_F * 1000 * l^3 / (48 * E_0_mean * I_y)',
            Kind::Deflection,
            '7.3.3(2)',
            'under 1 kN at mid-span',
        );
        $w->line('u_w', 'w / a', Kind::Number, '7.3.3(2) (7.3)');
        self::ofImpulse($w);
        $w->line('u_v', 'v / v_lim', Kind::Number, '7.3.3(2)');
    }

    /** v and its limit. */
    private static function ofImpulse(Working $w): void
    {
        $w->value('f_1') < 40.0
            ? $w->line('n_40', '(((40 / f_1)^2 - 1) * (B / l)^4 * EI_l / EI_b)^0.25', Kind::Number, '7.3.3(5) (7.7)')
            : $w->let('n_40', 0.0, Kind::Number, '7.3.3(5)', 'no mode below 40 Hz');
        $w->line(
            'v',
            '4 * (0.4 + 0.6 * n_40) / (m * B / 1000 * l / 1000 + 200)',
            Kind::Number,
            '7.3.3(5) (7.6)',
            'm/(Ns²)',
        );
        $w->let('b_v', self::b($w->value('a')), Kind::Number, 'Figure 7.2', 'goes with a');
        $w->line('v_lim', 'b_v^(f_1 * zeta - 1)', Kind::Number, '7.3.3(2) (7.4)', 'm/(Ns²)');
    }

    private function report(string $id, string $title, Working $w, string $clause): Weighing
    {
        return new Weighing($id, $title, "EN 1995-1-1, {$clause}", $w->value('u'), lines: $w->lines);
    }

    private function open(string $why, string $id = 'vibration', string $title = 'Vibration'): Weighing
    {
        return new Weighing($id, $title, 'EN 1995-1-1, 7.3', null, applies: false, remark: $why);
    }
}
