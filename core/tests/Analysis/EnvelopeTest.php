<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Functional;
use Waage\Analysis\Polynomial;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\SteelMake;

it('is the worst of all arrangements, tried one by one', function (int $seed): void {
    $member = patternedMember($seed);
    $design = new Design($member, Detail::Verdict);
    $beam = $design->beam;
    $weight = SteelMake::of($member)->section->weight();
    $combinations = array_values(
        array_filter($design->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Strength),
    );
    // Sums of forces as well: faces of interaction diagrams.
    foreach ([...Effect::cases(), new Functional(0.3, 0.0, 1e-3), new Functional(0.0, -1.0, 2e-3)] as $effect) {
        $curves = [
            1 => (new Envelope($beam, $effect))->curve($combinations, 1, $weight),
            -1 => (new Envelope($beam, $effect))->curve($combinations, -1, $weight),
        ];
        foreach (range(1, 24) as $i) {
            $x = ($member->length * $i) / 24.7;
            $k = $beam->responses->segmentAt($x);
            $t = $x - $beam->responses->breaks[$k];
            foreach ($curves as $sign => $curve) {
                $brute = -INF;
                foreach ($combinations as $c) {
                    $fixed =
                        $c->permanent *
                        $weight *
                        Polynomial::value($beam->responses->polynomial($effect, (int) $beam->selfWeight, $k), $t);
                    $choices = [];
                    foreach ($beam->cases as $case) {
                        foreach ($case->sets as $set) {
                            $value = Polynomial::value($beam->responses->polynomial($effect, $set, $k), $t);
                            if ($case->case->id === 'g') {
                                $fixed += $c->permanent * $value;
                            } else {
                                $choices[] = ($c->variable[$case->case->id] ?? 0.0) * $value;
                            }
                        }
                    }
                    for ($mask = 0; $mask < 1 << count($choices); $mask++) {
                        $sum = $fixed;
                        foreach ($choices as $bit => $value) {
                            $sum += ($mask >> $bit) & 1 ? $value : 0.0;
                        }
                        $brute = max($brute, $sign * $sum);
                    }
                }
                $found = null;
                foreach ($curve as $piece) {
                    if ($piece['segment'] === $k && $t >= $piece['from'] && $t <= $piece['to']) {
                        $found = $sign * Polynomial::value($piece['polynomial'], $t);
                    }
                }
                expect($found)->toBeNear($brute, 1e-9, 1e3);
            }
        }
    }
})->with(range(1, 8));

it('has its extreme where no point of the curve is worse', function (int $seed): void {
    $member = patternedMember($seed);
    $design = new Design($member, Detail::Verdict);
    $weight = SteelMake::of($member)->section->weight();
    $strength = array_values(
        array_filter($design->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Strength),
    );
    foreach (Effect::cases() as $effect) {
        $envelope = new Envelope($design->beam, $effect);
        foreach ([1, -1] as $sign) {
            $extreme = $envelope->extreme($strength, $sign, $weight) ?? throw new LogicException();
            $factors = $design->beam->worst(
                $extreme->combination,
                $weight,
                $effect,
                $sign,
                $extreme->segment,
                $extreme->t,
            );
            expect(
                Polynomial::value(
                    $design->beam->responses->combined($effect, $factors, $extreme->segment),
                    $extreme->t,
                ),
            )->toBeNear($extreme->value, 1e-9, 1e3);
            foreach ($envelope->curve($strength, $sign, $weight) as $piece) {
                foreach (range(0, 10) as $i) {
                    $t = $piece['from'] + (($piece['to'] - $piece['from']) * $i) / 10;
                    expect($sign * Polynomial::value($piece['polynomial'], $t))->toBeLessThanOrEqual(
                        $sign * $extreme->value + 1e-6 * abs($extreme->value),
                    );
                }
            }
        }
    }
})->with(range(11, 16));

// Continuous beams with uniform load on the worst spans: coefficients of w l², Steel Designers' Manual (6th ed.),
// "Moments and reactions in continuous beams"; exact values of the three-moment equation. From memory.
it('loads the spans as the handbooks do', function (int $spans, float $sagging, float $hogging, float $reaction): void {
    $design = design([
        'length' => $spans * 4 .' m',
        'supports' => array_map(fn (int $i): array => supportAt($i * 4 .' m'), range(0, $spans)),
        'loads' => [lineLoad('q', '10 kN/m')],
    ]);
    $only = [new Combination('Q', Purpose::Strength, '', 0.0, ['q' => 1.0], '')];
    $moment = new Envelope($design->beam, Effect::Moment);
    expect($moment->extreme($only, 1, 0.0)?->value)
        ->toBeNear($sagging * 160e6, 1e-3)
        ->and($moment->extreme($only, -1, 0.0)?->value)
        ->toBeNear(-$hogging * 160e6, 1e-3)
        ->and((new Envelope($design->beam, Effect::Shear))->extreme($only, 1, 0.0, 0.0, 4000.0)?->value)
        ->toBeNear($reaction * 40e3, 1e-3);
})->with([
    'two spans: 0.0957, 0.125, 0.4375' => [2, 49 / 512, 0.125, 0.4375],
    'three spans: 0.1013, 0.1167, 0.450' => [3, 0.10125, 7 / 60, 0.45],
    'four spans: 0.0996, 0.1205, 0.446' => [4, 0.09965, 0.12054, 0.44643],
]);

it('names the loaded spans', function (): void {
    $design = design([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('8 m'), supportAt('12 m')],
    ]);
    $sagging = weighing($design, 'bending');
    expect($sagging->arrangement)
        ->toBe('Imposed on span 1 and span 2')
        ->and($sagging->x)
        ->toBe(4000.0)
        ->and(weighing($design, 'deflection-variable')->arrangement)
        ->toBe('Imposed on span 1 and span 3');
});
