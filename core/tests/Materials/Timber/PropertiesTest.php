<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Waage\Checks\State;
use Waage\Design\Design;
use Waage\Materials\Timber\Grade;
use Waage\Materials\Timber\Suite;
use Waage\Member\InvalidMember;

require_once __DIR__.'/timber.php';

const SUITES = [
    'EN 1995' => ['C24', '6.10'],
    'EN 1995, glulam' => ['GL28h', '6.10'],
    'NDS, ASD' => ['Douglas Fir-Larch No.2', 'asce-7-16-asd'],
    'NDS, LRFD' => ['24F-1.8E', 'asce-7-22-lrfd'],
    'CSA O86' => ['SPF No.1/No.2', 'nbc-2020'],
    'CSA O86, glulam' => ['D.Fir-L 20f-E', 'nbc-2020'],
];

/** @param  array<string, mixed>  $timber */
function floorOf(string $grade, string $combinations, array $timber = [], float $q = 3.0, string $duration = ''): Design
{
    $timber += ['width' => '80 mm', 'depth' => '240 mm', 'grade' => $grade];
    $imposed =
        ['id' => 'q', 'name' => 'Imposed', 'category' => 'A'] + ($duration === '' ? [] : ['duration' => $duration]);

    return timberDesign(
        $timber,
        [['case' => 'g', 'value' => '1 kN/m'], ['value' => "{$q} kN/m"]],
        [
            'basis' => ['combinations' => $combinations],
            'cases' => [['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'], $imposed],
        ],
    );
}

it('is never stronger for longer, nor wet', function (string $grade, string $combinations): void {
    $last = 0.0;
    foreach (['instantaneous', 'short', 'medium', 'long', 'permanent'] as $duration) {
        $ratio = (float) weighing(floorOf($grade, $combinations, [], 3.0, $duration), 'bending')->ratio;
        expect($ratio)->toBeGreaterThanOrEqual($last - 1e-9);
        $last = $ratio;
    }
    $ratio = fn (array $timber, string $id): float => (float) weighing(floorOf($grade, $combinations, $timber), $id)
        ->ratio;
    foreach (['bending', 'shear', 'bearing-1', 'deflection-total'] as $id) {
        expect($ratio(['serviceClass' => '3'], $id))->toBeGreaterThanOrEqual($ratio([], $id) - 1e-9);
    }
})->with(SUITES);

it('finds the lightest size that holds', function (string $grade, string $combinations): void {
    foreach ([1.0, 3.0] as $q) {
        $found = floorOf($grade, $combinations, ['width' => '', 'depth' => ''], $q);
        expect($found->verdict()->holds())->toBeTrue();
        $lighter = array_filter(
            $found->shortlist(),
            fn ($row): bool => $row->make->weight() < $found->make->weight() - 1e-9,
        );
        expect(array_filter($lighter, fn ($row): bool => $row->verdict->holds()))
            ->toBe([])
            ->and(count($found->shortlist()))
            ->toBeGreaterThan(10);
        // One that is typed stays.
        $depth = floorOf($grade, $combinations, ['width' => '100 mm', 'depth' => ''], $q);
        expect($depth->make->width())
            ->toBe(100.0)
            ->and($depth->verdict()->holds())
            ->toBeTrue();
    }
})->with(SUITES);

it('tells that nothing holds, with the largest size', function (): void {
    $none = floorOf('C16', '6.10', ['width' => '', 'depth' => ''], 80.0);
    expect($none->make->name())
        ->toBe('100×300')
        ->and($none->verdict()->holds())
        ->toBeFalse();
});

it('does not find sizes where forces depend on them', function (): void {
    timberDesign(['grade' => 'C24'], [['value' => '2 kN/m']], ['shears' => true]);
})->throws(InvalidMember::class, 'where forces do not depend on it');

// Whatever is found weighs the same as that size typed, and deeper or wider is never weaker.
it('weighs random members alike, found and typed, and is never weaker when it is larger', function (
    string $grade,
    string $combinations,
): void {
    $random = new Randomizer(new Mt19937(1995));
    for ($i = 0; $i < 25; $i++) {
        [$b, $h] = [$random->getInt(45, 108), $random->getInt(170, 390)];
        $load = $random->getInt(5, 60) / 10;
        $at = fn (int $b, int $h): float => (float) weighing(
            floorOf($grade, $combinations, ['width' => "{$b} mm", 'depth' => "{$h} mm"], $load),
            'bending',
        )->ratio;
        // Where the values of a grade go by the size, they fall where the next size begins.
        $falls =
            Grade::of(Suite::Nds2018, $grade, $b, $h) !== null || Grade::of(Suite::CsaO86, $grade, $b, $h) !== null;
        expect($at($b, $h + 1))
            ->toBeLessThan($falls ? INF : $at($b, $h) + 1e-9)
            ->and($at($b + 1, $h))
            ->toBeLessThan($falls ? INF : $at($b, $h) + 1e-9);
    }
    $found = floorOf($grade, $combinations, ['width' => '', 'depth' => ''], 3.0);
    $typed = floorOf(
        $grade,
        $combinations,
        ['width' => $found->make->patch()['timber']['width'], 'depth' => $found->make->patch()['timber']['depth']],
        3.0,
    );
    expect($typed->verdict()->ratio)->toBeNear((float) $found->verdict()->ratio, 1e-9);
})->with(SUITES);

it('is the same from the other end', function (string $grade, string $combinations): void {
    $of = fn (string $x, int $end): float => (float) timberDesign(
        ['width' => '80 mm', 'depth' => '240 mm', 'grade' => $grade],
        [['case' => 'g', 'value' => '1 kN/m'], ['kind' => 'point', 'x' => $x, 'value' => '4 kN', 'bearing' => '60 mm']],
        ['basis' => ['combinations' => $combinations]],
    )->verdict()->ratio;
    expect($of('1 m', 1))->toBeNear($of('3 m', 2), 1e-9);
})->with(SUITES);

it('covers all that its grades are for', function (Suite $suite, float $b, float $h): void {
    $names = array_filter(Grade::names($suite), fn (string $n): bool => $n !== Grade::LVL);
    foreach ($names as $name) {
        $of = Grade::of($suite, $name, $b, $h);
        expect(
            $of === null ||
                ($of->values->bending > $of->values->tension &&
                    $of->values->E > $of->values->E05 &&
                    $of->values->E05 > 0.3 * $of->values->E),
        )->toBeTrue($name);
    }
    expect(count($names))->toBeGreaterThan(20);
})->with([
    [Suite::En1995, 60.0, 200.0],
    [Suite::Nds2018, 38.1, 235.0],
    [Suite::Nds2018, 190.0, 290.0],
    [Suite::CsaO86, 38.0, 235.0],
    [Suite::CsaO86, 191.0, 191.0],
]);

it('says where a notch, a floor or a lateral load needs nothing', function (): void {
    expect(weighing(floorOf('C24', '6.10'), 'buckling')->state)->toBe(State::NotNeeded);
});

// EN 1995-1-1, 6.3.3 and 3.3: nothing jumps at the borders of the branches.
it('is continuous at the borders of the branches', function (): void {
    $of = fn (array $timber, array $change = []): Design => timberDesign(
        $timber + ['grade' => 'GL24h'],
        [['case' => 'g', 'value' => '6 kN/m']],
        ['length' => '8 m'] + $change,
    );
    $u = fn (float $h): float => (float) weighing($of(['width' => '160 mm', 'depth' => "{$h} mm"]), 'bending')->ratio;
    expect($u(599.99))->toBeNear($u(600.01), 2e-4);
    $tool = fn (float $l): float => array_column(
        \Waage\Tools\Toolbox::answer(
            'timber-section',
            ['l_y' => "{$l} mm", 'l_z' => '0 m', 'N_d' => '50 kN', 'M_y_d' => '0 kNm'],
            \Waage\Units\UnitSystem::Metric,
        )['lines'],
        'value',
        'symbol',
    )['k_c_y'];
    // λ_rel = 0.3 at l = 0.3 π √(7400/21) h/√12 = 1021.4 mm of h = 200 mm.
    expect($tool(1021.0))->toBe(1.0)->and($tool(1022.0))->toBeNear(1.0, 1e-3);
});
