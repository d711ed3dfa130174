<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Timber;

use Waage\Design\Design;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * A timber member over one span, by default 4 m, with its upper edge restrained; loads as kind, case and value.
 *
 * @param  array<string, mixed>  $timber
 * @param  list<array<string, mixed>>  $loads
 * @param  array<string, mixed>  $change
 */
function timberDesign(array $timber, array $loads, array $change = []): Design
{
    $length = is_string($change['length'] ?? null) ? $change['length'] : '4 m';

    return new Design(
        MemberReader::member([
            'format' => 'waage-member',
            'version' => 5,
            'material' => 'timber',
            'timber' => $timber,
            'length' => $length,
            'selfWeight' => false,
            'loadHeight' => 'top',
            'supports' => [
                ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '100 mm'],
                ['x' => $length, 'kind' => 'roller', 'bearing' => '100 mm'],
            ],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
            'cases' => [
                ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
                ['id' => 'q', 'name' => 'Imposed', 'category' => 'A'],
            ],
            'loads' => array_map(
                fn (array $load, int $i): array => [
                    'id' => "l{$i}",
                    'case' => 'q',
                    'kind' => 'line',
                    'name' => '',
                    'remark' => '',
                    ...$load,
                ],
                $loads,
                array_keys($loads),
            ),
            ...$change,
        ]),
    );
}

/** Upright, 3 m high, free between its ends. */
const UPRIGHT = [
    'length' => '3 m',
    'slope' => ['by' => 'upright'],
    'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
];

/** @return array<string, mixed> a load down the axis at the head of a post */
function onHead(string $value, string $case = 'q', string $x = '3 m'): array
{
    return ['case' => $case, 'kind' => 'point', 'x' => $x, 'value' => $value, 'direction' => 'along'];
}

/** A value of a printed line of a weighing. */
function valueOf(Design $design, string $weighing, string $symbol): float
{
    foreach (weighing($design, $weighing)->lines as $line) {
        if ($line->symbol === $symbol) {
            return $line->result;
        }
    }
    throw new \LogicException("No {$symbol} in {$weighing}.");
}
