<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Materials\Steel\En1993\Profiles;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;

// By hand: 2 · 200 · 15 + 470 · 8 = 9760 mm²; (200 · 500³ − 192 · 470³)/12; 200 · 15 · 485 + 8 · 470²/4.
it('makes an I section of its plates', function (string $property, float $value): void {
    expect(section('welded I 500×200×8×15')->{$property})->toBeNear($value);
})->with([
    ['A', 9760.0],
    ['Iy', (200 * 500 ** 3 - 192 * 470 ** 3) / 12],
    ['Wply', 200 * 15 * 485 + (8 * 470 ** 2) / 4],
    ['Iz', (2 * 15 * 200 ** 3 + 470 * 8 ** 3) / 12],
    ['It', (2 * 200 * 15 ** 3 + 470 * 8 ** 3) / 3],
    ['Iw', (((15 * 200 ** 3) / 12) * 485 ** 2) / 2],
    ['hs', 485.0],
]);

it('paints an I section of plates all around, and knows its kind', function (): void {
    $s = section('welded I 500×200×8×15');
    expect($s->surface())
        ->toBeNear(4 * 200 - 2 * 8 + 2 * 500.0)
        ->and($s->family)
        ->toBe('welded I');
});

it('makes a box of its plates', function (): void {
    $s = section('welded box 300×200×10');
    // Bredt: 4 A_m² / ∮ ds/t, with the plates themselves added.
    expect($s->A)
        ->toBeNear(300 * 200 - 280 * 180.0)
        ->and($s->Iy)
        ->toBeNear((200 * 300 ** 3 - 180 * 280 ** 3) / 12)
        ->and($s->Wply)
        ->toBeNear((200 * 300 ** 2 - 180 * 280 ** 2) / 4)
        ->and($s->It)
        ->toBeNear((4 * (290 * 190) ** 2 * 10) / 960 + (10 ** 3 * 960) / 3)
        ->and($s->surface())
        ->toBeNear(1000.0);
});

it('is read as one writes it', function (string $typed, string $name): void {
    expect(Catalogue::find($typed)?->name)->toBe($name);
})->with([
    ['Welded I 500x200x8x15', 'welded I 500×200×8×15'],
    ['welded i 500 * 200 * 8 * 15', 'welded I 500×200×8×15'],
    ['WELDED BOX 300x200x12.5', 'welded box 300×200×12.5'],
    ['Welded t 150x120x8x12', 'welded T 150×120×8×12'],
    ['tube 200 x 8 Cold', 'tube 200×8 cold'],
]);

it('says what is wrong with dimensions', function (string $typed, string $says): void {
    expect(Catalogue::find($typed))->toBeNull()->and(Catalogue::missing($typed))->toContain($says);
    try {
        design(['section' => $typed]);
        $message = '';
    } catch (InvalidMember $e) {
        $message = array_column($e->errors, 'message', 'path')['section'];
    }
    expect($message)->toContain($says);
})->with([
    ['welded I 500×200×8', 'four dimensions'],
    ['welded box 300×200', 'three dimensions'],
    ['welded', 'welded I 500×200×8×15'],
    ['welded I 500×200×2×15', 'between 3 and 80 mm'],
    ['welded I 20×200×8×15', 'between 40 and 3000 mm'],
    ['welded I 100×200×8×45', 'too thick'],
    ['welded box 200×300×10', 'turn it round'],
    ['welded T 150×120×8', 'four dimensions'],
    ['welded channel 200×80', 'four dimensions'],
    ['angle 120×80', 'three dimensions'],
    ['angle 120×80×10 cold', 'three dimensions'],
    ['hollow 200×100', 'three dimensions'],
    ['hollow 100×200×8', 'turn it round'],
    ['hollow 100×100×20', 'too thick'],
    ['tube 200', 'two dimensions'],
    ['tube 10×2', 'between 20 and 3000'],
    ['tube 200×1', 'between 1.5 and 80'],
    ['welded T 150×120×8×130', 'between 3 and 80'],
    ['IPE 301', 'no section “IPE 301”'],
]);

// EN 1993-1-1, Table 6.2 (welded I, t_f ≤ 40: b and c; above c and d; welded boxes b, with thick welds and stocky
// plates c), Table 6.5 (h/b ≤ 2: c, else d), 6.2.6(3)d: η h_w t_w.
it('takes the curves of welded sections', function (string $name, array $curves): void {
    expect(curves(steel($name)))->toBe($curves);
})->with([
    ['welded I 500×200×8×15', ['b', 'c']],
    ['welded I 500×300×20×50', ['c', 'd']],
    ['welded box 300×200×8', ['b', 'b']],
    ['welded box 300×200×12', ['c', 'c']],
]);

it('takes the lateral curve of welded sections', function (string $name, float $alpha): void {
    expect(Profiles::of(section($name))->lateralCurve(true)->alpha)->toBe($alpha);
})->with([['welded I 500×200×8×15', 0.76], ['welded I 300×200×8×15', 0.49]]);

it('takes the shear area of welded sections', function (string $name, float $area): void {
    expect(Shear::resistance(steel($name)))->toBeNear(($area * 235) / sqrt(3));
})->with([['welded I 500×200×8×15', 1.2 * 470 * 8], ['welded box 300×200×10', 2.0 * 280 * 10]]);

it('weighs a member of them', function (): void {
    $design = design(
        ['section' => 'welded I 400×180×8×14', 'loads' => [lineLoad('g', '12 kN/m'), lineLoad('q', '10 kN/m')]],
        Detail::Lines,
    );
    expect(weighing($design, 'bending')->capacity)
        ->toBeNear(section('welded I 400×180×8×14')->Wply * 235)
        ->and(weighing($design, 'buckling')->ratio)
        ->toBeGreaterThan((float) weighing($design, 'bending')->ratio)
        ->and(SteelMake::of($design->member)->section->name)
        ->toBe('welded I 400×180×8×14');
});

// By hand: T of 150 × 8 below 120 × 12 and channel of its plates; the closed values of thin walls for the others.
it('makes tees, channels and angles of their dimensions', function (string $name, string $property, float $value): void {
    expect(section($name)->{$property})->toBeNear($value);
})->with(function (): array {
    $zs = (120 * 12 * 6 + 150 * 8 * 87) / (120 * 12 + 150 * 8);
    $Iy = (120 * 12 ** 3) / 12 + 1440 * ($zs - 6) ** 2 + (8 * 150 ** 3) / 12 + 1200 * (87 - $zs) ** 2;

    return [
        ['welded T 162×120×8×12', 'A', 120 * 12 + 150 * 8.0],
        ['welded T 162×120×8×12', 'Iy', $Iy],
        ['welded T 162×120×8×12', 'It', (120 * 12 ** 3 + 150 * 8 ** 3) / 3],
        ['welded channel 200×80×8×12', 'A', 2 * 80 * 12 + 176 * 8.0],
        ['welded channel 200×80×8×12', 'Iy', (80 * 200 ** 3 - 72 * 176 ** 3) / 12],
        ['welded channel 200×80×8×12', 'It', (2 * 80 * 12 ** 3 + 176 * 8 ** 3) / 3],
        ['angle 120×80×10', 'A', 1900.0],
    ];
});

it('makes hollow sections and tubes as those of the tables', function (string $own, string $rolled, string $property): void {
    expect(section($own)->{$property})->toBeNear(section($rolled)->{$property});
})->with([
    ['hollow 200×100×8 cold', 'RHS 200×100×8 cold', 'A'],
    ['hollow 200×100×8', 'RHS 200×100×8', 'Iy'],
    ['tube 168.3×5', 'CHS 168.3×5', 'Iy'],
]);

it('weighs them as those of the catalogue', function (): void {
    $same = fn (string $own, string $rolled, string $id, array $change = []): bool => abs(
        (weighing(design(['section' => $own, ...$change]), $id)->ratio ?? 0.0) -
            (weighing(design(['section' => $rolled, ...$change]), $id)->ratio ?? 1.0),
    ) < 1e-9;
    expect($same('hollow 200×100×8', 'RHS 200×100×8', 'buckling'))
        ->toBeTrue()
        ->and($same('tube 168.3×5 cold', 'CHS 168.3×5 cold', 'bending'))
        ->toBeTrue()
        // EN 1993-1-1, 6.2.6(3)c and d.
        ->and(Shear::resistance(steel('welded T 162×120×8×12')))
        ->toBeNear((8 * (162 - 6) * 235) / sqrt(3))
        ->and(Shear::resistance(steel('welded channel 200×80×8×12')))
        ->toBeNear((1.2 * 176 * 8 * 235) / sqrt(3));
    // F2 is for compact channels.
    expect(
        weighing(
            design([
                'section' => 'welded channel 200×120×8×8',
                'grade' => 'A992',
                'basis' => ['combinations' => 'asce-7-22-lrfd'],
            ]),
            'strength',
        )->remark,
    )->toContain('compact (F2)');
});
