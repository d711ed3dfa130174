<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The moment diagram of a length between two restraints under one arrangement, for any self-weight: it is made once and
 * read for every section of a shortlist.
 */
final class PieceDiagram
{
    /** @var list<array{float, float, float, array<int, float>, list<float>}>|null x of the segment, from, to, moment, moment of unit self-weight */
    private ?array $segments = null;

    /** @var array{float, float, float, float} moments at the quarter points and ∫ q sin², without self-weight */
    private array $measures = [0.0, 0.0, 0.0, 0.0];

    /** @var array{float, float, float, float} the same of unit self-weight */
    private array $own = [0.0, 0.0, 0.0, 0.0];

    /** @var array{int, float, array{float, float, float}}|null the last answer of moments(): sign, weight, answer */
    private ?array $last = null;

    /**
     * @param  array<int, float>  $factors  of the load sets; the one of self-weight is left out
     * @param  float  $permanent  factor of the self-weight
     */
    public function __construct(private readonly PieceResponses $of, private array $factors, private readonly float $permanent)
    {
        if ($of->selfWeight !== null) {
            unset($this->factors[$of->selfWeight]);
            [$a, $b, $c, $f] = $of->measures[$of->selfWeight];
            $this->own = [$permanent * $a, $permanent * $b, $permanent * $c, $permanent * $f];
        }
        foreach ($this->factors as $set => $factor) {
            foreach ($of->measures[$set] as $i => $value) {
                $this->measures[$i] += $factor * $value;
            }
        }
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
        $own = $this->permanent * $weight;
        foreach ($this->segments ??= $this->segments() as [$x, $t0, $t1, $a, $b]) {
            $p0 = $a[0] + $own * $b[0];
            $p1 = $a[1] + $own * $b[1];
            $p2 = $a[2] + $own * $b[2];
            $p3 = $a[3] + $own * $b[3];
            $places = [$t0, $t1];
            // The slope is linear but under a varying load: without a change of sign there is no peak between the ends.
            if ($p3 != 0.0 || ($p1 + $t0 * 2 * $p2) * ($p1 + $t1 * 2 * $p2) < 0.0) {
                $places = [$t0, ...Polynomial::roots([$p1, 2 * $p2, 3 * $p3], $t0, $t1), $t1];
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
        [$aw, $bw, $cw] = $this->own;

        return [$a + $weight * $aw, $b + $weight * $bw, $c + $weight * $cw];
    }

    /** ∫ q(x) sin²(π x / L) dx over the piece, N, down positive: the part of the load that can twist it. */
    public function twistingLoad(float $weight): float
    {
        return $this->measures[3] + $weight * $this->own[3];
    }

    /**
     * ∫ M cos(nπx/L) dx / L for n = 0 … 2·Waves::COUNT, Nmm, moments of the given sign positive.
     *
     * @return list<float>
     */
    public function waves(int $sign, float $weight): array
    {
        $waves = $this->of->waves();
        $sums = array_fill(0, 2 * Waves::COUNT + 1, 0.0);
        foreach ($this->factors + ($this->of->selfWeight === null ? [] : [$this->of->selfWeight => $this->permanent * $weight]) as $set => $factor) {
            foreach ($waves[$set] as $n => $value) {
                $sums[$n] += $sign * $factor * $value;
            }
        }

        return array_values($sums);
    }

    /** @return list<array{float, float, float, array<int, float>, list<float>}> */
    private function segments(): array
    {
        $segments = [];
        foreach ($this->of->segments as [$k, $x, $t0, $t1]) {
            $own = $this->of->selfWeight === null ? [0.0, 0.0, 0.0, 0.0] : $this->of->responses->M[$this->of->selfWeight][$k];
            $segments[] = [$x, $t0, $t1, $this->of->responses->combined(Effect::Moment, $this->factors, $k), $own];
        }

        return $segments;
    }
}
