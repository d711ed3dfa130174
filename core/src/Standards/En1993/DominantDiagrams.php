<?php

declare(strict_types=1);

namespace Waage\Standards\En1993;

/**
 * The diagrams of a length that may govern for some section: what another one makes at least as bad in all that counts
 * (moment, equivalent uniform moment, load on the twist) is left out.
 */
final class DominantDiagrams implements DiagramSieve
{
    /** @var list<BucklingCase> */
    private array $kept = [];

    /** @var list<list<float>> what counts of each of them */
    private array $reached = [];

    /**
     * @param  int  $loadSign  1: load on the top flange, 0: at the shear centre, −1: on the bottom flange
     * @param  non-empty-list<float>  $weights  self-weights for which nothing that may govern is left out, N/mm
     */
    public function __construct(private readonly BucklingLength $piece, private readonly int $loadSign, private readonly array $weights)
    {
    }

    public function isOutdone(ArrangementSum $sum, array $moments): bool
    {
        return $this->isReached($this->measure($sum, $moments));
    }

    public function take(ArrangementSum $sum, BucklingCase $case): void
    {
        $exact = [];
        $bends = false;
        foreach ($this->weights as $weight) {
            [$M, , $absolute] = $case->diagram->moments($this->piece->sign, $weight);
            $M = $M > 1e-9 * $absolute ? $M : 0.0;
            $bends = $bends || $M > 0.0;
            $exact[] = [$M, $absolute];
        }
        $measure = $this->measure($sum, $exact);
        if ($bends && ! $this->isReached($measure)) {
            $this->kept[] = $case;
            $this->reached[] = $measure;
        }
    }

    public function kept(): array
    {
        return $this->kept;
    }

    /**
     * Moment, square of the equivalent uniform moment, load on the twist, and the shape where it counts; for each weight.
     *
     * @param  list<array{float, float}>  $moments  for each weight the greatest moment of the sign, and of both
     * @return list<float>
     */
    private function measure(ArrangementSum $sum, array $moments): array
    {
        $measure = [];
        // With the other flange held the shape counts as well, not only its norm.
        $piece = $this->piece;
        $shape = $piece->otherGap <= $piece->length() / 2 ? $piece->sign : 0;
        foreach ($this->weights as $i => $weight) {
            [$M, $absolute] = $moments[$i];
            [$a, $b, $c, $twist] = $sum->measures($weight);
            $measure[] = $M;
            $measure[] = $absolute ** 2 + 9 * $a ** 2 + 16 * $b ** 2 + 9 * $c ** 2;
            $measure[] = $this->loadSign * $twist;
            if ($shape !== 0) {
                $measure[] = $shape * $a;
                $measure[] = $shape * $b;
                $measure[] = $shape * $c;
            }
        }

        return $measure;
    }

    /** @param  list<float>  $measure */
    private function isReached(array $measure): bool
    {
        foreach ($this->reached as $other) {
            foreach ($measure as $i => $value) {
                if ($value > $other[$i] + 1e-9 * abs($other[$i])) {
                    continue 2;
                }
            }

            return true;
        }

        return false;
    }
}
