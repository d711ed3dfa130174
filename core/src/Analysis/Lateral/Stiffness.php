<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * What resists minor-axis bending, warping and twisting: E I_z (Nmm²), E I_w (Nmm⁴), G I_t (Nmm²); and for flanges that
 * differ how far the shear centre lies above the middle between them, and β of Wagner's term (mm).
 */
final readonly class Stiffness
{
    public function __construct(
        public float $bending,
        public float $warping,
        public float $twisting,
        public float $level = 0.0,
        public float $beta = 0.0,
    ) {
    }
}
