<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Member\Restraint;
use Waage\Member\RestraintKind;
use Waage\Standards\En1993\BucklingLengths;

/** @return list<array{float, float, bool, float}> from, to, free end, greatest gap of the other flange */
function lengths(Restraint $restraint, Restraint $other): array
{
    $beam = Beam::onRigidSupports(10000.0, [1000.0, 5000.0, 8000.0], [false, false, true]);

    return array_map(fn ($p): array => [$p->from, $p->to, $p->freeEnd, $p->otherGap], BucklingLengths::of($beam, $restraint, $other, 1));
}

$supports = new Restraint(RestraintKind::Supports);
$continuous = new Restraint(RestraintKind::Continuous);

it('cuts at supports and restraints, with free ends on overhangs', function () use ($supports): void {
    expect(lengths($supports, $supports))->toBe([[0.0, 1000.0, true, 1000.0], [1000.0, 5000.0, false, 4000.0], [5000.0, 8000.0, false, 3000.0], [8000.0, 10000.0, true, 2000.0]])
        ->and(lengths(new Restraint(RestraintKind::Positions, [0.0, 3000.0, 10000.0]), $supports))->toBe([
            [0.0, 1000.0, false, 1000.0], [1000.0, 3000.0, false, 2000.0], [3000.0, 5000.0, false, 2000.0], [5000.0, 8000.0, false, 3000.0], [8000.0, 10000.0, false, 2000.0],
        ]);
});

it('needs none where the flange is held all along', function () use ($supports, $continuous): void {
    expect(lengths($continuous, $supports))->toBe([]);
});

it('knows how closely the other flange is held', function () use ($supports, $continuous): void {
    expect(array_column(lengths($supports, $continuous), 3))->toBe([0.0, 0.0, 0.0, 0.0])
        ->and(array_column(lengths($supports, new Restraint(RestraintKind::Spacing, [2000.0, 3500.0, 4000.0])), 3))->toBe([1000.0, 1500.0, 3000.0, 2000.0]);
});

it('takes restraints within a millimetre as one', function () use ($supports): void {
    expect(lengths(new Restraint(RestraintKind::Positions, [1000.4, 5000.0, 8000.0]), $supports))->toHaveCount(4);
});
