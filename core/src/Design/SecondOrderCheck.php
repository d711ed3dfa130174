<?php

declare(strict_types=1);

namespace Waage\Design;

use Waage\Analysis\Effect;
use Waage\Analysis\Extreme;
use Waage\Analysis\Polynomial;
use Waage\Analysis\SecondOrder;
use Waage\Loading\Combination;

/**
 * What the axial force makes of the deflection in the plane of bending: how far the loads of a combination are from
 * buckling the member, and moment and deflection of second order beside those of first order.
 *
 * Of each strength combination the arrangement with the greatest compression and, of what does not change it, the
 * greatest moment; perfectly straight, without imperfections.
 */
final readonly class SecondOrderCheck
{
    /** First order is good enough from here on (EN 1993-1-1, 5.2.1(3), elastic analysis). */
    public const ENOUGH = 10.0;

    /** Combinations with the greatest compression that are looked at. */
    private const MOST = 12;

    public function __construct(private Design $design)
    {
    }

    /**
     * @return array{factor: float|null, enough: bool, rows: list<array<string, mixed>>}|null
     *     core/schema/result.schema.json, secondOrder; null: nothing is compressed
     */
    public function toArray(): ?array
    {
        $axial = $this->design->envelopes->axial;
        if ($axial === null) {
            return null;
        }
        $weight = $this->design->member->make->weight();
        $compressed = [];
        foreach ($this->design->ultimate() as $combination) {
            $e = $axial->extreme([$combination], 1, $weight);
            if ($e !== null && $e->value > 1.0) {
                $compressed[] = $e;
            }
        }
        usort($compressed, fn (Extreme $a, Extreme $b): int => $b->value <=> $a->value);
        $rows = array_map(
            fn (Extreme $e): array => $this->row($e->combination, $e->value, $this->factors($e, $weight)),
            array_slice($compressed, 0, self::MOST),
        );
        if ($rows === []) {
            return null;
        }
        usort($rows, fn (array $a, array $b): int => ($a['factor'] ?? INF) <=> ($b['factor'] ?? INF));

        return [
            'factor' => $rows[0]['factor'],
            'enough' => $rows[0]['factor'] === null || $rows[0]['factor'] >= self::ENOUGH,
            'rows' => $rows,
        ];
    }

    /**
     * @param  Extreme  $e  the greatest compression
     * @return array<int, float> load set => factor
     */
    private function factors(Extreme $e, float $weight): array
    {
        $beam = $this->design->beam;
        $N = $beam->responses->valuesAt(Effect::Axial, $e->segment, $e->t);
        $patterns = $beam->patterns(1, $N);
        $moments = array_filter(
            array_map(
                fn (int $sign): ?Extreme => $this->design->envelopes->moment->extreme(
                    [$e->combination],
                    $sign,
                    $weight,
                ),
                [1, -1],
            ),
        );
        usort($moments, fn (Extreme $a, Extreme $b): int => abs($b->value) <=> abs($a->value));
        $bends =
            $moments === []
                ? []
                : $beam->patterns(
                    $moments[0]->value >= 0 ? 1 : -1,
                    $beam->responses->valuesAt(Effect::Moment, $moments[0]->segment, $moments[0]->t),
                );
        foreach ($beam->cases as $case) {
            $presses = array_filter($case->sets, fn (int $set): bool => abs($N[$set]) > 1e-6 * $e->value);
            if (! $case->isPermanent && $presses === []) {
                $patterns[$case->case->id] = $bends[$case->case->id] ?? [];
            }
        }

        return $beam->factors($e->combination, $weight, $patterns);
    }

    /**
     * @param  float  $N  greatest compression
     * @param  array<int, float>  $factors
     * @return array{combination: string, arrangement: string, N: float, factor: float|null, length: float|null,
     *     first: array{M: float, w: float}, second: array{M: float, w: float}|null}
     */
    private function row(Combination $combination, float $N, array $factors): array
    {
        $responses = $this->design->beam->responses;
        $sum = fn (Effect $effect): array => array_map(
            fn (int $k): array => array_values($responses->combined($effect, $factors, $k)),
            range(0, $responses->segments() - 1),
        );
        $beam = $this->design->beam->beam;
        $theory = SecondOrder::of($beam, $responses, $factors);
        $factor = $theory->criticalFactor();
        $M = $sum(Effect::Moment);
        $first = $second = ['M' => 0.0, 'w' => 0.0];
        foreach ($sum(Effect::Deflection) as $k => $w) {
            $l = $responses->breaks[$k + 1] - $responses->breaks[$k];
            $first = [
                'M' => max($first['M'], self::greatest($M[$k], $l)),
                'w' => max($first['w'], self::greatest($w, $l) / $beam->EI),
            ];
        }
        $pieces = $factor > 1.0 ? $theory->solve() : null;
        foreach ($pieces ?? [] as [$from, $to, $grown, $w]) {
            $k = $responses->segmentAt($from);
            $total = Polynomial::sum($grown, Polynomial::shift($M[$k], $from - $responses->breaks[$k]));
            $second = [
                'M' => max($second['M'], self::greatest($total, $to - $from)),
                'w' => max($second['w'], self::greatest($w, $to - $from)),
            ];
        }

        return [
            'combination' => $combination->id,
            'arrangement' => $this->design->beam->arrangementText($factors),
            'N' => $N,
            'factor' => is_finite($factor) ? $factor : null,
            'length' => is_finite($factor) && $beam->steps === [] ? M_PI * sqrt($beam->EI / ($factor * $N)) : null,
            'first' => $first,
            'second' => $pieces === null ? null : $second,
        ];
    }

    /**
     * The greatest absolute value.
     *
     * @param  list<float>  $p
     */
    private static function greatest(array $p, float $l): float
    {
        // Terms that are nothing on this length would only make the search for roots hard.
        $size = array_map(fn (float $c, int $i): float => abs($c) * $l ** $i, $p, array_keys($p));
        while (count($p) > 4 && end($size) <= 1e-13 * max([0.0, ...$size])) {
            array_pop($p);
            array_pop($size);
        }

        $greatest = 0.0;
        foreach ([0.0, ...Polynomial::roots(Polynomial::derivative(array_values($p)), 0.0, $l), $l] as $t) {
            $greatest = max($greatest, abs(Polynomial::value(array_values($p), $t)));
        }

        return $greatest;
    }
}
