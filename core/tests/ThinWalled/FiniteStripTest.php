<?php

declare(strict_types=1);

namespace Waage\Tests\ThinWalled;

use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;

/**
 * The buckling coefficient k of a plate of 200 mm by 2 mm, σ = k π² E/(12 (1 − ν²)) (t/b)², least over half-waves.
 *
 * @param  array{float, float, float}  $first  springs along either edge
 * @param  array{float, float, float}  $last
 */
function plateFactor(array $first, array $last, float $gradient, float $from, float $to): float
{
    $n = 16;
    $points = array_map(fn (int $i): array => [(200.0 * $i) / $n, 0.0], range(0, $n));
    $strip = new FiniteStrip($points, array_fill(0, $n, 2.0), 210e3, 0.3, [0 => $first, $n => $last]);
    $stresses = array_map(fn (int $i): float => 1.0 + (($gradient - 1.0) * $i) / $n, range(0, $n));
    $least = INF;
    for ($i = 0; $i <= 60; $i++) {
        $least = min($least, $strip->factor($from * ($to / $from) ** ($i / 60), $stresses));
    }

    return $least / (((M_PI ** 2 * 210e3) / (12 * (1 - 0.09))) * (2 / 200) ** 2);
}

// Timoshenko and Gere, Theory of Elastic Stability: long plates in compression and in bending, edges simple, clamped or
// free.
it('has the buckling factors of plates', function (
    array $first,
    array $last,
    float $gradient,
    float $from,
    float $to,
    float $k,
): void {
    expect(plateFactor($first, $last, $gradient, $from, $to))->toBeNear($k, 0.006);
})->with([
    'simple, simple' => [[1e3, 1e6, 0.0], [0.0, 1e6, 0.0], 1.0, 100, 400, 4.0],
    'simple, clamped' => [[1e3, 1e6, 0.0], [0.0, 1e6, 1e9], 1.0, 100, 400, 5.42],
    'clamped, clamped' => [[1e3, 1e6, 1e9], [0.0, 1e6, 1e9], 1.0, 80, 300, 6.97],
    'simple, free' => [[1e3, 1e6, 0.0], [0.0, 0.0, 0.0], 1.0, 2000, 8000, 0.425],
    'clamped, free' => [[1e3, 1e6, 1e9], [0.0, 0.0, 0.0], 1.0, 200, 600, 1.277],
    'bending' => [[1e3, 1e6, 0.0], [0.0, 1e6, 0.0], -1.0, 80, 300, 23.9],
]);

// An independent model of strips in NumPy: dense, with all eigenvalues; random C, Z and hats, local to global.
it('agrees with an independent strip model', function (): void {
    mt_srand(19);
    $number = fn (float $a, float $b): float => $a + (($b - $a) * mt_rand()) / mt_getrandmax();
    $given = $ours = [];
    for ($i = 0; $i < 4; $i++) {
        [$h, $b, $c, $t] = [$number(100, 250), $number(40, 80), $number(12, 25), $number(1, 3)];
        $midline =
            $i < 3
                ? Midline::folded($i === 1, [$h, $b, $c], $t, 3.0)
                : Midline::rounded([[0, 0], [20, 0], [25, $h], [90, $h], [95, 0], [115, 0]], $t, 4.0);
        $z = array_column($midline->points, 1);
        $stresses = array_map(
            fn (float $at): float => 1.0 - ((2 * (max($z) - $at)) / (max($z) - min($z))) * ($i % 2),
            $z,
        );
        $lengths = [0.6 * $h, 3 * $h, 15 * $h];
        $given[] = [
            'points' => $midline->points,
            't' => $t,
            'E' => 203e3,
            'stresses' => $stresses,
            'lengths' => $lengths,
        ];
        $strips = new FiniteStrip($midline->points, $midline->thicknesses(), 203e3);
        $ours[] = array_map(fn (float $length): float => $strips->factor($length, $stresses), $lengths);
    }
    foreach (reference('strips', $given) as $i => $factors) {
        foreach ($factors as $k => $factor) {
            expect($ours[$i][$k])->toBeNear($factor, 1e-6);
        }
    }
});
