<?php

declare(strict_types=1);

/**
 * A continuous beam with many loads in all kinds of cases, as a member document.
 *
 * @return array<string, mixed>
 */
function benchDocument(int $spans, int $loads): array
{
    $length = 6 * $spans;
    $support = fn (int $i): array => ['x' => 6 * $i.' m', 'kind' => 'pinned', 'bearing' => '150 mm'];
    $cases = [
        ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'], ['id' => 'q', 'name' => 'Floor', 'category' => 'B'],
        ['id' => 's', 'name' => 'Snow', 'category' => 'snow'], ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up'],
    ];
    $rows = [];
    for ($i = 0; $i < $loads; $i++) {
        $case = ['g', 'q', 'q', 's', 'g', 'w'][$i % 6];
        $from = round($length * ($i * 7 % $loads) / $loads * 0.8, 2);
        $to = round(min($length, $from + 4 + $i % 5), 2);
        $rows[] = match ($i % 4) {
            0 => ['id' => "l{$i}", 'case' => $case, 'kind' => 'line', 'value' => '6 kN/m'],
            1 => ['id' => "l{$i}", 'case' => $case, 'kind' => 'line', 'from' => "{$from} m", 'to' => "{$to} m", 'value' => '2 kN/m', 'end' => '5 kN/m'],
            2 => ['id' => "l{$i}", 'case' => $case, 'kind' => 'point', 'x' => "{$from} m", 'value' => '9 kN'],
            default => ['id' => "l{$i}", 'case' => $case, 'kind' => 'area', 'from' => "{$from} m", 'to' => "{$to} m", 'value' => '2 kN/m²', 'width' => '3 m'],
        };
    }

    return [
        'format' => 'waage-member', 'version' => 1, 'mark' => 'X', 'title' => 'Bench', 'notes' => '', 'length' => "{$length} m",
        'supports' => array_map($support, range(0, $spans)), 'section' => 'IPE 500', 'grade' => 'S355',
        'restraint' => ['top' => ['kind' => 'spacing', 'spacing' => '2 m'], 'bottom' => ['kind' => 'supports']],
        'loadHeight' => 'top', 'selfWeight' => true, 'cases' => $cases, 'loads' => $rows,
    ];
}

/**
 * The same loads in variable load cases of every kind, of which some exclude each other: 69 combinations, or with more
 * of them some 200.
 *
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function manyCases(array $document, int $snows = 2, int $winds = 2): array
{
    $categories = ['permanent', 'B', 'E', 'H', ...array_fill(0, $snows, 'snow'), ...array_fill(0, $winds, 'wind-down'), 'wind-up'];
    $document['cases'] = array_map(fn (string $c, int $i): array => ['id' => "c{$i}", 'name' => $c, 'category' => $c] + ($c === 'snow' ? ['alternatives' => 's'] : []), $categories, array_keys($categories));
    foreach ($document['loads'] as $i => $load) {
        $document['loads'][$i]['case'] = 'c'.$i % count($categories);
    }

    return $document;
}

/**
 * A column with many rows of end forces, as a member document.
 *
 * @return array<string, mixed>
 */
function benchColumn(int $rows): array
{
    $support = fn (string $x, string $kind): array => ['x' => $x, 'kind' => $kind, 'bearing' => '150 mm'];

    return [
        'slope' => ['by' => 'upright'], 'length' => '5 m', 'supports' => [$support('0 m', 'pinned'), $support('5 m', 'roller')], 'section' => 'HEB 240', 'loads' => [],
        'endForces' => array_map(fn (int $i): array => ['name' => "c{$i}", 'N' => (200 + $i * 37 % 500).' kN', 'My1' => ($i * 53 % 120 - 60).' kNm', 'My2' => ($i * 71 % 120 - 60).' kNm', 'Mz1' => ($i * 13 % 16 - 8).' kNm', 'Mz2' => ($i * 29 % 16 - 8).' kNm'], range(1, $rows)),
    ] + benchDocument(1, 0);
}

/**
 * Median, 95th percentile and least of the seconds that $f takes, after a warm-up. As in a request, cycles are
 * collected afterwards only.
 *
 * @return array{float, float, float}
 */
function timed(int $runs, Closure $f, int $warm = 3): array
{
    for ($i = 0; $i < $warm; $i++) {
        $f();
    }
    $times = [];
    for ($i = 0; $i < $runs; $i++) {
        gc_collect_cycles();
        gc_disable();
        $start = hrtime(true);
        $f();
        $times[] = (hrtime(true) - $start) / 1e9;
        gc_enable();
    }
    sort($times);

    return [$times[intdiv($runs, 2)], $times[(int) ceil(0.95 * $runs) - 1], $times[0]];
}

/**
 * One figure beside its limit. On a machine that others share the quickest of several runs is what the work itself
 * takes.
 *
 * @param  float|array{float, float, float}  $seconds  or timed()
 */
function row(string $what, float|array $seconds, float $limit, string $note = ''): void
{
    [$median, , $quickest] = is_array($seconds) ? $seconds : [$seconds, 0.0, $seconds];
    printf("%-70s %8.1f ms, quickest %7.1f ms   limit %6.0f ms   %5.2f, %5.2f of it  %s\n", $what, 1000 * $median, 1000 * $quickest, 1000 * $limit, $median / $limit, $quickest / $limit, $note);
}

/**
 * The same beam and loads in concrete, its bars and links left to be chosen.
 *
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function inConcrete(array $document): array
{
    $concrete = ['width' => '400 mm', 'depth' => '700 mm', 'grade' => 'C30/37', 'cover' => '35 mm', 'linkDiameter' => '10 mm'];

    return ['version' => 5, 'material' => 'concrete', 'concrete' => $concrete] + array_diff_key($document, ['section' => 0, 'grade' => 0]);
}

/**
 * The same beam and loads in timber.
 *
 * @param  array<string, mixed>  $document
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function inTimber(array $document, array $change = []): array
{
    $timber = ['width' => '200 mm', 'depth' => '800 mm', 'grade' => 'GL28h', ...$change];

    return ['version' => 5, 'material' => 'timber', 'timber' => $timber] + array_diff_key($document, ['section' => 0, 'grade' => 0]);
}

/**
 * The same beam and loads of a cold-formed C; loads of a floor are more than it carries.
 *
 * @param  array<string, mixed>  $document
 * @return array<string, mixed>
 */
function inThinSheet(array $document): array
{
    $sizes = ['shape' => 'lipped C', 'h' => '300 mm', 'b' => '80 mm', 'c' => '22 mm', 't' => '3 mm', 'yield' => '350 MPa'];

    return ['version' => 5, 'material' => 'coldFormed', 'coldFormed' => $sizes] + array_diff_key($document, ['section' => 0, 'grade' => 0]);
}
