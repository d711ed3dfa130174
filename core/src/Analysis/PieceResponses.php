<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * What each load set does on a length between two restraints, as far as lateral-torsional buckling needs it. All of it
 * is linear in the loads, so that the diagram of an arrangement is a sum of these.
 */
final class PieceResponses
{
    /** @var list<array{int, float, float, float}> segment, its x, and the part of it that lies on the piece: from, to */
    public readonly array $segments;

    public readonly Responses $responses;

    /** Self-weight of 1 N/mm, or null. */
    public readonly ?PieceShare $own;

    /** @var list<array{float, float, float, float}> of each set: moment at the quarter points (Nmm), ∫ q sin² (N) */
    public readonly array $measures;

    /** @var array<int, list<float>> of sets that were asked for: ∫ M cos(nπx/L) dx / L, Nmm */
    private array $waves = [];

    /** @var array<string, PieceShare> */
    private array $shares = [];

    public function __construct(LoadedBeam $beam, private readonly float $from, private readonly float $to)
    {
        $this->responses = $beam->responses;
        $breaks = $this->responses->breaks;
        $segments = [];
        for ($k = $this->responses->segmentAt($from), $n = $this->responses->segments(); $k < $n && $breaks[$k] < $to - 1e-9; $k++) {
            $segments[] = [$k, $breaks[$k], max(0.0, $from - $breaks[$k]), min($breaks[$k + 1], $to) - $breaks[$k]];
        }
        $this->segments = $segments;
        $this->measures = array_map(fn (array $M): array => [...$this->quarterPoints($M), $this->twisting($M)], $this->responses->M);
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
     * ∫ M cos(nπx/L) dx / L of a set for n = 0 … 2·Waves::COUNT, Nmm.
     *
     * @return list<float>
     */
    public function waves(int $set): array
    {
        if (! isset($this->waves[$set])) {
            $L = $this->to - $this->from;
            $M = $this->responses->M[$set];
            $waves = [];
            for ($n = 0; $n <= 2 * Waves::COUNT; $n++) {
                $sum = 0.0;
                foreach ($this->segments as [$k, $x, $t0, $t1]) {
                    $sum += self::cosine($M[$k], $n * M_PI / $L, $x - $this->from, $t1) - self::cosine($M[$k], $n * M_PI / $L, $x - $this->from, $t0);
                }
                $waves[] = $sum / $L;
            }
            $this->waves[$set] = $waves;
        }

        return $this->waves[$set];
    }

    /**
     * @param  list<list<float>>  $M  moment of a set on the segments of the beam
     * @return array{float, float, float}
     */
    private function quarterPoints(array $M): array
    {
        $at = function (float $part) use ($M): float {
            $x = $this->from + $part * ($this->to - $this->from);
            $k = $this->responses->segmentAt($x);

            return Polynomial::value($M[$k], $x - $this->responses->breaks[$k]);
        };

        return [$at(0.25), $at(0.5), $at(0.75)];
    }

    /** @param  list<list<float>>  $M  moment of a set on the segments of the beam */
    private function twisting(array $M): float
    {
        $L = $this->to - $this->from;
        $sum = 0.0;
        $before = null;
        foreach ($this->segments as [$k, $x, $t0, $t1]) {
            // Line load from M'' = −q, forces from the jumps of the shear. At the ends of the piece sin² is zero.
            [, $b, $c, $d] = $M[$k];
            $s = $x + $t0 - $this->from;
            $sum += self::sineSquared(-2 * $c - 6 * $d * $t0, -6 * $d, $s, $t1 - $t0, $L);
            if ($before !== null) {
                $sum += ($before - $b) * sin(M_PI * $s / $L) ** 2;
            }
            $before = $b + $t1 * (2 * $c + $t1 * 3 * $d);
        }

        return $sum;
    }

    /**
     * An antiderivative of p(t) cos(k (start + t)), by parts.
     *
     * @param  list<float>  $p
     */
    private static function cosine(array $p, float $k, float $start, float $t): float
    {
        [$p0, $p1, $p2, $p3] = $p;
        if ($k == 0.0) {
            return $t * ($p0 + $t * ($p1 / 2 + $t * ($p2 / 3 + $t * $p3 / 4)));
        }
        $value = $p0 + $t * ($p1 + $t * ($p2 + $t * $p3));
        $slope = $p1 + $t * (2 * $p2 + $t * 3 * $p3);
        $bend = 2 * $p2 + 6 * $p3 * $t;
        $angle = $k * ($start + $t);

        return ($value / $k - $bend / $k ** 3) * sin($angle) + ($slope / $k ** 2 - 6 * $p3 / $k ** 4) * cos($angle);
    }

    /** ∫ (q0 + q1 u) sin²(π (s + u) / L) du for u from 0 to l. */
    private static function sineSquared(float $q0, float $q1, float $s, float $l, float $length): float
    {
        if ($q0 == 0.0 && $q1 == 0.0) {
            return 0.0;
        }
        $w = 2 * M_PI / $length;
        $sin0 = sin($w * $s);
        $sin1 = sin($w * ($s + $l));

        return 0.5 * ($q0 * $l + $q1 * $l * $l / 2)
            - 0.5 * (($q0 * ($sin1 - $sin0) + $q1 * $l * $sin1) / $w + $q1 * (cos($w * ($s + $l)) - cos($w * $s)) / ($w * $w));
    }
}
