<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Analysis\Polynomial;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Material\CurvePart;
use Waage\Materials\Concrete\BarStretch;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Anchorage;
use Waage\Member\InvalidMember;

it('chooses bars that hold by its own weighings, in random beams', function (array $basis, array $grades): void {
    mt_srand(17);
    $number = fn (float $a, float $b): float => round($a + (($b - $a) * mt_rand()) / mt_getrandmax(), 2);
    for ($i = 0; $i < 40; $i++) {
        $spans = array_map(fn (): float => $number(3, 7.5), array_fill(0, mt_rand(1, 4), 0));
        $flange = [
            'profile' => ['rectangle', 'rectangle', 'T', 'L', 'inverted T'][mt_rand(0, 4)],
            'flangeWidth' => '1200 mm',
            'flangeThickness' => '120 mm',
            'flangeWeight' => 'slab',
        ];
        $concrete = [
            'width' => 10 * mt_rand(25, 45).' mm',
            'depth' => 50 * mt_rand(11, 16).' mm',
            'grade' => $grades[mt_rand(0, count($grades) - 1)],
            'linkDiameter' => '10 mm',
            ...$flange,
        ];
        $design = openBeam(
            $spans,
            $number(5, 30),
            $number(2, 25),
            $concrete,
            mt_rand(0, 1) * $number(0.5, 2.0),
            $basis,
        );
        // Only the depth, the width of links' legs and the struts are the engineer's.
        $chosen = array_filter(
            $design->weighings,
            fn (Weighing $w): bool => preg_match('/^(sagging|hogging|least|shear|cracks|clear|most)/', $w->id) === 1,
        );
        $failing = array_filter($chosen, fn (Weighing $w): bool => ! $w->holds());
        expect(array_map(fn (Weighing $w): string => "{$i}: {$w->id} {$w->ratio}", $failing))->toBe([]);
    }
})->with([
    'EN' => [[], ['C25/30', 'C30/37', 'C40/50', 'C60/75']],
    'ACI, inches' => [['combinations' => 'asce-7-16-lrfd', 'units' => 'us'], ['4000 psi', '5000 psi']],
    'ACI, metric' => [['combinations' => 'asce-7-22-lrfd'], ['28 MPa', '35 MPa']],
    'BS' => [['combinations' => 'classic'], ['30 MPa', '40 MPa']],
]);

it('chooses bars for strips of slabs that hold', function (array $basis, string $grade): void {
    foreach ([[4.0], [4.5, 4.0, 5.0]] as $spans) {
        $slab = ['form' => 'slab', 'width' => '1 m', 'depth' => '220 mm', 'grade' => $grade, 'cover' => '25 mm'];
        $failing = array_filter(
            openBeam($spans, 2, 4, $slab, basis: $basis)->weighings,
            fn (Weighing $w): bool => ! $w->holds() && $w->ratio !== null,
        );
        expect(array_map(fn (Weighing $w): string => "{$w->id} {$w->ratio}", $failing))->toBe([]);
    }
})->with([
    'EN' => [[], 'C30/37'],
    'ACI' => [['combinations' => 'asce-7-16-lrfd', 'units' => 'us'], '4000 psi'],
    'BS' => [['combinations' => 'classic'], '35 MPa'],
]);

it('has more steel everywhere than the shifted moments need', function (): void {
    $design = openBeam([6.0, 7.5, 5.0], 22, 18, overhang: 1.5);
    $figures = array_column(array_map(fn ($f): array => [$f->id, $f], $design->checks->figures($design->make)), 1, 0);
    foreach (
        [[1, $figures['As']->max], [-1, $figures['As']->min], [1, $figures['Asw']->max]] as $k => [$sign, $parts]
    ) {
        $there = [$figures['As']->most, $figures['As']->least, $figures['Asw']->most][$k];
        $at = fn (float $x): float => array_values(
            array_filter($there, fn (CurvePart $p): bool => $x >= $p->from - 1e-6 && $x <= $p->to + 1e-6),
        )[0]->polynomial[0];
        $short = array_filter($parts, function (CurvePart $p) use ($sign, $at): bool {
            $middle = ($p->from + $p->to) / 2;

            return $sign * Polynomial::value($p->polynomial, $middle - $p->from) > $sign * $at($middle) * (1 + 1e-6);
        });
        expect($short)->toBe([]);
    }
});

// 600 − 70 − 8 = 522 mm across; 0.75 · 0.85 · 500 = 319 mm apart at most: four legs rather than three.
it('gives a wide beam links with more legs, and keeps those that are said', function (): void {
    $of = fn (array $c): int => ConcreteMake::from(openBeam([5.0], 15, 10, ['depth' => '500 mm', ...$c])->make)->links
        ->legs;
    expect($of([]))
        ->toBe(2)
        ->and($of(['width' => '600 mm']))
        ->toBe(4)
        ->and($of(['width' => '600 mm', 'legs' => 3]))
        ->toBe(3);
});

it('chooses among the sizes that are said', function (): void {
    $sizes = fn (string $sizes): array => array_unique(
        array_map(
            fn ($g): float => round($g->bars->diameter, 3),
            steelOf(openBeam([6.0, 6.0], 20, 15, ['sizes' => $sizes]))->groups(),
        ),
    );
    expect($sizes('25'))
        ->toBe([25.0])
        ->and(array_diff($sizes('ø10, 16'), [10.0, 16.0]))
        ->toBe([])
        ->and($sizes('#6'))
        ->toBe([19.05])
        ->and(fn (): Design => openBeam([6.0], 20, 15, ['sizes' => 'thick']))
        ->toThrow(InvalidMember::class);
});

it('mirrors its bars with the beam', function (): void {
    $texts = fn (Design $d): array => array_map(fn (BarStretch $s): string => $s->group->text(), steelOf($d)->bottom);
    expect(array_reverse($texts(openBeam([4.0, 7.0, 5.5], 20, 15))))->toBe($texts(openBeam([5.5, 7.0, 4.0], 20, 15)));
});

it('keeps what the engineer says of single places', function (): void {
    $design = openBeam([6.0, 6.0], 15, 10, [
        'spans' => ['2' => '5ø20'],
        'supports' => ['2' => '6ø16'],
        'linkSpacing' => '125 mm',
    ]);
    $make = ConcreteMake::from($design->make);
    expect($make->describe()['bars'])
        ->toMatchArray(['spans.2' => '5ø20', 'supports.2' => '6ø16 in layers of 4 and 2'])
        ->and($make->steel()->links)
        ->toHaveCount(1)
        ->and($make->steel()->links[0]->spacing)
        ->toBe(125.0);
});

// EN 1992-1-1, 8.4, by hand: C30/37, poor bond: f_bd = 2.25 · 0.7 · 0.7 · 2.896/1.5 = 2.129 MPa; ø20: 5 · 434.8/2.129 =
// 1021 mm.
it('anchors bars by bond, straight and stressed to the yield strength', function (): void {
    $concrete = ConcreteMake::from(openBeam([6.0], 15, 10)->make);
    expect(Anchorage::length($concrete, 20.0))
        ->toBeNear(1021.1, 1e-3)
        ->and(Anchorage::shift(500.0))
        ->toBeNear(562.5, 1e-9);
});

it('lays links closer at the ends of spans where shear asks for it', function (): void {
    $zones = steelOf(openBeam([7.0], 40, 25))->links;
    expect($zones)
        ->toHaveCount(3)
        ->and($zones[0]->spacing)
        ->toBeLessThan($zones[1]->spacing)
        ->and($zones[0]->spacing)
        ->toBe($zones[2]->spacing)
        ->and($zones[2]->to)
        ->toBeNear(7000.0, 1e-9);
});
