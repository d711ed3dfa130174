<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Design\Design;
use Waage\Design\Verdict;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

// What supports do on a whole member; the statics itself is tested in Analysis/SpringsAndHingesTest.

/** @return list<array<string, string>> */
function springs(string $left, string $right): array
{
    return [
        ['vertical' => $left, ...supportAt('0 m', 'elastic')],
        ['vertical' => $right, ...supportAt('6 m', 'elastic')],
    ];
}

it('weighs deflection from the line between springs, and shows it from the unloaded beam', function (): void {
    $rigid = weighing(design(), 'deflection-total');
    $sprung = design(['supports' => springs('10 kN/mm', '10 kN/mm')]);
    expect(weighing($sprung, 'deflection-total')->demand)
        ->toBeNear((float) $rigid->demand)
        ->and(weighing($sprung, 'deflection-total')->ratio)
        ->toBeNear((float) $rigid->ratio);
    // 15 kN/m × 6 m / 2 = 45 kN on 10 kN/mm: 4.5 mm more.
    $characteristic = array_values(
        array_filter($sprung->combinations, fn ($c): bool => $c->purpose === Purpose::Characteristic),
    );
    $EI = SteelGrade::E * SteelMake::of($sprung->member)->section->Iy;
    expect($sprung->envelopes->deflection->extreme($characteristic, 1, 0.0)?->value / $EI)->toBeNear(
        $rigid->demand + 4.5,
    );
});

it('gives a spring under the middle its share by the stiffness of the section', function (string $name): void {
    $design = design([
        'section' => $name,
        'supports' => [supportAt('0 m'), ['vertical' => '5 kN/mm', ...supportAt('3 m', 'elastic')], supportAt('6 m')],
        'loads' => [lineLoad('g', '10 kN/m')],
    ]);
    $EI = SteelGrade::E * SteelMake::of($design->member)->section->Iy;
    // Compatibility by hand: the free deflection 5wL⁴/384EI is taken up by beam and spring together.
    $R = (5 * 10 * 6000 ** 4) / 384 / $EI / (6000 ** 3 / 48 / $EI + 1 / 5000);
    expect($design->beam->responses->reactions[0][1][0])->toBeNear($R);
})->with(['IPE 200', 'IPE 400', 'HEB 300']);

it('weighs each section of a shortlist on springs with forces of its own', function (): void {
    $change = [
        'supports' => [
            supportAt('0 m'),
            ['vertical' => '2 kN/mm', 'rotation' => '300 kNm/rad', ...supportAt('3 m', 'elastic')],
            supportAt('6 m'),
        ],
        'families' => ['IPE'],
    ];
    foreach (design($change)->shortlist() as $row) {
        $alone = Verdict::of(design([...$change, 'section' => $row->make->name()])->weighings);
        expect($row->verdict->ratio)
            ->toBeNear((float) $alone->ratio, 1e-9)
            ->and($row->verdict->title)
            ->toBe($alone->title);
    }
});

it('turns a row of spans into simple ones by hinges over the supports', function (): void {
    $spans = design([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'hinges' => ['6 m'],
    ]);
    $alone = design();
    foreach (['bending', 'shear', 'buckling', 'deflection-total'] as $id) {
        expect(weighing($spans, $id)->ratio)->toBeNear((float) weighing($alone, $id)->ratio, 1e-9);
    }
});

it('weighs half of a symmetrical beam as the whole', function (): void {
    $half = design([
        'length' => '3 m',
        'supports' => [supportAt('0 m'), supportAt('3 m', 'guided')],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
    ]);
    $whole = design(['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]]);
    foreach (['bending', 'shear', 'deflection-total', 'deflection-variable'] as $id) {
        expect(weighing($half, $id)->ratio)->toBeNear((float) weighing($whole, $id)->ratio, 1e-9, 1.0);
    }
});

describe('settlement of supports', function (): void {
    $two = ['length' => '8 m', 'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('8 m')]];
    $cases = [
        ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
        ['id' => 'q', 'name' => 'Imposed', 'category' => 'B'],
        ['id' => 'd', 'name' => 'Soil', 'category' => 'settlement'],
    ];
    $loads = [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m')];
    $settles = fn (string $x, string $by): array => [
        'id' => "d{$x}",
        'case' => 'd',
        'kind' => 'settlement',
        'x' => $x,
        'value' => $by,
    ];

    it('makes 3EIδ/l² over the middle support, times γ = 1.2', function () use ($two, $cases, $settles): void {
        $design = design([...$two, 'cases' => $cases, 'loads' => [$settles('4 m', '10 mm')]]);
        $EI = SteelGrade::E * SteelMake::of($design->member)->section->Iy;
        expect(weighing($design, 'bending')->demand)
            ->toBeNear((1.2 * 3 * $EI * 10) / 4000 ** 2)
            ->and(weighing($design, 'bending')->arrangement)
            ->toBe('Soil of support 2');
    });

    it('is left out where it helps', function () use ($two, $cases, $loads, $settles): void {
        $without = design([...$two, 'cases' => $cases, 'loads' => $loads]);
        $with = design([
            ...$two,
            'cases' => $cases,
            'loads' => [...$loads, $settles('0 m', '6 mm'), $settles('4 m', '10 mm'), $settles('8 m', '6 mm')],
        ]);
        $strength = fn (Design $d): array => array_values(
            array_filter($d->combinations, fn ($c): bool => $c->purpose === Purpose::Strength),
        );
        foreach ([Effect::Shear, Effect::Moment] as $effect) {
            foreach ([1, -1] as $sign) {
                $of = fn (Design $d): float => $sign *
                    (float) ($effect === Effect::Shear ? $d->envelopes->shear : $d->envelopes->moment)->extreme(
                        $strength($d),
                        $sign,
                        0.0,
                    )?->value;
                expect($of($with))->toBeGreaterThan($of($without));
            }
        }
        // Where the middle support settles, the hogging moment over it would shrink: there the ends settle alone.
        $hogging = $with->envelopes->moment->extreme($strength($with), -1, 0.0);
        $factors =
            $hogging === null
                ? []
                : $with->beam->worst($hogging->combination, 0.0, Effect::Moment, -1, $hogging->segment, $hogging->t);
        expect($with->beam->arrangementText($factors))->toContain('Soil of support 1 and support 3');
    });

    it('is no variable load for the limit of deflection', function () use ($two, $cases, $loads, $settles): void {
        $without = design([...$two, 'cases' => $cases, 'loads' => $loads]);
        $with = design([...$two, 'cases' => $cases, 'loads' => [...$loads, $settles('4 m', '10 mm')]]);
        expect(weighing($with, 'deflection-variable')->demand)
            ->toBeNear((float) weighing($without, 'deflection-variable')->demand)
            ->and(weighing($with, 'deflection-total')->demand)
            ->toBeGreaterThan((float) weighing($without, 'deflection-total')->demand);
    });

    it('loads nothing: its reactions add up to zero', function () use ($two, $cases, $settles): void {
        $reactions = (new Waage\Design\Reactions(
            design([...$two, 'cases' => $cases, 'loads' => [$settles('4 m', '10 mm')]]),
        ))->toArray()['cases'][0];
        expect($reactions['load'])
            ->toBe(0.0)
            ->and($reactions['reaction'])
            ->toBeNear(0.0, 1e-9, 1000.0)
            ->and(abs($reactions['forces'][0]))
            ->toBeGreaterThan(100.0);
    });
});

it('turns a support and bends the beam by 3EIφ/L', function (): void {
    $design = design([
        'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
        ...moved('rotation', '0 m', '4 mrad'),
    ]);
    expect(weighing($design, 'bending')->demand)->toBeNear(
        (1.2 * 3 * SteelGrade::E * SteelMake::of($design->member)->section->Iy * 0.004) / 6000,
    );
});

it('reads files of version 1', function (): void {
    expect(MemberReader::member(document(['version' => 1]))->hinges)
        ->toBe([])
        ->and(MemberReader::member(document(['version' => 2]))->supports)
        ->toEqual(MemberReader::member(document(['version' => 1]))->supports);
});

it(
    'slides in a guide unless that is said to hold along the axis, and is not restrained sideways by it',
    function (): void {
        $both = [
            'top' => ['kind' => 'positions', 'positions' => ['3 m']],
            'bottom' => ['kind' => 'positions', 'positions' => ['3 m']],
        ];
        $post = fn (array $guide, array $change = []): Design => design([
            'length' => '3 m',
            'slope' => ['by' => 'upright'],
            'section' => 'HEB 200',
            'supports' => [supportAt('0 m'), [...supportAt('3 m', 'guided'), ...$guide]],
            'restraint' => $both,
            'loads' => [['id' => 'n', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '100 kN']],
            ...$change,
        ]);
        $N = fn (Design $d): float => $d->envelopes->axial?->extreme($d->ultimate(), 1, 0.0)->value ?? 0.0;
        expect($N($post([])))
            ->toBeNear(135e3)
            ->and($N($post(['along' => 'held'])))
            ->toBeNear(0.0, 1e-9, 135e3)
            ->and(
                fn () => $post(
                    [],
                    ['restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']]],
                ),
            )
            ->toThrow(InvalidMember::class);
        // Half of a beam of 6 m whose guided end nothing restrains is as long as the whole, twice its own length.
        $half = [
            'length' => '3 m',
            'supports' => [supportAt('0 m', 'fixed'), supportAt('3 m', 'guided')],
            'loads' => [lineLoad('g', '5 kN/m')],
        ];
        expect(weighing(design($half), 'buckling')->ratio)->toBeGreaterThan(
            (float) weighing(design([...$half, 'restraint' => $both]), 'buckling')->ratio,
        );
    },
);

it('weighs the sway of a cantilever post by its height', function (): void {
    $post = design([
        'length' => '4 m',
        'slope' => ['by' => 'upright'],
        'section' => 'HEB 200',
        'supports' => [supportAt('0 m', 'fixed')],
        'loads' => [lineLoad('g', '2 kN/m', ['direction' => 'normal'])],
        'deflection' => ['sway' => 150],
    ]);
    expect(weighing($post, 'deflection-total')->capacity)
        ->toBeNear(4000 / 150)
        ->and(weighing($post, 'deflection-total')->demand)
        ->toBeNear((2 * 4000 ** 4) / (8 * 210e3 * section('HEB 200')->Iy), 1e-6);
});

it('moves always with a settlement that is always there', function (): void {
    $with = fn (bool $always): Design => design([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        ...moved('settlement', '6 m', '10 mm'),
        'cases' => [
            ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ['id' => 'd', 'name' => 'Soil', 'category' => 'settlement', 'always' => $always],
        ],
        'loads' => [
            lineLoad('g', '10 kN/m'),
            ['id' => 'd1', 'case' => 'd', 'kind' => 'settlement', 'x' => '6 m', 'value' => '10 mm'],
        ],
    ]);
    $hogging = fn (Design $d): float => $d->envelopes->moment->extreme($d->ultimate(), -1, 0.0)->value ?? 0.0;
    // w L²/8, less 3 E I s / L² with the factor of settlements.
    expect($hogging($with(false)))
        ->toBeNear((-13.5 * 36e6) / 8)
        ->and($hogging($with(true)))
        ->toBeNear((-13.5 * 36e6) / 8 + (1.2 * 3 * 210e3 * section('IPE 300')->Iy * 10) / 6000 ** 2, 1e-6);
});
