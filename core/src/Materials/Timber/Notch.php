<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * A notch at an end support: cut out of the lower edge (a birdsmouth, a joist on a ledge) or of the upper one, so deep
 * (mm), with its corner so far from the line of the reaction (mm); slope i to 1 of the cut, 0: square.
 */
final readonly class Notch
{
    /** @param  int  $support  from 0 */
    public function __construct(
        public int $support,
        public bool $isBelow,
        public float $depth,
        public float $x,
        public float $slope = 0.0,
    ) {
    }
}
