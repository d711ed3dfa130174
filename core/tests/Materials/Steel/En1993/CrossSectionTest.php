<?php

declare(strict_types=1);

use Waage\Materials\Steel\En1993\Bending;
use Waage\Materials\Steel\En1993\BendingWithShear;
use Waage\Materials\Steel\En1993\ClassedPart;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\SteelGrade;

// EN 1993-1-1:2005, Table 5.2, sheets 1 to 3: limits of c/t for ε = 1, a value on either side of each.
it('classifies on either side of each limit', function (array $limits, float $slenderness, int $class): void {
    expect(ClassedPart::of($slenderness, $limits, 1.0))->toBe($class);
})->with([
    [ClassedPart::OUTSTAND, 9.0, 1],
    [ClassedPart::OUTSTAND, 9.01, 2],
    [ClassedPart::OUTSTAND, 10.0, 2],
    [ClassedPart::OUTSTAND, 10.01, 3],
    [ClassedPart::OUTSTAND, 14.0, 3],
    [ClassedPart::OUTSTAND, 14.01, 4],
    [ClassedPart::BENT, 72.0, 1],
    [ClassedPart::BENT, 72.1, 2],
    [ClassedPart::BENT, 83.0, 2],
    [ClassedPart::BENT, 83.1, 3],
    [ClassedPart::BENT, 124.0, 3],
    [ClassedPart::BENT, 124.1, 4],
    [ClassedPart::INTERNAL, 33.0, 1],
    [ClassedPart::INTERNAL, 33.1, 2],
    [ClassedPart::INTERNAL, 38.1, 3],
    [ClassedPart::INTERNAL, 42.1, 4],
    [ClassedPart::TUBE, 50.0, 1],
    [ClassedPart::TUBE, 50.1, 2],
    [ClassedPart::TUBE, 70.1, 3],
    [ClassedPart::TUBE, 90.1, 4],
]);

// Section classes in bending as printed in the section tables that accompany EN 10365; from memory.
it('classifies as the tables print', function (string $section, SteelGrade $grade, int $class): void {
    expect(steel($section, $grade)->class)->toBe($class);
})->with([
    ['IPE 300', SteelGrade::S235, 1],
    ['IPE 300', SteelGrade::S355, 1],
    ['IPE 600', SteelGrade::S355, 1],
    ['IPE 600', SteelGrade::S460, 1],
    ['HEB 300', SteelGrade::S355, 1],
    ['HEA 200', SteelGrade::S235, 1],
    ['HEA 200', SteelGrade::S355, 2],
    ['HEA 260', SteelGrade::S235, 1],
    ['HEA 260', SteelGrade::S355, 3],
    ['HEA 280', SteelGrade::S355, 3],
    ['HEA 300', SteelGrade::S355, 3],
    ['HEA 300', SteelGrade::S460, 3],
    ['HEA 340', SteelGrade::S355, 1],
    ['HEM 300', SteelGrade::S460, 1],
]);

// M_pl,Rd and V_pl,Rd for γ_M0 = 1.0: Schneider, Bautabellen für Ingenieure (Werner), tables of plastic resistances of
// rolled sections; shear areas as printed in the section tables. From memory.
it('has the resistances of the tables', function (string $section, SteelGrade $grade, float $M, float $V): void {
    $steel = steel($section, $grade);
    expect(Bending::resistance($steel))
        ->toBeNear($M * 1e6, 0.005)
        ->and(Shear::resistance($steel))
        ->toBeNear($V * 1e3, 0.005);
})->with([
    ['IPE 200', SteelGrade::S235, 51.8, 190.0],
    ['IPE 300', SteelGrade::S235, 147.7, 348.4],
    ['IPE 400', SteelGrade::S235, 307.1, 579.2],
    ['IPE 500', SteelGrade::S355, 778.9, 1227.0],
    ['IPE 600', SteelGrade::S235, 825.4, 1136.7],
    ['HEA 200', SteelGrade::S235, 100.9, 245.3],
    ['HEA 300', SteelGrade::S235, 325.0, 505.8],
    ['HEB 200', SteelGrade::S235, 151.0, 336.9],
    ['HEB 300', SteelGrade::S235, 439.1, 643.5],
    ['HEB 400', SteelGrade::S355, 1147.4, 1434.3],
]);

it('takes the elastic modulus for class 3', function (): void {
    // HEA 300: W_el,y = 1260 cm³ as published; 1260 · 355 = 447.3 kNm.
    expect(Bending::resistance(steel('HEA 300', SteelGrade::S355)))->toBeNear(447.3e6, 0.005);
});

it('divides by the partial factor', function (): void {
    expect(Bending::resistance(steel('IPE 300', parameters: ['gammaM0' => 1.1])))
        ->toBeNear(Bending::resistance(steel('IPE 300')) / 1.1)
        ->and(Shear::resistance(steel('IPE 300', parameters: ['gammaM0' => 1.1])))
        ->toBeNear(Shear::resistance(steel('IPE 300')) / 1.1);
});

it('reduces bending for shear as strips with a weakened web do', function (float $part): void {
    $steel = steel('HEB 300');
    $s = $steel->section;
    $V = Shear::resistance($steel);
    $rho = (2 * $part - 1) ** 2;
    // 6.2.8(5): the web between the flanges with (1 − ρ) f_y, everything else, fillets included, with f_y.
    $n = 4000;
    $M = 0.0;
    for ($i = 0; $i < $n; $i++) {
        $z = (($i + 0.5) * $s->hw) / 2 / $n;
        $M -= (2 * $rho * $steel->fy * $s->tw * $z * $s->hw) / 2 / $n;
    }
    expect(BendingWithShear::resistance($steel, $part * $V, $V, Bending::resistance($steel)))->toBeNear(
        Bending::resistance($steel) + $M,
        1e-6,
    );
})->with([0.51, 0.7, 0.9, 1.0]);

it('does not reduce bending up to half the shear resistance', function (): void {
    $steel = steel('IPE 300');
    expect(BendingWithShear::resistance($steel, 0.5 * 100.0, 100.0, 7.0))
        ->toBe(7.0)
        ->and(BendingWithShear::resistance($steel, 50.1, 100.0, Bending::resistance($steel)))
        ->toBeLessThan(Bending::resistance($steel));
});

it('keeps the limit of shear buckling', function (): void {
    // 72 ε / η = 60.0 for S235 and η = 1.2 (6.2.6(6)); 72 · 0.8136 / 1.2 = 48.8 for S355. No rolled I section is beyond
    // it.
    expect(Shear::bucklingLimit(steel('IPE 300')))
        ->toBeNear(60.0)
        ->and(Shear::bucklingLimit(steel('IPE 300', SteelGrade::S355)))
        ->toBeNear(48.82, 1e-3);
    foreach (Catalogue::ofFamilies(['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC']) as $s) {
        expect(Shear::webSlenderness(steel($s->name)) ?? 0.0)->toBeLessThan(60.0, $s->name);
    }
});
