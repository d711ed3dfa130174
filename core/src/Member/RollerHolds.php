<?php

declare(strict_types=1);

namespace Waage\Member;

/** In which direction a roller holds the member. */
enum RollerHolds: string
{
    case Normal = 'normal';
    case Vertical = 'vertical';
    case Horizontal = 'horizontal';
}
