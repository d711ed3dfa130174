<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A plate welded onto each flange of a rolled section along its edges: width, thickness in mm; not wider than the
 * flange.
 */
final readonly class Plates
{
    public function __construct(public float $width, public float $thickness)
    {
    }
}
