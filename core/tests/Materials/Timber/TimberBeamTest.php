<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Loading\LoadDuration;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\ServiceClass;
use Waage\Materials\Timber\Suite;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * A joist of 4.2 m, 75×225 C24, that carries 0.6 and 2 kN/m² on 0.4 m (domestic).
 *
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function joist(array $change = []): array
{
    return array_replace_recursive(
        [
            'format' => 'waage-member',
            'version' => 5,
            'material' => 'timber',
            'timber' => ['width' => '75 mm', 'depth' => '225 mm', 'grade' => 'C24'],
            'length' => '4.2 m',
            'selfWeight' => false,
            'loadHeight' => 'top',
            'supports' => [
                ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '100 mm'],
                ['x' => '4.2 m', 'kind' => 'roller', 'bearing' => '100 mm'],
            ],
            'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
            'cases' => [
                ['id' => 'g', 'name' => 'Floor', 'category' => 'permanent'],
                ['id' => 'q', 'name' => 'People', 'category' => 'A'],
            ],
            'loads' => [
                ['id' => 'a', 'case' => 'g', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => '0.24 kN/m'],
                ['id' => 'b', 'case' => 'q', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => '0.8 kN/m'],
            ],
        ],
        $change,
    );
}

/** @param  array<string, mixed>  $change */
function joistDesign(array $change = []): Design
{
    return new Design(MemberReader::member(joist($change)));
}

// EN 338:2016 and EN 1995-1-1, Tables 3.1 and 3.2, from memory.
it('has the values of the tables', function (): void {
    $c24 = Grade::of(Suite::En1995, 'C24', 75.0, 225.0)?->values;
    expect([$c24?->bending, $c24?->shear, $c24?->across, $c24?->E, $c24?->E05, $c24?->densityK])
        ->toBe([24.0, 4.0, 2.5, 11000.0, 7400.0, 350.0])
        ->and(ServiceClass::Dry->kMod(LoadDuration::Medium))
        ->toBe(0.8)
        ->and(ServiceClass::Exposed->kMod(LoadDuration::Instantaneous))
        ->toBe(0.9)
        ->and(ServiceClass::Covered->kDef())
        ->toBe(0.8);
    // EN 384: E_0,05 is 0.67 of the mean of softwood, G a sixteenth; f_t,0 about 0.6 f_m.
    foreach (Grade::names(Suite::En1995) as $name) {
        $of = $name[0] === 'C' ? Grade::of(Suite::En1995, $name, 75.0, 225.0)?->values : null;
        if ($of !== null) {
            expect($of->E05 / $of->E)
                ->toBeNear(0.67, 0.02)
                ->and($of->G / $of->E)
                ->toBeNear(1 / 16, 0.02)
                ->and($of->tension / $of->bending)
                ->toBeNear(0.6, 0.15);
        }
    }
});

// By hand: q_d = 1.35 · 0.24 + 1.5 · 0.8 = 1.524 kN/m, M = 3.360 kNm, W = 632.8 cm³: 5.31 N/mm² against 0.8 · 24/1.3 =
// 14.77. V = 3.200 kN, τ = 1.5 · 3200/(0.67 · 75 · 225) = 0.4246 against 0.8 · 4/1.3 = 2.462. Bearing 3200/(75 · 130)
// against 1.5 · 0.8 · 2.5/1.3.
it('is weighed in bending, shear and bearing', function (): void {
    $design = joistDesign();
    expect(weighing($design, 'bending')->ratio)
        ->toBeNear(5.3107 / 14.769, 1e-3)
        ->and(weighing($design, 'shear')->ratio)
        ->toBeNear(0.42463 / 2.4615, 1e-3)
        ->and(weighing($design, 'bearing-1')->ratio)
        ->toBeNear(3200.4 / (75 * 130) / ((1.5 * 0.8 * 2.5) / 1.3), 1e-3)
        // Uniform load on the upper edge: l_ef = 0.9 · 4200 + 2 · 225 = 4230 mm.
        // σ_crit = 0.78 · 75² · 7400/(225 · 4230) = 34.11, λ_rel,m = 0.8388, k_crit = 1.56 − 0.75 λ = 0.9309.
        ->and(weighing($design, 'buckling')->ratio)
        ->toBeNear(5.3107 / 14.769 / 0.9309, 1e-3);
});

// w = 5 q L⁴/384 EI with I = 7119 cm⁴; k_def = 0.6, ψ_2 = 0.3: 0.24 · 1.6 + 0.8 (1 + 0.18) in the end.
it('deflects at once and in the end', function (): void {
    $of = fn (float $q): float => (5 * $q * 4200 ** 4) / ((384 * 11000 * 75 * 225 ** 3) / 12);
    expect(weighing(joistDesign(), 'deflection-variable')->demand)
        ->toBeNear($of(1.04), 1e-6)
        ->and(weighing(joistDesign(), 'deflection-total')->demand)
        ->toBeNear($of(0.24 * 1.6 + 0.8 * 1.18), 1e-6);
});

it('takes k_mod by the shortest action, and looks at what is left without it', function (): void {
    $snow = [
        'cases' => [2 => ['id' => 's', 'name' => 'Snow', 'category' => 'snow']],
        'loads' => [
            2 => ['id' => 'c', 'case' => 's', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => '0.01 kN/m'],
        ],
    ];
    // So little snow would lift k_mod from 0.8 to 0.9: without it the joist is weighed as before.
    expect(weighing(joistDesign($snow), 'bending')->ratio)->toBeNear(
        (float) weighing(joistDesign(), 'bending')->ratio,
        1e-9,
    );
    // Permanent load alone may govern: 1.35 g with k_mod 0.6.
    $heavy = joistDesign(['loads' => [['value' => '2 kN/m'], ['value' => '0.1 kN/m']]]);
    expect(weighing($heavy, 'bending')->ratio)->toBeNear(
        (((1.35 * 2 * 4.2 ** 2) / 8) * 1e6) / ((75 * 225 ** 2) / 6) / ((0.6 * 24) / 1.3),
        1e-4,
    );
    $long = joistDesign(['cases' => [1 => ['duration' => 'long']]]);
    expect(weighing($long, 'bending')->ratio)->toBeNear(
        ((float) weighing(joistDesign(), 'bending')->ratio * 0.8) / 0.7,
        1e-6,
    );
});

it('is weaker as it gets moister, and stronger as it shares its load', function (): void {
    $u = fn (array $timber, string $id): float => (float) weighing(joistDesign(['timber' => $timber]), $id)->ratio;
    expect($u(['serviceClass' => '3'], 'bending'))
        ->toBeNear(($u([], 'bending') * 0.8) / 0.65, 1e-6)
        ->and($u(['sharesLoad' => true], 'bending'))
        ->toBeNear($u([], 'bending') / 1.1, 1e-6)
        ->and($u(['serviceClass' => '2'], 'deflection-total'))
        ->toBeGreaterThan($u([], 'deflection-total'))
        // k_h below 150 mm.
        ->and($u(['depth' => '149.99 mm'], 'bending'))
        ->toBeNear($u(['depth' => '150 mm'], 'bending'), 1e-3)
        ->and($u(['depth' => '75 mm'], 'bending'))
        ->toBeLessThan((4 * $u(['depth' => '150 mm'], 'bending')) / 1.14);
});

it(
    'never buckles where the compressed edge is restrained, and has no jump at the borders of k_crit',
    function (): void {
        expect(weighing(joistDesign(['restraint' => ['top' => ['kind' => 'continuous']]]), 'buckling')->state)->toBe(
            State::NotNeeded,
        );
        $last = 0.0;
        foreach (range(60, 40, -1) as $b) {
            $ratio = (float) weighing(joistDesign(['timber' => ['width' => "{$b} mm"]]), 'buckling')->ratio;
            expect($ratio)
                ->toBeGreaterThan($last)
                ->toBeLessThan($last === 0.0 ? INF : 1.12 * $last);
            $last = $ratio;
        }
    },
);

it('says what it does not weigh', function (array $change, string $id): void {
    expect(weighing(joistDesign($change), $id)->state)
        ->toBe(State::NotCovered)
        ->and(joistDesign($change)->verdict()->holds())
        ->toBeFalse();
})->with([
    'torsion' => [
        [
            'loads' => [
                2 => [
                    'id' => 'n',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '2 m',
                    'value' => '1 kN',
                    'across' => '80 mm',
                    'name' => '',
                    'remark' => '',
                ],
            ],
        ],
        'torsion',
    ],
    'other combinations' => [['basis' => ['combinations' => 'as-nzs-1170']], 'strength'],
]);

it('tells faults at the fields of its block', function (array $timber, string $path): void {
    try {
        MemberReader::member(joist(['timber' => $timber]));
        $paths = [];
    } catch (InvalidMember $e) {
        $paths = array_column($e->errors, 'path');
    }
    expect($paths)->toBe([$path]);
})->with([
    [['width' => '75 furlongs'], 'timber.width'],
    [['grade' => 'C99'], 'timber.grade'],
    [['serviceClass' => '4'], 'timber.serviceClass'],
    [['depth' => '2 m'], 'timber.depth'],
    [['grade' => 'SPF No.1/No.2'], 'timber.grade'],
    [['spacing' => '0 mm'], 'timber.spacing'],
    [['notches' => [['support' => 1, 'depth' => '230 mm', 'x' => '50 mm']]], 'timber.notches.0.depth'],
    [['fire' => 'R90', 'fireSides' => 3], 'timber.fire'],
    [
        [
            'grade' => 'LVL',
            'properties' => [
                'bending' => '44 MPa',
                'shear' => '4 MPa',
                'tension' => '30 MPa',
                'compression' => '35 MPa',
                'across' => '6 MPa',
                'E' => '13800 MPa',
            ],
        ],
        'timber.properties.E05',
    ],
]);

it('weighs the sizes of its shortlist as the member itself', function (): void {
    foreach (joistDesign()->shortlist() as $row) {
        if ($row->make->name() === '50×200') {
            expect($row->verdict->ratio)->toBeNear(
                (float) (new Design(MemberReader::member(array_replace_recursive(joist(), $row->make->patch()))))->verdict()
                    ->ratio,
                1e-9,
            );
        }
    }
    expect(count(joistDesign()->shortlist()))->toBe(69);
});

it('does not let permanent load go again', function (): void {
    expect(fn (): Member => MemberReader::member(joist(['cases' => [['duration' => 'short']]])))->toThrow(
        InvalidMember::class,
        'stays for good',
    );
});
