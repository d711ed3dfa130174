<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Waage\Analysis\Beam;
use Waage\Analysis\Lateral\HeldLength;
use Waage\Analysis\Lateral\Mesh;
use Waage\Analysis\Lateral\MomentSampling;
use Waage\Analysis\Lateral\Stiffness;
use Waage\Analysis\Lateral\ThinWalledBeam;
use Waage\Analysis\LoadedBeam;
use Waage\Analysis\LoadSet;
use Waage\Analysis\PieceDiagram;
use Waage\Analysis\PieceResponses;
use Waage\Analysis\Polynomial;
use Waage\Analysis\Responses;
use Waage\Checks\Detail;
use Waage\Checks\Weighing;
use Waage\Design\Design;
use Waage\Materials\Steel\En1993\LocalBuckling;
use Waage\Materials\Steel\En1993\SteelSection;
use Waage\Materials\Steel\Sections\Catalogue;
use Waage\Materials\Steel\Sections\Section;
use Waage\Materials\Steel\Sections\UnequalI;
use Waage\Materials\Steel\SteelGrade;
use Waage\Materials\Steel\SteelMake;
use Waage\Member\Basis;
use Waage\Member\BasisReader;
use Waage\Member\Member;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

const INCH = 25.4;
const FOOT = 304.8;
const KIP = 4448.2216152605;

/**
 * A member document: 6 m between two pinned supports, IPE 300 in S235, 5 kN/m permanent and 10 kN/m imposed (B), no
 * self-weight, both flanges held at the supports.
 *
 * @param  array<string, mixed>  $change
 * @return array<string, mixed>
 */
function document(array $change = []): array
{
    return [
        'format' => 'waage-member',
        'version' => 1,
        'mark' => 'T1',
        'title' => 'Test beam',
        'notes' => '',
        'length' => '6 m',
        'supports' => [supportAt('0 m'), supportAt('6 m')],
        'section' => 'IPE 300',
        'grade' => 'S235',
        'restraint' => ['top' => ['kind' => 'supports'], 'bottom' => ['kind' => 'supports']],
        'loadHeight' => 'top',
        'selfWeight' => false,
        'cases' => [
            ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
            ['id' => 'q', 'name' => 'Imposed', 'category' => 'B'],
        ],
        'loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m')],
        ...$change,
    ];
}

/** @return array<string, string> */
function supportAt(string $x, string $kind = 'pinned'): array
{
    return ['x' => $x, 'kind' => $kind, 'bearing' => '150 mm'];
}

/**
 * @param  array<string, string>  $change
 * @return array<string, string>
 */
function lineLoad(string $case, string $value, array $change = []): array
{
    return [
        'id' => $case.'-'.$value,
        'case' => $case,
        'kind' => 'line',
        'name' => '',
        'remark' => '',
        'value' => $value,
        ...$change,
    ];
}

/** @return array<string, string> along a member of 3 m */
function braceForce(string $value): array
{
    return ['id' => 'p', 'case' => 'g', 'kind' => 'point', 'x' => '3 m', 'value' => $value, 'direction' => 'along'];
}

/**
 * One movement of a support in a load case of its own.
 *
 * @return array<string, mixed>
 */
function moved(string $kind, string $x, string $value, string $category = 'settlement'): array
{
    return [
        'cases' => [['id' => 'd', 'name' => 'Soil', 'category' => $category]],
        'loads' => [['id' => 'd1', 'case' => 'd', 'kind' => $kind, 'x' => $x, 'value' => $value]],
    ];
}

/** @param  array<string, mixed>  $change */
function design(array $change = [], Detail $detail = Detail::Verdict): Design
{
    return new Design(MemberReader::member(document($change)), $detail);
}

/**
 * The blocks of a sheet as JSON, to look for words in.
 *
 * @param  array<string, mixed>  $change
 */
function sheetText(array $change, bool $full): string
{
    return json_encode(
        (new SheetBuilder(design($change), new JobInfo(), $full))->toArray()['blocks'],
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
    );
}

function weighing(Design $design, string $id): Weighing
{
    foreach ($design->weighings as $w) {
        if ($w->id === $id) {
            return $w;
        }
    }
    throw new LogicException("No weighing {$id}.");
}

/**
 * N at which a section that is the same left and right buckles by bending about the minor axis and twisting together,
 * by bisection: (N − N_z)(N − N_T) i_0² = N² z_0².
 */
function twistsAsideAt(Section $s, float $L, float $E = 210e3, float $G = 81e3): float
{
    $z0 = $s->shearCentreAbove();
    $i2 = ($s->Iy + $s->Iz) / $s->A + $z0 ** 2;
    $NT = ($G * $s->It + (M_PI ** 2 * $E * $s->Iw) / $L ** 2) / $i2;
    $Nz = (M_PI ** 2 * $E * $s->Iz) / $L ** 2;
    [$low, $high] = [0.0, min($Nz, $NT)];
    for ($i = 0; $i < 100; $i++) {
        $N = ($low + $high) / 2;
        ($N - $Nz) * ($N - $NT) * $i2 > $N ** 2 * $z0 ** 2 ? ($low = $N) : ($high = $N);
    }

    return $low;
}

function section(string $name): Section
{
    return Catalogue::find($name) ?? throw new LogicException("No section {$name}.");
}

/** What a member of a section is made of. */
function made(string $section): SteelMake
{
    return SteelMake::of(MemberReader::member(document(['section' => $section])));
}

function unequal(string $name): UnequalI
{
    $section = section($name);

    return $section instanceof UnequalI ? $section : throw new LogicException('Flanges that differ are needed.');
}

/** @return array<string, list<string>> rows of published properties by name */
function publishedRows(string $table): array
{
    $rows = [];
    foreach (file(__DIR__."/data/{$table}.csv", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if ($line[0] !== '#' && ! str_starts_with($line, 'name')) {
            $cells = explode(',', $line);
            $rows[array_shift($cells)] = $cells;
        }
    }

    return $rows;
}

/** @param  array<string, mixed>  $parameters national parameters */
function basis(array $parameters = []): Basis
{
    return BasisReader::read(['parameters' => $parameters]);
}

/** @param  array<string, mixed>  $parameters national parameters */
function steel(string $section, SteelGrade $grade = SteelGrade::S235, array $parameters = []): SteelSection
{
    return new SteelSection(section($section), $grade, basis($parameters));
}

/** What would count of a section in class 4. */
function effective(SteelSection $steel): LocalBuckling
{
    return $steel->local ?? throw new LogicException('This section has no effective one.');
}

/** @return array{string, string} */
function curves(SteelSection $steel): array
{
    return $steel->profile->curves($steel->grade->isS460());
}

/** @param  array<int, float>  $factors  of the load sets; the one of self-weight does not count */
function pieceDiagram(LoadedBeam $beam, float $from, float $to, array $factors, float $permanent): PieceDiagram
{
    unset($factors[$beam->selfWeight ?? -1]);
    $responses = new PieceResponses($beam, $from, $to);

    return new PieceDiagram($responses, [[1.0, $responses->share($factors)]], $permanent);
}

/**
 * The answers of a program of core/tests/reference to a list of questions.
 *
 * @param  list<array<string, mixed>>  $questions
 * @return list<mixed>
 */
function reference(string $program, array $questions): array
{
    $process = proc_open(
        ['/usr/bin/python3', __DIR__."/reference/{$program}.py"],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
    );
    fwrite($pipes[0], json_encode($questions, JSON_THROW_ON_ERROR));
    fclose($pipes[0]);
    $answers = json_decode((string) stream_get_contents($pipes[1]), true);
    $errors = (string) stream_get_contents($pipes[2]);
    proc_close($process);

    return is_array($answers) ? array_values($answers) : throw new RuntimeException($errors);
}

function random(int $seed): Randomizer
{
    return new Randomizer(new Mt19937($seed));
}

/**
 * A beam with a random layout and a random set of loads; numbers without units (EI = 1).
 *
 * @return array{Beam, LoadSet}
 */
function randomBeam(int $seed): array
{
    $r = random($seed);
    $number = fn (int $least, int $most): float => $r->getInt($least, $most) / 4;
    $supports = [];
    $x = $r->getInt(0, 2) === 0 ? $number(2, 8) : 0.0;
    for ($n = $r->getInt(1, 4), $i = 0; $i < $n; $i++) {
        $supports[] = $x;
        $x += $number(8, 32);
    }
    $length = $r->getInt(0, 1) === 0 && $n > 1 ? end($supports) : $x;
    $fixed = array_map(fn (): bool => $r->getInt(0, 4) === 0, $supports);
    $fixed[0] = $fixed[0] || $n === 1;
    $set = new LoadSet();
    for ($i = $r->getInt(1, 5); $i > 0; $i--) {
        $a = $r->getInt(0, (int) (4 * $length) - 1) / 4;
        $b = $r->getInt((int) (4 * $a) + 1, (int) (4 * $length)) / 4;
        match ($r->getInt(0, 3)) {
            0 => $set->force($a, $number(-20, 40)),
            1 => $set->moment($a, $number(-20, 20)),
            default => $set->line($a, $b, $number(-8, 16), $number(-8, 16)),
        };
    }

    return [Beam::onRigidSupports($length, $supports, $fixed), $set];
}

/** Moment of set 0 at x, from the segment on the right of x unless $left. */
function momentAt(Responses $r, float $x, bool $left = false, int $set = 0): float
{
    $k = $r->segmentAt($x, $left);

    return Polynomial::value($r->M[$set][$k], $x - $r->breaks[$k]);
}

function deflectionAt(Responses $r, float $x, int $set = 0): float
{
    $k = $r->segmentAt($x);

    return Polynomial::value($r->W[$set][$k], $x - $r->breaks[$k]);
}

/** Is a equal to b within a part of b (or of $scale)? */
function near(float $a, float $b, float $part = 1e-9, float $scale = 0.0): bool
{
    return abs($a - $b) <= $part * max(abs($b), $scale);
}

/** @return array<string, array<string, mixed>> documents of the demo, and some that reach the other formulas */
function documentsToRecompute(): array
{
    $documents = [];
    $read = fn (string $file): array => json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);
    foreach (['demo', 'demo/us', 'demo/classic', 'demo/canada'] as $folder) {
        $basis = $read(__DIR__."/../../database/{$folder}/basis.json");
        foreach (glob(__DIR__."/../../database/{$folder}/*.waage.json") ?: [] as $file) {
            $documents[basename($file)] = [...$read($file), 'basis' => $basis];
        }
    }
    $heavy = [
        'length' => '1.2 m',
        'supports' => [supportAt('0 m'), supportAt('1.2 m')],
        'loads' => [
            lineLoad('g', '20 kN/m'),
            ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '0.5 m', 'value' => '200 kN'],
        ],
    ];

    return $documents + [
        'general curves, class 3, load below' => document([
            'section' => 'HEA 300',
            'grade' => 'S355',
            'loadHeight' => 'bottom',
            'basis' => ['parameters' => ['rolledCurves' => false, 'gammaM1' => 1.1]],
        ]),
        'rolled curves without f, load at the centre' => document([
            'loadHeight' => 'centre',
            'basis' => ['parameters' => ['modifyChi' => false]],
        ]),
        'high shear, class 1' => document($heavy),
        'high shear, class 3' => document([
            ...$heavy,
            'section' => 'HEA 260',
            'grade' => 'S460',
            'loads' => [['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '0.5 m', 'value' => '600 kN']],
        ]),
        'column, class 1' => document([
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'HEB 200',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '300 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '4 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'column, class 3 in compression, short' => document([
            'slope' => ['by' => 'upright'],
            'length' => '1.2 m',
            'supports' => [supportAt('0 m'), supportAt('1.2 m', 'roller')],
            'section' => 'IPE 360',
            'grade' => 'S275',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '1.2 m',
                    'value' => '900 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '4 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'camber' => document(['camber' => '4 mm']),
        'camber that is too much' => document(['camber' => '12 mm']),
        'tie' => document([
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '-400 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '4 kN/m'),
            ],
        ]),
        'storeys' => document(['loads' => [lineLoad('g', '5 kN/m'), lineLoad('q', '10 kN/m', ['storeys' => '5'])]]),
        'plates, the other flange held' => document([
            'length' => '8 m',
            'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('8 m')],
            'loads' => [lineLoad('g', '20 kN/m')],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
            'steps' => [
                [
                    'from' => '0 m',
                    'to' => '8 m',
                    'section' => 'IPE 300',
                    'plateWidth' => '100 mm',
                    'plateThickness' => '8 mm',
                ],
            ],
        ]),
        'a length with two sections' => document([
            'length' => '7 m',
            'supports' => [supportAt('0 m'), supportAt('7 m')],
            'steps' => [['from' => '2.5 m', 'to' => '4.5 m', 'section' => 'IPE 360']],
        ]),
        'angle, class 4, held' => document([
            'section' => 'L 200×100×10',
            'grade' => 'S355',
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        ]),
        'angle, class 4, free' => document([
            'section' => 'L 200×100×10',
            'grade' => 'S355',
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m')],
        ]),
        ...array_merge(
            ...array_map(
                fn (string $section): array => [
                    "{$section}, twisted" => document([
                        'section' => $section,
                        'length' => '3 m',
                        'supports' => [supportAt('0 m'), supportAt('3 m')],
                        'loads' => [lineLoad('g', '1 kN/m', ['across' => '30 mm'])],
                    ]),
                ],
                ['UPE 200', '½ HEB 200', 'L 100×100×10', 'flat 200×20', 'round 60', 'strips 3: -60,0 0,0 0,200 60,200'],
            ),
        ),
        ...array_map(
            fn (array $change): array => document([
                ...$change,
                'length' => '9 m',
                'grade' => 'S355',
                'supports' => [[...supportAt('0 m'), 'stiffened' => true], [...supportAt('9 m'), 'stiffened' => true]],
            ]),
            [
                'unequal flanges, class 4' => ['section' => 'welded I 1200×400×250×8×20×15'],
                'unequal flanges, class 4, the smaller one compressed' => ['section' => 'welded I 900×150×420×6×12×10'],
                'unequal flanges, class 4, all of the web compressed' => ['section' => 'welded I 500×100×400×4×8×80'],
            ],
        ),
        ...array_map(
            fn (string $section): array => document([
                'slope' => ['by' => 'upright'],
                'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                'section' => $section,
                'loads' => [
                    [
                        'id' => 'p',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '6 m',
                        'value' => '90 kN',
                        'direction' => 'along',
                    ],
                    lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                    lineLoad('g', '0.5 kN/m', ['direction' => 'sideways']),
                ],
            ]),
            [
                'tee, both axes' => '½ HEB 300',
                'channel, both axes' => 'UPE 240',
                'unequal flanges, both axes' => 'welded I 400×300×200×12×20×15',
                'unequal flanges, both axes, class 4' => 'welded I 400×300×200×5×20×8',
            ],
        ),
        ...array_map(
            fn (string $force): array => document([
                'slope' => ['by' => 'angle', 'value' => '40 deg'],
                'strutEnds' => 'centroid',
                'length' => '3 m',
                'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
                'section' => 'L 100×100×10',
                'loads' => [
                    [
                        'id' => 'p',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '3 m',
                        'value' => $force,
                        'direction' => 'along',
                    ],
                    lineLoad('g', '0.5 kN/m'),
                ],
            ]),
            ['angle, pressed and bent' => '40 kN', 'angle, pulled and bent' => '-40 kN'],
        ),
        ...array_map(
            fn (string $force): array => document([
                'slope' => ['by' => 'upright'],
                'length' => '3 m',
                'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
                'section' => 'strips 4: -60,0 0,0 0,200 60,200',
                'loads' => [
                    [
                        'id' => 'p',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '3 m',
                        'value' => $force,
                        'direction' => 'along',
                    ],
                    lineLoad('g', '0.2 kN/m', ['direction' => 'normal']),
                ],
            ]),
            ['strips, pressed and bent' => '20 kN', 'strips, pulled and bent' => '-20 kN'],
        ),
        'tube, class 4' => document([
            'section' => 'tube 800×4',
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '400 kN',
                    'direction' => 'along',
                ],
                lineLoad('g', '2 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'strips, free' => document([
            'section' => 'strips 6: 90,0 90,200; 5: 30,0 90,0; 8: 90,200 40,220',
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m')],
        ]),
        'closed formulas' => document([
            'basis' => ['parameters' => ['closedForms' => true]],
            'restraint' => [
                'top' => ['kind' => 'positions', 'positions' => ['2.5 m']],
                'bottom' => ['kind' => 'supports'],
            ],
        ]),
        ...array_map(
            fn (array $change): array => document([
                'section' => 'W16X26',
                'grade' => 'A992',
                ...$change,
                'basis' => ['combinations' => 'asce-7-22-lrfd', ...$change['basis'] ?? []],
            ]),
            [
                'American, elastic' => [],
                'American, inelastic, ASD' => [
                    'restraint' => [
                        'top' => ['kind' => 'spacing', 'spacing' => '2 m'],
                        'bottom' => ['kind' => 'supports'],
                    ],
                    'basis' => ['combinations' => 'asce-7-16-asd'],
                ],
                'American, by C_b' => ['basis' => ['parameters' => ['closedForms' => true]]],
                'American, flange noncompact, short' => [
                    'section' => 'W21X48',
                    'length' => '1.5 m',
                    'supports' => [supportAt('0 m'), supportAt('1.5 m')],
                ],
                'American, flange slender' => ['section' => 'welded I 424×600×10×12', 'grade' => 'A572 50'],
                'American, flange noncompact, welded' => [
                    'section' => 'welded I 424×300×6×12',
                    'grade' => 'A572 50',
                    'length' => '9 m',
                    'supports' => [supportAt('0 m'), supportAt('9 m')],
                ],
                'American, point loads' => [
                    'supports' => [supportAt('0 m'), supportAt('4 m'), supportAt('6 m')],
                    'loads' => [
                        lineLoad('g', '5 kN/m'),
                        ['id' => 'a', 'case' => 'q', 'kind' => 'point', 'x' => '2 m', 'value' => '40 kN'],
                        ['id' => 'b', 'case' => 'q', 'kind' => 'point', 'x' => '4 m', 'value' => '90 kN'],
                    ],
                ],
                'American, column' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'W10X49',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '400 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '4 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'American, slender column, both axes' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'W16X26',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '150 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '2 kN/m', ['direction' => 'normal']),
                        lineLoad('g', '0.5 kN/m', ['direction' => 'sideways']),
                    ],
                ],
                'American, flange of a column slender, lengths given' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'welded I 300×400×8×9',
                    'grade' => 'A572 50',
                    'effectiveLengths' => ['y' => '9 m', 'z' => '3 m'],
                    'basis' => ['combinations' => 'asce-7-16-asd'],
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '250 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('g', '0.5 kN/m', ['direction' => 'sideways']),
                    ],
                ],
                'American column that changes' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'W10X49',
                    'steps' => [
                        [
                            'from' => '0 m',
                            'to' => '3 m',
                            'section' => 'W10X49',
                            'plateWidth' => '200 mm',
                            'plateThickness' => '12 mm',
                        ],
                    ],
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '400 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '4 kN/m', ['direction' => 'normal']),
                    ],
                ],
                ...array_merge(
                    ...array_map(
                        fn (string $length): array => [
                            "American, unequal flanges, {$length}" => [
                                'section' => 'welded I 600×300×200×10×20×15',
                                'grade' => 'A572 50',
                                'length' => $length,
                                'supports' => [supportAt('0 m'), supportAt($length)],
                            ],
                            "American, unequal flanges, noncompact, {$length}" => [
                                'section' => 'welded I 900×420×150×8×14×12',
                                'grade' => 'A572 50',
                                'length' => $length,
                                'supports' => [supportAt('0 m'), supportAt($length)],
                            ],
                        ],
                        ['2 m', '7 m', '16 m'],
                    ),
                ),
                'American, unequal flanges, both signs' => [
                    'section' => 'welded I 600×300×200×10×20×15',
                    'grade' => 'A572 50',
                    'supports' => [supportAt('0 m'), supportAt('3 m'), supportAt('6 m')],
                ],
                ...array_merge(
                    ...array_map(
                        fn (string $section): array => array_merge(
                            ...array_map(
                                fn (string $length): array => [
                                    "American, {$section}, slender web, {$length}" => [
                                        'section' => $section,
                                        'grade' => 'A572 50',
                                        'length' => $length,
                                        'supports' => [supportAt('0 m'), supportAt($length)],
                                    ],
                                ],
                                ['2 m', '7 m', '16 m'],
                            ),
                        ),
                        [
                            'welded I 1600×300×200×8×20×15',
                            'welded I 1600×420×300×8×12×10',
                            'welded I 1600×500×300×8×10×10',
                        ],
                    ),
                ),
                'American, unequal flanges, the smaller one compressed' => [
                    'section' => 'welded I 600×120×300×10×10×20',
                    'grade' => 'A572 50',
                ],
                ...array_merge(
                    ...array_map(
                        fn (string $section): array => array_merge(
                            ...array_map(
                                fn (string $length): array => [
                                    "American, {$section}, free, {$length}" => [
                                        'section' => $section,
                                        'grade' => 'A36',
                                        'length' => $length,
                                        'supports' => [supportAt('0 m'), supportAt($length)],
                                    ],
                                ],
                                ['2 m', '9 m'],
                            ),
                        ),
                        ['L8×8×1/2', 'L4×4×1/4', 'L6×4×3/8', 'strips 3: -60,0 0,0 0,200 60,200'],
                    ),
                ),
                ...array_merge(
                    ...array_map(
                        fn (string $section): array => [
                            "American, {$section}, twisted" => [
                                'section' => $section,
                                'grade' => 'A36',
                                'length' => '3 m',
                                'supports' => [supportAt('0 m'), supportAt('3 m')],
                                'loads' => [lineLoad('g', '1 kN/m', ['across' => '30 mm'])],
                            ],
                        ],
                        ['C12×25', 'WT7×34', 'L6×4×3/8', 'flat 200×20', 'round 60', 'strips 3: -60,0 0,0 0,200 60,200'],
                    ),
                ),
                ...array_map(
                    fn (string $section): array => [
                        'slope' => ['by' => 'upright'],
                        'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                        'section' => $section,
                        'grade' => 'A572 50',
                        'loads' => [
                            [
                                'id' => 'p',
                                'case' => 'g',
                                'kind' => 'point',
                                'x' => '6 m',
                                'value' => '90 kN',
                                'direction' => 'along',
                            ],
                            lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                            lineLoad('g', '0.5 kN/m', ['direction' => 'sideways']),
                        ],
                    ],
                    [
                        'American, tee, both axes' => 'WT7×34',
                        'American, unequal flanges, both axes' => 'welded I 400×300×200×12×20×15',
                        'American, unequal flanges, both axes, slender' => 'welded I 600×300×280×5×8×8',
                    ],
                ),
                'American, strips, pressed and bent' => [
                    'slope' => ['by' => 'upright'],
                    'length' => '3 m',
                    'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
                    'section' => 'strips 4: -60,0 0,0 0,200 60,200',
                    'grade' => 'A36',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '3 m',
                            'value' => '20 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('g', '0.2 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'American, angle, pressed and bent' => [
                    'slope' => ['by' => 'angle', 'value' => '40 deg'],
                    'strutEnds' => 'centroid',
                    'length' => '3 m',
                    'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
                    'section' => 'L4×4×1/2',
                    'grade' => 'A36',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '3 m',
                            'value' => '40 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('g', '0.5 kN/m'),
                    ],
                ],
                'American, tie' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '-200 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '2 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'American, hollow beam' => [
                    'section' => 'HSS 12×4×1/4',
                    'grade' => 'A500 C',
                    'loads' => [
                        lineLoad('g', '2 kN/m'),
                        lineLoad('q', '3 kN/m'),
                        lineLoad('g', '1 kN/m', ['direction' => 'sideways']),
                    ],
                ],
                'American, hollow beam, long, by C_b' => [
                    'section' => 'HSS 12×4×3/8',
                    'grade' => 'A500 C',
                    'length' => '30 m',
                    'supports' => [supportAt('0 m'), supportAt('30 m')],
                    'basis' => ['parameters' => ['closedForms' => true]],
                ],
                'American, slender hollow post' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'HSS 10×10×3/16',
                    'grade' => 'A500 C',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '600 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '2 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'American, noncompact hollow beam' => ['section' => 'HSS 9×7×1/4', 'grade' => 'A500 C'],
                'American, pipe' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'Pipe 6 Std',
                    'grade' => 'A53 B',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '40 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'American, thin tube' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'CHS 508×6 cold',
                    'grade' => 'A500 C',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '400 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                    ],
                ],
                ...array_merge(
                    ...array_map(
                        fn (string $flange): array => [
                            "American, girder with a noncompact web, {$flange} mm" => [
                                'section' => "welded I 1000×{$flange}×8×20",
                                'grade' => 'A572 50',
                                'length' => '16 m',
                                'supports' => [
                                    supportAt('0 m') + ['stiffened' => true],
                                    supportAt('16 m') + ['stiffened' => true],
                                ],
                            ],
                            "American, girder with a slender web, {$flange} mm" => [
                                'section' => "welded I 1240×{$flange}×8×20",
                                'grade' => 'A572 50',
                                'restraint' => [
                                    'top' => ['kind' => 'spacing', 'spacing' => '2 m'],
                                    'bottom' => ['kind' => 'supports'],
                                ],
                            ],
                        ],
                        ['300', '500', '800'],
                    ),
                ),
                'American, channel' => [
                    'section' => 'C12×20.7',
                    'grade' => 'A36',
                    'loads' => [lineLoad('g', '1 kN/m')],
                ],
                'American, channel by C_b' => [
                    'section' => 'C12×20.7',
                    'grade' => 'A36',
                    'basis' => ['parameters' => ['closedForms' => true]],
                ],
                'American, channel as a post' => [
                    'slope' => ['by' => 'upright'],
                    'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                    'section' => 'C12×25',
                    'grade' => 'A36',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '40 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('g', '0.2 kN/m', ['direction' => 'sideways']),
                    ],
                ],
                ...array_map(
                    fn (string $angle): array => [
                        'section' => $angle,
                        'grade' => 'A36',
                        'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
                    ],
                    [
                        'American, angle' => 'L4×4×1/2',
                        'American, noncompact angle' => 'L6×4×3/8',
                        'American, slender angle' => 'L8×8×1/2',
                    ],
                ),
                ...array_map(fn (array $change): array => ['section' => 'flat 125×12', 'grade' => 'A36', ...$change], [
                    'American, flat, elastic' => [],
                    'American, flat, inelastic, by C_b' => [
                        'section' => 'flat 125×50',
                        'basis' => ['parameters' => ['closedForms' => true]],
                    ],
                    'American, round' => ['section' => 'round 100', 'loads' => [lineLoad('g', '0.5 kN/m')]],
                ]),
                'American, welded box' => ['section' => 'welded box 400×300×8', 'grade' => 'A36'],
                'American, load that makes the web sway' => [
                    'section' => 'W10X12',
                    'length' => '12 m',
                    'supports' => [supportAt('0 m'), supportAt('12 m')],
                    'loads' => [['id' => 'a', 'case' => 'q', 'kind' => 'point', 'x' => '6 m', 'value' => '9 kN']],
                ],
            ],
        ),
        'hollow beam, high shear' => document([
            ...$heavy,
            'section' => 'RHS 250×150×8',
            'grade' => 'S275',
            'loads' => [['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '0.5 m', 'value' => '500 kN']],
        ]),
        'hollow post' => document([
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'SHS 150×150×8 cold',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '120 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '2 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'tube, bent both ways' => document([
            'section' => 'CHS 219.1×8',
            'loads' => [lineLoad('g', '3 kN/m'), lineLoad('q', '2 kN/m', ['direction' => 'sideways'])],
        ]),
        'channel' => document([
            'section' => 'UPE 240',
            'loads' => [lineLoad('g', '3 kN/m'), lineLoad('q', '2 kN/m', ['direction' => 'sideways'])],
        ]),
        'channel as a post' => document([
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'UPN 200',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '60 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '1 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'angle' => document([
            'section' => 'L 150×90×12',
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        ]),
        ...array_map(
            fn (array $change): array => document([
                ...$change,
                'length' => '3 m',
                'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
            ]),
            [
                'tee' => ['section' => '½ HEB 200'],
                'tee of class 4' => ['section' => '½ IPE 300', 'stemUp' => true],
                'tee of class 4 as a post' => [
                    'slope' => ['by' => 'upright'],
                    'section' => '½ IPE 300',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '3 m',
                            'value' => '20 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '0.4 kN/m', ['direction' => 'normal']),
                    ],
                ],
                'channel of class 4' => ['section' => 'welded channel 400×150×4×6'],
                'tee, stem up' => ['section' => '½ HEA 240', 'stemUp' => true],
                'tee as a post' => [
                    'slope' => ['by' => 'upright'],
                    'section' => '½ HEB 240',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '3 m',
                            'value' => '60 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                    ],
                ],
                ...array_merge(
                    ...array_map(
                        fn (string $tee): array => [
                            "American {$tee}" => [
                                'section' => $tee,
                                'grade' => 'A992',
                                'basis' => ['combinations' => 'asce-7-22-lrfd'],
                            ],
                            "American {$tee}, stem up" => [
                                'section' => $tee,
                                'grade' => 'A992',
                                'stemUp' => true,
                                'basis' => ['combinations' => 'asce-7-16-asd'],
                            ],
                        ],
                        ['WT5×6', 'WT7×34', 'WT12×27.5'],
                    ),
                ),
                'American tee, long' => [
                    'section' => 'WT8×25',
                    'grade' => 'A992',
                    'basis' => ['combinations' => 'asce-7-22-lrfd'],
                    'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'supports']],
                ],
                'American tee, pressed' => [
                    'section' => 'WT7×15',
                    'grade' => 'A992',
                    'slope' => ['by' => 'upright'],
                    'basis' => ['combinations' => 'asce-7-22-lrfd'],
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '3 m',
                            'value' => '60 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '1 kN/m', ['direction' => 'normal']),
                    ],
                ],
            ],
        ),
        ...array_map(
            fn (array $change): array => document([
                'slope' => ['by' => 'upright'],
                'length' => '3 m',
                'supports' => [supportAt('0 m'), supportAt('3 m', 'roller')],
                'loads' => [braceForce('30 kN')],
                ...$change,
            ]),
            [
                'brace' => ['section' => 'L 100×100×10', 'strutEnds' => 'upright'],
                'brace of class 4, centred' => [
                    'section' => 'L 150×90×10',
                    'grade' => 'S355',
                    'strutEnds' => 'centroid',
                ],
                'brace, pulled' => [
                    'section' => 'L 100×100×10',
                    'strutEnds' => 'flat',
                    'loads' => [braceForce('-30 kN')],
                ],
                ...array_map(
                    fn (array $change): array => [...$change, 'basis' => ['combinations' => 'asce-7-22-lrfd']],
                    [
                        'American brace' => ['section' => 'L6×4×3/8', 'grade' => 'A992', 'strutEnds' => 'flat'],
                        'American brace, long' => ['section' => 'L4×4×1/4', 'grade' => 'A36', 'strutEnds' => 'upright'],
                        'American brace, centred' => [
                            'section' => 'L8×8×1/2',
                            'grade' => 'A913 65',
                            'strutEnds' => 'centroid',
                        ],
                        'American brace, pulled' => [
                            'section' => 'L4×4×1/4',
                            'grade' => 'A36',
                            'strutEnds' => 'upright',
                            'loads' => [braceForce('-30 kN')],
                        ],
                    ],
                ),
            ],
        ),
        'built of strips' => document([
            'section' => 'strips 12: 0,0 200,0; 10: 100,6 100,130',
            'length' => '2 m',
            'supports' => [supportAt('0 m'), supportAt('2 m')],
            'restraint' => ['top' => ['kind' => 'continuous'], 'bottom' => ['kind' => 'continuous']],
        ]),
        'slender web' => document([
            'section' => 'welded I 800×250×10×15',
            'grade' => 'S355',
            'supports' => [[...supportAt('0 m'), 'stiffened' => true], [...supportAt('6 m'), 'stiffened' => true]],
            'loads' => [lineLoad('q', '160 kN/m')],
        ]),
        'unequal flanges' => document([
            'section' => 'welded I 600×300×200×10×20×15',
            'grade' => 'S355',
            'length' => '9 m',
            'supports' => [supportAt('0 m'), supportAt('9 m')],
            'loads' => [
                lineLoad('g', '8 kN/m'),
                ['id' => 'p', 'case' => 'q', 'kind' => 'point', 'x' => '3 m', 'value' => '60 kN'],
            ],
        ]),
        ...array_map(
            fn (array $change): array => document([
                'slope' => ['by' => 'upright'],
                'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
                'loads' => [
                    [
                        'id' => 'p',
                        'case' => 'g',
                        'kind' => 'point',
                        'x' => '6 m',
                        'value' => '150 kN',
                        'direction' => 'along',
                    ],
                    lineLoad('q', '4 kN/m', ['direction' => 'normal']),
                ],
                'basis' => ['parameters' => ['annexA' => true]],
                ...$change,
            ]),
            [
                'Annex A' => ['section' => 'HEB 200'],
                'Annex A, class 3' => ['section' => 'HEA 280', 'grade' => 'S355'],
                'Annex A, hollow' => ['section' => 'SHS 150×150×8'],
                'Annex A, both axes' => [
                    'section' => 'HEB 200',
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'g',
                            'kind' => 'point',
                            'x' => '6 m',
                            'value' => '150 kN',
                            'direction' => 'along',
                        ],
                        lineLoad('q', '4 kN/m', ['direction' => 'normal']),
                        lineLoad('q', '1 kN/m', ['direction' => 'sideways']),
                    ],
                ],
            ],
        ),
        'high shear with compression, both axes' => document([
            'slope' => ['by' => 'upright'],
            'length' => '0.6 m',
            'supports' => [supportAt('0 m', 'fixed')],
            'section' => 'HEB 200',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '0.6 m',
                    'value' => '200 kN',
                    'direction' => 'along',
                ],
                [
                    'id' => 'v',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '0.6 m',
                    'value' => '160 kN',
                    'direction' => 'normal',
                ],
                lineLoad('g', '4 kN/m', ['direction' => 'sideways']),
            ],
        ]),
        ...array_map(
            fn (array $change): array => document([
                'loads' => [
                    lineLoad('g', '4 kN/m', ['across' => '60 mm']),
                    [
                        'id' => 'p',
                        'case' => 'q',
                        'kind' => 'point',
                        'x' => '2 m',
                        'value' => '20 kN',
                        'across' => '120 mm',
                    ],
                ],
                ...$change,
            ]),
            [
                'torsion of a hollow section' => ['section' => 'RHS 200×100×8'],
                'torsion of an I section' => ['section' => 'HEB 240'],
                'torsion and high shear' => [
                    'section' => 'CHS 168.3×5',
                    'length' => '2.2 m',
                    'supports' => [supportAt('0 m'), supportAt('2.2 m')],
                    'loads' => [
                        [
                            'id' => 'p',
                            'case' => 'q',
                            'kind' => 'point',
                            'x' => '0.2 m',
                            'value' => '120 kN',
                            'across' => '80 mm',
                        ],
                    ],
                ],
                'torsion of an American hollow section' => [
                    'section' => 'HSS 8×4×1/4',
                    'grade' => 'A500 C',
                    'basis' => ['combinations' => 'asce-7-22-lrfd'],
                ],
                'torsion of a W shape' => [
                    'section' => 'W10×49',
                    'grade' => 'A992',
                    'basis' => ['combinations' => 'asce-7-22-lrfd'],
                ],
                'torsion of an American pipe' => [
                    'section' => 'Pipe 6 Std',
                    'grade' => 'A53 B',
                    'basis' => ['combinations' => 'asce-7-16-asd'],
                ],
            ],
        ),
        'flat on edge' => document([
            'section' => 'flat 200×20',
            'length' => '3 m',
            'supports' => [supportAt('0 m'), supportAt('3 m')],
            'loads' => [lineLoad('g', '2 kN/m'), lineLoad('q', '0.1 kN/m', ['direction' => 'sideways'])],
        ]),
        'round post' => document([
            'slope' => ['by' => 'upright'],
            'length' => '2 m',
            'supports' => [supportAt('0 m'), supportAt('2 m', 'roller')],
            'section' => 'round 60',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '2 m',
                    'value' => '40 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '0.3 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'column of two sections' => document([
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'HEB 160',
            'steps' => [['from' => '0 m', 'to' => '4 m', 'section' => 'HEB 200']],
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '150 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '2 kN/m', ['direction' => 'normal']),
            ],
        ]),
        'girder of class 4' => document([
            'section' => 'welded I 1200×350×8×12',
            'grade' => 'S355',
            'length' => '12 m',
            'supports' => [[...supportAt('0 m'), 'stiffened' => true], [...supportAt('12 m'), 'stiffened' => true]],
            'loads' => [lineLoad('q', '75 kN/m')],
        ]),
        'box of class 4, bent both ways' => document([
            'section' => 'welded box 700×300×4',
            'loads' => [lineLoad('g', '3 kN/m'), lineLoad('q', '2 kN/m', ['direction' => 'sideways'])],
        ]),
        'post of class 4' => document([
            'slope' => ['by' => 'upright'],
            'supports' => [supportAt('0 m'), supportAt('6 m', 'roller')],
            'section' => 'welded I 300×400×4×6',
            'grade' => 'S355',
            'loads' => [
                [
                    'id' => 'p',
                    'case' => 'g',
                    'kind' => 'point',
                    'x' => '6 m',
                    'value' => '200 kN',
                    'direction' => 'along',
                ],
                lineLoad('q', '2 kN/m', ['direction' => 'normal']),
                lineLoad('g', '0.5 kN/m', ['direction' => 'sideways']),
            ],
        ]),
        'welded box' => document(['section' => 'welded box 300×200×8']),
        'cantilever' => document([
            'supports' => [supportAt('0 m', 'fixed')],
            'section' => 'HEB 300',
            'selfWeight' => true,
        ]),
    ];
}

/** A random continuous member with two imposed cases, snow and wind up. */
function patternedMember(int $seed): Member
{
    $r = random($seed);
    $x = $r->getInt(0, 1) * 1.5;
    $supports = [];
    for ($n = $r->getInt(2, 4), $i = 0; $i < $n; $i++) {
        $supports[] = supportAt("{$x} m", $r->getInt(0, 5) === 0 ? 'fixed' : 'pinned');
        $x += $r->getInt(6, 16) / 2;
    }
    $length = $r->getInt(0, 1) === 0 ? (float) $supports[$n - 1]['x'] : (float) $supports[$n - 1]['x'] + 1.25;
    $place = fn (): array => [
        'from' => ($length * $r->getInt(0, 40)) / 100 .' m',
        'to' => ($length * $r->getInt(50, 100)) / 100 .' m',
    ];

    return MemberReader::member(
        document([
            'length' => "{$length} m",
            'supports' => $supports,
            'section' => 'IPE 400',
            'selfWeight' => true,
            'cases' => [
                ['id' => 'g', 'name' => 'Permanent', 'category' => 'permanent'],
                ['id' => 'a', 'name' => 'Floor', 'category' => 'B'],
                ['id' => 'e', 'name' => 'Store', 'category' => 'E'],
                ['id' => 's', 'name' => 'Snow', 'category' => 'snow'],
                ['id' => 'w', 'name' => 'Wind', 'category' => 'wind-up'],
            ],
            'loads' => [
                lineLoad('g', '4 kN/m'),
                lineLoad('a', '9 kN/m', $place()),
                lineLoad('e', '3 kN/m', [...$place(), 'end' => '7 kN/m']),
                ['id' => 'p', 'case' => 'a', 'kind' => 'point', 'x' => $length * 0.37.' m', 'value' => '12 kN'],
                ['id' => 'm', 'case' => 's', 'kind' => 'moment', 'x' => $length * 0.81.' m', 'value' => '6 kNm'],
                lineLoad('s', '2 kN/m'),
                lineLoad('w', '5 kN/m'),
            ],
        ]),
    );
}

/** @param  array<string, mixed>  $data */
function faultsAgainst(string $schema, array $data): string
{
    $validator = new Validator();
    $validator->resolver()?->registerPrefix('https://waage.example/schema/', __DIR__.'/../schema/');
    foreach (glob(__DIR__.'/../schema/*.schema.json') ?: [] as $file) {
        $text = json_decode((string) file_get_contents($file));
        $validator->resolver()?->registerFile($text->{'$id'}, $file);
    }
    $text = json_decode((string) file_get_contents(__DIR__."/../schema/{$schema}.schema.json"));
    $result = $validator->validate(json_decode((string) json_encode($data)), $text->{'$id'});
    $error = $result->error();

    return $error === null ? '' : (string) json_encode((new ErrorFormatter())->format($error));
}

expect()->extend('toBeNear', function (float $expected, float $part = 1e-9, float $scale = 0.0) {
    /** @var float $value */
    $value = $this->value;
    expect(near($value, $expected, $part, $scale))->toBeTrue("{$value} is not {$expected} within {$part}.");

    return $this;
});

/** Least eigenvalue of a length under a uniform moment of a sign, between forks unless said otherwise, Nmm. */
function uniformCritical(Section $s, int $sign, float $L, ?HeldLength $held = null): float
{
    $mesh = new Mesh($held ?? new HeldLength(0.0, $L, [0.0, $L]), [$L / 2]);
    $moments = (new MomentSampling($mesh, [[0, 0.0, 0.0, $L]]))->of([[$sign * 1e6]]);
    $stiffness = new Stiffness(
        SteelGrade::E * $s->Iz,
        SteelGrade::E * $s->Iw,
        SteelGrade::G * $s->It,
        $s->shearLevel(),
        $s->monosymmetry(),
    );

    return 1e6 *
        (new ThinWalledBeam($mesh, array_fill(0, count($mesh->elements), $stiffness), $s->hs / 2, 0.0))
            ->under($moments, $moments)
            ->least(null, 1e9)[0];
}

/** @return array<string, float> results of the lines of a weighing, by symbol */
function linesOf(Design $design, string $id): array
{
    return array_column(weighing($design, $id)->lines, 'result', 'symbol');
}
