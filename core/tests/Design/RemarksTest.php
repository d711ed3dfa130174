<?php

declare(strict_types=1);

use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;

/** 15 kN/m on 9 m are too much for the IPE 300: bending, buckling and deflection fail. */
const TOO_LONG = [
    'length' => '9 m',
    'supports' => [
        ['x' => '0 m', 'kind' => 'pinned', 'bearing' => '150 mm'],
        ['x' => '9 m', 'kind' => 'pinned', 'bearing' => '150 mm'],
    ],
    'families' => ['IPE'],
];

it('puts what the engineer says to a weighing on both sheets', function (): void {
    $change = ['remarks' => ['bending' => ['text' => 'Checked against the model of the whole floor.']]];
    expect(sheetText($change, true))
        ->not->toContain('Checked against')
        ->and(sheetText($change, false))
        ->toContain('Bending: Checked against the model of the whole floor.');
    $weighing = array_column((new Result(design($change), Show::envelope()))->toArray()['weighings'], null, 'id')[
        'bending'
    ];
    expect($weighing['said'])
        ->toBe('Checked against the model of the whole floor.')
        ->and($weighing['state'])
        ->toBe('weighed');
});

it(
    'gives a verdict without the weighings that are left out, and says so wherever the verdict stands',
    function (): void {
        $before = design(TOO_LONG);
        $failing = array_filter($before->weighings, fn ($w): bool => ! $w->holds());
        expect(count($failing))
            ->toBeGreaterThan(2)
            ->and($before->verdict()->holds())
            ->toBeFalse();

        $remarks = array_map(fn ($w): array => ['text' => '', 'leftOut' => true], array_column($failing, null, 'id'));
        $remarks['bending']['text'] = 'Strengthened on site.';
        $after = design([...TOO_LONG, 'remarks' => $remarks]);
        expect($after->verdict()->holds())
            ->toBeTrue()
            ->and($after->verdict()->governs())
            ->toEndWith(count($failing).' weighings left out')
            ->and(array_column($after->notCounted, 'id'))
            ->toBe(array_column($failing, 'id'))
            ->and(count($after->weighings) + count($after->notCounted))
            ->toBe(count($before->weighings));

        $sheet = sheetText([...TOO_LONG, 'remarks' => $remarks], true);
        expect($sheet)
            ->toContain('The member holds, '.count($failing).' weighings left out.')
            ->toContain('the verdict is without: Bending. Strengthened on site.')
            ->toContain('No reason is given.')
            ->toContain('left out');
        $result = (new Result($after, Show::envelope()))->toArray();
        expect(implode(' ', $result['messages']))
            ->toContain('Left out by the engineer')
            ->and(array_column($result['weighings'], 'ratio', 'id')['bending'])
            ->toBeGreaterThan(1.0)
            ->and((new Result($after, Show::fromText('weighing:bending')))->toArray()['shown'])
            ->not->toBeNull();
    },
);

it('leaves the same weighings out of the shortlist', function (): void {
    $holds = fn (array $change): array => array_column(
        array_filter(design([...TOO_LONG, ...$change])->shortlist(), fn ($r): bool => $r->verdict->holds()),
        'make',
    );
    $held = ['restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']]];
    $deflection = array_fill_keys(['deflection-total', 'deflection-variable'], ['leftOut' => true]);
    expect(count($holds([...$held, 'remarks' => $deflection])))->toBeGreaterThan(count($holds($held)));
});

it('keeps a remark to a weighing that is not there, and it does no harm', function (): void {
    $change = ['remarks' => ['frequency' => ['text' => 'Not felt.', 'leftOut' => true]]];
    expect(design($change)->verdict())
        ->toEqual(design()->verdict())
        ->and(design($change)->member->remarks['frequency']->text)
        ->toBe('Not felt.');
});

it('refuses what is no remark', function (mixed $remarks, string $field): void {
    expect(fn () => design(['remarks' => $remarks]))->toThrow(function (InvalidMember $e) use ($field): void {
        expect($e->errors[0]->path)->toBe($field);
    });
})->with([
    'a text alone' => [['bending' => 'fine'], 'remarks.bending'],
    'no text' => [['bending' => ['text' => 3]], 'remarks.bending.text'],
    'an endless one' => [['bending' => ['text' => str_repeat('word ', 5000)]], 'remarks.bending.text'],
    'neither yes nor no' => [['bending' => ['leftOut' => 'maybe']], 'remarks.bending.leftOut'],
    'not a list' => ['bending', 'remarks'],
]);
