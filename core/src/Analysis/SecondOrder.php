<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A beam under axial force that works on its deflection: EI w'''' + (N w')' = q, exact.
 *
 * The axial force is that of first order, any polynomial along a segment. The differential equation is solved by power
 * series on pieces so short that a few terms are exact; the beam is put together from them by the displacement method.
 * What is solved for is the growth w₂ of the first-order deflection w₁, whose load is −(N w₁')'; so it does not matter
 * where w₁ comes from. The shape stays that of small displacements; axial forces do not change.
 *
 * Shear deformation lowers the critical factor; forces and deflections grow by bending only.
 *
 * Signs as Beam, compression positive.
 */
final class SecondOrder
{
    /** Greatest N l² / EI of a piece; held at both ends it buckles at 4π². */
    private const SHORT = 3.0;

    /** A load that may grow by more counts as one that buckles nothing. */
    private const MOST = 1e4;

    /**
     * A member that bears less than this part of its load has buckled; what rounding leaves of it is not searched for.
     */
    private const LEAST = 1e-6;

    private const ACCURACY = 1e-6;

    /** Breaks that are closer than this to another one are left out, mm: a load that stands a hair beside a support. */
    private const HAIR = 0.5;

    /** @var list<float> */
    private array $breaks = [];

    /** @var list<list<float>> deflection of first order on each segment, times EI of the beam */
    private array $W = [];

    /** @var list<list<float>> axial force on each segment */
    private array $N = [];

    private ?float $criticalFactor = null;

    /**
     * @param  list<float>  $breaks
     * @param  list<list<float>>  $W  first-order deflection on each segment, times EI of the beam
     * @param  list<list<float>>  $N  axial force on each segment
     */
    public function __construct(private readonly Beam $beam, array $breaks, array $W, array $N)
    {
        $special = [0.0, $beam->length, ...$beam->supports, ...$beam->hinges];
        foreach ($beam->steps as $step) {
            array_push($special, $step->from, $step->to);
        }
        $hair = self::HAIR * min(1.0, $beam->length / 1000.0);
        $kept = [];
        $before = -INF;
        foreach ($breaks as $k => $x) {
            if (in_array($x, $special, true)) {
                // What lies a hair before it goes.
                while (
                    $kept !== [] &&
                    ! in_array($breaks[end($kept)], $special, true) &&
                    $x - $breaks[end($kept)] < $hair
                ) {
                    array_pop($kept);
                }
            } elseif (
                $x - $before < $hair ||
                self::goesOn($W, $N, $k, $breaks[$k] - $breaks[$k - 1], $beam->length)
            ) {
                continue;
            }
            $kept[] = $k;
            $before = $x;
        }
        for ($i = 1, $n = count($kept); $i < $n; $i++) {
            [$from, $to] = [$breaks[$kept[$i - 1]], $breaks[$kept[$i]]];
            // Of the segments in between the longest one stands for all: the others are a hair or the same.
            $k = $kept[$i - 1];
            for ($j = $k + 1; $j < $kept[$i]; $j++) {
                $k = $breaks[$j + 1] - $breaks[$j] > $breaks[$k + 1] - $breaks[$k] ? $j : $k;
            }
            $this->breaks[] = $from;
            $this->W[] = Polynomial::shift($W[$k], $from - $breaks[$k]);
            $this->N[] = Polynomial::shift($N[$k], $from - $breaks[$k]);
        }
        $this->breaks[] = $beam->length;
    }

    /**
     * Is segment k the same polynomials as the one before?
     *
     * @param  list<list<float>>  $W
     * @param  list<list<float>>  $N
     */
    private static function goesOn(array $W, array $N, int $k, float $before, float $length): bool
    {
        foreach ([[$W[$k - 1], $W[$k]], [$N[$k - 1], $N[$k]]] as [$p, $q]) {
            $size = $difference = 0.0;
            foreach (Polynomial::shift($p, $before) as $i => $c) {
                $size += (abs($c) + abs($q[$i])) * $length ** $i;
                $difference += abs($c - $q[$i]) * $length ** $i;
            }
            if ($difference > 1e-9 * $size) {
                return false;
            }
        }

        return true;
    }

    /**
     * Of the load sets of a beam times their factors.
     *
     * @param  array<int, float>  $factors
     */
    public static function of(Beam $beam, Responses $responses, array $factors): self
    {
        $sum = fn (Effect $effect): array => array_map(
            fn (int $k): array => array_values($responses->combined($effect, $factors, $k)),
            range(0, $responses->segments() - 1),
        );

        return new self($beam, $responses->breaks, $sum(Effect::Deflection), $sum(Effect::Axial));
    }

    /**
     * Of another beam along the same axis, which the axial forces of a solved one press: how that buckles.
     *
     * @param  array<int, float>  $factors
     */
    public static function pressedLike(Beam $beam, Responses $responses, array $factors): self
    {
        $breaks = $responses->breaks;
        foreach ($beam->supports as $x) {
            if (array_filter($breaks, fn (float $b): bool => abs($b - $x) <= 1e-6) === []) {
                $breaks[] = $x;
            }
        }
        sort($breaks);
        $N = [];
        for ($i = 1, $n = count($breaks); $i < $n; $i++) {
            $k = $responses->segmentAt(($breaks[$i - 1] + $breaks[$i]) / 2);
            $N[] = Polynomial::shift(
                $responses->combined(Effect::Axial, $factors, $k),
                $breaks[$i - 1] - $responses->breaks[$k],
            );
        }

        return new self($beam, $breaks, array_fill(0, count($N), [0.0, 0.0, 0.0, 0.0, 0.0, 0.0]), $N);
    }

    /** Is there compression anywhere? */
    private function isCompressed(): bool
    {
        foreach ($this->N as $k => $N) {
            if (Polynomial::bounds($N, 0.0, $this->breaks[$k + 1] - $this->breaks[$k])[1] > 1e-9) {
                return true;
            }
        }

        return false;
    }

    /** The factor on all axial forces at which the beam buckles in its plane; INF where none does. */
    public function criticalFactor(float $near = 0.0): float
    {
        // With shear 1/N_cr = 1/N_E + 1/GA (F. Engesser, 1889), here with the greatest force and the least GA.
        if ($this->criticalFactor === null) {
            $inverse = 1 / $this->searched($near) + $this->shear();
            $this->criticalFactor = $inverse > 0.0 ? 1 / $inverse : INF;
        }

        return $this->criticalFactor;
    }

    /** Greatest compression over the least GA. */
    private function shear(): float
    {
        $GA = min([$this->beam->GA, ...array_map(fn (Step $s): float => $s->GA, $this->beam->steps)]);
        $N = 0.0;
        foreach ($GA < INF ? $this->N : [] as $k => $of) {
            $N = max($N, Polynomial::bounds($of, 0.0, $this->breaks[$k + 1] - $this->breaks[$k])[1]);
        }

        return $N / $GA;
    }

    /** Is the critical factor at least so great? */
    public function isCriticalFrom(float $factor): bool
    {
        $bending = 1 - $factor * $this->shear();

        return $bending > 0.0 && $this->isStable($factor / $bending);
    }

    private function searched(float $near): float
    {
        if (! $this->isCompressed()) {
            return INF;
        }
        // A good guess saves half of the steps.
        [$low, $high] = $near > 0.0 && $this->isStable(0.99 * $near) ? [0.99 * $near, 1.01 * $near] : [0.0, 1.0];
        while ($this->isStable($high)) {
            $low = $high;
            $high *= 4.0;
            if ($high > self::MOST) {
                return INF;
            }
        }

        return $this->between($low, $high);
    }

    /**
     * The least factor at which the beam buckles. Where one pivot alone has become negative the determinant runs
     * through zero once in between, and is followed there (C. J. F. Ridders, 1979); till then the interval is halved.
     */
    private function between(float $low, float $high): float
    {
        // Cut alike everywhere, so that the determinant is one function.
        $pieces = $this->pieces($high);
        $cut = $high;
        $scale = $this->stiffness($pieces, $low / $cut)->determinant()[1];
        $value = function (float $factor) use ($pieces, $cut, $scale): ?float {
            [$negative, $log] = $this->stiffness($pieces, $factor / $cut)->determinant();

            return $negative > 1 ? null : (1 - 2 * $negative) * exp($log - $scale);
        };
        [$atLow, $atHigh] = [1.0, $value($high)];
        // What rounding alone has called buckled has no sign to follow.
        $atHigh = $atHigh !== null && $atHigh < 0.0 ? $atHigh : null;
        $last = 0.0;
        while ($high - $low > self::ACCURACY * $high && $high > self::LEAST) {
            $at = 0.5 * ($low + $high);
            $of = $value($at);
            if ($atHigh !== null && $of !== null) {
                $next = $at + (($at - $low) * $of) / sqrt($of ** 2 - $atLow * $atHigh);
                if (abs($next - $last) <= 0.5 * self::ACCURACY * $next) {
                    return $next;
                }
                $last = $next;
                [$low, $atLow, $high, $atHigh] = $of > 0.0 ? [$at, $of, $high, $atHigh] : [$low, $atLow, $at, $of];
                [$at, $of] = [$next, $value($next)];
            }
            if ($of !== null && $of > 0.0) {
                [$low, $atLow] = [$at, $of];
            } else {
                [$high, $atHigh] = [$at, $of];
            }
        }

        return 0.5 * ($low + $high);
    }

    /** Does the beam bear the axial forces times a factor without buckling in its plane, but for shear? */
    private function isStable(float $factor): bool
    {
        return $this->stiffness($this->pieces($factor), 1.0)->factorise() === null;
    }

    /**
     * All pieces together over EI of the beam.
     *
     * @param  list<PressedPiece>  $pieces
     * @param  float  $part  of their axial forces
     */
    private function stiffness(array $pieces, float $part): BandMatrix
    {
        return $this->assembled($pieces, $part)[0];
    }

    /**
     * @param  list<PressedPiece>  $pieces
     * @return array{BandMatrix, list<list<int>>} the same, and the unknowns of each piece
     */
    private function assembled(array $pieces, float $part): array
    {
        [$matrix, $unknowns] = BeamChain::assembled(
            $this->beam,
            array_map(fn (PressedPiece $p): float => $p->x, $pieces),
            array_map(fn (PressedPiece $p): array => $p->stiffness($part, $this->beam->EI), $pieces),
        );

        return [$matrix, $unknowns];
    }

    /**
     * Growth of the moment and the deflection of second order on pieces from left to right; null when the beam has
     * buckled.
     *
     * @return list<array{float, float, list<float>, list<float>}>|null from, to, what the moment grows by, deflection
     *     (mm) in x − from
     */
    public function solve(): ?array
    {
        $pieces = $this->pieces(1.0);
        [$matrix, $unknowns] = $this->assembled($pieces, 1.0);
        if ($matrix->factorise() !== null) {
            return null;
        }
        $growing = array_map(fn (PressedPiece $p): GrowingPiece => new GrowingPiece($p), $pieces);
        $load = array_fill(0, $matrix->size, 0.0);
        foreach ($growing as $e => $piece) {
            foreach ($piece->held() as $i => $force) {
                if ($unknowns[$e][$i] >= 0) {
                    $load[$unknowns[$e][$i]] -= $force / $this->beam->EI;
                }
            }
        }
        $u = $matrix->solve(array_values($load));
        $solution = [];
        foreach ($pieces as $e => $piece) {
            $ends = array_map(fn (int $unknown): float => $unknown < 0 ? 0.0 : $u[$unknown], $unknowns[$e]);
            $w = $growing[$e]->deflection($ends);
            $curvature = Polynomial::derivative(Polynomial::derivative($w));
            $solution[] = [
                $piece->x,
                $piece->x + $piece->l,
                array_map(fn (float $c): float => -$piece->EI * $c, $curvature),
                Polynomial::sum($w, $piece->w),
            ];
        }

        return $solution;
    }

    /**
     * Segments cut into pieces that are short for the axial force times a factor.
     *
     * @return list<PressedPiece> N times the factor, deflection of first order in mm
     */
    private function pieces(float $factor): array
    {
        $pieces = [];
        for ($k = 0, $n = count($this->breaks) - 1; $k < $n; $k++) {
            $length = $this->breaks[$k + 1] - $this->breaks[$k];
            $EI = $this->beam->stiffnessBetween($this->breaks[$k], $this->breaks[$k + 1]);
            $N = array_map(fn (float $c): float => $factor * $c, $this->N[$k]);
            $greatest = max(array_map(abs(...), Polynomial::bounds($N, 0.0, $length)));
            $parts = max(1, (int) ceil(sqrt(($greatest * $length ** 2) / $EI / self::SHORT)));
            for ($i = 0; $i < $parts; $i++) {
                $t = ($length * $i) / $parts;
                $pieces[] = new PressedPiece(
                    $this->breaks[$k] + $t,
                    $length / $parts,
                    $EI,
                    Polynomial::shift($N, $t),
                    array_map(fn (float $c): float => $c / $this->beam->EI, Polynomial::shift($this->W[$k], $t)),
                );
            }
        }

        return $pieces;
    }
}
