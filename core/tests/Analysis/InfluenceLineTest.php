<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\InfluenceLine;
use Waage\Analysis\LoadSet;
use Waage\Analysis\Polynomial;

function ordinate(InfluenceLine $line, float $x): float
{
    foreach ($line->pieces as [$from, $to, $p]) {
        if ($x >= $from && $x <= $to) {
            return Polynomial::value($p, $x - $from);
        }
    }
    throw new LogicException("No influence at {$x}.");
}

// Simple beams: by statics. Continuous beams of equal spans: G. Anger, "Zehnteilige Einflußlinien für durchlaufende
// Träger", two and three spans; from memory, and by the three-moment equation.
it('agrees with published ordinates', function (array $supports, Closure $line, array $ordinates): void {
    $influence = $line(
        Beam::onRigidSupports(
            (float) end($supports),
            array_map(floatval(...), $supports),
            array_fill(0, count($supports), false),
        ),
    );
    foreach ($ordinates as [$x, $expected]) {
        expect(ordinate($influence, $x))->toBeNear($expected, 1e-6, 1.0);
    }
})->with([
    'simple beam, moment at midspan: L/4' => [
        [0, 8],
        fn (Beam $b) => InfluenceLine::ofMoment($b, 4.0),
        [[4.0, 2.0], [2.0, 1.0], [6.0, 1.0]],
    ],
    'simple beam, moment at a: ab/L' => [
        [0, 10],
        fn (Beam $b) => InfluenceLine::ofMoment($b, 3.0),
        [[3.0, 2.1], [8.0, 0.6]],
    ],
    'simple beam, shear at a: −x/L, 1 − x/L' => [
        [0, 10],
        fn (Beam $b) => InfluenceLine::ofShear($b, 3.0),
        [[2.0, -0.2], [5.0, 0.5], [9.0, 0.1]],
    ],
    'simple beam, reaction' => [
        [0, 10],
        fn (Beam $b) => InfluenceLine::ofReaction($b, 0),
        [[0.0, 1.0], [4.0, 0.6], [10.0, 0.0]],
    ],
    'two spans, moment over the support: −(ξ − ξ³) l/4' => [
        [0, 1, 2],
        fn (Beam $b) => InfluenceLine::ofMoment($b, 1.0),
        [[0.2, -0.048], [0.4, -0.084], [0.5, -0.09375], [0.6, -0.096], [1.5, -0.09375]],
    ],
    'two spans, reaction of the middle: (3ξ − ξ³)/2' => [
        [0, 1, 2],
        fn (Beam $b) => InfluenceLine::ofReaction($b, 1),
        [[0.5, 0.6875], [1.0, 1.0], [1.5, 0.6875]],
    ],
    'two spans, moment at midspan: 13/64 l, −3/64 l' => [
        [0, 1, 2],
        fn (Beam $b) => InfluenceLine::ofMoment($b, 0.5),
        [[0.5, 13 / 64], [1.5, -3 / 64]],
    ],
    'three spans, moment over the second support: −1/10 (load in the middle of span 1), −3/40, +1/40' => [
        [0, 1, 2, 3],
        fn (Beam $b) => InfluenceLine::ofMoment($b, 1.0),
        [[0.5, -0.1], [1.5, -0.075], [2.5, 0.025]],
    ],
]);

it('is what the unit load itself makes, on springs and with hinges too', function (): void {
    $beams = [
        new Beam(9.0, [BeamSupport::fixed(0), BeamSupport::elastic(4, 0.8, 2.0), BeamSupport::pinned(8)], [], 5.0),
        new Beam(12.0, [BeamSupport::pinned(1), BeamSupport::pinned(5), BeamSupport::pinned(11)], [6.0], 3.0),
        new Beam(6.0, [BeamSupport::fixed(0), BeamSupport::guided(6)], [], 2.0),
    ];
    foreach ($beams as $beam) {
        $at = 0.37 * $beam->length;
        $lines = ['M' => InfluenceLine::ofMoment($beam, $at), 'V' => InfluenceLine::ofShear($beam, $at)];
        foreach ([0.05, 0.21, 0.55, 0.83, 0.97] as $part) {
            $x = $part * $beam->length;
            $r = $beam->solve([(new LoadSet())->force($x, 1.0)]);
            $k = $r->segmentAt($at);
            [$a, $b, $c, $d] = $r->M[0][$k];
            $t = $at - $r->breaks[$k];
            expect(ordinate($lines['M'], $x))
                ->toBeNear($a + $t * ($b + $t * ($c + $t * $d)), 1e-9, 1.0)
                ->and(ordinate($lines['V'], $x))
                ->toBeNear($b + $t * (2 * $c + $t * 3 * $d), 1e-9, 1.0);
            foreach ($beam->holds as $i => $hold) {
                if ($hold->vertical > 0) {
                    expect(ordinate(InfluenceLine::ofReaction($beam, $i), $x))->toBeNear(
                        $r->reactions[0][$i][0],
                        1e-9,
                        1.0,
                    );
                }
            }
        }
    }
});

it('finds the worst lengths of a uniform load, which reach into a span', function (): void {
    $beam = Beam::onRigidSupports(8.0, [0.0, 4.0, 8.0], [false, false, false]);
    $shear = InfluenceLine::ofShear($beam, 1.0);
    [$down, $up] = [$shear->worst(1), $shear->worst(-1)];
    expect($down['parts'][0][0])
        ->toBeNear(1.0)
        ->and($up['parts'][0])
        ->toEqual([0.0, 1.0])
        ->and($down['area'] + $up['area'])
        ->toBeNear($shear->area(0.0, 8.0))
        // The same by the statics of the loads themselves.
        ->and($down['area'] + $up['area'])
        ->toBeNear((3 / 8) * 4 - 1)
        ->and($down['area'])
        ->toBeGreaterThan(max(0.0, $shear->area(0.0, 4.0)) + max(0.0, $shear->area(4.0, 8.0)));
});

describe('a train of axles', function (): void {
    $simple = Beam::onRigidSupports(10.0, [0.0, 10.0], [false, false]);

    it('stands with the middle between resultant and axle at midspan: the handbook rule', function () use (
        $simple,
    ): void {
        // Two equal forces P at a distance d: M_max = P (L − d/2)² / 2L under the axle that is d/4 from midspan.
        $at = 5.0 - 2.0 / 4;
        $worst = InfluenceLine::ofMoment($simple, $at)->train([[0.0, 3.0], [2.0, 3.0]], 1);
        expect($worst['value'])->toBeNear((3 * (10 - 1) ** 2) / 20);
        foreach ([3.9, 4.2, 4.8, 5.0] as $other) {
            expect(InfluenceLine::ofMoment($simple, $other)->train([[0.0, 3.0], [2.0, 3.0]], 1)['value'])->toBeLessThan(
                $worst['value'] + 1e-9,
            );
        }
    });

    it('may stand with a part of it beyond the ends', function () use ($simple): void {
        $worst = InfluenceLine::ofReaction($simple, 0)->train([[0.0, 1.0], [8.0, 5.0]], 1);
        // The heavy axle, which is behind, over the support; the first one is 8 ahead.
        expect($worst['value'])
            ->toBeNear(5.0 + 0.2)
            ->and($worst['x'])
            ->toBeNear(8.0);
    });

    it('is never less than what a walk over the beam finds', function (): void {
        $beam = Beam::onRigidSupports(15.0, [0.0, 6.0, 11.0, 15.0], [false, false, false, true]);
        $axles = [[0.0, 40.0], [1.3, 80.0], [4.1, 80.0]];
        foreach (
            [
                InfluenceLine::ofMoment($beam, 2.4),
                InfluenceLine::ofShear($beam, 7.0),
                InfluenceLine::ofReaction($beam, 1),
            ] as $line
        ) {
            foreach ([1, -1] as $sign) {
                $found = 0.0;
                for ($p = -0.003; $p < 20; $p += 0.0127) {
                    $sum = array_sum(
                        array_map(
                            fn (array $a): float => $p - $a[0] >= 0 && $p - $a[0] <= 15.0
                                ? $a[1] * ordinate($line, $p - $a[0])
                                : 0.0,
                            $axles,
                        ),
                    );
                    $found = max($found, $sign * $sum);
                }
                $worst = $sign * $line->train($axles, $sign)['value'];
                expect($worst)
                    ->toBeGreaterThanOrEqual($found - 1e-9)
                    ->and($worst)
                    ->toBeNear($found, 0.02, 1.0);
            }
        }
    });
});

it('jumps by one at a support, and calls no rounding loaded', function (): void {
    $beam = Beam::onRigidSupports(12.0, [0.0, 6.0, 12.0], [false, false, false]);
    [$left, $right] = [InfluenceLine::ofShearLeftOf($beam, 6.0), InfluenceLine::ofShear($beam, 6.0)];
    // 1.25 w L each way, w L²/8 over the support.
    expect($left->area(0.0, 12.0))
        ->toBeNear(-0.625 * 6, 1e-6)
        ->and($right->area(0.0, 12.0))
        ->toBeNear(0.625 * 6, 1e-6);
    $hinged = new Beam(18.0, [BeamSupport::pinned(0.0), BeamSupport::pinned(6.0), BeamSupport::pinned(14.0)], [8.0]);
    expect(InfluenceLine::ofMoment($hinged, 11.0)->worst(1)['parts'])->toEqualWithDelta([[8.0, 14.0]], 1e-6);
});
