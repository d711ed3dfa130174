<?php

declare(strict_types=1);

use Waage\Materials\Steel\Aisc360\Compression;
use Waage\Materials\Steel\Aisc360\Method;
use Waage\Materials\Steel\Aisc360\Profile;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;

function hollow(string $name, SteelGrade $grade = SteelGrade::A500): Profile
{
    return Profiles::of(new SectionStep(0.0, 1.0, section($name), $grade));
}

// AISC Steel Construction Manual, Tables 1-11, 1-12 and 1-14: A, I, Z about the strong axis, J, in inches; from memory.
it('has the properties of the published tables', function (
    string $name,
    float $A,
    float $I,
    float $Z,
    ?float $J,
): void {
    $s = section($name);
    expect($s->A / INCH ** 2)
        ->toBeNear($A, 0.01)
        ->and($s->Iy / INCH ** 4)
        ->toBeNear($I, 0.01)
        ->and($s->Wply / INCH ** 3)
        ->toBeNear($Z, 0.012)
        ->and($s->It / INCH ** 4)
        ->toBeNear($J ?? $s->It / INCH ** 4, 0.02);
})->with([
    ['HSS 8×8×1/2', 13.5, 125, 37.5, 204],
    ['HSS 6×6×3/8', 7.58, 39.5, 15.8, 64.6],
    ['HSS 4×4×1/4', 3.37, 7.8, 4.69, 12.8],
    ['HSS 10×6×3/8', 10.4, 137, 33.8, null],
    ['HSS 12×6×1/2', 15.3, 271, 57.4, null],
    ['Pipe 4 Std', 2.96, 6.82, 4.05, null],
    ['Pipe 6 Std', 5.2, 26.5, 10.6, null],
]);

// F7 by hand, F_y = 50 ksi, √(E/F_y) = 24.083. HSS 8×8×1/2: b/t = 14.2, compact: M_p = 50 · 37.5. HSS 8×8×3/16: b/t =
// 43.0 above 1.40 · 24.083, slender: b_e = 1.92 · 0.1744 · 24.083 (1 − 0.38 · 24.083/42.9) = 6.343 in. HSS 10×10×1/4:
// b/t = 40 above 33.7, slender as well. HSS 7×7×1/4: b/t = 27.1 between 26.97 and 33.72: just noncompact.
it('bends as F7 has it', function (string $name, string $compactness): void {
    $p = hollow($name);
    $s = section($name);
    $Mp = $p->Fy * $s->Wply;
    expect($p->compactness())->toBe($compactness);
    match ($compactness) {
        'compact' => expect($p->moment())->toBeNear($Mp),
        'flange noncompact' => expect($p->moment())
            ->toBeLessThan($Mp)
            ->toBeGreaterThan($p->Fy * $s->Wely),
        default => expect($p->moment())
            ->toBeLessThan($p->Fy * $s->Wely)
            ->toBeGreaterThan(0.7 * $p->Fy * $s->Wely),
    };
})->with([
    ['HSS 8×8×1/2', 'compact'],
    ['HSS 7×7×1/4', 'flange noncompact'],
    ['HSS 8×8×3/16', 'flange slender'],
    ['HSS 10×10×1/4', 'flange slender'],
    ['Pipe 4 Std', 'compact'],
]);

it('takes off what a slender side loses', function (): void {
    $be = 1.92 * 0.174375 * 24.0832 * (1 - (0.38 / 42.878) * 24.0832);
    $width = 8 - 3 * 0.174375;
    $Se = (section('HSS 8×8×3/16')->Iy / INCH ** 4 - 2 * ($width - $be) * 0.174375 * ((8 - 0.174375) / 2) ** 2) / 4;
    expect(hollow('HSS 8×8×3/16')->moment() / KIP / INCH)->toBeNear(50 * $Se, 1e-4);
});

// F7.4: of HSS 12×4×1/4 about its strong axis; M_cr = 2 E √(J A) r_y C_b / L is π √(E I_z G J) / L within 3 %.
it('buckles in lateral torsion as the eigenvalue has it, and runs on', function (): void {
    $p = hollow('HSS 12×4×1/4');
    $lateral = $p->lateral();
    $s = section('HSS 12×4×1/4');
    expect($lateral?->critical(9000.0, 1.0))
        ->toBeNear((M_PI / 9000) * sqrt($p->E * $s->Iz * $p->grade->shearModulus() * $s->It), 0.03)
        ->and($lateral?->lengthOf($lateral->critical(5000.0, 1.3), 1.3))
        ->toBeNear(5000.0)
        ->and(hollow('HSS 8×8×1/2')->lateral())
        ->toBeNull()
        ->and(hollow('Pipe 4 Std')->lateral())
        ->toBeNull();
    $before = INF;
    for ($L = 100.0; $L < 90000.0; $L += 300.0) {
        $M = $lateral?->nominal($L, 1.0);
        expect($M)
            ->toBeLessThanOrEqual($before)
            ->and($before === INF ? 1.0 : $M / $before)
            ->toBeGreaterThan(0.9);
        $before = $M;
    }
});

// G4: HSS 8×4×1/4: h = 8 − 3 · 0.2325 = 7.3025 in, h/t = 31.4 below 1.10 √(5 · 580): V_n = 0.6 · 50 · 2 · 7.3025 ·
// 0.2325 = 101.9 kips. G5: Pipe 6 Std: 0.6 F_y A/2 = 0.6 · 35 · 5.20/2 = 54.6 kips.
it('shears as G4 and G5 have it', function (): void {
    expect(hollow('HSS 8×4×1/4')->shear(Method::LRFD) / KIP)
        ->toBeNear(0.9 * 101.87, 1e-3)
        ->and(hollow('HSS 8×4×1/4')->weakShear(Method::ASD))
        ->toBeLessThan(hollow('HSS 8×4×1/4')->shear(Method::ASD))
        ->and(hollow('Pipe 6 Std', SteelGrade::A53)->shear(Method::LRFD) / KIP)
        ->toBeNear(0.9 * 54.6, 0.01);
});

// E3 by hand: HSS 6×6×3/8, 14 ft: r = 2.28 in, L/r = 73.6, F_e = 52.8 ksi, F_cr = 50 · 0.658^0.947 = 33.6 ksi, P_n =
// 255 kips.
it('is compressed as E3 and E7 have it', function (): void {
    $of = fn (string $name, float $L, SteelGrade $grade = SteelGrade::A500): float => (new Compression(
        hollow($name, $grade),
    ))->nominal(INF, $L * FOOT, $L * FOOT) / KIP;
    expect($of('HSS 6×6×3/8', 14))
        ->toBeNear(255, 0.01)
        ->and($of('Pipe 4 Std', 10, SteelGrade::A53))
        ->toBeLessThan(35 * 2.96);
    // E7.1, walls of 1.40: HSS 10×10×3/16 squashed: b/t = 54.3, F_el = (1.38 · 33.72/54.3)² · 50, b_e = 9.477 (1 − 0.2
    // · 0.8564) 0.8564.
    expect((new Compression(hollow('HSS 10×10×3/16')))->nominal(INF, 0.0, 0.0) / KIP)->toBeNear(
        50 *
            (section('HSS 10×10×3/16')->A / INCH ** 2 - 4 * (9.4769 - 9.4769 * (1 - 0.2 * 0.8564) * 0.8564) * 0.174375),
        2e-3,
    );
});

it('weighs hollow members whole, and refuses what does not go together', function (): void {
    $post = fn (string $section, string $grade): array => ['section' => $section, 'grade' => $grade];
    expect(americanColumn($post('HSS 8×8×3/8', 'A500 C'))->verdict()->holds())
        ->toBeTrue()
        ->and(weighing(americanColumn($post('HSS 8×8×3/8', 'A992')), 'strength')->remark)
        ->toContain('no steel of hollow sections')
        ->and(weighing(americanColumn($post('W10X49', 'A500 C')), 'strength')->remark)
        ->toContain('a steel of hollow sections')
        ->and(weighing(americanColumn([...$post('HSS 8×8×3/8', 'A500 C'), 'ductility' => 'high']), 'seismic')->remark)
        ->toContain('I shapes without cover plates only');
});
