<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\VerdictState;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;

/**
 * A lintel of 1.8 m, held by the masonry.
 *
 * @param  array<string, mixed>  $change
 */
function lintel(array $change = []): Design
{
    $held = ['kind' => 'continuous'];

    return design(
        [
            'length' => '1.8 m',
            'supports' => [supportAt('0 m'), supportAt('1.8 m', 'roller')],
            'section' => 'L 150×90×10',
            'restraint' => ['top' => $held, 'bottom' => $held],
            'loads' => [lineLoad('g', '6 kN/m')],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// By hand with the published W_el = 53.3 cm³: M_el = 12.5 kNm in S235; w L²/8 = 1.35 · 6 · 1.8²/8 = 3.28 kNm.
it('weighs a lintel by its elastic strength', function (): void {
    $w = weighing(lintel(), 'bending');
    expect($w->capacity / 1e6)
        ->toBeNear(12.53, 0.002)
        ->and($w->demand / 1e6)
        ->toBeNear(3.2805, 1e-4)
        ->and(weighing(lintel(), 'classification')->remark)
        ->toContain('class 3')
        ->and(weighing(lintel(), 'buckling')->ratio)
        ->toBeNull()
        ->and(lintel()->verdict()->state)
        ->toBe(VerdictState::Uncovered)
        ->and(
            lintel([
                'supports' => [
                    [...supportAt('0 m'), 'stiffened' => true],
                    [...supportAt('1.8 m', 'roller'), 'stiffened' => true],
                ],
            ])->verdict()->state,
        )
        ->toBe(VerdictState::Holds);
});

it('shears the upright leg as the stresses sum up', function (): void {
    $s = section('L 150×90×10');
    if (! ($s instanceof Waage\Materials\Steel\Sections\Angle)) {
        throw new LogicException('An angle is needed.');
    }
    // V S / (I t) at the axis, S of the leg above it by strips.
    [$S, $n] = [0.0, 4000];
    for ($i = 0; $i < $n; $i++) {
        $z = (($i + 0.5) / $n) * ($s->h - $s->zs);
        $S += ($s->t * $z * ($s->h - $s->zs)) / $n;
    }
    expect(Shear::resistance(steel('L 150×90×10')))->toBeNear(((($s->Iy * $s->t) / $S) * 235) / sqrt(3), 1e-6);
});

it('refuses an angle that something else strains', function (array $change, string $says): void {
    foreach (
        [[], ['grade' => 'A36', 'section' => 'L6×4×3/8', 'basis' => ['combinations' => 'asce-7-22-lrfd']]] as $standard
    ) {
        $w = weighing(lintel([...$standard, ...$change]), 'strength');
        expect($w->isCovered())->toBeFalse()->and($w->remark)->toContain($says);
    }
})->with([
    'pressed' => [
        [
            'loads' => [
                lineLoad('g', '2 kN/m'),
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '1.8 m',
                    'value' => '20 kN',
                    'direction' => 'along',
                ],
            ],
        ],
        'continuously restrained',
    ],
    'pushed sideways' => [
        [
            'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
            'loads' => [lineLoad('g', '1 kN/m', ['direction' => 'sideways'])],
        ],
        'not under lateral loads',
    ],
]);

// c/t = (200 − 10 − 15) / 10 = 17.5 > 14 ε; λ_p = 17.5 / (28.4 · 0.814 · 0.656) = 1.155, ρ = (1.155 − 0.188) / 1.155² =
// 0.725.
it('takes slender legs of class 4 at a reduced stress', function (): void {
    $design = lintel(['section' => 'L 200×100×10', 'grade' => 'S355']);
    expect(weighing($design, 'classification')->remark)
        ->toContain('reduced stress')
        ->and(weighing($design, 'bending')->capacity)
        ->toBeNear(0.725 * 355 * section('L 200×100×10')->Wely, 0.002);
});

// F10 in kips and inches: L6×4×3/8, A36: S = 3.30, b/t = 16 > 0.54 √(E/F_y) = 15.3; M_Y = 1.5 · 36 · 3.30 = 178;
// (F10-6): 36 · 3.30 (2.43 − 1.72 · 16 / 28.4) = 173.6 kip-in. G3: 0.9 · 0.6 · 36 · 6 · 0.375 = 43.7 kips.
it('bends and shears by F10 and G3 as by hand', function (): void {
    $design = lintel([
        'grade' => 'A36',
        'section' => 'L6×4×3/8',
        'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
    ]);
    expect(weighing($design, 'bending')->capacity / KIP / 25.4)
        ->toBeNear(0.9 * 173.6, 0.004)
        ->and(weighing($design, 'shear')->capacity / KIP)
        ->toBeNear(43.7, 0.002)
        ->and(weighing($design, 'classification')->remark)
        ->toContain('noncompact');
});

it('has no jump beyond that of F10 itself where a leg becomes noncompact or slender', function (): void {
    $moment = function (float $lambda): float {
        $s = new Waage\Materials\Steel\Sections\Angle('made', 'none', $lambda * 10.0, $lambda * 10.0, 10.0, 0.0, 0.0);

        return Profiles::of(new SectionStep(0.0, 1.0, $s, SteelGrade::A36))->moment() / $s->Wely;
    };
    foreach ([0.54 * sqrt(29000 / 36), 0.91 * sqrt(29000 / 36)] as $limit) {
        expect($moment($limit * 1.0001))->toBeNear($moment($limit * 0.9999), 0.01);
    }
    expect($moment(10.0))->toBeNear(1.5 * SteelGrade::A36->yieldStrength(10.0));
});
