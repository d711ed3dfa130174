<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\Classification;
use Waage\Materials\Steel\En1993\Strain;
use Waage\Materials\Steel\SteelGrade;

/**
 * A pinned post of 5 m under N and a load across it, both permanent.
 *
 * @param  array<string, mixed>  $change
 */
function column(string $section, string $N, string $q = '', array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '5 m',
            'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
            'section' => $section,
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => $N, 'direction' => 'along'],
                ...$q === '' ? [] : [lineLoad('g', $q, ['direction' => 'normal'])],
            ],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// Table 6.2 of EN 1993-1-1.
it('takes the buckling curves of the table', function (string $section, SteelGrade $grade, array $curves): void {
    expect(curves(steel($section, $grade)))->toBe($curves);
})->with([
    'h/b > 1.2' => ['IPE 300', SteelGrade::S235, ['a', 'b']],
    'h/b > 1.2, S460' => ['IPE 300', SteelGrade::S460, ['a0', 'a0']],
    'h/b ≤ 1.2' => ['HEB 200', SteelGrade::S355, ['b', 'c']],
    'h/b ≤ 1.2, S460' => ['HEB 200', SteelGrade::S460, ['a', 'a']],
    'thick flanges' => ['HEM 600', SteelGrade::S355, ['a', 'b']],
]);

// ECCS buckling curves at a slenderness of 1.0: a 0.666, b 0.597, c 0.540 (printed tables, from memory).
it('reduces as the printed curves', function (string $section, string $axis, float $chi): void {
    $s = section($section);
    $I = $axis === 'y' ? $s->Iy : $s->Iz;
    // The length at which the slenderness is 1, with the other axis held.
    $L = round(M_PI * sqrt((210e3 * $I) / ($s->A * 235)));
    $design = column(
        $section,
        '100 kN',
        change: [
            'length' => "{$L} mm",
            'supports' => [supportAt('0 m'), supportAt("{$L} mm", 'roller')],
            'restraint' => [
                'top' => ['kind' => $axis === 'y' ? 'continuous' : 'supports'],
                'bottom' => ['kind' => $axis === 'y' ? 'continuous' : 'supports'],
            ],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => "{$L} mm",
                    'value' => '400 kN',
                    'direction' => 'along',
                ],
            ],
        ],
    );
    expect(linesOf($design, 'buckling-axial')["lambda_{$axis}"])
        ->toBeNear(1.0, 1e-3)
        ->and(linesOf($design, 'buckling-axial')["chi_{$axis}"])
        ->toBeNear($chi, 2e-3);
})->with([['IPE 300', 'y', 0.666], ['IPE 300', 'z', 0.597], ['HEB 200', 'y', 0.597], ['HEB 200', 'z', 0.54]]);

it('is flexural buckling alone without a moment', function (): void {
    // HEB 200, S235, 5 m about z-z: λ = 1.051, curve c, by hand N_b,Rd = 0.511 · 78.1 · 23.5 = 938 kN.
    $design = column('HEB 200', 938.0 / 1.35.' kN');
    expect(weighing($design, 'buckling-axial')->ratio)
        ->toBeNear(1.0, 2e-3)
        ->and(weighing($design, 'axial')->ratio)
        ->toBeNear(938e3 / (7808 * 235), 2e-3);
});

// By hand, HEB 200 in S235 over 5 m under 405 kN: N_cr,y 4 722 and N_cr,z 1 661 kN, λ 0.623 and 1.051, χ 0.825 and
// 0.511, n 0.2675 and 0.432. 10 kN/m on its top: 42.2 kNm; M_cr by the three-factor formula with C_1 = 1.127, C_2 =
// 0.454: 287 kNm, λ_LT 0.725, χ_LT,mod 0.883: u_LT = 0.3165. Annex B with C_m = C_mLT = 0.95: k_yy = 1.058, k_zy =
// 0.938: u_1 = 0.602, u_2 = 0.729; with 20 kN/m u_2 = 1.026. (6.36): n = 0.2207, a = 0.232, M_N = 0.881 M_pl:
// 42.2/133.1 = 0.317.
it('adds what bends, more than in proportion', function (): void {
    $post = fn (string $N, string $q): Design => column('HEB 200', $N, $q);
    $u = fn (string $N, string $q): float => (float) weighing($post($N, $q), 'buckling-axial')->ratio;
    expect(linesOf($post('300 kN', '10 kN/m'), 'buckling-axial')['u_1'])
        ->toBeNear(0.602, 2e-3)
        ->and($u('300 kN', '10 kN/m'))
        ->toBeNear(0.729, 2e-3)
        ->and($u('300 kN', '20 kN/m'))
        ->toBeNear(1.026, 2e-3)
        ->and($u('400 kN', '10 kN/m'))
        ->toBeGreaterThan($u('300 kN', '10 kN/m'))
        ->and(weighing($post('300 kN', '10 kN/m'), 'bending-axial')->ratio)
        ->toBeNear(0.317, 2e-3);
});

it('takes the buckling of the real member in its plane', function (): void {
    // Free head: N_cr,y of twice the length; about z-z the same by the free end that counts twice.
    $free = column('HEB 200', '200 kN', change: ['supports' => [supportAt('0 m', 'fixed')]]);
    $s = section('HEB 200');
    expect(linesOf($free, 'buckling-axial')['N_cr_y'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iy) / 1e8, 1e-5)
        ->and(linesOf($free, 'buckling-axial')['N_cr_z'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iz) / 1e8);
});

it(
    'takes the elastic modulus where compression makes the section class 3, and the effective area in class 4',
    function (): void {
        // Webs in compression: HEA 500 in S235 d/t = 32.5 (class 1: 33), IPE 360 in S275 37.3 against 38 ε = 35.1 and
        // 42 ε = 38.8.
        $three = column('IPE 360', '500 kN', '5 kN/m', ['grade' => 'S275']);
        $s = section('IPE 360');
        expect(linesOf($three, 'bending-axial')['u_M'])->toBeNear(
            (linesOf($three, 'bending-axial')['u_M_1'] * $s->Wply) / $s->Wely,
        );
        // IPE 500: 426/10.2 = 41.8, λ_p = 41.8 / (28.4 · 0.8136 · 2) = 0.904, ρ_w = 0.837; flanges stocky: A_eff = 11
        // 552 − 0.163 · 426 · 10.2 = 10 844 mm².
        $four = column('IPE 500', '900 kN', change: ['grade' => 'S355']);
        $lines = linesOf($four, 'buckling-axial');
        expect(linesOf($four, 'axial')['rho_w'])
            ->toBeNear(0.837, 1e-3)
            ->and(linesOf($four, 'axial')['A_eff'])
            ->toBeNear(10844, 1e-3)
            ->and($lines['lambda_y'])
            ->toBeNear(sqrt((10844 * 355) / $lines['N_cr_y']), 1e-3)
            ->and($lines['n_z'])
            ->toBeNear((1.35 * 900e3) / ($lines['chi_z'] * 10844 * 355), 1e-3);
        $bent = column('IPE 500', '2300 kN', '5 kN/m', ['grade' => 'S355']);
        expect(linesOf($bent, 'bending-axial')['u'])
            ->toBeNear((1.35 * 2300e3) / 10844 / 355 + linesOf($bent, 'bending-axial')['u_M'], 1e-3)
            ->and(weighing($bent, 'bending-axial')->clause)
            ->toContain('6.2.9.3');
    },
);

// IPE 500 in S355, c/t = 41.8, ε = 0.814, N_pl = 4101 kN. Class 1 up to α = 0.670: N = (2α − 1) · 426 · 10.2 · 355 =
// 525 kN; class 2 up to α = 0.760: 802 kN; class 3 up to ψ = 0.447: N = (1 + ψ)/2 · 4101 = 2967 kN. Table 5.2, sheet 1.
it('classes a section under bending and compression', function (float $kN, int $class): void {
    expect(Classification::together(steel('IPE 500', SteelGrade::S355), $kN * 1e3))->toBe($class);
})->with([[0.0, 1], [522.0, 1], [529.0, 2], [798.0, 2], [808.0, 3], [2950.0, 3], [2985.0, 4]]);

it('classes hollow sections under bending and compression between both alone', function (): void {
    foreach (['RHS 400×200×8', 'SHS 300×300×8', 'HEA 300', 'IPE 600', 'UPE 300'] as $name) {
        $steel = steel($name, SteelGrade::S355);
        $last = $steel->class;
        for ($n = 0.0; $n <= 1.0; $n += 0.05) {
            $now = Classification::together($steel, $n * $steel->section->A * $steel->fy);
            expect($now)
                ->toBeGreaterThanOrEqual($last)
                ->toBeLessThanOrEqual(max($steel->class, $steel->classIn(Strain::Compression)));
            $last = $now;
        }
        expect($last)->toBe($steel->classIn(Strain::Compression));
    }
});

it('weighs a column whose section changes, each section by itself', function (): void {
    $step = fn (string $from, string $to, string $section): array => [
        'steps' => [['from' => $from, 'to' => $to, 'section' => $section]],
    ];
    $u = fn (string $section, array $change, string $id = 'buckling-axial'): float => (float) weighing(
        column($section, '250 kN', '4 kN/m', $change),
        $id,
    )->ratio;
    foreach (['axial', 'bending-axial', 'buckling-axial'] as $id) {
        // The same section all along is the same column, but for the general curve of 6.3.4 in lateral-torsional
        // buckling; a stronger middle lies between weak and strong all along.
        $same = $u('HEB 160', $step('1 m', '4 m', 'HEB 160'), $id);
        expect($same)
            ->toBeNear($u('HEB 160', [], $id), $id === 'buckling-axial' ? 0.02 : 1e-6)
            ->and($u('HEB 160', $step('1 m', '4 m', 'HEB 200'), $id))
            ->toBeLessThanOrEqual($same * (1 + 1e-9))
            ->toBeGreaterThan($u('HEB 200', [], $id));
    }
    $design = column('HEB 160', '250 kN', '4 kN/m', $step('1 m', '4 m', 'HEB 200'));
    expect(weighing($design, 'buckling-axial')->remark)
        ->toContain('HEB 160, from x =')
        ->and(linesOf($design, 'buckling-axial')['N_cr_z'])
        ->toBeNear(steppedEuler(section('HEB 160')->Iz, section('HEB 200')->Iz, 1000.0, 3000.0), 1e-4);
});

/**
 * Least P of a strut between pins whose middle has I_2 over a, its ends I_1 over l each: tan(k_1 l) tan(k_2 a/2) =
 * √(I_2/I_1), k² = P/EI; N.
 */
function steppedEuler(float $I1, float $I2, float $l, float $a): float
{
    [$low, $high] = [0.0, min((M_PI ** 2 / (4 * $l ** 2)) * 210e3 * $I1, (M_PI ** 2 / $a ** 2) * 210e3 * $I2)];
    for ($i = 0; $i < 80; $i++) {
        $P = ($low + $high) / 2;
        tan(sqrt($P / (210e3 * $I1)) * $l) * tan((sqrt($P / (210e3 * $I2)) * $a) / 2) < sqrt($I2 / $I1)
            ? ($low = $P)
            : ($high = $P);
    }

    return $low;
}

// A stiffer middle helps a hollow section sideways; not where the middle is open and twists at a smaller force than the
// hollow one.
it('counts no stiffer neighbour that twists sooner', function (): void {
    $Nz = fn (string $middle): float => linesOf(
        column('SHS 80×80×5', '40 kN', '0.1 kN/m', [
            'steps' => [['from' => '1 m', 'to' => '2 m', 'section' => $middle]],
        ]),
        'buckling-axial',
    )['N_z'];
    expect($Nz('SHS 120×120×8'))
        ->toBeGreaterThan(1.1 * $Nz('SHS 80×80×5'))
        ->and($Nz('HEB 200'))
        ->toBeNear($Nz('SHS 80×80×5'), 1e-6);
});

/**
 * Factor on the forces at which two storeys of one section, pinned at three floors, buckle: their stiffnesses at the
 * middle floor cancel out.
 */
function twoStoreys(float $EI, float $h1, float $N1, float $h2, float $N2): float
{
    $k = function (float $N, float $h) use ($EI): float {
        $u = $h * sqrt($N / $EI);

        return (($EI / $h) * $u ** 2 * sin($u)) / (sin($u) - $u * cos($u));
    };
    [$low, $high] = [1e-6, (4.49 ** 2 * $EI) / max($N1 * $h1 ** 2, $N2 * $h2 ** 2)];
    for ($i = 0; $i < 80; $i++) {
        $alpha = ($low + $high) / 2;
        $k($alpha * $N1, $h1) + $k($alpha * $N2, $h2) > 0.0 ? ($low = $alpha) : ($high = $alpha);
    }

    return $low;
}

it('buckles laterally over several storeys with the force in each', function (float $upper, float $lower): void {
    $load = fn (string $id, string $x, float $N): array => [
        'id' => $id,
        'case' => 'g',
        'kind' => 'point',
        'x' => $x,
        'value' => "{$N} kN",
        'direction' => 'along',
    ];
    $design = design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '8 m',
            'supports' => [supportAt('0 m'), supportAt('8 m', 'roller')],
            'section' => 'HEB 200',
            'restraint' => [
                'top' => ['kind' => 'positions', 'positions' => ['5 m']],
                'bottom' => ['kind' => 'positions', 'positions' => ['5 m']],
            ],
            'loads' => [$load('a', '8 m', $upper), $load('b', '5 m', $lower)],
        ],
        detail: Detail::Lines,
    );
    $EI = 210e3 * section('HEB 200')->Iz;
    $lines = linesOf($design, 'buckling-axial');
    $N = 1.35e3 * ($upper + $lower);
    $exact = twoStoreys($EI, 5000.0, $N, 3000.0, 1.35e3 * $upper) * $N;
    expect($lines['N_z'])
        ->toBeNear($exact, 2e-4)
        ->and($exact)
        ->toBeGreaterThan((M_PI ** 2 * $EI) / 5000.0 ** 2)
        ->and(implode(' ', array_column(weighing($design, 'buckling-axial')->lines, 'note')))
        ->toContain('as the member does in truth');
})->with([[100.0, 200.0], [250.0, 50.0], [10.0, 400.0]]);

it('buckles laterally by Euler where one storey is all there is', function (): void {
    $design = column('HEB 200', '250 kN', '4 kN/m');
    expect(linesOf($design, 'buckling-axial')['N_z'])
        ->toBeNear((M_PI ** 2 * 210e3 * section('HEB 200')->Iz) / 5000.0 ** 2)
        ->and(implode(' ', array_column(weighing($design, 'buckling-axial')->lines, 'note')))
        ->toContain('between restraints of both flanges');
});

it('buckles as its mirror image, whichever length comes first', function (): void {
    $alpha = fn (string $from, string $to): float => linesOf(
        column('HEB 160', '250 kN', '4 kN/m', ['steps' => [['from' => $from, 'to' => $to, 'section' => 'HEB 240']]]),
        'buckling-axial',
    )['alpha_cr'];
    expect($alpha('0 m', '2 m'))->toBeNear($alpha('3 m', '5 m'), 1e-4);
});

it('bends a column sideways where its section changes, each length with its own moment', function (): void {
    $design = column('IPE 300', '400 kN', '2 kN/m', [
        'steps' => [['from' => '1 m', 'to' => '2 m', 'section' => 'IPE 330']],
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => '400 kN', 'direction' => 'along'],
            lineLoad('g', '1 kN/m', ['direction' => 'sideways']),
        ],
    ]);
    $w = weighing($design, 'sideways-bending');
    // By hand, 1.35 kN/m over 5 m: 4.05 kNm at 2 m in IPE 330, 4.22 kNm in the middle in IPE 300, which decides.
    expect($w->demand / 1e6)
        ->toBeNear(4.219, 1e-3)
        ->and($w->remark)
        ->toContain('IPE 300')
        ->and($w->capacity)
        ->toBeNear(section('IPE 300')->Wplz * 235, 1e-9)
        ->and(linesOf($design, 'buckling-axial')['u'])
        ->toBeGreaterThan(linesOf($design, 'buckling-axial')['n_z']);
    // Of one and the same section it is the plain member.
    $of = fn (array $steps): Design => column('IPE 300', '400 kN', '2 kN/m', [
        ...$steps,
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => '300 kN', 'direction' => 'along'],
            lineLoad('g', '1 kN/m', ['direction' => 'sideways']),
        ],
    ]);
    foreach (['sideways-bending', 'sideways-shear', 'bending-axial', 'buckling-axial'] as $id) {
        expect(
            weighing($of(['steps' => [['from' => '1 m', 'to' => '2 m', 'section' => 'IPE 300']]]), $id)->ratio,
        )->toBeNear((float) weighing($of([]), $id)->ratio, 1e-6);
    }
});

it('refuses a high shear force with compression where the section changes', function (): void {
    $post = fn (string $V): Waage\Checks\Weighing => weighing(
        column(
            'HEB 200',
            '',
            change: [
                'length' => '0.5 m',
                'supports' => [supportAt('0 m', 'fixed')],
                'steps' => [['from' => '0.3 m', 'to' => '0.5 m', 'section' => 'HEB 220']],
                'loads' => [
                    [
                        'id' => 'p',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '0.5 m',
                        'value' => '200 kN',
                        'direction' => 'along',
                    ],
                    [
                        'id' => 'v',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '0.5 m',
                        'value' => $V,
                        'direction' => 'normal',
                    ],
                ],
            ],
        ),
        $V === '180 kN' ? 'axial' : 'bending-axial',
    );
    expect($post('180 kN'))
        ->state->toBe(State::NotCovered)
        ->remark->toContain('6.2.10')
        ->and($post('100 kN'))
        ->state->toBe(State::Weighed);
});

it('puts together what acts in one combination only', function (): void {
    // Two alternatives: one presses, the other bends.
    $alone = fn (array $loads): Design => column(
        'HEB 200',
        '',
        change: [
            'cases' => [
                ['id' => 'a', 'name' => 'A', 'category' => 'E', 'alternatives' => 'x'],
                ['id' => 'b', 'name' => 'B', 'category' => 'E', 'alternatives' => 'x'],
            ],
            'loads' => $loads,
        ],
    );
    $presses = [
        'id' => 'p',
        'case' => 'a',
        'kind' => 'point',
        'x' => '5 m',
        'value' => '400 kN',
        'direction' => 'along',
    ];
    $bends = lineLoad('b', '20 kN/m', ['direction' => 'normal']);
    $both = $alone([$presses, $bends]);
    expect(weighing($both, 'buckling-axial')->ratio)
        ->toBeNear(
            (float) weighing(
                $alone([$presses, lineLoad('b', '0.001 kN/m', ['direction' => 'normal'])]),
                'buckling-axial',
            )->ratio,
            1e-3,
        )
        ->and(weighing($both, 'bending-axial')->ratio)
        ->toBeLessThan((float) weighing($both, 'axial')->ratio + (float) weighing($both, 'bending')->ratio);
});

it('weighs each section of a shortlist with its own critical force', function (): void {
    $change = [
        'families' => ['HEA'],
        'selfWeight' => true,
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => '250 kN', 'direction' => 'along'],
            lineLoad('q', '6 kN/m', ['direction' => 'normal']),
        ],
    ];
    foreach (column('HEA 200', '', change: $change)->shortlist() as $row) {
        $alone = column($row->make->name(), '', change: $change)->verdict();
        expect($row->verdict->ratio)
            ->toBeNear((float) $alone->ratio, 1e-5)
            ->and($row->verdict->title)
            ->toBe($alone->title);
    }
});

// A short cantilever post: HEB 200 in S235, V_pl = 2483 · 235/√3 = 336.9 kN. V = 1.35 · 180 = 243 kN: ρ = (2 · 0.721 −
// 1)² = 0.196; A_v = 2483 mm², N_V,Rd = (7808 − 0.196 · 2483) · 235 = 1720 kN.
it('takes a high shear force together with compression and bending', function (): void {
    $post = fn (string $V): Waage\Design\Design => column(
        'HEB 200',
        '200 kN',
        change: [
            'length' => '0.5 m',
            'supports' => [supportAt('0 m', 'fixed')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '0.5 m',
                    'value' => '200 kN',
                    'direction' => 'along',
                ],
                ['id' => 'v', 'case' => 'g', 'kind' => 'point', 'x' => '0.5 m', 'value' => $V, 'direction' => 'normal'],
            ],
        ],
    );
    $lines = linesOf($post('180 kN'), 'bending-axial');
    expect($lines['rho'])
        ->toBeNear(0.196, 0.01)
        ->and($lines['N_V_Rd'] / 1e3)
        ->toBeNear(1720, 0.003)
        ->and($lines['u'])
        ->toBeNear(270 / ($lines['N_V_Rd'] / 1e3) + weighing($post('180 kN'), 'bending-shear')->ratio, 1e-6)
        ->and(weighing($post('180 kN'), 'bending-axial')->clause)
        ->toContain('6.2.10')
        ->and(weighing($post('100 kN'), 'bending-axial')->clause)
        ->toContain('6.2.9')
        // More shear is never better, across the border as well.
        ->and(weighing($post('126 kN'), 'bending-axial')->ratio)
        ->toBeGreaterThan(weighing($post('124 kN'), 'bending-axial')->ratio);
});

it('buckles laterally where only twisting is held', function (): void {
    $s = section('IPE 300');
    expect(Waage\Materials\Steel\En1993\SidewaysBuckling::criticalForce($s, 4000.0, 0.0, null))
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iz) / 4000.0 ** 2)
        ->and(Waage\Materials\Steel\En1993\SidewaysBuckling::criticalForce($s, 0.0, 4000.0, null))
        ->toBeNear(((SteelGrade::G * $s->It + (M_PI ** 2 * 210e3 * $s->Iw) / 4000.0 ** 2) * $s->A) / ($s->Iy + $s->Iz))
        ->and(Waage\Materials\Steel\En1993\SidewaysBuckling::criticalForce($s, 0.0, 0.0, null))
        ->toBe(INF);
});

// Table B.3 with α_h = 0: C_m = 0.95 of a load between ends without moments; 1 where a couple or a fixed end is there.
it('takes the factor of loads between ends without moments', function (): void {
    $C = fn (array $change = [], string $q = '5 kN/m'): array => array_intersect_key(
        linesOf(column('HEB 200', '300 kN', $q, $change), 'buckling-axial'),
        ['C_my' => 1, 'C_mLT' => 1],
    );
    $force = ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => '300 kN', 'direction' => 'along'];
    expect($C())
        ->toBe(['C_my' => 0.95, 'C_mLT' => 0.95])
        ->and($C(['supports' => [supportAt('0 m', 'fixed'), supportAt('5 m', 'roller')]]))
        ->toBe(['C_my' => 1.0, 'C_mLT' => 1.0])
        ->and(
            $C([
                'loads' => [[...$force, 'eccentricity' => '50 mm'], lineLoad('g', '5 kN/m', ['direction' => 'normal'])],
            ])['C_my'],
        )
        ->toBe(1.0)
        ->and(
            $C([
                'loads' => [
                    $force,
                    ['id' => 'm', 'case' => 'g', 'kind' => 'moment', 'x' => '2 m', 'value' => '10 kNm'],
                ],
            ])['C_my'],
        )
        ->toBe(1.0)
        // Held between its ends one flange has lengths with other moments.
        ->and(
            $C([
                'restraint' => [
                    'top' => ['kind' => 'positions', 'positions' => ['2.5 m']],
                    'bottom' => ['kind' => 'supports'],
                ],
            ])['C_mLT'],
        )
        ->toBe(1.0);
    $byA = linesOf(
        column('HEB 200', '300 kN', '5 kN/m', ['basis' => ['parameters' => ['annexA' => true]]]),
        'buckling-axial',
    );
    expect($byA['C_my_0'])->toBeNear(1 + 0.03 * (1 - $byA['r_y']));
});
