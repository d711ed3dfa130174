<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Verdict;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

it('has everything a checker needs, and less in the brief version', function (): void {
    $design = design(['selfWeight' => true, 'notes' => 'Mind the door.'], Detail::Lines);
    $sheet = fn (bool $full): array => (new SheetBuilder($design, new JobInfo('Boat hall', '1'), $full))->toArray();
    $headings = fn (array $sheet): array => array_column(
        array_filter($sheet['blocks'], fn (array $b): bool => $b['type'] === 'heading'),
        'text',
    );
    expect($headings($sheet(true)))
        ->toBe([
            'Summary',
            'Member',
            'Combinations of actions (EN 1990)',
            'Forces and deflection',
            'Reactions',
            'Self-check',
            'Section',
            'Weighings (EN 1993-1-1:2005)',
            'Assumptions and limits',
        ])
        ->and($headings($sheet(false)))
        ->toBe(['Summary', 'Member', 'Forces and deflection', 'Reactions', 'Self-check'])
        ->and(array_column(array_filter($sheet(true)['blocks'], fn (array $b): bool => $b['type'] === 'weighing'), 'id'))
        ->toBe(array_column($design->weighings, 'id'))
        ->and(json_encode($sheet(true)['blocks'], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
        ->toContain('Mind the door.', '42.2 kg/m', 'does not hold');
});

it('has rows as wide as its columns', function (string $units): void {
    $design = design(
        ['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')], 'basis' => ['units' => $units]],
        Detail::Lines,
    );
    foreach ((new SheetBuilder($design, new JobInfo(), true))->toArray()['blocks'] as $block) {
        foreach ($block['rows'] ?? [] as $row) {
            expect($row)
                ->toHaveCount(count($block['columns']))
                ->and(implode('', $row))
                ->not->toContain($units === 'us' ? 'kN' : 'kip');
        }
    }
})->with(['metric', 'us']);

it('lists forces at the tenths of each span, on either side of a support', function (): void {
    $table = function (array $change): array {
        $blocks = (new SheetBuilder(design($change), new JobInfo(), true))->toArray()['blocks'];

        return array_values(
            array_filter(
                $blocks,
                fn (array $b): bool => $b['type'] === 'table' && ($b['columns'][2] ?? '') === '>V smallest',
            ),
        )[0]['rows'];
    };
    // 1.35 × 5 + 1.5 × 10 = 21.75 kN/m on 6 m, and 1.0 × 5 where imposed load helps.
    $simple = $table([]);
    expect($simple)
        ->toHaveCount(11)
        ->and($simple[0])
        ->toBe(['Span 1', '0.000 m', '15.0 kN', '65.3 kN', '0.0 kNm', '0.0 kNm', '0.0 mm', '0.0 mm'])
        ->and(array_slice($simple[5], 1, 5))
        ->toBe(['3.000 m', '0.0 kN', '0.0 kN', '22.5 kNm', '97.9 kNm'])
        ->and(array_slice($simple[10], 1, 3))
        ->toBe(['6.000 m', '-65.3 kN', '-15.0 kN']);
    $two = $table(['length' => '12 m', 'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')]]);
    expect($two)
        ->toHaveCount(22)
        ->and($two[10][1])
        ->toBe($two[11][1])
        ->and($two[10][4])
        ->toBe($two[11][4])
        ->and($two[10][2])
        ->toBe('-'.$two[11][3]);
});

it('says where a load has which width', function (): void {
    $design = design([
        'loads' => [['id' => 's', 'case' => 'q', 'kind' => 'slab', 'value' => '5 kN/m²', 'width' => '2 m']],
    ]);
    expect(
        json_encode(
            (new SheetBuilder($design, new JobInfo(), false))->toArray()['blocks'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ),
    )->toContain(
        '5.00 kN/m² × up to 2.000 m',
        'width 0.000 at 0.000 m, 2.000 at 2.000 m, 2.000 at 4.000 m, 0.000 at 6.000 m',
    );
});

it('checks itself on the sheet', function (): void {
    $text = json_encode(
        (new SheetBuilder(design(), new JobInfo(), true))->toArray()['blocks'],
        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
    );
    expect($text)->toContain('w L² / 8 with w = 15.00 kN/m, 6.000 m', '67.5 kNm', '"0.0 %"', 'agree');
});

it('is brief: a row for each effect, sentences for what is short, and where the rest stands', function (): void {
    $text = (string) json_encode(
        (new SheetBuilder(design(['supports' => [supportAt('0 m'), supportAt('4 m')]]), new JobInfo(), false))->toArray()[
            'blocks'
        ],
        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
    );
    // 6 m with an overhang of 2 m: both signs of each effect.
    expect($text)
        ->toContain('["Effect",">Greatest",">At x","Comb.",">Smallest",">At x","Comb."]')
        ->toContain('Supports: 1 at 0.000 m, pinned, bearing 150.0 mm; 2 at 4.000 m')
        ->toContain('Loads 90.0 kN, reactions 90.0 kN: agree.')
        ->toContain('Weighed after EN 1993-1-1:2005')
        ->not->toContain('Section class');
    expect(sheetText(['basis' => ['combinations' => 'asce-7-16-asd'], 'grade' => 'A992'], false))->toContain(
        'AISC 360-16, ASD',
    );
});

it('shows influence lines that were put on it, and says which one it cannot show', function (): void {
    $ask = [
        'effect' => 'M',
        'x' => '3 m',
        'support' => 0,
        'load' => '10 kN/m',
        'axles' => [['force' => '40 kN', 'distance' => '']],
    ];
    $sheet = (new SheetBuilder(
        design(['influence' => [$ask, [...$ask, 'effect' => 'R', 'support' => 1], [...$ask, 'x' => '9 m']]]),
        new JobInfo(),
        false,
    ))->toArray();
    $text = json_encode($sheet['blocks'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    // 10 · 6² / 8 = 45 kNm; 40 · 6 / 4 = 60 kNm; half of the load on the right support.
    expect(faultsAgainst('sheet', $sheet))
        ->toBe('')
        ->and($sheet['influence'])
        ->toHaveCount(2)
        ->and($text)
        ->toContain(
            '"Greatest, uniform load","45.0 kNm"',
            '"Greatest, train of axles","60.0 kNm","40.0 kN at 3.000 m"',
            'the reaction of support 2',
            '"30.0 kN"',
            'off the beam',
        );
});

it('shows no ratio that fails as one that holds', function (float $ratio, string $two, string $three): void {
    expect(Verdict::rounded($ratio, 2))->toBe($two)->and(Verdict::rounded($ratio, 3))->toBe($three);
})->with([[0.17047, '0.18', '0.171'], [1.0, '1.00', '1.000'], [1.0001, '1.01', '1.001'], [0.0, '0.00', '0.000']]);
