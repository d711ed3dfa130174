<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Checks\Working;
use Waage\Materials\Timber\En1995\Charring;

/** What a drawing of a timber section shows beside its outline (core/schema/result.schema.json); mm. */
final class TimberDrawing
{
    /** @return array<string, mixed> */
    public static function of(TimberMake $timber): array
    {
        $fire = $timber->asked->fire;

        return [
            'plies' => $timber->plies,
            'lamination' => $timber->grade->product === Product::Glulam
                    ? $timber->lamination ??
                        ($timber->grade->suite === Suite::Nds2018
                            ? 38.1
                            : ($timber->grade->suite === Suite::CsaO86
                                ? 38.0
                                : 40.0))
                    : 0.0,
            'taper' => $timber->taper === null
                    ? null
                    : [
                        'double' => $timber->taper->isDouble,
                        'above' => $timber->taper->isAbove,
                        'part' => $timber->taper->endDepth / $timber->h,
                    ],
            'charred' => $fire === null ? null : self::charred($timber, $fire),
            'notches' => array_map(
                fn (Notch $n): array => [
                    'support' => $n->support,
                    'below' => $n->isBelow,
                    'depth' => $n->depth,
                    'x' => $n->x,
                    'slope' => $n->slope,
                ],
                $timber->details->notches,
            ),
        ];
    }

    /** @return array<string, mixed> what is left, and how many sides of width and depth have burnt */
    private static function charred(TimberMake $timber, FireExposure $fire): array
    {
        [$b, $h] = Charring::section(new Working(false), $timber->b, $timber->h, $timber->grade, $fire);
        [, $ofWidth, $ofDepth] = FireExposure::SIDES[$fire->sides];

        return [
            'b' => max(0.0, $b),
            'h' => max(0.0, $h),
            'ofWidth' => $ofWidth,
            'ofDepth' => $ofDepth,
            'minutes' => $fire->minutes,
        ];
    }
}
