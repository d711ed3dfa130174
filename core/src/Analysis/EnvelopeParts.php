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
            $cuts = $stretches = [];
            foreach ($beam->cases as $case) {
                $options = array_map(
                    fn (array $option): array => array_map(
                        fn (int $set): array => $responses->polynomial($effect, $set, $k),
                        $option,
                    ),
                    array_values(array_filter($case->options)),
                );
                if ($case->isPermanent) {
                    foreach (array_merge(...$options) as $p) {
                        $permanent = Polynomial::sum($permanent, $p);
                    }
                } elseif ($options !== []) {
                    $stretches[$number[$case->case->id]] = self::stretches($case, $options, $length);
                }
            }
            foreach ($stretches as $ofCase) {
                array_push($cuts, ...array_slice(array_column($ofCase, 0), 0, -1));
            }
            sort($cuts);
            $from = 0.0;
            foreach ([...$cuts, $length] as $to) {
                if ($to - $from <= 1e-9 * $length) {
                    continue;
                }
                $middle = ($from + $to) / 2;
                $plus = $minus = [];
                foreach ($stretches as $case => [[$end, $most, $least]]) {
                    while ($end < $middle) {
                        array_shift($stretches[$case]);
                        [[$end, $most, $least]] = $stretches[$case];
                    }
                    if ($most !== null) {
                        $plus[$case] = $most;
                    }
                    if ($least !== null) {
                        $minus[$case] = $least;
                    }
                }
                $parts[] = [
                    'segment' => $k,
                    'from' => $from,
                    'to' => $to,
                    'permanent' => $permanent,
                    'weight' => $weight,
                    'plus' => $plus,
                    'minus' => $minus,
                ];
                $from = $to;
            }
        }

        return $parts;
    }

    /**
     * A segment cut where a set of one load case changes its sign, or another option becomes the worst.
     *
     * @param  list<list<list<float>>>  $options  what their sets do
     * @return list<array{float, list<float>|null, list<float>|null}> end, the sums that make most and least
     */
    private static function stretches(CaseSets $case, array $options, float $length): array
    {
        $cuts = [];
        foreach ($options as $o => $option) {
            foreach ($option as $p) {
                if (count($options) === 1 || count($option) > 1 || $case->isReversible) {
                    array_push($cuts, ...Polynomial::roots($p, 0.0, $length));
                }
                if ($case->isReversible) {
                    $options[$o][] = array_map(fn (float $c): float => -$c, $p);
                }
            }
        }
        sort($cuts);
        if (count($options) > 1) {
            array_push($cuts, ...Worst::crossings($options, $case->always, $cuts, $length));
            sort($cuts);
        }
        $stretches = [];
        $from = 0.0;
        foreach ([...$cuts, $length] as $to) {
            // One that lies within rounding of an end is none.
            if ($to - $from <= 1e-9 * $length || ($to < $length && $to >= (1 - 1e-9) * $length)) {
                continue;
            }
            $stretches[] = [$to, ...Worst::options($options, $case->always, $from, $to)];
            $from = $to;
        }

        return $stretches;
    }
}
