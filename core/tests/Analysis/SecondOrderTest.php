<?php

declare(strict_types=1);

use Waage\Analysis\Axis;
use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\LoadSet;
use Waage\Analysis\Polynomial;
use Waage\Analysis\SecondOrder;
use Waage\Analysis\Step;
use Waage\Analysis\UnstableBeam;

// S. Timoshenko, J. Gere, "Theory of Elastic Stability" (2nd ed.): 2.1 to 2.11 for critical loads, 1.1 to 1.7 for
// beam-columns. From memory; EI = 5, L = 8.
const STIFFNESS = 5.0;

/** @param  list<BeamSupport>  $holds */
function compressed(array $holds, LoadSet $set, array $hinges = [], array $steps = [], float $length = 8.0): SecondOrder
{
    $beam = new Beam($length, $holds, $hinges, STIFFNESS, 900.0, $steps, new Axis(0.0, true));

    return SecondOrder::of($beam, $beam->solve([$set]), [0 => 1.0]);
}

/** @return array{float, float} what the moment grows by, and the deflection, at x */
function grownAt(SecondOrder $theory, float $x): array
{
    foreach ($theory->solve() ?? [] as [$from, $to, $M, $w]) {
        if ($x >= $from && $x <= $to) {
            return [Polynomial::value($M, $x - $from), Polynomial::value($w, $x - $from)];
        }
    }
    throw new LogicException('It has buckled.');
}

it('buckles at the loads of the handbooks', function (
    array $holds,
    Closure $load,
    float $critical,
    array $hinges = [],
    array $steps = [],
): void {
    $set = $load(new LoadSet());
    expect(compressed($holds, $set, $hinges, $steps)->criticalFactor())->toBeNear($critical, 2e-6);
})->with([
    'Euler, pinned' => [
        [BeamSupport::pinned(0), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        (M_PI ** 2 * 5) / 64,
    ],
    'free head' => [[BeamSupport::fixed(0)], fn (LoadSet $s) => $s->alongForce(8, -1), (M_PI ** 2 * 5) / 256],
    'fixed and pinned' => [
        [BeamSupport::fixed(0), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        (4.493409457909064 ** 2 * 5) / 64,
    ],
    'guided head: sways' => [
        [BeamSupport::fixed(0), BeamSupport::elastic(8, 1e-12, 1e12)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        (M_PI ** 2 * 5) / 64,
    ],
    'two equal storeys' => [
        [BeamSupport::pinned(0), BeamSupport::roller(4), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        (M_PI ** 2 * 5) / 16,
    ],
    'own weight, free head: 7.837 EI/L³' => [
        [BeamSupport::fixed(0)],
        fn (LoadSet $s) => $s->alongLine(0, 8, -1, -1),
        (7.837347 * 5) / 512,
    ],
    'own weight, pinned: 18.57 EI/L³' => [
        [BeamSupport::pinned(0), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongLine(0, 8, -1, -1),
        (18.568728 * 5) / 512,
    ],
    'middle half four times as stiff: tan(2θ) tan(θ) = 2' => [
        [BeamSupport::pinned(0), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        atan(sqrt(0.5)) ** 2 * 5,
        [],
        [new Step(2, 6, 20.0, 900.0)],
    ],
    'rigid links on a spring: kL/4, here bars that hardly bend' => [
        [BeamSupport::pinned(0), BeamSupport::elastic(4, 0.001, 0), BeamSupport::roller(8)],
        fn (LoadSet $s) => $s->alongForce(8, -1),
        (0.001 * 8) / 4,
        [4.0],
    ],
]);

it('bends a beam-column as the closed forms', function (): void {
    $P = 0.3;
    $k = sqrt($P / STIFFNESS);
    $held = [BeamSupport::pinned(0), BeamSupport::roller(8)];
    // Uniform load: q/k² (sec(kL/2) − 1). Force: P tan(kL/2) / 2k. End moments M: M sec(kL/2).
    [$M] = grownAt(compressed($held, (new LoadSet())->line(0, 8, 2, 2)->alongForce(8, -$P)), 4.0);
    expect($M + 16.0)->toBeNear((2 / $k ** 2) * (1 / cos(4 * $k) - 1));
    [$M] = grownAt(compressed($held, (new LoadSet())->force(4, 3)->alongForce(8, -$P)), 4.0);
    expect($M + 6.0)->toBeNear((3 * tan(4 * $k)) / (2 * $k));
    [$M] = grownAt(
        compressed(
            $held,
            (new LoadSet())
                ->moment(0, 1)
                ->moment(8, -1)
                ->alongForce(8, -$P),
        ),
        4.0,
    );
    expect($M + 1.0)->toBeNear(1 / cos(4 * $k));
    // Cantilever with a force at its tip: w = F (tan kL − kL) / (P k). Tension: tanh.
    [, $w] = grownAt(compressed([BeamSupport::fixed(0)], (new LoadSet())->force(8, 0.1)->alongForce(8, -0.05)), 8.0);
    $k = sqrt(0.05 / STIFFNESS);
    expect($w)->toBeNear((0.1 / 0.05 / $k) * (tan(8 * $k) - 8 * $k));
    [, $w] = grownAt(compressed([BeamSupport::fixed(0)], (new LoadSet())->force(8, 0.1)->alongForce(8, 0.05)), 8.0);
    expect($w)->toBeNear((0.1 / 0.05 / $k) * (8 * $k - tanh(8 * $k)));
});

it('buckles earlier when it shears: 1/N_cr = 1/N_E + 1/GA', function (): void {
    $beam = new Beam(
        8.0,
        [BeamSupport::pinned(0), BeamSupport::roller(8)],
        [],
        STIFFNESS,
        900.0,
        [],
        new Axis(0.0, true),
        3.0,
    );
    $theory = SecondOrder::of($beam, $beam->solve([(new LoadSet())->alongForce(8, -1)]), [0 => 1.0]);
    $critical = 1 / (64 / M_PI ** 2 / STIFFNESS + 1 / 3.0);
    expect($theory->criticalFactor())
        ->toBeNear($critical, 2e-6)
        ->and($theory->isCriticalFrom(0.999 * $critical))
        ->toBeTrue()
        ->and($theory->isCriticalFrom(1.001 * $critical))
        ->toBeFalse();
});

it('has no answer beyond buckling, and none to fear in tension', function (): void {
    $held = [BeamSupport::pinned(0), BeamSupport::roller(8)];
    expect(compressed($held, (new LoadSet())->line(0, 8, 1, 1)->alongForce(8, -0.78))->solve())
        ->toBeNull()
        ->and(compressed($held, (new LoadSet())->alongForce(8, -0.76))->solve())
        ->not->toBeNull()
        ->and(compressed($held, (new LoadSet())->alongForce(8, 5))->criticalFactor())
        ->toBe(INF);
});

it('agrees with many small elements on random members', function (): void {
    $theories = $questions = [];
    for ($seed = 1; count($theories) < 20; $seed++) {
        [$plain, $set] = randomBeam($seed);
        $L = $plain->length;
        $r = random(50_000 + $seed);
        $loads = new LoadSet();
        foreach ($set->lines as [$a, $b, $qa, $qb]) {
            $loads->line($a, $b, $qa, $qb);
        }
        $along = [];
        foreach ([[0.0, 0.4], [0.4, 1.0]] as [$a, $b]) {
            $along[] = [$L * $a, $L * $b, (float) $r->getInt(-1, 4), (float) $r->getInt(0, 3)];
            $loads->alongLine(...$along[count($along) - 1]);
        }
        $holds = [];
        $supports = [];
        foreach ($plain->holds as $i => $hold) {
            $spring = $i > 0 && $r->getInt(0, 2) === 0 ? $r->getInt(1, 9) / 4 : 0.0;
            $holds[] = match (true) {
                $spring > 0.0 => BeamSupport::elastic($hold->x, $spring, 0.0),
                $i === 0 => $hold,
                default => $hold->isFixed() ? BeamSupport::elastic($hold->x, INF, 1e9) : BeamSupport::roller($hold->x),
            };
            $supports[] = [
                'x' => $hold->x,
                'kind' => $spring > 0.0 ? 'spring' : ($hold->isFixed() ? 'fixed' : 'pinned'),
                'stiffness' => $spring,
            ];
        }
        $hinges = $r->getInt(0, 2) === 0 ? [$L * 0.43 + 0.017] : [];
        $steps = $r->getInt(0, 1) === 1 ? [new Step($L * 0.25, $L * 0.6, 7.0 * $r->getInt(2, 6), 900.0)] : [];
        try {
            $beam = new Beam($L, $holds, $hinges, 7.0, 900.0, $steps, new Axis(0.0, true));
            $responses = $beam->solve([$loads]);
        } catch (UnstableBeam) {
            continue;
        }
        $theory = SecondOrder::of($beam, $responses, [0 => 1.0]);
        $factor = $theory->criticalFactor();
        if ($factor < 1.5 || $factor > 30.0) {
            continue;
        }
        $axial = array_map(
            fn (array $N, int $k): array => [$responses->breaks[$k], $responses->breaks[$k + 1], ...$N],
            $responses->N[0],
            array_keys($responses->N[0]),
        );
        $theories[] = $theory;
        $questions[] = [
            'length' => $L,
            'EI' => 7.0,
            'steps' => array_map(fn (Step $s): array => [$s->from, $s->to, $s->EI], $steps),
            'hinges' => $hinges,
            'supports' => $supports,
            'lines' => $loads->lines,
            'axial' => $axial,
            'points' => array_map(fn (int $i): float => ($L * $i) / 6, range(1, 5)),
        ];
    }
    foreach (reference('geometric', $questions) as $i => $answer) {
        expect($theories[$i]->criticalFactor())->toBeNear($answer['factor'], 1e-3);
        $scale = max(0.01, ...array_map(abs(...), $answer['deflections']));
        foreach ($questions[$i]['points'] as $p => $x) {
            expect(grownAt($theories[$i], $x)[1])->toBeNear($answer['deflections'][$p], 2e-3, $scale);
        }
    }
});
