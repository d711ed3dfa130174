<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;

/** @param  array<string, mixed>  $change */
function stripPost(string $section, string $force, array $change = []): Design
{
    return design(
        [
            'section' => $section,
            'grade' => 'S235',
            'slope' => ['by' => 'upright'],
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
            'selfWeight' => false,
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '3 m',
                    'value' => $force,
                    'direction' => 'along',
                ],
            ],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

const STRIP_I = 'strips 15: -100,7.5 100,7.5; 10: 0,15 0,285; 15: -100,292.5 100,292.5';

// An I section built of strips is the welded one: it bends sideways or twists by itself.
it('is a welded I section where strips are one', function (): void {
    $lines = linesOf(stripPost(STRIP_I, '400 kN'), 'buckling-axial');
    $s = section('welded I 300×200×10×15');
    expect($lines['N_cr'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iz) / 3000.0 ** 2, 1e-6)
        ->and($lines['N_T'])
        ->toBeNear(((81e3 * $s->It + (M_PI ** 2 * 210e3 * $s->Iw) / 3000.0 ** 2) * $s->A) / ($s->Iy + $s->Iz), 1e-6)
        ->and(weighing(stripPost(STRIP_I, '400 kN'), 'axial')->capacity)
        ->toBeNear($s->A * 235, 1e-9);
    $us = ['grade' => 'A572 50', 'basis' => ['combinations' => 'asce-7-22-lrfd']];
    expect(weighing(stripPost(STRIP_I, '400 kN', $us), 'axial')->capacity)
        ->toBeNear((float) weighing(stripPost('welded I 300×200×10×15', '400 kN', $us), 'axial')->capacity, 1e-3)
        ->and(weighing(stripPost(STRIP_I, '-400 kN', $us), 'tension')->capacity)
        ->toBeNear((float) weighing(stripPost('welded I 300×200×10×15', '-400 kN', $us), 'axial')->capacity, 1e-6);
});

// By hand, Z 200×60×4 in S235, 3 m, by middle lines: A = 1280 mm², I_y = 747, I_z = 57.6, I_yz = 144 cm⁴: I_v = 28.7
// cm⁴, N_v = 66.2 kN. c/t = 200/4 = 50 between others: λ_p = 50/56.8 = 0.880, ρ = (0.880 − 0.22)/0.880² = 0.852 of all
// of it; λ = √(1091 · 0.235/66.2) = 1.968, curve c: χ = 0.2017, N_b,Rd = 51.7 kN.
it('buckles a Z about its weak principal axis, of class 4 at a reduced stress', function (): void {
    $design = stripPost('strips 4: -60,0 0,0 0,200 60,200', '30 kN');
    $lines = linesOf($design, 'buckling-axial');
    expect($lines['rho'])
        ->toBeNear(0.852, 1e-3)
        ->and($lines['A_eff'])
        ->toBeNear(1091, 1e-3)
        ->and($lines['N_cr'] / 1e3)
        ->toBeNear(66.2, 0.005)
        ->and($lines['N_b_Rd'] / 1e3)
        ->toBeNear(51.7, 0.005)
        ->and(weighing($design, 'classification')->remark)
        ->toContain('class 4')
        ->and($design->checks->sectionClass())
        ->toBe('class 4')
        ->and(weighing(stripPost('strips 4: -60,0 0,0 0,200 60,200', '-30 kN'), 'axial')->capacity)
        ->toBeNear(1280 * 235.0);
});

it('adds what bends it', function (array $standard): void {
    $loads = [
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '20 kN', 'direction' => 'along'],
            lineLoad('g', '0.2 kN/m', ['direction' => 'normal']),
        ],
    ];
    $design = stripPost('strips 4: -60,0 0,0 0,200 60,200', '', [...$standard, ...$loads]);
    $alone = max(
        weighing($design, 'axial')->ratio,
        $standard === [] ? weighing($design, 'buckling-axial')->ratio : 0.0,
    );
    expect(weighing($design, 'bending-axial')->ratio)
        ->toBeGreaterThan($alone + (float) weighing($design, 'buckling')->ratio)
        ->toBeLessThan($alone + 3 * (float) weighing($design, 'buckling')->ratio);
    // Held all along it is told where it is weighed, and an overhang has no end that is held.
    expect(
        weighing(
            stripPost('strips 4: -60,0 0,0 0,200 60,200', '20 kN', [
                ...$standard,
                'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
            ]),
            'strength',
        )->remark,
    )
        ->toContain('A section built of strips in compression')
        ->and(
            weighing(
                stripPost('strips 4: -60,0 0,0 0,200 60,200', '20 kN', [
                    ...$standard,
                    'supports' => [supportAt('0 m', 'fixed')],
                ]),
                'strength',
            )->remark,
        )
        ->toContain('Put a support at either end');
})->with(['EN' => [[]], 'AISC' => [['grade' => 'A36', 'basis' => ['combinations' => 'asce-7-22-lrfd']]]]);
