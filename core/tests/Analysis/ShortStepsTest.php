<?php

declare(strict_types=1);

use Waage\Analysis\Effect;
use Waage\Analysis\Polynomial;
use Waage\Design\Design;
use Waage\Materials\Steel\SteelMake;

/** @return list<float> reactions, and moments at twenty places, under the first combination; N and Nmm */
function forcesOf(Design $design, bool $mirrored): array
{
    $beam = $design->beam;
    $factors = $beam->allLoaded($design->ultimate()[0], SteelMake::of($design->member)->section->weight());
    $values = [];
    foreach ($beam->responses->supports as $i => $x) {
        $values[] = array_sum(
            array_map(
                fn (int $set, float $f): float => $f * $beam->responses->reactions[$set][$i][0],
                array_keys($factors),
                $factors,
            ),
        );
    }
    $values = $mirrored ? array_reverse($values) : $values;
    for ($i = 1; $i < 20; $i++) {
        $t = ($design->member->length * $i) / 20.001;
        $x = $mirrored ? $design->member->length - $t : $t;
        $k = $beam->responses->segmentAt($x);
        $values[] = Polynomial::value(
            $beam->responses->combined(Effect::Moment, $factors, $k),
            $x - $beam->responses->breaks[$k],
        );
    }

    return $values;
}

it('has the forces of its mirror image, however short a step and soft a spring', function (int $seed): void {
    $r = random($seed);
    $L = $r->getInt(3000, 12000);
    $from = $r->getInt(1, $L - 100);
    $to = min($L - 1, $from + $r->getInt(1, 40));
    $middle = $r->getInt(2, $L - 2);
    $spring =
        $r->getInt(0, 1) === 1
            ? ['kind' => 'elastic', 'vertical' => 10 ** -$r->getInt(0, 4).' N/mm']
            : ['kind' => 'roller'];
    $forces = function (bool $mirrored) use ($L, $from, $to, $middle, $spring): array {
        $at = fn (int $x): string => ($mirrored ? $L - $x : $x).' mm';
        $support = fn (int $x, array $how): array => ['x' => $at($x), 'bearing' => '100 mm', ...$how];

        return forcesOf(
            design([
                'length' => "{$L} mm",
                'selfWeight' => true,
                'supports' => [
                    $support(0, ['kind' => 'pinned']),
                    $support($L, ['kind' => 'roller']),
                    $support($middle, $spring),
                ],
                'steps' => [
                    [
                        'from' => $at($mirrored ? $to : $from),
                        'to' => $at($mirrored ? $from : $to),
                        'section' => 'HEB 400',
                    ],
                ],
                'loads' => [
                    lineLoad('g', '7 kN/m'),
                    ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => $at((int) ($L / 3)), 'value' => '30 kN'],
                ],
            ]),
            $mirrored,
        );
    };
    foreach (array_map(null, $forces(false), $forces(true)) as [$value, $mirrored]) {
        expect($mirrored)->toBeNear($value, 1e-5, 1e5);
    }
})->with(range(1, 60));
