<?php

declare(strict_types=1);

use Waage\Analysis\Axis;
use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\Effect;
use Waage\Analysis\LoadSet;
use Waage\Analysis\Polynomial;
use Waage\Analysis\Responses;
use Waage\Analysis\Step;
use Waage\Analysis\UnstableBeam;

/** @param  list<BeamSupport>  $holds */
function inclined(
    float $length,
    array $holds,
    float $angle,
    array $hinges = [],
    float $EI = 5.0,
    float $EA = 300.0,
    array $steps = [],
): Beam {
    return new Beam($length, $holds, $hinges, $EI, $EA, $steps, new Axis($angle, true));
}

function axialAt(Responses $r, float $x): float
{
    $k = $r->segmentAt($x);

    return Polynomial::value($r->polynomial(Effect::Axial, 0, $k), $x - $r->breaks[$k]);
}

/** A plumb load of q per length of a member. */
function plumb(float $q, float $length, float $angle): LoadSet
{
    return (new LoadSet())
        ->line(0, $length, $q * cos($angle), $q * cos($angle))
        ->alongLine(0, $length, -$q * sin($angle), -$q * sin($angle));
}

// By hand, statics of a simple beam on plan: length l, plan L = l cos α, w per length of the member.
it('carries a rafter on a pinned foot and a head that holds plumb as a beam on plan', function (float $angle): void {
    $l = 6.0;
    $slides = [cos($angle), sin($angle)];
    $r = inclined($l, [BeamSupport::pinned(0), BeamSupport::sliding($l, $slides)], $angle)->solve([
        plumb(2.0, $l, $angle),
    ]);
    $total = 2.0 * $l;
    expect(momentAt($r, 3.0))
        ->toBeNear(($total * $l * cos($angle)) / 8)
        ->and($r->reactions[0][0][0])
        ->toBeNear($total / 2)
        ->and($r->reactions[0][1][0])
        ->toBeNear($total / 2)
        ->and($r->reactions[0][0][2])
        ->toBeNear(0.0, 1e-9, 1.0)
        ->and($r->reactions[0][1][2])
        ->toBeNear(0.0, 1e-9, 1.0)
        ->and(axialAt($r, 0.0))
        ->toBeNear(($total / 2) * sin($angle), 1e-9, 1.0)
        ->and(axialAt($r, 3.0))
        ->toBeNear(0.0, 1e-9, 1.0);
})->with([0.2, 0.7, -0.4, 1.2]);

it('pushes on a wall that holds the head level', function (): void {
    // H = w l² cos α / 2 / (l sin α), all of the weight goes into the foot.
    $angle = 0.6;
    $r = inclined(5.0, [BeamSupport::pinned(0), BeamSupport::sliding(5.0, [sin($angle), -cos($angle)])], $angle)->solve(
        [plumb(3.0, 5.0, $angle)],
    );
    $H = 15.0 / 2 / tan($angle);
    expect($r->reactions[0][0][0])
        ->toBeNear(15.0)
        ->and($r->reactions[0][0][2])
        ->toBeNear($H)
        ->and($r->reactions[0][1][2])
        ->toBeNear(-$H)
        ->and(axialAt($r, 0.0))
        ->toBeNear(15.0 * sin($angle) + $H * cos($angle));
});

it('hangs and stands', function (): void {
    // A column of two storeys: 4 on top beside its axis, 2 at half height, held level at the head.
    $r = inclined(8.0, [BeamSupport::pinned(0), BeamSupport::roller(8)], M_PI_2)->solve([
        (new LoadSet())
            ->alongForce(8, -4)
            ->moment(8, 4 * 0.5)
            ->alongForce(4, -2),
    ]);
    expect(axialAt($r, 1.0))
        ->toBeNear(6.0)
        ->and(axialAt($r, 7.0))
        ->toBeNear(4.0)
        ->and($r->reactions[0][0][0])
        ->toBeNear(6.0)
        ->and($r->reactions[0][0][2])
        ->toBeNear(0.25)
        ->and($r->reactions[0][1][2])
        ->toBeNear(-0.25)
        ->and(momentAt($r, 4.0))
        ->toBeNear(-1.0);
    // A bar held at both ends: a force goes to them by the lengths; warming by α ΔT E A.
    $beam = inclined(8.0, [BeamSupport::pinned(0), BeamSupport::pinned(8)], 0.0);
    $r = $beam->solve([(new LoadSet())->alongForce(2, 4.0)]);
    expect(axialAt($r, 1.0))
        ->toBeNear(-3.0)
        ->and(axialAt($r, 5.0))
        ->toBeNear(1.0);
    expect(axialAt($beam->solve([(new LoadSet())->strain(0, 8, 0.002)]), 3.0))
        ->toBeNear(0.6)
        ->and(axialAt($beam->solve([(new LoadSet())->strain(0, 2, 0.002)]), 3.0))
        ->toBeNear(0.15);
    // Half of it four times as stiff: 1/EA adds up.
    $stepped = inclined(
        8.0,
        [BeamSupport::pinned(0), BeamSupport::pinned(8)],
        0.0,
        steps: [new Step(0, 4, 5.0, 1200.0)],
    );
    expect(axialAt($stepped->solve([(new LoadSet())->strain(0, 8, 0.002)]), 3.0))->toBeNear(0.016 / (4 / 1200 + 4 / 300));
});

it('moves with the ground plumb', function (): void {
    // A rigid body turns: no forces in a determinate member; the axis between the supports stays straight.
    $angle = 0.5;
    $r = inclined(6.0, [BeamSupport::pinned(0), BeamSupport::sliding(6.0, [cos($angle), sin($angle)])], $angle)->solve([
        (new LoadSet())->displacement(1, 0.3, 0),
    ]);
    expect(momentAt($r, 3.0))
        ->toBeNear(0.0, 1e-9, 1.0)
        ->and(axialAt($r, 3.0))
        ->toBeNear(0.0, 1e-9, 1.0)
        ->and(deflectionAt($r, 6.0) / 5.0)
        ->toBeNear(0.3 / cos($angle))
        ->and(deflectionAt($r, 3.0) / 5.0)
        ->toBeNear(0.15 / cos($angle));
});

it('agrees with closed forms where the stiffness changes', function (): void {
    // By hand, area of M/EI: simple beam, middle half twice as stiff, force P at midspan. w = P L³/48EI (1/8 + 7/8 ·
    // 1/2).
    $w = ((3.0 * 512) / 48 / 5) * (1 / 8 + 7 / 16);
    $r = (new Beam(8.0, [BeamSupport::pinned(0), BeamSupport::pinned(8)], [], 5.0, 1.0, [
        new Step(2, 6, 10.0, 1.0),
    ]))->solve([(new LoadSet())->force(4, 3)]);
    expect(deflectionAt($r, 4.0) / 5.0)
        ->toBeNear($w)
        ->and(momentAt($r, 4.0))
        ->toBeNear(6.0);
    // Propped cantilever, stiff over the half at the fixed end: R = 5/16 … by the force method, ∫ M m / EI.
    $simpson = fn (Closure $f): float => (array_sum(
        array_map(
            fn (int $i): float => ($i % 2 ? 4 : ($i === 0 || $i === 400 ? 1 : 2)) * $f(($i / 400) * 4),
            range(0, 400),
        ),
    ) *
        4) /
        400 /
        3;
    $EI = fn (bool $stiff): float => $stiff ? 20.0 : 5.0;
    $work = fn (Closure $m): float => $simpson(fn (float $t): float => $m($t) / $EI(false)) +
        $simpson(fn (float $t): float => $m(4 + $t) / $EI(true));
    $R = $work(fn (float $s): float => ((2.0 * $s ** 2) / 2) * $s) / $work(fn (float $s): float => $s ** 2);
    $r = (new Beam(8.0, [BeamSupport::fixed(0), BeamSupport::pinned(8)], [], 5.0, 1.0, [
        new Step(0, 4, 20.0, 1.0),
    ]))->solve([(new LoadSet())->line(0, 8, 2, 2)]);
    expect($r->reactions[0][1][0])->toBeNear($R, 1e-9);
});

// Timoshenko: a simple beam deflects by w L²/8 GA, under a force at midspan by P L / 4 GA more; a cantilever by P L /
// GA.
it('shears', function (): void {
    $simple = fn (LoadSet $s): Responses => (new Beam(
        8.0,
        [BeamSupport::pinned(0), BeamSupport::pinned(8)],
        [],
        5.0,
        GA: 3.0,
    ))->solve([$s]);
    expect(deflectionAt($simple((new LoadSet())->line(0, 8, 2, 2)), 4.0) / 5.0)
        ->toBeNear((5 * 2 * 4096) / 384 / 5.0 + (2 * 64) / 8 / 3.0)
        ->and(deflectionAt($simple((new LoadSet())->force(4, 2)), 4.0) / 5.0)
        ->toBeNear((2 * 512) / 48 / 5.0 + (2 * 8) / 4 / 3.0);
    $cantilever = (new Beam(8.0, [BeamSupport::fixed(0)], [], 5.0, GA: 3.0))->solve([(new LoadSet())->force(8, 2)]);
    expect(deflectionAt($cantilever, 8.0) / 5.0)->toBeNear((2 * 512) / 3 / 5.0 + (2 * 8) / 3.0);
    // Two spans: a middle support sheds load to the ends. R = w l (10 + 12 f) / (8 + 24 f) · …: by the force method, f
    // = EI / (GA l²).
    $two = (new Beam(
        8.0,
        [BeamSupport::pinned(0), BeamSupport::pinned(4), BeamSupport::pinned(8)],
        [],
        5.0,
        GA: 3.0,
    ))->solve([(new LoadSet())->line(0, 8, 2, 2)]);
    $free = (5 * 2 * 4096) / 384 / 5.0 + (2 * 64) / 8 / 3.0;
    expect($two->reactions[0][1][0])->toBeNear($free / (512 / 48 / 5.0 + 8 / 4 / 3.0));
    // A fixed end that is turned, and a kink: the moments of a fixed beam, 4EI/l (1 + Φ/4) / (1 + Φ).
    $fixed = new Beam(8.0, [BeamSupport::fixed(0), BeamSupport::fixed(8)], [], 5.0, GA: 3.0);
    $phi = (12 * 5.0) / (3.0 * 64);
    expect($fixed->solve([(new LoadSet())->displacement(0, 0, 0.01)])->reactions[0][0][1])->toBeNear(
        (((5.0 / 8) * (4 + $phi)) / (1 + $phi)) * 0.01,
    );
});

it('has no slip where nothing acts: a temperature bends it alone', function (): void {
    $r = (new Beam(8.0, [BeamSupport::pinned(0), BeamSupport::pinned(8)], [], 5.0, GA: 3.0))->solve([
        (new LoadSet())->curvature(0, 8, 0.01),
    ]);
    expect(deflectionAt($r, 4.0) / 5.0)
        ->toBeNear((0.01 * 64) / 8)
        ->and(momentAt($r, 4.0))
        ->toBeNear(0.0, 1e-9, 1.0);
});

it('says that it can slide', function (): void {
    expect(fn () => inclined(6.0, [BeamSupport::roller(0), BeamSupport::roller(6)], 0.3))
        ->toThrow(UnstableBeam::class, 'along its axis')
        ->and(fn () => inclined(6.0, [BeamSupport::elastic(0, 2, 0), BeamSupport::fixed(6)], 0.3))
        ->not->toThrow(UnstableBeam::class);
});

it(
    'agrees with a general finite-element program on random sloping, stepped, hinged, sprung and shearing members',
    function (): void {
        $beams = $questions = [];
        for ($seed = 1; count($beams) < 200; $seed++) {
            [$plain, $set] = randomBeam($seed);
            $r = random(70_000 + $seed);
            $angle = [0.0, 0.0, 0.35, -0.6, 1.1, M_PI_2][$r->getInt(0, 5)];
            $L = $plain->length;
            $holds = $supports = [];
            foreach ($plain->supports as $i => $x) {
                $kind =
                    $i === 0
                        ? 'pinned'
                        : ['pinned', 'fixed', 'normal', 'vertical', 'horizontal', 'spring'][$r->getInt(0, 5)];
                $kind = match (true) {
                    $kind === 'spring' => $angle === 0.0 ? $kind : 'normal',
                    $kind === 'vertical' => $angle === 0.0 || $angle === M_PI_2 ? 'normal' : $kind,
                    $kind === 'horizontal' => $angle === 0.0 || $angle === M_PI_2 ? 'normal' : $kind,
                    default => $kind,
                };
                $stiffness = $r->getInt(1, 40) / 8;
                $holds[] = match ($kind) {
                    'pinned' => BeamSupport::pinned($x),
                    'fixed' => BeamSupport::fixed($x),
                    'spring' => BeamSupport::elastic($x, $stiffness, 0.0),
                    'vertical' => BeamSupport::sliding($x, [cos($angle), sin($angle)]),
                    'horizontal' => BeamSupport::sliding($x, [sin($angle), -cos($angle)]),
                    default => BeamSupport::roller($x),
                };
                $supports[] = [
                    'x' => $x,
                    'kind' => $kind === 'normal' && $angle === 0.0 ? 'vertical' : $kind,
                    'stiffness' => $stiffness,
                ];
            }
            $set->alongForce($L * 0.3, (float) $r->getInt(-5, 5))->alongLine(
                $L * 0.2,
                $L * 0.8,
                1.0,
                (float) $r->getInt(-2, 4),
            );
            $hinges = $r->getInt(0, 2) === 0 ? [$L * 0.43 + 0.017] : [];
            $steps =
                $r->getInt(0, 1) === 1
                    ? [new Step($L * 0.25, $L * 0.6, 7.0 * $r->getInt(1, 6), 900.0 * $r->getInt(1, 3), INF)]
                    : [];
            try {
                $GA = $r->getInt(0, 5) === 5 ? 50.0 : INF;
                $beam = new Beam($L, $holds, $hinges, 7.0, 900.0, $steps, new Axis($angle, true), $GA);
                $beam->solve([$set]);
            } catch (UnstableBeam) {
                continue;
            }
            $beams[] = [$beam, $set];
            $questions[] = [
                'length' => $L,
                'angle' => $angle,
                'GA' => $GA < INF ? $GA : 0.0,
                'EI' => 7.0,
                'EA' => 900.0,
                'steps' => array_map(fn (Step $s): array => [$s->from, $s->to, $s->EI, $s->EA], $steps),
                'hinges' => $hinges,
                'supports' => $supports,
                'forces' => $set->forces,
                'moments' => $set->moments,
                'lines' => $set->lines,
                'alongForces' => $set->alongForces,
                'alongLines' => $set->alongLines,
                'points' => array_map(fn (int $i): float => ($L * $i) / 6 + 0.0071, range(1, 5)),
            ];
        }
        foreach (reference('finite_elements', $questions) as $i => $deflections) {
            $r = $beams[$i][0]->solve([$beams[$i][1]]);
            $scale = max(0.01, ...array_map(abs(...), $deflections));
            foreach ($questions[$i]['points'] as $p => $x) {
                expect(deflectionAt($r, $x) / 7.0)->toBeNear(
                    $deflections[$p],
                    $beams[$i][0]->GA < INF ? 1e-3 : 1e-4,
                    $scale,
                );
            }
        }
    },
);
