<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\BeamSupport;
use Waage\Analysis\Effect;
use Waage\Analysis\Polynomial;

/**
 * What an engineer looks at before believing the rest: do load and reaction agree, is the deflection small, and does
 * the greatest moment agree with a line of hand calculation? All loads unfactored, on all spans, without settlements.
 */
final readonly class SelfCheck
{
    /** Displacements count as small up to this part of a span: common practice, no source. */
    private const SMALL = 50;

    /** Greatest moment of 2 to 5 equal spans under a uniform load, over w l²: handbook coefficients, from memory. */
    private const CONTINUOUS = [2 => [8, 1], 3 => [10, 1], 4 => [28, 3], 5 => [19, 2]];

    public function __construct(private Design $design)
    {
    }

    /** @return array<string, mixed> core/schema/result.schema.json, selfCheck */
    public function toArray(): array
    {
        return ['equilibrium' => $this->equilibrium(), 'deflection' => $this->deflection(), 'hand' => $this->hand()];
    }

    /**
     * @return array{load: float, reaction: float, force: float, moment: float} sums in N, and what they differ by,
     *     over the sum of all loads (and the length)
     */
    private function equilibrium(): array
    {
        $load = $reaction = $size = $force = $moment = 0.0;
        /**
         * @var list<array{load: float, reaction: float, loadMoment: float, reactionMoment: float,
         *     forces: list<float>}> $cases
         */
        $cases = (new Reactions($this->design))->cases();
        foreach ($cases as $case) {
            $load += $case['load'];
            $reaction += $case['reaction'];
            $size += max(abs($case['load']), ...array_map(abs(...), $case['forces']));
            $force += abs($case['load'] - $case['reaction']);
            $moment += abs($case['loadMoment'] - $case['reactionMoment']);
        }
        $size = max($size, 1e-9);

        return [
            'load' => $load,
            'reaction' => $reaction,
            'force' => $force / $size,
            'moment' => $moment / $size / $this->design->member->length,
        ];
    }

    /** @return array{part: float|null, small: bool} span over greatest deflection of the characteristic combinations */
    private function deflection(): array
    {
        $weighing = null;
        foreach ($this->design->everyWeighing as $w) {
            $weighing = $w->id === 'deflection-total' ? $w : $weighing;
        }
        if ($weighing === null || $weighing->demand === null || $weighing->demand <= 0.0) {
            return ['part' => null, 'small' => true];
        }
        $part =
            ((float) $weighing->capacity * $this->design->member->basis->limits->total) /
            ($weighing->demand + $this->design->member->camber);

        return ['part' => $part, 'small' => $part >= self::SMALL];
    }

    /**
     * A hand formula beside the computed moment; null where none comes near.
     *
     * @return array{formula: string, load: float, length: float, value: float, computed: float, fits: bool}|null
     *
     * fits: the formula is made for just this beam and load, and has to agree
     */
    private function hand(): ?array
    {
        $beam = $this->design->beam;
        $length = $this->design->member->length;
        $sets = [];
        if ($beam->selfWeight !== null) {
            $sets[$beam->selfWeight] = $this->design->member->make->weight();
        }
        foreach ($beam->given() as $case) {
            foreach ($case->whole() as $set) {
                if ($beam->sets[$set]->displacements === []) {
                    $sets[$set] = 1.0;
                }
            }
        }
        $total = 0.0;
        foreach ($sets as $set => $factor) {
            $total += $factor * $beam->sets[$set]->total();
        }
        $formula = $this->formula();
        if ($formula === null || $total <= 0.0) {
            return null;
        }
        [$text, $divisor, $span, $holdsExactly] = $formula;
        $w = $total / $length;
        $computed = $this->greatestMoment($sets);

        return [
            'formula' => $text,
            'load' => $w,
            'length' => $span,
            'value' => ($w * $span ** 2) / $divisor,
            'computed' => $computed,
            'fits' => $holdsExactly && $this->isUniform($sets, $w),
        ];
    }

    /** @return array{string, float, float, bool}|null formula, divisor, span, is it exact for a uniform load */
    private function formula(): ?array
    {
        $beam = $this->design->beam->beam;
        if (
            $this->design->beam->dependsOnStiffness() ||
            $beam->hinges !== [] ||
            array_filter($beam->holds, fn (BeamSupport $s): bool => $s->vertical === 0.0) !== []
        ) {
            return null;
        }
        $fields = $beam->fields();
        $lengths = array_map(fn (array $f): float => $f[1] - $f[0], $fields);
        $overhang = $fixed = false;
        foreach ($fields as $field) {
            $overhang = $overhang || $this->design->beam->isOverhang(...$field);
        }
        foreach ($beam->holds as $hold) {
            $fixed = $fixed || $hold->isFixed();
        }
        $longest = max(0.0, ...$lengths);
        if (count($beam->holds) === 1) {
            return count($fields) === 1 ? ['w L² / 2', 2.0, $lengths[0], true] : null;
        }
        if ($overhang) {
            return null;
        }
        if (count($fields) === 1) {
            return match (count(array_filter($beam->holds, fn (BeamSupport $s): bool => $s->isFixed()))) {
                2 => ['w L² / 12', 12.0, $longest, true],
                default => ['w L² / 8', 8.0, $longest, true],
            };
        }
        if (! $fixed && isset(self::CONTINUOUS[count($fields)]) && $longest - min(INF, ...$lengths) < 1.0) {
            [$divisor, $times] = self::CONTINUOUS[count($fields)];

            return [
                $times === 1 ? "w l² / {$divisor}" : "{$times} w l² / {$divisor}",
                $divisor / $times,
                $longest,
                true,
            ];
        }

        return ['w l² / 10', 10.0, $longest, false];
    }

    /** @param  array<int, float>  $factors */
    private function greatestMoment(array $factors): float
    {
        $responses = $this->design->beam->responses;
        $most = 0.0;
        for ($k = 0; $k < $responses->segments(); $k++) {
            $m = array_values($responses->combined(Effect::Moment, $factors, $k));
            $end = $responses->breaks[$k + 1] - $responses->breaks[$k];
            foreach ([0.0, ...Polynomial::roots(Polynomial::derivative($m), 0.0, $end), $end] as $t) {
                $most = max($most, abs(Polynomial::value($m, $t)));
            }
        }

        return $most;
    }

    /** @param  array<int, float>  $factors */
    private function isUniform(array $factors, float $w): bool
    {
        $beam = $this->design->beam;
        foreach (array_keys($factors) as $set) {
            if ($beam->sets[$set]->forces !== [] || $beam->sets[$set]->moments !== []) {
                return false;
            }
        }
        for ($k = 0; $k < $beam->responses->segments(); $k++) {
            $m = $beam->responses->combined(Effect::Moment, $factors, $k);
            $end = $beam->responses->breaks[$k + 1] - $beam->responses->breaks[$k];
            foreach ([0.0, $end] as $t) {
                if (abs(-2 * $m[2] - 6 * $m[3] * $t - $w) > 1e-6 * $w) {
                    return false;
                }
            }
        }

        return true;
    }
}
