<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Materials\Concrete\Bars;

const PSI = 0.00689475729;
const KIP_FT = 1355817.9483;

/**
 * A beam of 20 ft, 12×20 in of 4000 psi with 3 #8, stirrups #3, whose d is 17.5 in; loads in kip/ft.
 *
 * @param  array<string, mixed>  $concrete
 * @param  array<string, mixed>  $change
 */
function americanBeam(array $concrete = [], float $g = 1.0, float $q = 1.0, array $change = []): Design
{
    return concreteBeam(
        array_replace_recursive(
            [
                'basis' => ['combinations' => 'asce-7-16-lrfd', 'units' => 'us'],
                'length' => '20 ft',
                'supports' => [['bearing' => '12 in'], ['x' => '20 ft', 'bearing' => '12 in']],
                'concrete' => [
                    'width' => '12 in',
                    'depth' => '20 in',
                    'grade' => '4000 psi',
                    'cover' => '1.625 in',
                    'bottom' => '3 #8',
                    'top' => '2 #4',
                    'linkDiameter' => '#3',
                    'linkSpacing' => '8 in',
                    ...$concrete,
                ],
                'loads' => [['value' => "{$g} kip/ft"], ['value' => "{$q} kip/ft"]],
            ],
            $change,
        ),
    );
}

// Wight and MacGregor, Reinforced Concrete: Mechanics and Design, Example 4-1 (from memory): b = 12, d = 17.5 in, 4000
// psi, Grade 60, 3 #8: a = 3.49 in, M_n = 187 kip·ft.
it('has the flexural strength of a published example', function (): void {
    $lines = linesOf(americanBeam(), 'sagging');
    expect($lines['d'] / 25.4)
        ->toBeNear(17.5, 1e-9)
        ->and($lines['a'] / 25.4)
        ->toBeNear(3.49, 2e-3)
        ->and($lines['M_n'] / KIP_FT)
        ->toBeNear(187, 2e-3)
        ->and($lines['phiM_n'])
        ->toBeNear(0.9 * $lines['M_n'], 1e-9)
        ->and($lines['M_u'] / KIP_FT)
        ->toBeNear(((1.2 + 1.6) * 400) / 8, 1e-6);
});

// By hand: c = a/0.85, ε_t = 0.003 (d − c)/c; A_s,min = 200 · 12 · 17.5/60000 = 0.70 in² (3 √4000 = 190 < 200 psi).
it('weighs strains and least bars', function (): void {
    $lines = linesOf(americanBeam(), 'sagging');
    $c = (2.37 * 60) / (0.85 * 4 * 12) / 0.85;
    expect($lines['epsilon_t'])
        ->toBeNear((0.003 * (17.5 - $c)) / $c, 1e-6)
        ->and(linesOf(americanBeam(), 'least-bottom')['A_s_1'] / 25.4 ** 2)
        ->toBeNear(0.7, 1e-3)
        ->and(weighingOf(americanBeam(['bottom' => '6 #9']), 'most-bottom')->holds())
        ->toBeFalse();
});

// Table 22.5.5.1(a): 2 √4000 · 12 · 17.5 = 26.56 kip (ρ_w = 0.0113 < 0.0156); V_s = 0.22 · 60 · 17.5/8 = 28.9 kip;
// 9.6.3.4: 50 psi.
it('has the shear strength of concrete and stirrups', function (): void {
    $lines = linesOf(americanBeam(), 'shear');
    expect($lines['V_c'] / 4448.2216)
        ->toBeNear(26.56, 1e-3)
        ->and($lines['V_s'] / 4448.2216)
        ->toBeNear(28.88, 1e-3)
        ->and(linesOf(americanBeam(), 'least-links')['A_v_min'] / 25.4)
        ->toBeNear((50 * 12) / 60000, 1e-4);
});

// With many bars (b) counts: 8 · 0.02^(1/3) = 2.17; without stirrups (c), here λ_s = √(2/1.6) > 1: 8 ρ^(1/3).
it('has the shear strength that goes with its bars', function (): void {
    $many = linesOf(americanBeam(['width' => '16 in', 'bottom' => '5 #11']), 'shear');
    expect($many['V_c'])->toBeNear(8 * $many['rho_w'] ** (1 / 3) * sqrt(4000) * PSI * $many['b_w'] * $many['d'], 1e-9);
    $slab = americanBeam(
        [
            'form' => 'slab',
            'width' => '12 in',
            'depth' => '7 in',
            'cover' => '0.75 in',
            'bottom' => '#5 at 12 in',
            'top' => '#4 at 12 in',
        ],
        0.1,
        0.1,
    );
    // d = 7 − 0.75 − 5/16; 0.31 in²/ft.
    expect(linesOf($slab, 'shear')['phiV_c'] / 4448.2216)
        ->toBeNear((0.75 * 8 * (0.31 / 12 / 5.9375) ** (1 / 3) * sqrt(4000) * 12 * 5.9375) / 1000, 1e-4)
        ->and(linesOf($slab, 'least-bottom')['A_s_min'] / 25.4 ** 2)
        ->toBeNear(0.0018 * 84, 1e-6);
});

// ACI 318-19, 25.4.2.3, as tables of detailing give it for 4000 psi and Grade 60 (common practice): 47.4 d_b, top bars
// 61.7 d_b, #6 and smaller 37.9 d_b.
it('develops bars over the known lengths', function (string $bars, float $times): void {
    $lines = linesOf(americanBeam(['bottom' => $bars]), 'end-anchorage-1');
    expect($lines['l_d'] / Bars::parse($bars)->diameter)->toBeNear($times, 2e-3);
})->with([['3 #8', 47.4], ['3 #6', 37.9]]);

// 24.3.2: f_s = 40 ksi: 15 − 2.5 c_c = 10 in with 2 in of cover, at most 12 in.
it('keeps bars close against cracks', function (): void {
    expect(linesOf(americanBeam(), 'bar-spacing')['s_max'] / 25.4)->toBeNear(10.0, 1e-3);
});

// By hand, without bars above: I_g = 8000 in⁴, M_cr = 7.5 √4000 · 8000/10 = 31.6 kip·ft, n = 8.04, kd and I_cr of the
// cracked rectangle, I_e by 24.2.3.5; the bars at the top are few and change I_cr by little.
it('deflects by the effective second moment of each level', function (): void {
    $lines = linesOf(americanBeam(), 'deflection');
    $n = 29e6 / (57000 * sqrt(4000));
    [$A, $A2, $d2] = [2.37, 0.4, 1.625 + 0.375 + 0.25];
    $axis = fn (float $kd): float => 6 * $kd ** 2 + ($n - 1) * $A2 * ($kd - $d2) - $n * $A * (17.5 - $kd);
    for ([$low, $high] = [0.0, 17.5], $i = 0; $i < 80; $i++) {
        $kd = ($low + $high) / 2;
        [$low, $high] = $axis($kd) < 0.0 ? [$kd, $high] : [$low, $kd];
    }
    $Icr = 4 * $low ** 3 + ($n - 1) * $A2 * ($low - $d2) ** 2 + $n * $A * (17.5 - $low) ** 2;
    $Mcr = (7.5 * sqrt(4000) * 8000) / 10 / 12000;
    $Ie = fn (float $M): float => $Icr / (1 - (((2 / 3) * $Mcr) / $M) ** 2 * (1 - $Icr / 8000));
    $delta = fn (float $w, float $M): float => (((5 * $w) / 12) * 240 ** 4) / (384 * 57 * sqrt(4000) * $Ie($M));
    $live = $delta(2.0, 100) - $delta(1.0, 50);
    $lasting = (2 / (1 + (50 * $A2) / (12 * 17.5))) * $delta(1.5, 75);
    expect($lines['I_cr'] / 25.4 ** 4)
        ->toBeNear($Icr, 1e-4)
        ->and($lines['Delta_L'] / 25.4)
        ->toBeNear($live, 1e-3)
        ->and($lines['Delta_LT'] / 25.4)
        ->toBeNear($live + $lasting, 1e-3);
});

// In SI the coefficients are those of 318M: 0.17, 0.66, 0.25, 4700.
it('has the coefficients of its metric edition in a metric job', function (): void {
    $metric = ['basis' => ['combinations' => 'asce-7-16-lrfd', 'units' => 'metric']];
    $lines = linesOf(americanBeam(['grade' => '28 MPa', 'bottom' => '2ø20'], change: $metric), 'shear');
    expect($lines['V_c'])->toBeNear(0.17 * sqrt(28) * 304.8 * $lines['d'], 1e-6);
});

it('refuses what the standard is not for', function (array $concrete, string $field): void {
    expect(fn (): Design => americanBeam($concrete))->toThrow(
        fn (\Waage\Member\InvalidMember $e) => expect(array_column($e->errors, 'path'))->toBe(["concrete.{$field}"]),
    );
})->with([
    [['grade' => '2000 psi'], 'grade'],
    [['yield' => '120 ksi'], 'yield'],
    [['linkYield' => '80 ksi'], 'linkYield'],
    [['bottom' => '3 #12'], 'bottom'],
]);

it('lays American bars, and says what is chosen', function (): void {
    $design = americanBeam(['bottom' => '', 'top' => '', 'linkSpacing' => '']);
    expect($design->make->describe()['bars']['spans.1'])
        ->toMatch('/^\d+ #\d+$/')
        ->and(array_filter($design->weighings, fn (Weighing $w): bool => ! $w->holds() && $w->id !== 'deflection'))
        ->toBe([]);
});

// Table 9.3.1.1: 20 ft/16 = 15 in for a simple beam of Grade 60; Table 7.3.1.1 for a slab.
it('tells the least thickness beside its deflections', function (): void {
    expect(linesOf(americanBeam(), 'thickness')['h_min'] / 25.4)
        ->toBeNear(15.0, 1e-3)
        ->and(weighingOf(americanBeam(), 'thickness')->ratio)
        ->toBeNull();
});
