<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\ListedBar;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;
use Waage\Units\UnitSystem;

// By hand: 6000 + 2 (200/2 − 30) = 6140 mm of ø20, 2.466 kg/m, with 500 − 76 mm bent up at either end; top 6000 − 60;
// links 2 (240 + 440) + 20 · 8 = 1520 mm, 30 of them.
it('lists bars with number, length and mass', function (): void {
    $list = ConcreteMake::from(concreteBeam()->make)->steel()->list;
    $list = array_map(fn (ListedBar $b): array => $b->toArray(UnitSystem::Metric), $list);
    expect($list)
        ->toHaveCount(3)
        ->and($list[0])
        ->toMatchArray([
            'mark' => '01',
            'number' => 4,
            'length' => 6988.0,
            'shape' => 'bent at both ends: 424 + 6140 + 424',
        ])
        ->and($list[0]['mass'])
        ->toBeNear(4 * 6.988 * 2.466, 1e-3)
        ->and($list[1])
        ->toMatchArray(['where' => 'top, from end to end', 'number' => 2, 'length' => 5940.0])
        ->and($list[2])
        ->toMatchArray(['number' => 30, 'length' => 1520.0, 'shape' => 'closed: 240 × 440, outer']);
});

it('lists what a strip of slab needs, across it as well', function (): void {
    $design = concreteBeam([
        'concrete' => [
            'form' => 'slab',
            'width' => '1 m',
            'depth' => '200 mm',
            'cover' => '25 mm',
            'bottom' => 'ø12/100',
            'top' => 'ø8/200',
            'linkDiameter' => '',
        ],
    ]);
    $list = ConcreteMake::from($design->make)->steel()->list;
    expect(array_map(fn (ListedBar $b): int => $b->number, $list))
        ->toBe([10, 5, (int) ceil(6000 / ($design->make->distribution()->spacing ?? 1))])
        ->and($list[2]->where)
        ->toBe('across the strip');
});

// By hand: V = 93.6 kN, F = 117 kN, σ = 117000/1256.6 = 93.1 MPa, f_bd = 3.041: 20/4 · 93.1/3.041 = 153 mm; at least 10
// φ = 200 mm, more than 200 − 30 straight: bent up, 170 + 500 − 60 − 16 − 20 = 574 mm.
it('anchors bottom bars at end supports, bent where straight bars are too short', function (): void {
    $w = weighingOf(concreteBeam(), 'end-anchorage-1');
    expect($w->demand)->toBeNear(200, 1e-9)->and($w->capacity)->toBeNear(574, 1e-9);
    $long = concreteBeam(['supports' => [['bearing' => '300 mm'], ['bearing' => '20 mm']]]);
    expect(weighingOf($long, 'end-anchorage-1')->capacity)
        ->toBeNear(270, 1e-9)
        ->and(weighingOf($long, 'end-anchorage-2')->state)
        ->toBe(State::NotCovered);
});

// By hand: ø16 with poor bond in C30/37: 16/4 · 434.8/(2.25 · 0.7 · 1.352) = 817 mm, 1.5 times that for laps; 18 m less
// two covers and two laps in two.
it('laps bars that are longer than the stock', function (): void {
    $design = openBeam([6.0, 6.0, 6.0], 10, 8, ['top' => '3ø16']);
    $top = array_values(
        array_filter($design->make->describe()['list'], fn (array $r): bool => $r['where'] === 'top, from end to end'),
    )[0];
    expect($top['number'])
        ->toBe(6)
        ->and($top['length'])
        ->toBeNear((18000 - 70 + 1225.3) / 2, 1e-3)
        ->and($top['shape'])
        ->toStartWith('2 pieces of');
});

it('has top bars over ends for a part of the moment of the span', function (): void {
    $design = openBeam([7.0], 25, 20, ['depth' => '600 mm']);
    $lines = linesOf($design, 'end-top');
    expect($lines['M_Ed'])
        ->toBeNear(0.15 * weighingOf($design, 'sagging')->demand, 1e-9)
        ->and(weighingOf($design, 'end-top')->holds())
        ->toBeTrue();
});

it('tells its bars in a sentence on a brief sheet, and as many weighings as a page has room for', function (): void {
    $design = openBeam([6.0, 7.0, 5.0], 20, 15);
    $blocks = (new SheetBuilder($design, new JobInfo(), false))->toArray()['blocks'];
    $texts = array_column(array_filter($blocks, fn (array $b): bool => $b['type'] === 'text'), 'text');
    expect(implode(' ', $texts))
        ->toContain('Bars: span 1 ')
        ->toContain('more that are alike or used less hold as well')
        ->and(count(array_values(array_filter($blocks, fn (array $b): bool => $b['type'] === 'table'))[0]['rows']))
        ->toBe(9);
});
