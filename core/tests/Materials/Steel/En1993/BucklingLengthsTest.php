<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Materials\Steel\BucklingLengths;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;

/** @return list<array{float, float, bool}> from, to, free end */
function lengths(Restraint $restraint): array
{
    $beam = Beam::onRigidSupports(10000.0, [1000.0, 5000.0, 8000.0], [false, false, true]);

    return array_map(fn ($p): array => [$p->from, $p->to, $p->freeEnd], BucklingLengths::of($beam, $restraint, 1));
}

$supports = new Restraint(RestraintKind::Supports);
$continuous = new Restraint(RestraintKind::Continuous);

it('cuts at supports and restraints, with free ends on overhangs', function () use ($supports): void {
    expect(lengths($supports))
        ->toBe([[0.0, 1000.0, true], [1000.0, 5000.0, false], [5000.0, 8000.0, false], [8000.0, 10000.0, true]])
        ->and(lengths(new Restraint(RestraintKind::Positions, [0.0, 3000.0, 10000.0])))
        ->toBe([
            [0.0, 1000.0, false],
            [1000.0, 3000.0, false],
            [3000.0, 5000.0, false],
            [5000.0, 8000.0, false],
            [8000.0, 10000.0, false],
        ]);
});

it('needs none where the flange is continuously restrained', function () use ($continuous): void {
    expect(lengths($continuous))->toBe([]);
});

it('takes restraints within a millimetre as one', function (): void {
    expect(lengths(new Restraint(RestraintKind::Positions, [1000.4, 5000.0, 8000.0])))->toHaveCount(4);
});
