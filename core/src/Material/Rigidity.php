<?php

declare(strict_types=1);

namespace Waage\Material;

/**
 * What a piece of a member sets against its strains: bending in its plane and sideways EI, EIz (Nmm²), along its axis
 * EA, in shear GA (N), in torsion GJ (Nmm²).
 */
final readonly class Rigidity
{
    public function __construct(
        public float $EI,
        public float $EA,
        public float $GA,
        public float $EIz,
        public float $GJ,
    ) {
    }
}
