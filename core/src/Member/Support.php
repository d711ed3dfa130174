<?php

declare(strict_types=1);

namespace Waage\Member;

/** A rigid support at x (mm from the left end) with its bearing length in mm; a fixed one holds rotation as well. */
final readonly class Support
{
    public function __construct(public float $x, public bool $fixed, public float $bearing)
    {
    }
}
