<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/documents.php';
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();

$base = (string) getenv('WAAGE_URL');
$jar = tempnam('/tmp', 'bench');
$curl = curl_init();

/** A request with the session of the demo. */
$send = function (string $method, string $path, mixed $body = null) use ($curl, $base, $jar): string {
    preg_match('/XSRF-TOKEN\s+(\S+)/', (string) @file_get_contents($jar), $m);
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar,
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.urldecode($m[1] ?? '')],
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body), CURLOPT_ENCODING => 'gzip',
    ]);
    $answer = (string) curl_exec($curl);
    curl_setopt($curl, CURLOPT_COOKIELIST, 'FLUSH');
    if (curl_getinfo($curl, CURLINFO_HTTP_CODE) >= 400) {
        throw new RuntimeException("{$method} {$path}: {$answer}");
    }

    return $answer;
};

echo "\nRequests over loopback, nginx and PHP-FPM:\n";
$send('GET', '/api/session');
$send('POST', '/api/session/demo', []);
$document = benchDocument(3, 12);
[$median, $p95] = timed(120, fn () => $send('POST', '/api/design', ['document' => $document]), 40);
row('Design request, 3 spans, 12 loads, 95th percentile', $p95, 0.05, sprintf('median %.1f ms', 1000 * $median));
$large = benchDocument(20, 100);
$times = timed(5, fn () => $send('POST', '/api/design', ['document' => $large]));
row('Design request, 20 spans, 100 loads', $times, 0.3);
$times = timed(7, fn () => $send('POST', '/api/shortlist', ['document' => $document]));
row('Shortlist request, 90 sections', $times, 0.5);

$jobs = json_decode($send('GET', '/api/jobs'), true);
usort($jobs, fn (array $a, array $b): int => $b['members'] <=> $a['members']);
$job = json_decode($send('GET', "/api/jobs/{$jobs[0]['id']}"), true);
$times = timed(5, fn () => $send('GET', "/api/members/{$job['members'][1]['id']}/sheet.pdf"), 1);
row('Full sheet as PDF', $times, 2.0);

$copy = json_decode($send('POST', "/api/jobs/{$job['id']}/copy"), true);
while (count($copy['members']) < 50) {
    $send('POST', "/api/members/{$copy['members'][count($copy['members']) % 4]['id']}/copy");
    $copy = json_decode($send('GET', "/api/jobs/{$copy['id']}"), true);
}
foreach ([['Pack of 50 full sheets', true], ['Pack of 50 brief sheets', false]] as [$what, $full]) {
    $start = hrtime(true);
    $pack = json_decode($send('POST', "/api/jobs/{$copy['id']}/packs", ['full' => $full]), true);
    while (! in_array($pack['state'], ['ready', 'failed'], true)) {
        usleep(100_000);
        $pack = json_decode($send('GET', "/api/packs/{$pack['id']}"), true);
    }
    row($what.($pack['state'] === 'ready' ? '' : ': '.$pack['message']), (hrtime(true) - $start) / 1e9, 30.0);
    @unlink(storage_path("app/packs/{$pack['id']}.pdf"));
}
DB::table('packs')->delete();
unlink($jar);
