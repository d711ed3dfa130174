<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** What a cross-section resists with, about y-y and z-z; powers of mm. */
final readonly class Properties
{
    public function __construct(
        public float $A,
        public float $Iy,
        public float $Iz,
        public float $Wply,
        public float $Wplz,
        public float $It,
        public float $Iw,
        public float $Wely,
        public float $Welz,
    ) {
    }
}
