<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Member\InvalidMember;

/**
 * A column of 5 m with one row of end forces.
 *
 * @param  array<string, string>  $lengths
 * @param  array<string, mixed>  $change
 */
function columnOf(array $lengths, array $change = []): Design
{
    return design(
        [
            'slope' => ['by' => 'upright'],
            'length' => '5 m',
            'supports' => [supportAt('0 m'), supportAt('5 m', 'roller')],
            'section' => 'HEB 200',
            'loads' => [],
            'endForces' => [['N' => '400 kN', 'My1' => '-10 kNm', 'My2' => '20 kNm']],
            'effectiveLengths' => $lengths,
            ...$change,
        ],
        detail: Detail::Lines,
    );
}

$lines = fn (Design $design): array => linesOf($design, 'buckling-axial');

it('takes Euler\'s force of the length that is given, about each axis and in twisting', function () use ($lines): void {
    $s = section('HEB 200');
    $l = $lines(columnOf(['y' => '1.4*5 m', 'z' => '2.5 m', 'twist' => '4 m']));
    expect($l['N_cr_y'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iy) / 7000 ** 2)
        ->and($l['N_z'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iz) / 2500 ** 2)
        ->and($l['N_T'])
        ->toBeNear(((81e3 * $s->It + (M_PI ** 2 * 210e3 * $s->Iw) / 4000 ** 2) * $s->A) / ($s->Iy + $s->Iz))
        ->and($l['s_z'])
        ->toBeNear(2500 / $s->iz);
});

it('is as the member makes it where nothing is given', function () use ($lines): void {
    $s = section('HEB 200');
    $own = $lines(columnOf([]));
    expect($own['N_cr_y'])
        ->toBeNear((M_PI ** 2 * 210e3 * $s->Iy) / 5000 ** 2, 1e-5)
        ->and($lines(columnOf(['y' => '5 m', 'z' => '5 m', 'twist' => '5 m']))['u'])
        ->toBeNear($own['u'], 1e-5)
        ->and($lines(columnOf(['y' => '']))['u'])
        ->toBeNear($own['u'], 1e-9);
});

it('takes C_m = 0.9 where a length says that the ends sway', function () use ($lines): void {
    expect($lines(columnOf([]))['C_my'])
        ->toBeNear(0.4)
        ->and($lines(columnOf(['y' => '6 m']))['C_my'])
        ->toBe(0.9)
        ->and($lines(columnOf(['y' => '4 m']))['C_my'])
        ->toBeNear(0.4);
});

it('decides with it whether an axial force counts', function (): void {
    $rows = [
        'endForces' => [['N' => '30 kN', 'My2' => '20 kNm']],
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
    ];
    $of = fn (array $lengths): array => array_column(columnOf($lengths, $rows)->weighings, 'id');
    expect($of(['z' => '2 m', 'twist' => '2 m']))
        ->not->toContain('buckling-axial')
        ->and($of(['y' => '40 m', 'z' => '2 m', 'twist' => '2 m']))
        ->toContain('buckling-axial');
});

it('is on the sheet', function (): void {
    $change = [
        'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
        'effectiveLengths' => ['y' => '7.2 m', 'twist' => '3 m'],
    ];
    expect(sheetText($change, false))
        ->toContain('Buckling length about y-y')
        ->toContain('7.200 m, as given')
        ->toContain('Buckling length, twisting')
        ->not->toContain('about z-z');
});

it('refuses lengths that cannot be meant', function (string $length, string $says): void {
    try {
        columnOf(['z' => $length]);
        $message = '';
    } catch (InvalidMember $e) {
        $message = array_column($e->errors, 'message', 'path')['effectiveLengths.z'] ?? '';
    }
    expect($message)->toContain($says);
})->with([['0 m', 'between 1/20'], ['200 m', 'between 1/20'], ['5 kN', 'length'], ['long', 'long']]);
