<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Member\Member;
use Waage\Sections\Catalogue;
use Waage\Standards\En1993\SteelBeam;

/** Weighs every section of the chosen families by the same code as the member's own section. */
final class Shortlist
{
    /** @return list<ShortlistRow> */
    public static function of(Member $member, SteelBeam $checks): array
    {
        $rows = [];
        foreach (Catalogue::all() as $section) {
            if (in_array($section->family, $member->families, true)) {
                $rows[] = new ShortlistRow($section, Verdict::of($checks->weigh($section, false)));
            }
        }

        return $rows;
    }
}
