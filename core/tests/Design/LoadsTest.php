<?php

declare(strict_types=1);

use Waage\Analysis\InfluenceLine;
use Waage\Design\Design;
use Waage\Design\Reactions;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;

/**
 * @param  array<string, mixed>  $load
 * @return array{Design, list<float>} the design and its unfactored reactions
 */
function carrying(array $load): array
{
    $design = design(['loads' => [['id' => 'l', 'case' => 'q', ...$load]]]);
    /** @var list<array{forces: list<float>}> $cases */
    $cases = (new Reactions($design))->toArray()['cases'];

    return [$design, $cases[0]['forces']];
}

// Slab panels on a beam of 6 m: areas by hand, moments from the handbook (triangle wL²/12, trapezium w (3L² − 4a²)/24
// at midspan; Steel Designers' Manual, 6th ed., from memory). 5 kN/m², imposed, γ = 1.5.
it('carries its part of a slab spanning two ways', function (array $load, float $area, float $moment): void {
    [$design, $forces] = carrying(['kind' => 'slab', 'value' => '5 kN/m²', ...$load]);
    expect(array_sum($forces))
        ->toBeNear(5e-3 * $area, 1e-9, 1.0)
        ->and(weighing($design, 'bending')->demand)
        ->toBeNear(1.5 * $moment);
})->with([
    'long edge: a trapezium, 2 m wide' => [['width' => '2 m'], 8e6, (10.0 * (3 * 6000 ** 2 - 4 * 2000 ** 2)) / 24],
    'short edge: a triangle, its height from 45 degrees' => [['width' => '5 m'], 9e6, (15.0 * 6000 ** 2) / 12],
    'just a triangle' => [['width' => '3 m'], 9e6, (15.0 * 6000 ** 2) / 12],
    'steeper yield lines next to a fixed edge' => [
        ['width' => '2 m', 'angle' => '60 deg'],
        (6000 - 2000 / tan(M_PI / 3)) * 2000,
        (10.0 * (3 * 6000 ** 2 - 4 * (2000 / tan(M_PI / 3)) ** 2)) / 24,
    ],
    'triangle by the place of its peak, in the middle' => [
        ['width' => '3 m', 'peak' => '3 m'],
        9e6,
        (15.0 * 6000 ** 2) / 12,
    ],
    // Peak at the right end: w L² / (9 √3).
    'triangle with its peak at an end' => [
        ['width' => '3 m', 'peak' => '6 m'],
        9e6,
        (15.0 * 6000 ** 2) / (9 * sqrt(3)),
    ],
]);

it('follows a width that changes along the member', function (): void {
    $widths = [['x' => '0 m', 'width' => '1 m'], ['x' => '2 m', 'width' => '3 m'], ['x' => '6 m', 'width' => '0.5 m']];
    [$varying, $forces] = carrying(['kind' => 'area', 'value' => '4 kN/m²', 'widths' => $widths]);
    // The same by line loads.
    $lines = design([
        'loads' => [
            lineLoad('q', '4 kN/m', ['to' => '2 m', 'end' => '12 kN/m']),
            lineLoad('q', '12 kN/m', ['from' => '2 m', 'end' => '2 kN/m']),
        ],
    ]);
    foreach (['bending', 'shear', 'buckling', 'deflection-total'] as $id) {
        expect(weighing($varying, $id)->ratio)->toBeNear((float) weighing($lines, $id)->ratio, 1e-9);
    }
    expect(array_sum($forces))->toBeNear(4e-3 * (2000 * 2000 + 4000 * 1750));
});

it('keeps a load that is switched off without effect', function (): void {
    $heavy = lineLoad('q', '80 kN/m', ['off' => true]);
    $with = design(['loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m'), $heavy]]);
    expect(weighing($with, 'bending')->ratio)
        ->toBeNear((float) weighing(design(), 'bending')->ratio)
        ->and($with->member->loads)
        ->toHaveCount(3);
    // A case without any load that acts takes part in no combination.
    $off = design(['loads' => [lineLoad('g', '5 kN/m'), $heavy]]);
    expect(json_encode(array_column($off->combinations, 'text'), JSON_UNESCAPED_UNICODE))->not->toContain('Imposed');
});

it('bends a beam that is warmer below, by the depth of its section', function (string $section): void {
    $change = [
        'section' => $section,
        'cases' => [['id' => 't', 'name' => 'Sun', 'category' => 'temperature']],
        'loads' => [['id' => 't1', 'case' => 't', 'kind' => 'temperature', 'value' => '20 K']],
    ];
    $member = design($change)->member;
    $curvature = (12e-6 * 20) / SteelMake::of($member)->section->h;
    expect(weighing(design($change), 'deflection-total')->demand)
        ->toBeNear(($curvature * 6000 ** 2) / 8)
        ->and(weighing(design($change), 'bending')->demand)
        ->toBeNear(0.0, 1e-6, 1e6);
    $fixed = design([...$change, 'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m', 'fixed')]]);
    expect(weighing($fixed, 'bending')->demand)
        ->toBeNear(1.5 * 210000 * SteelMake::of($member)->section->Iy * $curvature)
        ->and($fixed->combinations[0]->text)
        ->toBe('1.5 × Sun');
    // A shortlist knows that a deeper section bends less and resists more.
    foreach (
        design([
            ...$change,
            'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
            'families' => ['IPE'],
        ])->shortlist() as $row
    ) {
        $alone = design([
            ...$change,
            'section' => $row->make->name(),
            'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
        ]);
        expect($row->verdict->ratio)->toBeNear((float) $alone->verdict()->ratio, 1e-9, 1e-3);
    }
})->with(['IPE 200', 'HEB 300']);

it('turns a slab upward in a case of upward wind', function (): void {
    $design = design([
        'cases' => [['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up']],
        'loads' => [['id' => 's', 'case' => 'w', 'kind' => 'slab', 'value' => '1 kN/m²', 'width' => '2 m']],
    ]);
    expect($design->member->loads[0]->profile[1][1])->toBeNear(-2.0);
});

// The exact worst lengths are where the influence line has one sign; pieces of a 24th of a span come near them.
it('puts a load on the worst lengths', function (): void {
    $design = design([
        'length' => '14 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'cases' => [['id' => 'c', 'name' => 'Crowd', 'category' => 'C']],
        'loads' => [['id' => 'l', 'case' => 'c', 'kind' => 'lengths', 'value' => '5 kN/m', 'from' => '1 m']],
    ]);
    $beam = $design->beam->beam;
    $strength = $design->ultimate();
    foreach ([2400.0, 5000.0, 6000.0, 9000.0, 13000.0] as $x) {
        foreach (
            [
                [$design->envelopes->moment, InfluenceLine::ofMoment($beam, $x)],
                [$design->envelopes->shear, InfluenceLine::ofShear($beam, $x)],
            ] as [$envelope, $line]
        ) {
            foreach ([1, -1] as $sign) {
                $exact = 0.0;
                foreach ($line->worst($sign)['parts'] as [$from, $to]) {
                    $exact += 1.5 * 5 * $line->area(max(1000.0, $from), max(1000.0, $to));
                }
                // Just to the right of x.
                $k = $design->beam->responses->segmentAt($x);
                $values = $design->beam->responses->valuesAt(
                    $envelope->effect,
                    $k,
                    $x - $design->beam->responses->breaks[$k],
                );
                $sum = 0.0;
                foreach ($strength as $c) {
                    $factors = $design->beam->loadedWhere($c, 0.0, $sign, $values);
                    $sum = max(
                        $sum,
                        $sign *
                            array_sum(
                                array_map(
                                    fn (float $f, int $set): float => $f * $values[$set],
                                    $factors,
                                    array_keys($factors),
                                ),
                            ),
                    );
                }
                // The jump of a shear line may lie within a piece: at most half of it is missed.
                $missed =
                    $envelope === $design->envelopes->moment
                        ? 0.005 * max(abs($exact), 0.02 * 1.5 * 5 * 6000 ** 2)
                        : 1.5 * 5 * 125;
                expect($sum)
                    ->toBeLessThanOrEqual(abs($exact) + 1e-6)
                    ->toBeGreaterThanOrEqual(abs($exact) - $missed);
            }
        }
    }
    $arrangement = weighing($design, 'shear')->arrangement;
    expect($arrangement)->toStartWith('Crowd from x = ');
    // On one span it is the full load.
    $one = design([
        'cases' => [['id' => 'c', 'name' => 'Crowd', 'category' => 'C']],
        'loads' => [['id' => 'l', 'case' => 'c', 'kind' => 'lengths', 'value' => '5 kN/m']],
    ]);
    expect(weighing($one, 'bending')->demand)->toBeNear(((1.5 * 5 * 36) / 8) * 1e6);
});

it('keeps a load on any lengths in a load case of its own', function (): void {
    expect(
        fn () => design([
            'loads' => [
                lineLoad('q', '1 kN/m'),
                ['id' => 'l', 'case' => 'q', 'kind' => 'lengths', 'value' => '5 kN/m'],
            ],
        ]),
    )->toThrow(InvalidMember::class, 'A load on any lengths has a load case of its own');
});

it('weighs a stage of construction for strength', function (): void {
    $own = ['name' => 'Wet concrete', 'purpose' => 'construction', 'permanent' => '3', 'factors' => []];
    $design = design(['combinations' => [$own]]);
    expect(weighing($design, 'bending')->demand)
        ->toBeNear(((max(3 * 5, 1.35 * 5 + 15) * 36) / 8) * 1e6)
        ->and(weighing(design(['combinations' => [['permanent' => '6'] + $own]]), 'bending')->combination)
        ->toBe('OWN 1');
});
