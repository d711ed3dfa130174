<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Lateral\BucklingCase;
use Waage\Analysis\Lateral\BucklingShapes;
use Waage\Analysis\Lateral\HeldDiagrams;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\Polynomial;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\En1993\Bending;
use Waage\Materials\Steel\En1993\BendingWithShear;
use Waage\Materials\Steel\En1993\LateralResistance;
use Waage\Materials\Steel\En1993\Shear;
use Waage\Materials\Steel\En1993\SteelSection;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\Member;
use Waage\Member\MemberReader;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;

// By hand: (1.35·5 + 1.5·10)·6²/8 = 97.9 kNm on 147.7 kNm; 65.25 kN on 348.4 kN; 5·15·6000⁴/(384·210000·8356·10⁴) =
// 14.4 mm on 6000/250; 5·10·6000⁴/(384·210000·8356·10⁴) = 9.6 mm on 6000/300.
it('weighs the textbook beam', function (string $id, string $what, float $value, float $part): void {
    expect(weighing(design(), $id)->{$what})->toBeNear($value, $part);
})->with([
    ['bending', 'demand', 97.875e6, 1e-9],
    ['bending', 'ratio', 97.875 / 147.7, 0.002],
    ['bending', 'x', 3000.0, 1e-9],
    ['shear', 'ratio', 65.25 / 348.4, 0.002],
    ['shear', 'x', 0.0, 1e-9],
    ['deflection-total', 'demand', 14.42, 0.005],
    ['deflection-total', 'capacity', 24.0, 1e-9],
    ['deflection-variable', 'ratio', 9.62 / 20, 0.005],
]);

it('fails the textbook beam, which nothing holds against buckling', function (): void {
    $design = design();
    expect($design->verdict()->holds())
        ->toBeFalse()
        ->and($design->verdict()->weighing)
        ->toBe('buckling')
        ->and(weighing($design, 'bending')->combination)
        ->toBe('STR 1');
});

it('holds when the top flange is held', function (): void {
    $design = design(['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]]);
    $both = design(['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']]]);
    expect($design->verdict()->holds())
        ->toBeTrue()
        ->and(weighing($design, 'buckling')->ratio)
        ->toBeNear((float) weighing($design, 'bending')->ratio, 1e-9)
        ->and(weighing($both, 'buckling')->ratio)
        ->toBeNull()
        ->and(weighing($both, 'buckling')->remark)
        ->toContain('continuously restrained');
});

it('shortens the buckling length with each restraint', function (): void {
    $capacity = fn (array $top): float => (float) weighing(
        design(['restraint' => ['top' => $top, 'bottom' => ['kind' => 'supports']]]),
        'buckling',
    )->capacity;
    $none = $capacity(['kind' => 'supports']);
    $middle = $capacity(['kind' => 'positions', 'positions' => ['3 m']]);
    expect($middle)
        ->toBeGreaterThan($none)
        ->and($capacity(['kind' => 'spacing', 'spacing' => '1.5 m']))
        ->toBeGreaterThan($middle)
        ->and($capacity(['kind' => 'spacing', 'spacing' => '3 m']))
        ->toBeNear($middle);
});

it('weighs the flange that uplift compresses', function (): void {
    $design = design([
        'cases' => [
            ['id' => 'g', 'name' => 'Roof', 'category' => 'permanent'],
            ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up'],
        ],
        'loads' => [lineLoad('g', '1 kN/m'), lineLoad('w', '8 kN/m')],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
    ]);
    $w = weighing($design, 'buckling');
    // (1.5·8 − 1.0·1)·36/8 = 49.5 kNm hogging.
    expect($w->demand)->toBeNear(49.5e6)->and($w->combination)->toBe('STR 2')->and($w->x)->toBeNear(3000.0);
});

// EN 1993-1-5, 10 by hand: the plate between its welds, 280/4 = 70, λ_p = 70 / 56.8 = 1.232, ρ = (1.232 − 0.22) /
// 1.232² = 0.667; the flange 22.9, ρ = 0.689.
it('takes class 4 with plates at a reduced stress', function (): void {
    $thin = (new Waage\Materials\Steel\Sections\ISection('thin', 'none', 400, 300, 5, 6, 10))->with(
        new Waage\Materials\Steel\Sections\Plates(280, 4),
        'thin with plates',
    );
    $member = MemberReader::member(document())->withMake(made('IPE 300')->withSection($thin));
    $design = new Design($member);
    expect(weighing($design, 'classification')->remark)
        ->toContain('reduced stress')
        ->and(weighing($design, 'bending')->capacity)
        ->toBeNear(0.667 * 235 * $thin->Wely, 0.002);
});

it('refuses class 4 of other shapes in words and gives no number', function (): void {
    $design = design(['section' => 'tube 1000×4']);
    $w = weighing($design, 'classification');
    expect($w->isCovered())
        ->toBeFalse()
        ->and($w->ratio)
        ->toBeNull()
        ->and($w->remark)
        ->toContain('class 4')
        ->and($design->verdict()->holds())
        ->toBeFalse()
        ->and(array_column($design->weighings, 'id'))
        ->not->toContain('bending');
});

it('refuses a web that may buckle in shear without stiffeners', function (): void {
    $slender = new Waage\Materials\Steel\Sections\ISection('slender', 'none', 600, 200, 8, 20, 10);
    $w = weighing(
        new Design(
            MemberReader::member(document())->withMake(
                SteelMake::of(MemberReader::member(document(['grade' => 'S355'])))->withSection($slender),
            ),
        ),
        'shear-buckling',
    );
    expect($w->isCovered())
        ->toBeFalse()
        ->and($w->remark)
        ->toContain('needs stiffeners at its supports')
        ->and($w->ratio)
        ->toBeNull();
});

it('finds the worst place of bending with shear', function (array $change): void {
    $design = design([...$change, 'selfWeight' => true]);
    $w = weighing($design, 'bending-shear');
    $s = SteelMake::of($design->member)->section;
    $steel = steel($s->name, SteelMake::of($design->member)->grade);
    $V = Shear::resistance($steel);
    $M = Bending::resistance($steel);
    $worst = 0.0;
    $beam = $design->beam;
    foreach ($design->combinations as $c) {
        if ($c->purpose !== Purpose::Strength) {
            continue;
        }
        // Every subset of loaded spans, at 400 places.
        $sets = array_merge(...array_map(fn ($case): array => $case->case->id === 'q' ? $case->sets : [], $beam->cases));
        for ($mask = 0; $mask < 1 << count($sets); $mask++) {
            $factors = array_filter(
                $beam->allLoaded($c, $s->weight()),
                fn (int $set): bool => ! in_array($set, $sets, true) || ($mask >> array_search($set, $sets, true)) & 1,
                ARRAY_FILTER_USE_KEY,
            );
            for ($k = 0; $k < $beam->responses->segments(); $k++) {
                $m = $beam->responses->combined(Effect::Moment, $factors, $k);
                $length = $beam->responses->breaks[$k + 1] - $beam->responses->breaks[$k];
                for ($i = 0; $i <= 400; $i++) {
                    $shear = Polynomial::value([$m[1], 2 * $m[2], 3 * $m[3]], ($length * $i) / 400);
                    if (abs($shear) > 0.5 * $V) {
                        $worst = max(
                            $worst,
                            abs(Polynomial::value($m, ($length * $i) / 400)) /
                                BendingWithShear::resistance($steel, $shear, $V, $M),
                        );
                    }
                }
            }
        }
    }
    expect($w->ratio)
        ->toBeNear($worst, 1e-3)
        ->and($w->ratio)
        ->toBeGreaterThanOrEqual($worst - 1e-9);
})->with([
    'two spans' => [
        [
            'length' => '4 m',
            'supports' => [supportAt('0 m'), supportAt('2 m'), supportAt('4 m')],
            'section' => 'HEB 200',
            'loads' => [lineLoad('g', '60 kN/m'), lineLoad('q', '90 kN/m')],
        ],
    ],
    'force near a support' => [
        [
            'length' => '2 m',
            'supports' => [supportAt('0 m'), supportAt('2 m')],
            'section' => 'IPE 300',
            'loads' => [
                lineLoad('g', '20 kN/m'),
                ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '0.4 m', 'value' => '190 kN'],
            ],
        ],
    ],
]);

it('finds the worst arrangement for lateral-torsional buckling, all of them tried one by one', function (
    int $seed,
): void {
    $member = patternedMember($seed);
    $restraints = [
        new Restraint(RestraintKind::Supports),
        new Restraint(RestraintKind::Continuous),
        new Restraint(RestraintKind::Spacing, [2000.0, 4000.0]),
    ];
    $member = new Member(...[...get_object_vars($member), 'top' => $restraints[$seed % 3], 'bottom' => $restraints[0]]);
    $design = new Design($member, Detail::Verdict);
    $weight = SteelMake::of($member)->section->weight();
    $steel = new SteelSection(SteelMake::of($member)->section, SteelMake::of($member)->grade, $member->basis);
    $worst = 0.0;
    $free = array_merge(
        ...array_map(fn ($case): array => $case->case->id === 'g' ? [] : $case->sets, $design->beam->cases),
    );
    foreach (HeldLengths::of($design->beam->beam, $member->top, $member->bottom) as $held) {
        $diagrams = new HeldDiagrams($design->beam, $held);
        $s = SteelMake::of($member)->section;
        $beam = new ThinWalledBeam(
            $diagrams->mesh,
            array_fill(
                0,
                count($diagrams->mesh->elements),
                new Stiffness(SteelGrade::E * $s->Iz, SteelGrade::E * $s->Iw, SteelGrade::G * $s->It),
            ),
            $s->hs / 2,
            ($member->loadHeight->sign() * $s->h) / 2,
        );
        $shapes = new BucklingShapes($diagrams, $beam);
        $resistance = new LateralResistance([[$steel, $held->from, $held->to]], $weight);
        $arrangements = (new ReflectionProperty($diagrams, 'arrangements'))->getValue($diagrams);
        foreach ($design->combinations as $c) {
            for ($mask = 0; $c->purpose === Purpose::Strength && $mask < 1 << count($free); $mask++) {
                $shares = [];
                foreach ($design->beam->cases as $case) {
                    $acting = array_filter(
                        $case->sets,
                        fn (int $set): bool => ($at = array_search($set, $free, true)) !== false && ($mask >> $at) & 1,
                    );
                    if ($acting !== [] && isset($c->variable[$case->case->id])) {
                        $shares[$case->case->id] = $arrangements->responses->share(array_fill_keys($acting, 1.0));
                    }
                }
                $case = new BucklingCase($held, $c, $arrangements->sum($c, $shares));
                [$M] = $case->greatest($weight);
                if ($M > 0.0) {
                    // The factor of each by itself, from fresh shapes.
                    $worst = max(
                        $worst,
                        $resistance->utilisation(
                            $case,
                            (new BucklingShapes($diagrams, $beam))->factor($case, $weight, 1e13 / $M),
                        ),
                    );
                }
            }
        }
    }
    expect((float) weighing($design, 'buckling')->ratio)->toBeNear($worst, 0.005, 0.1);
})->with(range(1, 9));

describe('properties', function (): void {
    it('never weighs less for more load, nor more for a bigger section of the same family', function (int $seed): void {
        $r = random($seed);
        $span = $r->getInt(3, 9);
        $change = fn (float $factor, string $section): array => [
            'length' => 2 * $span + 1 .' m',
            'supports' => [supportAt('0 m'), supportAt("{$span} m"), supportAt(2 * $span.' m')],
            'section' => $section,
            'restraint' => [
                'top' => [
                    ['kind' => 'continuous'],
                    ['kind' => 'supports'],
                    ['kind' => 'spacing', 'spacing' => '1.2 m'],
                ][$seed % 3],
                'bottom' => ['kind' => 'supports'],
            ],
            'loads' => [lineLoad('g', 4 * $factor.' kN/m'), lineLoad('q', 6 * $factor.' kN/m')],
        ];
        foreach (['IPE', 'HEB'] as $family) {
            $last = [];
            foreach ([300, 400, 500, 600] as $size) {
                $light = design($change(1.0, "{$family} {$size}"));
                $heavy = design($change(1.3, "{$family} {$size}"));
                foreach ($light->weighings as $w) {
                    if ($w->ratio !== null) {
                        expect(weighing($heavy, $w->id)->ratio)
                            ->toBeGreaterThanOrEqual($w->ratio - 1e-9, "{$w->id} of {$family} {$size}")
                            ->and($w->ratio)
                            ->toBeLessThanOrEqual(($last[$w->id] ?? INF) + 1e-9, "{$w->id} of {$family} {$size}");
                        $last[$w->id] = $w->ratio;
                    }
                }
            }
        }
    })->with(range(1, 9));

    it('changes no verdict with the units', function (): void {
        foreach (range(1, 20) as $seed) {
            $member = patternedMember($seed);
            $metric = (new Design($member, Detail::Verdict))->weighings;
            $us = (new Design(
                new Member(
                    ...[
                        ...get_object_vars($member),
                        'basis' => new Waage\Member\Basis(
                            ...[...get_object_vars($member->basis), 'units' => Waage\Units\UnitSystem::UsCustomary],
                        ),
                    ],
                ),
                Detail::Verdict,
            ))->weighings;
            expect(array_column($us, 'ratio'))->toBe(array_column($metric, 'ratio'));
        }
    });

    it('gives the mirror image the same ratios', function (): void {
        foreach (range(1, 20) as $seed) {
            $r = random($seed);
            $a = $r->getInt(2, 6);
            $b = $r->getInt(3, 8);
            $load = $r->getInt(1, 10 * ($a + $b) - 1) / 10;
            $of = fn (bool $turned): array => array_column(
                design([
                    'length' => $a + $b + 1 .' m',
                    'section' => 'HEA 300',
                    'selfWeight' => true,
                    'supports' => $turned
                        ? [supportAt('1 m'), supportAt(1 + $b.' m'), supportAt($a + $b + 1 .' m', 'fixed')]
                        : [supportAt('0 m', 'fixed'), supportAt("{$a} m"), supportAt($a + $b.' m')],
                    'loads' => [
                        lineLoad('q', '12 kN/m'),
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => ($turned ? $a + $b + 1 - $load : $load).' m',
                            'value' => '30 kN',
                        ],
                    ],
                ])->weighings,
                'ratio',
                'id',
            );
            foreach ($of(true) as $id => $ratio) {
                expect($ratio ?? 0.0)->toBeNear($of(false)[$id] ?? 0.0, 1e-6, 1e-3);
            }
        }
    });
});
