<?php

declare(strict_types=1);

use Waage\Member\InvalidMember;

/**
 * 6 m between supports and an overhang; the left support bears only.
 *
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function overhanging(string $overhang, array $change = []): array
{
    $length = 6 + (float) $overhang;

    return [
        'length' => "{$length} m",
        'supports' => [[...supportAt('0 m'), 'bearsOnly' => true], supportAt('6 m')],
        ...$change,
    ];
}

// EN 1990, 6.4.2 (6.7) with Table A1.2(A), by hand: permanent load 5 kN/m, imposed 10 kN/m. The span presses with
// 0.9 · 5 · 6 / 2, the overhang lifts with (1.1 · 5 + 1.5 · 10) a² / (2 · 6).
it('weighs what lifts against what presses', function (string $a): void {
    $w = weighing(design(overhanging($a)), 'uplift-1');
    $lifts = (((1.1 * 5 + 1.5 * 10) * ((float) $a) ** 2) / 12) * 1000;
    expect($w->demand)
        ->toBeNear($lifts)
        ->and($w->capacity)
        ->toBeNear(((0.9 * 5 * 6) / 2) * 1000)
        ->and($w->ratio)
        ->toBeNear($lifts / 13500)
        ->and($w->combination)
        ->toBe('EQU 1')
        ->and($w->holds())
        ->toBe($lifts <= 13500)
        ->and($w->remark === '')
        ->toBe($lifts <= 13500);
})->with(['1 m', '2.7 m', '2.9 m', '4 m']);

it('counts self-weight by span, so that a heavier section can hold the beam down', function (): void {
    $light = weighing(design(overhanging('2 m', ['selfWeight' => true, 'section' => 'IPE 200'])), 'uplift-1');
    $heavy = weighing(design(overhanging('2 m', ['selfWeight' => true, 'section' => 'HEB 600'])), 'uplift-1');
    expect($heavy->capacity - $light->capacity)
        ->toBeNear(0.9 * 3000 * (section('HEB 600')->weight() - section('IPE 200')->weight()))
        ->and($heavy->ratio)
        ->toBeLessThan((float) $light->ratio);
    $design = design(
        overhanging('2 m', ['selfWeight' => true, 'loads' => [lineLoad('q', '3 kN/m')], 'families' => ['IPE', 'HEM']]),
    );
    foreach ($design->shortlist() as $row) {
        $alone = design(
            overhanging('2 m', [
                'selfWeight' => true,
                'loads' => [lineLoad('q', '3 kN/m')],
                'section' => $row->make->name(),
            ]),
        );
        expect($row->verdict->ratio)
            ->toBeNear((float) $alone->verdict()->ratio)
            ->and($row->verdict->holds())
            ->toBe($alone->verdict()->holds());
    }
});

it('finds uplift in combinations for strength as well, and where nothing presses', function (): void {
    $wind = [
        'cases' => [['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up']],
        'loads' => [lineLoad('w', '2 kN/m')],
        'supports' => [[...supportAt('0 m'), 'bearsOnly' => true], supportAt('6 m')],
    ];
    $w = weighing(design($wind), 'uplift-1');
    expect($w->demand)
        ->toBeNear(1.5 * 2 * 3 * 1000)
        ->and($w->capacity)
        ->toBe(0.0)
        ->and($w->holds())
        ->toBeFalse()
        ->and($w->remark)
        ->toContain('lifts off');
});

it('lists no reactions for equilibrium, where each span has factors of its own', function (): void {
    $ids = array_column((new Waage\Design\Reactions(design(overhanging('2 m'))))->toArray()['combinations'], 'id');
    expect($ids)->toContain('STR 1', 'CHA 1')->not->toContain('EQU 1');
});

it('asks nothing of supports that hold down', function (): void {
    expect(array_column(design()->weighings, 'id'))
        ->not->toContain('uplift-1')
        ->and(array_filter(design()->combinations, fn ($c): bool => str_starts_with($c->id, 'EQU')))
        ->toBe([])
        ->and(
            weighing(design(overhanging('1 m', ['basis' => ['parameters' => ['gammaGinfEqu' => 0.8]]])), 'uplift-1')
                ->capacity,
        )
        ->toBeNear(12000.0);
    expect(fn () => design(['supports' => [[...supportAt('0 m', 'fixed'), 'bearsOnly' => true]]]))->toThrow(
        InvalidMember::class,
        'holds it down as well',
    );
});
