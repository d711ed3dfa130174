<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\Bending;
use Waage\Materials\Steel\En1993\Profiles;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\En1993\SteelSection;
use Waage\Materials\Steel\En1993\Strain;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;

// EN 1993-1-1, Table 5.2: c = h − 3t; 33, 38, 42 ε in compression, 72, 83, 124 ε in bending; tubes 50, 70, 90 ε². By
// hand: RHS 300×200×6.3 in S355: flange (200 − 18.9)/6.3 = 28.7 > 33 · 0.814 = 26.9, ≤ 38 · 0.814 = 30.9; web (300 −
// 18.9)/6.3 = 44.6. CHS 323.9×5 in S355: 64.8 > 90 · 0.662 = 59.6; CHS 168.3×5 in S235: 33.7 ≤ 50. SHS 100×100×5 in
// S460: 17 ≤ 33 · 0.715.
it('has the classes of Table 5.2', function (string $name, SteelGrade $grade, int $y, int $z, int $compressed): void {
    $steel = steel($name, $grade);
    expect([$steel->class, $steel->classZ, $steel->classIn(Strain::Compression)])->toBe([
        $y,
        $z,
        $compressed,
    ]);
})->with([
    ['RHS 300×200×6.3', SteelGrade::S355, 2, 4, 4],
    ['SHS 100×100×5', SteelGrade::S460, 1, 1, 1],
    ['CHS 323.9×5', SteelGrade::S355, 4, 4, 4],
    ['CHS 168.3×5', SteelGrade::S235, 1, 1, 1],
    ['RHS 200×100×8', SteelGrade::S355, 1, 1, 1],
    ['RHS 300×200×6 cold', SteelGrade::S235, 1, 4, 4],
]);

// By hand with the tables of EN 10210-2: 282 cm³ · 355 = 100.1 kNm; 44.8 cm² · 200/300 · 355/√3 = 612 kN, and 306 kN
// along the width; CHS 168.3×10: 2/π · 49.7 cm² · 235/√3 = 429 kN.
it('has its resistances in bending and shear', function (): void {
    $rectangle = steel('RHS 200×100×8', SteelGrade::S355);
    expect(Bending::resistance($rectangle))
        ->toBeNear(100.1e6, 0.005)
        ->and(Shear::resistance($rectangle))
        ->toBeNear(612e3, 0.005)
        ->and(Shear::sidewaysResistance($rectangle))
        ->toBeNear(306e3, 0.005)
        ->and(Shear::resistance(steel('CHS 168.3×10')))
        ->toBeNear(429e3, 0.005);
});

it('says in the title what another standard is taken for', function (): void {
    $titles = array_column(design(hollowPost('CHS 323.9×5', '100 kN', [
        'slope' => ['by' => 'level'],
        'loads' => [lineLoad('g', '5 kN/m')],
    ]))->weighings, 'title', 'id');
    expect($titles['bending'])
        ->toBe('Bending, effective section by BS 5950-1')
        ->and($titles['shear-buckling'])
        ->toBe('Shear buckling, as ANSI/AISC 360 has it');
});

it('has the buckling curves of Table 6.2, and that of other shapes in Table 6.4', function (): void {
    expect(curves(steel('SHS 150×150×8')))
        ->toBe(['a', 'a'])
        ->and(curves(steel('CHS 168.3×5', SteelGrade::S460)))
        ->toBe(['a0', 'a0'])
        ->and(curves(steel('SHS 150×150×6 cold', SteelGrade::S460)))
        ->toBe(['c', 'c'])
        ->and(Profiles::of(section('RHS 200×100×8'))->lateralCurve(true)->alpha)
        ->toBe(0.76);
});

/** A post of 4 m under a force, held at both ends, without bending. */
function hollowPost(string $section, string $force, array $change = []): array
{
    return [
        'length' => '4 m',
        'supports' => [
            ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '150 mm'],
            ['x' => '4 m', 'kind' => 'roller', 'bearing' => '150 mm'],
        ],
        'slope' => ['by' => 'angle', 'value' => '90 deg'],
        'section' => $section,
        'grade' => 'S355',
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '4 m', 'value' => $force, 'direction' => 'vertical'],
        ],
        ...$change,
    ];
}

// By hand: SHS 150×150×8 in S355, L = 4 m: A = 44.8 cm², I = 1490 cm⁴: N_cr = 1930 kN, λ = √(1590/1930) = 0.908, curve
// a: χ = 0.728, N_b,Rd = 1158 kN. N_Ed = 1.35 · 600 = 810 kN.
it('weighs a post by hand', function (): void {
    $design = design(hollowPost('SHS 150×150×8', '600 kN'), Detail::Lines);
    $s = section('SHS 150×150×8');
    expect($s->A)
        ->toBeNear(4480.0, 0.01)
        ->and($s->Iy)
        ->toBeNear(1490e4, 0.01)
        ->and(weighing($design, 'axial')->ratio)
        ->toBeNear(810 / 1590, 0.01)
        ->and(weighing($design, 'buckling-axial')->ratio)
        ->toBeNear(810 / 1158, 0.015)
        ->and(weighing($design, 'buckling')->remark)
        ->toContain('do not buckle in lateral torsion')
        ->and(weighing($design, 'buckling')->ratio)
        ->toBeNull();
});

it('takes the shape of moments that an eccentric load makes at the head alone', function (): void {
    $eccentric = fn (array $more): array => array_column(
        weighing(
            design(
                hollowPost('SHS 120×120×6.3', '150 kN', [
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '4 m',
                            'value' => '150 kN',
                            'direction' => 'vertical',
                            'eccentricity' => '30 mm',
                            'across' => '15 mm',
                        ],
                        ...$more,
                    ],
                ]),
                Detail::Lines,
            ),
            'buckling-axial',
        )->lines,
        'result',
        'symbol',
    );
    $straight = $eccentric([]);
    $bent = $eccentric([lineLoad('q', '0.2 kN/m', ['direction' => 'normal'])]);
    // Table B.3: ψ = 0; with a load in between 1, on the safe side; the other axis does not know of it.
    expect([$straight['C_my'], $straight['C_mz']])
        ->toBe([0.6, 0.6])
        ->and([$bent['C_my'], $bent['C_mz']])
        ->toBe([1.0, 0.6])
        ->and($straight['k_yy'])
        ->toBeNear(0.6 * min(1 + ($straight['lambda_y'] - 0.2) * $straight['n_y'], 1 + 0.8 * $straight['n_y']))
        ->and($straight['k_zy'])
        ->toBeNear(0.6 * $straight['k_yy'])
        ->and($straight['k_zz'])
        ->toBeNear(0.6 * min(1 + ($straight['lambda_z'] - 0.2) * $straight['n_z'], 1 + 0.8 * $straight['n_z']));
});

it(
    'is weaker when it is cold-formed, and stronger as a tube of the same weight than about the weak axis of a rectangle',
    function (): void {
        $used = fn (string $section): float => (float) weighing(design(hollowPost($section, '200 kN')), 'buckling-axial')
            ->ratio;
        expect($used('SHS 120×120×5'))
            ->toBeLessThan($used('SHS 120×120×5 cold'))
            ->and($used('CHS 139.7×5'))
            ->toBeLessThan($used('RHS 150×100×5'));
    },
);

it('weighs a beam of a rectangular hollow section, which hardly twists', function (): void {
    $design = design(
        ['section' => 'RHS 250×150×8', 'loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m')]],
        Detail::Lines,
    );
    expect(weighing($design, 'buckling')->ratio)
        ->toBeNear((float) weighing($design, 'bending')->ratio, 0.12)
        ->and(weighing($design, 'bending')->capacity)
        ->toBeNear(section('RHS 250×150×8')->Wply * 235.0)
        ->and(weighing($design, 'web-support')->ratio)
        ->toBeGreaterThan(0.0)
        ->and(weighing(design(['section' => 'CHS 219.1×6.3']), 'web-support')->isCovered())
        ->toBeFalse()
        ->and(weighing($design, 'shear-buckling')->isCovered())
        ->toBeTrue();
});

it('refuses what it does not cover', function (): void {
    $thin = design(['section' => 'tube 900×4', 'grade' => 'S355']);
    expect(weighing($thin, 'classification')->isCovered())
        ->toBeFalse()
        ->and($thin->verdict()->holds())
        ->toBeFalse();
    expect(
        fn () => design([
            'steps' => [
                [
                    'from' => '2 m',
                    'to' => '4 m',
                    'section' => 'SHS 200×200×8',
                    'plateWidth' => '100 mm',
                    'plateThickness' => '8 mm',
                ],
            ],
        ]),
    )->toThrow(Waage\Member\InvalidMember::class);
});

it('bends sideways with its effective section in class 4', function (): void {
    // Class 1 in bending about y-y, class 4 about z-z: flat sides of 300 − 18 and 200 − 18 mm.
    $design = design(
        [
            'section' => 'RHS 300×200×6 cold',
            'grade' => 'S235',
            'loads' => [lineLoad('g', '2 kN/m', ['direction' => 'sideways'])],
        ],
        detail: Detail::Lines,
    );
    $lines = linesOf($design, 'sideways-bending');
    // λ_p = 47 / 56.8 = 0.827, ρ = (0.827 − 0.22) / 0.827² = 0.887.
    expect($lines['rho_f'])
        ->toBeNear(0.887, 1e-3)
        ->and($lines['W_eff_z'])
        ->toBeLessThan(0.96 * section('RHS 300×200×6 cold')->Welz)
        ->toBeGreaterThan(0.9 * section('RHS 300×200×6 cold')->Welz)
        ->and(weighing($design, 'sideways-bending')->capacity)
        ->toBeNear($lines['W_eff_z'] * 235);
});

it('stands in a shortlist beside I sections', function (): void {
    $rows = design(['families' => ['IPE', 'SHS', 'RHS', 'CHS', 'RHS cold'], 'section' => 'IPE 300'])->shortlist();
    $names = array_map(fn ($r): string => $r->make->name(), $rows);
    expect(count($rows))
        ->toBeGreaterThan(400)
        ->and($names)
        ->toContain('IPE 300')
        ->toContain('RHS 250×150×8')
        ->toContain('CHS 168.3×5');
    foreach ($rows as $row) {
        if (
            in_array($row->make->name(), ['RHS 250×150×8', 'SHS 200×200×10', 'CHS 273×10', 'RHS 200×120×5 cold'], true)
        ) {
            expect($row->verdict->ratio)->toBeNear(
                (float) design(['section' => $row->make->name()])->verdict()->ratio,
                1e-3,
            );
        }
    }
});

// BS 5950-1, 3.6.6, in terms of ε² = 235/f_y, as British tables for EN 1993 have it, by hand: CHS 508×6.3 in S355: d/t
// = 80.6, A_eff/A = √(90 · 0.662/80.6) = 0.860, W whole up to 140 ε² = 92.7. A tube of 800×4 in S235: d/t = 200,
// √(90/200) = 0.671, (140/200)^¼ = 0.9147.
it('takes the effective section of tubes of class 4', function (): void {
    $post = fn (string $section, string $grade): Design => design(
        [
            'section' => $section,
            'grade' => $grade,
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '400 kN',
                    'direction' => 'along',
                ],
                lineLoad('g', '2 kN/m', ['direction' => 'normal']),
            ],
        ],
        detail: Detail::Lines,
    );
    foreach (
        [['CHS 508×6.3', 'S355', 0.86, 1.0], ['tube 800×4', 'S235', 0.6708, 0.9147]] as [$section, $grade, $A, $W]
    ) {
        $design = $post($section, $grade);
        $fy = SteelMake::of($design->member)->grade->yieldStrength(6.3);
        expect(weighing($design, 'axial')->capacity)
            ->toBeNear($A * section($section)->A * $fy, 2e-3)
            ->and(weighing($design, 'bending')->capacity)
            ->toBeNear($W * section($section)->Wely * $fy, 2e-3)
            ->and(weighing($design, 'bending-axial')->clause)
            ->toContain('6.2.9.3')
            ->and(weighing($design, 'classification')->remark)
            ->toContain('BS 5950-1');
    }
    // At the limit of class 3 nothing is lost.
    $tube = fn (float $t): SteelSection => new SteelSection(
        new CircularHollow('made', 'none', 300.0, $t, Finish::Hot),
        SteelGrade::S235,
        basis(),
    );
    expect($tube(300 / 90.01)->class)
        ->toBe(4)
        ->and($tube(300 / 90.01)->modulus / $tube(300 / 90.01)->section->Wely)
        ->toBeNear(1.0)
        ->and($tube(300 / 90.01)->compressedArea() / $tube(300 / 90.01)->section->A)
        ->toBeNear(1.0, 1e-4);
});

// ANSI/AISC 360, G5 by hand: S235, 800×4: d/t = 200 > (0.78 · 210000 · √3/235)^(2/3) = 113.4; τ_cr = 0.78 ·
// 210000/200^1.5 = 57.9; A = 10003: V_b = 0.9 · 57.9 · 10003/2 = 260.7 kN.
it('looks at the wall of a slender tube in shear', function (string $load, bool $applies): void {
    $tube = weighing(
        design(['section' => 'tube 800×4', 'grade' => 'S235', 'loads' => [lineLoad('g', $load)]], detail: Detail::Lines),
        'shear-buckling',
    );
    expect($tube->capacity)
        ->toBeNear(260.7e3, 1e-3)
        ->and($tube->isCovered())
        ->toBe($applies)
        ->and($tube->ratio === null)
        ->toBe(! $applies);
})->with([['10 kN/m', true], ['200 kN/m', false]]);

it('refuses to twist a tube whose wall is slender', function (string $section, bool $applies): void {
    $loads = ['loads' => [lineLoad('g', '5 kN/m', ['across' => '100 mm'])]];
    expect(
        weighing(design(['section' => $section, 'grade' => 'S235', ...$loads]), 'shear-buckling')->isCovered(),
    )->toBe($applies);
})->with([['tube 380×4', true], ['tube 440×4', false]]);
