<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Units\Kind;

/**
 * The values of a grade: strengths and moduli in MPa, densities in kg/m³. What a standard has no value for is 0.
 *
 * `bending` is about the major axis with the better side in tension, `bendingReversed` with the other one,
 * `bendingFlat` about the minor axis; `E05` is the fifth percentile of E, or the E_min of the NDS.
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

    public float $bending;

    public float $tension;

    public float $compression;

    public float $across;

    public float $shear;

    public float $E;

    public float $E05;

    public float $G;

    public float $densityK;

    public float $density;

    public float $bendingReversed;

    public float $bendingFlat;

    public float $shearFlat;

    public float $EFlat;

    public float $E05Flat;

    public float $gravity;

    public float $sizeExponent;

    /** @param  array<string, float>  $of  by the names above; what follows others or is 0 may be missing */
    public function __construct(array $of)
    {
        $this->bending = $of['bending'];
        $this->tension = $of['tension'];
        $this->compression = $of['compression'];
        $this->across = $of['across'];
        $this->shear = $of['shear'];
        $this->E = $of['E'];
        $this->E05 = $of['E05'];
        $this->G = $of['G'];
        $this->density = $of['density'];
        $this->densityK = $of['densityK'] ?? $of['density'];
        $this->bendingReversed = $of['bendingReversed'] ?? $of['bending'];
        $this->bendingFlat = $of['bendingFlat'] ?? $of['bending'];
        $this->shearFlat = $of['shearFlat'] ?? $of['shear'];
        $this->EFlat = $of['EFlat'] ?? $of['E'];
        $this->E05Flat = $of['E05Flat'] ?? $of['E05'];
        $this->gravity = $of['gravity'] ?? 0.0;
        $this->sizeExponent = $of['sizeExponent'] ?? 0.12;
    }

    /**
     * The same with some of them typed; what follows them for want of values of its own does so again.
     *
     * @param  array<string, float>  $typed  by the names above, MPa; "density" in kg/m³
     */
    public function with(array $typed): self
    {
        $followers = [
            'bending' => ['bendingReversed', 'bendingFlat'],
            'shear' => ['shearFlat'],
            'E' => ['EFlat'],
            'E05' => ['E05Flat'],
        ];
        $gone = array_merge([], ...array_values(array_intersect_key($followers, $typed)));

        return new self($typed + array_diff_key(get_object_vars($this), array_flip($gone)));
    }
}
