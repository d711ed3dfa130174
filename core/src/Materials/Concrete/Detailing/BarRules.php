<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Detailing;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Tee;

/**
 * What a standard asks of the bars and links of one make, in plain numbers: for choosing them and for diagrams. What
 * is printed is worked out by the weighings of that standard. N, mm, MPa.
 */
interface BarRules
{
    /**
     * @param  float  $d2  from the face in compression to the bars there
     * @return array{float, float} in tension and in compression, mm²
     */
    public function steel(Tee $tee, float $M, float $d, float $d2): array;

    /** Moment that so much steel in tension (mm²) takes, without any in compression. */
    public function resistance(Tee $tee, float $As, float $d): float;

    /** Most steel in tension that still yields in time, without any in compression (mm²); INF: no limit of its own. */
    public function most(Tee $tee, float $d): float;

    /** Of the span's moment, that its free ends take at the top. */
    public function fixity(): float;

    /** Least bars at a face in tension where the moment asks for so many (mm²). */
    public function least(Tee $tee, float $d, float $asked): float;

    /** Do they lie close enough, whatever the moment? */
    public function isClose(BarGroup $group): bool;

    /** Do bars keep cracks narrow between two places, under moments of a sign? */
    public function isNarrow(BarGroup $group, int $sign, float $from, float $to): bool;

    /** How far the line of moments is shifted. */
    public function shift(float $d, float $diameter): float;

    /** How far bars over a support go where fewer suffice at a distance from it; before rounding. */
    public function reach(float $suffices, float $d, Bars $bars): float;

    /** May bars end where they are still pulled? */
    public function mayEndInTension(): bool;

    /** How far from the support they count, of how far they reach. */
    public function counts(float $reach, float $d, Bars $bars): float;

    /** Links that shear and torque ask for, and the least there may be: area by length of all legs. */
    public function links(float $V, float $d, float $T): float;

    /** The same for shear and torque alone, without the least and without what hangs. */
    public function forForces(float $V, float $d, float $T): float;

    /** The widest spacing of the links for a shear force with a torque. */
    public function linkSpacing(float $V, float $d, float $T): float;

    /** Bars along the member for torsion, beside those for bending that it has, mm². */
    public function along(ConcreteMake $concrete): float;

    /** Lap of bars in tension, all lapped at one place. */
    public function lap(Bars $bars, bool $isTop): float;

    public function sizes(): BarSizes;
}
