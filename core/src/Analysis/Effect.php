<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** What is drawn along the member. */
enum Effect: string
{
    case Shear = 'V';
    case Moment = 'M';
    case Deflection = 'w';
}
