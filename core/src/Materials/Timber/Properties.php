<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Units\Kind;

/**
 * The values of a grade: strengths and moduli in MPa, densities in kg/m³. What a standard has no value for is 0.
 *
 * `bending` is about the major axis with the better side in tension, `bendingReversed` with the other one, `bendingFlat`
 * about the minor axis; `E05` is the fifth percentile of E, or the E_min of the NDS.
 */
final readonly class Properties
{
    /** Names in a document, and what they are. */
    public const NAMES = [
        'bending' => Kind::Stress,
        'tension' => Kind::Stress,
        'compression' => Kind::Stress,
        'across' => Kind::Stress,
        'shear' => Kind::Stress,
        'E' => Kind::ModulusOfElasticity,
        'E05' => Kind::ModulusOfElasticity,
    ];

    public function __construct(
        public float $bending,
        public float $tension,
        public float $compression,
        public float $across,
        public float $shear,
        public float $E,
        public float $E05,
        public float $G,
        public float $densityK,
        public float $density,
        public float $bendingReversed,
        public float $bendingFlat,
        public float $shearFlat,
        public float $EFlat,
        public float $E05Flat,
        public float $gravity = 0.0,
        public float $sizeExponent = 0.12,
    ) {
    }

    /**
     * The same with some of them typed; what follows them for want of values of its own does so again.
     *
     * @param  array<string, float>  $typed  by the names above, MPa; "density" in kg/m³
     */
    public function with(array $typed): self
    {
        $values = $typed + get_object_vars($this);
        foreach (['bending' => ['bendingReversed', 'bendingFlat'], 'shear' => ['shearFlat'], 'E' => ['EFlat'],
            'E05' => ['E05Flat']] as $name => $others) {
            foreach (isset($typed[$name]) ? $others : [] as $other) {
                $values[$other] = $typed[$name];
            }
        }

        return new self(...$values);
    }
}
