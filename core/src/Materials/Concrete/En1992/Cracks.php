<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.3.3: width of cracks without calculating it, by diameter or spacing of the bars, whichever does. */
final readonly class Cracks
{
    /** Creep in the end, of beams inside and outside in the order of 1.5 to 2.5 (3.1.4). */
    private const CREEP = 2.0;

    /** Less is rounding, Nmm. */
    private const NOTHING = 1.0;

    /** @var list<Combination> */
    private array $quasiPermanent;

    public function __construct(private MemberEnvelopes $envelopes)
    {
        $this->quasiPermanent = array_values(
            array_filter(
                $envelopes->combinations,
                fn (Combination $c): bool => $c->purpose === Purpose::QuasiPermanent,
            ),
        );
    }

    /** @return list<Weighing> of every span and support the bars that are used most */
    public function weigh(ConcreteMake $concrete, bool $derive): array
    {
        $worst = [];
        foreach ($this->quasiPermanent === [] ? [] : [1, -1] as $sign) {
            foreach ($concrete->steel()->inTension($sign) as $stretch) {
                $w = $this->ofStretch($concrete, $sign, $stretch, $derive);
                if ($w !== null && $w->ratio > ($worst[$w->id]->ratio ?? -1.0)) {
                    $worst[$w->id] = $w;
                }
            }
        }

        return array_values($worst);
    }

    private function ofStretch(ConcreteMake $concrete, int $sign, BarStretch $stretch, bool $derive): ?Weighing
    {
        $e = $this->moment($concrete, $sign, $stretch->from, $stretch->to);
        if ($e === null) {
            return null;
        }
        $w = new Working($derive);
        $w->let('M_qp', $sign * $e->value, Kind::Moment, '', $sign > 0 ? 'sagging' : 'hogging');
        $u = $this->ratio($concrete, $stretch->group, $w);
        $beam = $this->envelopes->beam;
        $effect = $this->envelopes->moment->effect;
        $factors = $beam->worst($e->combination, $concrete->weight(), $effect, $sign, $e->segment, $e->t);
        $group = $sign > 0 ? 'cracks-bottom' : 'cracks-top';

        return new Weighing(
            Bending::id($group, $stretch),
            "Cracks, {$stretch->place}",
            'EN 1992-1-1, 7.3.3',
            $u,
            x: $e->x,
            combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors),
            factors: $factors,
            lines: $w->lines,
            group: $group,
        );
    }

    /** The greatest quasi-permanent moment of a sign between two places; null: none. */
    public function moment(ConcreteMake $concrete, int $sign, float $from, float $to): ?Extreme
    {
        $e = $this->envelopes->moment->extreme($this->quasiPermanent, $sign, $concrete->weight(), $from, $to);

        return $e === null || $sign * $e->value < self::NOTHING ? null : $e;
    }

    /** Do bars keep cracks narrow under a quasi-permanent moment, Nmm? */
    public function holds(ConcreteMake $concrete, BarGroup $group, float $moment): bool
    {
        $w = new Working(false);
        $w->let('M_qp', $moment, Kind::Moment);

        return $this->ratio($concrete, $group, $w) <= 1.0;
    }

    /** Of M_qp. */
    private function ratio(ConcreteMake $concrete, BarGroup $group, Working $w): float
    {
        return $this->against($concrete, $group, $this->stress($concrete, $group, $w), $w);
    }

    /** Of the bars in the cracked section, elastic, with creep. */
    private function stress(ConcreteMake $concrete, BarGroup $group, Working $w): float
    {
        Bending::depth($concrete, $group, $w);
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());
        $w->let('E_cm', $concrete->grade->Ecm(), Kind::ModulusOfElasticity, 'Table 3.1', $concrete->grade->name);
        $w->let('phi_c', self::CREEP, Kind::Number, '3.1.4', 'creep, taken');
        $w->line('E_c_eff', 'E_cm / (1 + phi_c)', Kind::ModulusOfElasticity, '7.4.3(5) (7.20)');
        $w->let('E_s', 200000.0, Kind::ModulusOfElasticity, '3.2.7(4)');
        $w->line('alpha_e', 'E_s / E_c_eff', Kind::Number);
        $w->line(
            'x',
            'alpha_e * A_s / b * (sqrt(1 + 2 * b * d / (alpha_e * A_s)) - 1)',
            Kind::Size,
            '',
            'cracked, elastic',
        );

        return $w->line('sigma_s', 'M_qp / (A_s * (d - x / 3))', Kind::Stress);
    }

    private function against(ConcreteMake $concrete, BarGroup $group, float $stress, Working $w): float
    {
        $width = "w_k = {$concrete->crack->value} mm";
        $diameter = $concrete->crack->greatestDiameter($stress);
        $spacing = $concrete->crack->greatestSpacing($stress);
        $ratios = [];
        if ($diameter !== null) {
            $w->let('phi_tab', $diameter, Kind::Size, 'Table 7.2N', $width);
            $w->let('f_ctm', $concrete->grade->fctm(), Kind::Stress, 'Table 3.1');
            $w->line(
                'phi_max',
                'phi_tab * f_ctm / 2.9 * 0.4 * h / 2 / (2 * (h - d))',
                Kind::Size,
                '7.3.3(2) (7.6N)',
                'f_ctm in MPa; bending',
            );
            $ratios[] = 'phi / phi_max';
        }
        if ($spacing !== null) {
            $w->let('s_max', $spacing, Kind::Size, 'Table 7.3N', $width);
            if ($group->bars->spacing === null) {
                $w->let('n_1', (float) $group->layers[0], Kind::Number, '', 'bars in the first layer');
                $w->line('s_b', '(b - 2 * c - 2 * phi_w - phi) / (n_1 - 1)', Kind::Size, '', 'spacing of bars');
            }
            $ratios[] = 's_b / s_max';
        }
        if ($ratios === []) {
            $w->let(
                'sigma_max',
                $concrete->crack->greatestStress(),
                Kind::Stress,
                'Table 7.2N',
                "{$width}, where the table ends",
            );
            $ratios[] = 'sigma_s / sigma_max';
        }

        return $w->line(
            'u',
            count($ratios) === 2 ? "min({$ratios[0]}, {$ratios[1]})" : $ratios[0],
            Kind::Number,
            '7.3.3(2)',
        );
    }
}
