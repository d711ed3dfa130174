<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\LoadSet;
use Waage\Analysis\NaturalFrequency;
use Waage\Analysis\Step;

const GRAVITY = 9806.65;

/**
 * @param  list<BeamSupport>  $holds
 * @param  list<float>  $hinges
 */
function hertzOf(array $holds, LoadSet $weights, float $length = 6000.0, array $hinges = [], float $EI = 1e13): float
{
    return (new NaturalFrequency(new Beam($length, $holds, $hinges, $EI), $weights))->hertz();
}

// (β L)² of uniform beams: R. D. Blevins, Formulas for Natural Frequency and Mode Shape, Table 8-1.
it('agrees with the published modes of uniform beams', function (array $holds, float $lambda2): void {
    $length = max(6000.0, end($holds)->x);
    expect(hertzOf($holds, (new LoadSet())->line(0.0, $length, 5.0, 5.0), $length))->toBeNear(
        ($lambda2 / (2 * M_PI)) * sqrt((1e13 * GRAVITY) / (5.0 * 6000 ** 4)),
        2e-4,
    );
})->with([
    'pinned' => [[BeamSupport::pinned(0.0), BeamSupport::pinned(6000.0)], M_PI ** 2],
    'cantilever' => [[BeamSupport::fixed(0.0)], 3.516],
    'propped' => [[BeamSupport::fixed(0.0), BeamSupport::pinned(6000.0)], 15.418],
    'fixed' => [[BeamSupport::fixed(0.0), BeamSupport::fixed(6000.0)], 22.373],
    'guided half of a pinned beam' => [[BeamSupport::pinned(0.0), BeamSupport::guided(6000.0)], M_PI ** 2 / 4],
    'two equal spans' => [
        [BeamSupport::pinned(0.0), BeamSupport::pinned(6000.0), BeamSupport::pinned(12000.0)],
        M_PI ** 2,
    ],
    'three equal spans' => [
        [
            BeamSupport::pinned(0.0),
            BeamSupport::pinned(6000.0),
            BeamSupport::pinned(12000.0),
            BeamSupport::pinned(18000.0),
        ],
        M_PI ** 2,
    ],
]);

it('agrees with a mass on a spring', function (): void {
    // No other mass: ω² = k / m with k = 48 EI / L³ in the middle of a pinned beam, 3 EI / L³ at the tip of a
    // cantilever.
    $m = 20_000.0 / GRAVITY;
    $middle = hertzOf([BeamSupport::pinned(0.0), BeamSupport::pinned(6000.0)], (new LoadSet())->force(3000.0, 20_000.0));
    $tip = hertzOf([BeamSupport::fixed(0.0)], (new LoadSet())->force(6000.0, 20_000.0));
    expect($middle)
        ->toBeNear(sqrt(48e13 / 6000 ** 3 / $m) / 2 / M_PI, 1e-5)
        ->and($tip)
        ->toBeNear(sqrt(3e13 / 6000 ** 3 / $m) / 2 / M_PI, 1e-5)
        // A stiff beam on two springs: half of the weight on each, 12 kN/mm.
        ->and(
            hertzOf(
                [BeamSupport::elastic(0.0, 12_000.0, 0.0), BeamSupport::elastic(6000.0, 12_000.0, 0.0)],
                (new LoadSet())->line(0.0, 6000.0, 10.0, 10.0),
                EI: 1e18,
            ),
        )
        ->toBeNear(sqrt(24_000 / (60_000 / GRAVITY)) / 2 / M_PI, 1e-3)
        ->and(hertzOf([BeamSupport::pinned(0.0), BeamSupport::pinned(6000.0)], new LoadSet()))
        ->toBe(INF);
});

it('keeps within the bounds of Rayleigh and Dunkerley', function (): void {
    // Below the estimate from any shape, above 1 / √(Σ 1/f²) of the masses one by one.
    foreach (range(1, 20) as $seed) {
        $r = random($seed);
        $holds = [BeamSupport::pinned(0.0), BeamSupport::pinned((float) $r->getInt(3000, 6000))];
        $length = $holds[1]->x + $r->getInt(0, 1500);
        $beam = new Beam($length, $holds, [], 2e13, 1.0, [new Step(1000.0, 2000.0, 4e13, 1.0)]);
        $line = (new LoadSet())->line(500.0, $length, (float) $r->getInt(2, 6), (float) $r->getInt(2, 9));
        $force = (new LoadSet())->force((float) $r->getInt(1200, 2800), (float) $r->getInt(5, 30) * 1000);
        $both = (new LoadSet())->with($line, 1.0)->with($force, 1.0);
        $f = (new NaturalFrequency($beam, $both))->hertz();
        $dunkerley =
            1 /
            sqrt(
                (new NaturalFrequency($beam, $line))->hertz() ** -2 + (new NaturalFrequency($beam, $force))->hertz() ** -2,
            );
        // A half sine wave between the supports, straight beyond.
        $n = 4000;
        $kinetic = $potential = 0.0;
        $l = $holds[1]->x;
        for ($i = 0; $i < $n; $i++) {
            $x = (($i + 0.5) * $length) / $n;
            $w = $x < $l ? sin((M_PI * $x) / $l) : (-M_PI / $l) * ($x - $l);
            [[$a, $b, $qa, $qb]] = $line->lines;
            $kinetic +=
                $x > $a ? ((($qa + (($qb - $qa) * ($x - $a)) / ($b - $a)) / GRAVITY) * $w ** 2 * $length) / $n : 0.0;
            $potential +=
                $x < $l ? (($x > 1000 && $x < 2000 ? 4e13 : 2e13) * ((M_PI / $l) ** 2 * $w) ** 2 * $length) / $n : 0.0;
        }
        $kinetic += ($force->forces[0][1] / GRAVITY) * sin((M_PI * $force->forces[0][0]) / $l) ** 2;
        expect($f)
            ->toBeLessThan((sqrt($potential / $kinetic) / 2 / M_PI) * 1.001)
            ->toBeGreaterThan($dunkerley * 0.999);
    }
});
