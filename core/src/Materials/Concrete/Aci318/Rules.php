<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Aci318;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Materials\Concrete\Detailing\BarSizes;
use Waage\Materials\Concrete\Hangers;
use Waage\Materials\Concrete\StressBlock;
use Waage\Materials\Concrete\Tee;
use Waage\Materials\Concrete\TorsionBars;

/** What ACI 318-19 asks of bars and stirrups. */
final readonly class Rules implements BarRules
{
    private StressBlock $block;

    /** Links that hang up loads: area by length. */
    private float $hung;

    private float $root;

    public function __construct(private ConcreteMake $concrete, private Torsion $torsion, Hangers $hangers)
    {
        $this->hung = $hangers->area($concrete);
        $this->block = Strength::block($concrete);
        $this->root = Strength::root($concrete);
    }

    public function steel(Tee $tee, float $M, float $d, float $d2): array
    {
        return $this->block->steel($tee, $M / Strength::PHI_BENDING, $d, $d2);
    }

    public function resistance(Tee $tee, float $As, float $d): float
    {
        return Strength::PHI_BENDING * $this->block->resistance($tee, $As, $d);
    }

    /** 9.3.3.1 and 7.3.3.1 */
    public function most(Tee $tee, float $d): float
    {
        return $this->block->force($tee, $d) / $this->concrete->fyk;
    }

    /** 9.6.1 and 7.6.1.1 */
    public function least(Tee $tee, float $d, float $asked): float
    {
        if ($this->concrete->isSlab()) {
            return 0.0018 * $tee->bw * $this->concrete->h;
        }
        $width = $tee->ht > 0.0 ? min($tee->bt, 2 * $tee->bw) : $tee->bw;
        $root = Strength::root($this->concrete, false);
        $floor = Strength::isMetric($this->concrete) ? 1.4 : 200 * 0.00689475729;
        $stress = max(Strength::of($this->concrete, 3, 0.25) * $root, $floor);

        return min(($stress * $width * $d) / $this->concrete->fyk, (4 / 3) * $asked);
    }

    /** 24.3.2 */
    public function isClose(BarGroup $group): bool
    {
        return BarSpacing::centres($this->concrete, $group) <= BarSpacing::widest($this->concrete);
    }

    /** Spacing alone keeps cracks narrow. */
    public function isNarrow(BarGroup $group, int $sign, float $from, float $to): bool
    {
        return true;
    }

    public function shift(float $d, float $diameter): float
    {
        return max($d, 12 * $diameter);
    }

    /** 9.7.3.3 and 9.7.3.4: beyond where fewer suffice, and at least the development length. */
    public function reach(float $suffices, float $d, Bars $bars): float
    {
        return max($suffices + $this->shift($d, $bars->diameter), Development::of($this->concrete, $bars, true));
    }

    /** 9.7.3.5 */
    public function mayEndInTension(): bool
    {
        return false;
    }

    public function counts(float $reach, float $d, Bars $bars): float
    {
        return $reach - $this->shift($d, $bars->diameter);
    }

    /** With V_c of Table 22.5.5.1(a), which is never more than the larger of (a) and (b). */
    public function links(float $V, float $d, float $T): float
    {
        $floor = Strength::isMetric($this->concrete) ? 0.35 : 50 * 0.00689475729;
        $least = max(Strength::of($this->concrete, 0.75, 0.062) * $this->root, $floor) * $this->concrete->b;

        return max($least / $this->concrete->links->yield, $this->forForces($V, $d, $T) + $this->hung);
    }

    public function forForces(float $V, float $d, float $T): float
    {
        $Vc = Strength::of($this->concrete, 2, 0.17) * $this->root * $this->concrete->b * $d;
        $own = max(0.0, $V / Strength::PHI_SHEAR - $Vc) / ($d * $this->concrete->links->yield);
        $legs = $this->concrete->links->legs;

        return $T < TorsionBars::NOTHING ? $own : max($own, $legs * Torsion::leg($this->concrete, $V, $d, $T));
    }

    public function linkSpacing(float $V, float $d, float $T): float
    {
        $b = $this->concrete->b;
        $Vc = Strength::of($this->concrete, 2, 0.17) * $this->root * $b * $d;
        $isClose = $V / Strength::PHI_SHEAR - $Vc > Strength::of($this->concrete, 4, 0.33) * $this->root * $b * $d;
        $inch = Strength::isMetric($this->concrete) ? 25.0 : 25.4;
        $most = $isClose ? min($d / 4, 12 * $inch) : min($d / 2, 24 * $inch);

        $most = $T < TorsionBars::NOTHING ? $most : min($most, Torsion::widest($this->concrete, $T));

        return min($most, $this->concrete->links->area() / $this->links($V, $d, $T));
    }

    public function along(ConcreteMake $concrete): float
    {
        return $this->torsion->area($concrete);
    }

    /** none asked for */
    public function fixity(): float
    {
        return 0.0;
    }

    /** Class B, 25.5.2.1 */
    public function lap(Bars $bars, bool $isTop): float
    {
        return max(1.3 * Development::of($this->concrete, $bars, $isTop), 304.8);
    }

    public function sizes(): BarSizes
    {
        return $this->concrete->hasAmericanBars() ? BarSizes::american() : BarSizes::metric();
    }
}
