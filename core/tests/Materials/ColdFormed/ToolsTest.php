<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\ColdFormed;

use Waage\Member\InvalidMember;
use Waage\Tools\Toolbox;
use Waage\Units\UnitSystem;

/**
 * What a tool answers, by symbol; in the units of the answer.
 *
 * @param  array<string, string>  $given
 * @return array<string, float>
 */
function toolAnswer(string $tool, array $given = []): array
{
    return array_column(Toolbox::answer($tool, $given, UnitSystem::Metric)['lines'], 'value', 'symbol');
}

// A thin angle of equal legs, closed forms: A = 2 b t, centroid b/4 from either leg, I = 5 b³ t/24, C_w = 0 about its
// corner.
it('has the properties of an angle by points', function (): void {
    $of = toolAnswer('thin-points', ['points' => '0 100; 0 0; 100 0', 't' => '2 mm', 'r' => '0 mm']);
    // Outer radius of the corner left out: its midline is rounded by 1 mm.
    expect($of['A'])
        ->toEqualWithDelta(4.0, 0.02)
        ->and($of['x_c'])
        ->toEqualWithDelta(25.0, 0.1)
        ->and($of['z_c'])
        ->toEqualWithDelta(25.0, 0.1)
        ->and($of['I_x'])
        ->toEqualWithDelta((5 * 100 ** 3 * 2) / 24 / 1e4, 0.2)
        ->and(abs($of['I_xz']))
        ->toEqualWithDelta((100 ** 3 * 2) / 8 / 1e4, 0.2)
        ->and($of['x_o'])
        ->toEqualWithDelta(-25.0, 0.3)
        ->and($of['C_w'])
        ->toEqualWithDelta(0.0, 1e-3);
});

// A section that is its own mirror image: no product of inertia, its shear centre on the axis, the same strength for
// either side.
it('finds a hat symmetric', function (): void {
    $of = toolAnswer('thin-points');
    $right = toolAnswer('thin-points-buckling', ['under' => 'bending, right compressed']);
    $left = toolAnswer('thin-points-buckling', ['under' => 'bending, left compressed']);
    expect($of['I_xz'])
        ->toEqualWithDelta(0.0, 1e-9)
        ->and($of['x_o'])
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($of['S_left'])
        ->toBeNear($of['S_right'], 1e-9)
        ->and($of['j_x'])
        ->toEqualWithDelta(0.0, 1e-6)
        ->and($right['F_cr1'])
        ->toBeNear($left['F_cr1'], 1e-6)
        ->and(toolAnswer('thin-points-buckling', ['under' => 'bending, top compressed'])['F_cr1'])
        ->not->toBe($right['F_cr1']);
});

// Timoshenko and Gere, Theory of Elastic Stability; the same in EN 1993-1-5, Tables 4.1 and 4.2.
it('has the buckling factor of plates', function (string $first, string $other, string $psi, float $k): void {
    expect(toolAnswer('thin-plate', ['first' => $first, 'other' => $other, 'psi' => $psi])['k'])->toBeNear($k, 0.01);
})->with([
    ['simple', 'simple', '1', 4.0],
    ['clamped', 'clamped', '1', 6.97],
    ['clamped', 'simple', '1', 5.42],
    ['simple', 'simple', '-1', 23.9],
    ['clamped', 'free', '1', 1.277],
]);

// Closed formulas and finite strips are two ways: within 16 % of each other in these (strips see the web buckle with
// the flange).
it('has distortion by closed formulas near finite strips', function (
    float $h,
    float $b,
    float $c,
    float $t,
    string $under,
    float $strips,
): void {
    $given = ['h_o' => "{$h} mm", 'b_o' => "{$b} mm", 'd_o' => "{$c} mm", 't' => "{$t} mm", 'under' => $under];
    expect(toolAnswer('thin-distortion', $given)['F_crd'])->toBeNear($strips, 0.16);
})->with([
    [100, 60, 18, 2, 'bending', 734],
    [100, 60, 18, 2, 'compression', 466],
    [200, 70, 20, 2, 'bending', 447],
    [200, 70, 20, 2, 'compression', 199],
    [150, 50, 15, 1.2, 'compression', 153],
]);

it('knows that closer restraints and sheeting hold distortion', function (): void {
    $of = fn (array $given): float => toolAnswer('thin-distortion', $given)['F_crd'];
    expect($of(['L_m' => '0.3 m']))->toBeGreaterThan($of([]))->and($of(['k_phi' => '500 N']))->toBeGreaterThan($of([]));
});

// Euler, and the chart: n times as long is 1/n² of it.
it('has global buckling over lengths', function (): void {
    $of = toolAnswer('thin-global', ['L_x' => '4 m', 'L_y' => '4 m', 'L_t' => '4 m']);
    expect($of['P_ey'])
        ->toBeNear((M_PI ** 2 * 203e3 * $of['I_y'] * 1e4) / 16e6 / 1e3, 1e-9)
        ->and($of['P_3'])
        ->toBeNear($of['P_cre'], 1e-9)
        ->and($of['M_3'])
        ->toBeNear($of['M_cre'], 1e-9)
        ->and($of['P_5'])
        ->toBeLessThan($of['P_4'])
        ->and($of['M_0'])
        ->toBeGreaterThan($of['M_1']);
});

it('has the net section and less buckling with holes', function (): void {
    $of = toolAnswer('thin-holes');
    $larger = toolAnswer('thin-holes', ['d_h' => '120 mm']);
    expect($of['A_net'])
        ->toBeNear($of['A'] - (80 * 1.5) / 100, 1e-6)
        ->and($larger['M_ynet'])
        ->toBeLessThan($of['M_ynet'])
        ->and($larger['P_crl'])
        ->toBeLessThanOrEqual($of['P_crl'] + 1e-9)
        ->and($of['I_yavg'])
        ->toBeNear($of['I_yg'] + (80 / 600) * ($of['I_yn'] - $of['I_yg']), 1e-9);
});

// 6.1.5 and 6.1.7.2 by hand; G5 with Table G5-2 by hand.
it('has shear and bearing of a web', function (): void {
    expect(toolAnswer('thin-shear-en')['V_b_Rd'])
        ->toBeNear((198 * 2 * 0.48 * 350) / (0.346 * 99 * sqrt(350 / 210e3)) / 1e3, 1e-9)
        ->and(toolAnswer('thin-bearing-en', ['place' => 'interior'])['R_w_Rd'])
        ->toBeNear(
            ((1.22 - (0.22 * 350) / 228) * (1.06 - 0.06 * 1.5) * (14.7 - 99 / 49.5) * (1 + 0.007 * 45) * 4 * 350) / 1e3,
            1e-9,
        )
        ->and(toolAnswer('thin-bearing-aisi')['P_n'])
        ->toBeNear((4 * 4 * 345 * (1 - 0.14 * sqrt(1.5)) * (1 + 0.35 * sqrt(45)) * (1 - 0.02 * sqrt(95))) / 1e3, 1e-9)
        ->and(toolAnswer('thin-shear-aisi', ['h' => '60 mm'])['V_n'])
        ->toBeNear((0.6 * 120 * 345) / 1e3, 1e-9);
});

it('has the effective section at any stress', function (): void {
    $of = fn (string $stress): float => toolAnswer('thin-effective', ['f_yb' => $stress])['I_eff'];
    expect($of('350 MPa'))->toBeLessThan($of('150 MPa'));
});

// F2.4.2 at its borders: no reserve at M_cre = 2.78 M_y, all of it where nothing buckles.
it('knows the inelastic reserve and net sections', function (): void {
    $given = ['M_y' => '10 kNm', 'M_crl' => '1e5 kNm', 'M_crd' => '1e5 kNm', 'M_p' => '12 kNm'];
    expect(toolAnswer('direct-strength-beam', ['M_cre' => '27.801 kNm', ...$given])['M_ne'])
        ->toBeNear(10.0, 2e-3)
        ->and(toolAnswer('direct-strength-beam', ['M_cre' => '1e5 kNm', ...$given])['M_n'])
        ->toBeNear(12 - 2 / 9, 2e-3)
        ->and(
            toolAnswer('direct-strength-beam', [
                'M_ynet' => '8 kNm',
                'M_y' => '10 kNm',
                'M_cre' => '1000 kNm',
                'M_crl' => '1000 kNm',
                'M_crd' => '1000 kNm',
            ])['M_n'],
        )
        ->toBe(8.0)
        ->and(
            toolAnswer('direct-strength-column', [
                'P_ynet' => '180 kN',
                'P_cre' => '1e6 kN',
                'P_crl' => '1e6 kN',
                'P_crd' => '1e6 kN',
            ])['P_n'],
        )
        ->toBeNear(180.0, 1e-3);
});

it('says what cannot be at its field', function (string $tool, array $given, string $field): void {
    try {
        Toolbox::answer($tool, $given, UnitSystem::Metric);
        $paths = [];
    } catch (InvalidMember $e) {
        $paths = array_column($e->errors, 'path');
    }
    expect($paths)->toContain("values.{$field}");
})->with([
    ['thin-points', ['points' => '0 0; 10'], 'points'],
    ['thin-points', ['points' => '0 0; 100 0; 100 50; 50 50; 50 -50'], 'points'],
    ['thin-points', ['points' => '0 0'], 'points'],
    ['thin-points', ['r' => '40 mm'], 'r'],
    ['thin-plate', ['first' => 'free', 'other' => 'free'], 'other'],
    ['thin-holes', ['d_h' => '300 mm'], 'd_h'],
    ['thin-bearing-aisi', ['R' => '30 mm'], 'R'],
    ['thin-bearing-en', ['r' => '20 mm'], 'r'],
    ['direct-strength-beam', ['M_ynet' => '50 kNm'], 'M_ynet'],
]);
