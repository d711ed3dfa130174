<?php

declare(strict_types=1);

use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;

/**
 * Imposed load of 10 kN/m on equal spans of 6 m and nothing else; greatest and smallest moments over 1.5, by w l².
 *
 * @return array<string, float>
 */
function coefficients(int $spans, string $arrangement): array
{
    $result = (new Result(
        design([
            'length' => 6 * $spans.' m',
            'supports' => array_map(fn (int $i): array => supportAt(6 * $i.' m'), range(0, $spans)),
            'arrangement' => $arrangement,
            'loads' => [lineLoad('q', '10 kN/m')],
        ]),
        Show::envelope(),
    ))->toArray();
    $most = [];
    foreach ($result['extremes'] as $e) {
        if ($e['effect'] === 'M') {
            $most[$e['value'] > 0 ? '+' : '-'] = round($e['value'] / 1.5 / (10 * 6000 ** 2), 4);
        }
    }

    return $most;
}

// Moment coefficients of continuous beams (handbook tables, e.g. K. Hirschfeld, Baustatik; from memory): three and four
// equal spans, w l² times. All spans: 0.080, −0.100 and 0.0772, −0.1071. Every other span: 0.1013 in the end span of
// three, 0.0996 of four; two adjacent spans: −0.1167 (three) and −0.1161 (four); spans 1, 2 and 4 of four: −0.1205.
it('loads the spans that the arrangement lets it', function (
    int $spans,
    string $arrangement,
    float $sagging,
    float $hogging,
): void {
    expect(coefficients($spans, $arrangement))->toBe(['+' => $sagging, '-' => $hogging]);
})->with([
    [3, 'all', 0.08, -0.1],
    [4, 'all', 0.0772, -0.1071],
    [3, 'alternate', 0.1013, -0.1167],
    [3, 'worst', 0.1013, -0.1167],
    [4, 'alternate', 0.0996, -0.1161],
    [4, 'worst', 0.0996, -0.1205],
]);

it('is never worse when simplified, and says where the load lies', function (): void {
    foreach ([2, 3, 4, 5, 6] as $spans) {
        [$worst, $alternate, $all] = array_map(fn (string $a): array => coefficients($spans, $a), [
            'worst',
            'alternate',
            'all',
        ]);
        foreach (['+' => 1, '-' => -1] as $key => $sign) {
            expect($sign * $worst[$key])
                ->toBeGreaterThanOrEqual($sign * $alternate[$key])
                ->and($sign * $alternate[$key])
                ->toBeGreaterThanOrEqual($sign * $all[$key]);
        }
    }
    $design = design([
        'length' => '18 m',
        'supports' => array_map(fn (int $i): array => supportAt(6 * $i.' m'), range(0, 3)),
        'arrangement' => 'alternate',
        'loads' => [lineLoad('q', '10 kN/m')],
    ]);
    expect(weighing($design, 'bending')->arrangement)
        ->toBe('Imposed on span 1 and span 2')
        ->and(weighing($design, 'deflection-total')->arrangement)
        ->toBe('Imposed on span 1 and span 3');
});

/** @param  list<list<int>>  $arrangements */
function chosen(array $arrangements): Design
{
    return design([
        'length' => '18 m',
        'supports' => array_map(fn (int $i): array => supportAt(6 * $i.' m'), range(0, 3)),
        'arrangement' => 'chosen',
        'arrangements' => $arrangements,
        'loads' => [lineLoad('q', '10 kN/m')],
    ]);
}

it('takes the arrangements that the engineer chooses, one at a time', function (): void {
    $moment = fn (array $arrangements, int $sign): ?float => chosen($arrangements)->envelopes->moment->extreme(
        chosen($arrangements)->ultimate(),
        $sign,
        0.0,
    )?->value;
    $wl2 = 1.5 * 10 * 6000 ** 2;
    // Handbook coefficients of three spans: the outer ones loaded 0.1013, the middle one alone 0.075 and −0.05, two
    // adjacent ones −0.1167.
    expect($moment([[1, 3]], 1))
        ->toBeNear(0.1013 * $wl2, 1e-3)
        ->and($moment([[2]], 1))
        ->toBeNear(0.075 * $wl2, 1e-9)
        ->and($moment([[2]], -1))
        ->toBeNear(-0.05 * $wl2, 1e-9)
        ->and($moment([[1, 3], [2, 1]], -1))
        ->toBeNear(-0.1167 * $wl2, 1e-3);
    $design = chosen([[1, 3]]);
    expect(weighing($design, 'bending')->arrangement)->toBe('Imposed on span 1 and span 3');
    $result = (new Result($design, Show::envelope()))->toArray();
    // Reactions by load case are of all its load, whatever is chosen.
    expect($result['messages'])
        ->toContain('No arrangement loads span 2: imposed load does not act there.')
        ->and($result['reactions']['cases'][0]['load'])
        ->toBeNear(180_000.0);
});

it('refuses an arrangement of nothing', function (array $arrangements, string $path): void {
    expect(fn () => chosen($arrangements))->toThrow(fn (InvalidMember $e) => expect($e->errors[0]->path)->toBe($path));
})->with([
    [[], 'arrangements'],
    [[[1], []], 'arrangements.1'],
    [[[4]], 'arrangements.0'],
    [[[1, 'x']], 'arrangements.0'],
]);
