<?php

declare(strict_types=1);

use Waage\Checks\PrintedLine;
use Waage\Design\Design;
use Waage\Member\MemberReader;
use Waage\Units\UnitSystem;

it('records what it computes: each formula with its values gives its result', function (array $document): void {
    $lines = 0;
    foreach ((new Design(MemberReader::member($document)))->weighings as $weighing) {
        foreach ($weighing->lines as $line) {
            expect(recompute($line))->toBeNear($line->result, 1e-9, 1e-12);
            $lines++;
        }
        if ($weighing->ratio !== null && $weighing->lines !== []) {
            expect($weighing->lines[count($weighing->lines) - 1]->result)->toBeNear($weighing->ratio, 1e-9, 1e-12);
        }
    }
    expect($lines)->toBeGreaterThan(7);
})->with(fn (): array => array_map(fn (array $d): array => [$d], documentsToRecompute()));

it('prints what can be recomputed: each printed formula with its printed values gives its printed result', function (
    array $document,
    string $units,
): void {
    $document['basis'] = [...$document['basis'] ?? [], 'units' => $units];
    foreach ((new Design(MemberReader::member($document)))->weighings as $weighing) {
        foreach ($weighing->lines as $line) {
            $printed = (new PrintedLine($line, UnitSystem::from($units)))->toArray();
            if ($printed['values'] !== '') {
                expect(evaluateTex($printed['values']))->toBeNear(evaluateTex($printed['result']), 1e-3, 1e-3);
            }
        }
    }
})
    ->with(fn (): array => array_map(fn (array $d): array => [$d], documentsToRecompute()))
    ->with(['metric', 'us']);
