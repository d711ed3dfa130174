<?php

declare(strict_types=1);

namespace Waage\Member;

enum SupportKind: string
{
    case Pinned = 'pinned';
    case Roller = 'roller';
    case Fixed = 'fixed';
    case Guided = 'guided';
    case Elastic = 'elastic';
}
