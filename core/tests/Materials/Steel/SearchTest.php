<?php

declare(strict_types=1);

use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\Resistance;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Materials\Steel\Aisc360\LateralResistance as AmericanResistance;
use Waage\Materials\Steel\Aisc360\Method;
use Waage\Materials\Steel\Aisc360\Profiles;
use Waage\Materials\Steel\BucklingLength;
use Waage\Materials\Steel\BucklingLengths;
use Waage\Materials\Steel\En1993\LateralResistance;
use Waage\Materials\Steel\En1993\SteelSection;
use Waage\Materials\Steel\LateralBuckling;
use Waage\Materials\Steel\SectionStep;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\MemberReader;

/**
 * The greatest utilisation of every combination in every arrangement that is looked at, none passed over.
 *
 * @param  Closure(HeldLength, float): Resistance  $resistance
 */
function heaviestOfAll(Design $design, Closure $resistance): float
{
    $member = $design->member;
    $weight = SteelMake::of($member)->section->weight();
    $stretch = new SectionStep(0.0, $member->length, SteelMake::of($member)->section, SteelMake::of($member)->grade);
    $lateral = new LateralBuckling($design->beam, $design->envelopes->moment, $design->ultimate());
    $most = 0.0;
    foreach ($lateral->lengths() as $i => $diagrams) {
        $of = $resistance($diagrams->held, $weight);
        foreach ($design->ultimate() as $combination) {
            foreach (array_keys($diagrams->places) as $place) {
                $case = $diagrams->case($combination, $place);
                [$M] = $case->greatest($weight);
                $most =
                    $M <= 0.0
                        ? $most
                        : max(
                            $most,
                            $of->utilisation(
                                $case,
                                $lateral->shapes($i, [$stretch])->factor($case, $weight, $of->mostFactor($M)),
                            ),
                        );
            }
        }
    }

    return $most;
}

/** @return array<string, mixed> with four load cases that act together or not */
function randomCases(string $rules, Closure $load): array
{
    $cases = ['g' => 'permanent', 'q' => 'B', 's' => 'snow', 'w' => 'wind-down'];

    return [
        'selfWeight' => false,
        'basis' => ['combinations' => $rules],
        'cases' => array_map(
            fn (string $id, string $of): array => ['id' => $id, 'name' => $of, 'category' => $of],
            array_keys($cases),
            $cases,
        ),
        'loads' => array_merge(...array_map($load, array_keys($cases))),
    ];
}

it('finds the case that end moments make the heaviest, where k_c counts', function (int $seed): void {
    mt_srand($seed);
    $end = mt_rand(8, 20).' m';
    $moment = fn (string $case, string $x): array => [
        'id' => $case.$x,
        'case' => $case,
        'kind' => 'moment',
        'x' => $x,
        'value' => mt_rand(-60, 60).' kNm',
    ];
    $design = design([
        'length' => $end,
        'supports' => [supportAt('0 m'), supportAt($end)],
        'section' => ['IPE 300', 'HEA 200', 'IPE 450', 'UB 305×165×40', 'IPE 200'][$seed % 5],
        'grade' => 'S275',
        ...randomCases(
            '6.10',
            fn (string $case): array => $case === 'g' ? [] : [$moment($case, '0 m'), $moment($case, $end)],
        ),
    ]);
    $steel = new SteelSection(
        SteelMake::of($design->member)->section,
        SteelMake::of($design->member)->grade,
        $design->member->basis,
    );
    $all = heaviestOfAll(
        $design,
        fn (HeldLength $held, float $weight): Resistance => new LateralResistance(
            [[$steel, $held->from, $held->to]],
            $weight,
            null,
            $held->isPlain(),
        ),
    );
    expect((float) weighing($design, 'buckling')->ratio)->toBeGreaterThan($all * (1 - 1e-5));
})->with([923, 1962, ...range(1, 8)]);

it('finds the heaviest case by the American standard', function (int $seed): void {
    mt_srand($seed);
    [$first, $second] = [mt_rand(4, 10), mt_rand(4, 10)];
    $end = $first + $second;
    $hold = [['kind' => 'supports'], ['kind' => 'spacing', 'spacing' => '2 m'], ['kind' => 'continuous']];
    $design = design([
        'length' => "{$end} m",
        'supports' => [supportAt('0 m'), supportAt("{$first} m"), supportAt("{$end} m")],
        'section' => ['W18X50', 'W14X90', 'HSS 12×4×1/4'][$seed % 3],
        'grade' => ['A992', 'A992', 'A500 C'][$seed % 3],
        'loadHeight' => ['top', 'centre', 'bottom'][mt_rand(0, 2)],
        'restraint' => ['top' => $hold[mt_rand(0, 2)], 'bottom' => $hold[mt_rand(0, 1)]],
        ...randomCases(
            'asce-7-22-lrfd',
            fn (string $case): array => [
                lineLoad($case, mt_rand(1, 20).' kN/m'),
                [
                    'id' => "{$case}p",
                    'case' => $case,
                    'kind' => 'point',
                    'x' => mt_rand(1, $end - 1).' m',
                    'value' => mt_rand(1, 60).' kN',
                ],
            ],
        ),
    ]);
    $member = $design->member;
    $strength =
        Profiles::of(
            new SectionStep(0.0, $member->length, SteelMake::of($member)->section, SteelMake::of($member)->grade),
        )->lateral() ?? throw new LogicException('It buckles.');
    $all = heaviestOfAll(
        $design,
        fn (HeldLength $held, float $weight): Resistance => new AmericanResistance(
            [[$strength, $held->from, $held->to]],
            Method::LRFD,
            array_values(
                array_filter(
                    BucklingLengths::ofBoth($design->beam->beam, $member),
                    fn (BucklingLength $l): bool => $l->from >= $held->from - 1.0 && $l->to <= $held->to + 1.0,
                ),
            ),
            $weight,
            false,
        ),
    );
    expect((float) weighing($design, 'buckling')->ratio)->toBeGreaterThan($all * (1 - 1e-5));
})->with(range(1, 15));

// Sections that sagging and hogging buckle unlike share the diagrams that may govern with those of their kind.
it('weighs tees and angles of a shortlist as by themselves', function (int $seed): void {
    mt_srand($seed);
    $isAmerican = $seed % 2 === 0;
    $second = mt_rand(3, 6);
    $document = document([
        'length' => '10 m',
        'supports' => [supportAt('0 m'), supportAt("{$second} m", 'roller'), supportAt('10 m', 'roller')],
        'section' => $isAmerican ? 'W10X49' : 'IPE 300',
        'grade' => $isAmerican ? 'A992' : 'S275',
        'families' => $isAmerican ? ['WT', 'L inch'] : ['½ HEA', '½ UC', 'L'],
        'stemUp' => $seed % 3 === 0,
        'loadHeight' => ['top', 'centre'][mt_rand(0, 1)],
        ...randomCases(
            $isAmerican ? 'asce-7-22-lrfd' : '6.10',
            fn (string $case): array => [
                mt_rand(0, 1) === 1
                    ? lineLoad($case, mt_rand(-2, 4).' kN/m')
                    : [
                        'id' => "{$case}p",
                        'case' => $case,
                        'kind' => 'point',
                        'x' => mt_rand(1, 9).' m',
                        'value' => mt_rand(1, 9).' kN',
                    ],
            ],
        ),
    ]);
    $rows = (new Design(MemberReader::member($document), Detail::Verdict))->shortlist();
    shuffle($rows);
    foreach (array_slice($rows, 0, 12) as $row) {
        $alone = (new Design(MemberReader::member(['section' => $row->make->name()] + $document), Detail::Verdict))->verdict();
        expect($row->verdict->title)
            ->toBe($alone->title)
            ->and($row->verdict->ratio)
            ->toBeNear((float) $alone->ratio, 1e-4);
    }
})->with(range(1, 6));
