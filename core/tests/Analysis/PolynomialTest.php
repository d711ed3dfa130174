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
    expect(Polynomial::value(Polynomial::shift($p, 2.0), 1.5))->toBeNear(Polynomial::value($p, 3.5))
        ->and(Polynomial::derivative($p))->toBe([-2.0, 1.0, 3.75]);
    foreach (range(0, 20) as $i) {
        expect(Polynomial::value($p, 1 + $i / 10))->toBeLessThanOrEqual(Polynomial::upperBound($p, 1.0, 3.0));
    }
});

it('has no root where there is none', function (array $p): void {
    expect(Polynomial::roots($p, 0.0, 10.0))->toBe([]);
})->with([[[0.0]], [[4.0]], [[1.0, 0.0, 1.0]], [[-20.0, 1.0]]]);
