<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\Section;

it('has American families beside the European ones, each name once', function (): void {
    $names = array_map(fn (Section $s): string => $s->name, array_values(Catalogue::all()));
    expect(
        array_count_values(
            array_map(fn (Section $s): string => $s->family, Catalogue::ofFamilies(['W', 'HSS', 'Pipe'])),
        ),
    )
        ->toBe(['W' => 180, 'HSS' => 210, 'Pipe' => 22])
        ->and(count(array_unique($names)))
        ->toBe(count($names))
        ->and(array_slice(Catalogue::families(), 13, 5))
        ->toBe(['W', 'S', 'M', 'HSS', 'Pipe']);
});

it('finds a section as engineers type it', function (string $typed, string $name): void {
    expect(Catalogue::find($typed)?->name)->toBe($name);
})->with([
    ['w18x50', 'W18×50'],
    ['W 18 X 50', 'W18×50'],
    ['hss 8x8x1/2', 'HSS 8×8×1/2'],
    ['HSS8*8*1/2', 'HSS 8×8×1/2'],
    ['hss 3-1/2x3-1/2x3/16', 'HSS 3-1/2×3-1/2×3/16'],
    ['pipe 6 std', 'Pipe 6 Std'],
    ['PIPE 3-1/2 XS', 'Pipe 3-1/2 XS'],
]);

it('has no section that is not there', function (string $typed): void {
    expect(Catalogue::find($typed))->toBeNull()->and(Catalogue::missing($typed))->toContain('There is no section');
})->with(['W18×51', 'HSS 8×8', 'Pipe 7 Std', 'W14×730']);

it('is made of shapes, tubing and pipe', function (string $name, string $class): void {
    expect(section($name))->toBeInstanceOf($class);
})->with([
    ['W8X31', ISection::class],
    ['HSS 8×4×1/4', RectangularHollow::class],
    ['Pipe 4 Std', CircularHollow::class],
]);

it('has tubing with 0.93 of its wall and corners of two of it', function (string $name, string $size, float $inches): void {
    expect(section($name)->{$size})->toBeNear($inches * INCH);
})->with([
    ['HSS 8×4×1/4', 't', 0.93 * 0.25],
    ['HSS 8×4×1/4', 'r', 2 * 0.93 * 0.25],
    ['HSS 8×4×1/4', 'h', 8.0],
    ['HSS 8×4×1/4', 'b', 4.0],
    ['Pipe 4 Std', 't', 0.93 * 0.237],
    ['Pipe 4 Std', 'h', 4.5],
]);

it('has every flange thin enough for the strengths of European grades', function (): void {
    foreach (Catalogue::ofFamilies(['W', 'HSS', 'Pipe']) as $s) {
        expect($s->thickest())
            ->toBeLessThan(80.0)
            ->and($s->A)
            ->toBeGreaterThan(0.0)
            ->and($s->Wply)
            ->toBeGreaterThan($s->Wely)
            ->and($s->Iy)
            ->toBeGreaterThanOrEqual($s->Iz * (1 - 1e-9));
    }
});

it('grows within a series of one depth and width with its weight', function (string $series): void {
    $sections = array_values(
        array_filter(Catalogue::ofFamilies(['HSS']), fn (Section $s): bool => str_starts_with($s->name, $series)),
    );
    usort($sections, fn (Section $a, Section $b): int => $a->A <=> $b->A);
    for ($i = 1; $i < count($sections); $i++) {
        expect($sections[$i]->Iy)
            ->toBeGreaterThan($sections[$i - 1]->Iy)
            ->and($sections[$i]->Wply)
            ->toBeGreaterThan($sections[$i - 1]->Wply)
            ->and($sections[$i]->It)
            ->toBeGreaterThan($sections[$i - 1]->It);
    }
    expect(count($sections))->toBeGreaterThan(2);
})->with(['HSS 8×8×', 'HSS 12×6×', 'HSS 6×2×']);
