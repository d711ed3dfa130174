<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** A contact on timber: of which make, its length along the grain and across it, how far it is from the end; mm. */
final readonly class Pressure
{
    public function __construct(
        public Heading $heading,
        public Governing $at,
        public TimberMake $of,
        public float $along,
        public float $across,
        public float $fromEnd,
    ) {
    }

    public function isOfSill(): bool
    {
        return str_starts_with($this->heading->id, 'sill');
    }
}
