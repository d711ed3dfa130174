<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Plates;

it('has W shapes of the nominal weights that their names tell', function (): void {
    $shapes = Catalogue::ofFamilies(['W']);
    expect($shapes)->toHaveCount(180);
    foreach ($shapes as $s) {
        // Steel of the tables weighs 490 lb/ft³: an area of 1 in² weighs 3.403 lb/ft.
        expect((($s->A / INCH ** 2) * 490) / 144)->toBeNear((float) explode('×', $s->name)[1], 0.013);
        expect($s)->toBeInstanceOf(ISection::class);
    }
});

// AISC Steel Construction Manual, Table 1-1: A, I_x, S_x, Z_x, I_y, J, C_w in inches; from memory. They are made
// from dimensions with more digits than are printed: a flange of 11.95 in is printed as 12.0 in.
it('agrees with the published tables', function (
    string $name,
    float $A,
    float $Ix,
    float $Sx,
    float $Zx,
    float $Iy,
    float $J,
    float $Cw,
): void {
    $s = section($name);
    expect($s->A / INCH ** 2)
        ->toBeNear($A, 0.01)
        ->and($s->Iy / INCH ** 4)
        ->toBeNear($Ix, 0.01)
        ->and($s->Wely / INCH ** 3)
        ->toBeNear($Sx, 0.01)
        ->and($s->Wply / INCH ** 3)
        ->toBeNear($Zx, 0.01)
        ->and($s->Iz / INCH ** 4)
        ->toBeNear($Iy, 0.015)
        ->and($s->It / INCH ** 4)
        ->toBeNear($J, 0.025)
        ->and($s->Iw / INCH ** 6)
        ->toBeNear($Cw, 0.02);
})->with([
    ['W44X335', 98.5, 31100, 1410, 1620, 1200, 74.7, 535000],
    ['W36X135', 39.9, 7800, 439, 509, 225, 7.0, 68100],
    ['W30X99', 29.0, 3990, 269, 312, 128, 3.77, 26800],
    ['W27X84', 24.7, 2850, 213, 244, 106, 2.81, 17900],
    ['W24X55', 16.2, 1350, 114, 134, 29.1, 1.18, 3870],
    ['W24X76', 22.4, 2100, 176, 200, 82.5, 2.68, 11100],
    ['W21X44', 13.0, 843, 81.6, 95.4, 20.7, 0.77, 2110],
    ['W21X48', 14.1, 959, 93.0, 107, 38.7, 0.803, 3950],
    ['W18X50', 14.7, 800, 88.9, 101, 40.1, 1.24, 3040],
    ['W18X35', 10.3, 510, 57.6, 66.5, 15.3, 0.506, 1140],
    ['W16X26', 7.68, 301, 38.4, 44.2, 9.59, 0.262, 565],
    ['W16X40', 11.8, 518, 64.7, 73.0, 28.9, 0.794, 1730],
    ['W14X90', 26.5, 999, 143, 157, 362, 4.06, 16000],
    ['W14X22', 6.49, 199, 29.0, 33.2, 7.0, 0.208, 314],
    ['W14X132', 38.8, 1530, 209, 234, 548, 12.3, 25500],
    ['W12X26', 7.65, 204, 33.4, 37.2, 17.3, 0.3, 607],
    ['W12X50', 14.6, 391, 64.2, 71.9, 56.3, 1.71, 1880],
    ['W12X14', 4.16, 88.6, 14.9, 17.4, 2.36, 0.0704, 80.4],
    ['W10X49', 14.4, 272, 54.6, 60.4, 93.4, 1.39, 2070],
    ['W10X12', 3.54, 53.8, 10.9, 12.6, 2.18, 0.0547, 50.9],
    ['W8X31', 9.13, 110, 27.5, 30.4, 37.1, 0.536, 530],
    ['W8X10', 2.96, 30.8, 7.81, 8.87, 2.09, 0.0426, 30.9],
    ['W6X15', 4.43, 29.1, 9.72, 10.8, 9.32, 0.101, 76.5],
    ['W4X13', 3.83, 11.3, 5.46, 6.28, 3.86, 0.151, 14.0],
]);

it('agrees with the published tables of S and M shapes', function (string $name, string ...$table): void {
    $s = section($name);
    foreach ([[$s->A, 2], [$s->Iy, 4], [$s->Wely, 3], [$s->Wply, 3], [$s->Iz, 4]] as $i => [$computed, $power]) {
        expect($computed / INCH ** $power)->toBeNear((float) $table[$i], $i === 4 ? 0.0125 : 0.01);
    }
})->with(
    array_map(
        fn (string $name, array $row): array => [$name, ...$row],
        array_keys(publishedRows('s-shape-tables')),
        publishedRows('s-shape-tables'),
    ),
);

it('has a published row for every S and M shape, and takes plates on flanges that slope', function (): void {
    expect(array_column(Catalogue::ofFamilies(['S', 'M']), 'name'))->toBe(array_keys(publishedRows('s-shape-tables')));
    $s = section('S12×35');
    $plated =
        $s instanceof ISection
            ? $s->with(new Plates(100.0, 10.0), 'plated')
            : throw new LogicException('An I section is needed.');
    // By the parallel axes.
    expect($plated->Iy)
        ->toBeNear($s->Iy + 2 * ((100.0 * 10.0 ** 3) / 12 + 1000.0 * ($s->h / 2 + 5) ** 2))
        ->and($plated->Iz)
        ->toBeNear($s->Iz + (2 * 10.0 * 100.0 ** 3) / 12)
        ->and($plated->A)
        ->toBeNear($s->A + 2000.0)
        // k of the published table, 1 3/16 in: the fillet begins at the root of the flange.
        ->and(($s->h - $s->d) / 2 / INCH)
        ->toBeNear(1.1875, 0.05);
});
