<?php

declare(strict_types=1);

use Waage\Design\Reductions;
use Waage\Member\AreaReduction;
use Waage\Member\BasisReader;
use Waage\Member\Category;
use Waage\Member\InvalidMember;

// EN 1991-1-1:2002, 6.3.1.2(10), and ASCE/SEI 7-16, 4.7.2, from memory, worked by hand.
it('reduces with the floor area', function (string $rules, Category $category, float $area, float $factor): void {
    $r = AreaReduction::of($area * 1e6, $category, BasisReader::read(['combinations' => $rules]));
    expect($r)->toBeInstanceOf(AreaReduction::class);
    if ($r instanceof AreaReduction) {
        $line = Reductions::line($r);
        expect($r->factor)
            ->toBeNear($factor, 1e-4)
            ->and(recompute($line))
            ->toBeNear($r->factor)
            ->and($line->result)
            ->toBe($r->factor);
    }
})->with([
    'offices, 40 m²: 5/7 · 0.7 + 10/40' => ['6.10', Category::B, 40.0, 0.75],
    'offices, 20 m²: not above 1' => ['6.10', Category::B, 20.0, 1.0],
    'a hair more than 20 m²' => ['6.10', Category::B, 20.01, 0.99975],
    'storage, ψ0 = 1: 5/7 + 10/100' => ['6.10', Category::E, 100.0, 0.81429],
    'congregation, 80 m²: 0.5 + 0.125' => ['6.10', Category::C, 80.0, 0.625],
    'congregation, 200 m²: not below 0.6' => ['6.10', Category::C, 200.0, 0.6],
    'dwellings, 200 m²: no lower bound' => ['6.10', Category::A, 200.0, 0.55],
    // 900 ft²: 0.25 + 15/30.
    'ASCE 7, 900 ft²' => ['asce-7-16-lrfd', Category::B, 900 * 0.09290304, 0.75],
    'ASCE 7, 399 ft²: not reduced' => ['asce-7-16-lrfd', Category::B, 399 * 0.09290304, 1.0],
    'ASCE 7, 400 ft²: 0.25 + 15/20' => ['asce-7-16-lrfd', Category::B, 400.001 * 0.09290304, 1.0],
    'ASCE 7, 10 000 ft²: not below 0.5' => ['asce-7-22-asd', Category::A, 929.0304, 0.5],
]);

it('reduces the load and nothing else', function (): void {
    $load = fn (array $change): array => ['loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m', $change)]];
    $full = weighing(design($load([])), 'bending');
    $less = weighing(design($load(['area' => '40 m²'])), 'bending');
    expect($full->demand)
        ->toBeNear(((1.35 * 5 + 1.5 * 10) * 6000 ** 2) / 8)
        ->and($less->demand)
        ->toBeNear(((1.35 * 5 + 1.5 * 7.5) * 6000 ** 2) / 8);
    // Other ψ0 of the job, other reduction: 5/7 · 0.5 + 0.25.
    $own = weighing(
        design([...$load(['area' => '40 m²']), 'basis' => ['parameters' => ['psi' => ['B' => [0.5, 0.5, 0.3]]]]]),
        'bending',
    );
    expect($own->demand)->toBeNear(((1.35 * 5 + 1.5 * 10 * ((5 / 7) * 0.5 + 0.25)) * 6000 ** 2) / 8);
});

it('says where it does not reduce', function (array $change, array $load, string $says): void {
    expect(
        fn () => design([
            'loads' => [
                ['id' => 'l', 'case' => 'q', 'kind' => 'line', 'value' => '5 kN/m', 'area' => '50 m²', ...$load],
            ],
            ...$change,
        ]),
    )->toThrow(InvalidMember::class, $says);
})->with([
    'snow' => [['cases' => [['id' => 'q', 'name' => 'S', 'category' => 'snow']]], [], 'categories A to E'],
    'assembly in ASCE 7' => [
        ['cases' => [['id' => 'q', 'name' => 'S', 'category' => 'C']], 'basis' => ['combinations' => 'asce-7-22-lrfd']],
        [],
        'does not reduce this category',
    ],
    'another rule set' => [['basis' => ['combinations' => 'classic']], [], 'Enter the reduced load'],
    'a point load' => [[], ['kind' => 'point', 'x' => '1 m', 'value' => '5 kN'], 'Only distributed loads'],
    'no area' => [[], ['area' => '0 m²'], 'greater than zero'],
    'a length' => [[], ['area' => '50 m'], 'm²'],
]);
