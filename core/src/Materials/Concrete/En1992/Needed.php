<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Tee;

/**
 * Bars that a section needs, and what it resists, in plain numbers: for choosing bars and for diagrams. What is printed
 * is worked out by Bending and Shear. Rectangular block of 3.1.7(3), axis at most as deep as 5.5(4) allows. N, mm, MPa.
 */
final readonly class Needed
{
    private float $fcd;

    private float $fyd;

    private Block $block;

    public function __construct(private ConcreteMake $concrete)
    {
        $this->block = Block::of($concrete->grade);
        $this->fcd = Strength::fcd($concrete) * $this->block->eta;
        $this->fyd = Strength::fyd($concrete);
    }

    /** The greatest moment without steel in compression. */
    public function most(Tee $tee, float $d): float
    {
        return $this->moment($tee, $this->block->lambda * $this->block->deepest * $d, $d);
    }

    /** Of concrete that is compressed down to a depth, about the bars in tension. */
    private function moment(Tee $tee, float $depth, float $d): float
    {
        return $this->fcd * ($tee->area($depth) * $d - $tee->moment($depth));
    }

    /**
     * @param  float  $d2  from the face in compression to the bars there
     * @return array{float, float} in tension and in compression, mm²
     */
    public function steel(Tee $tee, float $M, float $d, float $d2): array
    {
        $most = $this->most($tee, $d);
        if ($M <= 0.0) {
            return [0.0, 0.0];
        }
        if ($M <= $most) {
            return [($this->fcd * $tee->area($this->depth($tee, $M, $d))) / $this->fyd, 0.0];
        }
        $x = $this->block->deepest * $d;
        $F2 = ($M - $most) / ($d - $d2);
        $stress = min($this->fyd, 200 * $this->block->epsilon * (1 - $d2 / $x)) - $this->fcd;
        $F = $tee->area($this->block->lambda * $x) * $this->fcd;

        return [($F + $F2) / $this->fyd, $stress <= 0.0 ? INF : $F2 / $stress];
    }

    /** How deep the block is for a moment. */
    private function depth(Tee $tee, float $M, float $d): float
    {
        $of = fn (float $M, float $b): float => $d * (1 - sqrt(max(0.0, 1 - (2 * $M) / ($b * $d ** 2 * $this->fcd))));
        if (! $tee->isFlanged() || $M <= $this->moment($tee, $tee->hf, $d)) {
            return $of($M, $tee->b);
        }
        $flange = ($tee->b - $tee->bw) * $tee->hf * $this->fcd * ($d - $tee->hf / 2);

        return $of($M - $flange, $tee->bw);
    }

    /** Of so much steel in tension (mm²), without any in compression. */
    public function resistance(Tee $tee, float $As, float $d): float
    {
        $depth = $tee->depthOf(($As * $this->fyd) / $this->fcd);

        return $this->moment($tee, min($depth, $this->block->lambda * $this->block->deepest * $d), $d);
    }

    /** So that it does not break when it cracks (9.2.1.1(1)), mm². */
    public function least(Tee $tee, float $d): float
    {
        $width = $tee->isFlanged() ? $tee->bw : $tee->tensionWidth();

        return max((0.26 * $this->concrete->grade->fctm()) / $this->concrete->fyk, 0.0013) * $width * $d;
    }

    /** cot θ: as flat as the struts bear, from 1 to 2.5 (6.2.3(2), (3)). */
    public function angle(float $V, float $d): float
    {
        $nu = 0.6 * (1 - $this->concrete->grade->fck / 250);
        $k = $V <= 0.0 ? INF : ($this->concrete->b * 0.9 * $d * $nu * Strength::fcd($this->concrete)) / $V;

        return match (true) {
            $k >= 2.9 => 2.5,
            $k > 2.0 => ($k + sqrt($k ** 2 - 4)) / 2,
            default => 1.0,
        };
    }

    /** Links for shear and the least there may be: area by length, mm²/mm. */
    public function links(float $V, float $d): float
    {
        $fywk = $this->concrete->links->yield;
        $least = ((0.08 * sqrt($this->concrete->grade->fck)) / $fywk) * $this->concrete->b;
        $fywd = $fywk / $this->concrete->parameter('gammaS');

        return max($least, $V / (0.9 * $d * $fywd * $this->angle($V, $d)));
    }
}
