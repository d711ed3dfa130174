<?php

declare(strict_types=1);

namespace Waage\Materials\Concrete;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\MemberEnvelopes;
use Waage\Analysis\Polynomial;
use Waage\Member\LoadKind;
use Waage\Member\Support;

/**
 * Moments and shear that strength is weighed for: where they are greatest, or with what the width of supports takes
 * off. Moments at the face are not below 0.65 of the fixed-end moment by EN 1992-1-1, 5.3.2.2(3). N, mm.
 */
final readonly class DesignForces
{
    /** Of the fixed-end moment. */
    private const LEAST = 0.65;

    /** Places for integrating the moments of a span, an even number. */
    private const PLACES = 40;

    public function __construct(private MemberEnvelopes $envelopes, private ConcreteMake $concrete)
    {
    }

    /** The greatest moment of a sign between two places. */
    public function moment(int $sign, float $from, float $to): ?Extreme
    {
        if (! $this->concrete->reductions->momentsAtFace || $sign > 0) {
            return $this->envelopes->moment->extreme(
                $this->envelopes->strength,
                $sign,
                $this->concrete->weight(),
                $from,
                $to,
            );
        }
        $worst = null;
        foreach ($this->outside($from, $to, fn (Support $s): float => $s->bearing / 2) as [$a, $b]) {
            $e = $this->envelopes->moment->extreme($this->envelopes->strength, -1, $this->concrete->weight(), $a, $b);
            $worst = $e !== null && ($worst === null || $e->value < $worst->value) ? $e : $worst;
        }
        foreach ($this->concrete->code() === Code::En1992 ? $this->supportsBetween($from, $to) : [] as $support) {
            $least = $this->ofFixedEnds($support);
            $worst = $least !== null && ($worst === null || $least->value < $worst->value) ? $least : $worst;
        }

        return $worst;
    }

    /** What stands beside a moment. */
    public function note(Extreme $e, int $sign): string
    {
        $name = $sign > 0 ? 'sagging' : 'hogging';
        $at = array_filter($this->supports(), fn (Support $s): bool => abs($s->x - $e->x) <= $s->bearing / 2 + 1.0);
        if ($sign > 0 || ! $this->concrete->reductions->momentsAtFace || $at === []) {
            return $name;
        }
        $isLeast = array_filter($at, fn (Support $s): bool => abs($s->x - $e->x) < 1.0) !== [];

        return $isLeast ? "{$name}, 0.65 of the fixed-end moment, 5.3.2.2(3)" : "{$name}, at the face of the support";
    }

    /** The greatest shear between two places. */
    public function shear(float $from, float $to): ?Extreme
    {
        if (! $this->concrete->reductions->shearAtD) {
            return $this->greatest($from, $to);
        }
        $d = $this->concrete->h - $this->concrete->shallower(($from + $to) / 2)->centroid();
        $worst = null;
        foreach (
            $this->outside($from, $to, fn (Support $s, int $side): float => $this->toD($s, $side, $d)) as [$a, $b]
        ) {
            $e = $this->greatest($a, $b);
            $worst = $e !== null && ($worst === null || abs($e->value) > abs($worst->value)) ? $e : $worst;
        }

        return $worst;
    }

    /** The greatest shear outside of the supports, which crushes concrete. */
    public function crushing(float $from, float $to): ?Extreme
    {
        $worst = null;
        $isReduced = $this->concrete->reductions->shearAtD;
        $half = fn (Support $s): float => $isReduced ? $s->bearing / 2 : 0.0;
        foreach ($this->outside($from, $to, $half) as [$a, $b]) {
            $e = $this->greatest($a, $b);
            $worst = $e !== null && ($worst === null || abs($e->value) > abs($worst->value)) ? $e : $worst;
        }

        return $worst;
    }

    /** The greatest torque between two places, Nmm. */
    public function torque(float $from, float $to): float
    {
        return abs($this->envelopes->torque?->greatest($this->envelopes->strength, 0.0, $from, $to)->value ?? 0.0);
    }

    private function greatest(float $from, float $to): ?Extreme
    {
        return $this->envelopes->shear->greatest($this->envelopes->strength, $this->concrete->weight(), $from, $to);
    }

    /**
     * From a support to d beyond its face; to the face only where a point load acts in between, or where it holds
     * from above.
     */
    private function toD(Support $support, int $side, float $d): float
    {
        $half = $support->bearing / 2;
        foreach ($this->envelopes->beam->member->loads as $load) {
            $away = $side * ($load->from - $support->x);
            if ($load->on && $load->kind === LoadKind::Point && $away > 0.0 && $away <= $half + $d) {
                return $half;
            }
        }

        return $half + $d;
    }

    /**
     * Parts of a length that are outside of supports.
     *
     * @param  \Closure(Support, int): float  $half  how far a support reaches to a side
     * @return list<array{float, float}>
     */
    private function outside(float $from, float $to, \Closure $half): array
    {
        $parts = [];
        $at = $from;
        foreach ($this->supports() as $support) {
            [$a, $b] = [$support->x - $half($support, -1), $support->x + $half($support, 1)];
            if ($b <= $at || $a >= $to) {
                continue;
            }
            if ($a > $at + 1e-6) {
                $parts[] = [$at, $a];
            }
            $at = max($at, $b);
        }

        // Where supports take all of it, it still has to be weighed.
        return match (true) {
            $at < $to - 1e-6 => [...$parts, [$at, $to]],
            $parts === [] => [[$from, $to]],
            default => $parts,
        };
    }

    /** @return list<Support> */
    private function supports(): array
    {
        return $this->envelopes->beam->member->supports;
    }

    /** @return list<Support> inner ones */
    private function supportsBetween(float $from, float $to): array
    {
        $length = $this->concrete->length();

        return array_values(
            array_filter(
                $this->supports(),
                fn (Support $s): bool => $s->x > max($from, 1.0) && $s->x < min($to, $length - 1.0),
            ),
        );
    }

    /** 0.65 of the greater fixed-end moment of the spans beside a support, under the load that makes it hog most. */
    private function ofFixedEnds(Support $support): ?Extreme
    {
        $weight = $this->concrete->weight();
        $moment = $this->envelopes->moment;
        $e = $moment->extreme($this->envelopes->strength, -1, $weight, $support->x - 1.0, $support->x + 1.0);
        if ($e === null || $e->value >= 0.0) {
            return null;
        }
        $beam = $this->envelopes->beam;
        $factors = $beam->worst($e->combination, $weight, $moment->effect, -1, $e->segment, $e->t);
        $most = 0.0;
        foreach ($beam->beam->fields() as [$from, $to]) {
            $isBeside = abs($from - $support->x) < 1.0 || abs($to - $support->x) < 1.0;
            if ($isBeside && ! $beam->isOverhang($from, $to)) {
                $most = max($most, $this->fixedEnd($factors, $from, $to, abs($from - $support->x) < 1.0));
            }
        }

        return new Extreme(-self::LEAST * $most, $support->x, $e->segment, $e->t, $e->combination);
    }

    /**
     * The moment at an end of a span, both its ends fixed: from the moments of the span as a simple beam.
     *
     * @param  array<int, float>  $factors
     */
    private function fixedEnd(array $factors, float $from, float $to, bool $isLeft): float
    {
        $L = $to - $from;
        $responses = $this->envelopes->beam->responses;
        $at = function (float $x) use ($responses, $factors): float {
            $segment = $responses->segmentAt($x);
            $polynomial = array_values($responses->combined(Effect::Moment, $factors, $segment));

            return Polynomial::value($polynomial, $x - $responses->breaks[$segment]);
        };
        [$left, $right] = [$at($from + 1e-3), $at($to - 1e-3)];
        $area = $first = 0.0;
        for ($i = 0; $i <= self::PLACES; $i++) {
            $x = ($L * $i) / self::PLACES;
            $weight = ($i === 0 || $i === self::PLACES ? 1 : ($i % 2 === 1 ? 4 : 2)) * ($L / self::PLACES / 3);
            $m = $at(min($to - 1e-3, max($from + 1e-3, $from + $x))) - $left - (($right - $left) * $x) / $L;
            $area += $weight * $m;
            $first += $weight * $m * ($isLeft ? $x : $L - $x);
        }

        return max(0.0, (2 / $L ** 2) * (2 * $L * $area - 3 * $first));
    }
}
