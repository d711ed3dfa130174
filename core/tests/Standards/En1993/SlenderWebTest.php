<?php

declare(strict_types=1);

use Waage\Design\Design;
use Waage\Materials\SteelGrade;
use Waage\Standards\En1993\SlenderWeb;

/**
 * A plate girder over 6 m, stiffened at its supports and held sideways.
 *
 * @param  array<string, mixed>  $change
 */
function girder(string $q, array $change = []): Design
{
    return design([
        'section' => 'welded I 800×250×10×15', 'grade' => 'S355', 'supports' => [[...supportAt('0 m'), 'stiffened' => true], [...supportAt('6 m'), 'stiffened' => true]],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']], 'loads' => [lineLoad('q', $q)], ...$change,
    ], derive: true);
}

// By hand: h_w = 770 mm, λ_w = 770/(86.4 · 10 · 0.8136) = 1.095, χ_w = 0.83/1.095 = 0.758 (Table 5.1, end post not rigid):
// V_bw,Rd = 0.758 · 355 · 770 · 10/√3 = 1196 kN. A stocky web takes η = 1.2.
it('has the resistance of the clause', function (): void {
    expect((new SlenderWeb(steel('welded I 800×250×10×15', SteelGrade::S355)))->resistance())->toBeNear(1196e3, 0.002)
        ->and((new SlenderWeb(steel('IPE 300')))->resistance())->toBeNear(1.2 * 235 * section('IPE 300')->hw * 7.1 / sqrt(3))
        // Table 5.1 jumps nowhere: at λ_w = 0.83/η both are η.
        ->and((new SlenderWeb(steel('welded I 530×200×8.36×15')))->resistance())->toBeNear(1.2 * 500 * 8.36 * 235 / sqrt(3), 2e-3);
});

it('weighs shear buckling, and bending with it', function (): void {
    // 1.5 q · 3 m = 720 kN: η_3 = 0.602; M = 1.5 q · 4.5 = 1080 kNm beside M_f,Rd = 250 · 15 · 785 · 355 = 1045 kNm and
    // M_pl,Rd = 1045 + 10 · 770²/4 · 355 = 1571 kNm: 0.687 + (1 − 0.665)(2 · 0.602 − 1)² = 0.701.
    $design = girder('160 kN/m');
    expect(weighing($design, 'shear-buckling')->ratio)->toBeNear(720 / 1196, 0.003)->and(weighing($design, 'shear-buckling')->clause)->toBe('EN 1993-1-5, 5')
        ->and(weighing($design, 'bending-shear')->ratio)->toBeNear(0.701, 0.005);
    // Where the flanges alone carry the moment the web is free.
    $short = girder('300 kN/m', ['length' => '3 m', 'supports' => [[...supportAt('0 m'), 'stiffened' => true], [...supportAt('3 m'), 'stiffened' => true]]]);
    expect(weighing($short, 'bending-shear')->ratio)->toBeNear(1.5 * 300 * 9 / 8 / 1571, 0.005);
    // Little shear: no reduction.
    expect(weighing(girder('20 kN/m'), 'bending-shear')->ratio)->toBeNull();
});

it('asks for stiffeners at the supports', function (): void {
    $bare = girder('20 kN/m', ['supports' => [supportAt('0 m'), [...supportAt('6 m'), 'stiffened' => true]]]);
    expect(weighing($bare, 'shear-buckling')->isCovered())->toBeFalse()->and(weighing($bare, 'shear-buckling')->remark)->toContain('needs stiffeners at its supports')->and($bare->verdict()->holds())->toBeFalse();
});

it('refuses a hollow section whose sides may buckle in shear', function (): void {
    $hollow = girder('5 kN/m', ['section' => 'RHS 400×200×6 cold', 'grade' => 'S235']);
    expect(weighing($hollow, 'shear-buckling')->isCovered())->toBeFalse()->and(weighing($hollow, 'shear-buckling')->remark)->toContain('I sections only');
});
