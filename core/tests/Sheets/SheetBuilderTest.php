<?php

declare(strict_types=1);

use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

it('has everything a checker needs, and less in the brief version', function (): void {
    $design = design(['selfWeight' => true, 'notes' => 'Mind the door.'], true);
    $sheet = fn (bool $full): array => (new SheetBuilder($design, new JobInfo('Boat hall', '1'), $full))->toArray();
    $headings = fn (array $sheet): array => array_column(array_filter($sheet['blocks'], fn (array $b): bool => $b['type'] === 'heading'), 'text');
    expect($headings($sheet(true)))->toBe(['Summary', 'Member', 'Combinations of actions (EN 1990)', 'Forces and deflection', 'Reactions', 'Section', 'Weighings (EN 1993-1-1:2005)', 'Assumptions and limits'])
        ->and($headings($sheet(false)))->toBe(['Summary', 'Member', 'Forces and deflection', 'Reactions', 'Assumptions and limits'])
        ->and(array_column(array_filter($sheet(true)['blocks'], fn (array $b): bool => $b['type'] === 'weighing'), 'id'))->toBe(array_column($design->weighings, 'id'))
        ->and(json_encode($sheet(true)['blocks'], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))->toContain('Mind the door.', '42.2 kg/m', 'does not hold');
});

it('has rows as wide as its columns', function (string $units): void {
    $design = design(['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')], 'basis' => ['units' => $units]], true);
    foreach ((new SheetBuilder($design, new JobInfo, true))->toArray()['blocks'] as $block) {
        foreach ($block['rows'] ?? [] as $row) {
            expect($row)->toHaveCount(count($block['columns']))->and(implode('', $row))->not->toContain($units === 'us' ? 'kN' : 'kip');
        }
    }
})->with(['metric', 'us']);
