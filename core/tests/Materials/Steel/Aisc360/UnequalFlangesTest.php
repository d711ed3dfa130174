<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\Aisc360\UnequalShape;
use Waage\Materials\Steel\Sections\ISection;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelGrade;

/** @param  array<string, mixed>  $change */
function runway(array $change = []): Design
{
    return design(
        [
            'length' => '9 m',
            'supports' => [
                supportAt('0 m') + ['stiffened' => true],
                supportAt('9 m', 'roller') + ['stiffened' => true],
            ],
            'section' => 'welded I 600×300×200×10×20×15',
            'grade' => 'A572 50',
            'loads' => [lineLoad('g', '8 kN/m'), lineLoad('q', '14 kN/m')],
            'basis' => ['combinations' => 'asce-7-22-lrfd'],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

function unequalShape(string $name, int $pressed): UnequalShape
{
    return new UnequalShape(unequal($name)->pressedAt($pressed), SteelGrade::A572);
}

// By hand, 600×300×200×10×20×15 in A572 50 (345 MPa), top flange compressed: centroid 242.1 mm below the top; I_x =
// 862.7e6, S_xc = 3563e3, S_xt = 2410e3, Z_x = 3198e3 mm³; h_c = 444.2, h_p = 2 · (5650 + 3000 − 6000)/20 = 265;
// I_yc/I_y = 0.817; S_xt/S_xc = 0.677: F_L = 0.677 F_y.
it('has what F4 takes from the section', function (string $what, float $value, float $part): void {
    expect(unequalShape('welded I 600×300×200×10×20×15', 1)->{$what})->toBeNear($value, $part);
})->with([
    ['Sc', 3563e3, 1e-3],
    ['St', 2410e3, 1e-3],
    ['share', 0.817, 2e-3],
    ['FL', 0.677 * 345, 2e-3],
    ['Mp', 345 * 3198e3, 1e-3],
    ['aw', (444.2 * 10) / 6000, 1e-3],
    ['rt', 300 / sqrt(12 * (1 + 0.7403 / 6)), 1e-3],
    // h_c/t_w = 44.4 against λ_pw = 444.2/265 · 24.1 / (0.54 · 1.327 − 0.09)² = 102: compact, R_pc = M_p/M_yc = 0.898,
    // counted as 1.
    ['factor', 1.0, 1e-9],
]);

it('is compact where web and flanges are', function (): void {
    expect(unequalShape('welded I 600×300×200×10×20×15', 1)->compactness())->toBe('compact');
});

it('is yielding of the tension flange that the smaller one decides', function (): void {
    $w = weighing(runway(), 'bending');
    // R_pt M_yt = M_p: 0.9 · 345 · 3198e3 = 993 kNm; R_pc M_yc = 0.9 · 345 · 3563e3 is more.
    expect($w->capacity / 1e6)
        ->toBeNear(0.9 * unequalShape('welded I 600×300×200×10×20×15', 1)->Fy * 3198e-3, 2e-3)
        ->and($w->clause)
        ->toContain('F4');
});

it('comes to the girder of flanges alike where they hardly differ', function (float $depth, float $web): void {
    $unequal = new UnequalShape(
        new UnequalI('nearly', 'none', $depth, 300.0, 299.99, $web, 20.0, 20.0, 1),
        SteelGrade::A572,
    );
    $alike = Profiles::of(
        new SectionStep(
            0.0,
            1.0,
            new ISection(
                'alike',
                'none',
                $depth,
                300.0,
                $web,
                20.0,
                0.0,
                finish: Waage\Materials\Steel\Sections\Finish::Welded,
            ),
            SteelGrade::A572,
        ),
    );
    expect($unequal->moment())->toBeNear($alike->moment(), 2e-3);
    foreach ([2000.0, 6000.0, 14000.0] as $L) {
        expect($unequal->lateral()->nominal($L, 1.0))->toBeNear($alike->lateral()?->nominal($L, 1.0) ?? 0.0, 2e-3);
    }
})->with([[1000.0, 8.0], [1100.0, 8.5], [1600.0, 8.0], [2000.0, 8.0]]);

it('buckles sooner where the smaller flange is compressed', function (): void {
    [$top, $bottom] = [
        unequalShape('welded I 600×300×200×10×20×15', 1)->lateral(),
        unequalShape('welded I 600×300×200×10×20×15', -1)->lateral(),
    ];
    expect($bottom->nominal(6000.0, 1.0))->toBeLessThan($top->nominal(6000.0, 1.0));
    // The same upside down under loads the other way, at the shear centre.
    $turned = runway([
        'section' => 'welded I 600×200×300×10×15×20',
        'loadHeight' => 'centre',
        'loads' => [lineLoad('g', '-8 kN/m'), lineLoad('q', '-14 kN/m')],
    ]);
    foreach (['bending', 'buckling', 'shear'] as $id) {
        expect(weighing($turned, $id)->capacity)->toBeNear(
            (float) weighing(runway(['loadHeight' => 'centre']), $id)->capacity,
            1e-6,
        );
    }
});

it('refuses what F4 is not for', function (array $change, string $says): void {
    expect(weighing(runway($change), 'strength')->remark)->toContain($says);
})->with([
    [['section' => 'welded I 2400×300×200×8×20×15'], 'not more slender than 260'],
    [['section' => 'welded I 600×300×120×10×20×10'], 'less than a tenth'],
]);

// F5 by hand, 1600×300×200×8×20×15 in A572 50 (345 MPa), top flange compressed: centroid (6000 · 10 + 12520 · 802.5 +
// 3000 · 1592.5)/21520 = 691.7 mm below the top, h_c = 2 · 671.7 = 1343, h_c/t_w = 167.9 against 5.7 √(E/F_y) = 137.3;
// a_w = 1343 · 8/6000 = 1.791: R_pg = 1 − 1.791/(1200 + 537) · 30.6 = 0.9685.
it('reduces the flange by a slender web', function (): void {
    $s = unequalShape('welded I 1600×300×200×8×20×15', 1);
    expect($s->isSlender())
        ->toBeTrue()
        ->and($s->factor)
        ->toBeNear(0.9685, 0.001)
        ->and($s->plateau())
        ->toBeNear($s->factor * $s->Fy * $s->Sc)
        ->and($s->FL)
        ->toBeNear(0.7 * $s->Fy)
        // The tension flange yields first: R_pt = 1.
        ->and($s->moment())
        ->toBeNear(min($s->plateau(), $s->Fy * $s->St))
        // (F5-4) at 14 m: R_pg S_xc π² E/(L/r_t)².
        ->and($s->lateral()->nominal(14000.0, 1.0))
        ->toBeNear($s->factor * $s->Sc * M_PI ** 2 * $s->E * ($s->rt / 14000.0) ** 2);
    $w = weighing(runway(['section' => 'welded I 1600×300×200×8×20×15']), 'buckling');
    expect($w->clause)
        ->toContain('F5.2')
        ->and(weighing(runway(['section' => 'welded I 1600×300×200×8×20×15']), 'classification')->remark)
        ->toContain('web slender');
});

it('has no jump where the web becomes slender, beyond that of the clauses', function (): void {
    $limit = 5.7 * sqrt(29000 / 50);
    $moment = function (float $times) use ($limit): float {
        // h_c/t_w = $times · limit, by the thickness of the web.
        $of = fn (float $tw): UnequalShape => new UnequalShape(
            new UnequalI('made', 'none', 1500.0, 300.0, 250.0, $tw, 20.0, 20.0, 1),
            SteelGrade::A572,
        );
        [$low, $high] = [5.0, 20.0];
        for ($i = 0; $i < 60; $i++) {
            $tw = ($low + $high) / 2;
            $s = $of($tw);
            [$low, $high] = ($s->aw * $s->bc * $s->tc) / $tw ** 2 > $times * $limit ? [$tw, $high] : [$low, $tw];
        }

        return $of($low)->plateau();
    };
    expect($moment(1.001))->toBeNear($moment(0.999), 2e-3);
});

it('takes the weaker of both where the member sags and hogs', function (): void {
    $both = runway(['supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('9 m', 'roller')]]);
    [$top, $bottom] = [
        unequalShape('welded I 600×300×200×10×20×15', 1),
        unequalShape('welded I 600×300×200×10×20×15', -1),
    ];
    expect(weighing($both, 'bending')->capacity)->toBeNear(0.9 * min($top->moment(), $bottom->moment()));
    $by = linesOf($both, 'buckling');
    expect($by['M_n'])->toBeNear(
        min($top->lateral()->nominal($by['L_b'], $by['C_b']), $bottom->lateral()->nominal($by['L_b'], $by['C_b'])),
    );
});

it(
    'counts the height of the loads by the eigenvalue, as the moment that buckles it, not with slender webs',
    function (): void {
        $of = fn (string $height, array $change = []): float => (float) weighing(
            runway(['loadHeight' => $height, ...$change]),
            'buckling',
        )->capacity;
        expect($of('top'))
            ->toBeLessThan($of('centre'))
            ->and($of('bottom'))
            ->toBeGreaterThan($of('centre'))
            ->and($of('top', ['section' => 'welded I 1600×300×200×8×20×15']))
            ->toBeNear($of('bottom', ['section' => 'welded I 1600×300×200×8×20×15']), 1e-9);
        $strength = unequalShape('welded I 600×300×200×10×20×15', 1)->lateral();
        foreach ([3000.0, 9000.0, 20000.0] as $L) {
            expect($strength->lengthOf($strength->critical($L, 1.2), 1.2))->toBeNear($L, 1e-9);
        }
        // Under uniform moment (F4-5), which knows no difference of the flanges but r_t, beside the eigenvalue.
        $eigenvalue =
            (uniformCritical(unequal('welded I 600×300×200×10×20×15'), 1, 9000.0) * SteelGrade::A572->elasticity()) /
            SteelGrade::E;
        expect($strength->critical(9000.0, 1.0) / $eigenvalue)
            ->toBeGreaterThan(0.75)
            ->toBeLessThan(1.05);
    },
);

it('weighs unequal flanges where the section changes', function (): void {
    $steps = fn (string $section): array => ['steps' => [['from' => '3 m', 'to' => '6 m', 'section' => $section]]];
    expect(weighing(runway($steps('welded I 600×300×200×10×20×15')), 'buckling')->ratio)
        ->toBeNear((float) weighing(runway(), 'buckling')->ratio, 1e-3)
        ->and(weighing(runway($steps('welded I 600×300×200×10×30×25')), 'buckling')->ratio)
        ->toBeLessThan((float) weighing(runway(), 'buckling')->ratio);
});
