<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Design\VerdictState;
use Waage\Materials\Steel\En1993\TransverseForce;
use Waage\Materials\Steel\SteelGrade;

/** @param  array<string, mixed>  $change */
function pressed(array $change = []): Design
{
    return design(
        [
            'loads' => [
                lineLoad('g', '10 kN/m'),
                [
                    'id' => 'p',
                    'case' => 'q',
                    'kind' => 'point',
                    'x' => '2 m',
                    'value' => '40 kN',
                    'name' => 'Post',
                    'bearing' => '100 mm',
                ],
            ],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// EN 1993-1-5, 6.4 and 6.5, by hand. IPE 300 at an end, bearing 150 mm: k_F = 5.230, F_cr = 1270 kN, m_1 = 21.13, m_2 =
// 13.56, l_e = 150 mm, l_y = 150 + 10.7 · 5.890 = 213.0 mm, λ_F = 0.529, χ_F l_y = 201.4 mm, stocky 150 + 10.7 · 4.596
// = 199.2 mm. HEB 200 under an edge: l_y = 171.4 mm, stocky. RHS 200×100×5 in S355, 100 mm, each web with half of the
// flange: F_cr = 746 kN, m_1 = 10, λ_F = 0.640, L_eff = 134.6 mm. IPE 600, S355, 100 mm: F_cr = 3487 kN, l_y = 365.5
// mm, λ_F = 0.668, χ_F = 0.748.
it('resists a force on a flange', function (string $section, SteelGrade $grade, float $ss, float $c, float $F): void {
    expect((new TransverseForce(steel($section, $grade), $ss, $c, false))->resistance())->toBeNear($F, 1e-3);
})->with([
    'end' => ['IPE 300', SteelGrade::S235, 150.0, 0.0, 332.4e3],
    'edge' => ['HEB 200', SteelGrade::S235, 0.0, 2000.0, 362.5e3],
    'slender' => ['IPE 600', SteelGrade::S355, 100.0, 3000.0, 1165.0e3],
    'hollow' => ['RHS 200×100×5', SteelGrade::S355, 100.0, 3000.0, 477.8e3],
]);

it('is never weaker with a longer bearing, farther in and with a thicker web', function (): void {
    $F = fn (string $section, float $ss, float $c, bool $through = false): float => (new TransverseForce(
        steel($section),
        $ss,
        $c,
        $through,
    ))->resistance();
    foreach (
        ['IPE 200', 'IPE 500', 'HEA 400', 'UB 457×191×67', 'RHS 250×150×6.3', 'welded box 500×300×10'] as $section
    ) {
        foreach ([0.0, 40.0, 120.0, 200.0] as $ss) {
            expect($F($section, $ss + 20, 0.0))
                ->toBeGreaterThanOrEqual($F($section, $ss, 0.0))
                ->and($F($section, $ss, 30.0))
                ->toBeGreaterThanOrEqual($F($section, $ss, 0.0))
                ->and($F($section, $ss, 5000.0))
                ->toBeGreaterThanOrEqual($F($section, $ss, 60.0))
                ->and($F($section, $ss, 5000.0))
                ->toBeGreaterThanOrEqual($F($section, $ss, 5000.0, true));
        }
    }
    expect($F('HEB 300', 100.0, 0.0))->toBeGreaterThan($F('HEA 300', 100.0, 0.0));
});

it('weighs the heaviest support and the heaviest load, each with its combination', function (): void {
    $design = pressed();
    // Support 1: 1.35 · 10 · 3 + 1.5 · 40 · 4 / 6 = 80.5 kN.
    expect(weighing($design, 'web-support')->demand)
        ->toBeNear(80.5e3)
        ->and(weighing($design, 'web-support')->ratio)
        ->toBeNear(80.5 / 332.4, 1e-3)
        ->and(weighing($design, 'web-support')->title)
        ->toBe('Web at support 1')
        ->and(weighing($design, 'web-support')->arrangement)
        ->toBe('Imposed')
        ->and(weighing($design, 'web-load')->demand)
        ->toBeNear(60e3)
        ->and(weighing($design, 'web-load')->title)
        ->toBe('Web under “Post”');
    // (7.2) under the load: M = 80.5 · 2 − 13.5 · 2 = 134 kNm on the elastic modulus.
    $s = section('IPE 300');
    $eta2 = (float) weighing($design, 'web-load')->ratio;
    expect(weighing($design, 'web-bending')->ratio)->toBeNear(($eta2 + (0.8 * 134e6) / ($s->Wely * 235)) / 1.4, 1e-6);
});

it('leaves out what has stiffeners, is fixed or hangs, and members that stand', function (
    array $change,
    array $left,
): void {
    $ids = array_map(fn ($w): string => $w->id, pressed($change)->weighings);
    expect(
        array_values(array_filter($ids, fn (string $id): bool => str_starts_with($id, 'web-'))),
    )->toEqualCanonicalizing($left);
})->with([
    'all' => [[], ['web-support', 'web-load', 'web-bending']],
    'stiffened supports' => [
        ['supports' => [['stiffened' => true, ...supportAt('0 m')], ['stiffened' => true, ...supportAt('6 m')]]],
        ['web-load', 'web-bending'],
    ],
    'fixed supports' => [
        ['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m', 'fixed')]],
        ['web-load', 'web-bending'],
    ],
    'hung loads' => [['loadHeight' => 'bottom'], ['web-support', 'web-bending']],
    'stiffened load' => [
        [
            'loads' => [
                ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '2 m', 'value' => '40 kN', 'stiffened' => true],
            ],
        ],
        ['web-support', 'web-bending'],
    ],
    'a lifting load' => [
        [
            'loads' => [
                lineLoad('g', '10 kN/m'),
                ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '2 m', 'value' => '-4 kN'],
            ],
        ],
        ['web-support', 'web-bending'],
    ],
    'a post' => [['slope' => ['by' => 'upright'], 'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')]], []],
]);

it('takes a force over a support through the web, and an axle anywhere', function (): void {
    $over = pressed([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '90 kN', 'bearing' => '80 mm'],
        ],
    ]);
    expect(linesOf($over, 'web-load')['k_F'])->toBe(3.5);
    $axle = pressed([
        'loads' => [
            [
                'id' => 't',
                'case' => 'q',
                'kind' => 'train',
                'value' => '',
                'bearing' => '50 mm',
                'axles' => [['force' => '20 kN', 'distance' => ''], ['force' => '30 kN', 'distance' => '1 m']],
            ],
        ],
    ]);
    expect(weighing($axle, 'web-load')->demand)->toBeNear(45e3)->and(weighing($axle, 'web-load')->x)->toBeNull();
});

// By hand: at an unstiffened end l_e = s_s + c = 150 mm, l_y = 150 + 10 √(200/6.5) = 205.5 mm: HEA 200, 205.5 · 6.5 ·
// 235 = 313.9 kN. s_s counts up to h_w = 183 mm: IPE 200, l_y = 183 + 2 · 8.5 (1 + √(100/5.6)) = 271.9 mm, stocky, 5.6
// · 235 · 244.2.
it('resists at an end by all of (6.10) to (6.12), and counts no more than h_w as bearing', function (): void {
    expect((new TransverseForce(steel('HEA 200'), 150.0, 0.0, false))->resistance())
        ->toBeNear(313.9e3, 1e-3)
        ->and((new TransverseForce(steel('IPE 200'), 300.0, 3000.0, false))->resistance())
        ->toBeNear(321.4e3, 1e-3)
        ->and((new TransverseForce(steel('IPE 200'), 183.0, 3000.0, false))->resistance())
        ->toBeNear(321.4e3, 1e-3);
});

/** @return array<string, string> */
function forceAt(string $case, string $x, string $value, string $bearing = '100 mm'): array
{
    return [
        'id' => $case.$x.$value,
        'case' => $case,
        'kind' => 'point',
        'x' => $x,
        'value' => $value,
        'bearing' => $bearing,
    ];
}

it('sums forces that stand at one place, whatever they are split into', function (string $standard): void {
    $american = $standard === 'asce-7-22-lrfd';
    $with = fn (array $loads): Design => design(
        [
            'section' => $american ? 'W18×50' : 'IPE 500',
            'grade' => $american ? 'A992' : 'S275',
            'basis' => ['combinations' => $standard],
            'loads' => $loads,
        ],
        detail: Detail::Lines,
    );
    $whole = $with([forceAt('g', '3 m', '160 kN'), forceAt('q', '3 m', '200 kN')]);
    $split = $with([
        forceAt('g', '3 m', '60 kN'),
        forceAt('g', '3 m', '100 kN'),
        forceAt('q', '3 m', '120 kN'),
        forceAt('q', '3 m', '80 kN'),
    ]);
    expect(weighing($whole, 'web-load')->demand)
        ->toBeNear($american ? 1.2 * 160e3 + 1.6 * 200e3 : 1.35 * 160e3 + 1.5 * 200e3)
        ->and(weighing($split, 'web-load')->ratio)
        ->toBeNear((float) weighing($whole, 'web-load')->ratio)
        // Near ones count by their sum on the distance between them (EN 1993-1-5, 6.3(3)); far ones each by itself.
        ->and(weighing($with([forceAt('g', '3 m', '100 kN'), forceAt('g', '3.06 m', '100 kN')]), 'web-load')->demand)
        ->toBeNear(($american ? 1.4 : 1.35) * 200e3)
        ->and(weighing($with([forceAt('g', '2 m', '100 kN'), forceAt('g', '4 m', '100 kN')]), 'web-load')->demand)
        ->toBeNear(($american ? 1.4 : 1.35) * 100e3);
})->with(['6.10', 'asce-7-22-lrfd']);

it('puts an axle beside what stands, and in place of the other loads of its case', function (): void {
    $axle = ['id' => 'k', 'case' => 'q', 'kind' => 'concentrated', 'value' => '30 kN', 'bearing' => '100 mm'];
    expect(weighing(pressed(['loads' => [forceAt('g', '3 m', '40 kN'), $axle]]), 'web-load')->demand)
        ->toBeNear(1.35 * 40e3 + 1.5 * 30e3)
        ->and(weighing(pressed(['loads' => [forceAt('q', '3 m', '40 kN'), $axle]]), 'web-load')->demand)
        ->toBeNear(1.5 * 40e3);
});

// 7.2 with η_1 of 4.6(1): IPE 500 in S275 is class 4 in compression.
it('counts the axial force beside bending and a force on the flange', function (): void {
    $post = fn (array $more): Design => pressed([
        'section' => 'IPE 500',
        'grade' => 'S275',
        'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
        'loads' => [forceAt('g', '3 m', '200 kN', '200 mm'), ...$more],
    ]);
    $with = $post([
        ['id' => 'n', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '600 kN', 'direction' => 'along'],
    ]);
    $NRd = steel('IPE 500', SteelGrade::S275)->compressedArea() * 275;
    expect($NRd)
        ->toBeLessThan(0.98 * section('IPE 500')->A * 275)
        ->and(weighing($with, 'web-bending')->ratio - weighing($post([]), 'web-bending')->ratio)
        ->toBeNear(((0.8 / 1.4) * 1.35 * 600e3) / $NRd, 1e-6);
});

it('says that a lower flange with hung loads is not weighed, and a wall of a tube at its supports', function (): void {
    $hung = pressed(['loadHeight' => 'bottom', 'section' => 'IPE 450']);
    expect(weighing($hung, 'flange-bending')->state)
        ->toBe(State::NotCovered)
        ->and($hung->verdict()->state)
        ->toBe(VerdictState::Uncovered)
        ->and(design(['section' => 'CHS 168.3×5', 'loads' => [lineLoad('g', '1 kN/m')]])->verdict()->state)
        ->toBe(VerdictState::Uncovered)
        ->and(sheetText(['section' => 'CHS 168.3×5', 'loads' => [lineLoad('g', '1 kN/m')]], false))
        ->toContain('not covered');
});
