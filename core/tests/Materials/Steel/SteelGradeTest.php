<?php

declare(strict_types=1);

use Waage\Checks\Weighing;
use Waage\Materials\Steel\SteelGrade;

// EN 1993-1-1:2005, Table 3.1, from memory.
it('gives the strength by thickness', function (SteelGrade $grade, float $thickness, float $fy): void {
    expect($grade->yieldStrength($thickness))->toBe($fy);
})->with([
    [SteelGrade::S235, 40.0, 235.0],
    [SteelGrade::S235, 40.1, 215.0],
    [SteelGrade::S275, 40.0, 275.0],
    [SteelGrade::S275, 80.0, 255.0],
    [SteelGrade::S355, 40.0, 355.0],
    [SteelGrade::S355, 41.0, 335.0],
    [SteelGrade::S460, 40.0, 460.0],
    [SteelGrade::S460, 80.0, 430.0],
]);

it('ends where the table ends', function (): void {
    expect(fn () => SteelGrade::S235->yieldStrength(80.1))->toThrow(DomainException::class, 'up to 80 mm');
});

// ANSI/AISC 360: E = 29 000 ksi, G = 11 200 ksi; ASTM A36, A572, A992, A913, A500, A53.
it('knows American grades with their own moduli', function (SteelGrade $grade, float $ksi, bool $isOfHollows): void {
    expect($grade->isAmerican())
        ->toBeTrue()
        ->and($grade->yieldStrength(90.0) / 6.894757)
        ->toBeNear($ksi, 1e-6)
        ->and($grade->elasticity())
        ->toBeNear(199948.0, 1e-6)
        ->and($grade->shearModulus())
        ->toBeNear(77221.3, 1e-6)
        ->and($grade->isOfHollows())
        ->toBe($isOfHollows)
        ->and(SteelGrade::like($grade))
        ->toContain($grade)
        ->not->toContain(SteelGrade::S355);
})->with([
    [SteelGrade::A36, 36.0, false],
    [SteelGrade::A572, 50.0, false],
    [SteelGrade::A992, 50.0, false],
    [SteelGrade::A913, 65.0, false],
    [SteelGrade::A500, 50.0, true],
    [SteelGrade::A53, 35.0, true],
]);

it('grows warm as its standard has it', function (): void {
    $N = fn (string $grade): float => (float) weighingOfWarming($grade)->demand;
    // Factors 1.0 and 1.5.
    expect($N('A992') / ($N('S355') / 1.5))->toBeNear((11.7e-6 * 199948) / (12e-6 * 210000), 1e-5);
});

/** A bar held at both ends that is 30 K warmer: N = E A α ΔT. */
function weighingOfWarming(string $grade): Weighing
{
    $rules = $grade === 'A992' ? 'asce-7-16-lrfd' : '6.10';

    return weighing(
        design([
            'section' => 'HEB 200',
            'grade' => $grade,
            'cases' => [['id' => 't', 'name' => 'Summer', 'category' => 'temperature']],
            'loads' => [['id' => 't1', 'case' => 't', 'kind' => 'warming', 'value' => '30 K']],
            'basis' => ['combinations' => $rules],
        ]),
        'axial',
    );
}
