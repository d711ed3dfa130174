<?php

declare(strict_types=1);

namespace App\Support;

use Normalizer;

/** An address as accounts keep it: small letters, each in one way of writing; then compared letter by letter. */
final class EmailAddress
{
    public static function normal(string $typed): string
    {
        $text = mb_strtolower(trim($typed));

        return Normalizer::normalize($text, Normalizer::FORM_C) ?: $text;
    }
}
