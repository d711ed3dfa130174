<?php

declare(strict_types=1);

namespace Waage\Analysis\Lateral;

use Waage\Analysis\Arrangements;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\PieceShare;
use Waage\Loading\Combination;

/**
 * The moment diagrams that all combinations make of a held length: of each the arrangement with all spans loaded, and
 * those that make the moment of either sign greatest at an end, a quarter point or the middle. They are sums of shares,
 * which are prepared once, whatever the section is.
 */
final class HeldDiagrams
{
    public readonly Mesh $mesh;

    /** @var array<int, PieceShare> all shares in the arrangements, by number */
    public readonly array $shares;

    /** @var list<array<string, PieceShare>> the arrangements, by load case */
    public readonly array $places;

    private readonly Arrangements $arrangements;

    private readonly MomentSampling $sampling;

    /** @var list<array<string, int>> the arrangements by number of the share */
    private readonly array $shareIds;

    /** @var array<int, array{float, float}> what sagging and hogging moments of the shares do not exceed, Nmm */
    private readonly array $extremes;

    /** @var array<int, array{list<float>, list<float>}> moments, and moments without couples, by number of the share */
    private array $samples = [];

    /** @param  list<float>  $breaks  places where the section changes */
    public function __construct(LoadedBeam $beam, public readonly HeldLength $held, array $breaks = [])
    {
        $this->arrangements = new Arrangements($beam, $held->from, $held->to);
        $this->mesh = new Mesh($held, [...$breaks, ...$this->kinks($breaks)]);
        $responses = $this->arrangements->responses;
        $this->sampling = new MomentSampling($this->mesh, $responses->segments);
        $shares = [$this->arrangements->permanent->id => $this->arrangements->permanent];
        if ($responses->own !== null) {
            $shares[$responses->own->id] = $responses->own;
        }
        $places = $shareIds = [];
        foreach ($this->arrangements->places() as $place) {
            $ids = array_map(fn (PieceShare $s): int => $s->id, $place);
            if (! in_array($ids, $shareIds, true)) {
                $places[] = $place;
                $shareIds[] = $ids;
                foreach ($place as $share) {
                    $shares[$share->id] = $share;
                }
            }
        }
        $this->places = $places;
        $this->shareIds = $shareIds;
        $this->shares = $shares;
        $this->extremes = array_map(fn (PieceShare $s): array => $s->bounds(), $shares);
    }

    /**
     * The combinations that bend the length, those with the greatest moments first.
     *
     * @param  list<Combination>  $combinations
     * @param  Envelope  $moment  of the beam
     * @param  float  $weight  self-weight, N/mm
     * @return list<array{Combination, float}> and what no moment exceeds, Nmm
     */
    public function ordered(array $combinations, Envelope $moment, float $weight): array
    {
        $ordered = [];
        foreach ($combinations as $combination) {
            $bound = max(
                $moment->bound($combination, 1, $weight, $this->held->from, $this->held->to),
                $moment->bound($combination, -1, $weight, $this->held->from, $this->held->to),
            );
            if ($bound > 0.0) {
                $ordered[] = [$combination, $bound];
            }
        }
        usort($ordered, fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $ordered;
    }

    public function case(Combination $combination, int $place): BucklingCase
    {
        return new BucklingCase(
            $this->held,
            $combination,
            $this->arrangements->sum($combination, $this->places[$place]),
        );
    }

    /** The case in which variable load makes the moment of a sign greatest at x. */
    public function caseAt(Combination $combination, float $x, int $sign): BucklingCase
    {
        return new BucklingCase(
            $this->held,
            $combination,
            $this->arrangements->sum($combination, $this->arrangements->worstAt($x, false, $sign)),
        );
    }

    /**
     * What is summed in an arrangement, as numbers of shares.
     *
     * @return list<array{float, int}> factor, share
     */
    public function terms(Combination $combination, int $place, float $weight): array
    {
        $terms = [[$combination->permanent, $this->arrangements->permanent->id]];
        $own = $this->arrangements->responses->own;
        if ($own !== null) {
            $terms[] = [$combination->permanent * $weight, $own->id];
        }
        $ids = $this->shareIds[$place];
        foreach ($combination->variable as $case => $factor) {
            if (isset($ids[$case])) {
                $terms[] = [$factor, $ids[$case]];
            }
        }

        return $terms;
    }

    /**
     * What the moments of a sum do not exceed, Nmm.
     *
     * @param  list<array{float, int}>  $terms
     */
    public function bound(array $terms): float
    {
        $sagging = $hogging = 0.0;
        foreach ($terms as [$factor, $id]) {
            [$sags, $hogs] = $this->extremes[$id];
            $sagging += $factor * $sags;
            $hogging += $factor * $hogs;
        }

        return $sagging > $hogging ? $sagging : $hogging;
    }

    /**
     * A share as the elements need it: its moments, and the same without couples, which have no height.
     *
     * @return array{list<float>, list<float>} MomentSampling
     */
    public function samples(PieceShare $share): array
    {
        if (! isset($this->samples[$share->id])) {
            $moments = $share->moments();
            $couples = $this->couples($moments);
            $sampled = $this->sampling->of($moments);
            $this->samples[$share->id] = [$sampled, $couples === null ? $sampled : $this->sampling->of($couples)];
        }

        return $this->samples[$share->id];
    }

    /**
     * A diagram without the jumps that couples make: it is kept where it is zero at a free end. Null: there are none.
     *
     * @param  list<list<float>>  $moments
     * @return list<list<float>>|null
     */
    private function couples(array $moments): ?array
    {
        $segments = $this->arrangements->responses->segments;
        $last = count($segments) - 1;
        $least = 0.0;
        $jumps = [];
        foreach ($segments as $i => [, , $t0, $t1]) {
            [$a, $b, $c, $d] = $moments[$i];
            $start = $a + $t0 * ($b + $t0 * ($c + $t0 * $d));
            $end = $a + $t1 * ($b + $t1 * ($c + $t1 * $d));
            $least = max($least, abs($start), abs($end));
            $jumps[$i] = $start - ($before ?? ($this->held->forks[0] > $this->held->from ? 0.0 : $start));
            $before = $end;
        }
        $jumps[$last + 1] =
            $this->held->forks[count($this->held->forks) - 1] < $this->held->to ? -($before ?? 0.0) : 0.0;
        if (max(array_map(abs(...), $jumps)) <= 1e-9 * $least) {
            return null;
        }
        foreach ($segments as $i => [, $x, $t0]) {
            $isLeft = $x + $t0 < $this->held->forks[0] - 1e-6;
            // Left of the first fork what has come from the left end goes, right of it what comes up to the right end.
            $jump = $isLeft ? array_sum(array_slice($jumps, 0, $i + 1)) : -array_sum(array_slice($jumps, $i + 1));
            $moments[$i][0] -= $jump;
        }

        return $moments;
    }

    /**
     * Nodes that forces ask for: a few at the forces, or evenly where there are many.
     *
     * @param  list<float>  $breaks
     * @return list<float>
     */
    private function kinks(array $breaks): array
    {
        $held = $this->held;
        $L = $held->length();
        $nodes = [
            ...$held->forks,
            ...array_column($held->flanges, 0),
            ...array_filter($breaks, fn (float $x): bool => $x > $held->from && $x < $held->to),
            $held->from,
            $held->to,
        ];
        $kinks = [];
        $forces = $this->arrangements->responses->forces();
        if (count($forces) <= 3) {
            foreach ($forces as $x) {
                if (min(array_map(fn (float $n): float => abs($n - $x), $nodes)) > 0.08 * $L) {
                    $kinks[] = $nodes[] = $x;
                }
            }

            return $kinks;
        }
        sort($nodes);
        for ($i = 1, $n = count($nodes); $i < $n; $i++) {
            $parts = (int) ceil(($nodes[$i] - $nodes[$i - 1]) / (0.35 * $L));
            for ($k = 1; $k < $parts; $k++) {
                $kinks[] = $nodes[$i - 1] + ($k / $parts) * ($nodes[$i] - $nodes[$i - 1]);
            }
        }

        return $kinks;
    }
}
