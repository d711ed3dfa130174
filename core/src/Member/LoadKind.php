<?php

declare(strict_types=1);

namespace Waage\Member;

enum LoadKind: string
{
    case Line = 'line';
    case Area = 'area';
    case Point = 'point';
    case Moment = 'moment';
}
