<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Design\Design;

/**
 * A beam of 6 m, 260×500 with d = 440 mm, of f_cu = 30 MPa and f_y = 460 MPa under a moment (kNm, factored).
 *
 * @param  array<string, mixed>  $concrete
 */
function classicBeam(float $M, array $concrete = []): Design
{
    return concreteBeam([
        'basis' => ['combinations' => 'classic'],
        'concrete' => [
            'width' => '260 mm',
            'grade' => '30 MPa',
            'cover' => '42 mm',
            'bottom' => '4ø20',
            'top' => '2ø12',
            ...$concrete,
        ],
        'loads' => [['value' => '0 kN/m'], ['value' => ($M * 8) / 36 / 1.6.' kN/m']],
    ]);
}

// Mosley and Bungey, Reinforced Concrete Design (4th ed.), Example 4.1 (from memory): 185 kNm, b = 260, d = 440, f_cu =
// 30, f_y = 460 with γ_m = 1.15: K = 0.122, z = 369 mm, A_s = 1250 mm². With 1.05 of the amended edition 1145 mm².
it('needs the steel of a published example', function (): void {
    $lines = linesOf(classicBeam(185), 'sagging');
    expect($lines['d'])
        ->toBe(440.0)
        ->and($lines['K'])
        ->toBeNear(0.122, 5e-3)
        ->and($lines['z'])
        ->toBeNear(369, 2e-3)
        ->and($lines['A_s_req'])
        ->toBeNear((1250 * 1.05) / 1.15, 5e-3);
});

// By hand, by the formulae of 3.4.4.4 with K′ = 0.156: (285e6 − 0.156 · 30 · 260 · d²)/(438.1 (d − d′)).
it('needs steel in compression beyond K′', function (): void {
    $lines = linesOf(classicBeam(285, ['bottom' => '6ø25', 'cover' => '39.5 mm']), 'sagging');
    $d = $lines['d'];
    $d2 = 39.5 + 8 + 6;
    $more = (285e6 - 0.156 * 30 * 260 * $d ** 2) / ((460 / 1.05) * ($d - $d2));
    $z = $d * (0.5 + sqrt(0.25 - 0.156 / 0.9));
    expect($lines['A_s_c_req'])
        ->toBeNear($more, 1e-6)
        ->and($lines['A_s_req'])
        ->toBeNear($more + (0.156 * 30 * 260 * $d ** 2) / ((460 / 1.05) * $z), 1e-6);
});

// The block integrated in strips: 0.45 f_cu over 0.9 x, lever arm at most 0.95 d.
it('has the resistance that strips give', function (string $bars): void {
    $design = classicBeam(100, ['bottom' => $bars]);
    $lines = linesOf($design, 'sagging');
    [$C, $M] = [0.0, 0.0];
    for ($y = 0.005; $C < ($lines['A_s'] * 460) / 1.05; $y += 0.01) {
        $C += 0.01 * 260 * 13.5;
        $M += 0.01 * 260 * 13.5 * ($lines['d'] - $y);
    }
    expect($lines['M_R'])->toBeNear(min($M, 0.95 * $lines['d'] * $C), 1e-3);
})->with(['2ø16', '4ø20', '3ø25']);

// BS 8110-1, Table 3.8 (from memory): 100 A_s/b d = 1.00, d = 400 mm and more, f_cu = 25: 0.63 MPa; 0.50 and d = 200
// mm: 0.60 (0.595) MPa.
it('has the shear stresses of Table 3.8', function (array $concrete, float $vc): void {
    expect(linesOf(classicBeam(60, $concrete), 'shear')['v_c'])->toBeNear($vc, 1.2e-2);
})->with([
    '1.00 %' => [['width' => '314.16 mm', 'depth' => '460 mm', 'bottom' => '4ø20', 'grade' => '25 MPa'], 0.63],
    'slab, 0.50 %' => [
        [
            'form' => 'slab',
            'width' => '1 m',
            'depth' => '235 mm',
            'cover' => '30 mm',
            'bottom' => 'ø10/79',
            'top' => 'ø10/200',
            'grade' => '25 MPa',
        ],
        0.595,
    ],
]);

// BS 8110-1, Table 3.10 (from memory): f_s = 307, M/bd² = 2.00: 0.96 (0.957); formula.
it('has the factor for bars in tension', function (): void {
    $lines = linesOf(classicBeam(120), 'deflection');
    $fs = (2 * 460 * $lines['A_s_req']) / (3 * $lines['A_s']);
    expect($lines['k_t'])
        ->toBeNear(0.55 + (477 - $fs) / (120 * (0.9 + 120e6 / (260 * 440 ** 2))), 1e-9)
        ->and(0.55 + (477 - 307) / (120 * 2.9))
        ->toBeNear(1.04, 5e-3)
        ->and($lines['r_0'])
        ->toBe(20.0);
});

// By hand: 460/1.05/(4 · 0.5 √30) = 40.0 diameters.
it('anchors bars by bond', function (): void {
    $top = openBeam([6.0, 6.0], 20, 15, ['grade' => '30 MPa'], basis: ['combinations' => 'classic']);
    $lines = linesOf($top, 'length-2');
    expect($lines['l_a'] / $lines['phi'])->toBeNear(40.0, 5e-3);
});

it('has least bars by Table 3.25', function (array $concrete, float $part): void {
    $lines = linesOf(classicBeam(100, $concrete), 'least-bottom');
    expect($lines['A_s_min'])->toBeNear($part * 260 * 500, 1e-9);
})->with([
    [[], 0.0013],
    [['yield' => '250 MPa'], 0.0024],
    [['profile' => 'T', 'flangeWidth' => '2 m', 'flangeThickness' => '100 mm'], 0.0018],
    [['profile' => 'inverted T', 'flangeWidth' => '500 mm', 'flangeThickness' => '100 mm'], 0.0026],
]);
