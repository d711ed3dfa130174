<?php

declare(strict_types=1);

namespace Waage\Member;

/** Which way a train of axles drives. */
enum Way: string
{
    case Both = 'both';
    case ToRight = 'right';
    case ToLeft = 'left';
}
