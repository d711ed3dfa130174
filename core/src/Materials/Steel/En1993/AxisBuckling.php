<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

/** Flexural buckling about one axis (EN 1993-1-1:2005, 6.3.1). */
final readonly class AxisBuckling
{
    /**
     * @param  float  $lambda  slenderness
     * @param  float  $n  compression over the resistance
     * @param  float  $critical  elastic critical force, N; INF: far off
     */
    public function __construct(public float $lambda, public float $chi, public float $n, public float $critical)
    {
    }
}
