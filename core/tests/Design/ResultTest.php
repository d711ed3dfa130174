<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Result;
use Waage\Design\ShortlistRow;
use Waage\Design\Show;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

it('gives results, sheets and demo files that match their schemas', function (array $document): void {
    $design = new Design(MemberReader::member($document));
    foreach (
        ['envelope', 'combination:STR 1', 'weighing:bending', 'case:g', 'case:self-weight', 'case:none'] as $show
    ) {
        expect(faultsAgainst('result', (new Result($design, Show::fromText($show)))->toArray()))->toBe('');
    }
    expect(faultsAgainst('sheet', (new SheetBuilder($design, new JobInfo('Job'), true))->toArray()))
        ->toBe('')
        ->and(faultsAgainst('member', $document))
        ->toBe('');
})->with(fn (): array => array_map(fn (array $d): array => [$d], documentsToRecompute()));

it('sends curves that meet at their ends and reach the extremes', function (): void {
    foreach (range(1, 12) as $seed) {
        $result = (new Result(new Design(patternedMember($seed)), Show::envelope()))->toArray();
        foreach (array_filter($result['extremes'], fn (array $e): bool => $e['effect'] !== 'slope') as $extreme) {
            $curve = $result['envelope'][$extreme['effect']][$extreme['value'] > 0 ? 'max' : 'min'];
            $best = 0.0;
            foreach ($curve as [$x0, $x1, $combination]) {
                expect($x1)->toBeGreaterThan($x0)->and($combination)->toBeGreaterThanOrEqual(0);
            }
            foreach ($curve as $piece) {
                if ($extreme['x'] >= $piece[0] - 1e-6 && $extreme['x'] <= $piece[1] + 1e-6) {
                    $value = Waage\Analysis\Polynomial::value(array_slice($piece, 3), $extreme['x'] - $piece[0]);
                    $best = abs($value) > abs($best) ? $value : $best;
                }
            }
            expect($best)->toBeNear($extreme['value'], 1e-9);
        }
    }
});

it('balances loads and reactions in every load case', function (): void {
    foreach (range(1, 20) as $seed) {
        foreach (
            (new Result(new Design(patternedMember($seed), Detail::Verdict), Show::envelope()))->toArray()['reactions']['cases'] as $row
        ) {
            expect($row['reaction'])
                ->toBeNear($row['load'], 1e-9, 1e3)
                ->and($row['reactionMoment'])
                ->toBeNear($row['loadMoment'], 1e-9, 1e7);
        }
    }
});

it('shows a single combination with its own curves', function (): void {
    $shown = (new Result(design(), Show::fromText('combination:STR 1')))->toArray()['shown'];
    // Greatest 97.875 kNm with, and 1.35·5·36/8 = 30.375 kNm without imposed load.
    [$max, $min] = [$shown['M']['max'][0], $shown['M']['min'][0]];
    expect(Waage\Analysis\Polynomial::value(array_slice($max, 3), 3000.0))
        ->toBeNear(97.875e6)
        ->and(Waage\Analysis\Polynomial::value(array_slice($min, 3), 3000.0))
        ->toBeNear(30.375e6);
});

it('shows the arrangement of a weighing, which has its demand at its place', function (): void {
    $reaches = function (Design $design, array $effects): void {
        foreach ($effects as $id => $effect) {
            $w = weighing($design, $id);
            $curve = (new Result($design, Show::fromText("weighing:{$id}")))->toArray()['shown'][$effect]['max'];
            $reached = 0.0;
            foreach ($curve as $piece) {
                // On a break both sides count: shear jumps there.
                if ($w->x >= $piece[0] - 1e-6 && $w->x <= $piece[1] + 1e-6) {
                    $reached = max(
                        $reached,
                        abs(Waage\Analysis\Polynomial::value(array_slice($piece, 3), $w->x - $piece[0])),
                    );
                }
            }
            expect($reached)->toBeNear((float) $w->demand, 1e-9, 1e-6);
        }
    };
    foreach (range(1, 15) as $seed) {
        $reaches(new Design(patternedMember($seed), Detail::Verdict), [
            'bending' => 'M',
            'shear' => 'V',
            'deflection-total' => 'w',
            'deflection-variable' => 'w',
        ]);
    }
    $reaches(design(['loads' => [lineLoad('q', '2 kN/m', ['direction' => 'sideways']), lineLoad('g', '3 kN/m')]]), [
        'sideways-bending' => 'Mz',
        'sideways-shear' => 'Vy',
        'sideways-deflection' => 'v',
        'bending' => 'M',
    ]);
});

it('tells the slope at the ends', function (): void {
    // q L³ / 24 EI, clockwise at the left end.
    $slopes = array_column(
        array_filter(
            (new Result(design(), Show::envelope()))->extremes(),
            fn (array $e): bool => $e['effect'] === 'slope',
        ),
        'value',
    );
    $slope = (15 * 6000 ** 3) / 24 / (210000 * section('IPE 300')->Iy);
    expect($slopes[0])
        ->toBeNear($slope)
        ->and($slopes[1])
        ->toBeNear(-$slope);
});

it('says what takes no part', function (): void {
    expect((new Result(design(['loads' => []]), Show::envelope()))->toArray()['messages'])->toBe([
        'No load acts on the member yet, so nothing is weighed.',
        'Load case “Imposed” has no load; it takes no part in the combinations.',
    ]);
});

it('puts in the shortlist what the design of each section says', function (): void {
    $change = [
        'length' => '13 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('13 m')],
        'selfWeight' => true,
        'families' => ['IPE', 'HEM'],
    ];
    $rows = design($change)->shortlist();
    expect($rows)->toHaveCount(42);
    foreach ($rows as $i => $row) {
        if ($i % 5 === 0) {
            $own = design([...$change, 'section' => $row->make->name()])->verdict();
            expect($row->verdict->ratio)
                ->toBeNear((float) $own->ratio, 1e-3)
                ->and($row->verdict->holds())
                ->toBe($own->holds())
                ->and($row->verdict->title)
                ->toBe($own->title);
        }
    }
    expect(array_filter($rows, fn (ShortlistRow $r): bool => ! $r->verdict->holds() && $r->verdict->reason === ''))->toBe(
        [],
    );
});

it('lets no heavy section hide the uplift of a lighter one in the shortlist', function (): void {
    // Self-weight of the present section exceeds the uplift; that of a light one does not.
    $change = fn (string $section): array => [
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('12 m')],
        'section' => $section,
        'selfWeight' => true,
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
        'cases' => [['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up']],
        'loads' => [lineLoad('w', '2 kN/m')],
    ];
    foreach (design($change('HEM 1000'))->shortlist() as $row) {
        if (in_array($row->make->name(), ['IPE 200', 'IPE 300', 'HEA 200', 'HEB 400'], true)) {
            $own = design($change($row->make->name()))->verdict();
            expect($row->verdict->ratio)
                ->toBeNear((float) $own->ratio, 1e-6)
                ->and($row->verdict->title)
                ->toBe($own->title)
                ->and($row->verdict->reason)
                ->toBe($own->reason);
        }
    }
});

it('answers for influence lines by the schema, with what the member carries', function (
    string $effect,
    array $change,
): void {
    $member = MemberReader::member(
        document([
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
            ...$change,
        ]),
    );
    $answer = Influence::of($member, [
        'effect' => $effect,
        'x' => '2.5 m',
        'support' => 1,
        'load' => '2 kN/m',
        'axles' => [['force' => '50 kN'], ['force' => '20 kN', 'distance' => '3 m']],
    ])->toArray();
    expect(faultsAgainst('influence', $answer))
        ->toBe('')
        ->and($answer['max']['value'])
        ->toBeGreaterThanOrEqual($answer['max']['spans'] - 1e-6)
        ->and($answer['min']['value'])
        ->toBeLessThanOrEqual($answer['min']['spans'] + 1e-6)
        ->and($answer['max']['spans'] + $answer['min']['spans'])
        ->toBeNear($answer['all'], 1e-9, 1.0);
    // A train is not better off for driving the other way.
    $back = Influence::of($member, [
        'effect' => $effect,
        'x' => '2.5 m',
        'support' => 1,
        'load' => '2 kN/m',
        'axles' => [['force' => '20 kN'], ['force' => '50 kN', 'distance' => '3 m']],
    ])->toArray();
    expect($back['max']['train']['value'])->toBeNear($answer['max']['train']['value']);
})
    ->with(['M', 'V', 'R'])
    ->with([
        'rigid' => [[]],
        'hinge' => [['hinges' => ['7 m']]],
        'spring' => [
            [
                'supports' => [
                    supportAt('0 m'),
                    ['vertical' => '3 kN/mm', ...supportAt('6 m', 'elastic')],
                    supportAt('12 m'),
                ],
            ],
        ],
    ]);

it('agrees with the loads of the member: an imposed load on the worst spans', function (): void {
    $member = MemberReader::member(
        document([
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
            'loads' => [lineLoad('q', '2 kN/m')],
        ]),
    );
    $answer = Influence::of($member, ['effect' => 'M', 'x' => '2.5 m', 'load' => '2 kN/m'])->toArray();
    $beam = (new Design($member, Detail::Verdict))->beam;
    $k = $beam->responses->segmentAt(2500.0);
    $values = array_map(
        fn (int $set): float => Waage\Analysis\Polynomial::value(
            $beam->responses->M[$set][$k],
            2500.0 - $beam->responses->breaks[$k],
        ),
        [0, 1],
    );
    expect($answer['max']['spans'])
        ->toBeNear(max(0, $values[0]) + max(0, $values[1]))
        ->and($answer['all'])
        ->toBeNear(array_sum($values))
        ->and($answer['max']['on'])
        ->toBe(['span 1']);
});

it('says what is wrong with the question', function (array $ask, string $path, string $says): void {
    try {
        Influence::of(MemberReader::member(document()), ['load' => '1 kN/m', ...$ask]);
        $errors = [];
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'message', 'path');
    }
    expect($errors[$path] ?? json_encode($errors))->toContain($says);
})->with([
    'off the beam' => [['x' => '7 m'], 'influence.x', 'off the beam'],
    'no place' => [['effect' => 'V'], 'influence.x', 'Nothing is entered'],
    'another effect' => [['effect' => 'Q', 'x' => '1 m'], 'influence.effect', 'moment, a shear force or a reaction'],
    'no such support' => [['effect' => 'R', 'support' => 9], 'influence.support', 'no such support'],
    'no load' => [['x' => '1 m', 'load' => '0 kN/m'], 'influence.load', 'greater than zero'],
    'axle without a distance' => [
        ['x' => '1 m', 'axles' => [['force' => '1 kN'], ['force' => '1 kN']]],
        'influence.axles.1.distance',
        'Nothing is entered',
    ],
    'too many axles' => [
        ['x' => '1 m', 'axles' => array_fill(0, 30, ['force' => '1 kN', 'distance' => '1 m'])],
        'influence.axles',
        'at most 20',
    ],
]);
