<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Materials\Timber\TimberMake;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.7: shear, with cracks. */
final readonly class Shear
{
    private const K_CR = 0.67;

    public function __construct(private MemberEnvelopes $envelopes, private Durations $durations)
    {
    }

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $worst = null;
        foreach ($this->durations->groups($timber->serviceClass) as [$duration, $kMod, $combinations]) {
            $e = $this->envelopes->shear->greatest($combinations, $timber->weight());
            $u = abs($e->value ?? 0.0) / $kMod;
            if ($e !== null && ($worst === null || $u > $worst[3] * (1 + 1e-9))) {
                $worst = [$e, $kMod, $duration, $u];
            }
        }
        if ($worst === null) {
            return [];
        }
        [$e, $kMod, $duration] = $worst;
        $w = new Working($derive);
        $w->let('V_d', abs($e->value), Kind::Force);
        $w->let('b', $timber->b, Kind::Size);
        $w->let('h', $timber->h, Kind::Size);
        $w->let('k_cr', self::K_CR, Kind::Number, '6.1.7(2)', 'solid timber');
        $w->line('b_ef', 'k_cr * b', Kind::Size, '6.1.7(2) (6.13a)');
        $w->line('tau_d', '1.5 * V_d / (b_ef * h)', Kind::Stress);
        $w->let('f_v_k', $timber->grade->fv, Kind::Stress, 'EN 338', $timber->grade->name);
        Strength::of($w, $timber, 'f_v_d', 'f_v_k', $kMod, $duration, '', '2.4.1 (2.14)');
        $u = $w->line('u', 'tau_d / f_v_d', Kind::Number, '6.1.7(1) (6.13)');
        $beam = $this->envelopes->beam;
        $factors = $beam->worst(
            $e->combination,
            $timber->weight(),
            $this->envelopes->shear->effect,
            $e->value >= 0.0 ? 1 : -1,
            $e->segment,
            $e->t,
        );

        return [
            new Weighing(
                'shear',
                'Shear',
                'EN 1995-1-1, 6.1.7',
                $u,
                demand: $w->value('tau_d'),
                capacity: $w->value('f_v_d'),
                kind: Kind::LowStress,
                demandSymbol: 'tau_d',
                capacitySymbol: 'f_v_d',
                x: $e->x,
                combination: $e->combination->id,
                arrangement: $beam->arrangementText($factors),
                factors: $factors,
                lines: $w->lines,
                ranges: $u > 0.0 ? [[0.0, $beam->member->length, abs($e->value) / $u, $u]] : [],
            ),
        ];
    }
}
