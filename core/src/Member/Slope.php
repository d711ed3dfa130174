<?php

declare(strict_types=1);

namespace Waage\Member;

/** How the engineer says how the axis of a member lies. */
enum Slope: string
{
    case Level = 'level';

    /** An angle to the level, rising to the right. */
    case Angle = 'angle';

    /** How much higher the right end lies. */
    case Rise = 'rise';

    /** A column: its start is its foot. */
    case Upright = 'upright';
}
