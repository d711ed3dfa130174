<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

use Waage\Materials\Concrete\PlaneSection;

const LAW = [2.0, 3.5, 2.0];

function rectangleOf(float $b, float $h, array $bars): PlaneSection
{
    return new PlaneSection([[[0.0, 0.0], [$b, 0.0], [$b, $h], [0.0, $h]]], $bars, 20.0, 500 / 1.15, LAW);
}

// A grid of fibres, each with its stress at its middle, in place of bands between the corners.
it('has the forces of a grid of fibres, with a hole and a sloping axis', function (float $angle, float $N): void {
    $bars = [
        [50.0, 50.0, 491.0],
        [350.0, 50.0, 491.0],
        [50.0, 550.0, 314.0],
        [350.0, 550.0, 314.0],
        [200.0, 50.0, 491.0],
    ];
    $outer = [[0.0, 0.0], [400.0, 0.0], [400.0, 600.0], [0.0, 600.0]];
    $hole = [[150.0, 200.0], [150.0, 450.0], [250.0, 450.0], [250.0, 200.0]];
    $section = new PlaneSection([$outer, $hole], $bars, 20.0, 500 / 1.15, LAW);
    $found = $section->at($angle, $N);
    [$sin, $cos] = [sin($angle), cos($angle)];
    $top = max(array_map(fn (array $p): float => $p[0] * $sin + $p[1] * $cos, $outer));
    $x = $found['depth'] ?? 0.0;
    $h = $top - min(array_map(fn (array $p): float => $p[0] * $sin + $p[1] * $cos, $outer));
    $eps = fn (float $y, float $z): float => $x <= $h
        ? (3.5 * ($x - $top + $y * $sin + $z * $cos)) / $x
        : (2.0 * ($x - $top + $y * $sin + $z * $cos)) / ($x - ($h * 3) / 7);
    $law = fn (float $e): float => $e <= 0 ? 0.0 : 20 * (1 - (1 - min(1.0, $e / 2)) ** 2);
    [$yc, $zc] = [(240000 * 200 - 25000 * 200) / 215000, (240000 * 300 - 25000 * 325) / 215000];
    $sum = [0.0, 0.0, 0.0];
    for ($y = 1.0; $y < 400; $y += 2) {
        for ($z = 1.0; $z < 600; $z += 2) {
            $F = $y > 150 && $y < 250 && $z > 200 && $z < 450 ? 0.0 : 4 * $law($eps($y, $z));
            $sum = [$sum[0] + $F, $sum[1] + $F * ($z - $zc), $sum[2] + $F * ($y - $yc)];
        }
    }
    foreach ($bars as [$y, $z, $A]) {
        $F = $A * (max(-500 / 1.15, min(500 / 1.15, 200 * $eps($y, $z))) - $law($eps($y, $z)));
        $sum = [$sum[0] + $F, $sum[1] + $F * ($z - $zc), $sum[2] + $F * ($y - $yc)];
    }
    $forces = $found['forces'] ?? ['N' => 0.0, 'My' => 0.0, 'Mz' => 0.0];
    expect($forces['N'])
        ->toBeNear($N, 1e-6, 1.0)
        ->and($sum[0])
        ->toBeNear($N, 3e-3, 6e3)
        ->and($forces['My'])
        ->toBeNear($sum[1], 4e-3, 5e5)
        ->and($forces['Mz'])
        ->toBeNear($sum[2], 4e-3, 5e5);
})->with([[0.0, 1e5], [0.0, 1.5e6], [0.5, 8e5], [-0.9, 2e5], [2.2, 1.2e6], [0.3, 3.9e6], [0.0, -2e5]]);

// x by hand: parabola-rectangle 0.8095 and 0.416 of x: 0.8095 x · 300 · 20 = 1256.6 · 434.8: x = 112.5, M = 546.4 (452
// − 46.8) = 221.4 kNm.
it('bends a rectangle as by hand', function (): void {
    $found = rectangleOf(300.0, 500.0, [[150.0, 48.0, 1256.64]])->at(0.0, 0.0);
    expect($found['depth'] ?? 0)
        ->toBeNear(112.5, 1e-3)
        ->and($found['forces']['My'] ?? 0)
        ->toBeNear(221.4e6, 1e-3);
});

it('squashes at the strain of the peak, and takes no more', function (): void {
    $section = rectangleOf(300.0, 500.0, [[150.0, 250.0, 2000.0]]);
    expect($section->forces(0.0, INF)['N'])
        ->toBeNear(20 * 150000 + 2000 * (400 - 20), 1e-9)
        ->and($section->at(0.0, 3.8e6))
        ->toBeNull()
        ->and($section->at(0.0, -1e6))
        ->toBeNull();
});

it('is mirrored with its bars', function (): void {
    $a = rectangleOf(300.0, 500.0, [[50.0, 50.0, 500.0], [250.0, 50.0, 1000.0]])->at(0.4, 3e5);
    $b = rectangleOf(300.0, 500.0, [[250.0, 50.0, 500.0], [50.0, 50.0, 1000.0]])->at(-0.4, 3e5);
    expect($a['forces']['My'] ?? 0)
        ->toBeNear($b['forces']['My'] ?? 1, 1e-9)
        ->and($a['forces']['Mz'] ?? 0)
        ->toBeNear(-($b['forces']['Mz'] ?? 1), 1e-9);
});
