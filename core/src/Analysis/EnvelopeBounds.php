<?php

declare(strict_types=1);

namespace Waage\Analysis;

use Waage\Loading\Combination;

/**
 * What the effect of an envelope does not exceed on its parts, times a sign: of self-weight of 1 N/mm, of permanent
 * load, and of what each variable load case makes at most.
 *
 * @phpstan-import-type Part from EnvelopeParts
 */
final class EnvelopeBounds
{
    /** @var array<int, list<float>> by sign: of self-weight on each part */
    public readonly array $weights;

    /** @var array<int, list<float>> of permanent load */
    public readonly array $permanents;

    /** @var array<int, list<array<int, float>>> by sign and part: what each variable load case makes there at most */
    public readonly array $most;

    /** @var array<int, list<array<int, float>>> and what it makes at least */
    public readonly array $least;

    /** @var list<non-empty-list<int>> the parts of each segment */
    private readonly array $partsOf;

    /** @var array<int, list<float>> by sign: of self-weight on each segment */
    private readonly array $weightsOfSegments;

    /** @var array<int, array{Combination, list<float>}> factors of the variable load cases, by combination */
    private array $factors = [];

    /**
     * @var array<int, array{Combination, array<int, list<float>>}> by combination, which is kept since numbers of
     *     objects are used again; without self-weight
     */
    private array $highest = [];

    /** @var array<int, array<int, list<float>>> the greatest of them on each segment */
    private array $ofSegments = [];

    /** @var array<string, int> of the variable load cases */
    private readonly array $numbers;

    /**
     * @param  list<Part>  $parts
     * @param  list<string>  $cases  variable load cases
     */
    public function __construct(array $parts, private readonly array $cases)
    {
        $this->numbers = array_flip($cases);
        $none = array_fill(0, count($cases), 0.0);
        $weights = $permanents = $mosts = $leasts = [1 => [], -1 => []];
        $partsOf = [];
        foreach (
            $parts as $i => [
                'segment' => $segment,
                'weight' => $weight,
                'permanent' => $permanent,
                'plus' => $plus,
                'minus' => $minus,
                'from' => $from,
                'to' => $to,
            ]
        ) {
            $partsOf[$segment][] = $i;
            [$low, $high] = Polynomial::bounds($weight, $from, $to);
            $weights[1][] = $high;
            $weights[-1][] = -$low;
            [$low, $high] = Polynomial::bounds($permanent, $from, $to);
            $permanents[1][] = $high;
            $permanents[-1][] = -$low;
            $least = $most = $none;
            foreach ($plus as $c => $p) {
                [$least[$c], $most[$c]] = Polynomial::bounds($p, $from, $to);
            }
            $leasts[1][] = $least;
            $mosts[1][] = $most;
            $least = $most = $none;
            foreach ($minus as $c => $p) {
                [$low, $high] = Polynomial::bounds($p, $from, $to);
                $least[$c] = -$high;
                $most[$c] = -$low;
            }
            $leasts[-1][] = $least;
            $mosts[-1][] = $most;
        }
        $this->partsOf = array_values($partsOf);
        $this->weights = $weights;
        $this->permanents = $permanents;
        $this->most = $mosts;
        $this->least = $leasts;
        $this->weightsOfSegments = array_map($this->ofSegments(...), $weights);
    }

    /** @return list<float> factors of the variable load cases */
    public function factors(Combination $combination): array
    {
        $id = spl_object_id($combination);
        if (! isset($this->factors[$id])) {
            $factors = [];
            foreach ($this->cases as $case) {
                $factors[] = $combination->variable[$case] ?? 0.0;
            }
            $this->factors[$id] = [$combination, $factors];
        }

        return $this->factors[$id][1];
    }

    /** @return list<float> of a combination on each part, without self-weight */
    public function highest(Combination $combination, int $sign): array
    {
        $id = spl_object_id($combination);
        if (isset($this->highest[$id][1][$sign])) {
            return $this->highest[$id][1][$sign];
        }
        $factors = [];
        foreach ($combination->variable as $case => $factor) {
            if ($factor !== 0.0 && isset($this->numbers[$case])) {
                $factors[$this->numbers[$case]] = $factor;
            }
        }
        ksort($factors);
        $most = $this->most[$sign];
        $highest = [];
        foreach ($this->permanents[$sign] as $i => $bound) {
            $sum = $combination->permanent * $bound;
            foreach ($factors as $case => $factor) {
                $sum += $factor * $most[$i][$case];
            }
            $highest[] = $sum;
        }
        $this->highest[$id] ??= [$combination, []];

        return $this->highest[$id][1][$sign] = $highest;
    }

    /**
     * Of a combination on each segment.
     *
     * @param  float  $weight  self-weight, N/mm
     * @return list<float>
     */
    public function onSegments(Combination $combination, int $sign, float $weight): array
    {
        $highest = $this->highest($combination, $sign);
        $own = $combination->permanent * $weight;
        $bounds = [];
        foreach (
            $this->ofSegments[spl_object_id($combination)][$sign] ??= $this->ofSegments($highest) as $k => $bound
        ) {
            $bounds[] = $bound + $own * $this->weightsOfSegments[$sign][$k];
        }

        return $bounds;
    }

    /**
     * @param  list<float>  $bounds  of parts
     * @return list<float> the greatest on each segment
     */
    private function ofSegments(array $bounds): array
    {
        $greatest = [];
        foreach ($this->partsOf as $parts) {
            $most = -INF;
            foreach ($parts as $i) {
                $most = $bounds[$i] > $most ? $bounds[$i] : $most;
            }
            $greatest[] = $most;
        }

        return $greatest;
    }
}
