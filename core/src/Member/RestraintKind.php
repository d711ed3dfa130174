<?php

declare(strict_types=1);

namespace Waage\Member;

enum RestraintKind: string
{
    case Continuous = 'continuous';
    case Supports = 'supports';
    case Spacing = 'spacing';
    case Positions = 'positions';
}
