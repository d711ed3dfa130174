<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\AnnexA;
use Waage\Materials\Steel\En1993\AnnexB;
use Waage\Materials\Steel\En1993\AxisBuckling;
use Waage\Materials\Steel\En1993\EquivalentMoments;
use Waage\Materials\Steel\En1993\PressedBending;
use Waage\Materials\Steel\En1993\PressedBuckling;
use Waage\Materials\Steel\En1993\PressedMember;
use Waage\Materials\Steel\EndMoments;

/**
 * A pinned post, by Annex A or B.
 *
 * @param  array<string, mixed>  $change
 */
function byAnnex(bool $isA, string $section, string $N, string $q, array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '5 m',
            'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
            'section' => $section,
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => $N, 'direction' => 'along'],
                lineLoad('g', $q, ['direction' => 'normal']),
            ],
            'basis' => ['parameters' => ['annexA' => $isA]],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// Second way: the elastic factors of Annex A come from second-order theory with the initial bow that the buckling curve
// stands for (N. Boissonnade and others, ECCS 119, 2006). Where (6.61) is just met, compression, bow and moment make
// the edge yield.
it('is second-order theory where the section stays elastic', function (float $N, float $psi): void {
    $steel = steel('HEA 280', Waage\Materials\Steel\SteelGrade::S355);
    $s = $steel->section;
    $Ncr = (M_PI ** 2 * 210e3 * $s->Iy) / 7000.0 ** 2;
    $lambda = sqrt(($s->A * $steel->fy) / $Ncr);
    $Phi = 0.5 * (1 + 0.34 * ($lambda - 0.2) + $lambda ** 2);
    $chi = 1 / ($Phi + sqrt($Phi ** 2 - $lambda ** 2));
    $n = $N / ($chi * $s->A * $steel->fy);
    $about = new AxisBuckling($lambda, $chi, $n, $Ncr);
    $member = new PressedMember(
        $steel,
        3,
        $s->A,
        $N,
        new PressedBuckling($about, new AxisBuckling(0.0, 1.0, 0.0, INF), $s, 0.0, 0.0, true),
        new PressedBending(1e8, 0.5, 0.0, new EquivalentMoments(new EndMoments($psi))),
    );
    [$k] = (new AnnexA())->factors($member);
    $u = (1 - $n) / $k;
    $Cm = 0.79 + 0.21 * $psi + (0.36 * ($psi - 0.33) * $N) / $Ncr;
    $bow = ((((1 - $chi) * (1 - $chi * $lambda ** 2)) / $chi) * $s->Wely) / $s->A;
    $edge = $N / $s->A + ($N * $bow) / (1 - $N / $Ncr) / $s->Wely + ($Cm * $u * $steel->fy) / (1 - $N / $Ncr);
    expect($steel->class)->toBe(3)->and($edge)->toBeNear($steel->fy, 1e-6);
})
    ->with([400e3, 900e3, 1500e3])
    ->with([1.0, 0.0, -0.5]);

it('is not far from Annex B', function (string $section, string $N, string $q): void {
    [$a, $b] = [
        weighing(byAnnex(true, $section, $N, $q), 'buckling-axial')->ratio,
        weighing(byAnnex(false, $section, $N, $q), 'buckling-axial')->ratio,
    ];
    expect($a / $b)
        ->toBeGreaterThan(0.85)
        ->toBeLessThan(1.2);
})
    ->with(['HEB 200', 'HEA 280', 'IPE 300', 'SHS 180×180×8', 'RHS 250×150×8'])
    ->with([['140 kN', '8 kN/m'], ['200 kN', '6 kN/m'], ['350 kN', '2 kN/m']]);

it('is buckling alone where hardly anything bends it', function (): void {
    $pressed = array_column(
        weighing(byAnnex(true, 'HEB 200', '400 kN', '0.0001 kN/m'), 'buckling-axial')->lines,
        'result',
        'symbol',
    );
    expect($pressed['u'])->toBeNear(max($pressed['n_y'], $pressed['n_z']), 1e-3);
});

it('grows with every load, about both axes', function (): void {
    $u = fn (string $N, string $q, string $z): float => (float) weighing(
        byAnnex(true, 'HEB 220', $N, $q, [
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '5 m', 'value' => $N, 'direction' => 'along'],
                lineLoad('g', $q, ['direction' => 'normal']),
                lineLoad('g', $z, ['direction' => 'sideways']),
            ],
        ]),
        'buckling-axial',
    )->ratio;
    $least = $u('200 kN', '5 kN/m', '2 kN/m');
    foreach (
        [['260 kN', '5 kN/m', '2 kN/m'], ['200 kN', '7 kN/m', '2 kN/m'], ['200 kN', '5 kN/m', '3 kN/m']] as $more
    ) {
        expect($u(...$more))->toBeGreaterThan($least);
    }
});

// Table A.2 by hand: ψ = 0 and N/N_cr = 0.2: 0.79 − 0.36 · 0.33 · 0.2 = 0.766; ψ = 1: 1 + 0.36 · 0.67 · 0.2 = 1.048.
it('takes the factors of Table A.2, and leaves out twisting where the section does not', function (): void {
    $about = new AxisBuckling(0.8, 0.8, 0.2, 1e6);
    $member = fn (?float $psi, bool $twists): PressedMember => new PressedMember(
        steel('SHS 180×180×8'),
        1,
        5000.0,
        2e5,
        new PressedBuckling($about, $about, section('SHS 180×180×8'), 4000.0, 4000.0, $twists),
        new PressedBending(3e7, 0.5, 0.0, new EquivalentMoments(new EndMoments($psi))),
    );
    $lines = function (PressedMember $of): array {
        $d = new Waage\Checks\Derivation();
        (new AnnexA())->factors($of, $d);

        return array_column($d->lines, 'result', 'symbol');
    };
    expect($lines($member(0.0, false))['C_my_0'])
        ->toBeNear(0.766, 1e-3)
        ->and($lines($member(1.0, false))['C_my_0'])
        ->toBeNear(1.048, 1e-3)
        ->and($lines($member(null, false))['C_my_0'])
        ->toBeNear(1.048, 1e-3)
        ->and($lines($member(null, false))['C_mLT'])
        ->toBe(1.0)
        ->and((new AnnexB())->factors($member(0.0, false))[0])
        ->toBeLessThan((new AnnexB())->factors($member(null, false))[0]);
});
