<?php

declare(strict_types=1);

use Waage\Materials\Steel\En1993\CollapseCheck;

/**
 * Two spans of 6 m, IPE 300 in S235, 5 kN/m permanent and 10 kN/m imposed, both flanges held everywhere.
 *
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function twoSpans(array $change = []): array
{
    return [
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
        ...$change,
    ];
}

/**
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function collapsed(array $change, string $combination = ''): array
{
    return (new CollapseCheck(design($change)->collapseQuestion($combination)))->toArray();
}

// 11.657 M_p / L² (Neal, from memory) with M_p = 628.4 cm³ · 235 MPa and q = 1.35 · 5 + 1.5 · 10 kN/m.
it('gives the factor of two spans, and the work by hand', function (): void {
    $answer = collapsed(twoSpans());
    $Mp = section('IPE 300')->Wply * 235;
    $factor = ((2 / (sqrt(2) - 1) ** 2) * $Mp) / (21.75 * 6000 ** 2);
    expect(faultsAgainst('collapse', $answer))
        ->toBe('')
        ->and($answer['factor'])
        ->toBeNear($factor, 1e-9)
        ->and($answer['plasticMoment'])
        ->toBeNear($Mp)
        ->and($answer['combination'])
        ->toBe('STR 1')
        ->and($answer['internal'] / $answer['external'])
        ->toBeNear($factor, 1e-6)
        ->and(array_column($answer['hinges'], 'sagging'))
        ->toContain(true, false);
    foreach ($answer['lines'] as $line) {
        if ($line['values'] !== '') {
            expect(evaluateTex($line['values']))->toBeNear(evaluateTex($line['result']), 1e-3);
        }
    }
    // The reserve beyond the first hinge: elastic moment at the support is q L² / 8.
    expect($factor / ($Mp / ((21.75 * 6000 ** 2) / 8)))->toBeNear(2 / (sqrt(2) - 1) ** 2 / 8);
});

it('takes the arrangement that collapses first', function (): void {
    // The overhang carries load only on itself: 2 M_p / a² with permanent and imposed load.
    $change = [
        'length' => '10 m',
        'supports' => [supportAt('0 m'), supportAt('6 m')],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
    ];
    $answer = collapsed($change);
    expect($answer['factor'])
        ->toBeNear((2 * $answer['plasticMoment']) / (21.75 * 4000 ** 2), 1e-9)
        ->and($answer['hinges'][0]['x'])
        ->toBeNear(6000.0);
    // A span that the overhang would help is loaded alone.
    $short = collapsed([
        'length' => '8 m',
        'supports' => [supportAt('0 m'), supportAt('6 m')],
        'loads' => [lineLoad('q', '10 kN/m')],
    ]);
    expect($short['factor'])
        ->toBeNear((8 * $short['plasticMoment']) / (15 * 6000 ** 2), 1e-9)
        ->and($short['arrangement'])
        ->toBe('Imposed on span 1');
});

it('follows the combination that is asked for, and the capacity of a support', function (): void {
    $fixed = ['length' => '8 m', 'supports' => [supportAt('0 m', 'fixed'), supportAt('8 m', 'fixed')]];
    expect(collapsed($fixed, 'STR 2')['factor'])->toBeNear(
        (16 * collapsed($fixed)['plasticMoment']) / (20 * 8000 ** 2),
        1e-9,
    );
    $weak = [
        ...$fixed,
        'supports' => [
            [...supportAt('0 m', 'fixed'), 'momentCapacity' => '40 kNm'],
            [...supportAt('8 m', 'fixed'), 'momentCapacity' => '40 kNm'],
        ],
    ];
    $Mp = collapsed($fixed)['plasticMoment'];
    expect(collapsed($weak)['factor'])
        ->toBeNear((8 * ($Mp + 40e6)) / (21.75 * 8000 ** 2), 1e-9)
        ->and(weighing(design($weak), 'support-moment-1')->demand)
        ->toBeNear((21.75 * 8000 ** 2) / 12)
        ->and(weighing(design($weak), 'support-moment-1')->ratio)
        ->toBeNear((21.75 * 64) / 12 / 40);
});

it('takes the combination that collapses first, unless another one is asked for', function (): void {
    // Wind up at the tip of an overhang breaks it before the load downward breaks the spans.
    $change = [
        'length' => '8 m',
        'supports' => [supportAt('0 m'), supportAt('6 m')],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        'cases' => [
            ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
            ['id' => 'w', 'name' => 'W', 'category' => 'wind-up'],
        ],
        'loads' => [
            lineLoad('g', '1 kN/m'),
            lineLoad('q', '3 kN/m'),
            ['id' => 'p', 'case' => 'w', 'kind' => 'point', 'x' => '8 m', 'value' => '30 kN'],
        ],
    ];
    $ids = array_column(design($change)->ultimate(), 'id');
    $each = array_combine($ids, array_map(fn (string $id): float => collapsed($change, $id)['factor'], $ids));
    $answer = collapsed($change);
    expect($answer['factor'])
        ->toBeNear(min($each))
        ->and($each[$answer['combination']])
        ->toBe(min($each))
        ->and(max($each))
        ->toBeGreaterThan(1.2 * min($each))
        ->and(implode(' ', collapsed($change, $ids[0])['notes']))
        ->toContain('Only this combination was looked at');
    // 1.5 · 30 kN at 2 m, less the permanent load of the overhang.
    expect($answer['factor'])->toBeNear($answer['plasticMoment'] / (1.5 * 30e3 * 2000 - (1 * 2000 ** 2) / 2), 1e-6);
});

it('refuses with its reason', function (array $change, string $says): void {
    $answer = collapsed(twoSpans($change));
    expect($answer['factor'])
        ->toBeNull()
        ->and($answer['reason'])
        ->toContain($says)
        ->and(faultsAgainst('collapse', $answer))
        ->toBe('');
})->with([
    'class 2' => [['section' => 'HEA 300', 'grade' => 'S355'], 'Only class 1'],
    'no load' => [['loads' => []], 'No strength combination'],
    'factors of another standard' => [['basis' => ['combinations' => 'as-nzs-1170']], 'go with the resistances of'],
    'American factors' => [['basis' => ['combinations' => 'asce-7-16-asd']], 'after EN 1993 only'],
    'shear before bending' => [
        ['length' => '1 m', 'supports' => [supportAt('0 m'), supportAt('0.5 m'), supportAt('1 m')]],
        'fails in shear',
    ],
]);

// Fixed at both ends, 4 m: V = 8 M / L at the ends, and M = M_V,Rd(V) by 6.2.8(5), solved by bisection here.
it('lets high shear at a hinge make the plastic moment less', function (): void {
    $answer = collapsed(['length' => '4 m', 'supports' => [supportAt('0 m', 'fixed'), supportAt('4 m', 'fixed')]]);
    $s = section('IPE 300');
    $Av = max($s->A - 2 * $s->b * $s->tf + ($s->tw + 2 * $s->r) * $s->tf, 1.2 * $s->hw * $s->tw);
    $Vpl = ($Av * 235) / sqrt(3);
    [$low, $high] = [0.0, $s->Wply * 235];
    for ($i = 0; $i < 80; $i++) {
        $M = ($low + $high) / 2;
        $rho = ((2 * 8 * $M) / 4000 / $Vpl - 1) ** 2;
        ($s->Wply - ($rho * ($s->hw * $s->tw) ** 2) / (4 * $s->tw)) * 235 > $M ? ($low = $M) : ($high = $M);
    }
    expect($answer['plasticMoment'])
        ->toBeNear($low, 1e-6)
        ->and($answer['factor'])
        ->toBeNear((16 * $low) / (21.75 * 4000 ** 2), 1e-6)
        ->and($low)
        ->toBeLessThan(0.99 * $s->Wply * 235);
});

it('lets an earthquake bend each span the way that is worst for it', function (): void {
    // One load on both spans, down on the first and up on the second: either span may be the one that sags.
    $change = fn (string $first, string $second): array => twoSpans([
        'cases' => [['id' => 'e', 'name' => 'Quake', 'category' => 'seismic']],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        'loads' => [
            ['id' => 'a', 'case' => 'e', 'kind' => 'point', 'x' => '3 m', 'value' => $first],
            ['id' => 'b', 'case' => 'e', 'kind' => 'point', 'x' => '9 m', 'value' => $second],
        ],
    ]);
    expect(collapsed($change('30 kN', '-20 kN'))['factor'])->toBeNear(
        (float) collapsed($change('-30 kN', '20 kN'))['factor'],
        1e-9,
    );
});

it('says where a hinge is not held', function (): void {
    $held = fn (array $restraint): array => collapsed([
        'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
        'restraint' => $restraint,
    ]);
    $loose = $held(['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']]);
    expect(array_column($loose['hinges'], 'held'))
        ->toBe([true, false])
        ->and(
            array_column(
                $held(['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']])['hinges'],
                'held',
            ),
        )
        ->toBe([true, true]);
    // Under a load on the first span alone the hinge in the span comes first, and turns.
    $first = collapsed([
        'length' => '12 m',
        'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
        'loads' => [lineLoad('q', '10 kN/m', ['from' => '0 m', 'to' => '6 m'])],
    ]);
    expect(implode(' ', $first['notes']))->toContain(
        'Hinge 1 turns before collapse and the top flange is not restrained there',
    );
});
