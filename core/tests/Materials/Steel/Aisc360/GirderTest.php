<?php

declare(strict_types=1);

use Waage\Materials\Steel\Aisc360\Profile;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;

require_once __DIR__.'/shapes.php';

function plateGirder(string $name): Profile
{
    return Profiles::of(new SectionStep(0.0, 1.0, section($name), SteelGrade::A572));
}

// By hand, F_y = 344.74 MPa, √(E/F_y) = 24.083: webs are noncompact from 90.55 and slender from 137.27 on. h/t_w =
// 960/8 = 120: R_pc = m − (m − 1) (120 − 90.55)/46.72 with m = Z_x/S_x; h/t_w = 1200/8 = 150, a_w = 9600/6000 = 1.6:
// R_pg = 1 − 1.6/1680 · 12.73 = 0.98788.
it('bends as F4 and F5 have it', function (): void {
    $s = section('welded I 1000×300×8×20');
    $m = $s->Wply / $s->Wely;
    expect(plateGirder('welded I 1000×300×8×20')->compactness())
        ->toBe('web noncompact')
        ->and(plateGirder('welded I 1000×300×8×20')->moment())
        ->toBeNear(344.738 * $s->Wely * ($m - (($m - 1) * (120 - 90.553)) / 46.72), 1e-4);
    $s = section('welded I 1240×300×8×20');
    expect(plateGirder('welded I 1240×300×8×20')->compactness())
        ->toBe('web slender')
        ->and(plateGirder('welded I 1240×300×8×20')->moment())
        ->toBeNear(344.738 * $s->Wely * 0.98788, 1e-4);
});

// F4.2 and F5.2 by hand for these: r_t = 300/√(12 (1 + a_w/6)): a_w = 1.28 and 1.6. L = 12 m, C_b = 1.
it('buckles in lateral torsion as F4 and F5 have it', function (): void {
    $s = section('welded I 1000×300×8×20');
    $u = 12000 ** 2 / (300 ** 2 / (12 * (1 + 1.28 / 6)));
    expect(plateGirder('welded I 1000×300×8×20')->lateral()?->nominal(12000.0, 1.0))->toBeNear(
        (($s->Wely * M_PI ** 2 * 199948) / $u) * sqrt(1 + ((0.078 * $s->It) / ($s->Wely * 980)) * $u),
        1e-4,
    );
    $s = section('welded I 1240×300×8×20');
    $u = 12000 ** 2 / (300 ** 2 / (12 * (1 + 1.6 / 6)));
    expect(plateGirder('welded I 1240×300×8×20')->lateral()?->nominal(12000.0, 1.0))->toBeNear(
        (0.98788 * $s->Wely * M_PI ** 2 * 199948) / $u,
        1e-4,
    );
});

it('runs on where the web becomes noncompact and slender, and with length', function (string $flange): void {
    foreach ([90.553, 137.274] as $limit) {
        $t = 960 / $limit;
        $of = fn (float $part): float => plateGirder(sprintf('welded I 1000×%s×%.4f×20', $flange, $part * $t))->moment();
        expect($of(1.0005) / $of(0.9995))->toBeNear(1.0, 2e-3);
    }
    foreach (["welded I 1000×{$flange}×8×20", "welded I 1240×{$flange}×8×20"] as $name) {
        $before = INF;
        for ($L = 300.0; $L < 30000.0; $L += 150.0) {
            $M = plateGirder($name)->lateral()?->nominal($L, 1.0);
            expect($M)
                ->toBeLessThanOrEqual($before)
                ->and($before === INF ? 1.0 : $M / $before)
                ->toBeGreaterThan(0.85);
            $before = $M;
        }
    }
})->with(['compact flange' => '300', 'noncompact flange' => '500', 'slender flange' => '800']);

it('weighs a girder whole, by C_b where its web is slender', function (): void {
    $of = fn (string $section): array => [
        'section' => $section,
        'grade' => 'A572 50',
        'loads' => [lineLoad('g', '3 kip/ft')],
    ];
    $slender = weighing(american('asce-7-22-lrfd', [], false, $of('welded I 1240×300×8×20')), 'buckling');
    expect($slender->clause)
        ->toBe('ANSI/AISC 360-22, F5.2')
        ->and(array_column($slender->lines, 'symbol'))
        ->toContain('C_b')
        ->not->toContain('F_1')
        ->and(weighing(american('asce-7-22-lrfd', [], false, $of('welded I 1000×300×8×20')), 'buckling')->clause)
        ->toBe('ANSI/AISC 360-22, F4.2');
});
