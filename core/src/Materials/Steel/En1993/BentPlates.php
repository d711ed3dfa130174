<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;

/** EN 1993-1-5:2006, 4: a section of plates that is bent about an axis. */
interface BentPlates
{
    /** W_eff, mm³. */
    public function modulus(float $epsilon, ?Derivation $d = null): float;
}
