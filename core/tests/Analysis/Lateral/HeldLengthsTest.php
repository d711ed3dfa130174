<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\HeldLengths;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;

$supports = new Restraint(RestraintKind::Supports);
$continuous = new Restraint(RestraintKind::Continuous);
$at = fn (float ...$places): Restraint => new Restraint(RestraintKind::Positions, array_values($places));

it('cuts at supports and where both flanges are held; one flange holds in between', function () use ($at): void {
    $beam = Beam::onRigidSupports(10000.0, [0.0, 6000.0, 10000.0], [false, false, false]);
    expect(HeldLengths::of($beam, $at(2000.0, 3000.0, 4000.0), $at(3000.4, 8000.0)))->toEqual([
        new HeldLength(0.0, 3000.0, [0.0, 3000.0], [], [[2000.0, 1]]),
        new HeldLength(3000.0, 6000.0, [3000.0, 6000.0], [], [[4000.0, 1]]),
        new HeldLength(6000.0, 10000.0, [6000.0, 10000.0], [], [[8000.0, -1]]),
    ]);
});

it('knows a flange that is continuously restrained, and needs no length where both are', function () use (
    $supports,
    $continuous,
    $at,
): void {
    $beam = Beam::onRigidSupports(6000.0, [0.0, 6000.0], [false, false]);
    expect(HeldLengths::of($beam, $continuous, $at(2000.0)))
        ->toEqual([
            new HeldLength(0.0, 2000.0, [0.0, 2000.0], [], [], 1),
            new HeldLength(2000.0, 6000.0, [2000.0, 6000.0], [], [], 1),
        ])
        ->and(HeldLengths::of($beam, $supports, $continuous))
        ->toEqual([new HeldLength(0.0, 6000.0, [0.0, 6000.0], [], [], -1)])
        ->and(HeldLengths::of($beam, $continuous, $continuous))
        ->toBe([]);
});

it('keeps a free end together with the length behind its support, but clamps it at a fixed one', function () use (
    $supports,
    $at,
): void {
    $beam = Beam::onRigidSupports(10000.0, [1000.0, 5000.0, 8000.0], [false, false, true]);
    expect(HeldLengths::of($beam, $supports, $supports))->toEqual([
        new HeldLength(0.0, 5000.0, [1000.0, 5000.0]),
        new HeldLength(5000.0, 8000.0, [5000.0, 8000.0]),
        new HeldLength(8000.0, 10000.0, [8000.0], [8000.0]),
    ]);
    // Two overhangs on one span; one support alone; a tip whose flange is held.
    expect(HeldLengths::of(Beam::onRigidSupports(8000.0, [1000.0, 6000.0], [false, false]), $supports, $supports))
        ->toEqual([new HeldLength(0.0, 8000.0, [1000.0, 6000.0])])
        ->and(HeldLengths::of(Beam::onRigidSupports(3000.0, [0.0], [true]), $at(3000.0), $supports))
        ->toEqual([new HeldLength(0.0, 3000.0, [0.0], [0.0], [[3000.0, 1]])])
        ->and(HeldLengths::of(Beam::onRigidSupports(3000.0, [0.0], [true]), $at(3000.0), $at(3000.0)))
        ->toEqual([new HeldLength(0.0, 3000.0, [0.0, 3000.0])]);
});
