<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\InfluenceLine;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;

/**
 * A train alone on a beam; supports in m.
 *
 * @param  list<float>  $supports
 * @param  list<array{string, string}>  $axles  force, distance from the one before
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function trainOn(array $supports, array $axles, array $change = []): array
{
    return [
        'length' => end($supports).' m',
        'supports' => array_map(fn (float $x): array => supportAt("{$x} m"), $supports),
        'section' => 'HEB 300',
        'cases' => [['id' => 't', 'name' => 'Train', 'category' => 'G']],
        'loads' => [
            [
                'id' => 't1',
                'case' => 't',
                'kind' => 'train',
                'value' => '',
                'axles' => array_map(fn (array $a): array => ['force' => $a[0], 'distance' => $a[1]], $axles),
                ...$change,
            ],
        ],
    ];
}

/**
 * @param  array<string, mixed>  $document
 * @return array<string, float> greatest and smallest of each effect, over 1.5
 */
function extremesOf(array $document): array
{
    $extremes = [];
    foreach ((new Result(design($document), Show::envelope()))->extremes() as $e) {
        $extremes[$e['effect'].($e['value'] > 0 ? '+' : '-')] =
            $e['effect'] === 'w' ? $e['value'] : $e['value'] / 1.5;
    }

    return $extremes;
}

// Two equal forces P at a distance d on a simple beam: M = P / 2L (L − d/2)² with one of them d/4 off the middle
// (textbooks of statics, e.g. R. C. Hibbeler, Structural Analysis, from memory); V = P (2 − d/L) beside a support.
it('finds the greatest moment of two wheels on a simple beam', function (float $L, float $d): void {
    $e = extremesOf(trainOn([0.0, $L], [['50 kN', ''], ['50 kN', "{$d} m"]]));
    expect($e['M+'])
        ->toBeNear((50e6 / (2 * $L)) * ($L - $d / 2) ** 2, 1e-6)
        ->and($e['V+'])
        ->toBeNear(50e3 * (2 - $d / $L), 1e-5)
        ->and($e['V-'])
        ->toBeNear(-50e3 * (2 - $d / $L), 1e-5);
})->with([[8.0, 2.0], [10.0, 1.2], [6.0, 3.0]]);

it('lets the single wheel govern when the other one is far', function (): void {
    // With d > 0.586 L one wheel in the middle is worse.
    expect(extremesOf(trainOn([0.0, 6.0], [['50 kN', ''], ['50 kN', '4 m']]))['M+'])->toBeNear((50e6 * 6) / 4, 1e-6);
});

it('drives either way, and off the beam', function (): void {
    $ahead = extremesOf(trainOn([0.0, 5.0, 11.0], [['80 kN', ''], ['30 kN', '2 m'], ['30 kN', '1 m']]));
    $behind = extremesOf(trainOn([0.0, 5.0, 11.0], [['30 kN', ''], ['30 kN', '1 m'], ['80 kN', '2 m']]));
    expect($behind)->toEqual($ahead);
    // A train longer than the beam: the heaviest axle alone.
    expect(extremesOf(trainOn([0.0, 4.0], [['80 kN', ''], ['30 kN', '9 m']]))['M+'])->toBeNear(80e6, 1e-6);
});

it('stays between the ends of its way', function (): void {
    $e = extremesOf(trainOn([0.0, 8.0], [['50 kN', '']], ['from' => '0 m', 'to' => '2 m']));
    expect($e['M+'])->toBeNear((50e6 * 2 * 6) / 8, 1e-6);
});

// The influence line (a unit dislocation, exact) against the places that are tried here.
it('comes to what influence lines say', function (): void {
    foreach ([[[0.0, 6.0, 12.0], 5e-3], [[0.0, 4.0, 9.0, 15.0], 1.5e-2]] as [$supports, $part]) {
        $document = trainOn($supports, [['60 kN', ''], ['60 kN', '1.6 m']]);
        $beam = design($document)->beam->beam;
        $e = extremesOf($document);
        $exact = ['M+' => 0.0, 'M-' => 0.0];
        for ($x = 100.0; $x < 1000 * end($supports); $x += 50.0) {
            $line = InfluenceLine::ofMoment($beam, $x);
            $exact['M+'] = max($exact['M+'], $line->train([[0.0, 60e3], [1600.0, 60e3]], 1)['value']);
            $exact['M-'] = min($exact['M-'], $line->train([[0.0, 60e3], [1600.0, 60e3]], -1)['value']);
        }
        foreach ($exact as $effect => $value) {
            expect(abs($e[$effect]))
                ->toBeLessThan(abs($value) * (1 + 1e-3))
                ->and($e[$effect])
                ->toBeNear($value, $part);
        }
        foreach (array_keys($supports) as $i) {
            $reactions = (new Result(design($document), Show::envelope()))->toArray()['reactions']['combinations'];
            expect($reactions[0]['forces'][$i][0] / 1.5)->toBeNear(
                InfluenceLine::ofReaction($beam, $i)->train([[0.0, 60e3], [1600.0, 60e3]], 1)['value'],
                $part,
            );
        }
    }
});

it('misses little of what influence lines say, over supports and at them nothing', function (
    array $supports,
    array $axles,
): void {
    $document = trainOn(
        $supports,
        array_map(fn (array $a): array => ["{$a[0]} kN", $a[1] > 0.0 ? "{$a[1]} m" : ''], $axles),
    );
    $design = design($document);
    $beam = $design->beam->beam;
    $trains = $design->member->loads[0]->trains();
    $exact = function (InfluenceLine $line, int $sign) use ($trains): float {
        return max(array_map(fn (array $train): float => $sign * $line->train($train, $sign)['value'], $trains));
    };
    $moment = new Envelope($design->beam, Effect::Moment);
    $envelope = fn (int $sign, float $x): float => max(
        0.0,
        ($sign * ($moment->extreme($design->ultimate(), $sign, 0.0, $x - 1e-3, $x + 1e-3)->value ?? 0.0)) / 1.5,
    );
    foreach (array_slice($supports, 1, -1) as $x) {
        foreach ([1, -1] as $sign) {
            $worst = $exact(InfluenceLine::ofMoment($beam, 1000 * $x), $sign);
            expect($envelope($sign, 1000 * $x))->toBeNear($worst, 1e-4, 1e6);
        }
    }
    foreach (array_slice($supports, 0, -1) as $i => $a) {
        $worst = 0.0;
        for ($part = 0.1; $part < 0.95; $part += 0.05) {
            $x = 1000 * ($a + $part * ($supports[$i + 1] - $a));
            $worst = max($worst, $exact(InfluenceLine::ofMoment($beam, $x), 1));
        }
        $found =
            ($moment->extreme($design->ultimate(), 1, 0.0, 1000 * $a, 1000 * $supports[$i + 1])->value ?? 0.0) / 1.5;
        expect($found)->toBeGreaterThan(0.999 * $worst);
    }
})->with(function (): array {
    $cases = [
        'seven supports, five axles' => [
            [0.0, 9.19, 20.2, 30.88, 44.61, 56.91, 64.82],
            [[62, 0.0], [24, 1.07], [32, 0.97], [78, 1.13], [115, 4.91]],
        ],
    ];
    for ($seed = 1; $seed <= 8; $seed++) {
        $r = random($seed);
        $supports = [0.0];
        for ($i = $r->getInt(1, 5); $i >= 0; $i--) {
            $supports[] = end($supports) + $r->getInt(300, 1200) / 100;
        }
        $cases["seed {$seed}"] = [
            $supports,
            array_map(
                fn (int $i): array => [$r->getInt(20, 120), $i === 0 ? 0.0 : $r->getInt(80, 500) / 100],
                range(0, $r->getInt(1, 5)),
            ),
        ];
    }

    return $cases;
});

it('hogs over the fourth support of seven as an independent program says', function (): void {
    $document = trainOn(
        [0.0, 9.19, 20.2, 30.88, 44.61, 56.91, 64.82],
        [['62 kN', ''], ['24 kN', '1.07 m'], ['32 kN', '0.97 m'], ['78 kN', '1.13 m'], ['115 kN', '4.91 m']],
    );
    $design = design($document);
    expect(
        (new Envelope($design->beam, Effect::Moment))->extreme($design->ultimate(), -1, 0.0, 30879.0, 30881.0)->value /
            1.5e6,
    )->toBeNear(-305.5, 1e-3);
});

it('drives one way only where that is said', function (): void {
    $axles = [['80 kN', ''], ['30 kN', '2 m'], ['30 kN', '1 m']];
    [$right, $left, $both] = array_map(
        fn (string $way): array => extremesOf(trainOn([0.0, 5.0, 11.0], $axles, ['way' => $way])),
        ['right', 'left', 'both'],
    );
    expect(max($right['M+'], $left['M+']))
        ->toBeNear($both['M+'], 2e-3)
        ->and(min($right['M-'], $left['M-']))
        ->toBeNear($both['M-'], 1e-6)
        ->and($right)
        ->not->toEqual($left)
        ->and(
            extremesOf(
                trainOn([0.0, 5.0, 11.0], [['30 kN', ''], ['30 kN', '1 m'], ['80 kN', '2 m']], ['way' => 'left']),
            ),
        )
        ->toEqual($right);
});

// EN 1991-1-1, 6.3.1.2: the concentrated load acts alone, anywhere.
it('takes a concentrated load in place of the distributed one', function (string $Q, float $moment): void {
    $e = extremesOf([
        'cases' => [['id' => 'q', 'name' => 'Imposed', 'category' => 'C']],
        'loads' => [lineLoad('q', '2 kN/m'), ['id' => 'k', 'case' => 'q', 'kind' => 'concentrated', 'value' => $Q]],
    ]);
    // 2 · 6² / 8 = 9 kNm against Q · 6 / 4.
    expect($e['M+'])->toBeNear($moment, 1e-6)->and($e['V+'])->toBeNear(max(6e3, (float) $Q * 1000), 1e-5);
})->with([['4 kN', 9e6], ['6.5 kN', 9.75e6], ['20 kN', 30e6]]);

it('says what is wrong with a moving load', function (array $change, string $path, string $says): void {
    try {
        MemberReader::member(document($change));
        $errors = [];
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'message', 'path');
    }
    expect($errors[$path] ?? json_encode($errors))->toContain($says);
})->with(function (): array {
    $train = fn (array $change = []): array => [
        'id' => 't',
        'case' => 'q',
        'kind' => 'train',
        'value' => '',
        'axles' => [['force' => '10 kN', 'distance' => '']],
        ...$change,
    ];

    return [
        'no axles' => [['loads' => [$train(['axles' => []])]], 'loads.0.axles', 'one axle at least'],
        'axle without a distance' => [
            [
                'loads' => [
                    $train(['axles' => [['force' => '1 kN', 'distance' => ''], ['force' => '1 kN', 'distance' => '']]]),
                ],
            ],
            'loads.0.axles.1.distance',
            'Nothing is entered',
        ],
        'axle of nothing' => [
            ['loads' => [$train(['axles' => [['force' => '0 kN', 'distance' => '']]])]],
            'loads.0.axles.0.force',
            'greater than zero',
        ],
        'among permanent load' => [['loads' => [$train(['case' => 'g'])]], 'loads.0.case', 'imposed load'],
        'with other loads' => [
            ['loads' => [lineLoad('q', '1 kN/m'), $train()]],
            'loads.1.case',
            'a load case of its own',
        ],
        'two that move' => [
            [
                'loads' => [
                    ['id' => 'a', 'case' => 'q', 'kind' => 'concentrated', 'value' => '1 kN'],
                    ['id' => 'b', 'case' => 'q', 'kind' => 'concentrated', 'value' => '1 kN'],
                ],
            ],
            'loads.1.case',
            'one load that moves',
        ],
        'way that ends before it starts' => [
            ['loads' => [$train(['from' => '4 m', 'to' => '2 m'])]],
            'loads.0.to',
            'to the right',
        ],
    ];
});
