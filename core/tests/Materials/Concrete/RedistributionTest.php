<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Analysis\Effect;
use Waage\Analysis\Polynomial;
use Waage\Analysis\Responses;
use Waage\Design\Design;
use Waage\Materials\Concrete\Redistribution;
use Waage\Member\InvalidMember;

/** @param  array<int, string|int>  $percent */
function redistributed(array $percent, array $concrete = [], array $basis = [], array $spans = [6.0, 6.0]): Design
{
    return openBeam($spans, 12, 10, ['redistribution' => $percent, 'width' => '400 mm', ...$concrete], basis: $basis);
}

// w L²/8 less by a fifth, on both spans loaded; the span: with the imposed load on itself, 0.8 of M = (w + v) L²/16
// over the support.
it('takes a part off the moment over a support, and gives it to the spans', function (): void {
    $design = redistributed([2 => 20]);
    [$w, $v] = [1.35 * (12 + 25 * 0.4 * 0.55) + 15, 1.35 * (12 + 25 * 0.4 * 0.55)];
    $support = (0.8 * ($w + $v) * 36) / 16;
    $V = $w * 3 - $support / 6;
    expect(weighingOf($design, 'hogging-2')->demand / 1e6)
        ->toBeNear((0.8 * $w * 36) / 8, 1e-6)
        ->and(weighingOf($design, 'sagging-1')->demand / 1e6)
        ->toBeNear($V ** 2 / (2 * $w), 1e-4)
        ->and(weighingOf($design, 'sagging-1')->demand)
        ->toBeGreaterThan(weighingOf(redistributed([]), 'sagging-1')->demand);
});

// In every load set: moments are the second integral of the same load, zero at the ends; reactions add up to it.
it('stays in equilibrium', function (): void {
    $elastic = redistributed([], spans: [5.0, 7.0, 6.0])->envelopes;
    $before = $elastic->beam->responses;
    $after = $before->redistributed([[5000.0, 0.2], [12000.0, 0.3]], [0.0, 5000.0, 12000.0, 18000.0]);
    $at = function (Responses $r, int $set, float $x): float {
        $k = $r->segmentAt($x, true);

        return Polynomial::value($r->polynomial(Effect::Moment, $set, $k), $x - $r->breaks[$k]);
    };
    foreach (array_keys($before->M) as $set) {
        expect(array_sum(array_column($after->reactions[$set], 0)))
            ->toBeNear(array_sum(array_column($before->reactions[$set], 0)), 1e-9, 1e-6)
            ->and($at($after, $set, 5000.0))
            ->toBeNear(0.8 * $at($before, $set, 5000.0), 1e-9, 1e-3)
            ->and($at($after, $set, 12000.0))
            ->toBeNear(0.7 * $at($before, $set, 12000.0), 1e-9, 1e-3)
            ->and(abs($at($after, $set, 18000.0)))
            ->toBeLessThan(1.0);
        // About the left end: reactions balance as before.
        $about = fn (Responses $r): float => array_sum(
            array_map(fn (array $f, float $x): float => $f[0] * $x, $r->reactions[$set], [
                0.0,
                5000.0,
                12000.0,
                18000.0,
            ]),
        );
        expect($about($after))->toBeNear($about($before), 1e-9, 1.0);
        foreach (array_keys($before->M[$set]) as $k) {
            expect(array_slice($after->M[$set][$k], 2))->toBe(array_slice($before->M[$set][$k], 2));
        }
    }
});

// EN 1992-1-1, 5.5(4): x ≤ (δ − 0.44)/1.25 d; ACI 318-19, 6.6.5.1: ε_t of 0.0075 and of a thousandth a per cent; BS
// 8110-1, 3.4.4.4: β_b = 0.7: K′ = 0.402 · 0.3 − 0.18 · 0.09 = 0.1044.
it('lets the axis lie less deep', function (array $basis, string $symbol, float $value): void {
    $lines = linesOf(redistributed([2 => 15], basis: $basis), 'hogging-2');
    expect($lines[$symbol] / ($symbol === 'x_max' ? $lines['d'] : 1))->toBeNear($value, 1e-6);
})->with([
    'EN' => [[], 'x_max', (0.85 - 0.44) / 1.25],
    'ACI' => [['combinations' => 'asce-7-16-lrfd'], 'epsilon_min', 0.015],
    'BS' => [['combinations' => 'classic'], 'K_lim', 0.402 * 0.45 - 0.18 * 0.45 ** 2],
]);

it('chooses bars that hold', function (array $basis): void {
    $failing = array_filter(
        redistributed([2 => 20, 3 => 15], basis: $basis, spans: [6.0, 7.0, 5.5])->weighings,
        fn ($w): bool => preg_match('/^(sagging|hogging|least|shear|most)/', $w->id) === 1 && ! $w->holds(),
    );
    expect($failing)->toBe([]);
})->with([[[]], [['combinations' => 'asce-7-16-lrfd', 'units' => 'us']], [['combinations' => 'classic']]]);

it('leaves cracks, deflections and the member without any as they are', function (): void {
    expect(weighingOf(redistributed([2 => 20], ['bottom' => '5ø20', 'top' => '5ø20']), 'cracks-top-2')->ratio)->toBe(
        weighingOf(redistributed([], ['bottom' => '5ø20', 'top' => '5ø20']), 'cracks-top-2')->ratio,
    );
    $elastic = redistributed([])->envelopes;
    expect(Redistribution::of($elastic))->toBe($elastic);
});

it('says at the field what it cannot redistribute', function (
    array $percent,
    array $spans,
    float $overhang,
    string $says,
): void {
    try {
        openBeam($spans, 12, 10, ['redistribution' => $percent], $overhang);
    } catch (InvalidMember $e) {
        expect($e->errors[0]->path)
            ->toBe('concrete.redistribution.'.array_key_first($percent))
            ->and($e->errors[0]->message)
            ->toContain($says);

        return;
    }
    throw new \LogicException('It was taken.');
})->with([
    [[2 => 40], [6.0, 6.0], 0.0, '30'],
    [[1 => 10], [6.0, 6.0], 0.0, 'between two spans'],
    [[5 => 10], [6.0, 6.0], 0.0, 'between two spans'],
    [[2 => 10], [6.0], 1.0, 'between two spans'],
    [[2 => 10], [6.0, 2.0], 0.0, 'two to one'],
    [[2 => 'much'], [6.0, 6.0], 0.0, ''],
]);
