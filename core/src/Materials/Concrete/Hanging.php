<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Weighing;
use Waage\Member\LoadHeight;

/** Loads at the lower edge or on ledges, where links that hang them up are not computed. */
final class Hanging
{
    public static function acts(MemberEnvelopes $envelopes, ConcreteMake $concrete): bool
    {
        $isLow = $envelopes->beam->member->loadHeight === LoadHeight::Bottom;

        return ! $concrete->isSlab() && ($isLow || ($concrete->widths?->flange->isBelow() ?? false));
    }

    /** @return list<Weighing> */
    public static function refuse(MemberEnvelopes $envelopes, ConcreteMake $concrete): array
    {
        $why = 'Links that hang up loads at the lower edge or on ledges are not computed by this standard.';
        $clause = $concrete->code()->value;

        return self::acts($envelopes, $concrete)
            ? [new Weighing('hangers', 'Links that hang up loads', $clause, null, applies: false, remark: $why)]
            : [];
    }
}
