<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\SolidBar;
use Waage\Materials\Steel\SteelGrade;

/**
 * A bar under an even load, after ANSI/AISC 360 by L_b and C_b.
 *
 * @param  array<string, mixed>  $change
 */
function bar(string $section, string $length, string $dead, string $live, array $change = []): Design
{
    return design(
        [
            'section' => $section,
            'grade' => 'A36',
            'length' => $length,
            'supports' => [supportAt('0 ft'), supportAt($length, 'roller')],
            'loads' => [lineLoad('g', $dead), lineLoad('q', $live)],
            'loadHeight' => 'centre',
            'basis' => ['combinations' => 'asce-7-16-lrfd', 'units' => 'us', 'parameters' => ['closedForms' => true]],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// AISC Design Examples, from memory: F.12, a bar of 5 in by 3 in, A36, 12 ft, held at midspan: M_u = 47.5, φ M_n = 50.6
// kip-ft; F.13, a round of 1 in, 2.5 ft: M_u = 0.375, φ M_n = 0.424 kip-ft.
it('agrees with the published design examples of bars', function (): void {
    $hold = ['kind' => 'positions', 'positions' => ['6 ft']];
    $flat = bar('flat 127×76.2', '12 ft', '0.44 kip/ft', '1.32 kip/ft', [
        'restraint' => ['top' => $hold, 'bottom' => $hold],
    ]);
    $round = bar('round 25.4', '2.5 ft', '0.1 kip/ft', '0.25 kip/ft');
    foreach (
        [[$flat, 'bending', 47.5, 50.6], [$flat, 'buckling', 47.5, 50.6], [$round, 'bending', 0.406, 0.424]] as [$design, $id, $demand, $capacity]
    ) {
        expect(weighing($design, $id)->demand / KIP / FOOT)
            ->toBeNear($demand, 0.005)
            ->and(weighing($design, $id)->capacity / KIP / FOOT)
            ->toBeNear($capacity, 0.005);
    }
    expect(weighing($round, 'buckling')->ratio)->toBeNull();
});

// F11 by hand, inches: flat of 5 by 1/2, A36: L_b d/t² = 60 · 5/0.25 = 1200, between 0.08 E/F_y = 64 and 1.9 E/F_y =
// 1531; M_y = 36 · 2.083 = 75: M_n = C_b (1.52 − 0.274 · 1200 · 36/29000) M_y = 1.112 C_b M_y.
it('buckles laterally by F11', function (): void {
    $design = bar('flat 127×12.7', '60 in', '0.2 kip/ft', '0.2 kip/ft');
    $lines = linesOf($design, 'buckling');
    expect($lines['M_n'] / KIP / 25.4)->toBeNear(1.112 * $lines['C_b'] * 75.0, 0.003);
    $slender = bar('flat 127×6.35', '100 in', '0.02 kip/ft', '0.02 kip/ft');
    $of = linesOf($slender, 'buckling');
    expect($of['M_n'] / KIP / 25.4)->toBeNear(
        (((1.9 * 29000 * $of['C_b']) / ((100 * 5) / 0.0625)) * 5 ** 2 * 0.25) / 6,
        0.003,
    );
});

// Timoshenko and Gere: a strip under an even load at its axis buckles at 28.3 √(E I_z G I_t)/L³ in all.
it('has the published critical load of a strip', function (): void {
    $s = section('flat 200×10');
    $L = 3000.0;
    $design = design(
        [
            'section' => 'flat 200×10',
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
            'loads' => [lineLoad('g', '1 kN/m')],
            'loadHeight' => 'centre',
            'selfWeight' => false,
        ],
        detail: Detail::Lines,
    );
    $lines = linesOf($design, 'buckling');
    expect($lines['M_cr'])
        ->toBeNear((28.3 * sqrt(210e3 * $s->Iz * 81e3 * $s->It)) / $L / 8, 0.01)
        ->and($lines['alpha_LT'])
        ->toBe(0.76);
});

it('has the properties of a rectangle and a circle', function (): void {
    $flat = section('flat 120×15');
    $round = section('round 40');
    // The torsion constant of a square is 0.141 a⁴ (Timoshenko, Goodier).
    expect([$flat->A, $flat->Wply, $flat->Welz])
        ->toEqualWithDelta([1800.0, 54000.0, 4500.0], 1e-6)
        ->and(section('flat 50×50')->It)
        ->toBeNear(0.141 * 50 ** 4, 0.005)
        ->and($round->Iy)
        ->toBeNear((M_PI * 20 ** 4) / 4)
        ->and($round->Wply)
        ->toBeNear(40 ** 3 / 6)
        ->and(Shear::resistance(steel('flat 120×15', SteelGrade::S235)))
        ->toBeNear((1200 * 235) / sqrt(3));
});

it('presses a round by curve c and adds what bends it', function (): void {
    $post = design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '2 m',
            'supports' => [supportAt('0 m'), supportAt('2 m', 'roller')],
            'section' => 'round 60',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '2 m',
                    'value' => '60 kN',
                    'direction' => 'along',
                ],
                lineLoad('g', '0.4 kN/m', ['direction' => 'normal']),
            ],
        ],
        detail: Detail::Lines,
    );
    $lines = linesOf($post, 'buckling-axial');
    // i = 15 mm, f_y = 215 MPa at 60 mm: λ = 133.3/98.2 = 1.358, curve c: χ = 0.365.
    expect($lines['lambda_y'])
        ->toBeNear(1.358, 0.003)
        ->and($lines['chi_y'])
        ->toBeNear(0.365, 0.005)
        ->and(weighing($post, 'bending-axial')->clause)
        ->toContain('6.2.1(7)');
});

it('says what is wrong with a bar', function (string $name, string $says): void {
    expect(Catalogue::find($name))->toBeNull()->and(Catalogue::missing($name))->toContain($says);
})->with([
    ['flat 15×120', 'stands on edge'],
    ['flat 120', 'Give a solid bar'],
    ['round 300', 'rounds 3 to 200'],
    ['flat 600×20', 'up to 500'],
    ['flat 151×5', 'at most 30 times'],
]);

// 42 ε of an internal plate in even compression, 30.03 in S460, is more than the slimmest flat has.
it('takes flats up to where their edges could be held', function (): void {
    expect(Catalogue::find('flat 150×5'))
        ->toBeInstanceOf(SolidBar::class)
        ->and(42 * steel('flat 150×5', SteelGrade::S460)->epsilon)
        ->toBeGreaterThan(30.0);
});
