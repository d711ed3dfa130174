<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Against;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Section;
use Waage\Member\Support;
use Waage\Units\Kind;

/**
 * EN 1992-1-1, 9.2.1.4: bottom bars at end supports, anchored from the face of the support on: straight where that
 * suffices, otherwise bent up behind it. Direct support; good bond, all α = 1.
 */
final readonly class EndAnchorage
{
    /** A shear force that is smaller is none, N. */
    private const NOTHING = 1.0;

    public function __construct(private MemberEnvelopes $envelopes)
    {
    }

    /** @return list<Weighing> of each support at an end of the member */
    public function weigh(ConcreteMake $concrete, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->envelopes->beam->member->supports as $i => $support) {
            $isEnd = $support->x < 1.0 || $support->x > $concrete->length() - 1.0;
            if ($isEnd && ! $support->holdsTurning()) {
                array_push($weighings, ...$this->at($concrete, $support, $i + 1, $detail));
            }
        }

        return $weighings;
    }

    /** Bars that are straight are too short to be anchored: they are bent up. */
    public function isBent(ConcreteMake $concrete, Support $support): bool
    {
        $w = $this->needed($concrete, $support, Detail::Verdict);

        return $w !== null && $w->value('l_bd') > $support->bearing - $concrete->cover;
    }

    /** @return list<Weighing> */
    private function at(ConcreteMake $concrete, Support $support, int $number, Detail $detail): array
    {
        $id = ["end-anchorage-{$number}", "Anchorage of bottom bars, support {$number}", 'EN 1992-1-1, 9.2.1.4'];
        if ($support->bearing <= $concrete->cover) {
            $remark = 'Give the support a bearing length, so that there is something to anchor the bars in.';

            return [
                new Weighing($id[0], $id[1], $id[2], null, applies: false, remark: $remark, group: 'end-anchorage'),
            ];
        }
        $w = $this->needed($concrete, $support, $detail);
        if ($w === null) {
            return [];
        }
        $w->let('t', $support->bearing, Kind::Size, '', 'bearing length');
        if ($w->value('l_bd') <= $w->value('t - c')) {
            $w->line('l_is', 't - c', Kind::Size, '', 'straight, from the face of the support');
        } else {
            $legs = $concrete->isSlab() ? 't - c + h - 2 * c - phi' : 't - c + h - 2 * c - 2 * phi_w - phi';
            $w->line('l_is', $legs, Kind::Size, 'Figure 8.1a', 'bent up behind the support');
        }
        $w->line('u', 'l_bd / l_is', Kind::Number, '9.2.1.4(3)');

        return [
            new Weighing(
                $id[0],
                $id[1],
                $id[2],
                $w->value('u'),
                against: new Against(
                    demand: $w->value('l_bd'),
                    capacity: $w->value('l_is'),
                    kind: Kind::Size,
                    demandSymbol: 'l_bd',
                    capacitySymbol: 'l_is',
                ),
                at: new Place(x: $support->x),
                lines: $w->lines,
                group: 'end-anchorage',
            ),
        ];
    }

    /** l_bd of the tension that shear leaves at the support; null: no shear. */
    private function needed(ConcreteMake $concrete, Support $support, Detail $detail): ?Working
    {
        $inside = $support->x < 1.0 ? [$support->x, $support->x + 1.0] : [$support->x - 1.0, $support->x];
        $e = $this->envelopes->shear->greatest($this->envelopes->strength, $concrete->weight(), ...$inside);
        if ($e === null || abs($e->value) < self::NOTHING) {
            return null;
        }
        $stretch = $this->stretch($concrete, $support->x);
        $w = $detail->working();
        $w->let('V_Ed', abs($e->value), Kind::Force);
        Section::depth($concrete, $stretch->group, $w);
        $concrete->isSlab()
            ? $w->line('F_Ed', 'V_Ed * d / (0.9 * d)', Kind::Force, '9.2.1.4(2) (9.3)', 'a_l = d without links')
            : $w->line('F_Ed', 'V_Ed * 2.5 / 2', Kind::Force, '9.2.1.4(2) (9.3)', 'a_l/z with cot θ = 2.5');
        $w->line('A_s', 'n * pi * phi^2 / 4', Kind::SteelArea, '', $stretch->group->text());
        $w->line('sigma_sd', 'F_Ed / A_s', Kind::Stress);
        $w->let('f_ck', $concrete->grade->fck, Kind::Stress, 'Table 3.1', $concrete->grade->name);
        $w->let('gamma_C', $concrete->parameter('gammaC'), Kind::Number, 'Table 2.1N');
        $w->let('eta_1', 1.0, Kind::Number, '8.4.2(2)', 'good bond');
        Strength::bond($w);
        $w->line('l_b_rqd', 'phi / 4 * sigma_sd / f_bd', Kind::Size, '8.4.3(2) (8.3)');
        $w->line('l_bd', 'max(l_b_rqd, 10 * phi, 100)', Kind::Size, '8.4.4(1) (8.4)');

        return $w;
    }

    private function stretch(ConcreteMake $concrete, float $x): BarStretch
    {
        return $concrete->steel()->at(1, $x < 1.0 ? 1.0 : $x - 1.0);
    }
}
