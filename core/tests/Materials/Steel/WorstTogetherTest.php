<?php

declare(strict_types=1);

use Waage\Checks\Detail;
use Waage\Checks\Place;
use Waage\Checks\Weighing;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelMake;
use Waage\Materials\Steel\Stretches;
use Waage\Materials\Steel\WorstTogether;
use Waage\Units\UnitSystem;

/**
 * A combination of which buckling takes its share of a utilisation, and the axial force is what it is.
 *
 * @return Closure(float, bool): list<Weighing>
 */
function sharing(string $name, float $axial, float $rest): Closure
{
    return fn (
        float $lateral,
        Detail $detail,
    ): array => [new Weighing('axial', 'Axial', '', $axial, at: new Place(x: null, combination: $name)), new Weighing('buckling', 'Buckling', '', $rest + $lateral, at: new Place(x: null, combination: $name), remark: $detail->hasLines() ? 'derived' : '')];
}

it('takes of each weighing the combination that is the worst for it', function (): void {
    $laterals = [0.1, 0.5, 0.3];
    $asked = [];
    $found = WorstTogether::weigh(
        [sharing('A', 0.9, 0.1), sharing('B', 0.2, 0.3), sharing('C', 0.4, 0.6)],
        'buckling',
        0.5,
        function (int $c) use ($laterals, &$asked): float {
            $asked[] = $c;

            return $laterals[$c];
        },
        Detail::Lines,
    );
    expect(array_column($found, 'combination', 'id'))
        ->toBe(['axial' => 'A', 'buckling' => 'C'])
        ->and(array_column($found, 'ratio', 'id'))
        ->toEqualWithDelta(['axial' => 0.9, 'buckling' => 0.9], 1e-12)
        ->and($found[1]->remark)
        ->toBe('derived')
        // C at most 1.1, B at most 0.8: C by itself is 0.9, so that B is not looked at, nor is A.
        ->and($asked)
        ->toBe([2]);
});

it('looks farther where a bound was too high', function (): void {
    $asked = [];
    $found = WorstTogether::weigh(
        [sharing('A', 0.1, 0.6), sharing('B', 0.1, 0.55)],
        'buckling',
        0.4,
        function (int $c) use (&$asked): float {
            $asked[] = $c;

            return [0.05, 0.4][$c];
        },
        Detail::Verdict,
    );
    expect($asked)
        ->toBe([0, 1])
        ->and(array_column($found, 'combination', 'id')['buckling'])
        ->toBe('B');
});

it('does without a weighing that buckling is part of', function (): void {
    $only = fn (float $lateral, Detail $detail): array => [
        new Weighing('axial', 'Axial', '', 0.5, at: new Place(x: null, combination: 'A')),
    ];
    expect(
        WorstTogether::weigh(
            [$only],
            'buckling',
            1.0,
            fn (int $c): float => throw new LogicException('Nothing to ask for.'),
            Detail::Lines,
        ),
    )
        ->toHaveCount(1)
        ->and(WorstTogether::weigh([], 'buckling', 0.0, fn (int $c): float => 0.0, Detail::Lines))
        ->toBe([]);
});

it('tells each weighing of the stretch where it is the heaviest, with the ranges of all', function (): void {
    $member = design(['steps' => [['from' => '2 m', 'to' => '4 m', 'section' => 'IPE 360']]])->member;
    $stretches = SteelMake::of($member)->stretches();
    $w = fn (float $ratio, float $from, float $to): Weighing => new Weighing(
        'bending',
        'Bending',
        '',
        $ratio,
        ranges: [[$from, $to, 1.0]],
        remark: 'As it is.',
    );
    $class = fn (int $class): Weighing => new Weighing('classification', 'Class', '', null, remark: "class {$class}");
    $found = Stretches::heaviest(
        $stretches,
        [[$class(1), $w(0.4, 4000.0, 6000.0)], [$class(3), $w(0.7, 0.0, 2000.0)], [$class(2), $w(0.5, 2000.0, 4000.0)]],
        [1, 3, 2],
        UnitSystem::Metric,
    );
    expect(array_map(fn (SectionStep $s): string => $s->section->name, $stretches))
        ->toBe(['IPE 300', 'IPE 360', 'IPE 300'])
        ->and($found[0]->remark)
        ->toBe('IPE 360, from x = 2.000 m to 4.000 m. class 3')
        ->and($found[1]->remark)
        ->toBe('IPE 360, from x = 2.000 m to 4.000 m. As it is.')
        ->and($found[1]->ratio)
        ->toBe(0.7)
        ->and(array_column($found[1]->ranges, 0))
        ->toBe([0.0, 2000.0, 4000.0])
        ->and(Stretches::named($w(0.4, 0.0, 1.0), $stretches[0], 1, UnitSystem::Metric)->remark)
        ->toBe('As it is.');
});
