<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\LoadedBeam;
use Waage\Sections\Catalogue;
use Waage\Standards\En1993\SteelBeam;

/** Weighs every section of the chosen families by the same code as the member's own section. */
final class Shortlist
{
    /** @return list<ShortlistRow> */
    public static function of(Design $design): array
    {
        $member = $design->member;
        $rows = [];
        foreach (Catalogue::all() as $section) {
            if (in_array($section->family, $member->families, true)) {
                // On springs a stiffer section attracts other forces: the statics is its own.
                $checks = $design->beam->dependsOnStiffness() ? new SteelBeam(new LoadedBeam($member->withSection($section)), $design->combinations) : $design->checks;
                $rows[] = new ShortlistRow($section, Verdict::of($checks->weigh($section, false)));
            }
        }

        return $rows;
    }
}
