<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\FrequencyCheck;
use Waage\Materials\Steel\SteelGrade;

/** @param  array<string, mixed>  $change */
function hertzOfMember(array $change = []): ?float
{
    $design = design($change);

    return (new FrequencyCheck($design->beam))->hertz($design->member->make);
}

it('vibrates with permanent load and the quasi-permanent part of the rest', function (): void {
    // 5 + 0.3 · 10 = 8 kN/m on 6 m: f = π/2 √(E I g / q L⁴); common practice: 18 / √w with w in mm, 17.75 exactly.
    $EI = SteelGrade::E * section('IPE 300')->Iy;
    $f = (M_PI / 2) * sqrt(($EI * 9806.65) / (8 * 6000 ** 4));
    expect(hertzOfMember())
        ->toBeNear($f, 1e-5)
        ->and($f)
        ->toBeNear(17.75 / sqrt((5 * 8 * 6000 ** 4) / 384 / $EI), 2e-3);
    // Self-weight and a point load count, wind and what is switched off do not.
    $heavier = [
        'selfWeight' => true,
        'loads' => [
            ...document()['loads'],
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '10 kN'],
        ],
    ];
    expect(hertzOfMember($heavier))
        ->toBeLessThan($f)
        ->and(
            hertzOfMember([
                'loads' => [
                    ...document()['loads'],
                    ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '10 kN', 'off' => true],
                ],
            ]),
        )
        ->toBeNear($f, 1e-5)
        ->and(
            hertzOfMember([
                'slope' => ['by' => 'upright'],
                'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            ]),
        )
        ->toBeNull()
        ->and(hertzOfMember(['loads' => []]))
        ->toBeNull();
});

it('lets a sloping member vibrate with all of its weight', function (): void {
    $level = hertzOfMember();
    $sloping = [
        'slope' => ['by' => 'angle', 'value' => '30 deg'],
        'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
    ];
    expect(hertzOfMember($sloping))->toBeNear((float) $level, 1e-5);
});

it(
    'is weighed where a limit is given, by the job or the member, for each section of a shortlist as well',
    function (): void {
        expect(array_column(design()->weighings, 'id'))->not->toContain('frequency');
        $change = [
            'selfWeight' => true,
            'families' => ['IPE'],
            'deflection' => ['frequency' => 5],
            'basis' => ['deflection' => ['frequency' => 3]],
        ];
        $w = weighing(design($change, Detail::Lines), 'frequency');
        expect($w->demand)
            ->toBe(5.0)
            ->and($w->ratio)
            ->toBeNear(5 / (float) hertzOfMember($change), 1e-9)
            ->and(weighing(design([...$change, 'deflection' => []]), 'frequency')->demand)
            ->toBe(3.0);
        foreach (design($change)->shortlist() as $row) {
            expect($row->verdict->ratio)->toBeNear(
                (float) design([...$change, 'section' => $row->make->name()])->verdict()->ratio,
                1e-4,
            );
        }
    },
);
