<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Detail;
use Waage\Checks\Weighing;

/** A section without symmetry that is pressed or pulled along its axis. */
interface PressedStrut
{
    /** @return non-empty-list<Weighing> class where it is pressed, axial force, buckling where it is pressed */
    public function weigh(Detail $detail): array;

    /** Class in compression. */
    public function sectionClass(): int;
}
