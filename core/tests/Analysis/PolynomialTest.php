<?php

declare(strict_types=1);

use Waage\Analysis\Polynomial;

it('finds the roots it was built from', function (): void {
    foreach (range(1, 300) as $seed) {
        $r = random($seed);
        $roots = array_unique(array_map(fn (): int => $r->getInt(-5, 15), range(1, $r->getInt(1, 5))));
        sort($roots);
        $p = [1.0];
        foreach ($roots as $root) {
            $p = Polynomial::product($p, [-(float) $root, 1.0]);
        }
        $inside = array_values(array_filter($roots, fn (int $x): bool => $x > 0 && $x < 10));
        $found = Polynomial::roots($p, 0.0, 10.0);
        expect($found)->toHaveCount(count($inside));
        foreach ($inside as $i => $root) {
            expect($found[$i])->toBeNear((float) $root, 1e-8);
        }
    }
});

it('shifts, differentiates and bounds', function (): void {
    $p = [3.0, -2.0, 0.5, 1.25];
    expect(Polynomial::value(Polynomial::shift($p, 2.0), 1.5))
        ->toBeNear(Polynomial::value($p, 3.5))
        ->and(Polynomial::derivative($p))
        ->toBe([-2.0, 1.0, 3.75]);
    foreach (range(0, 20) as $i) {
        $value = Polynomial::value($p, 1 + $i / 10);
        expect($value)
            ->toBeGreaterThanOrEqual(Polynomial::bounds($p, 1.0, 3.0)[0])
            ->toBeLessThanOrEqual(Polynomial::bounds($p, 1.0, 3.0)[1]);
    }
});

it('bounds polynomials of every degree, closely', function (int $degree): void {
    $r = random($degree);
    for ($n = 0; $n < 50; $n++) {
        $p = array_map(fn (): float => $r->getInt(-100, 100) / 10, range(0, $degree));
        [$a, $b] = [$r->getInt(0, 10) / 10, 1 + $r->getInt(1, 10) / 10];
        $values = array_map(fn (int $i): float => Polynomial::value($p, $a + (($b - $a) * $i) / 200), range(0, 200));
        [$least, $most] = Polynomial::bounds($p, $a, $b);
        expect($least)
            ->toBeLessThanOrEqual(min($values) + 1e-9)
            ->and($most)
            ->toBeGreaterThanOrEqual(max($values) - 1e-9);
        // The control points are exact at the ends, so that a small part is bounded closely.
        [$least, $most] = Polynomial::bounds($p, $b - 1e-4, $b);
        expect($most - $least)->toBeLessThan(0.1);
    }
})->with([0, 1, 2, 3, 4, 5]);

it('has no root where there is none', function (array $p): void {
    expect(Polynomial::roots($p, 0.0, 10.0))->toBe([]);
})->with([[[0.0]], [[4.0]], [[1.0, 0.0, 1.0]], [[-20.0, 1.0]]]);
