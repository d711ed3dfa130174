<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\ColdFormed;

use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Member\MemberReader;

const KIP_IN = KIP * INCH;

/**
 * The C of the design guide, 9 × 2.5 × 0.773 × 0.059 in. of 55 ksi, over 12 ft with 100 lb/ft for good, its top
 * restrained.
 *
 * @param  array<string, mixed>  $section
 * @param  array<string, mixed>  $change
 */
function folded(array $section = [], array $change = []): Design
{
    return new Design(
        MemberReader::member([
            'format' => 'waage-member',
            'version' => 5,
            'material' => 'coldFormed',
            'coldFormed' => $section + [
                'shape' => 'lipped C',
                'h' => '9 in',
                'b' => '2.5 in',
                'c' => '0.773 in',
                't' => '0.059 in',
                'r' => '0.1875 in',
                'yield' => '55 ksi',
            ],
            'length' => '12 ft',
            'selfWeight' => false,
            'loadHeight' => 'top',
            'supports' => [
                ['x' => '0 ft', 'kind' => 'pinned', 'bearing' => '3 in'],
                ['x' => '12 ft', 'kind' => 'roller', 'bearing' => '3 in'],
            ],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
            'cases' => [['id' => 'g', 'name' => 'Dead', 'category' => 'permanent']],
            'loads' => [
                ['id' => 'a', 'case' => 'g', 'kind' => 'line', 'value' => '100 lb/ft', 'name' => '', 'remark' => ''],
            ],
            'basis' => ['combinations' => 'asce-7-16-asd', 'units' => 'us'],
            ...$change,
        ]),
    );
}

function of(Design $design, string $id): Weighing
{
    return weighing($design, $id);
}

function lineOf(Design $design, string $weighing, string $symbol): float
{
    return array_column(
        array_map(fn ($l): array => [$l->symbol, $l->result], of($design, $weighing)->lines),
        1,
        0,
    )[$symbol];
}
