<?php

declare(strict_types=1);

namespace App\Services;

use Waage\Member\FieldError;
use Waage\Member\InvalidMember;

/** What is stored has a greatest size, far beyond what anyone types: a list of all jobs stays quick. */
final class StoredSize
{
    /**
     * @param  int  $bytes  of its JSON
     *
     * @throws InvalidMember
     */
    public static function assertBelow(mixed $value, int $bytes, string $path, string $says): void
    {
        if (strlen((string) json_encode($value, JSON_PARTIAL_OUTPUT_ON_ERROR)) > $bytes) {
            throw new InvalidMember([new FieldError($path, $says)]);
        }
    }
}
