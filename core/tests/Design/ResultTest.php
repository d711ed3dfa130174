<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Waage\Design\Design;
use Waage\Design\Result;
use Waage\Design\ShortlistRow;
use Waage\Design\Show;
use Waage\Member\Member;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

/** @param  array<string, mixed>  $data */
function faultsAgainst(string $schema, array $data): string
{
    $validator = new Validator;
    $validator->resolver()?->registerPrefix('https://waage.example/schema/', __DIR__.'/../../schema/');
    foreach (glob(__DIR__.'/../../schema/*.schema.json') ?: [] as $file) {
        $text = json_decode((string) file_get_contents($file));
        $validator->resolver()?->registerFile($text->{'$id'}, $file);
    }
    $text = json_decode((string) file_get_contents(__DIR__."/../../schema/{$schema}.schema.json"));
    $result = $validator->validate(json_decode((string) json_encode($data)), $text->{'$id'});
    $error = $result->error();

    return $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error));
}

it('gives results, sheets and demo files that match their schemas', function (array $document): void {
    $design = new Design(Member::fromArray($document));
    foreach (['envelope', 'combination:STR 1', 'case:g', 'case:self-weight', 'case:none'] as $show) {
        expect(faultsAgainst('result', (new Result($design, Show::fromText($show)))->toArray()))->toBe('');
    }
    expect(faultsAgainst('sheet', (new SheetBuilder($design, new JobInfo('Job'), true))->toArray()))->toBe('')
        ->and(faultsAgainst('member', $document))->toBe('');
})->with(fn (): array => array_map(fn (array $d): array => [$d], documentsToRecompute()));

it('sends curves that meet at their ends and reach the extremes', function (): void {
    foreach (range(1, 12) as $seed) {
        $result = (new Result(new Design(patternedMember($seed)), Show::envelope()))->toArray();
        foreach ($result['extremes'] as $extreme) {
            $curve = $result['envelope'][$extreme['effect']][$extreme['value'] > 0 ? 'max' : 'min'];
            $best = 0.0;
            foreach ($curve as [$x0, $x1, $combination]) {
                expect($x1)->toBeGreaterThan($x0)->and($combination)->toBeGreaterThanOrEqual(0);
            }
            foreach ($curve as $piece) {
                if ($extreme['x'] >= $piece[0] - 1e-6 && $extreme['x'] <= $piece[1] + 1e-6) {
                    $value = Waage\Analysis\Polynomial::value(array_slice($piece, 3), $extreme['x'] - $piece[0]);
                    $best = abs($value) > abs($best) ? $value : $best;
                }
            }
            expect($best)->toBeNear($extreme['value'], 1e-9);
        }
    }
});

it('balances loads and reactions in every load case', function (): void {
    foreach (range(1, 20) as $seed) {
        foreach ((new Result(new Design(patternedMember($seed), false), Show::envelope()))->toArray()['reactions']['cases'] as $row) {
            expect($row['reaction'])->toBeNear($row['load'], 1e-9, 1e3)->and($row['reactionMoment'])->toBeNear($row['loadMoment'], 1e-9, 1e7);
        }
    }
});

it('shows a single combination with its own curves', function (): void {
    $shown = (new Result(design(), Show::fromText('combination:STR 1')))->toArray()['shown'];
    // Greatest 97.875 kNm with, and 1.35·5·36/8 = 30.375 kNm without imposed load.
    [$max, $min] = [$shown['M']['max'][0], $shown['M']['min'][0]];
    expect(Waage\Analysis\Polynomial::value(array_slice($max, 3), 3000.0))->toBeNear(97.875e6)->and(Waage\Analysis\Polynomial::value(array_slice($min, 3), 3000.0))->toBeNear(30.375e6);
});

it('says what takes no part', function (): void {
    expect((new Result(design(['loads' => []]), Show::envelope()))->toArray()['messages'])->toBe(['No load acts on the member yet, so nothing is weighed.', 'Load case “Imposed” has no load; it takes no part in the combinations.']);
});

it('puts in the shortlist what the design of each section says', function (): void {
    $change = ['length' => '13 m', 'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('13 m')], 'selfWeight' => true, 'families' => ['IPE', 'HEM']];
    $rows = design($change)->shortlist();
    expect($rows)->toHaveCount(42);
    foreach ($rows as $i => $row) {
        if ($i % 5 === 0) {
            $own = design([...$change, 'section' => $row->section->name])->verdict();
            expect($row->verdict->ratio)->toBeNear((float) $own->ratio, 1e-3)->and($row->verdict->holds)->toBe($own->holds)->and($row->verdict->title)->toBe($own->title);
        }
    }
    expect(array_filter($rows, fn (ShortlistRow $r): bool => ! $r->verdict->holds && $r->verdict->reason === ''))->toBe([]);
});

it('lets no heavy section hide the uplift of a lighter one in the shortlist', function (): void {
    // Self-weight of the present section exceeds the uplift; that of a light one does not.
    $change = fn (string $section): array => [
        'length' => '12 m', 'supports' => [supportAt('0 m'), supportAt('12 m')], 'section' => $section, 'selfWeight' => true,
        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
        'cases' => [['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up']], 'loads' => [lineLoad('w', '2 kN/m')],
    ];
    foreach (design($change('HEM 1000'))->shortlist() as $row) {
        if (in_array($row->section->name, ['IPE 200', 'IPE 300', 'HEA 200', 'HEB 400'], true)) {
            $own = design($change($row->section->name))->verdict();
            expect($row->verdict->ratio)->toBeNear((float) $own->ratio, 1e-6)->and($row->verdict->title)->toBe($own->title)->and($row->verdict->reason)->toBe($own->reason);
        }
    }
});
