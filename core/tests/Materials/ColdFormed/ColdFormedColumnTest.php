<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\ColdFormed;

require_once __DIR__.'/members.php';

use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\ThinWalled\FiniteStrip;
use Waage\ThinWalled\Midline;
use Waage\ThinWalled\MidlineProperties;

/** @return list<array<string, mixed>> */
function onTop(string $force, string $across = ''): array
{
    $loads = [
        [
            'id' => 'a',
            'case' => 'g',
            'kind' => 'point',
            'x' => '12 ft',
            'value' => $force,
            'direction' => 'along',
            'name' => '',
            'remark' => '',
        ],
    ];

    return $across === ''
        ? $loads
        : [
            ...$loads,
            [
                'id' => 'b',
                'case' => 'g',
                'kind' => 'line',
                'value' => $across,
                'direction' => 'normal',
                'name' => '',
                'remark' => '',
            ],
        ];
}

/**
 * @param  array<string, mixed>  $section
 * @param  array<string, mixed>  $change
 */
function stud(string $restraint, array $section = [], array $change = []): Design
{
    return folded($section, [
        'slope' => ['by' => 'upright'],
        'loads' => onTop('2 kip'),
        'restraint' => ['top' => ['kind' => $restraint], 'bottom' => ['kind' => $restraint]],
        ...$change,
    ]);
}

function published(bool $isZ = false): MidlineProperties
{
    return new MidlineProperties(
        Midline::folded($isZ, [9 * INCH, 2.5 * INCH, 0.773 * INCH], 0.059 * INCH, 0.1875 * INCH),
    );
}

const E_COLD = 203e3;

// Sheathing on both flanges leaves buckling in the plane: π² E A r_x²/L² = π² E I_x/L².
it('buckles in the plane between sheathings', function (): void {
    $design = stud('continuous');
    $Pcre = (M_PI ** 2 * E_COLD * published()->Ix) / (144 * INCH) ** 2;
    $Py = published()->A * 55 * 6.894757293;
    $Pne = 0.658 ** ($Py / $Pcre) * $Py;
    // (E3.2.1-2) and (E4.1-2) from the critical forces of the finite strips.
    $nominal = fn (float $P, float $cr, float $k, float $n): float => (1 - $k * ($cr / $P) ** $n) *
        ($cr / $P) ** $n *
        $P;
    $Pnl = $nominal($Pne, lineOf($design, 'compression', 'P_crl'), 0.15, 0.4);
    $Pnd = $nominal($Py, lineOf($design, 'compression', 'P_crd'), 0.25, 0.6);
    expect(lineOf($design, 'compression', 'P_cre'))
        ->toBeNear($Pcre, 1e-9)
        ->and(lineOf($design, 'compression', 'P_ne'))
        ->toBeNear($Pne, 1e-9)
        ->and(of($design, 'compression')->ratio)
        ->toBeNear((2 * KIP) / (min($Pnl, $Pnd, $Pne) / 1.8), 1e-9);
});

// Local and distortional: P_crl/P_y = 0.12 and P_crd/P_y = 0.27 of the design guide's C in compression (AISI 2006, from
// memory).
it('has the published elastic buckling in compression', function (): void {
    $design = stud('continuous');
    $Py = lineOf($design, 'compression', 'P_y');
    expect(lineOf($design, 'compression', 'P_crl') / $Py)
        ->toBeNear(0.12, 0.05)
        ->and(lineOf($design, 'compression', 'P_crd') / $Py)
        ->toBeNear(0.27, 0.03);
});

// A second way: strips over the whole length know of no formula for buckling of columns.
it('buckles as a whole as its finite strips do', function (string $shape): void {
    $design = stud('supports', ['shape' => $shape]);
    $of = published($shape === 'lipped Z');
    $points = $of->midline->points;
    $strips = new FiniteStrip($points, array_fill(0, count($points) - 1, $of->midline->t), E_COLD);
    // Nothing acts across it: no torsion is left out.
    expect($design->verdict()->holds())
        ->toBeTrue()
        ->and(lineOf($design, 'compression', 'F_cre'))
        ->toBeNear($strips->factor(144 * INCH, array_fill(0, count($points), 1.0)), 0.03);
})->with(['lipped C', 'lipped Z']);

// w l²/8 by 1/(1 − α P/P_E) over the strength beside it; tension by (H1.1-1), A F_y and S F_y by hand.
it('weighs bending with compression and with tension', function (): void {
    [$P, $M, $Fy] = [2 * KIP, ((0.05 * 144) / 8) * 12 * KIP_IN, 55 * 6.894757293];
    $pressed = stud('continuous', [], ['loads' => onTop('2 kip', '50 lb/ft')]);
    $PE = (M_PI ** 2 * E_COLD * published()->Ix) / (144 * INCH) ** 2;
    $bending = $M / (1 - (1.6 * $P) / $PE) / lineOf($pressed, 'column', 'M_ax');
    expect(of($pressed, 'column')->ratio)
        ->toBeNear(of($pressed, 'compression')->ratio + $bending, 1e-6)
        ->and($pressed->verdict()->holds())
        ->toBeTrue();
    $pulled = stud('continuous', [], ['loads' => onTop('-2 kip', '50 lb/ft')]);
    $S = published()->Ix / published()->outermost();
    expect(of($pulled, 'tension')->ratio)->toBeNear(1.67 * ($P / (published()->A * $Fy) + $M / ($S * $Fy)), 1e-6);
});

it('fails where the force reaches what buckles it', function (): void {
    $design = stud('continuous', [], ['loads' => onTop('200 kip', '50 lb/ft')]);
    expect(of($design, 'column')->ratio)
        ->toBeGreaterThan(1.0)
        ->and($design->verdict()->holds())
        ->toBeFalse();
});

it('takes less force when it is longer, thinner or less held', function (): void {
    $at = fn (string $restraint, string $t): float => (float) of(stud($restraint, ['t' => $t]), 'compression')->ratio;
    expect($at('continuous', '0.059 in'))
        ->toBeLessThan($at('supports', '0.059 in'))
        ->and($at('supports', '0.08 in'))
        ->toBeLessThan($at('supports', '0.059 in'));
});

it('shows what it buckles at, in compression only where an axial force acts', function (): void {
    $shown = fn (Design $design): array => (new Result($design, Show::envelope()))->toArray()['section']['buckling'];
    expect(array_column($shown(folded()), 'title'))->toBe(['bending']);
    [$bending, $compression] = $shown(stud('continuous'));
    expect($compression['title'])
        ->toBe('compression')
        ->and($compression['local'][1])
        ->toBeNear(lineOf(stud('continuous'), 'compression', 'F_crl'), 1e-9)
        ->and(min(array_column($bending['curve'], 1)))
        ->toBeLessThan($bending['distortional'][1])
        ->and(count($bending['curve']))
        ->toBe(33);
});
