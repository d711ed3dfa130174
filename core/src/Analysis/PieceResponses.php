<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * What each load set does on a length between two restraints, as far as lateral-torsional buckling needs it. All of it
 * is linear in the loads, so that the diagram of an arrangement is a sum of these.
 */
final class PieceResponses
{
    /**
     * @var list<array{int, float, float, float}> segment, its x, and the part of it that lies on the piece: from, to
     */
    public readonly array $segments;

    public readonly Responses $responses;

    /** Self-weight of 1 N/mm, or null. */
    public readonly ?PieceShare $own;

    /** @var array<string, PieceShare> */
    private array $shares = [];

    public function __construct(LoadedBeam $beam, public readonly float $from, float $to)
    {
        $this->responses = $beam->responses;
        $breaks = $this->responses->breaks;
        $segments = [];
        for (
            $k = $this->responses->segmentAt($from), $n = $this->responses->segments();
            $k < $n && $breaks[$k] < $to - 1e-9;
            $k++
        ) {
            $segments[] = [$k, $breaks[$k], max(0.0, $from - $breaks[$k]), min($breaks[$k + 1], $to) - $breaks[$k]];
        }
        $this->segments = $segments;
        $this->own = $beam->selfWeight === null ? null : $this->share([$beam->selfWeight => 1.0]);
    }

    /**
     * What some load sets do together, made once.
     *
     * @param  array<int, float>  $factors  load set => factor
     */
    public function share(array $factors): PieceShare
    {
        $key = '';
        foreach ($factors as $set => $factor) {
            $key .= "{$set}:{$factor},";
        }

        return $this->shares[$key] ??= new PieceShare($this, count($this->shares), $factors);
    }

    /**
     * Places where forces act, mm: the shear of some load set jumps there.
     *
     * @return list<float>
     */
    public function forces(): array
    {
        $places = [];
        for ($i = 1, $n = count($this->segments); $i < $n; $i++) {
            [$k, $x] = $this->segments[$i];
            [$before, , , $t1] = $this->segments[$i - 1];
            foreach ($this->responses->M as $M) {
                [, $b, $c, $d] = $M[$before];
                $jump = $b + $t1 * (2 * $c + $t1 * 3 * $d) - $M[$k][1];
                if (abs($jump) > 1e-6 * (abs($b) + abs($M[$k][1]))) {
                    $places[] = $x;
                    break;
                }
            }
        }

        return $places;
    }
}
