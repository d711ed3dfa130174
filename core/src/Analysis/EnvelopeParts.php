<?php

declare(strict_types=1);

namespace Waage\Analysis;

/**
 * A beam cut where the contribution of a load set changes its sign, or another option of a load case becomes the worst:
 * on each part the sums of what makes most and least of an effect are polynomials, by number of the variable load case.
 *
 * @phpstan-type Part array{segment: int, from: float, to: float, permanent: list<float>, weight: list<float>,
 *     plus: array<int, list<float>>, minus: array<int, list<float>>}
 */
final class EnvelopeParts
{
    /** @return list<Part> */
    public static function of(LoadedBeam $beam, Effect|Functional $effect): array
    {
        $responses = $beam->responses;
        $degree = match ($effect instanceof Functional ? Effect::Moment : $effect) {
            Effect::Shear, Effect::Axial => 3,
            Effect::Moment => 4,
            Effect::Slope => 5,
            Effect::Deflection, Effect::Sag => 6,
        };
        $zero = array_fill(0, $degree, 0.0);
        $number = [];
        foreach ($beam->cases as $case) {
            if (! $case->isPermanent) {
                $number[$case->case->id] = count($number);
            }
        }
        $parts = [];
        for ($k = 0; $k < $responses->segments(); $k++) {
            $length = $responses->breaks[$k + 1] - $responses->breaks[$k];
            $weight = $beam->selfWeight === null ? $zero : $responses->polynomial($effect, $beam->selfWeight, $k);
            $permanent = $zero;
            /** @var array<string, list<list<list<float>>>> $variable by load case: options, polynomials */
            $variable = [];
            $always = $cuts = [];
            foreach ($beam->cases as $case) {
                $always[$case->case->id] = $case->always;
                foreach ($case->options as $o => $option) {
                    foreach ($option as $set) {
                        $p = $responses->polynomial($effect, $set, $k);
                        if ($case->isPermanent) {
                            foreach ($p as $i => $c) {
                                $permanent[$i] += $c;
                            }
                        } else {
                            $variable[$case->case->id][$o][] = $p;
                            if ($case->isReversible) {
                                $variable[$case->case->id][$o][] = array_map(fn (float $c): float => -$c, $p);
                            }
                            if (count($case->options) === 1 || count($option) > 1 || $case->isReversible) {
                                array_push($cuts, ...Polynomial::roots($p, 0.0, $length));
                            }
                        }
                    }
                }
            }
            array_push($cuts, ...Worst::crossings($variable, $always, $cuts, $length));
            // One that lies within rounding of an end is none.
            $cuts = array_filter($cuts, fn (float $t): bool => $t > 1e-9 * $length && $t < (1 - 1e-9) * $length);
            sort($cuts);
            $from = 0.0;
            foreach ([...$cuts, $length] as $to) {
                if ($to - $from <= 1e-9 * $length) {
                    continue;
                }
                $plus = $minus = [];
                foreach ($variable as $case => $options) {
                    [$most, $least] = Worst::options($options, $always[$case], $from, $to);
                    if ($most !== null) {
                        $plus[$number[$case]] = $most;
                    }
                    if ($least !== null) {
                        $minus[$number[$case]] = $least;
                    }
                }
                $parts[] = [
                    'segment' => $k,
                    'from' => $from,
                    'to' => $to,
                    'permanent' => array_values($permanent),
                    'weight' => $weight,
                    'plus' => $plus,
                    'minus' => $minus,
                ];
                $from = $to;
            }
        }

        return $parts;
    }
}
