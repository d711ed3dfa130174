<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** What is drawn along the member. */
enum Effect: string
{
    /** Axial force, compression positive. */
    case Axial = 'N';
    case Shear = 'V';
    case Moment = 'M';
    case Deflection = 'w';

    /** Slope of the deflection, clockwise positive. */
    case Slope = 'slope';

    /** Deflection from the line between the supports of a span, or from the level of the support of an overhang. */
    case Sag = 'sag';
}
