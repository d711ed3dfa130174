<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

/**
 * What the matrices of a mesh are made of, whatever the section is: it is multiplied by the stiffness of an element, by
 * half the distance of the flanges, and by the height of the loads.
 */
final readonly class Forms
{
    /** @var list<array{int, int, int, float}> row, column, element, of E I_z a² */
    public array $bending;

    /** @var list<array{int, int, int, float, float}> row, column, element, of E I_w and of G I_t */
    public array $twisting;

    /**
     * @var list<array{int, int, int, float, list<float>}> row, column, first point of the element, factor, and what
     *     moments do at its points, for a = 1 mm
     */
    public array $ofMoments;

    /** @var list<array{int, int, int, float, list<float>}> the same of loads, for z = 1 mm */
    public array $ofLoads;

    public function __construct(Mesh $mesh)
    {
        $shapes = $mesh->shapes;
        $band = $mesh->band;
        $bending = $twisting = $ofMoments = $ofLoads = [];
        foreach ($mesh->elements as $e => [$u, $phi]) {
            $l = $mesh->nodes[$e + 1] - $mesh->nodes[$e];
            $start = $e * $shapes->points;
            foreach ($u as [$i, $p, $ci]) {
                foreach ($u as [$j, $q, $cj]) {
                    if ($q <= $p) {
                        $bending[] = [$p, $band - $p + $q, $e, (($ci * $cj) / $l ** 3) * $shapes->bending[$i][$j]];
                    }
                }
            }
            foreach ($phi as [$i, $p, $ci]) {
                foreach ($u as [$j, $q, $cj]) {
                    // Both halves of a symmetric matrix fall on the diagonal.
                    $ofMoments[] = [
                        max($p, $q),
                        $band - abs($p - $q),
                        $start,
                        (($p === $q ? 2 : 1) * $ci * $cj) / $l,
                        $shapes->coupling[$i][$j],
                    ];
                }
                foreach ($phi as [$j, $q, $cj]) {
                    if ($q <= $p) {
                        $twisting[] = [
                            $p,
                            $band - $p + $q,
                            $e,
                            (($ci * $cj) / $l ** 3) * $shapes->bending[$i][$j],
                            (($ci * $cj) / $l) * $shapes->twist[$i][$j],
                        ];
                        $ofLoads[] = [$p, $band - $p + $q, $start, ($ci * $cj) / $l, $shapes->square[$i][$j]];
                    }
                }
            }
        }
        $this->bending = $bending;
        $this->twisting = $twisting;
        $this->ofMoments = $ofMoments;
        $this->ofLoads = $ofLoads;
    }
}
