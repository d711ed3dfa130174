<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A sum of axial force, shear and moment at a place, each times a number: a face of an interaction diagram, the stress
 * of a fibre. What loads make of it adds up, so that its envelope is as exact as that of a single effect.
 */
final readonly class Functional
{
    /** @param  float  $N  times the axial force (compression positive), $V times the shear, $M times the moment */
    public function __construct(public float $N, public float $V, public float $M)
    {
    }

    /**
     * @param  callable(Effect): list<float>  $of  coefficients of an effect on a segment
     * @return list<float>
     */
    public function polynomial(callable $of): array
    {
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach (
            [[Effect::Axial, $this->N], [Effect::Shear, $this->V], [Effect::Moment, $this->M]] as [$effect, $times]
        ) {
            foreach ($times === 0.0 ? [] : $of($effect) as $i => $c) {
                $sum[$i] += $times * $c;
            }
        }

        return array_values($sum);
    }
}
