<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Materials\Concrete\CrackWidth;

// EN 1992-1-1, Annex B worked by hand for C30/37, 50 %, loaded after 28 days, 300×500, all around: h_0 = 187.5 mm, φ_RH
// = 1.795, β(f_cm) = 2.725, β(t_0) = 0.488: φ_0 = 2.40; after 50 years 0.977 of it. ε_cd,0 = 0.482 ‰ (Table 3.2:
// between 0.54 of C20/25 and 0.43 of C40/50) with k_h = 0.869, ε_ca = 0.05 ‰: 0.467 ‰.
it('works creep and shrinkage out of the climate', function (): void {
    $design = concreteBeam(['concrete' => ['humidity' => '50']]);
    $time = linesOf($design, 'time');
    expect($time['h_0'])
        ->toBeNear(187.5)
        ->and($time['phi_RH'])
        ->toEqualWithDelta(1.795, 0.005)
        ->and($time['phi_0'])
        ->toEqualWithDelta(2.4, 0.02)
        ->and($time['epsilon_cs'])
        ->toEqualWithDelta(0.467, 0.002)
        ->and(linesOf($design, 'deflection')['phi_c'])
        ->toBeNear($time['phi'])
        ->and(linesOf($design, 'deflection')['epsilon_cs'])
        ->toBeNear($time['epsilon_cs']);
    $typed = concreteBeam(['concrete' => ['humidity' => '50', 'creep' => '1.7']]);
    expect(linesOf($typed, 'deflection')['phi_c'])
        ->toBe(1.7)
        ->and(weighingOf($typed, 'time')->remark)
        ->toContain('creep is as typed');
});

it('deflects more in dry air and with more load that stays', function (): void {
    $of = fn (array $change): float => linesOf(concreteBeam($change), 'deflection')['w'];
    expect($of(['concrete' => ['humidity' => '40']]))
        ->toBeGreaterThan($of(['concrete' => ['humidity' => '80']]))
        ->and($of(['cases' => [1 => ['sustained' => 0.8]]]))
        ->toBeGreaterThan($of([]))
        ->and($of(['cases' => [1 => ['sustained' => 0.3]]]))
        ->toBeNear($of([]));
});

// 300×500, C30/37, 4ø20, cover 30 + 8: A_ct = 750 cm², k_c = 0.4, k = 0.86; Table 7.2N with (7.6N): ø20 stands for ø* =
// 20·48·2/(0.4·250) ·2.9/2.9 = 19.2, not below 20: 222 MPa; spacing 68 mm: Table 7.3N 345.6 MPa, which is the greater
// one. By hand.
it('asks for bars against cracks', function (): void {
    $lines = linesOf(concreteBeam(), 'least-against-cracks-bottom');
    $spacing = (300 - 2 * 38 - 20) / 3;
    expect($lines['A_ct'])
        ->toBeNear(300 * 250)
        ->and($lines['k'])
        ->toBeNear(0.86)
        ->and($lines['sigma_phi'])
        ->toEqualWithDelta(222.2, 0.2)
        ->and($lines['sigma_sp'])
        ->toBeNear(320 + (40 * (100 - $spacing)) / 50, 1e-6)
        ->and($lines['A_s_min'])
        ->toBeNear((0.4 * 0.86 * 2.8965 * 75000) / $lines['sigma_s'], 1e-4);
});

// T 300×550, 1140×120 in tension over the support: the axis lies (165000·275 + 100800·60)/265800 = 193.5 mm below the
// top.
it('counts what is in tension above the axis of a T over a support', function (): void {
    $lines = linesOf(
        openBeam([6.0, 8.0, 6.0], 10, 10, [
            'profile' => 'T',
            'flangeWidth' => '2500 mm',
            'flangeThickness' => '120 mm',
        ]),
        'least-against-cracks-top-2',
    );
    $zone = (165000 * 275 + 100800 * 60) / 265800;
    expect($lines['h'] - $lines['y'])
        ->toBeNear($zone, 1e-6)
        ->and($lines['phi_s'])
        ->toBeNear(((($lines['phi'] * 2.9) / $lines['f_ctm']) * 2 * ($lines['h'] - $lines['d'])) / (0.4 * $zone), 1e-6);
});

it('reads tables of cracks both ways', function (CrackWidth $crack, float $stress): void {
    expect($crack->stressOfDiameter((float) $crack->greatestDiameter($stress)))
        ->toBeNear($stress)
        ->and($crack->stressOfSpacing((float) $crack->greatestSpacing($stress)))
        ->toBeNear($stress);
})->with([[CrackWidth::Usual, 250.0], [CrackWidth::Fine, 210.0], [CrackWidth::Wide, 310.0]]);

// BS 8110-2, 3.8.3, by an independent sum: strain at the face less stiffening, spacing of bars and corner.
it('calculates the width of cracks by BS 8110-2', function (): void {
    $design = openBeam(
        [6.0],
        15,
        12,
        ['width' => '300 mm', 'depth' => '500 mm', 'grade' => '35 MPa', 'cover' => '30 mm', 'bottom' => '4ø20'],
        basis: ['combinations' => 'classic'],
    );
    $lines = linesOf($design, 'crack-width');
    [$M, $As, $d, $alpha] = [$lines['M'], M_PI * 400, 452.0, 200 / 13.5];
    $rho = ($alpha * $As) / (300 * $d);
    $x = $d * (sqrt($rho ** 2 + 2 * $rho) - $rho);
    $I = (300 * $x ** 3) / 3 + $alpha * $As * ($d - $x) ** 2;
    $strain = ($M * (500 - $x)) / $I / 13500 - (300 * (500 - $x) ** 2) / (3 * 200000 * $As * ($d - $x));
    $acr = max(hypot(34.0, 48.0), sqrt(2) * 48.0) - 10.0;
    expect($lines['w_cr'])
        ->toBeNear((3 * $acr * $strain) / (1 + (2 * ($acr - 38)) / (500 - $x)), 1e-6)
        ->and(weighingOf($design, 'crack-width')->state)
        ->toBe(State::Told);
});

// ACI 318-19, 9.7.3.5: no bar ends where it is still pulled.
it('lets American bars end beyond all tension', function (): void {
    $american = [
        'width' => '12 in',
        'depth' => '22 in',
        'grade' => '4000 psi',
        'cover' => '1.5 in',
        'linkDiameter' => '#3',
    ];
    $design = openBeam([6.0, 6.0], 18, 10, $american, basis: ['combinations' => 'asce-7-16-lrfd', 'units' => 'us']);
    $cuts = array_merge(...array_map(fn ($s): array => $s->cutOffs, steelOf($design)->top));
    expect($cuts)->not->toBe([]);
    foreach ($cuts as $cut) {
        $end = $cut->support + $cut->side * $cut->reach;
        $e = $design->envelopes->moment->extreme(
            $design->envelopes->strength,
            -1,
            $design->make->weight(),
            $end - 1.0,
            $end + 1.0,
        );
        expect($e === null ? 0.0 : $e->value)->toBeGreaterThan(-1e6);
    }
});
