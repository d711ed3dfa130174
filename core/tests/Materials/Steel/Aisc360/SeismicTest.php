<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;

/** @param  array<string, mixed>  $change */
function ductile(string $level, array $change = []): Design
{
    $hold = ['kind' => 'spacing', 'spacing' => '6 ft'];

    return design(
        [
            'length' => '24 ft',
            'section' => 'W24X76',
            'grade' => 'A992',
            'supports' => [supportAt('0 ft', 'fixed'), supportAt('24 ft', 'fixed')],
            'loads' => [lineLoad('g', '1 kip/ft'), lineLoad('q', '1 kip/ft')],
            'restraint' => ['top' => $hold, 'bottom' => $hold],
            'ductility' => $level,
            'basis' => ['combinations' => 'asce-7-22-lrfd', 'units' => 'us'],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// ANSI/AISC 341, Table D1.1 with R_y F_y = 55 ksi: flanges 0.32 and 0.40 √(29000/55) = 7.348 and 9.185, webs 2.57 and
// 3.96 √(29000/55) = 59.0 and 90.9. The published table of highly ductile beams has W24×76 and W18×50 in, W24×55 with
// its web of 54.6 and flange of 6.94 in, W14×90 (10.2) out of both; from memory.
it('limits widths and thicknesses', function (string $section, string $level, float $flange, float $web): void {
    $w = weighing(ductile($level, ['section' => $section]), 'seismic-compactness');
    $s = section($section);
    [$f, $h] = $level === 'high' ? [7.348, 59.01] : [9.185, 90.93];
    expect($w->ratio)
        ->toBeNear(max($s->b / 2 / $s->tf / $f, $s->d / $s->tw / $h), 1e-3)
        ->and($s->b / 2 / $s->tf)
        ->toBeNear($flange, 0.005)
        ->and($s->d / $s->tw)
        ->toBeNear($web, 0.01);
})->with([
    ['W24X76', 'high', 6.61, 49.0],
    ['W24X55', 'high', 6.94, 54.6],
    ['W18X50', 'moderate', 6.57, 45.2],
    ['W14X90', 'moderate', 10.2, 25.9],
]);

it('holds by the published lists of highly ductile beams', function (string $section, bool $holds): void {
    expect(weighing(ductile('high', ['section' => $section]), 'seismic-compactness')->holds())->toBe($holds);
})->with([
    ['W24X76', true],
    ['W18X50', true],
    ['W21X44', true],
    ['W14X90', false],
    ['W21X48', false],
    ['W10X12', false],
]);

// W24×76: r_y = 1.92 in. 0.095 · 1.92 · 29000/55 = 96.2 in, twice as much for moderately ductile members. M_r = 1.1 ·
// 50 · 200 = 11 000 kip·in, h_o = 23.2 in: P_br = 9.47 kips, at hinges 28.4 kips, β_br = 10 · 11 000/(0.75 · 72 · 23.2)
// = 87.7 kips/in.
it('limits unbraced lengths and says what braces need', function (): void {
    $w = weighing(ductile('high'), 'seismic-bracing');
    $lines = array_column($w->lines, 'result', 'symbol');
    expect($w->capacity / INCH)
        ->toBeNear(96.2, 0.01)
        ->and($w->demand)
        ->toBeNear(6 * FOOT)
        ->and(weighing(ductile('moderate'), 'seismic-bracing')->capacity / $w->capacity)
        ->toBeNear(2.0)
        ->and($lines['P_br'] / KIP)
        ->toBeNear(9.47, 0.01)
        ->and($lines['P_br_h'] / KIP)
        ->toBeNear(28.4, 0.01)
        ->and(($lines['beta_br'] / KIP) * INCH)
        ->toBeNear(87.7, 0.01);
});

it('counts both flanges only, and compression in the web', function (): void {
    $w = weighing(
        ductile('high', ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]]),
        'seismic-bracing',
    );
    expect($w->demand)
        ->toBeNear(24 * FOOT)
        ->and($w->holds())
        ->toBeFalse();
    $ratio = fn (string $value): float => (float) weighing(
        ductile('high', [
            'section' => 'W24X55',
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 ft'), supportAt('24 ft', 'roller')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'direction' => 'along',
                    'x' => '24 ft',
                    'value' => $value,
                ],
            ],
        ]),
        'seismic-compactness',
    )->ratio;
    expect($ratio('150 kip'))->toBeGreaterThan($ratio('20 kip'));
});

it('is not asked for, or not built in, and says so', function (): void {
    expect(array_column(ductile('none')->weighings, 'id'))->not->toContain('seismic-bracing');
    expect(weighing(ductile('high', ['grade' => 'A913 65']), 'seismic')->remark)->toContain('up to 50 ksi');
    expect(weighing(design(['ductility' => 'high']), 'seismic')->remark)->toContain('ANSI/AISC 341 only');
});
