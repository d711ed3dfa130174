<?php

declare(strict_types=1);

use Waage\Analysis\Waves;

/** @return list<float> c_n of moments M(s), s from 0 to 1, by the midpoint rule */
function waveIntegrals(Closure $moment): array
{
    return array_map(function (int $n) use ($moment): float {
        $sum = 0.0;
        for ($i = 0; $i < 4000; $i++) {
            $s = ($i + 0.5) / 4000;
            $sum += $moment($s) * cos($n * M_PI * $s) / 4000;
        }

        return $sum;
    }, range(0, 2 * Waves::COUNT));
}

it('finds one half wave under uniform moment: M / (G I_t + π² E I_w / L²)', function (): void {
    expect(Waves::greatestEigenvalue(waveIntegrals(fn (float $s): float => 5.0), 2.0, 3.0))->toBeNear(5.0 / (2.0 + 3.0), 1e-6);
});

it('is not driven by moments that put the flange into tension', function (): void {
    expect(Waves::greatestEigenvalue(waveIntegrals(fn (float $s): float => -5.0), 2.0, 3.0))->toBeLessThan(0.0);
});

it('grows in proportion to the moments and falls with the stiffness', function (): void {
    $c = waveIntegrals(fn (float $s): float => 1 - 3 * $s);
    $twice = array_map(fn (float $v): float => 2 * $v, $c);
    expect(Waves::greatestEigenvalue($twice, 2.0, 3.0))->toBeNear(2 * Waves::greatestEigenvalue($c, 2.0, 3.0))
        ->and(Waves::greatestEigenvalue($c, 4.0, 6.0))->toBeNear(Waves::greatestEigenvalue($c, 2.0, 3.0) / 2)
        ->and(Waves::greatestEigenvalue($c, 2.1, 3.0))->toBeLessThan(Waves::greatestEigenvalue($c, 2.0, 3.0));
});

it('is the same from either end', function (): void {
    expect(Waves::greatestEigenvalue(waveIntegrals(fn (float $s): float => 1 - 2 * $s ** 2), 1.0, 1.0))
        ->toBeNear(Waves::greatestEigenvalue(waveIntegrals(fn (float $s): float => 1 - 2 * (1 - $s) ** 2), 1.0, 1.0), 1e-6);
});
