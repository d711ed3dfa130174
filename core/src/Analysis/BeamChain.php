<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** The supports, springs and hinges of a beam put together with pieces of any stiffness. */
final class BeamChain
{
    /**
     * @param  list<float>  $x  where each piece starts, mm
     * @param  list<list<list<float>>>  $stiffness  of each piece for deflection and slope at both ends, over EI of the
     *     beam
     * @return array{BandMatrix, list<list<int>>, list<int>} stiffness, unknowns of each piece (−1: held), of the
     *     deflection at each start and at the end
     */
    public static function assembled(Beam $beam, array $x, array $stiffness): array
    {
        $unknowns = $springs = $deflections = [];
        $count = 0;
        $before = null;
        foreach ([...$x, $beam->length] as $place) {
            $hold = $beam->holdAt($place);
            $hinge = in_array($place, $beam->hinges, true);
            $left = $hinge ? $count++ : null;
            $w = $hold?->vertical === INF ? -1 : $count++;
            $right = ! $hinge && $hold?->rotation === INF ? -1 : $count++;
            if ($before !== null) {
                $unknowns[] = [...$before, $w, $left ?? $right];
            }
            $before = [$w, $right];
            $deflections[] = $w;
            foreach ([[$w, $hold->vertical ?? 0.0], [$right, $hold->rotation ?? 0.0]] as [$unknown, $spring]) {
                if ($spring > 0.0 && $spring < INF) {
                    $springs[$unknown] = $spring / $beam->EI;
                }
            }
        }
        $matrix = new BandMatrix($count);
        foreach ($springs as $unknown => $spring) {
            $matrix->add($unknown, $unknown, $spring);
        }
        foreach ($stiffness as $e => $k) {
            foreach ($unknowns[$e] as $i => $unknown) {
                foreach ($unknowns[$e] as $j => $other) {
                    if ($other >= 0 && $other <= $unknown) {
                        // The two triangles differ by rounding only.
                        $matrix->add($unknown, $other, 0.5 * ($k[$i][$j] + $k[$j][$i]));
                    }
                }
            }
        }

        return [$matrix, $unknowns, $deflections];
    }
}
