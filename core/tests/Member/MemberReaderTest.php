<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Member\InvalidMember;
use Waage\Member\Member;
use Waage\Member\MemberReader;

/**
 * @param  array<string, mixed>  $change
 * @return array<string, string> messages by path
 */
function faults(array $change): array
{
    try {
        new Design(MemberReader::member(document($change)), Detail::Verdict);
    } catch (InvalidMember $e) {
        $faults = [];
        foreach ($e->errors as $error) {
            $faults[$error->path] ??= $error->message;
        }

        return $faults;
    }

    return [];
}

it('tells what is wrong at its field', function (array $change, string $path, string $says): void {
    expect(faults($change)[$path] ?? 'no fault at '.$path.': '.json_encode(faults($change)))->toContain($says);
})->with([
    'foreign file' => [['format' => 'other'], 'format', 'not a Waage member file'],
    'later version' => [['version' => 6], 'version', 'versions 1 to 5 can be read'],
    'angle beyond upright' => [
        ['slope' => ['by' => 'angle', 'value' => '95 deg']],
        'slope.value',
        'between −90 and 90',
    ],
    'rise beyond the length' => [
        ['slope' => ['by' => 'rise', 'value' => '7 m']],
        'slope.value',
        'more than the length',
    ],
    'no angle' => [['slope' => ['by' => 'angle', 'value' => '']], 'slope.value', 'Nothing is entered'],
    'roller that holds level on a level member' => [
        ['supports' => [supportAt('0 m'), [...supportAt('6 m', 'roller'), 'holds' => 'horizontal']]],
        'supports.1.holds',
        'along its axis only',
    ],
    'step without a section' => [
        ['steps' => [['from' => '1 m', 'to' => '2 m', 'section' => '']]],
        'steps.0.section',
        'Choose a section',
    ],
    'step of no length' => [
        ['steps' => [['from' => '2 m', 'to' => '2 m', 'section' => 'IPE 300']]],
        'steps.0.to',
        'to the right',
    ],
    'steps over each other' => [
        [
            'steps' => [
                ['from' => '1 m', 'to' => '3 m', 'section' => 'IPE 300'],
                ['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 330'],
            ],
        ],
        'steps.1.from',
        'Two sections',
    ],
    'snow on an upright member' => [
        ['slope' => ['by' => 'upright'], 'loads' => [lineLoad('g', '1 kN/m', ['direction' => 'plan'])]],
        'loads.0.direction',
        'no length on plan',
    ],
    'eccentric load across the member' => [
        [
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '2 m',
                    'value' => '1 kN',
                    'eccentricity' => '50 mm',
                ],
            ],
        ],
        'loads.0.eccentricity',
        'no part along',
    ],
    'build-up that the job has not' => [
        [
            'loads' => [
                ['id' => 'p', 'case' => 'g', 'kind' => 'area', 'width' => '2 m', 'value' => '', 'buildUp' => 'Roof'],
            ],
        ],
        'loads.0.buildUp',
        'no build-up “Roof”',
    ],
    'build-up as imposed load' => [
        [
            'basis' => [
                'buildUps' => [
                    ['name' => 'Roof', 'layers' => [['name' => 'Slab', 'thickness' => '', 'weight' => '2 kN/m²']]],
                ],
            ],
            'loads' => [
                ['id' => 'p', 'case' => 'q', 'kind' => 'area', 'width' => '2 m', 'value' => '', 'buildUp' => 'Roof'],
            ],
        ],
        'loads.0.buildUp',
        'is permanent',
    ],
    'two build-ups of one name' => [
        [
            'basis' => [
                'buildUps' => array_fill(0, 2, [
                    'name' => 'Roof',
                    'layers' => [['name' => 'Slab', 'thickness' => '', 'weight' => '2 kN/m²']],
                ]),
            ],
        ],
        'basis.buildUps.1.name',
        'Two build-ups',
    ],
    'build-up without layers' => [
        ['basis' => ['buildUps' => [['name' => 'Roof', 'layers' => []]]]],
        'basis.buildUps.0.layers',
        'one layer at least',
    ],
    'layer with a load where a unit weight belongs' => [
        [
            'basis' => [
                'buildUps' => [
                    [
                        'name' => 'Roof',
                        'layers' => [['name' => 'Slab', 'thickness' => '100 mm', 'weight' => '2 kN/m²']],
                    ],
                ],
            ],
        ],
        'basis.buildUps.0.layers.0.weight',
        'unit weight',
    ],
    'storeys of a category that is not reduced' => [
        [
            'cases' => [['id' => 'g', 'name' => 'G', 'category' => 'E']],
            'loads' => [lineLoad('g', '1 kN/m', ['storeys' => '4'])],
        ],
        'loads.0.storeys',
        'categories A to D',
    ],
    'storeys and area' => [
        ['loads' => [lineLoad('q', '1 kN/m', ['storeys' => '4', 'area' => '50 m²'])]],
        'loads.0.storeys',
        'not with both',
    ],
    'half a storey' => [['loads' => [lineLoad('q', '1 kN/m', ['storeys' => '2.5'])]], 'loads.0.storeys', 'a whole one'],
    'no hold along the axis' => [
        [
            'slope' => ['by' => 'angle', 'value' => '20 deg'],
            'supports' => [supportAt('0 m', 'roller'), supportAt('6 m', 'roller')],
        ],
        'supports',
        'along its axis',
    ],
    'no length' => [['length' => ''], 'length', 'Nothing is entered'],
    'zero length' => [['length' => '0 m'], 'length', 'greater than zero'],
    'negative length' => [['length' => '-6 m'], 'length', 'greater than zero'],
    'endless' => [['length' => '600 m'], 'length', 'at most 500 m'],
    'length as a number' => [['length' => 6], 'length', 'text with its unit'],
    'length without a unit' => [['length' => '6'], 'length', 'unit is missing'],
    'unknown unit' => [['length' => '6 ells'], 'length', 'not a unit'],
    'division by zero' => [['length' => '1/0 m'], 'length', 'divides by zero'],
    'no support' => [['supports' => []], 'supports', 'move down'],
    'elastic support without stiffness' => [
        ['supports' => [supportAt('0 m'), supportAt('6 m', 'elastic')]],
        'supports.1.vertical',
        'Give a stiffness',
    ],
    'spring in another unit' => [
        ['supports' => [supportAt('0 m'), ['vertical' => '20 kN', ...supportAt('6 m', 'elastic')]]],
        'supports.1.vertical',
        'a stiffness is needed',
    ],
    'negative spring' => [
        ['supports' => [supportAt('0 m'), ['vertical' => '-20 kN/mm', ...supportAt('6 m', 'elastic')]]],
        'supports.1.vertical',
        'greater than zero',
    ],
    'unknown support' => [
        ['supports' => [supportAt('0 m'), supportAt('6 m', 'glued')]],
        'supports.1.kind',
        'pinned, roller, fixed, guided, elastic',
    ],
    'hinge that makes a mechanism' => [['hinges' => ['3 m']], 'hinges', 'between x = 0 m and x = 6 m'],
    'hinge at an end' => [['hinges' => ['6 m']], 'hinges.0', 'at its end there is one only'],
    'two hinges side by side' => [
        ['supports' => [supportAt('0 m', 'fixed'), supportAt('6 m', 'fixed')], 'hinges' => ['3 m', '3000.4 mm']],
        'hinges.1',
        'on top of hinge 1',
    ],
    'hinge on a fixed support' => [
        ['supports' => [supportAt('0 m'), supportAt('3 m', 'fixed'), supportAt('6 m')], 'hinges' => ['3 m']],
        'hinges.0',
        'against turning',
    ],
    'hinge off the beam' => [['hinges' => ['7 m']], 'hinges.0', 'off the beam'],
    'hinges that are no list' => [['hinges' => '3 m'], 'hinges', 'a list'],
    'moment on a hinge' => [
        [
            'supports' => [supportAt('0 m', 'fixed'), supportAt('6 m')],
            'hinges' => ['3 m'],
            'loads' => [['id' => 'm', 'case' => 'g', 'kind' => 'moment', 'x' => '3 m', 'value' => '5 kNm']],
        ],
        'loads.0.x',
        'a hinge here',
    ],
    'an alternative without another' => [
        [
            'cases' => [
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                ['id' => 'q', 'name' => 'Q', 'category' => 'B', 'alternatives' => 'a'],
            ],
        ],
        'cases.1.alternatives',
        'two at least',
    ],
    'a permanent alternative' => [
        [
            'cases' => [
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent', 'alternatives' => 'a'],
                ['id' => 'q', 'name' => 'Q', 'category' => 'B', 'alternatives' => 'a'],
            ],
        ],
        'cases.0.alternatives',
        'Only variable',
    ],
    'more choices than can be combined' => [
        [
            'cases' => [
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                ['id' => 'q', 'name' => 'Q', 'category' => 'B'],
                ...array_map(
                    fn (int $i): array => [
                        'id' => "c{$i}",
                        'name' => "C{$i}",
                        'category' => 'B',
                        'alternatives' => 'a'.$i % 4,
                    ],
                    range(0, 15),
                ),
            ],
        ],
        'cases',
        '256 ways',
    ],
    'temperature in a permanent case' => [
        ['loads' => [['id' => 't', 'case' => 'g', 'kind' => 'temperature', 'value' => '10 K']]],
        'loads.0.case',
        'category “Temperature”',
    ],
    'a load among temperatures' => [
        ['cases' => [['id' => 'g', 'name' => 'T', 'category' => 'temperature']], 'loads' => [lineLoad('g', '5 kN/m')]],
        'loads.0.case',
        'takes temperatures only',
    ],
    'temperature in another unit' => [
        [
            'cases' => [['id' => 'g', 'name' => 'T', 'category' => 'temperature']],
            'loads' => [['id' => 't', 'case' => 'g', 'kind' => 'temperature', 'value' => '10 mm']],
        ],
        'loads.0.value',
        'a difference of temperature is needed',
    ],
    'slab load with a flat yield line' => [
        [
            'loads' => [
                [
                    'id' => 's',
                    'case' => 'q',
                    'kind' => 'slab',
                    'value' => '5 kN/m²',
                    'width' => '2 m',
                    'angle' => '10 deg',
                ],
            ],
        ],
        'loads.0.angle',
        '20 to 70 degrees',
    ],
    'slab load without a width' => [
        ['loads' => [['id' => 's', 'case' => 'q', 'kind' => 'slab', 'value' => '5 kN/m²']]],
        'loads.0.width',
        'Nothing is entered',
    ],
    'peak beyond the load' => [
        [
            'loads' => [
                [
                    'id' => 's',
                    'case' => 'q',
                    'kind' => 'slab',
                    'value' => '5 kN/m²',
                    'width' => '2 m',
                    'from' => '1 m',
                    'to' => '3 m',
                    'peak' => '4 m',
                ],
            ],
        ],
        'loads.0.peak',
        'within the length',
    ],
    'one width only' => [
        [
            'loads' => [
                [
                    'id' => 'a',
                    'case' => 'q',
                    'kind' => 'area',
                    'value' => '5 kN/m²',
                    'widths' => [['x' => '0 m', 'width' => '2 m']],
                ],
            ],
        ],
        'loads.0.widths',
        'two places at least',
    ],
    'widths out of order' => [
        [
            'loads' => [
                [
                    'id' => 'a',
                    'case' => 'q',
                    'kind' => 'area',
                    'value' => '5 kN/m²',
                    'widths' => [['x' => '2 m', 'width' => '2 m'], ['x' => '1 m', 'width' => '2 m']],
                ],
            ],
        ],
        'loads.0.widths.1.x',
        'to the right of the one before',
    ],
    'widths of nothing' => [
        [
            'loads' => [
                [
                    'id' => 'a',
                    'case' => 'q',
                    'kind' => 'area',
                    'value' => '5 kN/m²',
                    'widths' => [['x' => '0 m', 'width' => '0 m'], ['x' => '1 m', 'width' => '0 m']],
                ],
            ],
        ],
        'loads.0.widths',
        'nothing is carried',
    ],
    'widths that are no list' => [
        ['loads' => [['id' => 'a', 'case' => 'q', 'kind' => 'area', 'value' => '5 kN/m²', 'widths' => 'all']]],
        'loads.0.widths',
        'a list of widths',
    ],
    'a switch that is no switch' => [
        ['loads' => [['id' => 'a', 'case' => 'q', 'kind' => 'line', 'value' => '5 kN/m', 'off' => 'yes']]],
        'loads.0.off',
        'true or false',
    ],
    'settlement off the supports' => [moved('settlement', '3 m', '10 mm'), 'loads.0.x', 'no support at this place'],
    'settlement in a permanent case' => [
        moved('settlement', '6 m', '10 mm', 'permanent'),
        'loads.0.case',
        'category “Settlement”',
    ],
    'line load among settlements' => [
        ['cases' => [['id' => 'g', 'name' => 'S', 'category' => 'settlement']], 'loads' => [lineLoad('g', '5 kN/m')]],
        'loads.0.case',
        'movements of supports only',
    ],
    'rotation of a support that turns freely' => [moved('rotation', '6 m', '2 mrad'), 'loads.0.x', 'turns freely'],
    'settlement of a guided support' => [
        ['supports' => [supportAt('0 m'), supportAt('6 m', 'guided')], ...moved('settlement', '6 m', '5 mm')],
        'loads.0.x',
        'cannot settle',
    ],
    'rotation without a unit' => [moved('rotation', '6 m', '2'), 'loads.0.value', 'A unit is missing'],
    'guided at both ends' => [
        ['supports' => [supportAt('0 m', 'guided'), supportAt('6 m', 'guided')]],
        'supports',
        'moving up and down',
    ],
    'one pinned support' => [['supports' => [supportAt('2 m')]], 'supports', 'turn about it'],
    'support off the beam' => [
        ['supports' => [supportAt('0 m'), supportAt('7 m')]],
        'supports.1.x',
        'off the beam, which is 6 m long',
    ],
    'supports on top of each other' => [
        ['supports' => [supportAt('0 m'), supportAt('0 m'), supportAt('6 m')]],
        'supports.1.x',
        'on top of support 1',
    ],
    'no bearing' => [
        ['supports' => [supportAt('0 m'), [...supportAt('6 m'), 'bearing' => '0 mm']]],
        'supports.1.bearing',
        'greater than zero',
    ],
    'support of another kind' => [
        ['supports' => [supportAt('0 m', 'spring'), supportAt('6 m')]],
        'supports.0.kind',
        'pinned',
    ],
    'load off the beam' => [
        ['loads' => [lineLoad('g', '1 kN/m', ['from' => '2 m', 'to' => '6.5 m'])]],
        'loads.0.to',
        'off the beam',
    ],
    'load backwards' => [
        ['loads' => [lineLoad('g', '1 kN/m', ['from' => '4 m', 'to' => '2 m'])]],
        'loads.0.to',
        'end to the right',
    ],
    'load of no case' => [['loads' => [lineLoad('x', '1 kN/m')]], 'loads.0.case', 'no load case'],
    'area load without width' => [
        ['loads' => [lineLoad('g', '1 kN/m²', ['kind' => 'area'])]],
        'loads.0.width',
        'Nothing is entered',
    ],
    'load of another dimension' => [
        ['loads' => [lineLoad('g', '1 kN')]],
        'loads.0.value',
        'a force, but a load per length',
    ],
    'upward wind entered negative' => [
        ['cases' => [['id' => 'w', 'name' => 'W', 'category' => 'wind-up']], 'loads' => [lineLoad('w', '-1 kN/m')]],
        'loads.0.value',
        'positive numbers',
    ],
    'too many loads' => [
        ['loads' => array_fill(0, 5000, lineLoad('g', '1 kN/m'))],
        'loads',
        'There are 5000 loads; a member can have at most 500',
    ],
    'loads not a list' => [['loads' => 'many'], 'loads', 'list of loads'],
    'a load that is no object' => [['loads' => [3]], 'loads.0', 'cannot be read'],
    'long text' => [['title' => str_repeat('x', 10_000)], 'title', 'at most 2000'],
    'text that is none' => [['notes' => ['a']], 'notes', 'must be a text'],
    'two cases with one id' => [
        ['cases' => [['id' => 'g', 'name' => 'A', 'category' => 'A'], ['id' => 'g', 'name' => 'B', 'category' => 'B']]],
        'cases.1.id',
        'Two load cases',
    ],
    'case without a name' => [
        ['cases' => [['id' => 'g', 'name' => ' ', 'category' => 'A']], 'loads' => []],
        'cases.0.name',
        'needs a name',
    ],
    'case of another category' => [
        ['cases' => [['id' => 'g', 'name' => 'A', 'category' => 'Z']], 'loads' => []],
        'cases.0.category',
        'one of',
    ],
    'unknown section' => [['section' => 'IPE 301'], 'section', 'no section “IPE 301”'],
    'no section' => [['section' => ''], 'section', 'Choose a section'],
    'unknown grade' => [['grade' => 'S700'], 'grade', 'S235, S275, S355, S460'],
    'spacing of nothing' => [
        ['restraint' => ['top' => ['kind' => 'spacing', 'spacing' => '0 m']]],
        'restraint.top.spacing',
        'greater than zero',
    ],
    'spacing far too close' => [
        ['restraint' => ['top' => ['kind' => 'spacing', 'spacing' => '1 mm']]],
        'restraint.top.spacing',
        'more than 500',
    ],
    'restraint off the beam' => [
        ['restraint' => ['top' => ['kind' => 'positions', 'positions' => ['9 m']]]],
        'restraint.top.positions.0',
        'off the beam',
    ],
    'no positions' => [
        ['restraint' => ['top' => ['kind' => 'positions', 'positions' => []]]],
        'restraint.top.positions',
        'Give between',
    ],
    'another standard' => [['basis' => ['standard' => 'XX']], 'basis.standard', 'Eurocodes'],
    'factor out of range' => [
        ['basis' => ['parameters' => ['gammaM0' => 0]]],
        'basis.parameters.gammaM0',
        'between 1 and 1.5',
    ],
    'factor that is no number' => [
        ['basis' => ['parameters' => ['gammaQ' => 'a lot']]],
        'basis.parameters.gammaQ',
        'must be a number',
    ],
    'deflection limit out of range' => [
        ['basis' => ['deflection' => ['total' => 1]]],
        'basis.deflection.total',
        'between 50 and 2000',
    ],
]);

it('tells all errors at once', function (): void {
    expect(faults(['length' => 'x', 'section' => 'y', 'grade' => 'z']))->toHaveKeys(['length', 'section', 'grade']);
});

it('survives any shape of document', function (): void {
    $junk = [null, true, 3, -1.5, 'x', [], [[]], ['a' => ['b' => []]], [null], str_repeat('9', 300)];
    foreach (array_keys(document()) as $key) {
        foreach ($junk as $value) {
            try {
                $member = MemberReader::member(document([$key => $value]));
                expect($member)->toBeInstanceOf(Member::class);
            } catch (InvalidMember $e) {
                expect($e->errors)->not->toBeEmpty();
            }
        }
    }
});

it('takes the recommended values where the basis is silent', function (): void {
    $basis = MemberReader::member(document())->basis;
    expect([
        $basis->actions->gammaGsup,
        $basis->actions->gammaQ,
        $basis->actions->xi,
        $basis->steel->gammaM0,
        $basis->steel->gammaM1,
        $basis->steel->lambdaLT0,
        $basis->steel->beta,
    ])->toBe([1.35, 1.5, 0.85, 1.0, 1.0, 0.4, 0.75]);
});

it('turns upward wind up and area loads into line loads', function (): void {
    $member = MemberReader::member(
        document([
            'cases' => [
                ['id' => 'w', 'name' => 'W', 'category' => 'wind-up'],
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
            ],
            'loads' => [lineLoad('w', '2 kN/m'), lineLoad('g', '2.5 kN/m²', ['kind' => 'area', 'width' => '5.2/2 m'])],
        ]),
    );
    expect($member->loads[0]->start())
        ->toBe(-2.0)
        ->and($member->loads[1]->start())
        ->toBeNear(6.5);
});

it('tells every fault, whatever else is wrong, at the place where it was typed', function (): void {
    try {
        MemberReader::member(
            document([
                'length' => '6 furlongs',
                'loads' => [
                    'junk',
                    lineLoad('g', '5 kN/m', ['from' => '4 m', 'to' => '2 m']),
                    ['id' => 't', 'case' => 'q', 'kind' => 'train', 'value' => '', 'axles' => []],
                    lineLoad('nobody', '1 kN/m'),
                ],
            ]),
        );
        $paths = [];
    } catch (InvalidMember $e) {
        $paths = array_column($e->errors, 'path');
    }
    expect($paths)->toContain('length', 'loads.0', 'loads.2.axles', 'loads.3.case');
    try {
        MemberReader::member(
            document([
                'supports' => [supportAt('0 m'), [...supportAt('6 m'), 'bearing' => '5 acres']],
                'loads' => [lineLoad('g', '5 kN/m', ['from' => '4 m', 'to' => '2 m'])],
            ]),
        );
    } catch (InvalidMember $e) {
        expect(array_column($e->errors, 'path'))->toEqualCanonicalizing(['supports.1.bearing', 'loads.0.to']);
    }
});
