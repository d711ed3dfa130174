<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Aisc360\AngleLateralStrength;
use Waage\Materials\Steel\Aisc360\SkewAngle;
use Waage\Materials\Steel\Aisc360\StripLateralStrength;
use Waage\Materials\Steel\Aisc360\StripShape;
use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\SkewSection;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\Sections\StripSection;
use Waage\Materials\Steel\SteelGrade;

function askew(string $name, Stem $stem = Stem::Compressed): SkewSection
{
    $s = section($name);

    return new SkewSection(
        $s instanceof Angle || $s instanceof StripSection
            ? $s
            : throw new LogicException('An angle or strips are needed.'),
        $stem,
    );
}

/** @param  array<string, mixed>  $change */
function freeBeam(string $section, string $L, string $load, array $change = []): Design
{
    return design(
        [
            'section' => $section,
            'length' => $L,
            'supports' => [supportAt('0 m'), supportAt($L, 'roller')],
            'loads' => [lineLoad('g', $load)],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

const ANGLES_IN_US = ['grade' => 'A36', 'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us']];

// ANSI/AISC 360-16, Table C-F10.1: β_w in inches, from memory.
it('has the published β_w of unequal angles', function (string $name, float $beta): void {
    [$h, $b] = array_map(fn (string $d): float => 25.4 * (float) $d, explode('x', $name));
    $made = fn (float $h, float $b, Stem $stem): float => (new SkewAngle(
        new SkewSection(new Angle('made', 'none', $h, $b, 0.5 * 25.4, 0.0, 0.0), $stem),
        SteelGrade::A36,
    ))->beta / 25.4;
    // The long leg upright with its toe compressed; pulled; the short one.
    expect($made($h, $b, Stem::Compressed))
        ->toBeNear(-$beta, 0.02)
        ->and($made($h, $b, Stem::Tensioned))
        ->toBeNear($beta, 0.02)
        ->and($made($b, $h, Stem::Compressed))
        ->toBeNear($beta, 0.02)
        ->and($made($b, $h, Stem::Both))
        ->toBeNear(-$beta, 0.02);
})->with([
    ['8x6', 3.31],
    ['8x4', 5.48],
    ['7x4', 4.37],
    ['6x4', 3.14],
    ['6x3.5', 3.69],
    ['5x3.5', 2.4],
    ['5x3', 2.99],
    ['4x3', 1.65],
]);

// AISC Design Example F.11B, from memory: L4×4×1/4, A36, 6 ft, nothing holds it, toe compressed: M_cr = 107, M_n = 38.7
// kip-in, φ_b M_n = 2.90 kip-ft.
it('agrees with the published design example of a free angle', function (): void {
    $w = weighing(freeBeam('L4×4×1/4', '6 ft', '0.21 kip/ft', ANGLES_IN_US), 'buckling');
    $by = array_column($w->lines, 'result', 'symbol');
    expect($by['M_cr'] / KIP / 25.4)
        ->toBeNear(107, 0.003)
        ->and($by['M_n'] / KIP / 25.4)
        ->toBeNear(38.7, 0.005)
        ->and($w->capacity / KIP / FOOT)
        ->toBeNear(2.9, 0.005)
        ->and($w->clause)
        ->toContain('F10.2')
        // Upside down the toe is pulled; (F10-5b) has 4.2 times as much, and yielding governs: 0.9 · 1.5 · 0.8 · 36 ·
        // 1.03 against legs, 43.3 kip-in.
        ->and(weighing(freeBeam('L4×4×1/4', '6 ft', '-0.4 kip/ft', ANGLES_IN_US), 'buckling')->capacity / KIP / 25.4)
        ->toBeNear(0.9 * 43.3, 0.006);
});

// ANSI/AISC 360-10, F10-6, of which 360-16 has rounded values on the safe side: 0.66 E b⁴ t C_b/L² (√(1 + 0.78 (L
// t/b²)²) ∓ 1), thin legs.
it('buckles under a uniform moment as the closed solution of equal legs has it', function (float $t, float $L): void {
    $s = new SkewSection(new Angle('made', 'none', 100.0 + $t / 2, 100.0 + $t / 2, $t, 0.0, 0.0));
    $closed = fn (int $sign): float => ((0.66 * SteelGrade::E * 100.0 ** 4 * $t) / $L ** 2) *
        (sqrt(1 + 0.78 * (($L * $t) / 100.0 ** 2) ** 2) + $sign);
    expect(uniformCritical($s, 1, $L))
        ->toBeNear($closed(-1), 0.02)
        ->and(uniformCritical($s, -1, $L))
        ->toBeNear($closed(1), 0.02);
})->with([[2.0, 3000.0], [4.0, 2000.0], [6.0, 5000.0]]);

// The second way: bending about both principal axes at once, (M_u²/E I_v + M_v²/E I_u) L²/π² = G I_t + π² E I_w/L² −
// M_u β_u − M_v β_v.
it('bends and buckles as by its principal axes', function (string $name, float $L): void {
    $s = askew($name);
    $whole = $s->whole instanceof Angle ? $s->whole->strips() : $s->whole;
    $skew = new SkewSection($whole);
    [$c, $n] = [cos($whole->lean), sin($whole->lean)];
    $most = 0.0;
    foreach ($whole->corners() as [$y, $z]) {
        // M about the horizontal axis: M cos about u-u, M sin about v-v.
        $most = max($most, abs(($c * ($z * $c - $y * $n)) / $whole->Iu + ($n * ($y * $c + $z * $n)) / $whole->Iv));
    }
    expect($skew->Wely)
        ->toBeNear(1 / $most)
        ->and($skew->Iy)
        ->toBeNear(1 / ($c ** 2 / $whole->Iu + $n ** 2 / $whole->Iv));
    $betaU = $whole->wagner([-$n, $c]) / $whole->Iu - 2 * ($whole->zM * $c - $whole->yM * $n);
    $betaV = $whole->wagner([$c, $n]) / $whole->Iv - 2 * ($whole->yM * $c + $whole->zM * $n);
    $beta = $c * $betaU + $n * $betaV;
    expect($skew->monosymmetry())->toBeNear($beta, 1e-7);
    $q = ((($c ** 2 / $whole->Iv + $n ** 2 / $whole->Iu) / SteelGrade::E) * $L ** 2) / M_PI ** 2;
    $K = SteelGrade::G * $whole->It + (M_PI ** 2 * SteelGrade::E * $whole->Iw) / $L ** 2;
    foreach ([1, -1] as $sign) {
        expect(uniformCritical($skew, $sign, $L))->toBeNear(
            (sqrt($beta ** 2 + 4 * $q * $K) - $sign * $beta) / (2 * $q),
            1e-4,
        );
    }
})->with([
    ['L 150×90×10', 3000.0],
    ['L 100×100×10', 2000.0],
    ['angle 90×150×10', 4000.0],
    ['strips 4: -60,0 0,0 0,200 80,200', 3000.0],
    ['strips 6: 90,0 90,200; 5: 30,0 90,0; 8: 90,200 40,220', 2500.0],
]);

it('is an I section with unequal flanges where strips are one', function (): void {
    $strips = weighing(
        freeBeam('strips 15: -100,7.5 100,7.5; 10: 0,15 0,580; 20: -150,590 150,590', '8 m', '50 kN/m', [
            'loadHeight' => 'top',
        ]),
        'buckling',
    );
    $i = weighing(freeBeam('welded I 600×300×200×10×20×15', '8 m', '50 kN/m', ['loadHeight' => 'top']), 'buckling');
    expect($strips->critical)
        ->toBeNear((float) $i->critical, 2e-3)
        ->and(askew('strips 15: -100,7.5 100,7.5; 10: 0,15 0,580; 20: -150,590 150,590')->monosymmetry())
        ->toBeNear(unequal('welded I 600×300×200×10×20×15')->monosymmetry(), 0.01);
});

// Places between supports that hold it sideways bring the moment about the upright axis back, and, at most, as far
// beyond it as half of what the free section does without: two spans under a uniform moment, by the equation of three
// moments.
it('is strained the most where an angle is free, however holds between turn it', function (): void {
    foreach (Catalogue::ofFamilies(['L', 'L inch']) as $s) {
        foreach (
            $s instanceof Angle ? [$s, new Angle('turned', 'L', $s->b, $s->h, $s->t, $s->r, $s->toe)] : [] as $angle
        ) {
            $D = $angle->Iy * $angle->Iz - $angle->Iyz ** 2;
            $stress = fn (float $free): float => max(
                array_map(
                    fn (array $p): float => abs(
                        ((1 - $free) * $p[1]) / $angle->Iy + ($free * ($angle->Iz * $p[1] - $angle->Iyz * $p[0])) / $D,
                    ),
                    $angle->corners(),
                ),
            );
            expect($stress(1.0))
                ->toBeNear(1 / (new SkewSection($angle))->Wely)
                ->and(max($stress(0.0), $stress(-0.5)))
                ->toBeLessThanOrEqual($stress(1.0));
        }
    }
});

// By hand, L 100×100×10: I_y = I_z = 177, I_yz = −104 cm⁴, D/I_z = 116 cm⁴; corner at 71.8 up and 18.2 left: 20510/(177
// · 7.18 − 104 · 1.82) = 19.0 cm³. M_el = 4.46 kNm in S235; w = 5 · 2 · 2⁴/(384 E I) = 1.71 mm of 8 mm.
it('weighs a free angle by EN 1993 as by hand', function (): void {
    $design = freeBeam('L 100×100×10', '2 m', '2 kN/m', ['selfWeight' => false]);
    expect(weighing($design, 'bending')->capacity / 1e6)
        ->toBeNear(4.46, 0.003)
        ->and(weighing($design, 'deflection-total')->demand)
        ->toBeNear(1.71, 0.005)
        ->and(weighing($design, 'buckling')->capacity)
        ->toBeLessThan(weighing($design, 'bending')->capacity)
        ->and(implode(' ', $design->checks->assumptions()))
        ->toContain('both principal axes')
        // Held in the middle it buckles later, continuously restrained not at all; a free one bends more than that.
        ->and(
            weighing(
                freeBeam('L 100×100×10', '2 m', '2 kN/m', [
                    'restraint' => [
                        'top' => ['kind' => 'positions', 'positions' => ['1 m']],
                        'bottom' => ['kind' => 'positions', 'positions' => ['1 m']],
                    ],
                ]),
                'buckling',
            )->capacity,
        )
        ->toBeGreaterThan(weighing($design, 'buckling')->capacity)
        ->and(
            weighing(
                freeBeam('L 100×100×10', '2 m', '2 kN/m', [
                    'selfWeight' => false,
                    'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
                ]),
                'deflection-total',
            )->demand,
        )
        ->toBeNear((1.71 * 116) / 177, 0.005);
});

it('shears a free angle as the stresses sum up', function (): void {
    $s = askew('strips 10: 100,5 5,5 5,100');
    [$whole, $n] = [$s->whole, 20000];
    $D = $whole->Iy * $whole->Iz - $whole->Iyz ** 2;
    [$S, $most] = [0.0, 0.0];
    // Down the upright leg and out along the flat one.
    for ($i = 0; $i < $n; $i++) {
        $along = (($i + 0.5) / $n) * 190.0;
        [$y, $z] = $along < 95.0 ? [5.0, 100.0 - $along] : [5.0 + $along - 95.0, 5.0];
        $S +=
            ((($whole->Iz * ($z - ($whole instanceof StripSection ? $whole->zs : 0.0)) -
                $whole->Iyz * ($y - ($whole instanceof StripSection ? $whole->ys : 0.0))) /
                $D) *
                190.0) /
            $n;
        $most = max($most, abs($S));
    }
    expect($s->shearing)->toBeNear($most, 1e-5);
});

// F10 and H2 in kips and inches, L6×4×3/8, A36, 10 ft, long leg upright with its toe compressed: A = 3.61, r_z = 0.870,
// tan α = 0.446: cos 0.913, sin 0.407; β_w = −3.14: k = 4.4 · (−3.14) · 0.870/(120 · 0.375) = −0.267, M_cr = 9 · 29000
// · 3.61 · 0.870 · 0.375 · 1.136/(8 · 120) (√(1 + k²) + k) = 278.7.
it('adds both principal axes of unequal legs', function (): void {
    $w = weighing(freeBeam('L6×4×3/8', '10 ft', '0.2 kip/ft', ANGLES_IN_US), 'buckling');
    $by = array_column($w->lines, 'result', 'symbol');
    $Mn = 1 / (0.913 / ($by['M_nw'] / KIP / 25.4) + 0.407 / ($by['M_nz'] / KIP / 25.4));
    expect($by['M_cr'] / KIP / 25.4)
        ->toBeNear(278.7, 0.012)
        ->and($by['M_n'] / KIP / 25.4)
        ->toBeNear($Mn, 0.005)
        ->and($by['M_LTB'])
        ->toBeNear((1.92 - 1.17 * sqrt($by['M_y'] / $by['M_cr'])) * $by['M_y'])
        ->and($w->capacity)
        ->toBeNear(0.9 * $by['M_n'])
        ->and($w->remark.weighing(freeBeam('L6×4×3/8', '10 ft', '0.2 kip/ft', ANGLES_IN_US), 'bending')->clause)
        ->toContain('F10');
});

it('has no jump where M_y is M_cr, and no more than yielding allows', function (string $name, Stem $stem): void {
    $strength = new AngleLateralStrength(new SkewAngle(askew($name, $stem), SteelGrade::A36));
    $last = INF;
    for ($L = 100.0; $L < 2e4; $L *= 1.002) {
        $M = $strength->nominal($L, 1.0);
        expect($M)
            ->toBeLessThanOrEqual($last)
            ->and($M)
            ->toBeGreaterThan(0.98 * ($last === INF ? $M : $last));
        $last = $M;
    }
    expect($strength->nominal(1.0, 1.0))->toBeLessThanOrEqual($strength->local);
})->with([
    ['L4×4×1/4', Stem::Compressed],
    ['L6×4×3/8', Stem::Compressed],
    ['L6×4×3/8', Stem::Tensioned],
    ['L8×8×1/2', Stem::Both],
]);

// F12 by hand, Z 200×60×3: S of the corner 28.0 cm³ (D/(I_z z + I_yz y) = (560 · 43.2 − 108²)/(43.2 · 10 + 108 ·
// 0.15)); the web of 200/3 buckles at 4 π² · 200 000/(12 · 0.91) (3/200)² = 163 MPa: M_n = 4.55 kNm.
it('weighs strips by F12, free and held', function (): void {
    $z = 'strips 3: -60,0 0,0 0,200 60,200';
    $free = freeBeam($z, '2 m', '0.6 kN/m', ['grade' => 'A36', 'basis' => ['combinations' => 'asce-7-22-lrfd']]);
    $held = freeBeam($z, '2 m', '0.6 kN/m', [
        'grade' => 'A36',
        'basis' => ['combinations' => 'asce-7-22-lrfd'],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
    ]);
    expect(weighing($free, 'bending')->capacity / 1e6)
        ->toBeNear(0.9 * 4.55, 0.003)
        ->and(weighing($held, 'bending')->capacity / 1e6)
        ->toBeNear((0.9 * 162.6 * 5600270) / 101.5 / 1e6, 0.003)
        ->and(weighing($held, 'buckling')->ratio)
        ->toBeNull()
        ->and(weighing($free, 'classification')->remark)
        ->toContain('A strip buckles')
        // 66.7 < 1.10 √(5.34 E/F_y) = 72; a horizontal strip of 20 with a free end less than 1.10 √(1.2 E/F_y) = 34.
        ->and(linesOf($free, 'shear')['C_v2'])
        ->toBe(1.0);
    $buckling = weighing(
        freeBeam($z, '5 m', '0.4 kN/m', ['grade' => 'A36', 'basis' => ['combinations' => 'asce-7-22-lrfd']]),
        'buckling',
    );
    // Elastic: M_n = M_cr, whatever length is found for it.
    expect($buckling->capacity)
        ->toBeNear(0.9 * (float) $buckling->critical * $buckling->demand, 1e-6)
        ->and($buckling->clause)
        ->toContain('F12.2');
});

it('finds the length that buckles at a moment', function (string $name): void {
    $s = askew($name);
    $strength = new StripLateralStrength(new StripShape($s, SteelGrade::S235), $s);
    foreach ([500.0, 3000.0, 12000.0] as $L) {
        expect($strength->lengthOf($strength->critical($L, 1.3), 1.3))->toBeNear($L, 1e-9);
    }
    // Under a uniform moment the eigenvalue of the unfavourable sign.
    expect($strength->critical(3000.0, 1.0))->toBeNear(
        min(uniformCritical($s, 1, 3000.0), uniformCritical($s, -1, 3000.0)),
        1e-4,
    );
})->with(['strips 3: -60,0 0,0 0,200 60,200', 'strips 6: 90,0 90,200; 5: 30,0 90,0; 8: 90,200 40,220']);

it('lets places between supports hold strips that are symmetric', function (): void {
    $held = [
        'restraint' => [
            'top' => ['kind' => 'positions', 'positions' => ['1.5 m']],
            'bottom' => ['kind' => 'positions', 'positions' => ['1.5 m']],
        ],
    ];
    $channel = 'strips 8: 90,4 4,4 4,196 90,196';
    expect(weighing(freeBeam($channel, '3 m', '2 kN/m', $held), 'buckling')->capacity)->toBeGreaterThan(
        (float) weighing(freeBeam($channel, '3 m', '2 kN/m'), 'buckling')->capacity,
    );
});

it('says what it does not cover', function (string $section, array $change, string $says): void {
    foreach ([[], ANGLES_IN_US] as $standard) {
        $w = weighing(freeBeam($section, '3 m', '1 kN/m', [...$standard, ...$change]), 'strength');
        expect($w->isCovered())->toBeFalse()->and($w->remark)->toContain($says);
    }
})->with([
    'strips held between' => [
        'strips 3: -60,0 0,0 0,200 60,200',
        ['restraint' => ['top' => ['kind' => 'positions', 'positions' => ['1 m']], 'bottom' => ['kind' => 'supports']]],
        'turn the plane',
    ],
    'strips pushed sideways' => [
        'strips 3: -60,0 0,0 0,200 60,200',
        ['loads' => [lineLoad('g', '1 kN/m'), lineLoad('g', '1 kN/m', ['direction' => 'sideways'])]],
        'not under lateral loads',
    ],
    'an angle that changes' => [
        'L4×4×1/4',
        ['steps' => [['id' => 's', 'from' => '1 m', 'to' => '2 m', 'section' => 'L6×4×3/8', 'plates' => null]]],
        'change along their length',
    ],
]);
