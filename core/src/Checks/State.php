<?php

declare(strict_types=1);

namespace Waage\Checks;

/** What has become of a weighing. One that is not covered never reads as "holds". */
enum State: string
{
    case Weighed = 'weighed';

    /** There is nothing to weigh here, for the reason that the remark gives. */
    case NotNeeded = 'not needed';

    /** Computed for the engineer to read beside what decides, or a part that is to be weighed elsewhere. */
    case Told = 'told';

    /** The standard asks for it, and it is not computed here. */
    case NotCovered = 'not covered';

    /** By the engineer: computed, and not counted. */
    case LeftOut = 'left out';
}
