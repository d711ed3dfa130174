<?php

declare(strict_types=1);

namespace App\Enums;

/** What the list of members says of one. */
enum MemberState: string
{
    case Holds = 'holds';
    case Fails = 'fails';

    /** Nothing fails, and not all that the standard asks for is weighed. */
    case Uncovered = 'uncovered';
    case Unloaded = 'unloaded';

    /** Its document cannot be weighed yet. */
    case Incomplete = 'incomplete';
}
