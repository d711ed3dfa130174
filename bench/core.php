<?php

declare(strict_types=1);

use Waage\Analysis\Beam;
use Waage\Analysis\Effect;
use Waage\Analysis\Envelope;
use Waage\Analysis\LoadSet;
use Waage\Checks\Detail;
use Waage\Design\Design;
use Waage\Design\Influence;
use Waage\Design\Result;
use Waage\Design\Show;
use Waage\Loading\Combination;
use Waage\Loading\Combinations;
use Waage\Loading\Purpose;
use Waage\Materials\Steel\En1993\CollapseCheck;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\MemberReader;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/documents.php';

echo "The core, warm, without a request:\n";
foreach ([[3, 12, 0.015, 30], [20, 100, 0.3, 5]] as [$spans, $loads, $limit, $runs]) {
    $document = benchDocument($spans, $loads);
    $times = timed($runs, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), $spans === 3 ? 30 : 4);
    row("One member, {$spans} spans, {$loads} loads, all combinations and weighings", $times, $limit);
}
$document = benchDocument(5, 30);
$times = timed(20, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), 20);
row('One member, 5 spans, 30 loads, all combinations and weighings', $times, 0.025);
$ask = ['effect' => 'M', 'x' => '8 m', 'load' => '5 kN/m', 'axles' => array_fill(0, 5, ['force' => '50 kN', 'distance' => '1.2 m'])];
$times = timed(20, fn () => Influence::of(MemberReader::member($document), $ask)->toArray(), 20);
row('Influence line, 5 spans, with a train of 5 axles', $times, 0.01);
// Loads, combinations and statics alone: arrangements, envelopes of every effect and their curves.
$statics = function (array $document): void {
    $member = MemberReader::member($document);
    $beam = Design::statics($member);
    $combinations = Combinations::of($member, $beam->actingCases())->acting;
    foreach ([Effect::Moment, Effect::Shear, Effect::Deflection, Effect::Slope] as $effect) {
        $of = array_values(array_filter($combinations, fn (Combination $c): bool => $effect === Effect::Moment || $effect === Effect::Shear ? $c->purpose->isForStrength() : $c->purpose === Purpose::Characteristic));
        $envelope = new Envelope($beam, $effect);
        foreach ([1, -1] as $sign) {
            // Of slopes the extremes are told only.
            $effect === Effect::Slope ?: $envelope->curve($of, $sign, SteelMake::of($member)->section->weight());
            $envelope->extreme($of, $sign, SteelMake::of($member)->section->weight());
        }
    }
};
foreach ([[5, 30, 0.025, 20, 40, 2, 2], [20, 200, 0.3, 7, 2, 4, 4]] as [$spans, $loads, $limit, $runs, $before, $snows, $winds]) {
    $many = manyCases(benchDocument($spans, $loads), $snows, $winds);
    $count = count((new Design(MemberReader::member($many), Detail::Verdict))->combinations);
    $times = timed($runs, fn () => $statics($many), $before);
    row("Statics of {$spans} spans, {$loads} loads, {$count} combinations, all arrangements", $times, $limit);
    $times = timed($runs, fn () => (new Result(new Design(MemberReader::member($many)), Show::envelope()))->toArray(), $before);
    row("One member, {$spans} spans, {$loads} loads, {$count} combinations", $times, $limit, sprintf('%.0f MB', memory_get_peak_usage() / 1e6));
}
$first = 0.0;
foreach ([50, 200, 400] as $rows) {
    $column = MemberReader::member(benchColumn($rows));
    $times = timed(9, fn () => new Design($column, Detail::Verdict));
    $first = $first === 0.0 ? $times[0] : $first;
    row("All weighings of a column with {$rows} rows of end forces", $times, 0.06 * $rows / 200, sprintf('%.1f times as long for %d times as many', $times[0] / $first, $rows / 50));
}
$american = ['section' => 'W21X44', 'grade' => 'A992', 'families' => ['W'], 'basis' => ['combinations' => 'asce-7-22-lrfd']];
$of = MemberReader::member([...manyCases(benchDocument(5, 30)), ...$american]);
$times = timed(20, fn () => (new Result(new Design($of), Show::envelope()))->toArray(), 40);
row('One member, 5 spans, 30 loads, '.count((new Design($of, Detail::Verdict))->combinations).' combinations, ANSI/AISC 360', $times, 0.025);
$of = MemberReader::member([...benchColumn(200), ...$american]);
$times = timed(9, fn () => new Design($of, Detail::Verdict));
row('All weighings of a column with 200 rows, ANSI/AISC 360', $times, 0.06);
$of = MemberReader::member([...manyCases(benchDocument(1, 16)), ...$american]);
$times = timed(3, fn () => (new Design($of, Detail::Verdict))->shortlist(), 1);
row('Shortlist of 180 W shapes, ANSI/AISC 360', $times, 1.0);
$plastic = new Design(MemberReader::member(['section' => 'IPE 500'] + $document), Detail::Verdict);
$times = timed(9, fn () => (new CollapseCheck($plastic->collapseQuestion('STR 1')))->toArray());
row('Plastic collapse of 5 spans, one combination, 6 arrangements', $times, 0.05);
$sprung = benchDocument(3, 12);
$sprung['supports'][1] = ['kind' => 'elastic', 'vertical' => '20 kN/mm'] + $sprung['supports'][1];
$times = timed(5, fn () => (new Design(MemberReader::member($sprung), Detail::Verdict))->shortlist());
row('Shortlist of all 90 sections on a spring, each with its own statics', $times, 1.0);
$families = ['IPE', 'HEAA', 'HEA', 'HEB', 'HEM', 'UB', 'UC', 'SHS', 'RHS', 'CHS', 'SHS cold'];
foreach ([2, 6, 11] as $n) {
    $wide = MemberReader::member(['families' => array_slice($families, 0, $n)] + manyCases(benchDocument(1, 16)));
    $sections = 0;
    $times = timed(5, function () use ($wide, &$sections): void {
        $sections = count((new Design($wide, Detail::Verdict))->shortlist());
    }, 1);
    row("Shortlist of {$sections} sections, ".count((new Design($wide, Detail::Verdict))->combinations).' combinations', $times, 1.0, sprintf('%.0f MB', memory_get_peak_usage() / 1e6));
}
foreach ([[['½ IPE', '½ HEAA', '½ HEA', '½ HEB', '½ HEM', '½ UB', '½ UC', 'L'], []], [['WT', 'L inch'], $american]] as [$of, $change]) {
    $lopsided = MemberReader::member([...manyCases(benchDocument(1, 16)), ...$change, 'families' => $of]);
    $sections = count((new Design($lopsided, Detail::Verdict))->shortlist());
    $times = timed(3, fn () => (new Design($lopsided, Detail::Verdict))->shortlist(), 1);
    row("Shortlist of {$sections} tees and angles".($change === [] ? '' : ', ANSI/AISC 360'), $times, 1.0);
}
$member = MemberReader::member(benchDocument(3, 12));
$times = timed(9, fn () => (new Design($member, Detail::Verdict))->shortlist());
row('Shortlist of all 90 sections', $times, 0.5);
foreach ([[3, 12, 0.1, 20], [10, 40, 0.3, 5]] as [$spans, $loads, $limit, $runs]) {
    $document = inConcrete(benchDocument($spans, $loads));
    $times = timed($runs, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), 10);
    row("Concrete beam, {$spans} spans, {$loads} loads, bars chosen anew", $times, $limit);
}
$flange = ['profile' => 'T', 'flangeWidth' => '2400 mm', 'flangeThickness' => '150 mm', 'flangeWeight' => 'slab'];
foreach ([['a T', $flange, '6.10'], ['ACI 318', ['grade' => '28 MPa'], 'asce-7-22-lrfd'], ['BS 8110', [], 'classic']] as [$what, $change, $rules]) {
    $document = inConcrete(benchDocument(3, 12));
    $document['concrete'] = [...$document['concrete'], ...$change];
    $document['basis'] = ['combinations' => $rules];
    $times = timed(20, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), 10);
    row("Concrete beam, {$what}, 3 spans, 12 loads, bars chosen anew", $times, 0.1);
}
$of = MemberReader::member(inConcrete(benchDocument(3, 12)));
$times = timed(5, fn () => (new Design($of, Detail::Verdict))->shortlist());
row('Shortlist of '.count((new Design($of, Detail::Verdict))->shortlist()).' sizes in concrete, each with its bars', $times, 1.0);
foreach ([['', '6.10', []], [', size found', '6.10', ['width' => '', 'depth' => '']], [', NDS', 'asce-7-22-asd', ['grade' => '24F-1.8E']], [', CSA O86', 'nbc-2020', ['grade' => 'D.Fir-L 20f-E']]] as [$what, $rules, $change]) {
    $document = ['basis' => ['combinations' => $rules]] + inTimber(benchDocument(3, 12), $change);
    $times = timed(20, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), 10);
    row("Timber beam{$what}, 3 spans, 12 loads", $times, 0.1);
}
$of = MemberReader::member(inTimber(benchDocument(3, 12)));
$times = timed(5, fn () => (new Design($of, Detail::Verdict))->shortlist());
row('Shortlist of '.count((new Design($of, Detail::Verdict))->shortlist()).' sizes of glulam', $times, 0.5);
foreach (['6.10', 'asce-7-22-lrfd', 'as-nzs-1170'] as $rules) {
    $document = ['basis' => ['combinations' => $rules]] + inThinSheet(benchDocument(3, 12));
    $times = timed(20, fn () => (new Result(new Design(MemberReader::member($document)), Show::envelope()))->toArray(), 10);
    row("Cold-formed joist, {$rules}, 3 spans, 12 loads", $times, 0.1);
}
$of = MemberReader::member(inThinSheet(benchDocument(3, 12)));
$times = timed(3, fn () => (new Design($of, Detail::Verdict))->shortlist());
row('Shortlist of '.count((new Design($of, Detail::Verdict))->shortlist()).' cold-formed sizes, their curves known', $times, 1.0);

// The statics alone against NumPy on the same beams.
$beams = [];
for ($i = 0; $i < 60; $i++) {
    $n = 2 + $i % 6;
    $supports = range(0, $n * 5000, 5000);
    $sets = [];
    for ($k = 0; $k < $n; $k++) {
        $sets[] = ['lines' => [[$k * 5000, ($k + 1) * 5000, 3 + $k, 5]], 'forces' => [[$k * 5000 + 1700, 4000 + 10 * $i]]];
    }
    $beams[] = ['supports' => $supports, 'sets' => $sets];
}
$solve = function () use ($beams): void {
    foreach ($beams as $beam) {
        $supports = array_map(floatval(...), $beam['supports']);
        $sets = array_map(function (array $s): LoadSet {
            $set = new LoadSet;
            foreach ($s['lines'] as [$a, $b, $qa, $qb]) {
                $set->line($a, $b, $qa, $qb);
            }
            foreach ($s['forces'] as [$x, $f]) {
                $set->force($x, $f);
            }

            return $set;
        }, $beam['sets']);
        Beam::onRigidSupports(end($supports), $supports, array_fill(0, count($supports), false))->solve($sets);
    }
};
[$ours] = timed(15, $solve);
$process = proc_open(['/usr/bin/python3', __DIR__.'/statics.py'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
fwrite($pipes[0], json_encode($beams, JSON_THROW_ON_ERROR));
fclose($pipes[0]);
$numpy = (float) stream_get_contents($pipes[1]);
proc_close($process);
printf("%-66s %9.1f ms   NumPy  %6.1f ms   %5.2f of it  (limit 3)\n", 'Statics of 60 continuous beams, span by span', 1000 * $ours, 1000 * $numpy, $ours / $numpy);
