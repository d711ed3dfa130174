<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/**
 * Where something presses on a member across the grain: contact length, how far the member goes on to either side, the
 * clear distance to the next contact; mm. Its number is that of the support, 0 under a load.
 */
final readonly class Contact
{
    public function __construct(
        public string $id,
        public string $title,
        public Governing $at,
        public float $length,
        public float $before,
        public float $behind,
        public float $clear,
        public int $number,
    ) {
    }

    public function isSupport(): bool
    {
        return $this->number > 0;
    }

    /** How far it is from the nearer end of the member. */
    public function fromEnd(): float
    {
        return min($this->before, $this->behind);
    }
}
