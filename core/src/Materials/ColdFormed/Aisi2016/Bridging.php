<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\ColdFormed\ColdFormedMake;
use Waage\Units\Kind;

/**
 * AISI S100-16, C2.2.1: the force at each flange that bridging takes where it keeps a C or a Z from twisting and from
 * moving sideways. Told, not weighed: the bridging is another member.
 */
final class Bridging
{
    /** @return list<Weighing> of the bridging with the greatest force; none without any, or of two C back to back */
    public static function weigh(MemberEnvelopes $envelopes, ColdFormedMake $make, Detail $detail): array
    {
        $member = $envelopes->beam->member;
        $worst = null;
        $places = array_values(
            array_unique([0.0, ...$envelopes->beam->beam->forks, ...$member->heldSideways(), $member->length]),
        );
        sort($places);
        foreach ($make->count() > 1 ? [] : $member->heldSideways() as $x) {
            $i = array_search($x, $places, true);
            if ($i === false || $i === 0 || $i === count($places) - 1) {
                continue;
            }
            [$from, $to] = [($places[$i - 1] + $x) / 2, ($x + $places[$i + 1]) / 2];
            $W = self::between($envelopes, $make->weight(), $from, $to);
            $worst = $worst === null || $W > $worst[0] ? [$W, $x] : $worst;
        }
        if ($worst === null || $worst[0] < 1.0) {
            return [];
        }
        $of = $make->profile()->of;
        $w = $detail->working();
        $w->let('W', $worst[0], Kind::Force, 'C2.2.1', 'acts from half way to half way, at most');
        $w->let('d', $make->sizes->h, Kind::Size);
        if ($make->sizes->shape->isZ()) {
            $w->let('I_xy', abs($of->Ixz), Kind::SecondMoment);
            $w->let('I_x', $of->Ix, Kind::SecondMoment);
            $w->line('K_b', 'I_xy / (2 * I_x)', Kind::Number, 'C2.2.1', 'Z');
            $w->line(
                'P_L',
                '1.5 * W * K_b',
                Kind::Force,
                'C2.2.1 (C2.2.1-1)',
                'at each flange; loads in the plane of the web',
            );
        } else {
            $web = $of->sides()[0] - $make->sizes->t / 2;
            $w->let('m', abs($of->shearCentre[0]) - $web, Kind::Size, 'C2.2.1', 'shear centre to the web');
            $w->line(
                'P_L',
                '1.5 * W * m / d',
                Kind::Force,
                'C2.2.1 (C2.2.1-1)',
                'at each flange; loads in the plane of the web',
            );
        }

        return [
            new Weighing(
                'bridging',
                'Force in bridging',
                'AISI S100-16, C2.2.1',
                null,
                at: new Place(x: $worst[1]),
                lines: $w->lines,
                remark: 'For the bridging and its connections, which are not weighed.',
                told: true,
            ),
        ];
    }

    /** What acts between two places, N: the greatest difference of shear. */
    private static function between(MemberEnvelopes $envelopes, float $weight, float $from, float $to): float
    {
        $at = fn (int $sign, float $x): float => $envelopes->shear->extreme(
            $envelopes->strength,
            $sign,
            $weight,
            $x - 0.5,
            $x + 0.5,
        )->value ?? 0.0;

        return max($at(1, $from) - $at(-1, $to), $at(1, $to) - $at(-1, $from));
    }
}
