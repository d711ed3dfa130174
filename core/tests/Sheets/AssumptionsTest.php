<?php

declare(strict_types=1);

use Waage\Sheets\Assumptions;

/** @param  array<string, mixed>  $change */
function assumptionsOf(array $change = []): string
{
    return implode("\n", array_merge(...array_values(Assumptions::of(design($change)))));
}

const AMERICAN = ['section' => 'W16X26', 'grade' => 'A992', 'basis' => ['combinations' => 'asce-7-16-lrfd']];

it('names the standard that weighs, and not the other one', function (): void {
    expect(assumptionsOf())
        ->toContain('EN 1993-1-1, 6.3.2')
        ->not->toContain('F2.2')
        ->and(assumptionsOf(AMERICAN))
        ->toContain('F2.2')
        ->toContain('ASTM A6')
        ->not->toContain('EN 1993');
});

it('says how lateral-torsional buckling is found, by either way', function (
    string $grade,
    string $rules,
    string $exact,
    string $closed,
): void {
    $of = fn (bool $isClosed): string => assumptionsOf([
        'grade' => $grade,
        'basis' => ['combinations' => $rules, 'parameters' => ['closedForms' => $isClosed]],
    ]);
    expect($of(false))
        ->toContain($exact)
        ->not->toContain($closed)
        ->and($of(true))
        ->toContain($closed)
        ->not->toContain($exact);
})->with([
    ['S355', '6.10', 'as an eigenvalue of each length', 'by closed formulas (C_1, C_2)'],
    ['A992', 'asce-7-16-lrfd', 'as an eigenvalue of each length', 'C_b of (F1-1)'],
]);

it('says what only some members rest on', function (array $change, string $words): void {
    expect(assumptionsOf($change))
        ->toContain($words)
        ->and(assumptionsOf())
        ->not->toContain($words)
        ->and(assumptionsOf(AMERICAN))
        ->not->toContain($words);
})->with([
    'springs' => [
        ['supports' => [supportAt('0 m'), ['kind' => 'elastic', 'vertical' => '9 kN/mm'] + supportAt('6 m')]],
        'Springs act in both directions',
    ],
    'hinge' => [
        ['length' => '9 m', 'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('9 m')], 'hinges' => ['4 m']],
        'A hinge turns freely',
    ],
    'settlement' => [moved('settlement', '6 m', '4 mm'), 'comes about or not'],
    'warmth, European' => [
        [
            'cases' => [['id' => 't', 'name' => 'Sun', 'category' => 'temperature']],
            'loads' => [['id' => 't', 'case' => 't', 'kind' => 'temperature', 'value' => '15 K']],
        ],
        '12 × 10⁻⁶',
    ],
    'warmth, American' => [
        [
            ...AMERICAN,
            'cases' => [['id' => 't', 'name' => 'Sun', 'category' => 'temperature']],
            'loads' => [['id' => 't', 'case' => 't', 'kind' => 'temperature', 'value' => '15 K']],
        ],
        '6.5 × 10⁻⁶ per °F',
    ],
    'axial force, American' => [
        [
            ...AMERICAN,
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'direction' => 'along',
                    'x' => '6 m',
                    'value' => '50 kN',
                ],
            ],
        ],
        'H1.1',
    ],
    'ductility' => [[...AMERICAN, 'ductility' => 'high'], 'ANSI/AISC 341'],
    'sections that change' => [['steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']]], '6.3.4'],
]);

it('says on either sheet of every rule set by which standard it weighs', function (
    string $rules,
    string $grade,
    string $standard,
): void {
    $change = ['grade' => $grade, 'basis' => ['combinations' => $rules]];
    expect(stripslashes(sheetText($change, true)))
        ->toContain("Weighings ({$standard})")
        ->and(stripslashes(sheetText($change, false)))
        ->toContain("Weighed after {$standard}");
})->with([
    ['6.10', 'S355', 'EN 1993-1-1:2005'],
    ['classic', 'S275', 'EN 1993-1-1:2005'],
    ['asce-7-16-asd', 'A992', 'ANSI/AISC 360-16, ASD'],
    ['asce-7-22-lrfd', 'A36', 'ANSI/AISC 360-22, LRFD'],
]);
