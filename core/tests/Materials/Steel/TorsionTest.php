<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\LoadedBeam;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;

/**
 * An edge beam of 6 m of one hollow section under a load in front of its axis.
 *
 * @param  list<array<string, mixed>>  $loads
 * @param  array<string, mixed>  $change
 */
function edgeBeam(array $loads, array $change = []): Design
{
    return design(
        [
            'length' => '6 m',
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'SHS 200×200×10',
            'grade' => 'S355',
            'loads' => $loads,
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

function torqueOf(Design $design): float
{
    return (float) weighing($design, 'torsion')->demand;
}

$force = fn (string $x, string $value, string $across, string $direction = 'vertical'): array => [
    'id' => "p{$x}",
    'case' => 'g',
    'kind' => 'point',
    'x' => $x,
    'value' => $value,
    'across' => $across,
    'direction' => $direction,
];

// Statics of a bar that is held against twisting at its ends: P e b/L and P e a/L; m L/2 under an even torque.
it('has the torques of a bar restrained at both ends', function () use ($force): void {
    expect(torqueOf(edgeBeam([$force('3 m', '20 kN', '150 mm')])))
        ->toBeNear((1.35 * 20e3 * 150) / 2)
        ->and(torqueOf(edgeBeam([$force('2 m', '20 kN', '150 mm')])))
        ->toBeNear((1.35 * 20e3 * 150 * 4) / 6)
        ->and(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])])))
        ->toBeNear(1.35 * 5 * 120 * 3000)
        // Opposite to each other at both thirds: a third outside, two thirds between.
        ->and(torqueOf(edgeBeam([$force('2 m', '20 kN', '150 mm'), $force('4 m', '20 kN', '-150 mm')])))
        ->toBeNear((1.35 * 20e3 * 150 * 2) / 3)
        // On the axis nothing twists.
        ->and(array_column(edgeBeam([lineLoad('g', '5 kN/m')])->weighings, 'id'))
        ->not->toContain('torsion');
});

it('is restrained where both flanges are, and goes to the last support from a free end', function () use (
    $force,
): void {
    $held = [
        'restraint' => [
            'top' => ['kind' => 'positions', 'positions' => ['3 m']],
            'bottom' => ['kind' => 'positions', 'positions' => ['3 m']],
        ],
    ];
    expect(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])], $held)))
        ->toBeNear(1.35 * 5 * 120 * 1500)
        ->and(
            torqueOf(
                edgeBeam(
                    [$force('6 m', '4 kN', '200 mm')],
                    ['supports' => [supportAt('0 m'), supportAt('4 m', 'roller')]],
                ),
            ),
        )
        ->toBeNear(1.35 * 4e3 * 200);
    $all = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    expect(
        array_column(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])], $all)->weighings, 'id'),
    )->not->toContain('torsion');
});

it('takes imposed load span by span', function (): void {
    // Two spans of 3 m: the torque of a span does not reach the other one.
    $design = edgeBeam(
        [lineLoad('q', '5 kN/m', ['across' => '100 mm'])],
        ['supports' => [supportAt('0 m'), supportAt('3 m', 'roller'), supportAt('6 m', 'roller')]],
    );
    expect(torqueOf($design))->toBeNear(1.5 * 5 * 100 * 1500);
});

it('takes the part normal to a sloping member', function () use ($force): void {
    $slope = ['slope' => ['by' => 'angle', 'value' => '30 deg']];
    expect(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '100 mm'])], $slope)))
        ->toBeNear(1.35 * 5 * cos(M_PI / 6) * 100 * 3000)
        ->and(torqueOf(edgeBeam([$force('3 m', '9 kN', '100 mm', 'normal')], $slope)))
        ->toBeNear((1.35 * 9e3 * 100) / 2);
});

// EN 10210-2, tables, from memory: SHS 100×100×5: I_t = 439 cm⁴, C_t = 81.8 cm³; CHS 168.3×5: C_t = 203 cm³.
it('has the published torsion moduli', function (): void {
    $square = section('SHS 100×100×5');
    $round = section('CHS 168.3×5');
    expect($square instanceof RectangularHollow ? $square->torsionModulus() / 1e3 : 0.0)
        ->toBeNear(81.8, 0.01)
        ->and($square->It / 1e4)
        ->toBeNear(439, 0.01)
        ->and($round instanceof CircularHollow ? $round->torsionModulus() / 1e3 : 0.0)
        ->toBeNear(203, 0.01);
});

// Second way, Bredt: a thin wall has τ = T / (2 A_m t) everywhere.
it('twists a thin box as Bredt has it', function (): void {
    $s = section('welded box 600×400×4');
    expect($s instanceof RectangularHollow ? $s->torsionModulus() : 0.0)->toBeNear(2 * 596 * 396 * 4, 0.03);
});

// By hand, SHS 200×200×10 of EN 10210-2 (A = 74.9 cm², C_t = 651 cm³), S355: V_pl = 74.9/2 · 20.5 = 767.6 kN, T_Rd =
// 133.4 kNm. 27 kN in the middle: T = 2.025 kNm, (1 − 0.0152) 767.6 = 755.9 kN. 405 kN at 0.4 m, 378 kN at the support:
// T = 45.4 kNm, 378/506.6 = 0.746: ρ = 0.242.
it('lowers shear, and bending where the shear is high', function () use ($force): void {
    $light = edgeBeam([$force('3 m', '20 kN', '150 mm')]);
    expect(weighing($light, 'torsion-shear')->capacity / 1e3)
        ->toBeNear(755.9, 2e-3)
        ->and(array_column($light->weighings, 'id'))
        ->not->toContain('torsion-bending');
    $heavy = edgeBeam([$force('0.4 m', '300 kN', '120 mm')]);
    expect(weighing($heavy, 'torsion-shear')->ratio)
        ->toBeNear(0.746, 0.01)
        ->and(weighing($heavy, 'torsion-bending')->ratio)
        ->toBeNear(weighing($heavy, 'bending')->ratio / (1 - 0.242), 0.015);
    // A torque that is too much by itself leaves nothing for shear.
    $twisted = edgeBeam([$force('3 m', '20 kN', '20 m')]);
    expect(weighing($twisted, 'torsion')->ratio)
        ->toBeGreaterThan(1.0)
        ->and(weighing($twisted, 'torsion-shear'))
        ->capacity->toBe(0.0)
        ->ratio->toBeGreaterThan(1.0)
        ->remark->toContain('nothing is left');
});

// By hand: HEB 200 over 6 m, 5 kN/m 80 mm in front: m = 1.35 · 5 · 80 = 540 Nmm/mm, B = m L²/8 = 2.43 kNm²; M_f = B/185
// mm = 13.1 kNm; t_f b²/4 = 150 cm³: M_f,Rd = 35.3 kNm in S235. M = 30.4 kNm, M_cr = 238 kNm (C_1 = 1.127, C_2 =
// 0.454), M_b,Rd = 127.5 kNm: 0.238 + 13.1/35.3/(1 − 30.4/238) = 0.665.
it('bends the flanges of an I section', function (): void {
    $design = edgeBeam(
        [lineLoad('g', '5 kN/m', ['across' => '80 mm'])],
        ['section' => 'HEB 200', 'grade' => 'S235', 'selfWeight' => false],
    );
    $lines = linesOf($design, 'torsion');
    expect($lines['B_Ed'])
        ->toBeNear((540 * 6000.0 ** 2) / 8)
        ->and($lines['M_f'] / 1e6)
        ->toBeNear(13.1, 0.003)
        ->and($lines['M_f_Rd'] / 1e6)
        ->toBeNear(35.25, 0.002)
        ->and($lines['u'])
        ->toBeNear(0.665, 2e-3);
});

it('holds a flange at a fixed support', function (): void {
    // A cantilever of 2 m: B = m L²/2, at its root, and all of the torque there.
    $design = edgeBeam(
        [lineLoad('g', '5 kN/m', ['across' => '80 mm'])],
        [
            'section' => 'HEB 200',
            'grade' => 'S235',
            'selfWeight' => false,
            'length' => '2 m',
            'supports' => [supportAt('0 m', 'fixed')],
        ],
    );
    expect(linesOf($design, 'torsion')['B_Ed'])
        ->toBeNear((540 * 2000.0 ** 2) / 2)
        ->and(weighing($design, 'torsion')->x)
        ->toBeNear(0.0, 1e-6, 1.0)
        ->and(
            torqueOf(
                edgeBeam(
                    [lineLoad('g', '5 kN/m', ['across' => '80 mm'])],
                    ['length' => '2 m', 'supports' => [supportAt('0 m', 'fixed')]],
                ),
            ),
        )
        ->toBeNear(540 * 2000.0);
});

it('refuses loads that have no distance to speak of', function (): void {
    expect(fn () => edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm', 'direction' => 'sideways'])]))->toThrow(
        InvalidMember::class,
    );
});

// AISC Design Examples, H.5A: HSS 6×4×1/4: C = 10.1 in³, h/t = 22.8: F_cr = 0.6 F_y; with F_y = 50 T_n = 303, φ 273
// kip-in.
it('agrees with the published torsional strength of a hollow section', function (): void {
    $design = edgeBeam(
        [lineLoad('g', '1.2 kip/ft', ['across' => '5 in'])],
        [
            'section' => 'HSS 6×4×1/4',
            'grade' => 'A500 C',
            'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
        ],
    );
    expect(weighing($design, 'torsion')->capacity / KIP / 25.4)->toBeNear(273, 0.01);
    $t = weighing($design, 'torsion')->ratio;
    expect($t)
        ->toBeGreaterThan(0.2)
        ->and(weighing($design, 'torsion-bending')->ratio)
        ->toBeNear(
            max(weighing($design, 'bending')->ratio, weighing($design, 'buckling')->ratio ?? 0.0) +
                (weighing($design, 'shear')->ratio + $t) ** 2,
        );
});

// By hand in kips and inches: W8×31 over 20 ft, 1.4 · 0.2 kip/ft 2 in in front: B = 0.56/12 · 240²/8 = 336 kip-in²; h_o
// = 7.56: M_f = 44.4; t_f b²/6 = 0.435 · 8.00²/6 = 4.64 in³: φ M_n = 0.9 · 50 · 4.64 = 209 kip-in. M_u = 168, loaded on
// top: N_y = 184.4, M_cr = 1.127 · 184.4 (√(14.29 + 32.56 + 1.816²) − 1.816) = 1094, just what C_b 0.7 F_y S_x is: m =
// 168/(0.9 · 1094) = 0.1706, k = 1/(1 − 168/1094) = 1.181: 0.1706 + 1.181 · 44.4/209 = 0.4215.
it('bends the flanges of a W shape by H3.3', function (): void {
    $beam = fn (array $change): Design => edgeBeam(
        [lineLoad('g', '0.2 kip/ft', ['across' => '2 in'])],
        [
            'length' => '20 ft',
            'supports' => [supportAt('0 ft'), supportAt('20 ft', 'roller')],
            'section' => 'W8×31',
            'grade' => 'A992',
            'selfWeight' => false,
            'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
            ...$change,
        ],
    );
    $design = $beam([]);
    $lines = linesOf($design, 'torsion');
    expect($lines['M_f'] / KIP / 25.4)
        ->toBeNear(44.4, 0.005)
        ->and($lines['M_c'] / KIP / 25.4)
        ->toBeNear(209, 0.005)
        ->and($lines['m'])
        ->toBeNear(0.1706, 0.005)
        ->and($lines['k'])
        ->toBeNear(1.181, 0.002)
        ->and($lines['u'])
        ->toBeNear(0.4215, 0.002);
    // Held at the top, it does not buckle: bending by first yield, 1.4 · 0.2 · 20²/8 = 14 kip·ft over 0.9 · 50 ksi ·
    // 27.5 in³ = 103.1 kip·ft.
    $held = linesOf($beam(['restraint' => ['top' => ['kind' => 'continuous']]]), 'torsion');
    expect($held['m'])
        ->toBeNear(14 / 103.1, 0.005)
        ->and($held['u'])
        ->toBeNear(14 / 103.1 + 44.4 / 209, 0.005);
});

it('twists a stepped bar by its stiffness', function (): void {
    $member = MemberReader::member(
        document([
            'length' => '6 m',
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'SHS 200×200×10',
            'steps' => [['from' => '3 m', 'to' => '6 m', 'section' => 'SHS 150×150×8']],
            'selfWeight' => false,
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '10 kN', 'across' => '100 mm'],
            ],
        ]),
    );
    $responses = LoadedBeam::of($member)->twisting->responses ?? throw new LogicException('It is twisted.');
    $torque = $responses->combined(Effect::Axial, [1.0], 0)[0];
    [$a, $b] = [section('SHS 200×200×10')->It, section('SHS 150×150×8')->It];
    expect(abs($torque))->toBeNear((10e3 * 100 * $a) / ($a + $b), 1e-9);
});

// The sectorial coordinate of an I section is h_s b/4 at the tips: I_w over it h_s t_f b²/6. Channels and unequal
// flanges by the general theory of strips.
it('has the warping moduli of closed formulas and of strips', function (): void {
    $i = section('welded I 400×200×8×12');
    expect($i->warpingModulus())
        ->toBeNear((388.0 * 12 * 200 ** 2) / 6)
        ->and(section('welded channel 200×80×8×12')->warpingModulus())
        ->toBeNear(section('strips 12: 80,6 4,6; 8: 4,6 4,194; 12: 4,194 80,194')->warpingModulus(), 0.005)
        ->and(section('welded I 600×300×200×10×20×15')->warpingModulus())
        ->toBeNear(section('strips 15: -100,7.5 100,7.5; 10: 0,15 0,580; 20: -150,590 150,590')->warpingModulus(), 1e-6)
        // Where the middles of all strips meet in one point nothing warps.
        ->and(section('strips 10: 100,5 5,5 5,100')->warpingModulus())
        ->toBe(0.0)
        ->and(section('½ IPE 300')->warpingModulus())
        ->toBe(0.0);
});

// S. P. Timoshenko, J. N. Goodier, Theory of Elasticity, table of coefficients of a rectangle, from memory: 0.246,
// 0.267, 0.291, 0.312 h b².
it('has the torsion moduli of solid bars', function (string $name, float $k): void {
    $s = section($name);
    expect($s->torsionModulus())->toBeNear($k * $s->h * $s->b ** 2, 0.012);
})->with([
    ['flat 40×20', 0.246],
    ['flat 60×20', 0.267],
    ['flat 100×20', 0.291],
    ['flat 200×20', 0.312],
    ['round 60', M_PI / 16],
]);

// By hand, UPE 200 over 3 m, 3 kN/m 40 mm in front: B = 1.35 · 3 · 40 · 3000²/8 = 0.182 kNm²; I_w = 11 000 cm⁶,
// greatest sectorial coordinate at the tips: (77 − 33.2) · 189/2 = 41.4 cm²: W_B = 266 cm⁴, B_Rd = 0.625 kNm² in S235.
// M = 4.56 kNm, M_cr = 54.2 kNm, M_b,Rd = 24.8 kNm: 0.184 + 0.182/0.625/(1 − 4.56/54.2) = 0.502.
it('bends a channel by warping', function (): void {
    $design = edgeBeam(
        [lineLoad('g', '3 kN/m', ['across' => '40 mm'])],
        [
            'section' => 'UPE 200',
            'grade' => 'S235',
            'selfWeight' => false,
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
        ],
    );
    $lines = linesOf($design, 'torsion');
    expect($lines['B_Ed'])
        ->toBeNear((162 * 3000.0 ** 2) / 8)
        ->and($lines['B_Rd'] / 1e9)
        ->toBeNear(0.625, 0.015)
        ->and($lines['u'])
        ->toBeNear(0.502, 0.01)
        ->and(implode(' ', $design->checks->assumptions()))
        ->toContain('it counts from the shear centre');
    // Plates, and unequal flanges, likewise.
    foreach (['welded I 600×300×200×10×20×15', 'strips 3: -60,0 0,0 0,200 60,200'] as $section) {
        expect(
            weighing(edgeBeam([lineLoad('g', '0.5 kN/m', ['across' => '40 mm'])], ['section' => $section]), 'torsion')
                ->remark,
        )->toContain('warping');
    }
});

// By hand, ½ HEB 200 over 3 m, 2 kN/m 50 mm in front: T = 1.35 · 2 · 50 · 1500 = 0.2025 kNm; I_t = 29.8 cm⁴, W_t = 19.9
// cm³, T_Rd = 2.70 kNm; φ ≤ 0.2025 · 3/(2 · 81 · 0.298) = 0.0126; M = 3.04 kNm: M_z = 0.0383 kNm, W_z = 100 cm³. W_el,y
// = 50.1 cm³, which hardly buckles (λ_LT = 0.21): 3.04/11.7 + 1.01 · 0.0383/23.5 = 0.2615.
it('twists a tee by St Venant, and bends it askew', function (): void {
    $design = edgeBeam(
        [lineLoad('g', '2 kN/m', ['across' => '50 mm'])],
        [
            'section' => '½ HEB 200',
            'grade' => 'S235',
            'selfWeight' => false,
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
        ],
    );
    $twist = linesOf($design, 'torsion-twist');
    expect(weighing($design, 'torsion')->demand / 1e6)
        ->toBeNear(0.2025)
        ->and(weighing($design, 'torsion')->capacity / 1e6)
        ->toBeNear(2.7, 0.01)
        ->and($twist['phi'])
        ->toBeNear(0.0126, 0.01)
        ->and($twist['M_z'] / 1e6)
        ->toBeNear(0.0383, 0.01)
        ->and($twist['M_z_Rd'] / 1e6)
        ->toBeNear(23.5, 0.005)
        ->and(weighing($design, 'torsion-twist')->ratio)
        ->toBeNear(0.2615, 3e-3)
        // A round bar bends about any axis alike; an overhang twists over twice its length at most.
        ->and(
            array_column(
                edgeBeam(
                    [lineLoad('g', '1 kN/m', ['across' => '50 mm'])],
                    [
                        'section' => 'round 80',
                        'grade' => 'S235',
                        'length' => '2 m',
                        'supports' => [supportAt('0 m'), supportAt('2 m', 'roller')],
                    ],
                )->weighings,
                'id',
            ),
        )
        ->not->toContain('torsion-twist')
        ->toContain('torsion')
        ->and(
            array_column(
                weighing(
                    edgeBeam(
                        [lineLoad('g', '1 kN/m', ['across' => '50 mm'])],
                        [
                            'section' => 'L 100×100×10',
                            'grade' => 'S235',
                            'length' => '3 m',
                            'supports' => [supportAt('0 m'), supportAt('1 m', 'roller')],
                        ],
                    ),
                    'torsion-twist',
                )->lines,
                'result',
                'symbol',
            )['L'],
        )
        ->toBeNear(4000.0);
});

// The bound of the twist beside the exact one of a bar: m L²/(8 G I_t) of an even torque, T L/(2 G I_t) of one in the
// middle (P e L/4).
it('twists no more than it says', function () use ($force): void {
    $of = fn (array $load): float => (float) array_column(
        weighing(
            edgeBeam([$load], ['section' => '½ HEB 200', 'grade' => 'S235', 'selfWeight' => false]),
            'torsion-twist',
        )->lines,
        'result',
        'symbol',
    )['phi'];
    $GIt = 81000.0 * section('½ HEB 200')->It;
    expect($of(lineLoad('g', '1 kN/m', ['across' => '50 mm'])))
        ->toBeNear((2 * 1.35 * 50 * 6000.0 ** 2) / (8 * $GIt), 1e-6)
        ->and($of($force('3 m', '2 kN', '50 mm')))
        ->toBeNear((1.35 * 2e3 * 50 * 6000) / (4 * $GIt), 1e-6);
});

// By hand in kips and inches. C12×25, A36, 10 ft, 1.4 · 0.1 kip/ft 1 in in front: B = 0.14/12 · 120²/8 = 21.0 kip-in²;
// C_w = 130 in⁶, e_0 = 0.746 behind the back, t_w = 0.387, h_o = 11.5, tips (3.05 − 0.194 − 0.94) 5.75 = 11.0 in²: W_B
// = 11.8 in⁴, 0.9 · 36 · 11.8 = 383. M_u = 21, loaded on top: N_y = 88.45, M_cr = 1.127 · 88.45 (√(29.2 + 68.1 + 2.72²)
// − 2.72) = 749; uniform moments reach 749/1.136 at 150 in, between L_p = 38.9 and L_r = 161: M_n = 1.136 (1058 − 453 ·
// 0.910) = 734; m = 21/660 = 0.0318; 0.0318 + 1.029 · 21/383 = 0.0882. WT7×34, A992: J = 1.50, t_f = 0.720: C = 2.08;
// T_n = 0.6 · 50 · 2.08 = 62.5 kip-in; V_c = 0.9 · 0.6 · 50 · 7.02 · 0.415 = 78.7 kip: 0.7/78.7 + 0.7/56.2 = 0.0213.
it('twists a channel and a tee by H3.3', function (): void {
    $beam = fn (string $section, string $grade): Design => edgeBeam(
        [lineLoad('g', '0.1 kip/ft', ['across' => '1 in'])],
        [
            'length' => '10 ft',
            'supports' => [supportAt('0 ft'), supportAt('10 ft', 'roller')],
            'section' => $section,
            'grade' => $grade,
            'selfWeight' => false,
            'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
        ],
    );
    $channel = linesOf($beam('C12×25', 'A36'), 'torsion');
    expect($channel['B_r'] / KIP / 25.4 ** 2)
        ->toBeNear(21.0, 1e-3)
        ->and($channel['B_c'] / KIP / 25.4 ** 2)
        ->toBeNear(383, 0.03)
        ->and($channel['u'])
        ->toBeNear(0.0882, 0.01);
    $tee = $beam('WT7×34', 'A992');
    $alone = linesOf($tee, 'torsion');
    $twist = linesOf($tee, 'torsion-bending');
    // T = 0.14/12 · 1 · 60 = 0.7 kip-in; φ = 0.7 · 120/(2 · 11200 · 1.50) = 0.0025: M_t = 21 · 0.0025 = 0.0525 on 0.9 ·
    // 50 · 12.1 = 544. The stem is pulled: M_p = 1.6 · 50 · 5.69 = 455; first yield is taken Z/S = 1.81 times as near
    // as that: m = 21/(0.9 · 455) · 1.81 = 0.0928, in all 0.0929.
    expect($alone['T_c'] / KIP / 25.4)
        ->toBeNear(0.9 * 62.5, 0.04)
        ->and($alone['u'])
        ->toBeNear(0.0213, 0.01)
        ->and($twist['phi'])
        ->toBeNear(0.0025, 0.04)
        ->and($twist['u'])
        ->toBeNear(0.0929, 0.015)
        ->and(array_column($beam('round 4', 'A36')->weighings, 'id'))
        ->not->toContain('torsion-bending');
});

it('counts an axial force, and bending about the minor axis, beside torsion', function (array $standard): void {
    $of = fn (array $loads): Design => edgeBeam($loads, [
        'section' => 'HEB 200',
        'selfWeight' => false,
        'slope' => ['by' => 'angle', 'value' => '20 deg'],
        ...$standard,
    ]);
    $twist = lineLoad('g', '5 kN/m', ['across' => '80 mm', 'direction' => 'normal']);
    $force = ['id' => 'n', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '300 kN', 'direction' => 'along'];
    $alone = (float) weighing($of([$twist]), 'torsion')->ratio;
    $design = $of([$twist, $force]);
    expect(weighing($design, 'torsion')->ratio)
        ->toBeGreaterThan($alone + 0.5 * (float) weighing($design, 'axial')->ratio)
        ->and(weighing($of([$twist, lineLoad('g', '2 kN/m', ['direction' => 'sideways'])]), 'torsion')->ratio)
        ->toBeGreaterThan($alone + 0.05);
})->with([
    'EN' => [[]],
    'AISC' => [['grade' => 'A992', 'section' => 'W8×31', 'basis' => ['combinations' => 'asce-7-22-lrfd']]],
]);

it('refuses torsion where the section changes', function (array $change): void {
    expect(
        weighing(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm'])], $change), 'torsion')->isCovered(),
    )->toBeFalse();
})->with([
    [['section' => 'HEB 200', 'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'HEB 220']]]],
    [
        [
            'section' => 'W8×31',
            'grade' => 'A992',
            'basis' => ['combinations' => 'asce-7-22-lrfd'],
            'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'W8×35']],
        ],
    ],
]);

// By hand, 1 kN/m 100 mm in front over 6 m: m = 100 Nmm/mm. SHS 200×200×10, I_t = 4471 cm⁴ by Annex B: twice m L²/(8 G
// I_t) at most. HEB 200 by warping alone, 5 m L⁴/(384 E I_w), I_w = 171 100 cm⁶; by St Venant alone, I_t = 59.3 cm⁴,
// twice m L²/(8 G I_t) = 1.07 degrees, which is less.
it('tells how far the member twists', function (): void {
    $degrees = fn (Design $d): float => (float) preg_replace(
        '/.*twists by ([0-9.]+) degrees.*/',
        '$1',
        weighing($d, 'torsion')->remark,
    );
    $load = [lineLoad('g', '1 kN/m', ['across' => '100 mm'])];
    $of = fn (string $section, string $L): float => $degrees(
        edgeBeam($load, [
            'section' => $section,
            'selfWeight' => false,
            'length' => $L,
            'supports' => [supportAt('0 m'), supportAt($L, 'roller')],
        ]),
    );
    expect($of('SHS 200×200×10', '6 m'))
        ->toBeNear(rad2deg((2 * 100 * 6000.0 ** 2) / (8 * 81e3 * section('SHS 200×200×10')->It)), 0.3)
        ->and($of('HEB 200', '6 m'))
        ->toBeNear(rad2deg((2 * 100 * 6000.0 ** 2) / (8 * 81e3 * section('HEB 200')->It)), 0.01)
        // A short one by warping.
        ->and($of('HEB 200', '2 m'))
        ->toBeNear(rad2deg((5 * 100 * 2000.0 ** 4) / (384 * 210e3 * section('HEB 200')->Iw)), 0.1);
});
