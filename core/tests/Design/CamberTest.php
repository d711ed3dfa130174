<?php

declare(strict_types=1);

use Waage\Analysis\Camber;
use Waage\Analysis\Polynomial;
use Waage\Checks\Detail;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;

it('counts the total deflection less the camber, in the middle of a uniform load exactly', function (): void {
    // 5 q L⁴ / 384 E I under 15 kN/m, less 4 mm.
    $full = (5 * 15 * 6000 ** 4) / 384 / (SteelGrade::E * section('IPE 300')->Iy);
    $w = weighing(design(['camber' => '4 mm'], Detail::Lines), 'deflection-total');
    expect(weighing(design(), 'deflection-total')->demand)
        ->toBeNear($full, 1e-9)
        ->and($w->demand)
        ->toBeNear($full - 4, 1e-9)
        ->and($w->x)
        ->toBeNear(3000.0, 1e-9)
        ->and($w->ratio)
        ->toBeNear(($full - 4) / 24, 1e-9)
        ->and(array_column($w->lines, 'symbol'))
        ->toContain('w_tot', 'w_c', 'w')
        ->and(weighing(design(['camber' => '4 mm']), 'deflection-variable')->demand)
        ->toBe(weighing(design(), 'deflection-variable')->demand);
});

it('counts what stays of a camber that is too much, without variable load', function (): void {
    $permanent = (5 * 5 * 6000 ** 4) / 384 / (SteelGrade::E * section('IPE 300')->Iy);
    $w = weighing(design(['camber' => '60 mm'], Detail::Lines), 'deflection-total');
    expect($w->demand)
        ->toBeNear(60 - $permanent, 1e-9)
        ->and($w->holds())
        ->toBeFalse()
        ->and($w->arrangement)
        ->not->toContain('Imposed');
});

it('finds the place where most remains, as a walk along the member does', function (
    array $loads,
    string $camber,
): void {
    $design = design([
        'loads' => $loads,
        'camber' => $camber,
        'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
    ]);
    $EI = SteelGrade::E * SteelMake::of($design->member)->section->Iy;
    $shape = new Camber($design->member->camber, 6000.0);
    $envelope = $design->envelopes->deflection;
    foreach ([1, -1] as $sign) {
        $walked = 0.0;
        foreach ($envelope->curve($design->characteristic(), $sign, 0.0) as $piece) {
            for ($i = 0; $i <= 400; $i++) {
                $t = $piece['from'] + (($piece['to'] - $piece['from']) * $i) / 400;
                $walked = max(
                    $walked,
                    $sign *
                        (Polynomial::value($piece['polynomial'], $t) / $EI -
                            $shape->at($envelope->breaks()[$piece['segment']] + $t)),
                );
            }
        }
        $found = $shape->remaining($envelope, $design->characteristic(), $sign, 0.0, $EI);
        expect(($sign * $found->value) / $EI)
            ->toBeNear($walked, 1e-4, 0.1)
            ->and($found->x)
            ->toBeGreaterThanOrEqual(0.0)
            ->toBeLessThanOrEqual(6000.0);
    }
})->with([
    'on one side' => [[['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '1.5 m', 'value' => '60 kN']], '5 mm'],
    'uniform' => [[['id' => 'u', 'case' => 'g', 'kind' => 'line', 'value' => '12 kN/m']], '8 mm'],
    'hardly any' => [[['id' => 'u', 'case' => 'q', 'kind' => 'line', 'value' => '1 kN/m']], '20 mm'],
]);

it('is straight again at no camber, and the sheet says what it is made with', function (): void {
    expect(weighing(design(['camber' => '']), 'deflection-total'))
        ->toEqual(weighing(design(), 'deflection-total'))
        ->and(weighing(design(['camber' => '0 mm']), 'deflection-total'))
        ->toEqual(weighing(design(), 'deflection-total'))
        ->and(sheetText(['camber' => '12 mm'], false))
        ->toContain('a camber of 12.0 mm in the middle');
});

it('counts in the shortlist', function (): void {
    $ratios = fn (array $change): array => array_map(
        fn ($r): ?float => $r->verdict->governs() === 'Deflection, total' ? $r->verdict->ratio : null,
        design([
            'families' => ['HEA'],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
            ...$change,
        ])->shortlist(),
    );
    [$straight, $made] = [$ratios([]), $ratios(['camber' => '10 mm'])];
    foreach (array_filter($straight) as $i => $ratio) {
        expect($made[$i] ?? 0.0)->toBeLessThan($ratio);
    }
    expect(array_filter($straight))->not->toBe([]);
});

it('refuses a camber that it cannot count', function (array $change): void {
    expect(fn () => design($change))->toThrow(function (InvalidMember $e): void {
        expect($e->errors[0]->path)->toBe('camber');
    });
})->with([
    'down' => [['camber' => '-5 mm']],
    'a bow' => [['camber' => '500 mm']],
    'a word' => [['camber' => 'some']],
    'a load' => [['camber' => '5 kN']],
    'an overhang' => [['camber' => '10 mm', 'supports' => [supportAt('0 m'), supportAt('5 m')]]],
    'two spans' => [['camber' => '10 mm', 'supports' => [supportAt('0 m'), supportAt('3 m'), supportAt('6 m')]]],
    'a guided end' => [['camber' => '10 mm', 'supports' => [supportAt('0 m'), supportAt('6 m', 'guided')]]],
    'a cantilever' => [['camber' => '10 mm', 'supports' => [supportAt('0 m', 'fixed')]]],
]);
