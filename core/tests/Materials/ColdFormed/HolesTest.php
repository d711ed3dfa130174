<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\ColdFormed;

require_once __DIR__.'/members.php';

use Waage\Checks\Detail;
use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Materials\ColdFormed\Holes;
use Waage\Materials\ColdFormed\SheetGrade;
use Waage\Materials\ColdFormed\Sizes;
use Waage\Materials\ColdFormed\Uplift;
use Waage\Member\InvalidMember;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;

const OPENINGS = ['shape' => 'round', 'depth' => '4 in', 'spacing' => '30 in', 'first' => '20 in'];

/** @param  array<string, mixed>  $change */
function pierced(array $change = [], array $member = []): Design
{
    return new Design(folded(['holes' => [...OPENINGS, ...$change]], $member)->member);
}

// An opening in the middle of the web takes d t of the area and t d³/12 of I; by hand.
it('has the net section at an opening', function (): void {
    $midline = Midline::folded(false, [200.0, 65.0, 20.0], 2.0, 3.0);
    [$gross, $net] = [new MidlineProperties($midline), new MidlineProperties($midline->withOpening(80.0))];
    expect($gross->A - $net->A)
        ->toBeNear(160.0, 1e-9)
        ->and($gross->Ix - $net->Ix)
        ->toBeNear((2 * 80 ** 3) / 12, 1e-9)
        ->and($gross->J - $net->J)
        ->toBeNear((80 * 8) / 3, 1e-9)
        ->and($net->Iz)
        ->toBeLessThan($gross->Iz);
});

// G3 by hand: c = h/2 − d_h/2.83, q_s = c/(54 t); G6: R_c with the nearest hole 20 in. less 1.5 in. of bearing away.
it('takes holes off shear and bearing', function (): void {
    [$plain, $pierced] = [folded(), pierced()];
    $h = 9 - 2 * (0.1875 + 0.059);
    $qs = min(1.0, ($h / 2 - 4 / 2.83) / 0.059 / 54);
    expect(lineOf($pierced, 'shear-span-1', 'V_n'))
        ->toBeNear($qs * lineOf($plain, 'shear-span-1', 'V_n'), 1e-9)
        ->and(lineOf($pierced, 'bearing-1', 'R_c'))
        ->toBeNear(min(1.0, 1.01 - (0.325 * 4) / $h + (0.083 * 18.5) / $h), 1e-9);
});

it('takes holes off bending, less than all of the web would', function (): void {
    [$plain, $pierced] = [folded(), pierced()];
    foreach (['bending', 'distortion'] as $id) {
        $ratio = of($pierced, "{$id}-span-1-sagging")->ratio / of($plain, "{$id}-span-1-sagging")->ratio;
        expect($ratio)->toBeGreaterThanOrEqual(1.0)->toBeLessThan(1.5);
    }
    expect(lineOf($pierced, 'bending-span-1-sagging', 'M_ynet'))
        ->toBeLessThan(lineOf($pierced, 'bending-span-1-sagging', 'M_y'))
        ->and(of($pierced, 'deflection-total')->ratio)
        ->toBeGreaterThan((float) of($plain, 'deflection-total')->ratio);
});

it('takes holes off columns', function (): void {
    $push = [
        'loads' => [
            [
                'id' => 'a',
                'case' => 'g',
                'kind' => 'point',
                'value' => '3 kip',
                'x' => '12 ft',
                'direction' => 'along',
                'name' => '',
                'remark' => '',
            ],
        ],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
    ];
    $of = fn (Design $d): float => (float) of($d, 'compression')->ratio;
    expect($of(pierced([], $push)))->toBeGreaterThan($of(folded([], $push)));
});

it('says where the rules for holes end', function (array $change, string $id): void {
    expect(of(pierced($change), $id)->state)->toBe(State::NotCovered);
})->with([
    'too deep' => [['depth' => '6.2 in'], 'holes'],
    'too close' => [['spacing' => '20 in'], 'holes'],
    'too small' => [['depth' => '0.4 in'], 'holes'],
    'slots too long' => [['shape' => 'slotted', 'depth' => '1.5 in', 'length' => '6 in'], 'holes'],
    'over a bearing' => [['first' => '0 in'], 'bearing-1'],
]);

it('says faults of holes at their fields', function (array $change, string $field): void {
    try {
        pierced($change);
        $paths = [];
    } catch (InvalidMember $e) {
        $paths = array_column($e->errors, 'path');
    }
    expect($paths)->toContain("coldFormed.holes.{$field}");
})->with([
    [['depth' => '9 in'], 'depth'],
    [['spacing' => '3 in'], 'spacing'],
    [['first' => '-1 in'], 'first'],
    [['shape' => 'slotted'], 'length'],
]);

it('finds the hole that is nearest to a bearing', function (): void {
    $holes = new Holes(true, 100.0, 100.0, 1000.0, 200.0);
    expect($holes->beside(0.0, 80.0, 5000.0))
        ->toBe(160.0)
        ->and($holes->beside(2250.0, 100.0, 5000.0))
        ->toBe(-100.0)
        ->and($holes->beside(1800.0, 100.0, 5000.0))
        ->toBe(350.0);
});

// AISI S100-16, C2.2.1 by hand: braced in the middle, half of the load between; P_L = 1.5 W m/d.
it('tells the force in bridging', function (): void {
    $design = new Design(
        folded(
            [],
            [
                'restraint' => [
                    'top' => ['kind' => 'positions', 'positions' => ['6 ft']],
                    'bottom' => ['kind' => 'positions', 'positions' => ['6 ft']],
                ],
            ],
        )->member,
        Detail::Lines,
    );
    $of = fn (string $symbol): float => lineOf($design, 'bridging', $symbol);
    expect($of('W'))
        ->toBeNear(0.1 * 6 * KIP, 1e-3)
        ->and($of('P_L'))
        ->toBeNear((1.5 * $of('W') * $of('m')) / (9 * INCH), 1e-9)
        ->and(of($design, 'bridging')->ratio)
        ->toBeNull();
});

// Table I6.2.1-1, from memory.
it('knows R of sections with one flange fastened', function (
    string $h,
    bool $isZ,
    bool $isContinuous,
    ?float $R,
): void {
    $sizes = new Sizes(
        \Waage\Materials\ColdFormed\SectionShape::from($isZ ? 'lipped Z' : 'lipped C'),
        (float) $h * INCH,
        65.0,
        20.0,
        2.0,
        3.0,
    );
    expect(Uplift::byTable($sizes, $isContinuous)?->R)->toBe($R);
})->with([
    ['6', false, false, 0.7],
    ['8', true, false, 0.65],
    ['10', false, false, 0.4],
    ['10', true, false, 0.5],
    ['8', true, true, 0.7],
    ['8', false, true, 0.6],
    ['14', true, true, null],
]);

it('weighs uplift with R in place of lateral buckling', function (): void {
    $up = [
        'cases' => [['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up']],
        'loads' => [
            ['id' => 'a', 'case' => 'w', 'kind' => 'line', 'value' => '60 lb/ft', 'name' => '', 'remark' => ''],
        ],
    ];
    $design = new Design(folded(['uplift' => 'table'], $up)->member);
    $id = 'bending-span-1-hogging';
    expect(lineOf($design, $id, 'M_nR'))
        ->toBeNear(0.4 * lineOf($design, $id, 'M_nl'), 1e-9)
        ->and(of($design, $id)->clause)
        ->toContain('I6.2.1')
        ->and(lineOf(folded(['uplift' => '0.55'], $up), $id, 'R'))
        ->toBe(0.55);
});

it('lets sheeting hold its flange, and restraints keep distortion short', function (): void {
    $of = fn (array $section): float => lineOf(folded($section), 'distortion-span-1-sagging', 'F_crd');
    expect($of(['sheetTurning' => '1000 N']))
        ->toBeGreaterThan($of(['sheetTurning' => '300 N']))
        ->and($of(['sheetTurning' => '300 N']))
        ->toBeGreaterThan($of([]))
        ->and($of(['distortionApart' => '14 in']))
        ->toBeGreaterThan($of([]))
        ->and($of(['distortionApart' => '20 ft']))
        ->toBe($of([]));
});

it('shares what acts between two back to back', function (): void {
    $two = folded(
        ['shape' => 'two lipped C'],
        ['restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']]],
    );
    $one = folded([], ['restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']]]);
    foreach (['bending-span-1-sagging', 'distortion-span-1-sagging', 'shear-span-1', 'deflection-total'] as $id) {
        expect((float) of($two, $id)->ratio)->toBeNear(of($one, $id)->ratio / 2, 1e-9);
    }
    // Loads in the plane between them do not twist them.
    expect(array_filter($two->weighings, fn ($w): bool => $w->id === 'twist'))
        ->toBe([])
        ->and($two->member->make->weight())
        ->toBeNear(2 * $one->member->make->weight());
});

// AS/NZS 4600, 1.5.1.4 and AISI S100-16, A3.1.3 (from memory).
it('counts a part of thin sheet of high strength', function (string $grade, float $t, float $yield): void {
    expect(SheetGrade::from($grade)->yield($t))->toBeNear($yield, 1e-6);
})->with([
    ['G550', 0.55, 410.0],
    ['G550', 0.75, 495.0],
    ['G550', 1.0, 550.0],
    ['S350GD', 2.0, 350.0],
    ['SS80', 1.0, 60 * 6.894757293],
    ['SS50', 1.0, 50 * 6.894757293],
]);

it('takes closed formulas where the engineer chooses them', function (): void {
    [$strips, $formulas] = [folded(), folded(['buckling' => 'formulas'])];
    // Appendix 2, element by element: the web, 24 π² E/(12 (1 − ν²)) (t/h)², is the least here.
    $web = ((24 * M_PI ** 2 * 203e3) / (12 * 0.91)) * (0.059 / (9 - 2 * (0.1875 + 0.059))) ** 2;
    expect(lineOf($formulas, 'bending-span-1-sagging', 'F_crl'))
        ->toBeNear($web, 1e-9)
        ->and(lineOf($formulas, 'distortion-span-1-sagging', 'F_crd'))
        ->toBeNear(lineOf($strips, 'distortion-span-1-sagging', 'F_crd'), 0.16)
        ->and(lineOf($formulas, 'distortion-span-1-sagging', 'F_crd'))
        ->not->toBe(lineOf($strips, 'distortion-span-1-sagging', 'F_crd'));
});

it('looks at the depths and thicknesses that are named, and tells the coating', function (): void {
    $rows = folded(['depths' => '8 in, 10 in', 'thicknesses' => '0.08 in'])->shortlist();
    expect(array_map(fn ($r): string => $r->make->name(), $rows))
        ->toHaveCount(2)
        ->and(folded(['coating' => '0.002 in'])->make->caption())
        ->toContain('0.0610 in with it');
    foreach ([['depths', 'deep'], ['coating', '2 in'], ['buckling', 'by eye']] as [$key, $value]) {
        expect(fn () => folded([$key => $value]))->toThrow(InvalidMember::class);
    }
});
