<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Sheets as PDF: the page the browser shows, printed by Chromium from a file, without a network or a running server.
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
        $directory = storage_path('app/print-'.bin2hex(random_bytes(8)));
        File::ensureDirectoryExists($directory);
        File::put(
            "{$directory}/sheet.html",
            view('print', ['content' => $content, 'paper' => $paper, 'assets' => $this->assets()])->render(),
        );
        $process = new Process([
            $this->chromium(),
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-extensions',
            '--disable-dev-shm-usage',
            '--allow-file-access-from-files',
            '--no-pdf-header-footer',
            ...$flags,
            "--user-data-dir={$directory}/profile",
            "--print-to-pdf={$directory}/out.pdf",
            "file://{$directory}/sheet.html",
        ]);
        $process->setTimeout(self::SECONDS);
        $process->start();

        return new PrintRun($process, $directory, $to);
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

    /** @return array{script: string, styles: string} address of the built script; the styles with their fonts inside */
    private function assets(): array
    {
        $manifest = public_path('build/manifest.json');
        if (! is_file($manifest)) {
            throw new RuntimeException('The front end is not built; run bin/start once.');
        }
        /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $entries */
        $entries = File::json($manifest);
        $styles = [];
        $collect = function (string $entry) use (&$collect, &$styles, $entries): void {
            foreach ($entries[$entry]['css'] ?? [] as $css) {
                $styles[$css] ??= $this->withFonts(public_path("build/{$css}"));
            }
            foreach ($entries[$entry]['imports'] ?? [] as $import) {
                $collect($import);
            }
        };
        $collect('resources/js/print.ts');

        return [
            'script' => 'file://'.public_path('build/'.$entries['resources/js/print.ts']['file']),
            'styles' => implode("\n", $styles),
        ];
    }

    /** A style whose fonts are there at once: fonts that come later have every sheet laid out and measured again. */
    private function withFonts(string $css): string
    {
        return (string) preg_replace_callback(
            '~url\((\S+?\.woff2)\)~',
            fn (array $m): string => 'url(data:font/woff2;base64,'.
                base64_encode(File::get(dirname($css).'/'.$m[1])).
                ')',
            File::get($css),
        );
    }
}
