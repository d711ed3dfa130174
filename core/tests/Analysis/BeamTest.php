<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\LoadSet;
use Waage\Analysis\UnstableBeam;

// Closed forms of the handbooks: Steel Designers' Manual (Blackwell, 6th ed.), "Design theory: bending moment, shear
// and deflection tables"; Roark's Formulas for Stress and Strain (7th ed.), Table 8.1. From memory. Unit EI, L = 8.
const L = 8.0;

it('agrees with closed forms', function (
    array $supports,
    array $fixed,
    Closure $load,
    array $moments,
    array $deflections,
    array $reactions,
): void {
    $response = Beam::onRigidSupports(L, $supports, $fixed)->solve([$load(new LoadSet())]);
    foreach ($moments as [$x, $expected]) {
        expect(momentAt($response, $x, $x === L))->toBeNear($expected, 1e-9, 1.0);
    }
    foreach ($deflections as [$x, $expected]) {
        expect(deflectionAt($response, $x))->toBeNear($expected, 1e-9, 1.0);
    }
    foreach ($reactions as $i => $expected) {
        expect($response->reactions[0][$i][0])->toBeNear($expected, 1e-9, 1.0);
    }
})->with([
    'simple, uniform: wL²/8, 5wL⁴/384' => [
        [0.0, L],
        [false, false],
        fn (LoadSet $s) => $s->line(0, L, 3, 3),
        [[4.0, (3 * 64) / 8]],
        [[4.0, (5 * 3 * 4096) / 384]],
        [12.0, 12.0],
    ],
    'simple, force at midspan: PL/4, PL³/48' => [
        [0.0, L],
        [false, false],
        fn (LoadSet $s) => $s->force(4, 10),
        [[4.0, 20.0]],
        [[4.0, (10 * 512) / 48]],
        [5.0, 5.0],
    ],
    'simple, force at a: Pab/L, Pa²b²/3L' => [
        [0.0, L],
        [false, false],
        fn (LoadSet $s) => $s->force(2, 10),
        [[2.0, 15.0]],
        [[2.0, (10 * 4 * 36) / 24]],
        [7.5, 2.5],
    ],
    'simple, triangle: wL/6, wL/3, wL²/16 at midspan' => [
        [0.0, L],
        [false, false],
        fn (LoadSet $s) => $s->line(0, L, 0, 6),
        [[4.0, (6 * 64) / 16]],
        [[4.0, (5 * 6 * 4096) / 768]],
        [8.0, 16.0],
    ],
    'simple, moment at an end: ML²/16 at midspan' => [
        [0.0, L],
        [false, false],
        fn (LoadSet $s) => $s->moment(0, 12),
        [[0.0, 12.0], [4.0, 6.0]],
        [[4.0, (12 * 64) / 16]],
        [-1.5, 1.5],
    ],
    'cantilever, force at the tip: PL, PL³/3' => [
        [0.0],
        [true],
        fn (LoadSet $s) => $s->force(L, 2),
        [[0.0, -16.0]],
        [[L, (2 * 512) / 3]],
        [2.0],
    ],
    'cantilever, uniform: wL²/2, wL⁴/8' => [
        [0.0],
        [true],
        fn (LoadSet $s) => $s->line(0, L, 2, 2),
        [[0.0, -64.0]],
        [[L, (2 * 4096) / 8]],
        [16.0],
    ],
    'cantilever to the left' => [
        [L],
        [true],
        fn (LoadSet $s) => $s->force(0, 2),
        [[L, -16.0]],
        [[0.0, (2 * 512) / 3]],
        [2.0],
    ],
    'cantilever, moment at the tip: ML²/2' => [
        [0.0],
        [true],
        fn (LoadSet $s) => $s->moment(L, 3),
        [[0.0, -3.0], [4.0, -3.0]],
        [[L, (3 * 64) / 2]],
        [0.0],
    ],
    'both ends fixed, uniform: wL²/12, wL²/24, wL⁴/384' => [
        [0.0, L],
        [true, true],
        fn (LoadSet $s) => $s->line(0, L, 3, 3),
        [[0.0, -16.0], [L, -16.0], [4.0, 8.0]],
        [[4.0, (3 * 4096) / 384]],
        [12.0, 12.0],
    ],
    'both ends fixed, force at midspan: PL/8, PL³/192' => [
        [0.0, L],
        [true, true],
        fn (LoadSet $s) => $s->force(4, 10),
        [[0.0, -10.0], [4.0, 10.0]],
        [[4.0, (10 * 512) / 192]],
        [5.0, 5.0],
    ],
    'propped, uniform: 5/8, 3/8, wL²/8' => [
        [0.0, L],
        [true, false],
        fn (LoadSet $s) => $s->line(0, L, 2, 2),
        [[0.0, -16.0]],
        [[4.0, (2 * 4096) / 192]],
        [10.0, 6.0],
    ],
    'two equal spans, uniform: 3/8, 10/8, wl²/8' => [
        [0.0, 4.0, L],
        [false, false, false],
        fn (LoadSet $s) => $s->line(0, L, 2, 2),
        [[4.0, -4.0], [1.5, (9 / 128) * 32]],
        [],
        [3.0, 10.0, 3.0],
    ],
    'two equal spans, one loaded: 7/16, 10/16, −1/16' => [
        [0.0, 4.0, L],
        [false, false, false],
        fn (LoadSet $s) => $s->line(0, 4, 2, 2),
        [[4.0, -2.0]],
        [],
        [3.5, 5.0, -0.5],
    ],
    'overhang: force at the tip Pa, a²(L+a)P/3' => [
        [0.0, 6.0],
        [false, false],
        fn (LoadSet $s) => $s->force(L, 3),
        [[6.0, -6.0]],
        [[L, (3 * 4 * 8) / 3]],
        [-1.0, 4.0],
    ],
]);

it('holds the three-span coefficients of the handbooks', function (): void {
    $response = Beam::onRigidSupports(9.0, [0.0, 3.0, 6.0, 9.0], [false, false, false, false])->solve([
        (new LoadSet())->line(0, 9, 1, 1),
    ]);
    expect(momentAt($response, 3.0))
        ->toBeNear(-0.1 * 9)
        ->and(momentAt($response, 4.5))
        ->toBeNear(0.025 * 9)
        ->and(momentAt($response, 1.2))
        ->toBeNear(0.08 * 9)
        ->and($response->reactions[0][0][0])
        ->toBeNear(0.4 * 3)
        ->and($response->reactions[0][1][0])
        ->toBeNear(1.1 * 3);
});

it('agrees with the beam module of SymPy on random beams', function (): void {
    $beams = [];
    foreach (range(1, 12) as $seed) {
        [$beam, $set] = randomBeam($seed);
        $points = array_map(fn (int $i): float => ($beam->length * $i) / 7 + 0.013, range(1, 6));
        $beams[] = [
            'length' => $beam->length,
            'supports' => $beam->supports,
            'fixed' => array_map(fn (BeamSupport $s): bool => $s->isFixed(), $beam->holds),
            'forces' => $set->forces,
            'moments' => $set->moments,
            'lines' => $set->lines,
            'points' => $points,
        ];
    }
    $answers = reference('beams', $beams);
    foreach ($answers as $i => $answer) {
        [$beam, $set] = randomBeam($i + 1);
        $response = $beam->solve([$set]);
        $scale = max(1.0, ...array_map(abs(...), [...$answer['moments'], ...$answer['deflections']]));
        foreach ($answer['reactions'] as $s => $reaction) {
            expect($response->reactions[0][$s][0])->toBeNear($reaction, 1e-7, $scale);
        }
        foreach ($beams[$i]['points'] as $p => $x) {
            expect(momentAt($response, $x))
                ->toBeNear($answer['moments'][$p], 1e-7, $scale)
                ->and(deflectionAt($response, $x))
                ->toBeNear($answer['deflections'][$p], 1e-7, $scale);
        }
    }
});

describe('on 200 random beams', function (): void {
    it('keeps the laws of statics', function (): void {
        foreach (range(1, 200) as $seed) {
            [$beam, $set] = randomBeam($seed);
            $r = $beam->solve([$set]);
            $scale =
                max(1.0, array_sum(array_map(abs(...), array_column($set->forces, 1))) + 60 * count($set->lines)) *
                $beam->length;
            $sum = $about = 0.0;
            foreach ($beam->supports as $i => $x) {
                [$force, $moment] = $r->reactions[0][$i];
                $sum += $force;
                $about += $force * $x - $moment;
                expect(deflectionAt($r, $x))->toBeNear(0.0, 1e-9, $scale * $beam->length ** 2);
            }
            expect($sum)
                ->toBeNear($set->total(), 1e-9, $scale)
                ->and($about)
                ->toBeNear($set->momentAboutLeftEnd(), 1e-9, $scale);
            foreach ([0.0, $beam->length] as $end) {
                if (! in_array($end, $beam->supports, true) && ! in_array($end, array_column($set->moments, 0), true)) {
                    expect(momentAt($r, $end, $end > 0))->toBeNear(0.0, 1e-9, $scale);
                }
            }
            // Moment and deflection continue across each break where no moment acts: M'' = −q, w'' = −M.
            for ($k = 1; $k < $r->segments(); $k++) {
                $x = $r->breaks[$k];
                if (! in_array($x, array_column($set->moments, 0), true) && ! in_array($x, $beam->supports, true)) {
                    expect(momentAt($r, $x, true))->toBeNear(momentAt($r, $x), 1e-9, $scale);
                }
            }
        }
    });

    it('superposes, scales and mirrors', function (): void {
        foreach (range(201, 400) as $seed) {
            [$beam, $set] = randomBeam($seed);
            $other = (new LoadSet())->force($beam->length / 3, 7.0)->line(0.0, $beam->length / 2, 1.0, 2.0);
            $both = new LoadSet();
            $mirror = new LoadSet();
            foreach ($set->forces as [$x, $f]) {
                $both->force($x, 2 * $f);
                $mirror->force($beam->length - $x, $f);
            }
            foreach ($set->moments as [$x, $m]) {
                $both->moment($x, 2 * $m);
                $mirror->moment($beam->length - $x, -$m);
            }
            foreach ($set->lines as [$a, $b, $qa, $qb]) {
                $both->line($a, $b, 2 * $qa, 2 * $qb);
                $mirror->line($beam->length - $b, $beam->length - $a, $qb, $qa);
            }
            $both->force($beam->length / 3, 7.0)->line(0.0, $beam->length / 2, 1.0, 2.0);
            $r = $beam->solve([$set, $other, $both]);
            $turned = Beam::onRigidSupports(
                $beam->length,
                array_reverse(array_map(fn (float $x): float => $beam->length - $x, $beam->supports)),
                array_reverse(array_map(fn (BeamSupport $s): bool => $s->isFixed(), $beam->holds)),
            );
            $m = $turned->solve([$mirror]);
            foreach ([0.137, 0.29, 0.51, 0.73, 0.911] as $part) {
                $x = $part * $beam->length;
                $scale = 100.0 * $beam->length;
                expect(momentAt($r, $x, set: 2))
                    ->toBeNear(2 * momentAt($r, $x) + momentAt($r, $x, set: 1), 1e-9, $scale)
                    ->and(momentAt($m, $beam->length - $x))
                    ->toBeNear(momentAt($r, $x), 1e-9, $scale)
                    ->and(deflectionAt($m, $beam->length - $x))
                    ->toBeNear(deflectionAt($r, $x), 1e-9, $scale * $beam->length ** 2);
            }
        }
    });
});

it('says which movement is free', function (array $supports, array $fixed, string $says): void {
    expect(fn () => Beam::onRigidSupports(5.0, $supports, $fixed))->toThrow(UnstableBeam::class, $says);
})->with([
    'no support' => [[], [], 'move down as a whole'],
    'one pinned support' => [[2.0], [false], 'turn about it'],
]);
