<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Support\Facades\File;
use RuntimeException;
use Symfony\Component\Process\Process;

/** One sheet on its way to a PDF: a running Chromium and its directory. */
final readonly class PrintRun
{
    public function __construct(private Process $process, private string $directory, private string $to)
    {
    }

    public function isRunning(): bool
    {
        $this->process->checkTimeout();

        return $this->process->isRunning();
    }

    /**
     * Waits for the end and puts the PDF in its place.
     *
     * @throws RuntimeException when there is none
     */
    public function finish(): void
    {
        try {
            $this->process->wait();
            if (! is_file("{$this->directory}/out.pdf")) {
                throw new RuntimeException(
                    'The sheet could not be printed: '.trim(substr($this->process->getErrorOutput(), -300)),
                );
            }
            File::ensureDirectoryExists(dirname($this->to));
            File::move("{$this->directory}/out.pdf", $this->to);
        } finally {
            $this->stop();
        }
    }

    public function stop(): void
    {
        $this->process->stop(0);
        File::deleteDirectory($this->directory);
    }
}
