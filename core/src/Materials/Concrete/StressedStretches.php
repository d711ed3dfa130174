<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;

/** Bars with the greatest moment of a sign where they count: of stretches with the same name the one used most. */
final class StressedStretches
{
    /** Less is rounding, Nmm. */
    private const NOTHING = 1.0;

    /** @return list<BarGroup> at both faces */
    public static function groups(MemberEnvelopes $envelopes, ConcreteMake $concrete, StressBlock $block): array
    {
        $both = [...self::of($envelopes, $concrete, $block, 1), ...self::of($envelopes, $concrete, $block, -1)];

        return array_map(fn (array $of): BarGroup => $of[0]->group, $both);
    }

    /** @return list<array{BarStretch, Extreme, string}> with what stands beside the moment */
    public static function of(MemberEnvelopes $envelopes, ConcreteMake $concrete, StressBlock $block, int $sign): array
    {
        $worst = $ratios = [];
        $forces = new DesignForces($envelopes, $concrete);
        foreach ($concrete->steel()->inTension($sign) as $stretch) {
            $e = $forces->moment($sign, $stretch->from, $stretch->to);
            if ($e === null || $sign * $e->value < self::NOTHING) {
                continue;
            }
            $d = $concrete->h - $stretch->group->centroid();
            $tee = $concrete->tee($sign, $e->x);
            $ratio = ($sign * $e->value) / $block->resistance($tee, $stretch->group->bars->area(), $d);
            if ($ratio > ($ratios[$stretch->id] ?? 0.0)) {
                $ratios[$stretch->id] = $ratio;
                $worst[$stretch->id] = [$stretch, $e, $forces->note($e, $sign)];
            }
        }

        return array_values($worst);
    }
}
