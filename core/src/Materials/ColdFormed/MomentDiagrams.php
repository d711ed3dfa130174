<?php

declare(strict_types=1);

namespace Waage\Materials\ColdFormed;

use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\HeldDiagrams;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\MemberEnvelopes;

/**
 * The moment diagrams of lengths between restraints: every combination with every arrangement that may be worst is
 * tried, as the greatest moment need not come with the least favourable diagram. And the member's own eigenvalue.
 */
final class MomentDiagrams
{
    /** Factors above this are not looked for. */
    private const MOST = 1e4;

    /** @var array<string, HeldDiagrams> by the ends of a length */
    private array $known = [];

    /** @var list<HeldDiagrams>|null between places that hold against twisting */
    private ?array $held = null;

    public function __construct(private readonly MemberEnvelopes $envelopes)
    {
    }

    /**
     * The diagram that uses a length most; null: nothing compresses its flange.
     *
     * @param  array{float, float, float, float}  $length  from, to, how long it is thought to be, and for twisting
     * @param  array{float, float}  $part  of it that is looked at, mm
     * @param  \Closure(Strained): float  $capacity  moment that it takes; grows with C_b, which is never less than 1
     * @return array{Strained, float}|null with how much of it is used
     */
    public function worst(ColdFormedMake $make, int $sign, array $length, array $part, \Closure $capacity): ?array
    {
        [$weight, $n] = [$make->weight(), $make->count()];
        [$from, $to, $long, $twist] = $length;
        $diagrams = $this->known["{$from} {$to}"] ??= new HeldDiagrams(
            $this->envelopes->beam,
            new HeldLength($from, $to, [$from, $to]),
        );
        $hasGradient = ! $this->isFree($from) && ! $this->isFree($to);
        $worst = null;
        $most = $plain = 0.0;
        foreach (
            $diagrams->ordered($this->envelopes->strength, $this->envelopes->moment, $weight) as [$combination, $bound]
        ) {
            $plain =
                $plain > 0.0
                    ? $plain
                    : $capacity(new Strained(1.0, $sign, ($from + $to) / 2, $combination, [], $long, $twist));
            foreach (array_keys($diagrams->places) as $place) {
                $M = min($bound, $diagrams->bound($diagrams->terms($combination, $place, $weight))) / $n;
                if ($M <= $most * $plain) {
                    continue;
                }
                $case = $diagrams->case($combination, $place);
                $strained = $this->strained($make, $case, $sign, [$length, $part], $hasGradient);
                if ($strained === null || $strained->M <= $most * $plain) {
                    continue;
                }
                $u = $strained->M / $capacity($strained);
                [$worst, $most] = $u > $most ? [[$strained, $u], $u] : [$worst, $most];
            }
        }

        return $worst;
    }

    /**
     * @param  array{array{float, float, float, float}, array{float, float}}  $along  length, and the part that is
     * looked at
     */
    private function strained(
        ColdFormedMake $make,
        BucklingCase $case,
        int $sign,
        array $along,
        bool $hasGradient,
    ): ?Strained {
        [[$from, $to, $long, $twist], $part] = $along;
        [$weight, $n] = [$make->weight(), $make->count()];
        [$M, $x] = $case->diagram->greatest($sign, $weight, ...$part);
        if ($M < 1.0) {
            return null;
        }
        $moments = null;
        if ($hasGradient) {
            $at = fn (float $p): float => abs($case->diagram->at($from + $p * ($to - $from), $weight)) / $n;
            $moments = [$case->greatest($weight, $from, $to)[0] / $n, $at(0.25), $at(0.5), $at(0.75)];
        }
        $factors = $this->envelopes->beam->factors($case->combination, $weight, $case->sum->patterns());

        return new Strained($M / $n, $sign, $x, $case->combination, $factors, $long, $twist, $moments);
    }

    /** Is it an end of the member that nothing holds? */
    private function isFree(float $x): bool
    {
        $isEnd = $x < 1.0 || $x > $this->envelopes->beam->member->length - 1.0;
        $forks = array_filter($this->envelopes->beam->beam->forks, fn (float $f): bool => abs($f - $x) < 1.0);

        return $isEnd && $forks === [];
    }

    /**
     * The factor on the loads at which the member buckles laterally, with its restraints and the height of the loads as
     * they are; null: it does not, or its section is not symmetric about the axis that it bends about.
     */
    public function eigenvalue(ColdFormedMake $make, Strained $at): ?float
    {
        $member = $this->envelopes->beam->member;
        if ($make->sizes->shape->isZ()) {
            return null;
        }
        $this->held ??= array_map(
            fn (HeldLength $held): HeldDiagrams => new HeldDiagrams($this->envelopes->beam, $held),
            HeldLengths::of($this->envelopes->beam->beam, $member->top, $member->bottom),
        );
        foreach ($this->held as $diagrams) {
            if ($at->x < $diagrams->held->from - 1.0 || $at->x > $diagrams->held->to + 1.0) {
                continue;
            }
            $of = $make->profile()->of;
            [$E, $G] = [$make->standard()->elasticity(), $make->standard()->shearModulus()];
            $n = $make->count();
            $stiffness = new Stiffness($n * $E * $of->Iz, $n * $E * $of->Cw, $n * $G * $of->J);
            $elements = count($diagrams->mesh->nodes) - 1;
            $beam = new ThinWalledBeam(
                $diagrams->mesh,
                array_fill(0, $elements, $stiffness),
                $make->sizes->h / 2,
                ($member->loadHeight->sign() * $make->sizes->h) / 2,
            );
            $case = $diagrams->caseAt($at->combination, $at->x, $at->sign);
            $factor = (new BucklingShapes($diagrams, $beam))->factor($case, $make->weight(), self::MOST);

            return is_finite($factor) ? $factor : null;
        }

        return null;
    }
}
