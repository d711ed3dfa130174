<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * The lowest natural frequency of a beam in its plane, by exact dynamic stiffness of pieces with uniform mass (V.
 * Koloušek, 1941): below it every movement meets resistance, above it one does not. A mass that varies along a segment
 * is taken in steps. Bending only, no damping.
 *
 * Lengths in mm, masses as weights: N/mm along the beam, N at places.
 */
final class NaturalFrequency
{
    /** mm/s² */
    private const GRAVITY = 9806.65;

    /** A piece of this β l is far from vibrating between held ends (4.73). */
    private const LONGEST = 2.0;

    /** Below this β l the stiffness at rest less the mass times ω² is exact, and the functions would cancel. */
    private const SHORTEST = 0.1;

    /** Steps of a mass that varies. */
    private const STEPS = 12;

    /** Hz; what is higher is not felt. */
    private const MOST = 1e4;

    private const ACCURACY = 1e-5;

    /** @var list<array{float, float, float, float}> from, length, EI, mass per length (N s²/mm²) */
    private array $segments = [];

    /** @var array<int|string, float> mass by place, N s²/mm */
    private array $masses = [];

    /** @param  LoadSet  $weights  line loads and forces down; what acts upward has no mass */
    public function __construct(private readonly Beam $beam, LoadSet $weights)
    {
        $places = [0.0, ...$beam->supports, ...$beam->hinges, $beam->length];
        foreach ($beam->steps as $step) {
            array_push($places, $step->from, $step->to);
        }
        foreach ($weights->lines as [$a, $b, $qa, $qb]) {
            for ($i = 0, $n = abs($qa - $qb) > 1e-9 * max(abs($qa), abs($qb)) ? self::STEPS : 1; $i <= $n; $i++) {
                $places[] = $a + (($b - $a) * $i) / $n;
            }
        }
        foreach ($weights->forces as [$x, $force]) {
            $places[] = $x;
            $this->masses[(string) $x] = ($this->masses[(string) $x] ?? 0.0) + max(0.0, $force) / self::GRAVITY;
        }
        sort($places);
        $from = 0.0;
        foreach ($places as $to) {
            if ($to - $from < 1e-6) {
                continue;
            }
            $middle = 0.5 * ($from + $to);
            $q = 0.0;
            foreach ($weights->lines as [$a, $b, $qa, $qb]) {
                $q += $middle > $a && $middle < $b ? $qa + (($qb - $qa) * ($middle - $a)) / ($b - $a) : 0.0;
            }
            $this->segments[] = [
                $from,
                $to - $from,
                $beam->stiffnessBetween($from, $to),
                max(0.0, $q) / self::GRAVITY,
            ];
            $from = $to;
        }
    }

    /** Hz; INF where nothing has mass. */
    public function hertz(): float
    {
        $low = 0.0;
        $high = 1.0;
        while ($this->isAbove($high)) {
            $low = $high;
            $high *= 2.0;
            if ($high > self::MOST) {
                return INF;
            }
        }
        while ($high - $low > self::ACCURACY * $high) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = $this->isAbove($middle) ? [$middle, $high] : [$low, $middle];
        }

        return 0.5 * ($low + $high);
    }

    /** Is the lowest natural frequency above this one? */
    private function isAbove(float $hertz): bool
    {
        $omega2 = (2 * M_PI * $hertz) ** 2;
        $x = $stiffness = [];
        foreach ($this->segments as [$from, $length, $EI, $mass]) {
            $parts = max(1, (int) ceil(((($mass * $omega2) / $EI) ** 0.25 * $length) / self::LONGEST));
            for ($i = 0; $i < $parts; $i++) {
                $x[] = $from + ($length * $i) / $parts;
                $stiffness[] = self::stiffness(
                    $length / $parts,
                    $EI / $this->beam->EI,
                    ($mass * $omega2) / $this->beam->EI,
                );
            }
        }
        [$matrix, , $deflections] = BeamChain::assembled($this->beam, $x, $stiffness);
        foreach ([...$x, $this->beam->length] as $i => $place) {
            $mass = $this->masses[(string) $place] ?? 0.0;
            if ($mass > 0.0 && $deflections[$i] >= 0) {
                $matrix->add($deflections[$i], $deflections[$i], (-$mass * $omega2) / $this->beam->EI);
            }
        }

        return $matrix->factorise() === null;
    }

    /**
     * @param  float  $EI  over that of the beam
     * @param  float  $inertia  mass per length times ω², over EI of the beam
     * @return list<list<float>> for deflection and slope at both ends
     */
    private static function stiffness(float $l, float $EI, float $inertia): array
    {
        $beta = ($inertia / $EI) ** 0.25;
        $b = $beta * $l;
        if ($b < self::SHORTEST) {
            // At rest, less the consistent mass.
            $k = $EI / $l ** 3;
            $m = ($inertia * $l) / 420;
            [$w, $s, $far, $cross, $turn, $other] = [
                12 * $k - 156 * $m,
                6 * $k * $l - 22 * $m * $l,
                -12 * $k - 54 * $m,
                6 * $k * $l + 13 * $m * $l,
                4 * $k * $l ** 2 - 4 * $m * $l ** 2,
                2 * $k * $l ** 2 + 3 * $m * $l ** 2,
            ];
        } else {
            [$sin, $cos, $sinh, $cosh] = [sin($b), cos($b), sinh($b), cosh($b)];
            $D = 1 - $cos * $cosh;
            $w = ($EI * $beta ** 3 * ($cos * $sinh + $sin * $cosh)) / $D;
            $s = ($EI * $beta ** 2 * $sin * $sinh) / $D;
            $far = (-$EI * $beta ** 3 * ($sin + $sinh)) / $D;
            $cross = ($EI * $beta ** 2 * ($cosh - $cos)) / $D;
            $turn = ($EI * $beta * ($sin * $cosh - $cos * $sinh)) / $D;
            $other = ($EI * $beta * ($sinh - $sin)) / $D;
        }

        return [
            [$w, $s, $far, $cross],
            [$s, $turn, -$cross, $other],
            [$far, -$cross, $w, -$s],
            [$cross, $other, -$s, $turn],
        ];
    }
}
