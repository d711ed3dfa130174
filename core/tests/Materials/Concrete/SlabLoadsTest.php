<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Design\Design;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\Fabric;
use Waage\Member\MemberReader;

/** @param  array<string, mixed>  $load */
function slabWith(array $load, array $spans = [4.0], array $concrete = []): Design
{
    $document = openDocument(
        $spans,
        5,
        3,
        ['form' => 'slab', 'width' => '1 m', 'depth' => '200 mm', 'cover' => '25 mm', ...$concrete],
        [],
    );
    unset($document['concrete']['linkDiameter']);
    $document['loads'][] = [
        'id' => 'p',
        'case' => 'q',
        'kind' => 'point',
        'name' => 'Safe',
        'remark' => '',
        'value' => '20 kN',
        'x' => '1 m',
        ...$load,
    ];

    return new Design(MemberReader::member($document));
}

// BS 8110-1, 3.5.2.2: t + 2.4 x (1 − x/l) = 0.3 + 2.4·1·0.75 = 2.1 m: a strip of a metre takes 1/2.1. Towards an edge
// 0.5 m away: 1.05 + 0.5. Where moments go on: 0.3 + 1.5·0.75. By hand.
it('spreads a force over the slab', function (array $load, array $spans, float $width): void {
    $design = slabWith(['covers' => '0.3 m', ...$load], $spans);
    $last = $design->member->loads[count($design->member->loads) - 1];
    expect($last->start())
        ->toBeNear(20e3 * min(1.0, 1 / $width), 1e-9)
        ->and($last->reduction?->factor)
        ->toBeNear(min(1.0, 1 / $width));
})->with([
    [[], [4.0], 2.1],
    [['toEdge' => '0.5 m'], [4.0], 1.55],
    [['x' => '3 m'], [4.0], 2.1],
    [[], [4.0, 4.0], 1.425],
    [['x' => '0.1 m'], [4.0], 0.534],
]);

it('says where a load does not spread', function (array $load, array $concrete): void {
    expect(fieldsAtFault(fn (): mixed => slabWith($load, [4.0], $concrete)))->toContain('loads.2.covers');
})->with([
    'a moment' => [['kind' => 'moment', 'value' => '5 kNm', 'covers' => '0.3 m'], []],
    'a beam' => [['covers' => '0.3 m'], ['form' => 'beam', 'linkDiameter' => '8 mm']],
    'negative' => [['covers' => '-0.3 m'], []],
]);

// BS 4483: a fabric is named after its area along, mm²/m; American wires after hundredths of a square inch: W4 at 4 in
// are 0.12 in²/ft.
it('knows fabrics', function (): void {
    foreach (Fabric::names() as $name) {
        expect(Fabric::parse($name, 1000.0)?->area())->toEqualWithDelta((float) substr($name, 1), 1.0);
    }
    expect(Bars::parseSpaced('4x4-W4xW4', 304.8)?->area())
        ->toBeNear(0.12 * 25.4 ** 2, 1e-9)
        ->and(Bars::parseSpaced('6 x 6 - W2.9 x W2.9', 304.8)?->text())
        ->toBe('6×6-W2.9×W2.9')
        ->and(Bars::parseSpaced('A999', 1000.0))
        ->toBeNull();
});

it('chooses a fabric, and takes what crosses from it', function (): void {
    $design = openBeam([4.0], 5, 3, [
        'form' => 'slab',
        'width' => '1 m',
        'depth' => '180 mm',
        'cover' => '25 mm',
        'sizes' => 'A193, A252, A393, B503, B785, B1131',
    ]);
    $group = steelOf($design)->bottom[0]->group;
    expect($group->bars->fabric)
        ->not->toBeNull()
        ->and(weighingOf($design, 'sagging')->holds())
        ->toBeTrue()
        ->and(linesOf($design, 'distribution')['a_s'])
        ->toBeNear($group->bars->fabric?->acrossIn(1000.0)->area() / 1000);
});
