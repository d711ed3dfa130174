<?php

declare(strict_types=1);

namespace Waage\Materials\Timber\En1995;

use Waage\Analysis\LoadedBeam;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Loading\Combination;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\TimberMake;
use Waage\Member\SupportKind;
use Waage\Units\Kind;

/** EN 1995-1-1, 6.1.5: compression across the grain at each support by itself. */
final readonly class Bearing
{
    /** Steeper members do not lie on their supports; rad. */
    private const STANDS = M_PI / 4;

    /** Contact length that counts beyond the bearing, mm. */
    private const BEYOND = 30.0;

    public function __construct(private LoadedBeam $beam, private Durations $durations)
    {
    }

    /** @return list<Weighing> one for each support that is pressed on */
    public function weigh(TimberMake $timber, bool $derive): array
    {
        $member = $this->beam->member;
        $weighings = [];
        foreach (abs($member->angle) > self::STANDS ? [] : $member->supports as $i => $support) {
            $isBearing = $support->kind !== SupportKind::Fixed && $support->kind !== SupportKind::Guided;
            $worst = $isBearing ? $this->worst($i, $timber) : null;
            if ($worst !== null) {
                $weighings[] = $this->at($i, $timber, $worst, $derive);
            }
        }

        return $weighings;
    }

    /**
     * @return array{float, Combination, array<int, float>, float, LoadDuration}|null force, its combination and
     *     arrangement, k_mod
     */
    private function worst(int $i, TimberMake $timber): ?array
    {
        $axis = $this->beam->beam->axis;
        $presses = array_map(
            fn (array $of): float => $axis->normal($of[$i][0], $of[$i][2]),
            $this->beam->responses->reactions,
        );
        $worst = null;
        foreach ($this->durations->groups($timber->serviceClass) as [$duration, $kMod, $combinations]) {
            [$F, $combination, $factors] = $this->beam->greatest($combinations, $timber->weight(), 1, $presses);
            if ($F > 1.0 && ($worst === null || $F / $kMod > ($worst[0] / $worst[3]) * (1 + 1e-9))) {
                $worst = [$F, $combination, $factors, $kMod, $duration];
            }
        }

        return $worst;
    }

    /** @param  array{float, Combination, array<int, float>, float, LoadDuration}  $of */
    private function at(int $i, TimberMake $timber, array $of, bool $derive): Weighing
    {
        [$F, $combination, $factors, $kMod, $duration] = $of;
        $support = $this->beam->member->supports[$i];
        $l = min($support->bearing, $this->beam->beam->length);
        $w = new Working($derive);
        $w->let('F_c_90_d', $F, Kind::Force);
        $w->let('b', $timber->b, Kind::Size);
        $w->let('l', $l, Kind::Size, '', 'bearing');
        $w->let(
            'a_l',
            $this->beyond($support->x, $l),
            Kind::Size,
            '6.1.5(1)',
            'contact length beyond it, both sides together',
        );
        $w->line('A_ef', 'b * (l + a_l)', Kind::Area, '6.1.5(1)');
        $w->line('sigma_c_90_d', 'F_c_90_d / A_ef', Kind::Stress, '6.1.5(1) (6.4)');
        $isApart = $timber->grade->isSoftwood() && $this->nearest($i) >= 2 * $timber->h;
        $w->let(
            'k_c_90',
            $isApart ? 1.5 : 1.0,
            Kind::Number,
            '6.1.5(4)',
            $isApart ? 'softwood on supports at least 2 h apart' : '',
        );
        $w->let('f_c_90_k', $timber->grade->fc90, Kind::Stress, 'EN 338', $timber->grade->name);
        Strength::of($w, $timber, 'f_c_90_d', 'f_c_90_k', $kMod, $duration, '', '2.4.1 (2.14)');
        $u = $w->line('u', 'sigma_c_90_d / (k_c_90 * f_c_90_d)', Kind::Number, '6.1.5(1) (6.3)');

        return new Weighing(
            'bearing-'.($i + 1),
            'Bearing at support '.($i + 1),
            'EN 1995-1-1, 6.1.5',
            $u,
            demand: $w->value('sigma_c_90_d'),
            capacity: $w->value('k_c_90 * f_c_90_d'),
            kind: Kind::LowStress,
            demandSymbol: 'sigma_c_90_d',
            x: $support->x,
            combination: $combination->id,
            arrangement: $this->beam->arrangementText($factors),
            factors: $factors,
            lines: $w->lines,
        );
    }

    /** 30 mm to either side, but not beyond the ends and not more than the bearing itself. */
    private function beyond(float $x, float $l): float
    {
        $length = $this->beam->beam->length;
        $ends = [max(0.0, $x - $l / 2), max(0.0, $length - $x - $l / 2)];
        // A bearing at an end lies within the member.
        $ends = $x - $l / 2 < 0.0 ? [0.0, $length - $l] : ($length - $x - $l / 2 < 0.0 ? [$length - $l, 0.0] : $ends);

        return array_sum(array_map(fn (float $a): float => min(self::BEYOND, $a, $l), $ends));
    }

    /** Clear distance to the next support, mm. */
    private function nearest(int $i): float
    {
        $supports = $this->beam->member->supports;
        $least = INF;
        foreach ($supports as $j => $other) {
            if ($j !== $i) {
                $least = min(
                    $least,
                    abs($other->x - $supports[$i]->x) - ($other->bearing + $supports[$i]->bearing) / 2,
                );
            }
        }

        return $least;
    }
}
