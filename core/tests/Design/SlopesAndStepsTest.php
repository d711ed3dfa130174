<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Design\Verdict;
use Waage\Materials\Steel\En1993\CollapseCheck;
use Waage\Materials\Steel\En1993\Profiles;
use Waage\Materials\Steel\En1993\SteelSection;
use Waage\Materials\Steel\Sections\Plates;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;

/** @return array<string, mixed> */
function resultOf(Design $design): array
{
    return (new Result($design, Show::envelope()))->toArray();
}

/**
 * A post of 6 m on a pinned foot, its head held level.
 *
 * @param  array<string, mixed>  $change
 */
function post(array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'loads' => [],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

it('reads a slope as an angle or as a rise', function (): void {
    $angle = fn (array $slope): float => MemberReader::member(document(['slope' => $slope]))->angle;
    expect($angle(['by' => 'level']))
        ->toBe(0.0)
        ->and($angle(['by' => 'upright']))
        ->toBe(M_PI_2)
        ->and($angle(['by' => 'angle', 'value' => '-30 deg']))
        ->toBeNear(-M_PI / 6)
        ->and($angle(['by' => 'rise', 'value' => '3 m']))
        ->toBeNear(M_PI / 6);
});

// By hand: 6 m at 30°, plumb 5 kN/m, 2 kN/m on plan, 1 kN/m normal to it; head held plumb.
it('takes loads for a length, on plan and normal to the member', function (
    string $direction,
    float $normal,
    float $up,
): void {
    $design = design([
        'slope' => ['by' => 'angle', 'value' => '30 deg'],
        'supports' => [supportAt('0 m'), [...supportAt('6 m', 'roller'), 'holds' => 'vertical']],
        'loads' => [lineLoad('g', '5 kN/m', ['direction' => $direction])],
    ]);
    $case = resultOf($design)['reactions']['cases'][0];
    expect($case['load'])
        ->toBeNear($up * 1e3)
        ->and(array_sum($case['forces']))
        ->toBeNear($up * 1e3)
        ->and(array_sum($case['horizontal']))
        ->toBeNear(($direction === 'normal' ? -5 * 6 * sin(M_PI / 6) : 0.0) * 1e3, 1e-9, 1e3)
        ->and(weighing($design, 'bending')->demand)
        ->toBeNear(((1.35 * $normal * 36) / 8) * 1e6);
})->with([
    'plumb' => ['vertical', 5 * cos(M_PI / 6), 30.0],
    'on plan' => ['plan', 5 * cos(M_PI / 6) ** 2, 30 * cos(M_PI / 6)],
    'normal' => ['normal', 5.0, 30 * cos(M_PI / 6)],
]);

it('lets the self-weight of a post go into its foot', function (): void {
    $case = resultOf(post(['selfWeight' => true]))['reactions']['cases'][0];
    expect($case['forces'][0])
        ->toBeNear(6000 * section('IPE 300')->weight())
        ->and($case['forces'][1])
        ->toBeNear(0.0, 1e-9, 1e3)
        ->and($case['load'])
        ->toBeNear($case['forces'][0]);
});

it('turns a load beside the axis into a moment', function (): void {
    // 40 kN, 150 mm beside the axis at the head: 6 kNm, H = 1 kN.
    $result = resultOf(
        post([
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '40 kN',
                    'direction' => 'along',
                    'eccentricity' => '150 mm',
                ],
            ],
        ]),
    );
    expect($result['reactions']['cases'][0]['horizontal'])
        ->toEqualWithDelta([1000.0, -1000.0], 1e-6)
        ->and(array_column(array_filter($result['extremes'], fn (array $e): bool => $e['effect'] === 'M'), 'value'))
        ->toEqualWithDelta([-1.35 * 6e6], 1.0);
});

it('weighs a member with a small axial force without it, with a great one by interaction', function (): void {
    $load = fn (string $force): array => [
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => $force, 'direction' => 'along'],
        ],
    ];
    // 0.04 of N_cr,z: buckling may be left out below it.
    $Ncr = (M_PI ** 2 * 210e3 * section('IPE 300')->Iz) / 36e6;
    $ids = fn (Design $d): array => array_column($d->weighings, 'id');
    $small = post($load((0.039 * $Ncr) / 1.35.' N'));
    $great = post($load((0.041 * $Ncr) / 1.35.' N'));
    expect(weighing($small, 'axial')->ratio)
        ->toBeNull()
        ->and($small->verdict()->holds())
        ->toBeTrue()
        ->and($ids($small))
        ->not->toContain('buckling-axial')
        ->and(weighing($great, 'buckling-axial')->ratio)
        ->toBeGreaterThan(0.04)
        ->and($great->verdict()->holds())
        ->toBeTrue();
    // In tension only the sections count: a quarter of N_pl or half the web.
    $web = 0.5 * section('IPE 300')->hw * section('IPE 300')->tw * 235;
    expect($ids(post($load((-0.99 * $web) / 1.35.' N'))))
        ->not->toContain('bending-axial')
        ->and($ids(post($load((-1.01 * $web) / 1.35.' N'))))
        ->toContain('bending-axial')
        ->not->toContain('buckling-axial');
});

it('tells second order and warns below ten', function (): void {
    $Ncr = (M_PI ** 2 * 210e3 * section('IPE 300')->Iy) / 36e6;
    $result = resultOf(
        post([
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => $Ncr / 1.35 / 5 .' N',
                    'direction' => 'along',
                ],
                lineLoad('g', '2 kN/m', ['direction' => 'normal']),
            ],
        ]),
    );
    $second = $result['secondOrder'];
    $k = M_PI / sqrt(5);
    // q L² / 8 grows to q/k² (sec(kL/2) − 1).
    expect($second['factor'])
        ->toBeNear(5.0, 1e-5)
        ->and($second['enough'])
        ->toBeFalse()
        ->and($second['rows'][0]['first']['M'])
        ->toBeNear(1.35 * 9e6)
        ->and($second['rows'][0]['second']['M'])
        ->toBeNear(((1.35 * 2 * 36e6) / $k ** 2) * (1 / cos($k / 2) - 1), 1e-6)
        ->and($result['messages'][0])
        ->toContain('of second order are to be looked at');
    $buckled = resultOf(
        post([
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => $Ncr.' N',
                    'direction' => 'along',
                ],
            ],
        ]),
    );
    expect($buckled['secondOrder']['rows'][0]['second'])
        ->toBeNull()
        ->and($buckled['messages'][0])
        ->toContain('buckles in its plane');
    expect(resultOf(design())['secondOrder'])->toBeNull();
});

it('strains a member that is held twice when it warms up', function (): void {
    $design = design([
        'cases' => [['id' => 't', 'name' => 'Sun', 'category' => 'temperature']],
        'loads' => [['id' => 't1', 'case' => 't', 'kind' => 'warming', 'value' => '20 K']],
    ]);
    $N = 12e-6 * 20 * 210e3 * section('IPE 300')->A;
    expect(resultOf($design)['reactions']['cases'][0]['horizontal'])->toEqualWithDelta([$N, -$N], 1e-6 * $N);
});

it('weighs each section on its length', function (): void {
    $step = [
        'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']],
        'restraint' => [
            'top' => ['kind' => 'positions', 'positions' => ['2 m', '4 m']],
            'bottom' => ['kind' => 'supports'],
        ],
    ];
    $design = design($step, detail: Detail::Lines);
    $q = 1.35 * 5 + 1.5 * 10;
    // At 2 m the smaller section has q (2 · 6 − 4) / 2, in the middle the greater one q L² / 8.
    $small = ((($q * 4 * 2) / 2) * 1e6) / (section('IPE 300')->Wply * 235);
    $great = ((($q * 36) / 8) * 1e6) / (section('IPE 360')->Wply * 235);
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear(max($small, $great))
        ->and(weighing($design, 'bending')->remark)
        ->toContain($small > $great ? 'IPE 300' : 'IPE 360')
        ->and(count(weighing($design, 'bending')->ranges))
        ->toBe(3)
        ->and(weighing($design, 'bending')->x)
        ->toBeNear($small > $great ? 2000.0 : 3000.0, 1e-3)
        ->and(weighing($design, 'shear')->remark)
        ->toContain('IPE 300');
    // Held at both flanges where the section changes, each length has one section.
    $both = ['kind' => 'positions', 'positions' => ['2 m', '4 m']];
    expect(weighing($design, 'buckling')->clause)
        ->toBe('EN 1993-1-1, 6.3.4')
        ->and(weighing(design([...$step, 'restraint' => ['top' => $both, 'bottom' => $both]]), 'buckling')->clause)
        ->toBe('EN 1993-1-1, 6.3.2');
});

it('weighs a length with two sections by its own eigenvalue, or by its weakest one', function (): void {
    $of = fn (array $steps, string $section): float => (float) weighing(
        design(
            ['section' => $section, 'steps' => $steps, 'basis' => ['parameters' => ['rolledCurves' => false]]],
            detail: Detail::Lines,
        ),
        'buckling',
    )->ratio;
    $stepped = $of([['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 400']], 'IPE 330');
    // Between the one and the other section all along, which have the same curve.
    expect($stepped)->toBeLessThan($of([], 'IPE 330'))->toBeGreaterThan($of([], 'IPE 400'));
    // Twice the same section is no step.
    expect($of([['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 300']], 'IPE 300'))->toBeNear(
        $of([], 'IPE 300'),
        1e-4,
    );
    // No section of the two is the weaker one in all.
    $mixed = ['section' => 'HEA 200', 'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 400']]];
    $closed = weighing(design([...$mixed, 'basis' => ['parameters' => ['closedForms' => true]]]), 'buckling');
    expect(weighing(design($mixed), 'buckling')->ratio)
        ->toBeGreaterThan(0.3)
        ->and($closed->isCovered())
        ->toBeFalse()
        ->and($closed->remark)
        ->toContain('Restrain it where the section changes, or take the eigenvalue');
});

it('gives a length with another section its own weight', function (): void {
    $case = resultOf(
        design(['selfWeight' => true, 'steps' => [['from' => '0 m', 'to' => '3 m', 'section' => 'HEB 300']]]),
    )['reactions']['cases'][0];
    expect($case['load'])->toBeNear(3000 * (section('HEB 300')->weight() + section('IPE 300')->weight()));
});

it('has a shortlist of the main section for a stepped beam', function (): void {
    $design = design(['families' => ['IPE'], 'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']]]);
    foreach ($design->shortlist() as $row) {
        if ($row->make->name() === 'IPE 330') {
            expect($row->verdict->ratio)->toBeNear(
                (float) Verdict::of(
                    design([
                        'section' => 'IPE 330',
                        'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']],
                    ])->weighings,
                )->ratio,
            );
        }
    }
});

it('refuses collapse and influence lines where they are not computed', function (): void {
    $stepped = design(['steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']]]);
    expect((new CollapseCheck($stepped->collapseQuestion()))->toArray()['reason'])
        ->toContain('members of one section')
        ->and((new CollapseCheck(post(['selfWeight' => true])->collapseQuestion()))->toArray()['reason'])
        ->toContain('without axial force')
        ->and(fn () => Influence::of(post()->member, ['effect' => 'M', 'x' => '2 m', 'load' => '1 kN/m']))
        ->toThrow(InvalidMember::class, 'level members');
});

it('follows the build-ups of the job', function (): void {
    $basis = [
        'buildUps' => [
            [
                'name' => 'Floor',
                'layers' => [
                    ['name' => 'Concrete', 'thickness' => '120 mm', 'weight' => '25 kN/m³'],
                    ['name' => 'Services', 'thickness' => '', 'weight' => '0.3 kN/m²'],
                ],
            ],
        ],
    ];
    $member = MemberReader::member(
        document([
            'basis' => $basis,
            'loads' => [
                ['id' => 'f', 'case' => 'g', 'kind' => 'area', 'width' => '2 m', 'value' => '', 'buildUp' => 'Floor'],
            ],
        ]),
    );
    expect($member->loads[0]->start())
        ->toBeNear(2 * 3.3)
        ->and($member->loads[0]->buildUp?->layers[0][3])
        ->toBeNear(0.003);
});

// EN 1991-1-1, 6.3.1.2(11): (2 + (n − 2) ψ0) / n; offices, ψ0 = 0.7.
it('reduces with the number of storeys', function (string $storeys, float $factor): void {
    $load = MemberReader::member(document(['loads' => [lineLoad('q', '10 kN/m', ['storeys' => $storeys])]]))->loads[0];
    expect($load->start())
        ->toBeNear(10 * $factor)
        ->and($load->reduction?->factor)
        ->toBeNear($factor);
})->with([['1', 1.0], ['2', 1.0], ['3', (2 + 0.7) / 3], ['10', (2 + 8 * 0.7) / 10]]);

it('counts shear where it is asked for', function (): void {
    $w = fn (array $change): float => (float) weighing(
        design(['loads' => [lineLoad('g', '10 kN/m')], ...$change]),
        'deflection-total',
    )->demand;
    $s = section('IPE 300');
    $more = (10 * 36e6) / 8 / (81e3 * ($s->h - $s->tf) * $s->tw);
    expect($w(['shears' => true]) - $w([]))->toBeNear($more, 1e-9);
    // Forces of a beam on three supports then depend on the section.
    $three = ['length' => '12 m', 'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')]];
    expect(weighing(design([...$three, 'shears' => true]), 'bending')->demand)
        ->toBeLessThan((float) weighing(design($three), 'bending')->demand)
        ->and(design([...$three, 'shears' => true])->beam->dependsOnStiffness())
        ->toBeTrue();
});

it('gives the length of the pinned bar that buckles alike', function (): void {
    $cantilever = design([
        'slope' => ['by' => 'upright'],
        'supports' => [supportAt('0 m', 'fixed')],
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '10 kN', 'direction' => 'along'],
        ],
    ]);
    expect(resultOf($cantilever)['secondOrder']['rows'][0]['length'])->toBeNear(12000.0, 1e-5);
});

it('lets a step begin at the support that it almost lies on', function (): void {
    $member = MemberReader::member(
        document([
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
            'steps' => [
                ['from' => '6.0004 m', 'to' => '8 m', 'section' => 'IPE 360'],
                ['from' => '8.0003 m', 'to' => '11.9998 m', 'section' => 'IPE 330'],
            ],
        ]),
    );
    expect(SteelMake::of($member)->steps[0]->from)
        ->toBe(6000.0)
        ->and(SteelMake::of($member)->steps[1]->from)
        ->toBe(8000.0)
        ->and(SteelMake::of($member)->steps[1]->to)
        ->toBe(12000.0)
        ->and(count(SteelMake::of($member)->stretches()))
        ->toBe(3);
});

it('weighs a length with plates on its flanges', function (): void {
    $plated = [
        'from' => '2 m',
        'to' => '4 m',
        'section' => 'IPE 300',
        'plateWidth' => '120 mm',
        'plateThickness' => '10 mm',
    ];
    $design = design(
        ['steps' => [$plated], 'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]],
        detail: Detail::Lines,
    );
    $section = SteelMake::of($design->member)->steps[0]->section;
    $q = 1.35 * 5 + 15.0;
    $bare = section('IPE 300');
    expect($section->name)
        ->toBe('IPE 300 + 2 × 120×10')
        ->and($section->Wply)
        ->toBeNear($bare->Wply + 120 * 10 * 310)
        ->and(weighing($design, 'bending')->ratio)
        ->toBeNear(
            max(((($q * 4 * 2) / 2) * 1e6) / ($bare->Wply * 235), ((($q * 36) / 8) * 1e6) / ($section->Wply * 235)),
        )
        ->and(weighing($design, 'deflection-total')->ratio)
        ->toBeLessThan((float) weighing(design(), 'deflection-total')->ratio);
    // As welded, Table 6.4: curve c, beyond h/b = 2 curve d.
    expect((array) Profiles::of($section)->lateralCurve(true))
        ->toBe(['alpha' => 0.76, 'says' => 'as welded, h/b > 2: curve d'])
        ->and(Profiles::of(section('HEA 300')->with(new Plates(200, 10), ''))->lateralCurve(false)->alpha)
        ->toBe(0.49)
        ->and((array) Profiles::of($bare)->lateralCurve(true))
        ->toBe(['alpha' => 0.34, 'says' => 'h/b ≤ 2: curve b']);
    // b/t = 30 ≤ 33 ε, 40 > 38 ε (Table 5.2, internal parts).
    $class = fn (string $thickness): int => (new SteelSection(
        SteelMake::of(design(['steps' => [[...$plated, 'plateThickness' => $thickness]]])->member)->steps[0]->section,
        SteelGrade::S235,
        basis(),
    ))->class;
    expect($class('4 mm'))->toBe(1)->and($class('3 mm'))->toBe(3)->and($class('2.8 mm'))->toBe(4);
});

it('weighs each length in its grade', function (): void {
    $held = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    $design = design([
        ...$held,
        'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 300', 'grade' => 'S355']],
    ]);
    $q = 1.35 * 5 + 15.0;
    $W = section('IPE 300')->Wply;
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear(max(((($q * 4 * 2) / 2) * 1e6) / ($W * 235), ((($q * 36) / 8) * 1e6) / ($W * 355)))
        ->and(weighing($design, 'deflection-total')->ratio)
        ->toBeNear((float) weighing(design($held), 'deflection-total')->ratio, 1e-9);
    $lateral = fn (array $change): float => (float) weighing(
        design(['restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']], ...$change]),
        'buckling',
    )->ratio;
    // Between what both grades give alone.
    expect($lateral(['steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 300', 'grade' => 'S355']]]))
        ->toBeGreaterThan($lateral(['grade' => 'S355']))
        ->and(
            array_column(
                design(['steps' => [['from' => '0 m', 'to' => '6 m', 'section' => 'IPE 300', 'grade' => 'S355']]])
                    ->weighings,
                'ratio',
                'id',
            ),
        )
        ->toEqual(array_column(design(['grade' => 'S355'])->weighings, 'ratio', 'id'));
});
it('refuses plates that it does not cover', function (array $plate, string $path, string $says): void {
    try {
        design(['steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 300', ...$plate]]]);
        $errors = [];
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'message', 'path');
    }
    expect($errors[$path] ?? json_encode($errors))->toContain($says);
})->with([
    'wider than the flange' => [
        ['plateWidth' => '180 mm', 'plateThickness' => '10 mm'],
        'steps.0.plateWidth',
        'wider than the flanges',
    ],
    'without a thickness' => [['plateWidth' => '120 mm'], 'steps.0.plateThickness', 'Nothing is entered'],
    'thicker than the table' => [
        ['plateWidth' => '120 mm', 'plateThickness' => '90 mm'],
        'steps.0.plateThickness',
        'more than 80 mm',
    ],
]);

it('takes wind along that does not press', function (): void {
    $result = resultOf(
        post([
            'cases' => [
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-down'],
            ],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '5 kN',
                    'direction' => 'along',
                ],
                lineLoad('w', '2 kN/m', ['direction' => 'normal']),
            ],
        ]),
    );
    expect($result['secondOrder']['rows'][0]['arrangement'])
        ->toBe('Wind')
        ->and($result['secondOrder']['rows'][0]['first']['M'])
        ->toBeNear(1.5 * 9e6);
});

it('knows where equilibrium alone gives the forces', function (): void {
    $depends = fn (array $supports): bool => design([
        'slope' => ['by' => 'angle', 'value' => '20 deg'],
        'supports' => $supports,
    ])->beam->dependsOnStiffness();
    $plumb = fn (string $x): array => [...supportAt($x, 'roller'), 'holds' => 'vertical'];
    expect($depends([supportAt('0 m'), $plumb('6 m')]))
        ->toBeFalse()
        ->and($depends([supportAt('0 m'), supportAt('6 m')]))
        ->toBeTrue()
        ->and($depends([supportAt('0 m'), $plumb('3 m'), $plumb('6 m')]))
        ->toBeTrue()
        ->and($depends([supportAt('0 m'), supportAt('3 m', 'roller'), supportAt('6 m', 'roller')]))
        ->toBeFalse();
    // A shortlist that shares one solution weighs as each section for itself.
    $rafter = [
        'slope' => ['by' => 'angle', 'value' => '20 deg'],
        'supports' => [supportAt('0 m'), $plumb('6 m')],
        'families' => ['IPE'],
    ];
    foreach (design($rafter)->shortlist() as $row) {
        if (in_array($row->make->name(), ['IPE 240', 'IPE 360'], true)) {
            expect($row->verdict->ratio)->toBeNear(
                (float) design([...$rafter, 'section' => $row->make->name()])->verdict()->ratio,
                1e-6,
            );
        }
    }
});

it('takes the moments of a length whose ends are no breaks', function (): void {
    // Flange restrained at 1.5 m and 4.5 m, sections change at 2 m and 4 m: the smaller section has its greatest moment
    // at 2 m.
    $design = design(
        [
            'section' => 'IPE 330',
            'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 400']],
            'restraint' => [
                'top' => ['kind' => 'positions', 'positions' => ['1.5 m', '4.5 m']],
                'bottom' => ['kind' => 'supports'],
            ],
        ],
        detail: Detail::Lines,
    );
    $q = 1.35 * 5 + 15.0;
    $w = weighing($design, 'buckling');
    $small = ((($q * 4 * 2) / 2) * 1e6) / section('IPE 330')->Wply;
    $great = ((($q * 36) / 8) * 1e6) / section('IPE 400')->Wply;
    expect($w->clause)
        ->toBe('EN 1993-1-1, 6.3.4')
        ->and($w->demand)
        ->toBeNear($small > $great ? (($q * 4 * 2) / 2) * 1e6 : (($q * 36) / 8) * 1e6)
        ->and($w->ratio)
        ->toBeGreaterThan(max($small, $great) / 235 - 1e-9);
    // The envelope between two places within a segment.
    $envelope = $design->envelopes->moment;
    expect($envelope->extreme($design->ultimate(), 1, 0.0, 500.0, 1700.0)?->value)
        ->toBeNear((($q * 1.7 * 4.3) / 2) * 1e6)
        ->and($envelope->extreme($design->ultimate(), 1, 0.0, 500.0, 1700.0)?->x)
        ->toBeNear(1700.0);
});

it('does not fall over a hinge a hair beside a support', function (): void {
    foreach (['1.2 mm', '3 mm', '20 mm'] as $off) {
        $design = design([
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller'), supportAt('12 m', 'roller')],
            'hinges' => ["6 m + {$off}"],
            'loads' => [
                lineLoad('g', '5 kN/m'),
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '12 m',
                    'value' => '300 kN',
                    'direction' => 'along',
                ],
            ],
        ]);
        expect(json_encode(resultOf($design)))->toBeString()->and($design->verdict()->ratio)->toBeGreaterThan(0.0);
    }
});

it('tells the highest class of its sections', function (): void {
    // HEA 260 in S460 is class 3 in bending, IPE 300 class 1.
    $design = design(['grade' => 'S460', 'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'HEA 260']]]);
    expect(resultOf($design)['section']['class'])
        ->toBe('class 3')
        ->and(weighing($design, 'classification')->remark)
        ->toContain('HEA 260')
        ->toContain('class 3');
});

it('says where axial forces end in a support', function (): void {
    $push = [
        'loads' => [
            ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '6 m', 'value' => '50 kN', 'direction' => 'along'],
        ],
    ];
    // Two pinned supports: the force goes straight into the one that it acts at.
    expect(resultOf(design($push))['messages'])
        ->toContain(
            'More than one support holds the member along its axis: axial forces go into the nearest ones. Make those rollers that let it slide.',
        )
        ->and(resultOf(design($push))['reactions']['cases'][0]['horizontal'])
        ->toEqualWithDelta([0.0, 50e3], 1e-3);
    $rolls = design([...$push, 'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')]]);
    expect(implode(' ', resultOf($rolls)['messages']))
        ->not->toContain('More than one support')
        ->and(resultOf($rolls)['reactions']['cases'][0]['horizontal'])
        ->toEqualWithDelta([50e3, 0.0], 1e-3);
});

it('takes a force on plan as all of it', function (): void {
    $up = fn (string $direction): array => resultOf(
        design([
            'slope' => ['by' => 'angle', 'value' => '40 deg'],
            'supports' => [supportAt('0 m'), [...supportAt('6 m', 'roller'), 'holds' => 'vertical']],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '3 m',
                    'value' => '10 kN',
                    'direction' => $direction,
                ],
            ],
        ]),
    )['reactions']['cases'][0]['forces'];
    expect($up('plan'))
        ->toEqualWithDelta([5e3, 5e3], 1e-6)
        ->and($up('vertical'))
        ->toEqualWithDelta([5e3, 5e3], 1e-6);
});
