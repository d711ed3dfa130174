<?php

declare(strict_types=1);

use Waage\Member\InvalidMember;
use Waage\Sections\Catalogue;
use Waage\Standards\En1993\BeamColumn;
use Waage\Standards\En1993\LateralResistance;
use Waage\Standards\En1993\Shear;

it('makes an I section of its plates', function (): void {
    $s = section('welded I 500×200×8×15');
    // By hand: 2 · 200 · 15 + 470 · 8 = 9760 mm²; (200 · 500³ − 192 · 470³)/12; 200 · 15 · 485 + 8 · 470²/4.
    expect($s->A)->toBeNear(9760.0)->and($s->Iy)->toBeNear((200 * 500 ** 3 - 192 * 470 ** 3) / 12)->and($s->Wply)->toBeNear(200 * 15 * 485 + 8 * 470 ** 2 / 4)
        ->and($s->Iz)->toBeNear((2 * 15 * 200 ** 3 + 470 * 8 ** 3) / 12)->and($s->It)->toBeNear((2 * 200 * 15 ** 3 + 470 * 8 ** 3) / 3)->and($s->Iw)->toBeNear(15 * 200 ** 3 / 12 * 485 ** 2 / 2)
        ->and($s->hs)->toBeNear(485.0)->and($s->surface())->toBeNear(4 * 200 - 2 * 8 + 2 * 500.0)->and($s->family)->toBe('welded I');
});

it('makes a box of its plates', function (): void {
    $s = section('welded box 300×200×10');
    // Bredt: 4 A_m² / ∮ ds/t, with the plates themselves added.
    expect($s->A)->toBeNear(300 * 200 - 280 * 180.0)->and($s->Iy)->toBeNear((200 * 300 ** 3 - 180 * 280 ** 3) / 12)->and($s->Wply)->toBeNear((200 * 300 ** 2 - 180 * 280 ** 2) / 4)
        ->and($s->It)->toBeNear(4 * (290 * 190) ** 2 * 10 / 960 + 10 ** 3 * 960 / 3)->and($s->surface())->toBeNear(1000.0);
});

it('is read as one writes it', function (string $typed, string $name): void {
    expect(Catalogue::find($typed)?->name)->toBe($name);
})->with([['Welded I 500x200x8x15', 'welded I 500×200×8×15'], ['welded i 500 * 200 * 8 * 15', 'welded I 500×200×8×15'], ['WELDED BOX 300x200x12.5', 'welded box 300×200×12.5']]);

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
    ['welded I 500×200×8', 'four dimensions'], ['welded box 300×200', 'three dimensions'], ['welded', 'welded I 500×200×8×15'], ['welded I 500×200×2×15', 'between 3 and 80 mm'],
    ['welded I 20×200×8×15', 'between 40 and 3000 mm'], ['welded I 100×200×8×45', 'too thick'], ['welded box 200×300×10', 'turn it round'], ['IPE 301', 'no section “IPE 301”'],
]);

// EN 1993-1-1, Table 6.2 (welded I, t_f ≤ 40: b and c; above c and d; welded boxes b, with thick welds and stocky plates c),
// Table 6.5 (h/b ≤ 2: c, else d), 6.2.6(3)d: η h_w t_w.
it('takes the curves and the shear area of welded sections', function (): void {
    expect(BeamColumn::curves(steel('welded I 500×200×8×15')))->toBe(['b', 'c'])->and(BeamColumn::curves(steel('welded I 500×300×20×50')))->toBe(['c', 'd'])
        ->and(BeamColumn::curves(steel('welded box 300×200×8')))->toBe(['b', 'b'])->and(BeamColumn::curves(steel('welded box 300×200×12')))->toBe(['c', 'c'])
        ->and(LateralResistance::imperfection(section('welded I 500×200×8×15'), true)[0])->toBe(0.76)->and(LateralResistance::imperfection(section('welded I 300×200×8×15'), true)[0])->toBe(0.49)
        ->and(Shear::resistance(steel('welded I 500×200×8×15')))->toBeNear(1.2 * 470 * 8 * 235 / sqrt(3))->and(Shear::resistance(steel('welded box 300×200×10')))->toBeNear(2 * 280 * 10 * 235 / sqrt(3));
});

it('weighs a member of them', function (): void {
    $design = design(['section' => 'welded I 400×180×8×14', 'loads' => [lineLoad('g', '12 kN/m'), lineLoad('q', '10 kN/m')]], true);
    expect(weighing($design, 'bending')->capacity)->toBeNear(section('welded I 400×180×8×14')->Wply * 235)->and(weighing($design, 'buckling')->ratio)->toBeGreaterThan((float) weighing($design, 'bending')->ratio)
        ->and($design->member->section->name)->toBe('welded I 400×180×8×14');
});
