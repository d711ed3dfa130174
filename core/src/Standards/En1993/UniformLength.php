<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

use Waage\Checks\Derivation;
use Waage\Member\LoadHeight;

/** EN 1993-1-1:2005, 6.3.2: a length between restraints that has one section. */
final class UniformLength
{
    /** @param  list<BucklingCase>  $cases  the moment diagrams that may govern */
    public static function heaviest(SteelSection $steel, array $cases, LoadHeight $height, float $weight): ?LateralBuckling
    {
        $best = 0.0;
        $found = null;
        foreach ($cases as $case) {
            [$M, $Mb, $x] = LateralTorsionalBuckling::check($steel, $case->piece, $case->diagram, $height, $weight, known: $best);
            if ($M > 0 && $M / $Mb > $best) {
                $best = $M / $Mb;
                $found = [$case, $M, $Mb, $x];
            }
        }
        if ($found === null) {
            return null;
        }
        [$case, $M, $Mb, $x] = $found;

        return new LateralBuckling($case, $M, $Mb, $x, 'EN 1993-1-1, 6.3.2', fn (Derivation $d): array => LateralTorsionalBuckling::check($steel, $case->piece, $case->diagram, $height, $weight, $d));
    }
}
