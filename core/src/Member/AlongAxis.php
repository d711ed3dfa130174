<?php

declare(strict_types=1);

namespace Waage\Member;

/** What a fixed or a guided support does along the axis of the member. */
enum AlongAxis: string
{
    case Held = 'held';
    case Free = 'free';
}
