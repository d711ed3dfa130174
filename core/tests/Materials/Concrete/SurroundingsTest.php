<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;

const IMPERIAL = ['combinations' => 'asce-7-16-lrfd', 'units' => 'us'];

// EN 1992-1-1, Table 4.4N: XC3, S4: 25 mm and 10 mm; XS1, S5: 40; bond of ø32 within links ø8: 24; ACI 318-19, Table
// 20.5.1.3.1: 1.5 in, #5 and smaller in the weather 1.5 in, larger ones 2 in; BS 8110-1, Table 3.3: moderate, f_cu =
// 40: 30 mm (all from memory).
it('asks for cover', function (array $concrete, array $basis, float $nominal): void {
    expect(linesOf(openBeam([5.0], 10, 10, $concrete, basis: $basis), 'cover')['c_nom'])->toBeNear($nominal, 1e-9);
})->with([
    [['exposure' => 'XC3'], [], 35.0],
    [['exposure' => 'XS1', 'structuralClass' => 'S5'], [], 50.0],
    [['exposure' => 'X0', 'bottom' => '3ø32'], [], 34.0],
    [['exposure' => 'XC1', 'coverDeviation' => '5 mm', 'bottom' => '4ø20'], [], 20.0],
    [['exposure' => 'interior'], IMPERIAL, 38.1],
    [['exposure' => 'weather', 'bottom' => '3 #5', 'top' => '2 #5'], IMPERIAL, 38.1],
    [['exposure' => 'weather', 'bottom' => '3 #8'], IMPERIAL, 50.8],
    [['exposure' => 'moderate', 'grade' => '40 MPa'], ['combinations' => 'classic'], 30.0],
]);

it('refuses an exposure that concrete of this strength does not last in', function (): void {
    $w = weighingOf(
        openBeam([5.0], 10, 10, ['exposure' => 'severe', 'grade' => '30 MPa'], basis: ['combinations' => 'classic']),
        'cover',
    );
    expect($w->state)->toBe(State::NotCovered);
});

// EN 1992-1-2, Tables 5.5, 5.6, 5.8 (from memory): R90, 300 wide and simply supported: 40 mm, corners 50 mm;
// continuous: 25 mm; between 160 and 200 mm at R60 on the line; slabs R90: 100 and 30 mm.
it('asks for width and axis distance in fire', function (
    array $spans,
    array $concrete,
    string $symbol,
    float $value,
): void {
    expect(linesOf(openBeam($spans, 8, 6, $concrete), 'fire')[$symbol])->toBeNear($value, 1e-9);
})->with([
    [[5.0], ['fire' => 'R90'], 'a_min', 40.0],
    [[5.0], ['fire' => 'R90', 'bottom' => '3ø25'], 'a_sd_min', 50.0],
    [[5.0, 5.0], ['fire' => 'R90'], 'a_min', 25.0],
    [[5.0], ['fire' => 'R60', 'width' => '180 mm', 'bottom' => '2ø20', 'top' => '2ø12'], 'a_min', 32.5],
    [
        [4.0],
        ['fire' => 'R90', 'form' => 'slab', 'width' => '1 m', 'depth' => '200 mm', 'cover' => '25 mm'],
        'a_min',
        30.0,
    ],
]);

it('has no fire by ACI, and does not weigh what nobody asks for', function (): void {
    expect(weighingOf(openBeam([5.0], 10, 10, ['fire' => 'R60'], basis: IMPERIAL), 'fire')->state)
        ->toBe(State::NotCovered)
        ->and(fn (): mixed => weighingOf(openBeam([5.0], 10, 10), 'fire'))
        ->toThrow(\LogicException::class)
        ->and(implode(' ', openBeam([5.0], 10, 10)->checks->assumptions()))
        ->toContain('no exposure is given')
        ->toContain('fire, as none');
});

// EN 1992-1-1, 5.9(3): 12 m free, 300 wide, 550 deep: 40 against 50/(1.833)^⅓ = 40.9; ACI: 50 b = 15 m; BS: 250 b²/h =
// 40.9 m, 60 b = 18 m.
it('weighs sideways slenderness where the top edge is free', function (array $basis, float $u): void {
    $document = openDocument([12.0], 4, 2, [], $basis);
    $document['restraint']['top'] = ['kind' => 'supports'];
    $design = new Design(MemberReader::member($document));
    expect(linesOf($design, 'lateral')['u'])->toBeNear($u, 1e-3);
})->with([
    [[], (40 / 50) * (550 / 300) ** (1 / 3)],
    [['combinations' => 'asce-7-16-lrfd'], 0.8],
    [['combinations' => 'classic'], 12 / 18],
]);

it('says at the field what it does not know', function (array $concrete, string $field): void {
    try {
        openBeam([5.0], 10, 10, $concrete);
    } catch (InvalidMember $e) {
        expect(array_column($e->errors, 'path'))->toBe(["concrete.{$field}"]);

        return;
    }
    throw new \LogicException('It was taken.');
})->with([
    [['exposure' => 'XC9'], 'exposure'],
    [['fire' => 'R45'], 'fire'],
    [['structuralClass' => 'S9'], 'structuralClass'],
    [['coverDeviation' => '60 mm'], 'coverDeviation'],
]);

// R = 2 · 31.2 · … of an end: V = w L/2 on 300 × 250 mm.
it('weighs the pressure under supports where a strength is given', function (): void {
    $w = 1.35 * (12 + 25 * 0.3 * 0.55) + 15;
    $lines = linesOf(openBeam([5.0], 12, 10, ['bearingStrength' => '3 MPa']), 'bearing');
    expect($lines['sigma'])
        ->toBeNear(($w * 2500) / (300 * 250), 1e-4)
        ->and($lines['u'])
        ->toBeNear($lines['sigma'] / 3, 1e-9);
});

// A settlement of the middle support strains a beam in proportion to its stiffness; load alone does not ask for it.
it('takes a part of the stiffness for forces', function (): void {
    $of = function (float $factor): Design {
        $document = openDocument(
            [6.0, 6.0],
            0,
            0,
            ['stiffnessFactor' => $factor, 'bottom' => '4ø20', 'top' => '4ø20'],
            [],
        );
        $document['selfWeight'] = false;
        $document['cases'][] = ['id' => 's', 'name' => 'Settlement', 'category' => 'settlement'];
        $document['loads'] = [
            [
                'id' => 'z',
                'case' => 's',
                'kind' => 'settlement',
                'name' => '',
                'remark' => '',
                'support' => 2,
                'x' => '6 m',
                'value' => '10 mm',
            ],
        ];

        return new Design(MemberReader::member($document));
    };
    $M = fn (float $factor): float => abs(
        $of($factor)->envelopes->moment->greatest($of($factor)->envelopes->strength, 0.0)->value ?? 0.0,
    );
    expect($M(0.35))
        ->toBeGreaterThan(0.0)
        ->toBeNear(0.35 * $M(1.0), 1e-9);
});
