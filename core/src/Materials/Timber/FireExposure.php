<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** How long a member burns, min, and from which sides. */
final readonly class FireExposure
{
    /** Sides in words, by their number: how much of the width and how much of the depth chars. */
    public const SIDES = [
        1 => ['the lower side', 0, 1],
        2 => ['both vertical sides', 2, 0],
        3 => ['three sides, not the upper one', 2, 1],
        4 => ['four sides', 2, 2],
    ];

    /** @param  bool  $losesRestraint  what restrains the member sideways burns first */
    public function __construct(public float $minutes, public int $sides = 3, public bool $losesRestraint = false)
    {
    }
}
