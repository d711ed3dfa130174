<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\En1993\SidewaysBuckling;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Channel;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;

/**
 * The channel of the published Design Examples F.2: C15×33.9, A36, 25 ft, 0.23 kip/ft dead and 0.69 kip/ft live.
 *
 * @param  array<string, mixed>  $hold
 * @param  array<string, mixed>  $change
 */
function channelExample(string $rules, array $hold, array $change = []): Design
{
    return design(
        [
            'length' => '25 ft',
            'section' => 'C15X33.9',
            'grade' => 'A36',
            'supports' => [
                supportAt('0 ft') + ['stiffened' => true],
                supportAt('25 ft', 'roller') + ['stiffened' => true],
            ],
            'loads' => [lineLoad('g', '0.23 kip/ft'), lineLoad('q', '0.69 kip/ft')],
            'loadHeight' => 'centre',
            'restraint' => ['top' => $hold, 'bottom' => $hold],
            'basis' => ['combinations' => $rules, 'units' => 'us', 'parameters' => ['closedForms' => true]],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// AISC Design Examples, F.2-1 (continuously restrained) and F.2-2 (held at the ends and at fifth points); from memory.
// M_u = 108, M_a = 71.9; available strengths 137 and 91.3, at fifth points 130 and 86.5 with C_b = 1.00, where (F1-1)
// gives 1.01; in kip-ft.
it('agrees with the published design examples of a channel', function (
    string $rules,
    bool $continuous,
    string $id,
    float $demand,
    float $capacity,
): void {
    $hold = $continuous
        ? ['kind' => 'continuous']
        : ['kind' => 'positions', 'positions' => ['5 ft', '10 ft', '15 ft', '20 ft']];
    $w = weighing(channelExample($rules, $hold), $id);
    expect($w->demand / KIP / FOOT)
        ->toBeNear($demand, 0.002)
        ->and($w->capacity / KIP / FOOT)
        ->toBeNear($capacity, 0.009);
})->with([
    'F.2-1, LRFD' => ['asce-7-16-lrfd', true, 'bending', 108, 137],
    'F.2-1, ASD' => ['asce-7-16-asd', true, 'bending', 71.9, 91.3],
    'F.2-2, LRFD' => ['asce-7-16-lrfd', false, 'buckling', 108, 130],
    'F.2-2, ASD' => ['asce-7-22-asd', false, 'buckling', 71.9, 86.5],
]);

// By hand in inches: C15×33.9, A36. Shear of a channel has φ = 0.90 whatever its web: 0.9 · 0.6 · 36 · 15 · 0.400 = 117
// kips; F6: M_n = min(36 · 6.19, 1.6 · 36 · 3.09) = 178 kip-in, φ 160.
it('shears and bends sideways as by hand', function (): void {
    $design = channelExample(
        'asce-7-16-lrfd',
        ['kind' => 'supports'],
        ['loads' => [lineLoad('g', '0.1 kip/ft'), lineLoad('g', '0.02 kip/ft', ['direction' => 'sideways'])]],
    );
    expect(weighing($design, 'shear')->capacity / KIP)
        ->toBeNear(116.6, 0.002)
        ->and(weighing($design, 'sideways-bending')->capacity / KIP / 25.4)
        ->toBeNear(160.2, 0.009)
        ->and(weighing($design, 'bending-axial')->ratio)
        ->toBeNear(weighing($design, 'buckling')->ratio + weighing($design, 'sideways-bending')->ratio, 1e-6);
});

/** Least force at which bending about y-y and twisting meet, by bisection: (N − N_y)(N − N_T) i_0² = N² y_0². */
function leastOfBoth(float $Ny, float $NT, float $i2, float $y0): float
{
    [$low, $high] = [0.0, min($Ny, $NT)];
    for ($i = 0; $i < 100; $i++) {
        $N = ($low + $high) / 2;
        ($N - $Ny) * ($N - $NT) * $i2 > $N ** 2 * $y0 ** 2 ? ($low = $N) : ($high = $N);
    }

    return $low;
}

it('buckles by bending and twisting together', function (string $name, float $L, float $LT): void {
    $s = section($name);
    if (! ($s instanceof Channel)) {
        throw new LogicException('A channel is needed.');
    }
    $i2 = ($s->Iy + $s->Iz) / $s->A + $s->ym ** 2;
    $Ny = (M_PI ** 2 * 210e3 * $s->Iy) / $L ** 2;
    $NT = (81e3 * $s->It + (M_PI ** 2 * 210e3 * $s->Iw) / $LT ** 2) / $i2;
    $both = leastOfBoth($Ny, $NT, $i2, $s->ym);
    // Sideways nothing decides: held at a short distance.
    expect(SidewaysBuckling::criticalForce($s, 500.0, $LT, null, $Ny))
        ->toBeNear(min($both, (M_PI ** 2 * 210e3 * $s->Iz) / 500.0 ** 2), 2e-3)
        ->and($both)
        ->toBeLessThan(min($Ny, $NT));
})->with([['UPE 200', 4000.0, 4000.0], ['UPN 300', 6000.0, 2000.0], ['PFC 150×90×24', 3000.0, 3000.0]]);

it('presses a channel by E4 with bending about the strong axis', function (): void {
    $L = 12 * 12 * 25.4;
    $design = channelExample(
        'asce-7-16-lrfd',
        ['kind' => 'spacing', 'spacing' => '3 ft'],
        [
            'slope' => ['by' => 'upright'],
            'length' => '12 ft',
            'supports' => [supportAt('0 ft'), supportAt('12 ft', 'roller')],
            'effectiveLengths' => ['twist' => '12 ft'],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '12 ft',
                    'value' => '40 kip',
                    'direction' => 'along',
                ],
            ],
        ],
    );
    $lines = linesOf($design, 'axial');
    $s = section('C15×33.9');
    if (! ($s instanceof Channel)) {
        throw new LogicException('A channel is needed.');
    }
    $i2 = ($s->Iy + $s->Iz) / $s->A + $s->ym ** 2;
    $E = SteelGrade::A36->elasticity();
    $NT = (SteelGrade::A36->shearModulus() * $s->It + (M_PI ** 2 * $E * $s->Iw) / $L ** 2) / $i2;
    expect($lines['F_ez_x'])
        ->toBeNear(leastOfBoth((M_PI ** 2 * $E * $s->Iy) / $L ** 2, $NT, $i2, $s->ym) / $s->A, 2e-3)
        ->and($lines['F_e'])
        ->toBe(min($lines['F_ez_x'], $lines['F_ey']));
});

// 6.2.6(3)b by hand, PFC 200×75×23 in S275: A_v = 2990 − 2·75·12.5 + (6 + 12)·12.5 = 1340 mm², V_pl = 213 kN; M_c =
// 227e3 · 275 = 62.4 kNm.
it('resists shear and bending as by hand', function (): void {
    expect(Shear::resistance(steel('PFC 200×75×23', SteelGrade::S275)) / 1e3)->toBeNear(212.8, 0.003);
    $design = design([
        'section' => 'PFC 200×75×23',
        'grade' => 'S275',
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
    ]);
    expect(weighing($design, 'bending')->capacity / 1e6)
        ->toBeNear(62.4, 0.003)
        ->and(steel('UPE 200')->class)
        ->toBe(1)
        ->and(steel('UPE 300', SteelGrade::S460)->class)
        ->toBe(1);
});

it('buckles laterally as a doubly symmetric section of the same properties', function (): void {
    $change = [
        'section' => 'UPN 240',
        'loadHeight' => 'centre',
        'loads' => [lineLoad('g', '6 kN/m')],
        'basis' => ['parameters' => ['rolledCurves' => true]],
    ];
    $lines = array_column(weighing(design($change, detail: Detail::Lines), 'buckling')->lines, 'result', 'symbol');
    // C_1 = 1.13 of a uniform load; by hand with the published properties: I_z = 248 cm⁴, I_w = 22 100 cm⁶, I_t = 19.7
    // cm⁴, L = 6 m.
    $Nz = (M_PI ** 2 * 210e3 * 248e4) / 6000 ** 2;
    expect($lines['M_cr'])
        ->toBeNear(1.13 * $Nz * sqrt(22.1e9 / 248e4 + (81e3 * 19.7e4) / $Nz), 0.01)
        ->and($lines['alpha_LT'])
        ->toBe(0.76);
});

it('weighs a channel that is pressed and bent by the sum, sideways as well', function (): void {
    $load = fn (string $N, string $q): array => [
        ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '4 m', 'value' => $N, 'direction' => 'along'],
        lineLoad('g', $q, ['direction' => 'normal']),
    ];
    $post = [
        'slope' => ['by' => 'upright'],
        'length' => '4 m',
        'supports' => [supportAt('0 m'), supportAt('4 m', 'roller')],
        'section' => 'UPE 200',
    ];
    $design = design([...$post, 'loads' => $load('60 kN', '2 kN/m')], detail: Detail::Lines);
    $lines = linesOf($design, 'buckling-axial');
    expect($lines['u'])
        ->toBeGreaterThan($lines['n_z'] + $lines['u_LT'])
        ->and($lines['N_TF'])
        ->toBeLessThan(min($lines['N_cr_y'], $lines['N_T']))
        ->and(weighing($design, 'bending-axial')->clause)
        ->toContain('6.2.1(7)')
        // Less of either is never worse; without a moment it is buckling alone.
        ->and(weighing(design([...$post, 'loads' => $load('50 kN', '2 kN/m')]), 'buckling-axial')->ratio)
        ->toBeLessThan($lines['u'])
        ->and(weighing(design([...$post, 'loads' => array_slice($load('60 kN', ''), 0, 1)]), 'buckling-axial')->ratio)
        ->toBeNear(max($lines['n_y'], $lines['n_z']), 1e-6);
    $both = array_column(
        weighing(
            design(
                [
                    ...$post,
                    'loads' => [...$load('60 kN', '2 kN/m'), lineLoad('g', '0.5 kN/m', ['direction' => 'sideways'])],
                ],
                detail: Detail::Lines,
            ),
            'buckling-axial',
        )->lines,
        'result',
        'symbol',
    );
    // By hand: M_z = 1.35 · 0.5 · 4²/8 = 1.35 kNm over W_pl,z f_y of about 62 cm³. N_cr,z = 243 kN, χ_z = 0.264: 81/180
    // = 0.451; M_cr = 40.6 kNm, M_b,Rd = 21.0 kNm: 5.4/21.0 = 0.257; k = 1/(1 − 81/2473), k_z = 1/(1 − 81/243): 0.451 +
    // 1.034 · 0.257 + 1.501 · 0.0924 = 0.855.
    expect($both['u_z'])
        ->toBeNear(1.35e6 / (section('UPE 200')->Wplz * 235), 1e-3)
        ->and($both['u'])
        ->toBeNear(0.855, 3e-3);
});

it('says how channels are taken to be loaded', function (): void {
    expect(sheetText(['section' => 'UPE 200'], true))
        ->toContain('through its shear centre')
        ->and(sheetText([], true))
        ->not->toContain('shear centre, or the channel');
});

it('has channels that are compact in every grade, and none that are ductile', function (): void {
    foreach (Catalogue::ofFamilies(['UPE', 'UPN', 'PFC', 'C']) as $channel) {
        expect(Profiles::of(new SectionStep(0.0, 1.0, $channel, SteelGrade::A913))->compactness())->toBe('compact');
    }
    $ductile = channelExample('asce-7-16-lrfd', ['kind' => 'supports'], ['ductility' => 'high']);
    expect(weighing($ductile, 'seismic')->isCovered())->toBeFalse();
});
