<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The moment diagram of a length between two restraints under one arrangement, for any self-weight: it is made once and
 * read for every section of a shortlist.
 */
final class PieceDiagram
{
    /** @var list<list<float>>|null moment on each segment, without self-weight */
    private ?array $segments = null;

    /** @var array{float, float, float, float} moments at the quarter points and ∫ q sin², without self-weight */
    private array $measures;

    /** @var array{int, float, array{float, float, float}}|null the last answer of moments(): sign, weight, answer */
    private ?array $last = null;

    /**
     * @param  list<array{float, PieceShare}>  $terms  factor, what it multiplies; without self-weight
     * @param  float  $permanent  factor of the self-weight
     */
    public function __construct(private readonly PieceResponses $of, private readonly array $terms, private readonly float $permanent)
    {
        $a = $b = $c = $d = 0.0;
        foreach ($terms as [$factor, $share]) {
            $measure = $share->measures;
            $a += $factor * $measure[0];
            $b += $factor * $measure[1];
            $c += $factor * $measure[2];
            $d += $factor * $measure[3];
        }
        $this->measures = [$a, $b, $c, $d];
    }

    /**
     * The greatest moment of a sign (1 sagging, −1 hogging) as a positive number, where it is, and the greatest of both.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return array{float, float, float} moment, its place, greatest absolute moment; Nmm, mm, Nmm
     */
    public function moments(int $sign, float $weight): array
    {
        if ($this->last !== null && $this->last[0] === $sign && $this->last[1] === $weight) {
            return $this->last[2];
        }
        $most = 0.0;
        $place = 0.0;
        $absolute = 0.0;
        $own = $this->of->own === null ? 0.0 : $this->permanent * $weight;
        $ofWeight = $this->of->own?->moments() ?? [];
        foreach ($this->segments ??= $this->segments() as $i => [$p0, $p1, $p2, $p3]) {
            [, $x, $t0, $t1] = $this->of->segments[$i];
            if ($own != 0.0) {
                $b = $ofWeight[$i];
                $p0 += $own * $b[0];
                $p1 += $own * $b[1];
                $p2 += $own * $b[2];
                $p3 += $own * $b[3];
            }
            $places = [$t0, $t1];
            // The slope is linear but under a varying load: without a change of sign there is no peak between the ends.
            if ($p3 != 0.0) {
                $places = [$t0, ...Polynomial::roots([$p1, 2 * $p2, 3 * $p3], $t0, $t1), $t1];
            } elseif (($p1 + $t0 * 2 * $p2) * ($p1 + $t1 * 2 * $p2) < 0.0) {
                $places[] = -$p1 / (2 * $p2);
            }
            foreach ($places as $t) {
                $m = $p0 + $t * ($p1 + $t * ($p2 + $t * $p3));
                if ($sign * $m > $most) {
                    $most = $sign * $m;
                    $place = $x + $t;
                }
                $absolute = max($absolute, abs($m));
            }
        }
        $this->last = [$sign, $weight, [$most, $place, $absolute]];

        return $this->last[2];
    }

    /** @return array{float, float, float} moments at the quarter points, Nmm, sagging positive */
    public function quarterPoints(float $weight): array
    {
        [$a, $b, $c] = $this->measures;
        if ($this->of->own === null) {
            return [$a, $b, $c];
        }
        [$aw, $bw, $cw] = $this->of->own->measures;
        $own = $this->permanent * $weight;

        return [$a + $own * $aw, $b + $own * $bw, $c + $own * $cw];
    }

    /** ∫ q(x) sin²(π x / L) dx over the piece, N, down positive: the part of the load that can twist it. */
    public function twistingLoad(float $weight): float
    {
        return $this->measures[3] + $this->permanent * $weight * ($this->of->own->measures[3] ?? 0.0);
    }

    /**
     * ∫ M cos(nπx/L) dx / L for n = 0 … 2·Waves::COUNT, Nmm, moments of the given sign positive.
     *
     * @return list<float>
     */
    public function waves(int $sign, float $weight): array
    {
        $sums = array_fill(0, 2 * Waves::COUNT + 1, 0.0);
        $own = $this->of->own;
        foreach ([...$this->terms, ...$own === null ? [] : [[$this->permanent * $weight, $own]]] as [$factor, $share]) {
            foreach ($share->waves() as $n => $value) {
                $sums[$n] += $sign * $factor * $value;
            }
        }

        return array_values($sums);
    }

    /** @return list<list<float>> */
    private function segments(): array
    {
        $segments = [];
        foreach (array_keys($this->of->segments) as $i) {
            $a = $b = $c = $d = 0.0;
            foreach ($this->terms as [$factor, $share]) {
                $m = $share->moments()[$i];
                $a += $factor * $m[0];
                $b += $factor * $m[1];
                $c += $factor * $m[2];
                $d += $factor * $m[3];
            }
            $segments[] = [$a, $b, $c, $d];
        }

        return $segments;
    }
}
