<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;

/**
 * What compression makes of moments in (6.61) and (6.62) of EN 1993-1-1: Annex A or Annex B, as the country chooses.
 */
interface Interaction
{
    /** @return array{float, float, float, float} k_yy, k_yz, k_zy, k_zz */
    public function factors(PressedMember $member, ?Derivation $d = null): array;
}
