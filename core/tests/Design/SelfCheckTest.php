<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\SelfCheck;
use Waage\Design\Show;

/** @return list<array<string, string>> */
function row(int $spans, float $length, string $ends = 'pinned'): array
{
    return array_map(
        fn (int $i): array => supportAt($i * $length.' m', $i === 0 || $i === $spans ? $ends : 'pinned'),
        range(0, $spans),
    );
}

// Coefficients of the handbooks (wL²/8, wL²/12, wL²/2; 1/8, 1/10, 3/28, 2/19 of w l² for 2 to 5 equal spans), which
// have to agree with the statics where the load is uniform. From memory.
it('agrees with the hand formula where one is made for the beam', function (array $change, string $formula): void {
    $hand = (new SelfCheck(design(['selfWeight' => true, ...$change])))->toArray()['hand'];
    expect($hand['formula'])
        ->toBe($formula)
        ->and($hand['fits'])
        ->toBeTrue()
        ->and($hand['value'])
        ->toBeNear($hand['computed'], 1e-9);
})->with([
    'simple' => [[], 'w L² / 8'],
    'propped' => [['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')]], 'w L² / 8'],
    'fixed' => [['supports' => row(1, 6, 'fixed')], 'w L² / 12'],
    'cantilever' => [['supports' => [supportAt('0 m', 'fixed')]], 'w L² / 2'],
    'two spans' => [['length' => '8 m', 'supports' => row(2, 4)], 'w l² / 8'],
    'three spans' => [['length' => '12 m', 'supports' => row(3, 4)], 'w l² / 10'],
    'four spans' => [['length' => '16 m', 'supports' => row(4, 4)], '3 w l² / 28'],
    'five spans' => [['length' => '20 m', 'supports' => row(5, 4)], '2 w l² / 19'],
]);

it('gives an estimate where the load or the spans are uneven, and none where it would mislead', function (
    array $change,
    ?string $formula,
): void {
    $hand = (new SelfCheck(design($change)))->toArray()['hand'];
    expect($hand['formula'] ?? null)
        ->toBe($formula)
        ->and($hand['fits'] ?? false)
        ->toBeFalse();
})->with([
    'a force' => [
        [
            'loads' => [
                lineLoad('g', '5 kN/m'),
                ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '3 m', 'value' => '20 kN'],
            ],
        ],
        'w L² / 8',
    ],
    'a part of the length' => [['loads' => [lineLoad('g', '5 kN/m', ['to' => '4 m'])]], 'w L² / 8'],
    'uneven spans' => [
        ['length' => '10 m', 'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('10 m')]],
        'w l² / 10',
    ],
    'overhang' => [['length' => '8 m'], null],
    'hinge' => [['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')], 'hinges' => ['2 m']], null],
    'spring' => [['supports' => [supportAt('0 m'), ['vertical' => '5 kN/mm', ...supportAt('6 m', 'elastic')]]], null],
    'no load' => [['loads' => []], null],
]);

it('holds equilibrium on random members to 1e-9 of the load, and knows a large deflection', function (): void {
    foreach (range(1, 40) as $seed) {
        $check = (new SelfCheck(new Design(patternedMember($seed), Detail::Verdict)))->toArray();
        expect($check['equilibrium']['force'])
            ->toBeLessThan(1e-9)
            ->and($check['equilibrium']['moment'])
            ->toBeLessThan(1e-9)
            ->and($check['equilibrium']['load'])
            ->toBeNear($check['equilibrium']['reaction'], 1e-9, 1000.0);
    }
    expect((new SelfCheck(design()))->toArray()['deflection']['small'])
        ->toBeTrue()
        ->and((new SelfCheck(design(['section' => 'IPE 80'])))->toArray()['deflection']['small'])
        ->toBeFalse()
        ->and((new SelfCheck(design(['loads' => []])))->toArray()['deflection']['part'])
        ->toBeNull();
});

it('finds the points of zero moment', function (): void {
    // Both ends fixed, uniform: 0.2113 L from each end, (3 − √3)/6.
    $result = (new Result(
        design(['supports' => row(1, 6, 'fixed'), 'loads' => [lineLoad('g', '5 kN/m')]]),
        Show::fromText('case:g'),
    ))->toArray();
    expect($result['zeros']['max'])
        ->toHaveCount(2)
        ->and($result['zeros']['max'][0])
        ->toBeNear(((3 - sqrt(3)) / 6) * 6000)
        ->and($result['zeros']['max'][1])
        ->toBeNear(((3 + sqrt(3)) / 6) * 6000);
    // Two equal spans, uniform: a quarter of the span from the middle support.
    $result = (new Result(
        design(['length' => '8 m', 'supports' => row(2, 4), 'loads' => [lineLoad('g', '5 kN/m')]]),
        Show::fromText('case:g'),
    ))->toArray();
    expect($result['zeros']['min'])
        ->toHaveCount(2)
        ->and($result['zeros']['min'][0])
        ->toBeNear(3000.0)
        ->and($result['zeros']['min'][1])
        ->toBeNear(5000.0);
});
