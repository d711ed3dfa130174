<?php

declare(strict_types=1);

use Waage\Design\Reserve;

/**
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function reserveOf(array $change = []): array
{
    return (new Reserve(document($change)))->toArray();
}

/** @return array<string, mixed> */
function heldAllAlong(): array
{
    return ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
}

it('tells the factor at which the first weighing tips', function (): void {
    // Total deflection 14.42 mm of 24, variable 9.61 of 20, bending 97.9 of 147.7 kNm: bending governs both, by hand.
    $M = section('IPE 300')->Wply * 235;
    $all = $M / 97.875e6;
    $variable = ($M - 30.375e6) / 67.5e6;
    $reserve = reserveOf(heldAllAlong());
    expect($reserve['all']['state'])
        ->toBe('found')
        ->and($reserve['all']['factor'])
        ->toBeNear($all, 2e-3)
        ->toBeLessThanOrEqual($all)
        ->and($reserve['variable']['factor'])
        ->toBeNear($variable, 2e-3)
        ->toBeLessThanOrEqual($variable)
        ->and($reserve['changes'])
        ->toBe([]);
});

it('holds with the factor and not with a little more, whatever governs', function (array $change): void {
    foreach (['variable' => ['q'], 'all' => ['g', 'q']] as $key => $cases) {
        $factor = reserveOf($change)[$key]['factor'];
        $holds = fn (float $f): bool => design([
            ...$change,
            'loads' => array_map(
                fn (array $l): array => in_array($l['case'], $cases, true)
                    ? [...$l, 'value' => $l['value'].' * '.$f]
                    : $l,
                $change['loads'],
            ),
        ])
            ->verdict()
            ->holds();
        expect($holds($factor))->toBeTrue()->and($holds($factor * 1.003))->toBeFalse();
    }
})->with([
    'buckling' => [['loads' => [lineLoad('g', '2 kN/m'), lineLoad('q', '4 kN/m')]]],
    'fails now' => [['selfWeight' => true, 'loads' => [lineLoad('g', '4 kN/m'), lineLoad('q', '14 kN/m')]]],
    'two spans' => [
        [
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
            'selfWeight' => true,
            'loads' => [lineLoad('g', '3 kN/m'), lineLoad('q', '8 kN/m')],
        ],
    ],
]);

it('tells how much farther apart braces may be: as a beam that is really so long, with the same moments', function (
    array $change,
): void {
    $of = fn (float $times): array => [
        'length' => 6 * $times.' m',
        'supports' => [supportAt('0 m'), supportAt(6 * $times.' m')],
        'loads' => [lineLoad('g', 3 / $times ** 2 .' kN/m'), lineLoad('q', 4 / $times ** 2 .' kN/m')],
        'remarks' => array_fill_keys(
            ['deflection-total', 'deflection-variable'],
            ['text' => 'elsewhere', 'leftOut' => true],
        ),
        ...$change,
    ];
    ['state' => $state, 'factor' => $factor] = reserveOf($of(1.0))['lengths'];
    expect($state)
        ->toBe('found')
        ->and(weighing(design($of($factor)), 'buckling')->ratio)
        ->toBeNear(1.0, 2e-3)
        ->and(weighing(design($of(1.004 * $factor)), 'buckling')->ratio)
        ->toBeGreaterThan(1.0);
})->with([
    'eigenvalue' => [[]],
    'closed formulas' => [['basis' => ['parameters' => ['closedForms' => true]]]],
    'load at the centre' => [['loadHeight' => 'centre']],
    'American' => [['grade' => 'A992', 'basis' => ['combinations' => 'asce-7-16-lrfd']]],
    'American, by C_b' => [
        [
            'grade' => 'A992',
            'loadHeight' => 'centre',
            'basis' => ['combinations' => 'asce-7-16-lrfd', 'parameters' => ['closedForms' => true]],
        ],
    ],
]);

it('says where there is no factor on unbraced lengths', function (): void {
    $held = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    expect(reserveOf($held)['lengths']['state'])
        ->toBe('none')
        ->and(reserveOf(['loads' => [lineLoad('g', '60 kN/m')]])['lengths']['state'])
        ->toBe('never')
        ->and(reserveOf(['section' => 'SHS 200×200×10', 'loads' => [lineLoad('g', '2 kN/m')]])['lengths']['state'])
        ->toBe('beyond');
});

it('lets a column be held less often', function (): void {
    $column = [
        'slope' => ['by' => 'upright'],
        'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
        'section' => 'HEB 200',
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '400 kN', 'direction' => 'along'],
        ],
    ];
    $factor = reserveOf($column)['lengths']['factor'];
    // The same as a buckling length that is given for both.
    $with = fn (float $times): array => [
        ...$column,
        'effectiveLengths' => ['z' => 6 * $times.' m', 'twist' => 6 * $times.' m'],
    ];
    expect(design($with($factor))->verdict()->holds())
        ->toBeTrue()
        ->and(design($with(1.004 * $factor))->verdict()->holds())
        ->toBeFalse();
});

it('says where there is no factor', function (): void {
    expect(reserveOf(['loads' => [lineLoad('g', '5 kN/m')]])['variable']['state'])
        ->toBe('none')
        ->and(reserveOf(['loads' => [lineLoad('q', '0.01 kN/m')]])['variable']['state'])
        ->toBe('beyond')
        ->and(reserveOf(['loads' => [lineLoad('g', '60 kN/m'), lineLoad('q', '1 kN/m')]])['variable']['state'])
        ->toBe('never');
});

it('offers single changes, each with just what it makes of the member', function (): void {
    $document = ['families' => ['IPE'], 'grade' => 'S235'];
    $reserve = reserveOf($document);
    expect(array_column($reserve['changes'], 'holds', 'text'))->toBe([
        'IPE 360, 57.1 kg/m' => true,
        'Grade S460' => false,
        'Restraints of the top flange every 3.000 m' => true,
    ]);
    foreach ($reserve['changes'] as $change) {
        $verdict = design([
            ...$document,
            ...$change['patch'],
            ...isset($change['patch']['restraint'])
                ? ['restraint' => [...document()['restraint'], ...$change['patch']['restraint']]]
                : [],
        ])->verdict();
        expect($verdict->holds())
            ->toBe($change['holds'])
            ->and($verdict->ratio)
            ->toBe($change['ratio'])
            ->and($verdict->title)
            ->toBe($change['title']);
    }
});

it('offers stiffeners where a web fails', function (): void {
    $change = [
        ...heldAllAlong(),
        'section' => 'IPE 400',
        'supports' => [['x' => '0 m', 'kind' => 'pinned', 'bearing' => '10 mm'], supportAt('6 m')],
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '0.5 m', 'value' => '200 kN', 'bearing' => '200 mm'],
        ],
    ];
    expect(weighing(design($change), 'web-support')->holds())->toBeFalse();
    $offered = array_column(reserveOf($change)['changes'], null, 'text')[
        'Stiffened webs at the supports and under the point loads'
    ];
    expect($offered['holds'])
        ->toBeTrue()
        ->and(
            design([...$change, ...$offered['patch']])
                ->verdict()
                ->holds(),
        )
        ->toBeTrue();
});

it('matches its schema', function (): void {
    foreach ([[], heldAllAlong(), ['loads' => []]] as $change) {
        expect(faultsAgainst('reserve', reserveOf($change)))->toBe('');
    }
});
