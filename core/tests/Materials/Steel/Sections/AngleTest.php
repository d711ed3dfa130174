<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Angle;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Section;

function angleOf(string $name): Angle
{
    $section = section($name);

    return $section instanceof Angle ? $section : throw new LogicException('An angle is needed.');
}

it('agrees with the published tables of angles', function (
    string $name,
    string $A,
    string $I,
    string $W,
    string $e,
): void {
    $s = angleOf($name);
    $unit = $s->family === 'L' ? 10.0 : 25.4;
    foreach ([[$s->A, $A, 2], [$s->Iy, $I, 4], [$s->Wely, $W, 3], [$s->zs, $e, 1]] as [$computed, $table, $power]) {
        expect($computed / $unit ** $power)->toBeNear((float) $table, 0.01);
    }
})->with(
    array_map(
        fn (string $name, array $row): array => [$name, ...$row],
        array_keys(publishedRows('angle-tables')),
        publishedRows('angle-tables'),
    ),
);

it('has a published row for every angle', function (): void {
    expect(array_map(fn (Section $s): string => $s->name, Catalogue::ofFamilies(['L', 'L inch'])))->toBe(
        array_keys(publishedRows('angle-tables')),
    );
});

it('has the plastic modulus of straight legs', function (): void {
    // The axis at which both halves are equal, L 150×90×10 without radii.
    $s = new Angle('straight', 'none', 150.0, 90.0, 10.0, 0.0, 0.0);
    $half = $s->A / 2;
    $z = 10.0 + (150.0 - 10.0) - $half / 10.0;
    $W = (10.0 * (150.0 - $z) ** 2) / 2 + (10.0 * ($z - 10.0) ** 2) / 2 + 90.0 * 10.0 * ($z - 5.0);
    expect($s->Wply)
        ->toBeNear($W, 1e-6)
        ->and($s->A)
        ->toBeNear(2300.0)
        ->and(section('L 100×100×10')->Iy)
        ->toBeNear(section('L 100×100×10')->Iz, 1e-6);
});
