<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed\Aisi2016;

/** Properties for global buckling: gross, or with holes averaged along the member (Appendix 2); mm. */
final readonly class Average
{
    public function __construct(
        public float $Ix,
        public float $Iy,
        public float $J,
        public float $Cw,
        public string $note = '',
        public string $warping = '',
    ) {
    }
}
