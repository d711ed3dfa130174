<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\SteelGrade;

/**
 * A girder of 9 m whose top flange is the stronger one, stiffened at its supports.
 *
 * @param  array<string, mixed>  $change
 */
function crane(array $change = []): Design
{
    return design(
        [
            'length' => '9 m',
            'supports' => [supportAt('0 m'), supportAt('9 m', 'roller')],
            'section' => 'welded I 600×300×200×10×20×15',
            'grade' => 'S355',
            'loads' => [lineLoad('q', '10 kN/m')],
            'loadHeight' => 'centre',
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// By hand: the halves are equal 150 mm off the middle of the web, α = 0.5 + 150/565 = 0.765: c/t = 56.5 is more than
// 456 ε / (13 α − 1) = 41.5; the centroid 60.4 mm off, ψ = −(282.5 − 60.4)/(282.5 + 60.4) = −0.648: less than 42 ε /
// (0.67 + 0.33 ψ) = 75, class 3.
it('is classed by the larger part of the web that is compressed', function (): void {
    $lines = array_column(weighing(crane(), 'classification')->lines, 'result', 'symbol');
    expect(steel('welded I 600×300×200×10×20×15', SteelGrade::S355)->class)
        ->toBe(3)
        ->and($lines['lambda_web'])
        ->toBeNear(56.5)
        ->and($lines['lambda_top'])
        ->toBeNear(145 / 20)
        ->and($lines['lambda_bottom'])
        ->toBeNear(95 / 15)
        ->and(steel('welded I 600×200×300×10×15×20', SteelGrade::S355)->class)
        ->toBe(3)
        ->and(steel('welded I 600×300×300×20×20×19', SteelGrade::S235)->class)
        ->toBe(1);
});

it('bends by the weaker side and shears by its web', function (): void {
    $s = unequal('welded I 600×300×200×10×20×15');
    expect(weighing(crane(), 'bending')->capacity)
        ->toBeNear(($s->Iy / ($s->h / 2 + $s->zs)) * 355, 1e-9)
        ->and(Shear::resistance(steel($s->name, SteelGrade::S355)))
        ->toBeNear((1.2 * 565 * 10 * steel($s->name, SteelGrade::S355)->fy) / sqrt(3));
});

it('buckles less easily with the stronger flange in compression', function (): void {
    $capacity = fn (string $section, array $change = []): float => (float) weighing(
        crane(['section' => $section, ...$change]),
        'buckling',
    )->capacity;
    $up = $capacity('welded I 600×300×200×10×20×15');
    $down = $capacity('welded I 600×200×300×10×15×20');
    expect($up)
        ->toBeGreaterThan(1.2 * $down)
        // Turned over under a load that is turned over it is the same.
        ->and($capacity('welded I 600×200×300×10×15×20', ['loads' => [lineLoad('q', '-10 kN/m')]]))
        ->toBeNear($up, 1e-6)
        // A load on the top flange takes away, one on the bottom flange adds.
        ->and($capacity('welded I 600×300×200×10×20×15', ['loadHeight' => 'top']))
        ->toBeLessThan($up)
        ->and($capacity('welded I 600×300×200×10×20×15', ['loadHeight' => 'bottom']))
        ->toBeGreaterThan($up);
});

it('lies between sections with flanges like either', function (): void {
    $capacity = fn (string $section): float => (float) weighing(crane(['section' => $section]), 'buckling')->capacity;
    expect($capacity('welded I 600×300×200×10×20×15'))
        ->toBeLessThan($capacity('welded I 600×300×10×20'))
        ->toBeGreaterThan($capacity('welded I 600×200×10×15'));
});

it('weighs the web by the flange that is pressed on', function (): void {
    // Below, at the supports, the weaker flange; above, under the load, the stronger one: as sections with two of
    // these.
    $change = [
        'loadHeight' => 'top',
        'loads' => [
            ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '4.5 m', 'value' => '60 kN', 'bearing' => '100 mm'],
        ],
    ];
    $of = fn (string $section, string $id): float => (float) weighing(crane([...$change, 'section' => $section]), $id)
        ->capacity;
    expect($of('welded I 600×300×200×10×20×15', 'web-support'))
        ->toBeNear($of('welded I 595×200×10×15', 'web-support'), 1e-9)
        ->and($of('welded I 600×300×200×10×20×15', 'web-load'))
        ->toBeNear($of('welded I 605×300×10×20', 'web-load'), 1e-9);
});

it('weighs a slender web in shear, with the weaker flange in bending', function (): void {
    $held = array_map(fn (array $s): array => [...$s, 'stiffened' => true], [
        supportAt('0 m'),
        supportAt('9 m', 'roller'),
    ]);
    $of = fn (string $section, string $id): ?float => weighing(
        crane(['section' => $section, 'supports' => $held, 'loads' => [lineLoad('q', '180 kN/m')]]),
        $id,
    )->ratio;
    // The web alone: the same as of flanges alike over the same clear depth.
    expect($of('welded I 733×260×200×10×18×15', 'shear-buckling'))
        ->toBeNear((float) $of('welded I 730×200×10×15', 'shear-buckling'), 0.01)
        ->and($of('welded I 733×260×200×10×18×15', 'bending-shear'))
        ->toBeNear((float) $of('welded I 730×200×10×15', 'bending-shear'), 0.01);
});

it('takes the eigenvalue where closed formulas are asked for', function (): void {
    $closed = crane(['basis' => ['parameters' => ['closedForms' => true]]]);
    expect(weighing($closed, 'buckling')->capacity)->toBeNear((float) weighing(crane(), 'buckling')->capacity, 1e-9);
});

it('weighs unequal flanges where the section changes, between both sections alone', function (): void {
    $of = fn (string $section, array $change = []): Design => crane([
        'section' => $section,
        'loads' => [lineLoad('q', '30 kN/m')],
        ...$change,
    ]);
    $middle = fn (string $section): array => ['steps' => [['from' => '3 m', 'to' => '6 m', 'section' => $section]]];
    [$light, $heavy] = ['welded I 600×300×200×10×20×15', 'welded I 600×300×200×10×30×25'];
    // The same section all along is the plain member.
    foreach (['bending', 'shear', 'buckling'] as $id) {
        expect(weighing($of($light, $middle($light)), $id)->ratio)->toBeNear(
            (float) weighing($of($light), $id)->ratio,
            1e-4,
        );
    }
    $mixed = $of($light, $middle($heavy));
    expect(weighing($mixed, 'buckling')->ratio)
        ->toBeLessThan((float) weighing($of($light), 'buckling')->ratio)
        ->toBeGreaterThan((float) weighing($of($heavy), 'buckling')->ratio)
        ->and(weighing($mixed, 'bending')->remark)
        ->toContain('from x =')
        // By hand: in the middle of 6 m to 9 m the light section has 8/9 of the moment.
        ->and(weighing($mixed, 'bending')->ratio)
        ->toBeNear(
            max(
                ((float) weighing($of($light), 'bending')->ratio * 8) / 9,
                (float) weighing($of($heavy), 'bending')->ratio,
            ),
            0.01,
        );
});
