<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Finish;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\UnequalI;

it('is the section with flanges alike where they are', function (): void {
    $like = new UnequalI('made', 'none', 600.0, 250.0, 250.0, 10.0, 18.0, 18.0);
    $same = new ISection('same', 'none', 600.0, 250.0, 10.0, 18.0, 0.0, finish: Finish::Welded);
    $of = fn (Section $s): array => [
        $s->A,
        $s->Iy,
        $s->Iz,
        $s->Wply,
        $s->Wplz,
        $s->It,
        $s->Iw,
        $s->Wely,
        $s->Welz,
        $s->hs,
        $s->surface(),
        $s->shearArea(),
    ];
    foreach ($of($like) as $i => $value) {
        expect($value)->toBeNear($of($same)[$i], 1e-9);
    }
    expect([$like->shearLevel(), $like->zs])
        ->toEqualWithDelta([0.0, 0.0], 1e-9)
        ->and($like->monosymmetry())
        ->toEqualWithDelta(0.0, 1e-6)
        ->and(Catalogue::find('welded I 600×250×250×10×18×18')?->name)
        ->toBe('welded I 600×250×10×18');
});

it('agrees with strips summed over the depth', function (string $name): void {
    $s = unequal($name);
    $n = 60000;
    [$A, $S, $I, $wagner] = [0.0, 0.0, 0.0, 0.0];
    $strips = [];
    for ($i = 0; $i < $n; $i++) {
        $z = $s->h * (($i + 0.5) / $n - 0.5);
        $b = $z > $s->h / 2 - $s->tt ? $s->top : ($z < $s->tb - $s->h / 2 ? $s->bottom : $s->tw);
        $dA = ($b * $s->h) / $n;
        $strips[] = [$z, $b, $dA];
        $A += $dA;
        $S += $z * $dA;
    }
    $below = $Wpl = 0.0;
    foreach ($strips as [$z, $b, $dA]) {
        $I += ($z - $S / $A) ** 2 * $dA;
        $wagner += ($z - $S / $A) * (($z - $S / $A) ** 2 + $b ** 2 / 12) * $dA;
        $Wpl += ($below < $A / 2 ? -1 : 1) * $z * $dA;
        $below += $dA;
    }
    // The shear centre divides the distance of the flanges as their sideways stiffness: by the force in each when it is
    // bent sideways.
    [$top, $bottom] = [$s->tt * $s->top ** 3, $s->tb * $s->bottom ** 3];
    $shear = ($top * ($s->h / 2 - $s->tt / 2) + $bottom * ($s->tb / 2 - $s->h / 2)) / ($top + $bottom);
    expect($s->zs)
        ->toBeNear($S / $A, 1e-3, 1.0)
        ->and($s->Iy)
        ->toBeNear($I, 1e-3)
        ->and($s->Wply)
        ->toBeNear($Wpl, 1e-3)
        ->and($s->faceAbove(1))
        ->toBeNear($s->h / 2 - $shear, 1e-9)
        ->and($s->faceAbove(-1))
        ->toBeNear(-$s->h / 2 - $shear, 1e-9)
        ->and($s->monosymmetry())
        ->toBeNear($wagner / $I - 2 * ($shear - $S / $A), 2e-3);
})->with(['welded I 600×300×200×10×20×15', 'welded I 800×200×400×12×15×25', 'welded I 300×120×250×8×10×16']);

// N. S. Trahair and others: β ≈ 0.9 h_s (2 ρ − 1)(1 − (I_z/I_y)²), ρ the compressed flange's part of I_z; an
// approximation, from memory.
it('has about the published monosymmetry parameter', function (string $name): void {
    $s = unequal($name);
    $rho = ($s->tt * $s->top ** 3) / ($s->tt * $s->top ** 3 + $s->tb * $s->bottom ** 3);
    expect(-$s->monosymmetry())->toBeNear(0.9 * $s->hs * (2 * $rho - 1) * (1 - ($s->Iz / $s->Iy) ** 2), 0.12);
})->with(['welded I 600×300×200×10×20×15', 'welded I 800×200×400×12×15×25', 'welded I 1000×300×200×10×20×20']);

it('turned over is its mirror image', function (): void {
    [$up, $down] = [unequal('welded I 600×300×200×10×20×15'), unequal('welded I 600×200×300×10×15×20')];
    expect($up->shearLevel())
        ->toBeNear(-$down->shearLevel())
        ->and($up->monosymmetry())
        ->toBeNear(-$down->monosymmetry())
        ->and($up->Wply)
        ->toBeNear($down->Wply)
        ->and($up->Wely)
        ->toBeNear($down->Wely)
        ->and($up->faceAbove(1))
        ->toBeNear(-$down->faceAbove(-1));
});

it('says what is wrong with the dimensions', function (string $name, string $says): void {
    expect(Catalogue::find($name))->toBeNull()->and(Catalogue::missing($name))->toContain($says);
})->with([
    ['welded I 600×300×20×10×20×15', 'Depth and widths'],
    ['welded I 600×300×200×10×2×15', 'between 3 and 80'],
    ['welded I 100×300×200×10×60×35', 'too thick'],
    ['welded I 600×300×200×10×20', 'or six'],
]);
