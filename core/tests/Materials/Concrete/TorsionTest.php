<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

require_once __DIR__.'/beams.php';

use Waage\Checks\State;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Member\MemberReader;

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

    return new Design(MemberReader::member($document));
}

// By hand: V = 31.2 · 3 = 93.6 kN, T = 93.6 · 0.2 = 18.72 kNm; A/u = 210000/1900 = 110.5 > 2 · 48 mm; A_k = 239.5 ·
// 489.5 mm², u_k = 1458 mm; with cot θ = 2.5: A_sl = 18.72e6 · 1458 · 2.5/(2 · 117230 · 434.8); T_Rd,max = 0.528 · 20 ·
// 117230 · 110.5.
it('is weighed as a tube together with shear', function (): void {
    $design = twistedBeam(['bottom' => '5ø16', 'linkSpacing' => '150 mm']);
    $lines = linesOf($design, 'torsion-bars');
    expect($lines['T_Ed'])
        ->toBeNear(18.72e6, 1e-6)
        ->and($lines['t_ef'])
        ->toBeNear(110.526, 1e-4)
        ->and($lines['A_k'])
        ->toBeNear(239.474 * 489.474, 1e-4)
        ->and($lines['A_sl'])
        ->toBeNear((18.72e6 * 1457.9 * 2.5) / (2 * 117218 * 434.783), 1e-3);
    $struts = linesOf($design, 'torsion-struts');
    expect($struts['T_Rd_max'])
        ->toBeNear(0.528 * 20 * 117218 * 110.526, 1e-3)
        ->and($struts['u'])
        ->toBeNear(18.72e6 / $struts['T_Rd_max'] + 93600 / ((350 * 0.9 * 552 * 0.528 * 20) / 2), 1e-4);
    $leg = 93600 / (2 * 0.9 * 552 * 434.783 * 2.5) + 18.72e6 / (2 * 117218 * 434.783 * 2.5);
    expect(linesOf($design, 'torsion-links')['u'])->toBeNear($leg / ((M_PI * 25) / 150), 1e-3);
});

it('chooses links and bars that hold, and lists the bars', function (): void {
    foreach (['50 mm', '200 mm', '500 mm'] as $across) {
        $design = twistedBeam(across: $across);
        $failing = array_filter(
            $design->weighings,
            fn (Weighing $w): bool => str_starts_with($w->id, 'torsion') && ! $w->holds(),
        );
        expect($failing)
            ->toBe([])
            ->and(ConcreteMake::from($design->make)->steel()->around)
            ->not->toBeNull();
    }
    $where = array_column(twistedBeam()->make->describe()['list'], 'where');
    expect($where)->toContain('for torsion, around the links');
});

it('does not weigh torsion of slabs, and says so', function (array $concrete, array $basis): void {
    $torsion = array_filter(twistedBeam($concrete, $basis)->weighings, fn (Weighing $w): bool => $w->id === 'torsion');
    expect(array_column($torsion, 'state'))->toBe([State::NotCovered]);
})->with([
    'slab' => [['form' => 'slab', 'width' => '1 m', 'depth' => '200 mm'], []],
    'ACI' => [
        ['form' => 'slab', 'width' => '1 m', 'depth' => '200 mm', 'grade' => '28 MPa'],
        ['combinations' => 'asce-7-16-lrfd'],
    ],
    'BS' => [
        ['form' => 'slab', 'width' => '1 m', 'depth' => '200 mm', 'grade' => '35 MPa'],
        ['combinations' => 'classic'],
    ],
]);

// By hand, in SI: a_s = 35 mm, A_oh = 280 · 530, p_h = 1620 mm; T_u = (1.2 · 12 + 1.6 · 10) · 3 · 0.2 = 18.24 kNm above
// φ T_th = 0.75 · 0.083 √28 · 210000²/1900 = 7.65 kNm; A_t/s = T_u/(1.5 · 0.85 · A_oh · f_yt), and so on.
it('is weighed by ACI above its threshold', function (): void {
    $design = twistedBeam(
        ['grade' => '28 MPa', 'yield' => '420 MPa', 'linkYield' => '410 MPa'],
        ['combinations' => 'asce-7-16-lrfd'],
    );
    $lines = linesOf($design, 'torsion-bars');
    $Ao = 0.85 * 280 * 530;
    expect($lines['T_u'])
        ->toBeNear(18.24e6, 1e-6)
        ->and($lines['A_o'])
        ->toBeNear($Ao, 1e-9)
        ->and($lines['A_l_T'])
        ->toBeNear((18.24e6 * 1620) / (1.5 * $Ao * 420), 1e-6)
        ->and($lines['A_l_min'])
        ->toBeNear((0.42 * sqrt(28) * 210000) / 420 - ((18.24e6 / (1.5 * $Ao * 410)) * 1620 * 410) / 420, 1e-6);
    $size = linesOf($design, 'torsion-struts');
    expect($size['v_u'])
        ->toBeNear(hypot(91200 / (350 * $size['d']), (18.24e6 * 1620) / (1.7 * (280 * 530) ** 2)), 1e-4)
        ->and($size['v_max'])
        ->toBeNear(0.75 * 0.83 * sqrt(28), 1e-4);
    $small = weighingOf(twistedBeam(['grade' => '28 MPa'], ['combinations' => 'asce-7-16-lrfd'], '50 mm'), 'torsion');
    expect($small->state)
        ->toBe(State::NotNeeded)
        ->and($small->capacity)
        ->toBeNear((0.75 * 0.083 * sqrt(28) * 210000 ** 2) / 1900, 1e-6);
});

// By hand: v_t = 2 T/(350² (600 − 350/3)); T = (1.4 · 12 + 1.6 · 10) · 3 · 0.2 = 19.68 kNm: 0.665 MPa above 0.067 √35 =
// 0.396; x_1 = 280, y_1 = 530.
it('is weighed by BS 8110 above its least stress', function (): void {
    $design = twistedBeam(['grade' => '35 MPa'], ['combinations' => 'classic']);
    $lines = linesOf($design, 'torsion-bars');
    expect($lines['v_t'])
        ->toBeNear((2 * 19.68e6) / (350 ** 2 * (600 - 350 / 3)), 1e-6)
        ->and($lines['A_s'])
        ->toBeNear((19.68e6 / ((0.8 * 280 * 530 * 460) / 1.05)) * 810, 1e-6);
    expect(
        weighingOf(twistedBeam(['grade' => '35 MPa'], ['combinations' => 'classic'], '50 mm'), 'torsion')->state,
    )->toBe(State::NotNeeded);
});

it('chooses links and bars that hold by the other standards', function (array $concrete, array $basis): void {
    foreach (['200 mm', '400 mm'] as $across) {
        $failing = array_filter(
            twistedBeam($concrete, $basis, $across)->weighings,
            fn (Weighing $w): bool => str_starts_with($w->id, 'torsion') && ! $w->holds(),
        );
        expect($failing)->toBe([]);
    }
})->with([
    [['grade' => '28 MPa'], ['combinations' => 'asce-7-16-lrfd']],
    [['grade' => '35 MPa'], ['combinations' => 'classic']],
]);

// Load on ledges hangs on the links: 31.2 kN/m on two legs at 434.8 MPa, on one leg where it twists the beam; by ACI
// 1.2 · 12 + 1.6 · 10 = 30.4 kN/m at 0.75 · 413.7 MPa; by BS 8110 1.4 · 12 + 1.6 · 10 = 32.8 kN/m at 460/1.05 MPa.
it('hangs the load of ledges up', function (string $across, array $basis, string $grade, float $leg): void {
    $ledges = ['profile' => 'inverted T', 'flangeWidth' => '650 mm', 'flangeThickness' => '200 mm', 'grade' => $grade];
    $design = twistedBeam($ledges, $basis, $across);
    expect(linesOf($design, 'hangers')['a_h'])
        ->toBeNear($leg, 1e-4)
        ->and(weighingOf($design, 'hangers')->holds())
        ->toBeTrue();
})->with([
    ['0 mm', [], 'C30/37', 31.2 / (2 * 434.783)],
    ['200 mm', [], 'C30/37', 31.2 / 434.783],
    ['0 mm', ['combinations' => 'asce-7-16-lrfd'], '28 MPa', 30.4 / (2 * 0.75 * 413.685)],
    ['200 mm', ['combinations' => 'classic'], '35 MPa', 32.8 / (460 / 1.05)],
]);

// EN 1992-1-1, 9.2.5, by hand: 60 kN of permanent load that lands at mid-span: 1.35 · 60 kN over 550 mm on two legs at
// 434.8 MPa.
it('hangs a beam that lands up on links', function (array $basis, string $grade, float $factor, float $strength): void {
    $document = openDocument([6.0], 6, 4, ['grade' => $grade], $basis);
    $document['loads'][] = [
        'id' => 'p',
        'case' => 'g',
        'kind' => 'point',
        'name' => '',
        'remark' => '',
        'value' => '60 kN',
        'x' => '3 m',
        'hangs' => true,
    ];
    $design = new Design(MemberReader::member($document));
    $lines = linesOf($design, 'hangers');
    expect($lines['F'])
        ->toBeNear($factor * 60e3)
        ->and($lines['q'])
        ->toBe(0.0)
        ->and($lines['a_h'])
        ->toBeNear(($factor * 60e3) / 550 / 2 / $strength, 1e-6)
        ->and(weighingOf($design, 'hangers')->holds())
        ->toBeTrue();
    unset($document['loads'][2]['hangs']);
    expect(fn (): mixed => weighingOf(new Design(MemberReader::member($document)), 'hangers'))->toThrow(
        \LogicException::class,
    );
})->with([[[], 'C30/37', 1.35, 500 / 1.15], [['combinations' => 'classic'], '35 MPa', 1.4, 460 / 1.05]]);

it('draws the bars for torsion in its sections', function (): void {
    $document = json_decode(
        (string) file_get_contents(dirname(__DIR__, 4).'/database/demo/25-K4.waage.json'),
        true,
        64,
        JSON_THROW_ON_ERROR,
    );
    $make = (new Design(MemberReader::member((array) $document)))->make;
    $around = ConcreteMake::from($make)->steel()->around;
    $cut = $make->describe()['cuts'][0];
    expect($around)
        ->not->toBeNull()
        ->and($cut['text'])
        ->toContain('around')
        ->and(array_unique(array_column($cut['bars'], 2)))
        ->toContain($around?->diameter);
});
