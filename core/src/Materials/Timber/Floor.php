<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

/** What the vibration of a floor of joists depends on beside the joists (EN 1995-1-1, 7.3). */
final readonly class Floor
{
    /**
     * @param  float  $width  of the floor across the joists, mm
     * @param  float  $transverse  bending stiffness across the joists of a width of 1 m, Nm²/m
     * @param  float|null  $mass  kg/m²; null: of the permanent load
     * @param  float  $damping  modal damping ratio
     * @param  float  $share  of 1 kN that one joist takes
     * @param  float  $a  deflection under 1 kN that is accepted, mm
     */
    public function __construct(
        public float $width,
        public float $transverse,
        public ?float $mass = null,
        public float $damping = 0.01,
        public float $share = 1.0,
        public float $a = 1.5,
    ) {
    }
}
