<?php

declare(strict_types=1);

namespace Waage\Materials\Timber;

use Waage\Analysis\RestrainedLengths;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Checks\Working;
use Waage\Units\Kind;

/**
 * Bending span by span, with the factor of lateral stability of each length between restraints, as American and
 * Canadian rules have it.
 */
abstract readonly class BendingOfSpans
{
    public function __construct(protected Search $search, protected RestrainedLengths $lengths)
    {
    }

    /** A length between restraints (mm; 0: restrained) under a moment of a sign; its last line is u. */
    abstract protected function calculate(
        TimberMake $timber,
        Governing $at,
        float $length,
        int $sign,
        Working $w,
    ): Working;

    /** Moments about both axes; its last line is u. */
    abstract protected function ofBoth(Working $w, Together $of, TimberMake $timber): bool;

    /** @return array{string, string, string} clause, and symbols of demand and capacity */
    abstract protected function told(TimberMake $timber): array;

    abstract protected function ofBothClause(): string;

    abstract protected function tooSlender(Working $w): ?Slenderness;

    /** Is lateral buckling left to a rule of depth to breadth? */
    abstract public function isRestrainedByRule(TimberMake $timber): bool;

    /** @return list<Weighing> */
    public function weigh(TimberMake $timber, Detail $detail): array
    {
        $weighings = [];
        foreach ($this->search->spans() as $span) {
            array_push($weighings, ...$this->span($timber, $span, $detail));
        }
        $heading = new Heading('bending-both', 'Bending about both axes', $this->ofBothClause());

        return $this->search->bendsSideways()
            ? [
                ...$weighings,
                ...(new Interaction($this->search))->weigh($heading, $timber, 0, $this->ofBoth(...), $detail),
            ]
            : $weighings;
    }

    /** @return list<Weighing> of a span or overhang: the worst of its lengths between restraints */
    private function span(TimberMake $timber, SpanOf $span, Detail $detail): array
    {
        $worst = null;
        foreach ([1, -1] as $sign) {
            foreach ($this->lengthsIn($timber, $span, $sign) as [$from, $to, $length]) {
                $at = $this->search->of($this->search->envelopes->moment, $timber, [$sign], $from, $to);
                if ($at === null) {
                    continue;
                }
                $u = $this->calculate($timber, $at, $length, $sign, new Working(false))->value('u');
                $worst = $worst === null || $u > $worst[0] ? [$u, $at, $length, $sign] : $worst;
            }
        }
        if ($worst === null) {
            return [];
        }
        [$u, $at, $length, $sign] = $worst;
        $w = $this->calculate($timber, $at, $length, $sign, $detail->working());
        [$clause, $demand, $capacity] = $this->told($timber);
        $kind = $demand === 'M_f' ? Kind::Moment : Kind::LowStress;
        $heading = new Heading($span->id('bending'), $span->title('Bending'), $clause, 'bending', $kind);
        $ranges = $u > 0.0 ? [[$span->from, $span->to, abs($at->value) / $u, $u]] : [];

        return [
            $this->tooSlender($w)?->weighing($heading, $w) ??
            Report::of($heading, $w, $at, $demand, $capacity, $ranges),
        ];
    }

    /** @return list<array{float, float, float}> what of the restrained lengths lies in a span: from, to, length */
    private function lengthsIn(TimberMake $timber, SpanOf $span, int $sign): array
    {
        $lengths = $this->isRestrainedByRule($timber) ? [] : $this->lengths->lateral($sign);
        $within = [];
        foreach ($lengths as [$from, $to, $length]) {
            if ($to > $span->from + 1.0 && $from < $span->to - 1.0) {
                $within[] = [max($from, $span->from), min($to, $span->to), $length];
            }
        }

        return $lengths === [] ? [[$span->from, $span->to, 0.0]] : $within;
    }

    /** The longest length between restraints that a moment may buckle; 0 where it is restrained. */
    public function longest(TimberMake $timber): float
    {
        $longest = 0.0;
        foreach ($this->isRestrainedByRule($timber) ? [] : [1, -1] as $sign) {
            foreach ($this->lengths->lateral($sign) as [$from, $to, $length]) {
                $acts = $this->search->of($this->search->envelopes->moment, $timber, [$sign], $from, $to) !== null;
                $longest = $acts ? max($longest, $length) : $longest;
            }
        }

        return $longest;
    }

    protected function isCantilever(): bool
    {
        $fields = $this->search->beam()->beam->fields();

        return count($fields) === 1 && $this->search->beam()->isOverhang(...$fields[0]);
    }

    /** The longest span stands for the length between points of zero moment: on the safe side. */
    protected function betweenZeros(): float
    {
        return max(0.0, ...array_map(fn (array $f): float => $f[1] - $f[0], $this->search->beam()->beam->fields()));
    }
}
