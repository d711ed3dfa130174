<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Member\Member;

/**
 * 6 m, 350×600, loads 0.2 m beside the axis.
 *
 * @param  array<string, mixed>  $concrete
 * @param  array<string, mixed>  $basis
 */
function twistedBeam(array $concrete = [], array $basis = [], string $across = '200 mm'): Design
{
    $concrete = ['width' => '350 mm', 'depth' => '600 mm', 'cover' => '30 mm', 'linkDiameter' => '10 mm', ...$concrete];
    $document = openDocument([6.0], 12, 10, $concrete, $basis);
    $document['selfWeight'] = false;
    foreach ($document['loads'] as $i => $load) {
        $document['loads'][$i]['across'] = $across;
    }

    return new Design(Member::fromArray($document), true);
}

// By hand: V = 31.2 · 3 = 93.6 kN, T = 93.6 · 0.2 = 18.72 kNm; A/u = 210000/1900 = 110.5 > 2 · 48 mm; A_k = 239.5 · 489.5 mm², u_k = 1458 mm; with
// cot θ = 2.5: A_sl = 18.72e6 · 1458 · 2.5/(2 · 117230 · 434.8); T_Rd,max = 0.528 · 20 · 117230 · 110.5.
it('is weighed as a tube together with shear', function (): void {
    $design = twistedBeam(['bottom' => '5ø16', 'linkSpacing' => '150 mm']);
    $lines = linesOf($design, 'torsion-bars');
    expect($lines['T_Ed'])->toBeNear(18.72e6, 1e-6)->and($lines['t_ef'])->toBeNear(110.526, 1e-4)
        ->and($lines['A_k'])->toBeNear(239.474 * 489.474, 1e-4)->and($lines['A_sl'])->toBeNear(18.72e6 * 1457.9 * 2.5 / (2 * 117218 * 434.783), 1e-3);
    $struts = linesOf($design, 'torsion-struts');
    expect($struts['T_Rd_max'])->toBeNear(0.528 * 20 * 117218 * 110.526, 1e-3)
        ->and($struts['u'])->toBeNear(18.72e6 / $struts['T_Rd_max'] + 93600 / (350 * 0.9 * 552 * 0.528 * 20 / 2), 1e-4);
    $leg = 93600 / (2 * 0.9 * 552 * 434.783 * 2.5) + 18.72e6 / (2 * 117218 * 434.783 * 2.5);
    expect(linesOf($design, 'torsion-links')['u'])->toBeNear($leg / (M_PI * 25 / 150), 1e-3);
});

it('chooses links and bars that hold, and lists the bars', function (): void {
    foreach (['50 mm', '200 mm', '500 mm'] as $across) {
        $design = twistedBeam(across: $across);
        $failing = array_filter($design->weighings, fn (Weighing $w): bool => str_starts_with($w->id, 'torsion') && ! $w->holds());
        expect($failing)->toBe([])->and(ConcreteMake::from($design->make)->steel()->around)->not->toBeNull();
    }
    $where = array_column(twistedBeam()->make->describe()['list'], 'where');
    expect($where)->toContain('for torsion, around the links');
});

it('does not weigh torsion of slabs or by the other standards', function (array $concrete, array $basis): void {
    $torsion = array_filter(twistedBeam($concrete, $basis)->weighings, fn (Weighing $w): bool => $w->id === 'torsion');
    expect(array_column($torsion, 'state'))->toBe([State::NotCovered]);
})->with([
    'slab' => [['form' => 'slab', 'width' => '1 m', 'depth' => '200 mm'], []],
    'ACI' => [['grade' => '28 MPa'], ['combinations' => 'asce-7-16-lrfd']], 'BS' => [['grade' => '35 MPa'], ['combinations' => 'classic']],
]);

// Load on ledges hangs on the links: 31.2 kN/m on two legs at 434.8 MPa; on one leg where it twists the beam.
it('hangs the load of ledges up', function (string $across, float $legs): void {
    $ledges = ['profile' => 'inverted T', 'flangeWidth' => '650 mm', 'flangeThickness' => '200 mm'];
    $design = twistedBeam($ledges, across: $across);
    expect(linesOf($design, 'hangers')['a_h'])->toBeNear(31.2 / ($legs * 434.783), 1e-4)->and(weighingOf($design, 'hangers')->holds())->toBeTrue();
})->with([['0 mm', 2.0], ['200 mm', 1.0]]);
