<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;

// Worked examples as they are printed, from memory: moment and shear of a simple beam under its combined loads.
// - SCI P364, "Steel building design: Worked examples - open sections", example 2: 6.5 m, 15 and 30 kN/m, (6.10b) with
//   ξ = 0.925: 63.7 kN/m, 336 kNm, 207 kN.
// - SCI P326, "Steelwork design guide to BS 5950, volume 2", example 2: the same loads, 69 kN/m, 364 kNm, 224 kN. -
// AISC Design Examples, F.1-1A: 35 ft, 0.45 and 0.75 kip/ft; LRFD 1.74 kip/ft, 266 kip·ft; ASD 1.20 kip/ft, 184 kip·ft.
it('combines as the worked examples', function (
    array $basis,
    string $length,
    array $loads,
    float $moment,
    float $shear,
    float $unit,
): void {
    $design = design([
        'length' => $length,
        'supports' => [supportAt(str_contains($length, 'ft') ? '0 ft' : '0 m'), supportAt($length)],
        'loads' => [lineLoad('g', $loads[0]), lineLoad('q', $loads[1])],
        'basis' => $basis,
    ]);
    $greatest = fn (Effect $effect): float => (float) (new Envelope($design->beam, $effect))->extreme(
        $design->ultimate(),
        1,
        0.0,
    )?->value;
    // As printed: rounded to three figures on the way.
    expect($greatest(Effect::Moment) / $unit)
        ->toBeNear($moment, 0.0025)
        ->and($greatest(Effect::Shear))
        ->toBeNear($shear, 0.004);
})->with([
    'EN 1990 (6.10b), ξ = 0.925' => [
        ['combinations' => '6.10a/b', 'parameters' => ['xi' => 0.925]],
        '6.5 m',
        ['15 kN/m', '30 kN/m'],
        336.0,
        207e3,
        1e6,
    ],
    'dead 1.4, imposed 1.6' => [['combinations' => 'classic'], '6.5 m', ['15 kN/m', '30 kN/m'], 364.0, 224e3, 1e6],
    'ASCE 7, LRFD' => [
        ['combinations' => 'asce-7-16-lrfd', 'units' => 'us'],
        '35 ft',
        ['0.45 kip/ft', '0.75 kip/ft'],
        266.0,
        1.74 * 17.5 * 4448.2216,
        1355817.9483,
    ],
    'ASCE 7, ASD' => [
        ['combinations' => 'asce-7-16-asd', 'units' => 'us'],
        '35 ft',
        ['0.45 kip/ft', '0.75 kip/ft'],
        184.0,
        1.2 * 17.5 * 4448.2216,
        1355817.9483,
    ],
]);
