<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * Moments that a kink in a beam sets up, Nmm per rad of a kink that hogs. Between two supports they are straight
 * lines, and
 * by reciprocity straight in the place of the kink as well, so that those of two kinks in each span give those of any.
 */
final readonly class KinkMoments
{
    /** @var list<array{float, float}> */
    private array $fields;

    /**
     * @var list<list<list<list<float>>>> moment at the thirds of field a for a kink at the thirds of field b:
     *     [a][b][i][j]
     */
    private array $kernel;

    public function __construct(Beam $beam)
    {
        $this->fields = $beam->fields();
        $sets = [];
        foreach ($this->fields as [$from, $to]) {
            foreach ([1, 2] as $third) {
                $sets[] = (new LoadSet)->dislocation($from + ($third * ($to - $from)) / 3, 0.0, 1.0);
            }
        }
        $of = $beam->solve($sets);
        $kernel = [];
        foreach ($this->fields as $a => [$from, $to]) {
            foreach (array_keys($this->fields) as $b) {
                foreach ([0, 1] as $i) {
                    $x = $from + (($i + 1) * ($to - $from)) / 3;
                    $k = $of->segmentAt($x);
                    foreach ([0, 1] as $j) {
                        $kernel[$a][$b][$i][$j] = Polynomial::value($of->M[2 * $b + $j][$k], $x - $of->breaks[$k]);
                    }
                }
            }
        }
        /** @var list<list<list<list<float>>>> $kernel */
        $this->kernel = $kernel;
    }

    /** Moment at x on field a for a kink at p on field b. */
    public function of(int $a, float $x, int $b, float $p): float
    {
        $along = fn (int $f, float $at): float => (3 * ($at - $this->fields[$f][0])) /
            ($this->fields[$f][1] - $this->fields[$f][0]) -
            1;
        [[$k11, $k12], [$k21, $k22]] = $this->kernel[$a][$b];
        $u = $along($a, $x);
        $v = $along($b, $p);

        return (1 - $u) * ((1 - $v) * $k11 + $v * $k12) + $u * ((1 - $v) * $k21 + $v * $k22);
    }

    /**
     * Kinks of hinges that make these moments there, by elimination; not a number where no kink does.
     *
     * @param  list<PlasticHinge>  $hinges
     * @param  list<float>  $moments
     * @return list<float>
     */
    public function kinksFor(array $hinges, array $moments): array
    {
        $n = count($hinges);
        $rows = [];
        foreach ($hinges as $i => $h) {
            foreach ($hinges as $j => $other) {
                $rows[$i][$j] = $this->of($h->field, $h->x, $other->field, $other->x);
            }
        }
        for ($i = 0; $i < $n; $i++) {
            for ($r = $i + 1; $r < $n; $r++) {
                $factor = $rows[$r][$i] / ($rows[$i][$i] ?: NAN);
                for ($c = $i; $c < $n; $c++) {
                    $rows[$r][$c] -= $factor * $rows[$i][$c];
                }
                $moments[$r] -= $factor * $moments[$i];
            }
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($c = $i + 1; $c < $n; $c++) {
                $moments[$i] -= $rows[$i][$c] * $moments[$c];
            }
            $moments[$i] /= $rows[$i][$i] ?: NAN;
        }

        return array_values($moments);
    }
}
