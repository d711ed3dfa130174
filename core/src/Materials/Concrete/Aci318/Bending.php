<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\StressedStretches;
use Waage\Materials\Concrete\StretchWeighings;
use Waage\Units\Kind;

/** ACI 318-19, 22.3, 9.3.3 and 9.6.1: bending of every span and over every support, with the bars that are there. */
final readonly class Bending
{
    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = [];
        foreach ([1, -1] as $sign) {
            $block = Strength::block($concrete);
            foreach (StressedStretches::of($this->envelopes, $concrete, $block, $sign) as [$stretch, $e, $note]) {
                $w = $this->section($concrete, $sign, $stretch, [$e, $note], $detail);
                $weighings[] = $this->resists($concrete, $sign, $stretch, $e, $w);
                $weighings[] = $this->mostBars($sign, $stretch, $w);
                $weighings[] = $concrete->isSlab()
                    ? $this->leastInSlab($concrete, $sign, $stretch, $detail)
                    : $this->leastBars($concrete, $sign, $stretch, $e, $detail);
            }
        }

        return $weighings;
    }

    /** @param  array{Extreme, string}  $of  the moment, and what stands beside it */
    private function section(ConcreteMake $concrete, int $sign, BarStretch $stretch, array $of, Detail $detail): Working
    {
        [$e, $note] = $of;
        $w = $detail->working();
        $w->let('M_u', $sign * $e->value, Kind::Moment, '', $note);
        Section::depth($concrete, $stretch->group, $w);
        Strength::let($w, $concrete);
        Section::width($concrete, $sign, $e->x, $w);
        $w->let('phi', Strength::PHI_BENDING, Kind::Number, 'Table 21.2.2', 'tension-controlled');
        $this->deepest($concrete, $w);
        $this->bars($concrete, $sign, $stretch, $w);

        return $w;
    }

    /** What the section takes with the axis as deep as the strain of the bars allows. */
    private function deepest(ConcreteMake $concrete, Working $w): void
    {
        $w->let('E_s', Strength::ES, Kind::ModulusOfElasticity, '20.2.2.2');
        $w->line('epsilon_ty', 'f_y / E_s', Kind::Number, '21.2.2.1');
        if ($concrete->reductions->delta() < 1.0) {
            $w->let('epsilon_min', Strength::leastStrain($concrete), Kind::Number, '6.6.5', 'moments redistributed');
            $w->line('c_max', '0.003 / (0.003 + epsilon_min) * d_t', Kind::Size, '6.6.5', 'ε_t that it takes');
        } else {
            $w->line(
                'c_max',
                '0.003 / (epsilon_ty + 0.003 + 0.003) * d_t',
                Kind::Size,
                '9.3.3.1',
                'ε_t = ε_ty + 0.003',
            );
        }
        $w->line('a_max', 'beta_1 * c_max', Kind::Size, '22.2.2.4.1');
        if ($w->has('h_f') && $w->value('b') > $w->value('b_w') && $w->value('a_max') > $w->value('h_f')) {
            $w->line('C_f', '0.85 * f_c * (b - b_w) * h_f', Kind::Force, '22.2.2.4.1', 'flange beside the web');
            $w->line('M_f', 'C_f * (d - h_f / 2)', Kind::Moment);
            $w->line('C_max', '0.85 * f_c * b_w * a_max + C_f', Kind::Force, '22.2.2.4.1');
            $rule = '0.85 * f_c * b_w * a_max * (d - a_max / 2) + M_f';
            $w->line('M_max', $rule, Kind::Moment, '22.3', 'nominal, without bars in compression');

            return;
        }
        $w->line('C_max', '0.85 * f_c * b * a_max', Kind::Force, '22.2.2.4.1');
        $w->line('M_max', 'C_max * (d - a_max / 2)', Kind::Moment, '22.3', 'nominal, without bars in compression');
    }

    /** Bars that M_u asks for. */
    private function bars(ConcreteMake $concrete, int $sign, BarStretch $stretch, Working $w): void
    {
        if ($w->value('M_u') > $w->value('phi * M_max')) {
            $other = $concrete->steel()->leastInCompression($sign, $stretch->from, $stretch->to);
            $w->let('d_c', $other->centroid(), Kind::Size, '', 'to the bars in compression');
            $w->let('A_s_c', $other->bars->area(), Kind::SteelArea, '', "in compression {$other->text()}");
            $rule = 'min(f_y, 0.003 * E_s * (1 - d_c / c_max)) - 0.85 * f_c';
            $w->line('f_s_c', $rule, Kind::Stress, '22.2.1', 'less displaced concrete');
            $w->line('A_s_req', '(C_max + (M_u / phi - M_max) / (d - d_c)) / f_y', Kind::SteelArea, '', 'needed');

            return;
        }
        if ($w->has('C_f') && $w->value('M_u / phi') > $w->value('0.85 * f_c * b * h_f * (d - h_f / 2)')) {
            $rule = 'd - sqrt(d^2 - 2 * (M_u / phi - M_f) / (0.85 * f_c * b_w))';
            $w->line('a_req', $rule, Kind::Size, '22.2.2.4.1', 'in the web');
            $w->line('A_s_req', '(C_f + 0.85 * f_c * b_w * a_req) / f_y', Kind::SteelArea, '', 'needed');

            return;
        }
        $w->line('a_req', 'd - sqrt(d^2 - 2 * M_u / (phi * 0.85 * f_c * b))', Kind::Size, '22.2.2.4.1');
        $w->line('A_s_req', '0.85 * f_c * b * a_req / f_y', Kind::SteelArea, '', 'needed');
    }

    private function resists(ConcreteMake $concrete, int $sign, BarStretch $stretch, Extreme $e, Working $w): Weighing
    {
        $this->nominal($w);
        $w->line('phiM_n', 'phi * M_n', Kind::Moment, '9.5.1.1');
        $w->line('u', 'M_u / phiM_n', Kind::Number, '9.5.1.1(a)');
        $what = [$sign > 0 ? 'Flexure, positive' : 'Flexure, negative', 'ACI 318-19, 22.3', 'M_u', 'phiM_n'];

        return (new StretchWeighings($this->envelopes, $concrete))->bending($sign, $stretch, $e, $w, $what);
    }

    /** M_n with the bars that are there; with those in compression where M_u calls for them. */
    private function nominal(Working $w): void
    {
        if ($w->has('A_s_c') && $w->value('A_s * f_y') > $w->value('C_max')) {
            $rule = 'max(0, min(A_s_c * f_s_c, A_s * f_y - C_max))';
            $w->line('C_s', $rule, Kind::Force, '22.2.1', 'as far as the bars in tension hold it');
            $w->line('M_n', 'M_max + C_s * (d - d_c)', Kind::Moment, '22.3');

            return;
        }
        if ($w->has('C_f') && $w->value('A_s * f_y') > $w->value('0.85 * f_c * b * h_f')) {
            $w->line('a', 'min((A_s * f_y - C_f) / (0.85 * f_c * b_w), a_max)', Kind::Size, '22.2.2.4.1', 'in the web');
            $w->line('M_n', '0.85 * f_c * b_w * a * (d - a / 2) + M_f', Kind::Moment, '22.3');
        } else {
            $w->line('a', 'min(A_s * f_y / (0.85 * f_c * b), a_max)', Kind::Size, '22.2.2.4.1');
            $w->line('M_n', '0.85 * f_c * b * a * (d - a / 2)', Kind::Moment, '22.3');
        }
        $w->line('c', 'a / beta_1', Kind::Size, '22.2.2.4.1');
        $w->line('epsilon_t', '0.003 * (d_t - c) / c', Kind::Number, '22.2.1.2', 'of the extreme bars');
    }

    /** 9.3.3.1: bars strain by ε_ty + 0.003 at least, so that the beam warns before it fails. */
    private function mostBars(int $sign, BarStretch $stretch, Working $w): Weighing
    {
        $own = clone $w;
        $own->line(
            'A_s_max',
            $own->has('A_s_c') ? '(C_max + max(0, A_s_c * f_s_c)) / f_y' : 'C_max / f_y',
            Kind::SteelArea,
            '9.3.3.1',
            'ε_t = ε_ty + 0.003',
        );
        $own->line('u', 'A_s / A_s_max', Kind::Number, '9.3.3.1');
        $group = $sign > 0 ? 'most-bottom' : 'most-top';

        return new Weighing(
            $stretch->named($group),
            "Most bars, {$stretch->place}",
            'ACI 318-19, 9.3.3.1',
            $own->value('u'),
            against: new Against(
                demand: $own->value('A_s'),
                capacity: $own->value('A_s_max'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_s',
                capacitySymbol: 'A_s_max',
            ),
            lines: $own->lines,
            group: $group,
        );
    }

    /** 9.6.1: not below what keeps the beam whole when it cracks, or a third more than the moment asks for. */
    private function leastBars(
        ConcreteMake $concrete,
        int $sign,
        BarStretch $stretch,
        Extreme $e,
        Detail $detail,
    ): Weighing {
        $w = $this->section($concrete, $sign, $stretch, [$e, ''], Detail::Verdict);
        $asked = $w->value('A_s_req');
        $w = $detail->working();
        Section::depth($concrete, $stretch->group, $w);
        Strength::let($w, $concrete);
        Strength::letRoot($w, $concrete, false);
        $tee = $concrete->tee($sign, $e->x);
        $w->let('b_w', $concrete->b, Kind::Size);
        if ($tee->ht > 0.0) {
            $w->let('b_f', $tee->bt, Kind::Size, '', 'flange in tension');
        }
        $width = $tee->ht > 0.0 ? 'min(b_f, 2 * b_w)' : 'b_w';
        $k = Strength::of($concrete, 3, 0.25);
        $w->let('p_min', Strength::isMetric($concrete) ? 1.4 : 200 * 0.00689475729, Kind::LowStress, '9.6.1.2(b)');
        $rule = "max({$k} * root_fc, p_min) * {$width} * d / f_y";
        $w->line('A_s_1', $rule, Kind::SteelArea, '9.6.1.2');
        $w->let('A_s_req', $asked, Kind::SteelArea, '', 'that M_u asks for');
        $w->line('A_s_min', 'min(A_s_1, 4 / 3 * A_s_req)', Kind::SteelArea, '9.6.1.3');

        return $this->least($sign, $stretch, $w, '9.6.1');
    }

    /** 7.6.1.1 */
    private function leastInSlab(ConcreteMake $concrete, int $sign, BarStretch $stretch, Detail $detail): Weighing
    {
        $w = $detail->working();
        Section::depth($concrete, $stretch->group, $w);
        $w->line('A_s_min', '0.0018 * b * h', Kind::SteelArea, '7.6.1.1');

        return $this->least($sign, $stretch, $w, '7.6.1.1');
    }

    private function least(int $sign, BarStretch $stretch, Working $w, string $clause): Weighing
    {
        $w->line('u', 'A_s_min / A_s', Kind::Number, $clause);

        return StretchWeighings::least($sign, $stretch, $w, "ACI 318-19, {$clause}");
    }
}
