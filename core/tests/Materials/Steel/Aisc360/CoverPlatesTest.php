<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;

/** @param  array<string, mixed>  $change */
function covered(string $width, string $thickness, array $change = []): Design
{
    return design(
        [
            'length' => '30 ft',
            'supports' => [supportAt('0 ft'), supportAt('30 ft', 'roller')],
            'section' => 'W18X50',
            'grade' => 'A992',
            'basis' => ['combinations' => 'asce-7-22-lrfd'],
            'restraint' => ['top' => ['kind' => 'spacing', 'spacing' => '5 ft'], 'bottom' => ['kind' => 'supports']],
            'steps' => [
                [
                    'from' => '8 ft',
                    'to' => '22 ft',
                    'section' => 'W18X50',
                    'plateWidth' => $width,
                    'plateThickness' => $thickness,
                ],
            ],
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

// By hand: W18×50 (Z_x = 101 in³, d = 18.0 in) with plates 6 × 1/2 in: Z = 101 + 6 · 0.5 · 18.5 = 156.5 in³; φ M_p =
// 0.9 · 50 · 156.5 / 12 = 587 kip-ft.
it('counts plates on the flanges in bending', function (): void {
    $w = weighing(covered('6 in', '0.5 in'), 'bending');
    expect(max(array_column($w->ranges, 2)) / KIP / FOOT)
        ->toBeNear(587, 0.005)
        ->and(min(array_column($w->ranges, 2)) / KIP / FOOT)
        ->toBeNear((0.9 * 50 * 101) / 12, 0.005);
});

it('leaves plates out of the web, whose shear and forces stay those of the bare shape', function (): void {
    $all = [
        'steps' => [
            [
                'from' => '0 ft',
                'to' => '30 ft',
                'section' => 'W18X50',
                'plateWidth' => '6 in',
                'plateThickness' => '0.5 in',
            ],
        ],
    ];
    $bare = ['steps' => []];
    foreach (['shear', 'web-support'] as $id) {
        expect(weighing(covered('6 in', '0.5 in', $all), $id)->capacity)->toBeNear(
            (float) weighing(covered('6 in', '0.5 in', $bare), $id)->capacity,
        );
    }
});

it('refuses plates that buckle between their welds', function (): void {
    $w = weighing(covered('7 in', '0.2 in'), 'strength');
    expect($w->isCovered())->toBeFalse()->and($w->remark)->toContain('1.12');
});
