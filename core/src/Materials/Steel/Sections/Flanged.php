<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\Sections;

/**
 * A section of one web between two flanges alike: I, H and channels. Its clauses about webs and flanges are the same.
 */
abstract readonly class Flanged extends Section
{
    /**
     * @param  float  $tw  web
     * @param  float  $tf  flange; of a sloping one where its tables measure it
     * @param  float  $r  fillet between them
     * @param  float  $hw  clear web depth between the flanges
     * @param  float  $d  clear web depth between the fillets
     * @param  float  $c  outstand of the flange from the fillet
     */
    protected function __construct(
        string $name,
        string $family,
        float $h,
        float $b,
        float $hs,
        float $A,
        float $Iy,
        float $Iz,
        float $Wply,
        float $Wplz,
        float $It,
        float $Iw,
        float $Wely,
        float $Welz,
        public float $tw,
        public float $tf,
        public float $r,
        public float $hw,
        public float $d,
        public float $c,
        public Finish $finish,
    ) {
        parent::__construct($name, $family, $h, $b, $hs, $A, $Iy, $Iz, $Wply, $Wplz, $It, $Iw, $Wely, $Welz);
    }
}
