<?php

declare(strict_types=1);

// Fifty accounts at once, each with an edit every three seconds: a design request, and the save that follows it.

use App\Models\Job;
use App\Models\Office;
use App\Models\User;
use App\Services\MemberStore;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Hash;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/documents.php';
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();

const ACCOUNTS = 50;
const EVERY = 3.0;
const SECONDS = 45.0;
/** As the editor waits before it saves, s. */
const DEBOUNCE = 0.7;

$base = (string) getenv('WAAGE_URL');
$basis = ['standard' => 'EN', 'units' => 'metric'];
$document = benchDocument(3, 12);
unset($document['basis']);
$hash = Hash::make('lantern ferry gravel 9');
$accounts = [];
foreach (range(1, ACCOUNTS) as $i) {
    $office = Office::query()->firstOrCreate(['name' => 'Office '.($i % 10)]);
    $user = User::query()->updateOrCreate(['email' => "bench{$i}@example.test"], ['office_id' => $office->id, 'name' => "Bench {$i}", 'password' => 'x']);
    User::query()->whereKey($user->id)->toBase()->update(['password' => $hash]);
    $job = new Job(['name' => "Bench {$i}", 'number' => '', 'client' => '', 'engineer' => '', 'checker' => '', 'basis' => $basis]);
    $job->office()->associate($office);
    $job->save();
    $member = app(MemberStore::class)->create($job, $document);
    $jar = tempnam('/tmp', 'bench');
    // Each from a place of its own, as in an office: so many sign in at once from none.
    $accounts[] = ['id' => $member->id, 'jar' => $jar, 'from' => '127.0.1.'.$i, 'revision' => 1, 'document' => $document, 'count' => 0, 'email' => $user->email];
}

$handle = function (array $account, string $method, string $path, mixed $body) use ($base): CurlHandle {
    preg_match('/XSRF-TOKEN\s+(\S+)/', (string) @file_get_contents($account['jar']), $m);
    $curl = curl_init();
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_INTERFACE => $account['from'],
        CURLOPT_COOKIEJAR => $account['jar'], CURLOPT_COOKIEFILE => $account['jar'], CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($m[1] ?? '')], CURLOPT_ENCODING => 'gzip',
    ]);

    return $curl;
};
foreach ($accounts as $account) {
    foreach ([['GET', '/api/session', null], ['POST', '/api/session', ['email' => $account['email'], 'password' => 'lantern ferry gravel 9']]] as [$method, $path, $body]) {
        $curl = $handle($account, $method, $path, $body);
        curl_exec($curl);
        curl_getinfo($curl, CURLINFO_HTTP_CODE) < 400 || throw new RuntimeException("{$path}: ".curl_getinfo($curl, CURLINFO_HTTP_CODE));
        unset($curl);
    }
}

/** @var list<array{float, string, int}> $due when, what and by which account */
$due = array_map(fn (int $i): array => [$i * EVERY / ACCOUNTS, 'design', $i], array_keys($accounts));
$multi = curl_multi_init();
$running = new SplObjectStorage;
$times = ['design' => [], 'save' => []];
$failed = 0;
$start = microtime(true);
while (true) {
    $now = microtime(true) - $start;
    usort($due, fn (array $a, array $b): int => $a[0] <=> $b[0]);
    while ($due !== [] && $due[0][0] <= $now && $now < SECONDS) {
        [$when, $what, $i] = array_shift($due);
        if ($what === 'design') {
            $accounts[$i]['document']['loads'][0]['value'] = (5 + ++$accounts[$i]['count'] / 10).' kN/m';
            $due[] = [$when + EVERY, 'design', $i];
            $due[] = [$now + DEBOUNCE, 'save', $i];
        }
        $a = $accounts[$i];
        $curl = $what === 'design'
            ? $handle($a, 'POST', '/api/design', ['document' => [...$a['document'], 'basis' => $basis], 'show' => 'envelope'])
            : $handle($a, 'PUT', "/api/members/{$a['id']}", ['document' => $a['document'], 'revision' => $a['revision']]);
        curl_multi_add_handle($multi, $curl);
        $running[$curl] = [$what, $i];
    }
    curl_multi_exec($multi, $active);
    while ($done = curl_multi_info_read($multi)) {
        $curl = $done['handle'];
        [$what, $i] = $running[$curl];
        $running->detach($curl);
        $times[$what][] = curl_getinfo($curl, CURLINFO_TOTAL_TIME);
        if (curl_getinfo($curl, CURLINFO_HTTP_CODE) !== 200) {
            $failed++;
        } elseif ($what === 'save') {
            $accounts[$i]['revision'] = json_decode((string) curl_multi_getcontent($curl), true)['revision'];
        }
        curl_multi_remove_handle($multi, $curl);
    }
    if ($now > SECONDS && $running->count() === 0) {
        break;
    }
    curl_multi_select($multi, 0.005);
}
echo "\n".ACCOUNTS.' accounts, each with an edit every '.EVERY." s (design and save):\n";
foreach ($times as $what => $all) {
    sort($all);
    row(ucfirst($what).' request, 95th percentile', $all[(int) (0.95 * count($all))], 0.3, sprintf('%d requests, median %.0f ms', count($all), 1000 * $all[intdiv(count($all), 2)]));
}
echo "  {$failed} of them failed.\n";

/**
 * Median time of a design request of the first account, which asks without a pause, while others ask what they ask, s.
 */
$alone = function (array $others) use ($accounts, $handle, $basis, $multi): float {
    foreach ($others as $curl) {
        curl_multi_add_handle($multi, $curl);
    }
    $times = [];
    while (count($times) < 60) {
        $document = $accounts[0]['document'];
        $document['loads'][0]['value'] = (8 + count($times) / 10).' kN/m';
        $own = $handle($accounts[0], 'POST', '/api/design', ['document' => [...$document, 'basis' => $basis], 'show' => 'envelope']);
        curl_multi_add_handle($multi, $own);
        do {
            curl_multi_exec($multi, $active);
            curl_multi_select($multi, 0.002);
            $isDone = false;
            while ($done = curl_multi_info_read($multi)) {
                $isDone = $isDone || $done['handle'] === $own;
            }
        } while (! $isDone);
        $times[] = curl_getinfo($own, CURLINFO_TOTAL_TIME);
        curl_multi_remove_handle($multi, $own);
    }
    sort($times);

    return $times[intdiv(count($times), 2)];
};
$quiet = $alone([]);
$column = json_decode((string) file_get_contents(__DIR__.'/../database/demo/15-P4.waage.json'), true);
$shortlists = [];
foreach (range(10, 15) as $i) {
    $column['length'] = (7.4 + $i / 100).' m';
    $shortlists[] = $handle($accounts[$i], 'POST', '/api/shortlist', ['document' => [...$column, 'basis' => $basis]]);
}
$beside = $alone($shortlists);
printf("Design request beside six shortlists of others: %.0f ms, alone %.0f ms: %.2f of it (limit 2)\n", 1000 * $beside, 1000 * $quiet, $beside / $quiet);
array_map(fn (array $a) => unlink($a['jar']), $accounts);
