<?php

declare(strict_types=1);

namespace Waage\Member;

/** What is wrong with one field of a document: its path ("loads.2.from") and a sentence for the engineer. */
final readonly class FieldError
{
    public function __construct(public string $path, public string $message)
    {
    }
}
