<?php

declare(strict_types=1);

use Waage\Materials\Steel\Aisc360\Flexure;
use Waage\Materials\Steel\Aisc360\Method;
use Waage\Materials\Steel\Aisc360\Shear;
use Waage\Materials\Steel\SteelGrade;

require_once __DIR__.'/shapes.php';

// AISC Steel Construction Manual, Table 3-2, F_y = 50 ksi: φ M_px in kip-ft and φ V_nx in kips; from memory. It is made
// from dimensions with more digits than are printed.
it('agrees with the published strengths in bending and shear', function (string $name, float $M, float $V): void {
    expect((0.9 * Flexure::local(shape($name))) / KIP / FOOT)
        ->toBeNear($M, 0.01)
        ->and(Shear::available(shape($name), Method::LRFD) / KIP)
        ->toBeNear($V, 0.01);
})->with([
    ['W44X335', 6080, 1360],
    ['W36X135', 1910, 577],
    ['W30X99', 1170, 463],
    ['W24X76', 750, 315],
    ['W24X55', 503, 252],
    ['W21X44', 358, 217],
    ['W18X50', 379, 192],
    ['W18X35', 249, 159],
    ['W16X40', 274, 146],
    ['W16X26', 166, 106],
    ['W14X22', 125, 94.5],
    ['W12X50', 270, 135],
    ['W12X26', 140, 84.2],
    ['W10X49', 227, 102],
    'flange noncompact' => ['W21X48', 398, 216],
    'flange noncompact, column shape' => ['W14X90', 574, 185],
    'web above 2.24 √(E/F_y)' => ['W12X14', 65.2, 64.3],
]);

// The same table: L_p and L_r in ft.
it('agrees with the published limits of unbraced lengths', function (string $name, float $Lp, float $Lr): void {
    $strength = shape($name)->lateral();
    $Mp = Flexure::plastic(shape($name));
    $Mr = 0.7 * shape($name)->Fy * section($name)->Wely;
    // From L_p on less than M_p, down to 0.7 F_y S_x at L_r.
    expect($strength->nominal(($Lp - 0.02) * FOOT, 1.0))
        ->toBeNear($Mp, 1e-3)
        ->and($strength->nominal(1.03 * $Lp * FOOT, 1.0))
        ->toBeLessThan($Mp)
        ->and($strength->nominal($Lr * FOOT, 1.0))
        ->toBeNear($Mr, 0.01);
})->with([
    ['W44X335', 12.3, 38.9],
    ['W36X135', 8.41, 24.3],
    ['W30X99', 7.42, 21.3],
    ['W24X76', 6.78, 19.5],
    ['W24X55', 4.73, 13.9],
    ['W21X44', 4.45, 13.0],
    ['W18X50', 5.83, 16.9],
    ['W18X35', 4.31, 12.3],
    ['W16X40', 5.55, 15.9],
    ['W16X26', 3.96, 11.2],
    ['W14X22', 3.67, 10.4],
    ['W12X50', 6.92, 23.8],
    ['W12X26', 5.33, 14.9],
    ['W10X49', 8.97, 31.6],
]);

it('runs on where one formula takes over from another, and falls with length', function (
    string $name,
    SteelGrade $grade,
): void {
    $strength = shape($name, $grade)->lateral();
    foreach ([1.0, 1.14, 2.27] as $Cb) {
        $before = INF;
        for ($L = 200.0; $L < 30000.0; $L += 50.0) {
            $M = $strength->nominal($L, $Cb);
            expect($M)
                ->toBeLessThanOrEqual($before * (1 + 1e-12))
                ->and($before === INF ? 1.0 : $M / $before)
                ->toBeGreaterThan(0.8);
            $before = $M;
        }
    }
})
    ->with(['W18X50', 'W14X90', 'W8X10', 'IPE 300', 'welded I 500×200×10×15'])
    ->with([SteelGrade::A992, SteelGrade::A36]);

it('finds the unbraced length of an elastic critical moment again', function (string $name, float $L, float $Cb): void {
    $strength = shape($name)->lateral();
    expect($strength->lengthOf($strength->critical($L, $Cb), $Cb))->toBeNear($L, 1e-9);
})
    ->with(['W18X50', 'W14X90', 'W8X10'])
    ->with([900.0, 4000.0, 12000.0])
    ->with([1.0, 1.67]);

// F3 by hand: b/t = 12.5 between 0.38 √(29000/50) = 9.152 and, welded, 0.95 √(0.6325 · 29000 / 35) = 21.75 (k_c =
// 4/√40).
it('reduces bending for slender flanges', function (): void {
    $s = shape('welded I 424×300×10×12', SteelGrade::A572);
    [$Z, $S] = [section('welded I 424×300×10×12')->Wply, section('welded I 424×300×10×12')->Wely];
    $Fy = 50 * 6.894757;
    expect($s->compactness())
        ->toBe('flange noncompact')
        ->and(Flexure::local($s))
        ->toBeNear($Fy * $Z - (($Fy * $Z - 0.7 * $Fy * $S) * (12.5 - 9.1517)) / (21.747 - 9.1517), 1e-3);
    $slender = shape('welded I 424×600×10×12', SteelGrade::A572);
    expect($slender->compactness())
        ->toBe('flange slender')
        ->and(Flexure::local($slender))
        ->toBeNear((0.9 * 199948 * 0.63246 * section('welded I 424×600×10×12')->Wely) / 625, 1e-3);
});

// G2.1 by hand: h/t_w = 100, 1.10 √(5.34 · 29000/50) = 61.22, C_v1 = 0.6122.
it('reduces shear for slender webs', function (string $method, float $factor): void {
    $s = shape('welded I 828×250×8×14', SteelGrade::A572);
    expect($s->web)
        ->toBeNear(100.0)
        ->and(Shear::available($s, Method::from($method)))
        ->toBeNear($factor * 0.6 * 50 * 6.894757 * 828 * 8 * 0.61218, 1e-4);
})->with([['LRFD', 0.9], ['ASD', 1 / 1.67]]);
