<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The moment diagram of a length between two restraints under one arrangement, as far as lateral-torsional buckling
 * needs it. It is linear in the self-weight, so that it is made once and read for every section of a shortlist.
 */
final class PieceDiagram
{
    /** @var list<array{float, float, float, array<int, float>, array<int, float>}> x of the segment, from, to, moment, moment of unit self-weight */
    private array $segments = [];

    /** @var list<array{float, float}> moment at the quarter points, without and per self-weight */
    private array $quarters = [];

    /** ∫ q sin² over the piece, N: the part of the load that can twist it; without and per self-weight. */
    private float $twisting = 0.0;

    private float $twistingOfWeight = 0.0;

    /** @var list<array{float, float}>|null c_n of Waves over the length, without and per self-weight */
    private ?array $waves = null;

    /**
     * @param  array<int, float>  $factors  without self-weight
     * @param  float  $permanent  factor of the self-weight
     */
    public function __construct(LoadedBeam $beam, array $factors, float $permanent, private readonly float $from, private readonly float $to)
    {
        $responses = $beam->responses;
        $own = $beam->selfWeight === null ? [] : [$beam->selfWeight => $permanent];
        unset($factors[$beam->selfWeight ?? -1]);
        $length = $to - $from;
        $breaks = $responses->breaks;
        $before = null;
        for ($k = $responses->segmentAt($from), $n = $responses->segments(); $k < $n && $breaks[$k] < $to - 1e-9; $k++) {
            $a = $responses->combined(Effect::Moment, $factors, $k);
            $b = $responses->combined(Effect::Moment, $own, $k);
            $t0 = max(0.0, $from - $breaks[$k]);
            $t1 = min($breaks[$k + 1], $to) - $breaks[$k];
            $this->segments[] = [$breaks[$k], $t0, $t1, $a, $b];
            // Line load from M'' = −q, forces from the jumps of the shear. At the ends of the piece sin² is zero.
            $s = $breaks[$k] + $t0 - $from;
            $this->twisting += self::sineSquared(-2 * $a[2] - 6 * $a[3] * $t0, -6 * $a[3], $s, $t1 - $t0, $length);
            $this->twistingOfWeight += self::sineSquared(-2 * $b[2] - 6 * $b[3] * $t0, -6 * $b[3], $s, $t1 - $t0, $length);
            if ($before !== null) {
                $this->twisting += ($before - $a[1]) * sin(M_PI * $s / $length) ** 2;
            }
            $before = Polynomial::value([$a[1], 2 * $a[2], 3 * $a[3]], $t1);
        }
        foreach ([0.25, 0.5, 0.75] as $part) {
            $x = $from + $part * $length;
            $k = $responses->segmentAt($x);
            $t = $x - $breaks[$k];
            $this->quarters[] = [
                Polynomial::value($responses->combined(Effect::Moment, $factors, $k), $t),
                Polynomial::value($responses->combined(Effect::Moment, $own, $k), $t),
            ];
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
        $most = 0.0;
        $place = 0.0;
        $absolute = 0.0;
        foreach ($this->segments as [$x, $t0, $t1, $a, $b]) {
            $p = [$a[0] + $weight * $b[0], $a[1] + $weight * $b[1], $a[2] + $weight * $b[2], $a[3] + $weight * $b[3]];
            foreach ([$t0, ...Polynomial::roots([$p[1], 2 * $p[2], 3 * $p[3]], $t0, $t1), $t1] as $t) {
                $m = $p[0] + $t * ($p[1] + $t * ($p[2] + $t * $p[3]));
                if ($sign * $m > $most) {
                    $most = $sign * $m;
                    $place = $x + $t;
                }
                $absolute = max($absolute, abs($m));
            }
        }

        return [$most, $place, $absolute];
    }

    /** @return array{float, float, float} moments at the quarter points, Nmm, sagging positive */
    public function quarterPoints(float $weight): array
    {
        [[$a, $aw], [$b, $bw], [$c, $cw]] = $this->quarters;

        return [$a + $weight * $aw, $b + $weight * $bw, $c + $weight * $cw];
    }

    /** ∫ q(x) sin²(π x / L) dx over the piece, N, down positive. */
    public function twistingLoad(float $weight): float
    {
        return $this->twisting + $weight * $this->twistingOfWeight;
    }

    /**
     * ∫ M cos(nπx/L) dx / L for n = 0 … 2·Waves::COUNT, Nmm, moments of the given sign positive.
     *
     * @return list<float>
     */
    public function waves(int $sign, float $weight): array
    {
        if ($this->waves === null) {
            $L = $this->to - $this->from;
            $this->waves = [];
            for ($n = 0; $n <= 2 * Waves::COUNT; $n++) {
                $sum = $own = 0.0;
                foreach ($this->segments as [$x, $t0, $t1, $a, $b]) {
                    $start = $x - $this->from;
                    $sum += self::cosine($a, $n * M_PI / $L, $start, $t1) - self::cosine($a, $n * M_PI / $L, $start, $t0);
                    $own += self::cosine($b, $n * M_PI / $L, $start, $t1) - self::cosine($b, $n * M_PI / $L, $start, $t0);
                }
                $this->waves[] = [$sum / $L, $own / $L];
            }
        }

        return array_map(fn (array $c): float => $sign * ($c[0] + $weight * $c[1]), $this->waves);
    }

    /**
     * An antiderivative of p(t) cos(k (start + t)), by parts.
     *
     * @param  array<int, float>  $p
     */
    private static function cosine(array $p, float $k, float $start, float $t): float
    {
        [0 => $p0, 1 => $p1, 2 => $p2, 3 => $p3] = $p;
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
        $w = 2 * M_PI / $length;
        $sin0 = sin($w * $s);
        $sin1 = sin($w * ($s + $l));
        $cos0 = cos($w * $s);
        $cos1 = cos($w * ($s + $l));

        return 0.5 * ($q0 * $l + $q1 * $l * $l / 2)
            - 0.5 * (($q0 * ($sin1 - $sin0) + $q1 * $l * $sin1) / $w + $q1 * ($cos1 - $cos0) / ($w * $w));
    }
}
