<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\ServiceSearch;
use Waage\Units\Kind;

/** AISI S100-16, L2: deflection with the stiffness that buckling leaves at the greatest service moment. */
final readonly class Deflection
{
    public function __construct(private ServiceSearch $search, private Bending $bending)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        $stiffness = function (Working $w) use ($make): string {
            $this->stiffness($w, $make);

            return 'I_eff';
        };

        return $this->search->weigh($make, 'AISI S100-16, L2', $stiffness, $detail);
    }

    /** I_g min(M_nl, M_nd)/M at the greatest service moment, with M in place of M_y. */
    private function stiffness(Working $w, ColdFormedMake $make): void
    {
        $of = $make->profile()->of;
        $w->let('M_s', $this->search->moment($make), Kind::Moment, 'L2', 'greatest service moment');
        $w->let('I_g', $of->Ix, Kind::SecondMoment, '', 'gross');
        $w->let('S_f', $of->Ix / $of->outermost(), Kind::Modulus);
        $average = Holes::average($make);
        $I = $make->holes === null ? 'I_g' : 'I_avg';
        $make->holes === null || $w->let('I_avg', $average->Ix, Kind::SecondMoment, 'Appendix 2', $average->note);
        $w->line('M_y', 'M_s', Kind::Moment, 'L2', 'in place of the yield moment');
        $w->line('M_ne', 'M_s', Kind::Moment, 'L2');
        $this->bending->local($w, $make, 1);
        $minimum = $make->inBending(1)->distortional;
        if ($minimum === null || $w->value('M_s') <= 0.0) {
            $w->line('M_nd', 'M_s', Kind::Moment, '', 'without a distortional mode');
        } else {
            $w->let('F_crd', $minimum[1], Kind::Stress, 'Appendix 2', $make->inBending(1)->note());
            $w->line('M_crd', 'S_f * F_crd', Kind::Moment, 'F4.1');
            DirectStrength::distortional($w);
        }
        $w->value('M_s') > 0.0
            ? $w->line('I_eff', "{$I} * min(M_nl, M_nd) / M_s", Kind::SecondMoment, 'L2')
            : $w->line('I_eff', $I, Kind::SecondMoment, 'L2');
    }
}
