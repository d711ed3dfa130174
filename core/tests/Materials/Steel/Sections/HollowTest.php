<?php

declare(strict_types=1);

use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\Section;

/** @return array<string, list<float>> published properties by name */
function publishedHollow(): array
{
    $rows = [];
    foreach (file(__DIR__.'/../../../data/hollow-tables.csv', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if ($line[0] !== '#' && ! str_starts_with($line, 'name')) {
            $cells = explode(',', $line);
            $rows[array_shift($cells)] = array_map(floatval(...), $cells);
        }
    }

    return $rows;
}

it('agrees with the published tables', function (string $name, array $published): void {
    $s = section($name);
    [$G, $A, $Iy, $Wely, $Wply, $Iz, $Wplz, $It] = $published;
    // Printed with three digits.
    foreach (
        [
            [($s->weight() / 9.80665) * 1e3, $G],
            [$s->A / 1e2, $A],
            [$s->Iy / 1e4, $Iy],
            [$s->Wely / 1e3, $Wely],
            [$s->Wply / 1e3, $Wply],
            [$s->Iz / 1e4, $Iz],
            [$s->Wplz / 1e3, $Wplz],
            [$s->It / 1e4, $It],
        ] as [$computed, $table]
    ) {
        expect($computed)->toBeNear($table, 0.006);
    }
})->with(array_map(null, array_keys(publishedHollow()), publishedHollow()));

it('has the properties of the outline, cut into squares', function (string $name): void {
    $s = section($name);
    if (! ($s instanceof RectangularHollow)) {
        throw new LogicException('A rectangle is needed.');
    }
    $inside = function (float $y, float $z, float $b, float $h, float $r): bool {
        [$dy, $dz] = [abs($y) - ($b / 2 - $r), abs($z) - ($h / 2 - $r)];

        return abs($y) <= $b / 2 && abs($z) <= $h / 2 && ($dy <= 0 || $dz <= 0 || hypot($dy, $dz) <= $r);
    };
    $inner =
        $s->finish === Waage\Materials\Steel\Sections\Finish::Cold
            ? ($s->t <= 6 ? 1.0 : ($s->t <= 10 ? 1.5 : 2.0)) * $s->t
            : $s->t;
    $step = $s->t / 12;
    $A = $Iy = $Wply = $Iz = 0.0;
    for ($z = $step / 2; $z < $s->h / 2; $z += $step) {
        for ($y = $step / 2; $y < $s->b / 2; $y += $step) {
            if (
                $inside($y, $z, $s->b, $s->h, $s->r) &&
                ! $inside($y, $z, $s->b - 2 * $s->t, $s->h - 2 * $s->t, $inner)
            ) {
                $A += 4 * $step ** 2;
                $Iy += 4 * $step ** 2 * $z ** 2;
                $Iz += 4 * $step ** 2 * $y ** 2;
                $Wply += 4 * $step ** 2 * $z;
            }
        }
    }
    expect($s->A)
        ->toBeNear($A, 0.01)
        ->and($s->Iy)
        ->toBeNear($Iy, 0.01)
        ->and($s->Iz)
        ->toBeNear($Iz, 0.01)
        ->and($s->Wply)
        ->toBeNear($Wply, 0.01);
})->with(['RHS 120×80×5', 'SHS 100×100×10', 'RHS 200×100×6 cold', 'SHS 150×150×12.5 cold']);

it('has sections whose dimensions make sense', function (): void {
    $hollow = Catalogue::ofFamilies(['SHS', 'RHS', 'CHS', 'SHS cold', 'RHS cold', 'CHS cold']);
    expect(count($hollow))
        ->toBeGreaterThan(600)
        ->and(count(array_unique(array_map(fn (Section $s): string => $s->name, $hollow))))
        ->toBe(count($hollow));
    foreach ($hollow as $s) {
        expect($s->thickest())
            ->toBeLessThan($s->b / 3)
            ->and($s->Wply)
            ->toBeGreaterThan($s->Wely)
            ->and($s->Iy)
            ->toBeGreaterThanOrEqual($s->Iz)
            ->and($s->surface())
            ->toBeLessThanOrEqual($s instanceof CircularHollow ? M_PI * $s->h : 2 * ($s->h + $s->b))
            ->and(str_starts_with($s->name, explode(' ', $s->family)[0]))
            ->toBeTrue();
    }
});

it('is found by its name as one types it', function (): void {
    expect(Catalogue::find('shs100x100x5')?->name)
        ->toBe('SHS 100×100×5')
        ->and(Catalogue::find('rhs 200 x 100 x 6 cold')?->name)
        ->toBe('RHS 200×100×6 cold')
        ->and(Catalogue::find('chs 114.3x5')?->family)
        ->toBe('CHS')
        ->and(Catalogue::find('SHS 101×101×5'))
        ->toBeNull();
});

it('lies on its wide side', function (): void {
    [$flat, $upright] = [section('RHS 200×100×6.3 flat'), section('RHS 200×100×6.3')];
    expect($flat->Iy)
        ->toBe($upright->Iz)
        ->and($flat->Iz)
        ->toBe($upright->Iy)
        ->and($flat->h)
        ->toBe(100.0)
        ->and($flat->weight())
        ->toBe($upright->weight());
});
