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
    private ?array $moments = null;

    /**
     * @var array{float, list<array{float, float, float, array{float, float, float, float}}>}|null self-weight,
     *     segments
     */
    private ?array $last = null;

    /**
     * @var array{array{float, float, float}, array{array{float, float}, array{float, float}}}|null self-weight and
     *     range, greatest moments
     */
    private ?array $greatest = null;

    /**
     * @param  list<array{float, PieceShare}>  $terms  factor, what it multiplies; without self-weight
     * @param  float  $permanent  factor of the self-weight
     */
    public function __construct(
        private readonly PieceResponses $of,
        private readonly array $terms,
        private readonly float $permanent,
    ) {
    }

    /**
     * The greatest moment of a sign (1 sagging, −1 hogging) as a positive number, and where it is; 0 where there is
     * none.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return array{float, float} Nmm, mm
     */
    public function greatest(int $sign, float $weight, float $from = -INF, float $to = INF): array
    {
        [$sagging, $hogging] = $this->extremes($weight, $from, $to);

        return $sign > 0 ? $sagging : $hogging;
    }

    /**
     * The greatest sagging and the greatest hogging moment.
     *
     * @return array{array{float, float}, array{float, float}}
     */
    private function extremes(float $weight, float $from, float $to): array
    {
        if ($this->greatest !== null && $this->greatest[0] === [$weight, $from, $to]) {
            return $this->greatest[1];
        }
        $most = $least = 0.0;
        $sags = $hogs = max($from, $this->of->from);
        foreach ($this->segments($weight) as [$x, $t0, $t1, [$p0, $p1, $p2, $p3]]) {
            $t0 = $from - $x > $t0 ? $from - $x : $t0;
            $t1 = $to - $x < $t1 ? $to - $x : $t1;
            if ($t0 > $t1) {
                continue;
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
                if ($m > $most) {
                    [$most, $sags] = [$m, $x + $t];
                } elseif ($m < $least) {
                    [$least, $hogs] = [$m, $x + $t];
                }
            }
        }
        $this->greatest = [[$weight, $from, $to], [[$most, $sags], [-$least, $hogs]]];

        return $this->greatest[1];
    }

    /** Moment at x, Nmm, sagging positive. */
    public function at(float $x, float $weight): float
    {
        foreach ($this->segments($weight) as [$start, , $t1, $p]) {
            if ($x <= $start + $t1 + 1e-9) {
                return Polynomial::value($p, $x - $start);
            }
        }

        return 0.0;
    }

    /**
     * ∫ q(x) sin²(π (x − from) / L) dx over a part of it that is L long, N, down positive: the load that works on a
     * half sine wave of twist.
     */
    public function twistingLoad(float $from, float $to, float $weight): float
    {
        $L = $to - $from;
        $sum = 0.0;
        $before = null;
        foreach ($this->segments($weight) as [$x, $t0, $t1, [, $b, $c, $d]]) {
            $t0 = max($t0, $from - $x);
            $t1 = min($t1, $to - $x);
            if ($t1 - $t0 <= 1e-9) {
                continue;
            }
            // Line load from M″ = −q, forces from the jumps of the shear. At the ends sin² is zero.
            $s = $x + $t0 - $from;
            $sum += self::sineSquared(-2 * $c - 6 * $d * $t0, -6 * $d, $s, $t1 - $t0, $L);
            if ($before !== null) {
                $sum += ($before - ($b + $t0 * (2 * $c + $t0 * 3 * $d))) * sin((M_PI * $s) / $L) ** 2;
            }
            $before = $b + $t1 * (2 * $c + $t1 * 3 * $d);
        }

        return $sum;
    }

    /**
     * (2/L) ∫ M cos²(π (x − from) / L) dx over a part of it that is L long, Nmm: what moments do to a half sine wave
     * of twist by Wagner's term.
     */
    public function twistingMoment(float $from, float $to, float $weight): float
    {
        $L = $to - $from;
        $w = (2 * M_PI) / $L;
        $sum = 0.0;
        foreach ($this->segments($weight) as [$x, $t0, $t1, [$a, $b, $c, $d]]) {
            $t0 = max($t0, $from - $x);
            $t1 = min($t1, $to - $x);
            if ($t1 - $t0 <= 1e-9) {
                continue;
            }
            // 2 cos² = 1 + cos: the moment itself, and by parts.
            foreach ([[1, $t1], [-1, $t0]] as [$sign, $t]) {
                $theta = $w * ($x + $t - $from);
                $waves =
                    (($a + $t * ($b + $t * ($c + $t * $d)) - (2 * $c + 6 * $d * $t) / $w ** 2) * sin($theta)) / $w +
                    (($b + $t * (2 * $c + $t * 3 * $d) - (6 * $d) / $w ** 2) * cos($theta)) / $w ** 2;
                $sum += $sign * ($t * ($a + $t * ($b / 2 + $t * ($c / 3 + ($t * $d) / 4))) + $waves);
            }
        }

        return $sum / $L;
    }

    /** ∫ (q0 + q1 u) sin²(π (s + u) / L) du for u from 0 to l. */
    private static function sineSquared(float $q0, float $q1, float $s, float $l, float $length): float
    {
        if ($q0 == 0.0 && $q1 == 0.0) {
            return 0.0;
        }
        $w = (2 * M_PI) / $length;
        $sin0 = sin($w * $s);
        $sin1 = sin($w * ($s + $l));

        return 0.5 * ($q0 * $l + ($q1 * $l * $l) / 2) -
            0.5 *
                (($q0 * ($sin1 - $sin0) + $q1 * $l * $sin1) / $w +
                    ($q1 * (cos($w * ($s + $l)) - cos($w * $s))) / ($w * $w));
    }

    /**
     * @return list<array{float, float, float, array{float, float, float, float}}> its x, the part of it that counts,
     *     the moment
     */
    private function segments(float $weight): array
    {
        if ($this->last !== null && $this->last[0] === $weight) {
            return $this->last[1];
        }
        $own = $this->of->own === null ? 0.0 : $this->permanent * $weight;
        $ofWeight = $this->of->own?->moments() ?? [];
        $segments = [];
        foreach ($this->moments ??= $this->moments() as $i => [$a, $b, $c, $d]) {
            [, $x, $t0, $t1] = $this->of->segments[$i];
            if ($own != 0.0) {
                $m = $ofWeight[$i];
                $a += $own * $m[0];
                $b += $own * $m[1];
                $c += $own * $m[2];
                $d += $own * $m[3];
            }
            $segments[] = [$x, $t0, $t1, [$a, $b, $c, $d]];
        }
        $this->last = [$weight, $segments];

        return $segments;
    }

    /** @return list<list<float>> */
    private function moments(): array
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
