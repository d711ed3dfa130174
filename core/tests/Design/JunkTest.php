<?php

declare(strict_types=1);

use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

/**
 * A document with everything that a member can have.
 *
 * @return array<string, mixed>
 */
function fullDocument(): array
{
    return document([
        'version' => 3,
        'length' => '14 m',
        'hinges' => ['11 m'],
        'selfWeight' => true,
        'supports' => [
            ['momentCapacity' => '90 kNm', ...supportAt('0 m', 'fixed')],
            ['bearsOnly' => true, ...supportAt('5 m')],
            ['vertical' => '9 kN/mm', 'rotation' => '500 kNm/rad', ...supportAt('10 m', 'elastic')],
            supportAt('14 m'),
        ],
        'cases' => [
            ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Q', 'category' => 'B', 'alternatives' => 'a'],
            ['id' => 'r', 'name' => 'R', 'category' => 'C', 'alternatives' => 'a'],
            ['id' => 'd', 'name' => 'D', 'category' => 'settlement'],
            ['id' => 't', 'name' => 'T', 'category' => 'temperature'],
            ['id' => 'm', 'name' => 'M', 'category' => 'G'],
            ['id' => 'e', 'name' => 'E', 'category' => 'seismic'],
            ['id' => 'w', 'name' => 'W', 'category' => 'wind-up'],
        ],
        'loads' => [
            lineLoad('g', '5 kN/m', ['from' => '1 m', 'to' => '6 m', 'end' => '2 kN/m']),
            [
                'id' => 'a',
                'case' => 'q',
                'kind' => 'area',
                'value' => '2 kN/m²',
                'widths' => [['x' => '0 m', 'width' => '1 m'], ['x' => '3 m', 'width' => '2 m']],
            ],
            [
                'id' => 's',
                'case' => 'r',
                'kind' => 'slab',
                'value' => '3 kN/m²',
                'width' => '2 m',
                'angle' => '50 deg',
                'from' => '5 m',
                'off' => false,
            ],
            ['id' => 'p', 'case' => 'w', 'kind' => 'point', 'x' => '7 m', 'value' => '8 kN'],
            ['id' => 'd', 'case' => 'd', 'kind' => 'settlement', 'x' => '5 m', 'value' => '4 mm'],
            ['id' => 'o', 'case' => 'd', 'kind' => 'rotation', 'x' => '0 m', 'value' => '2 mrad'],
            ['id' => 't', 'case' => 't', 'kind' => 'temperature', 'value' => '10 K'],
            [
                'id' => 'm',
                'case' => 'm',
                'kind' => 'train',
                'value' => '',
                'off' => true,
                'from' => '5 m',
                'axles' => [['force' => '9 kN', 'distance' => ''], ['force' => '6 kN', 'distance' => '1 m']],
            ],
            ['id' => 'c', 'case' => 'q', 'kind' => 'concentrated', 'value' => '2 kN', 'off' => true, 'to' => '5 m'],
            ['id' => 'e', 'case' => 'e', 'kind' => 'point', 'x' => '2 m', 'value' => '1 kN'],
            lineLoad('q', '1 kN/m', ['area' => '40 m²']),
        ],
        'combinations' => [
            [
                'name' => 'Own',
                'purpose' => 'strength',
                'permanent' => '1.2',
                'factors' => [['case' => 'q', 'factor' => '1.4']],
            ],
        ],
        'arrangement' => 'alternate',
        'collapse' => true,
        'influence' => [['effect' => 'R', 'x' => '', 'support' => 1, 'load' => '1 kN/m', 'axles' => []]],
        'leftOut' => ['strength 1.35'],
        'restraint' => [
            'top' => ['kind' => 'spacing', 'spacing' => '2 m'],
            'bottom' => ['kind' => 'positions', 'positions' => ['3 m', '8 m']],
        ],
        'basis' => ['units' => 'us', 'combinations' => '6.10a/b', 'parameters' => ['psi' => ['B' => [0.7, 0.5, 0.3]]]],
        'deflection' => ['total' => 200],
        'remarks' => ['bending' => ['text' => 'Seen.', 'leftOut' => true]],
    ]);
}

/**
 * A sloping member with what acts along it.
 *
 * @return array<string, mixed>
 */
function slopingDocument(): array
{
    return document([
        'version' => 4,
        'length' => '7 m',
        'slope' => ['by' => 'angle', 'value' => '20 deg'],
        'selfWeight' => true,
        'shears' => true,
        'camber' => '0 mm',
        'supports' => [supportAt('0 m'), [...supportAt('6 m', 'roller'), 'holds' => 'vertical']],
        'steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']],
        'cases' => [
            ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
            ['id' => 's', 'name' => 'S', 'category' => 'snow'],
            ['id' => 't', 'name' => 'T', 'category' => 'temperature'],
        ],
        'loads' => [
            ['id' => 'a', 'case' => 'g', 'kind' => 'area', 'value' => '', 'width' => '2 m', 'buildUp' => 'Roof'],
            lineLoad('s', '1 kN/m', ['direction' => 'plan']),
            lineLoad('q', '1 kN/m', ['direction' => 'normal', 'storeys' => '4']),
            [
                'id' => 'p',
                'case' => 'g',
                'kind' => 'point',
                'x' => '3 m',
                'value' => '2 kN',
                'direction' => 'along',
                'eccentricity' => '-90 mm',
                'across' => '20 mm',
            ],
            ['id' => 'w', 'case' => 't', 'kind' => 'warming', 'value' => '10 K'],
            ['id' => 'l', 'case' => 'q', 'kind' => 'lengths', 'value' => '1 kN/m', 'off' => true],
        ],
        'basis' => [
            'buildUps' => [
                [
                    'name' => 'Roof',
                    'layers' => [
                        ['name' => 'Slab', 'thickness' => '20 mm', 'weight' => '25 kN/m³'],
                        ['name' => 'Rest', 'thickness' => '', 'weight' => '0.2 kN/m²'],
                    ],
                ],
            ],
        ],
    ]);
}

/**
 * A member that lifts off.
 *
 * @return array<string, mixed>
 */
function liftingDocument(): array
{
    return document([
        'version' => 4,
        'length' => '12 m',
        'selfWeight' => true,
        'liftsOff' => true,
        'permanentBySpan' => true,
        'arrangement' => 'chosen',
        'arrangements' => [[1, 2], [3]],
        'supports' => [
            supportAt('0 m'),
            ['bearsOnly' => true, 'vertical' => '4 kN/mm', ...supportAt('5 m', 'elastic')],
            ['bearsOnly' => true, ...supportAt('10 m')],
        ],
        'cases' => [
            ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
            ['id' => 'm', 'name' => 'M', 'category' => 'G'],
        ],
        'loads' => [
            lineLoad('g', '2 kN/m'),
            lineLoad('q', '9 kN/m', ['to' => '5 m']),
            [
                'id' => 'm',
                'case' => 'm',
                'kind' => 'train',
                'value' => '',
                'axles' => [['force' => '9 kN', 'distance' => '']],
            ],
        ],
    ]);
}

/**
 * Every way of putting something else at one place of a document, or of taking the place out.
 *
 * @param  array<array-key, mixed>  $document
 * @param  list<mixed>  $junk
 * @return Generator<array<array-key, mixed>>
 */
function spoilt(array $document, array $junk): Generator
{
    foreach ($document as $key => $value) {
        foreach ($junk as $other) {
            yield [...$document, $key => $other];
        }
        yield array_diff_key($document, [$key => true]);
        if (is_array($value)) {
            foreach (spoilt($value, $junk) as $part) {
                yield [...$document, $key => $part];
            }
        }
    }
}

it('takes a member with everything', function (array $document): void {
    $design = new Design(MemberReader::member($document));
    expect($design->verdict()->ratio)
        ->toBeGreaterThan(0.0)
        ->and((new SheetBuilder($design, new JobInfo(), true))->toArray()['blocks'])
        ->not->toBeEmpty();
})->with([
    'level' => fn (): array => fullDocument(),
    'sloping' => fn (): array => slopingDocument(),
    'lifting' => fn (): array => liftingDocument(),
]);

it('refuses in words or weighs, whatever stands in a field', function (array $of, int $refusals, int $weighings): void {
    $refused = $weighed = 0;
    foreach (
        spoilt($of, [null, true, -7, 'x', '0 m', '-3 m', '5 m', '1e14 m', '1e-7 m', '7 kN', [[]], ['x' => null]]) as $document
    ) {
        try {
            $design = new Design(MemberReader::member($document));
            $result = (new Result($design, Show::envelope()))->toArray();
            (new SheetBuilder($design, new JobInfo(), false))->toArray();
            // A number that is none cannot be written as JSON.
            expect(json_encode($result))->toBeString();
            $weighed++;
        } catch (InvalidMember $e) {
            expect($e->errors)->not->toBeEmpty()->and($e->errors[0]->message)->toMatch('/[.!?)”]$/');
            $refused++;
        }
    }
    expect($refused)->toBeGreaterThan($refusals)->and($weighed)->toBeGreaterThan($weighings);
})->with([
    'level' => [fn (): array => fullDocument(), 1000, 200],
    'sloping' => [fn (): array => slopingDocument(), 500, 100],
    'lifting' => [fn (): array => liftingDocument(), 300, 60],
]);

it('takes junk for the question of an influence line', function (): void {
    $member = MemberReader::member(document());
    foreach (
        spoilt(
            [
                'effect' => 'R',
                'x' => '2 m',
                'support' => 1,
                'load' => '1 kN/m',
                'axles' => [['force' => '1 kN'], ['force' => '1 kN', 'distance' => '1 m']],
            ],
            [null, true, -7, 'x', '0 m', '1e14 m', [], [[]], ['x' => null]],
        ) as $ask
    ) {
        try {
            expect(json_encode(Influence::of($member, $ask)->toArray()))->toBeString();
        } catch (InvalidMember $e) {
            expect($e->errors)->not->toBeEmpty();
        }
    }
});
