<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Waage\Checks\State;

require_once __DIR__.'/timber.php';

const NBC = ['basis' => ['combinations' => 'nbc-2020']];
const NBC_CASES = [
    'cases' => [
        ['id' => 'g', 'name' => 'Dead', 'category' => 'permanent'],
        ['id' => 'q', 'name' => 'Live', 'category' => 'A'],
        ['id' => 's', 'name' => 'Snow', 'category' => 'snow'],
        ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-down'],
    ],
];

// Wood Design Manual, joist tables for K_D = K_H = 1 (from memory): M_r of 38×286 D.Fir-L No.1/No.2 4.66 kNm, of 38×235
// SPF 4.09 kNm.
it('has the resistances of the joist tables', function (string $grade, string $depth, float $Mr, float $Vr): void {
    $design = timberDesign(
        ['width' => '38 mm', 'depth' => $depth, 'grade' => $grade],
        [['case' => 'q', 'value' => '1 kN/m']],
        NBC + NBC_CASES,
    );
    expect(valueOf($design, 'bending', 'M_r') / 1e6)
        ->toBeNear($Mr, 0.003)
        ->and(valueOf($design, 'shear', 'V_r') / 1e3)
        ->toBeNear($Vr, 0.003);
})->with([
    ['D.Fir-L No.1/No.2', '286 mm', 4.66, 12.39],
    ['SPF No.1/No.2', '235 mm', 4.09, 8.84],
    ['SPF No.1/No.2', '184 mm', 2.73, 7.55],
]);

// K_D: long term alone 0.65, standard term 1.0, P_L twice P_S 1 − 0.5 log 2 = 0.849, with wind 1.15.
it('has the duration of the specified loads', function (array $loads, float $KD): void {
    $design = timberDesign(
        ['width' => '89 mm', 'depth' => '235 mm', 'grade' => 'SPF No.1/No.2'],
        $loads,
        NBC + NBC_CASES,
    );
    expect(valueOf($design, 'bending', 'K_D'))->toBeNear($KD);
})->with([
    [[['case' => 'g', 'value' => '2 kN/m']], 0.65],
    [[['case' => 'g', 'value' => '1 kN/m'], ['case' => 'q', 'value' => '3 kN/m']], 1.0],
    [[['case' => 'g', 'value' => '2 kN/m'], ['case' => 'q', 'value' => '1 kN/m']], 1 - 0.5 * log10(2)],
    [[['case' => 'g', 'value' => '0.2 kN/m'], ['case' => 'w', 'value' => '3 kN/m']], 1.15],
]);

// A joist 38×235 SPF at 400 mm that shares its load (K_H = 1.4), 4 m, 0.24 + 0.96 kN/m: shear at d from the faces.
it('weighs a joist', function (): void {
    $design = timberDesign(
        ['width' => '38 mm', 'depth' => '235 mm', 'grade' => 'SPF No.1/No.2', 'sharesLoad' => true],
        [['case' => 'g', 'value' => '0.24 kN/m'], ['case' => 'q', 'value' => '0.96 kN/m']],
        NBC + NBC_CASES,
    );
    $w = 1.25 * 0.24 + 1.5 * 0.96;
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear(($w * 2e6) / (((0.9 * 11.8 * 1.4 * 38 * 235 ** 2) / 6) * 1.1), 1e-6)
        ->and(weighing($design, 'shear')->ratio)
        ->toBeNear(($w * (2000 - 285)) / (((0.9 * 1.5 * 1.4 * 2) / 3) * 38 * 235 * 1.1), 1e-6)
        ->and(weighing($design, 'bearing-1')->ratio)
        ->toBeNear(($w * 2000) / (0.8 * 5.3 * 38 * 100), 1e-6);
});

// Glulam 130×570 D.Fir-L 20f-E, 9 m, restrained every 3 m: C_B = √(1.92 · 3000 · 570/130²) = 13.9 above 10.
it('takes the smaller moment of glulam', function (): void {
    $design = timberDesign(
        ['width' => '130 mm', 'depth' => '570 mm', 'grade' => 'D.Fir-L 20f-E'],
        [['case' => 'g', 'value' => '3 kN/m'], ['case' => 's', 'value' => '6 kN/m']],
        [
            'length' => '9 m',
            'restraint' => ['top' => ['kind' => 'spacing', 'spacing' => '3 m'], 'bottom' => ['kind' => 'supports']],
        ] +
            NBC +
            NBC_CASES,
    );
    [$CB, $CK] = [sqrt((1.92 * 3000 * 570) / 130 ** 2), sqrt((0.97 * 12400) / 25.6)];
    $KL = 1 - ($CB / $CK) ** 4 / 3;
    $KZ = min(1.3, (((610 / 570) * 9100) / 9000) ** 0.1);
    $M = (((1.25 * 3 + 1.5 * 6) * 81) / 8) * 1e6;
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear($M / (((0.9 * 25.6 * 130 * 570 ** 2) / 6) * min($KL, $KZ)), 1e-6)
        ->and(valueOf($design, 'shear-volume', 'W_r'))
        ->toBeNear(0.9 * 2.0 * 0.48 * 130 * 570 * 3.69 * (0.13 * 0.57 * 9) ** -0.18, 1e-6);
});

// A post 140×140 SPF No.1, 3 m: K_Zc = 6.3 (140 · 3000)^−0.13 = 1.169, K_C by C_C = 21.4; with 20 mm eccentricity
// (P/P_r)² + M/[M_r (1 − P/P_E)].
it('weighs a post', function (): void {
    $design = timberDesign(
        ['width' => '140 mm', 'depth' => '140 mm', 'grade' => 'SPF No.1'],
        [['eccentricity' => '20 mm'] + onHead('10 kN', 'g'), ['eccentricity' => '20 mm'] + onHead('30 kN')],
        UPRIGHT + NBC + NBC_CASES,
    );
    $P = 1.25 * 10e3 + 1.5 * 30e3;
    $KZ = min(1.3, 6.3 * (140 * 3000) ** -0.13);
    $KC = 1 / (1 + (8.7 * $KZ * (3000 / 140) ** 3) / (35 * 5000));
    $Pr = 0.8 * 8.7 * 140 ** 2 * $KZ * $KC;
    $Mr = ((0.9 * 9.6 * 140 ** 3) / 6) * 1.3;
    $PE = (M_PI ** 2 * 5000 * 140 ** 4) / 12 / 3000 ** 2;
    expect(weighing($design, 'compression')->ratio)
        ->toBeNear($P / $Pr, 1e-6)
        ->and(weighing($design, 'column')->ratio)
        ->toBeNear(($P / $Pr) ** 2 + ($P * 20) / ($Mr * (1 - $P / $PE)), 1e-6);
});

// 6.5.5.4: a notch of 40 mm in 38×235, e = 100 mm: K_N by α = 0.8298 and η = 0.4255; no deeper than a quarter.
it('weighs notches', function (): void {
    $of = fn (array $notch) => weighing(
        timberDesign(
            [
                'width' => '38 mm',
                'depth' => '235 mm',
                'grade' => 'SPF No.1/No.2',
                'notches' => [$notch + ['support' => 1, 'x' => '100 mm']],
            ],
            [['case' => 'q', 'value' => '1 kN/m']],
            NBC + NBC_CASES,
        ),
        'notch-1',
    );
    [$a, $eta] = [1 - 40 / 235, 100 / 235];
    $KN = (0.006 * 235 * (1.6 * (1 / $a - 1) + $eta ** 2 * (1 / $a ** 3 - 1))) ** -0.5;
    expect($of(['depth' => '40 mm'])->ratio)
        ->toBeNear((1.5 * 2000) / (0.9 * 0.5 * 38 * 235 * $KN), 1e-6)
        ->and($of(['depth' => '70 mm'])->ratio)
        ->toBeGreaterThan(1.0)
        ->and($of(['depth' => '40 mm', 'edge' => 'top'])->state)
        ->toBe(State::NotCovered);
});

it('does not permit what is too slender', function (): void {
    $post = timberDesign(
        ['width' => '38 mm', 'depth' => '140 mm', 'grade' => 'SPF No.1/No.2'],
        [onHead('3 kN')],
        UPRIGHT + NBC + NBC_CASES,
    );
    expect(weighing($post, 'compression')->ratio)->toBeNear(3000 / 38 / 50, 1e-6);
});
