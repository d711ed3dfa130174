<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** How a section is made: it decides about corners, residual stresses and buckling curves. */
enum Finish
{
    /** Hot-rolled, or hot-finished hollow. */
    case Hot;

    /** Cold-formed hollow. */
    case Cold;

    /** Cold-formed American tubing or pipe, with its design thickness. */
    case Tubing;

    /** Welded of plates, their welds left out. */
    case Welded;
}
