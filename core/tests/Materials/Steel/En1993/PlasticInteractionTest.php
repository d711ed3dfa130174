<?php

declare(strict_types=1);

use Waage\Materials\Steel\En1993\PlasticInteraction;
use Waage\Materials\Steel\Sections\CircularHollow;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\Sections\Section;

/** Width of a section at a distance from an axis through its middle, mm. */
function widthAt(Section $s, string $axis, float $z): float
{
    $round = fn (float $half, float $radius, float $rest): float => $rest -
        ($z > $half - $radius ? 2 * ($radius - sqrt(max(0.0, $radius ** 2 - ($z - $half + $radius) ** 2))) : 0.0);
    if ($s instanceof CircularHollow) {
        $chord = fn (float $r): float => $z < $r ? 2 * sqrt($r ** 2 - $z ** 2) : 0.0;

        return $chord($s->h / 2) - $chord($s->h / 2 - $s->t);
    }
    if ($s instanceof RectangularHollow) {
        [$h, $b] = $axis === 'y' ? [$s->h, $s->b] : [$s->b, $s->h];

        return $round($h / 2, $s->r, $b) - ($z < $h / 2 - $s->t ? $round($h / 2 - $s->t, $s->t, $b - 2 * $s->t) : 0.0);
    }
    if (! ($s instanceof ISection)) {
        throw new LogicException('Not this shape.');
    }
    if ($axis === 'z') {
        $fillet = fn (float $from): float => $from < $s->r ? 2 * ($s->r - sqrt($s->r ** 2 - ($s->r - $from) ** 2)) : 0.0;

        return 2 * $s->tf + ($z < $s->tw / 2 ? $s->hw : $fillet($z - $s->tw / 2));
    }
    $from = $s->hw / 2 - $z;

    return $from <= 0 ? $s->b : $s->tw + ($from < $s->r ? 2 * ($s->r - sqrt($s->r ** 2 - ($s->r - $from) ** 2)) : 0.0);
}

// A second way: strips that yield, those about the middle under the axial force, the others in bending.
it('leaves about what strips that yield leave', function (string $name, string $axis, float $n): void {
    $s = section($name);
    $half = ($axis === 'y' ? $s->h : $s->b) / 2;
    $strips = 20000;
    $areas = array_map(
        fn (int $i): float => (2 * widthAt($s, $axis, (($i + 0.5) * $half) / $strips) * $half) / $strips,
        range(0, $strips - 1),
    );
    $A = array_sum($areas);
    $compressed = $M = $Mpl = 0.0;
    foreach ($areas as $i => $area) {
        $z = (($i + 0.5) * $half) / $strips;
        $Mpl += $area * $z;
        $compressed += $area;
        $M += $compressed > $n * $A ? $area * $z : 0.0;
    }
    expect($A)
        ->toBeNear($s->A, 2e-3)
        ->and($Mpl)
        ->toBeNear($axis === 'y' ? $s->Wply : $s->Wplz, 3e-3);
    // The formulas of the standard round: up by a little at the most, down by more.
    $left = (new PlasticInteraction(steel($name), $n))->left($axis);
    expect($left)
        ->toBeLessThan($M / $Mpl + 0.04)
        ->toBeGreaterThan($M / $Mpl - 0.08);
})
    ->with(['IPE 300', 'HEA 200', 'HEB 300', 'RHS 200×100×8', 'SHS 150×150×8', 'CHS 168.3×10'])
    ->with(['y', 'z'])
    ->with([0.1, 0.3, 0.5, 0.8]);

it('is bending alone without, and nothing is left at the full, axial force', function (string $name): void {
    expect((new PlasticInteraction(steel($name), 0.0))->left('y'))
        ->toBe(1.0)
        ->and((new PlasticInteraction(steel($name), 0.999999))->left('y'))
        ->toBeLessThan(1e-4)
        ->and((new PlasticInteraction(steel($name), 0.999999))->left('z'))
        ->toBeLessThan(1e-4)
        ->and((new PlasticInteraction(steel($name), 0.0))->utilisation(0.4, 0.0))
        ->toBeNear(0.4);
})->with(['IPE 300', 'HEB 300', 'RHS 200×100×8', 'CHS 168.3×10']);

// By hand: HEB 200, S235, N = 500 kN, M_y = 60 kNm, M_z = 15 kNm: N_pl = 1836 kN, n = 0.2723, a = 0.2317 (A = 78.1 cm²,
// 2 b t_f = 60 cm²), M_N,y = 151 · 0.7277/0.8841 = 124.3 kNm, M_N,z = 71.9 · (1 − (0.0406/0.7683)²) = 71.7 kNm, β =
// 1.362: (60/124.3)² + (15/71.7)^1.362 = 0.233 + 0.119 = 0.352.
it('agrees with an example by hand', function (): void {
    $steel = steel('HEB 200');
    $s = $steel->section;
    $u = (new PlasticInteraction($steel, 500e3 / ($s->A * 235)))->utilisation(
        60e6 / ($s->Wply * 235),
        15e6 / ($s->Wplz * 235),
    );
    expect($u)->toBeNear(0.352, 0.01);
});
