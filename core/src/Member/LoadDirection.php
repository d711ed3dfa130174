<?php

declare(strict_types=1);

namespace Waage\Member;

/** Which way a load acts on a member, and what length it is given for. */
enum LoadDirection: string
{
    /** Plumb; a distributed one for a length of the member. */
    case Vertical = 'vertical';

    /** Plumb, for a length on plan, as snow. */
    case Plan = 'plan';

    /** Normal to the axis, as wind. */
    case Normal = 'normal';

    /** Along the axis towards the start of the member. */
    case Along = 'along';

    /** Square to the plane of the others, towards the one who looks at the member with its start on the left. */
    case Sideways = 'sideways';
}
