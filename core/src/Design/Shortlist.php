<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LiftOff;
use Waage\Sections\Catalogue;
use Waage\Standards\SteelMember;

/** Weighs every section of the chosen families by the same code as the member's own section. */
final class Shortlist
{
    /** @return list<ShortlistRow> */
    public static function of(Design $design): array
    {
        $member = $design->member;
        $rows = [];
        foreach (Catalogue::ofFamilies($member->families) as $section) {
            // On springs a stiffer section attracts other forces: the statics is its own.
            $held = $design->beam->dependsOnSection() ? Design::statics($member->withSection($section)) : null;
            $acting = $held === null ? null : LiftOff::of($held, $design->given, $section->weight());
            $checks = $acting === null ? $design->checks : SteelMember::of($acting->beam, $acting->combinations);
            $supports = $acting === null ? $design->supports : new SupportChecks($held, $design->given, $acting);
            $rows[] = new ShortlistRow($section, Verdict::of(Design::counting($member, [...$checks->weigh($section, false), ...$supports->weigh($section->weight(), false), ...(new FrequencyCheck($held ?? $design->beam))->weigh($section, false)])));
        }

        return $rows;
    }
}
