<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\En1993\SidewaysBuckling;
use Waage\Materials\Steel\En1993\Strain;
use Waage\Materials\Steel\SteelGrade;

/**
 * A post of 6 m, pressed, pushed in its plane and sideways.
 *
 * @param  array<string, mixed>  $change
 */
function unequalPost(string $section, string $N, string $inPlane, string $sideways, array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '6 m',
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => $section,
            'grade' => 'S355',
            'selfWeight' => false,
            'loadHeight' => 'centre',
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => $N, 'direction' => 'along'],
                lineLoad('g', $inPlane, ['direction' => 'normal']),
                lineLoad('g', $sideways, ['direction' => 'sideways']),
            ],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

const UNEQUAL = 'welded I 400×300×200×12×20×15';

it('buckles by bending about the minor axis and twisting together', function (float $L): void {
    $s = unequal(UNEQUAL);
    expect(SidewaysBuckling::criticalForce($s, $L, $L, null, 1e12))->toBeNear(twistsAsideAt($s, $L), 1e-6);
})->with([2000.0, 6000.0, 12000.0]);

// By hand: the shear centre lies where the flanges' I are in balance: h_s = 382.5, I_1 = 45.0, I_2 = 10.0 cm⁴ · 10²:
// 382.5 · 45/55 = 313 above the lower flange; the centroid (6000 · 382.5 + 4380 · 190)/13380 = 234 above it: 79 mm.
it('has its shear centre where the flanges are in balance', function (): void {
    expect(unequal(UNEQUAL)->shearCentreAbove())
        ->toBeNear(79.2, 0.005)
        ->and(unequal('welded I 400×200×300×12×15×20')->shearCentreAbove())
        ->toBeNear(-unequal(UNEQUAL)->shearCentreAbove(), 1e-9);
});

it('adds up what presses it and bends it both ways by EN 1993', function (): void {
    $lines = linesOf(unequalPost(UNEQUAL, '400 kN', '6 kN/m', '2 kN/m'), 'buckling-axial');
    // By hand: M_z = 1.35 · 2 · 6²/8 = 12.15 kNm; W_pl,z = 20 · 300²/4 + 15 · 200²/4 + 365 · 12²/4 = 613 cm³.
    expect($lines['u_z_1'] ?? $lines['u_z'])
        ->toBeNear(12.15e6 / (613.1e3 * 355), 2e-3)
        ->and($lines['u'])
        ->toBeNear(max($lines['n_y'], $lines['n_z']) + $lines['k'] * $lines['u_LT'] + $lines['k_z'] * $lines['u_z'])
        ->and(weighing(unequalPost(UNEQUAL, '400 kN', '6 kN/m', '2 kN/m'), 'bending-axial')->clause)
        ->toContain('6.2.1(7)')
        ->and(curves(steel(UNEQUAL)))
        ->toBe(['b', 'c'])
        // Turned over it is the same, since the load is at the shear centre and bends it the other way.
        ->and(
            linesOf(unequalPost('welded I 400×200×300×12×15×20', '400 kN', '-6 kN/m', '2 kN/m'), 'buckling-axial')['u'],
        )
        ->toBeNear($lines['u'], 1e-9);
    foreach (['shear', 'sideways-shear', 'sideways-bending', 'axial'] as $id) {
        expect(weighing(unequalPost(UNEQUAL, '400 kN', '6 kN/m', '2 kN/m'), $id)->ratio)->toBeGreaterThan(0.0);
    }
});

// A flange takes I_1/(I_1 + I_2) = 45/55 of the force: 6000/0.818 = 7333 mm², the other one 3000/0.182 = 16 500.
it('shears its flanges by their parts of I_z', function (): void {
    expect(Shear::sidewaysResistance(steel(UNEQUAL)))
        ->toBeNear((7333 * 235) / sqrt(3), 1e-3)
        ->and(Shear::sidewaysResistance(steel('½ HEB 200')))
        ->toBeNear((200 * 15 * 235) / sqrt(3));
});

// c/t of the web 365/6 = 61 > 42 ε: λ_p = 61/(28.4 · 0.814 · 2) = 1.316, ρ = (1.316 − 0.22)/1.316² = 0.633, of all of
// the section.
it('presses a slender web at a reduced stress', function (): void {
    $s = 'welded I 400×300×200×6×20×15';
    expect(steel($s, SteelGrade::S355)->classIn(Strain::Compression))
        ->toBe(4)
        ->and(steel($s, SteelGrade::S355)->classIn(Strain::BendingZ))
        ->toBeLessThan(4)
        ->and(weighing(unequalPost($s, '400 kN', '6 kN/m', '2 kN/m'), 'axial')->capacity)
        ->toBeNear(0.633 * unequal($s)->A * 355, 3e-3);
});

it('pushes a tee sideways', function (array $standard, float $Mc): void {
    $design = unequalPost('½ HEB 300', '60 kN', '2 kN/m', '1 kN/m', $standard);
    expect(weighing($design, 'sideways-bending')->demand)
        ->toBeNear((($standard === [] ? 1.35 : 1.4) * 1e6 * 36) / 8, 1e-6)
        ->and(weighing($design, 'sideways-bending')->capacity)
        ->toBeNear($Mc, 2e-3)
        ->and(weighing($design, 'bending-axial')->ratio)
        ->toBeGreaterThan(0.0);
})->with([
    // Plastic, class 1: W_pl,z; by first yield, F12.
    'EN' => [[], fn (): float => section('½ HEB 300')->Wplz * 355.0],
    'AISC' => [
        ['grade' => 'A992', 'basis' => ['combinations' => 'asce-7-22-lrfd']],
        fn (): float => 0.9 * section('½ HEB 300')->Welz * SteelGrade::A992->yieldStrength(19.0),
    ],
]);

// E4-3 by hand is the bisection above with r_o; F6: M_p = 1.6 F_y S_y, S_y = 2 · 55.05e6/300 = 367 cm³, which is less
// than F_y Z_y.
it('is pressed and pushed after AISC 360', function (): void {
    $us = ['grade' => 'A572 50', 'basis' => ['combinations' => 'asce-7-22-lrfd']];
    $design = unequalPost(UNEQUAL, '400 kN', '6 kN/m', '2 kN/m', $us);
    $s = unequal(UNEQUAL);
    $lines = linesOf($design, 'axial');
    expect($lines['F_ez_y'] * $s->A)
        ->toBeNear(twistsAsideAt($s, 6000.0, SteelGrade::A572->elasticity(), SteelGrade::A572->shearModulus()), 1e-6)
        ->and($lines['F_cr'])
        ->toBeNear(
            0.658 ** (SteelGrade::A572->yieldStrength(20.0) / $lines['F_e']) * SteelGrade::A572->yieldStrength(20.0),
            1e-6,
        )
        ->and(weighing($design, 'sideways-bending')->capacity)
        ->toBeNear(0.9 * 1.6 * 367e3 * SteelGrade::A572->yieldStrength(20.0), 1e-3)
        ->and(weighing($design, 'sideways-bending')->clause)
        ->toContain('F6')
        ->and(weighing($design, 'bending-axial')->clause)
        ->toContain('H1.1');
});

it('comes to flanges alike where they hardly differ', function (array $standard): void {
    $of = fn (string $section, string $id): float => (float) weighing(
        unequalPost($section, '300 kN', '4 kN/m', '1 kN/m', $standard),
        $id,
    )->capacity;
    foreach (['axial', 'sideways-bending', 'sideways-shear', 'shear', 'bending'] as $id) {
        expect($of('welded I 400×250×249.99×12×15×15', $id))->toBeNear($of('welded I 400×250×12×15', $id), 2e-3);
    }
})->with(['EN' => [[]], 'AISC' => [['grade' => 'A572 50', 'basis' => ['combinations' => 'asce-7-22-lrfd']]]]);
