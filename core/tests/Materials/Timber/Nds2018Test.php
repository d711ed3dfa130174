<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Suite;
use Waage\Tools\Toolbox;
use Waage\Units\UnitSystem;

require_once __DIR__.'/timber.php';

const ASD = ['basis' => ['combinations' => 'asce-7-16-asd', 'units' => 'us']];
const LRFD = ['basis' => ['combinations' => 'asce-7-16-lrfd', 'units' => 'us']];
const PSI = 0.00689475729;
const FLOOR_CASES = [
    'cases' => [
        ['id' => 'g', 'name' => 'Dead', 'category' => 'permanent'],
        ['id' => 'q', 'name' => 'Live', 'category' => 'B'],
        ['id' => 's', 'name' => 'Snow', 'category' => 'snow'],
        ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-down'],
    ],
];

// International Residential Code, Table R502.3.1(2): joists at 16 in., 40 psf live, 10 psf dead, L/360; from memory.
// Feet, inches.
it('finds the spans of the table of floor joists', function (
    string $grade,
    string $depth,
    float $feet,
    float $inches,
): void {
    $answer = Toolbox::answer(
        'nds-span',
        ['grade' => $grade, 'h' => $depth, 'shares' => 'yes'],
        UnitSystem::UsCustomary,
    );
    $L = array_column($answer['lines'], 'value', 'symbol')['L'];
    // The table has whole inches.
    expect(abs($L * 12 - ($feet * 12 + $inches)))->toBeLessThan(1.0);
})->with([
    ['Douglas Fir-Larch No.2', '5.5 in', 9, 9],
    ['Douglas Fir-Larch No.2', '7.25 in', 12, 9],
    ['Douglas Fir-Larch No.2', '9.25 in', 15, 7],
    ['Spruce-Pine-Fir No.1/No.2', '5.5 in', 9, 4],
    ['Spruce-Pine-Fir No.1/No.2', '7.25 in', 12, 3],
    ['Spruce-Pine-Fir No.1/No.2', '9.25 in', 15, 5],
    ['Hem-Fir No.2', '5.5 in', 9, 1],
    ['Hem-Fir No.2', '7.25 in', 12, 0],
    ['Southern Pine No.2', '7.25 in', 11, 10],
]);

// NDS Supplement, Tables 4A, 4B, 4D, 5A, from memory: what goes by the size.
it('has values by the size', function (string $grade, float $b, float $h, float $Fb, float $E): void {
    $of = Grade::of(Suite::Nds2018, $grade, $b * 25.4, $h * 25.4)?->values;
    expect($of?->bending)
        ->toBeNear($Fb * PSI)
        ->and($of?->E)
        ->toBeNear($E * PSI);
})->with([
    ['Douglas Fir-Larch No.1', 1.5, 9.25, 1000, 1.7e6],
    ['Douglas Fir-Larch No.1', 5.5, 11.5, 1350, 1.6e6],
    ['Douglas Fir-Larch No.1', 5.5, 5.5, 1200, 1.6e6],
    ['Southern Pine No.2', 1.5, 3.5, 1100, 1.4e6],
    ['Southern Pine No.2', 1.5, 11.25, 750, 1.4e6],
    ['24F-1.8E', 5.125, 15, 2400, 1.8e6],
]);

// 2×10 DF-L No.2 at 16 in., 14 ft, 13 + 53 lb/ft: F′_b = 900 · 1.1 · 1.15 = 1138.5 psi at C_D = 1.0; shear at d from
// the faces.
it('weighs a floor joist by allowable stresses', function (): void {
    $design = timberDesign(
        ['width' => '1.5 in', 'depth' => '9.25 in', 'grade' => 'Douglas Fir-Larch No.2', 'sharesLoad' => true],
        [['case' => 'g', 'value' => '13 lb/ft'], ['value' => '53 lb/ft']],
        [
            'length' => '14 ft',
            'supports' => [
                ['x' => '0 ft', 'kind' => 'pinned', 'bearing' => '3 in'],
                ['x' => '14 ft', 'kind' => 'roller', 'bearing' => '3 in'],
            ],
        ] +
            ASD +
            FLOOR_CASES,
    );
    [$S, $I] = [(1.5 * 9.25 ** 2) / 6, (1.5 * 9.25 ** 3) / 12];
    $w = fn (float $q): float => (((5 * $q) / 12) * 168 ** 4) / (384 * 1.6e6 * $I);
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear((((66 * 14 ** 2) / 8) * 12) / $S / 1138.5, 1e-6)
        ->and(weighing($design, 'shear')->ratio)
        ->toBeNear((1.5 * 66 * (7 - (1.5 + 9.25) / 12)) / (1.5 * 9.25) / 180, 1e-6)
        ->and(weighing($design, 'bearing-1')->ratio)
        ->toBeNear((66 * 7) / 4.5 / 625, 1e-6)
        ->and(weighing($design, 'deflection-variable')->demand)
        ->toBeNear($w(53) * 25.4, 1e-6)
        ->and(weighing($design, 'deflection-total')->demand)
        ->toBeNear($w(53 + 1.5 * 13) * 25.4, 1e-6);
});

// The same by LRFD: 1.2 D + 1.6 L with λ = 0.8, F′_b = 1138.5 · 2.54 · 0.85 · 0.8.
it('weighs it by load and resistance factors', function (): void {
    $design = timberDesign(
        ['width' => '1.5 in', 'depth' => '9.25 in', 'grade' => 'Douglas Fir-Larch No.2', 'sharesLoad' => true],
        [['case' => 'g', 'value' => '13 lb/ft'], ['value' => '53 lb/ft']],
        ['length' => '14 ft'] + LRFD + FLOOR_CASES,
    );
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear(
            ((((1.2 * 13 + 1.6 * 53) * 14 ** 2) / 8) * 12) / ((1.5 * 9.25 ** 2) / 6) / (1138.5 * 2.54 * 0.85 * 0.8),
            1e-6,
        )
        ->and(weighing($design, 'bearing-1')->ratio)
        ->toBeNear(((1.2 * 13 + 1.6 * 53) * 7) / ((1.5 * 100) / 25.4) / (625 * 1.67 * 0.9 * 0.8), 1e-6);
});

// C_D by the shortest load: dead alone 0.9, with live 1.0, with snow 1.15, with wind 1.6.
it('has the duration of the shortest load', function (string $case, float $CD): void {
    $design = timberDesign(
        ['width' => '1.5 in', 'depth' => '9.25 in', 'grade' => 'Douglas Fir-Larch No.2'],
        [['case' => 'g', 'value' => '5 lb/ft'], ['case' => $case, 'value' => '200 lb/ft']],
        ['length' => '12 ft'] + ASD + FLOOR_CASES,
    );
    expect(valueOf($design, 'bending', 'C_D'))->toBe($CD);
})->with([['g', 0.9], ['q', 1.0], ['s', 1.15], ['w', 1.6]]);

// A post 6×6 DF-L No.1, 9 ft: F_cE = 0.822 · 580 000/19.64² = 1236 psi, C_P = 0.759: 23 kip at C_D = 1.0, as column
// tables have it (from memory).
it('weighs a post', function (): void {
    $timber = ['width' => '5.5 in', 'depth' => '5.5 in', 'grade' => 'Douglas Fir-Larch No.1'];
    $upright =
        [
            'length' => '9 ft',
            'slope' => ['by' => 'upright'],
            'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
        ] +
        ASD +
        FLOOR_CASES;
    $design = timberDesign($timber, [onHead('20 kip', 'q', '9 ft')], $upright);
    $FcE = (0.822 * 580e3) / (108 / 5.5) ** 2;
    $CP = (1 + $FcE / 1000) / 1.6 - sqrt(((1 + $FcE / 1000) / 1.6) ** 2 - $FcE / 1000 / 0.8);
    expect($CP * 1000 * 30.25)
        ->toBeNear(23e3, 0.01)
        ->and(weighing($design, 'compression')->ratio)
        ->toBeNear(20e3 / ($CP * 1000 * 30.25), 1e-6);
    // With the load 2 in. beside the axis: (3.9-3), edgewise; C_L = 1 of a square.
    $beside = timberDesign($timber, [['eccentricity' => '2 in'] + onHead('8 kip', 'q', '9 ft')], $upright);
    [$fc, $fb] = [8e3 / 30.25, 16e3 / (5.5 ** 3 / 6)];
    expect(weighing($beside, 'column')->ratio)->toBeNear(
        ($fc / ($CP * 1000)) ** 2 + $fb / (1200 * (1 - $fc / $FcE)),
        1e-6,
    );
});

// A glulam beam 5.125×18 24F-1.8E, 24 ft, free on top: C_L by R_B, C_V = (21/24)^0.1 (12/18)^0.1; the smaller counts.
it('takes the smaller of the factors of stability and volume', function (string $kind): void {
    $restraint = ['restraint' => ['top' => ['kind' => $kind], 'bottom' => ['kind' => 'supports']]];
    $design = timberDesign(
        ['width' => '5.125 in', 'depth' => '18 in', 'grade' => '24F-1.8E'],
        [['case' => 'g', 'value' => '100 lb/ft'], ['case' => 's', 'value' => '400 lb/ft']],
        ['length' => '24 ft'] + $restraint + ASD + FLOOR_CASES,
    );
    $Fb = 2400 * 1.15;
    $CV = (((21 / 24) * 12) / 18) ** 0.1;
    $RB = sqrt(((1.63 * 288 + 54) * 18) / 5.125 ** 2);
    $a = (1.2 * 850e3) / $RB ** 2 / $Fb;
    $CL = $kind === 'continuous' ? 1.0 : (1 + $a) / 1.9 - sqrt(((1 + $a) / 1.9) ** 2 - $a / 0.95);
    expect(weighing($design, 'bending')->ratio)->toBeNear(
        (((500 * 24 ** 2) / 8) * 12) / ((5.125 * 18 ** 2) / 6) / ($Fb * min($CL, $CV)),
        1e-5,
    );
})->with(['continuous', 'supports']);

// A tension-side notch of 2 in. in a 2×10: V′_r = 2/3 · 180 · 1.5 · 7.25 (7.25/9.25)² = 801.7 lbf with the whole
// reaction; deeper than d/4 is not permitted.
it('weighs notches', function (): void {
    $of = fn (string $depth): ?float => weighing(
        timberDesign(
            [
                'width' => '1.5 in',
                'depth' => '9.25 in',
                'grade' => 'Douglas Fir-Larch No.2',
                'notches' => [['support' => 1, 'depth' => $depth, 'x' => '2 in']],
            ],
            [['case' => 'q', 'value' => '66 lb/ft']],
            ['length' => '14 ft'] + ASD + FLOOR_CASES,
        ),
        'notch-1',
    )->ratio;
    expect($of('2 in'))
        ->toBeNear((66 * 7) / ((2 / 3) * 180 * 1.5 * 7.25 * (7.25 / 9.25) ** 2), 1e-6)
        ->and($of('3 in'))
        ->toBeNear(3 / (9.25 / 4), 1e-6);
});

it('weakens wet and incised timber', function (): void {
    $F = fn (array $timber): float => valueOf(
        timberDesign(
            ['width' => '1.5 in', 'depth' => '5.5 in', 'grade' => 'Douglas Fir-Larch Select Structural'] + $timber,
            [['case' => 'q', 'value' => '60 lb/ft']],
            ['length' => '8 ft'] + ASD + FLOOR_CASES,
        ),
        'bending',
        'F_b_adj',
    ) / PSI;
    // F_b C_F = 1500 · 1.3: above 1,150 psi, so that C_M = 0.85 counts; C_i = 0.8.
    expect($F([]))
        ->toBeNear(1950.0, 1e-6)
        ->and($F(['serviceClass' => '3']))
        ->toBeNear(1950 * 0.85, 1e-6)
        ->and($F(['incised' => true]))
        ->toBeNear(1950 * 0.8, 1e-6);
});
