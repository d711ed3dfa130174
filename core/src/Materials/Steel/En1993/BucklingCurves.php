<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\Sections\Tee;
use Waage\Materials\Steel\Sections\UnequalI;

/** EN 1993-1-1:2005, Table 6.2: which curve a shape buckles by about either axis. */
final class BucklingCurves
{
    /** @return array{string, string} buckling curves about y-y and z-z (Table 6.2) */
    public static function of(SteelSection $steel): array
    {
        $s = $steel->section;
        $strong = $steel->grade->isS460();

        return match (true) {
            // Thick welds, which a stocky box may have, take c.
            $s instanceof RectangularHollow && $s->finish === Finish::Welded => max($s->h, $s->b) / $s->t < 30.0
                ? ['c', 'c']
                : ['b', 'b'],
            $s instanceof RectangularHollow, $s instanceof CircularHollow => in_array(
                $s->finish,
                [Finish::Cold, Finish::Tubing],
                true,
            )
                ? ['c', 'c']
                : ($strong
                    ? ['a0', 'a0']
                    : ['a', 'a']),
            $s instanceof Channel, $s instanceof Tee, $s instanceof SolidBar => ['c', 'c'],
            $s instanceof UnequalI => max($s->tt, $s->tb) <= 40.0 ? ['b', 'c'] : ['c', 'd'],
            ! ($s instanceof ISection) => throw new \LogicException('This shape has no row in Table 6.2.'),
            $s->finish === Finish::Welded => $s->tf <= 40.0 ? ['b', 'c'] : ['c', 'd'],
            $s->h / $s->b > 1.2 && $s->tf <= 40.0 => $strong ? ['a0', 'a0'] : ['a', 'b'],
            default => $strong ? ['a', 'a'] : ['b', 'c'],
        };
    }
}
