<?php

declare(strict_types=1);

use Waage\Design\Parts;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;

/** A beam over two spans of 5 m with two permanent loads and one imposed, another imposed in one span. */
const TWO_SPANS_OF_LOADS = [
    'length' => '10 m',
    'supports' => [
        ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '150 mm'],
        ['x' => '5 m', 'kind' => 'roller', 'bearing' => '150 mm'],
        ['x' => '10 m', 'kind' => 'roller', 'bearing' => '150 mm'],
    ],
    'cases' => [
        ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
        ['id' => 'q', 'name' => 'Imposed', 'category' => 'B'],
    ],
    'loads' => [
        ['id' => 'a', 'case' => 'g', 'kind' => 'line', 'name' => 'Slab', 'remark' => '', 'value' => '4 kN/m'],
        [
            'id' => 'b',
            'case' => 'g',
            'kind' => 'point',
            'name' => 'Post',
            'remark' => '',
            'x' => '7 m',
            'value' => '10 kN',
        ],
        ['id' => 'c', 'case' => 'q', 'kind' => 'line', 'name' => 'People', 'remark' => '', 'value' => '6 kN/m'],
        [
            'id' => 'd',
            'case' => 'q',
            'kind' => 'point',
            'name' => 'Safe',
            'remark' => '',
            'x' => '2 m',
            'value' => '15 kN',
        ],
    ],
];

it('takes a value apart into what each load adds, which adds up to the envelope', function (
    string $effect,
    string $x,
    int $sign,
): void {
    $design = design(TWO_SPANS_OF_LOADS);
    $parts = Parts::of($design, ['effect' => $effect, 'x' => $x, 'sign' => $sign])->toArray();
    $curve = (new Result($design, Show::envelope()))->toArray()['envelope'][$effect][$sign > 0 ? 'max' : 'min'];
    $at = (float) $x * 1000;
    $piece = array_values(array_filter($curve, fn (array $p): bool => $at >= $p[0] && $at < $p[1]))[0];
    $value = 0.0;
    foreach (array_reverse(array_slice($piece, 3)) as $c) {
        $value = $value * ($at - $piece[0]) + $c;
    }
    expect($parts['value'])
        ->toBeNear($value, 1e-9)
        ->and(array_sum(array_column($parts['rows'], 'part')))
        ->toBeNear($value, 1e-9)
        ->and(array_filter(array_column($parts['rows'], 'load')))
        ->not->toBe([]);
})->with([['M', '2.1 m', 1], ['M', '5 m', -1], ['V', '4.9 m', -1], ['w', '2.3 m', 1], ['M', '7 m', 1]]);

// By statics: a simple beam of 5 m under 4 kN/m has 12.5 kNm in the middle, 1.35 times 16.875.
it('tells load by load, with its factor', function (): void {
    $simple = [
        'length' => '5 m',
        'supports' => array_slice(TWO_SPANS_OF_LOADS['supports'], 0, 2),
        'selfWeight' => false,
        'loads' => [0 => TWO_SPANS_OF_LOADS['loads'][0], 1 => ['x' => '1 m'] + TWO_SPANS_OF_LOADS['loads'][1]],
    ];
    $rows = Parts::of(design([...TWO_SPANS_OF_LOADS, ...$simple]), ['effect' => 'M', 'x' => '2.5 m'])->toArray()[
        'rows'
    ];
    expect($rows[0])
        ->toMatchArray(['load' => 'a', 'name' => 'Slab', 'factor' => 1.35])
        ->and($rows[0]['part'])
        ->toBeNear(16.875e6, 1e-9)
        ->and($rows[1]['each'])
        ->toBeNear(5e6, 1e-9);
});

it('refuses what is not there', function (array $ask, string $path): void {
    expect(fn (): Parts => Parts::of(design(TWO_SPANS_OF_LOADS), $ask))->toThrow(function (InvalidMember $e) use (
        $path,
    ): void {
        expect($e->errors[0]->path)->toBe($path);
    });
})->with([
    [['effect' => 'T', 'x' => '1 m'], 'parts.effect'],
    [['effect' => 'M', 'x' => '11 m'], 'parts.x'],
    [['effect' => 'M', 'x' => 'left'], 'parts.x'],
]);
