<?php

declare(strict_types=1);

use Waage\Design\Design;
use Waage\Loading\Combination;
use Waage\Member\InvalidMember;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

/** @return array<string, string> id => key */
function keys(Design $design): array
{
    return array_map(fn (Combination $c): string => $c->key(), array_column($design->combinations, null, 'id'));
}

it('leaves out what the engineer takes out, until it is another combination', function (): void {
    $all = design();
    $out = design(['leftOut' => [keys($all)['STR 1']]]);
    expect(array_keys(keys($out)))
        ->toBe(array_values(array_diff(array_keys(keys($all)), ['STR 1'])))
        ->and(weighing($out, 'bending')->demand)
        ->toBeLessThan((float) weighing($all, 'bending')->demand)
        ->and(array_column($out->leftOut, 'id'))
        ->toBe(['STR 1']);
    // With other factors it is no longer the one that was looked at.
    expect(design(['leftOut' => [keys($all)['STR 1']], 'basis' => ['parameters' => ['gammaQ' => 1.6]]])->leftOut)->toBe(
        [],
    );
});

it('says on every sheet what was left out', function (bool $full): void {
    $design = design(['leftOut' => [keys(design())['STR 1']]]);
    expect(
        json_encode((new SheetBuilder($design, new JobInfo(), $full))->toArray()['blocks'], JSON_UNESCAPED_UNICODE),
    )->toContain('Left out by the engineer', 'STR 1 (1.35 × Permanent + 1.5 × Imposed)');
})->with([true, false]);

it('weighs nothing when every strength combination is left out, and says so', function (): void {
    $all = array_values(array_filter(keys(design()), fn (string $k): bool => str_starts_with($k, 'strength')));
    expect(fn () => design(['leftOut' => $all]))->toThrow(InvalidMember::class, 'no strength would be weighed');
    $own = [
        'name' => 'Mine',
        'purpose' => 'strength',
        'permanent' => '1.4',
        'factors' => [['case' => 'q', 'factor' => '1.6']],
    ];
    $design = design(['leftOut' => $all, 'combinations' => [$own]]);
    expect(weighing($design, 'bending')->demand)
        ->toBeNear(((1.4 * 5 + 1.6 * 10) * 6000 ** 2) / 8)
        ->and(weighing($design, 'bending')->combination)
        ->toBe('OWN 1');
});

it('does not lose the deflection either', function (): void {
    $all = array_values(array_filter(keys(design()), fn (string $k): bool => str_starts_with($k, 'characteristic')));
    expect(fn () => design(['leftOut' => $all]))->toThrow(InvalidMember::class, 'no deflection would be weighed');
});

it('adds combinations of the engineer', function (): void {
    $own = fn (array $change): array => [
        'name' => 'Lift',
        'purpose' => 'strength',
        'permanent' => '1.2',
        'factors' => [['case' => 'q', 'factor' => '0.5*3']],
        ...$change,
    ];
    $design = design([
        'combinations' => [
            $own([]),
            $own(['purpose' => 'characteristic', 'permanent' => '']),
            $own(['permanent' => '', 'factors' => []]),
        ],
    ]);
    $made = array_values(array_filter($design->combinations, fn (Combination $c): bool => $c->own));
    expect(array_column($made, 'text', 'id'))
        ->toBe(['OWN 1' => 'Lift: 1.2 × Permanent + 1.5 × Imposed', 'OWN 2' => 'Lift: 1.5 × Imposed'])
        // Beside those of the rules: it can only make things worse.
        ->and(weighing(design(['combinations' => [$own(['permanent' => '2'])]]), 'bending')->demand)
        ->toBeNear(((2 * 5 + 1.5 * 10) * 6000 ** 2) / 8);
});

it('says what is wrong with a combination', function (array $change, string $path, string $says): void {
    try {
        MemberReader::member(
            document([
                'combinations' => [
                    ['name' => '', 'purpose' => 'strength', 'permanent' => '1.35', 'factors' => [], ...$change],
                ],
            ]),
        );
        $errors = [];
    } catch (InvalidMember $e) {
        $errors = array_column($e->errors, 'message', 'path');
    }
    expect($errors[$path] ?? json_encode($errors))->toContain($says);
})->with([
    'a load case that was removed' => [
        ['factors' => [['case' => 'z', 'factor' => '1']]],
        'combinations.0.factors.0.case',
        'no longer there',
    ],
    'a permanent case on its own' => [
        ['factors' => [['case' => 'g', 'factor' => '1']]],
        'combinations.0.factors.0.case',
        'one factor',
    ],
    'a negative factor' => [['permanent' => '-1'], 'combinations.0.permanent', 'between 0 and 10'],
    'a factor with a unit' => [['permanent' => '1 kN'], 'combinations.0.permanent', 'plain number'],
    'an unknown purpose' => [['purpose' => 'luck'], 'combinations.0.purpose', 'strength, equilibrium'],
    'factors that are no list' => [['factors' => 'all'], 'combinations.0.factors', 'a list of factors'],
]);

it('tells which weighings a combination governs', function (): void {
    $result = (new Waage\Design\Result(design(), Waage\Design\Show::envelope()))->toArray();
    $governs = array_column($result['combinations'], 'governs', 'id');
    expect($governs['STR 1'])
        ->toContain('Bending', 'Shear')
        ->and($governs['CHA 1'])
        ->toContain('Deflection, total')
        ->and($governs['FRE 1'])
        ->toBe([]);
});

it('takes the part of a load that stays, as the engineer says', function (
    array $basis,
    array $cases,
    string $quasi,
): void {
    $design = design(['basis' => $basis, 'cases' => $cases]);
    $texts = array_map(
        fn (Combination $c): string => $c->text,
        array_filter($design->combinations, fn (Combination $c): bool => $c->purpose->value === 'quasi-permanent'),
    );
    expect($texts)->toContain($quasi);
})->with([
    [
        [],
        [
            ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Imposed', 'category' => 'B', 'sustained' => 0.7],
        ],
        '1 × Permanent + 0.7 × Imposed',
    ],
    [
        ['combinations' => 'asce-7-16-lrfd'],
        [
            ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Snow', 'category' => 'snow', 'sustained' => '0.2'],
        ],
        '1 × Permanent + 0.2 × Snow',
    ],
]);

it('refuses a part that stays of what does not come and go', function (): void {
    expect(
        fn () => design([
            'cases' => [
                ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent', 'sustained' => 0.5],
                ['id' => 'q', 'name' => 'Imposed', 'category' => 'B'],
            ],
        ]),
    )->toThrow(InvalidMember::class, 'a part stays');
});
