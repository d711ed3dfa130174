<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\LoadSet;
use Waage\Analysis\UnstableBeam;

// Closed forms: Roark's Formulas for Stress and Strain (7th ed.), Table 8.1; slope-deflection equations as in Ghali,
// Neville, "Structural Analysis"; compatibility by hand where noted. From memory. L = 8, EI = 5.
const EI = 5.0;

it('agrees with closed forms', function (
    array $holds,
    array $hinges,
    Closure $load,
    array $moments,
    array $deflections,
): void {
    $response = (new Beam(8.0, $holds, $hinges, EI))->solve([$load(new LoadSet())]);
    foreach ($moments as [$x, $expected]) {
        expect(momentAt($response, $x, $x === 8.0))->toBeNear($expected, 1e-9, 1.0);
    }
    foreach ($deflections as [$x, $expected]) {
        expect(deflectionAt($response, $x) / EI)->toBeNear($expected, 1e-9, 1.0);
    }
})->with([
    'hinge in a propped beam: the part beyond it is a simple span that hangs on a cantilever' => [
        [BeamSupport::fixed(0), BeamSupport::pinned(8)],
        [4.0],
        fn (LoadSet $s) => $s->line(0, 8, 2, 2),
        [[0.0, -32.0], [4.0, 0.0], [6.0, 4.0]],
        [[4.0, ((4 * 64) / 3 + (2 * 256) / 8) / EI]],
    ],
    'two spans joined by a hinge over the support' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(4), BeamSupport::pinned(8)],
        [4.0],
        fn (LoadSet $s) => $s->line(0, 8, 2, 2),
        [[2.0, 4.0], [4.0, 0.0], [6.0, 4.0]],
        [[2.0, (5 * 2 * 256) / 384 / EI]],
    ],
    'spring under the middle: R = δ₀ / (L³/48EI + 1/k)' => [
        [BeamSupport::pinned(0), BeamSupport::elastic(4, 0.25, 0), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->line(0, 8, 3, 3),
        [[4.0, 24.0 - ((8 / 4) * ((5 * 3 * 4096) / 384 / EI)) / (512 / 48 / EI + 1 / 0.25)]],
        [[4.0, (5 * 3 * 4096) / 384 / EI / (512 / 48 / EI + 1 / 0.25) / 0.25]],
    ],
    'rotational springs at both ends: wL²/12 / (1 + 2EI/kL)' => [
        [BeamSupport::elastic(0, INF, 4), BeamSupport::elastic(8, INF, 4)],
        [],
        fn (LoadSet $s) => $s->line(0, 8, 3, 3),
        [[0.0, -16 / (1 + (2 * EI) / 32)], [8.0, -16 / (1 + (2 * EI) / 32)]],
        [],
    ],
    'middle support of two spans settles: 3EIδ/l²' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(4), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->displacement(1, 0.2, 0),
        [[4.0, (3 * EI * 0.2) / 16]],
        [[4.0, 0.2]],
    ],
    'one of two fixed ends settles: 6EIδ/L²' => [
        [BeamSupport::fixed(0), BeamSupport::fixed(8)],
        [],
        fn (LoadSet $s) => $s->displacement(1, 0.2, 0),
        [[0.0, (-6 * EI * 0.2) / 64], [8.0, (6 * EI * 0.2) / 64]],
        [[4.0, 0.1], [8.0, 0.2]],
    ],
    'fixed end of a propped beam turns: 3EIφ/L' => [
        [BeamSupport::fixed(0), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->displacement(0, 0, 0.03),
        [[0.0, (3 * EI * 0.03) / 8]],
        [],
    ],
    'the foot of a spring settles: the beam follows it freely when it is statically determinate' => [
        [BeamSupport::pinned(0), BeamSupport::elastic(8, 2.0, 0)],
        [],
        fn (LoadSet $s) => $s->displacement(1, 0.2, 0),
        [[4.0, 0.0]],
        [[4.0, 0.1], [8.0, 0.2]],
    ],
    'free curvature of a simple beam: κL²/8 and no moment' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 8, 0.002),
        [[4.0, 0.0]],
        [[4.0, (0.002 * 64) / 8]],
    ],
    'free curvature between fixed ends: EIκ all along, no deflection' => [
        [BeamSupport::fixed(0), BeamSupport::fixed(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 8, 0.002),
        [[0.0, -EI * 0.002], [4.0, -EI * 0.002]],
        [[4.0, 0.0]],
    ],
    'free curvature of a propped beam: 3EIκ/2' => [
        [BeamSupport::fixed(0), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 8, 0.002),
        [[0.0, -1.5 * EI * 0.002]],
        [],
    ],
    'free curvature of two spans: 3EIκ/2' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(4), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 8, 0.002),
        [[4.0, -1.5 * EI * 0.002]],
        [],
    ],
    // Of half a simple beam: κL²/16 at midspan, by moment areas.
    'free curvature of a part' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 4, 0.002),
        [[4.0, 0.0]],
        [[4.0, (0.002 * 64) / 16]],
    ],
    'free curvature of a cantilever: κL²/2 upward' => [
        [BeamSupport::fixed(0)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 8, 0.002),
        [[0.0, 0.0]],
        [[8.0, (-0.002 * 64) / 2]],
    ],
    'free curvature between a hinge and a fixed end, in two parts' => [
        [BeamSupport::fixed(0), BeamSupport::fixed(8)],
        [],
        fn (LoadSet $s) => $s->curvature(0, 3, 0.002)->curvature(3, 8, 0.002),
        [[0.0, -EI * 0.002], [6.0, -EI * 0.002]],
        [],
    ],
    'fixed and guided: wL²/3, wL²/6, wL⁴/24' => [
        [BeamSupport::fixed(0), BeamSupport::guided(8)],
        [],
        fn (LoadSet $s) => $s->line(0, 8, 3, 3),
        [[0.0, -64.0], [8.0, 32.0]],
        [[8.0, (3 * 4096) / 24 / EI]],
    ],
    'pinned and guided: half of a simple beam of twice the length' => [
        [BeamSupport::pinned(0), BeamSupport::guided(8)],
        [],
        fn (LoadSet $s) => $s->line(0, 8, 3, 3),
        [[8.0, (3 * 256) / 8]],
        [[8.0, (5 * 3 * 65536) / 384 / EI]],
    ],
]);

it('agrees with finite elements on 150 random beams with springs, hinges and moved supports', function (): void {
    $given = $beams = [];
    foreach (range(1, 150) as $seed) {
        $r = random(5000 + $seed);
        [$plain, $set] = randomBeam($seed);
        $holds = $supports = [];
        foreach ($plain->supports as $i => $x) {
            $hold = match ($r->getInt(0, 4)) {
                0 => BeamSupport::fixed($x),
                1 => BeamSupport::elastic($x, $r->getInt(1, 40) / 8, $r->getInt(0, 1) * $r->getInt(1, 40)),
                2 => BeamSupport::elastic($x, INF, (float) $r->getInt(1, 40)),
                default => BeamSupport::pinned($x),
            };
            $moved = [$r->getInt(-3, 3) / 10, $hold->rotation > 0 ? $r->getInt(-3, 3) / 20 : 0.0];
            $set->displacement($i, ...$moved);
            $holds[] = $hold;
            $stiffness = fn (float $k): float|string => $k === INF ? 'rigid' : $k;
            $supports[] = [
                'x' => $x,
                'vertical' => $stiffness($hold->vertical),
                'rotation' => $stiffness($hold->rotation),
                'settlement' => $moved[0],
                'turned' => $moved[1],
            ];
        }
        $hinges = $r->getInt(0, 1) === 1 ? [$plain->length * 0.43 + 0.017] : [];
        try {
            $beam = new Beam($plain->length, $holds, $hinges, 7.0);
        } catch (UnstableBeam) {
            continue;
        }
        $beams[] = [$beam, $set];
        $given[] = [
            'EI' => 7.0,
            'length' => $beam->length,
            'hinges' => $hinges,
            'supports' => $supports,
            'forces' => $set->forces,
            'moments' => $set->moments,
            'lines' => $set->lines,
            'points' => array_map(fn (int $i): float => ($beam->length * $i) / 9 + 0.0071, range(1, 8)),
        ];
    }
    expect(count($beams))->toBeGreaterThan(100);
    $answers = reference('elements', $given);
    foreach ($answers as $i => $answer) {
        [$beam, $set] = $beams[$i];
        $r = $beam->solve([$set]);
        foreach (
            [
                'moments' => fn (float $x): float => momentAt($r, $x),
                'deflections' => fn (float $x): float => deflectionAt($r, $x) / 7.0,
            ] as $what => $ours
        ) {
            $scale = max(1.0, ...array_map(abs(...), $answer[$what]));
            foreach ($given[$i]['points'] as $p => $x) {
                expect($ours($x))->toBeNear($answer[$what][$p], 1e-7, $scale);
            }
        }
        // Equilibrium: a displacement of a support loads nothing.
        $sum = array_sum(array_column($r->reactions[0], 0));
        expect($sum)->toBeNear($set->total(), 1e-9, 100.0 * $beam->length);
    }
});

it('says which part of it can move', function (array $holds, array $hinges, string $says): void {
    expect(fn () => new Beam(8000.0, $holds, $hinges))->toThrow(UnstableBeam::class, $says);
})->with([
    'hinge in a simple beam' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(8000)],
        [3000.0],
        'between x = 0 m and x = 8 m',
    ],
    'two hinges too many in an inner span' => [
        [BeamSupport::fixed(0), BeamSupport::pinned(2000), BeamSupport::pinned(6000), BeamSupport::fixed(8000)],
        [3000.0, 4000.0, 5000.0],
        'between x = 3 m and x = 5 m',
    ],
    'hinge in an overhang' => [
        [BeamSupport::pinned(0), BeamSupport::pinned(5000)],
        [6000.0],
        'between x = 6 m and x = 8 m',
    ],
    'guided at both ends' => [[BeamSupport::guided(0), BeamSupport::guided(8000)], [], 'against moving up and down'],
    'one pinned support' => [[BeamSupport::pinned(2000)], [], 'can turn about it'],
]);

it('stays stable with soft springs and close supports', function (): void {
    $soft = (new Beam(
        8000.0,
        [BeamSupport::elastic(0, 0.001, 0), BeamSupport::elastic(8000, 0.001, 0)],
        [],
        1e13,
    ))->solve([(new LoadSet())->line(0, 8000, 1, 1)]);
    expect(momentAt($soft, 4000.0))
        ->toBeNear(8e6)
        ->and(deflectionAt($soft, 0.0) / 1e13)
        ->toBeNear(4000 / 0.001);
    $close = (new Beam(8000.0, [BeamSupport::pinned(0), BeamSupport::pinned(1), BeamSupport::pinned(8000)]))->solve([
        (new LoadSet())->line(0, 8000, 1, 1),
    ]);
    // Almost fixed at the left: wL²/8.
    expect(momentAt($close, 1.0))->toBeNear(-8e6, 1e-3);
});
