<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Checks\Working;
use Waage\Materials\Concrete\Bars;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\En1992\Curvature;
use Waage\Materials\Concrete\Section;
use Waage\Units\Kind;

/** @param  array<string, mixed>  $concrete */
function deflectionOf(array $concrete, string $g = '12 kN/m', array $more = []): float
{
    return (float) weighingOf(
        concreteBeam(['concrete' => $concrete, 'loads' => [['value' => $g]], ...$more]),
        'deflection',
    )->demand;
}

// 5 q L⁴/(384 E I) of the transformed section: below cracking, without creep and shrinkage. 4 + 0.3 · 10 = 7 kN/m: 31.5
// kNm.
it('is that of the transformed section below cracking', function (): void {
    $design = concreteBeam(['concrete' => ['creep' => 0, 'shrinkage' => 0], 'loads' => [['value' => '4 kN/m']]]);
    $a = 200000 / 32836.57;
    [$A, $A2, $d, $d2] = [4 * M_PI * 100, 2 * M_PI * 64, 452.0, 46.0];
    $x = ((300 * 500 ** 2) / 2 + ($a - 1) * ($A * $d + $A2 * $d2)) / (150000 + ($a - 1) * ($A + $A2));
    $I = (300 * 500 ** 3) / 12 + 150000 * (250 - $x) ** 2 + ($a - 1) * ($A * ($d - $x) ** 2 + $A2 * ($x - $d2) ** 2);
    expect(weighingOf($design, 'deflection')->demand)->toBeNear((5 * 7 * 6000 ** 4) / (384 * 32836.57 * $I), 2e-3);
});

// Central differences with the curvature of every station, an equation for each, in place of integrating.
it('is that of finite differences when cracked, with creep and shrinkage', function (): void {
    $concrete = ConcreteMake::from(concreteBeam()->make);
    $curvature = new Curvature(
        $concrete,
        $concrete->tee(1, 3000.0),
        $concrete->group(new Bars(4, 20.0)),
        $concrete->group(new Bars(2, 16.0)),
    );
    [$n, $L, $q] = [4000, 6000.0, 15.0];
    $h = $L / $n;
    $a = $b = [];
    // Thomas for w'' = −κ with w = 0 at both ends.
    for ($i = 1; $i < $n; $i++) {
        $x = $i * $h;
        $right = $curvature->of(($q * $x * ($L - $x)) / 2) * $h ** 2;
        $below = $i === 1 ? 0.0 : 1.0;
        $pivot = -2.0 - $below * ($a[$i - 1] ?? 0.0);
        $a[$i] = 1.0 / $pivot;
        $b[$i] = (-$right - $below * ($b[$i - 1] ?? 0.0)) / $pivot;
    }
    $w = [$n => 0.0];
    for ($i = $n - 1; $i > 0; $i--) {
        $w[$i] = $b[$i] - $a[$i] * $w[$i + 1];
    }
    expect(deflectionOf([]))->toBeNear(max($w), 4e-3);
});

it('has the same curvature line by line', function (array $flange): void {
    $concrete = ConcreteMake::from(concreteBeam(['concrete' => $flange])->make);
    $curvature = new Curvature(
        $concrete,
        $concrete->tee(1, 3000.0),
        $concrete->group(new Bars(4, 20.0)),
        $concrete->group(new Bars(2, 16.0)),
    );
    foreach ([10e6, 67.5e6, 150e6] as $M) {
        $w = new Working(false);
        $w->let('M', $M, Kind::Moment);
        Section::width($concrete, 1, 3000.0, $w);
        $curvature->derive($w);
        expect($w->value('kappa') / 1e6)->toBeNear($curvature->of($M), 1e-9);
    }
})->with([
    'rectangle' => [[]],
    'axis in the flange' => [['profile' => 'T', 'flangeWidth' => '1500 mm', 'flangeThickness' => '150 mm']],
    'axis in the web' => [['profile' => 'L', 'flangeWidth' => '500 mm', 'flangeThickness' => '60 mm']],
    'flange in tension' => [['profile' => 'inverted T', 'flangeWidth' => '700 mm', 'flangeThickness' => '150 mm']],
]);

it('grows with creep, shrinkage and load, and shrinks with depth and bars', function (array $less, array $more): void {
    expect(deflectionOf($more))->toBeGreaterThan(deflectionOf($less));
})->with([
    [['creep' => 1], ['creep' => 3]],
    [['shrinkage' => 0.2], ['shrinkage' => 0.6]],
    [['depth' => '550 mm'], ['depth' => '450 mm']],
    [['bottom' => '6ø20'], ['bottom' => '3ø20']],
    [['top' => '4ø16'], ['top' => '2ø12']],
]);

// An unloaded overhang turns with the support; below cracking.
it('lets an overhang turn with its span', function (): void {
    $loads = [['value' => '6 kN/m', 'to' => '6 m'], ['value' => '0 kN/m']];
    $w = weighingOf(
        concreteBeam([
            'length' => '8 m',
            'concrete' => ['top' => '4ø16', 'shrinkage' => 0, 'creep' => 0],
            'loads' => $loads,
        ]),
        'deflection',
    );
    // Twice the overhang over 250; the slope of a simple beam is 16/5 of its sag over its length.
    $sag = (float) weighingOf(
        concreteBeam([
            'concrete' => ['top' => '4ø16', 'shrinkage' => 0, 'creep' => 0],
            'loads' => [['value' => '6 kN/m'], ['value' => '0 kN/m']],
        ]),
        'deflection',
    )->demand;
    expect($w->capacity)
        ->toBe(16.0)
        ->and($w->demand)
        ->toBeNear(((3.2 * $sag) / 6000) * 2000, 2e-3);
});

it('tells what comes after finishes, and weighs it where a limit is given', function (): void {
    $free = linesOf(concreteBeam(), 'deflection-finishes');
    $limited = concreteBeam(['concrete' => ['finishes' => '500']]);
    expect($free['w_inf'])
        ->toBeNear(linesOf(concreteBeam(), 'deflection')['w'], 1e-6)
        ->and($free['w_0'])
        ->toBeLessThan($free['w_inf'])
        ->and(weighingOf(concreteBeam(), 'deflection-finishes')->state)
        ->toBe(State::Told)
        ->and(linesOf($limited, 'deflection-finishes')['u'])
        ->toBeNear($free['w_fin'] / 12.0);
});

// Below cracking: 5 g l⁴/(384 E_cm I_I), I_I with the bars in both faces. By hand.
it('deflects at once like an elastic beam while it is not cracked', function (): void {
    $light = concreteBeam(['loads' => [['value' => '2 kN/m'], ['value' => '1 kN/m']]]);
    $lines = linesOf($light, 'deflection-finishes');
    $alpha = 200000 / 32836.57;
    [$A, $A2, $d, $d2] = [M_PI * 400, M_PI * 128, 452.0, 46.0];
    $x = ((300 * 500 ** 2) / 2 + ($alpha - 1) * ($A * $d + $A2 * $d2)) / (300 * 500 + ($alpha - 1) * ($A + $A2));
    $I =
        (300 * 500 ** 3) / 12 +
        300 * 500 * (250 - $x) ** 2 +
        ($alpha - 1) * ($A * ($d - $x) ** 2 + $A2 * ($x - $d2) ** 2);
    expect($lines['w_0'])->toBeNear((5 * 2 * 6000 ** 4) / (384 * 32836.57 * $I), 1e-3);
});
