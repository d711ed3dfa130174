<?php

declare(strict_types=1);

use Waage\Materials\SteelGrade;

// EN 1993-1-1:2005, Table 3.1, from memory.
it('gives the strength by thickness', function (SteelGrade $grade, float $thickness, float $fy): void {
    expect($grade->yieldStrength($thickness))->toBe($fy);
})->with([
    [SteelGrade::S235, 40.0, 235.0], [SteelGrade::S235, 40.1, 215.0], [SteelGrade::S275, 40.0, 275.0], [SteelGrade::S275, 80.0, 255.0],
    [SteelGrade::S355, 40.0, 355.0], [SteelGrade::S355, 41.0, 335.0], [SteelGrade::S460, 40.0, 460.0], [SteelGrade::S460, 80.0, 430.0],
]);

it('ends where the table ends', function (): void {
    expect(fn () => SteelGrade::S235->yieldStrength(80.1))->toThrow(DomainException::class, 'up to 80 mm');
});
