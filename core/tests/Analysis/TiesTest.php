<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Polynomial;
use Waage\Analysis\Worst;
use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\SteelMake;

it('parts polynomials that tie in the middle', function (array $polynomials, array $parts): void {
    expect(Worst::onParts($polynomials, 1, 0.0, 2.0))->toEqualWithDelta($parts, 1e-9);
})->with([
    'crossing there' => [[[0.0, 1.0], [2.0, -1.0]], [[0.0, 1.0, 1], [1.0, 2.0, 0]]],
    'crossing a hair beside it' => [[[0.0, 1.0], [2.0 + 1e-13, -1.0]], [[0.0, 1.0, 1], [1.0, 2.0, 0]]],
    'touching there' => [[[-1.0, 2.0, -1.0], [0.0, 0.0, 0.0]], [[0.0, 2.0, 1]]],
    'three of them' => [[[0.0, 1.0], [1.0, 0.0], [2.0, -1.0]], [[0.0, 1.0, 2], [1.0, 2.0, 0]]],
    'the same twice' => [[[0.0, 1.0], [0.0, 1.0], [2.0, -1.0]], [[0.0, 1.0, 2], [1.0, 2.0, 0]]],
]);

/** What the drawn envelope of an effect says at a place, kN, kNm, mm times EI. */
function drawnAt(Design $design, Effect $effect, int $sign, float $x): float
{
    foreach (
        (new Envelope($design->beam, $effect))->curve(
            strengthOf($design),
            $sign,
            SteelMake::of($design->member)->section->weight(),
        ) as $piece
    ) {
        $t = $x - $design->beam->responses->breaks[$piece['segment']];
        if ($t >= $piece['from'] && $t <= $piece['to']) {
            return Polynomial::value($piece['polynomial'], $t);
        }
    }
    throw new LogicException('Beyond the ends.');
}

/** @return list<Combination> */
function strengthOf(Design $design): array
{
    return array_values(
        array_filter($design->combinations, fn (Combination $c): bool => $c->purpose === Purpose::Strength),
    );
}

/** The same place, with each combination and each option of each load case by itself. */
function bruteAt(Design $design, Effect $effect, int $sign, float $x): float
{
    $k = $design->beam->responses->segmentAt($x);
    $values = $design->beam->responses->valuesAt($effect, $k, $x - $design->beam->responses->breaks[$k]);
    $worst = -INF;
    foreach (strengthOf($design) as $combination) {
        $sum =
            $design->beam->selfWeight === null
                ? 0.0
                : $sign *
                    $combination->permanent *
                    SteelMake::of($design->member)->section->weight() *
                    $values[$design->beam->selfWeight];
        foreach ($design->beam->cases as $case) {
            $of = fn (array $option): float => array_sum(
                array_map(fn (int $set): float => $sign * $values[$set], $option),
            );
            if ($case->isPermanent) {
                $sum += $combination->permanent * $of($case->sets);

                continue;
            }
            $acting = array_map(
                fn (array $option): float => array_sum(
                    array_map(fn (int $set): float => max(0.0, $sign * $values[$set]), $option),
                ),
                $case->options,
            );
            $sum += ($combination->variable[$case->case->id] ?? 0.0) * max($acting);
        }
        $worst = max($worst, $sum);
    }

    return $sign * $worst;
}

/**
 * @param  list<float>  $supports
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function onSupports(float $length, array $supports, array $change = []): array
{
    return [
        'length' => "{$length} m",
        'supports' => array_map(fn (float $x): array => supportAt("{$x} m"), $supports),
        ...$change,
    ];
}

it('draws the worst of all arrangements on symmetric members', function (array $document): void {
    $design = design($document);
    foreach (Effect::cases() as $effect) {
        foreach ([1, -1] as $sign) {
            for ($i = 0; $i < 60; $i++) {
                $x = ($design->member->length * ($i + 0.5)) / 60.003;
                expect(drawnAt($design, $effect, $sign, $x))->toBeNear(bruteAt($design, $effect, $sign, $x), 1e-6, 1.0);
            }
        }
    }
})->with(function (): array {
    $members = [];
    for ($seed = 1; $seed <= 24; $seed++) {
        $r = random($seed);
        $span = $r->getInt(2000, 8000) / 1000;
        $spans = $r->getInt(1, 4);
        $over = ($r->getInt(0, 1) * $span * $r->getInt(1, 4)) / 8;
        $fields = range(1, $spans + ($over > 0 ? 2 : 0));
        $mirrored = array_values(array_unique([$r->getInt(1, count($fields)), count($fields)]));
        $members["seed {$seed}"] = [
            onSupports(
                2 * $over + $spans * $span,
                array_map(fn (int $i): float => $over + $i * $span, range(0, $spans)),
                [
                    'cases' => [
                        ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                        ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
                        ['id' => 's', 'name' => 'S', 'category' => 'snow'],
                    ],
                    'loads' => [
                        lineLoad('g', $r->getInt(1, 9).' kN/m'),
                        lineLoad('q', $r->getInt(1, 9).' kN/m'),
                        lineLoad('s', $r->getInt(1, 9).' kN/m'),
                    ],
                    'selfWeight' => $r->getInt(0, 1) === 1,
                    ...$r->getInt(0, 1) === 1
                        ? [
                            'arrangement' => 'chosen',
                            'arrangements' => [
                                $mirrored,
                                array_values(
                                    array_unique(array_map(fn (int $f): int => count($fields) + 1 - $f, $mirrored)),
                                ),
                            ],
                        ]
                        : [],
                ],
            ),
        ];
    }

    return $members;
});

// Each value is the worst of all arrangements by hand or by an independent program.
it('agrees where it once did not', function (array $document, Effect $effect, int $sign, float $x, float $value): void {
    $design = design($document);
    expect(drawnAt($design, $effect, $sign, $x) / 1e6)->toBeNear($value, 2e-3);
})->with([
    // 1.5 · 7 (0.4425 · 1.2295 − 0.4425² / 2) − (10 + 0.4145) 0.787² / 2
    'overhangs that balance' => [
        onSupports(
            4.918,
            [1.2295, 3.6885],
            [
                'selfWeight' => true,
                'loads' => [lineLoad('g', '10 kN/m'), lineLoad('q', '7 kN/m'), lineLoad('s', '3 kN/m')],
                'cases' => [
                    ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                    ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
                    ['id' => 's', 'name' => 'S', 'category' => 'snow'],
                ],
            ],
        ),
        Effect::Moment,
        1,
        1672.0,
        1.46,
    ],
    // Three-moment equations: M_1 = −0.11667 w l², M_2 = −0.03333 w l² with the first two spans loaded.
    'two arrangements that mirror each other' => [
        onSupports(
            12.288,
            [0.0, 4.096, 8.192, 12.288],
            [
                'arrangement' => 'chosen',
                'arrangements' => [[2, 3], [1, 2]],
                'loads' => [lineLoad('q', '20 kN/m')],
                'cases' => [['id' => 'q', 'name' => 'Q', 'category' => 'B']],
            ],
        ),
        Effect::Moment,
        1,
        7168.0,
        0.0395833 * 30 * 4.096 ** 2,
    ],
]);

it('names the combination on either side of the middle', function (): void {
    $design = design([
        'length' => '3.411 m',
        'supports' => [supportAt('0 m'), supportAt('3.411 m')],
        'loads' => [lineLoad('g', '10 kN/m')],
        'cases' => [['id' => 'g', 'name' => 'G', 'category' => 'permanent']],
    ]);
    $pieces = (new Envelope($design->beam, Effect::Shear))->curve(strengthOf($design), -1, 0.0);
    expect(array_map(fn (array $p): float => $p['combination']->permanent, $pieces))
        ->toBe([1.0, 1.35])
        ->and($pieces[0]['to'])
        ->toBeNear(1705.5, 1e-6);
});

it('names no load beyond a hinge or a support that has no effect', function (array $change, string $arrangement): void {
    $design = design([
        'cases' => [
            ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Imposed', 'category' => 'C'],
        ],
        'loads' => [lineLoad('q', '10 kN/m')],
        ...$change,
    ]);
    expect(weighing($design, 'bending')->arrangement)->toBe($arrangement);
})->with([
    'the root of an overhang' => [onSupports(8, [0, 3]), 'Imposed on right overhang'],
    'an end span beside hinges' => [
        onSupports(16, [0, 4.8, 11.2, 16], ['hinges' => ['6 m', '10 m']]),
        'Imposed on span 2',
    ],
]);

it('takes the first of places that mirror each other', function (): void {
    $design = design([
        ...onSupports(18, [0, 6, 12, 18]),
        'cases' => [
            ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Imposed', 'category' => 'C'],
        ],
        'loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m')],
    ]);
    expect(weighing($design, 'bending')->x)
        ->toEqualWithDelta(6000.0, 1e-6)
        ->and(weighing($design, 'buckling')->x)
        ->toBeLessThan(6000.0);
});
