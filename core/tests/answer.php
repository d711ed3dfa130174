<?php

declare(strict_types=1);

/** What the core answers to a member document on the standard input: result, full and brief sheet, collapse, shortlist, and reserve where it is asked for, as JSON. */

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
$job = new JobInfo('Test job', '26-001', 'Client', 'Engineer', '', 'Office', '2026-11-25', 'A');
$rates = Rates::read([
    'price' => 1.5,
    'coating' => 30,
    'carbon' => 1.2,
    'currency' => 'EUR',
    'favourites' => ['IPE 400', 'HEA 260'],
]);
echo json_encode(
    [
        'result' => (new Result($design, Show::envelope()))->toArray(),
        'full' => (new SheetBuilder($design, $job, true))->toArray(),
        'brief' => (new SheetBuilder($design, $job, false))->toArray(),
        'collapse' => $design->collapse(),
        ...in_array('reserve', $argv, true) ? ['reserve' => (new Reserve($document))->toArray()] : [],
        'shortlist' => array_map(fn (ShortlistRow $r): array => $r->toArray($rates), $design->shortlist()),
    ],
    JSON_THROW_ON_ERROR,
);
