<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Waage\Checks\State;

require_once __DIR__.'/timber.php';

const C24 = ['width' => '120 mm', 'depth' => '120 mm', 'grade' => 'C24'];
const WALL = [
    'cases' => [
        ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
        ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-down'],
    ],
];

/** k_c of (6.25), written out anew. */
function kc(float $lambda, float $fc, float $E05, float $beta): float
{
    $rel = ($lambda / M_PI) * sqrt($fc / $E05);
    $k = 0.5 * (1 + $beta * ($rel - 0.3) + $rel ** 2);

    return $rel <= 0.3 ? 1.0 : 1 / ($k + sqrt($k ** 2 - $rel ** 2));
}

// Buckling factors of C24 as German design aids list them by slenderness, from memory (three digits there).
it('has the buckling factors of the design aids', function (string $grade, int $lambda, float $listed): void {
    $L = ($lambda * 120) / sqrt(12);
    $design = timberDesign(
        ['grade' => $grade] + C24,
        [onHead('20 kN', 'q', "{$L} mm")],
        ['length' => "{$L} mm"] + UPRIGHT,
    );
    expect(valueOf($design, 'column', 'k_c_z'))->toBeNear($listed, 0.005);
})->with([['C24', 50, 0.794], ['C24', 100, 0.305]]);

// A post 120×120 C24, 3 m, 10 + 30 kN 15 mm beside its axis: N_d = 58.5 kN, M_d = 0.8775 kNm, medium duration.
it('weighs a post with an eccentric load', function (): void {
    $design = timberDesign(
        C24,
        [['eccentricity' => '15 mm'] + onHead('10 kN', 'g'), ['eccentricity' => '15 mm'] + onHead('30 kN')],
        UPRIGHT,
    );
    [$N, $M] = [1.35 * 10e3 + 1.5 * 30e3, (1.35 * 10e3 + 1.5 * 30e3) * 15];
    [$c, $m] = [$N / 14400 / ((0.8 * 21) / 1.3), $M / (120 ** 3 / 6) / (((0.8 * 24) / 1.3) * (150 / 120) ** 0.2)];
    $kc = kc((3000 * sqrt(12)) / 120, 21, 7400, 0.2);
    expect(weighing($design, 'compression')->ratio)
        ->toBeNear($c)
        ->and(weighing($design, 'column')->ratio)
        ->toBeNear($c / $kc + $m)
        // λ_rel,m of a square is small: k_crit = 1.
        ->and(weighing($design, 'column-lateral')->ratio)
        ->toBeNear($m ** 2 + $c / $kc);
});

// Permanent load alone may govern: k_mod 0.6 against 0.8, 1.35 g against 1.35 g + 1.5 q.
it('weighs permanent load alone with its own factor', function (float $q, string $duration): void {
    $design = timberDesign(
        ['width' => '100 mm', 'depth' => '200 mm', 'grade' => 'C24'],
        [['case' => 'g', 'value' => '5 kN/m'], ['value' => "{$q} kN/m"]],
    );
    $kMod = valueOf($design, 'bending', 'k_mod');
    expect($kMod)
        ->toBe($duration === 'permanent' ? 0.6 : 0.8)
        ->and(weighing($design, 'bending')->ratio)
        ->toBeNear((max((1.35 * 5) / 0.6, (1.35 * 5 + 1.5 * $q) / 0.8) * 2e6) / ((100 * 200 ** 2) / 6) / (24 / 1.3));
})->with([[1.4, 'permanent'], [1.6, 'medium']]);

// 63×200 C24, 4 m, 1.2 kN/m down and 0.5 kN/m sideways, both permanent: (6.11) and (6.12) with k_m = 0.7, k_h of either
// depth.
it('bends about both axes', function (): void {
    $design = timberDesign(
        ['width' => '63 mm', 'depth' => '200 mm', 'grade' => 'C24'],
        [['case' => 'g', 'value' => '1.2 kN/m'], ['case' => 'g', 'value' => '0.5 kN/m', 'direction' => 'sideways']],
        [
            'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
            'loadHeight' => 'centre',
        ],
    );
    $y = (1.35 * 1.2 * 2e6) / ((63 * 200 ** 2) / 6) / ((0.6 * 24) / 1.3);
    $z = (1.35 * 0.5 * 2e6) / ((200 * 63 ** 2) / 6) / (((0.6 * 24) / 1.3) * (150 / 63) ** 0.2);
    expect(weighing($design, 'bending-both')->ratio)->toBeNear(max($y + 0.7 * $z, 0.7 * $y + $z));
});

// 50×200 C24 in tension of 30 kN with 0.4 kN/m: (6.17); of tension k_h of the larger side, 200 mm: 1.
it('is in tension with bending', function (): void {
    $design = timberDesign(
        ['width' => '50 mm', 'depth' => '200 mm', 'grade' => 'C24'],
        [
            ['case' => 'g', 'kind' => 'point', 'x' => '4 m', 'value' => '-30 kN', 'direction' => 'along'],
            ['case' => 'g', 'value' => '0.4 kN/m'],
        ],
    );
    [$t, $m] = [
        (1.35 * 30e3) / 10000 / ((0.6 * 14.5) / 1.3),
        (1.35 * 0.4 * 2e6) / ((50 * 200 ** 2) / 6) / ((0.6 * 24) / 1.3),
    ];
    expect(weighing($design, 'tension')->ratio)
        ->toBeNear($t)
        ->and(weighing($design, 'bending-tension')->ratio)
        ->toBeNear($t + $m);
});

// A notch of 45 mm with its corner 60 mm from the reaction, 75×225 C24: α = 0.8, k_v by (6.62) with k_n = 5.
it('weighs notched ends', function (string $edge, float $kv): void {
    $notch = ['support' => 1, 'edge' => $edge, 'depth' => '45 mm', 'x' => '60 mm'];
    $design = timberDesign(
        ['width' => '75 mm', 'depth' => '225 mm', 'grade' => 'C24', 'notches' => [$notch]],
        [['case' => 'g', 'value' => '3 kN/m']],
    );
    $tau = (1.5 * 1.35 * 6e3) / (0.67 * 75 * 180);
    expect(weighing($design, 'notch-1')->ratio)->toBeNear($tau / (($kv * 0.6 * 4) / 1.3), 1e-4);
})->with([['bottom', 5 / (15 * (sqrt(0.16) + ((0.8 * 60) / 225) * sqrt(1 / 0.8 - 0.64)))], ['top', 1.0]]);

// Bearing at an end, over a middle support and under a point load: 30 mm more where the member goes on, k_c,90 = 1.5 on
// supports 2 h apart.
it('weighs each bearing by itself', function (): void {
    $design = timberDesign(
        ['width' => '100 mm', 'depth' => '200 mm', 'grade' => 'C24', 'sill' => 'D30', 'sillBeyond' => '20 mm'],
        [
            ['case' => 'g', 'value' => '4 kN/m'],
            [
                'case' => 'g',
                'kind' => 'point',
                'x' => '1.5 m',
                'value' => '6 kN',
                'bearing' => '80 mm',
                'name' => 'Stool',
            ],
        ],
        [
            'length' => '6 m',
            'supports' => [
                ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '100 mm'],
                ['x' => '3 m', 'kind' => 'roller', 'bearing' => '120 mm'],
                ['x' => '6 m', 'kind' => 'roller', 'bearing' => '100 mm'],
            ],
        ],
    );
    $strength = (0.6 * 2.5) / 1.3;
    expect(weighing($design, 'bearing-1')->ratio)
        ->toBeNear((float) valueOf($design, 'bearing-1', 'F_c_90_d') / (100 * 130) / (1.5 * $strength))
        ->and(weighing($design, 'bearing-2')->ratio)
        ->toBeNear(valueOf($design, 'bearing-2', 'F_c_90_d') / (100 * 180) / (1.5 * $strength))
        ->and(weighing($design, 'bearing-load-1')->ratio)
        ->toBeNear((1.35 * 6e3) / (100 * 140) / (1.5 * $strength))
        ->and(weighing($design, 'sill-1')->ratio)
        ->toBeNear(valueOf($design, 'sill-1', 'F_c_90_d') / ((100 + 40) * 100) / ((0.6 * 5.3) / 1.3));
});

// EN 1995-1-2: 140×400 GL24h, R30 from three sides: d_ef = 0.7 · 30 + 7 = 28 mm, 84×372 left, k_fi = 1.15. η by ψ_2 =
// 0.3.
it('is weighed in fire with the section that is left', function (): void {
    $design = timberDesign(
        ['width' => '140 mm', 'depth' => '400 mm', 'grade' => 'GL24h', 'fire' => 'R30'],
        [['case' => 'g', 'value' => '4 kN/m'], ['value' => '8 kN/m']],
        ['length' => '6 m'],
    );
    $M = (((4 + 0.3 * 8) * 36) / 8) * 1e6;
    expect(weighing($design, 'fire-bending')->ratio)
        ->toBeNear($M / ((84 * 372 ** 2) / 6) / (1.15 * 24))
        ->and(weighing($design, 'fire-section')->remark)
        ->toContain('84×372')
        ->and(weighing($design, 'fire-buckling')->state)
        ->toBe(State::NotNeeded);
    $free = timberDesign(
        ['width' => '140 mm', 'depth' => '400 mm', 'grade' => 'GL24h', 'fire' => 'R30', 'fireUnrestrained' => true],
        [['case' => 'g', 'value' => '4 kN/m'], ['value' => '8 kN/m']],
        ['length' => '6 m'],
    );
    expect(weighing($free, 'fire-buckling')->state)->toBe(State::Weighed);
});

it('does not hold where nothing is left of it', function (): void {
    $design = timberDesign(
        ['width' => '63 mm', 'depth' => '200 mm', 'grade' => 'C24', 'fire' => 'R60'],
        [['case' => 'g', 'value' => '1 kN/m']],
    );
    expect(weighing($design, 'fire-section')->holds())->toBeFalse();
});

// Camber of 12 mm: the net deflection in the end is less by it; an absolute limit stands beside the one by the span.
it('weighs the net deflection, by the span and in millimetres', function (): void {
    $design = timberDesign(
        ['width' => '140 mm', 'depth' => '400 mm', 'grade' => 'GL24h', 'mostDeflection' => '12 mm'],
        [['case' => 'g', 'value' => '4 kN/m'], ['value' => '8 kN/m']],
        ['length' => '6 m', 'camber' => '12 mm'],
    );
    $w = fn (float $q): float => (5 * $q * 6000 ** 4) / ((384 * 11500 * 140 * 400 ** 3) / 12);
    $final = $w(4 * 1.6 + 8 * 1.18) - 12;
    expect(weighing($design, 'deflection-variable')->demand)
        ->toBeNear($w(12), 1e-6)
        ->and(weighing($design, 'deflection-total')->ratio)
        ->toBeNear($final / 24, 1e-6)
        ->and(weighing($design, 'deflection-absolute')->ratio)
        ->toBeNear($final / 12, 1e-6);
});

// 7.3.3 by hand: joists 50×220 of 11 000 MPa at 400 mm, 4 m, floor 5 m wide: (EI)_l = 1.2201 MNm²/m, f_1 = 14.0 Hz with
// 60 kg/m².
it('weighs the vibration of a floor', function (): void {
    $design = timberDesign(
        [
            'width' => '50 mm',
            'depth' => '220 mm',
            'grade' => 'C24',
            'spacing' => '400 mm',
            'floor' => ['width' => '5 m', 'transverse' => '5000', 'mass' => '60', 'share' => '0.5'],
        ],
        [['case' => 'g', 'value' => '0.24 kN/m']],
    );
    $EI = (11000 * 50 * 220 ** 3) / 12 / 400 / 1000;
    $f1 = (M_PI / 32) * sqrt($EI / 60);
    $n40 = ((((40 / $f1) ** 2 - 1) * 1.25 ** 4 * $EI) / 5000) ** 0.25;
    expect(weighing($design, 'vibration-frequency')->ratio)
        ->toBeNear(8 / $f1)
        ->and(weighing($design, 'vibration-stiffness')->ratio)
        ->toBeNear((500 * 4000 ** 3) / ((48 * 11000 * 50 * 220 ** 3) / 12) / 1.5)
        ->and(weighing($design, 'vibration-impulse')->ratio)
        ->toBeNear((4 * (0.4 + 0.6 * $n40)) / (60 * 5 * 4 + 200) / 100 ** ($f1 * 0.01 - 1));
});

it('asks for an investigation below 8 Hz', function (): void {
    $design = timberDesign(
        [
            'width' => '50 mm',
            'depth' => '150 mm',
            'grade' => 'C24',
            'spacing' => '400 mm',
            'floor' => ['width' => '5 m', 'mass' => '120'],
        ],
        [['case' => 'g', 'value' => '0.1 kN/m']],
    );
    expect(weighing($design, 'vibration-impulse')->state)
        ->toBe(State::NotCovered)
        ->and($design->verdict()->holds())
        ->toBeFalse();
});

// A stud of 45×145 C24 at 600 mm: wind leads with short duration, sheathing holds it sideways.
it('weighs a stud in wind', function (): void {
    $design = timberDesign(
        [
            'width' => '45 mm',
            'depth' => '145 mm',
            'grade' => 'C24',
            'sharesLoad' => true,
            'sill' => 'C24',
            'sillBeyond' => '100 mm',
        ],
        [onHead('3 kN', 'g', '2.8 m'), ['case' => 'w', 'value' => '0.5 kN/m', 'direction' => 'normal']],
        [
            'length' => '2.8 m',
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        ] +
            UPRIGHT +
            WALL,
    );
    $c = (1.35 * 3e3) / (45 * 145) / ((kc((2800 * sqrt(12)) / 145, 21, 7400, 0.2) * 1.1 * 0.9 * 21) / 1.3);
    $m = (((1.5 * 0.5 * 2.8 ** 2) / 8) * 1e6) / ((45 * 145 ** 2) / 6) / (((1.1 * 0.9 * 24) / 1.3) * (150 / 145) ** 0.2);
    expect(weighing($design, 'column')->ratio)
        ->toBeNear($c + $m, 1e-6)
        // The foot presses the plate, 45 mm along its grain and 30 mm to either side, for good: k_c,90 = 1.25.
        ->and(weighing($design, 'sill-1')->ratio)
        ->toBeNear((1.35 * 3e3) / (105 * 145) / ((1.25 * 0.6 * 2.5) / 1.3));
});

// 6.4.2: of a double tapered beam under a uniform load σ is greatest at L h_s/(2 h_ap), of a single one at L/(1 +
// h_ap/h_s); k_m,α by (6.40).
it('weighs tapered beams', function (string $taper, float $x, float $slope): void {
    $design = timberDesign(
        ['width' => '160 mm', 'depth' => '1000 mm', 'endDepth' => '500 mm', 'taper' => $taper, 'grade' => 'GL24h'],
        [['case' => 'g', 'value' => '9 kN/m']],
        ['length' => '12 m'],
    );
    $q = 1.35 * 9;
    $h = 500 + $slope * $x;
    $sigma = (6 * $q * $x * (12000 - $x)) / 2 / (160 * $h ** 2);
    [$fm, $fv, $fc] = [(0.6 * 24) / 1.25, (0.6 * 3.5) / 1.25, (0.6 * 2.5) / 1.25];
    $k = 1 / sqrt(1 + (($fm / (1.5 * $fv)) * $slope) ** 2 + (($fm / $fc) * $slope ** 2) ** 2);
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear($sigma / ($k * $fm), 1e-3)
        ->and(weighing($design, 'shear')->ratio)
        ->toBeNear((1.5 * $q * 6000) / (0.67 * 160 * 500) / $fv, 3e-3);
    if ($taper === 'double tapered') {
        $M = ($q * 12000 ** 2) / 8;
        $volume = 0.16 * 1 * (1 - $slope / 4);
        $apex = (0.2 * $slope * 6 * $M) / (160 * 1e6) / ((1.4 * (0.01 / $volume) ** 0.2 * 0.6 * 0.5) / 1.25);
        expect(weighing($design, 'apex')->ratio)
            ->toBeNear(((1 + 1.4 * $slope + 5.4 * $slope ** 2) * 6 * $M) / (160 * 1e6) / $fm, 1e-3)
            // With the shear that half a millimetre beside the apex has.
            ->and(weighing($design, 'apex-tension')->ratio)
            ->toBeNear($apex, 2e-3);
    }
})->with([['double tapered', 3000.0, 500 / 6000], ['single tapered', 4000.0, 500 / 12000]]);

// The deflection of a tapered beam by Simpson's rule on M m/(E I(x)).
it('deflects with the stiffness that changes', function (): void {
    $design = timberDesign(
        [
            'width' => '160 mm',
            'depth' => '1000 mm',
            'endDepth' => '500 mm',
            'taper' => 'double tapered',
            'grade' => 'GL24h',
        ],
        [['case' => 'g', 'value' => '9 kN/m']],
        ['length' => '12 m'],
    );
    $of = fn (float $x): float => (((9 * $x * (12000 - $x)) / 2) * $x) / 2 / ((11500 * 160 * (500 + $x / 12) ** 3) / 12);
    $sum = 0.0;
    for ($i = 0, $n = 200, $d = 6000 / 200; $i < $n; $i++) {
        $sum += ($d / 6) * ($of($i * $d) + 4 * $of(($i + 0.5) * $d) + $of(($i + 1) * $d));
    }
    expect(weighing($design, 'deflection-variable')->demand)->toBeNear(2 * $sum, 3e-3);
});

it('takes rows of end forces for as long as they stay', function (string $duration, float $kMod): void {
    $row = ['name' => 'A', 'N' => '20 kN'] + ($duration === '' ? [] : ['duration' => $duration]);
    $design = timberDesign(C24, [], ['endForces' => [$row]] + UPRIGHT);
    expect(weighing($design, 'compression')->ratio)->toBeNear(20e3 / 14400 / (($kMod * 21) / 1.3));
})->with([['', 0.8], ['permanent', 0.6], ['short', 0.9]]);

// The eigenvalue of a narrow rectangle in Timoshenko and Gere: under a constant moment π/l √(E I_z G I_t), which the
// formulas have with k_l = 1; under a uniform load in the axis q l² = 28.3/l √(E I_z G I_t).
it('has the eigenvalue of the member beside the formulas, and in their place where it is chosen', function (
    string $kind,
    float $times,
): void {
    $load =
        $kind === 'line'
            ? [['case' => 'g', 'value' => '2 kN/m']]
            : [
                ['case' => 'g', 'kind' => 'moment', 'x' => '0 m', 'value' => '5 kNm'],
                ['case' => 'g', 'kind' => 'moment', 'x' => '6 m', 'value' => '-5 kNm'],
            ];
    $change = [
        'length' => '6 m',
        'loadHeight' => 'centre',
        'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
    ];
    $of = fn (array $timber): \Waage\Design\Design => timberDesign(
        $timber + ['width' => '80 mm', 'depth' => '400 mm', 'grade' => 'GL24h'],
        $load,
        $change,
    );
    $design = $of([]);
    $It = (valueOf($design, 'buckling', 'sigma_cr') * 80 * 400 ** 2) / 6;
    $Mcr =
        (M_PI / 6000) *
        sqrt(
            ((((((9600 * 400 * 80 ** 3) / 12) * 9600) / 16) * 400 * 80 ** 3) / 3) *
                (1 - 0.63 * 0.2 * (1 - 0.2 ** 4 / 12)),
        );
    expect($It)
        ->toBeNear($times * $Mcr, 0.003)
        ->and(weighing($design, 'buckling')->ratio)
        ->toBe(valueOf($design, 'buckling', 'u_1'))
        ->and(weighing($of(['criticalOfMember' => true]), 'buckling')->ratio)
        ->toBe(valueOf($design, 'buckling', 'u_2'));
})->with([['moment', 1.0], ['line', 28.3 / 8 / M_PI]]);

// w_m = 5 q L⁴/(384 E I), w_v = q L²/(8 · 5/6 G A).
it('tells the part of shear in a deflection', function (): void {
    $design = timberDesign(
        ['width' => '100 mm', 'depth' => '400 mm', 'grade' => 'GL24h'],
        [['case' => 'g', 'value' => '6 kN/m']],
        ['shears' => true],
    );
    expect(valueOf($design, 'deflection-variable', 'w_m'))
        ->toBeNear((5 * 6 * 4000 ** 4) / ((384 * 11500 * 100 * 400 ** 3) / 12), 1e-6)
        ->and(valueOf($design, 'deflection-variable', 'w_v'))
        ->toBeNear((6 * 4000 ** 2) / (((8 * 5) / 6) * 650 * 40000), 1e-6);
});
