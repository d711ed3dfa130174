<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Checks\Place;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\StripSection;

/** An angle, or a section built of strips, that is pressed and pulled along its axis. Forces in N, lengths in mm. */
final readonly class Strut
{
    /**
     * @param  float  $compression  greatest one; 0: none
     * @param  float  $tension  greatest one; 0: none
     * @param  float  $L  between its ends, or as given
     * @param  Place  $pressed  of the greatest compression
     * @param  Place  $pulled  of the greatest tension
     */
    public function __construct(
        public Angle|StripSection $section,
        public SteelGrade $grade,
        public float $compression,
        public float $tension,
        public float $L,
        public StrutEnds $ends,
        public Place $pressed,
        public Place $pulled,
    ) {
    }

    /** The least force at which it buckles in any way: what moments are amplified by. */
    public function least(): float
    {
        [$both, , $Nv] = $this->critical();

        return min($both, $Nv);
    }

    /**
     * The force at which it buckles elastically by bending about both principal axes and twisting at once: the least
     * root of i_0² (N − N_u)(N − N_v)(N − N_T) − N² u_0² (N − N_v) − N² v_0² (N − N_u) = 0 (S. P. Timoshenko and J.
     * M. Gere, Theory of Elastic Stability, 1961). Where the ends keep it from bending about the weak one, as
     * connected legs do, without that.
     *
     * @return array{float, float, float, float} N, N_u, N_v, N_T
     */
    public function critical(): array
    {
        $s = $this->section;
        [$E, $G] = [$this->grade->elasticity(), $this->grade->shearModulus()];
        $i2 = ($s->Iu + $s->Iv) / $s->A + $s->u0 ** 2 + $s->v0 ** 2;
        [$Nu, $Nv, $NT] = [
            (M_PI ** 2 * $E * $s->Iu) / $this->L ** 2,
            (M_PI ** 2 * $E * $s->Iv) / $this->L ** 2,
            ($G * $s->It + (M_PI ** 2 * $E * $s->Iw) / $this->L ** 2) / $i2,
        ];
        $isCentred = $this->ends === StrutEnds::Centroid;
        [$low, $high] = [0.0, $isCentred ? min($Nu, $Nv, $NT) : min($Nu, $NT)];
        for ($i = 0; $i < 60; $i++) {
            $N = ($low + $high) / 2;
            $isBelow = $isCentred
                ? $i2 * ($N - $Nu) * ($N - $Nv) * ($N - $NT) <
                    $N ** 2 * ($s->u0 ** 2 * ($N - $Nv) + $s->v0 ** 2 * ($N - $Nu))
                : $i2 * ($N - $Nu) * ($N - $NT) > $N ** 2 * $s->u0 ** 2;
            $isBelow ? ($low = $N) : ($high = $N);
        }

        return [$low, $Nu, $Nv, $NT];
    }
}
