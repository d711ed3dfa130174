<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Aisc360;

use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Units\Kind;

/** What strains a member in a plane: an effect of all loads, and its symbol without the subscript of the method. */
final readonly class Demand
{
    public function __construct(
        public LoadedBeam $beam,
        public Envelope $envelope,
        public string $symbol,
        public Kind $kind,
    ) {
    }
}
