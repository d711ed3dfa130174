<?php

declare(strict_types=1);

use Waage\Design\VerdictState;
use Waage\Loading\Generator;
use Waage\Loading\Purpose;
use Waage\Loading\RuleSet;
use Waage\Member\BasisReader;
use Waage\Member\Category;
use Waage\Member\InvalidMember;
use Waage\Member\LoadCase;

// Worked out by hand from the combinations as the standards print them, all from memory: ASCE/SEI 7-16 and 7-22, 2.3.1,
// 2.3.6, 2.4.1, 2.4.5; AS/NZS 1170.0:2002, 4.2.2, 4.3, Table 4.1; NBC 2020, Table 4.1.3.2.-A; BS 5950-1:2000, Table 2.
it('combines by the rules of each standard', function (
    string $rules,
    array $categories,
    Purpose $purpose,
    array $expected,
): void {
    expect(
        combinationTexts(['permanent', ...$categories], $purpose, ['combinations' => $rules]),
    )->toEqualCanonicalizing($expected);
})->with([
    'ASCE 7-16 LRFD, floor' => [
        'asce-7-16-lrfd',
        ['B'],
        Purpose::Strength,
        ['1.4 × Permanent', '1.2 × Permanent + 1.6 × B'],
    ],
    'ASCE 7-16 LRFD, floor, roof and snow' => [
        'asce-7-16-lrfd',
        ['B', 'H', 'snow'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.2 × Permanent + 1.6 × B + 0.5 × H',
            '1.2 × Permanent + 1.6 × B + 0.5 × snow',
            '1.2 × Permanent + 1.6 × H + 0.5 × B',
            '1.2 × Permanent + 1.6 × snow + 0.5 × B',
        ],
    ],
    'ASCE 7-16 LRFD, assembly keeps its companion factor' => [
        'asce-7-16-lrfd',
        ['C', 'wind-up'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.2 × Permanent + 1.6 × C',
            '1.2 × Permanent + 1 × C + 1 × wind-up',
            '0.9 × Permanent + 1 × wind-up',
        ],
    ],
    'ASCE 7-16 LRFD, roof with snow and wind' => [
        'asce-7-16-lrfd',
        ['snow', 'wind-up'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.2 × Permanent + 1.6 × snow + 0.5 × wind-up',
            '1.2 × Permanent + 1 × wind-up + 0.5 × snow',
            '0.9 × Permanent + 1 × wind-up',
        ],
    ],
    'ASCE 7-22 LRFD, snow is at strength level' => [
        'asce-7-22-lrfd',
        ['B', 'snow', 'wind-up'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.2 × Permanent + 1.6 × B + 0.3 × snow',
            '1.2 × Permanent + 1 × snow + 0.5 × B',
            '1.2 × Permanent + 1 × snow + 0.5 × wind-up',
            '1.2 × Permanent + 1 × wind-up + 0.5 × B + 0.3 × snow',
            '0.9 × Permanent + 1 × wind-up',
        ],
    ],
    'ASCE 7-16 LRFD, earthquake' => [
        'asce-7-16-lrfd',
        ['B', 'snow', 'seismic'],
        Purpose::Seismic,
        ['1.2 × Permanent + 1 × seismic + 0.5 × B + 0.2 × snow', '0.9 × Permanent + 1 × seismic'],
    ],
    'ASCE 7-22 LRFD, earthquake' => [
        'asce-7-22-lrfd',
        ['B', 'snow', 'seismic'],
        Purpose::Seismic,
        ['1.2 × Permanent + 1 × seismic + 0.5 × B + 0.15 × snow', '0.9 × Permanent + 1 × seismic'],
    ],
    'ASCE 7-16 ASD' => [
        'asce-7-16-asd',
        ['B', 'snow', 'wind-up'],
        Purpose::Strength,
        [
            '1 × Permanent',
            '1 × Permanent + 1 × B',
            '1 × Permanent + 1 × snow',
            '1 × Permanent + 0.75 × B + 0.75 × snow',
            '1 × Permanent + 0.6 × wind-up',
            '1 × Permanent + 0.75 × B + 0.75 × snow + 0.45 × wind-up',
            '0.6 × Permanent + 0.6 × wind-up',
        ],
    ],
    'ASCE 7-22 ASD' => [
        'asce-7-22-asd',
        ['B', 'snow'],
        Purpose::Strength,
        [
            '1 × Permanent',
            '1 × Permanent + 1 × B',
            '1 × Permanent + 0.7 × snow',
            '1 × Permanent + 0.75 × B + 0.525 × snow',
        ],
    ],
    'ASCE 7-16 ASD, earthquake' => [
        'asce-7-16-asd',
        ['B', 'seismic'],
        Purpose::Seismic,
        [
            '1 × Permanent + 0.7 × seismic',
            '1 × Permanent + 0.75 × B + 0.525 × seismic',
            '0.6 × Permanent + 0.7 × seismic',
        ],
    ],
    'AS/NZS 1170.0, office' => [
        'as-nzs-1170',
        ['B', 'wind-up'],
        Purpose::Strength,
        [
            '1.35 × Permanent',
            '1.2 × Permanent + 1.5 × B',
            '1.2 × Permanent + 0.6 × B',
            '1.2 × Permanent + 1 × wind-up + 0.4 × B',
            '0.9 × Permanent + 1 × wind-up',
        ],
    ],
    'AS/NZS 1170.0, storage' => [
        'as-nzs-1170',
        ['E'],
        Purpose::Strength,
        ['1.35 × Permanent', '1.2 × Permanent + 1.5 × E', '1.2 × Permanent + 0.9 × E'],
    ],
    'AS/NZS 1170.0, roof with snow' => [
        'as-nzs-1170',
        ['H', 'snow'],
        Purpose::Strength,
        ['1.35 × Permanent', '1.2 × Permanent + 1.5 × H', '1.2 × Permanent', '1.2 × Permanent + 1 × snow'],
    ],
    'AS/NZS 1170.0, short-term' => [
        'as-nzs-1170',
        ['B'],
        Purpose::Characteristic,
        ['1 × Permanent + 0.7 × B', '1 × Permanent'],
    ],
    'AS/NZS 1170.0, long-term' => [
        'as-nzs-1170',
        ['B'],
        Purpose::QuasiPermanent,
        ['1 × Permanent + 0.4 × B', '1 × Permanent'],
    ],
    'NBC 2020, floor and snow' => [
        'nbc-2020',
        ['B', 'snow'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.25 × Permanent + 1.5 × B + 1 × snow',
            '0.9 × Permanent + 1.5 × B + 1 × snow',
            '1.25 × Permanent + 1.5 × snow + 1 × B',
            '0.9 × Permanent + 1.5 × snow + 1 × B',
        ],
    ],
    'NBC 2020, storage with snow' => [
        'nbc-2020',
        ['E', 'snow'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.25 × Permanent + 1.5 × E + 1 × snow',
            '0.9 × Permanent + 1.5 × E + 1 × snow',
            '1.25 × Permanent + 1.5 × E + 1.5 × snow',
            '0.9 × Permanent + 1.5 × E + 1.5 × snow',
        ],
    ],
    'NBC 2020, wind' => [
        'nbc-2020',
        ['B', 'wind-down'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.25 × Permanent + 1.5 × B + 0.4 × wind-down',
            '0.9 × Permanent + 1.5 × B + 0.4 × wind-down',
            '1.25 × Permanent + 1.4 × wind-down + 0.5 × B',
            '0.9 × Permanent + 1.4 × wind-down + 0.5 × B',
        ],
    ],
    'NBC 2020, earthquake' => [
        'nbc-2020',
        ['B', 'snow', 'seismic'],
        Purpose::Seismic,
        ['1 × Permanent + 1 × seismic + 0.5 × B + 0.25 × snow'],
    ],
    'dead 1.4, imposed 1.6' => [
        'classic',
        ['B', 'wind-up'],
        Purpose::Strength,
        [
            '1.4 × Permanent',
            '1.4 × Permanent + 1.6 × B',
            '1 × Permanent + 1.6 × B',
            '1.4 × Permanent + 1.4 × wind-up',
            '1 × Permanent + 1.4 × wind-up',
            '1.2 × Permanent + 1.2 × B + 1.2 × wind-up',
        ],
    ],
    'EN 1990, accidental with ψ1 leading' => [
        '6.10',
        ['A', 'snow', 'accidental'],
        Purpose::Accidental,
        ['1 × Permanent + 1 × accidental + 0.5 × A', '1 × Permanent + 1 × accidental + 0.3 × A + 0.2 × snow'],
    ],
    'EN 1990, seismic' => [
        '6.10',
        ['A', 'snow', 'seismic'],
        Purpose::Seismic,
        ['1 × Permanent + 1 × seismic + 0.3 × A'],
    ],
    'EN 1990, fire with ψ2' => ['6.10', ['A', 'wind-down'], Purpose::Fire, ['1 × Permanent + 0.3 × A']],
]);

it('takes the ψ that the nation chooses for accidents and fire', function (): void {
    $basis = ['parameters' => ['psiAccidental' => 2, 'psiFire' => 1]];
    expect(combinationTexts(['permanent', 'A', 'accidental'], Purpose::Accidental, $basis))
        ->toBe(['1 × Permanent + 1 × accidental + 0.3 × A'])
        ->and(combinationTexts(['permanent', 'A'], Purpose::Fire, $basis))
        ->toBe(['1 × Permanent + 0.5 × A']);
});

it('makes combinations for equilibrium when they are asked for', function (): void {
    $cases = [new LoadCase('g', 'G', Category::Permanent), new LoadCase('q', 'Floor', Category::B)];
    $of = fn (string $rules): array => array_values(
        array_filter(
            Generator::combinations($cases, BasisReader::read(['combinations' => $rules]), true),
            fn ($c): bool => $c->purpose === Purpose::Equilibrium,
        ),
    );
    [$en] = $of('6.10');
    expect($of('6.10'))
        ->toHaveCount(1)
        ->and([$en->permanent, $en->stabilising, $en->variable])
        ->toBe([1.1, 0.9, ['q' => 1.5]])
        ->and($en->text)
        ->toBe('1.1 or 0.9 × Permanent + 1.5 × Floor');
    foreach (BasisReader::COMBINATIONS as $rules) {
        expect($of($rules))->not->toBe([], $rules);
    }
});

it('lets one wind and one earthquake act at a time in every rule set', function (string $rules): void {
    $cases = array_map(fn (string $id): LoadCase => new LoadCase($id, $id, Category::from(explode(' ', $id)[0])), [
        'permanent',
        'B',
        'wind-up',
        'wind-down',
        'wind-down 2',
        'seismic',
        'seismic 2',
    ]);
    $all = Generator::combinations($cases, BasisReader::read(['combinations' => $rules]));
    $seen = [];
    foreach ($all as $c) {
        $acting = array_keys($c->variable);
        expect(count(preg_grep('/^wind/', $acting) ?: []))
            ->toBeLessThan(2)
            ->and(count(preg_grep('/^seismic/', $acting) ?: []))
            ->toBeLessThan(2);
        $seen += $c->variable;
    }
    expect(array_keys($seen))->toEqualCanonicalizing([
        'B',
        'wind-up',
        'wind-down',
        'wind-down 2',
        'seismic',
        'seismic 2',
    ]);
})->with(array_filter(BasisReader::COMBINATIONS, fn (string $rules): bool => $rules !== 'classic'));

it('refuses to weigh with factors of another standard, and says why', function (string $rules): void {
    $design = design(['basis' => ['combinations' => $rules]]);
    $set = RuleSet::of($rules);
    expect($set->isEn1993())
        ->toBe(in_array($rules, ['6.10', '6.10a/b', 'classic'], true))
        ->and($set->isAisc360())
        ->toBe(str_starts_with($rules, 'asce-7'));
    if ($set->steel === '') {
        expect($design->verdict()->holds())
            ->toBeFalse()
            ->and($design->verdict()->state === VerdictState::Fails)
            ->toBe(weighing($design, 'deflection-total')->ratio > 1)
            ->and($design->verdict()->reason)
            ->toContain('go with the resistances of')
            ->and(array_column($design->weighings, 'id'))
            ->toContain('deflection-total')
            ->not->toContain('bending');
    }
})->with(BasisReader::COMBINATIONS);

it('says when a load case is in no combination', function (): void {
    $rain = ['cases' => [['id' => 'q', 'name' => 'Pond', 'category' => 'rain']], 'loads' => [lineLoad('q', '3 kN/m')]];
    expect(fn () => design($rain))->toThrow(
        InvalidMember::class,
        'EN 1990 as built in has no combination with this kind of action',
    );
    $own = [
        'name' => 'Pond',
        'purpose' => 'strength',
        'permanent' => '',
        'factors' => [['case' => 'q', 'factor' => '1.5']],
    ];
    expect(design([...$rain, 'combinations' => [$own]])->combinations)
        ->toHaveCount(1)
        ->and(design([...$rain, 'basis' => ['combinations' => 'asce-7-16-lrfd']])->combinations)
        ->not->toBe([]);
});

it('leaves no kind of action out of strength unless it says so', function (string $rules): void {
    foreach (Category::cases() as $category) {
        if ($category === Category::Permanent) {
            continue;
        }
        $load = match ($category) {
            Category::Settlement => [
                'id' => 'l',
                'case' => 'x',
                'kind' => 'settlement',
                'x' => '6 m',
                'value' => '5 mm',
            ],
            Category::Temperature => ['id' => 'l', 'case' => 'x', 'kind' => 'temperature', 'value' => '10 K'],
            default => lineLoad('x', '3 kN/m'),
        };
        $change = [
            'length' => '12 m',
            'supports' => [supportAt('0 m'), supportAt('6 m'), supportAt('12 m')],
            'basis' => ['combinations' => $rules],
            'cases' => [
                ['id' => 'g', 'name' => 'G', 'category' => 'permanent'],
                ['id' => 'x', 'name' => 'X', 'category' => $category->value],
            ],
            'loads' => [lineLoad('g', '2 kN/m'), $load],
        ];
        try {
            expect(array_filter(design($change)->ultimate(), fn ($c): bool => isset($c->variable['x'])))->not->toBe(
                [],
                $category->value,
            );
        } catch (InvalidMember $e) {
            expect($e->errors[0]->path)
                ->toBe('cases.1.category')
                ->and(str_starts_with($rules, '6.10') ? $category->value : 'rain')
                ->toBe('rain');
        }
    }
})->with(BasisReader::COMBINATIONS);

it('lets an earthquake act either way', function (): void {
    $cases = [
        'cases' => [['id' => 'e', 'name' => 'Quake', 'category' => 'seismic']],
        'loads' => [['id' => 'p', 'case' => 'e', 'kind' => 'point', 'x' => '3 m', 'value' => '20 kN']],
    ];
    $design = design($cases);
    $extremes = (new Waage\Design\Result($design, Waage\Design\Show::envelope()))->extremes();
    $moments = array_column(array_filter($extremes, fn (array $e): bool => $e['effect'] === 'M'), null, 'arrangement');

    expect($moments['Quake']['value'])
        ->toBeNear(30e6)
        ->and($moments['Quake reversed']['value'])
        ->toBeNear(-30e6)
        ->and(weighing($design, 'buckling')->demand)
        ->toBeNear(30e6);
});

// ASCE 7-22, 12.4.2.2 with 2.3.6 and 2.4.5: E_v = 0.2 S_DS D, against what helps.
it('adds the vertical part of an earthquake', function (string $rules, array $permanent): void {
    $design = design([
        'section' => 'W12×19',
        'grade' => 'A992',
        'basis' => ['combinations' => $rules, 'parameters' => ['SDS' => 0.5]],
        'cases' => [
            ['id' => 'g', 'name' => 'D', 'category' => 'permanent'],
            ['id' => 'e', 'name' => 'E', 'category' => 'seismic'],
        ],
        'loads' => [lineLoad('g', '5 kN/m'), lineLoad('e', '2 kN/m')],
    ]);
    expect(
        array_values(
            array_unique(
                array_map(
                    fn ($c): float => round($c->permanent, 6),
                    array_filter($design->combinations, fn ($c): bool => $c->purpose === Purpose::Seismic),
                ),
            ),
        ),
    )->toEqualCanonicalizing($permanent);
})->with([['asce-7-22-lrfd', [1.3, 0.8]], ['asce-7-16-asd', [1.07, 1.0525, 0.53]]]);
