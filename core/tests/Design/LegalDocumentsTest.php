<?php

declare(strict_types=1);

use Waage\Design\Design;
use Waage\Design\Reserve;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * A member of the demo with other fields, which once stopped the computation.
 *
 * @param  array<string, mixed>  $changes
 * @return array<string, mixed>
 */
function demoMember(string $file, array $changes): array
{
    $text = (string) file_get_contents(__DIR__."/../../../database/demo/{$file}.waage.json");

    return [...json_decode($text, true, flags: JSON_THROW_ON_ERROR), ...$changes];
}

/** @param  array<string, mixed>  $document */
function isWeighed(array $document): string
{
    $result = (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray();
    json_encode($result, JSON_THROW_ON_ERROR);

    return $result['verdict']['state'];
}

it('weighs what is odd and still a member', function (string $file, array $changes, string $state): void {
    expect(isWeighed(demoMember($file, $changes)))->toBe($state);
})->with([
    'families that are none' => ['01-B1', ['families' => [[]]], 'holds'],
    'a train on an upright member with an overhang' => [
        '09-B9',
        [
            'length' => '6 m',
            'slope' => ['by' => 'upright'],
            'supports' => [
                ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '180 mm'],
                ['x' => '4 m', 'kind' => 'pinned', 'bearing' => '180 mm'],
            ],
        ],
        'holds',
    ],
    'a beam far too thin for its steel' => [
        '22-K1',
        [
            'concrete' => [
                'width' => '300 mm',
                'depth' => '160 mm',
                'grade' => 'C30/37',
                'cover' => '35 mm',
                'linkDiameter' => '8 mm',
            ],
        ],
        'fails',
    ],
]);

it('finds the reserve with a train, which a factor of nothing takes away', function (): void {
    $document = demoMember('09-B9', ['section' => 'HEB 180', 'families' => ['HEB']]);
    expect((new Reserve($document))->toArray()['variable'])->toMatchArray(['state' => 'found']);
});

it('finds the reserve of a long overhang without load', function (): void {
    $document = demoMember('01-B1', [
        'length' => '14 m',
        'selfWeight' => false,
        'supports' => [
            ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '180 mm'],
            ['x' => '2 m', 'kind' => 'pinned', 'bearing' => '180 mm'],
        ],
        'loads' => [
            ['id' => 'q1', 'case' => 'q', 'kind' => 'line', 'value' => '10 kN/m', 'from' => '0 m', 'to' => '2 m'],
        ],
    ]);
    expect((new Reserve($document))->toArray()['variable']['state'])->toBe('found');
});

it('refuses in words what cannot be weighed in any time', function (int $spans, int $axles, string $says): void {
    $document = demoMember('09-B9', [
        'length' => 6 * $spans.' m',
        'supports' => array_map(
            fn (int $i): array => ['x' => 6 * $i.' m', 'kind' => 'pinned', 'bearing' => '200 mm'],
            range(0, $spans),
        ),
    ]);
    $document['loads'][1]['axles'] = array_map(
        fn (int $i): array => ['force' => '20 kN', 'distance' => $i === 0 ? '' : '1.2 m'],
        range(0, $axles - 1),
    );
    expect(fn (): Member => MemberReader::member($document))->toThrow(InvalidMember::class, $says);
})->with([
    [59, 40, 'A train of 40 axles can be weighed over 7 spans at most; here there are 59. Leave out spans far away.'],
    [51, 1, 'A force that moves can be weighed over 50 spans at most'],
    [40, 1, 'Loads that move with 2 axles in all can be weighed over 35 spans at most'],
]);

it('refuses a tapered beam without length at its length', function (): void {
    $taper = [
        'taper' => 'single tapered',
        'endDepth' => '300 mm',
        'width' => '140 mm',
        'depth' => '600 mm',
        'grade' => 'GL24h',
        'suite' => 'en1995',
    ];
    expect(fn (): Member => MemberReader::member(demoMember('21-J1', ['length' => '0 m', 'timber' => $taper])))->toThrow(
        InvalidMember::class,
    );
});
