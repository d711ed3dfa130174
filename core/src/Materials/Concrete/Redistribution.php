<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Member\Support;

/**
 * Moments over supports, less by a part in every arrangement; the rest follows by equilibrium. EN 1992-1-1, 5.5; ACI
 * 318-19, 6.6.5; BS 8110-1:1997, 3.2.2.1.
 */
final class Redistribution
{
    /** What strength is weighed with. */
    public static function of(MemberEnvelopes $elastic): MemberEnvelopes
    {
        $make = $elastic->beam->member->make;
        $parts = $make instanceof ConcreteMake ? array_filter($make->reductions->redistribution) : [];
        if ($parts === []) {
            return $elastic;
        }
        $supports = $elastic->beam->member->supports;
        $at = [];
        foreach ($parts as $number => $percent) {
            $at[] = [$supports[$number - 1]->x, $percent / 100];
        }
        $places = array_map(fn (Support $s): float => $s->x, $supports);
        $beam = $elastic->beam;

        return new MemberEnvelopes(
            $beam->with([], [], $beam->responses->redistributed($at, $places)),
            $elastic->combinations,
        );
    }

    /** The most that a standard allows, in %. */
    public static function most(Code $code): float
    {
        return $code === Code::Aci318 ? 20.0 : 30.0;
    }
}
