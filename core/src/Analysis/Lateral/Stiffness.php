<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/** What resists sideways bending, warping and twisting: E I_z (Nmm²), E I_w (Nmm⁴), G I_t (Nmm²). */
final readonly class Stiffness
{
    public function __construct(public float $bending, public float $warping, public float $twisting)
    {
    }
}
