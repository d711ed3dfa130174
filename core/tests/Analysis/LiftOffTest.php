<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\BeamSupport;
use Waage\Analysis\Contact;
use Waage\Analysis\Effect;
use Waage\Analysis\LoadSet;
use Waage\Analysis\Polynomial;
use Waage\Design\Design;
use Waage\Design\Reactions;
use Waage\Loading\Combination;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\SteelGrade;

/** @return list<array<string, mixed>> two spans of 6 m; the right support bears only */
function bearing(): array
{
    return [supportAt('0 m'), supportAt('6 m'), ['bearsOnly' => true, ...supportAt('12 m')]];
}

/** @param  array<string, mixed>  $change */
function lifting(array $change = []): Design
{
    return design(['length' => '12 m', 'supports' => bearing(), 'liftsOff' => true, ...$change]);
}

/** @return list<Combination> */
function purpose(Design $design, Purpose $purpose): array
{
    return array_values(array_filter($design->combinations, fn (Combination $c): bool => $c->purpose === $purpose));
}

it('leaves a simple beam and a free end where the far support lifts off', function (): void {
    // 80 kN in the middle of the first span: held down the far support would pull with 3/32 P (beam tables); lifted off
    // M = P L / 4, and the free end rises by the slope of the simple beam, P L² / 16 EI, times L.
    $point = ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '3 m', 'value' => '80 kN'];
    $design = lifting(['loads' => [$point]]);
    $EI = SteelGrade::E * section('IPE 300')->Iy;
    expect($design->envelopes->moment->extreme($design->ultimate(), 1, 0.0)?->value)
        ->toBeNear((1.5 * 80_000 * 6000) / 4, 1e-9)
        ->and($design->envelopes->moment->extreme($design->ultimate(), -1, 0.0)?->value)
        ->toBeNear(0.0, 1e-9, 1.0)
        ->and($design->envelopes->deflection->extreme(purpose($design, Purpose::Characteristic), -1, 0.0)?->value / $EI)
        ->toBeNear((-80_000 * 6000 ** 3) / 16 / $EI, 1e-9);
    $lifts = array_column($design->lifts, 'lift', 'combination');
    expect($lifts['CHA 1'])
        ->toBeNear((80_000 * 6000 ** 3) / 16 / $EI, 1e-9)
        ->and($design->lifts[0]['arrangement'])
        ->toBe('Imposed, off support 3');
    // Nothing presses there, in none of the arrangements; the middle support takes half.
    [$reactions] = (new Reactions($design))->toArray()['combinations'];
    expect(max(array_map(abs(...), $reactions['forces'][2])))
        ->toBeLessThan(1e-6)
        ->and($reactions['forces'][1][0])
        ->toBeNear(60_000.0, 1e-9);
});

it('is the member on all its supports as long as nothing lifts off', function (): void {
    $change = [
        'loads' => [lineLoad('g', '12 kN/m'), lineLoad('q', '3 kN/m')],
        'length' => '12 m',
        'supports' => bearing(),
    ];
    $held = design($change);
    $free = lifting($change);
    expect($free->lifts)->toBe([])->and($free->combinations)->toEqual($held->combinations);
    foreach (['bending', 'shear', 'buckling', 'deflection-total', 'deflection-variable'] as $id) {
        expect(weighing($free, $id)->ratio)->toBe(weighing($held, $id)->ratio);
    }
});

it('weighs the variable part of a deflection from where permanent load has left the member', function (): void {
    // The overhang rises off its prop under imposed load on the span; permanent load presses it on.
    $design = lifting([
        'loads' => [lineLoad('g', '2 kN/m'), lineLoad('q', '20 kN/m', ['from' => '0 m', 'to' => '6 m'])],
    ]);
    $EI = SteelGrade::E * section('IPE 300')->Iy;
    // By hand: the prop carries 3/8 · 2 · 6 = 4.5 kN under permanent load alone. All loads: a free end of the slope
    // q L³ / 24 of the span less what the permanent load on the overhang bends it back.
    $span = (22 * 6000 ** 3) / 24 - (((2 * 6000 ** 2) / 2) * 6000) / 3;
    $total = ($span * 6000 - (2 * 6000 ** 4) / 8) / $EI;
    $characteristic = purpose($design, Purpose::Characteristic);
    expect($design->envelopes->deflection->extreme($characteristic, -1, 0.0)?->value / $EI)
        ->toBeNear(-$total, 1e-9)
        ->and(weighing($design, 'deflection-total')->demand)
        ->toBeNear($total, 1e-9)
        // Under permanent load alone the end is on its prop: all of its rise is the variable part.
        ->and(weighing($design, 'deflection-variable')->demand)
        ->toBeNear($total, 1e-9);
});

it('tips over when the outermost supports alone could not hold it', function (float $overhang, bool $holds): void {
    // By hand: 0.9 g 8² / 2 = (1.1 g + 1.5 q) a² / 2 with g = 4, q = 6 kN/m: a = √(0.9 · 4 · 64 / 13.4) = 4.1465 m.
    $design = design([
        'length' => 8 + $overhang.' m',
        'supports' => [
            ['bearsOnly' => true, ...supportAt('0 m')],
            ['bearsOnly' => true, ...supportAt('4 m')],
            supportAt('8 m'),
        ],
        'liftsOff' => true,
        'loads' => [lineLoad('g', '4 kN/m'), lineLoad('q', '6 kN/m')],
    ]);
    expect(weighing($design, 'uplift-1')->holds())
        ->toBe($holds)
        ->and(weighing($design, 'uplift-1')->title)
        ->toBe('Tipping over support 3')
        ->and(weighing($design, 'uplift-1')->ratio)
        ->toBeNear((13.4 * $overhang ** 2) / (0.9 * 4 * 64), 1e-9);
})->with([[4.146, true], [4.147, false]]);

it('tells a combination that tips the member and is not weighed for it', function (): void {
    // 20 · 6 · 3 = 360 kNm hold against 6 · 4 · 2 = 48 kNm; ten times as much in a fire do not.
    $design = design([
        'length' => '10 m',
        'supports' => [['bearsOnly' => true, ...supportAt('0 m')], supportAt('6 m')],
        'liftsOff' => true,
        'loads' => [lineLoad('g', '20 kN/m', ['to' => '6 m']), lineLoad('q', '6 kN/m', ['from' => '6 m'])],
        'combinations' => [
            [
                'name' => 'Fire',
                'purpose' => 'fire',
                'permanent' => '1',
                'factors' => [['case' => 'q', 'factor' => '10']],
            ],
        ],
    ]);
    expect(weighing($design, 'uplift-1')->holds())
        ->toBeTrue()
        ->and(weighing($design, 'uplift')->isCovered())
        ->toBeFalse()
        ->and(weighing($design, 'uplift')->remark)
        ->toContain('Under OWN 1')
        ->and($design->verdict()->holds())
        ->toBeFalse();
});

/**
 * The support forces of a beam that bears on its inner supports only, by trying which of them are there: the same
 * question without any lifted support.
 *
 * @param  list<float>  $places
 * @return array{Beam, list<int>}|null
 */
function tried(float $length, array $places, LoadSet $loads): ?array
{
    for ($state = 0, $n = count($places); $state < 2 ** $n; $state++) {
        $there = array_values(array_filter(range(0, $n - 1), fn (int $i): bool => (($state >> $i) & 1) === 0));
        if (count($there) < 2) {
            continue;
        }
        $beam = new Beam($length, array_map(fn (int $i): BeamSupport => BeamSupport::pinned($places[$i]), $there));
        $responses = $beam->solve([$loads]);
        $presses = array_filter($responses->reactions[0], fn (array $r): bool => $r[0] < -1e-6) === [];
        $above = true;
        foreach (array_diff(range(0, $n - 1), $there) as $i) {
            $k = $responses->segmentAt($places[$i]);
            $above =
                $above &&
                Polynomial::value(
                    $responses->polynomial(Effect::Deflection, 0, $k),
                    $places[$i] - $responses->breaks[$k],
                ) < 0.0;
        }
        if ($presses && $above) {
            return [$beam, $there];
        }
    }

    return null;
}

it('finds the supports that are pressed, as trying all of them does', function (): void {
    $random = random(11);
    $several = $tipped = 0;
    for ($run = 0; $run < 300; $run++) {
        $places = [0.0];
        for ($i = $random->getInt(2, 5); $i > 0; $i--) {
            $places[] = end($places) + $random->getInt(2000, 7000);
        }
        $length = end($places) + $random->getInt(0, 1) * 3000.0;
        $loads = (new LoadSet())->line(0.0, $length, 1.0, 1.0);
        for ($i = $random->getInt(1, 3); $i > 0; $i--) {
            $loads->force((float) $random->getInt(0, (int) $length), (float) $random->getInt(-12_000, 30_000));
        }
        $beam = new Beam($length, array_map(BeamSupport::pinned(...), $places));
        $sets = [
            $loads,
            ...array_map(fn (int $i): LoadSet => (new LoadSet())->displacement($i, -1.0, 0.0), array_keys($places)),
        ];
        $reactions = array_map(fn (array $of): array => array_column($of, 0), $beam->solve($sets)->reactions);
        $stiffness = [];
        foreach (array_keys($places) as $i) {
            foreach (array_keys($places) as $j) {
                $stiffness[$i][$j] = $reactions[$j + 1][$i];
            }
        }
        $lifts = (new Contact($stiffness))->lifts($reactions[0], $loads->size($length));
        $tried = tried($length, $places, $loads);
        if ($tried === null || $lifts === null) {
            expect($lifts)->toBeNull()->and($tried)->toBeNull();
            $tipped++;

            continue;
        }
        $off = array_keys($lifts);
        sort($off);
        expect($off)->toBe(array_values(array_diff(array_keys($places), $tried[1])));
        $several += (int) (count($off) > 1);
        $forces = array_column($tried[0]->solve([$loads])->reactions[0], 0);
        foreach ($tried[1] as $at => $i) {
            $force =
                $reactions[0][$i] +
                array_sum(
                    array_map(fn (float $lift, int $j): float => $lift * $stiffness[$i][$j], $lifts, array_keys($lifts)),
                );
            expect($force)->toBeNear($forces[$at], 1e-6, 1.0);
        }
    }
    expect($several)->toBeGreaterThan(20)->and($tipped)->toBeGreaterThan(2);
});

it('gives each section of a shortlist the contact that its own weight makes', function (): void {
    $change = [
        'selfWeight' => true,
        'families' => ['IPE'],
        'loads' => [lineLoad('q', '4 kN/m', ['from' => '0 m', 'to' => '6 m'])],
    ];
    foreach (lifting($change)->shortlist() as $row) {
        expect($row->verdict->ratio)->toBeNear(
            (float) lifting([...$change, 'section' => $row->make->name()])->verdict()->ratio,
            1e-9,
        );
    }
});
