<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\Profile;
use Waage\Units\Kind;

/** AISI S100-16, L2: deflection with the stiffness that buckling leaves at the greatest service moment. */
final readonly class Deflection
{
    public function __construct(private MemberEnvelopes $envelopes, private Bending $bending)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, bool $derive): array
    {
        $basis = $this->envelopes->beam->member->basis;
        $weighings = [];
        foreach (
            [
                [
                    'deflection-variable',
                    'Deflection of variable load',
                    $this->envelopes->variablePart,
                    $basis->limitVariable,
                ],
                ['deflection-total', 'Deflection of all loads', $this->envelopes->characteristic, $basis->limitTotal],
            ] as [$id, $title, $combinations, $n]
        ) {
            $worst = $this->worst($combinations, $n, $make);
            if ($worst === null) {
                continue;
            }
            [$e, $L, $rule, $ranges] = $worst;
            $w = new Working($derive);
            $this->stiffness($w, $make);
            $w->let(
                'w_g',
                abs($e->value) / (Profile::E * $make->profile()->of->Ix),
                Kind::Deflection,
                '',
                'of the gross section, exact',
            );
            $w->line('w', 'w_g * I_g / I_eff', Kind::Deflection, 'L2');
            $w->let('L', $L, Kind::Length);
            $w->let('n', $n, Kind::Number, '', 'basis of the job, or of this member');
            $w->line('w_lim', $rule, Kind::Deflection);
            $u = $w->line('u', 'w / w_lim', Kind::Number);
            $share = $w->value('I_eff / I_g');
            $weighings[] = new Weighing(
                $id,
                $title,
                'AISI S100-16, L2',
                $u,
                demand: $w->value('w'),
                capacity: $w->value('w_lim'),
                kind: Kind::Deflection,
                demandSymbol: 'w',
                capacitySymbol: 'w_lim',
                x: $e->x,
                combination: $e->combination->id,
                lines: $w->lines,
                ranges: array_map(fn (array $r): array => [$r[0], $r[1], $r[2] * $share, $r[3] / $share], $ranges),
            );
        }

        return $weighings;
    }

    /** I_g min(M_nl, M_nd)/M at the greatest service moment, with M in place of M_y. */
    private function stiffness(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        $M = $this->envelopes->moment->greatest($this->envelopes->characteristic, $make->weight());
        $w->let('M_s', abs($M->value ?? 0.0), Kind::Moment, 'L2', 'greatest service moment');
        $w->let('I_g', $of->Ix, Kind::SecondMoment, '', 'gross');
        $w->let('S_f', $of->Ix / $of->outermost(), Kind::Modulus);
        $w->line('M_y', 'M_s', Kind::Moment, 'L2', 'in place of the yield moment');
        $w->line('M_ne', 'M_s', Kind::Moment, 'L2');
        $this->bending->local($w, $make);
        $minimum = $make->profile()->inBending()->distortional;
        if ($minimum === null || $w->value('M_s') <= 0.0) {
            $w->line('M_nd', 'M_s', Kind::Moment, '', 'without a distortional mode');
        } else {
            $w->let('F_crd', $minimum[1], Kind::Stress, 'Appendix 2', $make->profile()->inBending()->note());
            $w->line('M_crd', 'S_f * F_crd', Kind::Moment, 'F4.1');
            DirectStrength::distortional($w);
        }
        $w->value('M_s') > 0.0
            ? $w->line('I_eff', 'I_g * min(M_nl, M_nd) / M_s', Kind::SecondMoment, 'L2')
            : $w->line('I_eff', 'I_g', Kind::SecondMoment, 'L2');
    }

    /**
     * @param  list<Combination>  $combinations
     * @return array{Extreme, float, string, list<list<float>>}|null extreme, length, limit, how far lengths are used
     */
    private function worst(array $combinations, float $n, ColdFormedMake $make): ?array
    {
        $beam = $this->envelopes->beam;
        $EI = Profile::E * $make->profile()->of->Ix;
        $worst = null;
        $ranges = [];
        foreach ($combinations === [] ? [] : $beam->beam->fields() as [$from, $to]) {
            $times = $beam->isOverhang($from, $to) ? 2 : 1;
            $most = 0.0;
            foreach ([1, -1] as $sign) {
                $e = $this->envelopes->sag->extreme($combinations, $sign, $make->weight(), $from, $to);
                $u = $e === null ? -1.0 : ($sign * $e->value * $n) / ($times * ($to - $from)) / $EI;
                $most = max($most, $u);
                if ($e !== null && ($worst === null || $u > $worst[3])) {
                    $worst = [$e, $to - $from, $times === 2 ? '2 * L / n' : 'L / n', $u];
                }
            }
            $ranges[] = [$from, $to, ($times * ($to - $from)) / $n, $most];
        }

        return $worst === null ? null : [$worst[0], $worst[1], $worst[2], $ranges];
    }
}
