<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Tools\CrackTools;
use Waage\Materials\Concrete\Section;
use Waage\Materials\Concrete\Tee;
use Waage\Units\Kind;

/** EN 1992-1-1, 7.3.4: width of cracks under quasi-permanent load, with what the tables of 7.3.3 allow beside it. */
final readonly class Cracks
{
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
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        if ($this->quasiPermanent === []) {
            $why = 'No quasi-permanent combination counts, which cracks are weighed under.';

            return [new Weighing('cracks', 'Cracks', 'EN 1992-1-1, 7.3', null, applies: false, remark: $why)];
        }
        $worst = [];
        foreach ([1, -1] as $sign) {
            foreach ($concrete->steel()->inTension($sign) as $stretch) {
                $w = $this->ofStretch($concrete, $sign, $stretch, $detail);
                if ($w !== null && $w->ratio > ($worst[$w->id]->ratio ?? -1.0)) {
                    $worst[$w->id] = $w;
                }
            }
        }

        return [...array_values($worst), ...(new LeastAgainstCracks($this))->weigh($concrete, $detail)];
    }

    private function ofStretch(ConcreteMake $concrete, int $sign, BarStretch $stretch, Detail $detail): ?Weighing
    {
        $e = $this->moment($concrete, $sign, $stretch->from, $stretch->to);
        if ($e === null) {
            return null;
        }
        $w = $detail->working();
        $w->let(
            'M',
            $sign * $e->value,
            Kind::Moment,
            '',
            $sign > 0 ? 'quasi-permanent, sagging' : 'quasi-permanent, hogging',
        );
        $u = $this->ratio($concrete, $stretch->group, [$sign, $e->x], $w);
        $beam = $this->envelopes->beam;
        $effect = $this->envelopes->moment->effect;
        $factors = $beam->worst($e->combination, $concrete->weight(), $effect, $sign, $e->segment, $e->t);
        $group = $sign > 0 ? 'cracks-bottom' : 'cracks-top';

        return new Weighing(
            $stretch->named($group),
            "Cracks, {$stretch->place}",
            'EN 1992-1-1, 7.3.4',
            $u,
            at: $beam->placed($e, $factors),
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

    /** Do bars keep cracks narrow under a quasi-permanent moment? */
    public function holds(ConcreteMake $concrete, BarGroup $group, Extreme $e): bool
    {
        $w = new Working(false);
        $w->let('M', abs($e->value), Kind::Moment);

        $sign = $e->value > 0.0 ? 1 : -1;

        return $this->ratio($concrete, $group, [$sign, $e->x], $w) <= 1.0 &&
            (new LeastAgainstCracks($this))->suffices($concrete, $group, $sign, $e->x);
    }

    /**
     * Of M: the width that is calculated, with what the tables allow beside it.
     *
     * @param  array{int, float}  $where  sign of the moment, place
     */
    private function ratio(ConcreteMake $concrete, BarGroup $group, array $where, Working $w): float
    {
        Section::depth($concrete, $group, $w);
        Section::width($concrete, $where[0], $where[1], $w);
        $w->line('c_b', $concrete->isSlab() ? 'c' : 'c + phi_w', Kind::Size, '', 'to the bars');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $group->text());
        if ($group->bars->spacing === null) {
            $w->let('n_1', (float) $group->layers[0], Kind::Number, '', 'bars in the first layer');
            $w->let('b_w', $concrete->b, Kind::Size);
            $w->line('s_b', '(b_w - 2 * c_b - phi) / (n_1 - 1)', Kind::Size, '', 'spacing of bars');
        }
        $w->let('f_ctm', $concrete->grade->fctm(), Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('E_cm', $concrete->grade->Ecm(), Kind::ModulusOfElasticity, 'Table 3.1');
        $w->let('phi_c', TimeEffects::creepOf($concrete), Kind::Number, '3.1.4', 'creep');
        $w->let('k_t', 0.4, Kind::Number, '7.3.4(2)', 'long-term');
        CrackTools::stress($w);
        self::around($concrete->tee(...$where), $w);
        CrackTools::calculated($w);
        $w->let('w_max', (float) $concrete->service->crack->value, Kind::Crack, '7.3.1(5)');
        $this->tables($concrete, $w);

        return $w->line('u', 'w_k / w_max', Kind::Number, '7.3.4');
    }

    /**
     * Width of the concrete in tension that the bars hold together: beside a web 5(c + φ/2) about a bar (Figure 7.2).
     */
    private static function around(Tee $tee, Working $w): void
    {
        if ($tee->isFlanged()) {
            $w->line('b_ct', 'b_w', Kind::Size, '7.3.2(3)', 'in tension');
        } elseif ($tee->ht > 0.0) {
            $w->let('b_t', $tee->bt, Kind::Size, '', 'flange in tension');
            $w->line(
                'b_ct',
                'min(b_t, b_w + 3 * (c_b + phi / 2))',
                Kind::Size,
                '7.3.2(3), Figure 7.2',
                'about the bars',
            );
        } else {
            $w->bind('b_ct', $w->value('b'), Kind::Size);
        }
    }

    private function tables(ConcreteMake $concrete, Working $w): void
    {
        $diameter = $concrete->service->crack->greatestDiameter($w->value('sigma_s'));
        $spacing = $concrete->service->crack->greatestSpacing($w->value('sigma_s'));
        if ($diameter !== null) {
            $w->let('phi_tab', $diameter, Kind::Size, 'Table 7.2N', 'beside it, by tables');
        }
        if ($diameter !== null && $concrete->widths === null) {
            $w->line('phi_max', 'phi_tab * f_ctm / 2.9 * 0.4 * h / 2 / (2 * (h - d))', Kind::Size, '7.3.3(2) (7.6N)');
        }
        if ($spacing !== null) {
            $w->let('s_max', $spacing, Kind::Size, 'Table 7.3N', 'or this spacing');
        }
    }
}
