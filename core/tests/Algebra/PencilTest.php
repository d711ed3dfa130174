<?php

declare(strict_types=1);

use Waage\Algebra\Pencil;
use Waage\Analysis\Lateral\Gauss;
use Waage\Analysis\Lateral\Shapes;

/** The least positive λ with det(K + λ G) = 0 of full matrices: the first change of sign of any pivot, by bisection. */
function leastByBisection(array $K, array $G, float $most): float
{
    $definite = function (float $factor) use ($K, $G): bool {
        $A = [];
        foreach ($K as $i => $row) {
            foreach ($row as $j => $k) {
                $A[$i][$j] = $k + $factor * $G[$i][$j];
            }
        }
        for ($p = 0, $n = count($A); $p < $n; $p++) {
            if ($A[$p][$p] <= 0.0) {
                return false;
            }
            for ($i = $p + 1; $i < $n; $i++) {
                $f = $A[$i][$p] / $A[$p][$p];
                for ($j = $p; $j < $n; $j++) {
                    $A[$i][$j] -= $f * $A[$p][$j];
                }
            }
        }

        return true;
    };
    if ($definite($most)) {
        return INF;
    }
    [$low, $high] = [0.0, $most];
    for ($i = 0; $i < 60; $i++) {
        $middle = ($low + $high) / 2;
        $definite($middle) ? ($low = $middle) : ($high = $middle);
    }

    return $low;
}

it('finds the least positive eigenvalue of band matrices, with and without a start', function (int $seed): void {
    $r = random($seed);
    $any = fn (): float => $r->getInt(-1000, 1000) / 1000;
    $n = $r->getInt(3, 14);
    $band = $r->getInt(1, $n - 1);
    $K = $G = array_fill(0, $n, array_fill(0, $n, 0.0));
    $bandK = $bandG = array_fill(0, $n, array_fill(0, $band + 1, 0.0));
    for ($i = 0; $i < $n; $i++) {
        for ($j = max(0, $i - $band); $j <= $i; $j++) {
            $K[$i][$j] = $K[$j][$i] = $bandK[$i][$band - $i + $j] = $i === $j ? $n + 1.0 : $any();
            $G[$i][$j] = $G[$j][$i] = $bandG[$i][$band - $i + $j] =
                $any() - ($seed % 3 === 0 && $i === $j ? 2.0 : 0.0) + ($seed % 3 === 1 && $i === $j ? $n : 0.0);
        }
    }
    $pencil = new Pencil($n, $band, $bandK, $bandG);
    $most = 1e4;
    $expected = leastByBisection($K, $G, $most);
    [$lambda, $x] = $pencil->least(null, $most);
    [$again] = $pencil->least(array_map(fn (float $v): float => $v + 0.05 * $any(), $x), $most);
    if ($expected === INF) {
        expect([$lambda, $again])->toBe([INF, INF]);

        return;
    }
    expect($lambda)
        ->toBeNear($expected, 1e-5)
        ->and($again)
        ->toBeNear($expected, 1e-5)
        ->and($pencil->isAbove(0.999 * $expected))
        ->toBeTrue()
        ->and($pencil->isAbove(1.001 * $expected))
        ->toBeFalse();
    // The shape: (K + λ G) x = 0, of unit size.
    $size = $rest = 0.0;
    foreach ($K as $i => $row) {
        $own = 0.0;
        foreach ($row as $j => $k) {
            $size += $x[$i] * $k * $x[$j];
            $own += ($k + $lambda * $G[$i][$j]) * $x[$j];
        }
        $rest = max($rest, abs($own));
    }
    expect($size)->toBeNear(1.0, 1e-9)->and($rest)->toBeLessThan(0.03);
})->with(range(1, 40));

it('integrates polynomials exactly', function (int $n): void {
    [$places, $weights] = Gauss::rule($n);
    for ($power = 0; $power < 2 * $n; $power++) {
        expect(array_sum(array_map(fn (float $x, float $w): float => $w * $x ** $power, $places, $weights)))->toBeNear(
            1 / ($power + 1),
            1e-12,
        );
    }
})->with([1, 2, 5, 9, 11]);

it(
    'has shape functions whose slopes and curvatures are their derivatives, and that vanish at the ends',
    function (): void {
        $h = 1e-5;
        foreach ([0.13, 0.5, 0.77] as $x) {
            $before = Shapes::at(7, $x - $h);
            $after = Shapes::at(7, $x + $h);
            foreach (Shapes::at(7, $x) as $i => [, $slope, $curvature]) {
                expect(($after[$i][0] - $before[$i][0]) / (2 * $h))
                    ->toBeNear($slope, 1e-6, 1.0)
                    ->and(($after[$i][1] - $before[$i][1]) / (2 * $h))
                    ->toBeNear($curvature, 1e-6, 1.0);
            }
        }
        foreach ([0.0, 1.0] as $x) {
            foreach (array_slice(Shapes::at(7, $x), 4) as [$value, $slope]) {
                expect($value)->toBeNear(0.0, 1e-12, 1.0)->and($slope)->toBeNear(0.0, 1e-12, 1.0);
            }
        }
    },
);
