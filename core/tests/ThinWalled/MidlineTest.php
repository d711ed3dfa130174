<?php

declare(strict_types=1);

namespace Waage\Tests\ThinWalled;

use Waage\ThinWalled\BucklingCurve;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;

/**
 * The C of the Direct Strength Method Design Guide (AISI 2006): 9 × 2.5 × 0.773 × 0.059 in., inner radius 0.1875 in.
 */
function guideC(): Midline
{
    return Midline::folded(false, [9 * 25.4, 2.5 * 25.4, 0.773 * 25.4], 0.059 * 25.4, 0.1875 * 25.4);
}

/** @return list<float> minima of the curve of the C at 55 ksi, over the yield stress */
function guideMinima(string $action): array
{
    $of = new MidlineProperties(guideC());
    $strips = new FiniteStrip(
        guideC()->points,
        array_fill(0, count($of->points) - 1, guideC()->t),
        29500 * 6.894757,
        0.3,
    );
    $stresses = array_map(
        fn (array $p): float => $action === 'compression' ? 379.2 : (379.2 * $p[1]) / $of->outermost(),
        $of->points,
    );

    return array_column((new BucklingCurve($strips, $stresses, 25.0, 2500.0))->minima(), 1);
}

// The guide, from memory: A 0.881 in², I_x 10.3 in⁴, I_y 0.698 in⁴, J 0.00102 in⁴, shear centre 1.66 in. from the
// centroid.
it('has the properties of the published C', function (): void {
    $of = new MidlineProperties(guideC());
    expect($of->A / 25.4 ** 2)
        ->toBeNear(0.881, 0.003)
        ->and($of->Ix / 25.4 ** 4)
        ->toBeNear(10.3, 0.006)
        ->and($of->Iz / 25.4 ** 4)
        ->toBeNear(0.698, 0.01)
        ->and($of->J / 25.4 ** 4)
        ->toBeNear(0.00102, 0.006)
        ->and(abs($of->shearCentre[0]) / 25.4)
        ->toBeNear(1.66, 0.01)
        ->and(abs($of->shearCentre[1]))
        ->toBeLessThan(1e-6)
        ->and(abs($of->Ixz / $of->Ix))
        ->toBeLessThan(1e-9);
});

// The published C_w, 11.9 in⁶, is that of sharp corners: the true ones have 6.5 % less.
it('warps as published with sharp corners', function (): void {
    $sharp = new MidlineProperties(
        Midline::folded(false, [9 * 25.4, 2.5 * 25.4, 0.773 * 25.4], 0.059 * 25.4, -0.0295 * 25.4),
    );
    expect($sharp->Cw / 25.4 ** 6)->toBeNear(11.9, 0.002);
});

// The guide, from memory: M_crl/M_y 0.67, M_crd/M_y 0.85; P_crl/P_y 0.12. In compression distortion has no minimum of
// its own.
it('buckles as published', function (string $action, array $published): void {
    $minima = guideMinima($action);
    expect(count($minima))->toBe(count($published));
    foreach ($published as $i => $factor) {
        expect(abs($minima[$i] - $factor))->toBeLessThan(0.01);
    }
})->with([['bending', [0.67, 0.85]], ['compression', [0.12]]]);

// A Z is the same when it is turned about; mirrored it buckles at the same stress.
it('has the principal axes of a Z', function (): void {
    $z = new MidlineProperties(Midline::folded(true, [200.0, 65.0, 20.0], 2.0, 3.0, (M_PI / 180) * 50));
    expect(hypot(...$z->shearCentre))
        ->toBeLessThan(1e-6)
        ->and($z->Ixz)
        ->toBeGreaterThan(0.0)
        ->and($z->Ix * $z->Iz)
        ->toBeGreaterThan($z->Ixz ** 2);
});

// A long column of thin-walled theory: Euler about the weak axis, or torsion with bending.
it('buckles as a whole as thin-walled theory has it', function (): void {
    $of = new MidlineProperties(guideC());
    [$E, $G] = [29500 * 6.894757, (29500 * 6.894757) / 2.6];
    $strips = new FiniteStrip(guideC()->points, array_fill(0, count($of->points) - 1, guideC()->t), $E, 0.3);
    $L = 6000.0;
    $x0 = $of->shearCentre[0];
    $r = ($of->Ix + $of->Iz) / $of->A + $x0 ** 2;
    $sx = (M_PI ** 2 * $E * $of->Ix) / $of->A / $L ** 2;
    $sy = (M_PI ** 2 * $E * $of->Iz) / $of->A / $L ** 2;
    $st = ($G * $of->J + (M_PI ** 2 * $E * $of->Cw) / $L ** 2) / ($of->A * $r);
    $b = 1 - $x0 ** 2 / $r;
    $torsional = ($sx + $st - sqrt(($sx + $st) ** 2 - 4 * $b * $sx * $st)) / (2 * $b);
    expect($strips->factor($L, array_fill(0, count($of->points), 1.0)))->toBeNear(min($sy, $torsional), 0.02);
});

// A plain C of sharp corners by hand: flanges 50 mm, web 100 mm on the midline, 2 mm: Z_x = 2 · 50 · 50 · 2 + 100²/4 ·
// 2; halves of the area meet in the web.
it('has plastic moduli', function (): void {
    $of = new MidlineProperties(Midline::folded(false, [102.0, 52.0, 0.0], 2.0, -1.0));
    expect($of->plastic(1))
        ->toBeNear(2 * 50 * 50 * 2 + (100 ** 2 / 4) * 2, 1e-3)
        ->and($of->plastic(0))
        ->toBeNear(2 * 50 * 25 * 2, 0.01)
        ->and($of->principal()[0])
        ->toBeNear($of->Ix, 1e-9);
});
