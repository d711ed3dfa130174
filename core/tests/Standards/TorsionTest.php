<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\LoadedBeam;
use Waage\Design\Design;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Sections\CircularHollow;
use Waage\Sections\RectangularHollow;

/**
 * An edge beam of 6 m of one hollow section under a load in front of its axis.
 *
 * @param  list<array<string, mixed>>  $loads
 * @param  array<string, mixed>  $change
 */
function edgeBeam(array $loads, array $change = []): Design
{
    return design(['length' => '6 m', 'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')], 'section' => 'SHS 200×200×10', 'grade' => 'S355', 'loads' => $loads, ...$change], derive: true);
}

function torqueOf(Design $design): float
{
    return (float) weighing($design, 'torsion')->demand;
}

$force = fn (string $x, string $value, string $across, string $direction = 'vertical'): array => ['id' => "p{$x}", 'case' => 'g', 'kind' => 'point', 'x' => $x, 'value' => $value, 'across' => $across, 'direction' => $direction];

// Statics of a bar that is held against twisting at its ends: P e b/L and P e a/L; m L/2 under an even torque.
it('has the torques of a bar held at both ends', function () use ($force): void {
    expect(torqueOf(edgeBeam([$force('3 m', '20 kN', '150 mm')])))->toBeNear(1.35 * 20e3 * 150 / 2)
        ->and(torqueOf(edgeBeam([$force('2 m', '20 kN', '150 mm')])))->toBeNear(1.35 * 20e3 * 150 * 4 / 6)
        ->and(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])])))->toBeNear(1.35 * 5 * 120 * 3000)
        // Opposite to each other at both thirds: a third outside, two thirds between.
        ->and(torqueOf(edgeBeam([$force('2 m', '20 kN', '150 mm'), $force('4 m', '20 kN', '-150 mm')])))->toBeNear(1.35 * 20e3 * 150 * 2 / 3)
        // On the axis nothing twists.
        ->and(array_column(edgeBeam([lineLoad('g', '5 kN/m')])->weighings, 'id'))->not->toContain('torsion');
});

it('is held where both flanges are, and goes to the last support from a free end', function () use ($force): void {
    $held = ['restraint' => ['top' => ['kind' => 'positions', 'positions' => ['3 m']], 'bottom' => ['kind' => 'positions', 'positions' => ['3 m']]]];
    expect(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])], $held)))->toBeNear(1.35 * 5 * 120 * 1500)
        ->and(torqueOf(edgeBeam([$force('6 m', '4 kN', '200 mm')], ['supports' => [supportAt('0 m'), supportAt('4 m', 'roller')]])))->toBeNear(1.35 * 4e3 * 200);
    $all = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]];
    expect(array_column(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '120 mm'])], $all)->weighings, 'id'))->not->toContain('torsion');
});

it('takes imposed load span by span', function (): void {
    // Two spans of 3 m: the torque of a span does not reach the other one.
    $design = edgeBeam([lineLoad('q', '5 kN/m', ['across' => '100 mm'])], ['supports' => [supportAt('0 m'), supportAt('3 m', 'roller'), supportAt('6 m', 'roller')]]);
    expect(torqueOf($design))->toBeNear(1.5 * 5 * 100 * 1500);
});

it('takes the part normal to a sloping member', function () use ($force): void {
    $slope = ['slope' => ['by' => 'angle', 'value' => '30 deg']];
    expect(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '100 mm'])], $slope)))->toBeNear(1.35 * 5 * cos(M_PI / 6) * 100 * 3000)
        ->and(torqueOf(edgeBeam([$force('3 m', '9 kN', '100 mm', 'normal')], $slope)))->toBeNear(1.35 * 9e3 * 100 / 2);
});

// EN 10210-2, tables, from memory: SHS 100×100×5: I_t = 439 cm⁴, C_t = 81.8 cm³; CHS 168.3×5: C_t = 203 cm³.
it('has the published torsion moduli', function (): void {
    $square = section('SHS 100×100×5');
    $round = section('CHS 168.3×5');
    expect($square instanceof RectangularHollow ? $square->torsionModulus() / 1e3 : 0.0)->toBeNear(81.8, 0.01)->and($square->It / 1e4)->toBeNear(439, 0.01)
        ->and($round instanceof CircularHollow ? $round->torsionModulus() / 1e3 : 0.0)->toBeNear(203, 0.01);
});

// Second way, Bredt: a thin wall has τ = T / (2 A_m t) everywhere.
it('twists a thin box as Bredt has it', function (): void {
    $s = section('welded box 600×400×4');
    expect($s instanceof RectangularHollow ? $s->torsionModulus() : 0.0)->toBeNear(2 * 596 * 396 * 4, 0.03);
});

it('lowers shear, and bending where the shear is high', function () use ($force): void {
    $light = edgeBeam([$force('3 m', '20 kN', '150 mm')]);
    $u = (float) weighing($light, 'torsion')->ratio;
    expect(weighing($light, 'torsion-shear')->capacity)->toBeNear((1 - $u) * (float) weighing($light, 'shear')->capacity)->and(array_column($light->weighings, 'id'))->not->toContain('torsion-bending');
    $heavy = edgeBeam([$force('0.4 m', '300 kN', '120 mm')]);
    $rho = (2 * weighing($heavy, 'torsion-shear')->ratio - 1) ** 2;
    expect($rho)->toBeGreaterThan(0.01)->toBeLessThan(0.9)->and(weighing($heavy, 'torsion-bending')->ratio)->toBeNear(weighing($heavy, 'bending')->ratio / (1 - min(1.0, $rho)), 1e-6);
    // A torque that is too much by itself leaves nothing for shear.
    $twisted = edgeBeam([$force('3 m', '20 kN', '20 m')]);
    expect(weighing($twisted, 'torsion')->ratio)->toBeGreaterThan(1.0)
        ->and(weighing($twisted, 'torsion-shear'))->capacity->toBe(0.0)->ratio->toBeGreaterThan(1.0)->remark->toContain('nothing is left');
});

// By hand: HEB 200 over 6 m, 5 kN/m 80 mm in front: m = 1.35 · 5 · 80 = 540 Nmm/mm, B = m L²/8 = 2.43 kNm²; M_f = B/185 mm = 13.1 kNm;
// t_f b²/4 = 150 cm³: M_f,Rd = 35.3 kNm in S235.
it('bends the flanges of an I section', function (): void {
    $design = edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm'])], ['section' => 'HEB 200', 'grade' => 'S235', 'selfWeight' => false]);
    $lines = array_column(weighing($design, 'torsion')->lines, 'result', 'symbol');
    expect($lines['B_Ed'])->toBeNear(540 * 6000.0 ** 2 / 8)->and($lines['M_f'] / 1e6)->toBeNear(13.1, 0.003)->and($lines['M_f_Rd'] / 1e6)->toBeNear(35.25, 0.002)
        ->and($lines['u'])->toBeNear($lines['u_LT'] + $lines['k'] * 13.135 / 35.25, 2e-3)->and($lines['k'])->toBeNear(1 / (1 - weighing($design, 'buckling')->demand / array_column(weighing($design, 'buckling')->lines, 'result', 'symbol')['M_cr']), 1e-6);
});

it('holds a flange at a fixed support', function (): void {
    // A cantilever of 2 m: B = m L²/2, at its root, and all of the torque there.
    $design = edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm'])], ['section' => 'HEB 200', 'grade' => 'S235', 'selfWeight' => false, 'length' => '2 m', 'supports' => [supportAt('0 m', 'fixed')]]);
    expect(array_column(weighing($design, 'torsion')->lines, 'result', 'symbol')['B_Ed'])->toBeNear(540 * 2000.0 ** 2 / 2)->and(weighing($design, 'torsion')->x)->toBeNear(0.0, 1e-6, 1.0)
        ->and(torqueOf(edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm'])], ['length' => '2 m', 'supports' => [supportAt('0 m', 'fixed')]])))->toBeNear(540 * 2000.0);
});

it('refuses other sections, and loads that have no distance to speak of', function (): void {
    $design = edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm'])], ['section' => 'UPE 200']);
    expect(weighing($design, 'torsion')->applies)->toBeFalse()->and($design->verdict()->holds)->toBeFalse();
    expect(fn () => edgeBeam([lineLoad('g', '5 kN/m', ['across' => '80 mm', 'direction' => 'sideways'])]))->toThrow(InvalidMember::class);
});

// AISC Design Examples, H.5A: HSS 6×4×1/4: C = 10.1 in³, h/t = 22.8: F_cr = 0.6 F_y; with F_y = 50 T_n = 303, φ 273 kip-in.
it('agrees with the published torsional strength of a hollow section', function (): void {
    $design = edgeBeam([lineLoad('g', '1.2 kip/ft', ['across' => '5 in'])], ['section' => 'HSS 6×4×1/4', 'grade' => 'A500 C', 'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us']]);
    expect(weighing($design, 'torsion')->capacity / KIP / 25.4)->toBeNear(273, 0.01);
    $t = weighing($design, 'torsion')->ratio;
    expect($t)->toBeGreaterThan(0.2)->and(weighing($design, 'torsion-bending')->ratio)->toBeNear(max(weighing($design, 'bending')->ratio, weighing($design, 'buckling')->ratio ?? 0.0) + (weighing($design, 'shear')->ratio + $t) ** 2);
    $channel = edgeBeam([lineLoad('g', '1 kip/ft', ['across' => '2 in'])], ['section' => 'C12×25', 'grade' => 'A36', 'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us']]);
    expect(weighing($channel, 'torsion')->applies)->toBeFalse();
});

// By hand in kips and inches: W8×31 over 20 ft, 1.4 · 0.2 kip/ft 2 in in front: B = 0.56/12 · 240²/8 = 336 kip-in²; h_o = 7.56: M_f = 44.4;
// t_f b²/6 = 0.435 · 8.00²/6 = 4.64 in³: φ M_n = 0.9 · 50 · 4.64 = 209 kip-in.
it('bends the flanges of a W shape by H3.3', function (): void {
    $beam = fn (array $change): Design => edgeBeam([lineLoad('g', '0.2 kip/ft', ['across' => '2 in'])], ['length' => '20 ft', 'supports' => [supportAt('0 ft'), supportAt('20 ft', 'roller')], 'section' => 'W8×31', 'grade' => 'A992', 'selfWeight' => false, 'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'], ...$change]);
    $design = $beam([]);
    $lines = array_column(weighing($design, 'torsion')->lines, 'result', 'symbol');
    expect($lines['M_f'] / KIP / 25.4)->toBeNear(44.4, 0.005)->and($lines['M_c'] / KIP / 25.4)->toBeNear(209, 0.005)->and($lines['u'])->toBeNear($lines['m'] + $lines['k'] * 44.4 / 209, 0.005);
    // Held at the top, it does not buckle: bending by first yield, 1.4 · 0.2 · 20²/8 = 14 kip·ft over 0.9 · 50 ksi · 27.5 in³ = 103.1 kip·ft.
    $held = array_column(weighing($beam(['restraint' => ['top' => ['kind' => 'continuous']]]), 'torsion')->lines, 'result', 'symbol');
    expect($held['m'])->toBeNear(14 / 103.1, 0.005)->and($held['u'])->toBeNear(14 / 103.1 + 44.4 / 209, 0.005);
});

it('twists a stepped bar by its stiffness', function (): void {
    $member = Member::fromArray(document(['length' => '6 m', 'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')], 'section' => 'SHS 200×200×10', 'steps' => [['from' => '3 m', 'to' => '6 m', 'section' => 'SHS 150×150×8']], 'selfWeight' => false,
        'loads' => [['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => '10 kN', 'across' => '100 mm']]]));
    $responses = LoadedBeam::of($member)->twisting->responses ?? throw new LogicException('It is twisted.');
    $torque = $responses->combined(Effect::Axial, [1.0], 0)[0];
    [$a, $b] = [section('SHS 200×200×10')->It, section('SHS 150×150×8')->It];
    expect(abs($torque))->toBeNear(10e3 * 100 * $a / ($a + $b), 1e-9);
});
