<?php

declare(strict_types=1);

use Waage\Materials\Steel\SteelMake;

// The second way is the search itself, with the statics of the section in question: a shortlist takes the chord between
// two weights, which is on the safe side. Heavy sections press by their weight as much as a twentieth of the load.
it('weighs heavy and light columns of a shortlist as by themselves, or a hair more', function (array $change): void {
    $document = [
        'length' => '9 m',
        'slope' => ['by' => 'upright'],
        'supports' => [supportAt('0 m'), supportAt('5 m', 'roller'), supportAt('9 m', 'roller')],
        'selfWeight' => true,
        'section' => 'HEA 160',
        'families' => ['HEA', 'HEM'],
        'loads' => [
            ['id' => 'r', 'case' => 'g', 'kind' => 'point', 'x' => '9 m', 'value' => '60 kN', 'direction' => 'along'],
            ['id' => 'f', 'case' => 'q', 'kind' => 'point', 'x' => '5 m', 'value' => '110 kN', 'direction' => 'along'],
            lineLoad('q', '1 kN/m', ['direction' => 'normal']),
        ],
        ...$change,
    ];
    foreach (design($document)->shortlist() as $i => $row) {
        if ($i % 8 !== 0) {
            continue;
        }
        $own = (float) design([...$document, 'section' => SteelMake::from($row->make)->section->name])->verdict()->ratio;
        expect($row->verdict->ratio)
            ->toBeGreaterThan($own * (1 - 1e-6))
            ->toBeLessThan($own * (1 + 1e-4));
    }
})->with([
    'over two storeys' => [[]],
    'by AISC 360' => [
        [
            'section' => 'W8×31',
            'grade' => 'A992',
            'families' => ['W'],
            'basis' => ['combinations' => 'asce-7-22-lrfd'],
        ],
    ],
]);
