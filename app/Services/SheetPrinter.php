<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Sheets as PDF: the page the browser shows, printed by Chromium from one file that may read no other, without a
 * network or a running server.
 */
final class SheetPrinter
{
    private const SECONDS = 120;

    /** With tags and bookmarks, for a sheet by itself. */
    private const READABLE = ['--generate-pdf-document-outline'];

    /** Without, for the parts of a pack, which are bound anew and are made in less than half the time. */
    private const PLAIN = ['--disable-pdf-tagging'];

    /**
     * @param  array<string, mixed>  $content  what resources/js/print.ts sets: sheets, or the index of a pack
     * @param  string  $paper  "A4" or "Letter"
     *
     * @throws RuntimeException when Chromium is missing or fails
     */
    public function print(array $content, string $paper, string $to): void
    {
        $this->start($content, $paper, $to, self::READABLE)->finish();
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  list<string>  $flags
     */
    public function start(array $content, string $paper, string $to, array $flags = self::PLAIN): PrintRun
    {
        $account = $this->account();
        $directory = ($account === null ? storage_path('app') : sys_get_temp_dir()).'/print-'.bin2hex(random_bytes(8));
        File::makeDirectory($directory, 0700, true);
        File::put(
            "{$directory}/sheet.html",
            view('print', ['content' => $content, 'paper' => $paper, ...$this->assets()])->render(),
        );
        if ($account !== null) {
            array_map(fn (string $path): bool => chown($path, $account), [$directory, "{$directory}/sheet.html"]);
        }
        $process = new Process([
            ...$account === null ? [] : ['setpriv', "--reuid={$account}", '--clear-groups', '--'],
            $this->chromium(),
            '--headless',
            ...$this->sandboxes() ? [] : ['--no-sandbox'],
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-extensions',
            '--disable-dev-shm-usage',
            '--no-pdf-header-footer',
            ...$flags,
            "--user-data-dir={$directory}/profile",
            "--print-to-pdf={$directory}/out.pdf",
            "file://{$directory}/sheet.html",
        ], env: ['HOME' => $directory]);
        $process->setTimeout(self::SECONDS);
        $process->start();

        return new PrintRun($process, $directory, $to);
    }

    /** Who Chromium runs as where root prints, on the command line; null: whoever prints. */
    private function account(): ?string
    {
        if (posix_getuid() !== 0) {
            return null;
        }

        return posix_getpwnam('waage') === false ? 'nobody' : 'waage';
    }

    /** Chromium locks its parts in with name spaces of a user; a kernel may forbid them. */
    private function sandboxes(): bool
    {
        static $may = null;

        return $may ??= (new Process(['unshare', '--user', 'true']))->run() === 0;
    }

    private function chromium(): string
    {
        foreach (['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'] as $path) {
            if (is_executable($path)) {
                return $path;
            }
        }
        throw new RuntimeException(
            'Chromium is missing; install Debian\'s package "chromium-headless-shell" to print sheets.',
        );
    }

    /** @return array{script: string, styles: string} of the page, with all that they need inside */
    private function assets(): array
    {
        $read = function (string $name): string {
            $file = public_path("build/print/{$name}");

            return is_file($file)
                ? File::get($file)
                : throw new RuntimeException('The front end is not built; run bin/start once.');
        };

        return ['script' => str_replace('</script', '<\\/script', $read('print.js')), 'styles' => $read('print.css')];
    }
}
