<?php

declare(strict_types=1);

use Waage\Analysis\Lateral\HeldLength;
use Waage\Materials\Steel\SteelGrade;

// Textbook solution of a simple beam of a monosymmetric section under uniform moment (N. S. Trahair and others, The
// Behaviour and Design of Steel Structures to EC3): M_cr = N_z (√((β/2)² + I_w/I_z + G I_t/N_z) ± β/2), more where the
// stronger flange is compressed.
it('has the closed solution of a uniform moment', function (string $name, int $sign, float $L): void {
    $s = unequal($name);
    $Nz = (M_PI ** 2 * SteelGrade::E * $s->Iz) / $L ** 2;
    $half = (-$sign * $s->monosymmetry()) / 2;
    expect(uniformCritical($s, $sign, $L))->toBeNear(
        $Nz * ($half + sqrt($half ** 2 + $s->Iw / $s->Iz + (SteelGrade::G * $s->It) / $Nz)),
        1e-5,
    );
})
    ->with(['welded I 600×300×200×10×20×15', 'welded I 800×200×400×12×15×25'])
    ->with([1, -1])
    ->with([4000.0, 12000.0]);

// A flange in tension that is continuously restrained: the section turns about it in half a sine wave,
// M_cr = ((E I_z a² + E I_w) π²/L² + G I_t) / (2 a ∓ β), a from the shear centre to that flange.
it('turns about a flange that is continuously restrained', function (string $name, int $side): void {
    $s = unequal($name);
    $L = 6000.0;
    $a = ($side * $s->hs) / 2 - $s->shearLevel();
    $expected =
        (((SteelGrade::E * $s->Iz * $a ** 2 + SteelGrade::E * $s->Iw) * M_PI ** 2) / $L ** 2 + SteelGrade::G * $s->It) /
        abs(2 * $a - $s->monosymmetry());
    // The top flange is in tension under a hogging moment.
    expect(
        uniformCritical(unequal($name), -$side, $L, new HeldLength(0.0, $L, [0.0, $L], continuous: $side)),
    )->toBeNear($expected, 1e-4);
})
    ->with(['welded I 600×300×200×10×20×15', 'welded I 800×200×400×12×15×25'])
    ->with([1, -1]);
