<?php

declare(strict_types=1);

namespace Waage\Tests\Materials\Concrete;

use Waage\Checks\Detail;
use Waage\Checks\Line;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Materials\Concrete\ConcreteMake;
use Waage\Materials\Concrete\Reinforcement;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * A beam of 6 m, 300×500 of C30/37 with 4ø20, links ø8 at 200 mm, that carries 12 and 10 kN/m.
 *
 * @param  array<string, mixed>  $change
 */
function concreteBeam(array $change = []): Design
{
    return new Design(
        MemberReader::member(
            array_replace_recursive(
                [
                    'format' => 'waage-member',
                    'version' => 5,
                    'material' => 'concrete',
                    'concrete' => [
                        'width' => '300 mm',
                        'depth' => '500 mm',
                        'grade' => 'C30/37',
                        'cover' => '30 mm',
                        'bottom' => '4ø20',
                        'top' => '2ø16',
                        'linkDiameter' => '8 mm',
                        'linkSpacing' => '200 mm',
                    ],
                    'length' => '6 m',
                    'selfWeight' => false,
                    'loadHeight' => 'top',
                    'supports' => [
                        ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '200 mm'],
                        ['x' => '6 m', 'kind' => 'roller', 'bearing' => '200 mm'],
                    ],
                    'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
                    'cases' => [
                        ['id' => 'g', 'name' => 'Slab', 'category' => 'permanent'],
                        ['id' => 'q', 'name' => 'People', 'category' => 'B'],
                    ],
                    'loads' => [
                        [
                            'id' => 'a',
                            'case' => 'g',
                            'kind' => 'line',
                            'name' => '',
                            'remark' => '',
                            'value' => '12 kN/m',
                        ],
                        [
                            'id' => 'b',
                            'case' => 'q',
                            'kind' => 'line',
                            'name' => '',
                            'remark' => '',
                            'value' => '10 kN/m',
                        ],
                    ],
                ],
                $change,
            ),
        ),
        Detail::Lines,
    );
}

/** @throws \LogicException where the design has none of that id */
function weighingOf(Design $design, string $id): Weighing
{
    return array_values(array_filter($design->weighings, fn (Weighing $w): bool => $w->id === $id))[0] ??
        throw new \LogicException("No {$id}.");
}

/** @return array<string, float> what a weighing has worked out, by symbol; N, mm, MPa */
function linesOf(Design $design, string $id): array
{
    return array_column(
        array_map(fn (Line $l): array => [$l->symbol, $l->result], weighingOf($design, $id)->lines),
        1,
        0,
    );
}

/**
 * A continuous beam whose bars and links are left open.
 *
 * @param  list<float>  $spans  m
 * @param  array<string, mixed>  $concrete
 * @param  array<string, mixed>  $basis
 */
function openBeam(
    array $spans,
    float $g,
    float $q,
    array $concrete = [],
    float $overhang = 0.0,
    array $basis = [],
): Design {
    return new Design(MemberReader::member(openDocument($spans, $g, $q, $concrete, $basis, $overhang)));
}

/**
 * @param  list<float>  $spans  m
 * @param  array<string, mixed>  $concrete
 * @param  array<string, mixed>  $basis
 * @return array<string, mixed>
 */
function openDocument(array $spans, float $g, float $q, array $concrete, array $basis, float $overhang = 0.0): array
{
    $x = 0.0;
    $supports = [['x' => '0 m', 'kind' => 'pinned', 'bearing' => '250 mm']];
    foreach ($spans as $span) {
        $x += $span;
        $supports[] = ['x' => "{$x} m", 'kind' => 'roller', 'bearing' => '250 mm'];
    }
    $length = $x + $overhang;

    return [
        'format' => 'waage-member',
        'version' => 5,
        'material' => 'concrete',
        'concrete' => [
            'width' => '300 mm',
            'depth' => '550 mm',
            'grade' => 'C30/37',
            'cover' => '35 mm',
            'linkDiameter' => '8 mm',
            ...$concrete,
        ],
        'length' => "{$length} m",
        'supports' => $supports,
        'basis' => $basis,
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
        'cases' => [
            ['id' => 'g', 'name' => 'Slab', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'People', 'category' => 'B'],
        ],
        'loads' => [
            ['id' => 'a', 'case' => 'g', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => "{$g} kN/m"],
            ['id' => 'b', 'case' => 'q', 'kind' => 'line', 'name' => '', 'remark' => '', 'value' => "{$q} kN/m"],
        ],
    ];
}

function steelOf(Design $design): Reinforcement
{
    return ConcreteMake::from($design->make)->steel();
}

/** @return list<string> the fields that a member is refused for; none: it is not */
function fieldsAtFault(\Closure $make): array
{
    try {
        $make();
    } catch (InvalidMember $e) {
        return array_column($e->errors, 'path');
    }

    return [];
}
