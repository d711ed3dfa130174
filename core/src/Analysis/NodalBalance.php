<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Displacements and forces of the ends of each element in equilibrium at the nodes. In an element that is short beside
 * the beam the forces are small differences of great numbers: what the nodes miss is put on the beam once more, so that
 * rounding decides about nothing.
 */
final readonly class NodalBalance
{
    /** How often at most. */
    private const ROUNDS = 4;

    /**
     * @param  list<list<list<float>>>  $elements  stiffness of each
     * @param  list<array{list<int>, list<float>}>  $ends  of each element: its unknowns, and how far these move it per
     *     unit
     * @param  list<array{int, float}>  $springs  unknown, stiffness
     * @param  float  $length  of the beam: what a moment counts as a force
     */
    public function __construct(
        private BandMatrix $stiffness,
        private array $elements,
        private array $ends,
        private array $springs,
        private float $length,
    ) {
    }

    /**
     * @param  list<list<float>>  $displacements  of the ends of each element
     * @param  list<float>  $u  the unknowns that they come from
     * @param  array<int, list<float>>  $loads  as BeamElement::loads()
     * @param  array<int, float>  $atNodes  forces of the feet of springs that move, by unknown
     * @param  float  $limit  N that a node may miss
     * @return array{list<list<float>>, list<list<float>>} displacements and forces
     */
    public function of(array $displacements, array $u, array $loads, array $atNodes, float $limit): array
    {
        $forces = [];
        foreach ($displacements as $e => $ends) {
            $forces[] = BeamElement::endForces($this->elements[$e], $ends, $loads[$e] ?? []);
        }
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$missing, $most] = $this->missing($u, $forces, $atNodes);
            if ($most <= $limit) {
                break;
            }
            $more = $this->stiffness->solve($missing);
            foreach ($this->ends as $e => [$of, $by]) {
                $ends = [];
                foreach ($of as $i => $unknown) {
                    $ends[] = $part = $unknown < 0 ? 0.0 : $by[$i] * $more[$unknown];
                    $displacements[$e][$i] += $part;
                }
                foreach (BeamElement::endForces($this->elements[$e], $ends, []) as $i => $force) {
                    $forces[$e][$i] += $force;
                }
            }
            $u = array_map(fn (float $a, float $b): float => $a + $b, $u, $more);
        }

        return [array_map(array_values(...), $displacements), array_map(array_values(...), $forces)];
    }

    /**
     * What the unknowns miss of equilibrium.
     *
     * @param  list<float>  $u
     * @param  list<array<int, float>>  $forces  on the ends of each element
     * @param  array<int, float>  $atNodes
     * @return array{list<float>, float} and the greatest of it, N
     */
    private function missing(array $u, array $forces, array $atNodes): array
    {
        $missing = array_fill(0, count($u), 0.0);
        $turns = [];
        foreach ($atNodes as $unknown => $force) {
            $missing[$unknown] += $force;
        }
        foreach ($this->ends as $e => [$of, $by]) {
            foreach ($of as $i => $unknown) {
                if ($unknown >= 0) {
                    $missing[$unknown] -= $by[$i] * $forces[$e][$i];
                    $turns[$unknown] = $i === 1 || $i === 3;
                }
            }
        }
        foreach ($this->springs as [$unknown, $stiffness]) {
            $missing[$unknown] -= $stiffness * $u[$unknown];
        }
        $most = 0.0;
        foreach ($missing as $unknown => $force) {
            $most = max($most, abs($force) / ($turns[$unknown] ?? false ? $this->length : 1.0));
        }

        return [array_values($missing), $most];
    }
}
