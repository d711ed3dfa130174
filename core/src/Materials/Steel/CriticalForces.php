<?php

declare(strict_types=1);

namespace Waage\Materials\Steel;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\LoadedBeam;

/**
 * The critical forces of a member in one plane under its loads, with the statics' own section, each found once: what
 * presses in proportion buckles it at the same force.
 *
 * Sections of a shortlist differ by their weight, which presses as well. The inverse of the critical factor is convex
 * in what presses (two loads that are borne are borne in any mean of the two), so that the chord between two weights
 * lies above it: on the safe side, and by less than a ten-thousandth where these are near each other.
 */
final class CriticalForces
{
    /** Weights between which the chord is drawn are apart by so much of what else presses. */
    private const APART = 0.02;

    /** Where own weight is more than this part of what presses each is looked for by itself. */
    private const MUCH = 0.5;

    /** @var array<string, float> critical force (N), by what presses */
    private array $known = [];

    /** @var array<string, float> inverse of the critical factor, by what presses but for own weight, and by that */
    private array $inverses = [];

    /** @var array<string, float> steps of own weight, over the greatest other factor, by what else presses */
    private array $steps = [];

    /** @var array<string, float> the inverse that was found last, by what presses but for own weight */
    private array $near = [];

    /**
     * @param  \Closure(array<int, float>, float): float  $factor  the critical one of some factors of the load sets,
     *     which is near another
     */
    public function __construct(private readonly LoadedBeam $beam, private readonly \Closure $factor)
    {
    }

    /**
     * The greatest compression at which the member buckles, N; INF where it does not.
     *
     * @param  array<int, float>  $factors  of the load sets
     * @param  Extreme  $most  greatest compression
     * @param  bool  $isOwn  is the self-weight that of the statics' own section? Then nothing is left to a chord
     */
    public function of(array $factors, Extreme $most, bool $isOwn): float
    {
        $N = $this->beam->responses->valuesAt(Effect::Axial, $most->segment, $most->t);
        // Load that does not press makes no difference.
        $presses = array_filter(
            $factors,
            fn (float $f, int $set): bool => abs($f * $N[$set]) > 1e-9 * $most->value,
            ARRAY_FILTER_USE_BOTH,
        );
        $whole = self::key($presses, $most->value, 12);
        if (isset($this->known[$whole])) {
            return $this->known[$whole];
        }
        $own = $this->beam->selfWeight ?? -1;
        $others = array_diff_key($presses, [$own => true]);
        $greatest = max([1e-9, ...array_map(abs(...), array_values($others))]);
        $key = self::key($others, $greatest, 9);
        $weighs = ($presses[$own] ?? 0.0) * ($N[$own] ?? 0.0);
        $inverse =
            $isOwn || $weighs <= 0.0 || $weighs > self::MUCH * $most->value
                ? $this->inverse($factors, $greatest, $key)
                : $this->between($factors, $greatest, $key, ($most->value - $weighs) / ($N[$own] * $greatest));

        return $this->known[$whole] = $inverse > 0.0 ? $most->value / ($inverse * $greatest) : INF;
    }

    /**
     * On the chord between the weights beside the one that acts.
     *
     * @param  array<int, float>  $factors
     * @param  float  $unit  own weight that presses as much as all else does, over the greatest other factor
     */
    private function between(array $factors, float $greatest, string $key, float $unit): float
    {
        $step = $this->steps[$key] ??= self::APART * $unit;
        $own = (int) $this->beam->selfWeight;
        $place = $factors[$own] / ($greatest * $step);
        $i = (int) floor($place);
        $at = function (int $i) use ($factors, $greatest, $key, $step, $own): float {
            return $this->inverses["{$key}{$i}"] ??= $this->inverse(
                [$own => $i * $step * $greatest] + $factors,
                $greatest,
                $key,
            );
        };

        return $at($i) + ($place - $i) * ($at($i + 1) - $at($i));
    }

    /**
     * The inverse of the critical factor where the greatest factor but for own weight is 1.
     *
     * @param  array<int, float>  $factors
     */
    private function inverse(array $factors, float $greatest, string $key): float
    {
        $near = $this->near[$key] ?? 0.0;
        $alpha = ($this->factor)($factors, $near > 0.0 ? 1 / ($near * $greatest) : 0.0);

        return $this->near[$key] = 1 / ($alpha * $greatest);
    }

    /** @param  array<int, float>  $factors  of the load sets */
    private static function key(array $factors, float $over, int $digits): string
    {
        $key = '';
        foreach ($factors as $set => $factor) {
            $key .= "{$set}:".round($factor / $over, $digits).' ';
        }

        return $key;
    }
}
