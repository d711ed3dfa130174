<?php

declare(strict_types=1);

use Waage\Analysis\LoadedBeam;
use Waage\Member\MemberReader;

/** @param  array<string, mixed>  $change */
function loadedBeam(array $change): LoadedBeam
{
    return LoadedBeam::of(MemberReader::member(document($change)));
}

it('names spans and overhangs', function (): void {
    $beam = loadedBeam(['length' => '10 m', 'supports' => [supportAt('1 m'), supportAt('5 m'), supportAt('9 m')]]);
    expect($beam->beam->fieldNames())
        ->toBe(['left overhang', 'span 1', 'span 2', 'right overhang'])
        ->and($beam->beam->fields())
        ->toBe([[0.0, 1000.0], [1000.0, 5000.0], [5000.0, 9000.0], [9000.0, 10000.0]]);
});

it('cuts imposed load at the supports and loses nothing of it', function (): void {
    foreach (range(1, 40) as $seed) {
        $member = patternedMember($seed);
        $beam = LoadedBeam::of($member);
        foreach ($beam->cases as $case) {
            $given = 0.0;
            foreach ($member->loads as $load) {
                if ($load->case === $case->case->id) {
                    $given += match ($load->kind->value) {
                        'line', 'area' => (($load->start() + $load->end()) / 2) * ($load->to - $load->from),
                        'point' => $load->start(),
                        default => 0.0,
                    };
                }
            }
            expect(array_sum(array_map(fn (int $set): float => $beam->sets[$set]->total(), $case->sets)))->toBeNear(
                $given,
                1e-9,
                1.0,
            );
        }
    }
});

it('arranges imposed load by span, but neither permanent load nor snow nor wind', function (): void {
    $supports = [supportAt('0 m'), supportAt('3 m'), supportAt('6 m')];
    $cases = fn (string $category): array => [['id' => 'q', 'name' => 'Load', 'category' => $category]];
    foreach (
        ['A' => 2, 'E' => 2, 'H' => 2, 'permanent' => 1, 'snow' => 1, 'wind-down' => 1, 'wind-up' => 1] as $category => $sets
    ) {
        expect(
            loadedBeam(['supports' => $supports, 'cases' => $cases($category), 'loads' => [lineLoad('q', '1 kN/m')]])
                ->cases[0]->sets,
        )->toHaveCount($sets, $category);
    }
});

it('gives a force on a support to one span only', function (): void {
    $beam = loadedBeam([
        'supports' => [supportAt('0 m'), supportAt('3 m'), supportAt('6 m')],
        'loads' => [['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '3 m', 'value' => '7 kN']],
    ]);
    expect($beam->cases[0]->sets)
        ->toHaveCount(1)
        ->and($beam->cases[0]->labels)
        ->toBe(['span 2'])
        ->and($beam->responses->reactions[$beam->cases[0]->sets[0]][1][0])
        ->toBeNear(7000.0);
});

it('says which spans are loaded', function (array $kept, string $text): void {
    $beam = loadedBeam([
        'length' => '9 m',
        'supports' => [supportAt('0 m'), supportAt('3 m'), supportAt('6 m'), supportAt('9 m')],
    ]);
    $sets = $beam->cases[1]->sets;
    expect($beam->arrangementText(array_fill_keys(array_map(fn (int $i): int => $sets[$i], $kept), 1.0)))->toBe($text);
})->with([
    [[], 'no variable load'],
    [[0], 'Imposed on span 1'],
    [[0, 2], 'Imposed on span 1 and span 3'],
    [[0, 1, 2], 'Imposed on all spans'],
]);

it('leaves out load cases without load, and self-weight when it is switched off', function (): void {
    $beam = loadedBeam(['loads' => [lineLoad('g', '1 kN/m')]]);
    expect($beam->selfWeight)
        ->toBeNull()
        ->and(array_column($beam->actingCases(), 'id'))
        ->toBe(['g'])
        ->and(array_column(loadedBeam(['loads' => [], 'selfWeight' => true])->actingCases(), 'id'))
        ->toBe(['self-weight']);
});
