<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\Collapse;
use Waage\Analysis\CollapseState;
use Waage\Analysis\LoadSet;

/** @param  array<int, float>  $capacities */
function collapse(Beam $beam, LoadSet $load, float $Mp = 1.0, array $capacities = []): CollapseState
{
    return (new Collapse($beam, $load, $Mp, $capacities))->find() ?? throw new LogicException('It does not collapse.');
}

/** @param  list<float>  $supports  @param  list<bool>  $fixed */
function rigid(array $supports, array $fixed, ?float $length = null): Beam
{
    return Beam::onRigidSupports($length ?? end($supports), $supports, $fixed);
}

$uniform = fn (float $to = 1.0, float $from = 0.0): LoadSet => (new LoadSet())->line($from, $to, 1.0, 1.0);

// Plastic theory, textbook values (B. G. Neal, The Plastic Methods of Structural Analysis; J. Heyman, Plastic Design of
// Frames; from memory) and, where none is given, the mechanism worked by hand. L = 1, M_p = 1, w = 1 or P = 1.
it('finds the classic collapse loads', function (Beam $beam, LoadSet $load, float $factor, array $places): void {
    $state = collapse($beam, $load);
    expect($state->factor)->toBeNear($factor, 1e-9);
    $moving = array_filter(
        $state->hinges,
        fn ($h, $i): bool => abs($state->rotations[$i]) > 1e-9,
        ARRAY_FILTER_USE_BOTH,
    );
    $found = array_map(fn ($h): float => $h->x, array_values($moving));
    sort($found);
    expect($found)->toHaveCount(count($places));
    foreach ($places as $i => $x) {
        expect($found[$i])->toBeNear($x, 1e-7, 1.0);
    }
})->with(function () use ($uniform): array {
    $at = fn (float $x): LoadSet => (new LoadSet())->force($x, 1.0);
    $root = sqrt(2) - 1;

    return [
        'simple beam, 8 Mp/L²' => [rigid([0.0, 1.0], [false, false]), $uniform(), 8.0, [0.5]],
        'fixed at both ends, 16 Mp/L²' => [rigid([0.0, 1.0], [true, true]), $uniform(), 16.0, [0.0, 0.5, 1.0]],
        'propped cantilever, 11.66 Mp/L²' => [
            rigid([0.0, 1.0], [false, true]),
            $uniform(),
            2 / $root ** 2,
            [$root, 1.0],
        ],
        'force in the middle, fixed, 8 Mp/L' => [rigid([0.0, 1.0], [true, true]), $at(0.5), 8.0, [0.0, 0.5, 1.0]],
        'force in the middle, propped, 6 Mp/L' => [rigid([0.0, 1.0], [false, true]), $at(0.5), 6.0, [0.5, 1.0]],
        'force at a third, fixed, 9 Mp/L' => [rigid([0.0, 1.0], [true, true]), $at(1 / 3), 9.0, [0.0, 1 / 3, 1.0]],
        'cantilever, 2 Mp/L²' => [rigid([0.0], [true], 1.0), $uniform(), 2.0, [0.0]],
        'two equal spans, 11.66 Mp/L²' => [
            rigid([0.0, 1.0, 2.0], [false, false, false]),
            $uniform(2.0),
            2 / $root ** 2,
            [$root, 1.0],
        ],
        'two spans, one loaded: the first hinge moves' => [
            rigid([0.0, 1.0, 2.0], [false, false, false]),
            $uniform(),
            2 / $root ** 2,
            [$root, 1.0],
        ],
        'three equal spans: an end span fails' => [
            rigid([0.0, 1.0, 2.0, 3.0], [false, false, false, false]),
            $uniform(3.0),
            2 / $root ** 2,
            [$root, 1.0],
        ],
        'middle span alone loaded, 16 Mp/L²' => [
            rigid([0.0, 1.0, 2.0, 3.0], [false, false, false, false]),
            $uniform(2.0, 1.0),
            16.0,
            [1.0, 1.5, 2.0],
        ],
        // By symmetry of the end moments R = 3λ/8, the peak is at 3/8, and 2 M_p = 9λ/128.
        'fixed beam, left half loaded' => [rigid([0.0, 1.0], [true, true]), $uniform(0.5), 256 / 9, [0.0, 0.375, 1.0]],
        'overhang fails, 2 Mp/a²' => [rigid([0.0, 1.0], [false, false], 2.0), $uniform(2.0, 1.0), 2.0, [1.0]],
        'hinge in the span: a cantilever with a drop-in end' => [
            new Beam(1.0, [BeamSupport::fixed(0.0), BeamSupport::pinned(1.0)], [0.5]),
            $at(0.5),
            2.0,
            [0.0],
        ],
        'a guided end is the middle of a beam twice as long' => [
            new Beam(0.5, [BeamSupport::fixed(0.0), BeamSupport::guided(0.5)]),
            $uniform(0.5),
            16.0,
            [0.0, 0.5],
        ],
        'springs do not matter' => [
            new Beam(
                2.0,
                [BeamSupport::pinned(0.0), BeamSupport::elastic(1.0, 30.0, 0.0), BeamSupport::pinned(2.0)],
                [],
                1.0,
            ),
            $uniform(2.0),
            2 / $root ** 2,
            [$root, 1.0],
        ],
    ];
});

it('lets the ends pass on less than the section', function () use ($uniform): void {
    // End moments of half the plastic moment: λ L²/8 = 1 + 1/2.
    expect(collapse(rigid([0.0, 1.0], [true, true]), $uniform(), 1.0, [0 => 0.5, 1 => 0.5])->factor)
        ->toBeNear(12.0)
        // One end of no more than a quarter: R = λ/2 − 1/4, and R² / 2λ = 1 at the peak, so that λ² − 9 λ + 1/4 = 0.
        ->and(collapse(rigid([0.0, 1.0], [false, true]), $uniform(), 1.0, [1 => 0.25])->factor)
        ->toBeNear((9 + sqrt(80)) / 2);
});

it('tells the hinges in the order in which they form', function () use ($uniform): void {
    // Fixed ends yield at 12 M_p/L², the middle at 16; two spans with one loaded yield in the span first, at 0.4375 L
    // (7/16).
    $fixed = collapse(rigid([0.0, 1.0], [true, true]), $uniform());
    expect(array_map(fn ($h): float => round($h->factor, 9), $fixed->hinges))->toBe([12.0, 12.0, 16.0]);
    $two = collapse(rigid([0.0, 1.0, 2.0], [false, false, false]), $uniform());
    expect($two->hinges[0]->formedAt)
        ->toBeNear(7 / 16)
        ->and($two->hinges[0]->factor)
        ->toBeNear(2 / (7 / 16) ** 2)
        ->and($two->hinges[0]->x)
        ->toBeNear(sqrt(2) - 1, 1e-8)
        ->and($two->hinges[1]->x)
        ->toBe(1.0);
});

it('is bounded from both sides on random beams', function (): void {
    $found = 0;
    foreach (range(1, 300) as $seed) {
        [$beam, $set] = randomBeam($seed);
        $state = (new Collapse($beam, $set, 100.0))->find();
        if ($state === null) {
            continue; // refused: no couple bends it, or the two bounds do not meet
        }
        $found++;
        // Safe: nowhere more than the plastic moment, and in equilibrium, so that the true factor is not less ...
        foreach ($state->moments as $k => $p) {
            $end = $state->breaks[$k + 1] - $state->breaks[$k];
            foreach (range(0, 20) as $i) {
                expect(abs(Waage\Analysis\Polynomial::value($p, ($end * $i) / 20)))->toBeLessThan(
                    100.0 * (1 + 1e-7),
                    "seed {$seed}",
                );
            }
        }
        // ... and the mechanism turns with its moments and does the same work as the loads, so that it is not more.
        foreach ($state->rotations as $i => $rotation) {
            expect($rotation * $state->hinges[$i]->sign)->toBeLessThan(1e-9, "seed {$seed}");
        }
        expect($state->internalWork() / $state->externalWork($set))->toBeNear($state->factor, 1e-6);
    }
    expect($found)->toBeGreaterThan(280);
});
