<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\Plates;
use Waage\Materials\Steel\Sections\Section;

/** @return array<string, list<float>> published properties by name */
function publishedSections(): array
{
    $rows = [];
    foreach (file(__DIR__.'/../../../data/section-tables.csv', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if ($line[0] !== '#' && ! str_starts_with($line, 'name')) {
            $cells = explode(',', $line);
            $rows[array_shift($cells)] = array_map(floatval(...), $cells);
        }
    }

    return $rows;
}

it('has the complete series', function (): void {
    expect(
        array_count_values(
            array_map(
                fn (Section $s): string => $s->family,
                Catalogue::ofFamilies(['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC']),
            ),
        ),
    )->toBe(['IPE' => 18, 'HEAA' => 24, 'HEA' => 24, 'HEB' => 24, 'HEM' => 24, 'UB' => 72, 'UC' => 31]);
});

it('agrees with the published tables', function (string $name, array $published): void {
    $s = section($name);
    [$G, $A, $Iy, $Wely, $Wply, $Iz, $Wplz, $It, $Iw] = $published;
    foreach (
        [
            [$s->A, $A * 1e2],
            [$s->Iy, $Iy * 1e4],
            [$s->Wely, $Wely * 1e3],
            [$s->Wply, $Wply * 1e3],
            [$s->Iz, $Iz * 1e4],
            [$s->Wplz, $Wplz * 1e3],
        ] as $i => [$computed, $table]
    ) {
        expect($computed)->toBeNear($table, 0.01);
    }
    // The tables round masses of light sections to 0.1 kg/m; torsion and warping come from approximations.
    expect(($s->weight() / 9.80665) * 1000)
        ->toBeNear($G, 0.01, 10.0)
        ->and($s->It)
        ->toBeNear($It * 1e4, 0.02, 2e4)
        ->and($s->Iw)
        ->toBeNear($Iw * 1e9, 0.01);
})->with(array_map(null, array_keys(publishedSections()), publishedSections()));

it('has a published row for every section', function (): void {
    expect(array_keys(publishedSections()))->toBe(array_slice(array_keys(Catalogue::all()), 0, 217));
});

it('agrees with strips summed over the depth', function (string $name): void {
    $s = section($name);
    $n = 20000;
    $dz = $s->h / 2 / $n;
    $A = $I = $W = $Iz = 0.0;
    for ($i = 0; $i < $n; $i++) {
        $z = ($i + 0.5) * $dz;
        $toFlange = $s->hw / 2 - $z;
        $width = match (true) {
            $toFlange < 0 => $s->b,
            $toFlange < $s->r => $s->tw + 2 * ($s->r - sqrt($s->r ** 2 - ($s->r - $toFlange) ** 2)),
            default => $s->tw,
        };
        $A += 2 * $width * $dz;
        $I += 2 * $width * $z * $z * $dz;
        $W += 2 * $width * $z * $dz;
        $Iz += ((2 * $width ** 3) / 12) * $dz;
    }
    expect($s->A)
        ->toBeNear($A, 2e-4)
        ->and($s->Iy)
        ->toBeNear($I, 2e-4)
        ->and($s->Wply)
        ->toBeNear($W, 2e-4)
        ->and($s->Iz)
        ->toBeNear($Iz, 2e-4);
})->with(['IPE 80', 'IPE 330', 'HEA 240', 'HEB 600', 'HEM 1000', 'UB 127×76×13', 'UC 356×406×634']);

it('grows with every plate', function (): void {
    $base = new ISection('', '', 300, 150, 7.1, 10.7, 15);
    foreach (
        [[310, 150, 7.1, 10.7], [300, 160, 7.1, 10.7], [300, 150, 8, 10.7], [300, 150, 7.1, 12]] as [$h, $b, $tw, $tf]
    ) {
        $bigger = new ISection('', '', $h, $b, $tw, $tf, 15);
        foreach (['A', 'Iy', 'Iz', 'Wply', 'It'] as $property) {
            expect($bigger->$property)->toBeGreaterThan($base->$property);
        }
    }
});

it('finds a section however it is typed', function (): void {
    expect(Catalogue::find('ipe300')?->name)
        ->toBe('IPE 300')
        ->and(Catalogue::find('IPE 301'))
        ->toBeNull()
        ->and(Catalogue::find('hea 200')?->name)
        ->toBe('HEA 200')
        ->and(Catalogue::find('ub457x191x67')?->name)
        ->toBe('UB 457×191×67')
        ->and(Catalogue::find('UC 203 × 203 × 46')?->name)
        ->toBe('UC 203×203×46');
});

/** @return array<string, float> an IPE 330 with plates 140×12, summed as strips over the depth */
function platedInStrips(): array
{
    $bare = section('IPE 330');
    $s = $bare->with(new Plates(140, 12), 'plated');
    $n = 20000;
    $dz = $s->h / 2 / $n;
    $A = $I = $W = $Iz = $first = $flange = 0.0;
    for ($i = 0; $i < $n; $i++) {
        $z = ($i + 0.5) * $dz;
        $toFlange = $s->hw / 2 - $z;
        $width = match (true) {
            $z > $bare->h / 2 => 140.0,
            $toFlange < 0 => $s->b,
            $toFlange < $s->r => $s->tw + 2 * ($s->r - sqrt($s->r ** 2 - ($s->r - $toFlange) ** 2)),
            default => $s->tw,
        };
        $A += 2 * $width * $dz;
        $I += 2 * $width * $z * $z * $dz;
        $W += 2 * $width * $z * $dz;
        $Iz += ((2 * $width ** 3) / 12) * $dz;
        $first += $toFlange < 0 ? $width * $z * $dz : 0.0;
        $flange += $toFlange < 0 ? $width * $dz : 0.0;
    }

    return ['A' => $A, 'Iy' => $I, 'Wply' => $W, 'Iz' => $Iz, 'hs' => (2 * $first) / $flange, 'Wely' => (2 * $I) / $s->h];
}

it('has plates on its flanges as strips summed over the depth', function (string $property): void {
    $plated = section('IPE 330')->with(new Plates(140, 12), 'plated');
    expect($plated->{$property})->toBeNear(platedInStrips()[$property], 3e-4);
})->with(['A', 'Iy', 'Wply', 'Iz', 'hs', 'Wely']);

it('keeps its web under plates on its flanges', function (string $property): void {
    $bare = section('IPE 330');
    expect($bare->with(new Plates(140, 12), 'plated')->{$property})->toBeNear($bare->{$property});
})->with(['AvRolled', 'hw']);

// Two flanges as one: their second moment about the weak axis and their distance.
it('has a flange and its plate as one that warps', function (): void {
    $bare = section('IPE 330');
    $s = $bare->with(new Plates(140, 12), 'plated');
    expect([$s->h, $s->thickest(), $bare->thickest()])
        ->toBe([$bare->h + 24, 12.0, $bare->tf])
        ->and($s->Iw)
        ->toBeNear(((($bare->tf * $bare->b ** 3 + 12 * 140 ** 3) / 12) * $s->hs ** 2) / 2)
        ->and($bare->Iw)
        ->toBeNear((($bare->tf * $bare->b ** 3) / 24) * ($bare->h - $bare->tf) ** 2);
});
