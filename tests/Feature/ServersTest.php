<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/** What a line of shell answers that knows the functions of bin/lib/servers.sh. */
function shell(string $line): string
{
    $process = new Process(['bash', '-uc', '. bin/lib/servers.sh; '.$line], base_path());

    return trim($process->mustRun()->getOutput());
}

it('knows a server by its name and folder, and ends no other process', function (): void {
    $folders = array_map(fn (int $i): string => sys_get_temp_dir().'/servers-'.getmypid()."-{$i}", [1, 2]);
    array_map(mkdir(...), $folders);
    $sleeps = array_map(fn (string $folder): Process => new Process(['sleep', '60'], $folder), $folders);
    array_map(fn (Process $sleep) => $sleep->start(), $sleeps);
    [$mine, $other] = $sleeps;
    // Until the shell that starts it has become it.
    for ($i = 0; $i < 50 && shell("left_in {$folders[0]} sleep") === ''; $i++) {
        usleep(50_000);
    }
    expect(shell("left_in {$folders[0]} mariadbd sleep"))
        ->toBe((string) $mine->getPid())
        ->and(shell("left_in {$folders[0]} mariadbd"))
        ->toBe('');
    // A number in a file says nothing: it may be another process by now.
    file_put_contents("{$folders[0]}/mysqld.pid", (string) $other->getPid());
    shell("end_left {$folders[0]} sleep mariadbd");
    expect($mine->isRunning())
        ->toBeFalse()
        ->and($other->isRunning())
        ->toBeTrue();
    $other->stop(0);
    unlink("{$folders[0]}/mysqld.pid");
    array_map(rmdir(...), $folders);
});

it('runs nothing as root, and restarts what ends', function (): void {
    $supervised = (string) file_get_contents(base_path('etc/supervisord.conf'));
    expect(preg_match_all('/^\[program:/m', $supervised))
        ->toBe(6)
        ->and(preg_match_all('/^autorestart = true$/m', $supervised))
        ->toBe(6)
        ->and(file_get_contents(base_path('etc/php-fpm.conf')).file_get_contents(base_path('etc/nginx.conf')))
        ->not->toContain('user root')
        ->toContain('listen.mode = 0660')
        ->and((string) file_get_contents(base_path('app/Services/SheetPrinter.php')))
        ->not->toContain('--allow-file-access-from-files');
});

it('takes no half of a backup for a whole one', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'half');
    file_put_contents("{$file}.gz", gzencode("create table a (b int);\ninsert into"));
    $restore = new Process(['bin/restore', "{$file}.gz"], base_path(), ['WAAGE_RUN' => sys_get_temp_dir().'/nowhere']);
    expect($restore->run())
        ->toBe(1)
        ->and($restore->getErrorOutput())
        ->toContain('is no whole backup');
    array_map(unlink(...), [$file, "{$file}.gz"]);
});
