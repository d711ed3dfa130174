<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\Aisc360\Method;
use Waage\Materials\Steel\Aisc360\Shape;
use Waage\Materials\Steel\Aisc360\WebStrength;
use Waage\Materials\Steel\Sections\RectangularHollow;
use Waage\Materials\Steel\SteelGrade;

require_once __DIR__.'/shapes.php';

/**
 * Two spans of 16 ft and 12 ft under a line load and a post at 6 ft.
 *
 * @param  array<string, mixed>  $change
 * @return array<string, Weighing> of its webs, by name
 */
function websOf(array $change = [], string $rules = 'asce-7-22-lrfd'): array
{
    $bears = fn (string $x, string $bearing): array => ['x' => $x, 'kind' => 'pinned', 'bearing' => $bearing];
    $design = design(
        [
            'length' => '28 ft',
            'section' => 'W12X26',
            'grade' => 'A992',
            'supports' => [$bears('0 ft', '10 in'), $bears('16 ft', '6 in'), $bears('28 ft', '10 in')],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
            'loads' => [
                lineLoad('g', '0.8 kip/ft'),
                [
                    'id' => 'p',
                    'case' => 'q',
                    'kind' => 'point',
                    'name' => 'Post',
                    'x' => '6 ft',
                    'value' => '12 kip',
                    'bearing' => '5 in',
                ],
            ],
            'basis' => ['combinations' => $rules, 'units' => 'us'],
            ...$change,
        ],
        detail: Detail::Lines,
    );

    return array_column(
        array_filter($design->weighings, fn (Weighing $w): bool => str_starts_with($w->id, 'web-')),
        null,
        'id',
    );
}

it('weighs the heaviest support and the heaviest load, with what each has to bear', function (): void {
    $webs = websOf();
    // 1.6 · 12 under the post; of the supports the middle one, whose reaction is greatest.
    expect($webs['web-load']->demand)
        ->toBeNear(19.2 * KIP)
        ->and($webs['web-load']->title)
        ->toBe('Web under “Post”')
        ->and($webs['web-load']->x)
        ->toBeNear(6 * FOOT)
        ->and($webs['web-support']->title)
        ->toBe('Web at support 2')
        ->and($webs['web-support']->clause)
        ->toBe('ANSI/AISC 360-22, J10')
        ->and(websOf(rules: 'asce-7-16-asd')['web-load']->demand)
        ->toBeNear(12 * KIP);
});

it('gives each force the strength of its place', function (): void {
    $of = fn (float $bearing, float $toEnd): float => (new WebStrength(
        shape('W12X26'),
        $bearing * INCH,
        $toEnd * INCH,
        false,
        0.0,
        false,
    ))->available(Method::LRFD);
    $webs = websOf();
    expect($webs['web-load']->capacity)
        ->toBeNear($of(5, 72))
        ->and($webs['web-support']->capacity)
        ->toBeNear($of(6, 144));
    // With the middle one stiffened an end is the heaviest: within d of the end.
    $bears = fn (string $x, bool $stiffened): array => [
        'x' => $x,
        'kind' => 'pinned',
        'bearing' => '4 in',
        'stiffened' => $stiffened,
    ];
    $ends = websOf(['supports' => [$bears('0 ft', false), $bears('16 ft', true), $bears('28 ft', false)]])[
        'web-support'
    ];
    expect($ends->title)
        ->toBe('Web at support 1')
        ->and($ends->capacity)
        ->toBeNear($of(4, 0))
        ->and($of(4, 0))
        ->toBeLessThan($of(4, 144));
});

it('is never weaker with a longer bearing, farther in, and with a stockier web', function (): void {
    $R = fn (string $section, float $bearing, float $toEnd, bool $through = false): float => (new WebStrength(
        shape($section),
        $bearing,
        $toEnd,
        $through,
        0.0,
        false,
    ))->available(Method::ASD);
    foreach (['W10X12', 'W12X26', 'W18X50', 'W21X44', 'W30X99'] as $section) {
        foreach ([20.0, 60.0, 100.0, 200.0] as $bearing) {
            expect($R($section, $bearing + 15, 0.0))
                ->toBeGreaterThan($R($section, $bearing, 0.0))
                ->and($R($section, $bearing, 5000.0))
                ->toBeGreaterThan($R($section, $bearing, 0.0))
                ->and($R($section, $bearing, 5000.0))
                ->toBeGreaterThanOrEqual($R($section, $bearing, 5000.0, true));
        }
    }
    expect($R('W18X60', 100.0, 0.0))->toBeGreaterThan($R('W18X50', 100.0, 0.0));
});

it('leaves out what has a stiffener, hangs below or stands, and says what it does not weigh', function (
    array $change,
    array $ids,
): void {
    expect(array_keys(websOf($change)))->toBe($ids);
})->with([
    'load with a stiffener' => [
        [
            'loads' => [
                lineLoad('g', '0.8 kip/ft'),
                [
                    'id' => 'p',
                    'case' => 'q',
                    'kind' => 'point',
                    'x' => '6 ft',
                    'value' => '12 kip',
                    'stiffened' => true,
                ],
            ],
        ],
        ['web-support'],
    ],
    'load below' => [['loadHeight' => 'bottom'], ['web-support']],
    'column' => [['slope' => ['by' => 'upright']], []],
    'tube' => [['section' => 'Pipe 6 Std', 'grade' => 'A53 B'], ['web-support']],
]);

it('says of a tube that its wall is to be looked at', function (): void {
    $w = websOf(['section' => 'Pipe 6 Std', 'grade' => 'A53 B'])['web-support'];
    expect($w->ratio)->toBeNull()->and($w->remark)->toContain('chapter K')->and($w->isCovered())->toBeFalse();
});

it('goes through to the support under a load over it', function (): void {
    $over = [
        'loads' => [
            lineLoad('g', '0.8 kip/ft'),
            [
                'id' => 'p',
                'case' => 'q',
                'kind' => 'point',
                'name' => 'Column above',
                'x' => '16 ft',
                'value' => '40 kip',
                'bearing' => '6 in',
            ],
        ],
    ];
    expect(array_column(websOf($over)['web-load']->lines, 'symbol'))
        ->toContain('R_n_c')
        ->and(array_column(websOf()['web-load']->lines, 'symbol'))
        ->not->toContain('R_n_c');
});

it('tells of a member whose section changes which section it is', function (): void {
    $design = american('asce-7-16-lrfd', [], false, [
        'steps' => [['from' => '10 ft', 'to' => '25 ft', 'section' => 'W18X65']],
    ]);
    expect(weighing($design, 'bending')->remark)
        ->toContain('W18×')
        ->and(count(weighing($design, 'bending')->ranges))
        ->toBe(3)
        ->and(weighing($design, 'buckling')->isCovered())
        ->toBeTrue()
        ->and(weighing($design, 'shear')->remark)
        ->toContain('from x =')
        ->and($design->checks->sectionClass())
        ->toBe('compact');
});

// In kips and inches, HSS 12×4×3/8: t = 0.349, F_y = 50, l_b = 6, as chapter K has it for both sides with k = 1.5 t:
// yielding 2 · 50 · 0.349 (5 · 0.524 + 6) = 300.7; crippling 1.6 · 0.349² (1 + 3 · 6/10.95) √(29000 · 50) = 620. At an
// end 34.9 (2.5 · 0.524 + 6) = 255.1 and 0.8 · 0.349² (1 + 4 · 6/10.95 − 0.2) · 1204 = 351; buckling through both sides
// 48 · 0.349³ · 1204/10.95 = 224.
it('shares a force between the sides of a hollow section', function (): void {
    $section = section('HSS 12×4×3/8');
    $shape = new Shape(
        $section instanceof RectangularHollow
            ? $section->side($section->b / 2)
            : throw new LogicException('Two sides are needed.'),
        SteelGrade::A500,
    );
    $strength = fn (float $toEnd, bool $through = false): float => (new WebStrength(
        $shape,
        6 * 25.4,
        $toEnd * 25.4,
        $through,
        0.0,
        false,
        2,
    ))->available(Method::LRFD) / KIP;
    expect($strength(40.0))
        ->toBeNear(300.7, 2e-3)
        ->and($strength(3.0))
        ->toBeNear(255.1, 2e-3)
        ->and($strength(40.0, true))
        ->toBeNear(0.9 * 224, 5e-3);
    $lines = array_column(
        websOf(['section' => 'HSS 12×4×3/8', 'grade' => 'A500 C'])['web-support']->lines,
        'result',
        'symbol',
    );
    expect($lines['R_n_y'])->toBeGreaterThan(0.0)->and($lines)->not->toHaveKey('R_n_s');
});
