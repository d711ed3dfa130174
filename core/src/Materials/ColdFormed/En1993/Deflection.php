<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Materials\ColdFormed\ServiceSearch;
use Waage\Units\Kind;

/**
 * EN 1993-1-3, 7.1(3): deflection with a fictitious second moment, between gross and effective by the service stress.
 */
final readonly class Deflection
{
    public function __construct(private ServiceSearch $search)
    {
    }

    /** @return list<Weighing> */
    public function weigh(ColdFormedMake $make, Detail $detail): array
    {
        $stiffness = function (Working $w) use ($make): string {
            $of = $make->profile()->of;
            $w->let('M_s', $this->search->moment($make), Kind::Moment, '', 'greatest service moment');
            $w->let('I_g', $of->Ix, Kind::SecondMoment, '', 'gross');
            $w->let('W_g', $of->Ix / $of->outermost(), Kind::Modulus);
            $w->line('sigma_gr', 'M_s / W_g', Kind::Stress, '7.1(3)');
            Bending::letStrength($w, $make);
            Bending::letEffective($w, $make, true);
            $w->let('I_eff', $w->value('I_eff'), Kind::SecondMoment, '5.5', 'effective section, derived by itself');
            $rule = 'I_g - min(1, sigma_gr / f_yb) * max(0, I_g - I_eff)';
            $w->line('I_fic', $rule, Kind::SecondMoment, '7.1(3) (7.1)', 'effective at f_yb');

            return 'I_fic';
        };

        return $this->search->weigh($make, 'EN 1993-1-3, 7.1', $stiffness, $detail);
    }
}
