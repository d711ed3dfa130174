<?php

declare(strict_types=1);

namespace Waage\Member;

/** On which spans imposed load may lie. */
enum Arrangement: string
{
    /** On any spans and overhangs, just where it makes the effect looked at worse. */
    case Worst = 'worst';

    /**
     * The simplified arrangements of EN 1992-1-1, 5.1.3, and ACI 318, 6.4.2: every other span, any two adjacent spans;
     * and all.
     */
    case Alternate = 'alternate';

    /** On all spans. */
    case All = 'all';

    /** As the engineer says: one of the arrangements that the member lists, or none. */
    case Chosen = 'chosen';
}
