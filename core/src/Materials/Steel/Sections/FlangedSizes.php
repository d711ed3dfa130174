<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/** Sizes of a web between two flanges alike, mm. */
final readonly class FlangedSizes
{
    /**
     * @param  float  $tw  web
     * @param  float  $tf  flange; of a sloping one where its tables measure it
     * @param  float  $r  fillet between them
     * @param  float  $hw  clear web depth between the flanges
     * @param  float  $d  clear web depth between the fillets
     * @param  float  $c  outstand of the flange from the fillet
     */
    public function __construct(
        public float $tw,
        public float $tf,
        public float $r,
        public float $hw,
        public float $d,
        public float $c,
    ) {
    }
}
