<?php

declare(strict_types=1);

namespace Waage\Sheets;

/** What the title block of a sheet says about the job. */
final readonly class JobInfo
{
    public function __construct(
        public string $job = '',
        public string $number = '',
        public string $client = '',
        public string $engineer = '',
        public string $checker = '',
        public string $office = '',
        public string $date = '',
        public string $revision = '',
    ) {
    }

    /** @return array<string, string> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }
}
