<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

/** How ductile a member of a frame that resists earthquakes has to be (ANSI/AISC 341, D1). */
enum Ductility: string
{
    case None = 'none';
    case Moderate = 'moderate';
    case High = 'high';
}
