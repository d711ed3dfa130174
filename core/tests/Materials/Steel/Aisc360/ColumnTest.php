<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\Aisc360\BeamColumn;
use Waage\Materials\Steel\Aisc360\Compression;
use Waage\Materials\Steel\Aisc360\Method;
use Waage\Materials\Steel\Column;
use Waage\Materials\Steel\EndMoments;
use Waage\Materials\Steel\SteelGrade;

require_once __DIR__.'/shapes.php';

/** P_n of a column, lengths in feet; N. */
function pressedColumn(string $name, float $Lx, float $Ly, SteelGrade $grade = SteelGrade::A992): float
{
    $shape = shape($name, $grade);

    return (new Compression($shape))->nominal(
        (M_PI ** 2 * $shape->E * $shape->section->Iy) / ($Lx * FOOT) ** 2,
        $Ly * FOOT,
        $Ly * FOOT,
    );
}

// AISC Design Examples, E.1A (W14×132, 30 ft), E.1C (W14×90, 30 ft and 15 ft), H.1A (W14×99, 14 ft), kips; from memory.
it('agrees with the published design examples in compression', function (
    string $name,
    float $Lx,
    float $Ly,
    float $LRFD,
    float $ASD,
): void {
    expect((0.9 * pressedColumn($name, $Lx, $Ly)) / KIP)
        ->toBeNear($LRFD, 0.01)
        ->and(pressedColumn($name, $Lx, $Ly) / 1.67 / KIP)
        ->toBeNear($ASD, 0.01);
})->with([['W14X132', 30, 30, 893, 594], ['W14X90', 30, 15, 928, 618], ['W14X99', 14, 14, 1130, 751]]);

// F.5 (W12×58, weak axis, 122 kip-ft), G.6 (W21×48, weak axis, 189 kips), H.1A (W14×99: 311 kip-ft about the weak axis,
// 642 about the strong one with L_b = 14 ft); from memory.
it('agrees with the published design examples in bending and shear', function (): void {
    expect((0.9 * shape('W12X58')->weakMoment()) / KIP / FOOT)
        ->toBeNear(122, 0.01)
        ->and((0.9 * shape('W14X99')->weakMoment()) / KIP / FOOT)
        ->toBeNear(311, 0.01)
        ->and(shape('W21X48')->weakShear(Method::LRFD) / KIP)
        ->toBeNear(189, 0.01)
        ->and(
            (0.9 *
                shape('W14X99')
                    ->lateral()
                    ->nominal(14 * FOOT, 1.0)) /
                KIP /
                FOOT,
        )
        ->toBeNear(642, 0.01);
});

/** @param  array{float, float}  $P  compression, tension */
function pressedAndBent(
    string $name,
    Method $method,
    array $P,
    float $bending,
    float $sideways,
    EndMoments $moments = new EndMoments(),
    float $L = 14 * FOOT,
): BeamColumn {
    $combination = new Combination('STR 1', Purpose::Strength, '', 1.0, [], '');

    return new BeamColumn(
        shape($name),
        $method,
        'ANSI/AISC 360-16',
        new Column($combination, $P[0], $P[1], INF, [$L, $L, $L], $moments, new Place(0.0, 'STR 1')),
        $bending,
        $sideways,
        $L,
    );
}

// H.1A: P_u = 400 kips, M_ux = 250 and M_uy = 80 kip-ft, of second order: 0.354 + 8/9 (0.389 + 0.257) = 0.928. The
// moments are divided by B_1 of the elastic critical forces here, which the weighing multiplies again.
it('agrees with the published design example of all together', function (): void {
    $s = section('W14X99');
    $E = 29000 * 6.894757;
    [$Bx, $By] = array_map(fn (float $I): float => 1 / (1 - (400 * KIP) / ((M_PI ** 2 * $E * $I) / (14 * FOOT) ** 2)), [
        $s->Iy,
        $s->Iz,
    ]);
    $weighings = pressedAndBent(
        'W14X99',
        Method::LRFD,
        [400 * KIP, 0.0],
        250 / 642 / $Bx,
        (80 * KIP * FOOT) / $By,
    )->weigh(Detail::Verdict);
    expect($weighings[0]->ratio)->toBeNear(0.354, 0.01)->and($weighings[1]->ratio)->toBeNear(0.928, 0.01);
});

it('runs on at a fifth of the axial strength, and at its limits', function (): void {
    $Pc = 0.9 * pressedColumn('W14X99', 14, 14);
    $u = fn (float $p, float $m): float => (float) pressedAndBent(
        'W14X99',
        Method::LRFD,
        [$p * $Pc, 0.0],
        $m,
        0.0,
    )->weigh(Detail::Verdict)[1]->ratio;
    // Both formulas meet where the member is just strong enough: at 0.9 of the bending strength, which B_1 is part of.
    $B = 1 / (1 - (0.2 * $Pc) / ((M_PI ** 2 * 29000 * 6.894757 * section('W14X99')->Iy) / (14 * FOOT) ** 2));
    expect($u(0.2 * (1 - 1e-9), 0.9 / $B))
        ->toBeNear($u(0.2, 0.9 / $B), 1e-6)
        ->and($u(0.2, 0.9 / $B))
        ->toBeNear(1.0, 1e-6)
        ->and($u(1.0, 0.0))
        ->toBeNear(1.0)
        ->and(pressedAndBent('W14X99', Method::LRFD, [0.0, 0.0], 0.7, 0.0)->weigh(Detail::Verdict)[0]->ratio)
        ->toBe(0.7);
});

it('lets moments that run straight count for less, and amplifies what bends between the ends', function (): void {
    $u = fn (?float $psi, Method $method = Method::LRFD): float => (float) pressedAndBent(
        'W8X31',
        $method,
        [60 * KIP, 0.0],
        0.4,
        0.0,
        new EndMoments($psi),
    )->weigh(Detail::Verdict)[1]->ratio;
    expect($u(-1.0))
        ->toBeLessThan($u(null))
        ->and($u(1.0))
        ->toBe($u(null))
        ->and($u(null, Method::ASD))
        ->toBeGreaterThan($u(null));
});

it('falls with length, and runs on where buckling becomes elastic', function (string $name, SteelGrade $grade): void {
    $before = INF;
    for ($L = 1.0; $L < 60.0; $L += 0.25) {
        $P = pressedColumn($name, $L, $L, $grade);
        expect($P)
            ->toBeLessThan($before)
            ->and($before === INF ? 1.0 : $P / $before)
            ->toBeGreaterThan(0.85);
        $before = $P;
    }
    // Squashed where it cannot buckle, less what slender parts lose.
    expect((new Compression(shape($name, $grade)))->nominal(INF, 0.0, 0.0))->toBeLessThanOrEqual(
        section($name)->A * shape($name, $grade)->Fy * (1 + 1e-12),
    );
})
    ->with(['W14X90', 'W16X26', 'W10X12', 'IPE 300'])
    ->with([SteelGrade::A992, SteelGrade::A913]);

// E7 by hand: W16×26 squashed, h/t_w = 56.8 above 1.49 √(29000/50) = 35.9: F_el = (1.31 · 35.88/56.82)² · 50 = 34.2
// ksi, h_e = 14.206 (1 − 0.18 √0.6845) √0.6845 = 10.00 in, A_e = 7.67 − 4.21 · 0.25 = 6.62 in².
it('leaves out what slender webs lose', function (): void {
    $shape = shape('W16X26');
    expect($shape->web)
        ->toBeNear(56.82, 1e-3)
        ->and((new Compression($shape))->nominal(INF, 0.0, 0.0) / KIP)
        ->toBeNear(50 * (section('W16X26')->A / INCH ** 2 - (14.206 - 10.004) * 0.25), 1e-3);
});

/** @param  array<string, mixed>  $change */
function americanColumn(array $change = []): Design
{
    return design([
        'length' => '14 ft',
        'section' => 'W10X49',
        'grade' => 'A992',
        'slope' => ['by' => 'upright'],
        'supports' => [supportAt('0 ft'), supportAt('14 ft', 'roller')],
        'loads' => [
            [
                'id' => 'p',
                'case' => 'g',
                'kind' => 'point',
                'direction' => 'along',
                'x' => '14 ft',
                'value' => '60 kip',
            ],
            [
                'id' => 'p2',
                'case' => 'q',
                'kind' => 'point',
                'direction' => 'along',
                'x' => '14 ft',
                'value' => '90 kip',
            ],
            lineLoad('q', '0.4 kip/ft', ['direction' => 'normal']),
        ],
        'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
        ...$change,
    ]);
}

// 1.2 · 60 + 1.6 · 90 = 216 kips; with ASD 60 + 90 = 150 kips.
it('weighs a column with everything that acts on it', function (string $rules, float $P): void {
    $design = americanColumn(['basis' => ['combinations' => $rules, 'units' => 'us']]);
    $axial = weighing($design, 'axial');
    expect($axial->demand)
        ->toBeNear($P * KIP, 1e-6)
        ->and($axial->title)
        ->toBe('Compression')
        ->and(weighing($design, 'bending-axial')->ratio)
        ->toBeGreaterThan((float) $axial->ratio)
        ->and($design->verdict()->holds())
        ->toBeTrue();
})->with([['asce-7-22-lrfd', 216.0], ['asce-7-16-asd', 150.0]]);

it('weighs bending about both axes, ties, and rows of end forces', function (): void {
    $both = americanColumn([
        'loads' => [
            lineLoad('q', '0.4 kip/ft', ['direction' => 'normal']),
            ['id' => 's', 'case' => 'g', 'kind' => 'line', 'direction' => 'sideways', 'value' => '0.2 kip/ft'],
        ],
    ]);
    $u = (float) weighing($both, 'bending-axial')->ratio;
    expect($u)
        ->toBeGreaterThan((float) weighing($both, 'sideways-bending')->ratio)
        ->and(weighing($both, 'sideways-shear')->ratio)
        ->toBeGreaterThan(0.0);
    $tie = americanColumn([
        'loads' => [
            [
                'id' => 'p',
                'case' => 'g',
                'kind' => 'point',
                'direction' => 'along',
                'x' => '14 ft',
                'value' => '-100 kip',
            ],
        ],
    ]);
    expect(weighing($tie, 'axial')->title)
        ->toBe('Tension')
        ->and(weighing($tie, 'axial')->capacity)
        ->toBeNear(0.9 * shape('W10X49')->Fy * section('W10X49')->A);
});

it(
    'weighs axial force where the section changes: as the plain member where it does not in truth, between both where it does',
    function (): void {
        $of = fn (array $change): Design => americanColumn($change);
        $step = fn (string $section): array => ['steps' => [['from' => '4 ft', 'to' => '8 ft', 'section' => $section]]];
        foreach (['axial', 'bending-axial'] as $id) {
            expect(weighing($of($step('W10X49')), $id)->ratio)->toBeNear((float) weighing($of([]), $id)->ratio, 2e-3);
        }
        // Stiffer in the middle it buckles later; the lightest section is strained the most.
        $mixed = weighing($of($step('W10X77')), 'axial');
        expect($mixed->ratio)
            ->toBeLessThan((float) weighing($of([]), 'axial')->ratio)
            ->toBeGreaterThan((float) weighing($of(['section' => 'W10X77']), 'axial')->ratio)
            ->and($mixed->remark)
            ->toContain('W10×49');
        $sideways = $of([...$step('W12X50'), 'loads' => [lineLoad('g', '1 kip/ft', ['direction' => 'sideways'])]]);
        expect(weighing($sideways, 'sideways-bending')->ratio)
            ->toBeGreaterThan(0.0)
            ->and(weighing($sideways, 'bending-axial')->title)
            ->toContain('both axes');
        // Of one and the same section it is the plain member.
        foreach (['sideways-bending', 'sideways-shear', 'bending-axial'] as $id) {
            $pushed = fn (array $change): float => (float) weighing(
                $of([
                    ...$change,
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '10 ft',
                            'value' => '40 kip',
                            'direction' => 'along',
                        ],
                        lineLoad('g', '0.2 kip/ft', ['direction' => 'sideways']),
                    ],
                ]),
                $id,
            )->ratio;
            expect($pushed($step('W10X49')))->toBeNear($pushed([]), 1e-6);
        }
    },
);

// (H3-6) adds P_r/P_c and M_r/M_c as they are, not as H1.1 does.
it('adds axial force and bending of a twisted hollow section', function (): void {
    $design = design(
        [
            'length' => '4 m',
            'section' => 'HSS 8×4×1/4',
            'grade' => 'A500 C',
            'basis' => ['combinations' => 'asce-7-22-lrfd'],
            'supports' => [supportAt('0 m'), supportAt('4 m', 'roller')],
            'loads' => [
                lineLoad('g', '12 kN/m', ['across' => '300 mm']),
                [
                    'id' => 'n',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '4 m',
                    'value' => '60 kN',
                    'direction' => 'along',
                ],
            ],
        ],
        detail: Detail::Lines,
    );
    $lines = linesOf($design, 'torsion-bending');
    $both = linesOf($design, 'bending-axial');
    expect($lines['p'])
        ->toBeNear((float) weighing($design, 'axial')->ratio, 1e-6)
        ->and($lines['p'])
        ->toBeLessThan(0.2)
        ->and($lines['m'])
        ->toBeNear((float) ($both['m_x'] ?? $both['m_x1']), 1e-6)
        ->and(weighing($design, 'torsion-bending')->ratio)
        ->toBeNear($lines['p'] + $lines['m'] + ($lines['v'] + $lines['t']) ** 2, 1e-9)
        ->and(weighing($design, 'torsion-bending')->ratio)
        ->toBeGreaterThan((float) weighing($design, 'bending-axial')->ratio + $lines['p'] / 2);
});
