<?php

declare(strict_types=1);

namespace Waage\Materials\Steel\En1993;

use Waage\Checks\Derivation;

/**
 * What counts of unequal flanges in class 4: an effective section in bending about y-y, with either side compressed
 * that may be; the whole one at a reduced stress in bending about z-z and in compression, where nothing shifts.
 */
final readonly class EffectiveUnequal implements LocalBuckling
{
    /** @param  non-empty-list<BentWebs>  $sides  by which edge is compressed */
    public function __construct(private array $sides, private ReducedStress $otherwise, private float $epsilon)
    {
    }

    public function modulus(string $axis, ?Derivation $d = null): float
    {
        if ($axis === 'z') {
            return $this->otherwise->modulus($axis, $d);
        }
        $moduli = array_map(fn (BentWebs $side): float => $side->modulus($this->epsilon), $this->sides);
        $weakest = (int) array_search(min($moduli), $moduli, true);

        return $d === null ? $moduli[$weakest] : $this->sides[$weakest]->modulus($this->epsilon, $d);
    }

    public function area(?Derivation $d = null): float
    {
        return $this->otherwise->area($d);
    }

    public function says(): string
    {
        return EffectiveSection::SAYS;
    }

    public function foreign(): string
    {
        return '';
    }
}
