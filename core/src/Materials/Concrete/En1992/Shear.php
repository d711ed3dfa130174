<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Units\Kind;

/** EN 1992-1-1, 6.2.3 and 9.2.2: upright links, which carry all of the shear, and the concrete struts between them. */
final readonly class Shear
{
    /** Of the struts: cot θ from 1 to this (6.2.3(2), recommended). */
    private const FLATTEST = 2.5;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, bool $derive): array
    {
        $e = $this->envelopes->shear->greatest($this->envelopes->strength, $concrete->weight());
        if ($e === null) {
            return [];
        }

        return [
            ...abs($e->value) < 1.0 ? [] : [$this->links($concrete, $e, $derive), $this->struts($concrete, $e, $derive)],
            $this->leastLinks($concrete, $derive),
            $this->spacing($concrete, $derive),
        ];
    }

    private function links(ConcreteMake $concrete, Extreme $e, bool $derive): Weighing
    {
        $w = $this->start($concrete, $e, $derive);
        $flat = $w->line('k_theta', 'b * z * nu_1 * f_cd / V_Ed', Kind::Number, '6.2.3(3) (6.9)', 'cot θ + tan θ at which the struts are used up');
        match (true) {
            $flat >= self::FLATTEST + 1 / self::FLATTEST => $w->let('cot_theta', self::FLATTEST, Kind::Number, '6.2.3(2) (6.7N)', 'the flattest struts'),
            $flat > 2.0 => $w->line('cot_theta', '(k_theta + sqrt(k_theta^2 - 4)) / 2', Kind::Number, '6.2.3(2), (3)', 'as flat as the struts bear'),
            default => $w->let('cot_theta', 1.0, Kind::Number, '6.2.3(2) (6.7N)', 'the steepest struts'),
        };
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->line('A_sw', 'n_w * pi * phi_w^2 / 4', Kind::Area);
        $w->let('s', $concrete->links->spacing, Kind::Size);
        $w->line('s_req', 'A_sw * z * f_yd * cot_theta / V_Ed', Kind::Size, '6.2.3(3) (6.8)', 'spacing that would do');
        $w->line('V_Rd_s', 'A_sw / s * z * f_yd * cot_theta', Kind::Force, '6.2.3(3) (6.8)');
        $w->line('u', 'V_Ed / V_Rd_s', Kind::Number, '6.2.1(3)');

        return $this->weighing('shear', 'Shear, links', '6.2.3', 'V_Rd_s', $concrete, $e, $w);
    }

    private function struts(ConcreteMake $concrete, Extreme $e, bool $derive): Weighing
    {
        $w = $this->start($concrete, $e, $derive);
        $w->line('V_Rd_max', 'b * z * nu_1 * f_cd / 2', Kind::Force, '6.2.3(3) (6.9)', 'with cot θ = 1');
        $w->line('u', 'V_Ed / V_Rd_max', Kind::Number, '6.2.1(6)');

        return $this->weighing('struts', 'Shear, concrete struts', '6.2.3', 'V_Rd_max', $concrete, $e, $w);
    }

    /** The smaller of both effective depths: the side that is pulled changes along a beam. */
    private function start(ConcreteMake $concrete, Extreme $e, bool $derive): Working
    {
        $w = new Working($derive);
        $w->let('V_Ed', abs($e->value), Kind::Force);
        Bending::depth($concrete, $concrete->d(1) <= $concrete->d(-1) ? 1 : -1, $w);
        Strength::of($w, $concrete);
        $w->line('z', '0.9 * d', Kind::Size, '6.2.3(1)');
        $w->line('nu_1', '0.6 * (1 - f_ck / 250)', Kind::Number, '6.2.2(6) (6.6N)', 'f_ck in MPa');

        return $w;
    }

    private function weighing(string $id, string $title, string $clause, string $capacity, ConcreteMake $concrete, Extreme $e, Working $w): Weighing
    {
        $beam = $this->envelopes->beam;
        $factors = $beam->worst($e->combination, $concrete->weight(), $this->envelopes->shear->effect, $e->value >= 0.0 ? 1 : -1, $e->segment, $e->t);

        return new Weighing(
            $id, $title, "EN 1992-1-1, {$clause}", $w->value('u'), demand: $w->value('V_Ed'), capacity: $w->value($capacity), kind: Kind::Force,
            demandSymbol: 'V_Ed', capacitySymbol: $capacity, x: $e->x, combination: $e->combination->id,
            arrangement: $beam->arrangementText($factors), factors: $factors, lines: $w->lines,
            ranges: $id === 'shear' ? [[0.0, $beam->member->length, $w->value($capacity)]] : [],
        );
    }

    private function leastLinks(ConcreteMake $concrete, bool $derive): Weighing
    {
        $w = new Working($derive);
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('f_yk', $concrete->fyk, Kind::Stress);
        $w->line('rho_w_min', '0.08 * sqrt(f_ck) / f_yk', Kind::Number, '9.2.2(5) (9.5N)', 'strengths in MPa');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->let('phi_w', $concrete->links->diameter, Kind::Size, '', 'links');
        $w->let('s', $concrete->links->spacing, Kind::Size);
        $w->let('b', $concrete->b, Kind::Size);
        $w->line('rho_w', 'n_w * pi * phi_w^2 / 4 / (s * b)', Kind::Number, '9.2.2(5) (9.4)');
        $w->line('u', 'rho_w_min / rho_w', Kind::Number, '9.2.2(5)');

        return new Weighing('least-links', 'Least links', 'EN 1992-1-1, 9.2.2(5)', $w->value('u'), lines: $w->lines);
    }

    /** Along the member, and of the legs across it. */
    private function spacing(ConcreteMake $concrete, bool $derive): Weighing
    {
        $w = new Working($derive);
        Bending::depth($concrete, $concrete->d(1) <= $concrete->d(-1) ? 1 : -1, $w);
        $w->let('s', $concrete->links->spacing, Kind::Size);
        $w->line('s_max', '0.75 * d', Kind::Size, '9.2.2(6) (9.6N)');
        $w->let('n_w', (float) $concrete->links->legs, Kind::Number, '', 'legs');
        $w->line('s_t', '(b - 2 * c - phi_w) / (n_w - 1)', Kind::Size, '', 'between legs');
        $w->line('s_t_max', 'min(0.75 * d, 600)', Kind::Size, '9.2.2(8) (9.8N)');
        $w->line('u', 'max(s / s_max, s_t / s_t_max)', Kind::Number, '9.2.2(6), (8)');

        return new Weighing('link-spacing', 'Spacing of links', 'EN 1992-1-1, 9.2.2', $w->value('u'), lines: $w->lines);
    }
}
