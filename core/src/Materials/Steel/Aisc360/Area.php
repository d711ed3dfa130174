<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

/** An area (mm²), and of what it is. */
final readonly class Area
{
    public function __construct(public float $A, public string $says)
    {
    }
}
