<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\Polynomial;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\MemberReader;

/**
 * Two or three spans under four load cases that act together or not; every third with a load that acts either way.
 *
 * @return array<string, mixed>
 */
function loadedByMany(int $seed): array
{
    mt_srand($seed);
    $supports = [supportAt('0 m')];
    $end = 0;
    for ($i = 0; $i < 2 + ($seed % 2); $i++) {
        $end += mt_rand(3, 8);
        $supports[] = supportAt("{$end} m");
    }
    $cases = ['g' => 'permanent', 'q' => 'B', 's' => 'snow', 'w' => ['wind-down', 'seismic', 'H'][$seed % 3]];
    $loads = [];
    foreach (array_keys($cases) as $case) {
        $loads[] = lineLoad($case, mt_rand(1, 9).' kN/m');
        $loads[] = [
            'id' => "{$case}p",
            'case' => $case,
            'kind' => 'point',
            'x' => mt_rand(1, 10 * $end - 1) / 10 .' m',
            'value' => mt_rand(5, 40).' kN',
        ];
    }

    return document([
        'length' => "{$end} m",
        'supports' => $supports,
        'selfWeight' => true,
        'loads' => $loads,
        'basis' => ['combinations' => ['6.10', '6.10a/b', 'asce-7-22-lrfd'][$seed % 3]],
        'cases' => array_map(
            fn (string $id, string $of): array => ['id' => $id, 'name' => $of, 'category' => $of],
            array_keys($cases),
            $cases,
        ),
    ]);
}

/**
 * Value of a curve at a place of a segment, and the combination that it names there.
 *
 * @param  list<array{segment: int, from: float, to: float, polynomial: list<float>, combination: Combination}>  $curve
 * @return array{float, Combination}
 */
function readAt(array $curve, int $segment, float $t): array
{
    foreach ($curve as $piece) {
        if ($piece['segment'] === $segment && $t >= $piece['from'] - 1e-6 && $t <= $piece['to'] + 1e-6) {
            return [Polynomial::value($piece['polynomial'], $t), $piece['combination']];
        }
    }
    throw new LogicException('A curve covers the whole member.');
}

it('is the worst of the envelopes of each combination by itself, and names one that makes it so', function (
    int $seed,
): void {
    $design = new Design(MemberReader::member(loadedByMany($seed)), Detail::Verdict);
    $combinations = $design->ultimate();
    $weight = SteelMake::of($design->member)->section->weight();
    $responses = $design->beam->responses;
    foreach ([Effect::Shear, Effect::Moment, Effect::Deflection, Effect::Slope] as $effect) {
        foreach ([1, -1] as $sign) {
            $envelope = new Envelope($design->beam, $effect);
            $all = $envelope->curve($combinations, $sign, $weight);
            $each = array_map(fn (Combination $c): array => $envelope->curve([$c], $sign, $weight), $combinations);
            for ($k = 0; $k < $responses->segments(); $k++) {
                foreach ([0.05, 0.37, 0.81] as $part) {
                    $t = $part * ($responses->breaks[$k + 1] - $responses->breaks[$k]);
                    $values = array_map(fn (array $curve): float => $sign * readAt($curve, $k, $t)[0], $each);
                    [$value, $named] = readAt($all, $k, $t);
                    $size = 1e-9 * max(array_map(abs(...), $values)) + 1e-6;
                    expect($sign * $value)
                        ->toEqualWithDelta(max($values), $size)
                        ->and($values[array_search($named, $combinations, true)])
                        ->toEqualWithDelta(max($values), $size);
                }
            }
        }
    }
})->with(range(1, 9));

it('has the same extremes as its curves, between any places', function (int $seed): void {
    $design = new Design(MemberReader::member(loadedByMany($seed)), Detail::Verdict);
    $weight = SteelMake::of($design->member)->section->weight();
    $length = $design->member->length;
    foreach ([Effect::Shear, Effect::Moment, Effect::Deflection] as $effect) {
        $envelope = new Envelope($design->beam, $effect);
        foreach ([[0.0, $length], [0.21 * $length, 0.64 * $length]] as [$from, $to]) {
            $most = $envelope->extreme($design->ultimate(), 1, $weight, $from, $to)?->value ?? 0.0;
            $least = $envelope->extreme($design->ultimate(), -1, $weight, $from, $to)?->value ?? 0.0;
            $greatest = $envelope->greatest($design->ultimate(), $weight, $from, $to);
            expect(abs($greatest->value ?? 0.0))
                ->toEqualWithDelta(max(abs($most), abs($least)), 1e-6 * abs($most - $least))
                ->and($greatest?->x)
                ->toBeGreaterThanOrEqual($from - 1e-6)
                ->toBeLessThanOrEqual($to + 1e-6);
            foreach ([1 => $most, -1 => $least] as $sign => $extreme) {
                foreach ($envelope->curve($design->ultimate(), $sign, $weight) as $piece) {
                    $start = $envelope->breaks()[$piece['segment']];
                    foreach ([$piece['from'], ($piece['from'] + $piece['to']) / 2, $piece['to']] as $t) {
                        if ($start + $t > $from && $start + $t < $to) {
                            expect($sign * Polynomial::value($piece['polynomial'], $t))->toBeLessThanOrEqual(
                                $sign * $extreme + 1e-6 * abs($most - $least),
                            );
                        }
                    }
                }
            }
        }
    }
})->with(range(1, 6));
