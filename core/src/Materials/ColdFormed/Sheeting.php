<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

/**
 * What holds a compressed flange against distortion: springs of sheeting at mid-width of it, by length of the member,
 * sideways (N/mm²) and against turning (N, Nmm/mm by rad), and the distance of restraints of distortion, mm (INF:
 * none).
 */
final readonly class Sheeting
{
    public function __construct(public float $sideways = 0.0, public float $turning = 0.0, public float $apart = INF)
    {
    }

    public function isNone(): bool
    {
        return $this->sideways <= 0.0 && $this->turning <= 0.0 && is_infinite($this->apart);
    }

    public function key(): string
    {
        return "{$this->sideways} {$this->turning} {$this->apart}";
    }
}
