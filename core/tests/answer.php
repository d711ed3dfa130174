<?php

declare(strict_types=1);

/** The core's result of a member document on the standard input, and what else the arguments ask for, as JSON. */

use Waage\Design\Design;
use Waage\Design\Rates;
use Waage\Design\Reserve;
use Waage\Design\Result;
use Waage\Design\ShortlistRow;
use Waage\Design\Show;
use Waage\Member\Member;
use Waage\Member\MemberReader;
use Waage\Sheets\JobInfo;
use Waage\Sheets\SheetBuilder;

require __DIR__.'/../../vendor/autoload.php';

$document = json_decode((string) stream_get_contents(STDIN), true, flags: JSON_THROW_ON_ERROR);
$design = new Design(MemberReader::member($document));
$sheet = fn (bool $full): array => (new SheetBuilder(
    $design,
    new JobInfo('Test job', '26-001', 'Client', 'Engineer', '', 'Office', '2026-11-25', 'A'),
    $full,
))->toArray();
$rates = Rates::read([
    'price' => 1.5,
    'coating' => 30,
    'carbon' => 1.2,
    'currency' => 'EUR',
    'favourites' => ['IPE 400', 'HEA 260'],
]);
$answers = [
    'result' => fn (): array => (new Result($design, Show::envelope()))->toArray(),
    'full' => fn (): array => $sheet(true),
    'brief' => fn (): array => $sheet(false),
    'collapse' => fn (): array => $design->collapse(),
    'reserve' => fn (): array => (new Reserve($document))->toArray(),
    'shortlist' => fn (): array => array_map(fn (ShortlistRow $r): array => $r->toArray($rates), $design->shortlist()),
];
echo json_encode(
    array_map(fn (Closure $answer): array => $answer(), array_intersect_key($answers, array_flip(['result', ...array_slice($argv, 1)]))),
    JSON_THROW_ON_ERROR,
);
