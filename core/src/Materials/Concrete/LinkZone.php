<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/** A length with links at one spacing, mm. */
final readonly class LinkZone
{
    public function __construct(public float $from, public float $to, public float $spacing)
    {
    }
}
