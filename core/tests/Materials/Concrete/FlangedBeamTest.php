<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\PlaneSection;
use Waage\Materials\Concrete\Tee;
use Waage\Member\InvalidMember;

const T_BEAM = ['profile' => 'T', 'flangeWidth' => '2500 mm', 'flangeThickness' => '120 mm'];

// By hand, EN 1992-1-1, 5.3.2.1, Figure 5.2, and 6 m: b_i = 1100 (T) and 2200 mm (L); 0.2 b_i + 0.1 l_0 governs.
it('counts so much of its flange', function (array $concrete, int $sign, float $x, float $b): void {
    $make = ConcreteMake::from(concreteBeam(['concrete' => $concrete + T_BEAM])->make);
    expect($make->tee($sign, $x)->b + ($sign < 0 ? $make->tee($sign, $x)->bt - 300 : 0))->toBeNear($b, 1e-9);
})->with([
    'simple span' => [[], 1, 3000.0, 300 + 2 * (220 + 600)],
    'L' => [['profile' => 'L'], 1, 3000.0, 300 + 440 + 600],
    'narrow: all of it' => [['flangeWidth' => '900 mm'], 1, 3000.0, 900],
    'typed' => [['effectiveWidth' => '1 m'], 1, 3000.0, 1000],
]);

it('counts less of it over inner supports', function (): void {
    $make = ConcreteMake::from(openBeam([6.0, 8.0, 6.0], 10, 10, T_BEAM)->make);
    expect($make->tee(1, 3000.0)->b)
        ->toBeNear(300 + 2 * (220 + 0.085 * 6000), 1e-9)
        ->and($make->tee(1, 10000.0)->b)
        ->toBeNear(300 + 2 * (220 + 0.07 * 8000), 1e-9)
        ->and($make->tee(-1, 6000.0)->bt)
        ->toBeNear(300 + 2 * min(220 + 0.015 * 14000, 0.03 * 14000), 1e-9);
});

// A thousand strips of the block of 3.1.7(3) in place of its closed form: T, L and inverted T, block in flange and in
// web.
it('has the resistance that strips give', function (array $flange, string $bars, float $load): void {
    $design = concreteBeam([
        'concrete' => $flange + T_BEAM + ['bottom' => $bars, 'depth' => '600 mm'],
        'loads' => [['value' => '5 kN/m'], ['value' => "{$load} kN/m"]],
    ]);
    $make = ConcreteMake::from($design->make);
    $group = $make->steel()->bottom[0]->group;
    [$d, $F] = [600 - $group->centroid(), ($group->bars->area() * 500) / 1.15];
    $tee = $make->tee(1, 3000.0);
    [$C, $M] = [0.0, 0.0];
    for ($i = 0; $i < 60000 && $C < $F && $i * 0.01 < 0.8 * 0.448 * $d; $i++) {
        $y = ($i + 0.5) * 0.01;
        $width = $y < $tee->hf ? $tee->b : $tee->bw;
        $C += $width * 0.2;
        $M += $width * 0.2 * ($d - $y);
    }
    expect(weighingOf($design, 'sagging')->capacity)->toBeNear($M, 1e-3);
})->with([
    'block in the flange' => [[], '4ø25', 20],
    'in the web' => [['flangeWidth' => '500 mm', 'flangeThickness' => '80 mm'], '8ø32', 60],
    'L' => [['profile' => 'L', 'flangeWidth' => '450 mm', 'flangeThickness' => '80 mm'], '6ø32', 60],
    'inverted T' => [['profile' => 'inverted T', 'flangeWidth' => '700 mm'], '4ø25', 20],
]);

it('has the section properties of its parts', function (): void {
    $tee = new Tee(500.0, 1200.0, 300.0, 150.0, 300.0);
    // Two rectangles: 1200 × 150 over 300 × 350.
    $z = (180000 * 75 + 105000 * 325) / 285000;
    $I = (1200 * 150 ** 3) / 12 + 180000 * ($z - 75) ** 2 + (300 * 350 ** 3) / 12 + 105000 * (325 - $z) ** 2;
    $upside = new Tee(500.0, 300.0, 300.0, 0.0, 1200.0, 150.0);
    expect($tee->centroid())
        ->toBeNear($z, 1e-12)
        ->and($tee->inertia())
        ->toBeNear($I, 1e-12)
        ->and($upside->centroid())
        ->toBeNear(500 - $z, 1e-12)
        ->and($upside->inertia())
        ->toBeNear($I, 1e-12);
});

it('chooses bars that hold, of any shape', function (string $profile, array $spans): void {
    $design = openBeam($spans, 12, 12, ['profile' => $profile] + T_BEAM + ['flangeWeight' => 'slab']);
    expect($design->verdict()->holds())->toBeTrue();
})->with([['T', [6.0]], ['T', [7.0, 5.0]], ['L', [6.0, 6.0, 4.0]], ['inverted T', [6.0, 5.0]]]);

it('weighs shear between flange and web', function (): void {
    $w = weighingOf(concreteBeam(['concrete' => T_BEAM]), 'flange-shear');
    // V = 93.6 kN, z = 0.9 · 452, (b − b_w)/(2 b) = 820/1940 of the force goes to one side, h_f = 120: more than 0.4
    // f_ctd = 0.54 MPa, so that steel across is needed: 0.81 · 120/434.78 = 0.2236 mm²/mm; struts bear 0.528 · 20/2.
    expect($w->demand)
        ->toBeNear(((93600 / 406.8) * 820) / 1940 / 120, 1e-4)
        ->and($w->capacity)
        ->toBeNear(5.28, 1e-9)
        ->and($w->remark)
        ->toContain('224 mm²/m');
});

it('is heavier with its flange, unless that comes with the slab', function (string $where, float $area): void {
    expect(
        ConcreteMake::from(concreteBeam(['concrete' => ['flangeWeight' => $where] + T_BEAM])->make)->weight(),
    )->toBeNear(25e-6 * $area, 1e-12);
})->with([['own', 300 * 500 + 2200 * 120], ['slab', 300 * 380]]);

it('says at the field what is wrong with a flange', function (array $concrete, string $field): void {
    $errors = [];
    try {
        concreteBeam(['concrete' => $concrete + T_BEAM]);
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'path');
    }
    expect($errors)->toBe(["concrete.{$field}"]);
})->with([
    [['flangeWidth' => '200 mm'], 'flangeWidth'],
    [['flangeThickness' => '25 mm'], 'flangeThickness'],
    [['legs' => 0], 'legs'],
    [['linkSpacing' => '-100 mm'], 'linkSpacing'],
    [['flangeThickness' => '500 mm'], 'flangeThickness'],
    [['effectiveWidth' => '3 m'], 'effectiveWidth'],
    [['profile' => 'X'], 'profile'],
    [['flangeThickness' => ''], 'flangeThickness'],
    [['supports' => [3 => '2ø16']], 'supports.3'],
    [['spans' => [2 => '2ø16']], 'spans.2'],
    [['grade' => '500 MPa'], 'grade'],
    [['grade' => '0 MPa'], 'grade'],
    [['linkYield' => '900 MPa'], 'linkYield'],
]);

// Above C50 λ and η fall; C90: λ = 0.7, η = 0.8, ε_cu = 2.6 ‰ (Table 3.1 and 3.1.7(3)), x = 2513 · 434.78/(0.7 · 300 ·
// 0.8 · 60).
it('takes any strength of concrete', function (): void {
    $strong = weighingOf(concreteBeam(['concrete' => ['grade' => 'C90/105', 'bottom' => '8ø20']]), 'sagging');
    $d = 500 - (30 + 8 + 10 + (3 * 45) / 8);
    $x = (8 * M_PI * 100 * 500) / 1.15 / (0.7 * 300 * 0.8 * 60);
    expect($strong->capacity)
        ->toBeNear(((8 * M_PI * 100 * 500) / 1.15) * ($d - 0.35 * $x), 2e-3)
        ->and(weighingOf(concreteBeam(['concrete' => ['grade' => '30 MPa']]), 'sagging')->capacity)
        ->toBe(weighingOf(concreteBeam(), 'sagging')->capacity);
});

// The parabola and rectangle of 3.1.7(1), integrated over the section, in place of the block: 30 random beams of all
// strengths.
it('has nearly the resistance of the parabola', function (): void {
    mt_srand(5);
    for ($i = 0; $i < 30; $i++) {
        [$b, $h, $fck] = [10 * mt_rand(25, 40), 50 * mt_rand(9, 15), [25, 30, 40, 60, 80][mt_rand(0, 4)]];
        $flange = [
            'profile' => ['rectangle', 'T'][mt_rand(0, 1)],
            'flangeWidth' => $b + 100 * mt_rand(1, 12).' mm',
            'flangeThickness' => 10 * mt_rand(8, 15).' mm',
        ];
        $size = [
            'width' => "{$b} mm",
            'depth' => "{$h} mm",
            'grade' => "{$fck} MPa",
            'linkDiameter' => '10 mm',
            'flangeWeight' => 'slab',
        ];
        $design = openBeam([mt_rand(4, 8)], mt_rand(10, 30), mt_rand(5, 25), $size + $flange);
        $lines = linesOf($design, 'sagging');
        if (isset($lines['F_s2'])) {
            continue;
        }
        $make = ConcreteMake::from($design->make);
        [$tee, $group] = [$make->tee(1, $make->length() / 2), $make->steel()->bottom[0]->group];
        [$left, $right, $under] = [($tee->b - $b) / 2, ($tee->b + $b) / 2, $h - $tee->hf];
        $ring = $tee->isFlanged()
            ? [
                [$left, 0.0],
                [$right, 0.0],
                [$right, $under],
                [$tee->b, $under],
                [$tee->b, $h],
                [0.0, $h],
                [0.0, $under],
                [$left, $under],
            ]
            : [[0.0, 0.0], [$b, 0.0], [$b, $h], [0.0, $h]];
        $bars = array_map(
            fn (int $k, int $n): array => [$tee->b / 2, $group->inset($k), $n * $group->bars->each()],
            array_keys($group->layers),
            $group->layers,
        );
        $part = (90 - $fck) / 100;
        $strains =
            $fck > 50
                ? [2 + 0.085 * ($fck - 50) ** 0.53, 2.6 + 35 * $part ** 4, 1.4 + 23.4 * $part ** 4]
                : [2.0, 3.5, 2.0];
        $exact =
            (new PlaneSection([$ring], $bars, $fck / 1.5, 500 / 1.15, $strains))->at(0.0, 0.0)['forces']['My'] ?? 0.0;
        expect($lines['M_Rd'] / $exact)
            ->toBeGreaterThan(0.965)
            ->toBeLessThan(1.01);
    }
});
