<?php

declare(strict_types=1);

namespace Waage\Analysis;

/** A beam at the moment of collapse; mm, Nmm, sagging positive, deflection down positive. */
final readonly class CollapseState
{
    /**
     * @param  float  $factor  of the loads
     * @param  list<PlasticHinge>  $hinges  in the order in which they formed
     * @param  list<float>  $rotations  of the hinges in the mechanism: jumps of the slope, sagging ones negative; 0 of
     *     those that take no part
     * @param  list<float>  $breaks
     * @param  list<list<float>>  $moments  on each segment between breaks
     * @param  list<float>  $shapeBreaks
     * @param  list<list<float>>  $shape  deflection of the mechanism on each segment between shapeBreaks
     * @param  float  $turnOfStart  by how much the left end turns before any hinge there
     */
    public function __construct(
        public float $factor,
        public array $hinges,
        public array $rotations,
        public array $breaks,
        public array $moments,
        public array $shapeBreaks,
        public array $shape,
        private float $turnOfStart,
    ) {
    }

    /** Deflection of the mechanism at x. */
    public function deflection(float $x): float
    {
        return Polynomial::value(...$this->on($x));
    }

    /** By how much the mechanism turns at x, between the hinges that may be on either side of that place. */
    private function turn(float $x): float
    {
        $length = $this->breaks[count($this->breaks) - 1];
        $near = 1e-7 * $length;
        $turn = 0.0;
        foreach ($this->hinges as $i => $hinge) {
            if (abs($hinge->x - $x) < $near && $hinge->x - $this->breaks[$hinge->segment] > $near) {
                $turn += $this->rotations[$i];
            }
        }
        if ($x > $near) {
            [$p, $t] = $this->on($x - $near);

            return $turn + Polynomial::value(Polynomial::derivative($p), $t);
        }

        return $turn + $this->turnOfStart;
    }

    /**
     * Both bounds of plastic theory: nowhere more than the plastic moment, and loads and moments do the same work on
     * the mechanism.
     */
    public function isProved(LoadSet $loads, float $Mp): bool
    {
        foreach ($this->moments as $k => $p) {
            $end = $this->breaks[$k + 1] - $this->breaks[$k];
            foreach ([0.0, ...Polynomial::roots(Polynomial::derivative($p), 0.0, $end), $end] as $t) {
                if (abs(Polynomial::value($p, $t)) > (1 + 1e-6) * $Mp) {
                    return false;
                }
            }
        }

        return abs(($this->factor * $this->externalWork($loads)) / $this->internalWork() - 1.0) < 1e-6;
    }

    /** Work of the plastic moments on the rotations of the mechanism. */
    public function internalWork(): float
    {
        return array_sum(
            array_map(
                fn (PlasticHinge $h, float $rotation): float => $h->capacity * abs($rotation),
                $this->hinges,
                $this->rotations,
            ),
        );
    }

    /** Work of loads on the movement of the mechanism. */
    public function externalWork(LoadSet $loads): float
    {
        $work = 0.0;
        foreach ($loads->forces as [$x, $force]) {
            $work += $force * $this->deflection($x);
        }
        foreach ($loads->moments as [$x, $moment]) {
            $work += $moment * $this->turn($x);
        }
        foreach ($loads->lines as [$a, $b, $qa, $qb]) {
            $work += $this->workOfLine($a, $b, $qa, ($qb - $qa) / ($b - $a));
        }

        return $work;
    }

    /**
     * ∫ (qa + slope (x − a)) w dx by Simpson's rule between the breaks, where load and movement are straight: exact.
     */
    private function workOfLine(float $a, float $b, float $qa, float $slope): float
    {
        $work = 0.0;
        foreach ($this->shape as $k => $p) {
            $from = max($a, $this->shapeBreaks[$k]);
            $to = min($b, $this->shapeBreaks[$k + 1]);
            if ($to > $from) {
                $f = fn (float $x): float => ($qa + $slope * ($x - $a)) *
                    Polynomial::value($p, $x - $this->shapeBreaks[$k]);
                $work += (($to - $from) / 6) * ($f($from) + 4 * $f(($from + $to) / 2) + $f($to));
            }
        }

        return $work;
    }

    /** @return array{list<float>, float} */
    private function on(float $x): array
    {
        $k = 0;
        while ($k < count($this->shape) - 1 && $x >= $this->shapeBreaks[$k + 1]) {
            $k++;
        }

        return [$this->shape[$k], $x - $this->shapeBreaks[$k]];
    }
}
