<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * Ties by EN 1992-1-1, 9.10 (recommended values, AC:2010), and BS 8110-1, 3.12.3; structural integrity bars by ACI
 * 318-19, 9.7.7 and 7.7.7. What counts goes from end to end: top bars that run through, and bottom bars of a single
 * span, or those that lap over inner supports. N, mm, MPa.
 */
final readonly class Robustness
{
    private function __construct(private ConcreteMake $concrete, private Tie $tie, private float $longest)
    {
    }

    /**
     * @param  list<Support>  $supports
     * @return list<Weighing> none where the engineer says nothing of ties
     */
    public static function weigh(ConcreteMake $concrete, array $supports, Detail $detail): array
    {
        $tie = $concrete->tie;
        if ($tie === null) {
            return [];
        }
        $spans = array_map(fn (Span $s): float => $s->length(), Span::all($concrete->length(), $supports));
        $of = new self($concrete, $tie, max($spans));
        $w = $detail->working();

        return match (true) {
            $concrete->code() === Code::Aci318 => $of->integrity(count($supports) > 2, $detail),
            $concrete->code() === Code::Bs8110 => [$of->told($of->classic($w), 'BS 8110-1, 3.12.3', $w)],
            default => [$of->told($of->european($w), 'EN 1992-1-1, 9.10.2', $w)],
        };
    }

    private function european(Working $w): string
    {
        if ($this->tie->isAtEdge()) {
            $w->let('q_1', 10.0, Kind::LineLoad, '9.10.2.2(2)', 'recommended');
            $w->let('l_i', $this->longest, Kind::Length, '', 'the longest span');
            $w->let('Q_2', 70e3, Kind::Force, '9.10.2.2(2)');
            $w->line('F_tie', 'max(q_1 * l_i, Q_2)', Kind::Force, '9.10.2.2(2) (9.15)');

            return 'Tie along the edge';
        }
        $w->let('q_3', 20.0, Kind::LineLoad, '9.10.2.3(4)', 'recommended');
        $w->let('b_tie', $this->width(), Kind::Length, '', 'of floor');
        if ($this->concrete->isSlab()) {
            $w->line('F_tie', 'q_3 * b_tie', Kind::Force, '9.10.2.3(3)');
        } else {
            $w->let('Q_4', 70e3, Kind::Force, '9.10.2.3(4)');
            $w->line('F_tie', 'max(q_3 * b_tie, Q_4)', Kind::Force, '9.10.2.3(4) (9.16)');
        }

        return 'Tie inside';
    }

    private function width(): float
    {
        return $this->concrete->isSlab() ? $this->concrete->b : $this->tie->width;
    }

    private function classic(Working $w): string
    {
        $w->let('n_0', (float) $this->tie->storeys, Kind::Number, '', 'storeys');
        $w->line('F_t', 'min(60, 20 + 4 * n_0) * 1000', Kind::Force, '3.12.3.4.2');
        if ($this->tie->isAtEdge()) {
            $w->line('F_tie', 'F_t', Kind::Force, '3.12.3.5');

            return 'Tie along the edge';
        }
        $w->let('q_k', $this->tie->load, Kind::AreaLoad, '', 'dead and imposed load of the floors');
        $w->let('l_r', $this->longest, Kind::Length, '', 'the longest span');
        $w->let('b_tie', $this->width(), Kind::Length, '', 'of floor');
        $w->line('f_1', 'q_k / 0.0075 * l_r / 5000', Kind::Number, '3.12.3.4.2', 'over 7.5 kN/m² and 5 m');
        $w->line('F_tie', 'max(1, f_1) * F_t * b_tie / 1000', Kind::Force, '3.12.3.4.2', 'F_t by metre of width');

        return 'Tie inside';
    }

    private function told(string $title, string $clause, Working $w): Weighing
    {
        $w->let('A_s_t', $this->top(), Kind::SteelArea, '', 'top bars that run through');
        $w->let(
            'A_s_b',
            $this->bottom(),
            Kind::SteelArea,
            '',
            $this->goesOn() ? 'bottom bars' : 'bottom bars do not lap',
        );
        $w->let('f_yk', $this->concrete->fyk, Kind::Stress);
        $w->line('F_Rk', '(A_s_t + A_s_b) * f_yk', Kind::Force, '', 'at the characteristic strength');
        $w->line('u', 'F_tie / max(F_Rk, 1)', Kind::Number);

        return new Weighing(
            'tie',
            $title,
            $clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value('F_tie'),
                capacity: $w->value('F_Rk'),
                kind: Kind::Force,
                demandSymbol: 'F_tie',
                capacitySymbol: 'F_Rk',
            ),
            lines: $w->lines,
            remark: $this->goesOn() ? '' : 'Bottom bars count when they lap over inner supports.',
        );
    }

    /** Does a bottom bar go from end to end? */
    private function goesOn(): bool
    {
        return $this->concrete->bottomLaps || count($this->concrete->steel()->bottom) === 1;
    }

    /** Least of all spans, mm². */
    private function bottom(): float
    {
        return $this->goesOn() ? $this->least($this->concrete->steel()->bottom)->area() : 0.0;
    }

    /** From end to end, mm². */
    private function top(): float
    {
        $through = array_filter($this->concrete->steel()->top, fn (BarStretch $s): bool => $this->isThrough($s));

        return count($through) === 0 ? 0.0 : $this->least(array_values($through))->area();
    }

    private function isThrough(BarStretch $stretch): bool
    {
        return $stretch->ends[0] <= 0.0 && $stretch->ends[1] >= $this->concrete->length();
    }

    /** @param  non-empty-list<BarStretch>  $stretches */
    private function least(array $stretches): Bars
    {
        $bars = array_map(fn (BarStretch $s): Bars => $s->group->bars, $stretches);
        usort($bars, fn (Bars $a, Bars $b): int => $a->area() <=> $b->area());

        return $bars[0];
    }

    /** @return list<Weighing> 9.7.7.1, 9.7.7.2; of slabs 7.7.7 */
    private function integrity(bool $isContinuous, Detail $detail): array
    {
        $clause = $this->concrete->isSlab() ? 'ACI 318-19, 7.7.7' : 'ACI 318-19, 9.7.7';
        $title = 'Structural integrity, bottom bars';
        if ($isContinuous && ! $this->goesOn()) {
            $why = 'Say that bottom bars lap over inner supports: these rules ask for bars that go on.';

            return [new Weighing('integrity', $title, $clause, null, applies: false, remark: $why)];
        }
        $areas = array_map(fn (BarStretch $s): float => $s->group->bars->area(), $this->concrete->steel()->bottom);
        $w = $detail->working();
        $w->let('A_s_1', max($areas), Kind::SteelArea, '', 'the most bars of a span');
        $w->line('A_s_min', 'A_s_1 / 4', Kind::SteelArea, $this->concrete->isSlab() ? '7.7.7.1' : '9.7.7.1(a)');
        $w->let('A_s', min($areas), Kind::SteelArea, '', 'go on, two at least');
        $w->line('u', 'A_s_min / A_s', Kind::Number);
        $bottom = $this->asked('integrity', $title, $clause, $w);

        return $this->concrete->isSlab() || ! $this->tie->isAtEdge() || ! $isContinuous
            ? [$bottom]
            : [$bottom, $this->aroundEdge($clause, $detail)];
    }

    private function aroundEdge(string $clause, Detail $detail): Weighing
    {
        $areas = array_map(fn (BarStretch $s): float => $s->group->bars->area(), $this->concrete->steel()->top);
        $w = $detail->working();
        $w->let('A_s_1', max($areas), Kind::SteelArea, '', 'the most bars over a support');
        $w->line('A_s_min', 'A_s_1 / 6', Kind::SteelArea, '9.7.7.1(b)', 'two at least');
        $w->let('A_s', $this->top(), Kind::SteelArea, '', 'run through');
        $w->line('u', 'A_s_min / max(A_s, 1)', Kind::Number);

        return $this->asked('integrity-top', 'Structural integrity, top bars', $clause, $w);
    }

    private function asked(string $id, string $title, string $clause, Working $w): Weighing
    {
        return new Weighing(
            $id,
            $title,
            $clause,
            $w->value('u'),
            against: new Against(
                demand: $w->value('A_s_min'),
                capacity: $w->value('A_s'),
                kind: Kind::SteelArea,
                demandSymbol: 'A_s_min',
                capacitySymbol: 'A_s',
            ),
            lines: $w->lines,
            remark: $this->concrete->isSlab() ? '' : 'Within closed links, developed at the faces of end supports.',
        );
    }
}
