<?php

declare(strict_types=1);

use Waage\Loading\Combination;
use Waage\Loading\Generator;
use Waage\Loading\Purpose;
use Waage\Member\BasisReader;
use Waage\Member\Category;
use Waage\Member\LoadCase;

/**
 * @param  list<string>  $categories
 * @param  array<string, mixed>  $basis
 * @return list<string> the combinations of a purpose as texts
 */
function combinationTexts(array $categories, Purpose $purpose = Purpose::Strength, array $basis = []): array
{
    $cases = array_map(fn (string $c): LoadCase => new LoadCase($c, $c, Category::from($c)), $categories);
    $all = Generator::combinations($cases, BasisReader::read($basis));

    return array_values(
        array_map(
            fn (Combination $c): string => $c->text,
            array_filter($all, fn (Combination $c): bool => $c->purpose === $purpose),
        ),
    );
}

it('lets one of alternatives act at a time', function (): void {
    $cases = [
        new LoadCase('g', 'G', Category::Permanent),
        new LoadCase('q', 'Floor', Category::B),
        new LoadCase('c1', 'Crane left', Category::E, 'crane'),
        new LoadCase('c2', 'Crane right', Category::E, 'crane'),
        new LoadCase('s1', 'Snow even', Category::Snow, 'snow'),
        new LoadCase('s2', 'Snow drifted', Category::Snow, 'snow'),
    ];
    $all = array_filter(
        Generator::combinations($cases, BasisReader::read([])),
        fn (Combination $c): bool => $c->purpose === Purpose::Strength,
    );
    // Two times two choices, imposed or snow leading, permanent load high or low.
    expect($all)->toHaveCount(2 * 2 * 2 * 2);
    foreach ($all as $combination) {
        $has = array_keys($combination->variable);
        expect(array_intersect(['c1', 'c2'], $has))
            ->toHaveCount(1)
            ->and(array_intersect(['s1', 's2'], $has))
            ->toHaveCount(1)
            ->and($has)
            ->toContain('q');
    }
    expect(array_unique(array_map(fn (Combination $c): string => $c->key(), $all)))->toHaveCount(16);
});

// EN 1990:2002+A1:2005, expressions (6.10), (6.10a), (6.10b), (6.14b) to (6.16b) with Tables A1.1 and A1.2(B), worked
// out by hand; factors from memory of the tables.
it('combines for strength', function (array $categories, array $expected, array $basis = []): void {
    expect(combinationTexts($categories, basis: $basis))->toEqualCanonicalizing($expected);
})->with([
    'permanent alone' => [['permanent'], ['1.35 × Permanent', '1 × Permanent']],
    'one imposed' => [['permanent', 'B'], ['1.35 × Permanent + 1.5 × B', '1 × Permanent + 1.5 × B']],
    'imposed and snow, each leads once' => [
        ['permanent', 'A', 'snow'],
        [
            '1.35 × Permanent + 1.5 × A + 0.75 × snow',
            '1 × Permanent + 1.5 × A + 0.75 × snow',
            '1.35 × Permanent + 1.5 × snow + 1.05 × A',
            '1 × Permanent + 1.5 × snow + 1.05 × A',
        ],
    ],
    'two imposed are one action (EN 1991-1-1, 3.3.1(2))' => [
        ['permanent', 'B', 'E'],
        ['1.35 × Permanent + 1.5 × B + 1.5 × E', '1 × Permanent + 1.5 × B + 1.5 × E'],
    ],
    'storage keeps ψ0 = 1' => [
        ['permanent', 'E', 'snow'],
        [
            '1.35 × Permanent + 1.5 × E + 0.75 × snow',
            '1 × Permanent + 1.5 × E + 0.75 × snow',
            '1.35 × Permanent + 1.5 × E + 1.5 × snow',
            '1 × Permanent + 1.5 × E + 1.5 × snow',
        ],
    ],
    'temperature leads and accompanies' => [
        ['permanent', 'B', 'temperature'],
        [
            '1.35 × Permanent + 1.5 × B + 0.9 × temperature',
            '1 × Permanent + 1.5 × B + 0.9 × temperature',
            '1.35 × Permanent + 1.5 × temperature + 1.05 × B',
            '1 × Permanent + 1.5 × temperature + 1.05 × B',
        ],
    ],
    'settlements take part in all, never as a favourable action' => [
        ['permanent', 'B', 'settlement'],
        ['1.35 × Permanent + 1.5 × B + 1.2 × settlement', '1 × Permanent + 1.5 × B + 1.2 × settlement'],
    ],
    'winds exclude each other' => [
        ['permanent', 'wind-down', 'wind-up'],
        [
            '1.35 × Permanent + 1.5 × wind-down',
            '1 × Permanent + 1.5 × wind-down',
            '1.35 × Permanent + 1.5 × wind-up',
            '1 × Permanent + 1.5 × wind-up',
        ],
    ],
    'roof load not with snow (EN 1991-1-1, 3.3.2(1))' => [
        ['permanent', 'H', 'snow'],
        [
            '1.35 × Permanent + 1.5 × H',
            '1 × Permanent + 1.5 × H',
            '1.35 × Permanent + 1.5 × snow',
            '1 × Permanent + 1.5 × snow',
        ],
    ],
    '6.10a and 6.10b' => [
        ['permanent', 'B'],
        [
            '1.35 × Permanent + 1.05 × B',
            '1 × Permanent + 1.05 × B',
            '1.148 × Permanent + 1.5 × B',
            '1 × Permanent + 1.5 × B',
        ],
        ['combinations' => '6.10a/b'],
    ],
    'K_FI = 1.1 raises the unfavourable' => [
        ['permanent', 'B'],
        ['1.485 × Permanent + 1.65 × B', '1 × Permanent + 1.65 × B'],
        ['parameters' => ['KFI' => 1.1]],
    ],
    'variable alone' => [['C'], ['1.5 × C']],
]);

it('combines for serviceability', function (Purpose $purpose, array $expected): void {
    expect(combinationTexts(['permanent', 'A', 'snow', 'wind-down'], $purpose))->toEqualCanonicalizing($expected);
})->with([
    [
        Purpose::Characteristic,
        [
            '1 × Permanent + 1 × A + 0.6 × wind-down + 0.5 × snow',
            '1 × Permanent + 1 × snow + 0.7 × A + 0.6 × wind-down',
            '1 × Permanent + 1 × wind-down + 0.7 × A + 0.5 × snow',
        ],
    ],
    [
        Purpose::Frequent,
        [
            '1 × Permanent + 0.5 × A',
            '1 × Permanent + 0.3 × A + 0.2 × snow',
            '1 × Permanent + 0.3 × A + 0.2 × wind-down',
        ],
    ],
    [Purpose::QuasiPermanent, ['1 × Permanent + 0.3 × A']],
]);

it('lists nothing twice and nothing that is absent', function (): void {
    foreach (range(1, 60) as $seed) {
        $r = random($seed);
        $categories = array_values(
            array_unique(
                array_map(fn (): string => Category::cases()[$r->getInt(0, 11)]->value, range(1, $r->getInt(1, 6))),
            ),
        );
        foreach (Purpose::cases() as $purpose) {
            $texts = combinationTexts($categories, $purpose);
            expect($texts)->toBe(array_values(array_unique($texts)));
            foreach ($texts as $text) {
                expect(str_contains($text, 'Permanent'))
                    ->toBe(in_array('permanent', $categories, true))
                    ->and($text)
                    ->not->toContain('0 ×', '.0 ');
            }
        }
    }
    expect(combinationTexts([]))->toBe([]);
});

// EN 1990:2002+A1:2005, Table A1.1, recommended values, from memory.
it('has the recommended factors', function (string $category, float $psi0, float $psi1, float $psi2): void {
    expect(BasisReader::read([])->actions->psi[$category])->toBe([$psi0, $psi1, $psi2]);
})->with([
    ['A', 0.7, 0.5, 0.3],
    ['B', 0.7, 0.5, 0.3],
    ['C', 0.7, 0.7, 0.6],
    ['D', 0.7, 0.7, 0.6],
    ['E', 1.0, 0.9, 0.8],
    ['F', 0.7, 0.7, 0.6],
    ['G', 0.7, 0.5, 0.3],
    ['H', 0.0, 0.0, 0.0],
    ['snow', 0.5, 0.2, 0.0],
    ['wind', 0.6, 0.2, 0.0],
]);
