<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;

const BY_BS = ['combinations' => 'classic'];
const BY_ACI = ['combinations' => 'asce-7-16-lrfd', 'units' => 'us'];
const AMERICAN_BEAM = [
    'width' => '12 in',
    'depth' => '22 in',
    'grade' => '4000 psi',
    'cover' => '1.5 in',
    'linkDiameter' => '#3',
];

// EN 1992-1-1, 9.10.2 with recommended values: along an edge 10 kN/m times the span, 70 kN at least; inside 20 kN/m
// times the width, 70 kN at least; BS 8110-1, 3.12.3: F_t = 20 + 4 n_0 up to 60 kN; inside F_t (g + q)/7.5 l_r/5 a
// metre, F_t at least. By hand, from memory.
it('asks for a tie force', function (array $spans, array $concrete, array $basis, float $force): void {
    expect(linesOf(openBeam($spans, 10, 8, $concrete, basis: $basis), 'tie')['F_tie'])->toBeNear(1e3 * $force, 1e-9);
})->with([
    [[6.0], ['tie' => 'edge'], [], 70.0],
    [[8.0], ['tie' => 'edge'], [], 80.0],
    [[6.0, 5.0], ['tie' => 'inside', 'tieWidth' => '5 m'], [], 100.0],
    [[6.0], ['tie' => 'inside', 'tieWidth' => '2 m'], [], 70.0],
    [[6.0], ['tie' => 'edge', 'tieStoreys' => '4', 'grade' => '35 MPa'], BY_BS, 36.0],
    [
        [7.5],
        ['tie' => 'inside', 'tieStoreys' => '12', 'tieLoad' => '10 kN/m²', 'tieWidth' => '3 m', 'grade' => '35 MPa'],
        BY_BS,
        ((60 * 10) / 7.5) * 1.5 * 3,
    ],
    [
        [4.0],
        ['tie' => 'inside', 'tieStoreys' => '1', 'tieLoad' => '5 kN/m²', 'tieWidth' => '3 m', 'grade' => '35 MPa'],
        BY_BS,
        24.0 * 3,
    ],
]);

it('counts bottom bars only where they go on, and lists their laps', function (): void {
    $loose = openBeam([6.0, 5.0], 20, 15, ['tie' => 'edge']);
    $lapped = openBeam([6.0, 5.0], 20, 15, ['tie' => 'edge', 'bottomLaps' => true]);
    expect(linesOf($loose, 'tie')['A_s_b'])->toBe(0.0)->and(linesOf($lapped, 'tie')['A_s_b'])->toBeGreaterThan(200.0);
    [$short, $long] = array_map(fn ($design): float => steelOf($design)->list[0]->length(), [$loose, $lapped]);
    // Half of a lap of at least 15 ø beyond the axis.
    expect($long - $short)->toBeGreaterThan(100.0);
});

// ACI 318-19, 9.7.7.1: a quarter of the bottom bars, a sixth of the top bars, go on.
it('asks for structural integrity bars', function (): void {
    $edge = openBeam([6.0, 5.0], 10, 8, [...AMERICAN_BEAM, 'tie' => 'edge', 'bottomLaps' => true], basis: BY_ACI);
    $bottom = linesOf($edge, 'integrity');
    expect($bottom['A_s_min'])
        ->toBeNear($bottom['A_s_1'] / 4)
        ->and(linesOf($edge, 'integrity-top')['A_s_min'])
        ->toBeGreaterThan(0.0);
    $loose = openBeam([6.0, 5.0], 10, 8, [...AMERICAN_BEAM, 'tie' => 'edge'], basis: BY_ACI);
    expect(weighingOf($loose, 'integrity')->state)->toBe(State::NotCovered);
});

it('says what is missing of a tie at its field', function (array $concrete, string $field): void {
    expect(
        fieldsAtFault(fn (): mixed => openBeam([6.0], 10, 8, $concrete, basis: isset($concrete['grade']) ? BY_BS : [])),
    )->toContain("concrete.{$field}");
})->with([
    [['tie' => 'outside'], 'tie'],
    [['tie' => 'inside'], 'tieWidth'],
    [['tie' => 'edge', 'grade' => '35 MPa'], 'tieStoreys'],
    [['tie' => 'inside', 'tieStoreys' => '3', 'tieWidth' => '3 m', 'grade' => '35 MPa'], 'tieLoad'],
]);

it('says that ties are not weighed where nobody asks for them', function (
    array $concrete,
    array $basis,
    string $word,
): void {
    expect(implode(' ', openBeam([6.0], 10, 8, $concrete, basis: $basis)->checks->assumptions()))->toContain($word);
})->with([[[], [], 'ties for robustness'], [AMERICAN_BEAM, BY_ACI, 'structural integrity bars']]);
