<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LiftOff;
use Waage\Analysis\MemberEnvelopes;
use Waage\Checks\Detail;
use Waage\Material\Registry;

/** Weighs everything that could stand in place of what the member is made of, by the same code as the member itself. */
final class Shortlist
{
    /** @return list<ShortlistRow> */
    public static function of(Design $design): array
    {
        $member = $design->member;
        $material = Registry::of($member->make);
        $rows = [];
        foreach ($material->candidates($member->make) as $make) {
            Wanted::check();
            // On springs a stiffer section attracts other forces: the statics is its own.
            $held = $design->beam->dependsOnSection() ? Design::statics($member->withMake($make)) : null;
            $acting = $held === null ? null : LiftOff::of($held, $design->given, $make->weight());
            $checks =
                $acting === null
                    ? $design->checks
                    : $material->checks(new MemberEnvelopes($acting->beam, $acting->combinations));
            $supports = $acting === null ? $design->supports : new SupportChecks($held, $design->given, $acting);
            $settled = $checks->settle($make);
            $weighings = [
                ...$checks->weigh($settled, Detail::Verdict),
                ...$supports->weigh($make->weight(), Detail::Verdict),
                ...(new FrequencyCheck($held ?? $design->beam))->weigh($make, Detail::Verdict),
            ];
            $rows[] = new ShortlistRow($settled, Verdict::of(Design::counting($member, $weighings)));
        }

        return $rows;
    }
}
