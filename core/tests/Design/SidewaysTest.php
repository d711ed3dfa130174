<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Reactions;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Materials\Steel\SteelGrade;
use Waage\Member\InvalidMember;

/** @return array<string, mixed> */
function pointLoad(string $x, string $value, string $direction, string $case = 'g'): array
{
    return [
        'id' => "{$x}{$value}{$direction}",
        'case' => $case,
        'kind' => 'point',
        'x' => $x,
        'value' => $value,
        'direction' => $direction,
    ];
}

/** @return array<string, array{value: float, x: float}> greatest of each effect whichever way, with its place */
function greatestOf(Design $design): array
{
    $most = [];
    foreach ((new Result($design, Show::envelope()))->extremes() as $e) {
        $name = (string) $e['effect'];
        if (abs((float) $e['value']) > abs($most[$name]['value'] ?? 0.0)) {
            $most[$name] = ['value' => (float) $e['value'], 'x' => (float) $e['x']];
        }
    }

    return $most;
}

it('bends the member sideways as the same loads would bend it downwards', function (): void {
    $loads = fn (string $direction): array => [
        lineLoad('g', '2 kN/m', ['direction' => $direction, 'from' => '1 m']),
        lineLoad('q', '5 kN/m', ['direction' => $direction, 'end' => '1 kN/m']),
        pointLoad('4.4 m', '7 kN', $direction, 'q'),
    ];
    $change = ['length' => '9 m', 'supports' => [supportAt('0 m'), supportAt('5 m'), supportAt('9 m')]];
    $down = greatestOf(design([...$change, 'loads' => $loads('vertical')]));
    $sideways = greatestOf(design([...$change, 'loads' => $loads('sideways')]));
    $stiffer = section('IPE 300')->Iy / section('IPE 300')->Iz;
    expect($sideways['Mz']['value'])
        ->toBeNear($down['M']['value'], 1e-9)
        ->and($sideways['Mz']['x'])
        ->toBeNear($down['M']['x'], 1e-9)
        ->and($sideways['Vy']['value'])
        ->toBeNear($down['V']['value'], 1e-9)
        ->and($sideways['v']['value'])
        ->toBeNear($down['w']['value'] * $stiffer, 1e-9)
        ->and($sideways)
        ->not->toHaveKeys(['M', 'V', 'w']);
});

it('spans sideways between the points of restraint of both flanges', function (): void {
    $held = fn (array $top, array $bottom): float => abs(
        greatestOf(
            design([
                'loads' => [lineLoad('g', '4 kN/m', ['direction' => 'sideways'])],
                'restraint' => [
                    'top' => ['kind' => 'positions', 'positions' => $top],
                    'bottom' => ['kind' => 'positions', 'positions' => $bottom],
                ],
            ]),
        )['Mz']['value'],
    );
    // w l² / 8 of two spans of 3 m over the middle; of the whole 6 m where one flange alone is held.
    expect($held(['3 m'], ['1 m', '3 m']))
        ->toBeNear((1.35 * 4 * 3000 ** 2) / 8, 1e-9)
        ->and($held(['2 m'], ['4 m']))
        ->toBeNear((1.35 * 4 * 6000 ** 2) / 8, 1e-9);
    $design = design([
        'loads' => [lineLoad('g', '4 kN/m', ['direction' => 'sideways'])],
        'restraint' => [
            'top' => ['kind' => 'positions', 'positions' => ['3 m']],
            'bottom' => ['kind' => 'positions', 'positions' => ['3 m']],
        ],
    ]);
    // 1.25 w l on the middle, 0.375 w l at the ends.
    [$case] = (new Reactions($design, $design->beam->sideways))->toArray()['cases'];
    expect($case['forces'][0])
        ->toBeNear(4500.0, 1e-9)
        ->and($case['forces'][1])
        ->toBeNear(15000.0, 1e-9)
        ->and($case['reaction'])
        ->toBeNear((float) $case['load'], 1e-9);
});

it('bends a post by a force in front of its axis', function (): void {
    $post = [
        'slope' => ['by' => 'upright'],
        'length' => '4 m',
        'supports' => [supportAt('0 m'), supportAt('4 m', 'roller')],
        'section' => 'HEB 160',
    ];
    $e = greatestOf(
        design([
            ...$post,
            'loads' => [[...pointLoad('4 m', '100 kN', 'along'), 'across' => '50 mm', 'eccentricity' => '-30 mm']],
        ]),
    );
    // At the head P e, falling straight to nothing at the foot; the front is pressed, so that the back is in tension.
    expect($e['Mz']['value'])
        ->toBeNear(-1.35 * 100e3 * 50, 1e-9)
        ->and($e['Mz']['x'])
        ->toBe(4000.0)
        ->and($e['M']['value'])
        ->toBeNear(1.35 * 100e3 * 30, 1e-9)
        // M L² / (9 √3 E I): a simple beam with a moment at one end.
        ->and($e['v']['value'])
        ->toBeNear((-100e3 * 50 * 4000 ** 2) / (9 * sqrt(3) * SteelGrade::E * section('HEB 160')->Iz), 1e-9);
});

// W_pl,z of the printed section tables (EN 10365 sizes, from memory): IPE 300 125.2, HEB 200 305.8, HEA 160 117.6 cm³.
it('weighs bending about the minor axis with the plastic modulus of the tables', function (
    string $name,
    float $W,
): void {
    $w = weighing(
        design(['section' => $name, 'loads' => [lineLoad('g', '2 kN/m', ['direction' => 'sideways'])]]),
        'sideways-bending',
    );
    expect($w->capacity)
        ->toBeNear($W * 1e3 * 235, 2e-3)
        ->and($w->demand)
        ->toBeNear((1.35 * 2 * 6000 ** 2) / 8, 1e-9);
})->with([['IPE 300', 125.2], ['HEB 200', 305.8], ['HEA 160', 117.6]]);

it('adds bending about both axes', function (): void {
    $design = design([
        'section' => 'HEB 200',
        'loads' => [lineLoad('g', '10 kN/m'), lineLoad('g', '3 kN/m', ['direction' => 'sideways'])],
    ]);
    $s = section('HEB 200');
    [$uy, $uz] = [(1.35 * 45e6) / ($s->Wply * 235), (1.35 * 13.5e6) / ($s->Wplz * 235)];
    // 6.2.9.1(6) with n = 0: squares about y-y.
    expect(weighing($design, 'bending-axial')->ratio)
        ->toBeNear($uy ** 2 + $uz, 1e-9)
        ->and(weighing($design, 'buckling-axial')->ratio)
        ->toBeNear((float) weighing($design, 'buckling')->ratio + $uz, 1e-9);
});

// By hand under 405 kN, 4.05 kN/m and 1.35 kN/m sideways over 4 m, Annex B with C_m = 0.95 (even loads, no moments at
// the ends). HEB 200, S235: χ 0.885 and 0.637, n 0.249 and 0.347, M_cr = 366 kNm, u_LT = 0.0581, u_z = 2.7/71.9 =
// 0.0376; k_yy 1.021, k_zz 1.306, k_yz 0.784, k_zy 0.958. IPE 360, S275, of class 3 in compression: χ 0.976 and 0.469,
// n 0.208 and 0.432, M_cr = 246 kNm, u_LT = 0.0530 with W_el, u_z = 2.7/33.8 = 0.0800; k_yy 0.986, k_zz = k_yz = 1.196,
// k_zy 0.969.
it('puts (6.61) and (6.62) together with both moments', function (
    string $section,
    string $grade,
    float $u1,
    float $u2,
): void {
    $design = design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '4 m',
            'supports' => [supportAt('0 m'), supportAt('4 m', 'roller')],
            'section' => $section,
            'grade' => $grade,
            'loads' => [
                pointLoad('4 m', '300 kN', 'along'),
                lineLoad('g', '3 kN/m', ['direction' => 'normal']),
                lineLoad('g', '1 kN/m', ['direction' => 'sideways']),
            ],
        ],
        detail: Detail::Lines,
    );
    expect(linesOf($design, 'buckling-axial')['u_1'])
        ->toBeNear($u1, 3e-3)
        ->and(weighing($design, 'buckling-axial')->ratio)
        ->toBeNear($u2, 3e-3);
})->with([['HEB 200', 'S235', 0.338, 0.4516], ['IPE 360', 'S275', 0.3556, 0.5787]]);

it('is never better with more load sideways, and the same whichever way it points', function (): void {
    $ratio = fn (string $value): float => (float) design([
        'loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', $value, ['direction' => 'sideways'])],
    ])->verdict()->ratio;
    expect($ratio('2 kN/m'))
        ->toBeGreaterThan($ratio('1 kN/m'))
        ->and($ratio('-2 kN/m'))
        ->toBeNear($ratio('2 kN/m'), 1e-9);
});

it('takes no notice of sideways loads where both flanges are continuously restrained', function (): void {
    $continuous = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    $design = design([
        ...$continuous,
        'loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '9 kN/m', ['direction' => 'sideways'])],
    ]);
    $without = design([...$continuous, 'loads' => [lineLoad('g', '5 kN/m')]]);
    expect($design->beam->sideways)
        ->toBeNull()
        ->and($design->verdict()->ratio)
        ->toBeNear((float) $without->verdict()->ratio, 1e-9)
        ->and((new Result($design, Show::envelope()))->toArray()['messages'])
        ->toContain('Lateral loads go into the continuous restraint of both flanges; they do not bend the member.');
});

it('refuses what it does not compute', function (array $change, string $says): void {
    try {
        $w = array_filter(
            design(['loads' => [lineLoad('g', '2 kN/m', ['direction' => 'sideways'])], ...$change])->weighings,
            fn ($w): bool => ! $w->isCovered(),
        );
        expect(array_values($w)[0]->remark ?? '')->toContain($says);
    } catch (InvalidMember $e) {
        expect($e->errors[0]->message)->toContain($says);
    }
})->with([
    'lifting off' => [
        ['liftsOff' => true, 'supports' => [supportAt('0 m'), ['bearsOnly' => true, ...supportAt('6 m')]]],
        'without lateral loads',
    ],
    'nothing to turn against' => [
        ['supports' => [['rotation' => '9000 kNm/rad', ...supportAt('0 m', 'elastic')]]],
        'Nothing restrains the member against the lateral loads',
    ],
    'a high shear force' => [['loads' => [pointLoad('0.1 m', '480 kN', 'sideways')]], 'high lateral shear force'],
]);

// By hand: each flange of an I section takes half; the lower one, 150 × 10.7 mm, bends under 1.35 · 1/2 kN/m over 6 m:
// 3.04 kNm over t_f b²/6 = 40.1 cm³, which is M_z over W_el,z but for the web.
it('bends the flange that is free where the other one is continuously restrained', function (array $standard): void {
    $of = fn (array $change): Design => design(
        [
            'loads' => [lineLoad('g', '2 kN/m'), lineLoad('g', '1 kN/m', ['direction' => 'sideways'])],
            ...$standard,
            ...$change,
        ],
        detail: Detail::Lines,
    );
    $held = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]];
    $w = weighing($of($held), 'sideways-bending');
    $factor = $standard === [] ? 1.35 : 1.4;
    $s = section('IPE 300');
    expect($w->demand / 1e6)
        ->toBeNear(($factor * 36) / 8)
        ->and($w->demand / $s->Welz)
        ->toBeNear((((($factor / 2) * 36) / 8) * 1e6) / ((10.7 * 150 ** 2) / 6), 0.01)
        ->and(implode(' ', $of($held)->checks->assumptions()))
        ->toContain('passes its part')
        // Held at midspan, it bends over half of the length.
        ->and(
            weighing(
                $of([
                    'restraint' => [
                        'top' => ['kind' => 'continuous'],
                        'bottom' => ['kind' => 'positions', 'positions' => ['3 m']],
                    ],
                ]),
                'sideways-bending',
            )->demand,
        )
        ->toBeNear((float) $w->demand / 4, 1e-6)
        ->and(weighing($of([...$held, 'section' => '½ HEB 300']), 'strength')->remark)
        ->toContain('sections with two flanges');
})->with(['EN' => [[]], 'AISC' => [['grade' => 'A992', 'basis' => ['combinations' => 'asce-7-22-lrfd']]]]);

it('is twisted by loads sideways above or below its shear centre', function (): void {
    $with = fn (string $height, array $more = []): Design => design([
        'section' => 'HEA 200',
        'loadHeight' => $height,
        'loads' => [lineLoad('g', '2 kN/m', ['direction' => 'sideways'])],
        ...$more,
    ]);
    $torque = fn (Design $d): ?float => $d->envelopes->torque?->greatest($d->ultimate(), 0.0)?->value;
    // 1.35 · 2 · 190/2 on half of 6 m.
    expect($torque($with('centre')))
        ->toBeNull()
        ->and(abs($torque($with('top')) ?? 0.0))
        ->toBeNear(1.35 * 2 * 95 * 3000)
        ->and(abs($torque($with('bottom')) ?? 0.0))
        ->toBeNear(1.35 * 2 * 95 * 3000)
        ->and(weighing($with('top'), 'torsion')->ratio)
        ->toBeGreaterThan(0.0)
        ->and(
            $torque(
                $with('top', ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]]),
            ),
        )
        ->toBeNull();
});
