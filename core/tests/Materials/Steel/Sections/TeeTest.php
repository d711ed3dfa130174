<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\Stem;
use Waage\Materials\Steel\Sections\Tee;

function teeOf(string $name): Tee
{
    $section = section($name);

    return $section instanceof Tee ? $section : throw new LogicException('A tee is needed.');
}

it('agrees with the published tables of tees', function (string $name, string ...$table): void {
    $s = teeOf($name);
    foreach (
        [[$s->A, 2], [$s->Iy, 4], [$s->Wely, 3], [$s->zs, 1], [$s->Wply, 3], [$s->Iz, 4]] as $i => [$computed, $power]
    ) {
        expect($computed / 25.4 ** $power)->toBeNear((float) $table[$i], 0.0125);
    }
})->with(
    array_map(
        fn (string $name, array $row): array => [$name, ...$row],
        array_keys(publishedRows('tee-tables')),
        publishedRows('tee-tables'),
    ),
);

// Two tees put together are the section that they are cut from: by the parallel axes.
it('is half of what it is cut from', function (): void {
    foreach (
        ['½ IPE' => 'IPE', '½ HEA' => 'HEA', '½ HEM' => 'HEM', '½ UB' => 'UB', 'WT' => 'W'] as $halves => $family
    ) {
        foreach (
            array_map(null, Catalogue::ofFamilies([$halves]), Catalogue::ofFamilies([$family])) as [$tee, $whole]
        ) {
            if (! ($tee instanceof Tee) || ! ($whole instanceof ISection)) {
                throw new LogicException("{$halves} are not halves of {$family}.");
            }
            $arm = $tee->h - $tee->zs;
            expect(2 * $tee->A)
                ->toBeNear($whole->A, 3e-4)
                ->and(2 * $tee->Iz)
                ->toBeNear($whole->Iz, 3e-4)
                ->and(2 * ($tee->Iy + $tee->A * $arm ** 2))
                ->toBeNear($whole->Iy, 3e-4)
                ->and(2 * $tee->A * $arm)
                ->toBeNear($whole->Wply, 3e-4)
                ->and(2 * $tee->It)
                ->toBeNear($whole->It);
        }
    }
});

it('has the monosymmetry of strips, and turns with the tee', function (string $name): void {
    $s = teeOf($name);
    [$sum, $n] = [0.0, 20000];
    for ($i = 0; $i < $n; $i++) {
        $z = (($i + 0.5) / $n) * $s->h;
        $w = $z < $s->tf ? $s->b : $s->tw;
        $up = $s->zs - $z;
        $sum += ($up * ($w ** 3 / 12 + $up ** 2 * $w) * $s->h) / $n;
    }
    // Without fillets, which move the axis a little.
    expect($s->monosymmetry())
        ->toBeNear($sum / $s->Iy - 2 * $s->shearCentreAbove(), 0.04)
        ->and($s->monosymmetry())
        ->toBeLessThan(0.0);
    $up = $s->in(true, Stem::Both);
    expect([$up->monosymmetry(), $up->shearLevel(), $up->shearCentreAbove(), $up->faceAbove(1)])
        ->toBe([-$s->monosymmetry(), -$s->shearLevel(), -$s->shearCentreAbove(), -$s->faceAbove(-1)])
        ->and([$up->A, $up->Iy, $up->Wely])
        ->toBe([$s->A, $s->Iy, $s->Wely]);
})->with(['½ IPE 300', '½ HEB 200', 'WT7×34', 'WT12×27.5']);

it('is found by any writing of its name', function (): void {
    expect(section('1/2 ipe300')->name)
        ->toBe('½ IPE 300')
        ->and(section('½HEB 200')->family)
        ->toBe('½ HEB')
        ->and(section('wt10.5x22')->name)
        ->toBe('WT10.5×22')
        ->and(count(Catalogue::ofFamilies(['WT'])))
        ->toBe(count(Catalogue::ofFamilies(['W'])))
        ->and(array_filter(Catalogue::ofFamilies(['WT']), fn (Section $s): bool => ! str_starts_with($s->name, 'WT')))
        ->toBe([]);
});
