<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete\Bs8110;

use Waage\Materials\Concrete\BarGroup;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Detailing\BarRules;
use Waage\Materials\Concrete\Detailing\BarSizes;
use Waage\Materials\Concrete\Hangers;
use Waage\Materials\Concrete\Profile;
use Waage\Materials\Concrete\StressBlock;
use Waage\Materials\Concrete\Tee;
use Waage\Materials\Concrete\TorsionBars;

/** What BS 8110-1:1997 asks of bars and links. */
final readonly class Rules implements BarRules
{
    private StressBlock $block;

    /** Links that hang up loads: area by length. */
    private float $hung;

    public function __construct(private ConcreteMake $concrete, private Torsion $torsion, Hangers $hangers)
    {
        $this->hung = $hangers->area($concrete);
        $this->block = Strength::block($concrete);
    }

    public function steel(Tee $tee, float $M, float $d, float $d2): array
    {
        return $this->block->steel($tee, $M, $d, $d2);
    }

    public function resistance(Tee $tee, float $As, float $d): float
    {
        return $this->block->resistance($tee, $As, $d);
    }

    /** More of them only lie idle: the axis is not reckoned deeper. */
    public function most(Tee $tee, float $d): float
    {
        return INF;
    }

    public function least(Tee $tee, float $d, float $asked): float
    {
        return self::leastPart($this->concrete, $tee) * $this->concrete->b * $this->concrete->h;
    }

    /** Table 3.25, of b_w h; between its two strengths on the straight line of f_y = 250 and 460 MPa. */
    public static function leastPart(ConcreteMake $concrete, Tee $tee): float
    {
        $profile = $concrete->widths->flange->profile ?? Profile::Rectangle;
        [$mild, $high] = match (true) {
            $tee->ht > 0.0 && $profile === Profile::Ell => [0.0036, 0.0020],
            $tee->ht > 0.0 => [0.0048, 0.0026],
            $tee->isFlanged() && $tee->bw / $tee->b < 0.4 => [0.0032, 0.0018],
            default => [0.0024, 0.0013],
        };

        return $concrete->fyk >= 460.0 ? $high : $mild + (($high - $mild) * ($concrete->fyk - 250.0)) / 210.0;
    }

    /** 3.12.11.2 */
    public function isClose(BarGroup $group): bool
    {
        return $group->clear <= BarSpacing::widest($this->concrete, $group);
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

    /** 3.12.9.1: an anchorage length beyond where fewer suffice, at least d and 12 ø. */
    public function reach(float $suffices, float $d, Bars $bars): float
    {
        return $suffices + max(Anchorage::length($this->concrete, $bars->diameter), $this->shift($d, $bars->diameter));
    }

    public function mayEndInTension(): bool
    {
        return true;
    }

    public function counts(float $reach, float $d, Bars $bars): float
    {
        return $reach - max(Anchorage::length($this->concrete, $bars->diameter), $this->shift($d, $bars->diameter));
    }

    /** With the least bars that v_c may go with, 0.15 %: never less than Table 3.7 asks for. */
    public function links(float $V, float $d, float $T): float
    {
        $b = $this->concrete->b;
        $yield = $this->concrete->links->yield / $this->concrete->parameter('gammaMs');
        $own = ($b * max(0.4, $V / ($b * $d) - $this->concreteStress($d))) / $yield;

        return max($own, $this->forForces($V, $d, $T) + $this->hung);
    }

    public function forForces(float $V, float $d, float $T): float
    {
        $torsion = $T < TorsionBars::NOTHING ? 0.0 : Torsion::links($this->concrete, $T);

        return $this->forShear($V, $d) + ($this->concrete->links->legs / 2) * $torsion;
    }

    /** v_c with the fewest bars there are, MPa. */
    private function concreteStress(float $d): float
    {
        $low = min(0.15, 100 * $this->leastSteel($d));
        $strength = (min($this->concrete->grade->cube, 40.0) / 25) ** (1 / 3);

        return ((0.79 * $low ** (1 / 3) * max((400 / $d) ** 0.25, 1.0)) / 1.25) * $strength;
    }

    /** Without the least: all legs by length. */
    public function forShear(float $V, float $d): float
    {
        $b = $this->concrete->b;
        $yield = $this->concrete->links->yield / $this->concrete->parameter('gammaMs');

        return ($b * max(0.0, $V / ($b * $d) - $this->concreteStress($d))) / $yield;
    }

    /** Of the fewest bars at either face, as a part of b d. */
    private function leastSteel(float $d): float
    {
        $areas = $this->concrete->steel === null
            ? [self::leastPart($this->concrete, $this->concrete->tee(1, 0.0)) * $this->concrete->b * $this->concrete->h]
            : array_map(fn (BarGroup $g): float => $g->bars->area(), $this->concrete->steel->groups());

        return min($areas) / ($this->concrete->b * $d);
    }

    public function linkSpacing(float $V, float $d, float $T): float
    {
        $most = $T < TorsionBars::NOTHING ? 0.75 * $d : min(0.75 * $d, Torsion::widest($this->concrete, $T));

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

    /** 3.12.8.13: 1.4 times, 2.0 times in the corners at the top */
    public function lap(Bars $bars, bool $isTop): float
    {
        $length = Anchorage::length($this->concrete, $bars->diameter);

        return max(($isTop ? 2.0 : 1.4) * $length, 15 * $bars->diameter, 300.0);
    }

    public function sizes(): BarSizes
    {
        return BarSizes::metric();
    }
}
