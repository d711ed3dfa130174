<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Materials\Steel\En1993\EquivalentMoments;
use Waage\Materials\Steel\EndMoments;
use Waage\Member\InvalidMember;

/**
 * A column of 5 m, pinned at the foot and on a roller at the head, with nothing but rows.
 *
 * @param  list<array<string, string>>  $rows
 * @param  array<string, mixed>  $change
 */
function columnWith(array $rows, array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '5 m',
            'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
            'section' => 'HEB 200',
            'loads' => [],
            'endForces' => $rows,
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

/** @return array<string, float> */
function derived(Design $design, string $id): array
{
    return array_column(weighing($design, $id)->lines, 'result', 'symbol');
}

it('weighs every row, and names the one that governs', function (): void {
    $design = columnWith([
        ['name' => 'wind from the left', 'N' => '300 kN', 'My1' => '0 kNm', 'My2' => '40 kNm'],
        ['name' => 'snow', 'N' => '620 kN'],
        ['name' => 'uplift', 'N' => '-90 kN', 'My2' => '-55 kNm', 'Mz1' => '6 kNm'],
    ]);
    $s = section('HEB 200');
    expect(weighing($design, 'axial')->combination)
        ->toBe('ROW 2')
        ->and(weighing($design, 'axial')->ratio)
        ->toBeNear(620e3 / ($s->A * 235))
        ->and(weighing($design, 'bending')->combination)
        ->toBe('ROW 3')
        ->and(weighing($design, 'bending')->demand)
        ->toBeNear(55e6)
        ->and(weighing($design, 'bending')->x)
        ->toBeNear(5000.0)
        ->and(weighing($design, 'shear')->demand)
        ->toBeNear(11e3)
        ->and(weighing($design, 'sideways-bending')->demand)
        ->toBeNear(6e6);
    $combinations = array_column(
        (new Result($design, Show::fromText('combination:ROW 1')))->toArray()['combinations'],
        'text',
        'id',
    );
    expect($combinations['ROW 1'])
        ->toBe('wind from the left: N 300.0 kN, My2 40.0 kNm')
        ->and($combinations['ROW 3'])
        ->toContain('uplift: N -90.0 kN, My2 -55.0 kNm');
});

it('has the moments and forces of a row all along, whichever of them would help', function (): void {
    $result = (new Result(
        columnWith([['N' => '300 kN', 'My1' => '-20 kNm', 'My2' => '40 kNm', 'Mz2' => '3 kNm']]),
        Show::envelope(),
    ))->toArray();
    $at = function (array $curve, float $x): float {
        $piece = array_values(array_filter($curve, fn (array $p): bool => $p[0] <= $x && $x <= $p[1]))[0];

        return Waage\Analysis\Polynomial::value(array_slice($piece, 3), $x - $piece[0]);
    };
    foreach (['max', 'min'] as $side) {
        expect($at($result['envelope']['N'][$side], 2000.0))
            ->toBeNear(300e3)
            ->and($at($result['envelope']['M'][$side], 2500.0))
            ->toBeNear(10e6)
            ->and($at($result['envelope']['M'][$side], 5000.0))
            ->toBeNear(40e6)
            ->and($at($result['envelope']['Mz'][$side], 2500.0))
            ->toBeNear(1.5e6);
    }
});

it('agrees with the same forces as loads of one load case', function (): void {
    // Snow alone, with its factor of 1.5.
    $loads = [
        ['id' => 'n', 'case' => 'q', 'kind' => 'point', 'x' => '5 m', 'value' => '400 kN/1.5', 'direction' => 'along'],
        ['id' => 'a', 'case' => 'q', 'kind' => 'moment', 'x' => '0 m', 'value' => '25 kNm/1.5'],
        ['id' => 'b', 'case' => 'q', 'kind' => 'moment', 'x' => '5 m', 'value' => '-25 kNm/1.5'],
    ];
    $own = columnWith([], ['loads' => $loads, 'cases' => [['id' => 'q', 'name' => 'Q', 'category' => 'snow']]]);
    $row = columnWith([['N' => '400 kN', 'My1' => '25 kNm', 'My2' => '25 kNm']]);
    foreach (['axial', 'bending', 'bending-axial', 'buckling', 'buckling-axial'] as $id) {
        expect(weighing($row, $id)->ratio)->toBeNear((float) weighing($own, $id)->ratio, 1e-6, 1e-6);
    }
});

// EN 1993-1-1, Table B.3: 0.6 + 0.4 ψ ≥ 0.4: 1.0, 0.6, 0.4 for ψ = 1, 0, −1.
it('has the equivalent moments of Table B.3', function (float $start, float $end, float $C): void {
    expect((new EquivalentMoments(new EndMoments(EndMoments::ratio($start, $end))))->y())->toBeNear($C);
})->with([[20.0, 20.0, 1.0], [0.0, 30.0, 0.6], [-30.0, 30.0, 0.4], [10.0, -40.0, 0.5], [0.0, 0.0, 1.0]]);

it('puts (6.61) and (6.62) together by hand with the shape of the moments', function (): void {
    $l = derived(
        columnWith([['N' => '400 kN', 'My1' => '-15 kNm', 'My2' => '30 kNm', 'Mz1' => '4 kNm', 'Mz2' => '4 kNm']]),
        'buckling-axial',
    );
    // ψ_y = −0.5: C_my = C_mLT = 0.4; ψ_z = 1: C_mz = 1.
    $kyy = 0.4 * min(1 + ($l['lambda_y'] - 0.2) * $l['n_y'], 1 + 0.8 * $l['n_y']);
    $kzz = min(1 + (2 * $l['lambda_z'] - 0.6) * $l['n_z'], 1 + 1.4 * $l['n_z']);
    $kzy = max(1 - (0.1 * $l['lambda_z'] * $l['n_z']) / 0.15, 1 - (0.1 * $l['n_z']) / 0.15);
    expect($l['C_my'])
        ->toBe(0.4)
        ->and($l['C_mz'])
        ->toBeNear(1.0)
        ->and($l['k_yy'])
        ->toBeNear($kyy)
        ->and($l['k_zz'])
        ->toBeNear($kzz)
        ->and($l['k_zy'])
        ->toBeNear($kzy)
        ->and($l['u_1'])
        ->toBeNear($l['n_y'] + $kyy * $l['u_LT'] + 0.6 * $kzz * $l['u_z'])
        ->and($l['u_2'])
        ->toBeNear($l['n_z'] + $kzy * $l['u_LT'] + $kzz * $l['u_z']);
});

it('takes C_m = 1 where something holds the member in between', function (): void {
    $rows = [['N' => '400 kN', 'My1' => '-15 kNm', 'My2' => '30 kNm', 'Mz1' => '-4 kNm', 'Mz2' => '4 kNm']];
    $middle = ['kind' => 'positions', 'positions' => ['2.5 m']];
    $l = derived(columnWith($rows, ['restraint' => ['top' => $middle, 'bottom' => $middle]]), 'buckling-axial');
    expect([$l['C_my'], $l['C_mz'], $l['C_mLT']])->toBe([0.4, 1.0, 1.0]);
});

it('is at its limits flexural buckling alone, and bending alone', function (): void {
    $alone = columnWith([['N' => '500 kN']]);
    expect(weighing($alone, 'buckling-axial')->ratio)
        ->toBeNear(max(derived($alone, 'buckling-axial')['n_y'], derived($alone, 'buckling-axial')['n_z']))
        ->and(weighing($alone, 'bending')->ratio)
        ->toBe(0.0);
    $bent = columnWith([['My1' => '60 kNm', 'My2' => '60 kNm']]);
    expect(weighing($bent, 'bending')->ratio)
        ->toBeNear(60e6 / (section('HEB 200')->Wply * 235))
        ->and(array_column($bent->weighings, 'id'))
        ->not->toContain('buckling-axial');
});

it('stands beside loads of the member itself', function (): void {
    $design = columnWith(
        [['name' => 'frame', 'N' => '100 kN', 'My2' => '20 kNm']],
        ['loads' => [lineLoad('q', '12 kN/m', ['direction' => 'normal'])]],
    );
    expect(weighing($design, 'bending')->combination)
        ->toBe('STR 1')
        ->and(weighing($design, 'bending')->demand)
        ->toBeNear((1.5 * 12 * 25e6) / 8)
        ->and(weighing($design, 'axial')->combination)
        ->toBe('ROW 1')
        ->and(weighing($design, 'deflection-total')->ratio)
        ->toBeGreaterThan(0.0)
        ->and(array_column((new Result($design, Show::envelope()))->toArray()['reactions']['combinations'], 'id'))
        ->not->toContain('ROW 1');
});

it('finds the worst of many rows as the design of each row by itself', function (): void {
    $r = random(7);
    $rows = array_map(
        fn (int $i): array => [
            'name' => "c{$i}",
            'N' => $r->getInt(-100, 600).' kN',
            'My1' => $r->getInt(-60, 60).' kNm',
            'My2' => $r->getInt(-60, 60).' kNm',
            'Mz1' => $r->getInt(-8, 8).' kNm',
            'Mz2' => $r->getInt(-8, 8).' kNm',
        ],
        range(1, 25),
    );
    $all = columnWith($rows);
    $worst = [];
    foreach ($rows as $row) {
        foreach (columnWith([$row])->weighings as $w) {
            $worst[$w->id] = max($worst[$w->id] ?? 0.0, $w->ratio ?? 0.0);
        }
    }
    foreach (['axial', 'bending', 'bending-axial', 'buckling', 'buckling-axial', 'sideways-bending', 'shear'] as $id) {
        expect(weighing($all, $id)->ratio)->toBeNear($worst[$id], 2e-3);
    }
});

it('has a reserve: the factor on all rows until one of them tips', function (): void {
    $change = [
        'slope' => ['by' => 'upright'],
        'length' => '5 m',
        'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
        'section' => 'HEB 200',
        'loads' => [],
    ];
    $rows = fn (float $f): array => [
        'endForces' => [['N' => 300 * $f.' kN', 'My2' => 30 * $f.' kNm'], ['N' => 420 * $f.' kN']],
    ];
    $reserve = (new Waage\Design\Reserve(document([...$change, ...$rows(1.0)])))->toArray();
    expect($reserve['variable']['state'])
        ->toBe('none')
        ->and($reserve['all']['state'])
        ->toBe('found')
        ->and($reserve['all']['factor'])
        ->toBeGreaterThan(1.0)
        ->and(
            design([...$change, ...$rows($reserve['all']['factor'])])
                ->verdict()
                ->holds(),
        )
        ->toBeTrue()
        ->and(
            design([...$change, ...$rows($reserve['all']['factor'] * 1.003)])
                ->verdict()
                ->holds(),
        )
        ->toBeFalse();
});

it('refuses what could not act, at the field', function (array $row, array $change, string $path, string $says): void {
    try {
        columnWith([['name' => 'a'], $row], $change);
        $errors = [];
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'message', 'path');
    }
    expect($errors[$path] ?? json_encode($errors))->toContain($says);
})->with([
    'two supports along' => [
        ['N' => '10 kN'],
        ['supports' => [supportAt('0 m'), supportAt('5 m')]],
        'endForces.1.N',
        'Make all but one of them rollers',
    ],
    'a fixed foot' => [
        ['My1' => '10 kNm'],
        ['supports' => [supportAt('0 m', 'fixed'), supportAt('5 m', 'roller')]],
        'endForces.1.My1',
        'would go straight into it',
    ],
    'continuously restrained' => [
        ['Mz2' => '10 kNm'],
        ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]],
        'endForces.1.Mz2',
        'cannot bend laterally',
    ],
    'a length for a force' => [['N' => '10 m'], [], 'endForces.1.N', 'force'],
    'nonsense' => [['My2' => 'much'], [], 'endForces.1.My2', 'much'],
]);

it(
    'is on the sheet: all rows with what they govern on the full one, those that govern on the brief one',
    function (): void {
        $rows = [
            ['name' => 'Wind', 'N' => '200 kN', 'My2' => '50 kNm'],
            ['name' => 'Nothing much', 'N' => '20 kN'],
            ['name' => 'Snow', 'N' => '500 kN'],
        ];
        $change = [
            'slope' => ['by' => 'upright'],
            'length' => '5 m',
            'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
            'section' => 'HEB 200',
            'loads' => [],
            'endForces' => $rows,
        ];
        expect(sheetText($change, true))
            ->toContain('3 rows of forces at the ends')
            ->toContain('Nothing much')
            ->toContain('Axial force 0.273')
            ->not->toContain('Combinations of actions')
            ->and(sheetText($change, false))
            ->toContain('those that govern')
            ->toContain('Snow')
            ->not->toContain('Nothing much');
    },
);
