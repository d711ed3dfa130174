<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * What a unit load anywhere on a beam, down positive, makes of one moment, shear force or reaction: the shape that the
 * beam takes when it is dislocated there by one unit (H. Müller-Breslau, 1886). Exact cubics, also on springs.
 *
 * Ordinates in mm for a moment, without a unit for a shear force or a reaction.
 *
 * @phpstan-type Piece array{float, float, list<float>}
 */
final readonly class InfluenceLine
{
    /** Ordinates that are a smaller part of the greatest one are none. */
    private const ROUNDING = 1e-9;

    /** @param  list<Piece>  $pieces  from, to, coefficients in x − from; in order */
    private function __construct(public array $pieces)
    {
    }

    /** Of the moment at x, sagging positive. */
    public static function ofMoment(Beam $beam, float $x): self
    {
        return self::from($beam, (new LoadSet)->dislocation(self::inside($beam, $x), 0.0, -1.0));
    }

    /** Of the shear force just to the left of x. */
    public static function ofShearLeftOf(Beam $beam, float $x): self
    {
        return self::ofShear($beam, max(0.0, $x - 1e-9 * $beam->length));
    }

    /** Of the shear force at x; on a support just to the right of it. */
    public static function ofShear(Beam $beam, float $x): self
    {
        return self::from($beam, (new LoadSet)->dislocation(self::inside($beam, $x), 1.0, 0.0));
    }

    /** Of the reaction of a support, up positive. */
    public static function ofReaction(Beam $beam, int $support): self
    {
        return self::from($beam, (new LoadSet)->displacement($support, 1.0, 0.0));
    }

    /** Just to the left of the right end, where there is no beam on the other side. */
    private static function inside(Beam $beam, float $x): float
    {
        return min($x, $beam->length * (1 - 1e-9));
    }

    private static function from(Beam $beam, LoadSet $set): self
    {
        $r = $beam->solve([$set]);
        $pieces = [];
        for ($k = 0; $k < $r->segments(); $k++) {
            if ($r->breaks[$k + 1] - $r->breaks[$k] > 1e-6) {
                $pieces[] = [
                    $r->breaks[$k],
                    $r->breaks[$k + 1],
                    array_map(fn (float $c): float => $c / $beam->EI, array_slice($r->W[0][$k], 0, 4)),
                ];
            }
        }

        return new self($pieces);
    }

    /** The same, of loads that stand between two places only. */
    public function within(float $from, float $to): self
    {
        $pieces = [];
        foreach ($this->pieces as [$a, $b, $p]) {
            $start = max($a, $from);
            if (min($b, $to) - $start > 1e-6) {
                $pieces[] = [$start, min($b, $to), Polynomial::shift($p, $start - $a)];
            }
        }

        return new self($pieces);
    }

    /**
     * Where the line has a sign, and the area there: what a uniform load of 1 N/mm on just these lengths makes.
     *
     * @return array{parts: list<array{float, float}>, area: float} mm, mm² or mm
     */
    public function worst(int $sign): array
    {
        $parts = [];
        $area = 0.0;
        // Where statics alone gives zero, what is left is rounding.
        $nothing = self::ROUNDING * $this->greatest();
        foreach ($this->pieces as [$from, $to, $p]) {
            $start = 0.0;
            foreach ([...Polynomial::roots($p, 0.0, $to - $from), $to - $from] as $end) {
                if ($sign * Polynomial::value($p, 0.5 * ($start + $end)) > $nothing) {
                    $area += self::integral($p, $start, $end);
                    $before = $parts[count($parts) - 1] ?? null;
                    if ($before !== null && abs($before[1] - $from - $start) < 1e-6) {
                        array_pop($parts);
                        $parts[] = [$before[0], $from + $end];
                    } else {
                        $parts[] = [$from + $start, $from + $end];
                    }
                }
                $start = $end;
            }
        }

        return ['parts' => $parts, 'area' => $area];
    }

    /** The greatest ordinate of either sign, looked for at the ends and in the middle of each piece. */
    private function greatest(): float
    {
        $most = 0.0;
        foreach ($this->pieces as [$from, $to, $p]) {
            foreach ([0.0, 0.5, 1.0] as $part) {
                $most = max($most, abs(Polynomial::value($p, $part * ($to - $from))));
            }
        }

        return $most;
    }

    /** Area between two places. */
    public function area(float $a, float $b): float
    {
        $area = 0.0;
        foreach ($this->pieces as [$from, $to, $p]) {
            if (min($b, $to) > max($a, $from)) {
                $area += self::integral($p, max($a, $from) - $from, min($b, $to) - $from);
            }
        }

        return $area;
    }

    /**
     * The worst place of a train of forces, which may stand with a part of it beyond the ends, for a sign.
     *
     * @param  non-empty-list<array{float, float}>  $axles  distance behind the first one (mm, ascending from 0), force
     *     (N)
     * @return array{value: float, x: float} effect (Nmm or N; 0 where none has the sign), place of the first axle (mm)
     */
    public function train(array $axles, int $sign): array
    {
        $ends = [];
        foreach ($this->pieces as [$from, $to]) {
            foreach ($axles as [$behind]) {
                $ends[] = $from + $behind;
                $ends[] = $to + $behind;
            }
        }
        sort($ends);
        if ($ends === []) {
            return ['value' => 0.0, 'x' => 0.0];
        }
        $best = ['value' => 0.0, 'x' => $ends[0]];
        for ($i = 1, $n = count($ends); $i < $n; $i++) {
            [$a, $b] = [$ends[$i - 1], $ends[$i]];
            if ($b - $a < 1e-6) {
                continue;
            }
            $sum = [0.0, 0.0, 0.0, 0.0];
            foreach ($axles as [$behind, $force]) {
                $piece = $this->pieceAt(0.5 * ($a + $b) - $behind);
                if ($piece !== null) {
                    $sum = Polynomial::sum($sum, Polynomial::shift($piece[2], $a - $behind - $piece[0]), $force);
                }
            }
            foreach ([0.0, ...Polynomial::roots(Polynomial::derivative($sum), 0.0, $b - $a), $b - $a] as $t) {
                $value = Polynomial::value($sum, $t);
                // A hair more elsewhere is rounding: the first place stays.
                if ($sign * $value > $sign * $best['value'] + 1e-9 * abs($best['value'])) {
                    $best = ['value' => $value, 'x' => $a + $t];
                }
            }
        }

        return $best;
    }

    /** @return Piece|null */
    private function pieceAt(float $x): ?array
    {
        foreach ($this->pieces as $piece) {
            if ($x >= $piece[0] && $x <= $piece[1]) {
                return $piece;
            }
        }

        return null;
    }

    /** @param  list<float>  $p */
    private static function integral(array $p, float $a, float $b): float
    {
        $P = [0.0, $p[0], $p[1] / 2, $p[2] / 3, $p[3] / 4];

        return Polynomial::value($P, $b) - Polynomial::value($P, $a);
    }
}
