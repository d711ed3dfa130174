<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\En1992;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Materials\Concrete\Detailing\BarSizes;
use Waage\Materials\Concrete\Hangers;
use Waage\Materials\Concrete\StressBlock;
use Waage\Materials\Concrete\Tee;
use Waage\Materials\Concrete\TorsionBars;

/** What EN 1992-1-1 asks of bars and links. */
final readonly class Rules implements BarRules
{
    private StressBlock $block;

    /** Links that hang up loads: area by length. */
    private float $hung;

    public function __construct(
        private ConcreteMake $concrete,
        private Cracks $cracks,
        private Torsion $torsion,
        Hangers $hangers,
    ) {
        $this->block = Block::of($concrete)->numbers($concrete);
        $this->hung = $hangers->area($concrete);
    }

    public function steel(Tee $tee, float $M, float $d, float $d2): array
    {
        return $this->block->steel($tee, $M, $d, $d2);
    }

    public function resistance(Tee $tee, float $As, float $d): float
    {
        return $this->block->resistance($tee, $As, $d);
    }

    /** More of them only lie idle: the axis is not reckoned deeper (5.5(4)). */
    public function most(Tee $tee, float $d): float
    {
        return INF;
    }

    /** So that it does not break when it cracks (9.2.1.1(1)). */
    public function least(Tee $tee, float $d, float $asked): float
    {
        $width = $tee->isFlanged() ? $tee->bw : $tee->tensionWidth();

        return max((0.26 * $this->concrete->grade->fctm()) / $this->concrete->fyk, 0.0013) * $width * $d;
    }

    /** Cracks are calculated, and slabs have spacings of their own. */
    public function isClose(BarGroup $group): bool
    {
        return true;
    }

    public function isNarrow(BarGroup $group, int $sign, float $from, float $to): bool
    {
        $e = $this->cracks->moment($this->concrete, $sign, $from, $to);

        return $e === null || $this->cracks->holds($this->concrete, $group, $e);
    }

    public function shift(float $d, float $diameter): float
    {
        return Anchorage::shift($d);
    }

    public function reach(float $suffices, float $d, Bars $bars): float
    {
        return $suffices + Anchorage::shift($d) + Anchorage::length($this->concrete, $bars->diameter);
    }

    public function mayEndInTension(): bool
    {
        return true;
    }

    public function counts(float $reach, float $d, Bars $bars): float
    {
        return $reach - Anchorage::length($this->concrete, $bars->diameter);
    }

    public function links(float $V, float $d, float $T): float
    {
        $least = ((0.08 * sqrt($this->concrete->grade->fck)) / $this->concrete->links->yield) * $this->concrete->b;

        return max($least, $this->forForces($V, $d, $T) + $this->hung);
    }

    /** Without the least, and without what hangs. */
    public function forForces(float $V, float $d, float $T): float
    {
        $fywd = $this->concrete->links->yield / $this->concrete->parameter('gammaS');

        return $T < TorsionBars::NOTHING
            ? $V / (0.9 * $d * $fywd * Shear::flattest($this->concrete, $V, $d))
            : $this->concrete->links->legs * Torsion::leg($this->concrete, $V, $d, $T);
    }

    public function linkSpacing(float $V, float $d, float $T): float
    {
        $most = $T < TorsionBars::NOTHING ? 0.75 * $d : min(0.75 * $d, Torsion::widest($this->concrete));

        return min($most, $this->concrete->links->area() / $this->links($V, $d, $T));
    }

    public function along(ConcreteMake $concrete): float
    {
        return $this->torsion->along($concrete);
    }

    /** 9.2.1.2(1) */
    public function fixity(): float
    {
        return 0.15;
    }

    /** 8.7.3 with α_6 = 1.5 */
    public function lap(Bars $bars, bool $isTop): float
    {
        return max(1.5 * Anchorage::length($this->concrete, $bars->diameter), 15 * $bars->diameter, 200.0);
    }

    public function sizes(): BarSizes
    {
        return BarSizes::metric();
    }
}
