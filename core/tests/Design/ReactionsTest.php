<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Reactions;
use Waage\Materials\Steel\SteelMake;

it('gives unfactored reactions with every span loaded', function (): void {
    // Two spans of 4 m, 5 kN/m: 3/8, 10/8, 3/8 of 20 kN.
    $rows = (new Reactions(
        design(['length' => '8 m', 'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('8 m')]]),
    ))->toArray()['cases'];
    expect(array_column($rows, 'name'))->toBe(['Permanent', 'Imposed']);
    foreach ([7500.0, 25000.0, 7500.0] as $i => $force) {
        expect($rows[0]['forces'][$i])
            ->toBeNear($force)
            ->and($rows[1]['forces'][$i])
            ->toBeNear(2 * $force);
    }
});

it('gives the moment of a fixed support, clockwise on the beam positive', function (): void {
    // Fixed left, pinned right, 5 kN/m on 6 m: wL²/8 = 22.5 kNm, hogging, so the support turns the beam anticlockwise.
    $rows = (new Reactions(design(['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')]])))->toArray()['cases'];
    expect($rows[0]['moments'][0])
        ->toBeNear(-22.5e6)
        ->and($rows[0]['moments'][1])
        ->toBe(0.0);
});

it('has the greatest and smallest of each combination over all arrangements', function (): void {
    foreach (range(1, 12) as $seed) {
        $design = new Design(patternedMember($seed), Detail::Verdict);
        $beam = $design->beam;
        foreach ((new Reactions($design))->toArray()['combinations'] as $n => $row) {
            $c = $design->combinations[$n];
            foreach ($row['forces'] as $i => [$most, $least]) {
                $fixed =
                    $c->permanent *
                    SteelMake::of($design->member)->section->weight() *
                    $beam->responses->reactions[(int) $beam->selfWeight][$i][0];
                $parts = [];
                foreach ($beam->cases as $case) {
                    foreach ($case->sets as $set) {
                        $r = $beam->responses->reactions[$set][$i][0];
                        $case->case->id === 'g'
                            ? ($fixed += $c->permanent * $r)
                            : ($parts[] = ($c->variable[$case->case->id] ?? 0.0) * $r);
                    }
                }
                $sums = [$fixed];
                foreach ($parts as $part) {
                    $sums = [...$sums, ...array_map(fn (float $s): float => $s + $part, $sums)];
                }
                expect($most)->toBeNear(max($sums), 1e-9, 1e3)->and($least)->toBeNear(min($sums), 1e-9, 1e3);
            }
        }
    }
});

it('warns by a negative reaction that a support has to hold the beam down', function (): void {
    $range = (new Reactions(
        design(['length' => '8 m', 'loads' => [lineLoad('q', '10 kN/m', ['from' => '6 m', 'to' => '8 m'])]]),
    ))->strengthRange();
    // 1.5 · 10 · 2 · 1 / 6 = 5 kN upward pull.
    expect($range[0][1])->toBeNear(-5000.0);
});
