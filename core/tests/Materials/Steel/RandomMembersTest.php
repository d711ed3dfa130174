<?php

declare(strict_types=1);

use Random\Randomizer;
use Waage\Analysis\UnstableBeam;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * A member of any shape under loads of any kind, by either standard.
 *
 * @return array<string, mixed>
 */
function anyMember(Randomizer $random): array
{
    $one = fn (array $of): mixed => $of[$random->pickArrayKeys($of, 1)[0]];
    $isAmerican = $random->getInt(0, 1) === 1;
    $sections = $isAmerican
        ? [
            'C12×20.7',
            'L6×4×3/8',
            'L4×4×1/4',
            'strips 3: -60,0 0,0 0,200 60,200',
            'welded I 600×300×200×10×20×15',
            'WT7×34',
            'WT7×15',
            'WT5×6',
            'flat 150×12',
            'round 80',
            'W16×26',
            'W21×48',
            'HSS 12×4×1/4',
            'Pipe 6 Std',
            'welded I 1240×300×8×20',
            'welded box 400×300×8',
        ]
        : [
            'UPE 200',
            'UPN 300',
            'L 150×90×10',
            'angle 90×150×8',
            'strips 6: 90,0 90,200; 5: 30,0 90,0; 8: 90,200 40,220',
            '½ IPE 300',
            'welded channel 400×150×4×6',
            '½ HEA 240',
            '½ HEB 200',
            'flat 200×20',
            'round 60',
            'welded I 600×300×200×10×20×15',
            'welded I 1200×350×8×12',
            'welded box 700×300×4',
            'SHS 200×200×8',
            'CHS 168.3×5',
            'IPE 500',
            'HEB 200',
            'welded I 300×400×4×6',
        ];
    $section = $one($sections);
    $grade = match (true) {
        str_starts_with($section, 'HSS') => 'A500 C',
        str_starts_with($section, 'Pipe') => 'A53 B',
        default => $one($isAmerican ? ['A36', 'A992'] : ['S235', 'S355', 'S460']),
    };
    $L = $random->getInt(15, 90) / 10;
    $between = $L / 3;
    $supports = [
        supportAt('0 m', $one(['pinned', 'fixed'])),
        ...$random->getInt(0, 2) === 0 ? [supportAt("{$between} m", 'roller')] : [],
        supportAt("{$L} m", 'roller'),
    ];
    $hold = fn (): array => $one([
        ['kind' => 'continuous'],
        ['kind' => 'supports'],
        ['kind' => 'spacing', 'spacing' => '1.2 m'],
        ['kind' => 'positions', 'positions' => [$L / 2 .' m']],
    ]);
    $loads = [];
    for ($i = $random->getInt(1, 4); $i > 0; $i--) {
        $case = $one(['g', 'q']);
        $point = [
            'case' => $case,
            'kind' => 'point',
            'x' => ($L * $random->getInt(0, 10)) / 10 .' m',
            'value' => $random->getInt(-30, 90).' kN',
        ];
        $loads[] =
            ['id' => "l{$i}"] +
            $one([
                lineLoad($case, $random->getInt(-4, 20).' kN/m'),
                lineLoad($case, $random->getInt(1, 12).' kN/m', ['across' => $random->getInt(-150, 150).' mm']),
                lineLoad($case, '0.6 kN/m', ['direction' => 'sideways']),
                $point,
                $point + ['across' => '90 mm'],
                $point + ['direction' => 'along', 'eccentricity' => '30 mm'],
            ]);
    }

    return document([
        'section' => $section,
        'grade' => $grade,
        'length' => "{$L} m",
        'supports' => array_map(fn (array $s): array => [...$s, 'stiffened' => $random->getInt(0, 1) === 1], $supports),
        'restraint' => ['top' => $hold(), 'bottom' => $hold()],
        'loads' => $loads,
        'loadHeight' => $one(['top', 'centre', 'bottom']),
        'selfWeight' => true,
        ...$random->getInt(0, 3) === 0
            ? ['slope' => $one([['by' => 'upright'], ['by' => 'angle', 'value' => '25 deg']])]
            : [],
        ...$random->getInt(0, 4) === 0
            ? ['steps' => [['from' => '0.5 m', 'to' => '1.2 m', 'section' => $one($sections)]]]
            : [],
        ...$random->getInt(0, 1) === 0 ? ['stemUp' => true, 'strutEnds' => $one(['centroid', 'upright', 'flat'])] : [],
        'basis' => [
            'combinations' => $isAmerican ? $one(['asce-7-22-lrfd', 'asce-7-16-asd']) : '6.10',
            'parameters' => ['annexA' => $random->getInt(0, 1) === 1, 'closedForms' => $random->getInt(0, 1) === 1],
        ],
    ]);
}

it('answers for members of any shape with numbers that recompute, or with words', function (int $seed): void {
    $random = random($seed);
    $answered = 0;
    for ($i = 0; $i < 15; $i++) {
        try {
            $design = new Design(MemberReader::member(anyMember($random)));
        } catch (InvalidMember|UnstableBeam) {
            continue;
        }
        $answered++;
        (new Result($design, Show::envelope()))->toArray();
        // What strains the member is weighed, or the answer says what is not covered.
        $ids = array_column($design->weighings, 'id');
        $isRefused = array_filter($design->weighings, fn (Weighing $w): bool => ! $w->isCovered()) !== [];
        foreach (
            [
                ['torsion', $design->beam->twisting !== null],
                ['sideways-bending', $design->beam->sideways !== null],
                [
                    'axial',
                    abs(
                        $design->envelopes->axial?->greatest(
                            $design->ultimate(),
                            SteelMake::of($design->member)->section->weight(),
                        )->value ?? 0.0,
                    ) >= 1.0,
                ],
            ] as [$id, $acts]
        ) {
            expect(
                ! $acts ||
                    $isRefused ||
                    in_array($id, $ids, true) ||
                    ($id === 'axial' && in_array('tension', $ids, true)),
            )->toBeTrue("{$design->member->make->name()}: {$id}");
        }
        foreach ($design->weighings as $w) {
            expect($w->ratio === null || (is_finite($w->ratio) && $w->ratio >= 0.0))
                ->toBeTrue()
                ->and($w->isCovered() || $w->remark !== '')
                ->toBeTrue();
            foreach ($w->lines as $line) {
                expect(near(recompute($line), $line->result, 1e-9, 1e-9))->toBeTrue(
                    "{$w->id}: {$line->symbol} = {$line->formula}",
                );
            }
        }
    }
    expect($answered)->toBeGreaterThan(8);
})->with(range(1, 8));
