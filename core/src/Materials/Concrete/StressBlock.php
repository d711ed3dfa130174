<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

/**
 * Bending by a rectangular block of stress, in plain numbers. Each standard has its own strengths, depths and limits:
 * `strength` of the block and `yield` of bars (MPa), `lambda` of the depth of the axis, `deepest` axis as a part of
 * d, failure strain (‰), `arm` at most as a part of d, `displaced`: compressed concrete that bars take the place of
 * is deducted. N, mm, MPa.
 */
final readonly class StressBlock
{
    private const ES = 200000.0;

    public function __construct(
        public float $strength,
        public float $lambda,
        public float $deepest,
        public float $epsilon,
        public float $yield,
        public bool $displaced = true,
        public float $arm = 1.0,
    ) {
    }

    /** The greatest moment without steel in compression. */
    public function most(Tee $tee, float $d): float
    {
        return $this->moment($tee, $this->lambda * $this->deepest * $d, $d);
    }

    /** Of the concrete with the axis as deep as it may be. */
    public function force(Tee $tee, float $d): float
    {
        return $this->strength * $tee->area($this->lambda * $this->deepest * $d);
    }

    /** Of concrete that is compressed down to a depth, about the bars in tension. */
    private function moment(Tee $tee, float $depth, float $d): float
    {
        return $this->strength * ($tee->area($depth) * $d - $tee->moment($depth));
    }

    /**
     * @param  float  $d2  from the face in compression to the bars there
     * @return array{float, float} in tension and in compression, mm²
     */
    public function steel(Tee $tee, float $M, float $d, float $d2): array
    {
        if ($M <= 0.0) {
            return [0.0, 0.0];
        }
        $most = $this->most($tee, $d);
        if ($M <= $most) {
            $As = ($this->strength * $tee->area($this->depth($tee, $M, $d))) / $this->yield;

            return [max($As, $M / ($this->arm * $d * $this->yield)), 0.0];
        }
        $x = $this->deepest * $d;
        $F2 = ($M - $most) / ($d - $d2);
        $stress = $this->compressed($d2, $x);

        return [($this->force($tee, $d) + $F2) / $this->yield, $stress <= 0.0 ? INF : $F2 / $stress];
    }

    /** Stress of bars in compression that adds to that of the concrete. */
    public function compressed(float $d2, float $x): float
    {
        $stress = min($this->yield, ((self::ES * $this->epsilon) / 1000) * (1 - $d2 / $x));

        return $stress - ($this->displaced ? $this->strength : 0.0);
    }

    /** How deep the block is for a moment. */
    private function depth(Tee $tee, float $M, float $d): float
    {
        $of = fn (float $M, float $b): float => $d *
            (1 - sqrt(max(0.0, 1 - (2 * $M) / ($b * $d ** 2 * $this->strength))));
        if (! $tee->isFlanged() || $M <= $this->moment($tee, $tee->hf, $d)) {
            return $of($M, $tee->b);
        }
        $flange = ($tee->b - $tee->bw) * $tee->hf * $this->strength * ($d - $tee->hf / 2);

        return $of($M - $flange, $tee->bw);
    }

    /** Of so much steel in tension (mm²), without any in compression. */
    public function resistance(Tee $tee, float $As, float $d): float
    {
        $depth = $tee->depthOf(($As * $this->yield) / $this->strength);
        $moment = $this->moment($tee, min($depth, $this->lambda * $this->deepest * $d), $d);

        return min($moment, $As * $this->yield * $this->arm * $d);
    }
}
