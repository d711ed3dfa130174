<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** Plies side by side, each so wide and so deep, mm; the thickness of laminations of glulam (null: the usual one). */
final readonly class Dimensions
{
    public function __construct(
        public float $ply,
        public float $h,
        public int $plies = 1,
        public ?Taper $taper = null,
        public ?float $lamination = null,
    ) {
    }
}
