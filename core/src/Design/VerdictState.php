<?php

declare(strict_types=1);

namespace Waage\Design;

/** What the weighings of a member come to. */
enum VerdictState: string
{
    case Holds = 'holds';
    case Fails = 'fails';

    /** Nothing fails, and what the standard asks for is not all weighed. */
    case Uncovered = 'uncovered';
    case Unloaded = 'unloaded';
}
