<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** What creep and shrinkage go by: relative humidity (%), age when loaded (days), class of cement, N, S or R. */
final readonly class Climate
{
    public const CEMENTS = ['N', 'S', 'R'];

    public function __construct(public float $humidity, public float $age, public string $cement)
    {
    }
}
